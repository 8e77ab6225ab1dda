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
type Given = Parameters<typeof runCommand>[1];
const run = (words: string[], options: Given = {}) => runCommand(words, options, (file) => FILES[file]);
const code = (words: string[], options: Given = {}) => run(words, options).code;
const message = (words: string[], options: Given = {}) => {
  const outcome = run(words, options);
  return 'message' in outcome ? outcome.message : '';
};

// the shape is what the specs look at
const json = (outcome: Outcome) => {
  if (!('json' in outcome)) throw new Error('message' in outcome ? outcome.message : outcome.text);
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
    for (const options of [{ to: 'square tin' }, { material: 'gold' }, { region: 'MOON' }, { 'known-minutes': '-4' }])
      expect(code(['bake', 'pear.txt'], options)).toBe(2);
  });
});

const MUFFINS = `Regatta muffins
makes 12
260 g plain flour
200 g caster sugar
1 tsp bicarbonate of soda
220 ml buttermilk
2 medium eggs
90 g butter, melted
1/2 tsp fine salt`;
const adapt = (words: string[], options: Record<string, string> = {}) =>
  runCommand(words, { region: 'UK', ...options }, () => MUFFINS);
interface Amounts {
  readonly ingredient: string;
  readonly grams: number;
}
const gramsIn = (lines: readonly Amounts[], id: string) => lines.find(({ ingredient }) => ingredient === id)?.grams;

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

describe('rebalance', () => {
  it('brings a formula into its bands and leaves what is locked', () => {
    const done = json(adapt(['rebalance', 'muffins.txt'], { lock: 'egg,buttermilk' })) as unknown as {
      feasible: boolean; before: Amounts[]; after: Amounts[]; verdictsAfter: { verdict: string }[]; conflicts: unknown[];
    }; // prettier-ignore
    expect(done.feasible).toBeTrue();
    expect(done.conflicts).toEqual([]);
    expect(done.verdictsAfter.every(({ verdict }) => verdict === 'within')).toBeTrue();
    for (const id of ['egg', 'buttermilk']) expect(gramsIn(done.after, id)).toBe(gramsIn(done.before, id));
    expect(gramsIn(done.after, 'baking-soda')).toBeLessThan(3);
  });
  it('works with what there is, and says what it cannot', () => {
    const done = json(adapt(['rebalance', 'muffins.txt'], { have: 'egg<=100 g, 150 g flour' })) as unknown as {
      after: Amounts[];
    };
    expect(gramsIn(done.after, 'all-purpose-flour')).toBeLessThanOrEqual(150);
    expect(adapt(['rebalance', 'muffins.txt'], { have: 'no marzipan' })).toEqual(jasmine.objectContaining({ code: 2 }));
    expect(adapt(['rebalance', 'muffins.txt'], { lock: 'marzipan' })).toEqual(jasmine.objectContaining({ code: 2 }));
  });
});

describe('swap', () => {
  it('replaces by known ways and by any ingredients, and says what is off', () => {
    const done = json(adapt(['swap', 'muffins.txt'], { from: 'buttermilk', to: 'milk+vinegar' })) as unknown as {
      before: Amounts[]; after: Amounts[]; residualPercent: Record<string, number>; crumbPhBefore: number; crumbPhAfter: number; notes: string[];
    }; // prettier-ignore
    expect(gramsIn(done.after, 'buttermilk')).toBeUndefined();
    expect(gramsIn(done.after, 'whole-milk')).toBeGreaterThan(180);
    expect(Object.keys(done.residualPercent).sort()).toEqual([
      'eggSolids',
      'fat',
      'flour',
      'gas',
      'salt',
      'sugar',
      'water',
    ]);
    expect(Math.abs(done.crumbPhAfter - done.crumbPhBefore)).toBeLessThan(0.2);
    expect(done.notes.length).toBeGreaterThan(0);
    const half = json(adapt(['swap', 'muffins.txt'], { from: 'eggs', to: 'flax', share: '0.5' })) as unknown as { after: Amounts[] }; // prettier-ignore
    expect(gramsIn(half.after, 'egg')).toBeGreaterThan(40);
    expect(gramsIn(half.after, 'ground-flaxseed')).toBeGreaterThan(5);
  });
  it('refuses what is not there', () => {
    expect(adapt(['swap', 'muffins.txt'], { from: 'marzipan', to: 'milk' }).code).toBe(1);
    expect(adapt(['swap', 'muffins.txt'], { from: 'buttermilk', to: 'zorblax' }).code).toBe(1);
    expect(adapt(['swap', 'muffins.txt']).code).toBe(2);
  });
});

