import { tableWords } from '../table-words/index.js';
import { inSentence, decimal } from '../../ground/language/index.js';
import type { Finding, Fix, RuleCode, RuleFacts } from '../../bench/findings/index.js';
import type { HeatScale } from '../../ground/units/index.js';
import {
  apartOn,
  degreesApart,
  gramsInWords,
  heatOn,
  minutesInWords,
  percentInWords,
  readingOn,
  readingsOn,
  windowInWords,
} from '../figures/index.js';
import { problemInWords } from '../wording/index.js';
import { capitalised, listed, sentence, type Sentence } from '../figures/index.js';

const ALLERGEN_WORDS: Readonly<Record<string, string>> = {
  'tree-nut': $localize`nuts`,
  soy: $localize`soya`,
  sulphite: $localize`sulphites`,
};
/** What Orvin has no style for. */
const BEYOND: Readonly<Record<RuleFacts['beyond-styles']['is'], string>> = {
  cookies: $localize`:not judged|:cookies`,
  yeasted: $localize`:not judged|:yeasted doughs`,
  pastry: $localize`:not judged|:pastry`,
  foam: $localize`:not judged|:foams of egg white`,
  'thin-batter': $localize`:not judged|:thin batters`,
  'under-a-crust': $localize`:not judged|:fruit under a crust`,
};
const gas = (grams: number) => `${decimal(grams, 2)} g`;
const mixerOf = (mixer: 'own' | 'usual') => (mixer === 'own' ? $localize`your` : $localize`a usual`);

