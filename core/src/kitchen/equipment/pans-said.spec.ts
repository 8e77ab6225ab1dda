import { severalSaid, vesselSaid } from './index.js';

describe('the same pans, so many of them', () => {
  for (const [written, count, counted, said] of [
    ['two 23 cm rounds, 5 cm deep', 3, false, '23 cm round, 5 cm deep x 3'],
    ['2 x 20 cm round tins', 1, false, '20 cm round tin'],
    ['9 x 5 in loaf pan', 2, false, '9 x 5 in loaf pan x 2'],
    ['30 x 20 x 4 cm tin', 2, false, '30 x 20 x 4 cm tin x 2'],
    ['24 muffins', 2, false, '24 muffins x 2'],
    ['disc 5x2.5 cm x 16', 8, true, 'disc 5x2.5 cm x 8'],
  ] as const)
    it(`are “${said}”`, () => {
      expect(severalSaid(written, count, counted)).toBe(said);
      const back = vesselSaid(said);
      expect(back.kind).toBe('vessel');
      if (!counted) expect(back.kind === 'vessel' && back.set.count).toBe(count);
    });
  it('are named for one of them', () => {
    const parsed = vesselSaid('two 23 cm rounds, 5 cm deep');
    expect(parsed.kind === 'vessel' && [parsed.set.count, parsed.set.pan.name]).toEqual([2, '23 cm round, 5 cm deep']);
  });
});
