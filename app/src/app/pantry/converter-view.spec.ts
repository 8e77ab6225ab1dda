import { learn, PLAIN_KITCHEN } from '@orvin/core/kitchen/kitchen';
import { converterView } from './converter-view';

const view = (words: string, kitchen = PLAIN_KITCHEN) => {
  const result = converterView(words, 'US', kitchen);
  if (result.kind === 'problem') throw new Error(result.say);
  return result.view;
};

describe('converterView', () => {
  it('shows that a cup of flour is 115 to 150 g, by the way it is filled', () => {
    const { bars, spread, grams } = view('1 cup plain flour');
    expect(bars.map(({ filling }) => filling).sort()).toEqual(['scooped', 'sifted', 'spooned']);
    expect(bars.find(({ filling }) => filling === 'sifted')?.grams).toBeCloseTo(116, 0);
    expect(bars.find(({ filling }) => filling === 'scooped')?.grams).toBeCloseTo(144, 0);
    expect(Number(grams)).toBeCloseTo(125, 0);
    expect(spread).toMatch(/^1\d\d to 1\d\d g$/);
  });
  it('takes one cup where no amount is written, and marks the baker’s own way', () => {
    const { bars } = view('plain flour', learn.filling(PLAIN_KITCHEN, 'all-purpose-flour', 'scooped'));
    expect(bars.filter(({ usual }) => usual).map(({ filling }) => filling)).toEqual(['scooped']);
  });
  it('goes from grams to spoons and cups', () => {
    const { others, bars } = view('15 g baking powder');
    expect(bars).toEqual([]);
    expect(others.find(({ unit }) => unit === 'tsp')?.amount).toBe('3¼');
  });
  it('says what it does not know', () => {
    const result = converterView('1 cup zorblax', 'US', PLAIN_KITCHEN);
    expect(result.kind === 'problem' && result.say).toContain('zorblax');
  });
});
