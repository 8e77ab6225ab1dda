import { TestBed } from '@angular/core/testing';
import { demoKitchen } from '../parts/demo-kitchen.spec-help';
import { rendered, wordsOf } from '../parts/rendered.spec-help';
import { FormulaStore } from '../store/formula-store';
import { BakeStart } from './start';

describe('where a bake begins', () => {
  const { withAtHand } = demoKitchen();

  it('says before anything is weighed what nobody understood: no step has it', async () => {
    const id = await withAtHand('oat-farls');
    const view = rendered(BakeStart);
    expect(wordsOf(view)).not.toContain('Not in it');
    const line = { id: 'dulse', text: '40 g zorblax' };
    TestBed.inject(FormulaStore).change(id, 'a line', ({ formula }) => {
      const [first, ...more] = formula.components;
      return {
        formula: { ...formula, components: first ? [{ ...first, lines: [...first.lines, line] }, ...more] : [] },
      };
    });
    expect(wordsOf(view)).toContain('Not in it: 40 g zorblax. Say on the Bench what it is.');
  });
});
