import { WARM_UP_JOB } from '../../oven/baking/index.js';
import { readPack, writePack } from '../wire/index.js';
import { OvenStandIn, SCALE, ScaleStandIn, StandInKitchen, ThermometerStandIn } from './index.js';

const run = (scale: ScaleStandIn, seconds: number, each?: () => void) => {
  for (let i = 0; i < seconds / SCALE.stepSeconds; i++) {
    scale.step();
    each?.();
  }
};
const heat = (oven: OvenStandIn, seconds: number, each?: (second: number) => void) => {
  for (let i = 0; i < seconds; i++) {
    oven.step(1);
    each?.(i);
  }
};
const books = (oven: OvenStandIn, before: number) =>
  (oven.stored - before - (oven.joules.in - oven.joules.room - oven.joules.door - oven.joules.food)) / oven.joules.in;

describe('the scale that stands in', () => {
  it('loses nothing of what is poured, has some of it in the air meanwhile, and ends within a gram', () => {
    const scale = new ScaleStandIn(3);
    scale.put(0.4);
    run(scale, 10);
    expect(scale.tare()).toBeTrue();
    scale.pour(0.25, 0.05);
    let inFlight = 0;
    let before = scale.mass;
    run(scale, 30, () => {
      inFlight = Math.max(inFlight, scale.inFlight);
      expect(scale.mass).toBeGreaterThanOrEqual(before);
      before = scale.mass;
    });
    expect(scale.mass).toBeCloseTo(0.65, 9);
    expect(inFlight).toBeGreaterThan(0.004);
    expect(scale.pouring).toBeFalse();
    const reading = scale.reading();
    expect(Math.abs((reading.kilograms ?? 0) - 0.25)).toBeLessThan(0.0011);
    expect(reading.stable).toBeTrue();
  });
  it('reads minus the bowl while it is lifted, and comes back', () => {
    const scale = new ScaleStandIn(4);
    scale.put(0.412);
    run(scale, 3);
    scale.tare();
    scale.lift(3);
    run(scale, 2);
    expect(scale.reading().kilograms ?? 0).toBeLessThan(-0.35);
    run(scale, 8);
    expect(Math.abs(scale.reading().kilograms ?? 1)).toBeLessThan(0.0021);
  });
  it('says overload, and refuses to be tared then', () => {
    const scale = new ScaleStandIn();
    scale.put(5.2);
    run(scale, 1);
    expect(scale.reading()).toEqual(jasmine.objectContaining({ overload: true, kilograms: undefined }));
    expect(scale.tare()).toBeFalse();
  });
  it('takes a spoon in taps', () => {
    const scale = new ScaleStandIn(6);
    scale.spoon(0.02);
    let taps = 0;
    let before = 0;
    run(scale, 20, () => {
      if (scale.mass > before) taps++;
      before = scale.mass;
    });
    expect(scale.mass).toBeCloseTo(0.02, 9);
    expect(taps).toBeGreaterThanOrEqual(4);
  });
});

