import { run, json, adapt } from './commands.spec-help.js';

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
