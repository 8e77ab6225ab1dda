import { atHand } from './at-hand.spec-help.js';
import { readTargets } from './index.js';

const targetsOf = (method: string) =>
  readTargets(
    '24 buns',
    atHand(`Medlar buns\n300 g plain flour\n80 g butter\n180 g buttermilk\n2 tsp baking powder\n1 egg\n\n${method}`),
  );

describe('24 buns', () => {
  it('are cut where the dough is cut', () => {
    const { targets, faults } = targetsOf('Rub in. Cut 6 cm rounds 2.5 cm thick. Bake at 200 °C for 15 minutes.');
    expect(faults).toEqual([]);
    expect(targets).toEqual([{ kind: 'cut', count: 24, of: 'bun' }]);
  });
  it('are cups where it is poured', () => {
    const { targets, faults } = targetsOf('Stir. Spoon into a 12-hole muffin tin. Bake at 200 °C for 15 minutes.');
    expect(faults).toEqual([]);
    expect(targets).toEqual([{ kind: 'pans', pans: '24 muffins' }]);
  });
});
