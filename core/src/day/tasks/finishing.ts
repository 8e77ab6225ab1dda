import { isDressing, type Finishing } from '../works/index.js';
import { FINISHING, KEEPING } from './minutes.table.js';
import { heatStyle, stepsOf, type Load, type Order } from './order.js';

/** Filling, frosting, slicing, packing, in their order. */
export function finishingOf(order: Order, { pans, grams, count }: Load): readonly Finishing[] {
  const { frosting } = order.batch;
  const style = heatStyle(order);
  const keeping = KEEPING[style];
  const named = order.bake.order.formula.components.map(({ name }) => name).join(' ');
  const spread = frosting !== undefined || /frost|icing|buttercream|ganache/i.test(named);
  const filled = /\bfilling\b|\bcurd\b/i.test(named);
  const cups = (pans?.pan.cavities ?? 1) > 1;
  const litres = Math.max(4, Math.round((grams / 1000) * FINISHING.perLitreInFridge));
  const chill = order.says.chillMinutes;
  const list: Finishing[] = [];
  if (filled)
    list.push({ kind: 'fill', minutes: FINISHING.fill, waitMinutes: spread ? 0 : (chill ?? 0), fridgeLitres: litres });
  const coated = order.bake.order.batch?.frosting?.crumbCoat === true || /\bcrumb[- ]coat/i.test(stepsOf(order));
  if (spread && coated && !cups)
    list.push({ kind: 'crumb-coat', minutes: FINISHING.crumbCoat, waitMinutes: FINISHING.crumbCoatSets, fridgeLitres: litres }); // prettier-ignore
  if (spread)
    list.push({
      kind: 'frost',
      minutes: Math.round(
        cups
          ? 5 + FINISHING.frostCup * (pans?.pan.cavities ?? 12) * count
          : count > 1
            ? FINISHING.frostStack
            : FINISHING.frostSingle,
      ),
      waitMinutes: chill ?? (cups ? 0 : FINISHING.chillAfter),
      fridgeLitres: litres,
    });
  const slices = order.sliced ?? (order.served !== 'warm' && !cups);
  if (slices && keeping.sliceMinutes > 0)
    list.push({ kind: 'slice', minutes: keeping.sliceMinutes, waitMinutes: 0, fridgeLitres: 0 });
  if (order.packed === true) list.push({ kind: 'pack', minutes: 5, waitMinutes: 0, fridgeLitres: 0 });
  return list;
}
/** Until the next step may begin: cold enough to frost, firm enough to cut, cool enough to eat. */
export function coolingOf(order: Order, { foreseen }: Load, finishing: readonly Finishing[]): number {
  const keeping = KEEPING[heatStyle(order)];
  const [first] = finishing;
  const { slice, frost } = foreseen?.timeline.coolMinutes ?? {};
  const inPan = order.says.inPanMinutes ?? 0;
  if (order.served === 'warm' && !(first && isDressing(first.kind))) return Math.max(inPan, keeping.warmMinutes);
  const wanted = first && isDressing(first.kind) ? (frost ?? slice ?? 90) : (slice ?? 60);
  return Math.round(Math.max(inPan + 2, order.says.coolMinutes ?? Math.min(240, wanted)));
}
