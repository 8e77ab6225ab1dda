import { beforeFaults, evidenceFor, type Asked } from './diagnose.js';
import { NETWORK, type Network } from './network.js';
import type { SignalCode, Signals } from './signals.js';

/* The same model before anything was seen: which faults this bake risks, and by what. */

export interface Risk {
  readonly fault: string;
  /** How likely it is, 0–1, and how likely it would be of a bake of which nothing is known. */
  readonly chance: number;
  readonly usual: number;
  /** What would make it, the likeliest first; each above what it usually is. */
  readonly by: readonly string[];
}

const MORE_THAN_USUAL = 1.15;

/** Faults that only some bakes can have: what has to be there. */
const NEEDS: Readonly<Record<string, SignalCode>> = {
  leaning_scones: 'rolled-and-cut',
  scones_flat: 'rolled-and-cut',
  side_crack: 'rolled-and-cut',
  green_blue: 'plant-colour',
  colour_off: 'cocoa',
};
const OF_FRUIT = 0.05;
/** Whether a bake can have a fault at all: what is not cut does not lean, what has no plant's colour does not turn. */
function canHave(fault: string, { values }: Signals): boolean {
  const needs = NEEDS[fault];
  if (needs !== undefined) return values[needs] === 1;
  return fault !== 'fruit_bottom' || (values['fruit-load'] ?? 1) > OF_FRUIT;
}

/** Faults by what this bake risks more than any other would, the worst first. */
export function risksOf(asked: Omit<Asked, 'faults'>, network: Network = NETWORK): readonly Risk[] {
  const evidence = evidenceFor(asked, network);
  const here = new Map(network.causes.map((cause) => [cause.id, beforeFaults(cause, evidence.get(cause.id) ?? [])]));
  const chanceOf = (fault: string, there: (cause: string) => number) =>
    1 - Object.entries(network.links[fault] ?? {}).reduce((none, [cause, share]) => none * (1 - share * there(cause)), 1);
  const priors = new Map(network.causes.map(({ id, prior }) => [id, prior]));
  const risks = network.faults.filter(({ id }) => canHave(id, asked.signals)).map(({ id }): Risk => {
    const lift = (cause: string) => (here.get(cause) ?? 0) - (priors.get(cause) ?? 0);
    const by = Object.entries(network.links[id] ?? {})
      .map(([cause, share]) => ({ cause, worth: share * lift(cause) }))
      .filter(({ cause, worth }) => worth > 0.02 && (here.get(cause) ?? 0) > MORE_THAN_USUAL * (priors.get(cause) ?? 0))
      .sort((one, other) => other.worth - one.worth);
    return {
      fault: id,
      chance: chanceOf(id, (cause) => here.get(cause) ?? 0),
      usual: chanceOf(id, (cause) => priors.get(cause) ?? 0),
      by: by.map(({ cause }) => cause),
    };
  });
  return risks.sort((one, other) => other.chance - other.usual - (one.chance - one.usual));
} // prettier-ignore

/** Faults in the order in which this bake risks them; those that it can hardly have come last. @param frosted whether there is a frosting */
export function faultsByRisk(asked: Omit<Asked, 'faults'>, frosted: boolean, network: Network = NETWORK): readonly string[] {
  const ofFrosting = new Set(network.faults.filter(({ place }) => place === 'frosting').map(({ id }) => id));
  const weight = ({ fault, chance, usual }: Risk) => (ofFrosting.has(fault) && !frosted ? 0 : (chance * chance) / usual);
  const risked = [...risksOf(asked, network)].sort((one, other) => weight(other) - weight(one)).map(({ fault }) => fault);
  return [...risked, ...network.faults.map(({ id }) => id).filter((id) => !risked.includes(id))];
} // prettier-ignore
