import type { ClassicalRule, ClassicalRuleCode, TextureForce } from '../../batter/crumb-texture/index.js';
import type { Consequence, ConsequenceCode } from '../../batter/rising/index.js';
import type { LeaveningMethod, Setting } from '../../batter/leavening-methods/index.js';
import type { Diet, Residual, SwapNoteCode } from '../../bench/swaps/index.js';
import { inEighths } from '../../ground/units/index.js';
import { capitalised, gramsInWords, percentInWords, uncapitalised } from '../figures/index.js';
import { sentence, type Sentence } from '../figures/index.js';

/** What a swap changes that no amount puts right. A spec holds this table and the list of codes together. */
const SWAP_NOTES: Readonly<Record<SwapNoteCode, Sentence>> = {
  'thinner-batter': sentence('The batter is thinner.', 'Nothing thickens it as the cultured one did; the crumb is a little more open.'),
  'thicker-batter': sentence('The batter is thicker.', 'Spread it level: it will not level itself.'),
  'less-tang': sentence('Less tang.', 'The acid is there for the soda, the cultured taste is not.'),
  'more-tang': sentence('More tang.', 'It tastes sourer, and more so the day after.'),
  'soda-joins': sentence('Some soda joins, some powder goes.', 'The new acid wants soda of its own; sift it well.'),
  'powder-takes-over': sentence('Powder takes over from soda.', 'With no acid in the cocoa, soda would be left over and taste soapy.'),
  'no-creamed-air': sentence('No creamed air.', 'Oil and purée hold none: beat the eggs and sugar thick, or expect a closer crumb.'),
  'cream-again': sentence('It can be creamed now.', 'Beat butter and sugar pale; that lifts it more than oil did.'),
  'no-butter-flavour': sentence('No butter flavour.', 'A little more salt and vanilla help.'),
  'set-lost': sentence('The egg’s set is lost.', 'Nothing else sets a crumb as egg does: it is more fragile. Cool it fully before cutting.'),
  'lift-not-predicted': sentence('How far it rises is not predicted.', 'The model hardly sees what egg does for the lift. Bake a small one first.'),
  'gummy-above-two-eggs': sentence('Up to two eggs.', 'More flax than that bakes gummy.'),
  'tastes-of-egg-again': sentence('Richer, with more set.', 'Egg colours and firms the crumb; take it off the heat as soon as it springs back.'),
  'rest-for-bran': sentence('Rest it 10 to 20 minutes.', 'Bran drinks slowly; the extra water is for it.'),
  denser: sentence('Denser.', 'Less of the flour stretches.'),
  'no-gluten': sentence('No gluten holds it.', 'A binder does some of its work: smaller pans, and cool it in the pan.'),
  'gluten-again': sentence('Gluten is back.', 'Mix less than before, or it turns tough. No longer gluten-free.'),
  'browns-sooner': sentence('It browns sooner.', 'Set the oven 10 to 15 °C lower and look earlier.'),
  'browns-later': sentence('It browns later.', 'Less milk sugar and protein: the crust stays paler at the same core.'),
  'moister-longer': sentence('Moist for longer.', 'It keeps a day or two more.'),
  'dries-sooner': sentence('It dries sooner.', 'Eat it a day earlier, or freeze what is left.'),
  'less-sweet': sentence('Less sweet, less tender.', 'It also colours less. A fifth less is hardly noticed; a third is.'),
  'flavour-changes': sentence('It tastes of what came in.', 'Balance is kept; flavour is yours to judge.'),
  'sweeter-and-wetter': sentence('Sweeter to the tongue.', 'Weight for weight its sugars taste sweeter; some of the liquid went to make room.'),
  chewier: sentence('Chewier.', 'Less fat shortens the crumb less: mix as little as you can.'),
  'nuts-still': sentence('It has nuts in it.', 'Not for anyone who avoids them.'),
  'seeds-may-green': sentence('Sunflower seeds may turn green.', 'Harmless, in a crumb above pH 7.5: keep the soda down.'),
  'bigger-lump-of-fruit': sentence('More fruit, longer bake.', 'A wet middle is the risk: test it at the core.'),
  saltless: sentence('No salt.', 'It tastes flat to grown people; a baby does not mind.'),
  'weigh-starter': sentence('Weigh the starter.', 'Counted as equal parts of flour and water; stir the bubbles out first.'),
  'whip-first': sentence('Whip it first.', 'To soft peaks, then fold: it holds air, but it does not set.'),
  'measured-with-leavener': sentence('The leavener is in the flour.', 'Packs differ by a fifth; powder and salt are counted as usual.'),
  'more-than-two-eggs': sentence('More than two eggs: the set is lost.', 'No stand-in carries a cake that stands on its eggs. Silken tofu or soy yogurt come nearest; better a formula written without.'),
  'only-brushes': sentence('It only brushes.', 'Nothing inside changes; the crust shines and browns less without egg or milk.'),
  'only-soaks': sentence('It only soaks.', 'The batter stays as it is. How long it keeps goes by it: spirit and syrup keep a crumb for weeks, milk, tea or juice for days.'),
  'blend-varies': sentence('Blends differ.', 'One drinks twice what another does: hold back some liquid, and write down what it took.'),
}; // prettier-ignore
export const swapNoteInWords = (code: SwapNoteCode): Sentence => SWAP_NOTES[code];
export const SWAP_NOTES_WORDED = Object.keys(SWAP_NOTES) as readonly SwapNoteCode[];

