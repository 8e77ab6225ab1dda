import { without } from '../../ground/records/index.js';
import type { Ahead, BatchWork, OvenTime } from '../works/index.js';

/** A batch in two: what is done the evening before, and what is left for the day. */
export interface EveningParts {
  readonly how: Ahead;
  readonly evening: BatchWork;
  readonly day: BatchWork;
}

/** Frozen raw it takes a fifth longer. @source planning.md, section 1: judged */
const FROM_FROZEN = { low: 1.15, likely: 1.2, high: 1.25 } as const;
const WRAP_MINUTES = 3;
const DAY = 1440;

const scaled = (oven: OvenTime): OvenTime => ({
  ...oven,
  low: oven.low * FROM_FROZEN.low,
  likely: Math.round(oven.likely * FROM_FROZEN.likely),
  high: oven.high * FROM_FROZEN.high,
  loadMinutes: Math.min(3, oven.loadMinutes),
});

/**
 * @param eveningDue minute by which the evening's part is wrapped or frozen, on the day's clock: negative
 * @returns undefined where nothing of it gains by being done before
 */
export function eveningParts(work: BatchWork, eveningDue: number): EveningParts | undefined {
  const { ahead, oven } = work;
  if (!ahead || !oven) return undefined;
  const evening = {
    ...work,
    id: `${work.id}~evening`,
    dueMinute: eveningDue,
    marginMinutes: 0,
    freshnessWeight: 0,
    freshMinutes: DAY,
    makeFrostingMinutes: 0,
    ...(work.mixedWith !== undefined && { mixedWith: `${work.mixedWith}~evening` }),
  };
  const wrapped: BatchWork = {
    ...evening,
    waiting: work.waiting.filter(({ forFrosting }) => !forFrosting),
    finishing: [{ kind: 'pack', minutes: WRAP_MINUTES, waitMinutes: 0, fridgeLitres: 0 }],
  };
  const unbaked = without(work, 'oven', 'mixing');
  const fromStore: BatchWork = {
    ...unbaked,
    handwork: [],
    waiting: work.waiting.filter(({ forFrosting }) => forFrosting),
    freshMinutes: 2 * DAY,
  };
  switch (ahead) {
    case 'freeze-raw': {
      return {
        how: ahead,
        evening: { ...without(evening, 'oven'), finishing: [] },
        day: {
          ...without(unbaked, 'freezerLitres'),
          handwork: work.handwork.filter(({ kind }) => kind === 'line'),
          waiting: [],
          oven: scaled(oven),
        },
      };
    }
    case 'bake-layers':
      return { how: ahead, evening: wrapped, day: fromStore };
    case 'bake-whole':
      return { how: ahead, evening: wrapped, day: fromStore };
  }
}
