import { auditFormula } from '../../bench/audit/index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';
import { readFormula } from '../../formula/parsing/index.js';
import type { Region } from '../../ground/units/index.js';
import { PLAIN_KITCHEN, type Kitchen } from '../../kitchen/kitchen/index.js';
import { oneBake } from '../bakes/index.js';
import { USUAL_FROSTING, type BatchSettings, type FrostingChoice } from '../plan/index.js';
import { readTargets } from '../targets/index.js';
import { batchOf, kitOf, spreadParts, usualKit } from './index.js';

/* What holds of any batch, by geometry and by the scale: figures worked out here another way than the batch works them out. */

const SPONGE = '225 g plain flour\n2 tsp baking powder\n225 g caster sugar\n225 g butter\n4 medium eggs\n60 ml milk';
const HOW = 'Cream, beat in eggs, fold in flour. Bake at 175 °C in a 20 cm round tin for 30 minutes.';
const made = (parts = '', region: Region = 'UK', batter = SPONGE) =>
  formulaRead(readFormula(`Quay cake\nFor the cake\n${batter}\n${parts}\nMethod\n${HOW}`, region));
const batch = (
  words: string,
  more: Partial<BatchSettings> = {},
  formula = made(),
  kitchen: Kitchen = PLAIN_KITCHEN,
) => {
  const around = { formula, audit: auditFormula(formula, { kitchen, formula: () => undefined }), kitchen };
  return batchOf(oneBake({ ...around, batch: { targets: readTargets(words, around).targets, ...more } }));
};
const frosted = (
  words: string,
  choice: Partial<FrostingChoice> = {},
  parts = 'For the frosting\n100 g butter\n200 g icing sugar',
) => {
  const all = batch(words, { frosting: { ...USUAL_FROSTING, ...choice } }, made(parts));
  if (!all.frosting) throw new Error('not frosted');
  return { ...all, frosting: all.frosting };
};
const discMillilitres = (diameterCm: number, thickCm: number) => Math.PI * (diameterCm / 2) ** 2 * thickCm;

