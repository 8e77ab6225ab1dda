import { EXPERIMENTS } from '@orvin/core/bench/sandbox';
import { EXPERIMENT_WORDS } from '@orvin/core/words/explaining';

describe('the words of the experiments', () => {
  it('ask a question, give three different answers, and a reason', () => {
    for (const id of EXPERIMENTS) {
      const { does, asks, answers, because } = EXPERIMENT_WORDS[id];
      expect(does).withContext(id).toMatch(/\.$/);
      expect(asks).withContext(id).toMatch(/\?$/);
      expect(because).withContext(id).toMatch(/\.$/);
      expect(new Set(Object.values(answers)).size)
        .withContext(id)
        .toBe(3);
    }
  });
});
