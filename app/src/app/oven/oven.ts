import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { AutoComplete, type AutoCompleteCompleteEvent } from 'primeng/autocomplete';
import { Button } from 'primeng/button';
import { InputText } from 'primeng/inputtext';
import { Select } from 'primeng/select';
import { SelectButton } from 'primeng/selectbutton';
import { Slider } from 'primeng/slider';
import { scan } from 'rxjs';
import { PAN_MATERIALS, SHELF_PANS, type PanMaterial } from '@orvin/core/pans';
import { durationIn } from '@orvin/core/parsing';
import {
  adviceInWords,
  gramsInWords,
  minutesInWords,
  originInWords,
  otherScales,
  setPointReasonInWords,
  windowInWords,
} from '@orvin/core/wording';
import { Keeping } from '../parts/keeping';
import { NextAct } from '../parts/next-act';
import { StationLayout } from '../parts/station-layout';
import { FormulaStore } from '../store/formula-store';
import { BakeForesight, type Foresight } from '../work/foresight';
import { OnBench } from '../work/on-bench';
import { BakeStrip } from './bake-strip';
import { OvenSettings } from './oven-sheet';
import { PanSection } from './pan-section';

const MATERIAL_NAMES: Readonly<Record<PanMaterial, string>> = {
  light: 'light metal',
  dark: 'dark metal',
  glass: 'glass',
  ceramic: 'ceramic',
  silicone: 'silicone',
  'cast-iron': 'cast iron',
};
const HEATS = [
  { id: false, name: 'no fan' },
  { id: true, name: 'fan' },
];
const MOST_PANS = 24;
const NOT_BAKED_YET = 'This shape cannot be simulated yet. Round, square, rectangular, loaf and muffin pans can.';

type Ready = Extract<Foresight, { state: 'ready' }>;

@Component({
  selector: 'orv-oven',
  imports: [
    AutoComplete,
    BakeStrip,
    Button,
    FormsModule,
    InputText,
    PanSection,
    RouterLink,
    Select,
    SelectButton,
    Slider,
    StationLayout,
  ],
  providers: [OvenSettings],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './oven.html',
  styleUrl: './oven.css',
})
export class Oven {
  /** From the route. */
  readonly id = input.required<string>();

  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly foresight = inject(BakeForesight);
  protected readonly settings = inject(OvenSettings);

  protected readonly record = computed(() => this.store.formula(this.id()));
  protected readonly suggestions = signal<string[]>([]);
  protected readonly materials = PAN_MATERIALS.map((id) => ({ id, name: MATERIAL_NAMES[id] }));
  protected readonly heats = HEATS;

  /** The state of the simulation, and the last result: it stays, dimmed, while the next one is worked out. */
  private readonly foreseen = toSignal(
    this.foresight.foresee(toObservable(this.settings.job)).pipe(
      scan<Foresight, { now: Foresight; last: Ready | undefined }>(
        (before, now) => ({
          now,
          last: now.state === 'ready' ? now : now.state === 'nothing-to-bake' ? undefined : before.last,
        }),
        {
          now: { state: 'nothing-to-bake' },
          last: undefined,
        },
      ),
    ),
    { initialValue: { now: { state: 'nothing-to-bake' }, last: undefined } },
  );
  protected readonly state = computed(() => this.foreseen().now.state);
  protected readonly failure = computed(() => {
    const { now } = this.foreseen();
    return now.state === 'failed' ? now.message : undefined;
  });
  protected readonly ready = computed(() => this.foreseen().last);
  protected readonly bake = computed(() => {
    const result = this.ready()?.result;
    return result?.kind === 'foreseen' ? result.bake : undefined;
  });
  protected readonly neverDone = computed(() => {
    const result = this.ready()?.result;
    return result?.kind === 'never-done' ? result : undefined;
  });

  /** The minute looked at; done time at first, and again whenever the bake changes. */
  protected readonly minute = linkedSignal(() => Math.round(this.bake()?.minutes.likely ?? 0));
  protected readonly minuteInWords = computed(() => minutesInWords(this.minute()));
  protected readonly lastMinute = computed(() => Math.ceil(this.bake()?.minutes.high ?? 1));

  protected readonly count = computed(() => this.settings.pans()?.count ?? 1);
  protected readonly material = computed(() => this.settings.pans()?.pan.material ?? 'light');
  protected readonly fan = computed(() => this.settings.sheet().fan ?? this.settings.known().fan);
  protected readonly proposedCelsius = computed(() => {
    const job = this.settings.job();
    return job ? String(Math.round(job.setting.celsius)) : '';
  });
  protected readonly batterGrams = computed(() => this.onBench.audit()?.totals.grams ?? 0);
  protected readonly batterWords = computed(() => gramsInWords(this.batterGrams()).replace(/ g$/, ''));
  protected readonly panProblem = computed(() => {
    const parsed = this.settings.parsed();
    if (parsed === undefined)
      return 'Which pan? Write it as you say it: “9x5 in loaf”, “23 cm springform”, “12-cup muffin tin”.';
    if (this.settings.pans()) return undefined;
    if (parsed.kind === 'pan') return NOT_BAKED_YET;
    if (parsed.kind === 'size-missing')
      return `How large is the ${parsed.shape} pan? Measure it inside: “20 cm ${parsed.shape}”.`;
    return {
      'shape-not-built': NOT_BAKED_YET,
      'size-unlikely': 'No kitchen pan has that size. Check the figures and their unit.',
      'no-pan': 'That is no pan Orvin knows. Write a shape and a size: “23 cm round”, “30x20x4 cm”.',
    }[parsed.because];
  });
  protected readonly knownMinutes = computed(() => {
    const { lowMinutes, highMinutes } = this.settings.known();
    if (lowMinutes === undefined) return '';
    return highMinutes === undefined || highMinutes === lowMinutes
      ? String(lowMinutes)
      : `${lowMinutes}–${highMinutes}`;
  });
  protected readonly knownCelsius = computed(() => {
    const { celsius } = this.settings.known();
    return celsius === undefined ? '' : String(Math.round(celsius));
  });

