import { LONGEST_LINE } from '../../ground/text/index.js';
import type { BakeCover } from '../formula/index.js';
import { durationsIn, type WrittenDuration } from './durations.js';

/*
 * What a method says of a lid or foil over a bake: "covered with a bowl for 25 minutes", "tent with foil after 30 minutes", "lid off for
 * the last 15". A cover without its minute ("foil when it is brown enough") is the eye's and sets nothing.
 */

const SENTENCE = /[^.!?\n]{1,400}/g;
const COVER =
  /\b(?:lid on|put (?:the|a) lid|(?:with|under) (?:the|a|its) lid|(?:heavy|cast[- ]iron|lidded) (?:pot|casserole)|cover(?:ed)?(?: it| them)?(?: loosely)? (?:with|by|under) (?:a |an |the |some )?(?:upturned |large |deep |heatproof |metal )*(?:bowl|pot|lid|foil|tin)|(?:a |the )?bowl (?:turned |upside down )?over|tent(?:ed)?|foil)\b/i;
const UNCOVER =
  /\b(?:uncover(?:ed)?|(?:take|lift) (?:off )?the (?:lid|foil|bowl|cover)(?: off)?|remove the (?:lid|foil|bowl|cover)|lid off|without the lid)\b/i;
/** Covers that have nothing to do with the oven. */
const NOT_THE_BAKE =
  /\b(?:rest|chill|stand|cool|fridge|refrigerat|keep|store|freez|wrap|soak|line|rise|prove|overnight)\w*\b/i;
const FOIL = /\b(?:foil|tent)/i;
const BOWL = /\bbowl|tin over/i;
const FROM = /\b(?:after|from|once (?:it has )?(?:had )?|at)\s+(?:the first\s+)?(?:about\s+)?(?:minute\s+)?$/i;
/** "foil after 35.": what is counted in a bake is minutes. */
const AFTER_BARE = /\b(?:after|from|at)\s+(?:about\s+)?(\d{1,3})(?=\s*(?:[,;)]|$))/i;
const LAST = /\b(?:last|final)\s+(?:about\s+)?$/i;
const LONGEST_MINUTES = 420;

const middleOf = ({ low, high }: WrittenDuration) => Math.round((low + high) / 2);

/**
 * Lids and foil of a bake, in the order written.
 * @param prose the steps of a method
 * @param wholeMinutes of the bake, to count "the last 15 minutes" from; undefined where it is not known
 */
export function coversIn(prose: string, wholeMinutes: number | undefined): readonly BakeCover[] {
  const covers: { kind: BakeCover['kind']; fromMinute: number; toMinute?: number }[] = [];
  for (const [sentence] of prose.matchAll(SENTENCE)) {
    if (sentence.length > LONGEST_LINE || NOT_THE_BAKE.test(sentence)) continue;
    const cover = COVER.exec(sentence);
    const [covering, uncovering] = [cover !== null, UNCOVER.test(sentence)];
    if (!covering && !uncovering) continue;
    const times = durationsIn(sentence).filter(({ high }) => high >= 4 && high <= LONGEST_MINUTES);
    const before = (time: WrittenDuration) => sentence.slice(Math.max(0, time.from - 40), time.from);
    const last = times.find((time) => LAST.test(before(time)));
    const from = times.find((time) => FROM.test(before(time)));
    if (uncovering) {
      const open = covers.at(-1) ?? (covering ? undefined : covers[0]);
      const until = from
        ? middleOf(from)
        : last && wholeMinutes !== undefined
          ? wholeMinutes - middleOf(last)
          : undefined;
      if (open && open.toMinute === undefined && until !== undefined && until > open.fromMinute) {
        open.toMinute = until;
        continue;
      }
      if (!covering) continue;
    }
    // of "bake for 15 minutes, covered for 6" the cover's is the one behind it
    const time = times.find(({ from: at }) => at > (cover?.index ?? 0)) ?? times[0];
    const kind = FOIL.test(sentence) ? 'foil' : BOWL.test(sentence) ? 'bowl' : 'lid';
    const bare = minuteSaid(sentence, wholeMinutes);
    if (last && wholeMinutes !== undefined)
      covers.push({ kind, fromMinute: Math.max(0, wholeMinutes - middleOf(last)) });
    else if (from) covers.push({ kind, fromMinute: middleOf(from) });
    else if (bare !== undefined) covers.push({ kind, fromMinute: bare });
    else if (last === undefined && time && (kind !== 'foil' || /\bcover/i.test(sentence)))
      covers.push({ kind, fromMinute: 0, ...(endsWithTime(sentence, time) && { toMinute: middleOf(time) }) });
    else if (
      kind !== 'foil' &&
      /\b(?:lid on|with (?:the|its) lid|bowl (?:turned |upside down )?over)\b/i.test(sentence) &&
      times.length === 0
    )
      covers.push({ kind, fromMinute: 0 });
  }
  // a cover over the whole bake is one that nobody takes off: only then does it have no end
  return covers.filter(({ fromMinute, toMinute }) => toMinute === undefined || toMinute > fromMinute);
}

function minuteSaid(sentence: string, wholeMinutes: number | undefined): number | undefined {
  const minute = Number(AFTER_BARE.exec(sentence)?.[1] ?? NaN);
  return minute >= 4 && minute < (wholeMinutes ?? LONGEST_MINUTES) ? minute : undefined;
}

/** "for 25 minutes", "for the first 25 minutes": how long it stays on. */
const endsWithTime = (sentence: string, time: WrittenDuration): boolean =>
  /\bfor\s+(?:the first\s+|about\s+|another\s+)?$/i.test(sentence.slice(Math.max(0, time.from - 30), time.from));
