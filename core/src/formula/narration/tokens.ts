/**
 * What a text is cut into before anything is read in it: numbers, words, marks and line ends, each with its place. Spoken text has no
 * sentences to rely on, so reading goes by tokens. One sticky pattern whose every alternative is bounded: linear in the text.
 */

export interface Token {
  readonly kind: 'number' | 'word' | 'mark' | 'line';
  /** In lower case, without accents; marks of one kind by one sign: every dash is "-", "×" is "x". */
  readonly low: string;
  /** Places in the text. */
  readonly from: number;
  readonly to: number;
  /** Of a number. */
  readonly value: number;
}

const VULGAR: Readonly<Record<string, number>> = {
  '½': 1 / 2, '⅓': 1 / 3, '⅔': 2 / 3, '¼': 1 / 4, '¾': 3 / 4, '⅛': 1 / 8, '⅜': 3 / 8, '⅝': 5 / 8, '⅞': 7 / 8,
}; // prettier-ignore

const NUMBER = String.raw`(\d{1,4}[ -]\d{1,2}[/⁄]\d{1,2}|\d{1,4}[/⁄]\d{1,2}(?!\d)|\d{1,3}(?:,\d{3}){1,3}(?!\d)|\d{1,6}[.,]\d{1,4}|\.\d{1,4}|\d{1,6})(?:\s?([½⅓⅔¼¾⅛⅜⅝⅞]))?|([½⅓⅔¼¾⅛⅜⅝⅞])`;
const SCAN = new RegExp(String.raw`${NUMBER}|([A-Za-zÀ-ÿ][A-Za-zÀ-ÿ'’]{0,60})|(\n)|([^\sA-Za-z0-9])|[^\S\n]+|.`, 'gy');

function valueOf(figure: string): number {
  const [whole = '', above = '', below = ''] = figure.split(/[ \-/⁄]/);
  if (below !== '') return Number(whole) + Number(above) / Number(below);
  if (above !== '') return Number(whole) / Number(above);
  return /^\d{1,3}(?:,\d{3})+$/.test(figure) ? Number(figure.replaceAll(',', '')) : Number(figure.replace(',', '.'));
}

const plain = (word: string): string =>
  word
    .toLowerCase()
    .replace(/’/g, "'")
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '');
const sign = (mark: string): string => (/[–—−]/.test(mark) ? '-' : mark === '×' ? 'x' : mark === '&' ? 'and' : mark);

function scan(text: string): readonly Token[] {
  const tokens: Token[] = [];
  SCAN.lastIndex = 0;
  for (let hit = SCAN.exec(text); hit; hit = SCAN.exec(text)) {
    const [, figure, behind, vulgar, word, line, mark] = hit;
    const at = { from: hit.index, to: hit.index + hit[0].length };
    if (figure !== undefined)
      tokens.push({ kind: 'number', low: hit[0], value: valueOf(figure) + (VULGAR[behind ?? ''] ?? 0), ...at });
    else if (vulgar !== undefined) tokens.push({ kind: 'number', low: vulgar, value: VULGAR[vulgar] ?? 0, ...at });
    else if (word !== undefined) tokens.push({ kind: 'word', low: plain(word), value: 0, ...at });
    else if (line !== undefined) tokens.push({ kind: 'line', low: '\n', value: 0, ...at });
    else if (mark !== undefined) tokens.push({ kind: 'mark', low: sign(mark), value: 0, ...at });
    if (at.to >= text.length) break;
  }
  return tokens;
}

/** The tokens of a text, asked by place; '' and nothing outside. */
export class Words {
  readonly tokens: readonly Token[];
  constructor(readonly text: string) {
    this.tokens = scan(text);
  }
  get length(): number {
    return this.tokens.length;
  }
  at(place: number): string {
    return this.tokens[place]?.low ?? '';
  }
  /** The word at a place; '' where there is a number or a mark. */
  word(place: number): string {
    const token = this.tokens[place];
    return token?.kind === 'word' ? token.low : '';
  }
  isNumber(place: number): boolean {
    return this.tokens[place]?.kind === 'number';
  }
  value(place: number): number {
    return this.tokens[place]?.value ?? NaN;
  }
  /** The text of some tokens, as written. @param to the place behind the last */
  slice(from: number, to: number): string {
    const [first, last] = [this.tokens[from], this.tokens[to - 1]];
    return first && last ? this.text.slice(first.from, last.to) : '';
  }
  /** Whether there is space on both sides of it. */
  standsAlone(place: number): boolean {
    const [before, token, after] = [this.tokens[place - 1], this.tokens[place], this.tokens[place + 1]];
    return token !== undefined && (before?.to ?? 0) < token.from && token.to < (after?.from ?? Infinity);
  }

  /** Whether a sentence or a line begins here. */
  begins(place: number): boolean {
    return place === 0 || this.ends(place - 1);
  }

  /** Whether a sentence or a line ends here. */
  ends(place: number): boolean {
    return place >= this.length || /^[.!?;\n]$/.test(this.at(place));
  }
}
