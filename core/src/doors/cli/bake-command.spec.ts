import { run, code, message, json, type Given } from './commands.spec-help.js';

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

  interface Course extends Baked {
    window80: [number, number];
    tentMinute: number | null;
    rotateMinute: number | null;
    carryOverCelsius: number;
    coolMinutes: { slice: number | null; frost: number | null };
    weightLossPercent: { low: number; high: number };
    anchored: boolean;
    reasons: { code: string; effect: string; message: string }[];
    coreCelsiusWhenDone: { low: number; high: number };
  }
  const course = (options: Given = {}) => json(run(['bake', 'pear.txt'], options)) as unknown as Course;
  it('gives the window, the clock around it, what is lost, and the reasons', () => {
    const { window80, minutes, rotateMinute, carryOverCelsius, coolMinutes, weightLossPercent, anchored, reasons } =
      course();
    expect(window80).toEqual([minutes.low, minutes.high]);
    expect(rotateMinute).toBeGreaterThan(minutes.likely * 0.6);
    expect(carryOverCelsius).toBeGreaterThanOrEqual(0);
    expect(coolMinutes.frost).toBeGreaterThan(coolMinutes.slice ?? Infinity);
    expect(weightLossPercent.low).toBeLessThan(weightLossPercent.high);
    expect(anchored).toBeTrue();
    expect(reasons[0]?.code).toBe('known-bake');
    expect(reasons.every(({ message: words }) => words.endsWith('.'))).toBeTrue();
  });
  it('takes stages, a lid, foil, cold batter, altitude, this oven and several pans', () => {
    const to = '9 in round';
    const plain = course({ to, celsius: '180' }).minutes.likely;
    const likely = (options: Record<string, string>) => course({ to, celsius: '180', ...options }).minutes.likely;
    expect(course({ to, schedule: '10@220,*@160' }).celsius).toBe(220);
    expect(likely({ cover: 'lid 0-15' })).toBeGreaterThan(plain);
    expect(likely({ cover: 'foil 5-' })).toBeGreaterThan(plain);
    expect(likely({ 'start-celsius': '5' })).toBeGreaterThan(plain);
    expect(likely({ 'start-celsius': '-18' })).toBeGreaterThan(likely({ 'start-celsius': '5' }));
    expect(likely({ 'oven-offset': '-9' })).toBeGreaterThan(plain);
    expect(likely({ altitude: '1600' })).toBeLessThan(plain);
    expect(course({ to, altitude: '1600' }).coreCelsiusWhenDone.high).toBeLessThan(
      course({ to }).coreCelsiusWhenDone.high,
    );
    const two = course({ to, celsius: '180', 'pans-in-oven': '3' });
    expect(two.gramsPerPan).toBe(course({ to, celsius: '180' }).gramsPerPan);
    expect(two.minutes.likely).toBeGreaterThan(plain);
    expect(course({ to, 'oven-offset': '-9' }).reasons.map(({ code: why }) => why)).toContain('oven-known');
  });
  it('bakes what stands free, and what has a tube', () => {
    const scones = course({ to: 'disc 5x2.5 cm x 16', celsius: '210' });
    expect(scones.fillFraction).toBeNull();
    expect(scones.minutes.likely).toBeLessThan(30);
    expect(course({ to: 'wedge 18 cm round x 8' }).minutes.likely).toBeLessThan(course({ to: 'dome' }).minutes.likely);
    expect(course({ to: '10 in bundt' }).anchored).toBeTrue();
  });
  it('compares two to four ways, each as it would be alone', () => {
    const to = ['9 in round', '12-cup muffin tin', 'dome'];
    const { compared } = json(run(['bake', 'pear.txt'], { compare: true, to })) as unknown as {
      compared: (Course & { pan: string })[];
    };
    expect(compared.length).toBe(3);
    compared.forEach((one, i) => expect(one.minutes).toEqual(course({ to: to[i] ?? '' }).minutes));
  });
  it('refuses the impossible, and says what to do', () => {
    for (const [options, words] of [
      [{ mass: '0' }, '--mass'],
      [{ celsius: '400' }, '--celsius'],
      [{ schedule: '10@400,*@160' }, '100 to 300 °C'],
      [{ to: 'disc 5x0.3 cm x 16' }, 'no kitchen pan has'],
      [{ to: '23x33x0.3 cm tin' }, 'no kitchen pan has'],
      [{ to: 'scones' }, 'has no diameter'],
      [{ to: 'tin' }, 'not a pan'],
      [{ cover: 'lid 30-10' }, 'lid 0-30'],
      [{ compare: true, to: ['9 in round'] }, 'two to four'],
      [{ to: ['9 in round', 'dome'] }, '--compare'],
    ] as const) {
      expect(code(['bake', 'pear.txt'], options))
        .withContext(words)
        .toBe(2);
      expect(message(['bake', 'pear.txt'], options))
        .withContext(words)
        .toContain(words);
    }
    expect(code(['bake', 'pear.txt'], { to: '12-cup muffin tin', cover: 'lid 0-200' })).toBe(1);
    expect(message(['bake', 'pear.txt'], { to: '12-cup muffin tin', cover: 'lid 0-200' })).toMatch(
      /lid .* minute 200.*done at about/,
    );
  });
});
