import { ChangeDetectionStrategy, Component, ElementRef, computed, inject, input, output, signal } from '@angular/core';
import type { PlannedTask } from '@orvin/core/day/works';
import { taskKindName } from '@orvin/core/words/day-words';
import { Width } from '../parts/width';
import {
  coldLabels,
  coldThings,
  coolings,
  fitting,
  handBlocks,
  hoursOf,
  ovenBlocks,
  ovenHeat,
  READY,
  shortVerb,
  titlesFor,
  waits,
  type HandBlock,
} from './day-view';
import { ThisDay } from './this-day';

const LABELS = 104;
const LEAST_WIDTH = 700;
/** Letters of the picture's text, about so wide. */
const LETTER = 7.1;
const AXIS = 28;
const FRIDGE = 46;
const OVEN = 150;
/** Where a word stands that has no room on the curve, px. */
const UNDER_THE_CURVE = 34;
/** A label in the fridge’s lane stands so far from its arrow, and from the next, px. */
const BESIDE_ARROW = 16;
const COUNTER = 72;
const PAIR = 60;
const TAIL = 16;
const UPRIGHT_LETTERS = 8;
const STEP_MINUTES = 5;
const HOTTEST = 250;

/** The day as one picture: the oven's day as the spine, cold above, what cools below, hands beneath. */
@Component({
  selector: 'orv-day-picture',
  hostDirectives: [{ directive: Width, inputs: [], outputs: [] }],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './day-picture.html',
  styleUrl: './day-picture.css',
})
export class DayPicture {
  protected readonly texts = {
    heldHere: $localize`, held here`,
    done: $localize`, done`,
  };
  protected readonly day = inject(ThisDay);
  private readonly width = inject(Width).pixels;
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  /** The task that is looked at. */
  readonly chosen = input<string | undefined>();
  readonly choose = output<HandBlock>();

  protected readonly across = computed(() => Math.max(LEAST_WIDTH, this.width()));
  protected readonly hours = computed(() => hoursOf(this.day.tasks(), this.day.due()));
  private readonly scale = computed(
    () => (this.across() - LABELS - 26) / Math.max(1, this.hours().to - this.hours().from),
  );
  protected readonly x = (minute: number): number => LABELS + (minute - this.hours().from) * this.scale();
  protected readonly ticks = computed(() => {
    const { from, to } = this.hours();
    const step = this.scale() * 30 < 46 ? 60 : 30;
    const list: { readonly minute: number; readonly words: string; readonly whole: boolean }[] = [];
    for (let minute = step * Math.ceil(from / step); minute <= to; minute += step)
      list.push({ minute, words: this.day.clock(minute), whole: minute % 60 === 0 });
    return list;
  });
  protected readonly titles = computed(() => (this.day.sheet()?.wishes ?? []).map(({ title }) => title));
  protected readonly titleOf = (batch: number): string => this.day.works()[batch]?.title ?? this.titles()[batch] ?? '';

  protected readonly top = { fridge: AXIS, oven: AXIS + FRIDGE + 8, ovenHeight: OVEN, fridgeHeight: FRIDGE };
  protected readonly ovens = computed(() => this.day.sheet()?.ovens ?? []);
  protected readonly ovenTop = (oven: number): number => this.top.oven + oven * (OVEN + 10);
  protected readonly counterTop = computed(() => this.ovenTop(this.ovens().length));
  protected readonly pairs = computed(() => this.day.sheet()?.pairs ?? []);
  protected readonly pairTop = (pair: number): number => this.counterTop() + COUNTER + 10 + pair * (PAIR + TAIL + 8);
  protected readonly height = computed(() => this.pairTop(this.pairs().length) + 6);

  protected readonly cold = computed(() => {
    const things = coldThings(this.day.tasks(), this.day.works()).filter(({ from }) => from >= this.hours().from);
    const minutesOf = (words: string) => (words.length * LETTER + BESIDE_ARROW) / this.scale();
    return coldLabels(things, minutesOf, this.day.clock).map((thing) => {
      const title = this.titleOf(thing.batch);
      const room = Math.floor((this.x(thing.to) - this.x(thing.from) - 6) / LETTER);
      return {
        ...thing,
        words:
          thing.kind === 'stands'
            ? fitting([$localize`${titlesFor(title).at(-1) ?? ''} chills`, $localize`chills`], room)
            : thing.words,
        whole:
          thing.kind === 'stands'
            ? $localize`${title} stands cold`
            : `${thing.what} ${thing.kind} ${this.day.clock(thing.from)}: ${title}`,
      };
    });
  });