describe('what is spread on a cake', () => {
  it('is a disc between every two layers that are stacked, and none under one that stands by itself', () => {
    for (const [words, splitInto, gaps] of [
      ['one 20 cm round', 1, 0],
      ['one 20 cm round', 2, 1],
      ['two 20 cm rounds', 1, 1],
      ['two 20 cm rounds', 2, 3],
      ['three 20 cm rounds', 1, 2],
    ] as const) {
      const {
        portions: [portion],
      } = frosted(words, { splitInto }).frosting;
      expect(portion?.betweenMillilitres)
        .withContext(words)
        .toBeCloseTo(gaps * discMillilitres(20, 0.8), 6);
      expect([portion?.layers, portion?.kind])
        .withContext(words)
        .toEqual([gaps + 1, gaps > 0 ? 'stack' : 'single']);
    }
  });
  it('is for a box as often as there are boxes: they are not stacked', () => {
    const [one, two] = ['one 20 cm square tin', 'two 20 cm square tins'].map((words) => frosted(words).frosting);
    expect(two?.millilitres).toBeCloseTo(2 * (one?.millilitres ?? 0), 6);
    expect(two?.portions[0]?.kind).toBe('single');
    const [split, splitTwo] = ['one 20 cm square tin', 'two 20 cm square tins'].map(
      (words) => frosted(words, { splitInto: 2 }).frosting.portions[0],
    );
    expect(split?.betweenMillilitres).toBeCloseTo(400 * 0.8, 6);
    expect(splitTwo?.betweenMillilitres).toBeCloseTo(2 * 400 * 0.8, 6);
  });
  it('covers the top and the side, whose height is that of the layers and of what is between', () => {
    const {
      portions: [portion],
    } = frosted('two 20 cm rounds', { sides: false }).frosting;
    expect((portion?.millilitres ?? 0) - (portion?.betweenMillilitres ?? 0)).toBeCloseTo(discMillilitres(20, 0.5), 6);
    const {
      portions: [coated],
    } = frosted('two 20 cm rounds').frosting;
    const stack = 2 * (coated?.portion.fill.risenHeightCm ?? 0) * 0.95 + 0.8;
    const sleeve = (discMillilitres(21, 1) - discMillilitres(20, 1)) * stack;
    expect((coated?.millilitres ?? 0) - (coated?.betweenMillilitres ?? 0)).toBeCloseTo(
      discMillilitres(21, 0.5) + sleeve,
      3,
    );
    const crumbed = frosted('two 20 cm rounds', { crumbCoat: true }).frosting.millilitres;
    expect(crumbed).toBeGreaterThan((coated?.millilitres ?? 0) + discMillilitres(20, 0.15));
  });
  it('weighs by what it is: the same cake takes as many millilitres of each', () => {
    const [buttercream, ganache] = [
      frosted('one 20 cm round').frosting,
      frosted('one 20 cm round', { kind: 'ganache' }).frosting,
    ];
    expect(ganache.millilitres).toBe(buttercream.millilitres);
    expect([buttercream.grams / buttercream.millilitres, ganache.grams / ganache.millilitres]).toEqual([
      jasmine.any(Number),
      jasmine.any(Number),
    ]);
    expect(buttercream.grams / buttercream.millilitres).toBeCloseTo(0.9, 9);
    expect(ganache.grams / ganache.millilitres).toBeCloseTo(1.15, 9);
  });
  it('goes by the piece on small cakes', () => {
    const [twelve, more] = ['12 muffins', '24 muffins'].map((words) => frosted(words).frosting.portions[0]);
    expect([twelve?.kind, twelve?.layers, twelve?.betweenMillilitres]).toEqual(['cups', 1, 0]);
    expect(more?.millilitres).toBeCloseTo(2 * (twelve?.millilitres ?? 0), 6);
  });
  it('is the less of a levelled cake, by the side of what came off', () => {
    const [domed, level] = [frosted('two 20 cm rounds'), frosted('two 20 cm rounds', { levelled: true })].map(
      ({ frosting }) => frosting.portions[0],
    );
    expect([domed?.levelled, level?.levelled !== undefined]).toEqual([undefined, true]);
    const lower = 2 * (level?.levelled?.lowerCm ?? 0);
    expect(lower).toBeGreaterThan(0);
    expect((domed?.millilitres ?? 0) - (level?.millilitres ?? 0)).toBeCloseTo(
      (discMillilitres(21, 1) - discMillilitres(20, 1)) * lower,
      3,
    );
  });
  it('is the sum over all kinds of cakes that are made', () => {
    const both = frosted('one 20 cm round and 12 muffins').frosting;
    expect(both.portions.map(({ kind }) => kind)).toEqual(['single', 'cups']);
    expect(both.millilitres).toBeCloseTo(
      both.portions.reduce((sum, { millilitres }) => sum + millilitres, 0),
      9,
    );
    expect(both.millilitres).toBeGreaterThan(Math.max(...both.portions.map(({ millilitres }) => millilitres)));
  });
});

