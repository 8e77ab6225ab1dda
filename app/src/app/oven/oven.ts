import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { Router } from '@angular/router';
import { Button } from 'primeng/button';
import { InputText } from 'primeng/inputtext';
import { SelectButton } from 'primeng/selectbutton';
import { Slider } from 'primeng/slider';
import { scan } from 'rxjs';
import { coversInWords, type BakeAdviceCode, readCovers, readSchedule, scheduleInWords } from '@orvin/core/oven/baking';
import { severalSaid } from '@orvin/core/kitchen/equipment';
import {
  filledInWords,
  howClocked,
  howFilledInPan,
  howTimed,
  noBakeInWords,
  PAN_MATERIAL_NAMES,
  vesselProblemInWords,
  withoutAnOvenInWords,
} from '@orvin/core/words/oven-words';
import { PAN_MATERIALS } from '@orvin/core/kitchen/pans';
import { durationIn } from '@orvin/core/formula/parsing';
import { adviceInWords, originInWords, otherScales, setPointReasonInWords } from '@orvin/core/words/wording';
import { degreesOn, dialDegrees } from '@orvin/core/ground/units';
import { capitalised, gramsInWords, minutesInWords, setPointInWords, windowInWords } from '@orvin/core/words/figures';
import { ChoiceField } from '../parts/choice';
import { FaceTabs } from '../parts/face-tabs';
import { HowWords } from '../parts/how-words';
import { FigureField, HeatField, WordsField } from '../parts/kept-field';
import { Keeping } from '../parts/keeping';
import { atStation } from '../parts/at-station';
import { StationLayout } from '../parts/station-layout';
import { FormulaStore } from '../store/formula-store';
import { OwnDial } from '../parts/own-dial';
import { BakeForesight, type Foresight } from '../work/foresight';
import { BakeStrip } from './bake-strip';
import { ComparePanel } from './compare-panel';
import { DonePanel } from './done-panel';
import { CourseRows } from './course-rows';
import { ThisBake } from './this-bake';
import { SettingPanel } from './setting-panel';
import { SurePanel } from './sure-panel';
import { ThisOven } from './this-oven';
import { PanField } from './pan-field';
import { PanSection } from './pan-section';

const OVENS = [
  { id: false, name: $localize`hot` },
  { id: true, name: $localize`cold` },
];
const HEATS = [
  { id: false, name: $localize`no fan` },
  { id: true, name: $localize`fan` },
];
const MOST_PANS = 24;
const MOST_PIECES = 100;
const FACES = [
  { id: 'pan', name: $localize`Pan` },
  { id: 'compare', name: $localize`Compare` },
  { id: 'setting', name: $localize`Setting` },
  { id: 'sure', name: $localize`How sure` },
  { id: 'done', name: $localize`Done?` },
] as const;
type FaceId = (typeof FACES)[number]['id'];

const WARNINGS: readonly BakeAdviceCode[] = [
  'oven-off',
  'runs-over',
  'sheet-beneath',
  'known-bake-refused',
  'low-in-the-pan',
  'glass-from-cold',
  'too-hot-for-material',
  'paper-scorches',
  'one-at-a-time',
];

type Ready = Extract<Foresight, { state: 'ready' }>;

@Component({
  selector: 'orv-oven',
  imports: [
    CourseRows,
    BakeStrip,
    Button,
    ComparePanel,
    DonePanel,
    FaceTabs,
    FigureField,
    HeatField,
    FormsModule,
    HowWords,
    InputText,
    PanField,
    PanSection,
    RouterLink,
    ChoiceField,
    SelectButton,
    SettingPanel,
    Slider,
    StationLayout,
    SurePanel,
    ThisOven,
    WordsField,
  ],
  providers: [ThisBake],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './oven.html',
  styleUrl: './oven.css',
})
export class Oven {
  protected readonly texts = {
    pieces: $localize`pieces`,
    howMany: $localize`how many`,
    onePieceFewer: $localize`One piece fewer`,
    onePanFewer: $localize`One pan fewer`,
    onePieceMore: $localize`One piece more`,
    onePanMore: $localize`One pan more`,
    theMaterial: $localize`the material`,
    theOven: $localize`the oven`,
    theHeat: $localize`the heat`,
    theBatter: $localize`the batter`,
    theBattersWarmth: $localize`the batter’s warmth`,
    theKnownOven: $localize`the known oven`,
    fan: $localize`fan`,
    workingItOut: $localize`Working it out…`,
    chooseAPan: $localize`Choose a pan`,
    insteadOfIt: $localize`What stands here is how an oven would bake it instead.`,
    choosePanInstead: $localize`Choose a pan to see how an oven would bake it instead.`,
  };
  /** From the route. */
  readonly id = input.required<string>();
  /** Which face the readings show: a query parameter, so that it survives a reload. */
  readonly at = input<string>();

