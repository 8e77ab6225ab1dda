import { auditFormula } from '../../bench/audit/index.js';
import { findingsIn } from '../../bench/findings/index.js';
import { findingInWords } from '../../words/finding-words/index.js';
import { readFormula } from './index.js';

/** Every number of a value that is not one. */
function brokenNumbers(value: unknown): readonly string[] {
  const broken: string[] = [];
  JSON.stringify(value, (key, each: unknown) => {
    if (typeof each === 'number' && !Number.isFinite(each)) broken.push(key);
    return each;
  });
  return broken;
}

function formulaWith(line: string) {
  const reading = readFormula(`Loaf\n200 g plain flour\n100 g caster sugar\n${line}\nBake at 180 C.`, 'UK');
  if (reading.kind !== 'read') throw new Error(reading.problem.code);
  return reading.formula;
}
const auditWith = (line: string) => auditFormula(formulaWith(line));

describe('an amount that cannot be', () => {
  const IMPOSSIBLE: readonly (readonly [string, RegExp])[] = [
    [`1${'0'.repeat(310)} ml buttermilk`, /tonne/],
    ['99999999999 g flour', /tonne/],
    ['1 cup minus 2 cups milk', /below 0/],
    ['-2 cups flour', /below 0/],
    ['−100 g flour', /below 0/],
    ['0 eggs', /is 0/],
    ['0 g butter', /is 0/],
    ['0 cups flour', /is 0/],
  ];
  for (const [line, says] of IMPOSSIBLE)
    it(`is marked in words and left out: ${line.slice(0, 24)}`, () => {
      const formula = formulaWith(line);
      const audit = auditFormula(formula);
      expect(formula.title).toBe('Loaf');
      expect(audit.lines.map(({ text }) => text)).toContain(line);
      const findings = findingsIn(formula).findings.filter(({ code }) => code === 'amount-impossible');
      expect(findings.map((finding) => findingInWords(finding).say).join(' ')).toMatch(says);
      expect(brokenNumbers(audit)).toEqual([]);
      expect(audit.totals.grams).toBeCloseTo(300, 6);
    });
  for (const line of ['1e400 cups milk', '3/0 cups milk', '1/0 eggs', '1.5e3 g flour', `1/${'9'.repeat(400)} cup milk`])
    it(`never makes a figure that is none: ${line.slice(0, 24)}`, () =>
      expect(brokenNumbers(auditWith(line))).toEqual([]));
  it('reads the digits of other scripts', () => {
    const weights = ['3 cups flour', '٣ cups flour', '３ cups flour', '३ cups flour'].map(
      (line) => auditWith(line).lines.at(-1)?.grams ?? 0,
    );
    expect(weights[0]).toBeGreaterThan(300);
    expect(new Set(weights).size).toBe(1);
  });
  it('takes dashes for bullets where every amount has one', () => {
    const reading = readFormula('Loaf\n-200 g plain flour\n-100 g caster sugar\n-2 eggs\nBake at 180 C.', 'UK');
    const lines = reading.kind === 'read' ? auditFormula(reading.formula).lines : [];
    expect(lines.map(({ grams }) => Math.round(grams ?? 0))).toEqual([200, 100, 102]);
  });
});
