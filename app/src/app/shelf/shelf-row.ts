import type { Audit } from '@orvin/core/bench/audit';
import { styleShortName } from '@orvin/core/batter/balance';
import { gramsInWords, QUANTITY_NAMES, windowInWords } from '@orvin/core/words/wording';
import type { StoredFormula } from '../store/records';
import { MARKS } from '../parts/marks';

/** What a batter is built from, in the order of what it does: builds, wets, softens. Shares of the whole. */
export const FINGERPRINT_PARTS = ['flour', 'egg', 'water', 'fat', 'sugar'] as const;
export type FingerprintPart = (typeof FINGERPRINT_PARTS)[number];
export interface FingerprintShare {
  readonly part: FingerprintPart;
  readonly percent: number;
}

export interface Standing {
  readonly mark: string;
  readonly severity: 'error' | 'warning' | 'note' | 'none';
  readonly text: string;
}

export interface ShelfRow {
  readonly id: string;
  readonly title: string;
  readonly version: number | undefined;
  readonly style: string;
  readonly known: string;
  readonly fingerprint: readonly FingerprintShare[];
  readonly standing: Standing;
}

function fingerprint({ totals }: Audit): readonly FingerprintShare[] {
  const { flour, eggSolids, water, fat, sugar } = totals;
  const sum = flour + eggSolids + water + fat + sugar;
  if (!(flour > 0)) return [];
  const grams: Readonly<Record<FingerprintPart, number>> = { flour, egg: eggSolids, water, fat, sugar };
  return FINGERPRINT_PARTS.map((part) => ({ part, percent: (100 * grams[part]) / sum }));
}

/** How a formula stands, in one short phrase: the worst thing first. */
function standing({ lines, ledger, findings, verdicts, totals }: Audit): Standing {
  const uncounted = lines.filter(
    (line) =>
      line.entries.length === 0 ||
      line.entries.some(({ read }) => read.problems.some(({ severity }) => severity === 'error')),
  ).length;
  if (uncounted > 0)
    return {
      severity: 'error',
      mark: MARKS.error.shape,
      text: uncounted === 1 ? 'one line does not count' : `${uncounted} lines do not count`,
    };
  if (!(totals.flour > 0)) return { severity: 'warning', mark: MARKS.warning.shape, text: 'no flour' };
  const soda = findings.find(({ code }) => code === 'soda-left-over' || code === 'soda-without-acid');
  if (soda)
    return {
      severity: soda.severity,
      mark: MARKS[soda.severity].shape,
      text: `${gramsInWords(ledger.leftoverSodaGrams)} soda left over`,
    };
  const graver = findings.filter(({ severity }) => severity !== 'note');
  if (graver.length > 0)
    return {
      severity: 'warning',
      mark: MARKS.warning.shape,
      text: graver.length === 1 ? 'one thing does not add up' : `${graver.length} things do not add up`,
    };
  const outside = verdicts
    .filter(({ verdict }) => verdict !== 'within')
    .map(({ quantity, verdict }) => `${QUANTITY_NAMES[quantity]} ${verdict === 'below' ? 'low' : 'high'}`);
  if (outside.length > 0)
    return {
      severity: 'note',
      mark: MARKS.note.shape,
      text: outside.length > 2 ? `${outside.length} things outside the style` : outside.join(', '),
    };
  return { severity: 'none', mark: '', text: 'balanced' };
}

export function shelfRow(record: StoredFormula, audit: Audit, version: number | undefined): ShelfRow {
  const { bake, region, title } = record.formula;
  const time = bake.lowMinutes === undefined ? '' : windowInWords(bake.lowMinutes, bake.highMinutes ?? bake.lowMinutes);
  const heat = bake.celsius === undefined ? '' : `${Math.round(bake.celsius)} °C${bake.fan ? ' fan' : ''}`;
  return {
    id: record.id,
    title: title || 'Without a name',
    version,
    style: audit.style ? styleShortName(audit.style, region) : '',
    known: [time, heat].filter((part) => part !== '').join(' · '),
    fingerprint: fingerprint(audit),
    standing: standing(audit),
  };
}
