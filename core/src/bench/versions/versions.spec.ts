import fc from 'fast-check';
import { auditFormula } from '../audit/index.js';
import { removeLine, replaceLine, type Formula } from '../../formula/formula/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { diffFormulas, versionTree } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

const read = (text: string): Formula => formulaRead(readFormula(text, 'UK'));
const loaf = read(DEMO_FORMULAS[0]?.text ?? '');
const diff = (before: Formula, after: Formula) =>
  diffFormulas(before, auditFormula(before), after, auditFormula(after));
const lineOf = (formula: Formula, words: string) => {
  const line = formula.components.flatMap(({ lines }) => lines).find(({ text }) => text.includes(words));
  if (!line) throw new Error(`no ${words}`);
  return line;
};

describe('diffFormulas', () => {
  it('finds nothing between a formula and itself', () => {
    const same = diff(loaf, loaf);
    expect(same.lines.every(({ kind }) => kind === 'same')).toBeTrue();
    expect(same.steps.every(({ kind }) => kind === 'same')).toBeTrue();
    expect(same.facts).toEqual([]);
  });
  it('tells a changed line, one that came and one that went, and what it did to the readings', () => {
    const soda = lineOf(loaf, 'baking soda');
    const after = removeLine(replaceLine(loaf, { ...soda, text: '1/2 tsp baking soda' }), lineOf(loaf, 'yogurt').id);
    const { lines, readings } = diff(loaf, after);
    expect(lines.filter(({ kind }) => kind === 'changed').map(({ textAfter }) => textAfter)).toEqual([
      '1/2 tsp baking soda',
    ]);
    expect(lines.filter(({ kind }) => kind === 'removed').map(({ textBefore }) => textBefore)).toEqual([
      '1/4 cup plain yogurt',
    ]);
    const ph = readings.find(({ quantity }) => quantity === 'crumb-ph');
    expect(ph?.after?.value).toBeLessThan(ph?.before?.value ?? 0);
    // seen from the other side, what went has come
    expect(
      diff(after, loaf)
        .lines.filter(({ kind }) => kind === 'added')
        .map(({ textAfter }) => textAfter),
    ).toEqual(['1/4 cup plain yogurt']);
  });
  it('pairs the lines of two formulas by what they are', () => {
    const muffins = read(DEMO_FORMULAS[1]?.text ?? '');
    const { lines } = diffFormulas(loaf, auditFormula(loaf), muffins, auditFormula(muffins), false);
    const flour = lines.find(({ textAfter }) => textAfter.startsWith('Plain flour'));
    expect(flour?.textBefore).toContain('all-purpose flour');
  });
});

describe('versionTree', () => {
  it('keeps the way to the latest in the first lane and gives a branch its own', () => {
    const rows = versionTree([
      { number: 1, parent: null },
      { number: 2, parent: 1 },
      { number: 3, parent: 2 },
      { number: 4, parent: 2 },
    ]);
    expect(rows.map(({ version, lane, parentLane, isTip }) => [version.number, lane, parentLane, isTip])).toEqual([
      [4, 0, 0, true],
      [3, 1, 0, true],
      [2, 0, 0, false],
      [1, 0, undefined, false],
    ]);
  });
  it('holds every version once, and every parent below its children', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(), { minLength: 1, maxLength: 40 }), (picks) => {
        const versions = picks.map((pick, i) => ({ number: i + 1, parent: i === 0 ? null : (pick % i) + 1 }));
        const rows = versionTree(versions);
        expect(new Set(rows.map(({ version }) => version.number)).size).toBe(versions.length);
        const place = new Map(rows.map(({ version }, i) => [version.number, i]));
        for (const { version } of rows)
          if (version.parent !== null)
            expect(place.get(version.parent)).toBeGreaterThan(place.get(version.number) ?? 0);
      }),
    );
  });
});
