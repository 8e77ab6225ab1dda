import { auditFormula } from '../../bench/audit/index.js';
import { batchOf, type Batch } from '../../batch/batch/index.js';
import { oneBake, type OneBake } from '../../batch/bakes/index.js';
import type { BatchSettings } from '../../batch/plan/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { runBakeJob, type BakePrediction } from '../../oven/baking/index.js';
import { walkOf, type WalkStep } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

export interface DemoWalk {
  readonly id: string;
  readonly bake: OneBake;
  readonly batch: Batch;
  readonly foreseen: readonly (BakePrediction | undefined)[];
  readonly walk: readonly WalkStep[];
}

/** A text as a bake that is begun, with what its oven does simulated, or without. */
export function walkFrom(text: string, id = 'text', settings?: BatchSettings, isForeseen = true): DemoWalk {
  const formula = formulaRead(readFormula(text, 'UK'));
  const bake = oneBake({
    formula,
    audit: auditFormula(formula),
    kitchen: PLAIN_KITCHEN,
    ...(settings && { batch: settings }),
  });
  const batch = batchOf(bake);
  const foreseen = bake.portions.map(({ job }) => {
    const result = isForeseen ? runBakeJob(job) : { kind: 'not asked' as const };
    return result.kind === 'foreseen' ? result.bake : undefined;
  });
  return { id, bake, batch, foreseen, walk: walkOf({ bake, batch, foreseen }) };
}

let walks: readonly DemoWalk[] | undefined;
/** Every formula of the demo, walked once for all specs. */
export const demoWalks = (): readonly DemoWalk[] => (walks ??= DEMO_FORMULAS.map(({ id, text }) => walkFrom(text, id)));
