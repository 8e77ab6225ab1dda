import { inSentence } from '@orvin/core/ground/language';
import { Injectable, computed, effect, inject, signal, untracked, type OnDestroy } from '@angular/core';
import { Title } from '@angular/platform-browser';
import {
  bakingState,
  batterFactor,
  bowlOf,
  READING_EVERY,
  targetOf,
  type Happening,
  type Timer,
} from '@orvin/core/along/baking';
import type { WalkStep, WeighStep } from '@orvin/core/along/walk';
import type { BowlLine } from '@orvin/core/along/weighing';
import { pantryOf } from '@orvin/core/kitchen/equipment';
import { cautionInWords, cautionsOnce } from '@orvin/core/words/along-words';
import { pansInWords } from '@orvin/core/words/batch-words';
import { sound } from '../parts/tone';
import { midnightOf } from '../parts/wall-clock';
import { BakingStore } from '../store/baking-store';
import { FormulaStore } from '../store/formula-store';
import { PlanStore } from '../store/plan-store';
import { Readings } from '../work/readings';
import { dayTicks } from './day-ticks';
import { Instruments } from './instruments';
import { keptInBrowser } from '../store/page-storage';

const TICK_MILLISECONDS = 200;
const SECOND = 1000;
const MINUTE = 60_000;
const MINUTES_A_DAY = 24 * 60;
/** Rung for so long at the most; then it stays on the screen. */
const VIBRATION = [300, 150, 300, 150, 300];

/** What happened, without its moment: that is put on when it is told. */
type Told = Happening extends infer H ? (H extends Happening ? Omit<H, 'at'> : never) : never;

/** A timer, and the bake that it is of. */
export interface NamedTimer extends Timer {
  readonly of: string;
}

/** The bake at hand: what stands of it, and the acts of whoever makes it. */
@Injectable()
export class ThisBaking implements OnDestroy {
  private readonly bakings = inject(BakingStore);
  private readonly store = inject(FormulaStore);
  private readonly plans = inject(PlanStore);
  private readonly readings = inject(Readings);
  private readonly title = inject(Title);
  readonly instruments = inject(Instruments);

  readonly id = signal('');
  readonly now = signal(Date.now());
  readonly record = computed(() => this.bakings.baking(this.id()));
  readonly baking = computed(() => this.record()?.baking);
  readonly walk = computed<readonly WalkStep[]>(() => this.baking()?.walk ?? []);
  readonly state = computed(() => bakingState(this.walk(), this.baking()?.happenings ?? []));
  readonly step = computed(() => this.state().step);
  readonly next = computed<WalkStep | undefined>(() => this.walk()[this.state().at + 1]);
  /** Its own timers, and those of what else is under way: one counter has one clock. */
  private readonly allTimers = computed<readonly NamedTimer[]>(() => {
    const own = this.state().timers.map((timer): NamedTimer => ({ ...timer, of: this.id() }));
    const others = this.bakings
      .underWay()
      .filter(({ id }) => id !== this.id())
      .flatMap(({ id, baking }) =>
        bakingState(baking.walk, baking.happenings).timers.map((timer): NamedTimer => ({
          ...timer,
          name: `${timer.name}: ${baking.title}`,
          of: id,
        })),
      );
    return [...own, ...others].sort((a, b) => a.until - b.until);
  });
  readonly timers = computed(() => {
    const now = this.now();
    const all = this.allTimers();
    return { rang: all.filter(({ until }) => until <= now), running: all.filter(({ until }) => until > now) };
  });

