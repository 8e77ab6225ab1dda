import { cavityMillilitres, isFree } from '../../kitchen/pans/index.js';
import { vesselWritten } from '../vessels/index.js';
import { wishInEnglish } from './index.js';

/** A size or a count as a German hand writes it, and what an English one writes. */
const SIZES: readonly (readonly [german: string, english: string])[] = [
  ['halb', 'half'],
  ['halbes Rezept', 'half'],
  ['doppelt', 'double'],
  ['1,5-mal', '1.5 times'],
  ['24 Stück', '24 pieces'],
  ['16 zu 55 g', '16 of 55 g'],
  ['12 Scones zu 6 cm', '12 Scones of 6 cm'],
  ['18 Portionen', 'serves 18'],
];
/** A pan as it is written, and the same in English: what they hold is the same. */
const PANS: readonly (readonly [german: string, english: string])[] = [
  ['Springform 26 cm', '26 cm springform'],
  ['Kastenform 25 cm', '25 x 11 cm loaf tin'],
  ['runde Form 20 cm', '20 cm round'],
  ['runde Form 20 cm, 7 cm tief', '20 cm round, 7 cm deep'],
  ['quadratische Form 20 cm', '20 cm square'],
  ['zwei runde 20 cm', 'two 20 cm rounds'],
  ['2 × runde Form 20 cm', '2 x 20 cm round'],
  ['zwei Kastenformen 25 cm', '2 x 25 x 11 cm loaf tin'],
  ['12er Muffinblech', '12-cup muffin tin'],
  ['12 Scones zu 6 cm', '12 scones of 6 cm'],
  ['12 Häufchen von 6 cm', '12 mounds of 6 cm'],
  ['10 Kreise von 5,5 cm', 'disc 5.5 cm x 10'],
  ['8 Stücke aus einer Runde von 18 cm', 'wedge 18 cm round x 8'],
];
const holds = (written: string) => {
  const read = vesselWritten(written);
  if (read.kind !== 'vessel') return read.kind;
  const { pan, count } = read.set;
  return `${count} of ${isFree(pan) ? `${pan.cavities} ${pan.shape}` : Math.round(cavityMillilitres(pan))}`;
};

describe('a size typed in German', () => {
  for (const [german, english] of SIZES)
    it(`“${german}” is “${english}”`, () => expect(wishInEnglish(german)).toBe(english));
  for (const [german, english] of PANS)
    it(`“${german}” holds what “${english}” does`, () => {
      expect(holds(english)).toMatch(/^\d/);
      expect(holds(german)).toBe(holds(english));
    });
  it('leaves English alone', () => {
    for (const english of ['9 x 5 in loaf', 'two 20 cm rounds', '24 muffins', 'half', 'serves 18', '3 bananas'])
      expect(wishInEnglish(english)).toBe(english);
  });
});
