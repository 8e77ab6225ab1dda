import type { Finding, Fix, RuleCode, RuleFacts } from '../../bench/audit/index.js';
import { gramsInWords, minutesInWords, percentInWords, windowInWords } from '../figures/index.js';
import { problemInWords } from './problems.js';
import { capitalised, listed, sentence, type Sentence } from '../figures/index.js';

const ALLERGEN_WORDS: Readonly<Record<string, string>> = { 'tree-nut': 'nuts', soy: 'soya', sulphite: 'sulphites' };
const gas = (grams: number) => `${grams.toFixed(2)} g`;
const mixerOf = (mixer: 'own' | 'usual') => (mixer === 'own' ? 'your' : 'a usual');

/** One wording for each code: what was found, what was computed, what to do. A spec holds this table and the list of codes together. */
const SENTENCES: { readonly [C in RuleCode]: (facts: RuleFacts[C]) => Sentence } = {
  'temperatures-disagree': (facts) =>
    sentence(
      `${facts.first} and ${facts.second} are not the same oven.`,
      `They are ${facts.apart} °C apart: one of them is a slip.`,
    ),
  'fan-not-below': (facts) =>
    sentence(
      `${facts.fan} fan does not go with ${facts.conventional}.`,
      `It is ${facts.below} °C below; a fan oven is set 15 to 25 °C lower for the same bake.`,
    ),
  'leavener-without-amount': (facts) =>
    sentence(
      `How much ${facts.name}?`,
      facts.amount === undefined
        ? 'It decides the lift. Write an amount into the line; nothing of it counts until then.'
        : `This batter wants about ${facts.amount}. Nothing of it counts until the line says how much.`,
    ),
  'acid-left-over': (facts) =>
    sentence(
      `Nothing meets the acid${facts.sour.length === 0 ? '' : ` of the ${listed(facts.sour)}`}.`,
      `The crumb ends at pH ${facts.ph.toFixed(1)}, under the ${facts.low.toFixed(1)} of this style: sour, pale. There is room for ${gramsInWords(facts.grams)} of soda.`,
    ),
  'gas-below-band': (facts) =>
    sentence(
      'Too little gas for this style.',
      `${gas(facts.value)} of CO₂ for 100 g flour, where it lives on ${gas(facts.low)} to ${gas(facts.high)}: dense.`,
    ),
  'gas-above-band': (facts) =>
    sentence(
      'More gas than this style holds.',
      `${gas(facts.value)} of CO₂ for 100 g flour, where it bears ${gas(facts.low)} to ${gas(facts.high)}: it rises, tears and falls.`,
    ),
  'salt-kind-unclear': (facts) =>
    sentence(
      'Which salt?',
      `Fine salt makes this ${gramsInWords(facts.fine)}, a light flaked kosher salt ${gramsInWords(facts.flakes)}. It is counted as fine.`,
    ),
  'cup-region-unclear': (facts) =>
    sentence(
      `Whose cup? It is counted at ${Math.round(facts.millilitres)} ml.`,
      `Cups hold ${Math.round(facts.least)} to ${Math.round(facts.most)} ml by country, and nothing in the words says which. Choose whose measures they are at the top of the formula.`,
    ),
  'pan-too-small': (facts) =>
    sentence(
      'The batter does not fit its pan.',
      `It fills ${facts.pan} to ${facts.fillPercent} % raw and would run over in ${facts.overflowPercent} bakes of 100.${facts.better === undefined ? ' Share it over more pans.' : ` ${facts.better} holds it.`}`,
    ),
  'pan-too-large': (facts) =>
    sentence(
      'The pan is large for this batter.',
      `${facts.pan} is ${facts.fillPercent} % full: it bakes thin and dry.${facts.better === undefined ? '' : ` ${facts.better} suits it.`}`,
    ),
  'bake-time-implausible': (facts) =>
    sentence(
      `${windowInWords(facts.low, facts.high)} at ${Math.round(facts.celsius)} °C does not fit this batter in this pan.`,
      `By its heat it needs ${windowInWords(facts.modelLow, facts.modelHigh)}. Check the time, the pan and the oven in the method.`,
    ),
  'bake-never-done': (facts) =>
    sentence(
      `At ${Math.round(facts.celsius)} °C it would not be done.`,
      `The middle does not set within ${minutesInWords(facts.longest)}. Check the oven’s figure and the pan.`,
    ),
  'line-unused': (facts) =>
    sentence(`No step takes the ${facts.name}.`, 'Say in the method where it goes, or take the line out.'),
  'line-taken-twice': (facts) =>
    sentence(
      `The steps take more ${facts.name} than there is.`,
      'Say in one of them how much it takes, or that it takes the rest.',
    ),
  'line-divided-unsaid': (facts) =>
    sentence(
      `The ${facts.name} is divided, and no step says how.`,
      'Say how much each step takes: so much now, the rest later.',
    ),
  'step-uses-unlisted': (facts) =>
    sentence(`“${facts.name}” is not on the list.`, 'This step takes it. Add a line for it, with how much.'),
  'flour-cannot-carry': (facts) =>
    facts.because === 'laden'
      ? sentence(
          'More pieces than this crumb can carry.',
          `${percentInWords(facts.pieces)} of the flour, where the style carries ${percentInWords(facts.piecesMost)}: they sink, and slices fall apart.`,
        )
      : sentence(
          'Too little flour to carry the rest.',
          `Flour is ${percentInWords(facts.flourPercent)} of the batter, at least ${percentInWords(facts.low)} in this style, and no more egg takes its place: it sinks.`,
        ),
  'far-off': ({ quantity, side, percent, low, high }) =>
    sentence(
      `Far ${side === 'above' ? 'more' : 'less'} ${quantity} than this style bears.`,
      `${percentInWords(percent)} of the flour, where it lives on ${percentInWords(low)} to ${percentInWords(high)}. Was an amount written down wrongly?`,
    ),
  'no-gluten-no-binder': (facts) =>
    sentence(
      'Nothing binds this crumb.',
      `${percentInWords(facts.share)} of the flour makes no gluten, and there is ${percentInWords(facts.egg)} egg. A little husk or gum, or more egg, holds it together.`,
    ),
  'whole-grain-heavy': (facts) =>
    sentence(
      'This will be heavier than its style.',
      `${percentInWords(facts.percent)} of the flour is whole grain: bran cuts gluten and drinks. Half white flour, or a rest before the oven, lightens it.`,
    ),
  'thirsty-ingredients': (facts) =>
    sentence(
      `The ${listed(facts.names)} will drink ${gramsInWords(facts.grams)} of water.`,
      `That leaves ${percentInWords(facts.left)} of the flour, under the ${percentInWords(facts.low)} of this style. Give it about ${gramsInWords(facts.wanted)} more, and ten minutes to drink.`,
    ),
  'raw-egg': (facts) =>
    sentence(
      `The ${facts.name} in the ${facts.part.toLowerCase()} stays raw.`,
      'Use pasteurised egg, or heat it to 71 °C. Not for the very young, the old, the pregnant or the ill.',
    ),
  'raw-flour': (facts) =>
    sentence(
      `The ${facts.name} in the ${facts.part.toLowerCase()} stays raw.`,
      'Raw flour can carry germs. Bake it dry to 75 °C first, or cook it.',
    ),
  'baby-honey': () =>
    sentence('No honey for a child under twelve months.', 'It can carry spores that baking does not kill.'),
  'baby-sugar': (facts) => sentence(`${facts.name}: no added sugar for a baby.`, 'Ripe fruit sweetens it enough.'),
  'baby-salt': (facts) =>
    sentence(`${facts.name}: no added salt for a baby.`, 'Under a year the kidneys cannot deal with it.'),
  'baby-nuts': (facts) =>
    sentence(
      `Whole ${facts.name}: a choking risk for a small child.`,
      'Grind them finely, or use a smooth butter of them.',
    ),
  'oven-above-limit': (facts) =>
    sentence(`${facts.celsius} °C is above what ${facts.material} bears: ${facts.limit} °C.`, `${facts.caution}.`),
  'allergen-denied': (facts) =>
    sentence(
      `${facts.name} contains ${facts.allergens.map((allergen) => ALLERGEN_WORDS[allergen] ?? allergen).join(' and ')}.`,
      'The title says there is none. Take another ingredient, or change the title.',
    ),
  'not-vegan': (facts) =>
    sentence(`${facts.name} is not vegan.`, 'The title says it is. Take another ingredient, or change the title.'),
  'cold-for-emulsion': (facts) =>
    sentence(
      `Cold ${facts.name} will not cream.`,
      'Butter, eggs and milk at 18 to 21 °C hold air and make one emulsion; cold ones curdle.',
    ),
  'warm-for-flakes': (facts) =>
    sentence(
      `Warm ${facts.name} makes no flakes.`,
      'Rubbed or cut in cold it stays in pieces that part the layers; soft, it coats the flour.',
    ),
  'bowl-too-small': (facts) =>
    sentence(
      `${facts.litres.toFixed(1)} l of batter: mix it in ${facts.goes} goes.`,
      `That is more than two thirds of ${mixerOf(facts.mixer)} bowl of ${facts.bowl.toFixed(1)} l.`,
    ),
  'mixer-too-small': (facts) =>
    sentence(
      `${gramsInWords(facts.flour)} of flour: mix it in ${facts.goes} goes.`,
      `${facts.mixer === 'own' ? 'Your' : 'A usual'} mixer turns ${gramsInWords(facts.most)} at once.`,
    ),
  'flour-basis-assumed': (facts) =>
    sentence(
      `Counted for ${gramsInWords(facts.grams)} of flour.`,
      'The lines are shares of the flour and none is weighed. Choose another amount whenever you like.',
    ),
};

