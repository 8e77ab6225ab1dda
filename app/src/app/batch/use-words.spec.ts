import { whatFits } from '@orvin/core/batch/portions';
import { pansSaid } from '@orvin/core/kitchen/equipment';
import { brimMillilitres } from '@orvin/core/kitchen/pans';
import { USUAL_PANS, useInWords } from './fits-panel';

describe('useInWords', () => {
  for (const region of ['UK', 'US'] as const)
    it(`says pans so that they read back as they are: ${region}`, () => {
      for (const grams of [300, 900, 1500, 2600])
        for (const { uses } of whatFits(grams, { raw: 1.02, baked: 0.54 }, USUAL_PANS))
          for (const use of uses) {
            const words = useInWords(use, region);
            const parsedPan = pansSaid(words);
            const own = (brimMillilitres(use.owned.pan) / use.owned.pan.cavities) * use.cavities;
            const read = parsedPan.kind === 'pan' ? brimMillilitres(parsedPan.set.pan) * parsedPan.set.count : NaN;
            expect(Math.abs(read / own - 1))
              .withContext(words)
              .toBeLessThan(0.2);
          }
    });
});
