import type { Finding, Fix, RuleCode } from '../../bench/audit/index.js';
import { PROBLEM_CODES, type Problem, type ProblemCode } from '../../formula/parsing/index.js';
import { gramsInWords, minutesInWords, percentInWords, windowInWords } from './figures.js';
import { problemInWords } from './problems.js';
import { sentence, type Sentence } from './sentence.js';

type Facts = Finding['facts'];
const text = (facts: Facts, key: string): string => String(facts[key] ?? '');
const number = (facts: Facts, key: string): number => Number(facts[key] ?? 0);
const listed = (facts: Facts, key: string): string => {
  const value = facts[key];
  const words = Array.isArray(value) ? (value as readonly string[]) : [text(facts, key)];
  return words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;
};
const ALLERGEN_WORDS: Readonly<Record<string, string>> = { 'tree-nut': 'nuts', soy: 'soya', sulphite: 'sulphites' };
const allergens = (facts: Facts): string => {
  const value = facts['allergens'];
  const all = Array.isArray(value) ? (value as readonly string[]) : [];
  return all.map((one) => ALLERGEN_WORDS[one] ?? one).join(' and ');
};
const gas = (grams: number) => `${grams.toFixed(2)} g`;
const mixerOf = (facts: Facts) => (text(facts, 'assumed') === 'own' ? 'your' : 'a usual');

