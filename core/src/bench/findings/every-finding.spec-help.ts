import { writtenBakeJob } from '../../batch/bake-jobs/index.js';
import { convertAmount, plainContext, type Problem } from '../../formula/parsing/index.js';
import { readText } from '../../formula/reading/index.js';
import { PLAIN_KITCHEN, type Kitchen } from '../../kitchen/kitchen/index.js';
import { runBakeJob } from '../../oven/baking/index.js';
import { readFile } from '../../papers/formats/index.js';
import { auditFormula } from '../audit/index.js';
import { bakeFindings, findingsIn, type Finding, type FindingCode } from './index.js';
import { MUFFINS, muffinsWith, read } from './rules/audit-fixtures.spec-help.js';

/* A text for each code that reading or an audit can give: what a baker may write to be told so. */

/** Everything that is found in a text: refusals, what reading says, what the audit and the heat model say. */
function everythingFoundIn(text: string, kitchen: Kitchen = PLAIN_KITCHEN): readonly (Finding | Problem)[] {
  const reading = readText(text, 'US', kitchen);
  if (reading.kind !== 'read') return [reading.problem];
  const { formula } = reading;
  const around = { kitchen, formula: () => undefined };
  const audit = auditFormula(formula, around);
  const job = writtenBakeJob({ formula, audit, kitchen });
  return [
    ...reading.problems,
    ...findingsIn(formula, around, audit).findings,
    ...(job ? bakeFindings(formula, runBakeJob(job), audit) : []),
  ];
}

const bakeAt = (words: string) => muffinsWith(['at 200 °C', `at ${words}`]);
const into = (pan: string) => muffinsWith(['in a 12-cup muffin tin', `in a ${pan}`]);
const salted = (line: string) => muffinsWith(['3 g salt', `3 g salt\n${line}`]);
const frosted = (lines: string) =>
  `${MUFFINS.replace('\nWhisk the flour', `\nFor the frosting:\n${lines}\n\nMethod\nWhisk the flour`)}\nWhisk the frosting and spread it.\n`;
const BABY = muffinsWith(['Tea tent muffins', 'Muffins for a first birthday'], ['3 g salt', '3 g salt\n40 g walnuts\n30 g honey']); // prettier-ignore
const CREAMED = muffinsWith(
  ['85 g butter, melted', '85 g cold butter'],
  ['Whisk the flour, sugar, salt and baking powder.', 'Cream the butter and sugar. Beat in the eggs.'],
  ['Stir in the milk, eggs and butter.', 'Fold in the flour, salt and baking powder with the milk.'],
);
const RUBBED = muffinsWith(
  ['85 g butter, melted', '85 g butter, melted'],
  ['Whisk the flour, sugar, salt and baking powder.', 'Rub the butter into the flour, sugar, salt and baking powder.'],
  ['Stir in the milk, eggs and butter.', 'Stir in the milk and eggs.'],
);
const BARE_CUPS =
  'Muffins\n2 cups flour\n1 cup sugar\n1 cup milk\n2 eggs\n2 tsp baking powder\n1/2 cup oil\nMix and bake.';
const CANTEEN = MUFFINS.replace(/^(\d+(?:\.\d+)?) g/gm, (_, grams: string) => `${Number(grams) * 9} g`)
  .replace('2 large eggs', '18 large eggs')
  .replace('2 1/2 tsp', '22 tsp');

/** Told as it was done: an amount that is said of another bake, and one that nobody gave a name. */
const TOLD =
  'So we take 250 g of flour, 120 g of sugar, 100 g of butter and 2 eggs. Then add 3 tsp of baking powder and half a cup of it. Instead of 200 ml of milk you can use water. Mix and bake at 180 C for 30 minutes.';

type Source =
  | string
  | { readonly text: string; readonly kitchen: Kitchen }
  | { readonly from: () => readonly (Finding | Problem)[] };
const problemsOfFile = (name: string, text: string) => (): readonly Problem[] =>
  readFile(name, text, 'US', PLAIN_KITCHEN).items.flatMap((item) => (item.kind === 'refused' ? [item.problem] : []));
