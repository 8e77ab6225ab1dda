import { listIn, numberIn, readTable } from '../../ground/numerics/index.js';
import { CAUSES_TABLE } from './causes.table.js';
import { EVIDENCE_TABLE } from './evidence.table.js';
import { FAULTS_TABLE } from './faults.table.js';
import { LINKS_TABLE } from './links.table.js';
import { SIGNALS, type SignalCode } from './signals.js';
import { SWAP_ODDS_TABLE } from './swap-odds.table.js';
import { TESTS_TABLE } from './tests.table.js';

/* The tables of diagnosis, read: causes with their priors, which faults they make how often, what speaks for and against them, and what can
 * be asked. A spec holds them together: every id is known on the other side. @source book.md, section 3: judged, nowhere measured */

/** Where a change belongs: on the Bench, the Batch, the Oven, in the words of a step, or with what is baked. */
export type ChangeKind = 'formula' | 'batch' | 'oven' | 'method' | 'store';
export interface Cause {
  readonly id: string;
  /** How often it is there, of bakes of people who ask. */
  readonly prior: number;
  readonly part: 'batter' | 'frosting';
  readonly kind: ChangeKind;
  /** What is changed for it: a code that the words and the next version go by. */
  readonly edit: string;
}
/** Where a fault is seen: on the slice, in the bowl, or in the mouth. */
export const FAULT_PLACES = ['top', 'edge', 'crust', 'crumb', 'base', 'shape', 'taste', 'bowl', 'frosting'] as const;
export type FaultPlace = (typeof FAULT_PLACES)[number];
export interface Fault {
  readonly id: string;
  readonly place: FaultPlace;
}
/** Log-odds that a signal adds to a cause: slope × (value − zero), held between `against` and `favour`. */
export interface Evidence {
  readonly cause: string;
  readonly signal: SignalCode;
  readonly zero: number;
  readonly slope: number;
  readonly against: number;
  readonly favour: number;
}
export interface Test {
  readonly id: string;
  /** The signal that answers it; absent where only the baker can. */
  readonly knownBy?: SignalCode;
  readonly minutes: number;
  /** How often the answer is yes where a cause is at work. */
  readonly yes: Readonly<Record<string, number>>;
  readonly yesIfOther: number;
}
/** Which of the faults each cause makes, and how often. */
export interface Network {
  readonly causes: readonly Cause[];
  readonly faults: readonly Fault[];
  /** P(fault | cause), by fault and then cause; absent where they have nothing to do with each other. */
  readonly links: Readonly<Record<string, Readonly<Record<string, number>>>>;
  readonly evidence: readonly Evidence[];
  readonly swapOdds: readonly { readonly swap: string; readonly cause: string; readonly logOdds: number }[];
  readonly tests: readonly Test[];
}

const SIGNAL_CODES: ReadonlySet<string> = new Set(SIGNALS);
const isSignal = (code: string): code is SignalCode => SIGNAL_CODES.has(code);
function signalOf(code: string): SignalCode {
  if (!isSignal(code)) throw new Error(`no signal is called ${code}`);
  return code;
}
const oneOf = <T extends string>(values: readonly T[], value: string): T => {
  const known = values.find((each) => each === value);
  if (known === undefined) throw new Error(`${value} is none of ${values.join(', ')}`);
  return known;
};

function linksIn(): Network['links'] {
  const links: Record<string, Record<string, number>> = {};
  for (const row of readTable(LINKS_TABLE)) (links[row['fault'] ?? ''] ??= {})[row['cause'] ?? ''] = numberIn(row, 'likelihood'); // prettier-ignore
  return links;
}

export const NETWORK: Network = {
  causes: readTable(CAUSES_TABLE).map((row) => ({
    id: row['cause'] ?? '',
    prior: numberIn(row, 'prior'),
    part: oneOf(['batter', 'frosting'] as const, row['part'] ?? ''),
    kind: oneOf(['formula', 'batch', 'oven', 'method', 'store'] as const, row['kind'] ?? ''),
    edit: row['edit'] ?? '',
  })),
  faults: readTable(FAULTS_TABLE).map((row) => ({ id: row['fault'] ?? '', place: oneOf(FAULT_PLACES, row['place'] ?? '') })),
  links: linksIn(),
  evidence: readTable(EVIDENCE_TABLE).map((row) => ({
    cause: row['cause'] ?? '',
    signal: signalOf(row['signal'] ?? ''),
    zero: numberIn(row, 'zero'),
    slope: numberIn(row, 'slope'),
    against: numberIn(row, 'against'),
    favour: numberIn(row, 'for'),
  })),
  swapOdds: readTable(SWAP_ODDS_TABLE).map((row) => ({ swap: row['swap'] ?? '', cause: row['cause'] ?? '', logOdds: numberIn(row, 'log_odds') })),
  tests: readTable(TESTS_TABLE).map((row) => ({
    id: row['test'] ?? '',
    ...(row['known_by'] ? { knownBy: signalOf(row['known_by']) } : {}),
    minutes: numberIn(row, 'minutes'),
    yes: Object.fromEntries(listIn(row, 'yes').map((each) => each.split('=')).map(([cause = '', share]) => [cause, Number(share)])),
    yesIfOther: numberIn(row, 'yes_if_other'),
  })),
}; // prettier-ignore

export const FAULT_IDS: readonly string[] = NETWORK.faults.map(({ id }) => id);
const causesById = new Map(NETWORK.causes.map((cause) => [cause.id, cause]));
export const causeById = (id: string): Cause | undefined => causesById.get(id);
