import type { Quantity } from '../../kitchen/kitchen/index.js';
import type { Audit } from '../../bench/audit/index.js';
import type { Outlook } from '../../bench/outlook/index.js';
import type { BandVerdict } from '../../batter/balance/index.js';
import { SODA_MEQ_PER_GRAM } from '../../batter/leavening/index.js';
import { gramsInWords, percentInWords, phInWords } from '../figures/index.js';
import { bandInWords, QUANTITY_NAMES, quantityInWords } from '../wording/index.js';

/** Where a figure comes from: the equation in words, what went in, the source, and how sure it is. */
export interface Derivation {
  readonly title: string;
  readonly equation: string;
  readonly inputs: readonly (readonly [name: string, value: string])[];
  readonly source: string;
  /** How far it may be off, and what would narrow it. */
  readonly sure: string;
}

/** Figures that can be opened. */
export const FIGURES = [
  'soda-balance', 'gas', 'crumb-ph', 'waiting', 'lift', 'tenderness', 'moistness', 'sodium', 'energy', 'cost', 'altitude', 'style',
] as const; // prettier-ignore
export type Figure = (typeof FIGURES)[number] | `band-${Quantity}`;

const meq = (value: number) => `${value.toFixed(1)} meq`;
const minutes = (value: number) => (Number.isFinite(value) ? `${Math.round(value)} min` : 'ten hours and more');

const FROM_LEDGER = 'charge balance of weak acids; acidities are typical literature figures, not measurements';
const OWN_RULE = 'a rule of our own, set to land on typical figures; good for comparing, not for millilitres';

const TABLE: Readonly<Record<(typeof FIGURES)[number], (audit: Audit, judged: Outlook) => Derivation>> = {
  'soda-balance': ({ ledger }) => ({
    title: 'Soda left over',
    equation: 'soda of all leaveners − acid of food to pH 7 − acid of powders, in milliequivalents; divided by 11.9 for grams of soda',
    inputs: [
      ['soda', meq(ledger.sodaMeq)],
      ['acid of food', meq(ledger.foodAcidMeq)],
      ['acid of powders', meq(ledger.leaveningAcidMeq)],
      ['one gram of soda', `${SODA_MEQ_PER_GRAM.toFixed(2)} meq`],
      ['eight in ten', `${ledger.sodaBalanceGrams.low.toFixed(1)} to ${ledger.sodaBalanceGrams.high.toFixed(1)} g`],
    ],
    source: FROM_LEDGER,
    sure: 'Acidity differs by ± 22 %, spoons by ± 7 %. Weigh one level teaspoon of your soda once (Pantry), and note the lactic acid on your dairy.',
  }),
  gas: ({ ledger }) => ({
    title: 'Gas',
    equation: 'carbon in the soda and powder − what the crumb’s water keeps at its pH, as CO₂, over the flour. Each acid frees its gas at its own pace',
    inputs: [
      ['carbon dioxide', `${ledger.gas.grams.toFixed(2)} g`],
      ['flour', gramsInWords(ledger.flourGrams)],
      ['a gram of soda gives at most', '0.524 g'],
      ['by heat alone', '0.262 g'],
    ],
    source: 'stoichiometry (textbook); phases from dough rates of reaction, ± 10 points',
    sure: 'The sum is good to the spoon; when it comes is good to a tenth of the whole.',
  }),
  'crumb-ph': ({ ledger }) => ({
    title: 'Crumb pH',
    equation: 'the pH at which all charges cancel: acids of every ingredient, soda, and the carbonate that a cooled crumb keeps',
    inputs: [
      ['likely', ledger.crumbPh.likely.toFixed(1)],
      ['eight in ten', phInWords(ledger.crumbPh.low, ledger.crumbPh.high)],
      ['raw batter', ledger.rawBatterPh.toFixed(1)],
      ['CO₂ kept by the crumb', '0.012 atm (0.004–0.03)'],
    ],
    source: FROM_LEDGER,
    sure: 'Powder pins it to ± 0.2; soda against fruit leaves it ± 0.5. Weighing a teaspoon of soda narrows it most.',
  }),
  waiting: ({ ledger }, { waiting }) => ({
    title: 'How long it may wait',
    equation: 'gas of mixing leaks away, the bench’s gas joins it, the oven’s creeps; the wait ends where a tenth of what is usable is gone',
    inputs: [
      ['a tenth lost after', minutes(waiting.adviceMinutes)],
      ['a fifth lost after', minutes(waiting.mostMinutes)],
      ['usable at once', `${waiting.usableMillimoles.toFixed(0)} of ${ledger.gas.millimoles.toFixed(0)} mmol`],
      ['pace', 'doubles every 10 °C'],
    ],
    source: 'rates set by judgement',
    sure: 'Minutes may be off by two either way; the order of batters is sound.',
  }),
  lift: (_, { lift }) => ({
    title: 'Lift',
    equation: 'gas and air, swollen by heat and steam until the crumb sets, times what this kind of batter keeps; over what it can carry',
    inputs: [
      ['gas at set', `${lift.gasMillilitresPerGram.toFixed(1)} ml a gram`],
      ['it carries', `${lift.carriesMillilitresPerGram.toFixed(1)} ml a gram`],
      ['sets at', `${Math.round(lift.setsAtCelsius)} °C`],
      ['steam · gas · air · heat', [lift.shares.steam, lift.shares.carbonDioxide, lift.shares.air, lift.shares.heat].map((share) => percentInWords(100 * share)).join(' · ')],
    ],
    source: OWN_RULE,
    sure: 'Good for ordering two batters of one style. It does not see what egg-free swaps lose.',
  }),
  tenderness: (_, { forces }) => ({
    title: 'Tender against tough',
    equation: '(fat + 0.55 × sugar) over (gluten flour by its protein + 0.35 × other flour + 1.5 × egg-white solids + 0.6 × milk solids)',
    inputs: [['tenderness', forces.tenderness.toFixed(2)]],
    source: 'weights by judgement',
    sure: 'Only for comparing within a style.',
  }),
  moistness: (_, { forces }) => ({
    title: 'Wet against dry',
    equation: 'all water over the water that flour, bran, cocoa and the rest can hold',
    inputs: [['water over thirst', forces.moistness.toFixed(2)]],
    source: 'water binding of flours, typical ranges: white 0.55–0.65, wholemeal 0.78, cocoa 0.9–1.5 g a gram',
    sure: 'Blends and brans differ by a third.',
  }),
  sodium: (_, { nutrition }) => ({
    title: 'Sodium',
    equation: 'sum of grams × sodium of every ingredient, over the portions',
    inputs: [
      ['per portion', `${Math.round(nutrition.perPortion.sodium.likely)} mg`],
      ['eight in ten', `${Math.round(nutrition.perPortion.sodium.low)} to ${Math.round(nutrition.perPortion.sodium.high)} mg`],
      ['soda', '274 mg a gram'],
      ['salt', '393 mg a gram'],
    ],
    source: 'composition table; textbook for soda and salt',
    sure: 'Salt by the spoon is the larger part of its spread.',
  }),
  energy: (_, { nutrition, portions }) => ({
    title: 'Energy and nutrients',
    equation: '4 × protein + 4 × starch and sugars + 9 × fat + 2 × fibre + 7 × alcohol, kcal; the oven takes water, nothing else',
    inputs: [
      ['whole', gramsInWords(nutrition.grams)],
      ['after the bake', `${gramsInWords(nutrition.bakedGrams.low)} to ${gramsInWords(nutrition.bakedGrams.high)}`],
      ['portions', `${portions.count}${portions.said ? '' : ', by slices of 80 g'}`],
    ],
    source: 'general factors; composition of the ingredient table ± 8 %',
    sure: 'Saturated fat is not in the table and is not given. A draft for a label, no label.',
  }),
  cost: (_, { nutrition }) => ({
    title: 'Cost',
    equation: 'grams × price of the pack ÷ grams of the pack, summed over what has a price',
    inputs: [
      ['whole', nutrition.cost.whole.toFixed(2)],
      ['without a price', String(nutrition.cost.unpriced.length)],
    ],
    source: 'the pack prices you typed',
    sure: 'Heat, water and your time are not in it.',
  }),
  altitude: (_, { altitude }) => ({
    title: 'Altitude',
    equation: 'leaveners × (pressure here ÷ pressure at the sea)^1.3; liquid + 8.5 % of the flour, sugar − 4.2 % and oven + 8 °C a kilometre',
    inputs: [
      ['height', `${Math.round(altitude.metres)} m`],
      ['water boils at', `${altitude.boilingCelsius.toFixed(1)} °C`],
      ['leaveners × ', `${altitude.leavenerFactor.low.toFixed(2)} to ${altitude.leavenerFactor.high.toFixed(2)}`],
    ],
    source: 'bakers’ tables; the exponent was chosen to match them',
    sure: 'Advice. Above 2500 m the evidence is weak.',
  }),
  style: ({ detected, runnerUp, style }) => ({
    title: 'Style',
    equation: 'the style whose middle lies nearest in sugar, fat, egg, water, cocoa and fruit, with what title and pan say',
    inputs: [
      ['by its amounts', detected?.nameUk ?? 'none'],
      ['next', runnerUp?.nameUk ?? 'none'],
      ['held against', style?.nameUk ?? 'none'],
    ],
    source: '33 styles, one school’s spread',
    sure: 'You choose. Bands can be made your own.',
  }),
}; // prettier-ignore

