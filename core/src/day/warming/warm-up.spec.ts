import { THINGS_FROM_FRIDGE, warmUpMinutes, type ThingFromFridge } from './index.js';

describe('warming up from the fridge', () => {
  it('takes the minutes of the published table at 19, 21 and 24 °C, to five minutes', () => {
    const table: readonly (readonly [ThingFromFridge, number, number, number])[] = [
      ['butter-block', 275, 175, 120], ['butter-cubes', 105, 65, 45], ['butter-stick', 185, 120, 85], ['cream-cheese', 180, 130, 95],
      ['eggs-loose', 120, 85, 65], ['eggs-carton', 235, 170, 125], ['milk-jug', 175, 130, 95], ['milk-carton', 280, 210, 155],
    ]; // prettier-ignore
    for (const [what, ...minutes] of table)
      [19, 21, 24].forEach((room, i) =>
        expect(Math.abs(warmUpMinutes(what, room).likely - (minutes[i] ?? 0)))
          .withContext(`${what} at ${room}`)
          .toBeLessThanOrEqual(3),
      );
  });
  it('is faster in a warmer room, and never ends in one that is too cold', () => {
    for (const what of THINGS_FROM_FRIDGE) {
      const { low, likely, high } = warmUpMinutes(what, 21);
      expect(low).toBeLessThan(likely);
      expect(likely).toBeLessThan(high);
      expect(warmUpMinutes(what, 25).likely).toBeLessThan(likely);
      expect(warmUpMinutes(what, 15).likely).toBe(Infinity);
    }
  });
});
