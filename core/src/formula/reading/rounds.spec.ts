import { readText } from './index.js';

const panOf = (cutting: string) => {
  const reading = readText(
    `Quay scones\n225 g self-raising flour\n50 g butter\n25 g caster sugar\n150 ml milk\n\nRub in the butter. ${cutting} Bake at 220 °C for 12 minutes.`,
    'UK',
  );
  return reading.kind === 'read' ? reading.formula.bake.pan : undefined;
};

describe('rounds of a cutter', () => {
  it('are as many as the dough gives where nobody counts them', () => {
    // about 455 g of dough; a round of 6 by 2 cm is 56.5 ml, 63 g: seven
    expect(panOf('Cut 6 cm rounds 2 cm thick.')).toBe('disc 6 cm x 2 cm x 7');
    // thicker ones are fewer
    expect(panOf('Cut 6 cm rounds 3 cm thick.')).toBe('disc 6 cm x 3 cm x 4');
  });
  it('are as many as is said where it is', () => {
    expect(panOf('Cut 1/2 inch thick with a 2 1/2 inch cutter.')).toMatch(/^disc 2\.5 in x 0\.5 in x/);
    expect(panOf('Cut 8 rounds 2 cm thick using a 6 cm cutter.')).toBe('disc 6 cm x 2 cm x 8');
    expect(panOf('Cut out 9 rounds with a 6 cm cutter, 2 cm thick.')).toMatch(/x 9$/);
  });
});
