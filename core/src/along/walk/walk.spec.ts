import { demoWalks, walkFrom } from './demo-walks.spec-help.js';
import type { WalkStep, WeighStep } from './index.js';

const weighings = (walk: readonly WalkStep[]) => walk.filter((step): step is WeighStep => step.kind === 'weigh');
const kinds = (walk: readonly WalkStep[]) => walk.map(({ kind }) => kind);

describe('a bake as one step after another', () => {
  it('weighs every gram of the batch, once', () => {
    for (const { id, walk, batch } of demoWalks()) {
      const lines = batch.measured.components.flatMap(({ lines: all }) => all);
      for (const line of lines) {
        const poured = weighings(walk).filter(({ lineId, ingredientId }) => lineId === line.lineId && ingredientId === line.ingredient.id); // prettier-ignore
        expect(poured.reduce((sum, { grams }) => sum + grams, 0))
          .withContext(`${id}: ${line.name}`)
          .toBeCloseTo(line.grams, 6);
      }
    }
  });
  it('has each step once, and pans, oven and cooling in their order', () => {
    for (const { id, walk } of demoWalks()) {
      expect(new Set(walk.map((step) => step.id)).size)
        .withContext(id)
        .toBe(walk.length);
      const order = kinds(walk).filter((kind) => ['heat', 'divide', 'bake', 'cool'].includes(kind));
      expect(order).withContext(id).toEqual([...order].sort((a, b) => ORDER.indexOf(a) - ORDER.indexOf(b))); // prettier-ignore
      expect(order).withContext(id).toContain('bake');
    }
  });
  const ORDER = ['heat', 'divide', 'bake', 'cool'];
  it('takes butter out, lines the tin and heats the oven before anything is mixed', () => {
    const loaf = demoWalks().find(({ id }) => id === 'marmalade-almond-loaf');
    const walk = loaf?.walk ?? [];
    const firstMix = walk.findIndex(({ kind }) => kind === 'mix');
    const butter = walk.findIndex(
      (step) => step.kind === 'ready' && step.task === 'take-out' && step.what === 'butter',
    );
    const line = walk.findIndex((step) => step.kind === 'ready' && step.task === 'line');
    const heat = walk.findIndex(({ kind }) => kind === 'heat');
    for (const at of [butter, line, heat]) {
      expect(at).toBeGreaterThanOrEqual(0);
      expect(at).toBeLessThan(firstMix);
    }
    expect(butter).toBeLessThan(line);
  });
  it('keeps what goes on a cake for after the oven, and what is strewn over for after the tin', () => {
    const cake = demoWalks().find(({ id }) => id === 'parsnip-hazelnut-cake')?.walk ?? [];
    const oven = cake.findIndex(({ kind }) => kind === 'bake');
    for (const [at, step] of cake.entries())
      if (step.kind === 'weigh')
        expect(at > oven)
          .withContext(step.name)
          .toBe(step.part === 'Frosting');
    const loaf = demoWalks().find(({ id }) => id === 'pear-cardamom-loaf')?.walk ?? [];
    const strewn = loaf.findIndex((step) => step.kind === 'weigh' && step.name === 'demerara sugar');
    expect(strewn).toBeGreaterThan(loaf.findIndex(({ kind }) => kind === 'divide'));
    expect(strewn).toBeLessThan(loaf.findIndex(({ kind }) => kind === 'bake'));
  });
  it('weighs what was kept back at the step that takes it', () => {
    const { walk } = walkFrom('Divided loaf\n200 g flour\n100 g sugar, divided\n100 g milk\n2 tsp baking powder\n\nMethod\n1. Whisk the flour, baking powder and half the sugar with the milk.\n2. Scatter over the rest of the sugar and bake in a loaf tin at 180 C for 40 min.'); // prettier-ignore
    const sugar = weighings(walk).filter(({ name }) => name.includes('sugar'));
    expect(sugar.map(({ grams, rest }) => [Math.round(grams), rest])).toEqual([[50, false], [50, true]]); // prettier-ignore
    expect(sugar[0]?.keptBack.map(({ grams, step }) => [Math.round(grams), step])).toEqual([[50, 2]]);
  });
  it('waits where the method says so', () => {
    const { walk } = walkFrom('Rested muffins\n200 g plain flour\n100 g caster sugar\n2 tsp baking powder\n1 egg\n150 ml milk\n80 ml sunflower oil\n\nMethod\n1. Mix everything. Rest the batter 30 minutes.\n2. Bake in a 12-cup muffin tin at 200 C for 18 minutes.'); // prettier-ignore
    const rest = walk.find(({ kind }) => kind === 'rest');
    expect(rest).toEqual({ kind: 'rest', id: 'rest', minutes: 30 });
  });
  it('divides what there is into as many vessels as there are', () => {
    for (const { id, walk, bake } of demoWalks())
      for (const step of walk)
        if (step.kind === 'divide') {
          expect(step.pieces * step.gramsEach)
            .withContext(id)
            .toBeCloseTo(step.grams, 6);
          const pans = bake.portions[step.portion]?.pans;
          expect(step.pieces).toBe((pans?.count ?? 0) * (pans?.pan.cavities ?? 0));
        }
  });
  it('mixes as usual where there is no method', () => {
    const { walk } = walkFrom('Bare muffins\n200 g plain flour\n100 g sugar\n2 tsp baking powder\n1 egg\n150 ml milk\n80 g butter'); // prettier-ignore
    expect(walk.filter(({ kind }) => kind === 'mix')).toEqual([
      jasmine.objectContaining({ id: 'mix:usual', phase: 'combine' }),
    ]);
    const names = weighings(walk).map(({ name }) => name);
    expect(names.length).toBe(6);
  });
});
