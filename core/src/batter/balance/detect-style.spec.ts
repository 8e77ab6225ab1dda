import { readTable } from '../../ground/numerics/index.js';
import { workedParts } from '../../doors/samples/worked-parts.js';
import { WORKED_FORMULAS_TABLE } from '../../doors/samples/worked-formulas.table.js';
import { detectStyle, styleBook, styleById, STYLES, type StyleGuess } from './index.js';

const WORKED = readTable(WORKED_FORMULAS_TABLE);
const workedFor = (style: string) => WORKED.find((row) => row['style'] === style) ?? {};
const firstOf = (guesses: readonly StyleGuess[]) => guesses[0]?.style.id;
const rankOf = (guesses: readonly StyleGuess[], id: string) => guesses.findIndex(({ style }) => style.id === id);

/** What makes a style what it is, and what stands in its place where it is another: each in the worked formula of the style. */
const MADE_BY: readonly (readonly [style: string, what: string, instead: string])[] = [
  ['corn_bread', 'fine cornmeal=150', 'plain flour=150'],
  ['chocolate_cake', 'natural cocoa=60', 'natural cocoa=4'],
  ['gingerbread', 'treacle or dark molasses=130', 'caster sugar=130'],
  ['vegan_cake', 'soya milk=260', 'milk=260'],
  ['vegan_cake', 'vegetable oil=85', 'ghee=85'],
  ['gluten_free_loaf', 'brown rice flour=150', 'plain flour=150'],
  ['sourdough_discard_cake', 'sourdough discard (100%)=200', 'plain flour=100|water=100'],
  ['white_cake', 'egg white=150', 'egg=150'],
  ['yellow_cake', 'egg yolk=54', 'egg=54'],
  ['vegetable_cake', 'parsnip, grated=220', 'parsnip, grated=40'],
  ['vegetable_cake', 'parsnip, grated=220', 'parsnip, chopped=220'],
  ['fruit_puree_loaf', 'banana, mashed=300', 'banana, mashed=40'],
  ['bran_muffin', 'wheat bran=80|wholemeal flour=160', 'plain flour=240'],
  ['oat_farl_griddle', 'fine oatmeal=130', 'plain flour=130'],
  ['light_fruit_cake', 'sultanas=180|glace cherries=80', 'sultanas=30'],
  ['dark_fruit_cake', 'currants=350|sultanas=250|raisins=200', 'currants=120'],
  ['soda_bread_brown', 'wholemeal flour=300|plain flour=120', 'plain flour=420'],
  ['soda_bread_plain', 'plain flour=450', 'wholemeal flour=450'],
  ['soda_bread_plain', 'baking soda=4.2', 'baking powder=16'],
  ['soda_bread_brown', 'baking soda=4.5', 'baking powder=16'],
  ['soda_bread_enriched', 'baking soda=2.8', 'baking powder=9'],
  ['red_cocoa_cake', 'buttermilk=240', 'milk=240'],
  ['red_cocoa_cake', 'natural cocoa=12', 'natural cocoa=1'],
  ['one_bowl_buttermilk_cake', 'buttermilk=240', 'milk=240'],
  ['oil_cake', 'vegetable oil=110', 'butter, unsalted=110'],
  ['pound_cake', 'plain flour=240', 'self-raising flour=240'],
];

