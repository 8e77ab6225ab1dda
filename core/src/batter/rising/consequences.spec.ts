import { batterOf } from '../../doors/samples/index.js';
import { consequencesOf } from './index.js';
import { leaveningLedger } from '../leavening/index.js';

const codesOf = (amounts: Readonly<Record<string, number>>) => {
  const batter = batterOf(amounts);
  const ledger = leaveningLedger(batter);
  return consequencesOf(batter, ledger.crumbPh, ledger.leftoverSodaGrams, ledger.flourGrams).map(
    ({ code, odds }) => `${code} ${odds}`,
  );
};
const MUFFIN = {
  'all-purpose-flour': 250,
  'granulated-sugar': 130,
  'unsalted-butter': 85,
  egg: 100,
  'whole-milk': 220,
};

describe('consequencesOf', () => {
  it('turns blueberries blue in a crumb with soda left over, and not in one of powder', () => {
    expect(codesOf({ ...MUFFIN, blueberries: 150, 'baking-soda': 4.8 })).toContain('berries-turn-blue likely');
    expect(codesOf({ ...MUFFIN, blueberries: 150, 'aluminium-free-baking-powder': 10 }).join()).not.toContain(
      'berries',
    );
  });
  it('greys walnut skins, greens sunflower seeds and carrots only well on the alkaline side', () => {
    const alkaline = codesOf({ ...MUFFIN, walnuts: 60, 'sunflower-seeds': 40, 'baking-soda': 5 });
    expect(alkaline).toContain('walnut-skins-grey likely');
    expect(alkaline).toContain('seeds-turn-green likely');
    expect(codesOf({ ...MUFFIN, walnuts: 60, 'aluminium-free-baking-powder': 9 }).join()).not.toContain('walnut');
  });
  it('darkens cocoa with soda and leaves it light with acid', () => {
    expect(codesOf({ ...MUFFIN, 'natural-cocoa': 40, 'baking-soda': 6 })).toContain('cocoa-dark likely');
    expect(codesOf({ ...MUFFIN, 'natural-cocoa': 40, 'white-vinegar': 30 })).toContain('cocoa-light likely');
  });
  it('tastes much free soda, and much powder', () => {
    expect(codesOf({ ...MUFFIN, 'baking-soda': 6 })).toContain('tastes-soapy likely');
    expect(codesOf({ ...MUFFIN, 'aluminium-free-baking-powder': 18 })).toContain('tastes-of-powder likely');
    expect(codesOf({ ...MUFFIN, 'aluminium-free-baking-powder': 9 })).toEqual([]);
  });
  it('warns of ammonia in anything moist and of potassium', () => {
    expect(codesOf({ ...MUFFIN, 'bakers-ammonia': 4 })).toContain('ammonia-stays likely');
    expect(codesOf({ ...MUFFIN, 'low-sodium-baking-powder': 9 })).toContain('potassium-caution likely');
  });
});
