import { inEnglish } from '../german/index.js';

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2', '⅓': '1/3', '⅔': '2/3', '¼': '1/4', '¾': '3/4', '⅕': '1/5', '⅖': '2/5', '⅗': '3/5', '⅘': '4/5', '⅙': '1/6', '⅚': '5/6',
  '⅐': '1/7', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8', '⅑': '1/9', '⅒': '1/10',
}; // prettier-ignore
/** One spelling of a mark for the many; '' drops it. */
const SPELLING: Readonly<Record<string, string>> = {
  '⁄': '/', '‐': '-', '‑': '-', '‒': '-', '–': '-', '—': '-', '−': '-', '‘': "'", '’': "'", 'ʼ': "'", '`': "'", '“': '"', '”': '"',
  '℃': '°C', '℉': '°F', '\u200b': '', '\u200c': '', '\u200d': '', '\u2060': '', '\ufeff': '', '\u00ad': '',
}; // prettier-ignore
/** Marks of a page's source that come along with a copy. */
const ENTITIES: Readonly<Record<string, string>> = {
  '&frac12;': '½', '&frac14;': '¼', '&frac34;': '¾', '&nbsp;': ' ', '&amp;': '&', '&deg;': '°', '&#39;': "'", '&quot;': '"', '&ndash;': '-',
  '&mdash;': '-', '&times;': '×', '&rsquo;': "'", '&lsquo;': "'", '&#8211;': '-', '&#8217;': "'",
}; // prettier-ignore
/** Where the ten digits of other scripts begin: Arabic, Persian, Devanagari, and as wide as Japanese letters. */
const DIGITS_FROM = [0x0660, 0x06f0, 0x0966, 0xff10] as const;
function digitOf(mark: string): string | undefined {
  const code = mark.charCodeAt(0);
  const from = DIGITS_FROM.find((first) => code >= first && code < first + 10);
  return from === undefined ? undefined : String(code - from);
}
const SPACE = /[\s\u00a0\u2000-\u200a\u202f\u205f\u3000]/;
const DIGIT = /\d/;
const AMPERSAND = 38;
const BACKTICK = 96;
/** Printable ASCII, one space between words, no "&" and no "`": most lines by far, in one spelling as they stand. */
const PLAIN = /^[!-%'-_a-~]+(?: [!-%'-_a-~]+)*$/;

/** A text in one spelling, and where each of its letters stood in the original. */
export interface Normalised {
  readonly text: string;
  /** Index in the original of each letter of `text`; one more at the end. */
  readonly origin: readonly number[];
}

/** One spelling for the many ways of writing fractions, dashes, quotes, times signs and spaces. The words stay as they are. */
export function normaliseKeepingPlaces(written: string): Normalised {
  const letters: string[] = [];
  const origin: number[] = [];
  const put = (text: string, at: number) => {
    for (const letter of text) {
      if (letter === ' ' && (letters.length === 0 || letters.at(-1) === ' ')) continue;
      letters.push(letter);
      origin.push(at);
    }
  };
  for (let i = 0; i < written.length; i++) {
    const code = written.charCodeAt(i);
    // most letters by far: printable ASCII has one spelling
    if (code > 32 && code < 127 && code !== AMPERSAND && code !== BACKTICK) {
      letters.push(written[i] ?? '');
      origin.push(i);
      continue;
    }
    const entity = written[i] === '&' ? /^&#?\w{2,7};/.exec(written.slice(i, i + 9))?.[0] : undefined;
    const mark = (entity === undefined ? undefined : ENTITIES[entity]) ?? written[i] ?? '';
    const vulgar = VULGAR[mark];
    if (vulgar !== undefined) put((DIGIT.test(letters.at(-1) ?? '') ? ' ' : '') + vulgar, i);
    else if (SPACE.test(mark)) put(' ', i);
    else if (mark === '×' || mark === '✕') {
      const from = letters.at(-1) === ' ' ? letters.at(-2) : letters.at(-1);
      const between = DIGIT.test(from ?? '') && /^\s*\d/.test(written.slice(i + 1));
      put(between ? ' x ' : 'x', i);
    } else if (mark === 'º') put(/^\s*[cf]\b/i.test(written.slice(i + 1)) ? '°' : mark, i);
    else put(SPELLING[mark] ?? digitOf(mark) ?? mark, i);
    if (entity !== undefined && ENTITIES[entity] !== undefined) i += entity.length - 1;
  }
  while (letters.at(-1) === ' ') {
    letters.pop();
    origin.pop();
  }
  return { text: letters.join(''), origin: [...origin, written.length] };
}

/** The text alone, without emphasis marks, and with dots that lead the eye as a colon: "Flour ...... 225 g". The words stay as they are. */
export function oneSpelling(written: string): string {
  const text = PLAIN.test(written) ? written : normaliseKeepingPlaces(written).text;
  return text
    .replace(/(\*\*|__)(?=\S)(.*?\S)\1/g, '$2')
    .replace(/(大さじ|小さじ|カップ)\s*(\d[\d/. ]*)/g, '$2 $1 ')
    .replace(/ ?\.{4,} ?| ?…{2,} ?| ?… ?(?=\d)/g, ': ')
    .trim();
}

/** The text in one spelling, and in English where it is German: what every reader reads. */
export const normalise = (written: string): string => inEnglish(oneSpelling(written));
