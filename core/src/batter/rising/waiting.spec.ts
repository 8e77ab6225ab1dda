import { batterOf, PUBLISHED_BATTERS } from '../../doors/samples/index.js';
import { leaveningLedger } from '../leavening/index.js';
import { waitingOf, type Viscosity } from './index.js';

const gasOf = (name: string, powder?: string) => {
  const { batter } = PUBLISHED_BATTERS.find((one) => one.name === name) ?? PUBLISHED_BATTERS[0];
  const amounts: Record<string, number> = { ...batter };
  const grams = amounts['aluminium-free-baking-powder'];
  if (powder !== undefined && grams !== undefined) {
    delete amounts['aluminium-free-baking-powder'];
    amounts[powder] = grams;
  }
  return leaveningLedger(batterOf(amounts)).gas.byPhase;
};

/** Usable gas, percent of that at once, after so many minutes. @source leavening.md A.4 */
const PUBLISHED: readonly (readonly [string, string | undefined, Viscosity, number, Readonly<Record<number, number>>])[] = [
  ['muffin', undefined, 'medium', 22, { 5: 97, 10: 94, 15: 91, 20: 88, 30: 83, 60: 71, 120: 57 }],
  ['muffin', 'baking-powder', 'medium', 22, { 5: 98, 15: 95, 30: 90, 60: 83, 120: 75 }],
  ['muffin', 'single-acting-baking-powder', 'medium', 22, { 5: 95, 10: 91, 30: 75, 60: 59, 120: 41 }],
  ['muffin', 'homemade-baking-powder-by-spoon', 'medium', 22, { 5: 95, 15: 87, 30: 76, 60: 61, 120: 46 }],
  ['muffin', undefined, 'medium', 5, { 10: 98, 20: 97, 45: 93, 120: 83 }],
  ['scone', undefined, 'thick', 22, { 10: 98, 30: 94, 60: 88, 120: 78 }],
  ['soda bread', undefined, 'thick', 22, { 10: 97, 30: 92, 60: 84, 120: 71 }],
  ['pancakes', undefined, 'thin', 22, { 5: 89, 10: 80, 20: 66, 60: 42 }],
  ['devil’s food', undefined, 'thin', 22, { 5: 92, 10: 85, 30: 67, 60: 57 }],
]; // prettier-ignore

describe('waitingOf', () => {
  for (const [name, powder, viscosity, celsius, percents] of PUBLISHED) {
    it(`loses gas as published: ${name}${powder ? `, ${powder}` : ''}, ${celsius} °C`, () => {
      const waiting = waitingOf(gasOf(name, powder), viscosity, celsius);
      for (const [minutes, percent] of Object.entries(percents))
        expect(Math.abs(100 * waiting.usableShare(Number(minutes)) - percent))
          .withContext(`${minutes} min`)
          .toBeLessThan(1.2);
    });
  }
  it('only ever loses, and loses faster where it is warmer', () => {
    const cool = waitingOf(gasOf('muffin'), 'medium', 12);
    const warm = waitingOf(gasOf('muffin'), 'medium', 30);
    for (let t = 0; t < 120; t += 5) {
      expect(warm.usableShare(t + 5)).toBeLessThan(warm.usableShare(t));
      if (t > 0) expect(warm.usableShare(t)).toBeLessThan(cool.usableShare(t));
    }
    expect(warm.adviceMinutes).toBeLessThan(cool.adviceMinutes);
    expect(warm.adviceMinutes).toBeLessThan(warm.mostMinutes);
  });
  it('orders the batters as bakers do: thin soda batter before thick soda dough before double-acting dough', () => {
    const pancake = waitingOf(gasOf('pancakes'), 'thin').adviceMinutes;
    const sodaBread = waitingOf(gasOf('soda bread'), 'thick').adviceMinutes;
    const scone = waitingOf(gasOf('scone'), 'thick').adviceMinutes;
    expect(pancake < sodaBread && sodaBread < scone).toBeTrue();
  });
  it('has nothing to lose without gas', () => {
    const waiting = waitingOf({ mixing: 0, waiting: 0, under60: 0, to80: 0, above80: 0 }, 'thick');
    expect(waiting.usableShare(60)).toBe(1);
    expect(waiting.adviceMinutes).toBe(Infinity);
  });
});
