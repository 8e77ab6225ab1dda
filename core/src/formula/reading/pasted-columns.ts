/*
 * Columns of a text that was copied: spreadsheets, tables drawn with strokes, two lists beside each other. Each row becomes the line that a
 * person would read across it; what a heading says of a column is said in each of its rows.
 */

const COLUMNS = /\t| {2,}(?=\S)/;
const FEWEST_ROWS = 3;
const FEWEST_CELLS = 2;
const FEWEST_BESIDE = 2;
export const BEGINS_WITH_AMOUNT =
  /^[~≈]?(?:\d|[½¼¾⅓⅔⅛])|^(?:an? )?(?:good |generous |big |large |small )?(?:pinch|handful|splash|dash|drop|knob)\b|^(?:grated )?(?:zest|juice|rind) of /i;
/** An amount and nothing else: "400 g", "16", "1/2 cup", "a pinch". */
export const AMOUNT =
  /^[~≈]?(?:(?:\d|[½¼¾⅓⅔⅛])[\d.,/ ½¼¾⅓⅔⅛-]{0,9}(?:g|kg|ml|l|oz|lbs?|tsp|tbsp|cups?|%)?|(?:an? )?pinch)$/i;
/** "6 inch", "20 cm round" above a column: the pan that its amounts are for. */
const PAN_ABOVE = /^\d{1,2}(?:\.\d)?[ -]?(?:inch(?:es)?|in|"|”|cm)(?: (?:round|square|cake|tin|pan)){0,2}$/i;
const SIZE_ABOVE = /^\d{1,3} (?:portions|servings|people|pieces|slices|muffins|scones|cakes|loaves)$/i;
const AMOUNT_BEHIND = /[a-z] [\d.,/½¼¾]{1,6} ?(?:g|kg|ml|l|oz|lb|tsp|tbsp|cups?)$/i;
const BARE_FIGURE = /^\d{1,5}(?:[.,]\d{1,3})?$/;
const OF_GRAMS = /\b(?:g|grams?|gr|weight)\b/i;
const PERCENT = /^\d{1,4}(?:[.,]\d{1,2})? ?%$|%/;

/** Two lists side by side: each thing of a row is a line of its own. */
const sideBySide = (row: readonly string[]): boolean =>
  row.length >= FEWEST_CELLS && row.every((cell) => BEGINS_WITH_AMOUNT.test(cell) && !AMOUNT.test(cell));

/** The rows of a table that is drawn with strokes, their cells apart. */
const isRule = (row: string): boolean => /^[\s|:-]+$/.test(row) && row.includes('--');
const CELLS_UNRULED = 3;
const ROWS_UNRULED = 4;
const cellsOf = (row = ''): number => row.split('|').length;
export function withoutStrokes(rows: readonly string[]): readonly string[] {
  const stroked = (row: string | undefined) => row?.includes('|') === true;
  // rows below each other are one table where a rule is among them: known at its last row, told to all of them
  const block = rows.map(() => 0);
  const ruled = new Set<number>();
  const alike = new Map<number, number>();
  for (const [i, row] of rows.entries()) {
    const first = (block[i] = stroked(row) && stroked(rows[i - 1]) ? (block[i - 1] ?? i) : i);
    if (stroked(row) && isRule(row)) ruled.add(first);
    // without a rule as well, where all have as many cells, three and more
    alike.set(
      first,
      cellsOf(row) >= CELLS_UNRULED && cellsOf(row) === cellsOf(rows[first]) ? (alike.get(first) ?? 0) + 1 : -Infinity,
    );
    if ((alike.get(first) ?? 0) >= ROWS_UNRULED) ruled.add(first);
  }
  return rows.flatMap((row, i) => {
    if (!stroked(row) || !ruled.has(block[i] ?? i)) return [row];
    return isRule(row) ? [] : [row.replace(/^\s*\||\|\s*$/g, '').split('|').map((cell) => cell.trim()).join('\t')]; // prettier-ignore
  });
}

/** "kg" beside "g" above two columns, as canteens write: one weight of both. */
export function withKilosAndGrams(rows: readonly string[]): readonly string[] {
  const cells = rows.map((row) =>
    row
      .trimEnd()
      .split(COLUMNS)
      .map((cell) => cell.trim()),
  );
  const head = cells.findIndex((row) => row.some((cell, at) => /^kg$/i.test(cell) && /^g$/i.test(row[at + 1] ?? '')));
  const kilos = (cells[head] ?? []).findIndex((cell) => /^kg$/i.test(cell));
  if (head < 0) return rows;
  return rows.map((row, i) => {
    const own = cells[i] ?? [];
    const [kg = '', grams = ''] = own.slice(kilos, kilos + 2);
    const isWeight =
      i > head && own.length > kilos && `${kg}${grams}` !== '' && [kg, grams].every((cell) => /^\d{0,5}$/.test(cell));
    if (i === head) return [...own.slice(0, kilos), 'g', ...own.slice(kilos + 2)].join('\t');
    return isWeight
      ? [...own.slice(0, kilos), `${Number(kg) * 1000 + Number(grams)} g`, ...own.slice(kilos + 2)].join('\t')
      : row;
  });
}

/** The columns of a spreadsheet that was copied: name and amount of each row as one line; a heading row says what they hold. */
export function withoutColumns(rows: readonly string[]): readonly string[] {
  const cells = rows.map((row) => row.trim().split(COLUMNS).map((cell) => cell.trim()));
  if (cells.filter(sideBySide).length >= FEWEST_BESIDE) return rows.flatMap((row, i) => (sideBySide(cells[i] ?? []) ? (cells[i] ?? []) : [row]));
  const tabled = cells.filter((row) => row.length >= FEWEST_CELLS && row.some((cell) => AMOUNT.test(cell)));
  if (tabled.length < FEWEST_ROWS) return rows;
  const above = cells.slice(0, Math.max(0, ...tabled.slice(0, 1).map((row) => cells.indexOf(row))));
  const head = above.find((row) => row.length >= FEWEST_CELLS && row.every((cell) => !AMOUNT.test(cell)));
  return rows.flatMap((row, i) => {
    const own = cells[i] ?? [];
    if (own === head) {
      const pan = own.find((cell) => PAN_ABOVE.test(cell));
      return SIZE_ABOVE.test(own[0] ?? '') ? [`Makes ${own[0] ?? ''}`] : pan === undefined ? [] : [`Tin: ${pan}`];
    }
    if (own.length < FEWEST_CELLS) return [row];
    if (SIZE_ABOVE.test(own[0] ?? '')) return [`Makes ${own[0] ?? ''}`];
    // "SR flour 250 g" beside 1.25 kg and 2.5 kg: the same for more, and the first is the formula
    const [named = ''] = own;
    if (AMOUNT_BEHIND.test(named)) return own.slice(1).every((cell) => AMOUNT.test(cell)) ? [named] : [row];
    const isAmount = (cell: string, at: number) => AMOUNT.test(cell) && !PERCENT.test(head?.[at] ?? '') && !PERCENT.test(cell);
    // a column of weights before one of spoons and cups, which stays beside it
    const weighed = own.findIndex((cell, at) => isAmount(cell, at) && OF_GRAMS.test(head?.[at] ?? ''));
    const column = weighed >= 0 ? weighed : own.findIndex(isAmount);
    const amount = own[column];
    if (amount === undefined) return [row];
    const inGrams = BARE_FIGURE.test(amount) && OF_GRAMS.test(head?.[column] ?? '') ? `${amount} g` : amount;
    const isKept = (cell: string, at: number) => at === column || (cell !== '' && !AMOUNT.test(cell));
    const [kept, measures] = [own.filter(isKept), weighed < 0 ? [] : own.filter((cell, at) => at !== column && isKept(cell, at) && BEGINS_WITH_AMOUNT.test(cell))];
    // "Brown sugar | 3/4 cup packed | 160 g": the other measure behind it, in brackets
    const said = kept.filter((cell) => !measures.includes(cell)).map((cell) => (cell === amount ? inGrams : cell));
    return [[...said, ...measures.map((cell) => `(${cell.replace(/[()]/g, '')})`)].join(' ')];
  });
} // prettier-ignore

/** "(ounces)", "all in grams", in a row by itself: what every bare figure of the list is. */
const MEASURE_OF_ALL = /^\(?(?:all )?(?:in )?(ounces|oz|grams|g)\)?[.:]?$/i;
const BARE_ROW = /^(\s*(?:\d{1,4}|\d{0,2} ?[½¼¾])) (?=[a-z])(?!eggs?\b)/i;
export function withMeasureOfAll(rows: readonly string[]): readonly string[] {
  const said = rows.findIndex((row) => MEASURE_OF_ALL.test(row.trim()));
  const bare = rows.filter((row) => BARE_ROW.test(row)).length;
  if (said < 0 || bare < FEWEST_ROWS) return rows;
  const unit = /^\(?(?:all )?(?:in )?o/i.test(rows[said]?.trim() ?? '') ? 'oz' : 'g';
  return rows.filter((_, i) => i !== said).map((row) => row.replace(BARE_ROW, `$1 ${unit} `));
}

/** "Soda bread (%)" above "Buttermilk 78": shares of the flour without their sign, and the batch below them. */
const IN_PERCENT = /\((?:in )?(?:%|percent)\)|\bbaker['’]?s['’]? (?:percent(?:ages?)?|%)/i;
const BARE_SHARE = /^\s*[a-z][a-z ,()-]{2,40}?[ :=\t]{1,8}\d{1,3}(?:[.,]\d{1,2})?\s*$/i;
const SUM_OF_SHARES = /^\s*(?:grand )?total[ :=\t]{1,8}[\d.,]{2,7} ?%?\s*$/i;
const BATCH_OF = /^\s*(?:loaf|dough|batter|batch|total|final|finished)(?: (?:dough|batter))? (?:weight|mass)[ :=]{1,4}(?=\d)/i; // prettier-ignore
export function withPercentSigns(rows: readonly string[]): readonly string[] {
  const above = rows.findIndex((row) => row.trim() !== '');
  const isShare = (row: string) => BARE_SHARE.test(row) && !SUM_OF_SHARES.test(row);
  if (!IN_PERCENT.test(rows[above] ?? '') || rows.filter(isShare).length < FEWEST_ROWS) return rows;
  return rows
    .filter((row) => !SUM_OF_SHARES.test(row))
    .map((row) => (isShare(row) ? `${row.trimEnd()} %` : row.replace(BATCH_OF, 'Batch: ')));
}
