import type { BakeOrder } from '../../batch/bake-jobs/index.js';
import { TARGET_FAULTS } from '../../batch/targets/index.js';
import { type BatchTarget } from '../../batch/plan/index.js';
import { marked } from 'marked';
import Papa from 'papaparse';
import { auditFormula } from '../../bench/audit/index.js';
import { batterGrowth, runBakeJob } from '../../oven/baking/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { mentionsIn, panMentionsIn, readFormula } from '../../formula/parsing/index.js';
import { oneBake } from '../../batch/bakes/index.js';
import { batchOf } from '../../batch/batch/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { brimMillilitres, parsePan, SHELF_PANS } from '../../kitchen/pans/index.js';
import { faultInWords, howFilled, howSized, panName } from '../../words/batch-words/index.js';
import { windowInWords } from '../../words/figures/index.js';
import { plainStep, sheetCsv, sheetDocument, sheetMarkdown } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

const sheets = DEMO_FORMULAS.map(({ id, text }) => {
  const formula = formulaRead(readFormula(text, 'UK'));
  const audit = auditFormula(formula);
  const bake = oneBake({ formula, audit, kitchen: PLAIN_KITCHEN, batch: { targets: [{ kind: 'times', times: 1.5 }] } });
  const batch = batchOf(bake);
  return { id, formula, batch, sheet: sheetDocument(bake, batch, { version: 2, foreseen: [] }) };
}); // prettier-ignore

const sheetOf = (text: string, targets: readonly BatchTarget[], more: Partial<BakeOrder> = {}) => {
  const formula = formulaRead(readFormula(text, 'UK'));
  const kitchen = more.kitchen ?? PLAIN_KITCHEN;
  const bake = oneBake({ formula, audit: auditFormula(formula), kitchen, ...more, batch: { targets, ...more.batch } });
  const foreseen = bake.portions.map(({ job }) => {
    const result = runBakeJob(job);
    return result.kind === 'foreseen' ? result.bake : undefined;
  });
  return { bake, foreseen, formula, sheet: sheetDocument(bake, batchOf(bake), { foreseen }) };
};
const TIERED = `Quay ginger cake
225 g plain flour
2 tsp baking powder
100 g butter
120 g caster sugar
2 medium eggs
120 ml milk

Method
1. Heat the oven to 180C/160C fan/gas 4. Grease and line a 20 cm round tin, 8 cm deep.
2. Cream the butter and the sugar until pale. Beat in the eggs one by one.
3. Whisk the flour and the baking powder together. Fold in with the milk.
4. Scrape into the tin and bake at 180 °C for 40 to 45 minutes. Cool 10 minutes in the tin.`;

