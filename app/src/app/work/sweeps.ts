import { Injectable, inject } from '@angular/core';
import type { Observable } from 'rxjs';
import { catchError, concatMap, from, of, scan, startWith } from 'rxjs';
import type { BakeJob } from '@orvin/core/oven/baking';
import { SWEEP_CELSIUS, type SweepPoint } from '@orvin/core/oven/sweeps';
import { type Sensitivity } from '@orvin/core/oven/sensitivity';
import { abortable } from './abortable';
import { Work } from './work-client';

/** A bake at many set points, as far as it has got. */
export interface Sweep {
  readonly of: number;
  readonly points: readonly SweepPoint[];
  readonly done: boolean;
  readonly failed?: string;
}
const NOTHING_YET: Sweep = { of: SWEEP_CELSIUS.length, points: [], done: false };

/** Long sweeps, one simulation after another, so that another question need not wait for the end: unsubscribing stops after the one at work. */
@Injectable({ providedIn: 'root' })
export class Sweeps {
  private readonly work = inject(Work);

  sweep(job: BakeJob): Observable<Sweep> {
    return from(SWEEP_CELSIUS).pipe(
      concatMap((celsius) => abortable((signal) => this.work.run('bake-at', { job, celsius }, signal))),
      scan((sweep: Sweep, point) => {
        const points = [...sweep.points, point];
        return { ...sweep, points, done: points.length === sweep.of };
      }, NOTHING_YET),
      startWith(NOTHING_YET),
      catchError((error: unknown) =>
        of({ ...NOTHING_YET, failed: error instanceof Error ? error.message : String(error) }),
      ),
    );
  }

  /** One point of it. */
  at(job: BakeJob, celsius: number): Observable<SweepPoint | undefined> {
    return abortable((signal) => this.work.run('bake-at', { job, celsius }, signal)).pipe(
      catchError(() => of(undefined)),
    );
  }

  sensitivities(job: BakeJob): Observable<readonly Sensitivity[]> {
    return abortable((signal) => this.work.run('sensitivities', job, signal)).pipe(catchError(() => of([])));
  }
}