describe('what a formula has to spread', () => {
  const FROSTING = 'For the frosting\n100 g butter\n200 g icing sugar';
  const FILLING = 'For the jam filling\n150 g strawberry jam';
  const SYRUP = 'For the syrup\n100 g sugar\n100 ml water';
  const STREUSEL = 'For the streusel\n80 g plain flour\n50 g butter';
  const parts = (text: string, choice?: Partial<FrostingChoice>) => {
    const formula = made(text);
    const audit = auditFormula(formula);
    const names = new Map(audit.weighed.components.map(({ id, name }) => [id, name]));
    return spreadParts(audit, choice && { ...USUAL_FROSTING, ...choice }).map(({ componentId, part, ownGrams }) => [
      names.get(componentId),
      part,
      Math.round(ownGrams),
    ]);
  };
  it('is all of it what is spread; with a filling of its own, what goes between and what goes round', () => {
    expect(parts(FROSTING)).toEqual([['Frosting', 'all', 300]]);
    expect(parts(FILLING)).toEqual([['Jam filling', 'all', 150]]);
    expect(parts(`${FROSTING}\n${FILLING}`)).toEqual([
      ['Jam filling', 'between', 150],
      ['Frosting', 'outside', 300],
    ]);
    expect(parts(STREUSEL)).toEqual([]);
    expect(parts('')).toEqual([]);
    expect(parts(`${STREUSEL}\n${FROSTING}`)).toEqual([['Frosting', 'all', 300]]);
  });
  it('is a syrup only where the layers are soaked', () => {
    expect(parts(`${FROSTING}\n${SYRUP}`)).toEqual([['Frosting', 'all', 300]]);
    expect(parts(`${FROSTING}\n${SYRUP}`, { soaked: true })).toEqual([
      ['Frosting', 'all', 300],
      ['Syrup', 'soak', 200],
    ]);
    expect(parts(SYRUP, { soaked: true })).toEqual([['Syrup', 'soak', 200]]);
    expect(parts(FROSTING, { soaked: true })).toEqual([['Frosting', 'all', 300]]);
  });
  it('is what the baker chose, whatever it is called', () => {
    const id =
      auditFormula(made(`${STREUSEL}\n${FROSTING}`)).weighed.components.find(({ name }) => name === 'Streusel')?.id ??
      '';
    expect(parts(`${STREUSEL}\n${FROSTING}`, { componentId: id })).toEqual([['Streusel', 'all', 130]]);
    expect(parts(FROSTING, { componentId: 'nobody' })).toEqual([]);
    expect(
      parts(`${FROSTING}\n${SYRUP}`, {
        componentId: auditFormula(made(FROSTING)).weighed.components[1]?.id ?? '',
        soaked: true,
      }).map(([, part]) => part),
    ).toEqual(['all', 'soak']);
  });
  it('is dealt out between and round without loss, and nothing without a weight is scaled', () => {
    const { frosting, measured } = frosted('two 20 cm rounds', {}, `${FROSTING}\n${FILLING}`);
    const [between, outside] = frosting.spread;
    expect(between?.grams).toBeCloseTo(discMillilitres(20, 0.8) * 0.9, 6);
    expect((between?.grams ?? 0) + (outside?.grams ?? 0)).toBeCloseTo(frosting.grams, 6);
    for (const { componentId, grams, factor, ownGrams } of frosting.spread) {
      expect(factor * ownGrams).toBeCloseTo(grams, 6);
      const component = measured.components.find(({ id }) => id === componentId);
      expect([component?.scaledBy, component?.factor]).toEqual(['surface', factor]);
      expect(component?.lines.reduce((sum, { exactGrams }) => sum + exactGrams, 0)).toBeCloseTo(grams, 3);
    }
    expect(measured.components.find(({ name }) => name === 'Cake')?.scaledBy).toBe('batch');
    // a single cake has nothing between: its filling stays with the batch
    const single = frosted('one 20 cm round', {}, `${FROSTING}\n${FILLING}`);
    expect(single.frosting.spread.map(({ part }) => part)).toEqual(['outside']);
    expect(frosted('one 20 cm round', {}, `${FROSTING}\nFor the glaze\nicing sugar`).frosting.spread.length).toBe(1);
  });
  it('soaks each cut layer by its area: twice the layers, twice the syrup', () => {
    const soaked = (words: string, splitInto: number) => frosted(words, { soaked: true, splitInto }, SYRUP).frosting;
    const one = soaked('one 20 cm round', 1);
    expect(one.soakMillilitres).toBeGreaterThan(45);
    expect(one.soakMillilitres).toBeLessThan(60);
    expect(soaked('one 20 cm round', 2).soakMillilitres).toBeCloseTo(2 * one.soakMillilitres, 6);
    expect(soaked('three 20 cm rounds', 1).soakMillilitres).toBeCloseTo(3 * one.soakMillilitres, 6);
    expect(one.spread[0]?.grams).toBeCloseTo(1.23 * one.soakMillilitres, 6);
    expect(frosted('one 20 cm round', {}, SYRUP).frosting.soakMillilitres).toBe(0);
    expect(batch('double', {}, made(SYRUP)).notes).toContain('soak-evaporates');
    expect(batch('double', {}, made(FROSTING)).notes).not.toContain('soak-evaporates');
  });
  it('needs a pan to stand on', () => {
    expect(
      batch(
        'as written',
        { frosting: USUAL_FROSTING, targets: [] },
        formulaRead(readFormula('Quay batter\n200 g plain flour\n2 eggs\n200 g sugar\n2 tsp baking powder', 'UK')),
      ).frosting?.portions ?? [],
    ).toEqual([]);
  });
});

