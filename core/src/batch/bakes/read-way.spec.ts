import { readWay } from './index.js';

/** As other ways are written: pans, °C, fan. */
const WAYS: readonly (readonly [string, string, number | undefined, boolean | undefined])[] = [
  ['12 muffins 190', '12 muffins', 190, undefined],
  ['12 muffins at 200', '12 muffins', 200, undefined],
  ['two 18cm rounds 160 fan', 'two 18cm rounds', 160, true],
  ['fan 160 2lb loaf', '2lb loaf', 160, true],
  ['loaf tin 170C', 'loaf tin', 170, undefined],
  // 350 °F: no oven of a kitchen goes to 350 °C
  ['9x13 at 350F', '9x13', 177, undefined],
  ['9x13 at 350', '9x13', 177, undefined],
  ['23 cm springform 325 F', '23 cm springform', 163, undefined],
  ['6 mini loaves @180', '6 mini loaves', 180, undefined],
  ['2 lb loaf tin gas 3', '2 lb loaf tin', 160, undefined],
  ['20 cm round no fan', '20 cm round', undefined, false],
  ['glass dish 20 cm square', 'glass dish 20 cm square', undefined, undefined],
  ['Springform 24 cm bei 160 °C Umluft', 'Springform 24 cm', 160, true],
  ['at 160 °C', '', 160, undefined],
];

describe('another way to bake it', () => {
  for (const [written, pans, celsius, fan] of WAYS)
    it(`is read: “${written}”`, () => {
      expect(readWay(written)).toEqual({ pans, celsius, fan });
    });
});
