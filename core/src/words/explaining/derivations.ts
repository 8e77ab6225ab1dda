import { decimal } from '../../ground/language/index.js';
import type { Quantity } from '../../kitchen/kitchen/index.js';
import type { Audit } from '../../bench/audit/index.js';
import type { Outlook } from '../../bench/outlook/index.js';
import { styleName, STYLES, type BandVerdict } from '../../batter/balance/index.js';
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

const meq = (value: number) => $localize`${decimal(value, 1)} meq`;
const minutes = (value: number) =>
  Number.isFinite(value) ? $localize`${Math.round(value)} min` : $localize`ten hours and more`;

const FROM_LEDGER = $localize`charge balance of weak acids; acidities are typical literature figures, not measurements`;
const OWN_RULE = $localize`a rule of our own, set to land on typical figures; good for comparing, not for millilitres`;

const TABLE: Readonly<Record<(typeof FIGURES)[number], (audit: Audit, judged: Outlook) => Derivation>> = {
  'soda-balance': ({ ledger }) => ({
    title: $localize`Soda left over`,
    equation: $localize`soda of all leaveners − acid of food to pH 7 − acid of powders, in milliequivalents; divided by 11.9 for grams of soda`,
    inputs: [
      [$localize`soda`, meq(ledger.sodaMeq)],
      [$localize`acid of food`, meq(ledger.foodAcidMeq)],
      [$localize`acid of powders`, meq(ledger.leaveningAcidMeq)],
      [$localize`one gram of soda`, $localize`${decimal(SODA_MEQ_PER_GRAM, 2)} meq`],
      [$localize`eight in ten`, $localize`${decimal(ledger.sodaBalanceGrams.low, 1)} to ${decimal(ledger.sodaBalanceGrams.high, 1)} g`],
    ],
    source: FROM_LEDGER,
    sure: $localize`Acidity differs by ± 22 %, spoons by ± 7 %. Weigh one level teaspoon of your soda once (Pantry), and note the lactic acid on your dairy.`,
  }),
  gas: ({ ledger }) => ({
    title: $localize`Gas`,
    equation: $localize`carbon in the soda and powder − what the crumb’s water keeps at its pH, as CO₂, over the flour. Each acid frees its gas at its own pace`,
    inputs: [
      [$localize`carbon dioxide`, `${decimal(ledger.gas.grams, 2)} g`],
      [$localize`flour`, gramsInWords(ledger.flourGrams)],
      [$localize`a gram of soda gives at most`, '0.524 g'],
      [$localize`by heat alone`, '0.262 g'],
    ],
    source: $localize`stoichiometry (textbook); phases from dough rates of reaction, ± 10 points`,
    sure: $localize`The sum is good to the spoon; when it comes is good to a tenth of the whole.`,
  }),
  'crumb-ph': ({ ledger }) => ({
    title: $localize`Crumb pH`,
    equation: $localize`the pH at which all charges cancel: acids of every ingredient, soda, and the carbonate that a cooled crumb keeps`,
    inputs: [
      [$localize`likely`, decimal(ledger.crumbPh.likely, 1)],
      [$localize`eight in ten`, phInWords(ledger.crumbPh.low, ledger.crumbPh.high)],
      [$localize`raw batter`, decimal(ledger.rawBatterPh, 1)],
      [$localize`CO₂ kept by the crumb`, $localize`0.012 atm (0.004–0.03)`],
    ],
    source: FROM_LEDGER,
    sure: $localize`Powder pins it to ± 0.2; soda against fruit leaves it ± 0.5. Weighing a teaspoon of soda narrows it most.`,
  }),
  waiting: ({ ledger }, { waiting }) => ({
    title: $localize`How long it may wait`,
    equation: $localize`gas of mixing leaks away, the bench’s gas joins it, the oven’s creeps; the wait ends where a tenth of what is usable is gone`,
    inputs: [
      [$localize`a tenth lost after`, minutes(waiting.adviceMinutes)],
      [$localize`a fifth lost after`, minutes(waiting.mostMinutes)],
      [$localize`usable at once`, $localize`${waiting.usableMillimoles.toFixed(0)} of ${ledger.gas.millimoles.toFixed(0)} mmol`],
      [$localize`pace`, $localize`doubles every 10 °C`],
    ],
    source: $localize`rates set by judgement`,
    sure: $localize`Minutes may be off by two either way; the order of batters is sound.`,
  }),
  lift: (_, { lift }) => ({
    title: $localize`Lift`,
    equation: $localize`gas and air, swollen by heat and steam until the crumb sets, times what this kind of batter keeps; over what it can carry`,
    inputs: [
      [$localize`gas at set`, $localize`${decimal(lift.gasMillilitresPerGram, 1)} ml a gram`],
      [$localize`it carries`, $localize`${decimal(lift.carriesMillilitresPerGram, 1)} ml a gram`],
      [$localize`sets at`, `${Math.round(lift.setsAtCelsius)} °C`],
      ['steam · gas · air · heat', [lift.shares.steam, lift.shares.carbonDioxide, lift.shares.air, lift.shares.heat].map((share) => percentInWords(100 * share)).join(' · ')],
    ],
    source: OWN_RULE,
    sure: $localize`Good for ordering two batters of one style. It does not see what egg-free swaps lose.`,
  }),
  tenderness: (_, { forces }) => ({
    title: $localize`Tender against tough`,
    equation: $localize`(fat + 0.55 × sugar) over (gluten flour by its protein + 0.35 × other flour + 1.5 × egg-white solids + 0.6 × milk solids)`,
    inputs: [[$localize`tenderness`, decimal(forces.tenderness, 2)]],
    source: $localize`weights by judgement`,
    sure: $localize`Only for comparing within a style.`,
  }),
  moistness: (_, { forces }) => ({
    title: $localize`Wet against dry`,
    equation: $localize`all water over the water that flour, bran, cocoa and the rest can hold`,
    inputs: [[$localize`water over thirst`, decimal(forces.moistness, 2)]],
    source: $localize`water binding of flours, typical ranges: white 0.55–0.65, wholemeal 0.78, cocoa 0.9–1.5 g a gram`,
    sure: $localize`Blends and brans differ by a third.`,
  }),
  sodium: (_, { nutrition }) => ({
    title: $localize`Sodium`,
    equation: $localize`sum of grams × sodium of every ingredient, over the portions`,
    inputs: [
      [$localize`per portion`, $localize`${Math.round(nutrition.perPortion.sodium.likely)} mg`],
      [$localize`eight in ten`, $localize`${Math.round(nutrition.perPortion.sodium.low)} to ${Math.round(nutrition.perPortion.sodium.high)} mg`],
      [$localize`soda`, $localize`274 mg a gram`],
      [$localize`salt`, $localize`393 mg a gram`],
    ],
    source: $localize`composition table; textbook for soda and salt`,
    sure: $localize`Salt by the spoon is the larger part of its spread.`,
  }),
  energy: (_, { nutrition, portions }) => ({
    title: $localize`Energy and nutrients`,
    equation: $localize`4 × protein + 4 × starch and sugars + 9 × fat + 2 × fibre + 7 × alcohol, kcal; the oven takes water, nothing else`,
    inputs: [
      [$localize`whole`, gramsInWords(nutrition.grams)],
      [$localize`after the bake`, $localize`${gramsInWords(nutrition.bakedGrams.low)} to ${gramsInWords(nutrition.bakedGrams.high)}`],
      [$localize`portions`, `${portions.count}${portions.said ? '' : $localize`, by slices of 80 g`}`],
    ],
    source: $localize`general factors; composition of the ingredient table ± 8 %`,
    sure: $localize`Saturated fat is not in the table and is not given. A draft for a label, no label.`,
  }),
  cost: (_, { nutrition }) => ({
    title: $localize`Cost`,
    equation: $localize`grams × price of the pack ÷ grams of the pack, summed over what has a price`,
    inputs: [
      [$localize`whole`, decimal(nutrition.cost.whole, 2)],
      [$localize`without a price`, String(nutrition.cost.unpriced.length)],
    ],
    source: $localize`the pack prices you typed`,
    sure: $localize`Heat, water and your time are not in it.`,
  }),
  altitude: (_, { altitude }) => ({
    title: $localize`Altitude`,
    equation: $localize`leaveners × (pressure here ÷ pressure at the sea)^1.3; liquid + 8.5 % of the flour, sugar − 4.2 % and oven + 8 °C a kilometre`,
    inputs: [
      [$localize`height`, `${Math.round(altitude.metres)} m`],
      [$localize`water boils at`, `${decimal(altitude.boilingCelsius, 1)} °C`],
      ['leaveners × ', $localize`${decimal(altitude.leavenerFactor.low, 2)} to ${decimal(altitude.leavenerFactor.high, 2)}`],
    ],
    source: $localize`bakers’ tables; the exponent was chosen to match them`,
    sure: $localize`Advice. Above 2500 m the evidence is weak.`,
  }),
  style: ({ detected, runnerUp, style }) => ({
    title: $localize`Style`,
    equation: $localize`the style whose middle lies nearest in sugar, fat, egg, water, cocoa and fruit, with what title and pan say`,
    inputs: [
      [$localize`by its amounts`, detected ? styleName(detected, 'UK') : $localize`none`],
      [$localize`next`, runnerUp ? styleName(runnerUp, 'UK') : $localize`none`],
      [$localize`held against`, style ? styleName(style, 'UK') : $localize`none`],
    ],
    source: $localize`${STYLES.length} styles, one school’s spread`,
    sure: $localize`You choose. Bands can be made your own.`,
  }),
}; // prettier-ignore

