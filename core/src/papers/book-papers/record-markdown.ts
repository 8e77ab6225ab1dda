import { LOCALE } from '../../ground/language/index.js';
import type { BakeRecord } from '../../book/records/index.js';
import { CRUMB_NAMES, DONE_WORD_NAMES, READING_NAMES, readingInWords, SHAPE_NAMES, TOP_NAMES, WRONG_NAMES } from '../../words/book-words/index.js'; // prettier-ignore
import { READING_CODES } from '../../book/records/index.js';
import { minutesInWords, windowInWords } from '../../words/figures/index.js';

const DATE = new Intl.DateTimeFormat(LOCALE, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

/** The record of a bake on a sheet of text. */
export function recordAsMarkdown(record: BakeRecord): string {
  const { foreseen, word, top, shape, crumb, wrong, score, readings } = record;
  const rows: readonly (readonly [string, string | undefined])[] = [
    [$localize`baked`, DATE.format(record.at)],
    [$localize`version`, record.versionNumber?.toString()],
    [$localize`in`, `${record.size}, ${record.celsius} °C${record.fan ? $localize`, fan` : ''}`],
    [$localize`took`, `${minutesInWords(record.outMinutes)}${foreseen ? $localize`, foreseen ${windowInWords(foreseen.low, foreseen.high)}` : ''}`],
    [$localize`done`, word && DONE_WORD_NAMES[word]],
    [$localize`top`, top && TOP_NAMES[top]],
    [$localize`shape`, shape && SHAPE_NAMES[shape]],
    [$localize`crumb`, crumb && CRUMB_NAMES[crumb]],
    [$localize`wrong`, wrong && (wrong.length === 0 ? $localize`nothing` : wrong.map((each) => WRONG_NAMES[each]).join(', '))],
    [$localize`how good`, score === undefined ? undefined : $localize`${score} of 10`],
    [$localize`height`, record.heightMm === undefined ? undefined : `${record.heightMm} mm`],
    [$localize`core when it came out`, record.coreCelsius === undefined ? undefined : `${record.coreCelsius} °C`],
    [$localize`taste`, record.taste],
    [$localize`eaten by`, record.eatenBy],
    [$localize`left out of learning`, record.leftOut],
    ...READING_CODES.map((code) => [READING_NAMES[code], readings[code] === undefined ? undefined : readingInWords(code, readings[code])] as const),
  ]; // prettier-ignore
  const lines = rows.flatMap(([name, value]) => (value === undefined || value === '' ? [] : [`- ${name}: ${value}`]));
  const simulated = record.simulated ? ['', `_${$localize`Simulated instruments spoke in it.`}_`] : [];
  const notes = record.notes ? ['', record.notes] : [];
  return `# ${record.title || $localize`Without a name`}\n\n${[...lines, ...simulated, ...notes].join('\n')}\n`;
}
