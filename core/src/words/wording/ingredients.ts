import type {
  IngredientFault,
  IngredientFaultCode,
  IngredientFaultFacts,
} from '../../kitchen/own-ingredients/index.js';
import { sentence, type Sentence } from '../figures/index.js';

/** Why an ingredient cannot be right, and what to look at. One wording for each code. */
const SENTENCES: {
  readonly [C in IngredientFaultCode]: (facts: IngredientFaultFacts[C]) => Sentence;
} = {
  'name-missing': () => sentence('It needs a name.', 'Write what you call it in a line.'),
  'category-unknown': () =>
    sentence('What kind of thing is it?', 'Choose a kind: it decides what it does in a batter.'),
  'part-negative': (facts) => sentence(`The ${facts.part} is not a weight.`, 'Write grams in 100 g, 0 or more.'),
  'sum-off': (facts) =>
    sentence(
      `The parts add up to ${facts.sum.toFixed(1)} g of 100.`,
      'Within 2 g they should be a hundred. Most packs leave the water out.',
    ),
  'energy-off': (facts) =>
    sentence(
      `${facts.written.toFixed(0)} kcal does not follow from the parts: ${facts.byFactors.toFixed(0)}.`,
      '4 for protein and carbohydrate, 9 for fat, 7 for alcohol, 2 for fibre. One of the figures is a slip.',
    ),
  'sodium-over-ash': (facts) =>
    sentence(
      `${facts.sodium.toFixed(0)} mg sodium needs more than ${facts.ash.toFixed(2)} g of ash.`,
      'Salt is part of the ash: raise it.',
    ),
  'density-missing': () =>
    sentence('What does a millilitre of it weigh?', 'Weigh a level 100 ml measure and divide by 100.'),
  'density-out-of-range': (facts) =>
    sentence(
      `${facts.density.toFixed(2)} g in a millilitre is no kitchen stuff.`,
      'Feathers weigh more than 0.03, sugar syrup less than 1.5.',
    ),
  'density-order': (facts) =>
    sentence(
      `The ${facts.filling} figure is on the wrong side of the spooned one.`,
      'Sifted weighs less than spooned; scooped and packed weigh more.',
    ),
  'liquid-density': (facts) =>
    sentence(`${facts.density.toFixed(2)} g/ml is not a watery liquid.`, 'They weigh 0.9 to 1.2.'),
  'syrup-density': (facts) => sentence(`${facts.density.toFixed(2)} g/ml is not a syrup.`, 'They weigh 1.2 to 1.5.'),
  'fat-density': (facts) => sentence(`${facts.density.toFixed(2)} g/ml is not a fat.`, 'They weigh 0.7 to 1.'),
  'piece-disagrees': (facts) =>
    sentence(
      `A ${facts.name} of ${facts.grams.toFixed(1)} g does not go with the density: ${facts.byDensity.toFixed(1)} g.`,
      'One of the two is a slip.',
    ),
  'ph-missing': () =>
    sentence('How sour is it?', 'What holds water has a pH. Leave the acid at 0 and write 7 when it is neutral.'),
  'ph-out-of-range': (facts) =>
    sentence(`A pH of ${facts.ph.toFixed(1)} is not food.`, 'Lemon juice is 2.3, soda in water 8.3.'),
  'sour-without-acid': (facts) =>
    sentence(
      `At pH ${facts.ph.toFixed(1)} it contains acid.`,
      'Write how much soda a gram of it takes: the table has it for similar things.',
    ),
  'alkaline-with-acid': (facts) =>
    sentence(
      `At pH ${facts.ph.toFixed(1)} it cannot be sour.`,
      'Acid is positive for sour things, negative for alkaline ones.',
    ),
  'base-below-neutral': (facts) =>
    sentence(
      `At pH ${facts.ph.toFixed(1)} it cannot be alkaline.`,
      'Acid is positive for sour things, negative for alkaline ones.',
    ),
  'acid-out-of-range': (facts) =>
    sentence(`${facts.acid.toFixed(1)} meq/g is more than pure acids have.`, 'Citric acid has 15.6.'),
  'vegan-with-animal': (facts) => sentence('It cannot be vegan.', `It contains ${facts.because}.`),
  'allergen-missing': (facts) =>
    sentence(`It contains ${facts.allergen}.`, 'Tick the allergen: everything of this kind does.'),
  'gluten-in-gluten-free': () =>
    sentence('It is called gluten-free and contains gluten.', 'Take the tick away, or choose another kind.'),
};

/** The sentence for a fault of an ingredient. */
export const faultInWords = ({ code, facts }: IngredientFault): Sentence => SENTENCES[code](facts as never);
