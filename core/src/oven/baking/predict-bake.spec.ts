import { parsePan, type PanSet } from '../../kitchen/pans/index.js';
import { anchorOn, predictBake, settingFor, type BakedBatter, type BakePrediction, type KnownTime } from './index.js';

function pans(written: string): PanSet {
  const parsed = parsePan(written);
  if (parsed.kind !== 'pan') throw new Error(written);
  return parsed.set;
}
const batter: BakedBatter = { grams: 925, heatStyle: 'quick', water: 0.4, fat: 0.13, sugar: 0.2 };
const LOAF = pans('9x5x2.75 in loaf');
const at = (celsius: number, fan = false) => ({ celsius, fan, reasons: [] });
const known = (over: Partial<KnownTime> = {}): KnownTime => ({
  pans: LOAF,
  ovenCelsius: 175,
  fan: false,
  lowMinutes: 55,
  highMinutes: 60,
  from: 'printed-range',
  ...over,
});
function foreseen(result: ReturnType<typeof predictBake>): BakePrediction {
  if (result.kind !== 'foreseen') throw new Error(result.kind);
  return result.bake;
}

describe('predictBake with a known bake', () => {
  for (const [low, high] of [
    [45, 50],
    [55, 60],
    [70, 75],
  ] as const) {
    it(`keeps the known ${low} to ${high} minutes where nothing changed`, () => {
      const anchor = anchorOn(batter, known({ lowMinutes: low, highMinutes: high }));
      const bake = foreseen(predictBake({ batter, pans: LOAF, setting: at(175), anchor }));
      expect(bake.minutes.likely).toBeCloseTo(Math.sqrt(low * high), 1);
      expect(bake.minutes.low).toBeLessThanOrEqual(low);
      expect(bake.minutes.high).toBeGreaterThanOrEqual(high);
    });
  }
  it('is longer than known in a cooler oven and shorter in a hotter one, however small the step', () => {
    const anchor = anchorOn(batter, known({ lowMinutes: 68, highMinutes: 72 }));
    let before = Infinity;
    for (const celsius of [165, 170, 174, 175, 176, 180, 190]) {
      const { likely } = foreseen(predictBake({ batter, pans: LOAF, setting: at(celsius), anchor })).minutes;
      expect(likely).withContext(`${celsius} °C`).toBeLessThan(before);
      before = likely;
    }
  });
  it('passes a slow kitchen on to another pan, in part', () => {
    const slow = anchorOn(batter, known({ lowMinutes: 70, highMinutes: 74 }));
    const quick = anchorOn(batter, known({ lowMinutes: 46, highMinutes: 48 }));
    const cups = pans('12-cup muffin tin');
    const [inSlow, inQuick] = [slow, quick].map(
      (anchor) => foreseen(predictBake({ batter, pans: cups, setting: at(175), anchor })).minutes.likely,
    );
    expect((inSlow ?? 0) / (inQuick ?? 1)).toBeGreaterThan(1.1);
    expect((inSlow ?? 0) / (inQuick ?? 1)).toBeLessThan(72 / 47);
  });
  it('sets a known bake aside when its time cannot belong to its pan, and says so', () => {
    const anchor = anchorOn(batter, known({ lowMinutes: 9, highMinutes: 10 }));
    expect(anchor.kind).toBe('refused');
    const bake = foreseen(predictBake({ batter, pans: LOAF, setting: at(175), anchor }));
    expect(bake.anchor).toBe('refused');
    expect(bake.advice.map((bakeAdvice) => bakeAdvice.code)).toContain('known-bake-refused');
  });
  it('trusts a remembered time less than a printed one', () => {
    const factor = (from: KnownTime['from']) => {
      const anchor = anchorOn(batter, known({ lowMinutes: 72, highMinutes: 72, from }));
      return anchor.kind === 'anchored' ? anchor.heatFactor : 0;
    };
    expect(factor('own-bake')).toBeLessThan(factor('printed-time'));
    expect(factor('printed-time')).toBeLessThan(factor('remembered'));
    expect(factor('remembered')).toBeLessThan(1);
  });
});

