import { Injectable, computed, inject } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { catchError, distinctUntilChanged, exhaustMap, of, throttleTime, type Observable } from 'rxjs';
import { readingsOf } from '@orvin/core/along/baking';
import type { LiveEstimate, LiveEvent, LiveJob, LiveReading } from '@orvin/core/along/live-bake';
import { abortable } from '../work/abortable';
import { Work } from '../work/work-client';
import { RealBake } from './real-bake';
import { ThisBaking } from './this-baking';

const MINUTE = 60_000;
const ASK_EVERY = 5000;
/** A probe that was put into these pans stands at a new place in them, like one that was moved. */
const KINDS: Readonly<Record<string, 'tented' | 'uncovered' | 'probe-moved' | 'power-back'>> = {
  tented: 'tented',
  uncovered: 'uncovered',
  'probe-moved': 'probe-moved',
  'probe-here': 'probe-moved',
  'power-back': 'power-back',
};

/** The done time of what is in the oven, re-estimated as the instruments speak. */
@Injectable()
export class LiveBakes {
  private readonly baking = inject(ThisBaking);
  private readonly work = inject(Work);
  private readonly real = inject(RealBake);
  private readonly portion = this.real.portion;

  readonly readings = computed<readonly LiveReading[]>(() => {
    const state = this.baking.state();
    const inAt = state.ovens.get(this.portion())?.inAt ?? 0;
    return readingsOf(state, this.portion(), this.baking.baking()?.readings ?? []).map(({ at, ...said }) => ({
      minute: (at - inAt) / MINUTE,
      ...said,
    }));
  });
  /** Minutes since it went in, by the clock that the instruments go by. */
  readonly minute = computed(() => {
    const { inAt, outAt } = this.baking.state().ovens.get(this.portion()) ?? {};
    if (inAt === undefined) return undefined;
    return Math.max(
      (Math.min(this.baking.now(), outAt ?? Infinity) - inAt) / MINUTE,
      this.readings().at(-1)?.minute ?? 0,
    );
  });
  private readonly job = computed<LiveJob | undefined>(
    () => {
      const job = this.real.job();
      const foreseen = this.real.foreseen();
      const oven = this.baking.state().ovens.get(this.portion());
      const readings = this.readings();
      const last = readings.at(-1);
      if (!job || !foreseen || oven?.inAt === undefined || !last || oven.outAt !== undefined) return undefined;
      const inAt = oven.inAt;
      const events = oven.did.flatMap(({ at, what }): readonly LiveEvent[] => {
        const kind = KINDS[what];
        return kind === undefined ? [] : [{ kind, minute: Math.max(0, (at - inAt) / MINUTE) }];
      });
      return {
        key: `${this.baking.id()} ${this.portion()}`,
        job,
        foreseen,
        readings,
        events,
        now: last.minute,
      };
    },
    { equal: (a, b) => a?.readings === b?.readings && a?.events.length === b?.events.length },
  );
  /** Undefined where no instrument spoke. */
  readonly estimate = toSignal(
    toObservable(this.job).pipe(
      distinctUntilChanged(),
      throttleTime(ASK_EVERY, undefined, { leading: true, trailing: true }),
      exhaustMap((job): Observable<LiveEstimate | null> =>
        job
          ? abortable((signal) => this.work.run('live-estimate', job, signal)).pipe(catchError(() => of(null)))
          : of(null),
      ),
    ),
    { initialValue: null },
  );
}