describe('a sheet does not contradict its batch', () => {
  it('says of what was not understood that it is not weighed, and how much of it this batch would take', () => {
    const { sheet } = sheetOf(TIERED.replace('120 ml milk', '120 ml milk\n30 g zorblax'), [{ kind: 'times', times: 2 }]); // prettier-ignore
    for (const written of [sheetMarkdown(sheet), sheetCsv(sheet)])
      expect(written).toMatch(/30 g zorblax.*not understood, does not count, 60 g here/);
  });
  it('leaves the time of what is steamed as it is told, and names no oven', () => {
    const text = 'Damson pudding\n120 g butter\n120 g caster sugar\n2 eggs\n120 g self-raising flour\n\nMethod\n1. Cream the butter and sugar, beat in the eggs, fold in the flour.\n2. Spoon into a 1 litre pudding basin and steam for 1 1/2 hours.'; // prettier-ignore
    const { sheet } = sheetOf(text, [{ kind: 'times', times: 1 }]);
    expect(plainStep(sheet.steps[1]?.words ?? [])).toContain('steam for 1 1/2 hours');
    expect(sheet.pans.map(({ oven }) => oven)).toEqual(['90 min in steam']);
  });
  it('counts the pieces of this batch, not those of the original', () => {
    const text = 'Biscuits\n250 g plain flour\n2 tsp baking powder\n85 g butter\n240 ml buttermilk\n\nMethod\n1. Rub the butter into the flour and powder, stir in the buttermilk.\n2. Drop twelve rough mounds on a baking sheet, 12 cm apart.\n3. Bake at 220C for 14 minutes.'; // prettier-ignore
    const { sheet, bake } = sheetOf(text, [{ kind: 'times', times: 1.5 }]);
    expect(plainStep(sheet.steps[1]?.words ?? [])).toBe('Drop 18 rough mounds on a baking sheet, 12 cm apart.'); // prettier-ignore
    expect(sheet.pans[0]?.name).toMatch(/^18 mounds of /);
    expect(bake.portions[0]?.pans.pan.name).toMatch(/^18 mounds of /);
  });
  it('says this batch’s pans, heat and time where the method says the original’s', () => {
    const { sheet, foreseen } = sheetOf(TIERED, [{ kind: 'pans', pans: '12-cup muffin tin' }], { oven: { fan: true } });
    const steps = sheet.steps.map(({ words }) => plainStep(words));
    expect(steps[0]).toBe('Heat the oven to 160 °C fan. Grease and line 12 muffin cups.');
    const minutes = foreseen[0]?.minutes;
    expect(steps[3]).toBe(
      `Scrape into the tin and bake at 160 °C fan for ${windowInWords(minutes?.low ?? 0, minutes?.high ?? 0)}. Cool 10 minutes in the tin.`,
    );
    expect(sheet.steps[0]?.words.flatMap(({ was = [] }) => was)).toEqual([
      '180C/160C fan/gas 4',
      'a 20 cm round tin, 8 cm deep',
    ]);
    for (const written of [sheetMarkdown(sheet), sheetCsv(sheet)]) {
      expect(written).not.toMatch(/40 to 45|180|20 cm round/);
      expect(written).toContain('160 °C fan');
    }
  });
  it('names each pan’s own heat and time where they differ', () => {
    const { sheet, foreseen } = sheetOf(TIERED, [
      { kind: 'pans', pans: '12-cup muffin tin' },
      { kind: 'pans', pans: '15 cm round, 8 cm deep' },
    ]);
    const [cups, round] = foreseen.map((bake) => windowInWords(bake?.minutes.low ?? 0, bake?.minutes.high ?? 0));
    expect(plainStep(sheet.steps[3]?.words ?? [])).toContain(
      `${cups ?? ''} (12 muffin cups), ${round ?? ''} (15 cm round, 8 cm deep)`,
    );
  });
  it('leaves the author’s words where nothing changed but the time is the one foreseen', () => {
    const { sheet } = sheetOf(TIERED, []);
    expect(plainStep(sheet.steps[0]?.words ?? [])).toBe(
      'Heat the oven to 180C/160C fan/gas 4. Grease and line a 20 cm round tin, 8 cm deep.',
    );
  });
  it('holds over all demo formulas, in other pans and sizes: no set point or bake time of the original is left', () => {
    for (const { id, text } of DEMO_FORMULAS) {
      const { sheet, bake, foreseen, formula } = sheetOf(text, [{ kind: 'pans', pans: '18 cm square tin, 6 cm deep' }], { oven: { celsius: 168 } });
      const windows = foreseen.flatMap((bakePrediction) => (bakePrediction ? [[Math.round(bakePrediction.minutes.low), Math.round(bakePrediction.minutes.high)]] : []));
      const { celsius, lowMinutes, highMinutes } = formula.bake;
      for (const { words } of sheet.steps) {
        for (const mention of mentionsIn(plainStep(words))) {
          if (mention.kind === 'temperature' && mention.of === 'oven' && celsius !== undefined)
            expect(Math.abs(mention.celsius - celsius) > 8 || bake.portions.some(({ job }) => Math.abs(job.setting.celsius - mention.celsius) < 1)).withContext(id).toBeTrue();
          if (mention.kind === 'time' && mention.purpose === 'bake' && mention.low === lowMinutes && mention.high === highMinutes)
            expect(windows).withContext(id).toContain([mention.low, mention.high]);
        }
        for (const { sized } of panMentionsIn(plainStep(words)))
          if (sized) expect(plainStep(words)).withContext(id).toContain('18 cm square');
      }
    }
  }); // prettier-ignore
  it('moves the stages of a bake with its heat, and shortens the last one to this batch', () => {
    const staged = TIERED.replace('bake at 180 °C for 40 to 45 minutes', 'bake at 200 °C for 10 minutes, then lower to 170 °C and bake 30 minutes more').replace('180C/160C fan/gas 4', '200 °C'); // prettier-ignore
    const { sheet, bake, foreseen } = sheetOf(staged, [], { oven: { fan: true } });
    expect(bake.portions[0]?.job.course?.stages).toEqual([{ fromMinute: 10, celsius: 150 }]);
    const step = plainStep(sheet.steps[3]?.words ?? []);
    expect(step).toContain('bake at 180 °C fan for 10 minutes, then lower to 150 °C fan');
    const { low = 0, high = 0 } = foreseen[0]?.minutes ?? {};
    expect(step).toContain(`bake ${windowInWords(low - 10, high - 10)} more`);
  });
  it('runs the scale in the order in which things go into a bowl: creamed sugar does not ride with the dry', () => {
    const { sheet } = sheetOf(TIERED, []);
    const groups = sheet.components[0]?.groups.map(({ name, rows }) => [name, rows.map((row) => row.name)]);
    expect(groups).toEqual([
      ['step 2, together', ['butter', 'caster sugar']],
      ['step 2, wet', ['eggs']],
      ['step 3, dry', ['plain flour', 'baking powder']],
      ['step 3, wet', ['milk']],
    ]);
    expect(sheet.components[0]?.groups[0]?.rows.map(({ runningGrams }) => runningGrams)).toEqual([100, 220]);
  });
  it('makes amounts that a step names those of this batch', () => {
    const text = 'Divided loaf\n200 g flour\n100 g sugar, divided\n100 g milk\n2 tsp baking powder\n\nMethod\n1. Whisk the flour, baking powder and 60 g of the sugar with the milk.\n2. Scatter over the rest of the sugar and bake at 180 C for 40 min.'; // prettier-ignore
    const { sheet } = sheetOf(text, [{ kind: 'times', times: 2 }]);
    expect(plainStep(sheet.steps[0]?.words ?? [])).toContain('and 120 g of the sugar');
    const sugar = sheet.components[0]?.groups.flatMap(({ rows }) => rows).find(({ name }) => name.includes('sugar'));
    // what is kept back is not on the scale yet
    expect(sugar?.note).toBe('keep back 80 g for step 2');
    expect(sugar?.grams).toBe(200);
  });
  it('scales by surface only what is spread, and says so at its part', () => {
    const cake = `Quay layers
200 g plain flour
200 g caster sugar
200 g butter
4 medium eggs
2 tsp baking powder

For the filling:
150 g lemon curd

For the buttercream:
200 g butter
400 g icing sugar

For the crumble:
40 g oats
20 g butter

Method
Bake in two 20 cm round tins at 180 C for 25 minutes.`;
    const frosting = { kind: 'buttercream', fillingCm: 0.5, topCm: 0.5, sides: true, crumbCoat: false, swirl: 'swirl', soaked: false, splitInto: 1 } as const; // prettier-ignore
    const { sheet, bake } = sheetOf(cake, [{ kind: 'pans', pans: 'two 25 cm rounds' }], { batch: { targets: [{ kind: 'pans', pans: 'two 25 cm rounds' }], frosting } }); // prettier-ignore
    const scaled = new Map(sheet.components.map(({ name, scaled: by }) => [name, by]));
    expect(scaled.get('Buttercream')).toMatch(/^by the surface it covers/);
    expect(scaled.get('Filling')).toMatch(/^by the surface it covers/);
    expect(scaled.get('Crumble')).toBe('');
    const { frosting: plan, measured } = batchOf(bake);
    expect(plan?.spread.map(({ part }) => part)).toEqual(['between', 'outside']);
    expect(plan?.spread.reduce((sum, { grams }) => sum + grams, 0)).toBeCloseTo(plan?.grams ?? 0, 6);
    expect(measured.components.find(({ name }) => name === 'Crumble')?.factor).toBe(bake.plan.factor);
  });
});

