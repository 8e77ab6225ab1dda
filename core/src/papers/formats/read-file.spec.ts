import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { NO_SURROUNDINGS, readFormula, weighFormula } from '../../formula/parsing/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { exportFormula, readFile, writeCsv, writeOrvinFile, type FileReading } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

const read = (text: string, name = ''): FileReading => readFile(name, text, 'UK', PLAIN_KITCHEN);
const only = (reading: FileReading) => {
  const [item, more] = reading.items;
  if (item?.kind !== 'read' || more)
    throw new Error(`${reading.items.length} items, the first ${JSON.stringify(item)}`);
  return item.formula;
};
const refusal = (reading: FileReading) =>
  reading.items.map((item) => (item.kind === 'refused' ? item.problem.code : 'read'));
const grams = (formula: ReturnType<typeof only>) =>
  weighFormula(formula).components.map(({ name, lines }) => [
    name,
    ...lines.map((line) => Math.round(line.grams ?? -1)),
  ]);

const RECIPE = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Pear &amp; cardamom loaf',
  recipeYield: ['10', '10 slices'],
  cookTime: 'PT55M',
  prepTime: 'PT15M',
  recipeIngredient: ['225 g plain flour', '<b>2</b> large eggs', 'For the glaze:', '50 g icing sugar'],
  recipeInstructions: [
    { '@type': 'HowToSection', name: 'Loaf', itemListElement: [{ '@type': 'HowToStep', text: 'Mix it all.' }] },
    { '@type': 'HowToStep', text: 'Bake at 170C in a 2 lb loaf tin.' },
  ],
};

describe('readFile: what no formula is', () => {
  it('says that Markdown nested thousands deep is damaged, in words', () =>
    expect(refusal(read('> '.repeat(20_000) + 'flour', 'deep.md'))).toEqual(['file-damaged']));
  it('says so of a page too', () =>
    expect(refusal(read('<b>'.repeat(20_000) + 'flour', 'deep.html'))).toEqual(['file-damaged']));
  it('says how large a file may be, before it reads one that is larger', () =>
    expect(refusal(read('flour\n'.repeat(2_000_000), 'large.txt'))).toEqual(['text-too-long']));
});

describe('readFile: schema.org/Recipe', () => {
  it('reads a bare JSON file, its headings, sections, yield and time', () => {
    const formula = only(read(JSON.stringify(RECIPE), 'loaf.json'));
    expect(formula.title).toBe('Pear & cardamom loaf');
    expect(formula.yield).toBe('10 slices');
    expect(grams(formula)).toEqual([
      ['Batter', 225, 120],
      ['Glaze', 50],
    ]);
    expect(formula.steps.map(({ text }) => text)).toEqual(['Loaf', 'Mix it all.', 'Bake at 170C in a 2 lb loaf tin.']);
    expect(formula.bake).toEqual(jasmine.objectContaining({ celsius: 170, lowMinutes: 55, highMinutes: 55 }));
    expect(formula.notes).toContain('Preparation: 15 min');
  });
  it('finds it in a graph, in a list of types and in a list of several', () => {
    const graph = { '@graph': [{ '@type': 'WebPage' }, { ...RECIPE, '@type': ['Thing', 'Recipe'] }] };
    expect(only(read(JSON.stringify(graph))).title).toBe('Pear & cardamom loaf');
    expect(read(JSON.stringify([RECIPE, { ...RECIPE, name: 'Another' }])).items.length).toBe(2);
  });
  it('reads JSON as anybody writes it: other keys, ingredients taken apart', () => {
    const {
      title,
      yield: makes,
      components,
      steps,
      bake,
    } = only(
      read(
        JSON.stringify({
          title: 'Applesauce squares',
          servings: 9,
          ingredients: [
            { amount: 190, unit: 'g', name: 'plain flour' },
            { quantity: '1', measure: 'tsp', ingredient: 'baking soda' },
            '300 g applesauce',
          ],
          method: ['Stir.', 'Bake at 180 °C for 30 minutes.'],
        }),
      ),
    );
    expect([title, makes]).toEqual(['Applesauce squares', 'Makes 9']);
    expect(components.flatMap(({ lines }) => lines.map(({ text }) => text))).toEqual([
      '190 g plain flour',
      '1 tsp baking soda',
      '300 g applesauce',
    ]);
    expect(steps.length).toBe(2);
    expect([bake.celsius, bake.lowMinutes]).toEqual([180, 30]);
  });
  it('says so when there is none, or when it is no JSON at all', () => {
    expect(refusal(read('{"name":"regatta"}'))).toEqual(['json-without-formula']);
    expect(refusal(read('{"name":', 'loaf.json'))).toEqual(['file-damaged']);
  });
});

