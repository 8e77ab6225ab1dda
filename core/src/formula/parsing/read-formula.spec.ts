import fc from 'fast-check';
import { auditFormula } from '../../bench/audit/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { LONGEST_TEXT, readFormula, writeFacts } from './index.js';

function read(text: string, region: 'US' | 'UK' = 'UK') {
  const reading = readFormula(text, region);
  if (reading.kind !== 'read') throw new Error(reading.problem.code);
  return reading;
}
const refusal = (text: string) => {
  const reading = readFormula(text, 'UK');
  return reading.kind === 'refused' ? reading.problem.code : reading.kind;
};

/** What stands in the texts of the demo formulas, read off by a person. */
const EXPECTED: Readonly<Record<string, { title: string; region: string; lines: number; components: number; celsius?: number; fan?: boolean; minutes?: [number, number]; pan?: string }>> = {
  'pear-cardamom-loaf': { title: 'Pear and cardamom loaf', region: 'US', lines: 12, components: 2, celsius: 177, minutes: [55, 60], pan: '9x5x2.75 inch loaf pan' },
  'rhubarb-ginger-muffins': { title: 'Rhubarb & ginger muffins', region: 'UK', lines: 11, components: 1, celsius: 195, minutes: [20, 22], pan: '12-hole muffin tin' },
  'courgette-lime-traybake': { title: 'Courgette and lime traybake', region: 'UK', lines: 10, components: 2, celsius: 170, fan: true, minutes: [30, 35], pan: '30 x 20 x 4 cm traybake tin' },
  'parsnip-hazelnut-cake': { title: 'Parsnip and hazelnut cake, browned-butter frosting', region: 'UK', lines: 15, components: 2, celsius: 175, minutes: [30, 34], pan: 'two 20 cm sandwich tins' },
  'leek-cheese-drop-biscuits': { title: 'Leek and hard-cheese drop biscuits', region: 'US', lines: 8, components: 1, celsius: 218, minutes: [13, 15], pan: '12 mounds of 6.3 cm' },
  'thyme-sweet-potato-scones': { title: 'Thyme and sweet-potato scones', region: 'UK', lines: 8, components: 1, celsius: 220, minutes: [12, 14], pan: 'disc 5 cm x 2.5 cm x 11' },
  'oat-farls': { title: 'Oat farls', region: 'UK', lines: 1, components: 1, minutes: [9, 9] },
  'marmalade-almond-loaf': { title: 'Marmalade and almond loaf', region: 'UK', lines: 9, components: 1, celsius: 180, minutes: [50, 50], pan: '2 lb loaf tin' },
  'gingerbread-dark-treacle': { title: 'Gingerbread with dark treacle', region: 'UK', lines: 11, components: 1, celsius: 160, minutes: [45, 50], pan: '20 cm square tin, 5 cm deep' },
  'coconut-passion-fruit-layer-cake': { title: 'Coconut and passion-fruit layer cake', region: 'US', lines: 11, components: 2, celsius: 174, minutes: [30, 35], pan: 'two 8x2 inch round pans' },
  'cider-fed-harvest-fruit-cake': { title: 'Cider-fed harvest fruit cake', region: 'UK', lines: 12, components: 2, celsius: 150, minutes: [150, 165], pan: '18 cm round tin, 9 cm deep' },
  'brown-soda-bread-by-percent': { title: 'Brown soda bread by percentages', region: 'UK', lines: 7, components: 1, celsius: 200, minutes: [40, 45], pan: 'round loaf' },
}; // prettier-ignore