  protected readonly spines = computed(() =>
    this.ovens().map((oven, k) => {
      const tasks = this.day.tasks();
      const { curve, marks } = ovenHeat(tasks, k, this.hours(), (celsius) => this.day.dial.heat(celsius));
      const top = this.ovenTop(k);
      const y = (celsius: number) => top + OVEN - (celsius / HOTTEST) * (OVEN - 14);
      const line = curve
        .map(({ minute, celsius }) => `${this.x(minute).toFixed(1)} ${y(celsius).toFixed(1)}`)
        .join('L');
      let labelEnd = -Infinity;
      let labelAt = 0;
      return {
        name: oven.name,
        top,
        used: tasks.some((task) => task.kind === 'bake' && task.oven === k),
        line: `M${line}`,
        area: `M${this.x(this.hours().from)} ${top + OVEN}L${line}L${this.x(this.hours().to)} ${top + OVEN}Z`,
        marks: marks
          .map((mark) => ({
            ...mark,
            x: this.x(mark.minute),
            y: y(curve[mark.minute - this.hours().from]?.celsius ?? 0) - 8,
          }))
          .sort((a, b) => a.x - b.x)
          .map((mark, nth) => {
            const words = mark.isSet ? mark.words : `${mark.words} ${this.day.clock(mark.minute)}`;
            // off is always said: where the last heat stands in its way, under the curve
            const below = mark.words === 'off' && !(mark.x > labelEnd || Math.abs(mark.y - labelAt) > 15);
            const at = below ? mark.y + UNDER_THE_CURVE : mark.y;
            const x = below ? mark.x - words.length * LETTER - 4 : mark.x;
            const shown = mark.x > labelEnd || Math.abs(at - labelAt) > 15;
            if (shown) {
              labelEnd = x + words.length * LETTER + 4;
              labelAt = at;
            }
            return { ...mark, x, y: at, words: shown ? words : '', key: nth };
          }),
        blocks: ovenBlocks(tasks, k).map((block) => {
          const [x, right] = [this.x(block.from), this.x(block.to)];
          const room = 66 / block.rows;
          const bottom = top + OVEN - block.row * room;
          const letters = Math.floor((right - x - 8) / LETTER);
          const rise = Math.min(14, room * 0.3);
          const height = room - 2;
          return {
            ...block,
            path: `M${x} ${bottom}V${bottom - height + rise}C${x + (right - x) * 0.4} ${bottom - height + rise} ${x + (right - x) * 0.5} ${bottom - height} ${right} ${bottom - height + rise * 0.35}V${bottom}Z`,
            x,
            y: bottom - Math.max(6, (room - 26) / 2),
            title: fitting(titlesFor(this.titleOf(block.batch)), letters),
            out: block.rows === 1 && letters >= 9 ? $localize`out ${this.day.clock(block.to)}` : '',
            whole: $localize`${this.titleOf(block.batch)}:title:: in at ${this.day.clock(block.from)}, out at ${this.day.clock(block.to)}, ${this.day.dial.heat(block.celsius)}`,
            chain: this.day.chain().has(block.id),
          };
        }),
      };
    }),
  );

  protected readonly cooling = computed(() => {
    const top = this.counterTop();
    const list = coolings(this.day.tasks());
    const ends: number[] = [];
    return list.map((one) => {
      const free = ends.findIndex((end) => end <= this.x(one.from));
      const row = free < 0 ? ends.length : free;
      const title = fitting(titlesFor(this.titleOf(one.batch)), 18);
      ends[row] = Math.max(this.x(one.to), this.x(one.from) + title.length * LETTER + 10);
      const y = top + row * (COUNTER / 4);
      const [x, right] = [this.x(one.from), this.x(one.to)];
      const height = COUNTER / 4 - 2;
      return {
        ...one,
        row,
        path: `M${x} ${y}V${y + height}C${x + (right - x) * 0.25} ${y + height * 0.35} ${x + (right - x) * 0.6} ${y + 3} ${right} ${y + 2}V${y}Z`,
        x,
        y: y + 13,
        title,
        slack: one.until - one.to,
        right,
        next: this.x(one.until),
        whole: $localize`${this.titleOf(one.batch)} cools until ${this.day.clock(one.to)}`,
      };
    });
  });

