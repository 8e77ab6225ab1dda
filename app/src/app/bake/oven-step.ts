import { inSentence } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, viewChild } from '@angular/core';
import { LOOKS, probedAt, type DoneAtOven, type Look } from '@orvin/core/along/baking';
import { ovenVerdict } from '@orvin/core/along/oven-check';
import type { BakeStep } from '@orvin/core/along/walk';
import { DONENESS_TESTS } from '@orvin/core/oven/baking';
import { alarmInWords, DO_WORDS, DONE_WORDS, liveInWords, LOOK_WORDS } from '@orvin/core/words/along-words';
import { whyTurned } from '@orvin/core/words/book-words';
import { donenessInWords } from '@orvin/core/words/oven-words';
import { dialDegrees } from '@orvin/core/ground/units';
import { minutesInWords, readingsOn } from '@orvin/core/words/figures';
import { HeatField } from '../parts/kept-field';
import { OwnDial } from '../parts/own-dial';
import { clockAt } from '../parts/wall-clock';
import { Learning } from '../work/learning';
import { RisksNow } from '../work/risks-now';
import { CoreChart } from './core-chart';
import { Footing } from './footing';
import { InstrumentLineView } from './instrument-line-view';
import { LiveBakes } from './live-bakes';
import { RealBake } from './real-bake';
import { ThisBaking } from './this-baking';

const MINUTE = 60_000;
/** What a thermometer in an oven is good for, °C. */
const THERMOMETER = 4;
/** Timers that mean nothing any more once it is in: of what was to be warm, of the oven, of the batter. */
const BEFORE_OVEN = /^(?:ready:|heat$|rest$|wet$)/;
/** The timer that an act puts off. */
const TIMER_OF: Readonly<Partial<Record<DoneAtOven, string>>> = {
  turned: 'turn',
  tented: 'tent',
  uncovered: 'lid',
  'turned-down': 'stage-0',
};

