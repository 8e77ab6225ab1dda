import { PLAIN_KITCHEN, type Kitchen } from '../../kitchen/kitchen/index.js';
import { inPieces, LONGEST_PARAGRAPH, singleSpaced } from '../../ground/text/index.js';
import type { Region } from '../../ground/units/index.js';
import type { ReadingContext } from './context.js';
import type { FormulaFacts } from './facts.js';
import { beginsWithAmount, readLine } from './read-line.js';
import { regionOf } from './region.js';
import { INGREDIENTS_MARK, physicalLines, plainLine, readTextLine, shapeOf, type WrittenLine } from './sections.js';
import { CALLED } from './yields.js';
import { refuse, Sheet, type FormulaReading } from './sheet.js';
import { headingName, MOST_WORDS_OF_A_NAME } from './titles.js';

/** A formula is rarely over 20 kB; beyond this it is something else. */
export const LONGEST_TEXT = 60_000;
const MOST_LINES = 600;

const PAGE_SOURCE = /<!doctype|<\/?(?:html|head|body|script|style|iframe|svg|div|span|table|meta|link|img)\b/i;
/** "Apple muffins (makes 12)": the yield stands behind the title. */
const YIELD_IN_TITLE =
  /\b(?:makes|serves|feeds|yields) (?:about )?(?:\d|a dozen|two dozen)[^)\]]*[)\]]?$|(?<=\((?:ca\. |für |ergibt )?)\d{1,3} (?:small |large |mini )?(?:stücke?|portionen|personen|muffins|cupcakes|scones|biscuits|buns|farls|loaves|cakes|squares|slices|pieces|portions|servings|people)\)$|(?<=\((?:für |ergibt |makes |for )?)\d{1,2}\)$|(?<=[a-z] (?:--|–|—) )\d{1,2}$|(?<= [-–|] (?:ca\. |ergibt )?)\d{1,3} (?:stücke?|portionen|muffins|cupcakes|scones|biscuits|rounds|farls|buns|squares|slices|pieces|portions|servings)$/i;
