import { weighFormula, type FormulaReading } from './index.js';
import { readText } from '../reading/index.js';

const formulaOf = (reading: FormulaReading) => {
  if (reading.kind !== 'read') throw new Error('not read');
  return reading.formula;
};
const gramsIn = (text: string): Readonly<Record<string, number | undefined>> => {
  const weighed = weighFormula(formulaOf(readText(text, 'UK')));
  return Object.fromEntries(
    weighed.components.flatMap(({ lines }) =>
      lines.flatMap(({ entries }) =>
        entries.map(({ ingredient, weight }) => [ingredient?.id ?? 'unknown', weight && Math.round(weight.grams)]),
      ),
    ),
  );
};
const SHARES = 'flour 100%\nsugar 20%\nbutter 20%\nmilk 50%\nbaking powder 5%';

describe('a formula of shares', () => {
  it('takes its size from the flour that is said beside it', () => {
    for (const said of ['Batch: 5 kg flour', 'For 5 kg of flour', 'batch of 5 kilos plain flour']) {
      const grams = gramsIn(`Quay scones\n${said}\n${SHARES}`);
      expect(grams['all-purpose-flour']).withContext(said).toBe(5000);
      expect(grams['granulated-sugar']).withContext(said).toBe(1000);
    }
  });
  it('is shared out of a batch that is said as a whole', () => {
    // 195 parts in all, 100 of them flour
    const grams = gramsIn(`Quay scones, batch 3.9 kg\n${SHARES}`);
    expect(grams['all-purpose-flour']).toBe(2000);
    expect(grams['whole-milk']).toBe(1000);
  });
  it('may leave its signs off where the flour stands at 100', () => {
    const grams = gramsIn(
      'Canteen muffins, for 1200 g flour\nFlour 100\nSugar 60\nOil 40\nMilk 80\nEggs 40\nBaking powder 4\nSalt 1.2',
    );
    expect(grams['all-purpose-flour']).toBe(1200);
    expect(grams['egg']).toBe(480);
    expect(grams['table-salt']).toBe(14);
  });
  it('is not made of counts: two eggs beside grams are two eggs', () => {
    expect(gramsIn('Buns\n100 g flour\n2 eggs\n50 g sugar\n10 g baking powder\n20 g butter')['egg']).toBeLessThan(130);
  });
  it('asks what a sack holds', () => {
    const reading = readText('Stall gingerbread\n10 lb flour\n3 sacks sugar\n2 lb butter', 'UK');
    expect(reading.kind === 'read' && reading.problems.map(({ code }) => code)).toContain('measure-unknown');
  });
});
