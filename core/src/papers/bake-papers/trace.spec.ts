import { readPack } from '../../along/wire/index.js';
import { writeTrace } from './index.js';

const FROM = Date.UTC(2026, 10, 28, 14);
const reading = (minute: number, core: number, by: 'device' | 'simulated') => ({
  at: FROM + minute * 60_000,
  core,
  by,
});

describe('the trace of a bake, as SenML', () => {
  it('has every reading with its unit at its moment, by the rules of RFC 8428', () => {
    const trace = writeTrace({
      readings: [reading(30, 61.26, 'device'), { at: FROM + 60_000, core: 24.1, air: 171.5, by: 'device' }],
      happenings: [
        { kind: 'weighed', step: 's1', grams: 252.4, by: 'device', at: FROM },
        { kind: 'weighed', step: 's2', grams: 100, by: 'hand', at: FROM },
        { kind: 'in', portion: 0, at: FROM },
      ],
    });
    expect(JSON.parse(trace ?? '')).toEqual([
      { bn: '', bt: FROM / 1000, n: 'scale:mass', u: 'kg', v: 0.2524 },
      { n: 'probe:core', t: 60, u: 'Cel', v: 24.1 },
      { n: 'thermometer:air', t: 60, u: 'Cel', v: 171.5 },
      { n: 'probe:core', t: 1800, u: 'Cel', v: 61.3 },
    ]);
    const read = readPack(trace ?? '', FROM + 3_600_000);
    expect(read.kind === 'readings' && read.readings.map(({ at }) => (at - FROM) / 60_000)).toEqual([0, 1, 1, 30]);
  });
  it('names what stand-ins said as simulated, so that it is never taken for a bake that was', () => {
    const trace = writeTrace({ readings: [reading(1, 30, 'simulated'), reading(0, 21, 'device')], happenings: [] });
    const records = JSON.parse(trace ?? '') as { readonly bn?: string; readonly v: number }[];
    expect(records.map(({ bn, v }) => [bn, v])).toEqual([['', 21], ['simulated:', 30]]); // prettier-ignore
    expect(readPack(trace ?? '', FROM + 3_600_000).kind).toBe('refused');
  });
  it('is none where no instrument said anything', () => {
    expect(writeTrace({ readings: [], happenings: [{ kind: 'in', portion: 0, at: FROM }] })).toBeUndefined();
  });
});