const BAND_EQUATIONS: Readonly<Record<Quantity, string>> = {
  flour: 'flour over the batter without its pieces',
  sugar: 'added sugar, syrups by their solids, over the flour; sugar of fruit and milk is not counted',
  fat: 'all fat of the batter but the flour’s own, over the flour; butter counts 81 %, egg 9.5 %',
  egg: 'shelled egg over the flour',
  water: 'water of egg, milk, butter, purée and syrup over the flour; not the flour’s own, not that inside pieces',
  salt: 'added salt, and 1.7 % of salted butter, over the flour',
  gas: 'carbon dioxide for 100 g of flour',
  'crumb-ph': 'the pH of the cooled crumb, by the balance of charges',
};

function bandDerivation(verdict: BandVerdict, { style, totals }: Audit): Derivation {
  return {
    title: QUANTITY_NAMES[verdict.quantity],
    equation: BAND_EQUATIONS[verdict.quantity],
    inputs: [
      ['here', quantityInWords(verdict, verdict.value)],
      ['band', bandInWords(verdict)],
      ['typical', quantityInWords(verdict, verdict.band.typical)],
      ['flour', gramsInWords(totals.flour)],
    ],
    source: style?.own === true ? 'the band you set' : 'style bands: one school’s spread',
    sure: style?.reason ?? '',
  };
}

/** Where a figure comes from; undefined for a band that is not judged. */
export function derivationOf(figure: Figure, audit: Audit, judged: Outlook): Derivation | undefined {
  if (figure.startsWith('band-')) {
    const verdict = audit.verdicts.find(({ quantity }) => `band-${quantity}` === figure);
    return verdict && bandDerivation(verdict, audit);
  }
  return TABLE[figure as (typeof FIGURES)[number]](audit, judged);
}
