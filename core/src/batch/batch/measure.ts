import type { KitId } from '../choices/index.js';
import { entryId, partOf, pieceGrams } from '../../bench/open-lines/index.js';
import type { Audit, AuditLine } from '../../bench/audit/index.js';
import {
  candidatesFor,
  KITS,
  measuringSpreadGrams,
  roundBatch,
  type Candidate,
  type Kit,
  type RoundedBatch,
  type ToMeasure,
} from '../amounts/index.js';
import type { Formula } from '../../formula/formula/index.js';
import {
  isInclusion,
  calledHere,
  shortIngredientName,
  roleOf,
  type Ingredient,
  type Preparation,
} from '../../kitchen/ingredients/index.js';
import { type Kitchen } from '../../kitchen/kitchen/index.js';
import { fillingHabit, millilitresIn, weighedDensity } from '../../kitchen/equipment/index.js';
import { middle, type ProblemCode, type ReadEntry, type WeighedLine } from '../../formula/parsing/index.js';
import { sumOf } from '../../ground/numerics/index.js';
import { unitById, type Region } from '../../ground/units/index.js';
import type { BatchSettings } from '../plan/index.js';

/** A line of the sheet that one cooks from. */
export interface BatchLine {
  readonly id: string;
  readonly lineId: string;
  readonly componentId: string;
  readonly name: string;
  readonly ingredient: Ingredient;
  readonly preparation: Preparation;
  readonly inBatter: boolean;
  readonly optional: boolean;
  readonly exactGrams: number;
  readonly grams: number;
  readonly amount: string;
  readonly with: Candidate['with'];
  readonly spreadGrams: number;
  readonly choices: readonly Candidate[];
  readonly held: boolean;
  /** Beaten egg that is left of the last one opened, g. */
  readonly eggOverGrams?: number;
}

/** What is not in the weight of the batch: what goes in as it is written, "a pinch of saffron", what says no amount that weighs anything, and what nobody understood yet. */
export interface UnweighedLine {
  readonly lineId: string;
  readonly componentId: string;
  readonly text: string;
  readonly why: 'to-taste' | 'no-amount' | 'not-understood';
  /** Of what was not understood, where the line says so much: as much as this batch takes. */
  readonly grams?: number;
}

export interface BatchComponent {
  readonly id: string;
  readonly name: string;
  readonly inBatter: boolean;
  /** Its own factor: what is spread on a cake goes with its surface, everything else with the batch. */
  readonly factor: number;
  readonly scaledBy: 'batch' | 'surface';
  readonly lines: readonly BatchLine[];
  readonly unweighed: readonly UnweighedLine[];
  readonly grams: number;
}

export interface MeasuredBatch {
  readonly kitId: KitId;
  readonly components: readonly BatchComponent[];
  /** Of the batter: what rounding shifts and measuring adds. */
  readonly rounding: Pick<RoundedBatch, 'errorPercent' | 'spreadPercent' | 'acidBalanceShiftMeq'>;
}

const CUPS: Readonly<Partial<Record<Region, KitId>>> = { US: 'us-cups', CA: 'us-cups' };
/** What a baker of a region most often measures with; a formula written in grams is weighed. */
export function usualKit(formula: Formula, audit: Audit): KitId {
  const units = audit.lines.flatMap(({ entries }) => entries.flatMap(({ read }) => read.unit ?? []));
  const byCup = units.filter((unit) => unit === 'cup').length;
  return byCup >= 2 ? (CUPS[formula.region] ?? 'au-cups') : 'metric-spoons';
}

/** A kit with the spoons and cups that the baker measured. */
export function kitOf(id: KitId, kitchen: Kitchen, region: Region): Kit {
  const kit = KITS[id];
  const millilitresOfSpoon = (unitId: string, usual: number) => {
    const unit = unitById(unitId);
    const set = kitchen.sets.some((measuredSet) => measuredSet.unitId === unitId && measuredSet.region === region);
    return set && unit ? (millilitresIn(kitchen, unit, region) ?? usual) : usual;
  };
  return {
    ...kit,
    teaspoonMillilitres: millilitresOfSpoon('teaspoon', kit.teaspoonMillilitres),
    tablespoonMillilitres: millilitresOfSpoon('tablespoon', kit.tablespoonMillilitres),
    ...(kit.cupMillilitres !== undefined && { cupMillilitres: millilitresOfSpoon('cup', kit.cupMillilitres) }),
  };
}

const EGG_SIZE = /\b(extra[- ]large|very large|small|medium|large|jumbo)\b/i;
function pieceName(line: AuditLine, ingredient: Ingredient, region: Region): string {
  const size = EGG_SIZE.exec(line.text)?.[1]?.toLowerCase();
  const name = ingredient.id === 'egg' ? 'egg' : shortIngredientName(ingredient, region);
  return size === undefined ? name : `${size} ${name}`;
}

