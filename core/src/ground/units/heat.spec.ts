import { boundsOn, celsiusFrom, degreesOn, dialDegrees, heatScaleOf, readHeat, type HeatScale } from './index.js';

const OVEN = { lowest: 100, highest: 300 };
const celsiusOf = (text: string, scale: HeatScale = 'C', bounds = OVEN) => {
  const read = readHeat(text, scale, bounds);
  return read.kind === 'figure' ? Math.round(read.value * 10) / 10 : read.kind === 'refused' ? read.why : 'empty';
};

describe('a heat typed into a field', () => {
  it('is read on the scale it is written in', () => {
    for (const scale of ['C', 'F'] as const)
      for (const text of ['350F', '350 F', '350 °F', '350°f', '350 degrees F', '350 Fahrenheit', '350 deg F.'])
        expect(celsiusOf(text, scale)).withContext(`${text} on ${scale}`).toBe(176.7);
    for (const scale of ['C', 'F'] as const)
      for (const text of ['180C', '180 °C', '180 Celsius', '180 deg c'])
        expect(celsiusOf(text, scale)).withContext(`${text} on ${scale}`).toBe(180);
  });
  it('is of the field’s scale where it is bare, and of the other where only that has it', () => {
    expect(celsiusOf('250', 'C')).toBe(250);
    expect(celsiusOf('250', 'F')).toBe(121.1);
    expect(celsiusOf('350', 'C')).toBe(176.7);
    expect(celsiusOf('180', 'F')).toBe(180);
    expect(celsiusOf('425 °', 'C')).toBe(218.3);
    const room = { lowest: 10, highest: 40 };
    expect(celsiusOf('70', 'C', room)).toBe(21.1);
    expect(celsiusOf('21', 'F', room)).toBe(21);
  });
  it('may be a mark of a gas oven', () => {
    for (const text of ['gas 4', 'Gas mark 4', 'mark 4', 'gas4', 'Gas Stufe 4']) expect(celsiusOf(text)).withContext(text).toBe(180); // prettier-ignore
    expect(celsiusOf('gas ½')).toBe(120);
    expect(celsiusOf('gas 12')).toBe('not-a-figure');
  });
  it('is refused where no oven has it or something else is said with it: a fan is chosen, not dropped', () => {
    expect(celsiusOf('')).toBe('empty');
    expect(celsiusOf('5')).toBe('too-low');
    expect(celsiusOf('900')).toBe('too-high');
    expect(celsiusOf('250F', 'C', { lowest: 130, highest: 300 })).toBe('too-low');
    for (const text of ['160 fan', 'hot', '180 g', '350 K', '-', '°F'])
      expect(celsiusOf(text)).withContext(text).toBe('not-a-figure');
  });
  it('goes by the dial of where the baker lives', () => {
    expect([heatScaleOf('US'), heatScaleOf('UK'), heatScaleOf('CA'), heatScaleOf('EU')]).toEqual(['F', 'C', 'F', 'C']);
    expect(degreesOn('F', 100)).toBe(212);
    expect([170, 180, 200, 177].map((celsius) => dialDegrees('F', celsius))).toEqual([340, 355, 390, 350]);
    for (const fahrenheit of [225, 300, 325, 350, 353, 375, 400, 425, 450])
      expect(dialDegrees('F', celsiusFrom(fahrenheit, 'F'))).toBe(fahrenheit);
    expect(boundsOn('F', OVEN)).toEqual({ lowest: 212, highest: 572 });
  });
});
