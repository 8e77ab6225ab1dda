import type { Formula } from '../../formula/formula/index.js';
import type { Surroundings } from '../../formula/parsing/index.js';
import { writeCsv } from './csv.js';
import { writeJsonLd } from './json-ld.js';
import { writeMarkdown } from './markdown.js';
import { writeOrvinFile } from './orvin-file.js';
import { writeText } from './plain-text.js';
import { writeHtml } from './write-html.js';

/** What a formula can be handed on as. */
export const EXPORT_FORMATS = ['text', 'markdown', 'jsonld', 'html', 'csv', 'orvin'] as const;
export type ExportFormat = (typeof EXPORT_FORMATS)[number];

export const EXPORT_FILES: Readonly<Record<ExportFormat, { readonly ending: string; readonly type: string }>> = {
  text: { ending: 'txt', type: 'text/plain' },
  markdown: { ending: 'md', type: 'text/markdown' },
  jsonld: { ending: 'jsonld', type: 'application/ld+json' },
  html: { ending: 'html', type: 'text/html' },
  csv: { ending: 'csv', type: 'text/csv' },
  orvin: { ending: 'orvin.json', type: 'application/json' },
};

/** A formula in one of the formats. */
export function exportFormula(formula: Formula, format: ExportFormat, around: Surroundings): string {
  switch (format) {
    case 'text':
      return writeText(formula, around.kitchen);
    case 'markdown':
      return writeMarkdown(formula, around.kitchen);
    case 'jsonld':
      return writeJsonLd(formula, around.kitchen);
    case 'html':
      return writeHtml(formula, around.kitchen);
    case 'csv':
      return writeCsv([formula], around);
    case 'orvin':
      return writeOrvinFile([{ id: 'formula', formula, oven: {}, versions: [] }]);
  }
}
