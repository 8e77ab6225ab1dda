import type { Amount } from './amounts-said.js';
import type { Names } from './names-said.js';
import type { Words } from './tokens.js';
import { describesAt, HEDGE, STOPS } from './words-around.js';

/*
 * Which name an amount belongs to: to its right, past words that only describe; or to its left, where the names of a whole run come
 * first, or a name stands before "which is" or a colon.
 */

const LONGEST_LOOK = 7;
/** "sugar, which is a cup", "the flour came to 280 g". */
const IS = /^(?:which|is|are|that|that's|thats|its|it's|were|was|be|takes|needs|came|comes|weighed|weighs)$/;
const CAME = /^(?:came|comes) to$/i;
/** What is done to a thing before it is measured. */
export const PREPARED = /^(?:ground|grated|chopped|melted|softened|mashed|sliced|toasted|sifted|beaten|soft|cold)$/;

export interface NameFound {
  readonly name?: number;
  /** Words passed on the way, and those of them that nobody knows. */
  readonly passed: number;
  readonly unread: number;
  /** "the", "your" before the name. */
  readonly definite: boolean;
}

export class NamesOfAmounts {
  constructor(
    private readonly words: Words,
    private readonly names: Names,
  ) {}

  private rightName(amount: Amount): number {
    for (let at = amount.to; at < amount.to + 5; at++) {
      const name = this.names.at[at] ?? -1;
      if (name >= 0) return name;
      if (!describesAt(this.words, at) || /^(?:and|or|the)$/.test(this.words.word(at))) return -1;
    }
    return -1;
  }

  private leftName(amount: Amount): number {
    let at = amount.from - 1;
    for (
      let looked = 0;
      looked < 3 && (HEDGE.test(this.words.word(at)) || /^[:=~(-]$/.test(this.words.at(at)));
      looked++
    )
      at--;
    // "almonds ground 100", "butter softened 175 g": what was done to it stands between
    if (at > 0 && (this.names.at[at] ?? -1) < 0 && PREPARED.test(this.words.word(at))) at--;
    return at >= 0 ? (this.names.at[at] ?? -1) : -1;
  }

  /**
   * Which way a run goes: amounts whose right-hand name is the next one's left-hand name form a run; where a free name opens it and none
   * closes it, each amount stands behind its name.
   */
  turnRuns(amounts: readonly Amount[]): void {
    let taken = -1;
    for (let first = 0; first < amounts.length;) {
      const opening = amounts[first];
      if (!opening) break;
      const opener = this.leftName(opening);
      let last = first;
      let right = this.rightName(opening);
      for (
        let next = amounts[last + 1];
        next && right >= 0 && this.leftName(next) === right;
        next = amounts[last + 1]
      ) {
        last++;
        right = this.rightName(next);
      }
      if (last > first && opener >= 0 && opener !== taken && !this.names.names[opener]?.isThing && right < 0)
        for (const amount of amounts.slice(first, last + 1)) amount.leftward = true;
      if (right >= 0) taken = right;
      first = last + 1;
    }
  }

  lookRight(amount: Amount, until: number): NameFound {
    const { words } = this;
    let [passed, unread, definite] = [0, 0, false];
    for (let at = amount.to; at < words.length && passed <= LONGEST_LOOK; at++) {
      const name = this.names.at[at] ?? -1;
      if (name >= 0) return { name, passed, unread, definite };
      if (at >= until && at > amount.to) break;
      const word = words.word(at);
      if (/^(?:the|your)$/.test(word)) definite = true;
      // "sugar 1 3/4 cup — cream 5 min": behind a dash that stands alone something is done
      if (words.at(at) === '-' && words.standsAlone(at) && this.leftName(amount) >= 0) break;
      if (words.at(at) === '-' && words.word(at + 1) !== '') continue;
      if (word === '') break;
      if (describesAt(this.words, at) && !STOPS.test(word)) passed++;
      else if (word === 'of') continue;
      else if (word === 'and' && passed > 0 && describesAt(this.words, at - 1) && describesAt(this.words, at + 1))
        passed++;
      else if (STOPS.test(word) || !amount.unit || unread >= 2) break;
      else {
        unread++;
        passed++;
      }
    }
    return { passed, unread, definite };
  }

  /** "gf flour w/ xanthan 210 g" is of the flour. */
  private withBefore(name: number): number {
    const { words } = this;
    const at = this.names.names[name]?.from ?? 0;
    const before =
      words.word(at - 1) === 'with' ? at - 2 : words.at(at - 1) === '/' && words.word(at - 2) === 'w' ? at - 3 : -1;
    const other =
      [before, before - 1].map((place) => (place >= 0 ? (this.names.at[place] ?? -1) : -1)).find((each) => each >= 0) ??
      -1;
    return other >= 0 ? other : name;
  }

  /** "enough milk to bind - about a quarter of a pint": what it does stands between. */
  private boundBy(at: number, free: (name: number) => number | undefined): number | undefined {
    const { words } = this;
    const behind = /^[-(,:]$/.test(words.at(at)) ? at - 1 : at;
    const bound =
      /^(?:bind|mix|moisten|slacken|loosen|cover)$/.test(words.word(behind)) && words.word(behind - 1) === 'to';
    if (bound) return free(this.names.at[behind - 2] ?? -1);
    // "milk till it came together, about 120 ml"
    for (let till = behind; till > behind - 6 && words.word(till) !== ''; till--)
      if (/^(?:till|until)$/.test(words.word(till))) return free(this.names.at[till - 1] ?? -1);
    return undefined;
  }

  /** "sour cream 1 cup", "eggs: 2", "sugar which is a cup", "lard, two tablespoons of it". */
  lookLeft(amount: Amount, lastEnd: number): number | undefined {
    const { words } = this;
    const free = (name: number): number | undefined => {
      const named = this.names.names[name];
      return named && !named.used && !named.isThing && named.from >= lastEnd ? name : undefined;
    };
    const close = free(this.withBefore(this.leftName(amount)));
    if (close !== undefined || !amount.unit) return close;
    let at = amount.from - 1;
    while (at >= 0 && HEDGE.test(words.word(at)) && amount.from - at < 4) at--;
    const ofIt = /^(?:it|them)$/.test(amount.ofWhat);
    const start = at;
    while (at >= 0 && start - at < 3 && (IS.test(words.word(at)) || CAME.test(words.slice(at - 1, at + 1)))) at--;
    if (at === start && !ofIt) return this.boundBy(at, free);
    if (words.at(at) === ',') at--;
    return at >= 0 ? free(this.names.at[at] ?? -1) : undefined;
  }
}
