import { TestBed } from '@angular/core/testing';
import { demoKitchen } from '../parts/demo-kitchen.spec-help';
import { rendered, wordsOf } from '../parts/rendered.spec-help';
import { FormulaStore } from '../store/formula-store';
import { FormulaStrip } from './formula-strip';

describe('the strip of the formula at hand', () => {
  const { withAtHand } = demoKitchen();
  const stripOf = async (makes: string) => {
    const id = await withAtHand('pear-cardamom-loaf');
    TestBed.inject(FormulaStore).change(id, 'the yield', ({ formula }) => ({ formula: { ...formula, yield: makes } }));
    return wordsOf(rendered(FormulaStrip)).replace(/\s+/g, ' ');
  };

  it('never lets how many it makes run into the grams: 6, and 986 g, are no 6,986 g', async () => {
    for (const [makes, said] of [
      ['6', /makes 6 \d/],
      ['Makes 8', /Makes 8 \d/],
      ['12 slices', /12 slices \d/],
    ] as const) {
      const words = await stripOf(makes);
      expect(words).toMatch(said);
      expect(words).not.toMatch(/\d, ?\d/);
    }
  });
  it('says the grams alone where nothing says how many', async () => {
    expect(await stripOf('')).toMatch(/(?<!, )\b\d{3} g of batter/);
  });
});
