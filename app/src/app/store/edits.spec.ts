import fc from 'fast-check';
import { apply, invert, merged, NO_RECORDS, type Edit, type Records } from './edits';
import type { StoredFormula } from './records';

const stored = (id: string, revision: number, title = id): StoredFormula => ({
  id,
  revision,
  createdAt: 0,
  changedAt: revision,
  demo: false,
  formula: { title, region: 'UK', components: [], steps: [], bake: { fan: false } },
  oven: {},
});
const asList = (records: Records) => [...records.formulas].sort(([a], [b]) => a.localeCompare(b));

/** A random edit that fits the records: adds, changes or removes one of a few formulas. */
const editOf = (records: Records, pick: number, kind: number): Edit => {
  const id = `f${pick % 4}`;
  const before = records.formulas.get(id);
  const after = kind === 0 && before ? undefined : stored(id, (before?.revision ?? 0) + 1, `title ${kind}`);
  return { label: 'x', changes: [{ table: 'formulas', id, ...(before && { before }), ...(after && { after }) }] };
};
const steps = fc.array(fc.tuple(fc.nat(3), fc.nat(3)), { maxLength: 25 });

describe('edits', () => {
  it('are undone exactly, whatever was done, in reverse', () => {
    fc.assert(
      fc.property(steps, (list) => {
        const history: Edit[] = [];
        let records = NO_RECORDS;
        const states = [asList(records)];
        for (const [pick, kind] of list) {
          const edit = editOf(records, pick, kind);
          history.push(edit);
          records = apply(records, edit);
          states.push(asList(records));
        }
        for (const edit of history.reverse()) {
          states.pop();
          records = apply(records, invert(edit));
          expect(asList(records)).toEqual(states.at(-1) ?? []);
        }
      }),
    );
  });
  it('are done again by undoing the undo', () => {
    fc.assert(
      fc.property(fc.nat(3), fc.nat(3), (pick, kind) => {
        const start = apply(NO_RECORDS, editOf(NO_RECORDS, 1, 1));
        const edit = editOf(start, pick, kind);
        const done = apply(start, edit);
        const again = apply(apply(done, invert(edit)), invert(invert(edit)));
        expect(asList(again)).toEqual(asList(done));
      }),
    );
  });
  it('leave the records they are applied to as they were', () => {
    const before = apply(NO_RECORDS, editOf(NO_RECORDS, 0, 1));
    const list = asList(before);
    apply(before, editOf(before, 0, 2));
    expect(asList(before)).toEqual(list);
  });
  it('become one step when they type into the same line, and only then', () => {
    const [one, two, three] = [stored('a', 1), stored('a', 2), stored('a', 3)];
    const typing = (before: StoredFormula, after: StoredFormula, mergeAs = 'line'): Edit => ({
      label: 'typing',
      mergeAs,
      changes: [{ table: 'formulas', id: 'a', before, after }],
    });
    const both = merged(typing(one, two), typing(two, three));
    expect(both?.changes).toEqual([{ table: 'formulas', id: 'a', before: one, after: three }]);
    expect(merged(typing(one, two), typing(two, three, 'other line'))).toBeUndefined();
    expect(merged({ ...typing(one, two), changes: [] }, typing(two, three))).toBeUndefined();
  });
});
