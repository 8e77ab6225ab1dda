import { afterwards, middleInWords, roughMinutes } from '@orvin/core/words/oven-words';
import { domeLean, runBakeJob, type BakeJob, type BakePrediction } from '@orvin/core/oven/baking';
import { parseVessel } from '@orvin/core/kitchen/pans';
import { crustColour, heatColour, panSuggestions, placeMarks, stripMarks, type StripMark } from './bake-view';

function baked(written: string, grams: number, course: NonNullable<BakeJob['course']> = {}): BakePrediction {
  const parsed = parseVessel(written);
  if (parsed.kind !== 'vessel') throw new Error(written);
  const result = runBakeJob({
    batter: { grams, heatStyle: 'quick' },
    pans: parsed.set,
    setting: { celsius: 180, fan: false, reasons: [] },
    course,
  });
  if (result.kind !== 'foreseen') throw new Error(result.kind);
  return result.bake;
}

const mark = (minute: number, label: string): StripMark => ({ code: label, minute, label, strong: false });

describe('placeMarks', () => {
  it('never lets two labels of a row touch, however close the moments', () => {
    for (const width of [280, 500, 780]) {
      const placed = placeMarks(
        [mark(0, 'in'), mark(38, 'turn 38'), mark(40, 'colour 40'), mark(42, 'look 42'), mark(47, 'by 47')],
        50,
        width,
      );
      for (const a of placed) {
        for (const b of placed) {
          if (a === b || a.row !== b.row || a.x > b.x) continue;
          const half = (text: string) => (text.length * 7.1) / 2;
          const right = a.anchor === 'start' ? a.x + 2 * half(a.label) : a.anchor === 'end' ? a.x : a.x + half(a.label);
          const left = b.anchor === 'end' ? b.x - 2 * half(b.label) : b.anchor === 'start' ? b.x : b.x - half(b.label);
          expect(left).withContext(`${a.label} and ${b.label} at ${width}`).toBeGreaterThanOrEqual(right);
        }
      }
    }
  });
  it('puts each moment where its minute is', () => {
    expect(placeMarks([mark(25, 'half')], 50, 600)[0]?.x).toBe(300);
  });
});

describe('the crust ramp', () => {
  it('is pale when raw and black when burnt, and mixes between', () => {
    expect(crustColour(0)).toBe('var(--crust-0)');
    expect(crustColour(3)).toBe('var(--crust-4)');
    expect(crustColour(1)).toContain('color-mix');
    expect(heatColour(20)).toBe('var(--crust-0)');
  });
});

describe('middleInWords', () => {
  it('shows degrees only while the batter warms', () => {
    expect(middleInWords(64, 20, 57)).toBe('middle about 64 °C');
    expect(middleInWords(96, 50, 57)).toBe('middle nearly set');
    expect(middleInWords(99, 58, 57)).toBe('middle set');
  });
});

describe('the clock of a bake', () => {
  it('marks going in, what is to be done, and the end, in the order of the clock', () => {
    const marks = stripMarks(
      baked('9x5x2.75 in loaf', 950, {
        covers: [{ kind: 'lid', fromMinute: 0, toMinute: 20 }],
        stages: [{ fromMinute: 10, celsius: 170 }],
      }),
    );
    expect(marks[0]?.label).toBe('in');
    expect(marks.map(({ label }) => label)).toEqual(jasmine.arrayContaining(['170 °C at 10', 'lid off 20']));
    expect(marks.map(({ minute }) => minute)).toEqual(marks.map(({ minute }) => minute).toSorted((a, b) => a - b));
    expect(marks.at(-1)?.label).toMatch(/^by /);
  });
  it('says what comes after the oven, and no pan to turn out of where there is none', () => {
    expect(afterwards(baked('9x5x2.75 in loaf', 950)).map(({ words }) => words.replace(/ after.*/, ''))).toEqual([
      'turn out',
      'slice',
      'frost',
    ]);
    expect(afterwards(baked('dome', 700)).map(({ words }) => words.replace(/ after.*/, ''))).toEqual([
      'slice',
      'frost',
    ]);
  });
  it('rounds cooling to five minutes, in hours from one on', () => {
    expect([12.4, 43, 58.2, 104, 181].map(roughMinutes)).toEqual(['12 min', '45 min', '1 h', '1 h 45', '3 h']);
  });
});

describe('domeLean', () => {
  it('ranks a deep narrow loaf above a wide low sheet, and gives no dome to what stands free', () => {
    const loaf = domeLean(baked('9x5x2.75 in loaf', 950));
    const sheet = domeLean(baked('23x33x5 cm sheet', 950));
    expect(loaf).toBeGreaterThan(sheet);
    expect(domeLean(baked('disc 6 cm x 12', 700))).toBe(0);
  });
});

describe('panSuggestions', () => {
  it('offers pans and what stands free, by any of their words, the known one first', () => {
    expect(panSuggestions('wedge')).toContain('wedge 18 cm round x 8');
    expect(panSuggestions('springform 24')[0]).toBe('24 cm springform');
    expect(panSuggestions('', 'my old tin')[0]).toBe('my old tin');
  });
});