const isOfRule = (finding: Finding): finding is Extract<Finding, { code: RuleCode }> => finding.code in SENTENCES;
/** A table has one sentence for each code: the code of a finding picks the one for its own facts. */
const ruleInWords = <C extends RuleCode>(code: C, facts: RuleFacts[C]): Sentence => SENTENCES[code](facts);

/** The sentence for a finding. */
export function findingInWords(finding: Finding): Sentence {
  if (!isOfRule(finding)) return problemInWords(finding);
  const { say, why } = ruleInWords(finding.code, finding.facts as never);
  return { say: capitalised(say), why };
}

/** What the one click does, for its button. */
export function fixInWords(fix: Fix, nameOf: (ingredientId: string) => string): string {
  switch (fix.kind) {
    case 'retype':
      return `Write “${fix.text.trim()}”`;
    case 'tell-line':
      if (fix.facts.ingredientId !== undefined) return `Take it for ${nameOf(fix.facts.ingredientId)}`;
      if (fix.facts.grams !== undefined) return `Take ${gramsInWords(fix.facts.grams)}`;
      if (fix.facts.split) return 'Put it into that step';
      return 'Cut the tie';
    case 'take-out':
      return 'Take the line out';
    case 'add-line':
      return `Add “${fix.text}”`;
    case 'step':
      return `Write ${fix.put}`;
    case 'pan':
      return `Take ${fix.pan}`;
    case 'flour-basis':
      return `Count for ${gramsInWords(fix.grams)}`;
  }
}