  private readonly router = inject(Router);
  private readonly store = inject(FormulaStore);
  private readonly foresight = inject(BakeForesight);
  protected readonly settings = inject(ThisBake);
  private readonly dial = inject(OwnDial);

  protected readonly record = computed(() => this.store.formula(this.id()));
  protected readonly materials = PAN_MATERIALS.map((id) => ({ id, name: PAN_MATERIAL_NAMES[id] }));
  protected readonly heats = HEATS;
  protected readonly ovens = OVENS;

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
  /** Why there is no prediction, where there is none. */
  protected readonly noBake = computed(() => {
    const result = this.ready()?.result;
    return result && result.kind !== 'foreseen' ? noBakeInWords(result, this.dial.scale()) : undefined;
  });
  protected readonly faces = FACES;
  protected readonly face = computed<FaceId>(() => FACES.find(({ id }) => id === this.at())?.id ?? 'pan');

  /** The minute looked at; done time at first, and again whenever the bake changes. */
  protected readonly minute = linkedSignal(() => Math.round(this.bake()?.minutes.likely ?? 0));
  protected readonly minuteInWords = computed(() => minutesInWords(this.minute()));
  protected readonly lastMinute = computed(() => Math.ceil(this.bake()?.minutes.high ?? 1));

  /** Discs and wedges are counted by the piece, everything else by the pan. */
  protected readonly inPieces = computed(() => {
    const shape = this.settings.pans()?.pan.shape;
    return shape === 'disc' || shape === 'wedge' || shape === 'mound';
  });
  protected readonly count = computed(() => {
    const pans = this.settings.pans();
    return (this.inPieces() ? pans?.pan.cavities : pans?.count) ?? 1;
  });
  protected readonly material = computed(() => this.settings.pans()?.pan.material ?? 'light');
  protected readonly fan = this.settings.fan;
  protected readonly schedule = computed(() => {
    const { stages } = this.settings.sheet();
    const job = this.settings.job();
    const known = job?.course?.stages;
    return { typed: stages ? this.staged(stages) : '', usual: known ? this.staged(known) : $localize`one set point` };
  });
  private staged(stages: readonly { readonly fromMinute: number; readonly celsius: number }[]): string {
    return scheduleInWords(this.settings.job()?.setting.celsius ?? 0, stages, this.dial.scale());
  }
  protected readonly covers = computed(() => coversInWords(this.settings.sheet().covers ?? []));
  /** As the formula covers it, until something else is set. */
  protected readonly usualCovers = computed(
    () => coversInWords(this.settings.job()?.course?.covers ?? []) || $localize`lid for the first 30 min`,
  );
  /** What is more than a pan in an oven, so that it need not be looked for while it is not used. */
  protected readonly more = computed(() => {
    const { stages, covers, batterCelsius, coldOven } = this.settings.sheet();
    const ofFormula = this.settings.known();
    if (ofFormula.stages !== undefined || ofFormula.covers !== undefined) return true;
    return stages !== undefined || covers !== undefined || batterCelsius !== undefined || coldOven === true;
  });
  protected readonly wayName = computed(() => this.settings.written() || $localize`this bake`);
  protected readonly proposedCelsius = computed(() => {
    const job = this.settings.job();
    return job ? String(dialDegrees(this.dial.scale(), job.setting.celsius)) : '';
  });
  /** A batter as warm as most, 21 °C. */
  protected readonly usualWarmth = computed(() => String(Math.round(degreesOn(this.dial.scale(), 21))));
  protected readonly batterGrams = this.settings.grams;
  protected readonly batterWords = computed(() => gramsInWords(this.batterGrams()).replace(/ g$/, ''));
  /** How the method cooks it where no oven does. */
  protected readonly noOven = computed(() => {
    const without = this.settings.withoutAnOven();
    return without && withoutAnOvenInWords(without);
  });
  protected readonly panProblem = computed(() =>
    this.noOven() && this.settings.sheet().pans === undefined
      ? undefined
      : vesselProblemInWords(this.settings.parsed()),
  );
  protected readonly knownMinutes = computed(() => {
    const { lowMinutes, highMinutes } = this.settings.known();
    if (lowMinutes === undefined) return '';
    return highMinutes === undefined || highMinutes === lowMinutes
      ? String(lowMinutes)
      : `${lowMinutes}–${highMinutes}`;
  });
  protected readonly knownCelsius = computed(() => {
    const { celsius } = this.settings.known();
    return celsius;
  });

