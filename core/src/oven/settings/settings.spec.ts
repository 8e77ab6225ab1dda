import type { BakeJob } from '../baking/index.js';
import { mustBeVessel } from '../../kitchen/pans/must-be-vessel.spec-help.js';
import { bakeAt, besideOf, sweptAt, SWEEP_CELSIUS } from '../sweeps/index.js';
import { sensitivitiesOf, UNKNOWNS } from '../sensitivity/index.js';
import { settingForColour, settingForMinutes, sharedSetting } from './index.js';

const job = (written: string, grams: number, celsius: number, heatStyle: BakeJob['batter']['heatStyle']): BakeJob => ({
  batter: { grams, heatStyle, water: 0.36, fat: 0.13, sugar: 0.22 },
  pans: mustBeVessel(written),
  setting: { celsius, fan: false, reasons: [] },
});
const MUFFINS = job('12-cup muffin tin', 800, 190, 'muffin');
const LAYERS = job('8 in round x 2', 1200, 175, 'layer');
const sweepOf = (bake: BakeJob) => SWEEP_CELSIUS.map((celsius) => bakeAt(bake, celsius));

describe('a sweep of set points', () => {
  const sweep = sweepOf(MUFFINS);
  it('is quicker with every step hotter', () => {
    for (let i = 1; i < sweep.length; i++) expect(sweep[i]?.minutes).toBeLessThan(sweep[i - 1]?.minutes ?? 0);
  });
  it('gives a set point which, baked, takes the time asked for', () => {
    for (const wanted of [16, 20, 24]) {
      const settingFound = settingForMinutes(sweep, wanted, 190);
      if (settingFound.kind !== 'found') throw new Error(settingFound.because);
      const baked = bakeAt(MUFFINS, settingFound.point.celsius).minutes ?? 0;
      expect(Math.abs(baked / wanted - 1))
        .withContext(`${wanted} min`)
        .toBeLessThan(0.015);
    }
  });
  it('says why not when no set point does it', () => {
    expect(settingForMinutes(sweep, 5, 190)).toEqual(jasmine.objectContaining({ kind: 'none', because: 'too-late' }));
    expect(settingForMinutes(sweep, 300, 190)).toEqual(jasmine.objectContaining({ kind: 'none', because: 'too-soon' }));
    expect(settingForColour(sweep, 9, 190)).toEqual(jasmine.objectContaining({ kind: 'none', because: 'too-pale' }));
  });
  it('finds the crust it had: the colour at 190 °C leads back to 190 °C', () => {
    const crust = sweptAt(sweep, 190)?.topColour ?? 0;
    const found = settingForColour(sweep, crust, 190);
    expect(found.kind === 'found' && Math.abs(found.point.celsius - 190)).toBeLessThan(3);
  });
  it('names the cost of haste or leisure', () => {
    const slow = settingForMinutes(sweep, (sweptAt(sweep, 190)?.minutes ?? 0) * 1.3, 190);
    expect(slow.kind === 'found' ? slow.costs : []).toContain('longer');
    const quick = settingForMinutes(sweep, (sweptAt(sweep, 190)?.minutes ?? 0) * 0.85, 190);
    expect(quick.kind === 'found' ? quick.costs : []).toContain('shorter');
  });
});

describe('two bakes in one oven', () => {
  const [muffins, layers] = [
    { ...MUFFINS, course: { beside: besideOf(LAYERS) } },
    { ...LAYERS, course: { beside: besideOf(MUFFINS) } },
  ];
  it('meet between what each would have alone, and come out together', () => {
    const shared = sharedSetting([
      { sweep: sweepOf(muffins), celsius: 190 },
      { sweep: sweepOf(layers), celsius: 175 },
    ]);
    expect(shared?.celsius).toBeGreaterThanOrEqual(175);
    expect(shared?.celsius).toBeLessThanOrEqual(190);
    const ends = shared?.bakes.map(({ point, goesInAfter }) => goesInAfter + (point.minutes ?? 0)) ?? [];
    expect(ends[0]).toBeCloseTo(ends[1] ?? 0, 6);
  });
  it('are better apart when one needs twice the heat', () => {
    const fruit = job('20 cm round, 8 cm deep', 2200, 150, 'fruit');
    const biscuits = job('disc 6 cm x 10', 600, 225, 'biscuit');
    const shared = sharedSetting([
      { sweep: sweepOf(fruit), celsius: 150 },
      { sweep: sweepOf(biscuits), celsius: 225 },
    ]);
    expect(shared?.verdict).toBe('one-after-the-other');
  });
});

describe('what moves a bake', () => {
  it('tries every unknown both ways, the greatest first, with opposite signs', () => {
    const found = sensitivitiesOf(LAYERS);
    expect(found.map(({ unknown }) => unknown).sort()).toEqual([...UNKNOWNS].sort());
    for (const { unknown, lessMinutes, moreMinutes } of found)
      expect(Math.sign(lessMinutes)).withContext(unknown).toBe(-Math.sign(moreMinutes));
    const swings = found.map(({ lessMinutes, moreMinutes }) => Math.max(Math.abs(lessMinutes), Math.abs(moreMinutes)));
    expect(swings).toEqual([...swings].sort((a, b) => b - a));
  });
  it('counts an oven that a thermometer was put in for less', () => {
    const swing = (bake: BakeJob) =>
      Math.abs(sensitivitiesOf(bake).find(({ unknown }) => unknown === 'oven')?.moreMinutes ?? 0);
    expect(swing({ ...LAYERS, oven: { spreadCelsius: 4 } })).toBeLessThan(swing(LAYERS) / 2);
  });
});
