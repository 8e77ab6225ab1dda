import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { unevenness } from '@orvin/core/along/baking';
import type { DivideStep } from '@orvin/core/along/walk';
import { scaleGrams, stepInWords } from '@orvin/core/words/along-words';
import { cutInto, cutOf, type CutResult } from '@orvin/core/batch/plan';
import { cutsInWords, slabInWords } from '@orvin/core/words/batch-words';
import { CutPicture } from '../parts/cut-picture';
import { Width } from '../parts/width';
import { Footing } from './footing';
import { InstrumentLineView } from './instrument-line-view';
import { ThisBaking } from './this-baking';

/** More pieces than this are not weighed one by one. */
const MOST_WEIGHED = 24;
/** From here a tin is done noticeably before the other. */
const UNEVEN = 0.05;

/** A tin three quarters full when it has its share. */
function levelOf(share: number): string {
  const y = 54 - 46 * 0.75 * share;
  const half = 18 + (8 * (54 - y)) / 46;
  return `M12 54L${30 - half} ${y}H${30 + half}L48 54z`;
}
/** What stands free grows in all directions. */
function moundOf(share: number): string {
  const across = 24 * Math.cbrt(share);
  return `M${30 - across} 54A${across} ${1.2 * across} 0 0 1 ${30 + across} 54z`;
}
const said = (cut: CutResult | undefined, say: (cut: CutResult) => string): string => (cut ? say(cut) : '');

/** The batter into its pans, on the scale: how much each has, and how even they are; or the dough, patted and cut. */
@Component({
  selector: 'orv-divide-step',
  imports: [CutPicture, InstrumentLineView],
  hostDirectives: [Width],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p class="lead">{{ words().lead }}</p>
    @if (cut(); as cut) {
      <h2>{{ slab() }}</h2>
      <p class="tell" i18n>{{ cut.by.thicknessCm }} cm thick, {{ each() }} each. {{ cutWords() }}</p>
      <orv-cut-picture
        [cut]="cut.plan"
        [by]="cut.by"
        [room]="room()"
        [tallest]="300"
        [largest]="28"
        [words]="cutWords()"
      />
    } @else {
      <h2>{{ words().title }}</h2>
      <p class="tell">{{ words().tell }}</p>
      <div class="pieces" [class.few]="pieces().length < 4" role="list" i18n-aria-label aria-label="The pans">
        @for (piece of pieces(); track piece.number) {
          <div role="listitem" class="piece" [class.here]="piece.here">
            <svg viewBox="0 0 60 60" aria-hidden="true">
              <path class="batter" [attr.d]="piece.level" />
              <path class="wall" [attr.d]="step().isFree ? 'M2 54h56' : 'M4 8l8 46h36l8-46'" />
            </svg>
            <b>{{ piece.words }}</b>
          </div>
        }
      </div>
      <p class="even" role="status">{{ even() }}</p>
      <orv-instrument-line />
    }
  `,
  styleUrls: ['./counter.css', './divide-step.css'],
})
export class DivideStepView {
  readonly step = input.required<DivideStep>();
  private readonly baking = inject(ThisBaking);
  private readonly footing = inject(Footing);
  private readonly at = signal(0);

  private readonly width = inject(Width).pixels;
  protected readonly room = computed(() => this.width() - 64);
  /** A dough is patted and cut, not poured: by what there is of it. */
  protected readonly cut = computed(() => {
    const pan = this.baking.baking()?.snapshot.portions[this.step().portion]?.job.pans.pan;
    const by = pan && cutInto(pan);
    return by && { by, plan: cutOf(this.real().grams, by) };
  });
  protected readonly slab = computed(() => said(this.cut()?.plan, slabInWords));
  protected readonly cutWords = computed(() => said(this.cut()?.plan, cutsInWords));
  protected readonly each = computed(() => said(this.cut()?.plan, ({ gramsEach }) => scaleGrams(gramsEach)));
  private readonly told = computed(() => this.baking.state().divided.get(this.step().id) ?? new Map<number, number>());
  private readonly count = computed(() => Math.min(MOST_WEIGHED, this.step().pieces));
  /** What there really is of batter is divided. */
  private readonly real = computed(() => {
    const step = this.step();
    const factor = this.baking.batter();
    return { ...step, grams: step.grams * factor, gramsEach: step.gramsEach * factor };
  });
  protected readonly words = computed(() =>
    stepInWords(this.real(), undefined, this.baking.pansOf(this.step().portion)),
  );
  protected readonly pieces = computed(() => {
    const { gramsEach } = this.real();
    const live = this.baking.onScale();
    return Array.from({ length: this.count() }, (_, i) => {
      const here = i === this.at();
      const grams = this.told().get(i) ?? (here ? live : undefined) ?? 0;
      const share = Math.min(1, Math.max(0, grams / gramsEach));
      return {
        number: i + 1,
        here,
        words: grams > 0 ? scaleGrams(grams) : here ? scaleGrams(gramsEach) : '',
        level: this.step().isFree ? moundOf(share) : levelOf(share),
      };
    });
  });
  protected readonly even = computed(() => {
    const grams = [...this.told().values()];
    if (grams.length < 2) return '';
    const share = unevenness(grams);
    return share > UNEVEN
      ? $localize`▲ ${Math.round(100 * share)} % apart: the smaller one is done sooner. Spoon some over.`
      : $localize`Even within ${Math.max(1, Math.round(100 * share))} %.`;
  });

  constructor() {
    effect(() => {
      this.step();
      this.at.set(0);
    });
    effect(() => {
      if (this.cut()) {
        this.footing.set($localize`Cut, next`, () => this.baking.forward('cut'));
        return;
      }
      const last = this.at() >= this.count() - 1;
      const weighs = this.baking.onScale() !== undefined;
      const done = this.step().isFree ? $localize`Done, next` : $localize`Filled, next`;
      this.footing.set(!weighs || last ? done : $localize`Next one`, () => this.next());
    });
  }
  private next(): void {
    const { id, gramsEach } = this.real();
    const live = this.baking.onScale();
    if (live === undefined) {
      this.baking.forward('filled');
      return;
    }
    const piece = this.at();
    const told = { kind: 'divided', step: id, piece, grams: Number((live > 0 ? live : gramsEach).toFixed(1)), by: this.baking.instruments.by() } as const; // prettier-ignore
    if (piece >= this.count() - 1) this.baking.forward('filled', told);
    else {
      this.baking.tell($localize`pan ${piece + 1} filled`, told);
      this.at.set(piece + 1);
      this.baking.tare();
    }
  }
}
