import { folded, wordsOf } from './fold.js';
import { germanNameAt } from './names.js';
import { GERMAN_ACTS, GERMAN_PANS, GERMAN_PHRASES } from './sentence.table.js';

const phrases = (table: readonly (readonly [string, string])[]) =>
  new Map(
    table.flatMap(([forms, english]) => forms.split('|').map((form) => [wordsOf(form).join(' '), english] as const)),
  );
const PHRASES = phrases(GERMAN_PHRASES);
const ACTS = phrases(GERMAN_ACTS);
/** Pans by their name, and by "des Muffinblechs". */
const PANS = new Map(
  GERMAN_PANS.flatMap(([forms, english, usual]) =>
    forms.split('|').flatMap((form) => {
      const name = wordsOf(form).join(' ');
      return [name, `${name}s`].map((each) => [each, { english, usual }] as const);
    }),
  ),
);
const LONGEST = 6;

/** A word, and what stands before it. */
interface Word {
  readonly gap: string;
  readonly written: string;
  readonly folded: string;
}
function wordsIn(text: string): readonly Word[] {
  return [...text.matchAll(/([^\p{L}\p{N}°]*)([\p{L}\p{N}°]+)/gu)].map(([, gap = '', written = '']) => ({ gap, written, folded: folded(written) })); // prettier-ignore
}

/** A size in centimetres behind a pan or before it: "Ø 26 cm", "(25 cm)", "20 x 20 cm", "26 cm Ø". */
const SIZE =
  /^[\s(,:]{0,4}(?:(?:mit|von|mit einem Durchmesser von|à) )?(?:Ø ?)?(\d{2}(?:[.,]\d)?(?: ?x ?\d{2}(?:[.,]\d)?)?) ?cm(?: Ø| lang)?\)?/;
const SIZE_BEFORE = /(\d{2}(?: ?x ?\d{2})?) ?cm[\s-]{1,3}$/;
/** Shapes whose one figure is a length: how wide they are at that length. */
const WIDTH_OF_LOAF: Readonly<Record<string, string>> = { '20': '10', '25': '11', '30': '11', '35': '11' };

/** A pan with its size before it, as the reader of pans wants it. */
function panInEnglish(english: string, size: string | undefined, usual: string): string {
  if (size === undefined) return `${usual} ${english}`;
  if (english === 'loaf tin' && WIDTH_OF_LOAF[size]) return `${size} x ${WIDTH_OF_LOAF[size]} cm ${english}`;
  return `${size} cm ${english}`;
}

/** A word or a phrase of the English sentence, what stands before it, and whether it is what is done. */
interface Piece {
  readonly gap: string;
  readonly text: string;
  readonly act: boolean;
}
/** "25 Min. backen": the dot belongs to the short word. */
const SHORT = new Set(['min', 'std', 'ca', 'st', 'stk', 'evtl']);

/** Names of food that are as short as words that mean nothing. */
const SHORT_FOODS = new Set(['ei', 'oel', 'rum', 'tee']);

/** What begins at a word: a phrase, what is done, a pan with its size, food, or the word itself; and how many words it takes. */
function pieceAt(words: readonly Word[], plain: readonly string[], i: number, before: string): { readonly text: string; readonly count: number; readonly act: boolean } {
  let count = Math.min(LONGEST, words.length - i);
  const at = (many: number) => plain.slice(i, i + many).join(' ');
  while (count > 0 && !PHRASES.has(at(count)) && !PANS.has(at(count)) && !ACTS.has(at(count))) count--;
  // "Mehl mit Backpulver" is a flour on a shelf, and two things in a step
  const joint = plain.indexOf('mit', i);
  const food = germanNameAt(plain, i, joint < 0 ? plain.length : joint);
  if (food && food.count >= Math.max(count, 1) && plain.slice(i, i + food.count).some((word) => word.length > 3 || SHORT_FOODS.has(word)))
    return { text: food.ingredient.nameUs.replace(/\s?\([^()]*\)/g, ''), count: food.count, act: false };
  const pan = count > 0 ? PANS.get(at(count)) : undefined;
  if (pan) {
    const behind = words.slice(i + count, i + count + 6).map((word) => word.gap + word.written).join('');
    const sizeBefore = SIZE_BEFORE.exec(before);
    const size = sizeBefore ? undefined : SIZE.exec(behind);
    // "30 cm Kastenform": the size stands before it already; a loaf tin lacks how wide it is
    if (pan.usual === '' && size === undefined) return { text: words[i]?.written ?? '', count: 1, act: false };
    const width = pan.english === 'loaf tin' ? WIDTH_OF_LOAF[sizeBefore?.[1] ?? ''] : undefined;
    const text = width ? `x ${width} cm ${pan.english}` : sizeBefore ? pan.english : panInEnglish(pan.english, size?.[1], pan.usual);
    return { text, count: count + (size ? wordsIn(size[0]).length : 0), act: false };
  }
  if (count === 0) return { text: words[i]?.written ?? '', count: 1, act: false };
  const act = ACTS.get(at(count));
  return { text: act ?? PHRASES.get(at(count)) ?? '', count, act: act !== undefined };
} // prettier-ignore

