import { without } from '../../ground/records/index.js';
import { vesselSaid } from '../../kitchen/equipment/index.js';
import type { BakeJob } from '../../oven/baking/index.js';
import { bakeJobOf } from './bake-job.js';
import type { BakeOrder } from './bake-order.js';

/** The known bake as it was baked: its pans, its set point, the formula's own batter, an oven that gives what it says. */
export function knownBakeJob({
  order,
  audit,
}: {
  readonly order: BakeOrder;
  readonly audit: BakeOrder['audit'];
}): BakeJob | undefined {
  const { formula, kitchen, known = formula.bake, knownGrams = audit.totals.grams } = order;
  const { pan, celsius, fan, lowMinutes } = known;
  const parsed = pan === undefined ? undefined : vesselSaid(pan, kitchen.pans);
  if (parsed?.kind !== 'vessel' || celsius === undefined || lowMinutes === undefined || !(knownGrams > 0))
    return undefined;
  const elsewhere = without(kitchen, 'oven', 'place');
  return bakeJobOf({ ...order, kitchen: elsewhere, oven: {} }, { pans: parsed.set, grams: knownGrams, celsius, fan });
}

/**
 * The written bake as the model sees it, leaning on nothing; undefined where no time or no pan with a size is written, where it goes in
 * stages, or where its size is assumed.
 */
export function writtenBakeJob(order: Pick<BakeOrder, 'formula' | 'audit' | 'kitchen'>): BakeJob | undefined {
  const { bake } = order.formula;
  if (order.audit.weighed.flourBasis?.assumed === true || bake.stages) return undefined;
  const job = knownBakeJob({ order, audit: order.audit });
  if (!job) return undefined;
  const { batter, pans, setting } = job;
  return { batter, pans, setting };
}
