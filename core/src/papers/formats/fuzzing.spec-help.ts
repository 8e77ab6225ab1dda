import { readFileSync } from 'node:fs';
import { chanceFrom } from '../../ground/numerics/index.js';
import { DomainError } from '../../ground/errors/index.js';
import { PASTED_FORMULAS } from '../../doors/samples/index.js';
import { READERS } from './readers.spec-help.js';

/*
 * Texts as nobody writes them: real ones (cards, tables, pages, data files, German too) that are cut, doubled, spliced with one another and
 * strewn with marks that mean something to some reader. A reader may refuse; it may not throw anything but a refusal, nor take long.
 */

const STREWN = [
  '\u0000', '\ud83d', '\ufffd', '\u202e', '\u200b', '\ufeff', '½', '⅓', '°', '×', '–', '(', ')', '[', '{', '"', "'", '<', '>', '&amp;', '&#0;', '%', '1e400', '-1', '0', '٣',
  '99999999999999999999', '0.0000001', 'NaN', 'Infinity', '\n', '\r', '\t', ',', ';', '|', '#', '- ', '1/0', '1/3/4', 'g', ' cups ', ' EL ', '<script>', '=1+1',
  '__proto__', 'constructor', '{"a":', ']', '大さじ1', 'x 20', '180 °C', '350F', 'gas mark 4', '20 cm round', '1 h 30', 'und', '(that is ', '[note: ',
] as const; // prettier-ignore

const MORE: readonly string[] = [
  '{"@context":"https://schema.org","@type":"Recipe","name":"Loaf","recipeIngredient":["200 g flour","2 eggs"],"recipeInstructions":"Bake at 180 C for 40 minutes"}',
  'ingredient,grams,note\nflour,200,sifted\nbutter,"100",cold\n',
  '<html><body><h1>Loaf</h1><ul><li>200 g flour</li><li>2 eggs</li></ul><p>Bake at 180 °C for 40 minutes.</p></body></html>',
  '# Loaf\n\n- 200 g flour\n- 2 eggs\n\n## Method\n\n1. Bake at 180 °C, 40 minutes.\n',
  'Schneller Kuchen\n250 g Mehl\n1 Pck. Backpulver\n3 EL Rum\nBei 180 °C Ober-/Unterhitze 45–50 Min. backen.',
];
/** Texts to begin from: the pasted demo, one of each format, and the German corpus. */
export function seeds(): readonly string[] {
  const german = JSON.parse(readFileSync('core/tables/reference/german_corpus.json', 'utf8')) as { readonly formulas: readonly { readonly text: string }[] }; // prettier-ignore
  return [...PASTED_FORMULAS.map(({ text }) => text), ...MORE, ...german.formulas.map(({ text }) => text)];
}

/** One text after another, the same for the same seed. */
export function* mutants(seed: number, from: readonly string[]): Generator<string> {
  const chance = chanceFrom(seed);
  const below = (n: number) => Math.floor(chance() * n);
  const one = <T>(list: readonly T[]): T => list[below(list.length)] as T;
  for (;;) {
    let text = one(from);
    for (let left = 1 + below(6); left > 0; left--) {
      const at = below(text.length + 1);
      const to = Math.min(text.length, at + below(1 + below(60)));
      const other = one(from);
      const acts: readonly (() => string)[] = [
        () => text.slice(0, at) + one(STREWN) + text.slice(at),
        () => text.slice(0, at) + text.slice(to),
        () => text.slice(0, at) + text.slice(at, to).repeat(2 + below(20)) + text.slice(to),
        () => text.slice(0, at) + other.slice(below(other.length)).slice(0, 400),
        () => text.slice(0, at) + String.fromCharCode(below(0xffff)) + text.slice(at + 1),
        () => text.slice(at),
        () => text.replaceAll('\n', one([' ', '\n\n', ', ', '\t'])),
      ];
      text = one(acts)().slice(0, 4000);
    }
    yield text;
  }
}

/** What a reader did wrong with a text, or undefined. A refusal of a value out of range is an answer. */
export function faultOf(reader: string, text: string, mostMilliseconds: number): string | undefined {
  // the processor's time: at the lowest priority a clock counts what others do
  const from = process.cpuUsage();
  try {
    READERS[reader]?.(text);
  } catch (error) {
    if (!(error instanceof DomainError)) return `threw ${String(error).slice(0, 160)}`;
    return `threw a DomainError: ${error.message.slice(0, 160)}`;
  }
  const took = process.cpuUsage(from).user / 1000;
  return took > mostMilliseconds ? `took ${took.toFixed(0)} ms` : undefined;
}