const BAND_EQUATIONS: Readonly<Record<Quantity, string>> = {
  flour: $localize`flour over the batter without its pieces`,
  sugar: $localize`added sugar, syrups by their solids, over the flour; sugar of fruit and milk is not counted`,
  fat: $localize`all fat of the batter but the flour’s own, over the flour; butter counts 81 %, egg 9.5 %`,
  egg: $localize`shelled egg over the flour`,
  water: $localize`water of egg, milk, butter, purée and syrup over the flour; not the flour’s own, not that inside pieces`,
  salt: $localize`added salt, and 1.7 % of salted butter, over the flour`,
  gas: $localize`carbon dioxide for 100 g of flour`,
  'crumb-ph': $localize`the pH of the cooled crumb, by the balance of charges`,
};

function bandDerivation(verdict: BandVerdict, { style, totals }: Audit): Derivation {
  return {
    title: QUANTITY_NAMES[verdict.quantity],
    equation: BAND_EQUATIONS[verdict.quantity],
    inputs: [
      [$localize`here`, quantityInWords(verdict, verdict.value)],
      [$localize`band`, bandInWords(verdict)],
      [$localize`typical`, quantityInWords(verdict, verdict.band.typical)],
      [$localize`flour`, gramsInWords(totals.flour)],
    ],
    source: style?.own === true ? $localize`the band you set` : $localize`style bands: one school’s spread`,
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
