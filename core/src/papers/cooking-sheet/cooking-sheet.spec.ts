import { TARGET_FAULTS } from '../../batch/plan/index.js';
import { marked } from 'marked';
import Papa from 'papaparse';
import { auditFormula } from '../../bench/audit/index.js';
import { batterGrowth } from '../../oven/baking/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { oneBake } from '../../batch/bakes/index.js';
import { batchOf } from '../../batch/batch/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { brimMillilitres, parsePan, SHELF_PANS } from '../../kitchen/pans/index.js';
import { faultInWords, howFilled, howSized, panName } from '../../words/batch-words/index.js';
import { sheetCsv, sheetDocument, sheetMarkdown } from './index.js';

const sheets = DEMO_FORMULAS.map(({ id, text }) => {
  const reading = readFormula(text, 'UK');
  if (reading.kind === 'refused') throw new Error(id);
  const { formula } = reading;
  const audit = auditFormula(formula);
  const bake = oneBake({ formula, audit, kitchen: PLAIN_KITCHEN, batch: { targets: [{ kind: 'times', times: 1.5 }] } });
  const batch = batchOf(bake);
  return { id, formula, batch, sheet: sheetDocument(bake, batch, { version: 2, foreseen: [] }) };
}); // prettier-ignore

describe('sheetDocument', () => {
  for (const { id, batch, sheet } of sheets)
    it(`has every line of ${id} once, and its running weights add up`, () => {
      const rows = sheet.components.flatMap(({ groups }) => groups.flatMap((group) => group.rows));
      expect(rows.length).toBe(batch.measured.components.flatMap(({ lines }) => lines).length);
      for (const { groups } of sheet.components)
        for (const { rows: own } of groups)
          expect(own.at(-1)?.runningGrams).toBeCloseTo(
            own.reduce((sum, { grams }) => sum + grams, 0),
            6,
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
