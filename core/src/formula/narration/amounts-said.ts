import { gramsOfLump } from '../parsing/index.js';
import { unitNamed, type Unit } from '../../ground/units/index.js';
import type { Names } from './names-said.js';
import type { Words } from './tokens.js';
import { unitAt, type UnitsSaid } from './units-said.js';
import { describesAt, FULL, FULL_BEFORE, HEDGE, NEAR_WORDS, SIZE } from './words-around.js';

/** Of what is understood to be in the measure of the one before: more than so many are grams. */
const MOST_SPOONS = 12;

/** An amount in running text: its number, its measure, and the same said again. */
export interface Amount {
  readonly from: number;
  readonly to: number;
  readonly unit: Unit | undefined;
  /** "of the", "of that" behind it. */
  readonly ofWhat: string;
  readonly each: boolean;
  readonly same: boolean;
  /** Number and measure as said; of "the same of" those of the one before. */
  readonly figures: string;
  leftward: boolean;
  /** "a little salt": taken, and no amount. */
  readonly isVague?: true;
}

const CONTAINER =
  /^(?:cans?|tins?|blocks?|packets?|packages?|pkg|pack|tubs?|jars?|carton|box|bags?|bars?|pots?|container)$/;
/** Measures of which one is understood where no number stands before them: "pinch salt". */
export const UNSAID: ReadonlySet<string> = new Set([
  'pinch',
  'handful',
  'splash',
  'dash',
  'knob',
  'drop',
  'smidgen',
  'stick',
  'teaspoon',
  'tablespoon',
  'cup',
]);

class AmountReader {
  readonly amounts: Amount[] = [];
  /** The last amount that is weighed. */
  private lastWeighed: Amount | undefined;
  /** How often eggs are spoken of. */
  private eggs: number | undefined;

  constructor(
    private readonly words: Words,
    private readonly marked: Uint8Array,
    private readonly nameAt: Int32Array,
    private readonly units: UnitsSaid,
  ) {}

  findAmounts(): void {
    const { words } = this;
    for (let at = 0; at < words.length;) {
      const sameFor = this.sameOf(at);
      const last = this.amounts.at(-1);
      const amount =
        sameFor !== undefined && last
          ? { ...last, from: at, to: at + sameFor, same: true, ofWhat: '', each: false }
          : (this.oneOf(at) ?? this.lumpAt(at) ?? this.eggAlone(at) ?? this.amountAt(at));
      if (amount) this.amounts.push(amount);
      if (amount?.unit?.kind === 'mass') this.lastWeighed = amount;
      at = amount ? Math.max(amount.to, at + 1) : at + 1;
    }
  }

  /** "the same amount of": how many words; undefined for others. */
  private sameOf(at: number): number | undefined {
    const { words } = this;
    const same = words.word(at) === 'the' ? at + 1 : at;
    if (words.word(same) !== 'same') return undefined;
    // the same weight as of what is counted is none of its number
    if (words.word(same + 1) === 'weight' && this.amounts.at(-1)?.unit === undefined) return undefined;
    const of = /^(?:amount|again|weight)$/.test(words.word(same + 1)) ? same + 2 : same + 1;
    return words.word(of) === 'of' ? of + 1 - at : undefined;
  }

  /** "A teaspoon of ginger, one of cinnamon", "two ounces of butter, four of strong cheddar": the measure is understood. */
  private oneOf(at: number): Amount | undefined {
    const { words } = this;
    const isOne = /^(?:one|1|another)$/.test(words.word(at));
    const named = describesAt(words, at + 2) && (this.nameAt[at + 2] ?? -1) < 0 ? at + 3 : at + 2;
    const isSoMany = (isOne || words.isNumber(at)) && words.word(at + 1) === 'of' && (this.nameAt[named] ?? -1) >= 0;
    const before = this.amounts.at(-1);
    if (!isSoMany || this.marked[at] || at - (before?.to ?? 0) > NEAR_WORDS) return undefined;
    // "three teaspoons of powder, then eighty-five of butter": nobody counts so many spoons
    const isBeyondSpoons = before?.unit?.kind === 'volume' && (words.tokens[at]?.value ?? 0) > MOST_SPOONS;
    const last = isBeyondSpoons ? this.lastWeighed : before;
    if (last?.unit?.kind !== 'volume' && last?.unit?.kind !== 'mass') return undefined;
    return {
      ...last,
      from: at,
      to: at + 2,
      ofWhat: words.word(at + 2),
      each: false,
      figures: `${isOne ? 1 : words.slice(at, at + 1)} ${last.unit.words[0] ?? last.unit.id}`,
      same: true,
    };
  }