const nameOf = (read: ReadEntry, ingredient: Ingredient, region: Region) => calledHere(read.name, ingredient, region);

interface Open {
  readonly line: AuditLine;
  readonly measure: ToMeasure;
  readonly name: string;
}

/** A cup that is heaped or scant holds another amount than a cup. */
const NO_PLAIN_MEASURE = /\b(?:heap|round|scant|generous|good|big|overflow)/i;
/** Grams of a millilitre as the line itself takes them: "1 cup strawberries, sliced" is heavier than whole ones, and more are so too. */
function densityOfLine(
  { text, quantity, unit, weight }: ReadEntry,
  kitchen: Kitchen,
  region: Region,
): number | undefined {
  const measure = unit === undefined ? undefined : unitById(unit);
  if (measure?.kind !== 'volume' || !quantity || !weight || NO_PLAIN_MEASURE.test(text)) return undefined;
  const millilitres = middle(quantity) * (millilitresIn(kitchen, measure, region) ?? 0);
  return millilitres > 0 ? weight.grams / millilitres : undefined;
}

/** What is bought and opened whole, where nothing is weighed. */
const PACK_NAMES: Readonly<Record<string, string>> = { can: $localize`can`, jar: $localize`jar` };
const PACK = /\b(?:(can|tin)|(jar))s?\b/i;
/** "1 400 g tin chopped tomatoes" is a can, as "1 can" is one. */
function packName({ text }: AuditLine, { unit = '' }: ReadEntry): string | undefined {
  const [, can, jar] = unit === 'piece' ? (PACK.exec(text) ?? []) : [];
  return PACK_NAMES[can ? 'can' : jar ? 'jar' : unit];
}
/** A whole number of fruit this near is as good as a cup of it. */
const WHOLE_WITHIN = 0.09;
/** Grams of one, of fruit that is counted and comes out whole: "2 apples" are no cups of apple where nothing is weighed. */
function fruitGrams({ ingredient, unit, quantity, weight }: ReadEntry, factor: number, kit: Kit): number | undefined {
  if (kit.scaleGrams !== undefined || unit === undefined || !quantity || !weight || !ingredient) return undefined;
  const isFruit =
    unit === 'piece' && /^(?:fresh fruit|vegetable)$/.test(ingredient.category) && !ingredient.id.endsWith('zest');
  if (!isFruit && !PACK_NAMES[unit]) return undefined;
  const written = middle(quantity);
  const wanted = written * factor;
  const whole = Math.round(wanted);
  return whole > 0 && Math.abs(whole / wanted - 1) <= WHOLE_WITHIN ? weight.grams / written : undefined;
}

function open(line: AuditLine, factor: number, kit: Kit, kitchen: Kitchen, region: Region): readonly Open[] {
  return line.entries.flatMap(({ read }, i): Open[] => {
    const part = partOf(read);
    if (!part) return [];
    const { ingredient } = part;
    const piece = pieceGrams(read) ?? fruitGrams(read, factor, kit);
    const habit = fillingHabit(kitchen, ingredient);
    const density =
      weighedDensity(kitchen, ingredient) ??
      densityOfLine(read, kitchen, region) ??
      (habit && ingredient.gramsPerMillilitre[habit]);
    return [
      {
        line,
        name: nameOf(read, ingredient, region),
        measure: {
          id: line.entries.length > 1 ? entryId(line.lineId, i) : line.lineId,
          part: { ...part, grams: part.grams * factor },
          ...(piece !== undefined && {
            pieceGrams: piece,
            pieceName: packName(line, read) ?? pieceName(line, ingredient, region),
          }),
          ...(density !== undefined && { gramsPerMillilitre: density }),
        },
      },
    ];
  });
}

/** What a known thing lacks where it weighs nothing. */
const NO_AMOUNT: ReadonlySet<ProblemCode> = new Set([
  'amount-missing',
  'amount-impossible',
  'cannot-weigh',
  'measure-unknown',
]);
/** A line, or what of it is not in the weight of the batch. */
function unweighedOf({ line, entries, grams }: WeighedLine, componentId: string, factor: number): UnweighedLine[] {
  if (line.text.trim() === '') return [];
  const unknown = entries.filter(({ ingredient }) => ingredient === undefined);
  if (entries.length > 0 && unknown.length === 0) {
    if (grams !== undefined) return [];
    const wanting = entries.some(({ problems }) =>
      problems.some(({ code, severity }) => NO_AMOUNT.has(code) && severity !== 'note'),
    );
    return [{ lineId: line.id, componentId, text: line.text, why: wanting ? 'no-amount' : 'to-taste' }];
  }
  const said = sumOf(unknown.map(({ weight }) => weight?.grams ?? 0)) * factor;
  return [{ lineId: line.id, componentId, text: line.text, why: 'not-understood', ...(said > 0 && { grams: said }) }];
}

