import type { Audit } from '../../bench/audit/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { bandQuantities, type Formula } from '../../formula/formula/index.js';
import { withoutUndefined } from '../../ground/records/index.js';
import { unitById } from '../../ground/units/index.js';
import { type Kitchen, type Quantity } from '../../kitchen/kitchen/index.js';
import { fillingHabit } from '../../kitchen/equipment/index.js';
import { learnedOven } from '../../kitchen/learned/index.js';
import { parsePan, type PanMaterial } from '../../kitchen/pans/index.js';
import { pastDonePercent } from '../learning/index.js';
import type { BakeRecord, Crumb, Shape, Top, Wrong } from '../records/index.js';
import type { BakeFacts } from './facts.js';

/* What is known of a bake before anybody is asked: from its formula, from its record, from the kitchen. */

const FACT_OF: Readonly<Partial<Record<Quantity, 'sugar' | 'fat' | 'egg' | 'water' | 'gas' | 'crumbPh'>>> = { sugar: 'sugar', fat: 'fat', egg: 'egg', water: 'water', gas: 'gas', 'crumb-ph': 'crumbPh' }; // prettier-ignore
/** Soda that an acid of one meq meets, grams. */
const SODA_PER_MEQ = 0.084;
const POWDER_KINDS: Readonly<Record<string, BakeFacts['powderKind']>> = {
  'baking-powder': 'sas',
  'aluminium-free-baking-powder': 'sapp',
  'uk-baking-powder': 'sapp',
  'tartrate-baking-powder': 'tartrate',
  'single-acting-baking-powder': 'mcp',
  'homemade-baking-powder-by-weight': 'tartrate',
  'homemade-baking-powder-by-spoon': 'tartrate',
};
/** Plants whose colour or whose chlorogenic acid turns green, blue or grey in an alkaline crumb. @source book.md, faults: alkaline pigment */
const TURNS: ReadonlySet<string> = new Set(['blueberries', 'blackberries', 'blackcurrants', 'dried-blueberries', 'plum', 'beet', 'walnuts', 'carrot', 'sunflower-seeds', 'sunflower-seed-butter']); // prettier-ignore
const ALKALISED: ReadonlySet<string> = new Set(['dutch-cocoa', 'black-cocoa']);
const BINDERS: ReadonlySet<string> = new Set(['xanthan-gum', 'guar-gum', 'psyllium-husk', 'psyllium-powder']);
/** A cup of flour by how it is filled that flour comes out of. */
const FLOUR_FILLED: Readonly<Partial<Record<string, BakeFacts['flourBy']>>> = { scooped: 'scooped', spooned: 'spooned' }; // prettier-ignore

/** What the formula itself says: amounts, leavening, cocoa, what turns, how the flour was measured. */
export function factsOfFormula(audit: Audit, kitchen: Kitchen): BakeFacts {
  const { verdicts, ledger, weighed } = audit;
  const { batter } = weighed;
  const flour = ledger.flourGrams;
  const percent = (grams: number) => (100 * grams) / flour;
  if (!(flour > 0)) return {};
  const sum = (isWanted: (id: string) => boolean) =>
    percent(batter.reduce((grams, part) => grams + (isWanted(part.ingredient.behavesAs) ? part.grams : 0), 0));
  const powders = batter.filter(({ ingredient }) => isFreeLeavener(ingredient) && ingredient.behavesAs.includes('powder'));
  const cocoas = batter.map(({ ingredient }) => ingredient.behavesAs).filter((id) => ALKALISED.has(id) || id === 'natural-cocoa');
  const flours = batter.filter(({ ingredient }) => ingredient.category === 'flour' || ingredient.category === 'whole-grain flour');
  const wheat = flours.reduce((grams, part) => grams + part.grams, 0);
  const inGlutenFree = audit.style?.basedOn === 'gluten_free_loaf' || wheat === 0;
  const flourEntry = audit.lines
    .flatMap(({ entries }) => entries)
    .find(({ read, grams = 0 }) => read.ingredient?.category === 'flour' && grams > flour / 3);
  const byVolume = flourEntry?.read.unit !== undefined && unitById(flourEntry.read.unit)?.kind === 'volume';
  const filled = flourEntry?.read.ingredient && fillingHabit(kitchen, flourEntry.read.ingredient);
  return withoutUndefined<BakeFacts>({
    ...Object.fromEntries(verdicts.flatMap(({ quantity, value }) => {
      const fact = FACT_OF[quantity];
      return fact && Number.isFinite(value) ? [[fact, value] as const] : [];
    })),
    inclusions: bandQuantities(batter)?.inclusions,
    leftoverSoda: percent(ledger.leftoverSodaGrams),
    spareAcid: percent(ledger.leftoverAcidMeq * SODA_PER_MEQ),
    powder: percent(powders.reduce((grams, part) => grams + part.grams, 0)),
    powderKind: powders[0] && POWDER_KINDS[powders[0].ingredient.behavesAs],
    cocoa: cocoas.length === 0 ? undefined : cocoas.some((id) => ALKALISED.has(id)) ? 'alkalised' : 'natural',
    plantColour: batter.some(({ ingredient }) => TURNS.has(ingredient.behavesAs)),
    flourProtein: wheat > 0 ? flours.reduce((grams, part) => grams + 100 * part.ingredient.composition.protein * part.grams, 0) / wheat : undefined,
    glutenFree: inGlutenFree,
    binder: inGlutenFree ? sum((id) => BINDERS.has(id)) : undefined,
    // what is weighed is weighed; what a cup holds depends on who fills it
    flourBy: byVolume ? filled && FLOUR_FILLED[filled] : flourEntry && 'weighed',
    weighed: flourEntry && !byVolume,
    metresAboveSea: kitchen.place?.metresAboveSea,
  });
} // prettier-ignore

