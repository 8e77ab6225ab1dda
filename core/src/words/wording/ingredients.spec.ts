import { checkIngredient } from '../../kitchen/own-ingredients/index.js';
import { BROKEN_INGREDIENTS } from '../../kitchen/own-ingredients/broken-ingredients.spec-help.js';
import { faultInWords } from './index.js';

describe('faultInWords', () => {
  for (const [code, { what, own, says }] of Object.entries(BROKEN_INGREDIENTS)) {
    it(`says what to look at for ${what}, with its figure and no hole in it`, () => {
      const fault = checkIngredient(own).find((one) => one.code === code);
      if (!fault) throw new Error(`not found: ${code}`);
      const { say, why } = faultInWords(fault);
      expect(say).toMatch(/^[A-Z0-9].*[.?]$/);
      expect(why.length).toBeGreaterThan(10);
      expect(`${say} ${why}`).not.toMatch(/undefined|NaN|\[object/);
      if (says) expect(`${say} ${why}`).toMatch(says);
    });
  }
});
