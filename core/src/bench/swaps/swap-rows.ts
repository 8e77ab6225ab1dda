import { LEAVENERS } from '../../batter/leavening/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { mustBeIngredient, type WeighedPart } from '../../formula/formula/index.js';
import { roleOf, type Ingredient } from '../../kitchen/ingredients/index.js';
import type { OpenLine } from '../rebalance/index.js';
import type { Helper, SwapWay } from './ways.js';

/** A line of a batter after a swap. */
export interface SwappedLine {
  /** The line's id; of a line that comes in, the id of its ingredient with "new " before it. */
  readonly id: string;
  readonly ingredient: Ingredient;
  readonly before: number;
  readonly after: number;
  /** It came in: as what was swapped in, or to help. */
  readonly isNew: boolean;
  /** The line that it came in for; absent for helpers. */
  readonly insteadOf?: string;
}

/** Less than this is not weighed out. */
export const LEAST_GRAMS = 0.05;

/** What may be in the batter after a swap. */
export interface Row {
  readonly line: OpenLine;
  readonly grams: number;
  readonly role: 'kept' | 'fixed' | 'swapped-in' | 'helper';
  readonly insteadOf?: string;
}

const isLiquid = ({ ingredient }: WeighedPart) =>
  ['dairy', 'plant milk', 'liquid'].includes(ingredient.category) &&
  ingredient.composition.water > 0.8 &&
  ingredient.composition.alcohol < 0.01;

export const HELPS: Readonly<Record<Helper, (part: WeighedPart) => boolean>> = {
  liquid: isLiquid,
  fat: ({ ingredient }) => ingredient.category === 'fat',
  sugar: ({ ingredient }) => ingredient.category === 'sugar',
  leaven: ({ ingredient }) => isFreeLeavener(ingredient),
  acid: ({ ingredient }) => ingredient.category === 'acid' && LEAVENERS[ingredient.behavesAs] === undefined,
  salt: ({ ingredient }) => ingredient.category === 'salt',
  flour: ({ ingredient }) => roleOf(ingredient).flour === 1,
};
/** What comes in to help when there is none; the rest only moves what is there. */
const COMES_IN: Readonly<Partial<Record<Helper, string>>> = {
  liquid: 'water',
  leaven: 'baking-soda',
  acid: 'white-vinegar',
};

const SHELLED_EGG_GRAMS = 50;
/** Whole eggs, where that is no more than a quarter off: nobody beats one egg to weigh 43 g of it. */
function wholeEggs(id: string, grams: number): number {
  const whole = Math.max(1, Math.round(grams / SHELLED_EGG_GRAMS)) * SHELLED_EGG_GRAMS;
  return id === 'egg' && Math.abs(whole / grams - 1) <= 0.25 ? whole : grams;
}

/** What may be in the batter afterwards: what stays, what comes in for the line, and what may help. */
export function rowsOf(
  lines: readonly OpenLine[],
  from: OpenLine,
  moved: number,
  way: SwapWay,
  flour: number,
): readonly Row[] {
  const rows: Row[] = [];
  const incoming = new Map(way.to.map((part) => [part.id, part]));
  for (const line of lines) {
    if (line.part.grams <= 0) continue;
    if (line === from) {
      const rest = line.part.grams - moved;
      if (rest > LEAST_GRAMS) rows.push({ line, grams: rest, role: 'kept' });
      continue;
    }
    const joins = incoming.get(line.part.ingredient.behavesAs);
    const helps =
      !line.locked && line.pieceGrams === undefined && way.helpers.some((helper) => HELPS[helper](line.part));
    if (joins && !line.locked) {
      incoming.delete(line.part.ingredient.behavesAs);
      if (joins.perGram === undefined) rows.push({ line, grams: line.part.grams, role: 'helper' });
      else rows.push({ line, grams: line.part.grams + moved * joins.perGram, role: 'fixed', insteadOf: from.id });
    } else rows.push({ line, grams: line.part.grams, role: helps ? 'helper' : 'kept' });
  }
  const comesIn = (id: string, grams: number, role: Row['role'], insteadOf?: string) => {
    const part: WeighedPart = { ingredient: mustBeIngredient(id), grams, preparation: 'none' };
    rows.push({
      line: { id: `new ${id}`, part, locked: false, isNew: true },
      grams,
      role,
      ...(insteadOf !== undefined && { insteadOf }),
    });
  };
  for (const { id, perGram: ratio } of incoming.values())
    comesIn(
      id,
      ratio === undefined ? 0 : wholeEggs(id, moved * ratio),
      ratio === undefined ? 'swapped-in' : 'fixed',
      from.id,
    );
  for (const helper of way.helpers) {
    const id = COMES_IN[helper];
    const present = rows.some(({ line, role }) => role !== 'kept' && HELPS[helper](line.part));
    const here = id !== undefined && rows.some(({ line }) => line.part.ingredient.behavesAs === id);
    if (id === undefined || here) continue;
    // soda may always come in beside powder; a liquid only where there is none to move
    if (helper === 'leaven' || !present) comesIn(id, 0, 'helper');
  }
  return flour > 0 ? rows : [];
}

/** The lines of the batter with their amounts before and after. */
export function linesAfter(
  lines: readonly OpenLine[],
  rows: readonly Row[],
  grams: readonly number[],
): readonly SwappedLine[] {
  const known = new Map(rows.map((row, i) => [row.line.id, { row, grams: grams[i] ?? 0 }]));
  const present = lines
    .filter(({ part }) => part.grams > 0)
    .map((line): SwappedLine => {
      const knownRow = known.get(line.id);
      return {
        id: line.id,
        ingredient: line.part.ingredient,
        before: line.part.grams,
        after: knownRow?.grams ?? 0,
        isNew: false,
        ...(knownRow?.row.insteadOf !== undefined && { insteadOf: knownRow.row.insteadOf }),
      };
    });
  const added = rows.flatMap(({ line, insteadOf }, i): SwappedLine[] =>
    line.isNew && (grams[i] ?? 0) > 0
      ? [
          {
            id: line.id,
            ingredient: line.part.ingredient,
            before: 0,
            after: grams[i] ?? 0,
            isNew: true,
            ...(insteadOf !== undefined && { insteadOf }),
          },
        ]
      : [],
  );
  return [...present, ...added];
}
