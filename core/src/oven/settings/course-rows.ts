import type { OvenSettings } from './oven-settings.js';

/*
 * What the oven does on the way, as rows that hands fill in: each set point with the minutes it lasts (the last until it is done), each
 * cover from a minute to a minute.
 */

/** A set point and how long it lasts; the last row has no minutes. */
export interface StageRow {
  readonly celsius: number;
  readonly minutes: number | undefined;
}
type Stages = NonNullable<OvenSettings['stages']>;
export type CoverRow = NonNullable<OvenSettings['covers']>[number];

/** @param celsius the first set point */
export const stageRows = (celsius: number, stages: Stages): readonly StageRow[] =>
  [{ fromMinute: 0, celsius }, ...stages].map((stage, i) => {
    const next = stages[i];
    return { celsius: stage.celsius, minutes: next ? next.fromMinute - stage.fromMinute : undefined };
  });

/** The settings that rows say: minutes add up from the top; what comes after a row without minutes never comes. */
export function stagesOfRows(rows: readonly StageRow[]): {
  readonly celsius: number | undefined;
  readonly stages: Stages;
} {
  const stages: { fromMinute: number; celsius: number }[] = [];
  let minute = 0;
  for (let i = 0; i + 1 < rows.length; i++) {
    const [row, next] = [rows[i], rows[i + 1]];
    if (row?.minutes === undefined || !next) break;
    minute += row.minutes;
    stages.push({ fromMinute: minute, celsius: next.celsius });
  }
  return { celsius: rows[0]?.celsius, stages };
}

/** How much cooler a new stage begins, °C, and how long the one before it lasts, min: the usual hot start. */
const COOLER = 20;
const USUAL_MINUTES = 15;

/** The rows with one more stage behind the last. */
export const withAnotherStage = (rows: readonly StageRow[]): readonly StageRow[] => {
  const last = rows.at(-1);
  if (!last) return rows;
  return [
    ...rows.slice(0, -1),
    { ...last, minutes: USUAL_MINUTES },
    { celsius: Math.max(100, last.celsius - COOLER), minutes: undefined },
  ];
};

/** The rows without one; what was before it lasts as long as both. */
export const withoutStage = (rows: readonly StageRow[], at: number): readonly StageRow[] => {
  const left = rows.filter((_, i) => i !== at);
  return left.map((row, i) => (i === left.length - 1 ? { ...row, minutes: undefined } : row));
};
