import type { Ingredient } from '../../kitchen/ingredients/index.js';
import { pantryOf } from '../../kitchen/equipment/index.js';
import { GRAMS_FROM, isCounted, isByWeight, readLine, type ReadingContext } from '../parsing/index.js';
import { amountsSaid, type Amount } from './amounts-said.js';
import { NamesOfAmounts, PREPARED, type NameFound } from './names-of-amounts.js';
import { namesIn, type Name, type Names } from './names-said.js';
import { pastEach, pastPreparation } from './behind-names.js';
import { notAmounts } from './not-amounts.js';
import { partsOpened } from './parts-opened.js';
import type { Words } from './tokens.js';
import { unitsSaid } from './units-said.js';
import { unknownThing } from './unknown-things.js';
import { FULL, NEAR_WORDS, VESSEL_WORD } from './words-around.js';

/**
 * What is taken in running text: each amount with the ingredient it belongs to. An amount takes the next name, past words that only
 * describe; "flour two cups sugar one cup" has its names first, which the whole run tells; "sugar, which is a cup" and "eggs 3" stand
 * behind their name. A name without an amount takes nothing, an ingredient that is named again with "the" is a portion of what was
 * taken, and a name before "mixture", "cake" or "batter" is a thing made.
 *
 * What a taking weighs is read from the line that is written for it, by the reader of lines: there is one reading of amounts.
 */

export interface Taking {
  /** The line as it is to be written: the words said where they read as they are, else amount before name. */
  readonly line: string;
  readonly ingredient: Ingredient | undefined;
  /** What it is part of; '' for the batter. */
  readonly part: string;
  /** Places in the text. */
  readonly from: number;
  readonly to: number;
  /** 0–1: below 0.8 it wants a look. */
  readonly confidence: number;
}

export interface Takings {
  readonly takings: readonly Taking[];
  /** Measured, and no name found for it. */
  readonly nameless: readonly string[];
}

/** Where so many were grams, the "10" behind "BP" is too. */
const GRAMS_ALL_FROM = 2;
const SURE = 0.95;
/** How sure one is of a thing that nobody knows. */
const UNKNOWN = 0.3;

