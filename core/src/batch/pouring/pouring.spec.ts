import { demoWalks, walkFrom } from '../../along/walk/demo-walks.spec-help.js';
import { atFirst, pouringsOf } from './index.js';

describe('what goes into one bowl in one go', () => {
  it('has every line of its part once, and never more of it than there is', () => {
    for (const { id, bake, batch } of demoWalks())
      for (const component of batch.measured.components) {
        const poured = pouringsOf(component, bake.audit).flatMap((pouring) => pouring.poured);
        expect(poured.map(({ line }) => line.id).sort()).withContext(id).toEqual(component.lines.map((line) => line.id).sort()); // prettier-ignore
        for (const each of poured) {
          const later = each.later.reduce((sum, { grams }) => sum + grams, 0);
          expect(atFirst(each) + later)
            .withContext(each.line.name)
            .toBeCloseTo(each.line.grams, 6);
        }
      }
  });
  it('stands in the order of the method, and in the order of the words within a bowl', () => {
    for (const { id, bake, batch } of demoWalks())
      for (const component of batch.measured.components) {
        const pourings = pouringsOf(component, bake.audit);
        const steps = pourings.map(({ step }) => (step === 0 ? 99 : step));
        expect(steps).withContext(id).toEqual([...steps].sort((a, b) => a - b)); // prettier-ignore
        for (const { poured } of pourings) {
          const places = poured.map(({ at }) => at);
          expect(places).toEqual([...places].sort((a, b) => a - b));
        }
      }
  });
  it('is dry, wet or both, as a baker would say', () => {
    const { bake, batch } = walkFrom('Quay buns\n200 g plain flour\n2 tsp baking powder\n100 ml milk\n1 egg\n50 g raisins\n\nMethod\n1. Whisk the flour and baking powder.\n2. Beat the milk and egg.\n3. Mix everything, with the raisins. Bake in a 12-cup muffin tin at 200 C for 15 minutes.'); // prettier-ignore
    const [component] = batch.measured.components;
    if (!component) throw new Error('no part');
    const kinds = pouringsOf(component, bake.audit).map(({ step, kind }) => [step, kind]);
    expect(kinds).toEqual([[1, 'dry'], [2, 'wet'], [3, 'dry']]); // prettier-ignore
  });
});
