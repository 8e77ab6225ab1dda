import { AMOUNT, BEGINS_WITH_AMOUNT } from './pasted-columns.js';

/*
 * Lists that stand beside each other, each below its heading, and one list for several sizes. Lists are read down, the left one first; of
 * several sizes the first is the formula, and the others are kept as notes.
 */

const WIDE = / {3,}|\t/;
/** "For 6:", "Makes 12", "half batch" above a column: the same list for another size. */
const FOR_SO_MANY = /^(?:for|makes|serves|to make)? ?(\d{1,2})(?: [a-z]{3,12})? ?:?$/i;
const OF_A_SIZE =
  /^(?:single|double|half|full|whole|small|large|big|regular)(?: (?:batch|recipe|quantity|cake|loaf|tin))? ?:?$/i;
const isSized = (head: string): boolean => FOR_SO_MANY.test(head) || OF_A_SIZE.test(head);
const LONGEST_HEAD = 30;
const FEWEST_ROWS = 3;
const FEWEST_BESIDE = 2;
const OFF_BY = 2;

/** What is kept of another size. */
const asNote = (head: string, things: readonly string[]): string =>
  `Note: ${head.replace(/ ?:$/, '')}: ${things.join('; ')}`;

/** Where the second cell of a row begins, and both; undefined where it has not two. */
function twoCells(row: string): { readonly at: number; readonly cells: readonly [string, string] } | undefined {
  const [first = '', second = '', more] = row.trimEnd().split(WIDE);
  return first.trim() !== '' && second !== '' && more === undefined
    ? { at: row.lastIndexOf(second), cells: [first.trim(), second] }
    : undefined;
}

interface Columns {
  readonly left: readonly string[];
  readonly right: readonly string[];
  /** The row behind them. */
  readonly end: number;
}

/** What stands in two columns from a row on, as long as the second begins where its heading does. */
function columnsFrom(block: readonly string[], start: number, at: number): Columns | undefined {
  const [left, right]: [string[], string[]] = [[], []];
  let both = 0;
  let listed = 0;
  let end = start;
  for (; end < block.length; end++) {
    const row = block[end] ?? '';
    const pair = twoCells(row);
    if (pair && Math.abs(pair.at - at) > OFF_BY) break;
    const isRight = !pair && row.length - row.trimStart().length >= at - OFF_BY;
    const cells = pair?.cells ?? (isRight ? ['', row.trim()] : [row.trim(), '']);
    if (cells[0] !== '') left.push(cells[0]);
    if (cells[1] !== '') right.push(cells[1]);
    if (pair) both++;
    if (cells.every((cell) => BEGINS_WITH_AMOUNT.test(cell) && !AMOUNT.test(cell))) listed++;
  }
  return both >= FEWEST_ROWS && listed >= FEWEST_BESIDE ? { left, right, end } : undefined;
}

/** The rows of a block that holds two lists beside each other, or undefined where it does not. */
function listsIn(block: readonly string[]): readonly string[] | undefined {
  const start = block.findIndex((row) => twoCells(row));
  const head = twoCells(block[start] ?? '');
  const isHead = (cell: string) => cell.length <= LONGEST_HEAD && (!BEGINS_WITH_AMOUNT.test(cell) || isSized(cell));
  const columns = head?.cells.every(isHead) ? columnsFrom(block, start + 1, head.at) : undefined;
  if (!head || !columns) return undefined;
  const [left, right] = head.cells;
  const around = (rows: readonly string[], last: readonly string[] = []) => [
    ...block.slice(0, start),
    ...rows,
    ...block.slice(columns.end),
    ...last,
  ];
  if (isSized(left) && isSized(right)) {
    const count = FOR_SO_MANY.exec(left)?.[1];
    return around(
      [...(count === undefined ? [] : [`Makes ${count}`]), ...columns.left],
      [asNote(right, columns.right)],
    );
  }
  const headed = (name: string) => (name.endsWith(':') ? name : `${name}:`);
  return around([headed(left), ...columns.left, headed(right), ...columns.right]);
}

/** Two lists beside each other, each below its heading: read down, the left one first; of one list for two sizes the first. */
export function withListsBelow(rows: readonly string[]): readonly string[] {
  const made: string[] = [];
  for (let from = 0; from < rows.length;) {
    let to = from;
    while (to < rows.length && rows[to]?.trim() !== '') to++;
    const block = rows.slice(from, to);
    made.push(...(listsIn(block) ?? block), ...rows.slice(to, to + 1));
    from = to + 1;
  }
  return made;
}

/** `8" skillet: 3/4 c cornmeal, 1/4 c flour, …`: the whole list in a row, for a pan of this size. */
const FOR_A_PAN =
  /^(\d{1,2}(?:\.\d)? ?(?:"|”|-?inch|in|cm) (?:[a-z]{3,10} ?){1,2}) ?: (?=\d|[½¼¾])(?=[^,]{3,40},[^,]{3,40},)/i;
export function withFirstPan(rows: readonly string[]): readonly string[] {
  const sized = rows.filter((row) => FOR_A_PAN.test(row));
  if (sized.length < FEWEST_BESIDE) return rows;
  return rows.flatMap((row) => {
    const [said = '', pan = ''] = FOR_A_PAN.exec(row) ?? [];
    if (said === '') return [row];
    return row === sized[0]
      ? [`Tin: ${pan.trim()}`, row.slice(said.length)]
      : [asNote(pan.trim(), [row.slice(said.length)])];
  });
}

/** "Flour (plain) 180 g | oats, milled 60 g | salt 4 g": each thing between strokes, with its amount before it or behind. */
const MEASURED =
  /^(?:about )?[\d½¼¾⅓⅔][\d./ ½¼¾⅓⅔-]{0,8}(?:g|kg|ml|oz|lb|c|cups?|t|T|tsp|tbsp|Tbsp|teaspoons?|tablespoons?|large|lg|medium|small|sticks?|cans?|eggs?|yolks?|ripe|bananas?|apples?|lemons?)\b|^(?:an? )?(?:good |big |small )?(?:pinch|bunch|handful|knob|splash|dash)\b|^[A-Za-z][A-Za-z ,()'-]{1,40} [\d½¼¾⅓⅔][\d.,/½¼¾⅓⅔-]{0,8} ?(?:g|kg|ml|oz|lb|tsp|tbsp|cups?|c)?$/;
export function thingsBetweenStrokes(row: string): readonly string[] {
  const parts = row.replace(/^\s*[•|] ?/, '').split(/ [|•] /);
  return parts.length >= FEWEST_ROWS && parts.every((part) => MEASURED.test(part.trim()))
    ? parts.map((part) => part.trim())
    : [row];
}