  /** "lard the size of an egg": the thing stands before it. */
  private lumpAt(at: number): Amount | undefined {
    const { words } = this;
    const size = words.word(at) === 'the' ? at + 1 : at;
    if (words.word(size) !== 'size' || words.word(size + 1) !== 'of') return undefined;
    const grams = gramsOfLump(words.word(size + 3));
    return grams === undefined
      ? undefined
      : { ...this.amount(at, size + 4, unitNamed('g')), figures: `${grams} g`, same: true, leftward: true };
  }

  /** "3/4 c sugar, egg, tsp vanilla": one, where no other is spoken of and it stands among amounts. */
  private eggAlone(at: number): Amount | undefined {
    const { words } = this;
    if (words.word(at) !== 'egg' || this.marked[at] || !/^[,+]$/.test(words.at(at - 1))) return undefined;
    if (!/^[,+.]$|^and$/.test(words.at(at + 1)) && !words.ends(at + 1)) return undefined;
    this.eggs ??= words.tokens.filter(({ low }) => /^eggs?$/.test(low)).length;
    const isAmong = [-6, -5, -4, -3].some((back) => words.isNumber(at + back));
    return this.eggs === 1 && isAmong ? this.amount(at, at, undefined) : undefined;
  }

  private amountAt(at: number): Amount | undefined {
    const { words } = this;
    if (this.marked[at] || (this.nameAt[at] ?? -1) >= 0) return undefined;
    let to = at;
    if (FULL_BEFORE.test(words.word(to)) && (words.isNumber(to + 1) || this.unitAt(to + 1))) to++;
    const article = /^an?$/.test(words.word(to));
    const named = words.word(to + 2) === 'of' ? to + 3 : to + 2;
    if (article && /^(?:little|bit|touch)$/.test(words.word(to + 1)) && (this.nameAt[named] ?? -1) >= 0)
      return { ...this.amount(at, named, undefined), figures: 'a little', isVague: true };
    if (words.isNumber(to)) {
      if (this.marked[to]) return undefined;
      to = this.pastRange(to + 1);
    } else if (article) to++;
    else if (!this.isOneUnsaid(to)) return undefined;
    const figure = to > at && !article;
    if (words.at(to) === '-' && this.unitAt(to + 1)) to++;
    if (FULL.test(words.word(to)) && this.unitAt(to + 1)) to++;
    const container = this.pastContainer(to);
    if (container !== undefined) return this.amount(at, container, unitNamed('g'));
    if (figure && this.isPotOf(to)) return this.amount(at, to + 1, unitNamed(words.word(to)));
    const measure = this.unitAt(to);
    const several = measure && article ? this.orMore(at, measure) : undefined;
    if (several) return several;
    if (measure) return this.amount(at, this.pastAgain(measure.to, measure.unit), measure.unit);
    if (SIZE.test(words.word(to))) to++;
    return figure || article ? this.amount(at, to, undefined) : undefined;
  }

  /** "a tablespoon or two of juice". */
  private orMore(at: number, { unit, to }: { readonly unit: Unit; readonly to: number }): Amount | undefined {
    const { words } = this;
    const more = words.word(to) === 'or' && words.isNumber(to + 1) && !this.unitAt(to + 2) ? words.value(to + 1) : 0;
    if (!(more > 1 && more < 5) || (this.nameAt[to + 1] ?? -1) >= 0) return undefined;
    return { ...this.amount(at, to + 2, unit), figures: `1-${more} ${words.slice(to - 1, to)}`, same: true };
  }

  /** "3 pots flour", "2 cans of pumpkin": a vessel measures only what stands right behind it. */
  private isPotOf(at: number): boolean {
    const { words } = this;
    if (!/^(?:pots?|cans?)$/.test(words.word(at))) return false;
    const named = words.word(at + 1) === 'of' ? at + 2 : at + 1;
    return (this.nameAt[named] ?? -1) >= 0;
  }

