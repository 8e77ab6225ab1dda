import { SHEET_PROBLEMS } from '../../day/planned-sheets/index.js';
import type { TaskKind } from '../../day/works/index.js';
import { conflictInWords, sheetProblemInWords, taskInWords } from './index.js';

const KINDS: readonly TaskKind[] = ['take-out', 'chill', 'soak', 'prepare', 'line', 'preheat', 'weigh', 'mix', 'rest', 'portion', 'bake', 'turn', 'tent', 'uncover', 'turn-down', 'set-oven', 'out', 'turn-out', 'from-store', 'thaw', 'griddle', 'cool', 'make-frosting', 'crumb-coat', 'fill', 'frost', 'slice', 'pack', 'wash', 'feed', 'own']; // prettier-ignore

describe('the words of a day', () => {
  it('say every task of a batch with its name, capital first, and no hole', () => {
    for (const kind of KINDS) {
      const words = taskInWords({ id: '', kind, batch: 0, from: 0, to: 5, hands: 1, celsius: 180, what: 'butter' }, 'Pear loaf'); // prettier-ignore
      expect(words)
        .withContext(kind)
        .toMatch(/^[A-Z]/);
      expect(words)
        .withContext(kind)
        .not.toMatch(/undefined|NaN| {2}/);
      if (kind !== 'preheat' && kind !== 'set-oven')
        expect(words)
          .withContext(kind)
          .toMatch(/pear loaf/i);
    }
  });
  it('say what to do about every problem', () => {
    for (const code of SHEET_PROBLEMS) {
      const { say, why } = sheetProblemInWords({ code, wish: 'Pear loaf', pan: '20 cm round', wanted: 2, there: 1 });
      expect(say.length).withContext(code).toBeGreaterThan(10);
      expect(why.length).withContext(code).toBeGreaterThan(10);
    }
  });
  it('say what is in the way in minutes, and what would be enough', () => {
    const { say, why } = conflictInWords({ batches: [0, 1], short: ['oven', 'start'], earlierMinutes: 55, unknown: 0 }, ['Pear loaf', 'Gingerbread']); // prettier-ignore
    expect(say).toBe('The day is 55 min too short.');
    expect(why).toContain('Pear loaf and Gingerbread');
    expect(why).toContain('a second oven');
  });
});
