import { amountInWords } from '../../words/batch-words/index.js';
import Papa from 'papaparse';
import { plainStep } from './step-words.js';
import type { SheetDocument } from './document.js';

/** What stands of a line. */
const OF_A_LINE = [
  $localize`when`,
  $localize`ingredient`,
  $localize`amount`,
  $localize`grams`,
  $localize`scale shows`,
  $localize`note`,
] as const;
const COLUMNS = [$localize`part`, ...OF_A_LINE] as const;

/** The sheet as a table: its lines in the order of use, then the pans, then the method. */
export function sheetCsv(sheet: SheetDocument): string {
  const lines = sheet.components.flatMap(({ name: of, scaled, groups, unweighed }) => {
    const name = scaled === '' ? of : `${of} (${scaled})`;
    return [
      ...groups.flatMap((group) =>
        group.rows.map((row) => [
          name,
          group.name,
          row.name,
          amountInWords(row.amount),
          row.grams,
          row.runningGrams,
          row.note,
        ]),
      ),
      ...unweighed.map(({ text, how }) => [name, '', text, '', '', '', how]),
    ];
  });
  const pans = sheet.pans.map(({ name, each, fill, oven }) => [
    $localize`pans`,
    '',
    name,
    each,
    '',
    '',
    [fill, oven].filter(Boolean).join('; '),
  ]);
  const steps = sheet.steps.map(({ number, words, takes }) => [
    $localize`method`,
    $localize`step ${number}`,
    plainStep(words),
    '',
    '',
    '',
    takes.join(', '),
  ]);
  return `${Papa.unparse({ fields: [...COLUMNS], data: [...lines, ...pans, ...steps] }, { escapeFormulae: true })}\r\n`;
}

const escaped = (words: string) => words.replace(/([\\`*_[\]<>|])/g, '\\$1');
const row = (cells: readonly (string | number)[]) => `| ${cells.map((cell) => escaped(String(cell))).join(' | ')} |`;

/** The sheet as Markdown. */
export function sheetMarkdown(sheet: SheetDocument): string {
  return [
    `# ${escaped(sheet.title)}`,
    '',
    `${escaped(sheet.size)}${sheet.version === undefined ? '' : $localize` (version ${sheet.version})`}.`,
    '',
    escaped(sheet.mixing),
    '',
    ...sheet.components.flatMap(({ name, scaled, groups, unweighed }) => [
      `## ${escaped(name || $localize`Part`)}`,
      '',
      ...(scaled === '' ? [] : [$localize`Scaled ${escaped(scaled)}.`, '']),
      row(OF_A_LINE),
      '| --- | --- | --- | ---: | ---: | --- |',
      ...groups.flatMap((group) =>
        group.rows.map((sheetRow) =>
          row([
            group.name,
            sheetRow.name,
            amountInWords(sheetRow.amount),
            sheetRow.grams,
            sheetRow.runningGrams,
            sheetRow.note,
          ]),
        ),
      ),
      ...unweighed.map(({ text, how }) => row(['', text, '', '', '', how])),
      '',
    ]),
    '## Pans',
    '',
    ...sheet.pans.map(
      (pan) => `- ${escaped([pan.name, pan.each, pan.fill, pan.oven, pan.remark].filter(Boolean).join(', '))}`,
    ),
    ...[sheet.leftover, sheet.frosting].filter(Boolean).map((words) => `- ${escaped(words)}`),
    '',
    '## Method',
    '',
    ...sheet.steps.map(
      ({ number, words, takes }) =>
        `${number}. ${escaped(plainStep(words))}${takes.length > 0 ? ` (${escaped(takes.join(', '))})` : ''}`,
    ),
    '',
    '## Mind',
    '',
    ...sheet.cautions.map((caution) => `- ${escaped(caution)}`),
    '',
  ].join('\n');
}
