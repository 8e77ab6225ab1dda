import fc from 'fast-check';
import { auditFormula } from '../../bench/audit/index.js';
import type { Formula, FormulaLine } from '../../formula/formula/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { mentionsIn, normalise, NO_SURROUNDINGS, readFormula, weighFormula } from '../../formula/parsing/index.js';
import { CORPUS_LINES, CORPUS_TEXTS, DEMO_FORMULAS } from '../../doors/samples/index.js';
import { REGIONS } from '../../ground/units/index.js';
import { EXPORT_FILES, EXPORT_FORMATS, exportFormula, readFile, type ExportFormat } from './index.js';

function back(formula: Formula, format: ExportFormat): Formula {
  const written = exportFormula(formula, format, NO_SURROUNDINGS);
  const { items } = readFile(`bake.${EXPORT_FILES[format].ending}`, written, 'US', PLAIN_KITCHEN);
  const [only, more] = items;
  if (only?.kind !== 'read' || more)
    throw new Error(`${format} came back as ${items.length} of ${only?.kind}:\n${written}`);
  return only.formula;
}

/** What must not change on the way: what each line is and weighs, the steps with their times and temperatures, the bake. */
function kept(formula: Formula) {
  return {
    title: formula.title,
    yield: formula.yield,
    region: formula.region,
    styleId: formula.styleId,
    bake: formula.bake,
    components: weighFormula(formula).components.map(({ name, lines }) => ({
      name,
      lines: lines.map(({ line, grams, entries, optional }) => ({
        note: line.note ?? '',
        grams: grams === undefined ? null : Number(grams.toFixed(2)),
        ingredients: entries.map(({ ingredient }) => ingredient?.id ?? null),
        optional,
      })),
    })),
    steps: formula.steps.map(({ text }) => ({ text, mentions: mentionsIn(text) })),
    notes: formula.notes ?? [],
  };
}

/** The same words for the same facts, in whatever order they were put down. */
const inOrder = (value: unknown): string =>
  JSON.stringify(value, (_, one: unknown) =>
    one !== null && typeof one === 'object' && !Array.isArray(one)
      ? Object.fromEntries(Object.entries(one).sort(([a], [b]) => a.localeCompare(b)))
      : one,
  );

const inOneSpelling = (text: string) => normalise(text).replace(/\s+/g, ' ').trim();

/** Every line's own words stand in the line that came back. */
function wordsKept(before: Formula, after: Formula): void {
  before.components.forEach(({ lines }, c) => {
    lines.forEach(({ text }, l) =>
      expect(inOneSpelling(after.components[c]?.lines[l]?.text ?? '')).toContain(
        // the mark of a list is none of its words
        inOneSpelling(text.replace(/^(?:[-*•▢☐✓+]|\[ ?\]|\d{1,2}\)) +/, '')),
      ),
    );
  });
}

function expectSame(formula: Formula, format: ExportFormat): void {
  const after = back(formula, format);
  expect(kept(after)).withContext(format).toEqual(kept(formula));
  wordsKept(formula, after);
}

const STEPS = [
  'Heat the oven to 180 °C (160 °C fan) and line a 23 cm round tin.',
  'Whisk the flour with the soda.',
  'Stir in the rest and leave to stand for 10 minutes.',
  'Bake for 20 min at 220 °C, then 25 min at 160 °C.',
  'Cover with foil after 30 minutes, until a skewer comes out clean.',
  'Cool in the tin for 1 1/2 hours; it keeps for 3 days.',
  'Fold in the butter, a little at a time: 3-4 minutes.',
];

/** "To feed: 4 tbsp cider" begins a part of its own wherever it stands: no line of a batter. */
const LINES = CORPUS_LINES.map(([, text]) => text).filter((text) => !/^(?:to|for) [a-z ]+:/i.test(text));

