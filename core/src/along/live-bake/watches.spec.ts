import { Alarms } from './alarms.js';
import { OvenWatch } from './oven-watch.js';
import { ProbeWatch } from './probe-watch.js';

/** A middle that warms by a degree a minute from 20 °C, as it is expected. */
const expectedAt = (minute: number) => 20 + minute;
const watched = () => {
  const alarms = new Alarms();
  // until the next fit nothing is expected of a place that was only just come to
  const expected = (minute: number) =>
    alarms.list.some(({ code }) => code === 'moved') ? undefined : expectedAt(minute);
  const probe = new ProbeWatch(alarms, { at: expected, slackAt: () => 0.5 });
  const codes = () => alarms.list.map(({ code }) => code);
  const until = (from: number, to: number, celsius: (minute: number) => number) => {
    for (let minute = from; minute < to; minute += 0.25) probe.read(minute, celsius(minute));
  };
  return { alarms, probe, codes, until };
};
/** Thermometers flicker by a tenth. */
const flicker = (minute: number) => 0.1 * Math.sin(minute * 37);

describe('watching a probe', () => {
  it('lets in what goes as expected, and says nothing', () => {
    const { probe, codes, until } = watched();
    until(0, 30, (minute) => expectedAt(minute) + flicker(minute));
    expect(codes()).toEqual([]);
    expect(probe.readings.length).toBe(120);
    expect(probe.readings.every(({ use }) => use)).toBeTrue();
  });
  it('takes a jump into the oven’s heat as fallen out, and leaves those readings out', () => {
    const { probe, codes, until } = watched();
    until(0, 10, (minute) => expectedAt(minute) + flicker(minute));
    until(10, 13, (minute) => 60 + 40 * (minute - 10) + flicker(minute));
    expect(codes()).toEqual(['fallen-out']);
    expect(probe.readings.filter(({ use, minute }) => use && minute > 10.3)).toEqual([]);
    // pushed back in: a new place
    until(13, 18, (minute) => expectedAt(minute) + 2 + flicker(minute));
    expect(probe.segment).toBe(1);
    expect(probe.readings.at(-1)?.segment).toBe(1);
  });
  it('takes a step that stays as another place, and begins anew there', () => {
    const { probe, codes, until } = watched();
    until(0, 10, (minute) => expectedAt(minute) + flicker(minute));
    until(10, 14, (minute) => expectedAt(minute) + 6 + flicker(minute));
    expect(codes()).toEqual(['moved']);
    expect(probe.segment).toBe(1);
    expect(probe.readings.filter(({ segment }) => segment === 1).length).toBeGreaterThan(10);
  });
  it('takes a figure that stands still while the middle must move as frozen, and goes on when it thaws', () => {
    const { probe, codes, until } = watched();
    until(0, 10, (minute) => expectedAt(minute) + flicker(minute));
    until(10, 14, () => 29.9);
    expect(codes()).toEqual(['frozen']);
    expect(probe.readings.filter(({ use, minute }) => use && minute > 10.3)).toEqual([]);
    until(14, 16, (minute) => expectedAt(minute) + flicker(minute));
    expect(probe.readings.at(-1)?.use).toBeTrue();
  });
  it('passes over one wild reading', () => {
    const { codes, until, probe } = watched();
    until(0, 10, (minute) => expectedAt(minute) + flicker(minute));
    probe.read(10, 38);
    until(10.25, 15, (minute) => expectedAt(minute) + flicker(minute));
    expect(codes()).toEqual([]);
    expect(probe.segment).toBe(0);
  });
});

describe('watching the oven', () => {
  const SET = 180;
  const oven = (celsius: (minute: number) => number, minutes = 40) => {
    const alarms = new Alarms();
    const watch = new OvenWatch(alarms);
    for (let minute = 0; minute < minutes; minute += 0.25) watch.read(minute, celsius(minute), SET);
    return { watch, alarms };
  };
  /** A door at 20 min: falls by forty, comes back over two minutes. */
  const door = (minute: number) => (minute < 20 ? 178 : 178 - 40 * Math.exp(-(minute - 20) / 2));

  it('loses nothing while nobody opens the door', () => {
    const { watch, alarms } = oven((minute) => 178 + 3 * Math.sin(minute));
    expect(watch.lostInAll(40, 60).sure).toBe(0);
    expect(alarms.list).toEqual([]);
  });
  it('counts an open door as the minutes of heat that were not given', () => {
    const { watch, alarms } = oven(door);
    // 40 K over 2 min is 80 K·min; of it the pan feels 0.7, against 105 K of heat
    expect(Math.abs(watch.lostInAll(40, 60).sure - (80 * 0.7) / 105)).toBeLessThan(0.12);
    expect(alarms.list).toEqual([]);
    expect(watch.readings.filter(({ minute, use }) => minute > 20 && minute < 22 && use)).toEqual([]);
  });
  it('lets the loss in little by little, and never more than there is', () => {
    const { watch } = oven(door);
    const { sure } = watch.lostInAll(40, 60);
    let before = 0;
    for (let minute = 15; minute < 60; minute++) {
      const lost = watch.lostBy(minute, 50);
      expect(lost).toBeGreaterThanOrEqual(before);
      expect(lost).toBeLessThanOrEqual(sure + 1e-9);
      before = lost;
    }
    expect(watch.lostBy(19, 50)).toBe(0);
  });
  it('says that the power is gone where it falls and does not come back', () => {
    const { alarms } = oven((minute) => (minute < 20 ? 178 : 40 + 138 * Math.exp(-(minute - 20) / 25)));
    expect(alarms.list.map(({ code }) => code)).toEqual(['oven-off']);
    expect((alarms.list[0]?.minute ?? 99) - 20).toBeLessThan(8);
  });
  it('is a course that the simulation can follow: as measured, then towards what it is set to', () => {
    const { watch } = oven(door);
    const course = watch.course(120);
    expect(course?.celsius[0]).toBe(178);
    expect(course?.celsius[21 * 4]).toBeCloseTo(door(21), 6);
    expect(Math.abs((course?.celsius.at(-1) ?? 0) - 178)).toBeLessThan(1.5);
    expect(new OvenWatch(new Alarms()).course(60)).toBeUndefined();
  });
});
