import { ACID_GROUPS } from '../../batter/leavening/index.js';
import {
  CATEGORIES,
  eggOf,
  INGREDIENTS,
  ingredientById,
  isInclusion,
  matchIngredient,
  roleOf,
  searchIngredients,
} from './index.js';

describe('the ingredient table', () => {
  it('has each id once and a known category in every row', () => {
    expect(INGREDIENTS.length).toBeGreaterThanOrEqual(584);
    expect(new Set(INGREDIENTS.map(({ id }) => id)).size).toBe(INGREDIENTS.length);
    for (const { id, category } of INGREDIENTS) expect(CATEGORIES.includes(category)).withContext(id).toBeTrue();
  });
  it('never has parts that weigh more than the whole', () => {
    for (const { id, composition } of INGREDIENTS) {
      const { water, fat, protein, starch, sugars, fibre, alcohol } = composition;
      const parts = [water, fat, protein, starch, sugars, fibre, alcohol];
      for (const part of parts) expect(part).withContext(id).toBeGreaterThanOrEqual(0);
      expect(parts.reduce((sum, part) => sum + part, 0))
        .withContext(id)
        .toBeLessThan(1.021);
    }
  });
  it('gives acid to what is sour and none to what is alkaline', () => {
    for (const { id, nativePh, acidMeqPerGram } of INGREDIENTS) {
      if (nativePh === undefined || id in ACID_GROUPS) continue;
      if (nativePh < 4.6) expect(acidMeqPerGram).withContext(id).toBeGreaterThan(0);
      if (nativePh > 7.6) expect(acidMeqPerGram).withContext(id).toBeLessThanOrEqual(0);
    }
  });
  it('packs tighter when scooped than when spooned, and looser when sifted', () => {
    for (const { id, gramsPerMillilitre: by } of INGREDIENTS) {
      if (by.scooped !== undefined)
        expect(by.scooped)
          .withContext(id)
          .toBeGreaterThan(by.spooned ?? Infinity);
      if (by.sifted !== undefined)
        expect(by.sifted)
          .withContext(id)
          .toBeLessThan(by.spooned ?? 0);
    }
  });
});

describe('matchIngredient', () => {
  const KNOWN: readonly (readonly [string, string, 'US' | 'UK' | 'IN'])[] = [
    ['plain flour', 'all-purpose-flour', 'UK'], ['AP flour', 'all-purpose-flour', 'US'], ['all-purpose flour', 'all-purpose-flour', 'US'], ['maida', 'all-purpose-flour', 'IN'],
    ['bicarb', 'baking-soda', 'UK'], ['bicarbonate of soda', 'baking-soda', 'UK'], ['bread soda', 'baking-soda', 'UK'], ['curd', 'plain-yogurt', 'IN'], ['lemon curd', 'lemon-curd', 'UK'],
    ['unsalted butter, softened', 'unsalted-butter', 'US'], ['cold butter', 'unsalted-butter', 'UK'], ['caster sugar', 'superfine-sugar', 'UK'], ['icing sugar', 'powdered-sugar', 'UK'],
    ['SR flour', 'self-raising-flour', 'UK'], ['strong white flour', 'bread-flour', 'UK'], ['wholemeal flour', 'whole-wheat-flour', 'UK'], ['double cream', 'double-cream', 'UK'],
    ['heavy cream', 'heavy-cream', 'US'], ['black treacle', 'black-treacle', 'UK'], ['ripe bananas', 'banana', 'US'], ['courgettes', 'zucchini', 'UK'], ['free-range eggs', 'egg', 'UK'],
    ['cornflour', 'cornstarch', 'UK'], ['toasted walnuts', 'walnuts', 'US'], ['fine sea salt', 'fine-sea-salt', 'US'], ['leek', 'leek', 'UK'], ['fresh thyme leaves', 'fresh-thyme', 'UK'],
  ]; // prettier-ignore
  for (const [written, id, region] of KNOWN) {
    it(`takes "${written}" for ${id} (${region})`, () => {
      const matchResult = matchIngredient(written, region);
      expect(matchResult.kind === 'matched' ? matchResult.ingredient.id : matchResult.kind).toBe(id);
      expect(matchResult.kind === 'matched' && matchResult.confidence).toBeGreaterThanOrEqual(0.6);
    });
  }
  it('finds every ingredient by its own names, in the regions that say them', () => {
    for (const { id, nameUs, nameUk } of INGREDIENTS) {
      for (const [name, region] of [
        [nameUs, 'US'],
        [nameUk, 'UK'],
      ] as const) {
        const found = matchIngredient(name, region);
        expect(found.kind).withContext(`${id}: ${name}`).toBe('matched');
      }
    }
  });
  it('knows a thing by its plainest name, and a dried or malted one from the fresh or plain', () => {
    for (const [name, id] of [
      ['ham', 'ham'],
      ['muesli', 'muesli'],
      ['lager', 'lager'],
      ['agar', 'agar'],
      ['dextrose', 'dextrose'],
      ['fructose', 'fructose'],
      ['tomatoes', 'tomato'],
      ['advocaat', 'egg-liqueur'],
      ['halloumi', 'halloumi'],
      ['plantains', 'plantain'],
      ['dried egg white', 'dried-egg-white'],
      ['egg white', 'egg-white'],
      ['malted flour', 'malted-grain-flour'],
      ['sun dried tomatoes', 'sun-dried-tomatoes'],
    ] as const) {
      const match = matchIngredient(name, 'UK');
      expect(match.kind === 'matched' ? match.ingredient.id : match.kind)
        .withContext(name)
        .toBe(id);
    }
  });
  it('matches nothing silently: what is unknown is unknown, what is left over is named', () => {
    expect(matchIngredient('zorblax', 'US').kind).toBe('unknown');
    expect(matchIngredient('', 'US').kind).toBe('unknown');
    const odd = matchIngredient('purple unicorn sugar', 'US');
    expect(odd.kind === 'matched' && odd.unread).toEqual(['purple', 'unicorn']);
    expect(odd.kind === 'matched' && odd.confidence).toBeLessThan(0.5);
  });
  it('offers the nearest spelling of a slip', () => {
    const slip = matchIngredient('buttermlik', 'US');
    expect(slip.kind === 'unknown' && slip.nearest[0]?.id).toBe('buttermilk');
  });
  it('says that a word means different things, and offers the others', () => {
    const cocoa = matchIngredient('cocoa', 'UK');
    expect(cocoa.kind === 'matched' && cocoa.ambiguity).toContain('alkalised');
    expect(cocoa.kind === 'matched' && cocoa.others.map(({ id }) => id)).toContain('dutch-cocoa');
  });
});

