/*
 * Two hands changed one thing, each from the same beginning. What only one of them changed is taken from that one; where both changed the
 * same, the later hand stands. Things in a list are told apart by their ids, so two hands in two lines of one list never meet.
 */

import { isSame } from './records.js';

type Plain = Readonly<Record<string, unknown>>;
interface WithId {
  readonly id: string;
}

const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isListOfIds = (value: unknown): value is readonly WithId[] =>
  Array.isArray(value) && value.every((item) => isPlain(item) && typeof item['id'] === 'string');

/** What three states come to, and whether anything of the earlier hand was overruled. */
export interface Merged<T> {
  readonly value: T;
  readonly overruled: boolean;
}

/**
 * @param base what both began with
 * @param earlier what the one made of it first
 * @param later what the other made of it after; it stands where both changed the same
 */
export function mergeThree<T>(base: T | undefined, earlier: T, later: T): Merged<T> {
  let overruled = false;

  function merge(was: unknown, first: unknown, last: unknown): unknown {
    if (isSame(last, was) || isSame(first, last)) return first;
    if (isSame(first, was)) return last;
    if (isListOfIds(first) && isListOfIds(last)) return mergeLists(isListOfIds(was) ? was : [], first, last);
    if (isPlain(first) && isPlain(last)) return mergePlain(isPlain(was) ? was : {}, first, last);
    overruled = true;
    return last;
  }

  function mergePlain(was: Plain, first: Plain, last: Plain): Plain {
    const keys = [...new Set([...Object.keys(first), ...Object.keys(last)])];
    return Object.fromEntries(
      keys
        .map((key) => [key, merge(was[key], first[key], last[key])] as const)
        .filter(([, value]) => value !== undefined),
    );
  }

  function mergeLists(was: readonly WithId[], first: readonly WithId[], last: readonly WithId[]): readonly WithId[] {
    const [before, theirs, ours] = [was, first, last].map((list) => new Map(list.map((item) => [item.id, item])));
    const merged = last.flatMap((item): readonly WithId[] => {
      const there = theirs?.get(item.id);
      if (there) return [merge(before?.get(item.id), there, item) as WithId];
      // the earlier hand took it away: gone, unless the later one had changed it, or put it in
      const untouched = before?.has(item.id) === true && isSame(before.get(item.id), item);
      return untouched ? [] : [item];
    });
    first.forEach((item, i) => {
      if (ours?.has(item.id)) return;
      if (before?.has(item.id)) {
        // the later hand took it away, and that stands
        if (!isSame(before.get(item.id), item)) overruled = true;
        return;
      }
      const at = merged.findIndex(({ id }) => id === first[i - 1]?.id);
      merged.splice(at + 1, 0, item);
    });
    return merged;
  }

  return { value: merge(base, earlier, later) as T, overruled };
}
