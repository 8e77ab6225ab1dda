import { recipeOf, type NamedRecord } from '../records/index.js';
import { NETWORK } from './network.js';
import { faultsOf, saysHowItWas } from './known-facts.js';

/*
 * What came of the changes: the next bake of a recipe after one was made either has the faults again or has not. Each answer moves this
 * kitchen's view of the cause gently; nothing of it is stored, the Book says it every time.
 */

export interface Tried {
  /** The bake that it was changed because of, and the next one of it. */
  readonly id: string;
  readonly nextId: string;
  readonly cause: string;
  /** Faults that the cause makes, of those that were seen; those that came again. */
  readonly faults: readonly string[];
  readonly again: readonly string[];
  readonly confirmed: boolean;
}

/** Log-odds for one change that worked, or did not, and the most that all of them say. @source judged: a kitchen of one baker */
const GENTLY = 0.35;
const MOST = 1;

/** Every change that has its next bake, the latest first. */
export function triedChanges(records: readonly NamedRecord[]): readonly Tried[] {
  const inOrder = [...records].sort((one, other) => one.record.at - other.record.at);
  return inOrder
    .flatMap(({ id, record }, i): readonly Tried[] => {
      const { tried } = record;
      if (!tried) return [];
      const faults = faultsOf(record).filter((fault) => NETWORK.links[fault]?.[tried.cause] !== undefined);
      const next = inOrder.slice(i + 1).find((later) => recipeOf(later.record) === recipeOf(record) && saysHowItWas(later.record) && (tried.versionNumber === undefined || (later.record.versionNumber ?? tried.versionNumber) >= tried.versionNumber));
      if (!next || faults.length === 0) return [];
      const now = new Set(faultsOf(next.record));
      const again = faults.filter((fault) => now.has(fault));
      return [{ id, nextId: next.id, cause: tried.cause, faults, again, confirmed: again.length === 0 }];
    })
    .reverse();
} // prettier-ignore

/** Log-odds by cause that the outcomes of this kitchen give. */
export function kitchenOdds(tried: readonly Tried[]): Readonly<Record<string, number>> {
  const odds: Record<string, number> = {};
  for (const { cause, confirmed } of tried)
    odds[cause] = Math.max(-MOST, Math.min(MOST, (odds[cause] ?? 0) + (confirmed ? GENTLY : -GENTLY)));
  return odds;
}