describe('readFile: a saved page', () => {
  const page = (inside: string) =>
    `<!DOCTYPE html><html><head><title>Tea tent</title></head><body><nav>Home About</nav>${inside}<script>throw new Error('ran')</script></body></html>`;
  it('takes the JSON-LD of the page and runs nothing', () => {
    const formula = only(
      read(page(`<script type="application/ld+json">${JSON.stringify(RECIPE)}</script>`), 'loaf.html'),
    );
    expect(grams(formula)[0]).toEqual(['Batter', 225, 120]);
    expect(JSON.stringify(formula)).not.toContain('throw');
  });
  it('takes microdata where there is no JSON-LD', () => {
    const formula = only(
      read(
        page(`<div itemscope itemtype="http://schema.org/Recipe"><h1 itemprop="name">Oat farls</h1>
          <ul><li itemprop="recipeIngredient">150&nbsp;g oat flour</li><li itemprop="recipeIngredient">150 ml butter<i>milk</i></li></ul>
          <div itemprop="recipeInstructions"><p>Mix.</p><p>Bake on a griddle for 8 minutes.</p></div></div>`),
      ),
    );
    expect(formula.title).toBe('Oat farls');
    expect(grams(formula)[0]?.slice(0, 2)).toEqual(['Batter', 150]);
    expect(weighFormula(formula).components[0]?.lines[1]?.entries[0]?.ingredient?.id).toBe('buttermilk');
    expect(formula.steps.map(({ text }) => text)).toEqual(['Mix.', 'Bake on a griddle for 8 minutes.']);
  });
  it('reads the visible words where there is neither', () => {
    const formula = only(
      read(
        page(
          '<h1>Scones</h1><p>Ingredients</p><ul><li>225 g self-raising flour</li><li>55 g butter</li></ul><p>Method</p><ol><li>Rub in.</li></ol>',
        ),
      ),
    );
    expect(grams(formula)).toEqual([['Batter', 225, 55]]);
    expect(formula.steps.map(({ text }) => text)).toEqual(['Rub in.']);
  });
  it('writes a page in which nothing can run, whatever the words', () => {
    const reading = readFormula(
      '</script><script>alert(1)</script> buns\n200 g plain flour\n2 large eggs'.replaceAll('script', 'b'),
      'UK',
    );
    if (reading.kind !== 'read') throw new Error(reading.problem.code);
    const title = '</script><img src=x onerror=alert(1)>';
    const written = exportFormula({ ...reading.formula, title }, 'html', NO_SURROUNDINGS);
    expect(written.match(/<script/g)?.length).toBe(1);
    expect(written).not.toContain('<img');
    expect(grams(only(read(written, 'page.html')))[0]).toEqual(['Batter', 200, 120]);
  });
  it('damaged markup loses no line', () => {
    const formula = only(read(page('<h1>Scones<ul><li>225 g self-raising flour<li>55 g butter</ul')));
    expect(grams(formula)[0]).toEqual(['Batter', 225, 55]);
  });
});

