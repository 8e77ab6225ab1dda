import { LONGEST_LINE } from '../../ground/text/index.js';
import { ownOf } from '../../ground/records/index.js';
import { inEnglish } from './english.js';

/* What is typed into a field for a size, a number or a pan, in German: whole phrases, so that no line of a formula is touched. */

const COUNTS: Readonly<Record<string, number>> = {
  ein: 1, eine: 1, einen: 1, zwei: 2, drei: 3, vier: 4, fünf: 5, sechs: 6, sieben: 7, acht: 8, neun: 9, zehn: 10, zwölf: 12,
}; // prettier-ignore
const SIZES: readonly (readonly [RegExp, string])[] = [
  [/^(?:ein |das )?halbe?s?(?: (?:rezept|menge))?$/i, 'half'],
  [/^die hälfte$/i, 'half'],
  [/^(?:ein )?viertel$/i, 'quarter'],
  [/^(?:ein )?drittel$/i, 'third'],
  [/^(?:einmal|1-mal|wie geschrieben)$/i, 'once'],
  [/^(?:doppelt|zweimal|die doppelte menge)$/i, 'double'],
  [/^(?:dreifach|dreimal)$/i, 'triple'],
  [/^(?:anderthalb|eineinhalb)(?:mal|fach)?$/i, 'one and a half'],
  [/^(\d{1,3}(?:[.,]\d{1,4})?)-?(?:mal|fach)$/i, '$1 times'],
  [/^(\d{1,4}) (?:stück|stücke)$/i, '$1 pieces'],
  [/^(\d{1,4}) (?:stück |stücke )?zu (?:je )?(\d{1,5}(?:[.,]\d)?) ?g$/i, '$1 of $2 g'],
  [/^(\d{1,3}) (?:teig)?häufchen (?:(?:zu|von|mit) )?(\d{1,2}(?:[.,]\d)?) ?cm$/i, '$1 mounds of $2 cm'],
  [/^(\d{1,3}) kreise (?:(?:zu|von|mit) )?(\d{1,2}(?:[.,]\d)?) ?cm$/i, '$1 cut rounds of $2 cm'],
  [/^(\d{1,3}) (?:ecken|stücke) (?:aus )?einer runde (?:zu|von|mit) (\d{1,2}(?:[.,]\d)?) ?cm$/i, 'wedge $2 cm round x $1'],
  [/^(\d{1,3}) (\p{L}{3,20}) (?:zu|von) (\d{1,2}(?:[.,]\d)?) ?cm$/iu, '$1 $2 of $3 cm'],
  [/^runde[nr]?(?: (?:form|formen|backform|tortenform))? (\d{1,2}(?:[.,]\d)?) ?cm(?:, (\d{1,2}(?:[.,]\d)?) ?cm tief)?$/i, '$1 cm round'],
  [/^quadratische[nr]?(?: (?:form|formen|backform))? (\d{1,2}(?:[.,]\d)?) ?cm(?:, (\d{1,2}(?:[.,]\d)?) ?cm tief)?$/i, '$1 cm square'],
  [/^(?:ein )?kleiner kasten(?:kuchen)?$/i, 'small loaf'],
]; // prettier-ignore

function sizeInEnglish(text: string): string | undefined {
  for (const [pattern, english] of SIZES) {
    const found = pattern.exec(text);
    if (!found) continue;
    const deep = english.endsWith('round') || english.endsWith('square') ? found[2] : undefined;
    const said = english.replace(/\$(\d)/g, (_, group: string) => (found[Number(group)] ?? '').replace(',', '.'));
    return deep === undefined ? said : `${said}, ${deep.replace(',', '.')} cm deep`;
  }
  return undefined;
}

/**
 * A size, a count or a pan as it is typed: "zwei runde 20 cm", "halb", "24 Stück", "Kastenform 25 cm" in the English that their readers
 * know; as it was where it is not German. @param written one phrase
 */
export function wishInEnglish(written: string): string {
  const text = written.trim();
  if (text.length > LONGEST_LINE) return written;
  const whole = sizeInEnglish(text);
  if (whole !== undefined) return whole;
  const [first = '', ...others] = text.split(' ');
  const count = ownOf(COUNTS, first.toLowerCase()) ?? Number(/^(\d{1,2})[x×]?$/.exec(first)?.[1]);
  const rest = others.join(' ').replace(/^[x×] /, '');
  // a pan has a size: "18 Portionen" are none
  const counted =
    Number.isFinite(count) && /\d|blech/i.test(rest) ? (sizeInEnglish(rest) ?? pansInEnglish(rest)) : undefined;
  if (counted !== undefined) return count === 1 ? counted : `${count} x ${counted}`;
  return inEnglish(text);
}
/** "Kastenformen 25 cm" is as many loaf tins; undefined where nothing German is in it. */
function pansInEnglish(words: string): string | undefined {
  const english = inEnglish(words.replace(/formen\b/i, 'form').replace(/bleche\b/i, 'blech'));
  return english === words ? undefined : english;
}
