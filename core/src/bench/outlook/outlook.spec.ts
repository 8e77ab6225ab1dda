import { auditFormula } from '../audit/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { readFormula, portionsOf } from '../../formula/parsing/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { outlookOf } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

const read = (text: string) => formulaRead(readFormula(text, 'UK'));
const judged = (text: string, kitchen = PLAIN_KITCHEN) => {
  const formula = read(text);
  return outlookOf(formula, auditFormula(formula), kitchen);
};

describe('outlookOf', () => {
  for (const { id, text } of DEMO_FORMULAS)
    it(`judges ${id} without a hole`, () => {
      const { waiting, lift, nutrition, forces, portions } = judged(text);
      for (const value of [lift.specificVolume, lift.sinkingRisk, nutrition.perPortion.energy.likely, forces.tenderness, forces.moistness, portions.count, waiting.usableShare(30)])
        expect(Number.isFinite(value)).toBeTrue();
      expect(lift.specificVolume).toBeGreaterThan(1);
      expect(lift.specificVolume).toBeLessThan(4);
    }); // prettier-ignore
  it('lets a batter wait longer in a cold kitchen and asks for less leavener on a mountain', () => {
    const text = DEMO_FORMULAS[1]?.text ?? '';
    const cold = judged(text, { ...PLAIN_KITCHEN, place: { celsius: 12, metresAboveSea: 0 } });
    const high = judged(text, { ...PLAIN_KITCHEN, place: { celsius: 22, metresAboveSea: 2000 } });
    const usual = judged(text);
    expect(cold.waiting.adviceMinutes).toBeGreaterThan(usual.waiting.adviceMinutes);
    expect(high.lift.gasMillilitresPerGram).toBeGreaterThan(usual.lift.gasMillilitresPerGram);
    expect(high.altitude.leavenerFactor.likely).toBeLessThan(usual.altitude.leavenerFactor.likely);
  });
});

describe('portionsOf', () => {
  const formula = read(DEMO_FORMULAS[1]?.text ?? '');
  const count = (made: string | undefined, grams = 960) => {
    const { title, region, components, steps, bake } = formula;
    const plain = { title, region, components, steps, bake };
    return portionsOf(made === undefined ? plain : { ...plain, yield: made }, grams);
  };
  it('takes the number of pieces as portions, and slices what is cut', () => {
    expect(count('makes 12')).toEqual({ count: 12, of: 'portions', said: true });
    expect(count('Serves 8-10').count).toBe(9);
    expect(count('makes 24 small muffins')).toEqual({ count: 24, of: 'small muffins', said: true });
    expect(count('makes 2 loaves')).toEqual({ count: 12, of: 'slices', said: false });
    expect(count('makes 18 cupcakes').count).toBe(18);
    // a 12-hole muffin tin
    expect(count(undefined)).toEqual({ count: 12, of: 'pieces', said: true });
    const inATin = { ...formula, bake: { fan: false, pan: '20 cm square tin' } };
    expect(portionsOf({ ...inATin, yield: 'makes 1 cake' }, 960)).toEqual({ count: 12, of: 'slices', said: false });
  });
});