  protected readonly headline = computed(() => {
    const bake = this.bake();
    if (!bake) return undefined;
    const { low, likely, high, first } = bake.minutes;
    const scale = this.dial.scale();
    return {
      window: windowInWords(low, high),
      first: minutesInWords(first),
      likely: minutesInWords(likely),
      heat: this.dial.heat(bake.celsius),
      setPoint: setPointInWords(bake, this.record()?.formula.region ?? 'UK', scale),
      scales: otherScales(bake.celsius, bake.fan, scale),
      reasons: capitalised(bake.setPointReasons.map((reason) => setPointReasonInWords(reason, scale)).join(', ')),
      origin: originInWords(bake),
    };
  });
  protected readonly filled = computed(() => {
    const [bake, pans] = [this.bake(), this.ready()?.job.pans];
    return bake && pans && filledInWords(bake, pans);
  });
  /** Where the figures come from: the time with its clock, and what is in the pan. */
  protected readonly how = computed(() => {
    const bake = this.bake();
    return bake && { time: [...howTimed(bake), ...howClocked(bake)], pan: howFilledInPan(bake) };
  });
  protected readonly advice = computed(() =>
    (this.bake()?.advice ?? []).map((advice) => ({
      code: advice.code,
      sentence: adviceInWords(advice, this.dial.scale()),
      warns: WARNINGS.includes(advice.code),
    })),
  );

  constructor() {
    this.foresight.warmUp();
    const keeping = inject(Keeping);
    atStation(this.id, () => keeping.offer());
  }

  protected show(face: string): void {
    void this.router.navigate([], {
      queryParams: { at: face === 'pan' ? null : face },
      queryParamsHandling: 'merge',
      replaceUrl: true,
    });
  }

  protected choosePans(text: string): void {
    this.settings.set($localize`the pan`, { pans: text === '' ? undefined : text }, 'pans');
  }

  protected setCount(count: number): void {
    if (count < 1 || count > (this.inPieces() ? MOST_PIECES : MOST_PANS)) return;
    this.settings.set($localize`the number of pans`, {
      pans: severalSaid(this.settings.written(), count, this.inPieces()),
    });
  }

  protected readonly stagesRefused = (words: string) => {
    if (readSchedule(words, this.dial.scale())) return '';
    const [low, high, hot, then] = [100, 300, 220, 180].map((celsius) => this.dial.heat(celsius));
    return $localize`Write stages as minutes at a heat, ${low} to ${high}:high:: “10 minutes at ${hot}, then ${then}”.`;
  };
  protected setSchedule(words: string): void {
    const read = readSchedule(words, this.dial.scale());
    this.settings.set(
      $localize`the stages`,
      read
        ? { celsius: read.celsius, stages: read.stages.length > 0 ? read.stages : undefined }
        : { stages: undefined },
    );
  }
  protected readonly coversRefused = (words: string) =>
    readCovers(words)
      ? ''
      : $localize`Write a cover with its minutes: “lid for the first 30 minutes”, or “foil from 40” until it comes out.`;
  protected setCovers(words: string): void {
    const read = readCovers(words) ?? [];
    this.settings.set($localize`the cover`, { covers: read.length > 0 ? read : undefined });
  }
  protected setColdOven(cold: boolean): void {
    this.settings.set($localize`the cold oven`, { coldOven: cold ? true : undefined });
  }
  protected setKnownPan(event: Event): void {
    const { value } = event.target as HTMLInputElement;
    this.settings.setKnown($localize`the known pan`, { pan: value.trim() === '' ? undefined : value });
  }
  private minutesIn(words: string) {
    return durationIn(/[a-z']/i.test(words) ? words : $localize`${words} min`);
  }
  protected readonly minutesRefused = (words: string) =>
    this.minutesIn(words) ? '' : $localize`Write the minutes it took: “35”, “30–35”, “1 h 10”.`;
  protected setKnownMinutes(words: string): void {
    const minutes = words === '' ? undefined : this.minutesIn(words);
    this.settings.setKnown($localize`the known time`, { lowMinutes: minutes?.low, highMinutes: minutes?.high });
  }
}
