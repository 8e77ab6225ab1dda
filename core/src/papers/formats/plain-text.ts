import { type Formula, type FormulaLine } from '../../formula/formula/index.js';
import { type Kitchen } from '../../kitchen/kitchen/index.js';
import { pantryOf } from '../../kitchen/equipment/index.js';
import { readBake, writeFacts } from '../../formula/parsing/index.js';

/** Grams as a figure that reads back as the same number. */
const exact = (grams: number) => String(Number(grams.toFixed(3)));

/** What the baker said of a line beside its words. */
function remarks({ text, optional, note }: FormulaLine): readonly string[] {
  return [
    ...(optional === true && !/\boptional/i.test(text) ? ['(optional)'] : []),
    ...(note === undefined || note === '' ? [] : [`[note: ${note.replace(/[[\]\n]/g, ' ').trim()}]`]),
  ];
}
const asWritten = ({ text }: FormulaLine) => text.replace(/\s*\n\s*/g, ' ').trim();

/** A line with what was said of it, in one row. */
export const lineWithRemarks = (line: FormulaLine): string => [asWritten(line), ...remarks(line)].join(' ');

/** A line with the baker's own word on it, so that another reader weighs the same: "1 cup our flour (that is plain flour, 130 g)". */
export function lineInWords(line: FormulaLine, kitchen: Kitchen): string {
  const { ingredientId, grams } = line;
  const ingredient = ingredientId === undefined ? undefined : pantryOf(kitchen).byId(ingredientId);
  const parts = [...(ingredient ? [ingredient.nameUk] : []), ...(grams === undefined ? [] : [`${exact(grams)} g`])];
  return [asWritten(line), ...(parts.length > 0 ? [`(that is ${parts.join(', ')})`] : []), ...remarks(line)].join(' ');
}

/** Whether the words of the method and the yield say the very bake that the formula knows. */
export function bakeSaidByWords(formula: Formula): boolean {
  const { steps, yield: yieldText, title, bake } = formula;
  const knownBake = readBake([...steps.map(({ text }) => text), ...(yieldText ? [yieldText] : []), title]);
  return JSON.stringify(sorted(knownBake)) === JSON.stringify(sorted(bake));
}
const sorted = (bake: object) => Object.entries(bake).sort(([a], [b]) => a.localeCompare(b));

/** Lines to show under each component: nothing for a component without a name of its own. */
export const filledComponents = (formula: Formula) =>
  formula.components
    .map((component) => ({ ...component, lines: component.lines.filter(({ text }) => text.trim() !== '') }))
    .filter(({ lines }) => lines.length > 0);

/** Whether the one component needs no heading of its own. */
export const needsNoHeading = (formula: Formula): boolean => {
  const [only, more] = filledComponents(formula);
  return more === undefined && ['Batter', $localize`Batter`].includes(only?.name ?? '');
};

/** A formula as plain text, as one would send it in a letter; read back it is the same formula. */
export function writeText(formula: Formula, kitchen: Kitchen): string {
  const facts = writeFacts(formula, bakeSaidByWords(formula));
  const bare = needsNoHeading(formula);
  const components = filledComponents(formula).flatMap(({ name, lines }) => [
    ...(bare ? [] : ['', `${name || 'Part'}:`]),
    ...lines.map((line) => lineInWords(line, kitchen)),
  ]);
  const steps = formula.steps.map(({ text }) => text.replace(/\s*\n\s*/g, ' ').trim()).filter((text) => text !== '');
  return [
    formula.title || 'Without a name',
    ...(formula.yield === undefined ? [] : [formula.yield]),
    ...facts,
    '',
    'Ingredients',
    ...components,
    '',
    'Method',
    ...steps.map((step, i) => `${i + 1}. ${step}`),
    ...(formula.notes?.length ? ['', 'Notes', ...formula.notes.map((note) => note.replace(/\s*\n\s*/g, ' '))] : []),
    '',
  ].join('\n');
}
