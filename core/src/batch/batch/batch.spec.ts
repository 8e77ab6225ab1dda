import { readTargets } from '../targets/index.js';
import { KIT_IDS } from '../choices/index.js';
import { type BatchSettings, type BatchTarget } from '../plan/index.js';
import { batchSettingsSchema } from '../settings-schema/index.js';
import fc from 'fast-check';
import { auditFormula } from '../../bench/audit/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { PLAIN_KITCHEN, type Kitchen } from '../../kitchen/kitchen/index.js';
import { pansSaid } from '../../kitchen/equipment/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { DEMO_FORMULAS, PASTED_FORMULAS } from '../../doors/samples/index.js';
import { oneBake } from '../bakes/index.js';
import { batchOf, usualKit } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

const read = (text: string): Formula => formulaRead(readFormula(text, 'UK'));
const demo = (id: string) => read(DEMO_FORMULAS.find((sampleFormula) => sampleFormula.id === id)?.text ?? '');
const context = (formula: Formula, kitchen: Kitchen = PLAIN_KITCHEN) => ({
  formula,
  audit: auditFormula(formula),
  kitchen,
});
const batch = (formula: Formula, words: string, more: Partial<BatchSettings> = {}, kitchen = PLAIN_KITCHEN) => {
  const around = context(formula, kitchen);
  const { targets, faults } = readTargets(words, around);
  expect(faults).withContext(words).toEqual([]);
  return batchOf(oneBake({ ...around, batch: { targets, ...more } }));
};
const LOAF = demo('pear-cardamom-loaf');
const MUFFINS = demo('rhubarb-ginger-muffins');
const BANANA = read(`Harbour banana loaf
250 g plain flour
1 tsp bicarbonate of soda
1/2 tsp fine salt
150 g caster sugar
2 medium eggs
90 g sunflower oil
240 g bananas, mashed
60 g plain yogurt
Mash the bananas, beat with the sugar, eggs, oil and yogurt. Fold in the dry things.
Bake in a 2 lb loaf tin at 170 C for 60 minutes.`);

describe('readTargets', () => {
  const SAID: readonly (readonly [string, readonly BatchTarget[]])[] = [
    ['24 muffins and one small loaf', [{ kind: 'pans', pans: '24 muffins' }, { kind: 'pans', pans: 'one small loaf' }]],
    ['two 20 cm rounds', [{ kind: 'pans', pans: 'two 20 cm rounds' }]],
    ['two 23 cm rounds, 5 cm deep', [{ kind: 'pans', pans: 'two 23 cm rounds, 5 cm deep' }]],
    ['half', [{ kind: 'times', times: 0.5 }]],
    ['a quarter batch', [{ kind: 'times', times: 0.25 }]],
    ['x1.5', [{ kind: 'times', times: 1.5 }]],
    ['2 1/2 times', [{ kind: 'times', times: 2.5 }]],
    ['one and a half', [{ kind: 'times', times: 1.5 }]],
    ['900 g', [{ kind: 'grams', grams: 900 }]],
    ['1.2 kg of batter', [{ kind: 'grams', grams: 1200 }]],
    ['16 of 55 g', [{ kind: 'each', count: 16, grams: 55 }]],
    ['serves 10', [{ kind: 'pieces', count: 10 }]],
    ['sixty portions', [{ kind: 'pieces', count: 60 }]],
    ['umpteen portions', []],
    ['a gross of biscuits', [{ kind: 'cut', count: 144 }]],
    ['two eggs', [{ kind: 'limit', said: 'two eggs' }]],
    ['pears = 412 g', [{ kind: 'limit', said: 'pears = 412 g' }]],
    ['3 pears, 412 g mashed', [{ kind: 'limit', said: 'pears=412 g' }]],
    ['all the yogurt: 100 g', [{ kind: 'limit', said: 'yogurt: 100 g' }]],
    ['12 scones', [{ kind: 'cut', count: 12 }]],
  ]; // prettier-ignore
  for (const [words, meant] of SAID)
    it(`takes “${words}” for what it says`, () => {
      const { targets, faults } = readTargets(words, context(LOAF));
      expect(targets).toEqual([...meant]);
      expect(faults.length).toBe(meant.length === 0 ? 1 : 0);
    });
  it('counts the formula’s own pieces as its own, and another’s by their cups', () => {
    expect(readTargets('24 muffins', context(MUFFINS)).targets).toEqual([{ kind: 'pieces', count: 24 }]);
    expect(readTargets('12 jumbo muffins', context(MUFFINS)).targets).toEqual([
      { kind: 'pans', pans: '12 jumbo muffins' },
    ]);
  });
  it('refuses what cannot be, each with its reason', () => {
    const why = (said: string) => readTargets(said, context(LOAF)).faults.map((fault) => fault.why);
    expect(why('0 pieces')).toEqual(['out-of-range']);
    expect(why('-2 loaves')).not.toEqual([]);
    expect(why('-1.5 times')).toEqual(['out-of-range']);
    expect(why('-900 g')).toEqual(['out-of-range']);
    expect(why('3 mm pan')).toEqual(['pan-unlikely']);
    expect(why('a square tin')).toEqual(['pan-size']);
    expect(why('all the yogurt that is left')).toEqual(['no-amount']);
    expect(why('as you like it')).toEqual(['not-understood']);
  });
  it('keeps what it understood beside what it did not', () => {
    const { targets, faults } = readTargets('two 20 cm rounds and a miracle', context(LOAF));
    expect([targets.length, faults.length]).toEqual([1, 1]);
  });
});