describe('sheetDocument', () => {
  for (const { id, batch, sheet } of sheets)
    it(`has every line of ${id} once, and its running weights add up`, () => {
      const rows = sheet.components.flatMap(({ groups }) => groups.flatMap((group) => group.rows));
      expect(rows.length).toBe(batch.measured.components.flatMap(({ lines }) => lines).length);
      for (const { groups } of sheet.components)
        for (const { rows: sheetRows } of groups)
          // all of it is on the scale but what is kept back for a later step
          expect(sheetRows.at(-1)?.runningGrams).toBeCloseTo(
            sheetRows.reduce(
              (sum, { grams, note }) => sum + grams - (Number(/keep back ([\d.]+) g/.exec(note)?.[1]) || 0),
              0,
            ),
            0,
          );
      expect(sheet.version).toBe(2);
      expect(sheet.cautions.at(-1)).toContain('doneness test');
    });
  it('puts lines in the order of the steps that take them', () => {
    for (const { id, sheet } of sheets)
      for (const { groups } of sheet.components) {
        const steps = groups.map(({ name }) => Number(/step (\d+)/.exec(name)?.[1] ?? 99));
        expect(steps).withContext(id).toEqual([...steps].sort((a, b) => a - b)); // prettier-ignore
      }
  });
  it('says in its step how much of a shared line it takes', () => {
    const reading = readFormula('Divided loaf\n200 g flour\n100 g sugar, divided\n100 g milk\n2 tsp baking powder\n\nMethod\n1. Whisk the flour, baking powder and half the sugar with the milk.\n2. Scatter over the rest of the sugar and bake at 180 C for 40 min.', 'UK'); // prettier-ignore
    if (reading.kind === 'refused') throw new Error('refused');
    const audit = auditFormula(reading.formula);
    const bake = oneBake({
      formula: reading.formula,
      audit,
      kitchen: PLAIN_KITCHEN,
      batch: { targets: [{ kind: 'times', times: 2 }] },
    });
    const sheet = sheetDocument(bake, batchOf(bake), { foreseen: [] });
    expect(sheet.steps.map(({ takes }) => takes.join())).toEqual([
      jasmine.stringMatching(/100 g.*sugar/),
      jasmine.stringMatching(/100 g.*sugar/),
    ]);
    const sugar = sheet.components
      .flatMap(({ groups }) => groups.flatMap(({ rows }) => rows))
      .find(({ name }) => name.includes('sugar'));
    expect(sugar?.note).toMatch(/keep back 100 g for step 2/);
  });
});

