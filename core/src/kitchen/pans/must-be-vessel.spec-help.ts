import { parseVessel, type VesselSet } from './index.js';

/** A pan, or what stands without one, that a spec takes to be readable. */
export function mustBeVessel(written: string): VesselSet {
  const parsed = parseVessel(written);
  if (parsed.kind !== 'vessel') throw new Error(`${written}: ${JSON.stringify(parsed)}`);
  return parsed.set;
}
