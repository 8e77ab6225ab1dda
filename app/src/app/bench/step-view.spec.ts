import { auditFormula } from '@orvin/core/bench/audit';
import { readFormula } from '@orvin/core/formula/parsing';
import { saidIn, takenBy } from './step-view';

const TEXT = `Loaf
200 g plain flour
100 g sugar, divided
2 large eggs

Method
Whisk the flour with half the sugar.
Beat in the eggs for 2 minutes at room temperature.
Scatter the remaining sugar over, bake at 180 °C for 40 to 45 minutes, until it springs back, then cool for 2 days.`;

function views() {
  const reading = readFormula(TEXT, 'UK');
  if (reading.kind !== 'read') throw new Error(reading.problem.code);
  const audit = auditFormula(reading.formula);
  const lines = new Map(audit.lines.map((line) => [line.lineId, line]));
  return audit.steps.map((step) => ({
    taken: takenBy(audit.method, step.id, lines, 'UK').map(({ name, grams, portion }) => [name, grams, portion]),
    said: saidIn(step).map(({ words }) => words),
  }));
}

describe('what a step takes and says', () => {
  it('shows so much now and the rest later', () => {
    const [first, , last] = views();
    expect(first?.taken).toEqual([
      ['plain flour', '200 g', ''],
      ['sugar', '50 g', 'half'],
    ]);
    expect(last?.taken).toEqual([['sugar', '50 g', 'the remaining']]);
  });
  it('says of what stands on a griddle that it does', () => {
    const reading = readFormula('Farls\n200 g flour\n\nMethod\nCook on a griddle, 9 minutes a side.', 'UK');
    if (reading.kind !== 'read') throw new Error(reading.problem.code);
    expect(saidIn(auditFormula(reading.formula).steps[0], 'C', 'griddle').map(({ words }) => words)).toContain('9 min on a griddle'); // prettier-ignore
  });
  it('words times by what they are for, set points and signs', () => {
    const [, second, last] = views();
    expect(second?.said).toContain('2 min of mixing');
    expect(last?.said).toEqual(jasmine.arrayContaining(['180 °C', '40–45 min in the oven', '2 d to cool']));
    expect(last?.said.some((words) => words.startsWith('until it springs back'))).toBeTrue();
  });
});
