import { batterOf } from '../../doors/samples/index.js';
import { classicalRules, TEXTURE_FORCES, crumbTextureOf } from './index.js';
import { mustBeStyle } from '../balance/must-be-style.spec-help.js';

const CAKE = {
  'all-purpose-flour': 225,
  'superfine-sugar': 225,
  'unsalted-butter': 200,
  egg: 220,
  'whole-milk': 60,
  'baking-powder': 8,
};

describe('crumbTextureOf', () => {
  it('shares every force out to the last part', () => {
    const { of } = crumbTextureOf(batterOf(CAKE));
    for (const force of TEXTURE_FORCES)
      expect(of[force].reduce((sum, { share }) => sum + share, 0))
        .withContext(force)
        .toBeCloseTo(1, 9);
  });
  it('names what every baker would: flour toughens and dries, butter softens, egg and milk wet', () => {
    const { of } = crumbTextureOf(batterOf(CAKE));
    expect(of.toughens[0]?.ingredient.id).toBe('all-purpose-flour');
    expect(of.dries[0]?.ingredient.id).toBe('all-purpose-flour');
    expect(of.softens[0]?.ingredient.id).toBe('unsalted-butter');
    expect(of.wets[0]?.ingredient.id).toBe('egg');
  });
  it('does not change with the size of the batch, and moves the right way with a line', () => {
    const crumbTexture = crumbTextureOf(batterOf(CAKE));
    const two = crumbTextureOf(batterOf(CAKE).map((part) => ({ ...part, grams: 2 * part.grams })));
    expect(two.tenderness).toBeCloseTo(crumbTexture.tenderness, 9);
    expect(crumbTextureOf(batterOf({ ...CAKE, 'unsalted-butter': 250 })).tenderness).toBeGreaterThan(
      crumbTexture.tenderness,
    );
    expect(crumbTextureOf(batterOf({ ...CAKE, 'whole-milk': 120 })).moistness).toBeGreaterThan(crumbTexture.moistness);
    // strong flour pulls harder than cake flour
    const { 'all-purpose-flour': flour, ...rest } = CAKE;
    const strong = crumbTextureOf(batterOf({ ...rest, 'bread-flour': flour })).tenderness;
    expect(crumbTextureOf(batterOf({ ...rest, 'cake-flour': flour })).tenderness).toBeGreaterThan(strong);
  });
  it('agrees with the published indices of a butter cake: tender over tough 1.3, water over thirst 2.0', () => {
    const yellow = crumbTextureOf(batterOf({ 'cake-flour': 220, 'granulated-sugar': 220, 'unsalted-butter': 150, egg: 150, 'whole-milk': 160, 'table-salt': 3, 'baking-powder': 9.2 })); // prettier-ignore
    // leavening.md B.1: TT 1.32, MD 2.00; another ingredient table, within a tenth
    expect(Math.abs(yellow.tenderness / 1.32 - 1)).toBeLessThan(0.1);
    expect(Math.abs(yellow.moistness / 2 - 1)).toBeLessThan(0.1);
  });
});

describe('the cake maker’s rules', () => {
  const broken = (amounts: Readonly<Record<string, number>>, style: string) =>
    classicalRules(batterOf(amounts), mustBeStyle(style))
      .filter(({ holds }) => !holds)
      .map(({ code }) => code);
  it('hold for equal weights of flour, sugar, butter and egg', () => {
    expect(
      broken({ 'all-purpose-flour': 200, 'superfine-sugar': 200, 'unsalted-butter': 200, egg: 200 }, 'pound_cake'),
    ).toEqual([]);
  });
  it('name the one that is broken', () => {
    expect(broken({ ...CAKE, 'superfine-sugar': 260 }, 'creamed_butter_cake')).toContain('sugar-not-over-flour');
    expect(broken({ ...CAKE, egg: 100 }, 'creamed_butter_cake')).toContain('eggs-carry-fat');
  });
  it('turn round for a high-ratio cake, and do not apply to a muffin', () => {
    expect(broken({ ...CAKE, 'superfine-sugar': 180 }, 'high_ratio_cake')).toContain('sugar-over-flour');
    expect(classicalRules(batterOf(CAKE), mustBeStyle('muffin'))).toEqual([]);
  });
});
