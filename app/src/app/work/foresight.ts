import { Injectable, inject } from '@angular/core';
import { toObservable } from '@angular/core/rxjs-interop';
import type { Observable } from 'rxjs';
import { catchError, combineLatest, map, of, startWith, switchMap, debounceTime, distinctUntilChanged } from 'rxjs';
import { WARM_UP_JOB, type BakeJob, type PredictionResult } from '@orvin/core/oven/baking';
import { abortable } from './abortable';
import { Learning } from './learning';
import { Work } from './work-client';

export type Foresight =
  | { readonly state: 'nothing-to-bake' }
  | { readonly state: 'working'; readonly job: BakeJob }
  | { readonly state: 'ready'; readonly job: BakeJob; readonly result: PredictionResult }
  | { readonly state: 'failed'; readonly job: BakeJob; readonly message: string };

/** A pause in typing, before a simulation is asked for. */
const QUIET_MILLISECONDS = 120;

/** Long enough for the first screen to settle. */
const IDLE_MILLISECONDS = 1500;

/** Streams of bakes to streams of predictions: the latest wins, the one before is forgotten. What the Book teaches is waited for. */
@Injectable({ providedIn: 'root' })
export class BakeForesight {
  private readonly work = inject(Work);
  private readonly settled = toObservable(inject(Learning).isSettled);

  private warm = false;

  /** Warms the worker up once the screen has nothing better to do. */
  warmUpSoon(): void {
    if (!this.warm) setTimeout(() => this.warmUp(), IDLE_MILLISECONDS);
  }

  /** Simulates a small bake once, so that the first real one need not wait for cold code. */
  warmUp(): void {
    if (this.warm) return;
    this.warm = true;
    void this.work.run('bake', WARM_UP_JOB).catch(() => undefined);
  }

  foresee(jobs: Observable<BakeJob | undefined>): Observable<Foresight> {
    return this.asked(jobs).pipe(
      switchMap(([job, settled]) =>
        job === undefined ? of<Foresight>({ state: 'nothing-to-bake' }) : this.one(job, settled),
      ),
    );
  }

  /** The same for several bakes at once: the set that came last wins. */
  foreseeAll(jobs: Observable<readonly BakeJob[]>): Observable<readonly Foresight[]> {
    return this.asked(jobs).pipe(
      switchMap(([all, settled]) =>
        all.length === 0 ? of([]) : combineLatest(all.map((job) => this.one(job, settled))),
      ),
    );
  }

  private asked<J>(jobs: Observable<J>): Observable<[J, boolean]> {
    return combineLatest([jobs, this.settled]).pipe(
      distinctUntilChanged((a, b) => JSON.stringify(a) === JSON.stringify(b)),
      debounceTime(QUIET_MILLISECONDS),
    );
  }

  private one(job: BakeJob, settled: boolean): Observable<Foresight> {
    if (!settled) return of<Foresight>({ state: 'working', job });
    return abortable((signal) => this.work.run('bake', job, signal)).pipe(
      map((result): Foresight => ({ state: 'ready', job, result })),
      catchError((error: unknown) =>
        of<Foresight>({ state: 'failed', job, message: error instanceof Error ? error.message : String(error) }),
      ),
      startWith<Foresight>({ state: 'working', job }),
    );
  }
}