/** Heat that a pan takes, against light metal. @source materials.csv, heat_relative_factor */
const PAN_HEAT: Readonly<Record<PanMaterial, number>> = { light: 1, dark: 1.18, glass: 1.08, ceramic: 0.95, silicone: 0.8, 'cast-iron': 1.1 }; // prettier-ignore
/** A written oven so near is the same setting. */
const SAME_SETTING = 10;
/** The oven of a learned kitchen is worth a word from here on, °C. */
const KNOWN_OVEN = 10;

/** What happened in that very bake. @param formula what it was made by, where that is known */
export function factsOfRecord(record: BakeRecord, kitchen: Kitchen, formula?: Formula): BakeFacts {
  const { readings, word, gramsBefore, gramsAfter, coreCelsius } = record;
  const pan = parsePan(record.pan);
  const learned = kitchen.learned && learnedOven(kitchen.learned);
  const ofOven = readings.oven !== undefined ? { ovenError: readings.oven - record.celsius, ovenErrorSpread: 4 } : learned && learned.spread < KNOWN_OVEN ? { ovenError: learned.celsius, ovenErrorSpread: learned.spread } : {}; // prettier-ignore
  const written = formula?.bake;
  const fanAsWritten = record.fan && written?.celsius !== undefined && !written.fan;
  return withoutUndefined<BakeFacts>({
    ...ofOven,
    minutesOver: word ? pastDonePercent(word) : readings.time,
    coreAtOut: coreCelsius,
    weightLoss: gramsBefore && gramsAfter ? 100 * (1 - gramsAfter / gramsBefore) : undefined,
    waitMinutes: readings.waiting,
    mixSeconds: readings.mixing,
    ...(Object.keys(record.grams ?? {}).length > 0 ? { weighed: true, flourBy: 'weighed' as const } : {}),
    fill: readings.filling,
    metresAboveSea: readings.altitude,
    panHeat: pan.kind === 'pan' ? PAN_HEAT[pan.set.pan.material] : undefined,
    fan: record.fan || fanAsWritten ? record.fan : undefined,
    fanLowered: fanAsWritten ? record.celsius < (written.celsius ?? 0) - SAME_SETTING : undefined,
  });
}

const OF_SHAPE: Readonly<Partial<Record<Shape, string>>> = { sank: 'sank_middle', peaked: 'peaked_cracked' };
const OF_TOP: Readonly<Partial<Record<Top, string>>> = { pale: 'pale', 'too-dark': 'too_dark' };
const OF_CRUMB: Readonly<Partial<Record<Crumb, string>>> = { tight: 'dense_all', tunnels: 'tunnels', gummy: 'gummy_line' }; // prettier-ignore
const OF_WRONG: Readonly<Partial<Record<Wrong, string>>> = {
  soapy: 'soapy', dry: 'dry', tough: 'tough', crumbly: 'crumbly', stuck: 'stuck', lopsided: 'lopsided', 'fruit-sank': 'fruit_bottom', bitter: 'metallic_bitter', greasy: 'greasy',
}; // prettier-ignore

/** The faults that a record's taps say; what was said beside them follows. */
export function faultsOf({ shape, top, crumb, wrong, faults = [] }: BakeRecord): readonly string[] {
  // a fruit cake is tight as it should be: where nothing was wrong, that is not
  const nothingWrong = wrong?.length === 0;
  const tapped = [
    shape && OF_SHAPE[shape],
    crumb && (crumb !== 'tight' || !nothingWrong) ? OF_CRUMB[crumb] : undefined,
    top && OF_TOP[top],
    ...(wrong ?? []).map((each) => OF_WRONG[each]),
  ];
  return [...new Set([...tapped.filter((fault) => fault !== undefined), ...faults])];
}
/** A record without a fault: whatever tap said it is taken back with it. */
export function withoutFault(record: BakeRecord, fault: string): BakeRecord {
  const says = (tapped: string | undefined) => tapped === fault;
  const { shape, top, crumb, ...rest } = record;
  return {
    ...rest,
    ...(shape && !says(OF_SHAPE[shape]) && { shape }),
    ...(top && !says(OF_TOP[top]) && { top }),
    ...(crumb && !says(OF_CRUMB[crumb]) && { crumb }),
    ...(record.wrong && { wrong: record.wrong.filter((each) => !says(OF_WRONG[each])) }),
    ...(record.faults && { faults: record.faults.filter((each) => each !== fault) }),
  };
}
/** Whether anybody said how it came out: only then is a fault that is not there a fault that was not. */
export const saysHowItWas = ({ shape, crumb, wrong }: BakeRecord): boolean =>
  shape !== undefined || crumb !== undefined || wrong !== undefined;
