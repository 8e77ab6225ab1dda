import { usualCut } from './index.js';

const cutOf = (pan: string) => usualCut({ bake: { fan: false, pan } });

describe('the usual cut', () => {
  it('is by the cutter that the formula names', () => {
    expect(cutOf('disc 5 cm x 2.5 cm x 11')).toEqual(jasmine.objectContaining({ shape: 'round', sizeCm: 5, thicknessCm: 2.5 })); // prettier-ignore
    expect(cutOf('disc 7 cm x 3 cm x 8')).toEqual(jasmine.objectContaining({ sizeCm: 7, thicknessCm: 3 }));
  });
  it('is into the wedges that the formula names', () => {
    expect(cutOf('wedge 18 cm round x 6')).toEqual(
      jasmine.objectContaining({ shape: 'wedges', wedges: 6, sizeCm: 18 }),
    );
  });
  it('is a 6 cm cutter, 2.5 cm thick, where it names none', () => {
    expect(cutOf('20 cm round')).toEqual(jasmine.objectContaining({ shape: 'round', sizeCm: 6, thicknessCm: 2.5 }));
    expect(usualCut({ bake: { fan: false } }).sizeCm).toBe(6);
  });
});