describe('searchIngredients', () => {
  it('begins with names that begin so, and forgives a slip', () => {
    expect(searchIngredients('butterm')[0]?.id).toBe('buttermilk');
    expect(searchIngredients('yogrt').map(({ id }) => id)).toContain('plain-yogurt');
    expect(searchIngredients('   ')).toEqual([]);
  });
});

describe('eggOf', () => {
  it('weighs an egg as its country sells it', () => {
    expect(eggOf('US', 'large').egg.shelledGrams).toBe(50);
    expect(eggOf('UK', 'large').egg.shelledGrams).toBeGreaterThan(eggOf('UK', 'medium').egg.shelledGrams);
    expect(eggOf('UK', undefined).certain).toBeFalse();
  });
  it('knows a size by what another country calls it', () => {
    for (const [region, word, grams] of [['UK', 'extra large', 69], ['EU', 'XL', 69], ['US', 'very large', 56], ['JP', 'large', 58], ['NZ', 'large', 57], ['AU', 'x-large', 54]] as const)
      expect(eggOf(region, word)).withContext(`${region} ${word}`).toEqual(jasmine.objectContaining({ egg: jasmine.objectContaining({ shelledGrams: grams }), certain: true }));
    expect(eggOf('UK', 'constructor').certain).toBeFalse();
  }); // prettier-ignore
  it('has white and yolk that add up to the egg', () => {
    for (const region of ['US', 'UK', 'AU', 'EU', 'JP'] as const) {
      const { shelledGrams, whiteGrams, yolkGrams } = eggOf(region, undefined).egg;
      expect(Math.abs(whiteGrams + yolkGrams - shelledGrams)).toBeLessThan(1.5);
    }
  });
});

describe('isInclusion', () => {
  const is = (id: string, preparation: Parameters<typeof isInclusion>[1]) => {
    const ingredient = ingredientById(id);
    return ingredient && isInclusion(ingredient, preparation);
  };
  it('keeps berries, nuts and cheese as pieces, and mixes in what is mashed, grated or soft', () => {
    expect(is('blueberries', 'none')).toBeTrue();
    expect(is('walnuts', 'pieces')).toBeTrue();
    expect(is('cheddar', 'grated')).toBeTrue();
    expect(is('banana', 'mashed')).toBeFalse();
    expect(is('zucchini', 'grated')).toBeFalse();
    expect(is('cream-cheese', 'none')).toBeFalse();
  });
});

describe('roleOf', () => {
  it('counts flours, starches and oats as flour, and never an egg or a sugar', () => {
    for (const ingredient of INGREDIENTS) {
      const { flour, egg } = roleOf(ingredient);
      if (['egg', 'sugar', 'syrup', 'fat', 'dairy'].includes(ingredient.category))
        expect(flour).withContext(ingredient.id).toBe(0);
      expect(flour >= 0 && flour <= 1 && egg >= 0 && egg <= 1).toBeTrue();
    }
  });
});
