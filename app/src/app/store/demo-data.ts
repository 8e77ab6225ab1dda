import { PLAIN_KITCHEN, type OwnPan } from '@orvin/core/kitchen/kitchen';
import { parsePan } from '@orvin/core/kitchen/pans';
import type { StoredFormula, StoredKitchen, StoredVersion } from './records';
import { readFormula } from '@orvin/core/formula/parsing';
import { DEMO_FORMULAS } from '@orvin/core/doors/samples';

/** The tea tent's pans, as they stand on its shelf. */
const PANS = ['20 cm round x 2', '2 lb loaf tin x 2', '12-hole muffin tin x 2', '30 x 20 x 4 cm tin', '18 cm round, 9 cm deep', '20 cm square tin']; // prettier-ignore

function panShelf(): readonly OwnPan[] {
  return PANS.flatMap((words, i): OwnPan[] => {
    const parsedPan = parsePan(words);
    if (parsedPan.kind !== 'pan') return [];
    const name = words.replace(/ x \d+$/, '');
    return [
      {
        id: `demo-pan-${i + 1}`,
        name,
        pan: { ...parsedPan.set.pan, name },
        count: parsedPan.set.count,
        madeOf: 'aluminium',
      },
    ];
  });
}

/** The tea tent's formulas as records: read by the same reader as anything pasted, each kept as its first version. */
export function demoData(now: number): {
  readonly formulas: readonly StoredFormula[];
  readonly versions: readonly StoredVersion[];
  readonly kitchen: StoredKitchen;
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
  const kitchen: StoredKitchen = { id: 'kitchen', revision: 1, kitchen: { ...PLAIN_KITCHEN, pans: panShelf() } };
  return { formulas, versions, kitchen };
}