  protected readonly headline = computed(() => {
    const bake = this.bake();
    if (!bake) return undefined;
    const { low, likely, high, first } = bake.minutes;
    return {
      window: windowInWords(low, high),
      first: minutesInWords(first),
      likely: minutesInWords(likely),
      celsius: Math.round(bake.celsius),
      scales: otherScales(bake.celsius),
      reasons: bake.setPointReasons.map(setPointReasonInWords).join(', '),
      origin: originInWords(bake),
    };
  });
  protected readonly filled = computed(() => {
    const bake = this.bake();
    const pans = this.ready()?.job.pans;
    if (!bake || !pans) return undefined;
    const { fill } = bake;
    const each =
      pans.pan.cavities > 1
        ? `${gramsInWords(fill.gramsPerCavity)} in each cup`
        : pans.count > 1
          ? `${gramsInWords(fill.gramsPerPan)} in each pan`
          : `${gramsInWords(fill.gramsPerPan)} in the pan`;
    return {
      each,
      share: `${Math.round(fill.fraction * 100)} % full`,
      rises: `rises to about ${fill.risenTopCm.toFixed(1)} cm, the rim is at ${pans.pan.depthCm.toFixed(1)}`,
    };
  });
  protected readonly advice = computed(() =>
    (this.bake()?.advice ?? []).map((advice) => ({
      code: advice.code,
      sentence: adviceInWords(advice),
      warns: ['runs-over', 'sheet-beneath', 'known-bake-refused', 'low-in-the-pan'].includes(advice.code),
    })),
  );

  constructor() {
    effect(() => this.onBench.bring(this.id()));
    this.foresight.warmUp();
    const next = inject(NextAct);
    const keeping = inject(Keeping);
    effect((onCleanup) => {
      next.offer.set(keeping.offer());
      onCleanup(() => next.offer.set(undefined));
    });
  }

  protected suggest({ query }: AutoCompleteCompleteEvent): void {
    const words = query.toLowerCase().split(/\s+/).filter(Boolean);
    const known = this.settings.known().pan;
    const names = SHELF_PANS.filter((pan) =>
      words.every((word) => `${pan.name} ${pan.aliases.join(' ')}`.toLowerCase().includes(word)),
    ).map(({ name }) => name);
    this.suggestions.set([...new Set([...(known && words.length === 0 ? [known] : []), ...names])].slice(0, 14));
  }

  protected choosePans(text: unknown): void {
    if (typeof text === 'string') this.settings.set('the pan', { pans: text === '' ? undefined : text }, 'pans');
  }

  protected setCount(count: number): void {
    if (count < 1 || count > MOST_PANS) return;
    const base = this.settings
      .written()
      .replace(/\s*x\s*\d{1,2}\s*$/i, '')
      .replace(/^(?:two|three|four|\d\s*x)\s+/i, '')
      .replace(/\b(tin|pan|round|loaf|square|dish)(?:s|es)\b/gi, '$1');
    this.settings.set('the number of pans', { pans: count === 1 ? base : `${base} x ${count}` });
  }

  protected setCelsius(event: Event): void {
    const celsius = this.number(event, 100, 300, this.settings.sheet().celsius);
    this.settings.set('the oven', { celsius });
  }
  protected setGrams(event: Event): void {
    this.settings.set('the batter', { grams: this.number(event, 10, 200_000, this.settings.sheet().grams) });
  }
  protected setKnownCelsius(event: Event): void {
    this.settings.setKnown('the known oven', { celsius: this.number(event, 90, 300, this.settings.known().celsius) });
  }
  protected setKnownPan(event: Event): void {
    const { value } = event.target as HTMLInputElement;
    this.settings.setKnown('the known pan', { pan: value.trim() === '' ? undefined : value });
  }
  protected setKnownMinutes(event: Event): void {
    const field = event.target as HTMLInputElement;
    const text = field.value.trim();
    const found = text === '' ? undefined : durationIn(/[a-z']/i.test(text) ? text : `${text} min`);
    if (text !== '' && !found) field.value = this.knownMinutes();
    else this.settings.setKnown('the known time', { lowMinutes: found?.low, highMinutes: found?.high });
  }

  /** A number typed into a field: undefined when emptied, the one before when it makes no sense. */
  private number(event: Event, least: number, most: number, before: number | undefined): number | undefined {
    const field = event.target as HTMLInputElement;
    const text = field.value.replace(',', '.').replace(/[^\d.]/g, '');
    if (text === '') return undefined;
    const value = Number(text);
    if (value >= least && value <= most) return value;
    field.value = before === undefined ? '' : String(before);
    return before;
  }
}
