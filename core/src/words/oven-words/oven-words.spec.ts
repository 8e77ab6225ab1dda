import {
  anchorOn,
  DONENESS_TESTS,
  RULES_OF_THUMB,
  runBakeJob,
  type BakeJob,
  type KnownTime,
  type OvenCourse,
  type WindowReasonCode,
} from '../../oven/baking/index.js';
import { mustBeVessel } from '../../kitchen/pans/must-be-vessel.spec-help.js';
import { UNKNOWNS } from '../../oven/sensitivity/index.js';
import {
  donenessInWords,
  howClocked,
  howDone,
  howFilledInPan,
  howSure,
  howTimed,
  noBakeInWords,
  ruleOfThumbInWords,
  unknownInWords,
  windowReasonInWords,
} from './index.js';

const bakeOf = (written: string, course?: OvenCourse, celsius = 175): BakeJob => ({
  batter: { grams: 1200, heatStyle: 'layer', water: 0.36, fat: 0.13, sugar: 0.22 },
  pans: mustBeVessel(written),
  setting: { celsius, fan: false, reasons: [] },
  ...(course && { course }),
});
const LAYERS = bakeOf('8 in round x 2');
const knownOf = (written: string, minutes: number, from: KnownTime['from'] = 'printed-range'): KnownTime => ({
  pans: mustBeVessel(written),
  ovenCelsius: 175,
  fan: false,
  lowMinutes: minutes - 2,
  highMinutes: minutes + 2,
  from,
});
/** As the model has it, less a tenth of its heat or so: a bake to lean on. */
const USUAL_MINUTES = 32;

function foreseen(bake: BakeJob) {
  const result = runBakeJob(bake, anchorOn);
  if (result.kind !== 'foreseen') throw new Error(result.kind);
  return result.bake;
}

/** A bake for every reason that a window can have; a new reason does not compile until it has one. */
const BAKES: Readonly<Record<WindowReasonCode, BakeJob>> = {
  'known-bake': { ...LAYERS, known: knownOf('8 in round x 2', USUAL_MINUTES) },
  'known-bake-remembered': { ...LAYERS, known: knownOf('8 in round x 2', USUAL_MINUTES, 'remembered') },
  'known-bake-refused': { ...LAYERS, known: knownOf('8 in round x 2', 200) },
  'first-principles': LAYERS,
  'another-shape': { ...LAYERS, known: knownOf('8 in square x 2', USUAL_MINUTES) },
  'oven-known': { ...LAYERS, course: { ovenOffsetCelsius: -9 }, oven: { spreadCelsius: 4 } },
  'oven-unknown': LAYERS,
  'own-composition': LAYERS,
  'usual-composition': { ...LAYERS, batter: { grams: 1200, heatStyle: 'layer' } },
  lid: bakeOf('8 in round x 2', { covers: [{ kind: 'lid', fromMinute: 0, toMinute: 15 }] }),
  bowl: bakeOf('8 in round x 2', { covers: [{ kind: 'bowl', fromMinute: 0, toMinute: 15 }] }),
  foil: bakeOf('8 in round x 2', { covers: [{ kind: 'foil', fromMinute: 15 }] }),
  staged: bakeOf('8 in round x 2', { stages: [{ fromMinute: 10, celsius: 160 }] }),
  'cold-batter': bakeOf('8 in round x 2', { batterCelsius: 5 }),
  frozen: bakeOf('8 in round x 2', { batterCelsius: -18 }),
  'cold-oven': bakeOf('8 in round x 2', { coldOvenMinutes: 12 }),
  altitude: bakeOf('8 in round x 2', { altitudeMetres: 1600 }),
  silicone: bakeOf('8 in round x 2, silicone'),
  ceramic: bakeOf('9 x 5 in loaf x 1, ceramic'),
  'cast-iron': bakeOf('9 in round x 1, cast iron'),
  crowded: bakeOf('8 in round x 2', { beside: { grams: 1500, squareCm: 900 } }),
  // the plain law knows nothing of melting
  'far-from-plain-law': bakeOf('9 x 5 in loaf x 1', { batterCelsius: -18, coldOvenMinutes: 20 }),
  'log-a-bake': LAYERS,
  learned: {
    ...LAYERS,
    lesson: {
      factor: 1.08,
      spread: 0.03,
      window: 0.06,
      unlearnedWindow: 0.18,
      least: 0.05,
      from: 'this-recipe-in-this-pan',
      bakesOfRecipe: 3,
      bakes: 9,
    },
  },
  'weigh-the-batter': LAYERS,
};

describe('the reasons for a window, in words', () => {
  for (const [code, bake] of Object.entries(BAKES)) {
    it(`says ${code} of a bake that has it, with no hole in it`, () => {
      const reason = foreseen(bake).windowReasons.find((each) => each.code === code);
      if (!reason)
        throw new Error(
          foreseen(bake)
            .windowReasons.map((each) => each.code)
            .join(', '),
        );
      const { say, why } = windowReasonInWords(reason);
      expect(say).toMatch(/^[A-Z].*\.$/);
      expect(`${say} ${why}`).not.toMatch(/undefined|NaN|\[object/);
    });
  }
  const wordedFor = (code: WindowReasonCode) => {
    const reason = foreseen(BAKES[code]).windowReasons.find((each) => each.code === code);
    const worded = reason && windowReasonInWords(reason);
    return `${worded?.say ?? ''} ${worded?.why ?? ''}`;
  };
  it('gives the known minutes, and those the model would have had', () => {
    expect(wordedFor('known-bake')).toContain('32 min');
    expect(wordedFor('known-bake-refused')).toMatch(/200 min|3 h 20/);
    expect(wordedFor('known-bake-refused')).toContain('The model says');
  });
  it('gives the side and the size of an oven’s error', () => expect(wordedFor('oven-known')).toContain('9 °C cool'));
});

describe('predictions in words', () => {
  it('has a sentence for every rule of thumb and test of doneness', () => {
    for (const id of RULES_OF_THUMB) expect(ruleOfThumbInWords(id).say).toMatch(/^[A-Z]/);
    for (const test of DONENESS_TESTS) expect(donenessInWords(test).say).toMatch(/\.$/);
  });
  it('says how far each unknown is off, and asks for a second reading where one was taken', () => {
    for (const unknown of UNKNOWNS) expect(unknownInWords({ unknown, off: 12 }).off).toContain('12');
    expect(unknownInWords({ unknown: 'oven', off: 4 }).act).toContain('again');
    expect(unknownInWords({ unknown: 'oven', off: 12 }).act).not.toContain('again');
  });
  it('says which minute lies past the end', () => {
    const { say } = noBakeInWords({ kind: 'past-the-end', what: 'lid', atMinute: 90, doneMinutes: 42 });
    expect(say).toContain('90');
    expect(say).toContain('42');
  });
  it('opens every figure: time, clock and pan', () => {
    const bake = foreseen({ ...LAYERS, known: knownOf('8 in round x 2', USUAL_MINUTES) });
    const lines = [howTimed, howClocked, howFilledInPan, howDone, howSure].flatMap((how) => how(bake)).join(' ');
    for (const figure of [
      Math.round(bake.minutes.likely),
      bake.timeline.rotateMinute,
      bake.fill?.batterHeightCm.toFixed(1),
    ])
      expect(lines).toContain(String(figure));
    expect(lines).not.toMatch(/NaN|undefined/);
  });
});