/** The oven: verified, in, followed, looked at, out. */
@Component({
  selector: 'orv-oven-step',
  imports: [CoreChart, HeatField, InstrumentLineView],
  providers: [LiveBakes, RealBake],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (minute() === undefined) {
      <div class="check">
        <p class="lead">{{ pans() }}</p>
        <h2>{{ air() === undefined ? setWords() : airWords() }}</h2>
        <p class="tell" role="status">{{ verdictWords() }}</p>
        @if (risk(); as risk) {
          <p class="risk" i18n>
            Most at risk: <b>{{ risk.name }}</b>, from {{ risk.by }}
          </p>
        }
        <label class="by-hand">
          <ng-container i18n>What the thermometer in it says</ng-container>&ngsp;
          <input
            #thermometer="orvHeat"
            [orvHeat]="readBefore()"
            [lowest]="0"
            [highest]="350"
            [read]="true"
            [keptAs]="'oven of bake ' + baking.id()"
            (heatSaid)="read($event)"
          />
          {{ thermometer.unit() }}
        </label>
        <orv-instrument-line />
      </div>
    } @else {
      <div class="side">
        <p class="lead">{{ past() ? texts.likelyDoneSince : texts.likelyDoneIn }}</p>
        <p class="figure">{{ rest() }}<small> min</small></p>
        <p class="clock" i18n>
          <b>{{ at(likely()) }}</b>, {{ at(window().low) }} to {{ at(window().high) }}
        </p>
        <p class="planned">{{ planned() }}</p>
        @for (alarm of alarms(); track alarm.say) {
          <p class="alarm" role="alert">
            <span class="mark mark-warning" aria-hidden="true">▲</span> <b>{{ alarm.say }}.</b> {{ alarm.why }}
          </p>
        }
        <p class="says" role="status">{{ says() }}</p>
        <ul class="acts" i18n-aria-label aria-label="What is done to it">
          @for (act of acts(); track act.what) {
            <li>
              <button type="button" [class.told]="act.told" (click)="did(act.what)">
                <b>{{ act.words }}</b> <span>{{ act.when }}</span>
              </button>
            </li>
          }
          <li>
            <button type="button" (click)="comesOut()"><b i18n>Out</b> <span i18n>whenever it is done</span></button>
          </li>
        </ul>
      </div>
      <div class="main">
        @if (foreseen(); as foreseen) {
          <orv-core-chart
            [foreseen]="foreseen"
            [nominal]="nominal()"
            [readings]="live.readings()"
            [estimate]="live.estimate()"
            [minute]="minute() ?? 0"
          />
        }
        <div class="looks" role="group" i18n-aria-label aria-label="A look at it">
          @for (look of looks; track look) {
            <button type="button" class="press" (click)="looked(look)" [attr.aria-pressed]="seen() === look">
              {{ lookWords[look] }}
            </button>
          }
          <span class="seen">{{ seenWords() }}</span>
        </div>
        <p class="test" i18n><b>The test decides:</b> {{ test() }}</p>
        <orv-instrument-line />
      </div>
    }
  `,
  styleUrls: ['./counter.css', './oven-step.css'],
})
export class OvenStepView {
  protected readonly texts = {
    likelyDoneSince: $localize`likely done since`,
    likelyDoneIn: $localize`likely done in`,
  };
  readonly step = input.required<BakeStep>();
  protected readonly baking = inject(ThisBaking);
  private readonly footing = inject(Footing);
  private readonly learning = inject(Learning);
  private readonly real = inject(RealBake);
  private readonly prediction = this.real.prediction;
  protected readonly live = inject(LiveBakes);
  protected readonly looks = LOOKS;
  protected readonly lookWords = LOOK_WORDS;
  private readonly field = viewChild(HeatField);

  protected readonly pans = computed(() => this.baking.pansOf(this.step().portion));
  private readonly portion = computed(() => this.baking.baking()?.snapshot.portions[this.step().portion]);
  protected readonly foreseen = this.real.foreseen;
  private readonly oven = computed(() => this.baking.state().ovens.get(this.step().portion));
  private readonly setPoint = computed(() => this.portion()?.job.setting.celsius ?? 180);
  protected readonly minute = this.live.minute;
  protected readonly nominal = computed(() =>
    (this.prediction()?.frames ?? []).map(({ minute, coreCelsius }) => ({ minute, celsius: coreCelsius })),
  );

  // ---- before it goes in
  protected readonly air = computed(() => {
    return this.field()?.inHand() ?? this.baking.instruments.air() ?? this.readBefore();
  });
  protected readonly readBefore = computed(() => {
    const read = this.baking.state().ovenRead;
    return read && this.baking.now() - read.at < 5 * MINUTE ? read.celsius : undefined;
  });
  private readonly verdict = computed(() => {
    const air = this.air();
    return air === undefined ? undefined : ovenVerdict(air, this.setPoint());
  });
  private readonly risks = inject(RisksNow);
  private readonly dial = inject(OwnDial);
  /** What this bake risks most as the oven stands now: by the model that finds causes afterwards. */
  protected readonly risk = computed(() => {
    const id = this.baking.baking()?.snapshot.formulaId;
    const air = this.air();
    const oven = air === undefined ? {} : { ovenError: air - this.setPoint(), ovenErrorSpread: THERMOMETER };
    return id === undefined ? undefined : this.risks.of(id, oven, 1)[0];
  });
  protected readonly setWords = computed(() => $localize`Is it ${this.dial.heat(this.setPoint())}?`);
  protected readonly airWords = computed(() => $localize`${this.dial.heat(this.air() ?? 0)} in it`);
  protected readonly verdictWords = computed(() => {
    const verdict = this.verdict();
    const set = dialDegrees(this.dial.scale(), this.setPoint());
    if (!verdict) return $localize`Look at the thermometer in it before anything goes in: a light is no thermometer.`;
    if (verdict.kind === 'ready') return $localize`It is to be ${set}:set:: ready.`;
    if (verdict.kind === 'hot') return $localize`It is to be ${set}:set:: door open a hand’s breadth for about ${verdict.waitMinutes} min, or the top is dark too soon.`; // prettier-ignore
    const { waitMinutes, costMinutes } = verdict;
    const wait = $localize`It is to be ${set}. Wait about ${minutesInWords(waitMinutes)}`;
    return costMinutes === undefined
      ? $localize`${wait}:wait:: it is no oven yet.`
      : $localize`${wait}, or put it in now: about ${minutesInWords(Math.max(1, costMinutes))} longer, and less rise.`;
  });

  // ---- in it
  protected readonly window = computed(() => {
    const estimate = this.live.estimate();
    const minutes = this.foreseen()?.minutes;
    // a probe says little before a third of the way: no window narrower than what was foreseen until then
    const trusts = estimate && minutes && (this.minute() ?? 0) > 0.3 * minutes.likely;
    return (trusts ? estimate : undefined) ?? minutes ?? { low: 0, likely: 0, high: 0 };
  });
  protected readonly likely = computed(() => this.window().likely);
  protected readonly past = computed(() => (this.minute() ?? 0) > this.likely());
  protected readonly rest = computed(() => Math.round(Math.abs(this.likely() - (this.minute() ?? 0))));
  protected readonly at = (minute: number): string => clockAt((this.oven()?.inAt ?? 0) + minute * MINUTE);
  protected readonly planned = computed(() => {
    const minutes = this.foreseen()?.minutes;
    if (!minutes) return $localize`nothing was foreseen of it`;
    const later = Math.round(this.likely() - minutes.likely);
    const due = this.baking.baking()?.dueAt;
    const shift =
      later === 0
        ? $localize`as foreseen`
        : `${minutesInWords(Math.abs(later))} ${later > 0 ? $localize`later` : $localize`sooner`}`;
    return $localize`foreseen ${this.at(minutes.likely)}, about ${shift}${due === undefined ? '' : `. ${this.spareWords(due)}`}`;
  });
  /** What is left of the day's minutes once it is out and cool enough to cut. */
  private spareWords(due: number): string {
    const { portion } = this.step();
    const cool = this.baking.walk().find((step) => step.kind === 'cool' && step.portion === portion);
    const cools = cool?.kind === 'cool' ? (cool.sliceMinutes ?? cool.inPanMinutes ?? 0) : 0;
    const ready = (this.oven()?.inAt ?? 0) + (this.likely() + cools) * MINUTE;
    const spare = Math.round((due - ready) / MINUTE);
    return spare >= 0
      ? $localize`Cool enough to cut ${minutesInWords(spare)} before ${clockAt(due)}`
      : $localize`▲ Cool enough to cut ${minutesInWords(-spare)} after ${clockAt(due)}`;
  }
  protected readonly alarms = computed(() => (this.live.estimate()?.alarms ?? []).slice(-2).map(({ code }) => alarmInWords(code))); // prettier-ignore
  protected readonly says = computed(() => {
    const estimate = this.live.estimate();
    if (estimate) return liveInWords(estimate, this.dial.scale());
    if (this.live.readings().length > 0) return $localize`Learning this bake …`;
    return $localize`No probe listens: the times are those foreseen.`;
  });
  private readonly probeHere = computed(() => this.live.readings().at(-1)?.core !== undefined);
  private readonly whyTurned = computed(() => whyTurned(this.learning.kitchen().routine?.hotSide, this.dial.scale()));
  protected readonly acts = computed(() => {
    const timeline = this.prediction()?.timeline;
    const did = this.oven()?.did ?? [];
    const plannedAt: Readonly<Partial<Record<DoneAtOven, number | undefined>>> = {
      turned: timeline?.rotateMinute ?? timeline?.swapMinute,
      tented: timeline?.tentMinute,
      uncovered: timeline?.uncoverMinute,
      'turned-down': timeline?.stages[0]?.minute,
    };
    const off = this.live.estimate()?.alarms.some(({ code }) => code === 'oven-off') === true;
    // of two sets of pans one has the probe
    const listens = this.probeHere() || this.baking.instruments.core() !== undefined;
    const isHere = this.probeHere() || probedAt(this.baking.state(), this.baking.now()) === this.step().portion;
    const offered: readonly DoneAtOven[] = [
      'turned',
      'tented',
      ...(timeline?.uncoverMinute === undefined ? [] : (['uncovered'] as const)),
      ...((timeline?.stages.length ?? 0) > 0 ? (['turned-down'] as const) : []),
      ...(listens ? ([isHere ? 'probe-moved' : 'probe-here'] as const) : []),
      ...(off ? (['power-back'] as const) : []),
    ];
    return offered.map((what) => {
      const told = did.findLast((each) => each.what === what);
      const planned = plannedAt[what];
      const fallback = what === 'tented' ? $localize`when as brown as you like` : '';
      return {
        what,
        words: DONE_WORDS[what],
        told: told !== undefined,
        planned,
        why: what === 'turned' ? this.whyTurned() : '',
        when: told ? clockAt(told.at) : planned === undefined ? fallback : $localize`at ${this.at(planned)}`,
      };
    });
  });
  protected readonly seen = computed(() => this.oven()?.looks.at(-1)?.seen);
  protected readonly seenWords = computed(() => {
    const look = this.oven()?.looks.at(-1);
    return look
      ? $localize`${inSentence(LOOK_WORDS[look.seen])} at ${clockAt(look.at)}`
      : $localize`first look ${this.at(this.window().low)}`;
  });
  protected readonly test = computed(() => {
    const doneness = this.prediction()?.doneness;
    if (!doneness) return '';
    const [first] = doneness.tests;
    const { low, high } = doneness.coreCelsius;
    const words = first && DONENESS_TESTS.includes(first) ? donenessInWords(first) : undefined;
    return $localize`${words?.say ?? ''} A core figure alone is not done; here it is usually ${readingsOn(this.dial.scale(), low, high)}.`;
  });

  constructor() {
    effect(() => this.real.portion.set(this.step().portion));
    effect(() => {
      if (this.minute() === undefined) {
        const verdict = this.verdict();
        const label = verdict && verdict.kind !== 'ready' ? $localize`In it goes, now` : $localize`In`;
        this.footing.set(label, () => this.goesIn());
      } else if (this.oven()?.outAt === undefined) {
        const next = this.acts().find(({ told, planned }) => !told && planned !== undefined);
        const early = (this.minute() ?? 0) < this.window().low && this.seen() !== 'done';
        if (next && early)
          this.footing.set(
            next.words,
            () => this.did(next.what),
            [`${next.when} ${DO_WORDS[next.what]}`, next.why].filter(Boolean).join(': '),
          );
        else
          this.footing.set(
            early ? $localize`Out early` : $localize`Out`,
            () => this.comesOut(),
            $localize`first look ${this.at(this.window().low)}`,
          );
      } else this.footing.set($localize`Next`, () => this.baking.forward($localize`out already`));
    });
  }

  protected read(celsius: number | undefined): void {
    if (celsius !== undefined)
      this.baking.tell($localize`${this.dial.heat(celsius)} in the oven`, { kind: 'oven-read', celsius, by: 'hand' });
  }
  private goesIn(): void {
    const { portion } = this.step();
    if (this.field()?.problem()) return;
    const inHand = this.field()?.inHand();
    const listened = this.baking.instruments.air();
    const read =
      inHand !== undefined
        ? [{ kind: 'oven-read', celsius: inHand, by: 'hand' } as const]
        : listened !== undefined
          ? [{ kind: 'oven-read', celsius: listened, by: this.baking.instruments.by() } as const]
          : [];
    this.baking.tell(
      $localize`into the oven`,
      ...read,
      { kind: 'in', portion },
      ...this.timersOff((id) => BEFORE_OVEN.test(id)),
      ...this.timers(),
    );
    const job = this.real.job();
    if (job) this.baking.instruments.tell({ do: 'load', job });
  }
  private timers() {
    const timeline = this.prediction()?.timeline;
    const first = this.foreseen()?.minutes.first;
    const at = (id: string, name: string, minute: number | undefined) => minute === undefined || minute <= 0 ? [] : [this.baking.timer(`oven-${this.step().portion}-${id}`, name, minute)]; // prettier-ignore
    return [
      ...at('turn', $localize`turn it`, timeline?.rotateMinute ?? timeline?.swapMinute),
      ...at('tent', $localize`foil on`, timeline?.tentMinute),
      ...at('lid', $localize`lid off`, timeline?.uncoverMinute),
      ...(timeline?.stages ?? []).flatMap(({ minute, celsius }, i) => at(`stage-${i}`, $localize`oven to ${this.dial.heat(celsius)}`, minute)),
      ...at('look', $localize`first look`, first),
    ]; // prettier-ignore
  }
  private timersOff(which: (id: string) => boolean) {
    return this.baking.state().timers.filter(({ id }) => which(id)).map(({ id }) => ({ kind: 'timer-off' as const, id })); // prettier-ignore
  }
  protected comesOut(): void {
    const { portion } = this.step();
    const cool = this.baking.walk().find((step) => step.kind === 'cool' && step.portion === portion);
    const off = this.timersOff((id) => id.startsWith(`oven-${portion}-`));
    const timers =
      cool?.kind === 'cool'
        ? [
            ...(cool.inPanMinutes ? [this.baking.timer(`cool-${portion}-pan`, $localize`out of the tin`, cool.inPanMinutes)] : []),
            ...(cool.sliceMinutes ? [this.baking.timer(`cool-${portion}-slice`, $localize`cool to slice`, cool.sliceMinutes)] : []),
            ...(cool.frostMinutes ? [this.baking.timer(`cool-${portion}-frost`, $localize`cool to frost`, cool.frostMinutes)] : []),
          ]
        : []; // prettier-ignore
    this.baking.instruments.tell({ do: 'unload' });
    this.baking.forward($localize`out of the oven`, { kind: 'out', portion }, ...off, ...timers);
  }
  protected did(what: DoneAtOven): void {
    const { portion } = this.step();
    const id = TIMER_OF[what];
    const off = id === undefined ? [] : [{ kind: 'timer-off' as const, id: `oven-${portion}-${id}` }];
    this.baking.tell(inSentence(DONE_WORDS[what]), { kind: 'did', portion, what }, ...off);
  }
  protected looked(seen: Look): void {
    const { portion } = this.step();
    this.baking.tell($localize`a look: ${inSentence(LOOK_WORDS[seen])}`, { kind: 'look', portion, seen });
  }
}
