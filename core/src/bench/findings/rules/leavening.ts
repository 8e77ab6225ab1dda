import type { WeighedPart } from '../../../formula/formula/index.js';
import { GRAMS_PER_TEASPOON, leaveningLedger } from '../../../batter/leavening/index.js';
import { ingredientName, type Ingredient } from '../../../kitchen/ingredients/index.js';
import { pantryOf } from '../../../kitchen/equipment/index.js';
import { withAmount } from '../../../formula/parsing/index.js';
import { inEighths } from '../../../ground/units/index.js';
import { linesHolding, type Evidence, type PlacedLine, type Rule } from '../evidence.js';
import type { Finding } from '../finding.js';

/**
 * Soda without partners that most would taste whatever the style, percent of the batter: a tongue meets it in the crumb, and a rich cake
 * is a fifth flour where a scone is half. @source leavening.md 1.6: 0.8 to 1.3 % of the flour of a plain dough
 */
const TASTES_OF_SODA = 0.5;
/** What is dark of cocoa, treacle or malt hides half as much again. Judged. */
const HIDDEN_IN_THE_DARK = 1.5;
const DARK: ReadonlySet<string> = new Set(['chocolate_cake', 'red_cocoa_cake', 'gingerbread', 'brownie']);
/** Below this much acid for each meq of soda there is "nothing sour" to speak of. */
const HARDLY_ANY_ACID = 0.15;
/** Room for so much soda, percent of flour, is a sourness that the crumb tastes of. */
const TASTES_SOUR = 0.8;
const USUAL_LEFTOVER = 0.25;
/** A gas figure this far outside its band is beyond what spoons scatter by. */
const BEYOND_SPOONS = 0.1;

/** So many spoons are weighed instead. */
const MOST_SPOONS = 8;
const spoons = (grams: number, perTeaspoon: number) =>
  grams > MOST_SPOONS * perTeaspoon
    ? `${Math.round(grams)} g`
    : `${inEighths(Math.max(1 / 8, grams / perTeaspoon))} tsp`;
const POWDER_PER_TEASPOON = GRAMS_PER_TEASPOON.powder;

/** Grams of baking powder that bring the batter to the middle of its gas band; in the place of its soda, when that is to go. */
function powderWanted({ around, weighed, style, ...evidence }: Evidence, insteadOfSoda = false): number | undefined {
  const powder = pantryOf(around.kitchen).byId('baking-powder');
  const batter = weighed.batter.filter(({ ingredient }) => !insteadOfSoda || ingredient.behavesAs !== 'baking-soda');
  const ledger = insteadOfSoda ? leaveningLedger(batter) : evidence.ledger;
  const wanted = (style?.bands.gas.typical ?? 1) * (ledger.flourGrams / 100) - ledger.gas.grams;
  if (!powder || !(wanted > 0)) return undefined;
  const trial = 10;
  const part: WeighedPart = { ingredient: powder, grams: trial, preparation: 'none' };
  const gained = leaveningLedger([...batter, part]).gas.grams - ledger.gas.grams;
  return gained > 0 ? (wanted * trial) / gained : undefined;
}

const only = ({ entries }: PlacedLine) => entries.length === 1;
const context = ({ formula, around }: Evidence) => ({ region: formula.region, kitchen: around.kitchen });

/** A powder or soda that stands there without how much. */
export const leavenerWithoutAmount: Rule = (evidence) =>
  linesHolding(
    evidence,
    ({ ingredient, weight, problems }) =>
      ingredient?.category === 'leavener' &&
      weight === undefined &&
      problems.some(({ code }) => code === 'amount-missing'),
  ).map(({ line, entry }): Finding => {
    const soda = entry.ingredient?.behavesAs === 'baking-soda';
    const grams = soda ? -evidence.ledger.sodaBalanceGrams.likely : powderWanted(evidence);
    const amount =
      grams !== undefined && grams > 0.3
        ? spoons(grams, soda ? GRAMS_PER_TEASPOON.soda : POWDER_PER_TEASPOON)
        : undefined;
    return {
      code: 'leavener-without-amount',
      severity: 'error',
      place: line.line.id,
      facts: { name: entry.name, ...(amount !== undefined && { amount }) },
      ...(amount !== undefined &&
        only(line) && {
          fix: { kind: 'retype', lineId: line.line.id, text: withAmount(line.line.text, amount, context(evidence)) },
        }),
    };
  });

/**
 * Whether the pH that eight in ten such crumbs have reaches into what the style is, from above or from below: then soda or acid left over
 * is no fault that a baker would taste.
 */
function crumbReachesBand({ ledger, style }: Evidence): boolean {
  const band = style?.bands['crumb-ph'];
  return band !== undefined && ledger.crumbPh.low <= band.high && ledger.crumbPh.high >= band.low;
}