describe('readFormula', () => {
  for (const { id, text } of DEMO_FORMULAS) {
    it(`reads the ${id} as a person does`, () => {
      const expected = EXPECTED[id];
      const { formula } = read(text);
      expect(formula.title).toBe(expected?.title ?? '');
      expect(formula.region).toBe((expected?.region ?? '') as typeof formula.region);
      expect(formula.components.length).toBe(expected?.components ?? 0);
      expect(formula.components.reduce((sum, { lines }) => sum + lines.length, 0)).toBe(expected?.lines ?? 0);
      expect(formula.bake.celsius).toBe(expected?.celsius);
      expect(formula.bake.fan).toBe(expected?.fan ?? false);
      expect(formula.bake.lowMinutes).toBe(expected?.minutes?.[0]);
      expect(formula.bake.highMinutes).toBe(expected?.minutes?.[1]);
      expect(formula.bake.pan).toBe(expected?.pan);
    });
    it(`weighs every line of the ${id}`, () => {
      for (const line of auditFormula(read(text).formula).lines) {
        expect(line.grams).withContext(line.text).toBeGreaterThan(0);
        for (const { read: entry } of line.entries) expect(entry.ingredient).withContext(entry.name).toBeDefined();
      }
    });
    it(`loses no line of the ${id}`, () => {
      const { formula } = read(text);
      const kept = [
        formula.title,
        formula.yield ?? '',
        ...formula.steps.map((step) => step.text),
        ...(formula.notes ?? []),
        ...writeFacts(formula, true),
        ...formula.components.flatMap(({ name, lines }) => [name, ...lines.map((line) => line.text)]),
      ]
        .join('\n')
        .toLowerCase();
      for (const line of text.split('\n')) {
        const words = line
          .replace(/^[#*\-\d.\s]+/, '')
          .replace(/:$/, '')
          .trim()
          .toLowerCase()
          .replace(/^for the /, '');
        if (words === '' || /^(ingredients|method)$/.test(words)) continue;
        expect(kept).withContext(line).toContain(words);
      }
    });
  }

  it('keeps a line that it cannot read, in its place, and marks it', () => {
    const { formula, problems } = read('Loaf\n200 g plain flour\n50 g zorblax\n100 g sugar\nBake at 180 C');
    expect(formula.components[0]?.lines.map(({ text }) => text)).toEqual([
      '200 g plain flour',
      '50 g zorblax',
      '100 g sugar',
    ]);
    expect(problems.map(({ code, line }) => `${code} ${line}`)).toContain('ingredient-unknown 50 g zorblax');
  });
  it('tells regions by their words', () => {
    expect(read('2 cups all-purpose flour\n1 stick butter\nBake at 350F', 'UK').formula.region).toBe('US');
    expect(read('200 g plain flour\n1/2 tsp bicarbonate of soda\n100 g caster sugar', 'US').formula.region).toBe('UK');
    expect(read('200 g flour\n100 g sugar', 'US').formula.region).toBe('US');
  });
  it('takes a few words on top for the name, though they begin with a verb', () => {
    for (const name of ['Drop scones', 'Test muffins', 'Toast-crumb cake', 'Butter loaf'])
      expect(read(`${name}\n200 g plain flour\n100 g sugar`).formula.title)
        .withContext(name)
        .toBe(name);
  });
  it('takes a sentence on top for a step', () => {
    const { formula } = read('Heat the oven to 180 C.\n200 g plain flour\n100 g sugar');
    expect(formula.bake.celsius).toBe(180);
    expect(formula.title).not.toContain('Heat');
  });
  it('warns of a pan without a size and of one it cannot simulate', () => {
    expect(read('200 g plain flour\nBake in a square tin at 180 C').problems.map(({ code }) => code)).toContain(
      'pan-without-size',
    );
    expect(read('200 g plain flour\nBake in a 10 inch pie dish at 180 C').problems.map(({ code }) => code)).toContain(
      'pan-not-built',
    );
  });

  describe('refuses', () => {
    it('nonsense, an empty text and prose without ingredients', () => {
      expect(refusal('asdkj qwe zxc\nfoo bar baz')).toBe('nothing-to-weigh');
      expect(refusal('   \n ')).toBe('nothing-to-weigh');
      expect(refusal('The tide was out and nobody came.')).toBe('nothing-to-weigh');
    });
    it('a shopping list', () => {
      expect(refusal('milk\neggs\nbutter\nwashing powder')).toBe('no-amounts');
    });
    it('two hundred kilobytes at once, without reading them', () => {
      expect(refusal('1 cup flour\n'.repeat(18_000))).toBe('text-too-long');
      expect('1 cup flour\n'.repeat(18_000).length).toBeGreaterThan(LONGEST_TEXT);
    });
    it('the source of a page with a script in it, and runs nothing of it', () => {
      expect(refusal('<html><script>alert(1)</script><li>200 g flour</li></html>')).toBe('page-source');
    });
  });

  it('never throws and never hangs, whatever is pasted', () => {
    const word = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc.constantFrom(
        '1/2',
        'cup',
        '½',
        '(',
        ')',
        '350F',
        'flour',
        '9x5',
        'to',
        'plus',
        '-',
        '°',
        'x',
        'egg',
        '/',
        '1/0',
        ':',
      ),
    );
    fc.assert(
      fc.property(
        fc.array(
          fc.array(word, { maxLength: 14 }).map((words) => words.join(' ')),
          { maxLength: 12 },
        ),
        (lines) => {
          const reading = readFormula(lines.join('\n'), 'US');
          expect(['read', 'refused']).toContain(reading.kind);
        },
      ),
      { numRuns: 300 },
    );
  });
});
