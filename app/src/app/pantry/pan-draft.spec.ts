import { cavityMillilitres } from '@orvin/core/kitchen/pans';
import { draftOf, EMPTY_DRAFT, panOf, type PanDraft } from './pan-draft';

const draft = (over: Partial<PanDraft>): PanDraft => ({ ...EMPTY_DRAFT, name: 'heart tin', ...over });
const faults = (over: Partial<PanDraft>) => {
  const read = panOf(draft(over));
  return 'faults' in read ? read.faults.map(({ field }) => field) : [];
};

describe('panOf', () => {
  it('takes water over the measures, and keeps it through editing', () => {
    const read = panOf(draft({ topLength: '22', depth: '6', water: '1850' }));
    if ('faults' in read) throw new Error('refused');
    expect(cavityMillilitres(read.pan)).toBeCloseTo(1850, 6);
    const again = panOf(draftOf({ id: 'p', name: 'heart tin', pan: read.pan, count: 2, madeOf: 'glass' }));
    expect('pan' in again && again.pan.measuredMillilitres).toBe(1850);
    expect('pan' in again && again.pan.material).toBe('glass');
  });
  it('refuses a 3 mm pan, negative sizes, a tube wider than its pan, and water that cannot be', () => {
    expect(faults({ topLength: '0.3' })).toEqual(['topLength']);
    expect(faults({ depth: '-5' })).toEqual(['depth']);
    expect(faults({ shape: 'ring', tube: '30' })).toEqual(['tube']);
    expect(faults({ water: '15000' })).toEqual(['water']);
    expect(faults({ count: '1.5' })).toEqual(['count']);
    expect(faults({ name: ' ' })).toEqual(['name']);
    expect(faults({})).toEqual([]);
  });
  it('reads commas, and a box with its four lengths', () => {
    const read = panOf(
      draft({
        shape: 'loaf',
        topLength: '23,5',
        topWidth: '13',
        bottomLength: '21',
        bottomWidth: '11',
        depth: '7',
        corner: '1',
      }),
    );
    expect('pan' in read && [read.pan.topLengthCm, read.pan.bottomWidthCm, read.pan.cornerRadiusCm]).toEqual([
      23.5, 11, 1,
    ]);
  });
});
