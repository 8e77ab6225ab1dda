import { LONGEST_PARAGRAPH } from '../../ground/text/index.js';
import { readBake, SAID_IN_A_ROW, SO_MANY } from '../parsing/index.js';
import {
  withKilosAndGrams,
  withMeasureOfAll,
  withoutColumns,
  withoutStrokes,
  withPercentSigns,
} from './pasted-columns.js';
import { thingsBetweenStrokes, withFirstPan, withListsBelow } from './lists-beside.js';
import { plainly } from './said-plainly.js';
import { withoutLineNumbers, withStepNumbers } from './step-numbers.js';

/*
 * What a text brings along from where it was copied, and what its writer never wrote: the marks of a forwarded message, the buttons of a
 * page, the columns of a spreadsheet. Taken off before anything is read.
 */

const QUOTED = /^\s{0,3}>\s?/;
const QUOTED_SHARE = 0.6;
const FORWARDED = /^(?:\s{0,3}(?:fwd?|re|aw|wg|subject|betreff) ?: ?){1,6}/i;
/** Buttons of a page, alone or side by side; nothing that is said of a formula. */
const BUTTONS =
  /^(?:(?:jump to|print|pin|save|share|rate|email|skip to|view|leave a)(?: (?:this|the))? ?(?:recipe|video|content|review|comment)?s?(?:[ |•·,]{1,6}|$)){1,6}$/i;
const SWITCHES = /^(?:us customary|metric|imperial|cups|grams|(?:\d(?:\/\d)?|½) ?x|scale)(?:[ |–—/-]{1,4}(?:us customary|metric|imperial|cups|grams|\d ?x)){1,4}$/i; // prettier-ignore
/** "Ingredients: 200 g flour; 2 eggs": the mark and what it heads in one line. */
const MARK_BEFORE =
  /^\s*(ingredients|directions|instructions|method|zutaten|zubereitung|anleitung)(?: ?: +(?=\S)|\. +(?=\p{Lu}))/iu;
const FEWEST_PARTED = 2;
const BETWEEN_THINGS = /; +|, (?=\d|[½¼¾⅓⅔⅛]|(?:a |good |eine )?(?:pinch|handful|splash|prise|handvoll|etwas)\b)/i;
const BETWEEN_STEPS = / (?=\d{1,2}[.)] \p{Lu})/u;
const FEWEST_QUOTED = 3;
const FEWEST_HEADS = 2;
const FEWEST_BESIDE = 2;

/** "> On Sunday you wrote:", above what is answered. */
const WROTE = /^(?:> ?)*(?:on|am) [^:]{3,80}\b(?:wrote|schrieb(?:st)?)\b[^:]{0,40}:$/i;
/** A forwarded message stands behind ">" line by line. */
function withoutQuotes(rows: readonly string[]): readonly string[] {
  const answered = rows.findIndex((row) => WROTE.test(row.trim()));
  if (answered >= 0) return rows.filter((_, i) => i !== answered).map((row) => row.replace(QUOTED, ''));
  const written = rows.filter((row) => row.trim() !== '');
  const quoted = written.filter((row) => QUOTED.test(row)).length;
  return quoted >= FEWEST_QUOTED && quoted >= QUOTED_SHARE * written.length
    ? rows.map((row) => row.replace(QUOTED, ''))
    : rows;
}

/** What a mail says above its words: who wrote it and when is left away, what it is about is kept. */
const MAIL_HEAD = /^\s*(from|to|cc|date|sent|subject|betreff|von|an|gesendet) ?: /i;
function withoutMailHead(rows: readonly string[]): readonly string[] {
  const first = rows.findIndex((row) => row.trim() !== '');
  let end = first;
  while (MAIL_HEAD.test(rows[end] ?? '')) end++;
  if (first < 0 || end - first < FEWEST_HEADS) return rows;
  const subject = rows.slice(first, end).find((row) => /^\s*(?:subject|betreff) ?:/i.test(row));
  return [...(subject === undefined ? [] : [subject.replace(MAIL_HEAD, '')]), ...rows.slice(end)];
}

/** "From the church cookbook p. 41" above what it is called: the name comes first. */
const SOURCE =
  /^\s{0,3}from (?:the|my|our|an?) [^:]{3,50}\b(?:\w{0,12}book|magazine|newspaper|newsletter|leaflet)\b[^:]{0,20}$/i;
const SHORT_NAME = /^[^\d:,]{3,60}$/;
function withNameFirst(rows: readonly string[]): readonly string[] {
  const first = rows.findIndex((row) => row.trim() !== '');
  const [source = '', name = ''] = rows.slice(first, first + 2);
  if (!SOURCE.test(source) || !SHORT_NAME.test(name.trim())) return rows;
  return [...rows.slice(0, first), name, source, ...rows.slice(first + 2)];
}