describe('readFile: Markdown and tables', () => {
  it('reads headings, lists, emphasis, links and tables', () => {
    const formula = only(
      read(
        '# Harvest **muffins**\n\nMakes 12\n\n## Ingredients\n\n- 250 g [plain flour](http://127.0.0.1/)\n- *2* large eggs\n\n### Topping\n\n| grams | what |\n|---|---|\n| 40 g | demerara sugar |\n\n## Method\n\n1. Mix.\n2. Bake at 200C for 20 minutes.\n',
      ),
    );
    expect(formula.title).toBe('Harvest muffins');
    expect(formula.yield).toBe('Makes 12');
    expect(grams(formula)).toEqual([
      ['Batter', 250, 120],
      ['Topping', 40],
    ]);
    expect(formula.bake).toEqual(jasmine.objectContaining({ celsius: 200, lowMinutes: 20 }));
  });
  it('reads one formula for each heading of the first level', () => {
    const two = '# One\n\n- 250 g plain flour\n- 2 eggs\n\n# Two\n\n- 100 g oats\n- 50 g butter\n';
    expect(read(two, 'both.md').items.length).toBe(2);
  });
  it('reads anybody’s table of lines, with commas or semicolons, and the decimal figures in it', () => {
    const formula = only(
      read('Ingredient;Amount;Unit;Notes\nplain flour;225;g;sifted\nbaking soda;0.5;tsp;\n', 'soda bread.csv'),
    );
    expect(formula.title).toBe('soda bread');
    expect(grams(formula)[0]).toEqual(['Batter', 225, 2]);
    expect(formula.components[0]?.lines[0]?.text).toBe('225 g plain flour, sifted');
  });
  it('several formulas in one table stay apart', () => {
    const formulas = DEMO_FORMULAS.slice(0, 3).map(({ text }) => formulaRead(readFormula(text, 'UK')));
    const table = writeCsv(formulas, NO_SURROUNDINGS);
    expect(read(table, 'shelf.csv').items.map((item) => (item.kind === 'read' ? item.formula.title : ''))).toEqual(
      formulas.map(({ title }) => title),
    );
  });
  it('a cell that a table program would run is written as words', () => {
    const reading = readFormula('=SUM(A1)\n225 g plain flour\n2 eggs', 'UK');
    if (reading.kind !== 'read') throw new Error(reading.problem.code);
    const table = exportFormula(reading.formula, 'csv', NO_SURROUNDINGS);
    for (const cell of table.split(/[,\r\n]+/)) expect(cell).not.toMatch(/^"?[=@]/);
  });
});

describe('readFile: Orvin’s own file', () => {
  const [sample] = DEMO_FORMULAS;
  const formula = formulaRead(readFormula(sample?.text ?? '', 'UK'));
  const record = {
    id: 'loaf',
    formula,
    oven: { pans: '9x5 loaf' },
    versions: [{ number: 1, parent: null, reason: 'first', keptAt: 5, formula, oven: {} }],
  };
  it('keeps a formula with its oven, its versions and the kitchen', () => {
    const file = writeOrvinFile([record], { ...PLAIN_KITCHEN, filling: 'scooped' });
    const back = read(file);
    expect(back.format).toBe('orvin');
    expect(back.kitchen?.filling).toBe('scooped');
    const [item] = back.items;
    expect(item).toEqual(
      jasmine.objectContaining({ kind: 'read', formula, oven: record.oven, versions: record.versions }),
    );
  });
  it('keeps the batch at hand, the kept ones, and the pan shelf', () => {
    const batch = { targets: [{ kind: 'pans', pans: 'heart tin' }], kit: 'us-cups' } as const;
    const batches = [{ versionNumber: 1, name: 'a heart: 900 g', keptAt: 5, sheet: batch }];
    const pan = { name: 'heart tin', shape: 'round', topLengthCm: 22, topWidthCm: 22, bottomLengthCm: 22, bottomWidthCm: 22, depthCm: 6, cavities: 1, material: 'light', measuredMillilitres: 1850 } as const; // prettier-ignore
    const pans = [{ id: 'p1', name: 'heart tin', pan, count: 2, madeOf: 'glass' }];
    const back = read(writeOrvinFile([{ ...record, batch, batches }], { ...PLAIN_KITCHEN, pans }));
    expect(back.items[0]).toEqual(jasmine.objectContaining({ batch, batches }));
    expect(back.kitchen?.pans).toEqual(pans);
    const broken = { ...record, batch: { targets: [{ kind: 'pans', pans: '' }] } } as const;
    expect(refusal(read(writeOrvinFile([broken])))).toEqual(['file-damaged']);
  });
  it('refuses a damaged file and one of a later Orvin, each with its reason', () => {
    const file = JSON.parse(writeOrvinFile([record])) as Record<string, unknown>;
    const version = Object.keys(file).find((key) => typeof file[key] === 'number') ?? '';
    expect(refusal(read(JSON.stringify({ ...file, [version]: 99 })))).toEqual(['file-too-new']);
    expect(refusal(read(JSON.stringify({ ...file, formulas: [{ id: 1 }] })))).toEqual(['file-damaged']);
  });
});

describe('readFile: plain texts', () => {
  it('reads several formulas parted by a rule, and a text with a rule in it as one', () => {
    const one = 'Scones\n225 g self-raising flour\n55 g butter';
    expect(read(`${one}\n-----\nFarls\n200 g oats\n50 g butter`).items.length).toBe(2);
    expect(read(`${one}\n-----\nRub in and bake at 220C for 12 minutes`).items.length).toBe(1);
  });
  it('refuses what is too large, before reading it', () => {
    expect(refusal(read('flour '.repeat(2_000_000)))).toEqual(['text-too-long']);
  });
});
