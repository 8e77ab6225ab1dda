import { decimal } from '../../ground/language/index.js';
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
  'name-missing': () => sentence($localize`It needs a name.`, $localize`Write what you call it in a line.`),
  'category-unknown': () =>
    sentence($localize`What kind of thing is it?`, $localize`Choose a kind: it decides what it does in a batter.`),
  'part-negative': (facts) =>
    sentence($localize`The ${facts.part} is not a weight.`, $localize`Write grams in 100 g, 0 or more.`),
  'sum-off': (facts) =>
    sentence(
      $localize`The parts add up to ${decimal(facts.sum, 1)} g of 100.`,
      $localize`Within 2 g they should be a hundred. Most packs leave the water out.`,
    ),
  'energy-off': (facts) =>
    sentence(
      $localize`${facts.written.toFixed(0)} kcal does not follow from the parts: ${facts.byFactors.toFixed(0)}.`,
      $localize`4 for protein and carbohydrate, 9 for fat, 7 for alcohol, 2 for fibre. One of the figures is a slip.`,
    ),
  'sodium-over-ash': (facts) =>
    sentence(
      $localize`${facts.sodium.toFixed(0)} mg sodium needs more than ${decimal(facts.ash, 2)} g of ash.`,
      $localize`Salt is part of the ash: raise it.`,
    ),
  'density-missing': () =>
    sentence(
      $localize`What does a millilitre of it weigh?`,
      $localize`Weigh a level 100 ml measure and divide by 100.`,
    ),
  'density-out-of-range': (facts) =>
    sentence(
      $localize`${decimal(facts.density, 2)} g in a millilitre is no kitchen stuff.`,
      $localize`Feathers weigh more than 0.03, sugar syrup less than 1.5.`,
    ),
  'density-order': (facts) =>
    sentence(
      $localize`The ${facts.filling} figure is on the wrong side of the spooned one.`,
      $localize`Sifted weighs less than spooned; scooped and packed weigh more.`,
    ),
  'liquid-density': (facts) =>
    sentence($localize`${decimal(facts.density, 2)} g/ml is not a watery liquid.`, $localize`They weigh 0.9 to 1.2.`),
  'syrup-density': (facts) =>
    sentence($localize`${decimal(facts.density, 2)} g/ml is not a syrup.`, $localize`They weigh 1.2 to 1.5.`),
  'fat-density': (facts) =>
    sentence($localize`${decimal(facts.density, 2)} g/ml is not a fat.`, $localize`They weigh 0.7 to 1.`),
  'piece-disagrees': (facts) =>
    sentence(
      $localize`A ${facts.name} of ${decimal(facts.grams, 1)} g does not go with the density: ${decimal(facts.byDensity, 1)} g.`,
      $localize`One of the two is a slip.`,
    ),
  'ph-missing': () =>
    sentence(
      $localize`How sour is it?`,
      $localize`What holds water has a pH. Leave the acid at 0 and write 7 when it is neutral.`,
    ),
  'ph-out-of-range': (facts) =>
    sentence(
      $localize`A pH of ${decimal(facts.ph, 1)} is not food.`,
      $localize`Lemon juice is 2.3, soda in water 8.3.`,
    ),
  'sour-without-acid': (facts) =>
    sentence(
      $localize`At pH ${decimal(facts.ph, 1)} it contains acid.`,
      $localize`Write how much soda a gram of it takes: the table has it for similar things.`,
    ),
  'alkaline-with-acid': (facts) =>
    sentence(
      $localize`At pH ${decimal(facts.ph, 1)} it cannot be sour.`,
      $localize`Acid is positive for sour things, negative for alkaline ones.`,
    ),
  'base-below-neutral': (facts) =>
    sentence(
      $localize`At pH ${decimal(facts.ph, 1)} it cannot be alkaline.`,
      $localize`Acid is positive for sour things, negative for alkaline ones.`,
    ),
  'acid-out-of-range': (facts) =>
    sentence(
      $localize`${decimal(facts.acid, 1)} meq/g is more than pure acids have.`,
      $localize`Citric acid has 15.6.`,
    ),
  'vegan-with-animal': (facts) => sentence($localize`It cannot be vegan.`, $localize`It contains ${facts.because}.`),
  'allergen-missing': (facts) =>
    sentence($localize`It contains ${facts.allergen}.`, $localize`Tick the allergen: everything of this kind does.`),
  'gluten-in-gluten-free': () =>
    sentence(
      $localize`It is called gluten-free and contains gluten.`,
      $localize`Take the tick away, or choose another kind.`,
    ),
};

/** The sentence for a fault of an ingredient. */
export const faultInWords = ({ code, facts }: IngredientFault): Sentence => SENTENCES[code](facts as never);