describe('the oven that stands in', () => {
  it('is at 180 °C within twenty minutes, swings around it, and its energy closes', () => {
    const oven = new OvenStandIn();
    const before = oven.stored;
    oven.set = 180;
    let reached: number | undefined;
    const late: number[] = [];
    heat(oven, 3 * 3600, (second) => {
      if (reached === undefined && oven.air >= 180) reached = second / 60;
      if (second > 7200) late.push(oven.air);
    });
    expect(reached).toBeGreaterThan(8);
    expect(reached).toBeLessThan(20);
    expect(Math.abs(late.reduce((sum, air) => sum + air, 0) / late.length - 180)).toBeLessThan(3);
    const swing = (Math.max(...late) - Math.min(...late)) / 2;
    expect(swing).toBeGreaterThan(3);
    expect(swing).toBeLessThan(9);
    expect(Math.abs(books(oven, before))).toBeLessThan(1e-9);
  });
  it('loses thirty to seventy degrees to a door of half a minute, and has them back in ten', () => {
    const oven = new OvenStandIn();
    const before = oven.stored;
    oven.set = 180;
    heat(oven, 7200);
    const hot = oven.air;
    oven.door = true;
    heat(oven, 30);
    expect(hot - oven.air).toBeGreaterThan(30);
    expect(hot - oven.air).toBeLessThan(70);
    oven.door = false;
    heat(oven, 600);
    expect(Math.abs(oven.air - 180)).toBeLessThan(12);
    oven.power = false;
    heat(oven, 600);
    expect(hot - oven.air).toBeGreaterThan(20);
    expect(Math.abs(books(oven, before))).toBeLessThan(1e-9);
  });
  it('agrees with itself at a quarter of the step', () => {
    const [fine, coarse] = [new OvenStandIn(), new OvenStandIn()];
    fine.set = coarse.set = 180;
    for (let i = 0; i < 2400; i++) fine.step(0.25);
    heat(coarse, 600);
    expect(Math.abs(fine.wall - coarse.wall)).toBeLessThan(0.5);
  });
});

describe('the thermometer that stands in', () => {
  it('has gone two thirds of the way after its time, and stands still when it is frozen', () => {
    const thermometer = new ThermometerStandIn('bimetal', 1);
    thermometer.step(20, 1);
    let shown = 0;
    for (let i = 0; i < 120; i++) shown = thermometer.step(180, 1);
    expect(Math.abs(shown - (20 + 160 * (1 - Math.exp(-1))))).toBeLessThan(2.1);
    thermometer.frozen = true;
    expect(thermometer.step(300, 60)).toBe(shown);
  });
});

describe('a bake on the stand-ins', () => {
  it('is a bake: its middle warms slowly, then fast, then stands below boiling; what it says can be read', () => {
    const kitchen = new StandInKitchen({ ovenError: 0 });
    kitchen.do({ do: 'set', celsius: 190 });
    kitchen.step(20 * 60);
    expect(kitchen.state().oven.air).toBeGreaterThan(170);
    expect(kitchen.do({ do: 'load', job: WARM_UP_JOB })).toBeUndefined();
    const cores: number[] = [];
    for (let minute = 0; minute < 60; minute++) {
      kitchen.step(60);
      cores.push(kitchen.state().probe.core ?? NaN);
    }
    expect(cores[5] ?? NaN).toBeLessThan(40);
    expect(cores[30] ?? NaN).toBeGreaterThan(60);
    expect(cores[40] ?? NaN).toBeLessThan(101);
    for (const [i, core] of cores.entries()) expect(core).toBeGreaterThan((cores[i - 1] ?? 0) - 1);
    const { scale, hot } = kitchen.readings(1_800_000_000_000);
    const pack = readPack(writePack([...scale, ...hot]), 1_800_000_000_000);
    expect(pack.kind === 'readings' && pack.readings.map(({ name }) => name)).toContain('probe:core');
  });
  it('shows the oven where the probe fell out, nothing where it is unplugged, and refuses what cannot be baked', () => {
    const kitchen = new StandInKitchen();
    expect(kitchen.do({ do: 'load', job: {} })).toMatch(/^load: /);
    expect(kitchen.do({ do: 'place', x: 0, z: 10 })).toMatch(/nothing is in the oven/);
    kitchen.do({ do: 'set', celsius: 180 });
    kitchen.step(1500);
    kitchen.do({ do: 'load', job: WARM_UP_JOB });
    kitchen.step(120);
    expect(kitchen.state().probe.shown).toBeLessThan(40);
    kitchen.do({ do: 'fall' });
    kitchen.step(120);
    expect(kitchen.state().probe.shown).toBeGreaterThan(140);
    kitchen.do({ do: 'unplug', what: 'probe' });
    expect(kitchen.readings(0).hot.map(({ name }) => name)).not.toContain('probe:core');
    kitchen.do({ do: 'unload' });
    expect(kitchen.state().probe.core).toBeUndefined();
  });
});