/** "Servings" above "8 muffins", "Prep time" above "15 mins": what is said in a row, and how much of it in the next. */
const SAID_OF =
  /^(?:(?:prep(?:aration)?|cook(?:ing)?|bake|baking|total|active|chill(?:ing)?|rest(?:ing)?) time|servings?|serves|makes|yield|portions|oven(?: temp(?:erature)?)?|tin|pan) ?:?$/i;
const MUCH_OF_IT = /^(?:about )?\d[\w °/.,-]{0,30}$/;
function withValuesBelow(rows: readonly string[]): readonly string[] {
  const joined: string[] = [];
  for (const row of rows) {
    const last = joined.at(-1)?.trim() ?? '';
    if (SAID_OF.test(last) && MUCH_OF_IT.test(row.trim()))
      joined[joined.length - 1] = `${last.replace(/ ?:$/, '')}: ${row.trim()}`;
    else joined.push(row);
  }
  return joined;
}

/** A mark stands above what it heads; things between semicolons stand below each other. */
/** "Zutaten für eine 26er Springform:", "Ingredients for one 23 cm tin": what it is baked in, above the mark. */
const MARK_FOR =
  /^\s*(ingredients|zutaten) (?:for|für) ((?:an?|one|two|eine?n?|\d{1,2}) .{0,30}?(?:form|tins?|pans?|trays?|loaf|loaves|blech|muffins?|stück)) ?:?$/i;
function withoutMarksBefore(row: string): readonly string[] {
  const [, marked, bakedIn] = MARK_FOR.exec(row) ?? [];
  if (marked !== undefined && bakedIn !== undefined) return [`(${bakedIn})`, marked];
  const [whole, mark] = MARK_BEFORE.exec(row) ?? [];
  if (whole === undefined || mark === undefined) return [row];
  const rest = row.slice(whole.length);
  const parted = /^(?:ingr|zutat)/i.test(mark) ? BETWEEN_THINGS : /^1[.)] /.test(rest) ? BETWEEN_STEPS : undefined;
  const parts = parted ? rest.split(parted) : [rest];
  return [mark, ...(parts.length > FEWEST_PARTED ? parts : [rest])];
}

/** "1 Rub the crumble. 2 Beat the rest. 3 Spread …" in one row. */
const COUNTED_IN_A_ROW = /^\s{0,3}1 \p{Lu}[^]{5,300}? 2 \p{Lu}/u;
/** "1. Rub in. 2. Add fruit. 3. Add liquid." */
const MARKED_IN_A_ROW = /^\s{0,3}1[.)] \p{Lu}[^]{2,300}? 2[.)] \p{Lu}/u;
function withStepsBelow(row: string): readonly string[] {
  if (row.length <= LONGEST_PARAGRAPH && MARKED_IN_A_ROW.test(row)) return row.split(BETWEEN_STEPS);
  if (row.length > LONGEST_PARAGRAPH || !COUNTED_IN_A_ROW.test(row)) return [row];
  const steps: string[] = [];
  let from = 0;
  for (const { index, 1: number } of row.matchAll(/ (\d{1,2}) (?=[\p{Lu}\d])/gu)) {
    if (Number(number) !== steps.length + 2) continue;
    steps.push(row.slice(from, index));
    from = index + 1;
  }
  return [...steps, row.slice(from)];
}

/** "250 g flour, 2 eggs, 100 ml milk. 9x5 at 350, 1 h": the bake stands behind the list, and is no thing of it. */
const LIST_BEFORE = /^(?!\d{1,2}[.)] )(?:[\p{L} ]{2,24}: ?)?\d[^]*,[^]*,/u;
/** "Heap on greased trays", "Mix to a stiff dough": what is done begins here. */
const ACT =
  /^(?:[A-Z][a-z]{1,8}) (?:on|in|into|to|together|well|all|the|it|until)\b|^(?:Rest|Chill|Stand|Leave|Soak) (?:for )?\d/;
function withoutBakeBehind(row: string): readonly string[] {
  if (row.length > LONGEST_PARAGRAPH || /^notes?:/i.test(row)) return [row];
  let at = 0;
  for (const sentence of row.split(/(?<=\.) /)) {
    const list = row.slice(0, Math.max(0, at - 2));
    if (at > 0 && LIST_BEFORE.test(list)) {
      const { celsius, lowMinutes } = readBake([sentence]);
      if (celsius !== undefined || lowMinutes !== undefined || ACT.test(sentence)) return [list, row.slice(at)];
    }
    at += sentence.length + 1;
  }
  return [row];
}

/** "Prep 20 min | Cook 1 hr 10 | Serves 10": what a page says beside each other. */
const SAID_BESIDE = new RegExp(`^[*_]{0,2}${SAID_IN_A_ROW}`, 'i');
function eachSaid(row: string): readonly string[] {
  const parts = row.split(/ {1,4}[|·•] {1,4}| {2,}/);
  if (parts.length < 2 || !parts.every((part) => SAID_BESIDE.test(part.trim()))) return [row];
  return parts.map((part) => part.replace(/\*\*|__/g, ''));
}