describe('pansSaid', () => {
  const heart = {
    id: 'p1', name: 'Heart tin', count: 2,
    pan: { name: '', shape: 'round', topLengthCm: 22, topWidthCm: 22, bottomLengthCm: 22, bottomWidthCm: 22, depthCm: 6, cavities: 1, material: 'light', measuredMillilitres: 1850 },
  } as const; // prettier-ignore
  it('knows the baker’s own pans by their names, and how many', () => {
    for (const [said, count] of [
      ['heart tin', 1],
      ['two heart tins', 2],
      ['Heart tin x 2', 2],
      ['2 x heart tin', 2],
    ] as const) {
      const parsedPan = pansSaid(said, [heart]);
      expect(
        parsedPan.kind === 'pan' && [
          parsedPan.set.pan.name,
          parsedPan.set.count,
          parsedPan.set.pan.measuredMillilitres,
        ],
      )
        .withContext(said)
        .toEqual(['Heart tin', count, 1850]);
    }
  });
  it('leaves sizes alone: the 9 of 9x5 is no count', () => {
    const found = pansSaid('9x5x2.75 in loaf pan');
    expect(found.kind === 'pan' && found.set.count).toBe(1);
    const two = pansSaid('2 x 20 cm round tins');
    expect(two.kind === 'pan' && two.set.count).toBe(2);
  });
});

