import type { Formula } from '../../formula/formula/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import { writeFacts } from '../../formula/parsing/index.js';
import { writeJsonLd } from './json-ld.js';
import { bakeSaidByWords, filledComponents, lineInWords, needsNoHeading } from './plain-text.js';

const escaped = (words: string) =>
  words.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
const items = (name: string, lines: readonly string[]) =>
  lines.map((line) => `      <li itemprop="${name}">${escaped(line)}</li>`);

/**
 * A formula as a page to read and print, with schema.org/Recipe in it twice: as microdata on what is seen, and whole as JSON-LD. There
 * is nothing in it to run: the JSON-LD is data, and no character of it can end its element.
 */
export function writeHtml(formula: Formula, kitchen: Kitchen): string {
  const title = escaped(formula.title || 'Without a name');
  const bare = needsNoHeading(formula);
  const steps = formula.steps.map(({ text }) => text.replace(/\s*\n\s*/g, ' ').trim()).filter((step) => step !== '');
  return [
    '<!doctype html>',
    '<html lang="en">',
    `  <head><meta charset="utf-8"><title>${title}</title>`,
    `    <script type="application/ld+json">${writeJsonLd(formula, kitchen).trim().replace(/</g, '\\u003c')}</script>`,
    '  </head>',
    '  <body itemscope itemtype="https://schema.org/Recipe">',
    `    <h1 itemprop="name">${title}</h1>`,
    ...(formula.yield === undefined ? [] : [`    <p itemprop="recipeYield">${escaped(formula.yield)}</p>`]),
    ...writeFacts(formula, bakeSaidByWords(formula)).map((fact) => `    <p>${escaped(fact)}</p>`),
    '    <h2>Ingredients</h2>',
    ...filledComponents(formula).flatMap(({ name, lines }) => [
      ...(bare ? [] : [`    <h3>${escaped(name || 'Part')}</h3>`]),
      '    <ul>',
      ...items(
        'recipeIngredient',
        lines.map((line) => lineInWords(line, kitchen)),
      ),
      '    </ul>',
    ]),
    '    <h2>Method</h2>',
    '    <ol>',
    ...items('recipeInstructions', steps),
    '    </ol>',
    ...(formula.notes ?? []).map((note) => `    <p>${escaped(note)}</p>`),
    '  </body>',
    '</html>',
    '',
  ].join('\n');
}