const NAMED =
  /^(?=[^:\n]* )([^:\n]{3,40}\b(?:cakes?|sponge|bread|loaf|muffins|scones|biscuits|buns)(?: by weight)?): (?=\d)/i;

/** "Gran's coffee cake - makes one 9x13 or two 8\" squares": its name, its pan, and how many. */
const MAKES_BEHIND = /^([A-Z][^.:\d]{5,60}?) [-–—] (?=(?:makes|serves|yields?:?) )/i;
/** "Scones for tea x 8". */
const TIMES_BEHIND =
  /^(?=[^\d\n]*(?:muffins|scones|buns|biscuits|cupcakes|fairy cakes|cakes)\b)([^\d:\n]{4,40}?),? ?[x×] ?(\d{1,2})$/i;
/** "My notes: banana muffins", "Recipe: scones". */
const NOTED = /^(?:(?:(?:my|our|the) )?(?:notes?|recipe)(?: for)?|today(?:'|’)?s bake): (?=[a-z])/i;
const PAN_OR_ANOTHER = /^(makes|for) (?:one|1|an?) (\d{1,2}(?: ?x ?\d{1,2}){1,2})(?:["”]| ?in(?:ch)?)?(?= or )/im;
const openingRows = (row: string): readonly string[] =>
  row
    .replace(NOTED, '')
    .replace(TIMES_BEHIND, '$1\nMakes $2')
    .replace(NAMED, '$1\n')
    .replace(MAKES_BEHIND, '$1\n')
    .replace(PAN_OR_ANOTHER, '($2 pan)\n$1 1 of $2')
    .split('\n');

/** "(23cm round, 12 slices)" below the name: what it is baked in, and how many it gives. */
const PAN_SAID = /^(?:\d{1,2}(?:\.\d)? ?(?:cm|inch|in|"|”)(?: ?x ?\d{1,2}(?:\.\d)? ?(?:cm|inch|in|"|”)?)?|[12] ?lb) (?:deep )?(?:round|square|loaf|sandwich|cake|springform|bundt|tin|pan)(?: (?:tins?|pans?|cake tin))?$/i; // prettier-ignore
const ROWS_OF_THE_HEAD = 3;
function headRows(row: string): readonly string[] {
  const parts = row
    .trim()
    .replace(/^\((.*)\)$/, '$1')
    .split(/, |; | [·|–-] /);
  if (!parts.every((part) => SO_MANY.test(part) || PAN_SAID.test(part))) return [row];
  return parts.map((part) => (SO_MANY.test(part) ? `Makes ${part}` : `Tin: ${part}`));
}

/** "0:45 Rubbing in": where it is shown in a film. */
const SHOWN_AT = /^\s*\(?\d{1,2}(?::\d{2}){1,2}\)?(?: ?[-–—])? \S/;
function withoutTimesOfFilm(rows: readonly string[]): readonly string[] {
  return rows.filter((row) => SHOWN_AT.test(row)).length >= FEWEST_BESIDE
    ? rows.filter((row) => !SHOWN_AT.test(row))
    : rows;
}

/** What goes around the rows of a text or between them, taken off in this order. */
const UNFRAMED: readonly ((rows: readonly string[]) => readonly string[])[] = [
  withoutTimesOfFilm,
  withoutQuotes,
  withoutStrokes,
  withListsBelow,
  withKilosAndGrams,
  withoutColumns,
  withPercentSigns,
  withMeasureOfAll,
  withoutMailHead,
  withNameFirst,
  withValuesBelow,
  withFirstPan,
];
/** The text as its writer wrote it. */
export function asPasted(text: string): string {
  const pasted: readonly string[] = text.replace(/\r\n?|\u2028/g, '\n').split('\n');
  const lines = UNFRAMED.reduce((rows, act) => act(rows), pasted).flatMap(withStepsBelow);
  const rows = withoutLineNumbers(withStepNumbers(lines))
    .flatMap((row) => plainly(row).split('\n'))
    .flatMap(eachSaid)
    .flatMap(thingsBetweenStrokes)
    .flatMap(withoutMarksBefore)
    .flatMap(withoutBakeBehind);
  // "6-6-6-3 sponge: 6 oz butter, …": what it is called, above its list
  const opening = rows.findIndex((row) => row.trim() !== '');
  const named = rows
    .flatMap((row, i) => (i === opening ? openingRows(row) : [row]))
    .flatMap((row, i) => (i >= opening && i < opening + ROWS_OF_THE_HEAD ? headRows(row) : [row]));
  const kept = named.filter((row) => !BUTTONS.test(row.trim().replace(/\s+/g, ' ')) && !SWITCHES.test(row.trim()));
  const first = kept.findIndex((row) => row.trim() !== '');
  return kept
    .map((row, i) =>
      i === first && FORWARDED.test(row) ? row.replace(FORWARDED, '').replace(/ ?[?!]{1,4}$/, '') : row,
    )
    .join('\n');
}