  /** The version or formula it was set down from, as it stands now. */
  readonly formula = computed(() => {
    const snapshot = this.baking()?.snapshot;
    return snapshot && this.store.asBaked(snapshot);
  });
  readonly audit = computed(() => {
    const formula = this.formula();
    return formula && this.readings.of(formula);
  });
  private readonly pantry = computed(() => pantryOf(this.store.kitchen()));
  /** The batter line by line, as it stands in the bowl. */
  readonly bowl = computed<readonly BowlLine[]>(() => {
    const pantry = this.pantry();
    return bowlOf(this.walk(), this.state(), (id) => pantry.byId(id));
  });
  /** More or less batter than was planned. */
  readonly batter = computed(() => batterFactor(this.walk(), this.state()));
  readonly nameOf = (id: string): string => {
    const step = this.walk().find((each) => each.id === id);
    return step?.kind === 'weigh' ? inSentence(step.name) : '';
  };
  readonly targetOf = (step: WeighStep): number => targetOf(step, this.state());
  /** The method in the words of this batch. */
  readonly wordsOf = (step: WalkStep | undefined): string =>
    step?.kind === 'mix' ? (this.baking()?.words[step.id] ?? '') : '';
  readonly pansOf = (portion: number): string => {
    const { name = '', job } = this.baking()?.snapshot.portions[portion] ?? {};
    return job ? pansInWords(job.pans, this.formula()?.region ?? 'UK') : name;
  };
  /** Cautions of the step at hand, in words. */
  readonly cautions = computed(() => {
    const pantry = this.pantry();
    const all = cautionsOnce(
      this.walk().map((step) => {
        const portion = 'portion' in step ? this.baking()?.snapshot.portions[step.portion] : undefined;
        const cover = portion?.job.course?.covers?.[0]?.kind;
        const ingredient = step.kind === 'weigh' ? pantry.byId(step.ingredientId) : undefined;
        return {
          step,
          words: this.wordsOf(step),
          ...(ingredient && { ingredient }),
          ...(portion && { material: portion.job.pans.pan.material }),
          ...(cover && { cover }),
        };
      }),
    );
    return (all[this.state().at] ?? []).map(cautionInWords);
  });
  /** What the scale says of this step, g: since the moment that the step was come to. */
  private readonly base = signal<number | undefined>(undefined);
  readonly onScale = computed(() => {
    const grams = this.instruments.grams();
    const base = this.base();
    return grams === undefined || base === undefined || this.instruments.lifted() ? undefined : grams - base;
  });

  /** The clock of this kitchen: the wall's, or that of stand-ins that run faster. */
  private readonly time = (): number => Date.now() + this.instruments.ahead();
  /** Looked at often, so that a second is shown when it begins; moved on once a second, as nothing on the screen is finer. */
  private readonly tick = setInterval(() => {
    const time = this.time();
    if (Math.floor(time / SECOND) === Math.floor(this.now() / SECOND)) return;
    this.now.set(time);
    this.instruments.now.set(Date.now());
  }, TICK_MILLISECONDS);
  private readonly alarm = new Worker(new URL('./alarm.worker', import.meta.url), { type: 'module' });
  private wakeLock: WakeLockSentinel | undefined;

  constructor() {
    const wake = () => {
      this.now.set(this.time());
      if (document.visibilityState === 'visible') void this.keepAwake();
    };
    document.addEventListener('visibilitychange', wake);
    this.stopWaking = () => document.removeEventListener('visibilitychange', wake);
    void this.keepAwake();
    this.alarm.onmessage = () => {
      this.now.set(this.time());
      this.ring();
    };
    const nextRing = computed(() => this.allTimers().find(({ until }) => until > untracked(this.now))?.until);
    effect(() => {
      const until = nextRing();
      this.alarm.postMessage(until === undefined ? undefined : until - untracked(this.instruments.ahead));
    });
    effect(() => this.title.setTitle(this.titleNow()));
    effect(() => this.keepReadings());
    effect(() => {
      const step = this.step()?.id;
      untracked(() => this.takeUpScale(step));
    });
    effect(() => {
      if (this.instruments.grams() !== undefined && this.base() === undefined) untracked(() => this.tare());
    });
  }
  private readonly stopWaking: () => void;
  ngOnDestroy(): void {
    clearInterval(this.tick);
    this.alarm.terminate();
    this.stopWaking();
    void this.wakeLock?.release();
  }