describe('predictBake', () => {
  it('looks no later than the window opens, and holds its order', () => {
    for (const written of ['9x5x2.75 in loaf', '12-cup muffin tin', '20 cm square tin', '9 in round x 2']) {
      const { minutes } = foreseen(predictBake({ batter, pans: pans(written), setting: at(175) }));
      expect(minutes.first).toBeLessThanOrEqual(minutes.low);
      expect(minutes.low).toBeLessThan(minutes.likely);
      expect(minutes.likely).toBeLessThan(minutes.high);
    }
  });
  it('has a wider window without a known bake than with one', () => {
    const width = (bake: BakePrediction) => bake.minutes.high / bake.minutes.low;
    const cups = pans('12-cup muffin tin');
    const alone = foreseen(predictBake({ batter, pans: cups, setting: at(175) }));
    const leaning = foreseen(predictBake({ batter, pans: cups, setting: at(175), anchor: anchorOn(batter, known()) }));
    expect(width(alone)).toBeGreaterThan(width(leaning));
    expect(alone.advice.map((bakeAdvice) => bakeAdvice.code)).toContain('no-known-bake');
  });
  it('draws the whole window: the frames begin at 0 and reach its end', () => {
    const { frames, minutes, columnEdges } = foreseen(predictBake({ batter, pans: LOAF, setting: at(175) }));
    expect(frames[0]?.minute).toBe(0);
    expect(frames.at(-1)?.minute).toBeGreaterThanOrEqual(minutes.high - 1);
    for (const frame of frames) expect(frame.sectionCelsius.length).toBe(columnEdges.length * frame.rowTopsCm.length);
  });
  it('warns of a batter that runs over', () => {
    const { fill, advice } = foreseen(
      predictBake({ batter: { ...batter, grams: 2200 }, pans: LOAF, setting: at(175) }),
    );
    expect(fill?.verdict).toBe('overflows');
    expect(advice[0]?.code).toBe('runs-over');
  });
});

describe('settingFor', () => {
  const light = { celsius: 175, fan: false, material: 'light', from: 'known-bake' } as const;
  it('keeps what is known where nothing changes', () => {
    expect(settingFor({ ...light, celsius: 177 }, false, 'light').celsius).toBe(177);
  });
  it('takes 20 °C off for a fan, about 12 for dark metal, 10 for glass, and puts them back', () => {
    expect(settingFor(light, true, 'light').celsius).toBe(155);
    expect(settingFor(light, false, 'dark').celsius).toBe(165);
    expect(settingFor(light, false, 'glass').celsius).toBe(165);
    expect(settingFor({ ...light, celsius: 155, fan: true }, false, 'light').celsius).toBe(175);
    expect(settingFor({ ...light, celsius: 165, material: 'glass' }, false, 'light').celsius).toBe(175);
  });
  it('gives a reason for every step', () => {
    expect(settingFor(light, true, 'dark').reasons.map((reason) => reason.code)).toEqual(['as-known', 'fan', 'dark']);
  });
});

describe('the bake around its time', () => {
  const cups = pans('12-cup muffin tin');
  it('puts everything in the order of the clock', () => {
    const { timeline, minutes } = foreseen(predictBake({ batter, pans: LOAF, setting: at(175) }));
    expect(timeline.preheatMinutes).toBeGreaterThan(10);
    expect(timeline.rotateMinute).toBeGreaterThan(minutes.likely * 0.64);
    expect(timeline.rotateMinute).toBeLessThan(minutes.low);
    expect(timeline.turnOutMinutes).toBe(10);
    const { slice = 0, frost = 0 } = timeline.coolMinutes;
    expect(slice).toBeGreaterThan(timeline.turnOutMinutes ?? Infinity);
    expect(frost).toBeGreaterThan(slice);
  });
  it('heats longer for a hotter oven and by this oven’s own minutes, and not at all for a cold one', () => {
    const preheat = (celsius: number, heatsInMinutes?: number) =>
      foreseen(
        predictBake({
          batter,
          pans: cups,
          setting: at(celsius),
          oven: heatsInMinutes === undefined ? {} : { heatsInMinutes },
        }),
      ).timeline.preheatMinutes;
    expect(preheat(220)).toBeGreaterThan(preheat(160));
    expect(preheat(180, 8)).toBe(10);
    const cold = foreseen(predictBake({ batter, pans: cups, setting: at(180), course: { coldOvenMinutes: 15 } }));
    expect(cold.timeline.preheatMinutes).toBe(0);
  });
  it('tells two racks to change places', () => {
    const { timeline, advice } = foreseen(
      predictBake({
        batter: { ...batter, grams: 2400, heatStyle: 'layer' },
        pans: pans('9 in round x 4'),
        setting: at(175),
      }),
    );
    expect(timeline.racks).toBeGreaterThan(1);
    expect(timeline.swapMinute).toBeDefined();
    expect(advice.map(({ code }) => code)).toContain('swap-racks');
  });
  it('lowers the middle’s temperature with the boiling point in the mountains', () => {
    const core = (altitudeMetres: number) =>
      foreseen(predictBake({ batter, pans: cups, setting: at(180), course: { altitudeMetres } })).doneness.coreCelsius
        .low;
    // water boils 5.3 °C lower at 1600 m
    expect(core(0) - core(1600)).toBeGreaterThan(4.5);
    expect(core(0) - core(1600)).toBeLessThan(5.6);
  });
  it('refuses a lid that comes off, or a turn of the oven, after the end', () => {
    const late = predictBake({
      batter,
      pans: cups,
      setting: at(190),
      course: { covers: [{ kind: 'lid', fromMinute: 0, toMinute: 200 }] },
    });
    expect(late).toEqual(jasmine.objectContaining({ kind: 'past-the-end', what: 'lid', atMinute: 200 }));
    const turned = predictBake({
      batter,
      pans: cups,
      setting: at(190),
      course: { stages: [{ fromMinute: 120, celsius: 150 }] },
    });
    expect(turned.kind).toBe('past-the-end');
  });
  it('warns of what hurts the pan or the paper', () => {
    const codes = (written: string, celsius: number, batterCelsius = 21) =>
      foreseen(
        predictBake({ batter, pans: pans(written), setting: at(celsius), course: { batterCelsius } }),
      ).advice.map(({ code }) => code);
    expect(codes('20 cm square silicone tin', 240)).toContain('too-hot-for-material');
    expect(codes('12-cup muffin tin', 225)).toContain('paper-scorches');
    expect(codes('20 cm square glass dish', 175, 5)).toEqual(
      jasmine.arrayContaining(['glass-from-cold', 'cool-glass-slowly']),
    );
  });
});