describe('sheets as files', () => {
  it('are tables that a table program reads, every gram in its column', () => {
    for (const { id, batch, sheet } of sheets) {
      const { data, errors } = Papa.parse<Record<string, string>>(sheetCsv(sheet), {
        header: true,
        skipEmptyLines: true,
      });
      expect(errors).withContext(id).toEqual([]);
      const grams = data.reduce((sum, row) => sum + Number(row['grams'] ?? 0), 0);
      const own = batch.measured.components.reduce((sum, component) => sum + component.grams, 0);
      expect(Math.abs(grams / own - 1))
        .withContext(id)
        .toBeLessThan(0.005);
    }
  });
  it('hold no cell that a table program would take for a formula', () => {
    const [{ sheet }] = sheets as [(typeof sheets)[number]];
    const [part] = sheet.components;
    if (!part) throw new Error('no part');
    const csv = sheetCsv({ ...sheet, components: [{ ...part, name: '=SUM(A1)' }] });
    for (const cell of csv.split(/[,\r\n]+/)) expect(cell).not.toMatch(/^"?[=@]/);
  });
  it('are Markdown with a table for each part', () => {
    for (const { id, sheet } of sheets) {
      const tables = marked.lexer(sheetMarkdown(sheet)).filter((token) => token.type === 'table');
      expect(tables.length).withContext(id).toBe(sheet.components.length);
    }
  });
});

describe('panName', () => {
  it('reads back as a pan that holds about as much, as bakers of either side of the ocean say it', () => {
    const strangers = new Set(['skillet', 'pie', 'dutch', 'tulip', 'popover', 'friand', 'lidded', 'top', 'mini', 'sheet', 'mug', 'can', 'ramekin', 'basin', 'jelly', 'swiss']); // prettier-ignore
    for (const pan of SHELF_PANS) {
      if (pan.shape === 'muffin' || [...strangers].some((word) => pan.name.toLowerCase().includes(word))) continue;
      for (const region of ['UK', 'US'] as const) {
        const words = panName(pan, region);
        const read = parsePan(words);
        const share = read.kind === 'pan' ? brimMillilitres(read.set.pan) / brimMillilitres(pan) : NaN;
        expect(Math.abs(share - 1))
          .withContext(`${pan.id}: ${words}`)
          .toBeLessThan(0.35);
      }
    }
  });
});

describe('where figures come from', () => {
  const [{ batch }] = sheets.filter(({ id }) => id === 'parsnip-hazelnut-cake') as [(typeof sheets)[number]];
  const growth = batterGrowth('vegetable_cake');
  it('reckons in the open: millilitres × share × density is the grams that it says', () => {
    const [portion] = batch.plan.portions;
    if (!portion) throw new Error('no pan');
    const [line = ''] = howFilled(portion, growth);
    const [, ml, share, density, grams] = /^(\d+) ml .* × ([\d.]+) × ([\d.]+) g\/ml is ([\d.]+) g$/.exec(line) ?? [];
    expect((Number(ml) * Number(share) * Number(density)) / Number(grams)).toBeCloseTo(1, 1);
    expect(Number(grams)).toBeCloseTo(portion.fill.gramsPerPan, -1);
  });
  it('divides the batch by the formula for its factor', () => {
    const line = howSized(batch, batch.plan.batterGrams / batch.plan.factor).find((one) => one.includes('÷')) ?? '';
    const [, all, own, factor] = /^([\d.]+) g ÷ ([\d.]+) g.* is ([\d.]+)$/.exec(line) ?? [];
    expect(Number(all) / Number(own)).toBeCloseTo(Number(factor), 2);
  });
});

describe('faultInWords', () => {
  it('says for every fault what to write instead', () => {
    for (const fault of TARGET_FAULTS) {
      const { say, why } = faultInWords('so much', fault);
      expect(say).toContain('so much');
      expect(why.length).withContext(fault).toBeGreaterThan(20);
    }
  });
});
