import { decimal, uncapitalised } from '../../ground/language/index.js';
import type { ClassicalRule, ClassicalRuleCode, TextureForce } from '../../batter/crumb-texture/index.js';
import type { Consequence, ConsequenceCode } from '../../batter/rising/index.js';
import type { LeaveningMethod, Setting } from '../../batter/leavening-methods/index.js';
import type { Diet, Residual, SwapNoteCode } from '../../bench/swaps/index.js';
import { inEighths } from '../../ground/units/index.js';
import { capitalised, gramsInWords, percentInWords } from '../figures/index.js';
import { sentence, type Sentence } from '../figures/index.js';

/** What a swap changes that no amount puts right. A spec holds this table and the list of codes together. */
const SWAP_NOTES: Readonly<Record<SwapNoteCode, Sentence>> = {
  'thinner-batter': sentence($localize`The batter is thinner.`, $localize`Nothing thickens it as the cultured one did; the crumb is a little more open.`),
  'thicker-batter': sentence($localize`The batter is thicker.`, $localize`Spread it level: it will not level itself.`),
  'less-tang': sentence($localize`Less tang.`, $localize`The acid is there for the soda, the cultured taste is not.`),
  'more-tang': sentence($localize`More tang.`, $localize`It tastes sourer, and more so the day after.`),
  'soda-joins': sentence($localize`Some soda joins, some powder goes.`, $localize`The new acid wants soda of its own; sift it well.`),
  'powder-takes-over': sentence($localize`Powder takes over from soda.`, $localize`With no acid in the cocoa, soda would be left over and taste soapy.`),
  'no-creamed-air': sentence($localize`No creamed air.`, $localize`Oil and purée hold none: beat the eggs and sugar thick, or expect a closer crumb.`),
  'cream-again': sentence($localize`It can be creamed now.`, $localize`Beat butter and sugar pale; that lifts it more than oil did.`),
  'no-butter-flavour': sentence($localize`No butter flavour.`, $localize`A little more salt and vanilla help.`),
  'set-lost': sentence($localize`The egg’s set is lost.`, $localize`Nothing else sets a crumb as egg does: it is more fragile. Cool it fully before cutting.`),
  'lift-not-predicted': sentence($localize`How far it rises is not predicted.`, $localize`The model hardly sees what egg does for the lift. Bake a small one first.`),
  'gummy-above-two-eggs': sentence($localize`Up to two eggs.`, $localize`More flax than that bakes gummy.`),
  'tastes-of-egg-again': sentence($localize`Richer, with more set.`, $localize`Egg colours and firms the crumb; take it off the heat as soon as it springs back.`),
  'rest-for-bran': sentence($localize`Rest it 10 to 20 minutes.`, $localize`Bran drinks slowly; the extra water is for it.`),
  denser: sentence($localize`Denser.`, $localize`Less of the flour stretches.`),
  'no-gluten': sentence($localize`No gluten holds it.`, $localize`A binder does some of its work: smaller pans, and cool it in the pan.`),
  'gluten-again': sentence($localize`Gluten is back.`, $localize`Mix less than before, or it turns tough. No longer gluten-free.`),
  'browns-sooner': sentence($localize`It browns sooner.`, $localize`Set the oven 10 to 15 °C lower and look earlier.`),
  'browns-later': sentence($localize`It browns later.`, $localize`Less milk sugar and protein: the crust stays paler at the same core.`),
  'moister-longer': sentence($localize`Moist for longer.`, $localize`It keeps a day or two more.`),
  'dries-sooner': sentence($localize`It dries sooner.`, $localize`Eat it a day earlier, or freeze what is left.`),
  'less-sweet': sentence($localize`Less sweet, less tender.`, $localize`It also colours less. A fifth less is hardly noticed; a third is.`),
  'flavour-changes': sentence($localize`It tastes of what came in.`, $localize`Balance is kept; flavour is yours to judge.`),
  'sweeter-and-wetter': sentence($localize`Sweeter to the tongue.`, $localize`Weight for weight its sugars taste sweeter; some of the liquid went to make room.`),
  chewier: sentence($localize`Chewier.`, $localize`Less fat shortens the crumb less: mix as little as you can.`),
  'nuts-still': sentence($localize`It has nuts in it.`, $localize`Not for anyone who avoids them.`),
  'seeds-may-green': sentence($localize`Sunflower seeds may turn green.`, $localize`Harmless, in a crumb above pH 7.5: keep the soda down.`),
  'bigger-lump-of-fruit': sentence($localize`More fruit, longer bake.`, $localize`A wet middle is the risk: test it at the core.`),
  saltless: sentence($localize`No salt.`, $localize`It tastes flat to grown people; a baby does not mind.`),
  'weigh-starter': sentence($localize`Weigh the starter.`, $localize`Counted as equal parts of flour and water; stir the bubbles out first.`),
  'whip-first': sentence($localize`Whip it first.`, $localize`To soft peaks, then fold: it holds air, but it does not set.`),
  'measured-with-leavener': sentence($localize`The leavener is in the flour.`, $localize`Packs differ by a fifth; powder and salt are counted as usual.`),
  'more-than-two-eggs': sentence($localize`More than two eggs: the set is lost.`, $localize`No stand-in carries a cake that stands on its eggs. Silken tofu or soy yogurt come nearest; better a formula written without.`),
  'only-brushes': sentence($localize`It only brushes.`, $localize`Nothing inside changes; the crust shines and browns less without egg or milk.`),
  'only-soaks': sentence($localize`It only soaks.`, $localize`The batter stays as it is. How long it keeps goes by it: spirit and syrup keep a crumb for weeks, milk, tea or juice for days.`),
  'blend-varies': sentence($localize`Blends differ.`, $localize`One drinks twice what another does: hold back some liquid, and write down what it took.`),
}; // prettier-ignore
export const swapNoteInWords = (code: SwapNoteCode): Sentence => SWAP_NOTES[code];
export const SWAP_NOTES_WORDED = Object.keys(SWAP_NOTES) as readonly SwapNoteCode[];

