import { EVERYDAY_FORMULAS, SOUND_FORMULAS } from '../../doors/samples/index.js';
import { ingredientById } from '../../kitchen/ingredients/index.js';
import { demoWalks, walkFrom } from './demo-walks.spec-help.js';
import type { WalkStep, WeighStep } from './index.js';

const weighings = (walk: readonly WalkStep[]) => walk.filter((step): step is WeighStep => step.kind === 'weigh');
const kinds = (walk: readonly WalkStep[]) => walk.map(({ kind }) => kind);

const PLUMS = `Slipway plum buckle
210 g plain flour
1 1/2 tsp baking powder
1/4 tsp fine salt
110 g soft butter
150 g caster sugar, divided
2 large eggs
120 ml whole milk
400 g plums, stoned and quartered

Method
1. Heat the oven to 180 C. Butter and line a 20 cm square tin.
2. Cream the butter with 120 g of the sugar until pale. Beat in the eggs one by one.
3. Whisk the flour, baking powder and salt. Fold into the butter in two goes with the milk.
4. Scrape into the tin. Push in the plums, scatter over the rest of the sugar.
5. Bake 45 to 50 minutes until a skewer comes out clean.`;

describe('a bake as one step after another', () => {
  it('weighs every gram of the batch, once', () => {
    for (const { id, walk, batch } of demoWalks()) {
      const lines = batch.measured.components.flatMap(({ lines: all }) => all);
      for (const line of lines) {
        const poured = weighings(walk).filter(({ lineId, ingredientId }) => lineId === line.lineId && ingredientId === line.ingredient.id); // prettier-ignore
        expect(poured.reduce((sum, { grams }) => sum + grams, 0))
          .withContext(`${id}: ${line.name}`)
          .toBeCloseTo(line.grams, 6);
      }
    }
  });
  it('has flour, eggs, fat and leavener in the bowl before the tin is filled, whatever stands in one breath', () => {
    for (const { text } of [...SOUND_FORMULAS, ...EVERYDAY_FORMULAS]) {
      const { walk } = walkFrom(text, 'text', undefined, false);
      const filled = walk.findIndex(({ kind }) => kind === 'divide' || kind === 'bake' || kind === 'griddle');
      const late = weighings(walk.slice(filled)).filter(
        ({ part, ingredientId }) =>
          part === '' && /flour|leavener|egg|fat|liquid/.test(ingredientById(ingredientId)?.category ?? ''),
      );
      expect(late.map(({ name }) => name))
        .withContext(text)
        .toEqual([]);
    }
  });
  it('has what a step takes before it says that the tin is filled', () => {
    const { walk } = walkFrom(
      'Loaf\n200 g butter\n200 g sugar\n4 eggs\n200 g self-raising flour\n\nCream the butter and sugar. Beat in the eggs.\nFold in the flour. Pour into a lined 2 lb loaf tin.\nBake at 180 C for 50 minutes.',
    );
    const at = (test: (step: WalkStep) => boolean) => walk.findIndex(test);
    expect(at((step) => step.kind === 'weigh' && step.name.includes('flour'))).toBeLessThan(
      at(({ kind }) => kind === 'divide'),
    );
  });
  it('tells what is done behind the oven behind it, though the whole method is one breath', () => {
    const { walk, bake } = walkFrom(
      'Loaf\n200 g butter\n200 g sugar\n4 eggs\n200 g self-raising flour\n\nCream the butter and sugar, beat in the eggs, fold in the flour. Bake in a 2 lb loaf tin at 180 C for 50 minutes. Brush the warm loaf with rum.',
    );
    const last = walk.at(-1);
    const [step] = bake.order.formula.steps;
    expect(last?.kind === 'mix' && step?.text.slice(last.clause?.from)).toBe('Brush the warm loaf with rum.');
  });
  it('has each step once, and pans, oven and cooling in their order', () => {
    for (const { id, walk } of demoWalks()) {
      expect(new Set(walk.map((step) => step.id)).size)
        .withContext(id)
        .toBe(walk.length);
      const order = kinds(walk).filter((kind) => ['heat', 'divide', 'bake', 'cool'].includes(kind));
      expect(order).withContext(id).toEqual([...order].sort((a, b) => ORDER.indexOf(a) - ORDER.indexOf(b))); // prettier-ignore
      expect(order.includes('bake') || kinds(walk).includes('griddle'))
        .withContext(id)
        .toBeTrue();
    }
  });
  const ORDER = ['heat', 'divide', 'bake', 'cool'];
  it('takes butter out, lines the tin and heats the oven before anything is mixed', () => {
    const loaf = demoWalks().find(({ id }) => id === 'marmalade-almond-loaf');
    const walk = loaf?.walk ?? [];
    const firstMix = walk.findIndex(({ kind }) => kind === 'mix');
    const butter = walk.findIndex(
      (step) => step.kind === 'ready' && step.task === 'take-out' && step.what === 'butter',
    );
    const line = walk.findIndex((step) => step.kind === 'ready' && step.task === 'line');
    const heat = walk.findIndex(({ kind }) => kind === 'heat');
    for (const at of [butter, line, heat]) {
      expect(at).toBeGreaterThanOrEqual(0);
      expect(at).toBeLessThan(firstMix);
    }
    expect(butter).toBeLessThan(line);
  });
  it('loses nothing that the step of the oven says besides: scattered over before it, drizzled over after it', () => {
    const order = (last: string) =>
      walkFrom(
        `Quay muffins\nFor the topping\n40 g plain flour\n30 g cold butter\n30 g demerara sugar\nFor the muffins\n280 g plain flour\n2 tsp baking powder\n150 g caster sugar\n100 g butter\n2 eggs\n200 ml milk\n\nMethod\n1. Heat the oven to 190 C. Line a 12-hole muffin tin.\n2. For the topping, rub the butter into the flour and sugar.\n3. Beat the butter, sugar, eggs and milk, fold in the flour and baking powder.\n4. ${last}`,
      ).walk.flatMap((step) =>
        ['divide', 'bake', 'cool'].includes(step.kind)
          ? [step.kind]
          : step.kind === 'mix' && step.number === 4
            ? ['says']
            : [],
      );
    expect(order('Divide between the cases and bake for 20-25 min.')).toEqual(['divide', 'bake', 'cool']);
    expect(order('Divide between the cases, scatter over the topping and bake for 20-25 min.')).toEqual([
      'divide',
      'says',
      'bake',
      'cool',
    ]);
    expect(order('Divide between the cases and bake for 20-25 min. When cold, scatter the topping over.')).toEqual([
      'divide',
      'bake',
      'cool',
      'says',
    ]);
  });
  it('puts on top what is taken once the batter is spread, though the same sentence bakes it', () => {
    const order = (last: string) =>
      walkFrom(`Quay slice\n180 g plain flour\n2 tsp baking powder\n110 g caster sugar\n120 g soft butter\n2 eggs\n250 g plums, halved\n\nMethod\n1. Heat the oven to 180 C. Line a 20 cm square tin.\n2. Cream the butter and sugar, beat in the eggs, fold in the flour and baking powder.\n3. ${last}`) // prettier-ignore
        .walk.flatMap((step) =>
          step.kind === 'divide' || step.kind === 'bake'
            ? [step.kind]
            : step.kind === 'weigh' && step.name.includes('plum')
              ? ['plums']
              : [],
        );
    expect(order('Spread in the tin, dot with the plums and bake for 40 minutes.')).toEqual([
      'divide',
      'plums',
      'bake',
    ]);
    expect(order('Stir in the plums, spread in the tin and bake for 40 minutes.')).toEqual(['plums', 'divide', 'bake']);
  });
  it('puts what lies below the batter into the tin before it', () => {
    const { walk } = walkFrom('Upside-down pudding\nTopping\n50 g butter\n75 g brown sugar\n3 pears\nSponge\n175 g butter\n175 g caster sugar\n3 eggs\n175 g self-raising flour\n\nMethod\n1. Heat the oven to 180 C. Grease a deep 20 cm square tin.\n2. Melt the topping butter and brown sugar, pour into the tin and arrange the pears on top.\n3. Beat the sponge butter and caster sugar, beat in the eggs, fold in the flour.\n4. Spoon over the pears. Bake for 40 minutes.'); // prettier-ignore
    const at = (isIt: (step: WalkStep) => boolean) => walk.findIndex(isIt);
    const below = at((step) => step.kind === 'mix' && step.number === 2);
    expect(below).toBeGreaterThan(at((step) => step.kind === 'weigh' && step.part === 'Topping'));
    expect(below).toBeLessThan(at((step) => step.kind === 'weigh' && step.part === ''));
    expect(at(({ kind }) => kind === 'divide')).toBeGreaterThan(at((step) => step.kind === 'mix' && step.number === 3));
  });
  /** A bake in a few words: what is weighed by its name, what the method says by its number, and the rest by its kind. */
  const told = (text: string) => walkFrom(text).walk.map((step) => (step.kind === 'weigh' ? step.name : step.kind === 'mix' ? step.number : step.kind)); // prettier-ignore
  it('lays pears on the caramel before the batter comes, and takes none of the sponge’s butter for it', () => {
    const { walk } = walkFrom(
      'Pear cake\nFor the topping\n50 g butter\n50 g light muscovado sugar\n3 ripe pears, halved\nFor the sponge\n150 g butter\n150 g caster sugar\n3 eggs\n150 g self-raising flour\n\nMelt the butter and muscovado sugar in a pan, then pour into a lined 23 cm round tin. Arrange the pears on top.\nBeat all the sponge ingredients together until smooth. Spoon over the pears and level.\nBake at 180C for 40 minutes.',
    );
    const names = weighings(walk).map(({ name, grams }) => `${name} ${Math.round(grams)}`);
    expect(names.slice(0, 2)).toEqual(['butter 50', 'light muscovado sugar 50']);
    expect(names[2]).toMatch(/pears/);
    expect(names[3]).toBe('butter 150');
    expect(walk.findIndex(({ kind }) => kind === 'divide')).toBeGreaterThan(
      walk.findLastIndex(({ kind }) => kind === 'weigh'),
    );
  });
  it('weighs once what a mixture is called by, and a part of the batter where that part is made', () => {
    const cocoa = walkFrom(
      'Cocoa ring\n200 g butter\n30 g cocoa\n250 ml water\n250 g plain flour\n300 g sugar\n1 1/2 tsp bicarbonate of soda\n2 eggs\n\nMelt the butter with the cocoa and water.\nWhisk the flour, sugar and soda. Add half of the melted butter mixture. Beat in the eggs.\nScrape into a 2 litre ring tin and bake at 180C for 45 minutes.',
    );
    expect(weighings(cocoa.walk).filter(({ name }) => name === 'butter').map(({ grams }) => Math.round(grams))).toEqual([200]); // prettier-ignore
    const swirl = walkFrom(
      'Swirl loaf\n250 g plain flour\n3 tsp baking powder\n200 g sugar\n1 egg\n250 ml milk\n80 ml oil\nSwirl:\n60 g sugar\n2 tsp cinnamon\n\nCombine the flour, baking powder and 200 g sugar. Add the egg, milk and oil to the dry ingredients.\nCombine the swirl ingredients. Pour half of the batter into a 2 lb loaf tin, scatter over half of the swirl; repeat.\nBake at 180C for 45 minutes.',
    );
    const cinnamon = swirl.walk.findIndex((step) => step.kind === 'weigh' && step.name === 'cinnamon');
    const oil = swirl.walk.findIndex((step) => step.kind === 'weigh' && step.name === 'oil');
    expect(cinnamon).toBeGreaterThan(oil);
  });
  it('reads a German method as well: streusel before the oven and on the filled cups, oil where it is poured', () => {
    const muffins = walkFrom(
      'Apfelmuffins\nFür die Streusel\n75 g Mehl\n50 g Zucker\n50 g kalte Butter\nFür den Teig\n2 Äpfel\n125 g weiche Butter\n125 g Zucker\n2 Eier\n250 g Mehl\n3 TL Backpulver\n125 ml Milch\n\nFür die Streusel Mehl, Zucker und Butter verkneten und kalt stellen.\nButter und Zucker cremig rühren, Eier unterrühren. Mehl und Backpulver mischen und mit der Milch unterrühren. Apfelwürfel unterheben.\nTeig in 12 Förmchen füllen, Streusel darauf verteilen. Bei 180 °C etwa 25 Minuten backen.',
    );
    expect(muffins.bake.order.formula.bake.pan).toContain('12 paper cases');
    const at = (walk: readonly WalkStep[], test: (step: WalkStep) => boolean) => walk.findIndex(test);
    const divided = at(muffins.walk, ({ kind }) => kind === 'divide');
    expect(at(muffins.walk, (step) => step.kind === 'weigh' && step.part !== '')).toBeLessThan(divided);
    expect(at(muffins.walk, (step) => step.kind === 'mix' && step.number === 3)).toBe(divided + 1);
    expect(muffins.walk.some((step) => step.kind === 'ready' && step.what === 'butter')).toBeTrue();
    const cake = walkFrom(
      'Zucchinikuchen\n4 Eier\n250 g Zucker\n200 ml Öl\n400 g Mehl\n1 Pck. Backpulver\n400 g Zucchini, geraspelt\n\nDen Backofen auf 180 °C vorheizen, ein Blech mit Backpapier auslegen.\nEier und Zucker schaumig schlagen, das Öl langsam unterrühren.\nMehl und Backpulver mischen und unterheben. Zum Schluss die Zucchini unterheben.\nDen Teig auf das Blech streichen und 30 Minuten backen.',
    ).walk;
    const mixed = at(cake, (step) => step.kind === 'mix');
    expect(weighings(cake.slice(0, mixed)).map(({ ingredientId }) => ingredientId)).toEqual([
      'egg',
      'granulated-sugar',
      'vegetable-oil',
    ]);
    // the oven is no act of the bowl
    expect(cake.filter((step) => step.kind === 'mix' && step.number === 1)).toEqual([]);
  });
  it('keeps the spoonful that a line saves for the top, and stirs before it scrapes into the tin', () => {
    const { walk } = walkFrom(
      'Seed loaf\n300 g plain flour\n50 g mixed seeds (save 1 tbsp for the top)\n1 tsp bicarbonate of soda\n300 ml buttermilk\n\nMix the flour, seeds and soda.\nStir in the buttermilk. Shape into a round loaf and scatter with the saved seeds.\nBake at 200C for 40 minutes.',
    );
    const seeds = weighings(walk).filter(({ name }) => name === 'mixed seeds');
    expect(seeds.length).toBe(2);
    expect(seeds.reduce((sum, { grams }) => sum + grams, 0)).toBeCloseTo(50, 6);
    const oil = walkFrom(
      'Oil cake\n200 g plain flour\n2 tsp baking powder\n200 g sugar\n3 eggs\n150 ml oil\n\nWhisk the flour and baking powder.\nWhisk the sugar and eggs, stream in the oil.\nWhisk in the dry ingredients. Scrape into a 23 cm round tin.\nBake at 175C for 40 minutes.',
    ).walk;
    const stirred = oil.findIndex((step) => step.kind === 'mix' && step.number === 3);
    expect(stirred).toBeGreaterThan(0);
    expect(stirred).toBeLessThan(oil.findIndex(({ kind }) => kind === 'divide'));
  });
  it('lets dates stand in their water where the method says it, and the batter where it says that', () => {
    const { walk } = walkFrom(
      'Date loaf\n180 g dates\n200 ml boiling water\n85 g butter\n140 g sugar\n2 eggs\n175 g self-raising flour\n\nPut the dates in a bowl with the boiling water and leave for 20 minutes.\nCream the butter and sugar, beat in the eggs and fold in the flour and the dates. Leave the batter to stand for 10 minutes.\nBake in a 2 lb loaf tin at 180C for 50 minutes.',
    );
    const order = walk
      .filter(({ kind }) => kind === 'mix' || kind === 'rest' || kind === 'divide')
      .map((step) => (step.kind === 'rest' ? step.minutes : step.kind));
    expect(order).toEqual(['mix', 20, 'mix', 10, 'divide']);
    expect(walk.filter((step) => step.kind === 'ready' && step.task === 'soak')).toEqual([]);
    // as written, and without the signs of beaten eggs
    expect(weighings(walk).find(({ name }) => name === 'dates')?.grams).toBe(180);
    const soaked = walk.find((step) => step.kind === 'mix');
    expect(soaked?.kind === 'mix' && soaked.phase).toBeUndefined();
  });
  it('lights the oven when its heat is wanted, not before oranges that boil for two hours', () => {
    const cake = (boil: string) => told(`Orange cake\n2 oranges\n6 eggs\n250 g caster sugar\n250 g ground almonds\n1 tsp baking powder\n\nMethod\n1. ${boil} Blitz to a puree.\n2. Heat the oven to 170 C. Line a 23 cm springform tin.\n3. Whisk the eggs and sugar, fold in the almonds, baking powder and puree.\n4. Pour into the tin and bake for 50-60 minutes.`); // prettier-ignore
    const slow = cake('Boil the oranges whole for 2 hours.');
    expect(slow.indexOf('heat')).toBeGreaterThan(slow.indexOf(1));
    expect(slow.indexOf('heat')).toBeLessThan(slow.indexOf('eggs'));
    const quick = cake('Boil the oranges, sliced, for 20 minutes.');
    expect(quick.indexOf('heat')).toBeLessThan(quick.indexOf('oranges'));
  });
  it('has hands free while it bakes: the syrup is simmered then', () => {
    const cake = told('Lemon cake\nCake\n225 g plain flour\n2 tsp baking powder\n150 g butter\n150 g caster sugar\n3 eggs\nSyrup\n80 ml lemon juice\n60 g sugar\n\nMethod\n1. Heat the oven to 180 C. Line a 900 g loaf tin.\n2. Cream the butter and caster sugar, beat in the eggs, fold in the flour and baking powder.\n3. Bake for 45 minutes.\n4. While it bakes, simmer the lemon juice and sugar for the syrup 2 minutes.\n5. Brush with the warm syrup.'); // prettier-ignore
    expect(cake.indexOf('lemon juice')).toBeGreaterThan(cake.indexOf('bake'));
    expect(cake.indexOf(4)).toBeLessThan(cake.indexOf('cool'));
    expect(cake.indexOf(5)).toBeGreaterThan(cake.indexOf('cool'));
  });
  it('brushes and scatters on rounds that are cut', () => {
    const scones = told('Cheese scones\nMakes 8\n225 g self-raising flour\n50 g cold butter\n100 g cheddar, grated\n1 egg\n100 ml milk\n\nMethod\n1. Heat the oven to 220 C.\n2. Rub the butter into the flour, stir in three quarters of the cheese, the egg and the milk.\n3. Pat out 2.5 cm thick and cut out 8 rounds with a 6 cm cutter.\n4. Scatter with the rest of the cheese. Bake for 12 minutes.'); // prettier-ignore
    expect(scones.lastIndexOf('cheddar')).toBeGreaterThan(scones.indexOf('divide'));
    expect(scones.indexOf('divide')).toBeGreaterThan(scones.indexOf(3));
  });
  it('lets nothing stand that the method turns out after the oven', () => {
    const { walk } = walkFrom('Upside-down cake\n150 g butter\n150 g caster sugar\n3 eggs\n150 g self-raising flour\n\nMethod\n1. Heat the oven to 180 C. Grease a 23 cm springform tin.\n2. Beat the butter and sugar until fluffy, add the eggs, fold in the flour.\n3. Spread in the tin. Bake 45 minutes. Leave 10 minutes then turn upside down on to a plate.'); // prettier-ignore
    expect(kinds(walk)).not.toContain('rest');
    // butter that is beaten fluffy is soft
    expect(walk.filter((step) => step.kind === 'ready' && step.task === 'take-out').length).toBeGreaterThan(0);
  });
  it('goes onto a griddle, is turned, and sees no oven', () => {
    for (const how of [
      'Cook on a dry griddle over a low heat, 9 minutes a side.',
      'Heat a heavy frying pan and cook for 9 minutes each side.',
    ]) {
      const { walk } = walkFrom(`Oat farls\n150 g medium oatmeal\n100 g plain flour\n1/2 tsp bread soda\n200 ml buttermilk\n\nMethod\n1. Stir everything to a dough, pat into a round and cut in four.\n2. ${how}`); // prettier-ignore
      expect(kinds(walk)).withContext(how).not.toContain('heat');
      expect(kinds(walk)).withContext(how).not.toContain('bake');
      expect(walk.slice(-2)).withContext(how).toEqual([
        { kind: 'griddle', id: 'griddle:on', act: 'on', minutes: 9 },
        { kind: 'griddle', id: 'griddle:turn', act: 'turn', minutes: 9 },
      ]); // prettier-ignore
    }
  });
  it('goes from its basin into steam, is timed there, and sees no oven', () => {
    const { walk } = walkFrom('Damson pudding\n120 g butter, softened\n120 g caster sugar\n2 eggs\n120 g self-raising flour\n4 tbsp damson jam\n\nMethod\n1. Butter a 1 litre pudding basin and put the jam in it.\n2. Cream the butter and sugar, beat in the eggs, fold in the flour.\n3. Spoon into the basin, cover with paper and foil and steam for 1 1/2 hours.\n4. Turn out.'); // prettier-ignore
    expect(kinds(walk).filter((kind) => ['heat', 'divide', 'bake', 'cook', 'cool'].includes(kind))).toEqual(['divide', 'cook', 'cook', 'cool']); // prettier-ignore
    expect(walk.filter(({ kind }) => kind === 'cook')).toEqual([
      { kind: 'cook', id: 'cook:in', act: 'in', by: 'steam', minutes: 90 },
      { kind: 'cook', id: 'cook:out', act: 'out', by: 'steam', minutes: 90 },
    ]);
  });
  it('weighs the spread that a step calls butter with the batter, and no jam that is spread', () => {
    const cake = told('Sponge\n4 eggs\n225 g caster sugar\n225 g self-raising flour\n225 g baking spread\n\nMethod\n1. Heat the oven to 180 C. Line two 20 cm round tins.\n2. Break the eggs into a bowl, add the sugar, flour and soft butter and beat.\n3. Divide between the tins and bake for 25 minutes.\n4. Spread jam on one of them.'); // prettier-ignore
    expect(cake.indexOf('baking spread')).toBeGreaterThan(-1);
    expect(cake.indexOf('baking spread')).toBeLessThan(cake.indexOf('divide'));
  });
  it('gets ready each of several things of a line by its own words', () => {
    const { walk } = walkFrom('Oat loaf\n150 g oatmeal, 100 g plain flour, 25 g butter melted and 200 ml buttermilk\n120 g cheddar, 80 g grated, 40 g in cubes\n\nMethod\n1. Mix all and bake in a 2 lb loaf tin at 180 C for 45 minutes.'); // prettier-ignore
    const tasks = walk.flatMap((step) => (step.kind === 'ready' && step.task === 'prepare' ? [step.what] : []));
    expect(tasks.sort()).toEqual(['grate the cheddar cheese', 'melt the unsalted butter']);
  });
  it('calls zest zest, and the lemon what is zested', () => {
    const { walk } = walkFrom('Lemon loaf\n200 g self-raising flour\nzest of 2 lemons\n120 g butter\n120 g caster sugar\n2 eggs\n\nMethod\n1. Rub the zest into the sugar. Cream the butter with it, beat in the eggs, fold in the flour.\n2. Bake in a 900 g loaf tin at 180 C for 45 minutes.'); // prettier-ignore
    expect(weighings(walk).map(({ name }) => name)).toContain('lemon zest');
    expect(walk.flatMap((step) => (step.kind === 'ready' && step.task === 'prepare' ? [step.what] : []))).toEqual(['zest the lemon']); // prettier-ignore
  });
  it('says what is done behind the oven behind it, where no pan is known too', () => {
    const { walk } = walkFrom('Shortcakes\n250 g plain flour\n1 tbsp baking powder\n90 g cold butter\n180 ml cream\nTo serve\n240 ml cream\n\nMethod\n1. Rub the butter into the flour and baking powder, stir in the cream.\n2. Drop onto a sheet.\n3. Bake 15-18 minutes at 220 C. Split and fill with whipped cream.'); // prettier-ignore
    const oven = walk.findIndex(({ kind }) => kind === 'bake');
    expect(walk.slice(oven).some((step) => step.kind === 'mix' && step.number === 3)).toBeTrue();
  });
  it('keeps what goes on a cake for after the oven, and what is strewn over for after the tin', () => {
    const cake = demoWalks().find(({ id }) => id === 'parsnip-hazelnut-cake')?.walk ?? [];
    const oven = cake.findIndex(({ kind }) => kind === 'bake');
    for (const [at, step] of cake.entries())
      if (step.kind === 'weigh')
        expect(at > oven)
          .withContext(step.name)
          .toBe(step.part === 'Frosting');
    const loaf = demoWalks().find(({ id }) => id === 'pear-cardamom-loaf')?.walk ?? [];
    const strewn = loaf.findIndex((step) => step.kind === 'weigh' && step.name === 'demerara sugar');
    expect(strewn).toBeGreaterThan(loaf.findIndex(({ kind }) => kind === 'divide'));
    expect(strewn).toBeLessThan(loaf.findIndex(({ kind }) => kind === 'bake'));
  });
  it('weighs what was kept back at the step that takes it', () => {
    const { walk } = walkFrom('Divided loaf\n200 g flour\n100 g sugar, divided\n100 g milk\n2 tsp baking powder\n\nMethod\n1. Whisk the flour, baking powder and half the sugar with the milk.\n2. Scatter over the rest of the sugar and bake in a loaf tin at 180 C for 40 min.'); // prettier-ignore
    const sugar = weighings(walk).filter(({ name }) => name.includes('sugar'));
    expect(sugar.map(({ grams, rest }) => [Math.round(grams), rest])).toEqual([[50, false], [50, true]]); // prettier-ignore
    expect(sugar[0]?.keptBack.map(({ grams, step }) => [Math.round(grams), step])).toEqual([[50, 2]]);
  });
  it('waits where the method says so', () => {
    const { walk } = walkFrom('Rested muffins\n200 g plain flour\n100 g caster sugar\n2 tsp baking powder\n1 egg\n150 ml milk\n80 ml sunflower oil\n\nMethod\n1. Mix everything. Rest the batter 30 minutes.\n2. Bake in a 12-cup muffin tin at 200 C for 18 minutes.'); // prettier-ignore
    const rest = walk.find(({ kind }) => kind === 'rest');
    expect(rest).toEqual({ kind: 'rest', id: 'rest', minutes: 30 });
  });
  it('divides what there is into as many vessels as there are', () => {
    for (const { id, walk, bake } of demoWalks())
      for (const step of walk)
        if (step.kind === 'divide') {
          const pans = bake.portions[step.portion]?.pans;
          // what is cut leaves scraps, less than another piece
          const left = step.grams - step.pieces * step.gramsEach;
          const most = pans?.pan.shape === 'disc' ? step.gramsEach : 1e-6;
          expect(Math.abs(left)).withContext(id).toBeLessThan(most);
          expect(step.pieces).toBe((pans?.count ?? 0) * (pans?.pan.cavities ?? 0));
        }
  });
  it('puts what goes into the tin after the batter behind the tin, and fills it with no more than is in the bowl', () => {
    const { walk, bake } = walkFrom(PLUMS);
    const at = (name: string) => walk.findIndex((step) => step.kind === 'weigh' && step.name.includes(name));
    const divide = walk.findIndex(({ kind }) => kind === 'divide');
    expect(at('milk')).toBeLessThan(divide);
    expect(at('plums')).toBeGreaterThan(divide);
    expect(at('plums')).toBeLessThan(walk.findIndex(({ kind }) => kind === 'bake'));
    const step = walk[divide];
    const whole = bake.portions[0]?.grams ?? 0;
    expect(step?.kind === 'divide' && whole - step.grams).toBeCloseTo(400 + 30, -1);
    // pushing fruit into a tin is no folding
    const pushed = walk.find((each) => each.kind === 'mix' && each.number === 4);
    expect(pushed?.kind === 'mix' && pushed.phase).toBeUndefined();
  });
  it('knows a dry bowl that is made ready beside creamed butter from the act that brings it in', () => {
    const { walk } = walkFrom(PLUMS);
    const phases = walk.flatMap((step) => (step.kind === 'mix' && step.phase ? [step.phase] : []));
    expect(phases).toEqual(['cream', 'eggs', 'dry', 'combine']);
  });
  it('mixes as usual where there is no method', () => {
    const { walk } = walkFrom('Bare muffins\n200 g plain flour\n100 g sugar\n2 tsp baking powder\n1 egg\n150 ml milk\n80 g butter'); // prettier-ignore
    expect(walk.filter(({ kind }) => kind === 'mix')).toEqual([
      jasmine.objectContaining({ id: 'mix:usual', phase: 'combine' }),
    ]);
    const names = weighings(walk).map(({ name }) => name);
    expect(names.length).toBe(6);
  });
});
