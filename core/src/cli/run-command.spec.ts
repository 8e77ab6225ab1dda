import { runCommand, type Outcome } from './index.js';

const PEAR = `Pear loaf
1 3/4 cups all-purpose flour
1/2 tsp baking soda
2 large eggs
3 ripe pears, puréed (about 240 g)
a pinch of salt
1/2 cup sugar
6 tbsp oil
Bake at 350F in a 9x5 loaf pan for 55 to 60 minutes`;
const FILES: Readonly<Record<string, string>> = {
  'pear.txt': PEAR,
  '-': PEAR,
  'list.txt': 'Regatta\nmilk\neggs',
  'page.html': '<html><script>1</script></html>',
};
const run = (words: string[], options: Record<string, string | boolean> = {}) =>
  runCommand(words, options, (file) => FILES[file]);
// the shape is what the specs look at
const json = (outcome: Outcome) => {
  if (outcome.code !== 0) throw new Error(outcome.message);
  return JSON.parse(JSON.stringify(outcome.json)) as Record<string, never>;
};

describe('parse', () => {
  it('gives title, style, components with their lines as written, steps, bake and problems', () => {
    const parsed = json(run(['parse', 'pear.txt'])) as unknown as {
      title: string; style: string; yield: null; steps: string[]; bake: object; problems: { code: string; severity: string; message: string }[];
      components: { name: string; lines: { text: string; ingredient: string; quantity: number; unit: string; grams: number; confidence: number }[] }[];
    }; // prettier-ignore
    expect(parsed.title).toBe('Pear loaf');
    expect(parsed.yield).toBeNull();
    expect(parsed.bake).toEqual(jasmine.objectContaining({ celsius: 177, minutes: [55, 60], pan: '9x5 loaf pan' }));
    const lines = parsed.components[0]?.lines ?? [];
    expect(lines.map(({ text }) => text)).toEqual(PEAR.split('\n').slice(1, 8));
    expect(lines[0]).toEqual(
      jasmine.objectContaining({ ingredient: 'all-purpose-flour', quantity: 1.75, unit: 'cup' }),
    );
    for (const { message } of parsed.problems) expect(message.length).toBeGreaterThan(20);
  });
});

describe('audit', () => {
  it('gives lines, totals, leavening and verdicts that agree with one another', () => {
    const audit = json(run(['audit', '-'])) as unknown as {
      lines: { grams: number; bakersPercent: number }[]; totals: { flour: number; grams: number };
      leavening: { sodaMeq: number; neutralisedSodaGrams: number; leftoverSodaGrams: number; crumbPh: { low: number; likely: number; high: number } };
      verdicts: { quantity: string; value: number; band: [number, number]; verdict: string; reason: string }[];
    }; // prettier-ignore
    expect(audit.lines.reduce((sum, { grams }) => sum + grams, 0)).toBeCloseTo(audit.totals.grams, 1);
    expect(audit.lines[0]?.bakersPercent).toBe(100);
    const { leavening } = audit;
    expect((leavening.neutralisedSodaGrams + leavening.leftoverSodaGrams) * 11.904).toBeCloseTo(leavening.sodaMeq, 1);
    expect(leavening.crumbPh.low).toBeLessThan(leavening.crumbPh.likely);
    for (const { value, band, verdict, reason } of audit.verdicts) {
      expect(verdict).toBe(value < band[0] * 0.999 ? 'below' : value > band[1] * 1.001 ? 'above' : 'within');
      expect(reason).toMatch(/^[A-Z].*\.$/);
    }
    expect(audit.verdicts.map(({ quantity }) => quantity)).toEqual([
      'flour',
      'sugar',
      'fat',
      'egg',
      'water',
      'salt',
      'gas',
      'crumb-ph',
    ]);
  });
});