  /** Tells what happened: one act, one undo. */
  tell(label: string, ...told: readonly Told[]): void {
    const at = Math.round(this.time());
    this.store.together(label, () => {
      this.tellDay(told, at);
      this.bakings.happened(this.id(), label, told.map((each): Happening => ({ ...each, at }))); // prettier-ignore
    });
  }
  /** The day that it is planned in hears when it goes in, and out. */
  private tellDay(told: readonly Told[], at: number): void {
    const { dayId, wishId } = this.baking() ?? {};
    const what = told.find(({ kind }) => kind === 'in' || kind === 'out')?.kind;
    const sheet = dayId === undefined ? undefined : this.plans.plan(dayId)?.sheet;
    if (dayId === undefined || wishId === undefined || !sheet || (what !== 'in' && what !== 'out')) return;
    const minute = Math.floor((at - midnightOf(sheet.date)) / MINUTE);
    if (minute < 0 || minute >= MINUTES_A_DAY) return;
    const ticks = dayTicks(sheet.kept?.tasks ?? [], wishId, what, minute);
    const label = `${this.baking()?.title ?? ''} ${what === 'in' ? $localize`in the oven` : $localize`out of it`}`;
    this.plans.change(dayId, label, (before) => ({ ...before, done: { ...before.done, ...ticks } }));
  }
  go(to: string, label = $localize`going on`, ...told: readonly Told[]): void {
    this.tell(label, ...told, { kind: 'step', to });
  }
  /** On to the next step, with what is told of this one. */
  forward(label: string, ...told: readonly Told[]): void {
    const { next } = this;
    const to = next()?.id;
    if (to === undefined) this.tell($localize`the end`, ...told, { kind: 'ended' });
    else this.go(to, label, ...told);
  }
  back(): void {
    const before = this.walk()[this.state().at - 1];
    if (before) this.go(before.id, $localize`going back`);
  }
  timer(id: string, name: string, minutes: number): Told {
    return { kind: 'timer', id, name, until: Math.round(this.time() + minutes * MINUTE) };
  }
  snooze({ of, id, name }: NamedTimer): void {
    const at = Math.round(this.time());
    this.bakings.happened(of, $localize`two minutes more: ${name}`, [{ kind: 'timer', id, name: this.ownName(of, name), until: at + 2 * MINUTE, at }]); // prettier-ignore
  }
  stop({ of, id, name }: NamedTimer): void {
    this.bakings.happened(of, $localize`${name} done`, [{ kind: 'timer-off', id, at: Math.round(this.time()) }]);
  }
  private ownName(of: string, name: string): string {
    const title = this.bakings.baking(of)?.baking.title;
    return of === this.id() || title === undefined ? name : name.replace(`: ${title}`, '');
  }

  /** Zero is what lies on the scale when a step is come to; after a reload, what it was. */
  private takeUpScale(step: string | undefined): void {
    const kept = this.keptTare();
    this.base.set(undefined);
    if (kept?.step === step) this.base.set(kept?.base);
    else if (step !== undefined) this.tare();
  }
  tare(): void {
    const grams = this.instruments.grams();
    // a scale that does not speak yet is taken up when it does
    if (grams === undefined || this.instruments.lifted()) return;
    this.base.set(grams);
    keptInBrowser().setItem(this.tareKey(), JSON.stringify({ step: this.step()?.id, base: grams }));
  }
  private tareKey(): string {
    return `orvin-tare-${this.id()}`;
  }
  private keptTare(): { readonly step?: unknown; readonly base: number } | undefined {
    try {
      const kept: unknown = JSON.parse(keptInBrowser().getItem(this.tareKey()) ?? 'null');
      const isTare = typeof kept === 'object' && kept !== null && 'base' in kept && typeof kept.base === 'number';
      return isTare ? (kept as { readonly step?: unknown; readonly base: number }) : undefined;
    } catch {
      return undefined;
    }
  }

  private titleNow(): string {
    const { rang, running } = this.timers();
    const title = this.baking()?.title ?? $localize`Bake`;
    if (rang[0]) return $localize`${rang[0].name}:name:: now · ${title}`;
    const [first] = running;
    return first
      ? $localize`${Math.ceil((first.until - this.now()) / MINUTE)} min, ${first.name} · ${title}`
      : $localize`${title} · Orvin`;
  }
  private ring(): void {
    const [timer] = this.timers().rang;
    if (!timer) return;
    sound(3);
    if ('vibrate' in navigator) navigator.vibrate(VIBRATION);
    if ('Notification' in window && Notification.permission === 'granted')
      new Notification(timer.name, { tag: timer.id, body: this.baking()?.title ?? '' });
  }
  private async keepAwake(): Promise<void> {
    if (!('wakeLock' in navigator)) return;
    // refused on a low battery: the screen then goes dark, and nothing else happens
    this.wakeLock = await navigator.wakeLock.request('screen').catch(() => undefined);
  }

  /** While something is in the oven, what probe and thermometer say is kept, one reading in fifteen seconds. */
  private keepReadings(): void {
    const core = this.instruments.core();
    const air = this.instruments.air();
    const at = this.instruments.coreAt() ?? this.now();
    const baking = this.baking();
    if (!baking || (core === undefined && air === undefined)) return;
    const isIn = [...this.state().ovens.values()].some(({ inAt, outAt }) => inAt !== undefined && outAt === undefined);
    const last = baking.readings.at(-1)?.at ?? 0;
    if (!isIn || at - last < READING_EVERY) return;
    untracked(() =>
      this.bakings.keepReading(this.id(), {
        at: Math.round(at),
        ...(core !== undefined && { core }),
        ...(air !== undefined && { air }),
        by: this.instruments.by(),
      }),
    );
  }
}
