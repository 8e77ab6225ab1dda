import { diagnose, type Asked, type Diagnosis } from './diagnose.js';
import { NETWORK, type Network, type Test } from './network.js';
import type { SignalCode } from './signals.js';

/* What to ask next, and what would be first if one number were other. */

/** A minute of the baker's is worth so many bits. */
const BITS_A_MINUTE = 0.002;
/** Less than this is not worth asking. */
const WORTH_ASKING = 0.03;

const entropy = (p: number) => (p <= 0 || p >= 1 ? 0 : -p * Math.log2(p) - (1 - p) * Math.log2(1 - p));

export interface TestToAsk {
  readonly test: Test;
  /** What its answer tells of which cause it was, bits. */
  readonly bits: number;
  /** The two causes that it tells apart best. */
  readonly tells: readonly [string, string] | undefined;
}

/** The likeliest cause that answers yes, and the likeliest that answers no. */
function toldApart({ causes }: Diagnosis, { yes, yesIfOther }: Test): TestToAsk['tells'] {
  const usually = (id: string) => yes[id] ?? yesIfOther;
  const one = causes.find(({ cause }) => usually(cause.id) >= 0.5);
  const other = causes.find(({ cause }) => usually(cause.id) < 0.5);
  return one && other && [one.cause.id, other.cause.id];
}

/** What tells the first causes apart, the most for a minute first; what is known or was answered is not asked again. */
export function testsFor(asked: Asked, diagnosis: Diagnosis, network: Network = NETWORK): readonly TestToAsk[] {
  const { values } = asked.signals;
  const answered = new Set(Object.keys(asked.answers ?? {}));
  const open = network.tests.filter(
    ({ id, knownBy }) => !answered.has(id) && (knownBy === undefined || values[knownBy] === undefined),
  );
  const { causes, somethingElse } = diagnosis;
  return open
    .map((test): TestToAsk => {
      let [yes, left] = [somethingElse * test.yesIfOther, somethingElse * entropy(test.yesIfOther)];
      for (const { cause, share } of causes) {
        const usually = test.yes[cause.id] ?? test.yesIfOther;
        yes += share * usually;
        left += share * entropy(usually);
      }
      return { test, bits: entropy(yes) - left, tells: toldApart(diagnosis, test) };
    })
    .filter(({ bits }) => bits >= WORTH_ASKING)
    .sort((one, other) => other.bits - BITS_A_MINUTE * other.test.minutes - (one.bits - BITS_A_MINUTE * one.test.minutes)); // prettier-ignore
}

/** One number as it might have been, and which cause would then be first. */
export interface IfOther {
  readonly signal: SignalCode;
  readonly value: number;
  readonly usual: number;
  readonly first: string;
  readonly share: number;
  /** What the cause that is first now would then be. */
  readonly shareOfFirst: number;
}

/** Signals whose usual value is not nought. @source the zero of the table less what makes it speak against */
const USUAL: Readonly<Partial<Record<SignalCode, number>>> = {
  core: 0, 'crumb-ph': 7, filling: 0.85, 'door-opened': 1, preheating: 25, mixing: 25, folds: 14, 'egg-additions': 5, creaming: 6, 'egg-temperature': 20,
  'batter-temperature': 21, 'butter-temperature': 19, 'dough-temperature': 12, 'flour-cup': 124, 'flour-protein': 10, 'pan-heat': 1, 'minutes-in-pan': 12,
  gap: 1, humidity: 50, 'wrapped-at': 24, thickness: 2.5, waiting: 0.2, 'weight-loss': 11, 'cake-temperature': 20, 'room-temperature': 21,
  'frosting-sugar': 1, 'frosting-butter': 20, 'frosting-beating': 1,
}; // prettier-ignore

/** The number that matters most: with it as usual, another cause would lead. Undefined where none does that alone. */
export function ifOther(asked: Asked, diagnosis: Diagnosis, network: Network = NETWORK): IfOther | undefined {
  const [first] = diagnosis.causes;
  if (!first) return undefined;
  for (const speaks of first.speaksFor) {
    if (speaks.kind !== 'signal') continue;
    const { signal, value } = speaks;
    const usual = USUAL[signal] ?? 0;
    const values = { ...asked.signals.values, [signal]: usual };
    const then = diagnose({ ...asked, signals: { ...asked.signals, values } }, network);
    const [leads] = then.causes;
    if (!leads || leads.cause.id === first.cause.id) continue;
    const shareOfFirst = then.causes.find(({ cause }) => cause.id === first.cause.id)?.share ?? 0;
    return { signal, value, usual, first: leads.cause.id, share: leads.share, shareOfFirst };
  }
  return undefined;
}
