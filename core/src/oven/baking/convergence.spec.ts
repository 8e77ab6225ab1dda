import { REFERENCE_BAKES } from '../../doors/samples/reference-bakes.js';
import { simulateBake } from './index.js';

/* A finer grid and shorter steps find the same time: what the usual ones leave out is no more than 2 %. */

/** One of every shape: loaf, layer, muffins, biscuits, wedges, soda bread, ring, fruit cake, sheet. */
const ONE_OF_EACH = ['T01', 'T07', 'T24', 'T29', 'T30', 'T32', 'T19', 'T34', 'T15'];

describe('simulateBake', () => {
  for (const id of ONE_OF_EACH) {
    it(`is converged in grid and step within 2 % (${id})`, () => {
      const spec = REFERENCE_BAKES.find((bake) => bake.id === id)?.spec;
      if (!spec) throw new Error(id);
      const usual = simulateBake(spec);
      const minutes = usual.doneMinute ?? Number.NaN;
      const fine = simulateBake(spec, {
        refinement: spec.pan.shape === 'loaf' || spec.pan.shape === 'rectangle' ? 1.6 : 2,
        stepSeconds: Math.max(1, (minutes * 60) / usual.steps / 3),
      });
      expect(Math.abs(minutes / (fine.doneMinute ?? Number.NaN) - 1)).toBeLessThan(0.02);
    });
  }
});
