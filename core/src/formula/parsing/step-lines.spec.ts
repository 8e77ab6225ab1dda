import { splitLine, type Formula } from '../formula/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { methodOf, readFormula, stepsOfBatter, takenIn, weighFormula } from './index.js';
import { formulaRead } from './formula-read.spec-help.js';

function read(text: string): Formula {
  return formulaRead(readFormula(text, 'UK'));
}
const method = (formula: Formula) => methodOf(formula, weighFormula(formula), PLAIN_KITCHEN);
/** Text of the lines that each step takes. */
function taken(formula: Formula): readonly (readonly string[])[] {
  const lines = new Map(formula.components.flatMap(({ lines: all }) => all.map(({ id, text }) => [id, text])));
  const found = method(formula);
  return formula.steps.map(({ id }) => takenIn(found, id).map(({ lineId }) => lines.get(lineId) ?? ''));
}

const CAKE = `Cake
200 g plain flour
2 tsp baking powder
150 g caster sugar
2 large eggs
100 g butter
For the frosting
100 g icing sugar
200 g soft cheese
Method
Cream butter and sugar, beat in the eggs.
Fold in the dry ingredients.
Frost when cold.`;

describe('methodOf', () => {
  it('gives each line to the step that names it, groups to the step that names the group', () => {
    expect(taken(read(CAKE))).toEqual([
      ['150 g caster sugar', '2 large eggs', '100 g butter'],
      ['200 g plain flour', '2 tsp baking powder'],
      ['100 g icing sugar', '200 g soft cheese'],
    ]);
  });
  it('finds the line that no step uses, when the method names the others', () => {
    const formula = read(CAKE.replace('2 large eggs', '2 large eggs\n50 g walnuts'));
    const [id] = method(formula).unused;
    expect(formula.components[0]?.lines.find((line) => line.id === id)?.text).toBe('50 g walnuts');
  });
  it('knows what a hurried step calls them, and amounts in either spelling', () => {
    const hurried = read('Scones\n225 g plain flour\n2 tsp baking powder\n55 g butter\n1 tsp almond extract\nMethod\nRub the fat into the flour and BP.\nStir in the extract.'); // prettier-ignore
    expect(taken(hurried)).toEqual([['225 g plain flour', '2 tsp baking powder', '55 g butter'], ['1 tsp almond extract']]); // prettier-ignore
    const crumbed = read('Muffins\n• 1½ cups flour\n• ¾ cup sugar\nTopping\n• ⅓ cup flour\n• ½ cup sugar\nMethod\nMix 1 1/2 cups flour and 3/4 cup sugar.\nRub 1/3 cup flour with 1/2 cup sugar.'); // prettier-ignore
    expect(taken(crumbed).map(({ length }) => length)).toEqual([2, 2]);
  });
  it('is taken whole where a step says the line’s own amount, whatever that usually weighs', () => {
    const formula = read('Loaf\n2 medium courgettes (350 g)\n300 g plain flour\nMethod\nTake 2 medium courgettes and grate them.\nFold the courgettes into the flour.'); // prettier-ignore
    expect(method(formula).overdrawn).toEqual([]);
  });
  it('says nothing about lines when the method is a reminder that names none', () => {
    expect(method(read('Loaf\n200 g plain flour\n100 g sugar\nMethod\nMix and bake.')).unused).toEqual([]);
  });
  it('takes the butter whose amount the step says', () => {
    const formula = read(
      'Crumble cake\n200 g plain flour\n120 g butter, softened\n150 g caster sugar\n40 g butter\nMethod\nCream 120 g butter with the sugar, fold in the flour.\nMelt 40 g butter and brush it on.',
    );
    expect(taken(formula)).toEqual([
      ['200 g plain flour', '120 g butter, softened', '150 g caster sugar'],
      ['40 g butter'],
    ]);
  });
  it('knows the brown sugar of a step from the white one beside it', () => {
    const formula = read(
      'Plum cake\n200 g plain flour\n100 g caster sugar\n60 g dark brown sugar\nMethod\nBeat the caster sugar with the flour.\nSprinkle with the brown sugar.',
    );
    expect(taken(formula)).toEqual([['200 g plain flour', '100 g caster sugar'], ['60 g dark brown sugar']]);
  });
  it('takes the flour of the part that a step turns to, and leaves the batter its own', () => {
    const muffins = (method: string) =>
      read(`Muffins\nFor the crumble\n40 g plain flour\n30 g cold butter\n30 g demerara sugar\nFor the muffins\n280 g plain flour\n175 g brown sugar\n100 g butter\n2 eggs\nMethod\n${method}`); // prettier-ignore
    const crumble = ['40 g plain flour', '30 g cold butter', '30 g demerara sugar'];
    const batter = ['280 g plain flour', '175 g brown sugar', '100 g butter', '2 eggs'];
    for (const first of [
      'For the crumble, rub the butter into the flour. Stir in the sugar.',
      'To make the crumble: rub the butter into the flour, and add the sugar.',
      'Start with the crumble, flour and butter rubbed together and then the sugar.',
      'Rub the butter, flour and sugar together for the crumble.',
    ])
      expect(
        taken(
          muffins(
            `${first}\nBeat the butter, sugar and eggs and fold in the flour.\nScatter the crumble over and bake.`,
          ),
        ),
      )
        .withContext(first)
        .toEqual([crumble, batter, []]);
    // one paragraph that turns to both takes both
    const both = muffins(
      'For the crumble, rub the butter into the flour, stir in the sugar. For the muffins, beat the butter, sugar and eggs, fold in the flour.',
    );
    expect(taken(both)).toEqual([[...crumble, ...batter]]);
    expect(stepsOfBatter(both)).not.toContain('rub');
    expect(stepsOfBatter(both)).toContain('fold in the flour');
  });
  it('knows the butter of a frosting by the sugar that only the frosting has, whichever is beaten first', () => {
    const lines =
      'Cake\nFor the cake\n225 g butter\n225 g caster sugar\n4 eggs\n225 g self-raising flour\nFor the buttercream\n150 g butter\n300 g icing sugar\nMethod\n';
    const cake = ['225 g butter', '225 g caster sugar', '4 eggs', '225 g self-raising flour'];
    const [mix, beat] = [
      'Cream the butter and sugar, beat in the eggs, fold in the flour.',
      'Beat the butter until soft, add the icing sugar.',
    ];
    expect(taken(read(`${lines}${mix}\nBake 25 minutes at 180 C.\n${beat}`))).toEqual([
      cake,
      [],
      ['150 g butter', '300 g icing sugar'],
    ]);
    expect(taken(read(`${lines}${beat}\n${mix}\nBake 25 minutes at 180 C.`))).toEqual([
      ['150 g butter', '300 g icing sugar'],
      cake,
      [],
    ]);
  });
  it('knows a part by its last word, and whose butter it is by the word before it', () => {
    const streusel = read(
      'Muffins\nStreusel topping:\n40 g flour\n50 g sugar\n40 g cold butter\nMuffins:\n250 g flour\n150 g sugar\n2 eggs\n80 ml oil\nMethod\nMix streusel ingredients with a fork; set aside.\nWhisk flour and sugar, stir in the eggs and oil.\nSprinkle with streusel and bake.',
    );
    expect(taken(streusel)).toEqual([
      ['40 g flour', '50 g sugar', '40 g cold butter'],
      ['250 g flour', '150 g sugar', '2 eggs', '80 ml oil'],
      [],
    ]);
    const upsideDown = read(
      'Pudding\nTopping\n50 g butter\n75 g brown sugar\n3 pears\nSponge\n175 g butter\n175 g brown sugar\n3 eggs\n175 g self-raising flour\nMethod\nMelt the topping butter and sugar, pour into the tin and arrange the pears on top.\nBeat the sponge butter and sugar, beat in the eggs, fold in the flour.',
    );
    expect(taken(upsideDown)).toEqual([
      ['50 g butter', '75 g brown sugar', '3 pears'],
      ['175 g butter', '175 g brown sugar', '3 eggs', '175 g self-raising flour'],
    ]);
  });
  it('takes no tin for the part of its name, and no mixture for a sugar that is called so elsewhere', () => {
    const cake = read('Carrot cake\nCake\n175 g brown sugar\n175 ml sunflower oil\n175 g self-raising flour\n1 tsp ground cinnamon\nFrosting\n175 g icing sugar\n2 tbsp orange juice\nMethod\nOil an 18 cm square cake tin.\nStir the sugar into the oil.\nMix the flour and spices, then sift in.\nPour the mixture into the tin and bake for 40 minutes.\nBeat the frosting ingredients. Drizzle the icing over the cake.'); // prettier-ignore
    expect(taken(cake)).toEqual([
      [],
      ['175 g brown sugar', '175 ml sunflower oil'],
      ['175 g self-raising flour', '1 tsp ground cinnamon'],
      [],
      ['175 g icing sugar', '2 tbsp orange juice'],
    ]);
  });
  it('does so in German', () => {
    const cake = read('Apfelkuchen\nFür den Teig\n250 g Mehl\n150 g Butter\n3 Eier\nFür die Streusel\n100 g Mehl\n80 g kalte Butter\nZubereitung\n1. Für die Streusel Mehl und Butter verkneten.\n2. Für den Teig Butter schaumig rühren, Eier unterrühren, Mehl unterheben.'); // prettier-ignore
    expect(taken(cake)).toEqual([
      ['100 g Mehl', '80 g kalte Butter'],
      ['250 g Mehl', '150 g Butter', '3 Eier'],
    ]);
  });
  it('does not take greasing for using', () => {
    const formula = read(
      'Loaf\n200 g plain flour\n100 g butter\nMethod\nButter the tin. Rub the butter into the flour.',
    );
    expect(taken(formula)).toEqual([['200 g plain flour', '100 g butter']]);
  });
  it('does not take what a sheet or a board is dusted with', () => {
    for (const dusts of ['Dust a baking sheet with flour.', 'Knead briefly on a board dusted with flour.']) {
      const formula = read(
        `Scones\n200 g plain flour\n50 g butter\nMethod\n${dusts} Heat the oven.\nRub the butter into the flour.`,
      );
      expect(taken(formula))
        .withContext(dusts)
        .toEqual([[], ['200 g plain flour', '50 g butter']]);
    }
  });
  it('does not take what a tin is oiled and dusted with', () => {
    const formula = read(
      'Cake\n100 g cocoa\n150 g olive oil\n3 eggs\nMethod\nOil a 23 cm springform and dust with cocoa.\nWhisk the cocoa with the oil and eggs.',
    );
    expect(taken(formula)).toEqual([[], ['100 g cocoa', '150 g olive oil', '3 eggs']]);
  });
  it('leaves the sugar of a list among the dry things, whatever the top is sprinkled with', () => {
    const shortcake = (sugar: string) =>
      taken(
        read(
          `Shortcakes\n250 g plain flour\n${sugar}\n90 g butter\nMethod\nWhisk the dry ingredients. Cut in the butter.\nShape, and sprinkle with sugar.`,
        ),
      );
    expect(shortcake('50 g sugar')).toEqual([['250 g plain flour', '50 g sugar', '90 g butter'], []]);
    expect(shortcake('50 g demerara sugar')[1]).toEqual(['50 g demerara sugar']);
    expect(shortcake('50 g sugar, for sprinkling')[1]).toEqual(['50 g sugar, for sprinkling']);
  });
  it('takes what is beaten together at once, though a spoon of it is kept back for the top', () => {
    const formula = read(
      'Scones\n225 g flour\n1 egg\n120 ml milk\nMethod\nBeat the egg with the milk. Keep 1 tbsp back for glazing. Stir the rest into the flour.\nBrush with the reserved egg and milk.',
    );
    expect(taken(formula)[1]).toEqual([]);
    for (const { share } of method(formula).takings) expect(share).toBe(1);
  });
  for (const heat of ['Heat the oven to 170C.', 'Preheat to 350F.', 'Oven 180.', 'Set the oven to 180.'])
    it(`takes no heat for an amount of what is creamed behind it: ${heat}`, () => {
      const formula = read(`Cake\n160 g butter\n170 g caster sugar\n3 eggs\n190 g plain flour\nMethod\n${heat} Cream the butter and sugar, beat in the eggs, fold in the flour.`); // prettier-ignore
      expect(method(formula).overdrawn).toEqual([]);
      expect(method(formula).takings.map(({ share }) => share)).toEqual([1, 1, 1, 1]);
    });
  it('reads a mixed number of a portion as a whole', () => {
    const formula = read('Cake\n3 cups plain flour\n200 g butter\nMethod\nStir in 1 1/2 cups of the flour.\nRub the butter into the remaining flour.'); // prettier-ignore
    const [first] = method(formula).takings;
    expect(first?.share).toBeCloseTo(0.5, 5);
  });
  it('reads a portion of what has been melted', () => {
    const formula = read(
      'Cornbread\n200 g cornmeal\n8 tbsp butter, melted, divided\nMethod\nWhisk 7 tablespoons of the melted butter into the cornmeal.\nCoat the skillet with the remaining butter.',
    );
    const butter = method(formula).takings.filter(({ lineId }) => lineId === 'l2');
    expect(butter.map(({ share }) => Math.round(8 * (share ?? 0)))).toEqual([7, 1]);
  });
  it('deals a divided line: what is reserved goes where the reserved is used, and nothing is lost', () => {
    const formula = read(
      'Buckle\n1 cup plain flour\n150 g sugar, divided\nMethod\nReserve 2 tbsp of the sugar.\nMix flour and the rest of the sugar.\nSprinkle with the reserved sugar.',
    );
    const sugar = method(formula).takings.filter(({ lineId }) => lineId === 'l2');
    expect(sugar.map(({ stepId }) => stepId)).toEqual(['s2', 's3']);
    expect(sugar.reduce((sum, { grams }) => sum + (grams ?? 0), 0)).toBeCloseTo(150, 6);
    expect(sugar[1]?.grams).toBeCloseTo(2 * 15 * 0.845, 1);
    expect(method(formula).undivided).toEqual([]);
  });
  it('finds a line said to be divided that no step divides', () => {
    const formula = read('Loaf\n200 g flour\n100 g sugar, divided\nMethod\nMix flour and sugar.');
    expect(method(formula).undivided).toEqual(['l2']);
  });
  it('lets the baker’s split win, and finds when it takes more than there is', () => {
    const formula = read(CAKE);
    const shares = (first: string, second: string) =>
      splitLine(formula, 'l3', [
        { stepId: 's1', amount: first },
        { stepId: 's3', amount: second },
      ]);
    const halves = method(shares('a third', 'the rest')).takings.filter(({ lineId }) => lineId === 'l3');
    expect(halves.map(({ grams }) => grams)).toEqual([50, 100]);
    expect(method(shares('120 g', '60 g')).overdrawn).toEqual(['l3']);
    expect(method(shares('all but 30 g', '30 g')).overdrawn).toEqual([]);
  });
});