/** The name of a way: what goes in. */
export const RESIDUAL_NAMES: Readonly<Record<Residual, string>> = {
  water: 'water', fat: 'fat', sugar: 'sugar', flour: 'flour', salt: 'salt', gas: 'gas', eggSolids: 'egg solids',
}; // prettier-ignore

export const DIET_NAMES: Readonly<Record<Diet, string>> = {
  vegan: 'vegan', 'egg-free': 'egg-free', 'dairy-free': 'dairy-free', 'gluten-free': 'gluten-free', 'nut-free': 'nut-free', 'lower-sugar': 'less sugar',
  'lower-fat': 'less fat', baby: 'for a baby',
}; // prettier-ignore

/** What goes with a diet that no swap says. */
export const DIET_CAUTIONS: Readonly<Partial<Record<Diet, string>>> = {
  'gluten-free': 'Oats count as gluten here unless their pack says otherwise. Clean bowl, clean tins.',
  'nut-free': 'Seeds and flours may have met nuts: read the pack.',
  baby: 'No honey under twelve months; no added salt or sugar; nothing hard or round. Raw flour and egg are not for tasting.',
};

const CONSEQUENCES: Readonly<Record<ConsequenceCode, (facts: Consequence, name: string) => Sentence>> = {
  'berries-turn-blue': (_, name) => sentence(`${capitalised(name)} turn blue or green at the edges.`, 'Their red is a dye that turns in an alkaline crumb, above pH 7.3.'),
  'seeds-turn-green': () => sentence('Sunflower seeds turn green within a day.', 'Harmless: what is in them meets an alkaline crumb, above pH 7.5.'),
  'walnut-skins-grey': () => sentence('Walnut skins turn violet-grey.', 'Their tannins meet an alkaline crumb, above pH 7.6.'),
  'carrots-green': (_, name) => sentence(`${capitalised(name)} may show green specks.`, 'Above pH 7.8; harmless.'),
  'cocoa-dark': () => sentence('Cocoa bakes dark, red-brown.', 'An alkaline crumb darkens it and rounds its taste.'),
  'cocoa-light': () => sentence('Cocoa bakes light and fruity.', 'A neutral or sour crumb keeps it brown, not black.'),
  'tastes-soapy': ({ value }) => sentence('It tastes soapy.', `${percentInWords(value)} of the flour is soda that met no acid; 1.3 % is past what most people bear.`),
  'tastes-of-soda': ({ value }) => sentence('Some taste the soda.', `${percentInWords(value)} of the flour is soda that met no acid; from 0.8 % on it is noticed, later where there is much spice.`),
  'tastes-of-powder': ({ value }) => sentence('It tastes of powder: salty and bitter.', `Powder is ${percentInWords(value)} of the flour; 6.5 % is where it shows.`),
  'ammonia-stays': () => sentence('Ammonia cannot leave this.', 'Only thin, dry bakes let it out. Use powder here, and air the kitchen.'),
  'potassium-caution': () => sentence('Much potassium.', 'Whoever has kidney trouble or takes medicine for the heart should ask a doctor. Slightly bitter.'),
  'aluminium-taste': ({ value }) => sentence('It may taste of metal.', `Aluminium powder at ${percentInWords(value)} of the flour; the aluminium-free kinds do not.`),
}; // prettier-ignore
export function consequenceInWords(consequence: Consequence, name: string): Sentence {
  const worded = CONSEQUENCES[consequence.code](consequence, name);
  return consequence.odds === 'possible' ? { say: `Possible: ${uncapitalised(worded.say)}`, why: worded.why } : worded;
}
export const CONSEQUENCES_WORDED = Object.keys(CONSEQUENCES) as readonly ConsequenceCode[];

