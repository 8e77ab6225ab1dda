import type { Table as RowsOf } from 'dexie';

/*
 * A Book of years has ten thousand bakes; to read them takes a third of a second, four times that on a phone, and no first screen shows
 * them but the Book's own. A table that may be long is therefore read behind the first screen, some rows at a time while the page has
 * nothing else to do; whoever speaks of all of them waits for that, and hurries it.
 */

/** As many rows of a table as hold up no screen. */
const BEFORE_THE_SCREEN = 300;
/** Rows read at once behind it: ten milliseconds. */
const AT_ONCE = 250;
/** A page that is never idle is not waited for any longer. */
const NEVER_IDLE_MILLISECONDS = 500;

/** The rows of a table, or `later` where it may be long and is. */
export async function rowsNow<R>(rows: RowsOf<R, string>, mayBeLong: boolean): Promise<readonly R[] | 'later'> {
  if (mayBeLong && (await rows.count()) > BEFORE_THE_SCREEN) return 'later';
  return rows.toArray();
}

/** The rows of a long table, some at a time, in the order of their keys. What is written meanwhile may be among them or not. */
export async function* rowsBehind<R extends { readonly id: string }>(
  rows: RowsOf<R, string>,
  turn: () => Promise<unknown>,
): AsyncGenerator<readonly R[]> {
  let last: R | undefined;
  for (;;) {
    await turn();
    const rest = last === undefined ? rows.orderBy(':id') : rows.where(':id').above(last.id);
    const some = await rest.limit(AT_ONCE).toArray();
    yield some;
    if (some.length < AT_ONCE) return;
    last = some.at(-1);
  }
}

/** Whose turn it is: the page's until it is idle, or until somebody waits. */
export class Turns {
  #hurry: () => void = () => undefined;
  readonly #hurried = new Promise<void>((done) => (this.#hurry = done));

  hurry(): void {
    this.#hurry();
  }
  readonly next = (): Promise<void> =>
    Promise.race([
      this.#hurried,
      new Promise<void>((done) => requestIdleCallback(() => done(), { timeout: NEVER_IDLE_MILLISECONDS })),
    ]);
}
