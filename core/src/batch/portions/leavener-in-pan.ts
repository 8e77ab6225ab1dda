/** The width and depth that a formula's leavener is taken to be right for, cm. @source leavening.md, 1.5 and A.10: practitioner tables, thin evidence */
const USUAL = { acrossCm: 20, depthCm: 5 } as const;
const POWER = { across: 0.45, depth: 0.2 } as const;
const LEAST = 0.7;

const strength = (acrossCm: number, depthCm: number) =>
  (USUAL.acrossCm / acrossCm) ** POWER.across * (USUAL.depthCm / depthCm) ** POWER.depth;

/**
 * Leavener that a wider or deeper pan wants, as a share of what the formula has for its own pan: advice, never applied silently.
 * Without a pan of its own the formula is taken to be written for a 20 cm pan 5 cm deep.
 */
export function leavenerInPan(
  pan: { readonly acrossCm: number; readonly depthCm: number },
  writtenFor: { readonly acrossCm: number; readonly depthCm: number } = USUAL,
): number {
  const share = strength(pan.acrossCm, pan.depthCm) / strength(writtenFor.acrossCm, writtenFor.depthCm);
  return Math.max(LEAST, Math.min(1.2, share));
}