/** One wording for each code: what was found, what was computed, what to do. A spec holds this table and the list of codes together. */
const SENTENCES: Readonly<Record<RuleCode, (facts: Facts) => Sentence>> = {
  'temperatures-disagree': (facts) =>
    sentence(
      `${text(facts, 'first')} and ${text(facts, 'second')} are not the same oven.`,
      `They are ${number(facts, 'apart')} °C apart: one of them is a slip.`,
    ),
  'fan-not-below': (facts) =>
    sentence(
      `${text(facts, 'fan')} fan does not go with ${text(facts, 'conventional')}.`,
      `It is ${number(facts, 'below')} °C below; a fan oven is set 15 to 25 °C lower for the same bake.`,
    ),
  'leavener-without-amount': (facts) =>
    sentence(
      `How much ${text(facts, 'name')}?`,
      text(facts, 'amount') === ''
        ? 'It decides the lift. Write an amount into the line; nothing of it counts until then.'
        : `This batter wants about ${text(facts, 'amount')}. Nothing of it counts until the line says how much.`,
    ),
  'acid-left-over': (facts) =>
    sentence(
      `Nothing meets the acid${listed(facts, 'sour') === '' ? '' : ` of the ${listed(facts, 'sour')}`}.`,
      `The crumb ends at pH ${number(facts, 'ph').toFixed(1)}, under the ${number(facts, 'low').toFixed(1)} of this style: sour, pale. There is room for ${gramsInWords(number(facts, 'grams'))} of soda.`,
    ),
  'gas-below-band': (facts) =>
    sentence(
      'Too little gas for this style.',
      `${gas(number(facts, 'value'))} of CO₂ for 100 g flour, where it lives on ${gas(number(facts, 'low'))} to ${gas(number(facts, 'high'))}: dense.`,
    ),
  'gas-above-band': (facts) =>
    sentence(
      'More gas than this style holds.',
      `${gas(number(facts, 'value'))} of CO₂ for 100 g flour, where it bears ${gas(number(facts, 'low'))} to ${gas(number(facts, 'high'))}: it rises, tears and falls.`,
    ),
  'salt-kind-unclear': (facts) =>
    sentence(
      'Which salt?',
      `Fine salt makes this ${gramsInWords(number(facts, 'fine'))}, a light flaked kosher salt ${gramsInWords(number(facts, 'flakes'))}. It is counted as fine.`,
    ),
  'cup-region-unclear': (facts) =>
    sentence(
      `Whose cup? It is counted at ${Math.round(number(facts, 'millilitres'))} ml.`,
      `Cups hold ${Math.round(number(facts, 'least'))} to ${Math.round(number(facts, 'most'))} ml by country, and nothing in the words says which. Choose the measures above the lines.`,
    ),
  'pan-too-small': (facts) =>
    sentence(
      'The batter does not fit its pan.',
      `It fills ${text(facts, 'pan')} to ${number(facts, 'fillPercent')} % raw and would run over in ${number(facts, 'overflowPercent')} bakes of 100.${text(facts, 'better') === '' ? ' Share it over more pans.' : ` ${text(facts, 'better')} holds it.`}`,
    ),
  'pan-too-large': (facts) =>
    sentence(
      'The batter lies low in its pan.',
      `${text(facts, 'pan')} is ${number(facts, 'fillPercent')} % full: it bakes thin and dry.${text(facts, 'better') === '' ? '' : ` ${text(facts, 'better')} suits it.`}`,
    ),
  'bake-time-implausible': (facts) =>
    sentence(
      `${windowInWords(number(facts, 'low'), number(facts, 'high'))} at ${Math.round(number(facts, 'celsius'))} °C does not fit this batter in this pan.`,
      `By its heat it needs ${windowInWords(number(facts, 'modelLow'), number(facts, 'modelHigh'))}. Check the time, the pan and the oven in the method.`,
    ),
  'bake-never-done': (facts) =>
    sentence(
      `At ${Math.round(number(facts, 'celsius'))} °C it would not be done.`,
      `The middle does not set within ${minutesInWords(number(facts, 'longest'))}. Check the oven’s figure and the pan.`,
    ),
  'line-unused': (facts) =>
    sentence(`No step takes the ${text(facts, 'name')}.`, 'Say in the method where it goes, or take the line out.'),
  'line-taken-twice': (facts) =>
    sentence(
      `The steps take more ${text(facts, 'name')} than there is.`,
      'Say in one of them how much it takes, or that it takes the rest.',
    ),
  'line-divided-unsaid': (facts) =>
    sentence(
      `The ${text(facts, 'name')} is divided, and no step says how.`,
      'Say how much each step takes: so much now, the rest later.',
    ),
  'step-uses-unlisted': (facts) =>
    sentence(`“${text(facts, 'name')}” is not on the list.`, 'This step takes it. Add a line for it, with how much.'),
  'flour-cannot-carry': (facts) =>
    text(facts, 'because') === 'laden'
      ? sentence(
          'More pieces than this crumb can carry.',
          `${percentInWords(number(facts, 'pieces'))} of the flour, where the style carries ${percentInWords(number(facts, 'piecesMost'))}: they sink, and slices fall apart.`,
        )
      : sentence(
          'Too little flour to carry the rest.',
          `Flour is ${percentInWords(number(facts, 'flourPercent'))} of the batter, at least ${percentInWords(number(facts, 'low'))} in this style, and no more egg takes its place: it sinks.`,
        ),
  'no-gluten-no-binder': (facts) =>
    sentence(
      'Nothing binds this crumb.',
      `${percentInWords(number(facts, 'share'))} of the flour makes no gluten, and there is ${percentInWords(number(facts, 'egg'))} egg. A little husk or gum, or more egg, holds it together.`,
    ),
  'whole-grain-heavy': (facts) =>
    sentence(
      'This will be heavier than its style.',
      `${percentInWords(number(facts, 'percent'))} of the flour is whole grain: bran cuts gluten and drinks. Half white flour, or a rest before the oven, lightens it.`,
    ),
  'thirsty-ingredients': (facts) =>
    sentence(
      `The ${listed(facts, 'names')} will drink ${gramsInWords(number(facts, 'grams'))} of water.`,
      `That leaves ${percentInWords(number(facts, 'left'))} of the flour, under the ${percentInWords(number(facts, 'low'))} of this style. Give it about ${gramsInWords(number(facts, 'wanted'))} more, and ten minutes to drink.`,
    ),
  'raw-egg': (facts) =>
    sentence(
      `The ${text(facts, 'name')} in the ${text(facts, 'part').toLowerCase()} stays raw.`,
      'Use pasteurised egg, or heat it to 71 °C. Not for the very young, the old, the pregnant or the ill.',
    ),
  'raw-flour': (facts) =>
    sentence(
      `The ${text(facts, 'name')} in the ${text(facts, 'part').toLowerCase()} stays raw.`,
      'Raw flour can carry germs. Bake it dry to 75 °C first, or cook it.',
    ),
  'baby-honey': () =>
    sentence('No honey for a child under twelve months.', 'It can carry spores that baking does not kill.'),
  'baby-sugar': (facts) =>
    sentence(`${text(facts, 'name')}: no added sugar for a baby.`, 'Ripe fruit sweetens it enough.'),
  'baby-salt': () => sentence('No added salt for a baby.', 'Under a year the kidneys cannot deal with it.'),
  'baby-nuts': (facts) =>
    sentence(
      `Whole ${text(facts, 'name')}: a choking risk for a small child.`,
      'Grind them finely, or use a smooth butter of them.',
    ),
  'oven-above-limit': (facts) =>
    sentence(
      `${text(facts, 'celsius')} °C is above what ${text(facts, 'material')} bears: ${text(facts, 'limit')} °C.`,
      `${text(facts, 'caution')}.`,
    ),
  'allergen-denied': (facts) =>
    sentence(
      `${text(facts, 'name')} holds ${allergens(facts)}.`,
      'The title says there is none. Take another ingredient, or change the title.',
    ),
  'not-vegan': (facts) =>
    sentence(
      `${text(facts, 'name')} is not vegan.`,
      'The title says it is. Take another ingredient, or change the title.',
    ),
  'cold-for-emulsion': (facts) =>
    sentence(
      `Cold ${text(facts, 'name')} will not cream.`,
      'Butter, eggs and milk at 18 to 21 °C hold air and make one emulsion; cold ones curdle.',
    ),
  'warm-for-flakes': (facts) =>
    sentence(
      `Warm ${text(facts, 'name')} makes no flakes.`,
      'Rubbed or cut in cold it stays in pieces that part the layers; soft, it coats the flour.',
    ),
  'bowl-too-small': (facts) =>
    sentence(
      `${number(facts, 'litres').toFixed(1)} l of batter: mix it in ${number(facts, 'goes')} goes.`,
      `That is more than two thirds of ${mixerOf(facts)} bowl of ${number(facts, 'bowl').toFixed(1)} l.`,
    ),
  'mixer-too-small': (facts) =>
    sentence(
      `${gramsInWords(number(facts, 'flour'))} of flour: mix it in ${number(facts, 'goes')} goes.`,
      `${text(facts, 'assumed') === 'own' ? 'Your' : 'A usual'} mixer turns ${gramsInWords(number(facts, 'most'))} at once.`,
    ),
  'flour-basis-assumed': (facts) =>
    sentence(
      `Counted for ${gramsInWords(number(facts, 'grams'))} of flour.`,
      'The lines are shares of the flour and none is weighed. Choose another amount whenever you like.',
    ),
};

const problemCodes: ReadonlySet<string> = new Set(PROBLEM_CODES);
const isProblem = (finding: Finding): finding is Finding & { readonly code: ProblemCode } =>
  problemCodes.has(finding.code);

/** The sentence for a finding. */
export function findingInWords(finding: Finding): Sentence {
  if (isProblem(finding)) {
    const { code, severity, facts } = finding;
    return problemInWords({ code, severity, line: '', facts } satisfies Problem);
  }
  const { say, why } = SENTENCES[finding.code as RuleCode](finding.facts);
  return { say: say.charAt(0).toUpperCase() + say.slice(1), why };
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
