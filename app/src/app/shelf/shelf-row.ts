import type { HeatScale } from '@orvin/core/ground/units';
import { heatOn, windowInWords } from '@orvin/core/words/figures';
import type { StoredFormula } from '../store/records';
import type { ShelfFacts } from '../work/shelf-jobs';

export interface ShelfRow {
  readonly id: string;
  readonly title: string;
  readonly version: number | undefined;
  readonly known: string;
  /** What reading it tells; undefined until it is read. */
  readonly facts: ShelfFacts | undefined;
}

export function shelfRow(
  record: StoredFormula,
  facts: ShelfFacts | undefined,
  version: number | undefined,
  scale: HeatScale = 'C',
): ShelfRow {
  const { bake, title } = record.formula;
  const time = bake.lowMinutes === undefined ? '' : windowInWords(bake.lowMinutes, bake.highMinutes ?? bake.lowMinutes);
  const heat = bake.celsius === undefined ? '' : `${heatOn(scale, bake.celsius)}${bake.fan ? $localize` fan` : ''}`;
  return {
    id: record.id,
    title: title || $localize`Without a name`,
    version,
    known: [time, heat].filter((part) => part !== '').join(' · '),
    facts,
  };
}
