import { lexer, type Token, type Tokens } from 'marked';
import type { Formula } from '../../formula/formula/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import {
  plainContext,
  readWrittenLines,
  regionOf,
  writeFacts,
  type FormulaReading,
  type WrittenLine,
} from '../../formula/parsing/index.js';
import type { Region } from '../../ground/units/index.js';
import { bakeSaidByWords, filledComponents, lineInWords, needsNoHeading } from './plain-text.js';

/** The words of inline tokens: emphasis, links and code lose their marks, markup of a page is left out. */
function wordsOf(tokens: readonly Token[] | undefined): string {
  return (tokens ?? [])
    .map((token): string => {
      if (token.type === 'html') return '';
      if (token.type === 'br') return '\n';
      const { tokens: inner, text } = token as Tokens.Generic & { readonly text?: string };
      return inner ? wordsOf(inner) : (text ?? '');
    })
    .join('');
}

const plain = { headed: false, listed: false, quoted: false } as const;
const linesFrom = (words: string, marks: Omit<WrittenLine, 'written'>): readonly WrittenLine[] =>
  words
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((written) => ({ written, ...marks }));

/** The lines of a Markdown text with what its marks say of each: nothing is rendered. */
function writtenLines(tokens: readonly Token[], quoted = false): readonly WrittenLine[] {
  return tokens.flatMap((token): readonly WrittenLine[] => {
    switch (token.type) {
      case 'heading':
        return [{ ...plain, quoted, headed: true, written: `## ${wordsOf(token.tokens)}` }];
      case 'list':
        return (token as Tokens.List).items.flatMap((item, i) => itemLines(item, token as Tokens.List, i));
      case 'table': {
        const { header, rows } = token as Tokens.Table;
        const rowLine = (cells: readonly Tokens.TableCell[]) =>
          cells
            .map((cell) => wordsOf(cell.tokens))
            .join(' ')
            .trim();
        const body = rows.map(rowLine);
        const heads = /\d/.test(rowLine(header)) ? [rowLine(header)] : [];
        return [...heads, ...body]
          .filter((line) => line !== '')
          .map((written) => ({ ...plain, listed: true, written }));
      }
      case 'blockquote':
        return writtenLines(token.tokens ?? [], true);
      case 'space':
      case 'hr':
      case 'html':
      case 'def':
        return [];
      default: {
        const inner = (token as Tokens.Generic).tokens;
        const words = inner ? wordsOf(inner) : ((token as Tokens.Generic & { readonly text?: string }).text ?? '');
        return linesFrom(words, { ...plain, quoted });
      }
    }
  });
}

/** An item of a list: its own words, then the lists inside it. */
function itemLines(item: Tokens.ListItem, list: Tokens.List, at: number): readonly WrittenLine[] {
  const ownTokens = item.tokens.filter(({ type }) => type !== 'list');
  const words = ownTokens
    .map((token) => wordsOf((token as Tokens.Generic).tokens ?? [token]))
    .join(' ')
    .replace(/\s*\n\s*/g, ' ')
    .trim();
  const inner = writtenLines(item.tokens.filter(({ type }) => type === 'list'));
  const number = list.ordered ? `${(list.start || 1) + at}. ` : '';
  return [...(words === '' ? [] : [{ ...plain, listed: true, written: `${number}${words}` }]), ...inner];
}

/** Tokens cut where a heading of the first level begins another formula. */
function chapters(tokens: readonly Token[]): readonly (readonly Token[])[] {
  const first = (token: Token) => token.type === 'heading' && (token as Tokens.Heading).depth === 1;
  const starts = tokens.flatMap((token, i) => (first(token) ? [i] : []));
  if (starts.length < 2) return [tokens];
  return starts.map((start, i) => tokens.slice(i === 0 ? 0 : start, starts[i + 1]));
}

/** Reads a Markdown text: one formula, or one under each heading of the first level. */
export function readMarkdown(text: string, bakersOwn: Region, kitchen: Kitchen): readonly FormulaReading[] {
  const read = (tokens: readonly Token[]) => {
    const lines = writtenLines(tokens);
    const all = lines.map(({ written }) => written).join('\n');
    return readWrittenLines(lines, { ...plainContext(regionOf(all, bakersOwn)), kitchen });
  };
  const tokens = lexer(text);
  const several = chapters(tokens);
  const readings = several.map(read);
  return several.length > 1 && readings.filter(({ kind }) => kind === 'read').length < 2 ? [read(tokens)] : readings;
}

/** Whether a text carries marks of Markdown that change how it is read. */
export const looksLikeMarkdown = (text: string): boolean =>
  /^#{1,6} +\S/m.test(text) || /^[ \t]{0,3}\|[^\n]*\|[ \t]*$/m.test(text);

/** Marks that Markdown would take for its own. */
const escaped = (words: string) =>
  words
    .replace(/([\\`*_[\]<>|])/g, '\\$1')
    .replace(/^([#>+-])(?=\s)/, '\\$1')
    .replace(/^(\d+)([.)])(?=\s)/, '$1\\$2');

/** A formula as a Markdown card. */
export function writeMarkdown(formula: Formula, kitchen: Kitchen): string {
  const bare = needsNoHeading(formula);
  const components = filledComponents(formula).flatMap(({ name, lines }) => [
    ...(bare ? [] : ['', `### ${escaped(name || 'Part')}`, '']),
    ...lines.map((line) => `- ${escaped(lineInWords(line, kitchen))}`),
  ]);
  const steps = formula.steps.map(({ text }) => text.replace(/\s*\n\s*/g, ' ').trim()).filter((step) => step !== '');
  return [
    `# ${escaped(formula.title || 'Without a name')}`,
    '',
    ...(formula.yield === undefined ? [] : [escaped(formula.yield), '']),
    ...writeFacts(formula, bakeSaidByWords(formula)).flatMap((fact) => [escaped(fact), '']),
    '## Ingredients',
    '',
    ...components,
    '',
    '## Method',
    '',
    ...steps.map((step, i) => `${i + 1}. ${escaped(step)}`),
    ...(formula.notes?.length ? ['', '## Notes', ''] : []),
    ...(formula.notes ?? []).flatMap((note) => [escaped(note.replace(/\s*\n\s*/g, ' ')), '']),
    '',
  ].join('\n');
}