describe('bowls and cuts of a batch', () => {
  it('goes into more bowls the more there is, and mixed twice never more than the formula at once', () => {
    const goes = (words: string, mixTwice = false) => batch(words, { mixTwice }).mixing;
    expect(goes('as written')?.goes).toBe(1);
    const whole = goes('as written')?.gramsEachGo ?? 0;
    expect(goes('double', true)?.gramsEachGo).toBeCloseTo(whole, 6);
    expect(goes('double', true)?.goes).toBe(2);
    expect(goes('double')?.goes).toBe(1);
    const much = goes('20 kg');
    expect((much?.goes ?? 0) * (much?.gramsEachGo ?? 0)).toBeCloseTo(20_000, 3);
    expect(much?.goes).toBeGreaterThan(2);
  });
  it('cuts only what is asked to be cut', () => {
    const cut = { thicknessCm: 2.5, shape: 'round', sizeCm: 6, wedges: 8, toFreeze: 0 } as const;
    expect(batch('as written').cut).toBeUndefined();
    expect(batch('as written', { cut }).cut).toBeDefined();
    expect(batch('12 scones').cut).toBeDefined();
    expect(batch('12 scones and one 20 cm round').cut).toBeDefined();
    expect(batch('250 kg', { cut, largeIsMeant: true }).cut).toBeUndefined();
  });
});