describe('the style of a batter', () => {
  for (const [style, what, instead] of MADE_BY)
    it(`is ${style} by ${what}, and not with ${instead}`, () => {
      const { ingredients = '' } = workedFor(style);
      expect(ingredients).toContain(what);
      const [as, otherwise] = [ingredients, ingredients.replace(what, instead)].map((of) =>
        detectStyle(workedParts(of), '', ''),
      );
      expect(rankOf(as ?? [], style))
        .withContext('with it')
        .toBeLessThan(2);
      expect(rankOf(otherwise ?? [], style))
        .withContext('without it')
        .toBeGreaterThan(1);
    });

  const muffin = workedParts(workedFor('muffin')['ingredients'] ?? '');
  it('leans on the pan where amounts would allow two', () => {
    for (const pan of ['12-hole muffin tin', '12 paper cases', 'bun tin'])
      expect(firstOf(detectStyle(muffin, '', pan)))
        .withContext(pan)
        .toBe('muffin');
    for (const pan of ['900 g loaf tin', '2 lb tin', '9 x 5 in', '9x5 in'])
      expect(firstOf(detectStyle(muffin, '', pan)))
        .withContext(pan)
        .toBe('plain_quick_loaf');
    const cake = workedParts(workedFor('tray_bake')['ingredients'] ?? '');
    for (const pan of ['two 20 cm round tins', '20 cm springform'])
      expect(firstOf(detectStyle(cake, '', pan)))
        .withContext(pan)
        .toBe('creamed_butter_cake');
    for (const pan of ['12-hole muffin tin', '12 paper cases'])
      expect(firstOf(detectStyle(cake, '', pan)))
        .withContext(pan)
        .toMatch(/^(?:muffin|cupcake)$/);
    for (const pan of ['9 x 13 in', '30 x 20 cm tray', '20 cm square'])
      expect(firstOf(detectStyle(cake, '', pan)))
        .withContext(pan)
        .toBe('tray_bake');
  });
  it('is one of ours where a book of textbook styles has none', () => {
    const BAKED: readonly (readonly [style: string, title: string, pan: string, parts: string])[] = [
      ['brownie', 'Harbour brownies', '20 cm square', 'butter, unsalted=180|caster sugar=260|egg=150|plain flour=90|natural cocoa=35'],
      ['brownie', 'Blondies', '20 cm square', 'butter, unsalted=190|light brown sugar=240|egg=100|plain flour=240|baking powder=4'],
      ['chocolate_cake', 'Chocolate cake', '20 cm square', 'butter, unsalted=150|caster sugar=260|egg=150|milk=200|plain flour=180|natural cocoa=45|baking powder=8'],
      ['tray_bake', 'Pear squares', '30 x 20 cm', 'butter, unsalted=175|caster sugar=225|egg=200|plain flour=240|baking powder=10|milk=60'],
      ['whisked_sponge', 'Sponge', '23 cm round', 'egg=200|caster sugar=120|plain flour=120'],
      ['creamed_butter_cake', 'Sponge', '23 cm round', 'egg=200|caster sugar=200|plain flour=200|baking powder=8|butter, unsalted=180'],
      ['rubbed_in_bun', 'Rock cakes', '', 'plain flour=220|baking powder=9|butter, unsalted=95|caster sugar=80|currants=120|egg=50|milk=30'],
      ['british_scone', 'Fruit scones', '', 'plain flour=220|baking powder=11|butter, unsalted=45|caster sugar=30|currants=60|egg=30|milk=90'],
      ['nut_cake', 'Almond cake', '20 cm round', 'almond meal=150|plain flour=50|butter, unsalted=150|caster sugar=160|egg=150|baking powder=3'],
    ]; // prettier-ignore
    for (const [style, title, pan, parts] of BAKED)
      expect(firstOf(detectStyle(workedParts(parts), title, pan)))
        .withContext(title)
        .toBe(style);
  });
  it('is nearer the more its name says so, whatever is written behind the name', () => {
    const named = (title: string) =>
      detectStyle(muffin, title, '').find(({ style }) => style.id === 'plain_quick_loaf')?.distance ?? NaN;
    expect(named('Blackberry loaf')).toBeLessThan(named('Blackberries'));
    expect(named('Blackberry loaf (or muffins)')).toBe(named('Blackberry loaf'));
    expect(named('Blackberry loaf, as muffins')).toBe(named('Blackberry loaf'));
  });
  it('is hardly one that its name does not mean: families by the last word', () => {
    const CALLED: readonly (readonly [title: string, meant: readonly string[]])[] = [
      ['Three-egg scones', ['british_scone', 'flaky_wedge_scone']],
      ['Muffin-sized biscuits', ['drop_biscuit', 'rolled_biscuit']],
      ['Scones – from the muffin batter', ['british_scone', 'flaky_wedge_scone']],
      ['Loaf-shaped muffin', ['muffin', 'bran_muffin']],
      ['Fairy cakes', ['cupcake']],
      ['Oat farl', ['pancake', 'oat_farl_griddle']],
    ];
    const families = CALLED.flatMap(([, meant]) => meant);
    for (const [title, meant] of CALLED)
      for (const { style, distance } of detectStyle(muffin, title, '')) {
        const plain = detectStyle(muffin, '', '').find((guess) => guess.style.id === style.id)?.distance ?? NaN;
        if (meant.includes(style.id)) expect(distance).withContext(`${title}: ${style.id}`).toBeLessThanOrEqual(plain);
        else if (families.includes(style.id) && !title.toLowerCase().includes(style.id))
          expect(distance).withContext(`${title}: ${style.id}`).toBeGreaterThan(plain);
      }
  });
  it('is none of the small ones where the name is a large one’s, and any where the name says nothing', () => {
    const small = ['muffin', 'cupcake', 'british_scone', 'pancake', 'rolled_biscuit'];
    const distances = (title: string) =>
      new Map(detectStyle(muffin, title, '').map(({ style, distance }) => [style.id, distance]));
    const [plain, loaf, quay] = [distances(''), distances('Blackberry tea bread'), distances('Quay special')];
    for (const id of small)
      expect(loaf.get(id))
        .withContext(id)
        .toBeGreaterThan(plain.get(id) ?? NaN);
    expect([...quay]).toEqual([...plain]);
  });
  it('is ordered from the nearest, every style once, the baker’s own among them', () => {
    const book = styleBook([
      {
        id: 'own-1',
        name: 'harbour muffin',
        basedOn: 'muffin',
        bands: { sugar: { low: 40, typical: 53.6, high: 67 } },
      },
    ]);
    const guesses = detectStyle(muffin, '', '', book.all);
    expect(new Set(guesses.map(({ style }) => style.id)).size).toBe(STYLES.length + 1);
    for (const [i, { distance }] of guesses.entries())
      expect(distance).toBeGreaterThanOrEqual(guesses[i - 1]?.distance ?? -Infinity);
    expect(firstOf(guesses)).toBe('own-1');
    expect(rankOf(guesses, 'muffin')).toBeGreaterThan(0);
  });
  it('does not depend on how much is made, nor on the order of the lines', () => {
    const twice = muffin.map((part) => ({ ...part, grams: 2 * part.grams })).reverse();
    const told = (guesses: readonly StyleGuess[]) =>
      guesses.map(({ style, distance }) => `${style.id} ${distance.toFixed(9)}`);
    expect(told(detectStyle(twice, 'Muffins', ''))).toEqual(told(detectStyle(muffin, 'Muffins', '')));
  });
});