  /** "pinch salt", "tsp baking powder": one is understood where a measure stands right before a name. */
  private isOneUnsaid(at: number): boolean {
    const measure = this.unitAt(at);
    if (!measure || !UNSAID.has(measure.unit.id)) return false;
    const behind = this.words.at(measure.to);
    // "t vanilla", "t each BP and soda": a letter is a spoon where a thing of the list begins
    const opens = at === 0 || /^[,;&+\n]$/.test(this.words.at(at - 1));
    if (this.words.word(at).length < 2 && !(opens && ((this.nameAt[measure.to] ?? -1) >= 0 || behind === 'each')))
      return false;
    if (behind === 'each') return (this.nameAt[measure.to + 1] ?? -1) >= 0;
    // "cayenne pinch, egg 1"
    const closes = (this.nameAt[at - 1] ?? -1) >= 0 && (behind === ',' || this.words.ends(measure.to));
    return closes || behind === 'of' || (this.nameAt[measure.to] ?? -1) >= 0;
  }

  private amount(from: number, end: number, unit: Unit | undefined): Amount {
    const { words } = this;
    const each = /^(?:each|ea)$/.test(words.word(end));
    let to = each ? end + 1 : end;
    const of = words.word(to) === 'of';
    if (of) to++;
    return {
      from,
      to,
      unit,
      ofWhat: of ? words.word(to) : '',
      each,
      same: false,
      figures: words.slice(from, to),
      leftward: false,
    };
  }

  /** "2 to 3", "2-3", "2 or 3". */
  private pastRange(at: number): number {
    const { words } = this;
    const joined = /^(?:-|to|or)$/.test(words.at(at)) && words.isNumber(at + 1) && !this.marked[at + 1];
    const [low, high] = [words.value(at - 1), words.value(at + 1)];
    return joined && high > low && high < 4 * low ? at + 2 : at;
  }

  /** "(14 oz) can", "8-ounce block of", "tin (397 g)": so many times what one holds. */
  private pastContainer(at: number): number | undefined {
    const { words } = this;
    if (CONTAINER.test(words.word(at)) && words.at(at + 1) === '(') {
      const held = words.isNumber(at + 2) ? this.unitAt(words.at(at + 3) === '-' ? at + 4 : at + 3) : undefined;
      return held && held.unit.kind !== 'count' && words.at(held.to) === ')' ? held.to + 1 : undefined;
    }
    let to = words.at(at) === '(' ? at + 1 : at;
    if (/^(?:about|around)$/.test(words.word(to))) to++;
    if (!words.isNumber(to)) return undefined;
    to = words.at(to + 1) === '-' ? to + 2 : to + 1;
    const held = this.unitAt(to);
    if (!held || held.unit.kind === 'count') return undefined;
    to = held.to;
    while (/^[)-]$/.test(words.at(to))) to++;
    return CONTAINER.test(words.word(to)) ? to + 1 : undefined;
  }

  /** The same amount said again, or more of it: "(240 g)", "/ 8 oz", "or 200 grams", "plus 2 tablespoons". */
  private pastAgain(at: number, unit: Unit): number {
    const { words } = this;
    let end = at;
    for (let next = this.oneAgain(end, unit); next !== undefined; next = this.oneAgain(end, unit)) end = next;
    return CONTAINER.test(words.word(end)) && /^(?:mass|volume)$/.test(unit.kind) && !this.marked[end] ? end + 1 : end;
  }
  private oneAgain(at: number, unit: Unit): number | undefined {
    const { words } = this;
    const open = words.at(at) === '(';
    if (!open && !/^(?:\/|or|plus|=|\+|and)$/.test(words.at(at))) return undefined;
    let to = at + 1;
    while (to < at + 4 && HEDGE.test(words.word(to)) && !/^an?$/.test(words.word(to))) to++;
    if (!words.isNumber(to) || this.marked[to]) return undefined;
    const measure = this.unitAt(this.pastRange(to + 1));
    if (!measure || measure.unit.kind === 'count') return undefined;
    // "a cup and 2 tablespoons of milk" is one amount, "1 cup sugar or 3/4 cup honey" two
    const named = (this.nameAt[measure.to] ?? -1) >= 0 || words.word(measure.to) === 'of';
    if (words.at(at) === 'and' && (measure.unit.kind !== unit.kind || !named)) return undefined;
    if (!open) return measure.to;
    for (let close = measure.to; close < measure.to + 8 && !words.ends(close); close++)
      if (words.at(close) === ')') return close + 1;
    return undefined;
  }

  private unitAt(at: number): ReturnType<typeof unitAt> {
    return unitAt(this.words, this.units, at);
  }
}

/** Every amount, in order. */
export function amountsSaid(words: Words, marked: Uint8Array, names: Names, units: UnitsSaid): readonly Amount[] {
  const reader = new AmountReader(words, marked, names.at, units);
  reader.findAmounts();
  return reader.amounts;
}