describe('amounts of a batch', () => {
  const CUPS = '2 cups flour\n1 cup sugar\n2 tsp baking powder\n2 eggs';
  it('are in the cups of the region where a formula has two or more of them', () => {
    const usual = (text: string, region: Region) => {
      const formula = formulaRead(readFormula(`Quay cake\n${text}`, region));
      return usualKit(formula, auditFormula(formula));
    };
    for (const [region, kit] of [
      ['US', 'us-cups'],
      ['CA', 'us-cups'],
      ['AU', 'au-cups'],
      ['UK', 'au-cups'],
    ] as const)
      expect(usual(CUPS, region)).toBe(kit);
    expect(usual('250 g plain flour\n1 cup milk\n2 tsp baking powder', 'US')).toBe('metric-spoons');
  });
  it('are in the baker’s own spoons and cups once those are measured, of that region and that measure alone', () => {
    const sets = [
      { region: 'US', unitId: 'teaspoon', millilitres: 4.2 },
      { region: 'US', unitId: 'cup', millilitres: 200 },
      { region: 'UK', unitId: 'tablespoon', millilitres: 17 },
    ] as const;
    const kitchen = { ...PLAIN_KITCHEN, sets };
    const plain = kitOf('us-cups', PLAIN_KITCHEN, 'US');
    const own = kitOf('us-cups', kitchen, 'US');
    expect([own.teaspoonMillilitres, own.cupMillilitres, own.tablespoonMillilitres]).toEqual([
      4.2,
      200,
      plain.tablespoonMillilitres,
    ]);
    const british = kitOf('metric-spoons', kitchen, 'UK');
    expect([british.tablespoonMillilitres, british.teaspoonMillilitres]).toEqual([
      17,
      kitOf('metric-spoons', PLAIN_KITCHEN, 'UK').teaspoonMillilitres,
    ]);
    expect('cupMillilitres' in british).toBe('cupMillilitres' in kitOf('metric-spoons', PLAIN_KITCHEN, 'UK'));
  });
  it('counts what is counted by the name of its size, and other things by theirs', () => {
    const {
      components: [component],
    } = batch(
      'as written',
      {},
      made('', 'UK', '250 g plain flour\n2 tsp baking powder\n150 g sugar\n2 large eggs\n3 egg yolks\n80 g oil'),
    ).measured;
    const amounts =
      component?.lines.map(
        ({ ingredient: { id }, choices }) => [id, choices.map(({ amount }) => amount).join(' | ')] as const,
      ) ?? [];
    expect(new Map(amounts).get('egg')).toMatch(/\blarge eggs\b/);
    expect(new Map(amounts).get('egg-yolk')).toMatch(/\byolks?\b/);
    const plain = batch('as written').measured.components[0]?.lines.find(({ ingredient: { id } }) => id === 'egg');
    expect(plain?.choices.map(({ amount }) => amount).join(' | ')).toMatch(/\bmedium eggs\b/);
  });
  it('gives each thing of one line an amount of its own', () => {
    const formula = made(
      '',
      'UK',
      '225 g plain flour\n2 tsp baking powder and 1/2 tsp salt\n200 g sugar\n4 eggs\n200 g butter',
    );
    const {
      components: [component],
    } = batch('half', {}, formula).measured;
    const ids = component?.lines.map(({ id }) => id) ?? [];
    expect(new Set(ids).size).toBe(ids.length);
    const together =
      component?.lines.filter(({ lineId }) => component.lines.filter((other) => other.lineId === lineId).length > 1) ??
      [];
    expect(together.map(({ ingredient: { id } }) => id)).toEqual(['uk-baking-powder', 'table-salt']);
    expect(component?.lines.find(({ ingredient: { id } }) => id === 'all-purpose-flour')?.id).toBe(
      component?.lines[0]?.lineId,
    );
  });
  it('weighs a component as the sum of its lines', () => {
    for (const { lines, grams } of batch('x0.7', {}, made('For the frosting\n100 g butter\n200 g icing sugar')).measured
      .components)
      expect(grams).toBeCloseTo(
        lines.reduce((sum, line) => sum + line.grams, 0),
        9,
      );
  });
  it('keeps near what is meant where nothing rises, and what is traded by hand there too', () => {
    const FROSTING = 'For the frosting\n100 g butter\n200 g icing sugar\n1 tsp vanilla extract';
    const { components } = batch('x0.7', {}, made(FROSTING)).measured;
    const frosting = components.find(({ name }) => name === 'Frosting');
    expect(frosting?.lines.map(({ held }) => held)).toEqual([false, false, false]);
    for (const { name, grams, exactGrams } of frosting?.lines ?? [])
      expect(Math.abs(grams / exactGrams - 1))
        .withContext(name)
        .toBeLessThan(0.15);
    for (const { amount } of frosting?.lines ?? []) expect(amount).not.toMatch(/\d\.\d{2}/);
    const butter = frosting?.lines[0];
    const held = batch(
      'x0.7',
      { held: { [butter?.id ?? '']: { grams: 90, amount: '90 g', with: 'scale' } } },
      made(FROSTING),
    ).measured;
    const now = held.components.find(({ name }) => name === 'Frosting')?.lines ?? [];
    expect(now.map(({ grams, held: isHeld }) => [grams === 90, isHeld])).toEqual([
      [true, true],
      [false, false],
      [false, false],
    ]);
    expect(now[0]?.choices.length).toBeGreaterThan(0);
  });
  it('says of eggs alone what is left of the last one', () => {
    const {
      components: [component],
    } = batch(
      'x0.8',
      { kit: 'metric-spoons' },
      made('', 'UK', '250 g plain flour\n2 tsp baking powder\n150 g sugar\n2 eggs\n3 bananas\n80 g oil'),
    ).measured;
    const over = component?.lines
      .filter(({ eggOverGrams }) => eggOverGrams !== undefined)
      .map(({ ingredient: { id } }) => id);
    expect(over).toEqual(['egg']);
    const whole = batch('double').measured.components[0]?.lines.find(({ ingredient: { id } }) => id === 'egg');
    expect(whole?.eggOverGrams).toBeUndefined();
  });
  it('measures by the baker’s own filling of a cup, and by what was weighed here', () => {
    const formula = formulaRead(readFormula(`Quay cake\n${CUPS}`, 'US'));
    const flourCups = (kitchen: Kitchen) => {
      const {
        components: [component],
      } = batch('as written', { kit: 'us-cups' }, formula, kitchen).measured;
      const line = component?.lines[0];
      const cups = line?.choices.find(({ amount }) => /^2 cups?$/.test(amount));
      return cups?.grams ?? 0;
    };
    const scooped = flourCups({ ...PLAIN_KITCHEN, fillings: { 'all-purpose-flour': 'scooped' } });
    expect(scooped / flourCups(PLAIN_KITCHEN)).toBeGreaterThan(1.08);
  });
  it('leaves out an empty line, and a part that has nothing in it', () => {
    const formula = made('For the frosting\n100 g butter\n200 g icing sugar');
    const empty = {
      ...formula,
      components: formula.components.map((component, i) => ({
        ...component,
        lines: i === 1 ? [{ id: 'none', text: '  ' }] : [...component.lines, { id: 'blank', text: ' ' }],
      })),
    };
    const { components } = batch('half', {}, empty).measured;
    expect(components.map(({ name, unweighed }) => [name, unweighed])).toEqual([['Cake', []]]);
  });
});