/** One wording for each code: what was found, what was computed, what to do. A spec holds this table and the list of codes together. */
const SENTENCES: { readonly [C in RuleCode]: (facts: RuleFacts[C], scale: HeatScale) => Sentence } = {
  'temperatures-disagree': (facts, scale) =>
    sentence(
      $localize`${facts.first} and ${facts.second} are not the same oven.`,
      $localize`They are ${apartOn(scale, facts.apart)} apart: one of them is a slip.`,
    ),
  'fan-not-below': (facts, scale) =>
    sentence(
      $localize`${facts.fan} fan does not go with ${facts.conventional}.`,
      $localize`It is ${apartOn(scale, facts.below)} below; a fan oven is set ${degreesApart(scale, 15)} to ${apartOn(scale, 25)} lower for the same bake.`,
    ),
  'leavener-without-amount': (facts) =>
    sentence(
      $localize`How much ${facts.name}?`,
      facts.amount === undefined
        ? $localize`It decides the lift. Write an amount into the line; nothing of it counts until then.`
        : $localize`This batter wants about ${facts.amount}. Nothing of it counts until the line says how much.`,
    ),
  'acid-left-over': (facts) =>
    sentence(
      $localize`Nothing meets the acid${facts.sour.length === 0 ? '' : $localize` of the ${listed(facts.sour)}`}.`,
      $localize`The crumb ends at pH ${decimal(facts.ph, 1)}, under the ${decimal(facts.low, 1)} of this style: sour, pale. There is room for ${gramsInWords(facts.grams)} of soda.`,
    ),
  'beyond-styles': ({ is }) =>
    sentence(
      $localize`Orvin does not judge ${BEYOND[is]}.`,
      $localize`It weighs, counts and scales this, and works out soda against sour; it has no bands to hold it against, and its times are rough. If it is nearly one of the styles, choose that.`,
    ),
  'gas-below-band': (facts) =>
    sentence(
      $localize`Too little gas for this style.`,
      $localize`${gas(facts.value)} of CO₂ for 100 g flour, where it lives on ${gas(facts.low)} to ${gas(facts.high)}:high:: dense.`,
    ),
  'gas-above-band': (facts) =>
    sentence(
      $localize`More gas than this style holds.`,
      $localize`${gas(facts.value)} of CO₂ for 100 g flour, where it bears ${gas(facts.low)} to ${gas(facts.high)}:high:: it rises, tears and falls.`,
    ),
  'salt-kind-unclear': (facts) =>
    sentence(
      $localize`Which salt?`,
      $localize`Fine salt makes this ${gramsInWords(facts.fine)}, a light flaked kosher salt ${gramsInWords(facts.flakes)}. It is counted as fine.`,
    ),
  'cup-region-unclear': (facts) =>
    sentence(
      $localize`Whose cup? It is counted at ${Math.round(facts.millilitres)} ml.`,
      $localize`Cups hold ${Math.round(facts.least)} to ${Math.round(facts.most)} ml by country, and nothing in the words says which. Choose whose measures they are at the top of the formula.`,
    ),
  'pan-too-small': (facts) =>
    facts.deepHolds
      ? sentence(
          $localize`Is the ${facts.pan} a deep one?`,
          $localize`As deep as most of its width, it would be ${facts.fillPercent} % full raw and run over. A deep one holds the batter.`,
        )
      : sentence(
          $localize`The batter does not fit its pan.`,
          $localize`It fills ${facts.pan} to ${facts.fillPercent} % raw and would run over in ${facts.overflowPercent} bakes of 100.${facts.better === undefined ? $localize` Share it over more pans.` : $localize` ${facts.better} holds it.`}`,
        ),
  'pan-too-large': (facts) =>
    sentence(
      $localize`The pan is large for this batter.`,
      $localize`${facts.pan} is ${facts.fillPercent} % full: it bakes thin and dry.${facts.better === undefined ? '' : $localize` ${facts.better} suits it.`}`,
    ),
  'bake-time-implausible': (facts, scale) =>
    sentence(
      $localize`${windowInWords(facts.low, facts.high)} at ${heatOn(scale, facts.celsius)} does not fit this batter in this pan.`,
      $localize`By its heat it needs ${windowInWords(facts.modelLow, facts.modelHigh)}. Check the time, the pan and the oven in the method.`,
    ),
  'bake-never-done': (facts, scale) =>
    sentence(
      $localize`At ${heatOn(scale, facts.celsius)} it would not be done.`,
      $localize`The middle does not set within ${minutesInWords(facts.longest)}. Check the oven’s figure and the pan.`,
    ),
  'line-unused': (facts) =>
    sentence(
      $localize`No step takes the ${facts.name}.`,
      $localize`Say in the method where it goes, or take the line out.`,
    ),
  'line-taken-twice': (facts) =>
    sentence(
      $localize`The steps take more ${facts.name} than there is.`,
      $localize`Say in one of them how much it takes, or that it takes the rest.`,
    ),
  'line-divided-unsaid': (facts) =>
    sentence(
      $localize`The ${facts.name} is divided, and no step says how.`,
      $localize`Say how much each step takes: so much now, the rest later.`,
    ),
  'step-uses-unlisted': (facts) =>
    sentence(
      $localize`“${facts.name}” is not on the list.`,
      $localize`This step takes it. Add a line for it, with how much.`,
    ),
  'flour-cannot-carry': (facts) =>
    facts.because === 'laden'
      ? sentence(
          $localize`More pieces than this crumb can carry.`,
          $localize`${percentInWords(facts.pieces)} of the flour, where the style carries ${percentInWords(facts.piecesMost)}:piecesMost:: they sink, and slices fall apart.`,
        )
      : sentence(
          $localize`Too little flour to carry the rest.`,
          $localize`Flour is ${percentInWords(facts.flourPercent)} of the batter, at least ${percentInWords(facts.low)} in this style, and no more egg takes its place: it sinks.`,
        ),
  'far-off': ({ quantity, side, percent, low, high }) =>
    sentence(
      $localize`Far ${side === 'above' ? $localize`more` : $localize`less`} ${quantity} than this style bears.`,
      $localize`${percentInWords(percent)} of the flour, where it lives on ${percentInWords(low)} to ${percentInWords(high)}. Was an amount written down wrongly?`,
    ),
  'no-gluten-no-binder': (facts) =>
    sentence(
      $localize`Nothing binds this crumb.`,
      $localize`${percentInWords(facts.share)} of the flour makes no gluten, and there is ${percentInWords(facts.egg)} egg. A little husk or gum, or more egg, holds it together.`,
    ),
  'whole-grain-heavy': (facts) =>
    sentence(
      $localize`This will be heavier than its style.`,
      $localize`${percentInWords(facts.percent)} of the flour is whole grain: bran cuts gluten and drinks. Half white flour, or a rest before the oven, lightens it.`,
    ),
  'thirsty-ingredients': (facts) =>
    sentence(
      $localize`The ${listed(facts.names)} will drink ${gramsInWords(facts.grams)} of water.`,
      $localize`That leaves ${percentInWords(facts.left)} of the flour, under the ${percentInWords(facts.low)} of this style. Give it about ${gramsInWords(facts.wanted)} more, and ten minutes to drink.`,
    ),
  'raw-egg': (facts, scale) =>
    sentence(
      $localize`The ${facts.name} in the ${inSentence(facts.part)} stays raw.`,
      $localize`Use pasteurised egg, or heat it to ${readingOn(scale, 71)}. Not for the very young, the old, the pregnant or the ill.`,
    ),
  'raw-flour': (facts, scale) =>
    sentence(
      $localize`The ${facts.name} in the ${inSentence(facts.part)} stays raw.`,
      $localize`Raw flour can carry germs. Bake it dry to ${readingOn(scale, 75)} first, or cook it.`,
    ),
  'baby-honey': () =>
    sentence(
      $localize`No honey for a child under twelve months.`,
      $localize`It can carry spores that baking does not kill.`,
    ),
  'baby-sugar': (facts) =>
    sentence($localize`${facts.name}:name:: no added sugar for a baby.`, $localize`Ripe fruit sweetens it enough.`),
  'baby-salt': (facts) =>
    sentence(
      $localize`${facts.name}:name:: no added salt for a baby.`,
      $localize`Under a year the kidneys cannot deal with it.`,
    ),
  'baby-nuts': (facts) =>
    sentence(
      $localize`Whole ${facts.name}:name:: a choking risk for a small child.`,
      $localize`Grind them finely, or use a smooth butter of them.`,
    ),
  'oven-above-limit': (facts, scale) =>
    sentence(
      $localize`${heatOn(scale, facts.celsius)} is above what ${facts.material} bears: ${heatOn(scale, facts.limit)}.`,
      `${tableWords(facts.caution)}.`,
    ),
  'allergen-denied': (facts) =>
    sentence(
      $localize`${facts.name} contains ${listed(facts.allergens.map((allergen) => tableWords(ALLERGEN_WORDS[allergen] ?? allergen)))}.`,
      $localize`The title says there is none. Take another ingredient, or change the title.`,
    ),
  'not-vegan': (facts) =>
    sentence(
      $localize`${facts.name} is not vegan.`,
      $localize`The title says it is. Take another ingredient, or change the title.`,
    ),
  'cold-for-emulsion': (facts, scale) =>
    sentence(
      $localize`Cold ${facts.name} will not cream.`,
      $localize`Butter, eggs and milk at ${readingsOn(scale, 18, 21)} hold air and make one emulsion; cold ones curdle.`,
    ),
  'warm-for-flakes': (facts) =>
    sentence(
      $localize`Warm ${facts.name} makes no flakes.`,
      $localize`Rubbed or cut in cold it stays in pieces that part the layers; soft, it coats the flour.`,
    ),
  'bowl-too-small': (facts) =>
    sentence(
      $localize`${decimal(facts.litres, 1)} l of batter: mix it in ${facts.goes} goes.`,
      $localize`That is more than two thirds of ${mixerOf(facts.mixer)} bowl of ${decimal(facts.bowl, 1)} l.`,
    ),
  'mixer-too-small': (facts) =>
    sentence(
      $localize`${gramsInWords(facts.flour)} of flour: mix it in ${facts.goes} goes.`,
      $localize`${facts.mixer === 'own' ? $localize`Your` : $localize`A usual`} mixer turns ${gramsInWords(facts.most)} at once.`,
    ),
  'flour-basis-assumed': (facts) =>
    sentence(
      $localize`Counted for ${gramsInWords(facts.grams)} of flour.`,
      $localize`The lines are shares of the flour and none is weighed. Choose another amount whenever you like.`,
    ),
};

