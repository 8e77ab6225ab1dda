import { ownOf } from '../../ground/records/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import { isPageSource, problem, type Problem, type FormulaReading } from '../../formula/parsing/index.js';
import { readText } from '../../formula/reading/index.js';
import { withoutMark } from '../../ground/text/index.js';
import type { Region } from '../../ground/units/index.js';
import { looksLikeCsv, readCsv } from './csv.js';
import type { FileFormat, FileReading } from './file-reading.js';
import { readHtml } from './html.js';
import { readRecipe, recipesIn } from './json-ld.js';
import { looksLikeMarkdown, readMarkdown } from './markdown.js';
import { isOrvinFile, readOrvinFile } from './orvin-file.js';

/** A saved page is the largest thing that holds one formula. */
export const LARGEST_FILE_CHARACTERS = 8_000_000;

const FORMAT_OF_ENDING: Readonly<Record<string, FileFormat>> = {
  md: 'markdown',
  markdown: 'markdown',
  csv: 'csv',
  tsv: 'csv',
  html: 'html',
  htm: 'html',
  xhtml: 'html',
};

/** What a name says of a file's kind; a pasted text has none. */
function formatByName(name: string): FileFormat | undefined {
  const ending = /\.([a-z0-9]+)$/i.exec(name)?.[1]?.toLowerCase();
  return ending === undefined ? undefined : ownOf(FORMAT_OF_ENDING, ending);
}

/** Lines that part one formula from the next in a plain text. */
const DIVIDER = /^[ \t]*(?:[-=*_~]{3,}|\f)[ \t]*$/m;

/** Several formulas in one text, where dividers part them and each part is one; else the text as a whole. */
function readTexts(text: string, region: Region, kitchen: Kitchen): readonly FormulaReading[] {
  const parts = text.split(DIVIDER).filter((part) => part.trim() !== '');
  if (parts.length > 1) {
    const readings = parts.map((part) => readText(part, region, kitchen));
    if (readings.filter(({ kind }) => kind === 'read').length > 1) return readings;
  }
  return [readText(text, region, kitchen)];
}

function asJson(text: string): unknown {
  if (!/^\s*[[{]/.test(text)) return undefined;
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/**
 * Reads a file or a pasted text of any kind that Orvin knows: its own file, schema.org/Recipe as JSON-LD or in a page, Markdown, a table
 * of lines, or plain words. What it holds decides; the name only where that could be several things.
 * @param name the file's name; '' for a pasted text
 */
export function readFile(name: string, text: string, bakersOwn: Region, kitchen: Kitchen): FileReading {
  if (text.length > LARGEST_FILE_CHARACTERS)
    return refused(
      'text',
      problem('text-too-long', 'error', '', {
        of: 'kilobytes',
        found: Math.round(text.length / 1000),
        limit: LARGEST_FILE_CHARACTERS / 1000,
      }),
    );
  const bare = withoutMark(text);
  const json = asJson(bare);
  if (json !== undefined) {
    if (isOrvinFile(json)) return readOrvinFile(json);
    const recipes = recipesIn(json);
    if (recipes.length === 0) return refused('jsonld', problem('json-without-formula', 'error', '', {}));
    return { format: 'jsonld', items: recipes.map((recipe) => readRecipe(recipe, bakersOwn, kitchen)) };
  }
  if (/\.json(?:ld)?$/i.test(name))
    return refused('jsonld', problem('file-damaged', 'error', '', { why: $localize`it is not JSON` }));
  const named = formatByName(name);
  if (named === 'html' || (named === undefined && isPageSource(bare)))
    return unlessTooDeep('html', () => readHtml(bare, bakersOwn, kitchen));
  if (named === 'csv' || looksLikeCsv(bare))
    return { format: 'csv', items: readCsv(bare, name.replace(/\.[a-z0-9]+$/i, ''), bakersOwn, kitchen) };
  if (named === 'markdown' || looksLikeMarkdown(bare))
    return unlessTooDeep('markdown', () => readMarkdown(bare, bakersOwn, kitchen));
  return { format: 'text', items: readTexts(bare, bakersOwn, kitchen) };
}

/** The readers of markup go down one call or one step for each level, and thousands of levels are no formula's: that is said. */
function unlessTooDeep(format: FileFormat, read: () => FileReading['items']): FileReading {
  try {
    return { format, items: read() };
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return refused(format, problem('file-damaged', 'error', '', { why: $localize`it is nested too deep` }));
  }
}

const refused = (format: FileFormat, why: Problem): FileReading => ({
  format,
  items: [{ kind: 'refused', problem: why }],
});
