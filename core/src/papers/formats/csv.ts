import Papa from 'papaparse';
import { functionalTotals, withFacts, type Formula } from '../../formula/formula/index.js';
import { type Kitchen } from '../../kitchen/kitchen/index.js';
import { pantryOf } from '../../kitchen/equipment/index.js';
import {
  assembleFormula,
  readFact,
  weighFormula,
  writeFacts,
  type FormulaFacts,
  type FormulaReading,
  type Surroundings,
} from '../../formula/parsing/index.js';
import { withoutMark } from '../../ground/text/index.js';
import { MOST_GRAMS, type Region } from '../../ground/units/index.js';
import { bakeSaidByWords, filledComponents, lineWithRemarks } from './plain-text.js';

/* Lines in a table: Orvin's own sheet, with a column that says what each row is, or anybody's list of ingredients. */

const COLUMNS = ['formula', 'row', 'part', 'text', 'ingredient', 'grams', 'percent of flour'] as const;
type Row = Readonly<Record<string, string>>;

/** What a column is called by others. */
const CALLED: readonly (readonly [string, RegExp])[] = [
  ['formula', /^(?:formula|recipe|title|cake|bake)$/],
  ['row', /^(?:row|kind)$/],
  ['part', /^(?:part|component|section|group|for)$/],
  ['text', /^(?:text|line|as written|written)$/],
  ['ingredient', /^(?:ingredient|ingredients|item|name|what|product)$/],
  ['amount', /^(?:amount|quantity|qty|how much|measure)$/],
  ['unit', /^(?:unit|units|uom)$/],
  ['grams', /^(?:grams?|weight|g|mass|weight \(g\)|grams? \(g\))$/],
  ['note', /^(?:notes?|preparation|prep|comment|comments|remarks)$/],
  ['percent', /^(?:percent|%|percent of flour|bakers? percent(?:age)?|baker's (?:%|percent(?:age)?))$/],
];
const columnNamed = (written: string) => {
  const name = written.trim().toLowerCase().replace(/\s+/g, ' ');
  return CALLED.find(([, pattern]) => pattern.test(name))?.[0] ?? name;
};

/** The written line that a row of anybody's table makes. */
function lineOf(row: Row): string {
  const cell = (name: string) => (row[name] ?? '').trim();
  if (cell('text') !== '') return cell('text');
  const name = cell('ingredient');
  const amount = `${cell('amount')} ${cell('unit')}`.trim();
  const grams = cell('grams').replace(/\s*g$/i, '');
  const percent = cell('percent').replace(/\s*%$/, '');
  const words = amount !== '' ? amount : grams !== '' ? `${grams} g` : percent !== '' ? `${percent}%` : '';
  const again = amount !== '' && grams !== '' ? ` (${grams} g)` : '';
  const note = cell('note') === '' ? '' : `, ${cell('note')}`;
  return name === '' ? '' : `${words}${again} ${name}${note}`.trim();
}

interface Sheet {
  readonly title: string;
  yield?: string;
  readonly components: { readonly name: string; readonly lines: { readonly text: string; readonly row: Row }[] }[];
  readonly steps: string[];
  readonly notes: string[];
  facts: FormulaFacts;
}

function sheetsOf(rows: readonly Row[], named: string): readonly Sheet[] {
  const sheets = new Map<string, Sheet>();
  for (const row of rows) {
    const title = (row['formula'] ?? '').trim() || ([...sheets.keys()].at(-1) ?? named);
    let sheet = sheets.get(title);
    if (!sheet) sheets.set(title, (sheet = { title, components: [], steps: [], notes: [], facts: {} }));
    const text = (row['text'] ?? '').trim();
    switch ((row['row'] ?? '').trim().toLowerCase()) {
      case 'step':
        sheet.steps.push(text);
        break;
      case 'note':
        sheet.notes.push(text);
        break;
      case 'yield':
        sheet.yield = text;
        break;
      case 'fact':
        sheet.facts = { ...sheet.facts, ...readFact(text) };
        break;
      default: {
        const line = lineOf(row);
        if (line === '') break;
        const name = (row['part'] ?? '').trim() || (sheet.components.at(-1)?.name ?? $localize`Batter`);
        let component = sheet.components.find((component) => component.name === name);
        if (!component) sheet.components.push((component = { name, lines: [] }));
        component.lines.push({ text: line, row });
      }
    }
  }
  return [...sheets.values()];
}

/** The baker's word of a row, where the words of its line alone would be read otherwise. */
function withOwnWord(formula: Formula, rows: readonly Row[], kitchen: Kitchen): Formula {
  const read = weighFormula(formula, { kitchen, formula: () => undefined });
  const lines = read.components.flatMap((component) => component.lines);
  const corrected = new Map(
    lines.flatMap(({ line, entries, grams }, i) => {
      const row = rows[i];
      if (!row || (row['text'] ?? '').trim() === '' || entries.length > 1) return [];
      const writtenGrams = Number.parseFloat(row['grams'] ?? '');
      const id = (row['ingredient'] ?? '').trim();
      const named = id === '' ? undefined : pantryOf(kitchen).byId(id);
      const renamed = named !== undefined && named.id !== entries[0]?.ingredient?.id;
      const apart = Math.abs(writtenGrams - (grams ?? Infinity)) > 0.0006 + writtenGrams * 1e-6;
      const facts = {
        // another ingredient weighs otherwise by the same words: its weight is part of the baker's word
        ...(writtenGrams > 0 && writtenGrams < MOST_GRAMS && (apart || renamed) && { grams: writtenGrams }),
        ...(renamed && { ingredientId: named.id }),
      };
      return [[line.id, withFacts(line, facts)] as const];
    }),
  );
  return {
    ...formula,
    components: formula.components.map((component) => ({
      ...component,
      lines: component.lines.map((line) => corrected.get(line.id) ?? line),
    })),
  };
}

/** Whether a text is a table with a heading that names columns of ingredients. */
export function looksLikeCsv(text: string): boolean {
  const first = text.slice(0, text.search(/[\r\n]|$/));
  const heads = first.split(/[,;\t]/).map((head) => columnNamed(head.replace(/^"|"$/g, '')));
  return (
    heads.length > 1 &&
    heads.some((head) => head === 'text' || head === 'ingredient') &&
    CALLED.filter(([name]) => heads.includes(name)).length >= 2
  );
}

/** Reads a table of lines, one formula or several. @param named the title of a table that has none, such as the file's name */
export function readCsv(text: string, named: string, bakersOwn: Region, kitchen: Kitchen): readonly FormulaReading[] {
  const before = new Map<string, number>();
  const firstOfItsName = (written: string, nth: number) => {
    const name = columnNamed(written);
    if (!before.has(name)) before.set(name, nth);
    return before.get(name) === nth ? name : `${name} ${nth + 1}`;
  };
  const { data } = Papa.parse<Row>(withoutMark(text), {
    header: true,
    skipEmptyLines: 'greedy',
    // of two columns of one name the first is meant
    transformHeader: firstOfItsName,
    // a table program's guard against formulas, which `writeCsv` puts on
    transform: (cell) => cell.replace(/^'(?=[=+\-@\t\r])/, ''),
  });
  return sheetsOf(data, named).map((sheet) => {
    const reading = assembleFormula(
      {
        title: sheet.title,
        ...(sheet.yield !== undefined && { yield: sheet.yield }),
        components: sheet.components.map(({ name, lines }) => ({ name, lines: lines.map((line) => line.text) })),
        steps: sheet.steps,
        notes: sheet.notes,
        facts: sheet.facts,
      },
      bakersOwn,
      kitchen,
    );
    if (reading.kind !== 'read') return reading;
    const rows = sheet.components.flatMap(({ lines }) => lines.map(({ row }) => row));
    return { ...reading, formula: withOwnWord(reading.formula, rows, kitchen) };
  });
}

/** Formulas as one table: a row for each line, step and note, with what each line weighs. */
export function writeCsv(formulas: readonly Formula[], around: Surroundings): string {
  const rows = formulas.flatMap((formula) => {
    const title = formula.title || 'Without a name';
    const row = (kind: string, text: string, more: Readonly<Record<string, string>> = {}) => ({
      formula: title,
      row: kind,
      text,
      ...more,
    });
    const weighed = new Map(
      weighFormula(formula, around).components.flatMap(({ lines }) =>
        lines.map((line) => [line.line.id, line] as const),
      ),
    );
    const flour = flourOf(formula, around);
    return [
      ...(formula.yield === undefined ? [] : [row('yield', formula.yield)]),
      ...writeFacts(formula, bakeSaidByWords(formula)).map((fact) => row('fact', fact)),
      ...filledComponents(formula).flatMap(({ name, lines }) =>
        lines.map((line) => {
          const read = weighed.get(line.id);
          const grams = read?.grams;
          return row('line', lineWithRemarks(line), {
            part: name || 'Part',
            ingredient: read?.entries.length === 1 ? (read.entries[0]?.ingredient?.id ?? '') : '',
            grams: grams === undefined ? '' : String(Number(grams.toFixed(3))),
            'percent of flour': grams === undefined || flour === 0 ? '' : ((100 * grams) / flour).toFixed(2),
          });
        }),
      ),
      ...formula.steps
        .filter(({ text }) => text.trim() !== '')
        .map(({ text }) => row('step', text.replace(/\s*\n\s*/g, ' ').trim())),
      ...(formula.notes ?? []).map((note) => row('note', note)),
    ];
  });
  return `${Papa.unparse({ fields: [...COLUMNS], data: rows }, { newline: '\r\n', escapeFormulae: true })}\r\n`;
}

function flourOf(formula: Formula, around: Surroundings): number {
  return functionalTotals(weighFormula(formula, around).batter).flour;
}
