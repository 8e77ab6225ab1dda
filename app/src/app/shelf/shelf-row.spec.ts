import { PLAIN_KITCHEN } from '@orvin/core/kitchen/kitchen';
import { readFormula } from '@orvin/core/formula/parsing';
import { shelfJobs } from '../work/shelf-jobs';
import { shelfRow } from './shelf-row';

function rowOf(text: string) {
  const reading = readFormula(text, 'UK');
  if (reading.kind !== 'read') throw new Error(reading.problem.code);
  const { formula } = reading;
  const [facts] = shelfJobs['shelf-facts']({ formulas: [formula], kitchen: PLAIN_KITCHEN, beside: [] });
  return shelfRow({ id: 'a', revision: 1, createdAt: 0, changedAt: 0, demo: false, formula, oven: {} }, facts, 3);
}
const MUFFINS =
  'Muffins\n250 g plain flour\n130 g sugar\n85 g butter\n100 g egg\n220 g milk\n3 g salt\n11 g baking powder\nBake at 200 °C for 20 to 22 minutes';

describe('shelfRow', () => {
  it('says balanced when everything sits in its band', () => {
    const row = rowOf(MUFFINS);
    expect(row.facts?.standing.text).toBe('balanced');
    expect(row.known).toBe('20–22 min · 200 °C');
    expect(row.version).toBe(3);
  });
  it('has a fingerprint that is a whole', () => {
    expect(rowOf(MUFFINS).facts?.fingerprint.reduce((sum, { percent }) => sum + percent, 0)).toBeCloseTo(100, 6);
  });
  it('names the worst first: a line not understood, then soda, then what is far off, then the bands', () => {
    expect(rowOf(`${MUFFINS}\n20 g zorblax`).facts?.standing.text).toBe('one line does not count');
    expect(rowOf(MUFFINS.replace('11 g baking powder', '8 g bicarbonate of soda')).facts?.standing.text).toMatch(
      /g soda left over$/,
    );
    expect(rowOf(MUFFINS.replace('130 g sugar', '350 g sugar')).facts?.standing.text).toBe('one thing does not add up');
    expect(rowOf(MUFFINS.replace('130 g sugar', '60 g sugar')).facts?.standing.text).toContain('sugar low');
  });
});
