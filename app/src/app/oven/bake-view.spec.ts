import { crustColour, heatColour, middleInWords, placeMarks, type StripMark } from './bake-view';

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
