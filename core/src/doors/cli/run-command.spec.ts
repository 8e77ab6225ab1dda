import { PEAR, run, code, message, json, adapt } from './commands.spec-help.js';
import { runCommand } from './index.js';

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

describe('a region that was said', () => {
  it('is final, whatever the words of the text give away', () => {
    const grams = (region: string) => {
      const audit = json(run(['audit', 'pear.txt'], { region })) as unknown as { lines: { grams: number }[] };
      return audit.lines[0]?.grams ?? 0;
    };
    // 1 3/4 cups: 250 ml in Australia, 236.6 ml in America
    expect(grams('AU') / grams('US')).toBeCloseTo(250 / 236.588, 2);
  });
});

describe('audit findings', () => {
  const findings = (text: string) =>
    json(runCommand(['audit', '-'], {}, () => text)) as unknown as {
      findings: { code: string; severity: string; place: string; message: string; fix: string | null }[];
    };
  it('each have a code, a severity, their place in words, what was computed and the fix', () => {
    const { findings: found } = findings(PEAR.replace('1/2 tsp baking soda', '4 tsp baking soda'));
    const soda = found.find(({ code }) => code === 'soda-without-acid');
    expect(soda?.place).toBe('4 tsp baking soda');
    expect(soda?.message).toMatch(/^Nothing sour meets/);
    expect(soda?.fix).toMatch(/^Write “.*baking powder”$/);
  });
  it('hold the simulated ones too', () => {
    const { findings: found } = findings(PEAR.replace('55 to 60 minutes', '12 minutes'));
    expect(found.map(({ code }) => code)).toContain('bake-time-implausible');
  });
});

describe('export and convert', () => {
  const exported = (format?: string) => {
    const outcome = run(['export', 'pear.txt'], format === undefined ? {} : { format });
    if (!('text' in outcome)) throw new Error('message' in outcome ? outcome.message : 'no text');
    return outcome.text;
  };
  it('writes every format, and reads each back through parse with the same grams', () => {
    const grams = (text: string) =>
      (
        json(runCommand(['parse', '-'], {}, () => text)) as unknown as { components: { lines: { grams: number }[] }[] }
      ).components.flatMap(({ lines }) => lines.map((line) => line.grams));
    for (const format of ['text', 'markdown', 'jsonld', 'html', 'csv', 'orvin'])
      expect(grams(exported(format)))
        .withContext(format)
        .toEqual(grams(PEAR));
    expect(exported()).toBe(exported('text'));
    expect(run(['export', 'pear.txt'], { format: 'docx' }).code).toBe(2);
  });
  it('converts kitchen measures to grams, with the spread of filling a cup', () => {
    const converted = json(
      run(['convert', '2 cups plain flour'], { to: 'g', region: 'us', filled: 'scooped' }),
    ) as unknown as { grams: number; low: number; high: number; ingredient: string };
    expect(converted.ingredient).toBe('all-purpose-flour');
    // a scooped American cup of white flour is 145 g, give or take the hand
    expect(converted.grams).toBeCloseTo(2 * 144.3, 0);
    expect(converted.low).toBeLessThan(converted.grams);
    expect(converted.high).toBeGreaterThan(converted.grams);
    const spooned = json(
      run(['convert', '2 cups plain flour'], { to: 'g', region: 'us', filled: 'spooned' }),
    ) as unknown as { grams: number };
    expect(spooned.grams).toBeLessThan(converted.grams);
  });
  it('converts grams to kitchen measures, and says what it cannot', () => {
    const cups = json(run(['convert', '250 g caster sugar'], { to: 'cups', region: 'AU' })) as unknown as {
      amount: number;
      amountLow: number;
      amountHigh: number;
      unit: string;
    };
    expect(cups.unit).toBe('cup');
    expect(cups.amountLow).toBeLessThan(cups.amount);
    expect(cups.amountHigh).toBeGreaterThan(cups.amount);
    expect(run(['convert', '3 pebbles'], { to: 'g' }).code).toBe(1);
    expect(run(['convert', '250 g sugar'], { to: 'parsecs' }).code).toBe(1);
    expect(run(['convert']).code).toBe(2);
  });
  it('keeps the others of a file of several', () => {
    const both = json(
      runCommand(['parse', '-'], {}, () => `${PEAR}\n-----\n${PEAR.replace('Pear', 'Plum')}`),
    ) as unknown as { title: string; others: { title: string }[] };
    expect([both.title, ...both.others.map(({ title }) => title)]).toEqual(['Pear loaf', 'Plum loaf']);
  });
  it('tells what each step takes and says', () => {
    const { method } = json(
      runCommand(['parse', '-'], {}, () =>
        PEAR.replace('Bake at', 'Whisk the flour and the soda for 2 minutes.\nBake at'),
      ),
    ) as unknown as {
      method: {
        text: string;
        takes: { line: string; grams: number }[];
        mentions: { kind: string; low?: number; purpose?: string }[];
      }[];
    };
    expect(method[0]?.takes.map(({ line }) => line)).toEqual(['1 3/4 cups all-purpose flour', '1/2 tsp baking soda']);
    expect(method[0]?.mentions[0]).toEqual(jasmine.objectContaining({ kind: 'time', low: 2, purpose: 'mix' }));
  });
});

describe('runCommand', () => {
  it('ends with 1 and names the line when the input is refused', () => {
    expect(code(['parse', 'list.txt'])).toBe(1);
    expect(message(['parse', 'list.txt'])).toMatch(/^line \d/);
    expect(code(['audit', 'page.html'])).toBe(1);
    expect(message(['audit', 'page.html'])).toContain('No ingredient was found');
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
    for (const words of [['constructor', 'pear.txt'], ['toString'], ['__proto__', '-']])
      expect(message(words)).toContain(`no command "${words[0] ?? ''}"`);
    expect(message(['parse', 'pear.txt'], { kit: 'scale-1g' })).toBe(
      'parse does not take --kit; it takes none of its own',
    );
    expect(message(['scale', 'pear.txt'], { factor: '2', to: '20 cm round' })).toContain('does not take --to');
    for (const options of [
      { to: '-3x5 cm loaf' },
      { to: '9 in round x 0' },
      { to: '9 in round x 1.5' },
      { schedule: '0@180' },
    ])
      expect(code(['bake', 'pear.txt'], options))
        .withContext(JSON.stringify(options))
        .toBe(2);
    for (const options of [{ to: 'square tin' }, { material: 'gold' }, { region: 'MOON' }, { 'known-minutes': '-4' }])
      expect(code(['bake', 'pear.txt'], options)).toBe(2);
  });
});

describe('audit of a batter that waits', () => {
  it('says how long it may wait, its sodium, when its gas comes and what style it is', () => {
    const audit = json(adapt(['audit', 'muffins.txt'])) as unknown as {
      waitMinutes: number; waitMinutesMost: number; sodiumMgPerPortion: number; co2Phases: Record<string, number>; detectedStyle: string;
    }; // prettier-ignore
    expect(audit.detectedStyle).toBe('muffin');
    expect(audit.waitMinutes).toBeGreaterThan(3);
    expect(audit.waitMinutesMost).toBeGreaterThan(audit.waitMinutes);
    // soda 4.92 g × 274 + salt 3 g × 393 + buttermilk, egg and butter, by twelve
    expect(audit.sodiumMgPerPortion).toBeGreaterThan(210);
    expect(audit.sodiumMgPerPortion).toBeLessThan(270);
    expect(Object.values(audit.co2Phases).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 2);
  });
});
