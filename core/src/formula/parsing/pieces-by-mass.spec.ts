import { mustBeVessel } from '../../kitchen/pans/must-be-vessel.spec-help.js';
import { readText } from '../reading/index.js';
import { formulaRead } from './formula-read.spec-help.js';

const DOUGH = '225 g self-raising flour\n60 g butter\n40 g caster sugar\n120 ml milk';
const panOf = (how: string, more = '') =>
  formulaRead(readText(`Quay scones\n${more}${DOUGH}\n\nMethod\n1. Rub the butter into the flour, stir in the sugar and milk.\n2. ${how}`, 'UK')).bake.pan; // prettier-ignore

/** What the dough comes to as the pieces say, at the density of a dough. */
function gramsOf(pan: string | undefined): number {
  const { pan: pieces } = mustBeVessel(pan ?? '');
  const { diameterCm = 0, heightCm, cavities } = pieces as { diameterCm?: number; heightCm?: number; cavities: number };
  const each = (Math.PI / 4) * diameterCm ** 2 * (heightCm ?? 0.31 * diameterCm) * 1.12;
  return each * cavities;
}

describe('pieces on a sheet whose size nobody says', () => {
  const COUNTED: readonly (readonly [how: string, count: number])[] = [
    ['Drop 8 mounds onto a lined baking sheet and bake at 220C for 14 minutes.', 8],
    ['Spoon 12 heaps on to a greased baking tray. Bake at 200C for 15 minutes.', 12],
    ['Place eight rough heaps on the tray and bake for 15 minutes at 200C.', 8],
    ['Divide into 8 and shape into balls, place on a tray. Bake 18 minutes at 200C.', 8],
    ['Scoop 10 portions onto the sheet and bake at 220C for 16 minutes.', 10],
    ['Pat 2 cm thick and cut 10 rounds. Bake at 220C for 12 minutes.', 10],
    ['Stamp out 8 rounds and lay on a tray. Bake for 12 minutes at 220C.', 8],
    ['Mit zwei Löffeln 12 Häufchen auf ein Backblech setzen und bei 200 °C 15 Minuten backen.', 12],
    ['Teig 2 cm dick ausrollen, 8 Kreise ausstechen und auf das Blech legen. Bei 200 °C 15 Minuten backen.', 8],
  ];
  for (const [how, count] of COUNTED)
    it(`are as many as told, as wide as the dough makes them: ${how}`, () => {
      const pan = panOf(how);
      expect(mustBeVessel(pan ?? '').pan.cavities).toBe(count);
      // 225 g flour, 60 g butter, 40 g sugar, 124 g milk
      expect(gramsOf(pan)).toBeGreaterThan(449 * 0.92);
      expect(gramsOf(pan)).toBeLessThan(449 * 1.08);
    });
  it('are as many as it makes, else as many as such spoons give', () => {
    const many = (how: string, more = '') => mustBeVessel(panOf(how, more) ?? '').pan.cavities;
    const spoon = 'on to a baking sheet and bake at 200C for 15 minutes.';
    expect(many(`Put spoonfuls ${spoon}`, 'Makes 9\n')).toBe(9);
    expect(many(`Drop tablespoonfuls ${spoon}`)).toBeGreaterThan(many(`Drop 1/4-cupfuls ${spoon}`));
  });
  it('are wedges of a round that is patted out and cut, of its size where one is told', () => {
    const wedges = panOf(
      'Pat into a round 3 cm thick on a baking sheet and cut into 8 wedges. Bake at 220C for 15 minutes.',
    );
    expect(mustBeVessel(wedges ?? '').pan).toEqual(jasmine.objectContaining({ shape: 'wedge', cavities: 8 }));
    expect(panOf('Pat into an 8-inch circle, cut in 8. Bake at 200C for 17 minutes.')).toBe('wedge 8 in round x 8');
  });
  it('are loaves where a dough is shaped into some', () => {
    expect(mustBeVessel(panOf('Shape into 2 loaves on a tray and bake 45 minutes at 200C.') ?? '')).toEqual(jasmine.objectContaining({ count: 2, pan: jasmine.objectContaining({ shape: 'dome' }) })); // prettier-ignore
    expect(panOf('Shape into a round, place on a tray and cut a deep cross in it. Bake at 200C for 40 minutes.')).toBe('round loaf'); // prettier-ignore
  });
  it('are none in a tin, in cases, in a dish, or of a cake that is cut', () => {
    for (const [how, pan] of [
      ['Pour into a 20 cm square tin, put it on a baking tray and drop spoonfuls of jam on it. Bake 30 minutes at 180C.', '20 cm square tin'],
      ['Put into 12 paper cases on a tray and bake 20 minutes at 190C.', '12 paper cases'],
      ['Drop spoonfuls over the plums in the dish. Put the dish on a baking tray and bake 35 minutes at 180C.', undefined],
      ['Bake at 180C for 40 minutes. Cut into 8 wedges to serve.', undefined],
      ['Spread in the baking tray, bake 20 minutes at 180C and cut into 12 pieces.', undefined],
      ['Cook on a griddle, 4 minutes a side, cut in 6.', undefined],
      ['Cut a round of baking paper for the base. Bake 40 minutes at 180C.', undefined],
      ['Shape into a disc, wrap and chill. Roll out and cut into 12. Bake 12 minutes at 180C.', undefined],
    ] as const)
      expect(panOf(how)).withContext(how).toBe(pan); // prettier-ignore
  });
});
