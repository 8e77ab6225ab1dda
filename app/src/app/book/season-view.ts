import { LOCALE } from '@orvin/core/ground/language';
import type { BakeRecord } from '@orvin/core/book/records';
import { CRUMB_NAMES, DONE_WORD_NAMES, SHAPE_NAMES, TOP_NAMES, WRONG_NAMES } from '@orvin/core/words/book-words';
import { minutesInWords } from '@orvin/core/words/figures';
import { dayOf } from '../parts/wall-clock';
import type { StoredBake } from '../store/records';

const WHOLE_DATE = new Intl.DateTimeFormat(LOCALE, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' }); // prettier-ignore

/** A bake as a row of the season. */
export interface SeasonRow {
  readonly id: string;
  readonly record: BakeRecord;
  readonly title: string;
  readonly date: string;
  /** Of the likely minutes, %; absent where nothing was foreseen. */
  readonly window?: { readonly low: number; readonly high: number; readonly out: number };
  readonly minutes: string;
  readonly foreseen: string;
  readonly score: string;
}

/** What of a bake can be found by words, in lower case. */
export function findable(record: BakeRecord): string {
  const { title, pan, size, celsius, fan, outMinutes, word, top, shape, crumb, wrong = [], score, notes, taste, eatenBy } = record; // prettier-ignore
  return [
    title, pan, size, `${celsius}`, fan ? $localize`fan` : '', $localize`${Math.round(outMinutes)} min`, word && DONE_WORD_NAMES[word],
    top && TOP_NAMES[top], shape && SHAPE_NAMES[shape], crumb && CRUMB_NAMES[crumb], ...wrong.map((each) => WRONG_NAMES[each]),
    score === undefined ? '' : $localize`score ${score}`, record.versionNumber === undefined ? '' : `v${record.versionNumber}`, notes, taste, eatenBy,
    record.leftOut === undefined ? '' : $localize`left out ${record.leftOut}`, record.simulated ? $localize`simulated` : '', WHOLE_DATE.format(record.at),
  ].join(' · ').toLowerCase(); // prettier-ignore
}

/** Whether everything that is asked for is there: words parted by commas or spaces. */
export function finds(asked: string): (text: string) => boolean {
  const words = asked.toLowerCase().split(/[\s,;]+/).filter(Boolean); // prettier-ignore
  return (text) => words.every((word) => text.includes(word));
}

export function seasonRow({ id, record }: StoredBake): SeasonRow {
  const { foreseen, outMinutes, score, versionNumber } = record;
  const percent = (minutes: number) => 100 * (minutes / (foreseen?.likely ?? minutes) - 1);
  const version = versionNumber === undefined ? '' : `, v${versionNumber}`;
  return {
    id,
    record,
    title: record.title || $localize`Without a name`,
    date: `${dayOf(record.at)}${version}${record.simulated ? $localize`, simulated` : ''}`,
    ...(foreseen && { window: { low: percent(foreseen.low), high: percent(foreseen.high), out: percent(outMinutes) } }),
    minutes: minutesInWords(outMinutes).replace(/ min$/, ''),
    foreseen: foreseen ? $localize`of ${minutesInWords(foreseen.likely).replace(/ min$/, '')}` : 'min',
    score: score === undefined ? '' : String(score),
  };
}
