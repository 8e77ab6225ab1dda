import { NETWORK, SIGNALS, type SignalCode, type Speaks } from '../../book/diagnosing/index.js';
import { adviceFor, CAUSE_NAMES, causeName, FAULT_NAMES, faultName, LIKELIHOOD_NAMES, reasonForChange, signalInWords, speaksInWords, TEST_WORDS } from './index.js'; // prettier-ignore

/** Words that a baker reads: no id, no figure that is none, no sign of a program. */
const READS_WELL = /^(?!.*(?:undefined|NaN|Infinity|_|\bnull\b))[\S ]+$/;

/** What is counted from nothing, and so never below it. */
const NEVER_BELOW_NOTHING = new Set<SignalCode>(['crumb-ph', 'fruit-load', 'waiting']);
const SIZES = [-30, -2, -1, -0.5, 0, 0.2, 0.5, 1, 1.3, 2.5, 7, 40, 160, 2000];
const sizesOf = (signal: SignalCode) => (NEVER_BELOW_NOTHING.has(signal) ? SIZES.filter((size) => size >= 0) : SIZES);

describe('the words of why', () => {
  it('name every fault and every cause, and nothing besides', () => {
    expect(Object.keys(FAULT_NAMES).sort()).toEqual(NETWORK.faults.map(({ id }) => id).sort());
    expect(Object.keys(CAUSE_NAMES).sort()).toEqual(NETWORK.causes.map(({ id }) => id).sort());
    for (const name of [...Object.values(FAULT_NAMES), ...Object.values(CAUSE_NAMES)]) expect(name).toMatch(READS_WELL);
    // two faults of one name could not be told apart on a chip
    expect(new Set(Object.values(FAULT_NAMES)).size).toBe(NETWORK.faults.length);
    expect(new Set(Object.values(CAUSE_NAMES)).size).toBe(NETWORK.causes.length);
  });
  it('say what to do for every cause, in whole sentences', () => {
    for (const { id } of NETWORK.causes)
      expect(adviceFor(id))
        .withContext(id)
        .toMatch(/^[A-Z0-9].*\.$/);
  });
  it('ask every test, and name both of its answers otherwise', () => {
    expect(Object.keys(TEST_WORDS).sort()).toEqual(NETWORK.tests.map(({ id }) => id).sort());
    for (const [id, { ask, yes, no }] of Object.entries(TEST_WORDS)) {
      expect(ask).withContext(id).toMatch(/[.?]$/);
      expect(yes).withContext(id).not.toBe(no);
    }
  });
  it('say every signal at every size of it', () => {
    for (const signal of SIGNALS)
      for (const value of sizesOf(signal)) {
        const { figure, words } = signalInWords(signal, value);
        expect(figure).withContext(`${signal} ${value}`).toMatch(READS_WELL);
        expect(words).withContext(`${signal} ${value}`).toMatch(READS_WELL);
        // a minus is a minus sign, not a hyphen
        expect(figure).withContext(`${signal} ${value}`).not.toMatch(/-\d/);
      }
  });
  it('tell the sides of a band apart', () => {
    expect(signalInWords('sugar', 1.4)).toEqual({ figure: 'sugar', words: 'above its band, 1.4 of its half' });
    expect(signalInWords('sugar', -1.4).words).toContain('below its band');
    expect(signalInWords('sugar', 0.1).words).toBe('as usual');
    expect(signalInWords('oven-error', 18)).toEqual({ figure: '+18 °C', words: 'by the oven’s thermometer' });
    expect(signalInWords('oven-error', -18).figure).toBe('−18 °C');
    expect(signalInWords('time', -9).words).toContain('before it was done');
  });
  it('say each way in which something speaks', () => {
    const all: readonly Speaks[] = [
      { kind: 'signal', signal: 'core', value: -2, logOdds: 1 },
      { kind: 'swap', swap: 'buttermilk>milk', logOdds: 0.7 },
      { kind: 'answer', test: 'fizz', yes: true, logOdds: 2 },
      { kind: 'kitchen', logOdds: 0.35 },
      { kind: 'kitchen', logOdds: -0.35 },
    ];
    const said = all.map((each) => speaksInWords(each));
    expect(said.map(({ figure }) => figure)).toEqual(['core', 'changed', 'you said', 'this kitchen', 'this kitchen']);
    expect(said[1]?.words).toBe('buttermilk to milk');
    expect(said[2]?.words).toBe('hardly fizzes');
    expect(said[3]?.words).not.toBe(said[4]?.words);
  });
  it('give a version its reason, with the bake where there is one', () => {
    expect(reasonForChange('soda 3.7 → 1.5 g', ['soapy'], '26 September')).toBe('soda 3.7 → 1.5 g, after the bake of 26 September: soapy'); // prettier-ignore
    expect(reasonForChange('weigh the flour', ['dry', 'tough'])).toBe('weigh the flour, after a bake: dry, tough');
  });
  it('let an unknown id through as it is, rather than nothing', () => {
    expect([faultName('no_such'), causeName('no_such')]).toEqual(['no_such', 'no_such']);
    expect(Object.keys(LIKELIHOOD_NAMES).length).toBe(4);
  });
});