  protected readonly away = computed(() =>
    this.pairs().flatMap(({ away }, pair) =>
      away.flatMap(({ from, to }) => {
        const sheet = this.day.sheet();
        const [start, end] = [
          this.day.minuteOf(`${sheet?.date ?? ''}T${from}`),
          this.day.minuteOf(`${sheet?.date ?? ''}T${to}`),
        ];
        const x = Math.max(LABELS, this.x(start));
        return this.x(end) > LABELS
          ? [{ x, width: this.x(end) - x, top: this.pairTop(pair), key: `${pair}${from}` }]
          : [];
      }),
    ),
  );
  protected readonly tails = computed(() =>
    waits(this.day.tasks(), this.day.works()).map((wait) => ({
      x: this.x(wait.from),
      width: Math.max(2, this.x(wait.to) - this.x(wait.from)),
      y: this.pairTop(wait.pair) + PAIR + 3,
      loaded: this.x(wait.loaded),
      key: wait.batch,
      whole: $localize`${this.titleOf(wait.batch)}:title:: the batter may wait until ${this.day.clock(wait.to)}, goes in at ${this.day.clock(wait.loaded)}`,
    })),
  );
  private readonly placed = computed(() =>
    handBlocks(this.day.tasks(), this.day.chain(), this.day.sheet()?.locks ?? {}, this.day.sheet()?.done ?? {})
      .filter(({ from }) => from >= 0)
      .map((block) => {
        // where it is held it stands at once, before the rest of the plan is found
        const from = this.day.sheet()?.locks[block.ids[0] ?? ''] ?? block.from;
        const x = this.x(from);
        const width = Math.max(4, this.x(block.to) - this.x(block.from) - 1.5);
        const letters = Math.floor((width - 6) / LETTER);
        const verb = block.kinds.length > 1 ? $localize`make ready` : taskKindName(block.kinds[0] ?? 'mix');
        const short = block.kinds.length > 1 ? READY : shortVerb(block.kinds[0] ?? 'mix');
        const across = fitting([verb, short], letters);
        const thing = fitting(titlesFor(this.titleOf(block.batch)), letters);
        const upright = across === '' && thing === '' && width >= 11;
        const whole = block.ids.map((id) => this.taskWords(id)).join('; ');
        return {
          ...block,
          x,
          width,
          y: this.pairTop(block.pair),
          verb: across,
          thing,
          // too narrow for words across: they stand
          standing: upright ? fitting([verb, short], UPRIGHT_LETTERS) : '',
          whole: `${this.day.clock(block.from)}–${this.day.clock(block.to)}, ${whole}`,
          chosen: block.ids.includes(this.chosen() ?? ''),
        };
      }),
  );
  /** What is dragged follows the hand; nothing else is worked out anew. */
  protected readonly blocks = computed(() => {
    const dragged = this.dragged();
    const blocks = this.placed();
    return dragged
      ? blocks.map((block) =>
          block.ids[0] === dragged.id ? { ...block, x: block.x + dragged.minutes * this.scale() } : block,
        )
      : blocks;
  });
  private taskWords(id: string): string {
    const task = this.day.tasks().find((one: PlannedTask) => one.id === id);
    return task ? this.day.taskWords(task, this.titleOf(task.batch)) : '';
  }
  protected readonly dueX = computed(() => this.x(this.day.due()));
  protected readonly nowX = computed(() => {
    const now = this.day.minuteNow();
    const { from, to } = this.hours();
    return now === undefined || now < from || now > to ? undefined : this.x(now);
  });
  protected readonly nowWords = computed(() => this.day.clock(this.day.minuteNow() ?? 0));
  protected readonly pairHeight = PAIR;
  protected readonly counterHeight = COUNTER;

  // -- moving a task: by dragging it, or with the arrows
  private readonly dragged = signal<{ readonly id: string; readonly minutes: number } | undefined>(undefined);
  private grip: { readonly x: number; readonly block: HandBlock } | undefined;

  protected press(event: PointerEvent, block: HandBlock): void {
    if (event.button !== 0 || block.done) return;
    this.grip = { x: event.clientX, block };
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
  }
  protected drag(event: PointerEvent): void {
    if (!this.grip) return;
    const pixels = event.clientX - this.grip.x;
    const [id = ''] = this.grip.block.ids;
    if (Math.abs(pixels) > 4 || this.dragged()) this.dragged.set({ id, minutes: Math.round(pixels / this.scale()) });
  }
  protected drop(): void {
    const moved = this.dragged();
    const block = this.grip?.block;
    this.grip = undefined;
    this.dragged.set(undefined);
    if (!block) return;
    if (!moved || moved.minutes === 0) {
      this.choose.emit(block);
      return;
    }
    this.move(block, moved.minutes);
  }
  protected walk(event: Event, block: HandBlock, by: 1 | -1): void {
    event.preventDefault();
    this.move(block, by * STEP_MINUTES);
  }
  private move(block: HandBlock, minutes: number): void {
    const id = block.ids.find((each) => !MAY_BE_CUT.test(each));
    if (id === undefined) {
      this.choose.emit(block);
      return;
    }
    const from = this.day.sheet()?.locks[id] ?? block.from;
    this.day.hold(id, this.taskWords(id), from + minutes);
    this.choose.emit(block);
  }
  /** Puts the focus on a block. */
  focusOn(id: string): void {
    this.host.querySelector<SVGElement>(`[data-task="${CSS.escape(id)}"]`)?.focus();
  }
}
/** Work that is cut into pieces has no start of its own to hold. */
const MAY_BE_CUT = /:(?:weigh|line|prepare|make-frosting)/;