describe('leaven', () => {
  for (const school of ['acid-only', 'powder-only', 'browning'])
    it(`sets soda and powder: ${school}`, () => {
      const done = json(adapt(['leaven', 'muffins.txt'], { school })) as unknown as {
        sodaGrams: number; sodaSpoons: number; powderGrams: number; powderSpoons: number; co2GramsPer100gFlour: number; crumbPh: number; hit: boolean;
      }; // prettier-ignore
      expect(done.co2GramsPer100gFlour).toBeGreaterThan(0.3);
      expect((done.sodaSpoons * 8) % 1).toBeCloseTo(0, 5);
      if (school === 'powder-only') expect(done.sodaGrams).toBe(0);
      else expect(done.hit).toBeTrue();
    });
});

describe('scale', () => {
  it('keeps every baker’s percentage but for rounding, and says what remains', () => {
    const done = json(adapt(['scale', 'muffins.txt'], { factor: '1.5', kit: 'scale-0.1g' })) as unknown as {
      factor: number; lines: { ingredient: string; exactGrams: number; grams: number; amount: string }[]; errorPercent: Record<string, number>; notes: string[];
    }; // prettier-ignore
    expect(done.factor).toBe(1.5);
    expect(done.lines.find(({ ingredient }) => ingredient === 'all-purpose-flour')?.exactGrams).toBe(390);
    for (const { exactGrams, grams, amount } of done.lines) {
      expect(Math.abs(grams / exactGrams - 1)).toBeLessThan(0.06);
      expect(amount).not.toBe('');
    }
    expect(Object.keys(done.errorPercent).sort()).toEqual(['egg', 'fat', 'flour', 'gas', 'salt', 'sugar', 'water']);
  });
  it('scales to pieces, weight, pans and to what limits', () => {
    const factorOf = (options: Record<string, string>) =>
      (json(adapt(['scale', 'muffins.txt'], options)) as unknown as { factor: number }).factor;
    expect(factorOf({ pieces: '18' })).toBe(1.5);
    expect(factorOf({ grams: '900' })).toBeCloseTo(900 / 888, 1);
    expect(factorOf({ limit: 'buttermilk=100 g' })).toBeCloseTo(100 / 227.7, 3);
    expect(factorOf({ pan: '8 in round x 2', fill: '0.5' })).toBeGreaterThan(1);
  });
  it('refuses nothing, too much, and two wishes at once', () => {
    expect(adapt(['scale', 'muffins.txt'], { factor: '0' }).code).toBe(1);
    expect(adapt(['scale', 'muffins.txt'], { grams: '3000000' }).code).toBe(1);
    expect(adapt(['scale', 'muffins.txt'], { pieces: '-4' }).code).toBe(1);
    expect(adapt(['scale', 'muffins.txt']).code).toBe(2);
    expect(adapt(['scale', 'muffins.txt'], { factor: '2', pieces: '3' }).code).toBe(2);
    expect(adapt(['scale', 'muffins.txt'], { limit: 'marzipan=3 g' }).code).toBe(2);
  });
});

describe('pan, pieces and frost', () => {
  it('say what a pan holds and what paper it wants', () => {
    const pan = json(run(['pan', '20 cm round, 5 cm deep'])) as unknown as { volumeMl: number; cups: number; liningCm: { disc: number; stripLength: number } }; // prettier-ignore
    expect(Math.abs(pan.volumeMl / (Math.PI * 100 * 5) - 1)).toBeLessThan(0.05);
    expect(pan.cups).toBeCloseTo(pan.volumeMl / 236.588, 1);
    expect(pan.liningCm.stripLength).toBeGreaterThan(Math.PI * 20);
    expect(run(['pan', 'bucket']).code).toBe(1);
    expect(run(['pan']).code).toBe(2);
  });
  it('cut and frost by geometry, and refuse what no cake is', () => {
    const cut = json(run(['pieces'], { dough: '900', thickness: '2.5cm', cutter: '5 cm' })) as unknown as {
      total: number;
      gramsEach: number;
    };
    expect(cut.total).toBe(16);
    expect(run(['pieces'], { dough: '900', thickness: '2.5cm', cutter: '-5cm' }).code).toBe(1);
    expect(run(['pieces'], { dough: '900', thickness: 'thick', cutter: '5cm' }).code).toBe(2);
    const frost = json(
      run(['frost'], { layers: '3', diameter: '20cm', height: '4cm', filling: '8mm', coat: '5mm' }),
    ) as unknown as { millilitres: number };
    expect(frost.millilitres).toBeGreaterThan(1000);
    expect(run(['frost'], { layers: '0', diameter: '20cm', height: '4cm' }).code).toBe(1);
  });
});