const AS_WRITTEN = 0.005;
/**
 * An amount by itself, near and not awkward: for what does not rise.
 * @param isScaled whether it is another amount than the formula says; what is as written stays so where the kit can measure it
 */
function nearest(measure: ToMeasure, kit: Kit, isScaled: boolean): Candidate {
  const off = ({ grams }: Candidate) => Math.abs(grams / measure.part.grams - 1);
  const cost = (candidate: Candidate) => 0.0004 * (100 * off(candidate)) ** 2 + 0.35 * candidate.awkwardness;
  const all = candidatesFor(measure, kit);
  const asWritten = isScaled ? [] : all.filter((candidate) => off(candidate) <= AS_WRITTEN);
  return (asWritten.length > 0 ? asWritten : all).reduce((best, candidate) => (cost(candidate) < cost(best) ? candidate : best)); // prettier-ignore
}

/**
 * All lines of a batch in amounts that the baker's kit can measure.
 * @param factorOf by what each component is multiplied, and what says so
 */
export function measureBatch(
  formula: Formula,
  audit: Audit,
  kitchen: Kitchen,
  sheet: BatchSettings,
  factorOf: (componentId: string) => { readonly factor: number; readonly by: BatchComponent['scaledBy'] },
): MeasuredBatch {
  const kitId = sheet.kit ?? usualKit(formula, audit);
  const kit = kitOf(kitId, kitchen, formula.region);
  const opened = audit.lines.flatMap((line) =>
    open(line, factorOf(line.componentId).factor, kit, kitchen, formula.region),
  );
  const heldOf = (id: string): Candidate | undefined => {
    const held = sheet.held?.[id];
    return held && { ...held, awkwardness: 0 };
  };
  const rising = opened.filter(({ line }) => line.inBatter && !line.optional);
  const held = new Map(rising.flatMap(({ measure: { id } }) => {
    const candidate = heldOf(id);
    return candidate ? [[id, candidate] as const] : [];
  })); // prettier-ignore
  const rounded = roundBatch(
    rising.map(({ measure }) => measure),
    kit,
    held,
  );
  const chosen = new Map(rounded.lines.map((line) => [line.id, line]));
  const lines = opened.map(({ line, measure, name }): BatchLine => {
    const { ingredient, preparation, grams: exactGrams } = measure.part;
    const of = chosen.get(measure.id);
    const isScaled = factorOf(line.componentId).factor !== 1;
    // pieces raise and wet nothing: 180 g of dates need not be 175 where 180 are written
    const byItself = !isScaled && isInclusion(ingredient, preparation) ? nearest(measure, kit, isScaled) : undefined;
    const pick = heldOf(measure.id) ?? byItself ?? of ?? nearest(measure, kit, isScaled);
    const { pieceGrams: each } = measure;
    const over = each === undefined ? 0 : Math.ceil(pick.grams / each - 0.02) * each - pick.grams;
    return {
      id: measure.id,
      lineId: line.lineId,
      componentId: line.componentId,
      name,
      ingredient,
      preparation,
      inBatter: line.inBatter,
      optional: line.optional,
      exactGrams,
      grams: pick.grams,
      amount: pick.amount,
      with: pick.with,
      spreadGrams: measuringSpreadGrams(pick, ingredient, kit),
      choices: of?.choices ?? candidatesFor(measure, kit),
      held: sheet.held?.[measure.id] !== undefined,
      ...(over > 1 && roleOf(ingredient).egg > 0 && { eggOverGrams: over }),
    };
  });
  return {
    kitId,
    rounding: rounded,
    components: audit.weighed.components.flatMap((component): BatchComponent[] => {
      const batchLines = lines.filter(({ componentId }) => componentId === component.id);
      const { factor } = factorOf(component.id);
      const unweighed = component.lines.flatMap((line) => unweighedOf(line, component.id, factor));
      if (batchLines.length === 0 && unweighed.length === 0) return [];
      return [
        {
          id: component.id,
          name: component.name,
          inBatter: component.inBatter,
          factor,
          scaledBy: factorOf(component.id).by,
          lines: batchLines,
          unweighed,
          grams: batchLines.reduce((sum, { grams }) => sum + grams, 0),
        },
      ];
    }),
  };
}