const orvinFile = (version: number, formulas: readonly unknown[]) =>
  JSON.stringify({ file: 'orvin formulas', version, formulas });
const tied = (formula: (id: string) => ReturnType<typeof read> | undefined) => () => {
  const sound = read(MUFFINS);
  const [component] = sound.components;
  if (!component) throw new Error('no batter');
  const line = { id: 'tie', text: '100 g of that', formulaId: 'other' };
  const formulaOfTie = { ...sound, components: [{ ...component, lines: [...component.lines, line] }] };
  const others = (id: string) => (id === 'other' ? formula('other') : undefined);
  return findingsIn(formulaOfTie, { kitchen: PLAIN_KITCHEN, formula: others }).findings;
};

export const TEXT_OF_CODE: Readonly<Record<FindingCode, Source>> = {
  'ingredient-unknown': salted('20 g glimmerwort'),
  'words-unread': salted('20 g zanzibarred walnuts'),
  'ingredient-ambiguous': salted('60 g currants'),
  'alternative-taken': salted('20 g walnuts or pecans'),
  'amount-missing': muffinsWith(['130 g sugar', 'sugar']),
  'amount-impossible': muffinsWith(['130 g sugar', '-130 g sugar']),
  'amounts-disagree': salted('1 cup (300 g) walnuts'),
  'cannot-weigh': salted('2 bunches golden syrup'),
  'egg-size-assumed': muffinsWith(['2 large eggs', '2 eggs']),
  'grams-assumed': muffinsWith(['130 g sugar', '130 sugar']),
  'heard-unsure': TOLD,
  'amount-without-name': TOLD,
  'not-understood': { from: () => convertedProblems('3 g sugar and 2 g salt', 'g') },
  'text-too-long': 'flour '.repeat(12_000),
  'page-source': '<!doctype html><html><body>2 cups flour</body></html>',
  'nothing-to-weigh': 'A walk along the quay\nIt was a fine day.',
  'no-amounts': 'flour\nsugar\nbutter\neggs',
  'pan-without-size': into('loaf pan'),
  'pan-not-built': into('10 inch pie dish'),
  'no-flour': 'White clouds\n4 large egg whites\n200 g sugar\nWhisk and bake at 120 °C.',
  'soda-without-acid': muffinsWith(['2 1/2 tsp baking powder', '2 tsp baking soda'], ['salt and baking powder', 'salt and baking soda']), // prettier-ignore
  'soda-left-over': muffinsWith(['2 1/2 tsp baking powder', '1 tsp baking soda'], ['220 g milk', '220 g buttermilk'], ['salt and baking powder', 'salt and baking soda'], ['Stir in the milk', 'Stir in the buttermilk']), // prettier-ignore
  'leavening-missing': muffinsWith(['2 1/2 tsp baking powder\n', ''], [', salt and baking powder', ' and salt']),
  'measure-unknown': salted("1 of Gran's mug walnuts"),
  'spelling-guessed': salted('20 g walnutts'),
  'formula-missing': { from: tied(() => undefined) },
  'formula-inside-itself': { from: tied(() => itself()) },
  'file-damaged': { from: problemsOfFile('a.orvin.json', orvinFile(1, [{ id: 'x' }])) },
  'file-too-new': { from: problemsOfFile('a.orvin.json', orvinFile(99, [])) },
  'json-without-formula': { from: problemsOfFile('a.json', '{"a":1}') },
  'temperatures-disagree': bakeAt('180 °C (400 °F)'),
  'fan-not-below': bakeAt('200C/160C fan'),
  'leavener-without-amount': muffinsWith(['2 1/2 tsp baking powder', 'baking powder']),
  'acid-left-over': muffinsWith(['220 g milk', '220 g buttermilk\n60 g lemon juice'], ['2 1/2 tsp baking powder', '1 tsp baking powder']), // prettier-ignore
  'gas-below-band': muffinsWith(['2 1/2 tsp', '1/2 tsp']),
  'gas-above-band': muffinsWith(['2 1/2 tsp', '6 tsp']),
  'salt-kind-unclear': muffinsWith(['3 g salt', '1 tsp salt']),
  'cup-region-unclear': BARE_CUPS,
  'pan-too-small': into('12 cm round tin, 5 cm deep'),
  'pan-too-large': into('40 x 30 x 5 cm tin'),
  'bake-time-implausible': muffinsWith(['18 to 20 minutes', '60 to 70 minutes']),
  'bake-never-done': CANTEEN.replace('in a 12-cup muffin tin at 200 °C', 'in a 30 cm round tin, 15 cm deep at 100 °C'),
  'line-unused': salted('5 g vanilla extract'),
  'line-taken-twice': muffinsWith(['Whisk the flour', 'Warm 200 g of the milk. Whisk the flour'], ['Stir in the milk', 'Stir in 150 g of the milk']), // prettier-ignore
  'line-divided-unsaid': muffinsWith(['130 g sugar', '130 g sugar, divided']),
  'step-uses-unlisted': muffinsWith(['and butter.', 'and butter, fold in the blueberries.']),
  'beyond-styles':
    'Oat cookies\n200 g plain flour\n120 g butter\n150 g sugar\n1 egg\n1 tsp baking soda\nBake at 180 °C for 12 minutes.',
  'far-off': muffinsWith(['130 g sugar', '1300 g sugar']),
  'flour-cannot-carry': salted('480 g raisins'),
  'no-gluten-no-binder': muffinsWith(['250 g all-purpose flour', '250 g rice flour'], ['2 large eggs', '1 large egg']),
  'whole-grain-heavy': muffinsWith(['250 g all-purpose flour', '250 g whole wheat flour'], ['Makes 12', 'Makes 12\nStyle: muffin']), // prettier-ignore
  'thirsty-ingredients': muffinsWith(['3 g salt', '3 g salt\n60 g desiccated coconut'], ['220 g milk', '90 g milk']),
  'raw-egg': frosted('2 egg whites\n200 g icing sugar'),
  'raw-flour': frosted('30 g plain flour\n200 g icing sugar'),
  'baby-honey': BABY,
  'baby-sugar': BABY,
  'baby-salt': BABY,
  'baby-nuts': BABY,
  'oven-above-limit': muffinsWith(['Bake in a 12-cup muffin tin at 200 °C', 'Line a 12-cup muffin tin with baking parchment. Bake at 230 °C']), // prettier-ignore
  'allergen-denied': muffinsWith(['Tea tent muffins', 'Nut-free muffins'], ['3 g salt', '3 g salt\n40 g walnuts']),
  'not-vegan': muffinsWith(['Tea tent muffins', 'Vegan muffins'], ['130 g sugar', '130 g honey']),
  'cold-for-emulsion': CREAMED,
  'warm-for-flakes': RUBBED,
  'bowl-too-small': CANTEEN,
  'mixer-too-small': { text: MUFFINS, kitchen: { ...PLAIN_KITCHEN, mixer: { bowlLitres: 40, mostFlourGrams: 100 } } },
  'flour-basis-assumed': 'Scones\nflour 100%\nbutter 20%\nsugar 15%\nbaking powder 5%\nmilk 60%',
};

function itself(): ReturnType<typeof read> {
  const sound = read(MUFFINS);
  return { ...sound, components: sound.components.map((component) => ({ ...component, lines: [{ id: 'loop', text: '100 g', formulaId: 'other' }] })) }; // prettier-ignore
}

function convertedProblems(words: string, to: string): readonly Problem[] {
  const converted = convertAmount(words, to, plainContext('US'));
  return converted.kind === 'refused' ? [converted.problem] : [];
}

/** What is found where a code is to be found. */
export function foundAt(code: FindingCode): Finding | Problem | undefined {
  const source = TEXT_OF_CODE[code];
  const all =
    typeof source === 'string'
      ? everythingFoundIn(source)
      : 'from' in source
        ? source.from()
        : everythingFoundIn(source.text, source.kitchen);
  return all.find((item) => item.code === code);
}
