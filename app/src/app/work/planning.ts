import { Injectable, inject } from '@angular/core';
import { catchError, concatMap, from, of, scan, startWith, takeWhile, type Observable } from 'rxjs';
import type { SheetOrder, SheetPlan } from '@orvin/core/day/planned-sheets';
import { abortable } from './abortable';
import type { Loosened } from './plan-jobs';
import { Work } from './work-client';

/** A day being planned: the best so far, and what no plan can better, closing on each other. */
export interface Planning {
  readonly answer?: SheetPlan;
  /** Seconds of effort spent, and the best and the bound after them. */
  readonly rounds: readonly { readonly seconds: number; readonly cost: number; readonly bound: number }[];
  readonly under: boolean;
  readonly failed?: string;
}
type Planned = Extract<SheetPlan, { kind: 'planned' }>;
const BEGUN: Planning = { rounds: [], under: true };
/** A first plan at once, then more effort for a better one and its proof. */
const ROUNDS = [0.2, 1, 3] as const;
/** After a change: with the margins of the plan before, at once. */
const AT_ONCE = 0.04;

/** A day that does not fit, being loosened. */
export interface Loosening extends Partial<Loosened> {
  readonly ways: Loosened['ways'];
  readonly under: boolean;
}
const NOTHING_LOOSENED: Loosening = { ways: [], under: true };
const PARTS = ['why', 'others', 'evening', 'later', 'shared'] as const;

/** Plans days in their worker, in rounds of growing effort; unsubscribing stops, and what was found stays. */
@Injectable({ providedIn: 'root' })
export class DayPlanning {
  private readonly work = inject(Work);

  /** @param before the plan before the change: it stands until the next is there, and its margins give that at once */
  plan(order: Omit<SheetOrder, 'seconds'>, before?: Planned): Observable<Planning> {
    const margins = before && Object.fromEntries(before.of.works.map(({ id, marginMinutes }) => [id, marginMinutes]));
    const begun: Planning = before ? { ...BEGUN, answer: before } : BEGUN;
    return from(margins ? [AT_ONCE, ...ROUNDS] : ROUNDS).pipe(
      concatMap((seconds) =>
        abortable((signal) =>
          this.work.run('plan-day', { ...order, seconds, ...(seconds === AT_ONCE && margins && { margins }) }, signal),
        ).pipe(concatMap((answer) => of({ seconds, answer }))),
      ),
      scan((so: Planning, { seconds, answer }): Planning => {
        const last = seconds === ROUNDS[ROUNDS.length - 1];
        const quick = seconds === AT_ONCE;
        if (answer.kind !== 'planned')
          return {
            ...so,
            answer: quick ? (so.answer ?? answer) : answer,
            under: quick || (!last && answer.kind === 'none' && !answer.proven),
          };
        const { plan } = answer;
        const rounds = [...so.rounds, { seconds, cost: plan.cost, bound: plan.bound }];
        return { answer, rounds, under: quick || (!last && !plan.proven) };
      }, begun),
      takeWhile(({ under }) => under, true),
      startWith(begun),
      catchError((error: unknown) =>
        of({ ...BEGUN, under: false, failed: error instanceof Error ? error.message : String(error) }),
      ),
    );
  }

  /** Why it does not fit, then ways out, each kind as it comes. */
  loosen(order: Omit<SheetOrder, 'seconds'>): Observable<Loosening> {
    return from(PARTS).pipe(
      concatMap((part) =>
        abortable((signal) => this.work.run('loosen-day', { order: { ...order, seconds: 2 }, part }, signal)).pipe(
          catchError(() => of(null)),
        ),
      ),
      scan((so: Loosening, found, at): Loosening => {
        const under = at < PARTS.length - 1;
        if (!found) return { ...so, under };
        const ways = [...so.ways, ...found.ways].sort((a, b) => a.plan.cost - b.plan.cost);
        return { ...so, ...found, ways, under };
      }, NOTHING_LOOSENED),
    );
  }
}
