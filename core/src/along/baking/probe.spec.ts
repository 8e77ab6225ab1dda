import { bakingState, probedAt, readingsOf, type Happening } from './index.js';

const MINUTE = 60_000;
const at = (minute: number) => 1_000_000 * MINUTE + minute * MINUTE;
const told = (...list: readonly Happening[]) => bakingState([], list);

describe('one probe and two sets of pans in the oven', () => {
  const loaf: Happening = { kind: 'in', portion: 0, at: at(0) };
  const muffins: Happening = { kind: 'in', portion: 1, at: at(10) };
  const readings = [5, 15, 25, 35].map((minute) => ({ at: at(minute), core: 20 + minute, air: 180 }));
  const cores = (state: ReturnType<typeof told>, portion: number) =>
    readingsOf(state, portion, readings).map(({ core }) => core);

  it('stands in what went in first, and nowhere before', () => {
    expect(probedAt(told(), at(5))).toBeUndefined();
    expect(probedAt(told(muffins, loaf), at(20))).toBe(0);
    expect(cores(told(loaf, muffins), 0)).toEqual([25, 35, 45, 55]);
    // the oven's air is that of both, once they are in it
    expect(readingsOf(told(loaf, muffins), 1, readings)).toEqual([15, 25, 35].map((minute) => ({ at: at(minute), air: 180 })));
  }); // prettier-ignore
  it('is read for the one that it was put into, from then on', () => {
    const moved = told(loaf, muffins, { kind: 'did', portion: 1, what: 'probe-here', at: at(20) });
    expect(cores(moved, 0)).toEqual([25, 35, undefined, undefined]);
    expect(cores(moved, 1)).toEqual([undefined, 45, 55]);
    const back = told(loaf, muffins, { kind: 'did', portion: 1, what: 'probe-here', at: at(20) }, { kind: 'did', portion: 0, what: 'probe-here', at: at(30) }); // prettier-ignore
    expect(cores(back, 0)).toEqual([25, 35, undefined, 55]);
  });
  it('says nothing of what is out', () => {
    expect(cores(told(loaf, { kind: 'out', portion: 0, at: at(20) }), 0)).toEqual([25, 35]);
    expect(readingsOf(told(), 0, readings)).toEqual([]);
  });
});
