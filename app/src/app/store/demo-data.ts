import type { StoredFormula, StoredVersion } from './records';
import { readFormula } from '@orvin/core/parsing';
import { DEMO_FORMULAS } from '@orvin/core/samples';

/** The tea tent's formulas as records: read by the same reader as anything pasted, each kept as its first version. */
export function demoData(now: number): {
  readonly formulas: readonly StoredFormula[];
  readonly versions: readonly StoredVersion[];
} {
  const formulas = DEMO_FORMULAS.flatMap(({ id, text }, i): StoredFormula[] => {
    const reading = readFormula(text, 'UK');
    if (reading.kind !== 'read') return [];
    const at = now - i;
    return [
      {
        id: `demo-${id}`,
        revision: 1,
        createdAt: at,
        changedAt: at,
        source: text,
        demo: true,
        formula: reading.formula,
        oven: {},
      },
    ];
  });
  const versions = formulas.map((record): StoredVersion => ({
    id: `${record.id}-1`,
    revision: 1,
    formulaId: record.id,
    number: 1,
    parent: null,
    reason: 'as it was written',
    keptAt: record.createdAt,
    formula: record.formula,
    oven: record.oven,
  }));
  return { formulas, versions };
}