const line = (i: number): fc.Arbitrary<FormulaLine> =>
  fc
    .record({
      text: fc.constantFrom(...LINES),
      grams: fc.option(fc.integer({ min: 1, max: 5000 }), { nil: undefined, freq: 4 }),
      optional: fc.constantFrom(undefined, undefined, undefined, true as const),
      note: fc.constantFrom('', '', 'browned first', '2 tbsp kept back'),
    })
    .map(({ text, grams, optional, note }) => ({
      id: `l${i}`,
      text,
      ...(grams !== undefined && { grams, ingredientId: 'golden-caster-sugar' }),
      ...(optional === true && { optional }),
      ...(note !== '' && { note }),
    }));

const component = (name: string, from: number) =>
  fc
    .tuple(
      fc.constant(name),
      fc.integer({ min: 2, max: 6 }).chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => line(from + i)))),
    )
    .map(([named, lines]) => ({ id: `c${from}`, name: named, lines }));

const formulas: fc.Arbitrary<Formula> = fc
  .record({
    region: fc.constantFrom(...REGIONS),
    title: fc.constantFrom('Pear loaf', 'Rhubarb muffins', 'Oat farls', 'Harvest cake'),
    yieldText: fc.constantFrom(undefined, 'Makes 12', 'Serves 8'),
    batter: component('Batter', 0),
    topping: fc.option(component('Frosting', 10), { nil: undefined }),
    steps: fc.subarray(STEPS),
    bake: fc.constantFrom<Formula['bake']>(
      { fan: false, celsius: 180, lowMinutes: 35, highMinutes: 40, pan: '23 cm round' },
      { fan: true, celsius: 165, lowMinutes: 50, highMinutes: 50 },
      { fan: false },
      { fan: false, celsius: 200, lowMinutes: 30, highMinutes: 35, stages: [
        { celsius: 200, lowMinutes: 10, highMinutes: 10 }, { celsius: 160, lowMinutes: 20, highMinutes: 25 }] },
    ), // prettier-ignore
    styleId: fc.constantFrom(undefined, 'muffin', 'british_scone'),
    notes: fc.constantFrom<readonly string[]>(
      [],
      ['Keeps for three days.'],
      ['From the regatta.', 'Better on the second day.'],
    ),
  })
  .map(({ region, title, yieldText, batter, topping, steps, bake, styleId, notes }) => ({
    title,
    region,
    bake,
    components: topping ? [batter, topping] : [batter],
    steps: steps.map((text, i) => ({ id: `s${i}`, text })),
    ...(yieldText !== undefined && { yield: yieldText }),
    ...(styleId !== undefined && { styleId }),
    ...(notes.length > 0 && { notes }),
  }));

describe('text → formula → each format → formula', () => {
  for (const format of EXPORT_FORMATS) {
    it(`keeps every line, gram, step, time and temperature of generated formulas: ${format}`, () => {
      fc.assert(
        fc.property(formulas, (formula) => {
          const after = back(formula, format);
          const [was, is] = [inOrder(kept(formula)), inOrder(kept(after))];
          if (was !== is) throw new Error(`${was}\nbecame\n${is}\n${exportFormula(formula, format, NO_SURROUNDINGS)}`);
          wordsKept(formula, after);
        }),
        { numRuns: 60 },
      );
    });
    it(`keeps the demo formulas and the written texts: ${format}`, () => {
      for (const { text } of [...DEMO_FORMULAS, ...CORPUS_TEXTS]) {
        const reading = readFormula(text, 'UK');
        if (reading.kind === 'read') expectSame(reading.formula, format);
      }
    });
  }
  it('keeps what was computed too', () => {
    for (const { text } of DEMO_FORMULAS) {
      const reading = readFormula(text, 'UK');
      if (reading.kind !== 'read') throw new Error(text);
      const before = auditFormula(reading.formula);
      const after = auditFormula(back(reading.formula, 'jsonld'));
      expect(after.totals).toEqual(before.totals);
    }
  });
});