/** The name of a way: what goes in. */
export const RESIDUAL_NAMES: Readonly<Record<Residual, string>> = {
  water: $localize`water`, fat: $localize`fat`, sugar: $localize`sugar`, flour: $localize`flour`, salt: $localize`salt`, gas: $localize`gas`, eggSolids: $localize`egg solids`,
}; // prettier-ignore

export const DIET_NAMES: Readonly<Record<Diet, string>> = {
  vegan: $localize`vegan`, 'egg-free': $localize`egg-free`, 'dairy-free': $localize`dairy-free`, 'gluten-free': $localize`gluten-free`, 'nut-free': $localize`nut-free`, 'lower-sugar': $localize`less sugar`,
  'lower-fat': $localize`less fat`, baby: $localize`for a baby`,
}; // prettier-ignore

/** What goes with a diet that no swap says. */
export const DIET_CAUTIONS: Readonly<Partial<Record<Diet, string>>> = {
  'gluten-free': $localize`Oats count as gluten here unless their pack says otherwise. Clean bowl, clean tins.`,
  'nut-free': $localize`Seeds and flours may have met nuts: read the pack.`,
  baby: $localize`No honey under twelve months; no added salt or sugar; nothing hard or round. Raw flour and egg are not for tasting.`,
};

const CONSEQUENCES: Readonly<Record<ConsequenceCode, (facts: Consequence, name: string) => Sentence>> = {
  'berries-turn-blue': (_, name) => sentence($localize`${capitalised(name)} turn blue or green at the edges.`, $localize`Their red is a dye that turns in an alkaline crumb, above pH 7.3.`),
  'seeds-turn-green': () => sentence($localize`Sunflower seeds turn green within a day.`, $localize`Harmless: what is in them meets an alkaline crumb, above pH 7.5.`),
  'walnut-skins-grey': () => sentence($localize`Walnut skins turn violet-grey.`, $localize`Their tannins meet an alkaline crumb, above pH 7.6.`),
  'carrots-green': (_, name) => sentence($localize`${capitalised(name)} may show green specks.`, $localize`Above pH 7.8; harmless.`),
  'cocoa-dark': () => sentence($localize`Cocoa bakes dark, red-brown.`, $localize`An alkaline crumb darkens it and rounds its taste.`),
  'cocoa-light': () => sentence($localize`Cocoa bakes light and fruity.`, $localize`A neutral or sour crumb keeps it brown, not black.`),
  'tastes-soapy': ({ value }) => sentence($localize`It tastes soapy.`, $localize`${percentInWords(value)} of the flour is soda that met no acid; 1.3 % is past what most people bear.`),
  'tastes-of-soda': ({ value }) => sentence($localize`Some taste the soda.`, $localize`${percentInWords(value)} of the flour is soda that met no acid; from 0.8 % on it is noticed, later where there is much spice.`),
  'tastes-of-powder': ({ value }) => sentence($localize`It tastes of powder: salty and bitter.`, $localize`Powder is ${percentInWords(value)} of the flour; 6.5 % is where it shows.`),
  'ammonia-stays': () => sentence($localize`Ammonia cannot leave this.`, $localize`Only thin, dry bakes let it out. Use powder here, and air the kitchen.`),
  'potassium-caution': () => sentence($localize`Much potassium.`, $localize`Whoever has kidney trouble or takes medicine for the heart should ask a doctor. Slightly bitter.`),
  'aluminium-taste': ({ value }) => sentence($localize`It may taste of metal.`, $localize`Aluminium powder at ${percentInWords(value)} of the flour; the aluminium-free kinds do not.`),
}; // prettier-ignore
export function consequenceInWords(consequence: Consequence, name: string): Sentence {
  const worded = CONSEQUENCES[consequence.code](consequence, name);
  return consequence.odds === 'possible'
    ? { say: $localize`Possible: ${uncapitalised(worded.say)}`, why: worded.why }
    : worded;
}
export const CONSEQUENCES_WORDED = Object.keys(CONSEQUENCES) as readonly ConsequenceCode[];