const isOfRule = (finding: Finding): finding is Extract<Finding, { code: RuleCode }> => finding.code in SENTENCES;
/** A table has one sentence for each code: the code of a finding picks the one for its own facts. */
const ruleInWords = <C extends RuleCode>(code: C, facts: RuleFacts[C], scale: HeatScale): Sentence =>
  SENTENCES[code](facts, scale);

/** The sentence for a finding. @param scale of the baker's oven */
export function findingInWords(finding: Finding, scale: HeatScale = 'C'): Sentence {
  if (!isOfRule(finding)) return problemInWords(finding);
  const { say, why } = ruleInWords(finding.code, finding.facts as never, scale);
  return { say: capitalised(say), why };
}

/** What the one click does, for its button. */
export function fixInWords(fix: Fix, nameOf: (ingredientId: string) => string): string {
  switch (fix.kind) {
    case 'retype':
      return $localize`Write “${fix.text.trim()}”`;
    case 'tell-line':
      if (fix.facts.ingredientId !== undefined) return $localize`Take it for ${nameOf(fix.facts.ingredientId)}`;
      if (fix.facts.grams !== undefined) return $localize`Take ${gramsInWords(fix.facts.grams)}`;
      if (fix.facts.split) return $localize`Put it into that step`;
      return $localize`Cut the tie`;
    case 'take-out':
      return $localize`Take the line out`;
    case 'add-line':
      return $localize`Add “${fix.text}”`;
    case 'step':
      return $localize`Write ${fix.put}`;
    case 'pan':
      return $localize`Take ${fix.pan}`;
    case 'flour-basis':
      return $localize`Count for ${gramsInWords(fix.grams)}`;
  }
}
