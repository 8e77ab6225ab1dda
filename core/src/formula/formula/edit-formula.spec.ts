import fc from 'fast-check';
import {
  dismiss,
  dissolveComponent,
  insertLines,
  insertSteps,
  lineOf,
  moveLine,
  removeLine,
  removeStep,
  renameComponent,
  replaceLine,
  restore,
  shiftLine,
  shiftStep,
  splitLine,
  startComponentAt,
  type Formula,
} from './index.js';

const FORMULA: Formula = {
  title: 'Loaf',
  region: 'UK',
  components: [
    { id: 'c1', name: 'Batter', lines: [{ id: 'l1', text: '200 g flour' }, { id: 'l2', text: '100 g sugar' }] },
    { id: 'c2', name: 'Top', lines: [{ id: 'l3', text: '1 tbsp demerara' }] },
  ],
  steps: [{ id: 's1', text: 'Bake.' }],
  bake: { fan: false },
}; // prettier-ignore
const texts = (formula: Formula) => formula.components.map(({ lines }) => lines.map(({ text }) => text));

describe('edits of a formula', () => {
  it('put lines behind a line or at the end of a component', () => {
    expect(texts(insertLines(FORMULA, { lineId: 'l1' }, [{ id: 'n', text: 'salt' }]))[0]).toEqual([
      '200 g flour',
      'salt',
      '100 g sugar',
    ]);
    expect(texts(insertLines(FORMULA, { componentId: 'c2' }, [{ id: 'n', text: 'salt' }]))[1]).toEqual([
      '1 tbsp demerara',
      'salt',
    ]);
  });
  it('are taken back by their opposite', () => {
    const added = insertLines(FORMULA, { lineId: 'l2' }, [{ id: 'n', text: 'salt' }]);
    expect(removeLine(added, 'n')).toEqual(FORMULA);
    expect(renameComponent(renameComponent(FORMULA, 'c1', 'Dough'), 'c1', 'Batter')).toEqual(FORMULA);
    expect(replaceLine(replaceLine(FORMULA, { id: 'l1', text: 'x' }), { id: 'l1', text: '200 g flour' })).toEqual(
      FORMULA,
    );
  });
  it('leave alone what they do not touch, and do nothing for a line that is not there', () => {
    const changed = replaceLine(FORMULA, { id: 'l1', text: '250 g flour' });
    expect(changed.components[1]).toBe(FORMULA.components[1]);
    expect(FORMULA.components[0]?.lines[0]?.text).toBe('200 g flour');
    expect(removeLine(FORMULA, 'nowhere')).toBe(FORMULA);
    expect(lineOf(FORMULA, 'l3')?.text).toBe('1 tbsp demerara');
    expect(lineOf(FORMULA, 'nowhere')).toBeUndefined();
  });
});

describe('regrouping', () => {
  it('moves lines within and between components, never losing one', () => {
    const all = (formula: Formula) => texts(formula).flat().sort();
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('l1', 'l2', 'l3'), fc.constantFrom('c1', 'c2'), fc.nat(4), fc.boolean()), {
          maxLength: 12,
        }),
        (moves) => {
          const moved = moves.reduce(
            (formula, [line, component, at, up]) =>
              shiftLine(moveLine(formula, line, component, at), line, up ? -1 : 1),
            FORMULA,
          );
          expect(all(moved)).toEqual(all(FORMULA));
        },
      ),
    );
  });
  it('carries a line over the border of its component', () => {
    expect(texts(shiftLine(FORMULA, 'l2', 1))).toEqual([['200 g flour'], ['100 g sugar', '1 tbsp demerara']]);
    expect(texts(shiftLine(FORMULA, 'l3', -1))[0]).toEqual(['200 g flour', '100 g sugar', '1 tbsp demerara']);
    expect(shiftLine(FORMULA, 'l1', -1)).toBe(FORMULA);
  });
  it('begins a component at a line, and dissolves it again', () => {
    const begun = startComponentAt(FORMULA, 'l2', { id: 'c3', name: 'Filling' });
    expect(begun.components.map(({ name }) => name)).toEqual(['Batter', 'Filling', 'Top']);
    expect(texts(begun)).toEqual([['200 g flour'], ['100 g sugar'], ['1 tbsp demerara']]);
    expect(dissolveComponent(begun, 'c3')).toEqual(FORMULA);
  });
  it('keeps the last component', () => {
    const one = dissolveComponent(FORMULA, 'c2');
    expect(dissolveComponent(one, 'c1')).toBe(one);
  });
});

describe('steps and shares', () => {
  const split = splitLine(insertSteps(FORMULA, 's1', [{ id: 's2', text: 'Sprinkle.' }]), 'l2', [
    { stepId: 's1', amount: 'half' },
    { stepId: 's2', amount: 'the rest' },
  ]);
  it('are inserted, moved and removed', () => {
    expect(split.steps.map(({ id }) => id)).toEqual(['s1', 's2']);
    expect(shiftStep(split, 's2', -1).steps.map(({ id }) => id)).toEqual(['s2', 's1']);
    expect(insertSteps(split, undefined, [{ id: 's0', text: '' }]).steps[0]?.id).toBe('s0');
  });
  it('forget what a removed step took', () => {
    expect(lineOf(removeStep(split, 's2'), 'l2')?.split).toEqual([{ stepId: 's1', amount: 'half' }]);
    expect(lineOf(removeStep(removeStep(split, 's2'), 's1'), 'l2')?.split).toBeUndefined();
  });
});

describe('dismissals', () => {
  it('are kept with their reason, replaced, and taken back', () => {
    const set = dismiss(FORMULA, { code: 'salt-kind-unclear', place: 'l1', reason: 'it is fine salt' });
    const again = dismiss(set, { code: 'salt-kind-unclear', place: 'l1', reason: 'kosher, really' });
    expect(again.dismissed).toEqual([{ code: 'salt-kind-unclear', place: 'l1', reason: 'kosher, really' }]);
    expect(restore(again, { code: 'salt-kind-unclear', place: 'l1' })).toEqual(FORMULA);
  });
});