export function yieldBehind(written: string): { readonly title: string; readonly said: string } | undefined {
  const line = singleSpaced(written);
  const match = YIELD_IN_TITLE.exec(line);
  const bare = line
    .slice(0, match?.index)
    .replace(/\((?:ca\.|für|ergibt|makes|for) $/i, '')
    .replace(/[ ([,|–—-]{1,6}$/, '')
    .replace(/\(([^()]*)$/, '($1)');
  const title = match
    ? bare.replace(/^for (?:the|a|some) (?=[a-z]{3})([a-z])/i, (_, first: string) => first.toUpperCase())
    : bare;
  return match && title !== ''
    ? { title, said: (/[([]/.test(match[0]) ? match[0] : match[0].replace(/[)\]]$/, '')).trim() }
    : undefined;
}

/** Whether a text is the source of a page and not words to read. */
export const isPageSource = (text: string): boolean => PAGE_SOURCE.test(text);

/**
 * Reads the text of a formula: title, components with their lines, steps, notes, yield, and the bake it was written for. Every written
 * line ends up somewhere: as a line, a step, a note, the yield or the title; what is not understood stays a line and is marked.
 * @param bakersOwn the baker's region, which stands unless the words of the text say another
 */
export function readFormula(text: string, bakersOwn: Region, kitchen: Kitchen = PLAIN_KITCHEN): FormulaReading {
  if (text.length > LONGEST_TEXT)
    return refuse('text-too-long', {
      of: 'kilobytes',
      found: Math.round(text.length / 1000),
      limit: LONGEST_TEXT / 1000,
    });
  const page = PAGE_SOURCE.exec(text);
  if (page) return refuse('page-source', {}, text.slice(page.index, page.index + 40).split('\n')[0] ?? '');
  const context: ReadingContext = { region: regionOf(text, bakersOwn), kitchen };
  return readWrittenLines(physicalLines(text, context).map(plainLine), context);
}

const NUMBERED = /^\s{0,3}(?:step ?)?(\d{1,2})[.):] {1,3}(?=[a-z])/i;
/** "3. 45 min - 1 hr.": what is a step for sure may begin with a figure. */
const NUMBERED_STEP = /^\s{0,3}(?:step ?)?(\d{1,2})[.):] {1,3}(?=\S)/i;

/** A line that is longer than a paragraph, as several. */
const asParagraphs = (line: WrittenLine): readonly WrittenLine[] =>
  inPieces(line.written, LONGEST_PARAGRAPH).map((written) => ({ ...line, written }));

/** The same for lines that a markup was taken off from. */
export function readWrittenLines(lines: readonly WrittenLine[], context: ReadingContext): FormulaReading {
  if (lines.length > MOST_LINES)
    return refuse('text-too-long', { of: 'lines', found: lines.length, limit: MOST_LINES });
  const shape = shapeOf(lines);
  const sheet = new Sheet(context);
  let step = 0;
  for (const line of lines.flatMap(asParagraphs)) {
    const { written } = line;
    const titled = sheet.isFirst ? yieldBehind(written) : undefined;
    // "Ingredients (makes 12)"
    if (titled && INGREDIENTS_MARK.test(titled.title)) {
      sheet.yieldText = titled.said;
      sheet.put(readTextLine({ ...line, written: titled.title }, sheet.section, sheet.marked, shape, context));
    } else if (titled && !beginsWithAmount(written, context)) {
      sheet.title = titled.title.replace(/^#+\s*/, '');
      sheet.yieldText = titled.said;
    } else {
      const read = readTextLine(line, sheet.section, sheet.marked, shape, context);
      const number = Number((read.kind === 'step' ? NUMBERED_STEP : NUMBERED).exec(written)?.[1]);
      const goesOn = number > 1 && number === step + 1;
      if (goesOn || (number === 1 && read.kind === 'step')) step = number;
      // "2. For the topping, rub everything together" goes on from the first step, whatever it begins with
      sheet.put(goesOn && (read.kind === 'line' || read.kind === 'words') ? { ...read, kind: 'step' } : read);
    }
  }
  callByItsEnd(sheet);
  return sheet.finish(lines.find(({ written }) => written !== '')?.written ?? '');
}

/** "Lemon poppy muffins — makes a dozen." below the method of what has no name yet. */
function callByItsEnd(sheet: Sheet): void {
  const ending = sheet.title === '' ? yieldBehind((sheet.steps.at(-1) ?? '').replace(/[.!]$/, '')) : undefined;
  if (!ending || !CALLED.test(ending.title) || ending.title.split(' ').length > MOST_WORDS_OF_A_NAME) return;
  sheet.title = ending.title;
  sheet.yieldText ??= ending.said;
  sheet.steps.pop();
}

/** A formula whose parts were told apart by a file's own structure. */
export interface FormulaParts {
  readonly title: string;
  readonly yield?: string;
  readonly components: readonly { readonly name: string; readonly lines: readonly string[] }[];
  readonly steps: readonly string[];
  readonly notes?: readonly string[];
  readonly facts?: FormulaFacts;
}

/** Puts together a formula whose parts are known: nothing is guessed but what the lines and steps themselves say. */
export function assembleFormula(parts: FormulaParts, bakersOwn: Region, kitchen: Kitchen): FormulaReading {
  const { facts = {} } = parts;
  const all = [parts.title, ...parts.components.flatMap(({ lines }) => lines), ...parts.steps].join('\n');
  const context: ReadingContext = { region: facts.region ?? regionOf(all, bakersOwn), kitchen };
  const sheet = new Sheet(context);
  sheet.title = parts.title.trim();
  sheet.yieldText = parts.yield;
  for (const { name, lines } of parts.components) {
    sheet.startComponent(headingName(name) || $localize`Batter`);
    for (const line of lines.filter((text) => text.trim() !== '')) sheet.addLine(line.trim(), readLine(line, context));
  }
  sheet.steps.push(
    ...parts.steps.flatMap((step) => inPieces(step.trim(), LONGEST_PARAGRAPH)).filter((step) => step !== ''),
  );
  sheet.notes.push(...(parts.notes ?? []));
  sheet.addFacts(facts);
  const lines = parts.components.flatMap((component) => component.lines);
  return sheet.finish(lines[0] ?? parts.title);
}