const RULES: Readonly<Record<ClassicalRuleCode, readonly [rule: string, broken: string]>> = {
  'sugar-not-over-flour': [
    $localize`Sugar no more than flour`,
    $localize`More sugar than flour holds back the set of a plain cake.`,
  ],
  'sugar-over-flour': [
    $localize`Sugar 1.05 to 1.65 of flour`,
    $localize`A high-ratio cake lives on sugar above its flour, and falls beyond two thirds more.`,
  ],
  'eggs-carry-fat': [
    $localize`Eggs at least as heavy as fat`,
    $localize`Eggs build what fat takes away. Good formulas bend this by a tenth.`,
  ],
  'liquid-matches-sugar': [
    $localize`Liquid and egg 0.9 to 1.5 of sugar`,
    $localize`Sugar wants water to dissolve in; too much of it makes a heavy line.`,
  ],
  'liquid-over-sugar': [
    $localize`Liquid and egg over sugar by a tenth`,
    $localize`With sugar above flour there must be water for it to dissolve in.`,
  ],
};
export function ruleInWords({ code, ratio, holds }: ClassicalRule): Sentence {
  const [rule, broken] = RULES[code];
  return sentence(`${rule}: ${decimal(ratio, 2)}.`, holds ? $localize`It holds.` : broken);
}

export const FORCE_NAMES: Readonly<Record<TextureForce, string>> = {
  toughens: $localize`toughens`,
  softens: $localize`softens`,
  dries: $localize`dries`,
  wets: $localize`wets`,
};

export const SCHOOL_NAMES: Readonly<Record<LeaveningMethod, Sentence>> = {
  'acid-only': sentence($localize`Soda for the acid, powder for the rest`, $localize`Full flavour, nothing left over.`),
  'powder-only': sentence($localize`Powder only`, $localize`Fewer things to measure; sour batters stay tart.`),
  browning: sentence(
    $localize`Some soda left for browning`,
    $localize`Darker, coarser, more tender; berries and seeds may turn.`,
  ),
  'added-acid': sentence(
    $localize`Soda and an added acid`,
    $localize`No powder in the house: soda with cream of tartar or something sour.`,
  ),
};

/** "⅜ tsp soda (1.8 g), 2¼ tsp powder (10.4 g)": amounts first. */
export function settingInWords(
  { sodaGrams, sodaTeaspoons, powderGrams, powderTeaspoons, acidGrams, acidTeaspoons }: Setting,
  acidName = $localize`cream of tartar`,
  fine = false,
): string {
  const amount = (grams: number, teaspoons: number, name: string) =>
    grams > 0
      ? [
          fine
            ? `${gramsInWords(grams)} ${name}`
            : $localize`${inEighths(teaspoons)}\u00a0tsp ${name} (${gramsInWords(grams).replace(' ', '\u00a0')})`,
        ]
      : [];
  const parts = [
    ...amount(sodaGrams, sodaTeaspoons, $localize`soda`),
    ...amount(powderGrams, powderTeaspoons, $localize`powder`),
    ...amount(acidGrams, acidTeaspoons, acidName),
  ];
  return parts.length === 0 ? $localize`no leavener` : parts.join(', ');
}
