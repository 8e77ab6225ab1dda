import { changeMinutes, restedOven } from './index.js';

describe('from one heat to another', () => {
  it('takes no time to stay, less to rise than to fall, and longer the farther', () => {
    expect(changeMinutes(180, 180)).toBe(0);
    for (const by of [5, 10, 25, 40]) {
      expect(changeMinutes(180, 180 + by)).toBeLessThan(changeMinutes(180, 180 - by));
      expect(changeMinutes(180, 180 + by)).toBeLessThanOrEqual(changeMinutes(180, 180 + 2 * by));
      expect(changeMinutes(180, 180 - by)).toBeLessThan(changeMinutes(180, 180 - 2 * by));
    }
  });
  it('is by way of a heat between never faster', () => {
    for (const middle of [170, 175, 185, 190])
      expect(changeMinutes(160, 200)).toBeLessThanOrEqual(changeMinutes(160, middle) + changeMinutes(middle, 200));
  });
});

describe('an oven that waits empty', () => {
  const rest = (minutes: number, minutesTo180 = 15) => restedOven({ from: 600, to: 600 + minutes }, 180, 180, minutesTo180);
  it('stays on for a short wait, and is off for twenty minutes at least in a long one', () => {
    expect(rest(15)).toBeUndefined();
    for (const minutes of [60, 90, 180]) {
      const rested = rest(minutes);
      expect(rested?.off).toBe(600);
      expect((rested?.on ?? 0) - 600).toBeGreaterThanOrEqual(20);
      expect(rested?.on ?? Infinity).toBeLessThan(600 + minutes);
    }
  });
  it('is on again early enough to be hot, and the slower it heats the earlier', () => {
    const [quick, slow] = [rest(120, 10), rest(120, 25)];
    expect(slow?.on ?? 0).toBeLessThan(quick?.on ?? 0);
  });
  it('rests no shorter in a longer gap', () => {
    let before = 0;
    for (let minutes = 30; minutes <= 240; minutes += 15) {
      const off = (rest(minutes)?.on ?? 600) - 600;
      expect(off).toBeGreaterThanOrEqual(before);
      before = off;
    }
  });
}); // prettier-ignore