describe('bake', () => {
  interface Baked {
    celsius: number;
    fan: boolean;
    minutes: { first: number; low: number; likely: number; high: number };
    fillFraction: number;
    gramsPerPan: number;
    overflow: boolean;
    anchor: string;
    coreCurve: [number, number][];
    browning: [number, number][];
    advice: { code: string; minute: number | null; message: string }[];
  }
  const bake = (options: Record<string, string | boolean> = {}) =>
    json(run(['bake', 'pear.txt'], options)) as unknown as Baked;
  it('leans on the pan and time of the formula', () => {
    const { minutes, anchor, gramsPerPan, coreCurve, browning, advice } = bake({ to: '9 in round x 2' });
    expect(anchor).toBe('known-bake');
    expect(minutes.first <= minutes.low && minutes.low < minutes.likely && minutes.likely < minutes.high).toBeTrue();
    expect(minutes.likely).toBeLessThan(55);
    expect(gramsPerPan).toBeCloseTo(743.8 / 2, 0);
    expect(coreCurve[0]).toEqual([0, 21]);
    expect(coreCurve.length).toBe(browning.length);
    expect(advice.every(({ message }) => message.endsWith('.'))).toBeTrue();
  });
  it('keeps the known time in the known pan', () => {
    const { minutes } = bake();
    expect(minutes.likely).toBeGreaterThan(55);
    expect(minutes.likely).toBeLessThan(60);
  });
  it('takes another known bake, set point, fan, material, mass and style', () => {
    const longer = bake({ to: '9x5x2.75 in loaf', from: '9x5x2.75 in loaf', 'known-minutes': '70' });
    expect(longer.minutes.likely).toBeCloseTo(70, 0);
    expect(bake({ to: '23 cm springform', celsius: '160' }).celsius).toBe(160);
    expect(bake({ to: '23 cm springform', fan: true })).toEqual(jasmine.objectContaining({ fan: true, celsius: 155 }));
    expect(bake({ to: '23 cm springform', material: 'dark', celsius: '175' }).minutes.likely).toBeLessThan(
      bake({ to: '23 cm springform', celsius: '175' }).minutes.likely,
    );
    expect(bake({ to: '23 cm springform', mass: '1150' }).gramsPerPan).toBe(1150);
    expect(bake({ to: '9x5 loaf', mass: '3000' }).overflow).toBeTrue();
  });
});

describe('runCommand', () => {
  const code = (words: string[], options: Record<string, string | boolean> = {}) => run(words, options).code;
  const message = (words: string[], options: Record<string, string | boolean> = {}) => {
    const outcome = run(words, options);
    return outcome.code === 0 ? '' : outcome.message;
  };
  it('ends with 1 and names the line when the input is refused', () => {
    expect(code(['parse', 'list.txt'])).toBe(1);
    expect(message(['parse', 'list.txt'])).toMatch(/^line \d/);
    expect(code(['audit', 'page.html'])).toBe(1);
  });
  it('ends with 2 and says what to write when it is used wrongly', () => {
    expect(code([])).toBe(2);
    expect(message(['fly', 'pear.txt'])).toContain('no command "fly"');
    expect(message(['parse'])).toContain('needs a file');
    expect(message(['parse', 'nowhere.txt'])).toContain('nowhere.txt');
    expect(message(['bake', 'pear.txt'], { to: 'banana' })).toContain('"banana" is not a pan');
    expect(message(['bake', 'pear.txt'], { celsius: 'hot' })).toContain('--celsius needs a number');
    expect(message(['bake', 'pear.txt'], { celsius: '900' })).toContain('--celsius');
    expect(message(['audit', 'pear.txt'], { style: 'pudding' })).toContain('pudding');
    expect(message(['bake', 'pear.txt'], { lid: true })).toContain('no option --lid');
    for (const options of [{ to: 'square tin' }, { material: 'gold' }, { region: 'MOON' }, { 'known-minutes': '-4' }])
      expect(code(['bake', 'pear.txt'], options)).toBe(2);
  });
});