const RULES: Readonly<Record<ClassicalRuleCode, readonly [rule: string, broken: string]>> = {
  'sugar-not-over-flour': ['Sugar no more than flour', 'More sugar than flour holds back the set of a plain cake.'],
  'sugar-over-flour': [
    'Sugar 1.05 to 1.65 of flour',
    'A high-ratio cake lives on sugar above its flour, and falls beyond two thirds more.',
  ],
  'eggs-carry-fat': [
    'Eggs at least as heavy as fat',
    'Eggs build what fat takes away. Good formulas bend this by a tenth.',
  ],
  'liquid-matches-sugar': [
    'Liquid and egg 0.9 to 1.5 of sugar',
    'Sugar wants water to dissolve in; too much of it makes a heavy line.',
  ],
  'liquid-over-sugar': [
    'Liquid and egg over sugar by a tenth',
    'With sugar above flour there must be water for it to dissolve in.',
  ],
};
export function ruleInWords({ code, ratio, holds }: ClassicalRule): Sentence {
  const [rule, broken] = RULES[code];
  return sentence(`${rule}: ${ratio.toFixed(2)}.`, holds ? 'It holds.' : broken);
}

export const FORCE_NAMES: Readonly<Record<TextureForce, string>> = {
  toughens: 'toughens',
  softens: 'softens',
  dries: 'dries',
  wets: 'wets',
};

export const SCHOOL_NAMES: Readonly<Record<LeaveningMethod, Sentence>> = {
  'acid-only': sentence('Soda for the acid, powder for the rest', 'Full flavour, nothing left over.'),
  'powder-only': sentence('Powder only', 'Fewer things to measure; sour batters stay tart.'),
  browning: sentence('Some soda left for browning', 'Darker, coarser, more tender; berries and seeds may turn.'),
  'added-acid': sentence(
    'Soda and an added acid',
    'No powder in the house: soda with cream of tartar or something sour.',
  ),
};

/** "⅜ tsp soda (1.8 g), 2¼ tsp powder (10.4 g)": amounts first. */
export function settingInWords(
  { sodaGrams, sodaTeaspoons, powderGrams, powderTeaspoons, acidGrams, acidTeaspoons }: Setting,
  acidName = 'cream of tartar',
  fine = false,
): string {
  const amount = (grams: number, teaspoons: number, name: string) =>
    grams > 0
      ? [
          fine
            ? `${gramsInWords(grams)} ${name}`
            : `${inEighths(teaspoons)}\u00a0tsp ${name} (${gramsInWords(grams).replace(' ', '\u00a0')})`,
        ]
      : [];
  const parts = [
    ...amount(sodaGrams, sodaTeaspoons, 'soda'),
    ...amount(powderGrams, powderTeaspoons, 'powder'),
    ...amount(acidGrams, acidTeaspoons, acidName),
  ];
  return parts.length === 0 ? 'no leavener' : parts.join(', ');
}
