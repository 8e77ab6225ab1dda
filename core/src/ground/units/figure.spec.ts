import { readFigure, type FigureBounds } from './index.js';

const ANY: FigureBounds = { lowest: -1000, highest: 1_000_000 };
const valueOf = (text: string, bounds = ANY) => {
  const read = readFigure(text, bounds);
  return read.kind === 'figure' ? read.value : read.kind === 'refused' ? read.why : 'empty';
};

describe('a figure typed into a field', () => {
  it('is read as hands write it', () => {
    const written: readonly (readonly [string, number])[] = [
      ['180', 180],
      ['2.5', 2.5],
      ['2,5', 2.5],
      ['0,75', 0.75],
      [',5', 0.5],
      ['1,200', 1200],
      ['12,500.5', 12500.5],
      ['½', 0.5],
      ['1½', 1.5],
      ['1 ½', 1.5],
      ['1 1/2', 1.5],
      ['3/4', 0.75],
      ['180 °C', 180],
      ['250 g', 250],
      ['250g', 250],
      ['-18', -18],
      ['−18', -18],
      ['– 18', -18],
      ['+4', 4],
    ];
    for (const [text, value] of written) expect(valueOf(text)).withContext(text).toBeCloseTo(value, 9);
  });

  it('keeps its sign: what is below nought is refused where nought is the least, never read as if it were above', () => {
    expect(valueOf('-5', { lowest: 0, highest: 10 })).toBe('too-low');
    expect(valueOf('−5', { lowest: 0, highest: 10 })).toBe('too-low');
  });

  it('is refused with its reason', () => {
    expect(valueOf('3000', { lowest: 100, highest: 300 })).toBe('too-high');
    expect(valueOf('2.5', { lowest: 1, highest: 9, whole: true })).toBe('not-whole');
    for (const text of ['abc', '1e5', '1 2', '12..5', '1/0', '--4', '9'.repeat(400), 'NaN', 'Infinity'])
      expect(valueOf(text)).withContext(text.slice(0, 20)).toBe('not-a-figure');
  });

  it('may be the least and the most that is allowed', () => {
    expect(valueOf('100', { lowest: 100, highest: 300 })).toBe(100);
    expect(valueOf('300', { lowest: 100, highest: 300 })).toBe(300);
    expect(valueOf('99.9', { lowest: 100, highest: 300 })).toBe('too-low');
    expect(valueOf('300.1', { lowest: 100, highest: 300 })).toBe('too-high');
  });
  it('has as many thousands as it has, and as many letters as a hand writes', () => {
    const UP = { lowest: 0, highest: 1e13 };
    expect(valueOf('1,234,567,890', UP)).toBe(1_234_567_890);
    expect(valueOf('1,234,567', UP)).toBe(1_234_567);
    expect(valueOf('12,34', UP)).toBe(12.34);
    expect(valueOf('5.', UP)).toBe(5);
    expect(valueOf(`5${' '.repeat(20)}g`, UP)).toBe('not-a-figure');
    expect(valueOf(`5 ${'g'.repeat(11)}`)).toBe(5);
  });

  it('may be left empty', () => expect(valueOf('   ')).toBe('empty'));
});