/** Soda against acid, both ways, and gas against the style. */
export const leavening: Rule = (evidence) => {
  const { ledger, style } = evidence;
  const { flourGrams, leftoverSodaGrams, sodaMeq, acidMeq } = ledger;
  if (!(flourGrams > 0)) return [{ code: 'no-flour', severity: 'warning', place: '', facts: {} }];
  const unsaid = evidence.lines.some(({ entries }) =>
    entries.some(({ ingredient, weight }) => ingredient?.category === 'leavener' && weight === undefined),
  );
  if (sodaMeq === 0 && ledger.gas.millimoles === 0)
    return (style !== undefined && style.bands.gas.low <= 0) || unsaid ? [] : [missing(evidence)];
  const percent = (100 * leftoverSodaGrams) / flourGrams;
  const most = style?.leftoverSodaMost ?? USUAL_LEFTOVER;
  const tastes = TASTES_OF_SODA * (DARK.has(style?.basedOn ?? '') ? HIDDEN_IN_THE_DARK : 1);
  const isTasted = (100 * leftoverSodaGrams) / evidence.totals.grams > tastes;
  const severity = isTasted ? 'warning' : 'note';
  const facts = { grams: leftoverSodaGrams, percent, most, isTasted };
  const soda = linesHolding(evidence, ({ ingredient }) => ingredient?.behavesAs === 'baking-soda').find(({ line }) =>
    only(line),
  );
  if (crumbReachesBand(evidence)) return [];
  if (acidMeq < HARDLY_ANY_ACID * sodaMeq && leftoverSodaGrams > 0.2) {
    const powder = powderWanted(evidence, true);
    return [
      {
        code: 'soda-without-acid',
        severity,
        place: soda?.line.line.id ?? '',
        facts,
        ...(soda &&
          powder !== undefined && {
            fix: {
              kind: 'retype',
              lineId: soda.line.line.id,
              text: `${spoons(powder, POWDER_PER_TEASPOON)} baking powder`,
            },
          }),
      },
    ];
  }
  // as far as spoons and acids are known, it may be no more than the style bears
  if ((100 * ledger.sodaBalanceGrams.low) / flourGrams > most) {
    const grams = (soda?.entry.weight?.grams ?? 0) - leftoverSodaGrams;
    return [
      {
        code: 'soda-left-over',
        severity,
        place: soda?.line.line.id ?? '',
        facts,
        ...(soda &&
          grams > 0.3 && {
            fix: {
              kind: 'retype',
              lineId: soda.line.line.id,
              text: withAmount(soda.line.line.text, spoons(grams, GRAMS_PER_TEASPOON.soda), context(evidence)),
            },
          }),
      },
    ];
  }
  return [];
};

function missing(evidence: Evidence): Finding {
  const powder = powderWanted(evidence);
  const batter = evidence.weighed.components.find(({ inBatter }) => inBatter);
  return {
    code: 'leavening-missing',
    severity: 'note',
    place: '',
    facts: {},
    ...(powder !== undefined &&
      batter && {
        fix: { kind: 'add-line', componentId: batter.id, text: `${spoons(powder, POWDER_PER_TEASPOON)} baking powder` },
      }),
  };
}

const isInTitle = ({ formula }: Evidence, { nameUk, nameUs }: Ingredient): boolean => {
  const title = formula.title.toLowerCase();
  return [nameUk, nameUs].some((name) => title.includes(name.toLowerCase().split(' ').at(-1) ?? name));
};

const isWithItsZest = ({ weighed }: Evidence, { behavesAs }: Ingredient): boolean =>
  behavesAs.endsWith('-juice') &&
  weighed.batter.some(({ ingredient }) => ingredient.behavesAs === behavesAs.replace(/juice$/, 'zest'));

/** Sour things and no soda to meet them, where the crumb ends below what the style is. */
export const acidLeftOver: Rule = (evidence) => {
  const { ledger, style, weighed } = evidence;
  const room = -ledger.sodaBalanceGrams.likely;
  const percent = ledger.flourGrams > 0 ? (100 * room) / ledger.flourGrams : 0;
  if (!style || percent < TASTES_SOUR || ledger.crumbPh.likely >= style.bands['crumb-ph'].low) return [];
  if (ledger.gas.millimoles === 0 || crumbReachesBand(evidence)) return [];
  // a yogurt cake is meant to be sour, and so is what has a fruit's peel with its juice
  const sourest = ledger.foodAcids.slice(0, 2);
  if (sourest.some(({ ingredient }) => isInTitle(evidence, ingredient) || isWithItsZest(evidence, ingredient)))
    return [];
  const batter = weighed.components.find(({ inBatter }) => inBatter);
  return [
    {
      code: 'acid-left-over',
      severity: 'warning',
      place: '',
      facts: {
        grams: room,
        ph: ledger.crumbPh.likely,
        low: style.bands['crumb-ph'].low,
        sour: sourest.map(({ ingredient }) => ingredientName(ingredient, 'UK')),
      },
      ...(batter && {
        fix: { kind: 'add-line', componentId: batter.id, text: `${spoons(room, GRAMS_PER_TEASPOON.soda)} baking soda` },
      }),
    },
  ];
};

/** More or less gas than the style lives on. */
export const gas: Rule = (evidence) => {
  const { verdicts, ledger } = evidence;
  const verdict = verdicts.find(({ quantity }) => quantity === 'gas');
  if (!verdict || verdict.severity === 'none' || ledger.gas.millimoles === 0) return [];
  const { value, band } = verdict;
  const beyond = verdict.verdict === 'above' ? value / band.high - 1 : 1 - value / band.low;
  if (beyond < BEYOND_SPOONS) return [];
  const powder = linesHolding(
    evidence,
    ({ ingredient, weight }) => (ingredient?.behavesAs ?? '').includes('baking-powder') && weight !== undefined,
  ).find(({ line }) => only(line));
  const grams = powder?.entry.weight?.grams ?? 0;
  const wanted = grams * (1 + ((band.typical - value) * ledger.flourGrams) / 100 / Math.max(ledger.gas.grams, 1e-9));
  return [
    {
      code: verdict.verdict === 'above' ? 'gas-above-band' : 'gas-below-band',
      severity: beyond > 0.35 ? 'warning' : 'note',
      place: powder?.line.line.id ?? '',
      facts: { value, low: band.low, high: band.high },
      ...(powder &&
        wanted > 0.5 && {
          fix: {
            kind: 'retype',
            lineId: powder.line.line.id,
            text: withAmount(powder.line.line.text, spoons(wanted, POWDER_PER_TEASPOON), context(evidence)),
          },
        }),
    },
  ];
};