describe('how wide the window is', () => {
  const cups = pans('12-cup muffin tin');
  const spread = (request: Partial<Parameters<typeof predictBake>[0]> = {}) =>
    foreseen(predictBake({ batter, pans: cups, setting: at(180), ...request })).spread;
  it('narrows with a thermometer in the oven', () => {
    expect(spread({ oven: { spreadCelsius: 4 } })).toBeLessThan(spread());
    expect(spread({ oven: { spreadCelsius: 2 } })).toBeLessThan(spread({ oven: { spreadCelsius: 8 } }));
  });
  it('widens where the model has seen little, and says so', () => {
    for (const course of [
      { covers: [{ kind: 'lid', fromMinute: 0, toMinute: 10 }] },
      { batterCelsius: -18 },
      { altitudeMetres: 2000 },
      { coldOvenMinutes: 15 },
    ] as const) {
      expect(spread({ course })).toBeGreaterThan(spread());
      const { windowReasons } = foreseen(predictBake({ batter, pans: cups, setting: at(180), course }));
      expect(windowReasons.filter(({ effect }) => effect === 'widens').length).toBeGreaterThan(0);
    }
  });
  it('always says what it stands on and what would narrow it', () => {
    for (const anchor of [undefined, anchorOn(batter, known())]) {
      const { windowReasons } = foreseen(
        predictBake({ batter, pans: cups, setting: at(180), ...(anchor && { anchor }) }),
      );
      const effects = windowReasons.map(({ effect }) => effect);
      expect(effects).toContain('stands-on');
      expect(effects).toContain('would-narrow');
    }
  });
});

describe('rules of thumb', () => {
  it('say what arithmetic says: half the depth halves, quarters, or changes nothing', () => {
    const half: BakedBatter = { ...batter, grams: 900 };
    const square = pans('20 cm square tin, 5 cm deep');
    const anchor = anchorOn(
      { ...batter, grams: 1800 },
      known({ pans: square, lowMinutes: 60, highMinutes: 60, grams: 1800 }),
    );
    const { rules } = foreseen(predictBake({ batter: half, pans: square, setting: at(175), anchor }));
    const says = new Map(rules.map(({ id, minutes }) => [id, minutes]));
    if (anchor.kind === 'anchored') {
      // walls that lean make half the batter a little more than half as deep
      expect(says.get('depth')).toBeCloseTo(30, -0.5);
      expect(says.get('depth-squared')).toBeCloseTo(15, -0.5);
      expect(says.get('same-time')).toBe(60);
      expect(says.get('surface')).toBeGreaterThan(says.get('depth') ?? Infinity);
    }
    expect(anchor.kind).toBe('anchored');
  });
});