/** What stands between a thing and its weight. */
const WEIGHED_BEFORE =
  /\b(?:they|it|that|which)(?:'s)? ?(?:were|was|weighed|came to|comes to|is|are|makes|made)? ?(?:about|around|roughly)?$/;
/** What stands between what another takes and what the writer does. */
const OWN_BEFORE = /\bbut i (?:do|use|take|put|only (?:do|use|put))(?: in)? ?(?:about)?$/;

/** An amount with the name it belongs to, before it is known whether anything is taken. */
interface Pair {
  readonly amount: Amount;
  readonly name: Name;
  readonly right: NameFound | undefined;
  /** The name as said. */
  readonly phrase: string;
  readonly ingredient: Ingredient | undefined;
  /** How sure the name is. */
  readonly nameConfidence: number;
  /** "the 3 eggs", "half of the sugar": of something that was spoken of before. */
  readonly definite: boolean;
}

/** "a pinch of mustard and cayenne" is one of each, as "4 oz each of butter, sugar and flour". */
const isOfEach = ({ each, unit }: Amount): boolean => each || unit?.id === 'pinch' || unit?.id === 'dash';
/** "a splash more if it is dry". */
const VAGUE_FROM = 0.3;

class Reader {
  private readonly names: Names;
  private readonly amounts: readonly Amount[];
  private readonly around: NamesOfAmounts;
  private readonly taken = new Map<string, { readonly line: string; readonly part: string }>();
  private readonly takings: (Taking & { readonly places: readonly [number, number] })[] = [];
  private readonly nameless: string[] = [];
  private bareGrams = 0;
  /** The place behind the last amount in ounces. */
  private ounces = -Infinity;
  /** The part that is spoken of. */
  private part = '';

  constructor(
    private readonly words: Words,
    private readonly context: ReadingContext,
  ) {
    const marked = notAmounts(words);
    const units = unitsSaid(context);
    this.names = namesIn(words, marked, units, context);
    this.amounts = amountsSaid(words, marked, this.names, units);
    this.around = new NamesOfAmounts(words, this.names);
  }

  read(): Takings {
    this.around.turnRuns(this.amounts);
    const parts = partsOpened(this.words);
    let opened = 0;
    this.amounts.forEach((amount, i) => {
      for (let next = parts[opened]; next && next.at <= amount.from; next = parts[++opened]) this.part = next.part;
      const pair = this.pairOf(amount, this.amounts[i + 1]?.from ?? this.words.length);
      if (pair) this.take(pair);
      const inOunces =
        pair &&
        amount.unit === undefined &&
        !this.isCounted(amount, pair.ingredient, pair.phrase) &&
        this.measureUnsaid(amount) === 'oz';
      if (inOunces || amount.unit?.id === 'ounce') this.ounces = amount.to;
    });
    return { takings: this.takings, nameless: this.nameless };
  }

  /** The place behind the last taking. */
  private get lastEnd(): number {
    return this.takings.at(-1)?.places[1] ?? 0;
  }

  /** The name of an amount; undefined where none is found, or nothing of it can be taken. */
  private pairOf(amount: Amount, until: number): Pair | undefined {
    const { words } = this;
    // inside the words of the one before: said again, or another way
    if (amount.from < this.lastEnd) return undefined;
    const right = amount.leftward ? undefined : this.around.lookRight(amount, until);
    const nameAt = right?.name ?? this.around.lookLeft(amount, this.lastEnd);
    const name = nameAt === undefined ? undefined : this.names.names[nameAt];
    const article = amount.unit === undefined && /^an?$/.test(words.word(amount.from));
    if (nameAt === undefined && this.saysAgain(amount)) return undefined;
    if ((!name || name.isThing) && this.isOfVessel(amount)) return undefined;
    if (!name || (name.isThing && (amount.unit === undefined || (right?.passed ?? 0) > 0))) {
      const isMore = (amount.unit?.spread ?? 0) >= VAGUE_FROM && /^(?:more|extra)$/.test(words.word(amount.to));
      if (!article && !isMore && !this.takesUnknown(amount)) this.nameless.push(words.slice(amount.from, amount.to));
      return undefined;
    }
    // "3 tbsp flour per egg": a rate, and no amount
    if (words.word(name.to) === 'per') return undefined;
    const phrase = this.kindSaidBefore(name) ?? words.slice(name.from, name.to);
    const match = pantryOf(this.context.kitchen).match(phrase, this.context.region);
    const ingredient = match.kind === 'matched' ? match.ingredient : undefined;
    if (amount.isVague && !/^(?:salt|spice)/.test(ingredient?.category ?? '')) return undefined;
    if (amount.unit === undefined && !this.isCounted(amount, ingredient, phrase) && !amount.isVague) {
      if (article) return undefined;
      if (this.measureUnsaid(amount) === '' && this.fruitParts(amount) === 0) {
        this.nameless.push(words.slice(amount.from, name.to));
        return undefined;
      }
    }
    const definite =
      /^(?:the|those|these|that|this)$/.test(amount.ofWhat) ||
      (right?.definite ?? false) ||
      (/^(?:the|those|these)$/.test(words.word(amount.from - 1)) && amount.unit === undefined);
    const nameConfidence = match.kind === 'matched' ? match.confidence : 0;
    return { amount, name, right, phrase, ingredient, nameConfidence, definite };
  }

  /** "six 175 ml pudding basins": how many, and what they hold. */
  private isOfVessel({ to, unit }: Amount): boolean {
    const { words } = this;
    const behind = unit === undefined && words.isNumber(to) ? to + 2 : to;
    return [behind, behind + 1].some((at) => VESSEL_WORD.test(words.word(at)));
  }

  /** "three bananas, they were about 300 g", "4 cups of flour but I do 3 1/2": the thing before, weighed or put otherwise. */
  private saysAgain({ from, to, unit, figures }: Amount): boolean {
    const { words } = this;
    const last = this.takings.at(-1);
    const { ingredient } = last ?? {};
    if (!last || !ingredient || from - this.lastEnd > NEAR_WORDS) return false;
    const said = words.slice(this.lastEnd, from).toLowerCase();
    const name = pantryOf(this.context.kitchen).byId(ingredient.id)?.nameUs ?? '';
    let line: string | undefined;
    if (unit?.kind === 'mass' && WEIGHED_BEFORE.test(said)) line = `${last.line} (${figures})`;
    else if (OWN_BEFORE.test(said)) {
      const measure = unit ? '' : (/^[\d./ ]+([a-z]+)/i.exec(last.line)?.[1] ?? '');
      line = `${figures} ${measure} ${name}`.replace(/\s+/g, ' ');
    }
    if (line === undefined) return false;
    this.takings.pop();
    this.takings.push({ ...last, line, to: words.tokens[to - 1]?.to ?? last.to, places: [last.places[0], to] });
    return true;
  }

  /** "self-rising flour and cream, that's it: 2 cups flour …": which flour was said before its amount. */
  private kindSaidBefore(name: Name): string | undefined {
    const { words } = this;
    if (words.slice(name.from, name.to).toLowerCase() !== 'flour') return undefined;
    // of a flour that was taken this is another
    if (this.takings.some(({ line }) => / flour\b/i.test(line))) return undefined;
    const kinds = this.names.names
      .filter((other) => other.to <= name.from && !other.isThing && words.word(other.to - 1) === 'flour')
      .map((other) => words.slice(other.from, other.to));
    const [first = 'flour'] = kinds;
    const isOnly = kinds.every((kind) => kind === first);
    return isOnly && first.toLowerCase() !== 'flour' ? first : undefined;
  }

  private isCounted({ from }: Amount, ingredient: Ingredient | undefined, phrase: string): boolean {
    return isCounted(ingredient) && !isByWeight(this.words.value(from), ingredient, phrase);
  }

  /** What a bare number of what is not counted is of: grams, or, in "8 oz flour, 4 butter", what the one before was of. */
  private measureUnsaid(amount: Amount): string {
    const isNear = amount.from - this.ounces <= NEAR_WORDS;
    if (isNear && this.words.value(amount.from) < GRAMS_FROM) return 'oz';
    return this.isGrams(amount) ? 'g' : '';
  }

  /** Whether a bare number of what is not counted is grams. */
  private isGrams({ from }: Amount): boolean {
    const value = this.words.value(from);
    return value >= GRAMS_FROM || (this.bareGrams >= GRAMS_ALL_FROM && value >= 1);
  }

  /** "300 grams of glimmerwort": measured, and nobody knows it. It is a line of its own, to be seen and put right. */
  private takesUnknown(amount: Amount): boolean {
    const unknown = unknownThing(this.words, amount, this.lastEnd);
    if (unknown) this.pushUnknown(unknown.line, unknown.from, unknown.to);
    return unknown !== undefined;
  }

  private pushUnknown(line: string, from: number, to: number): void {
    this.takings.push({
      line,
      ingredient: undefined,
      part: this.part,
      from: this.words.tokens[from]?.from ?? 0,
      to: this.words.tokens[to - 1]?.to ?? 0,
      confidence: UNKNOWN,
      places: [from, to],
    });
  }

  private take(pair: Pair): void {
    const { part } = this;
    const { words } = this;
    const { amount, name, ingredient } = pair;
    const key = ingredient?.id ?? pair.phrase.toLowerCase();
    const before = this.taken.get(key);
    const more = words.slice(amount.from, name.to).includes(' more ');
    const isPortion = before !== undefined || (amount.unit === undefined && words.value(amount.from) < 1);
    if (pair.definite && isPortion && !more) return;
    const from = Math.min(amount.from - this.fruitParts(amount), name.from);
    let to = Math.max(amount.to, name.to);
    const last = this.takings.at(-1);
    if (last && this.takesBack(this.lastEnd, amount.from, last.ingredient?.id === key)) this.forgetLast();
    name.used = true;
    if (last && this.isAlternative(this.lastEnd, from)) {
      this.widenLast(to);
      return;
    }
    if (isOfEach(amount)) to = pastEach(this.words, this.names, to);
    to = pastPreparation(this.words, this.names, to);
    const line = `${this.lineOf(pair, from, to)}${this.saysOptional(amount.from) ? ' (optional)' : ''}`;
    const saidBefore = before?.part === part && before.line === line;
    this.taken.set(key, { line, part });
    this.takings.push({
      line,
      ingredient,
      part,
      from: words.tokens[from]?.from ?? 0,
      to: words.tokens[to - 1]?.to ?? 0,
      confidence: Math.min(this.confidenceOf(pair), saidBefore ? 0.7 : 1),
      places: [from, to],
    });
  }

  /** Each doubt takes its share off. */
  private confidenceOf({ amount, right, nameConfidence, definite }: Pair): number {
    let confidence = SURE;
    if (right?.name === undefined) confidence -= 0.05;
    if ((right?.unread ?? 0) > 0) confidence -= 0.3;
    if (nameConfidence === 0) confidence = UNKNOWN;
    else if (nameConfidence < 0.9) confidence = Math.min(confidence, 0.75);
    if (definite && amount.unit) confidence -= 0.25;
    if (this.saidOfAnother(amount.from)) confidence -= 0.4;
    return Math.max(0.1, confidence);
  }

  /** Tokens before an amount that name a part of a fruit: "the zest and juice of 2 lemons". */
  private fruitParts(amount: Amount): number {
    const { words } = this;
    let [at, found] = [amount.from - 1, 0];
    for (; amount.from - at < 7; at--) {
      if (/^(?:zest|rind|juice)$/.test(words.word(at))) found = amount.from - at;
      else if (!/^(?:of|and|the|grated|finely|from|about)$/.test(words.word(at))) break;
    }
    return amount.unit === undefined ? found : 0;
  }

  /** "half a cup of besan, no, I mean half a cup of curd": what was said just before is not taken. */
  private takesBack(from: number, to: number, same: boolean): boolean {
    const corrects = /^(?:no|sorry|wait|nope|scratch)$/;
    if (to - from > 9 || !(same || corrects.test(this.words.word(from)))) return false;
    for (let at = from; at < to; at++)
      if (/^(?:no|sorry|mean|wait|scratch|nope|correction)$/.test(this.words.word(at))) return true;
    return false;
  }
  private forgetLast(): void {
    const last = this.takings.pop();
    if (last) this.taken.delete(last.ingredient?.id ?? '');
  }
  /** "(or 1/3 cup water)", "or 3/4 cup honey". */
  private isAlternative(from: number, to: number): boolean {
    const { words } = this;
    if (to - from > 5) return false;
    let at = from;
    while (/^[(,[]$/.test(words.at(at))) at++;
    for (let place = from; place < to; place++) if (words.isNumber(place) || words.at(place) === '\n') return false;
    return /^(?:or|instead)$/.test(words.word(at));
  }
  private widenLast(to: number): void {
    const last = this.takings.pop();
    if (!last) return;
    const { words } = this;
    const [from] = last.places;
    const depth = words.slice(from, to).split('(').length - words.slice(from, to).split(')').length;
    let end = to;
    while (depth > 0 && end < to + 6 && words.at(end) !== ')' && !words.ends(end)) end++;
    if (depth > 0 && words.at(end) === ')') end++;
    const line = words.slice(from, end);
    this.takings.push({ ...last, line, to: words.tokens[end - 1]?.to ?? last.to, places: [from, end] });
  }

  /** "almonds ground 100". */
  private preparedBetween({ to }: Name, { from }: Amount): string {
    const word = to === from - 1 ? this.words.word(to) : '';
    return PREPARED.test(word) ? `, ${word}` : '';
  }

  /** "flour 225 (SR)", "butter 115 g (cold)": which kind stands behind the amount. */
  private kindBehind({ to }: Amount): string {
    const { words } = this;
    if (words.at(to) !== '(') return '';
    let close = to + 1;
    while (close < to + 5 && words.word(close) !== '' && !words.isNumber(close)) close++;
    return words.at(close) === ')' && close > to + 1 ? ` (${words.slice(to + 1, close)})` : '';
  }

  /** "optional cup of walnuts", "optional: 50 g raisins". */
  private saysOptional(at: number): boolean {
    const place = this.words.at(at - 1) === ':' ? at - 2 : at - 1;
    return /^optional(?:ly)?$/.test(this.words.word(place));
  }
  private saidOfAnother(at: number): boolean {
    const { words } = this;
    for (let back = at - 1; back >= at - 5 && !words.ends(back) && words.at(back) !== ','; back--)
      if (
        /^(?:says|said|calls|called|instead|original|originally|usually|normally|would|supposed|than)$/.test(
          words.word(back),
        )
      )
        return true;
    return false;
  }

  /** The words said, where the reader of lines reads them as they are meant; else amount before name. */
  private lineOf({ amount, name, right, phrase, ingredient }: Pair, from: number, to: number): string {
    const { words } = this;
    if (amount.isVague) return `${amount.figures} ${phrase}`;
    const single = (text: string) => text.replace(/\s+/g, ' ').trim();
    const first = words.word(amount.from);
    // "pinch salt" is one of it; "450 flour" so many grams: nobody counts flour
    const article = amount.same || words.isNumber(amount.from) || /^an?$/.test(first) || FULL.test(first) ? '' : '1 ';
    const isBare = amount.unit === undefined && !this.isCounted(amount, ingredient, phrase);
    const unsaid = isBare ? this.measureUnsaid(amount) : '';
    if (unsaid === 'g') this.bareGrams++;
    const bare = single(
      `${article}${amount.figures.replace(/\s+of$|(?<=[a-z]{4})\.$/, '')}${unsaid === '' ? '' : ` ${unsaid}`} ${isOfEach(amount) ? words.slice(name.from, to) : phrase}`,
    );
    if (right?.name === undefined && !amount.same)
      return `${bare}${this.preparedBetween(name, amount)}${this.kindBehind(amount)}`;
    if (right?.name === undefined || amount.same || article !== '' || unsaid !== '') return bare;
    const whole = single(words.slice(from, to)).replace(/(?: and)?[,;.]?$/, '');
    const entries = readLine(whole, this.context);
    const isRead =
      entries.length > 0 &&
      entries.every(({ ingredient: read, confidence }) => read !== undefined && confidence >= 0.6);
    const several = isOfEach(amount) || this.fruitParts(amount) > 0;
    const [only] = entries;
    // "white flour (the self-rising kind)": the line tells more than the name
    const isSame =
      several ||
      (entries.length === 1 &&
        (only?.ingredient?.id === ingredient?.id ||
          (whole.includes('(') && only?.ingredient?.category === ingredient?.category)));
    return isRead && isSame ? whole : bare;
  }
}

/** What running text takes. @param words of a text whose numbers are in figures */
export const takingsIn = (words: Words, context: ReadingContext): Takings => new Reader(words, context).read();
