import { Injectable, inject } from '@angular/core';
import { catchError, concatMap, from, of, scan, type Observable } from 'rxjs';
import type { SheetOrder, SheetPlan } from '@orvin/core/day/planned-sheets';
import type { Wish } from '@orvin/core/day/sheets';
import { abortable, abortableSteps } from './abortable';
import type { Loosened } from './plan-jobs';
import { Work } from './work-client';

/** A day being planned: the best so far, and what no plan can better, closing on each other. */
export interface Planning {
  readonly answer?: SheetPlan;
  /** Seconds of effort spent, and the best and the bound after them. */
  readonly rounds: readonly { readonly seconds: number; readonly cost: number; readonly bound: number }[];
  readonly under: boolean;
  /** Batches whose bakes are foreseen by now, before there is a first plan. */
  readonly foreseen?: number;
  readonly failed?: string;
}
type Planned = Extract<SheetPlan, { kind: 'planned' }>;
type Order = Omit<SheetOrder, 'seconds'>;
const BEGUN: Planning = { rounds: [], under: true };
/** A first plan at once, then more effort for a better one and its proof; how many times as long as the one before each took when it was measured. */
const ROUNDS = [
  { seconds: 0.2, timesAsLong: 0 },
  { seconds: 1, timesAsLong: 2.7 },
  { seconds: 3, timesAsLong: 3.2 },
] as const;
/** After a change: with the margins of the plan before, at once. */
const AT_ONCE = 0.04;
/** A round that would likely take longer here is not begun: the plan that stands is good, and a worker that is stopped forgets every bake. */
const LONGEST_ROUND_MILLISECONDS = 8000;

/** A day that does not fit, being loosened. */
export interface Loosening extends Partial<Loosened> {
  readonly ways: Loosened['ways'];
  readonly under: boolean;
  /** Some kind of ways took too long to look for. */
  readonly cutShort?: true;
}
const NOTHING_LOOSENED: Loosening = { ways: [], under: true };
const PARTS = ['why', 'others', 'evening', 'later', 'shared'] as const;

/** Plans days in their worker, in rounds of growing effort; unsubscribing stops, and what was found stays. */
@Injectable({ providedIn: 'root' })
export class DayPlanning {
  private readonly work = inject(Work);

  /** @param before the plan before the change: it stands until the next is there, and its margins give that at once */
  plan(order: Order, before?: Planned): Observable<Planning> {
    return abortableSteps<Planning>((tell, signal) => this.planInRounds(order, before, tell, signal)).pipe(
      catchError((error: unknown) =>
        of({ ...BEGUN, under: false, failed: error instanceof Error ? error.message : String(error) }),
      ),
    );
  }

  private async planInRounds(
    order: Order,
    before: Planned | undefined,
    tell: (planning: Planning) => void,
    signal: AbortSignal,
  ): Promise<void> {
    let so: Planning = before ? { ...BEGUN, answer: before } : BEGUN;
    tell(so);
    // each bake is a job of its own, so that a slow machine takes long and not too long; the plan then remembers them
    for (const [i, wish] of order.sheet.wishes.entries()) {
      await this.work.run('foresee-batch', { ...ofOneWish(order, wish), seconds: AT_ONCE }, signal);
      if (!before) tell((so = { ...so, foreseen: i + 1 }));
    }
    if (before) {
      const margins = Object.fromEntries(before.of.works.map(({ id, marginMinutes }) => [id, marginMinutes]));
      const answer = await this.work.run('plan-day', { ...order, seconds: AT_ONCE, margins }, signal);
      tell((so = afterRound(so, AT_ONCE, answer)));
    }
    let took = 0;
    for (const { seconds, timesAsLong } of ROUNDS) {
      if (took * timesAsLong > LONGEST_ROUND_MILLISECONDS) break;
      const begun = performance.now();
      const answer = await this.work.run('plan-day', { ...order, seconds }, signal).catch((error: unknown) => {
        if (!so.answer || signal.aborted) throw error;
        return undefined;
      });
      if (!answer) break;
      took = performance.now() - begun;
      tell((so = afterRound(so, seconds, answer)));
      if (!so.under) return;
    }
    tell({ ...so, under: false });
  }

  /** Why it does not fit, then ways out, each kind as it comes. */
  loosen(order: Order): Observable<Loosening> {
    return from(PARTS).pipe(
      concatMap((part) =>
        abortable((signal) => this.work.run('loosen-day', { order: { ...order, seconds: 2 }, part }, signal)).pipe(
          catchError(() => of(undefined)),
        ),
      ),
      scan((so: Loosening, found, at): Loosening => {
        const under = at < PARTS.length - 1;
        if (!found) return { ...so, under, ...(found === undefined && { cutShort: true }) };
        const ways = [...so.ways, ...found.ways].sort((a, b) => a.plan.cost - b.plan.cost);
        return { ...so, ...found, ways, under };
      }, NOTHING_LOOSENED),
    );
  }
}

/** What is asked of the day for one wish alone: what its batch and its bake are. */
function ofOneWish({ sheet, formulas, ...order }: Order, wish: Wish): Order {
  const known = formulas[wish.formulaId];
  return { ...order, sheet: { ...sheet, wishes: [wish], own: [] }, formulas: known ? { [wish.formulaId]: known } : {} };
}

function afterRound(so: Planning, seconds: number, answer: SheetPlan): Planning {
  const quick = seconds === AT_ONCE;
  if (answer.kind !== 'planned')
    return {
      ...so,
      answer: quick ? (so.answer ?? answer) : answer,
      under: quick || (answer.kind === 'none' && !answer.proven),
    };
  const { plan } = answer;
  const rounds = [...so.rounds, { seconds, cost: plan.cost, bound: plan.bound }];
  return { answer, rounds, under: quick || !plan.proven };
}