/** What is done, put before what it is done to, clause by clause. */
function inEnglishOrder(pieces: readonly Piece[]): readonly Piece[] {
  const ordered: Piece[] = [];
  let clause: Piece[] = [];
  const end = () => {
    const last = clause.findLastIndex(({ act }) => act);
    const [first] = clause;
    const act = clause[last];
    if (first && act && last > 0)
      clause = [{ ...act, gap: first.gap }, { ...first, gap: ' ' }, ...clause.slice(1).filter((piece) => piece !== act)];
    ordered.push(...clause);
    clause = [];
  };
  let brackets = 0;
  for (const piece of pieces) {
    const joins = brackets === 0 && (piece.text === 'and' || piece.text === 'then');
    const parts = joins || /[,:]/.test(piece.gap);
    // "Butter und Zucker schaumig rühren": what is done stands at the end of all that it is done to
    if (brackets === 0 && (/[.;!?]/.test(piece.gap) || (parts && clause.some(({ act }) => act)))) end();
    for (const mark of piece.gap) brackets = Math.max(0, brackets + (mark === '(' ? 1 : mark === ')' ? -1 : 0));
    if (brackets === 0 && /\).*[.;!?]/.test(piece.gap)) end();
    if (joins && clause.length === 0) ordered.push(piece);
    else clause.push(piece);
  }
  end();
  return ordered;
} // prettier-ignore

/** A German sentence, word for word in the English that is read: times, heat, pans, what is done and what goes in. */
export function sentenceInEnglish(text: string): string {
  const words = wordsIn(text);
  const plain = words.map(({ folded: word }) => word);
  const pieces: Piece[] = [];
  let before = '';
  for (let i = 0; i < words.length; ) {
    const dotted = SHORT.has(plain[i - 1] ?? '') && (words[i]?.gap ?? '').startsWith(".") && (!/^\p{Lu}/u.test(words[i]?.written ?? '') || (words[i]?.gap ?? '').includes('('));
    const written = words[i]?.gap ?? '';
    const gap = dotted ? written.slice(1) : written;
    const { text: english, count, act } = pieceAt(words, plain, i, before + gap);
    pieces.push({ gap, text: english, act });
    before = (before + gap + english).slice(-20);
    i += count;
  }
  const read = words.reduce((letters, { gap, written }) => letters + gap.length + written.length, 0);
  const ordered = inEnglishOrder(pieces).map(({ gap, text: english }) => gap + english).join('');
  return withoutLooseBrackets(ordered + text.slice(read)).replace(/ {2,}/g, ' ').replace(/\( ?: ?/g, '(').replace(/ ?\( ?\)/g, '').replace(/ (?=[.,;:])/g, '').replace(/\( /g, '(').trim();
} // prettier-ignore

/** A closing bracket whose opening one went with the size of a pan goes too. */
function withoutLooseBrackets(text: string): string {
  let open = 0;
  let out = '';
  for (const letter of text) {
    if (letter === '(') open++;
    if (letter === ')' && open === 0) continue;
    if (letter === ')') open--;
    out += letter;
  }
  return out;
}
