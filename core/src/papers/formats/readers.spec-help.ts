import { readTargets } from '../../batch/targets/index.js';
import { readWay } from '../../batch/bakes/index.js';
import { auditFormula } from '../../bench/audit/index.js';
import { openLines, readHave } from '../../bench/open-lines/index.js';
import {
  convertAmount,
  durationsIn,
  mentionsIn,
  normalise,
  panMentionsIn,
  readBake,
  readFact,
  readFormula,
  readLine,
  readYield,
  regionOf,
  temperaturesIn,
} from '../../formula/parsing/index.js';
import { inFigures, stretchesOf, takingsIn, Words } from '../../formula/narration/index.js';
import { matchIngredient } from '../../kitchen/ingredients/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { vesselSaid } from '../../kitchen/equipment/index.js';
import { parsePan } from '../../kitchen/pans/index.js';
import { readCovers, readSchedule } from '../../oven/baking/index.js';
import { readFile } from './index.js';

/* Every reader of the core, by what it reads: for specs that throw texts at them. */

const CONTEXT = { region: 'UK' as const, kitchen: PLAIN_KITCHEN };
const reading = readFormula(
  'Loaf\n200 g plain flour\n100 g caster sugar\n2 eggs\nBake at 180 C in a 20 cm round tin.',
  'UK',
);
if (reading.kind !== 'read') throw new Error('the loaf');
const FORMULA = reading.formula;
const AUDIT = auditFormula(FORMULA);
const LINES = openLines(FORMULA, AUDIT, PLAIN_KITCHEN, new Set());
/** A text as long as a formula may be; beyond it the reader refuses at once. */
const asFormula = (text: string) => `Loaf\n200 g flour\n${text.slice(0, 58_000)}\nBake at 180 C`;

export const READERS: Readonly<Record<string, (text: string) => unknown>> = {
  'a formula and its audit': (text) => {
    const read = readFormula(asFormula(text), 'UK');
    return read.kind === 'read' ? auditFormula(read.formula) : read;
  },
  'a formula told': (text) => {
    const words = inFigures(new Words(`so we take 2 cups of ${text} and three eggs`));
    return [takingsIn(words, CONTEXT), stretchesOf(words)];
  },
  'a line': (text) => readLine(`2 cups ${text}`, CONTEXT),
  'an amount to convert': (text) => convertAmount(text, 'g', CONTEXT),
  'an ingredient’s name': (text) => matchIngredient(text, 'UK'),
  'a yield': readYield,
  'a bake': (text) => readBake([text]),
  'what a step mentions': mentionsIn,
  'pans in a step': panMentionsIn,
  durations: durationsIn,
  temperatures: temperaturesIn,
  'the region': (text) => regionOf(text, 'UK'),
  spelling: normalise,
  'a fact': readFact,
  'a pan': parsePan,
  'a vessel': (text) => vesselSaid(text),
  covers: readCovers,
  'a schedule': readSchedule,
  'another way': readWay,
  'a wish': (text) => readTargets(text, { formula: FORMULA, audit: AUDIT, kitchen: PLAIN_KITCHEN }),
  'what there is': (text) => readHave(text, LINES, CONTEXT),
  'a table': (text) => readFile('a.csv', text, 'UK', PLAIN_KITCHEN),
  'a data file': (text) => readFile('a.json', text, 'UK', PLAIN_KITCHEN),
  'a page': (text) => readFile('a.html', text, 'UK', PLAIN_KITCHEN),
  'a Markdown file': (text) => readFile('a.md', text, 'UK', PLAIN_KITCHEN),
  'a plain text': (text) => readFile('a.txt', text, 'UK', PLAIN_KITCHEN),
};
