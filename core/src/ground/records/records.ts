/** A record without some of its keys. */
export function without<T extends object, K extends keyof T>(record: T, ...keys: readonly K[]): Omit<T, K> {
  return Object.fromEntries(
    Object.entries(record).filter(([key]) => !keys.some((unwanted) => unwanted === key)),
  ) as Omit<T, K>;
}

/** A record without the keys whose value is undefined: an emptied field is an absent one. */
export const withoutUndefined = <T extends object>(record: { readonly [K in keyof T]?: T[K] | undefined }): T =>
  Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined)) as T;

/** Whether two values of plain data say the same, in the same order. */
export const isSame = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

/** A list in groups by a key, each in the order of the list. */
export function groupedBy<T, K>(list: Iterable<T>, keyOf: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const item of list) {
    const key = keyOf(item);
    const group = groups.get(key);
    if (group) group.push(item);
    else groups.set(key, [item]);
  }
  return groups;
}

/** A table's entry by a word that somebody wrote: "constructor", which every object has, is in no table. */
export const ownOf = <T>(table: Readonly<Record<string, T>>, word: string): T | undefined =>
  Object.hasOwn(table, word) ? table[word] : undefined;

/** The last moment that a date can tell, ms since 1970 (ECMAScript): what is kept of a later one is damage. */
export const LAST_MOMENT = 8.64e15;