describe('batchOf', () => {
  it('loses no line: each is weighed, or said not to be, whatever was understood of it', () => {
    const QUINCE = read(`Quay cake
200 g plain flour
2 tsp baking powder
250 g quince purée
30 g zorblax
three crumbs of nothing
icing sugar, to dust`);
    const formulas = [QUINCE, ...DEMO_FORMULAS.map(({ text }) => read(text)), ...PASTED_FORMULAS.map(({ text }) => read(text))]; // prettier-ignore
    for (const formula of formulas) {
      const { measured } = batch(formula, 'double');
      const there = new Set(measured.components.flatMap(({ lines, unweighed }) => [...lines, ...unweighed]).map(({ lineId }) => lineId)); // prettier-ignore
      for (const line of formula.components.flatMap(({ lines }) => lines))
        expect(there.has(line.id))
          .withContext(line.text)
          .toBe(line.text.trim() !== '');
    }
    const said = batch(QUINCE, 'double').measured.components.flatMap(({ unweighed }) => unweighed);
    expect(said.map(({ text, why, grams }) => [text, why, grams])).toEqual([
      ['250 g quince purée', 'not-understood', 500],
      ['30 g zorblax', 'not-understood', 60],
      ['three crumbs of nothing', 'not-understood', undefined],
      ['icing sugar, to dust', 'to-taste', undefined],
    ]);
  });
  it('says of a thing without an amount that can be weighed that it does not count, never that it is to taste', () => {
    const whys = (line: string) =>
      batch(read(`Quay buns\n250 g plain flour\n2 tsp baking powder\n2 eggs\n90 g butter\n${line}\nBake at 200 °C for 15 minutes`), 'as written')
        .measured.components.flatMap(({ unweighed }) => unweighed.map(({ why }) => why));
    for (const line of ['-3 cups treacle', 'treacle', '1e400 g milk']) expect(whys(line)).withContext(line).toEqual(['no-amount']);
    for (const line of ['salt', 'flour for dusting', 'ground nutmeg, to taste']) expect(whys(line)).withContext(line).toEqual(['to-taste']);
  }); // prettier-ignore
  it('weighs a frosting as it is written where the batch is the formula', () => {
    const cake = read('Quay cake\n225 g self-raising flour\n225 g butter\n225 g sugar\n4 eggs\nButtercream\n125 g butter\n235 g icing sugar\nBake at 180 °C in two 20 cm round tins for 25 minutes'); // prettier-ignore
    const beside = batch(cake, 'as written').measured.components.find(({ inBatter }) => !inBatter);
    expect(beside?.lines.map(({ grams }) => grams)).toEqual([125, 235]);
  });
  /** In cups and by the piece, where nothing is weighed: what a line says, prepared as it says, at the size it is written for. */
  const BY_THE_CUP: readonly (readonly [line: string, amount: string])[] = [
    ['1 cup strawberries, sliced', '1 cup'],
    ['1 cup walnuts, chopped', '1 cup'],
    ['2 cups sifted flour', '2 cups'],
    ['1 cup packed brown sugar', '1 cup'],
    ['1 cup carrots, grated', '1 cup'],
    ['1/2 cup peanut butter', '1/2 cup'],
    ['2 apples, diced', '2 apples'],
    ['1 can (14 oz) sweetened condensed milk', '1 can'],
    ['1 (15 oz) can pumpkin', '1 can'],
    ['1 400 g tin chopped tomatoes', '1 can'],
    ['1 jar (10 oz) applesauce', '1 jar'],
    ['3 ripe bananas', '3 bananas'],
  ];
  for (const [line, amount] of BY_THE_CUP)
    it(`takes as much as the line says where the batch is the formula: ${line}`, () => {
      const formula = read(`Quay bread\n2 cups all-purpose flour\n2 tsp baking powder\n${line}\n1 cup milk\nBake at 350°F in a 9-inch square pan for 30 minutes`); // prettier-ignore
      const own = context(formula).audit.lines[2];
      const taken = batch(formula, 'as written').measured.components[0]?.lines[2];
      expect(taken?.amount).toBe(amount);
      expect((taken?.grams ?? NaN) / (own?.grams ?? NaN)).toBeCloseTo(1, 3);
    });
  it('keeps every baker’s percentage, whatever the size', () => {
    const around = context(LOAF);
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 400, noNaN: true }), (times) => {
        const { measured, plan } = batchOf(oneBake({ ...around, batch: { targets: [{ kind: 'times', times }] } }));
        expect(plan.factor).toBeCloseTo(times, 9);
        for (const line of measured.components.flatMap(({ lines }) => lines)) {
          const own = around.audit.lines.find(({ lineId }) => lineId === line.lineId)?.grams ?? NaN;
          expect(line.exactGrams / own / times).toBeCloseTo(1, 9);
        }
      }),
      { numRuns: 40 },
    );
  });
  it('makes as much as the pans take, and deals it out without loss', () => {
    const { plan } = batch(LOAF, '24 muffins and one small loaf');
    expect(plan.sizedBy).toBe('pans');
    expect(plan.portions.reduce((sum, { fill, set }) => sum + fill.gramsPerPan * set.count, 0)).toBeCloseTo(
      plan.batterGrams,
      6,
    );
    expect(plan.portions.map(({ set }) => set.pan.shape)).toEqual(['muffin', 'loaf']);
    expect(plan.leftoverGrams).toBe(0);
  });
  it('stops at what there is: three bananas, 412 g mashed', () => {
    const { plan } = batch(BANANA, '3 bananas, 412 g mashed');
    expect(plan.factor).toBeCloseTo(412 / 240, 9);
    expect(plan.sizedBy).toBe('limit');
    const more = batch(BANANA, '3 bananas, 412 g mashed and x1.2').plan;
    expect([more.sizedBy, more.factor]).toEqual(['targets', 1.2]);
    expect(batch(BANANA, 'half and 2 eggs').plan.factor).toBe(0.5);
    expect(batch(BANANA, 'double and 2 eggs').plan.factor).toBe(1);
  });
  it('says what is left over, and what is missing', () => {
    const over = batch(LOAF, 'double and one small loaf').plan;
    expect(over.leftoverGrams).toBeGreaterThan(1000);
    const under = batch(LOAF, 'half and two 20 cm rounds').plan;
    expect(under.shortGrams).toBeGreaterThan(500);
    expect(under.portions[0]?.fill.verdict).toBe('low');
  });
  it('brings a canteen’s 25 kg of flour into one tin, and one tin to the canteen', () => {
    const canteen = read('Canteen soda cake\n25 kg plain flour\n375 g baking powder\n200 g salt\n9 kg caster sugar\n6 kg butter\n120 eggs\n14 l milk\nRub in. Bake at 180 C for 40 min.'); // prettier-ignore
    const { plan, measured } = batch(canteen, 'one 20 cm square tin');
    expect(plan.factor).toBeLessThan(0.03);
    expect(plan.portions[0]?.fill.gramsPerPan).toBeGreaterThan(400);
    const powder = measured.components[0]?.lines.find(({ ingredient }) => ingredient.id.includes('baking-powder'));
    expect(powder?.amount).toMatch(/tsp|tbsp/);
    expect(Math.abs((powder?.grams ?? 0) / (powder?.exactGrams ?? 1) - 1)).toBeLessThan(0.15);
    const back = batch(LOAF, '60 kg').plan;
    expect([back.asks, batch(LOAF, '3 t').plan.asks]).toEqual([false, true]);
    expect(batch(LOAF, '3 t', { largeIsMeant: true }).plan.asks).toBe(false);
  });
  it('fills as chosen: by share, by weight, by height', () => {
    const filled = (fill: { by: 'fraction' | 'grams' | 'height'; value: number }) =>
      batchOf(
        oneBake({ ...context(LOAF), batch: { targets: [{ kind: 'pans', pans: '18 cm round, 9 cm deep', fill }] } }),
      ).plan.portions[0]?.fill;
    expect(filled({ by: 'fraction', value: 2 / 3 })?.fraction).toBeCloseTo(2 / 3, 6);
    expect(filled({ by: 'grams', value: 800 })?.gramsPerPan).toBeCloseTo(800, 6);
    expect(filled({ by: 'height', value: 3 })?.batterHeightCm).toBeCloseTo(3, 6);
  });
  it('cuts so many pieces: the dough is no more than they need', () => {
    const { plan, cut } = batch(demo('thyme-sweet-potato-scones'), '16 scones', {
      cut: { thicknessCm: 2.5, shape: 'round', sizeCm: 5, wedges: 8, toFreeze: 0 },
    });
    expect(cut?.total).toBe(16);
    expect(cut?.kind === 'pieces' && cut.fromScraps).toBeGreaterThan(0);
    expect(cut && Math.abs(cut.total * cut.gramsEach - plan.batterGrams)).toBeLessThan(55);
  });
  it('scales the frosting with the surface, not with the flour', () => {
    const cake = demo('parsnip-hazelnut-cake');
    const frosting = {
      kind: 'buttercream',
      fillingCm: 0.8,
      topCm: 0.5,
      sides: true,
      crumbCoat: false,
      swirl: 'swirl',
      soaked: false,
      splitInto: 1,
    } as const;
    const one = batch(cake, 'two 20 cm rounds', { frosting });
    const wide = batch(cake, 'two 25 cm rounds', { frosting });
    const grown = (wide.frosting?.grams ?? 0) / (one.frosting?.grams ?? 1);
    expect(grown).toBeGreaterThan(1.3);
    expect(grown).toBeLessThan((25 / 20) ** 2);
    const component = wide.measured.components.find(({ id }) => id === wide.frosting?.spread[0]?.componentId);
    expect(component?.lines.reduce((sum, { exactGrams }) => sum + exactGrams, 0)).toBeCloseTo(
      wide.frosting?.grams ?? 0,
      3,
    );
  });
  it('measures by what the baker has, and keeps an amount traded by hand', () => {
    expect(usualKit(read(DEMO_FORMULAS[0]?.text ?? ''), auditFormula(LOAF))).toBe('us-cups');
    expect(usualKit(MUFFINS, auditFormula(MUFFINS))).toBe('metric-spoons');
    for (const kit of KIT_IDS) {
      const { measured } = batch(MUFFINS, 'x0.75', { kit });
      for (const line of measured.components.flatMap(({ lines }) => lines))
        expect(line.amount)
          .withContext(line.name)
          .toMatch(/\d|pinch/);
    }
    const flour = batch(MUFFINS, 'half').measured.components[0]?.lines[0];
    const held = batch(MUFFINS, 'half', {
      held: { [flour?.id ?? '']: { grams: 140, amount: '140 g', with: 'scale' } },
    });
    expect(held.measured.components[0]?.lines[0]?.grams).toBe(140);
    expect(held.measured.rounding.errorPercent.flour).toBeGreaterThan(5);
  });
  it('says what is left of an egg', () => {
    const { measured } = batch(MUFFINS, 'x0.75', { kit: 'metric-spoons' });
    const egg = measured.components[0]?.lines.find(({ ingredient }) => ingredient.id === 'egg');
    expect((egg?.grams ?? 0) + (egg?.eggOverGrams ?? 0)).toBeCloseTo(2 * (102 / 2), 0);
  });
});

describe('batchSettingsSchema', () => {
  it('takes a whole sheet and refuses what is none', () => {
    const sheet: BatchSettings = {
      targets: [
        { kind: 'pans', pans: 'two rounds', fill: { by: 'fraction', value: 0.5 } },
        { kind: 'cut', count: 12 },
      ],
      kit: 'us-cups',
      mixTwice: true,
    };
    expect(batchSettingsSchema.validate(sheet).error).toBeUndefined();
    for (const wrong of [
      { targets: [{ kind: 'grams', grams: -3 }] },
      { targets: 'many' },
      { targets: [], kit: 'buckets' },
    ])
      expect(batchSettingsSchema.validate(wrong).error).toBeDefined();
  });
});