describe('flour’s share of a batter', () => {
  it('is what the other bands leave: a sponge of equal weights is a quarter flour', () => {
    // flour 100, sugar 100, fat 72, water 108, salt 0.9, and of 80 egg what is neither water nor fat (0.145)
    expect(styleById('creamed_butter_cake')?.bands.flour.typical).toBeCloseTo((100 * 100) / (100 + 100 + 72 + 108 + 0.9 + 11.6), 6);
  });
  it('spreads less than all others at their ends at once, and more than any one of them', () => {
    for (const { id, bands, cocoa } of STYLES) {
      const others = [[bands.sugar, 1], [bands.fat, 1], [bands.egg, 0.145], [bands.water, 1], [bands.salt, 1], [cocoa, 1]] as const;
      const typical = others.reduce((sum, [band, weight]) => sum + weight * band.typical, 0);
      const share = (of: number) => 10_000 / (100 + of);
      const ends = others.map(([band, weight]) => weight * (band.high - band.typical));
      expect(bands.flour.low).withContext(id).toBeGreaterThanOrEqual(share(typical + ends.reduce((a, b) => a + b, 0)) - 1e-9);
      for (const end of ends) expect(bands.flour.low).withContext(id).toBeLessThanOrEqual(share(typical + end) + 1e-9);
      const starts = others.map(([band, weight]) => weight * (band.typical - band.low));
      expect(bands.flour.high).withContext(id).toBeLessThanOrEqual(share(typical - starts.reduce((a, b) => a + b, 0)) + 1e-9);
      for (const start of starts) expect(bands.flour.high).withContext(id).toBeGreaterThanOrEqual(share(typical - start) - 1e-9);
    }
  });
}); // prettier-ignore
