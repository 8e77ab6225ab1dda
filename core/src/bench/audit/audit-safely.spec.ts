import { readFormula } from '../../formula/parsing/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { INGREDIENTS } from '../../kitchen/ingredients/index.js';
import { startedFrom } from '../../kitchen/own-ingredients/index.js';
import { findingsIn } from '../findings/index.js';
import { auditFormula, auditSafely } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

function read(text: string): Formula {
  return formulaRead(readFormula(text, 'UK'));
}
const LOAF = read(`Loaf
225 g plain flour
2 tsp baking powder
150 g caster sugar
20 g glimmer
20 g barkdust
2 large eggs
120 g milk
Bake at 180 C for 40 minutes.`);

/** A kitchen with ingredients of the baker's own whose record was damaged: no sum comes of them. */
function damagedKitchen(...names: readonly string[]) {
  const [flour] = INGREDIENTS;
  if (!flour) throw new Error('no ingredients');
  const own = names.map((name) => ({ ...startedFrom(flour, `own-${name}`, name), acidMeqPerGram: Number.NaN, ph: 3 }));
  return { ...PLAIN_KITCHEN, ingredients: own };
}

describe('auditSafely', () => {
  it('is the audit where nothing is damaged', () => expect(auditSafely(LOAF)).toEqual(auditFormula(LOAF)));
  for (const names of [['glimmer'], ['glimmer', 'barkdust']])
    it(`leaves out what cannot be computed, says so, and computes the rest: ${names.join(' and ')}`, () => {
      const around = { kitchen: damagedKitchen(...names), formula: () => undefined };
      expect(() => auditFormula(LOAF, around)).toThrow();
      const audit = auditSafely(LOAF, around);
      const lost = audit.lines.filter(({ entries }) => entries.length === 0).map(({ text }) => text);
      expect(lost).toEqual(names.map((name) => `20 g ${name}`));
      expect(audit.leftOut.length).toBe(names.length);
      const { findings } = findingsIn(LOAF, around, audit);
      expect(findings.filter(({ code }) => code === 'not-understood').map(({ place }) => place)).toEqual([
        ...audit.leftOut,
      ]);
      expect(audit.lines.length).toBe(7);
      expect(audit.totals.flour).toBeCloseTo(225, 0);
      expect(audit.ledger.crumbPh.likely).toBeGreaterThan(5);
    });
});
