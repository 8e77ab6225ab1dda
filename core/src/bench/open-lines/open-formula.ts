import type { Audit } from '../audit/index.js';
import {
  insertLines,
  lineOf,
  mustBeIngredient,
  replaceLine,
  withFacts,
  type Formula,
  type WeighedPart,
} from '../../formula/formula/index.js';
import { roleOf } from '../../kitchen/ingredients/index.js';
import { type Kitchen } from '../../kitchen/kitchen/index.js';
import { millilitresIn } from '../../kitchen/equipment/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { middle, takenApart, type ReadEntry } from '../../formula/parsing/index.js';
import type { OpenLine } from '../rebalance/index.js';
import { unitById, type Region } from '../../ground/units/index.js';

/** The id of an entry of a line that names several: such a line cannot be rewritten, so it is held. */
export const entryId = (lineId: string, at: number) => `${lineId}#${at}`;
/** The line that an open line belongs to. */
export const lineIdOf = (openId: string): string => openId.split('#')[0] ?? openId;

const WHOLE: ReadonlySet<string> = new Set(['egg', 'egg-white', 'egg-yolk', 'duck-egg', 'quail-egg']);
const SPOONS: ReadonlySet<string> = new Set(['teaspoon', 'tablespoon']);

/** An entry as a part of a batter; undefined when it is not known or not weighed. */
export function partOf({ ingredient, weight, preparation }: ReadEntry): WeighedPart | undefined {
  return ingredient && weight && weight.grams > 0
    ? { ingredient, grams: weight.grams, preparation, massSpread: (weight.high - weight.low) / (2.56 * weight.grams) }
    : undefined;
}

/** Grams of one, for eggs that are counted whole. */
export function pieceGrams({ ingredient, unit, quantity, weight }: ReadEntry): number | undefined {
  if (!ingredient || unit !== 'piece' || !quantity || !weight || !WHOLE.has(ingredient.behavesAs)) return undefined;
  const count = middle(quantity);
  return Math.abs(count - Math.round(count)) < 1e-6 && count > 0 ? weight.grams / count : undefined;
}

/** Grams of an eighth of a teaspoon, for what is written in spoons. */
function eighthGrams({ unit, quantity, weight }: ReadEntry, kitchen: Kitchen, region: Region): number | undefined {
  if (unit === undefined || !SPOONS.has(unit) || !quantity || !weight) return undefined;
  const [written, teaspoon] = [unitById(unit), unitById('teaspoon')];
  const [millilitres, ofTeaspoon] = [
    written && millilitresIn(kitchen, written, region),
    teaspoon && millilitresIn(kitchen, teaspoon, region),
  ];
  return millilitres && ofTeaspoon ? (weight.grams / (middle(quantity) * millilitres)) * (ofTeaspoon / 8) : undefined;
}

/**
 * The lines of a formula's batter as amounts that may move.
 * @param held ids of the lines that the baker locks
 */
export function openLines(
  formula: Formula,
  audit: Audit,
  kitchen: Kitchen,
  held: ReadonlySet<string>,
): readonly OpenLine[] {
  const taken = new Set(
    formula.components.flatMap(({ lines }) =>
      lines.flatMap(({ id, formulaId }) => (formulaId === undefined ? [] : [id])),
    ),
  );
  return audit.lines.flatMap((line): OpenLine[] => {
    if (!line.inBatter || line.optional) return [];
    const several = line.entries.length > 1 || taken.has(line.lineId);
    return line.entries.flatMap(({ read }, i): OpenLine[] => {
      const part = partOf(read);
      if (!part) return [];
      const whole = pieceGrams(read);
      const eighth =
        isFreeLeavener(part.ingredient) || part.ingredient.category === 'salt'
          ? eighthGrams(read, kitchen, formula.region)
          : undefined;
      return [
        {
          id: several ? entryId(line.lineId, i) : line.lineId,
          part,
          locked: several || held.has(line.lineId),
          ...(whole !== undefined && { pieceGrams: whole }),
          ...(eighth !== undefined && { eighthGrams: eighth }),
        },
      ];
    });
  });
}

/** The powder that a region sells as baking powder. */
export const usualPowderId = (region: Region): string =>
  region === 'US' || region === 'CA'
    ? 'baking-powder'
    : region === 'UK' || region === 'EU'
      ? 'uk-baking-powder'
      : 'aluminium-free-baking-powder';

/** What may come in new when the balance cannot be had otherwise: powder, soda, salt, and water where there is nothing to pour. */
export function mayComeIn(lines: readonly OpenLine[], region: Region): readonly OpenLine[] {
  const has = (test: (part: WeighedPart) => boolean) => lines.some(({ part }) => test(part));
  const wanted = [
    ...(has(({ ingredient }) => ingredient.behavesAs.includes('baking-powder')) ? [] : [usualPowderId(region)]),
    ...(has(({ ingredient }) => ingredient.behavesAs === 'baking-soda') ? [] : ['baking-soda']),
    ...(has(({ ingredient }) => ingredient.category === 'salt') ? [] : ['table-salt']),
    ...(has(
      ({ ingredient }) => roleOf(ingredient).wets && ingredient.composition.water > 0.8 && roleOf(ingredient).egg === 0,
    )
      ? []
      : ['water']),
  ];
  return wanted.map((id): OpenLine => ({
    id: `new ${id}`,
    part: { ingredient: mustBeIngredient(id), grams: 0, preparation: 'none' },
    locked: false,
    isNew: true,
  }));
}

/** Lines that name several ingredients and could be written apart. */
export function joinedLines(formula: Formula, audit: Audit, kitchen: Kitchen): readonly string[] {
  const context = { region: formula.region, kitchen };
  return audit.lines.flatMap(({ lineId, text, entries }) =>
    entries.length > 1 && takenApart(text, context).length > 1 ? [lineId] : [],
  );
}

/** The formula with each ingredient of such lines on a line of its own, so that each can move. Amounts stay as written. */
export function writtenApart(
  formula: Formula,
  lineIds: readonly string[],
  kitchen: Kitchen,
  newId: () => string,
): Formula {
  return lineIds.reduce((result, lineId) => {
    const line = lineOf(result, lineId);
    const [first, ...more] = line ? takenApart(line.text, { region: formula.region, kitchen }) : [];
    if (!line || first === undefined) return result;
    const shortened = replaceLine(result, withFacts({ ...line, text: first }, { split: undefined, grams: undefined }));
    return insertLines(
      shortened,
      { lineId },
      more.map((text) => ({ id: newId(), text })),
    );
  }, formula);
}
