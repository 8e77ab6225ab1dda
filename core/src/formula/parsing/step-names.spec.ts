import { INGREDIENTS } from '../../kitchen/ingredients/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { formulaRead } from './formula-read.spec-help.js';
import { methodOf, readFormula, weighFormula } from './index.js';

/** The number of the step that takes a line, from 0; none where no step does. */
function takenBy(line: string, steps: readonly string[]): readonly number[] {
  const formula = formulaRead(
    readFormula(`Test cake\n225 g plain flour\n2 tsp baking powder\n${line}\nMethod\n${steps.join('\n')}`, 'UK'),
  );
  const id = formula.components.flatMap(({ lines }) => lines)[2]?.id;
  const { takings } = methodOf(formula, weighFormula(formula), PLAIN_KITCHEN);
  return takings
    .filter(({ lineId }) => lineId === id)
    .map(({ stepId }) => formula.steps.findIndex((step) => step.id === stepId));
}

/** What every method says, and none of it is an ingredient. */
const SAID_OF_ANY =
  'Preheat the oven to 180C. Grease a deep 20 cm round tin and line it with baking paper. Put a heavy pan over a low heat. Beat with an electric whisk at high speed until pale, thick and fluffy, scraping down the sides of the bowl. Fold with a large metal spoon until just combined and smooth, with no streaks. Level the top with the back of a spoon. Bake on the middle shelf until well risen, golden brown and firm to the touch, or until a skewer comes out clean. Cool in the tin on a wire rack, then turn out, peel off the paper and slice into pieces. Serve warm or cold with tea. It keeps for three days in an airtight box. It is good half full or double sized; the time will depend on your oven. Cut the cake into squares, dust the top, leave to dry, strain, drain, mash, roll out and press. Set aside, cover with a clean towel and let rest, so that it does not stick. Wait til it is set.';

describe('what a step calls by name', () => {
  it('is no ingredient by a word that every method says: each of the pantry', () => {
    const wrong = INGREDIENTS.flatMap(({ nameUk }) => {
      const called = nameUk.replace(/\(.*?\)/g, '').trim();
      const taken = takenBy(`40 g ${nameUk}`, [SAID_OF_ANY, `Sift the flour and powder. Stir in the ${called}.`]);
      return taken.length === 1 && taken[0] === 1 ? [] : [`${nameUk}: ${taken.join(', ')}`];
    });
    expect(wrong).toEqual([]);
  });

  const GREASED = ['a 20 cm round tin', 'a 9x5-inch loaf pan', 'a 1 litre pudding basin', 'six dariole moulds', 'a 12-hole muffin tin', 'a bundt tin', 'a baking sheet', 'six ramekins', 'a ceramic dish', 'a 2-pint bowl', 'the base and sides of a 23 cm springform tin', 'a cast-iron skillet', 'a slow cooker', 'a casserole', 'a coffee can', 'six coffee cups', 'a griddle', 'a sheet of foil', 'the parchment', 'four mugs', 'the paper cases', 'the work surface', 'the worktop', 'your hands', 'the cutter', 'a cooling rack']; // prettier-ignore
  const GREASING = ['Butter {}.', 'Lightly butter {}.', 'Butter and flour {}.', 'Grease {} with butter.', 'Brush {} with melted butter.', 'Dust {} with flour.', 'Generously butter {} and dust with flour.', 'Flour {}.', 'Sprinkle {} with sugar.', 'Line {} with parchment and butter the parchment.', 'Rub {} with a little butter.', 'Butter {} and line with paper.']; // prettier-ignore
  it('is nothing that keeps a vessel from sticking', () => {
    for (const what of GREASED) {
      const formula = formulaRead(
        readFormula(`Cake\n120 g butter\n120 g caster sugar\n2 eggs\n120 g plain flour\nMethod\n${GREASING.map((how) => how.replace('{}', what)).join('\n')}\nCream the butter and sugar, beat in the eggs, fold in the flour.`, 'UK'),
      ); // prettier-ignore
      const { takings } = methodOf(formula, weighFormula(formula), PLAIN_KITCHEN);
      const early = takings.filter(({ stepId }) => stepId !== formula.steps.at(-1)?.id);
      expect(early.map(({ lineId, stepId }) => `${lineId}: ${formula.steps.find(({ id }) => id === stepId)?.text ?? ''}`)).withContext(what).toEqual([]); // prettier-ignore
    }
  });

  const HOW: readonly (readonly [line: string, says: string, takes: string])[] = [
    ['100 g smooth peanut butter', 'Beat until smooth.', 'Stir in the peanut butter.'],
    ['75 ml full-fat milk', 'Fill the cases three-quarters full.', 'Stir in the milk.'],
    ['120 ml heavy cream', 'Heat a heavy skillet.', 'Stir in the cream.'],
    ['80 g sharp cheddar, grated', 'Mark with a sharp knife.', 'Fold in the cheese.'],
    ['2 tbsp clear honey', 'Cook until clear.', 'Stir in the honey.'],
    ['100 g thick Greek yogurt', 'Beat until thick.', 'Stir in the yogurt.'],
    ['60 ml strong coffee', 'Use a strong whisk.', 'Stir in the coffee.'],
    ['200 ml boiling water', 'Bring to a boiling point.', 'Stir in the water.'],
    ['1 cup half-and-half', 'Fill half of each case.', 'Stir in the half-and-half.'],
    ['150 g blueberries', 'Beat everything else.', 'Fold in the berries.'],
    ['60 g sunflower seeds', 'Beat everything else.', 'Scatter the seeds over.'],
    ['4 tbsp damson jam', 'Put everything except the jam into a bowl.', 'Spread with the jam.'],
    ['100 g caster sugar', 'Dust a plate with icing sugar.', 'Beat in the sugar.'],
    ['150 ml double cream', 'It goes well with ice cream.', 'Stir in the cream.'],
  ];
  for (const [line, says, takes] of HOW)
    it(`is not how a thing is: “${says}” of ${line}`, () =>
      expect(takenBy(line, [says, 'Sift the flour and powder.', takes])).toEqual([2]));

  it('is in each of two parts what the sentence speaks of, in one breath', () => {
    const formula = formulaRead(
      readFormula(
        'Upside-down cake\nFor the topping\n50 g butter\n50 g light brown sugar\n7 pineapple rings\nFor the cake\n100 g butter\n100 g caster sugar\n100 g self-raising flour\n2 eggs\nMethod\nFor the topping, beat the butter and brown sugar and spread over the base of a 20 cm tin. Arrange the pineapple on top. Beat the butter, caster sugar, eggs and flour until smooth. Bake at 180C for 35 minutes.',
        'UK',
      ),
    );
    const { takings, unused } = methodOf(formula, weighFormula(formula), PLAIN_KITCHEN);
    expect(unused).toEqual([]);
    expect(takings.map(({ share }) => share)).toEqual(takings.map(() => 1));
  });
});
