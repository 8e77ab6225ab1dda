import { readCommand, readPack, readPlainLine, WIRE_NAMES, WIRE_UNITS, writePack, type WireReading } from './index.js';

const NOW = 1_800_000_000_000;
const read = (records: unknown) => readPack(JSON.stringify(records), NOW);
const readings = (records: unknown): readonly WireReading[] => {
  const pack = read(records);
  if (pack.kind === 'refused') throw new Error(pack.error);
  return pack.readings;
};
const errorOf = (records: unknown) => {
  const pack = read(records);
  return pack.kind === 'refused' ? pack.error : undefined;
};

describe('a pack of readings, RFC 8428', () => {
  it('lets base fields hold from their record on', () => {
    const [mass, stable, core] = readings([
      { bn: 'scale:', bt: NOW / 1000, n: 'mass', u: 'kg', v: 0.412 },
      { n: 'stable', vb: true },
      { bn: 'probe:', n: 'core', u: 'Cel', v: 41.5, t: -1 },
    ]);
    expect(mass).toEqual({ name: 'scale:mass', at: NOW, value: 0.412 });
    expect(stable).toEqual({ name: 'scale:stable', at: NOW, flag: true });
    expect(core).toEqual({ name: 'probe:core', at: NOW - 1000, value: 41.5 });
  });
  it('takes small times as relative to now, and adds a base value', () => {
    expect(readings([{ n: 'probe:core', u: 'Cel', v: 1, t: -5 }])[0]?.at).toBe(NOW - 5000);
    expect(readings([{ bn: 'oven:', bu: 'Cel', bv: 170, n: 'air', v: 5 }])[0]?.value).toBe(175);
  });
  it('refuses what it cannot mean, in words', () => {
    const refused: readonly (readonly [unknown, RegExp])[] = [
      [[{ n: 'scale:mass', u: 'g', v: 221 }], /unit g, not kg/],
      [[{ n: 'scale:mass', v: 1 }], /unit missing/],
      [[{ n: 'scale:mass', u: 'kg', v: '221' }], /number/],
      [[{ n: 'x:y', u: 'kg', v: 1 }], /unknown name x:y/],
      [[{ n: '__proto__', u: 'kg', v: 1 }], /no name/],
      [[{ n: 'constructor', u: 'kg', v: 1 }], /unknown name/],
      [[{ n: 'probe:core', u: 'Cel', v: 1, vb: true }], /one value a record/],
      [[{ n: 'probe:core', u: 'Cel', v: 1, t: NOW / 1000 + 100 }], /future/],
      [[{ zap_: 1, n: 'probe:core', u: 'Cel', v: 1 }], /zap_/],
      [[{ bver: 11, n: 'probe:core', u: 'Cel', v: 1 }], /bver|10/],
      [[{ bver: 5 }, { bver: 6, n: 'probe:core', u: 'Cel', v: 1 }], /one base version/],
      [[{ n: 'oven:door', u: 'Cel', v: 1 }], /true or false/],
      [[], /at least one/],
      [{}, /list/],
      [null, /list/],
      [[null], /object/],
      [Array.from({ length: 65 }, () => ({ n: 'probe:core', u: 'Cel', v: 1 })), /at most 64/],
    ];
    for (const [records, words] of refused) expect(errorOf(records)).withContext(JSON.stringify(records).slice(0, 80)).toMatch(words); // prettier-ignore
    expect(readPack('{', NOW)).toEqual({ kind: 'refused', error: 'not JSON' });
    expect(readPack('['.repeat(20_000), NOW).kind).toBe('refused');
  });
  it('passes over fields that it may pass over', () => {
    expect(readings([{ n: 'probe:core', u: 'Cel', v: 55, colour: 'brown', ut: 5 }])[0]?.value).toBe(55);
  });
  it('reads back what it writes, of every name', () => {
    const written = WIRE_NAMES.map((name, i): WireReading => ({ name, at: NOW - (i % 3) * 1000, ...(WIRE_UNITS[name] === undefined ? { flag: i % 2 === 0 } : { value: i + 0.25 }) })); // prettier-ignore
    const back = readPack(writePack(written), NOW);
    if (back.kind === 'refused') throw new Error(back.error);
    for (const [i, reading] of back.readings.entries()) {
      expect([reading.name]).toEqual(written.slice(i, i + 1).map(({ name }) => name));
      expect(Math.abs(reading.at - (written[i]?.at ?? 0))).toBeLessThan(2);
      expect(reading.flag).toBe(written[i]?.flag);
      if (reading.value !== undefined) expect(Math.abs(reading.value - (written[i]?.value ?? 0))).toBeLessThan(0.06);
    }
  });
});

describe('a command', () => {
  it('is done when it is whole, and refused with what it may be when not', () => {
    expect(readCommand('{"do":"pour","grams":20}')).toEqual({ kind: 'command', command: { do: 'pour', grams: 20 } });
    expect(readCommand('{"do":"tare"}').kind).toBe('command');
    const refused: readonly (readonly [string, RegExp])[] = [
      ['{', /JSON/], ['[]', /one of/], ['null', /one of/], ['{"do":"__proto__"}', /one of pour, spoon/], ['{"do":"pour"}', /grams/],
      ['{"do":"pour","grams":-1}', /grams/], ['{"do":"pour","grams":1e9}', /grams/], ['{"do":"tare","x":1}', /x/], ['{"do":"set","celsius":"180"}', /celsius/],
      ['{"do":"unplug","what":"kettle"}', /scale, oven/], [`{"do":"tare","x":"${'y'.repeat(20_001)}"}`, /too long/],
    ]; // prettier-ignore
    for (const [message, words] of refused) {
      const command = readCommand(message);
      expect(command.kind === 'refused' && command.error)
        .withContext(message.slice(0, 60))
        .toMatch(words);
    }
  });
});

describe('a line from a serial port', () => {
  it('is a weight or a temperature, however an instrument frames it', () => {
    const weights: readonly (readonly [string, number, boolean | undefined])[] = [
      ['ST,GS,+  209.4 g', 209.4, true], ['US,NT,-   12.0g', -12, false], ['  0.412 kg', 412, undefined], ['+00221.5 g S', 221.5, true],
      ['\u00020147,2 g\r', 147.2, undefined], ['N 5.25 oz', 148.8, undefined], ['1 lb', 453.6, undefined], ['221 g ?', 221, false],
    ]; // prettier-ignore
    for (const [line, grams, stable] of weights) {
      const reading = readPlainLine(line);
      if (reading.kind !== 'mass') throw new Error(line);
      expect(reading.grams).withContext(line).toBeCloseTo(grams, 1);
      expect(reading.stable).withContext(line).toBe(stable);
    }
    expect(readPlainLine('T1: 96.5 °C')).toEqual({ kind: 'temperature', celsius: 96.5 });
    expect(readPlainLine('350F')).toEqual({ kind: 'temperature', celsius: (318 * 5) / 9 });
  });
  it('is nothing where it says nothing, and overload where it says so', () => {
    for (const line of ['', 'hello', '12', 'v1.2', '999999 C', 'g', '1e9 kg', 'x'.repeat(10_000)]) expect(readPlainLine(line).kind).withContext(line.slice(0, 20)).toBe('nothing'); // prettier-ignore
    for (const line of ['OL', '------', ' OVERLOAD ', 'HHHHHH']) expect(readPlainLine(line).kind).toBe('overload');
  });
});
