import { beforeFaults, evidenceFor, type Asked } from './diagnose.js';
import { NETWORK, type Network } from './network.js';

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

/** Faults by what this bake risks more than any other would, the worst first. */
export function risksOf(asked: Omit<Asked, 'faults'>, network: Network = NETWORK): readonly Risk[] {
  const evidence = evidenceFor(asked, network);
  const here = new Map(network.causes.map((cause) => [cause.id, beforeFaults(cause, evidence.get(cause.id) ?? [])]));
  const chanceOf = (fault: string, there: (cause: string) => number) =>
    1 - Object.entries(network.links[fault] ?? {}).reduce((none, [cause, share]) => none * (1 - share * there(cause)), 1);
  const priors = new Map(network.causes.map(({ id, prior }) => [id, prior]));
  const risks = network.faults.map(({ id }): Risk => {
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
