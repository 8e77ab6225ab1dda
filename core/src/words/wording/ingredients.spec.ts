import { INGREDIENT_FAULT_CODES } from '../../kitchen/own-ingredients/index.js';
import { faultInWords } from './index.js';

describe('faultInWords', () => {
  it('says what to look at for every fault, with no hole in it', () => {
    const facts = { part: 'water', sum: 92, said: 400, byFactors: 350, sodium: 900, ash: 0.5, density: 3, filling: 'sifted', name: 'cup', grams: 100, byDensity: 120, ph: 3, acid: 0, because: 'milk', allergen: 'milk', category: 'dairy' }; // prettier-ignore
    for (const code of INGREDIENT_FAULT_CODES) {
      const { say, why } = faultInWords({ code, field: 'name', facts });
      expect(say)
        .withContext(code)
        .toMatch(/^[A-Z0-9].*[.?]$/);
      expect(why.length).withContext(code).toBeGreaterThan(10);
      expect(`${say} ${why}`)
        .withContext(code)
        .not.toMatch(/undefined|NaN/);
    }
  });
});
