import { batterOf, PUBLISHED_BATTERS } from '../../doors/samples/index.js';
import { behaviourOf, BEHAVIOUR_OF_STYLE, liftOf, waitingOf } from './index.js';
import { leaveningLedger } from '../leavening/index.js';

const YELLOW: Readonly<Record<string, number>> =
  PUBLISHED_BATTERS.find(({ name }) => name === 'yellow cake')?.batter ?? {};
/** The prototype's middle of a creamed cake, egg as shelled egg: 16.5 % solids. */
const USUAL = { sugar: 93.5, fat: 57.5, egg: 68.75 };
const lifted = (powderTimes: number, metres = 0) => {
  const batter = batterOf({ ...YELLOW, 'aluminium-free-baking-powder': 9.2 * powderTimes });
  const ledger = leaveningLedger(batter);
  const behaviour = behaviourOf('creamed_butter_cake');
  const { usableMillimoles } = waitingOf(ledger.gas.byPhase, behaviour.viscosity);
  return liftOf(batter, ledger, behaviour, USUAL, usableMillimoles, metres);
};

describe('liftOf', () => {
  /** Powder ×, gas ml/g, expected specific volume, risk %. @source leavening.md A.6 */
  for (const [times, gas, volume, risk] of [
    [0, 1.09, 1.45, 0],
    [1, 3.21, 2.52, 1],
    [1.5, 4.29, 2.91, 9],
    [2, 5.36, 2.83, 40],
    [2.5, 6.42, 2.45, 81],
    [3, 7.47, 2.3, 97],
  ] as const) {
    it(`lifts a yellow cake with ${times} × its powder as published`, () => {
      const lift = lifted(times);
      // our ingredient table is another one than the prototype's: within 4 %
      expect(Math.abs(lift.gasMillilitresPerGram / gas - 1)).toBeLessThan(0.04);
      expect(Math.abs(lift.specificVolume / volume - 1)).toBeLessThan(0.05);
      expect(Math.abs(100 * lift.sinkingRisk - risk)).toBeLessThan(9);
    });
  }
  it('is three fifths steam: gas and air are the seeds', () => {
    const { shares } = lifted(1);
    expect(shares.steam).toBeCloseTo(0.6, 1);
    expect(shares.carbonDioxide + shares.air + shares.heat + shares.steam).toBeCloseTo(1, 9);
  });
  it('gains gas with height and with powder', () => {
    expect(lifted(1, 2000).gasMillilitresPerGram).toBeGreaterThan(lifted(1).gasMillilitresPerGram);
    expect(lifted(1.2).gasMillilitresPerGram).toBeGreaterThan(lifted(1).gasMillilitresPerGram);
  });
  it('keeps less of the creamed air in oil', () => {
    const swapped = { ...YELLOW, 'unsalted-butter': 0, 'vegetable-oil': 122 };
    const ledger = leaveningLedger(batterOf(swapped));
    const behaviour = behaviourOf('creamed_butter_cake');
    const { usableMillimoles } = waitingOf(ledger.gas.byPhase, behaviour.viscosity);
    const inOil = liftOf(batterOf(swapped), ledger, behaviour, USUAL, usableMillimoles);
    expect(inOil.shares.air).toBeLessThan(0.6 * lifted(1).shares.air);
    expect(inOil.specificVolume).toBeLessThan(lifted(1).specificVolume);
  });
  it('knows how every style behaves', () => {
    for (const behaviour of Object.values(BEHAVIOUR_OF_STYLE)) {
      expect(behaviour.retention).toBeGreaterThan(0.25);
      expect(behaviour.carriesMillilitresPerGram).toBeGreaterThan(3);
    }
  });
});
