import { auditFormula } from '../../bench/audit/index.js';
import { batchOf } from '../../batch/batch/index.js';
import { oneBake, type OneBake } from '../../batch/bakes/index.js';
import type { Formula } from '../../formula/formula/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import { runBakeJob, type BakeJob, type BakePrediction, type PredictionResult } from '../../oven/baking/index.js';
import type { OvenSettings } from '../../oven/settings/index.js';
import { minuteOf, type DayClock } from '../clock/index.js';
import { planOnce, planSafely, type Played } from '../punctuality/index.js';
import type { DayPlan, Settled } from '../planner/index.js';
import { slackOf, type DaySlack } from '../slack/index.js';
import { methodSays, worksOf, type WorkProblem } from '../tasks/index.js';
import {
  eveningParts,
  explainConflict,
  USUAL_EVENING,
  WAYS_OUT_PARTS,
  waysOut,
  type Conflict,
  type WayOut,
  type WaysOutPart,
} from '../ways-out/index.js';
import { frozenLitres, PLAIN_DAY, type BatchWork, type DayKitchen } from '../works/index.js';
import { heatingOf, type DaySheet, type OwnTask, type Wish } from '../sheets/index.js';

/** What a day is planned from: the sheet, the formulas that it names, the baker's kitchen. */
export interface SheetOrder {
  readonly sheet: DaySheet;
  readonly formulas: Readonly<Record<string, { readonly formula: Formula; readonly oven?: OvenSettings }>>;
  readonly kitchen: Kitchen;
  readonly seconds: number;
  /** Nothing begins before it; deadlines before it are refused. */
  readonly now?: number;
  /** Margins known from the plan before, by work: the first answer to a change need not look for them again. */
  readonly margins?: Readonly<Record<string, number>>;
  /** No hands before this minute, whatever the sheet's morning. */
  readonly begins?: number;
}

export const SHEET_PROBLEMS = [
  'no-hands', 'no-batches', 'formula-gone', 'due-unreadable', 'due-past', 'not-before-late', 'pans-missing', 'nothing-to-bake', 'no-oven-time', 'never-done', 'freezer-full',
] as const; // prettier-ignore
export type SheetProblemCode = (typeof SHEET_PROBLEMS)[number];
/** Why a day cannot be planned at all. */
export interface SheetProblem {
  readonly code: SheetProblemCode;
  readonly wish?: string;
  readonly pan?: string;
  readonly wanted?: number;
  readonly there?: number;
}

/** The works of a sheet, and which wish each is of; own tasks come last and are of none. */
export interface SheetWorks {
  readonly works: readonly BatchWork[];
  readonly wishes: readonly number[];
  readonly kitchen: DayKitchen;
  /** What is held and done, and from when on it is planned. */
  readonly settled: Settled;
  /** What is done the evening before, as batches of that evening. */
  readonly evening: readonly BatchWork[];
  readonly eveningWishes: readonly number[];
  /** By wish: fed so often, better after so many days. */
  readonly ahead: readonly { readonly fedEveryDays?: number; readonly betterAfterDays?: number }[];
}

export type SheetPlan =
  | { readonly kind: 'refused'; readonly problems: readonly SheetProblem[] }
  | { readonly kind: 'none'; readonly proven: boolean; readonly of: SheetWorks; readonly seconds: number }
  | {
      readonly kind: 'planned';
      readonly plan: DayPlan;
      /** With the margins that it was planned with. */
      readonly of: SheetWorks;
      readonly played: Played;
      readonly safe: boolean;
      readonly slack: DaySlack;
      readonly evening?: DayPlan;
    };

const clockOf = ({ date, zone }: DaySheet): DayClock => ({ date, zone });
const timeOfDay = (sheet: DaySheet, time: string): number => minuteOf(clockOf(sheet), `${sheet.date}T${time}`) ?? 0;

/** Simulates a bake, or remembers it. */
export type RunBake = (job: BakeJob) => PredictionResult;
/** Works something out, or remembers it of the same question: a day is planned again and again with the same batches. */
export type Remember = <T>(question: unknown, workOut: () => T) => T;
const workOutAnew: Remember = (_, workOut) => workOut();

/** What each wish asks of the day; problems where one cannot be planned. */
export function worksOfSheet(
  { sheet, formulas, kitchen, now, begins }: Omit<SheetOrder, 'seconds'>,
  run: RunBake = runBakeJob,
  remember = workOutAnew,
): SheetWorks | { readonly problems: readonly SheetProblem[] } {
  const problems: SheetProblem[] = [];
  const works: BatchWork[] = [];
  const wishes: number[] = [];
  const evening: BatchWork[] = [];
  const eveningWishes: number[] = [];
  const racks = Math.max(1, ...sheet.ovens.map((oven) => oven.racks));
  if (sheet.pairs.length === 0) problems.push({ code: 'no-hands' });
  if (sheet.wishes.length === 0) problems.push({ code: 'no-batches' });
  const ahead = sheet.wishes.map((wish) => {
    const known = formulas[wish.formulaId];
    const says = known && methodSays(known.formula);
    return { ...(says?.fedEveryDays !== undefined && { fedEveryDays: says.fedEveryDays }), ...(says?.betterAfterDays !== undefined && { betterAfterDays: says.betterAfterDays }) }; // prettier-ignore
  });
  sheet.wishes.forEach((wish, i) => {
    const due = minuteOf(clockOf(sheet), wish.due);
    const known = formulas[wish.formulaId];
    const problem = (code: SheetProblemCode) => problems.push({ code, wish: wish.title });
    if (!known) return problem('formula-gone');
    if (due === undefined) return problem('due-unreadable');
    if (now !== undefined && due <= now) return problem('due-past');
    const place = { kitchen, racks, roomCelsius: sheet.roomCelsius };
    const read = remember([wish, due, known, place], () => worksOfWish(wish, due, known, place, run));
    if (typeof read === 'string') return problem(read);
    for (const work of read) {
      const changed = withMinutes(work, sheet);
      const parts = wish.eveningBefore ? eveningParts(changed, USUAL_EVENING.to) : undefined;
      works.push(parts ? parts.day : changed);
      wishes.push(i);
      if (!parts) continue;
      evening.push(parts.evening);
      eveningWishes.push(i);
    }
    return undefined;
  });
  for (const own of sheet.own) {
    const due = minuteOf(clockOf(sheet), own.due);
    if (due === undefined) problems.push({ code: 'due-unreadable', wish: own.what });
    else if (now === undefined || due > now) works.push(ownWork(own, due));
  }
  const day = { ...dayKitchen(sheet, kitchen, works, problems), ...(begins !== undefined && { notBefore: begins }) };
  // what is frozen lies there all at once, on the morning of the day
  const frozen = [...works.filter(({ mixing }) => !mixing), ...evening.filter(({ oven }) => !oven)];
  const litres = frozenLitres(frozen);
  if (litres > day.freezerLitres) problems.push({ code: 'freezer-full', wanted: litres, there: day.freezerLitres });
  if (problems.length > 0) return { problems };
  const { locks, done } = sheet;
  const settled: Settled = { locks, done, ...(now !== undefined && { now }) };
  return { works, wishes, kitchen: day, settled, evening, eveningWishes, ahead };
}

/** What the baker has to do besides: so many minutes of hands, as late as it may be. */
const ownWork = ({ id, what, minutes }: OwnTask, dueMinute: number): BatchWork => ({
  id: `own-${id}`,
  title: what,
  handwork: [],
  waiting: [],
  finishing: [{ kind: 'own', minutes, waitMinutes: 0, fridgeLitres: 0 }],
  makeFrostingMinutes: 0,
  dueMinute,
  marginMinutes: 0,
  freshnessWeight: OWN_WEIGHT,
});
/** Nothing stales, but nobody clears the tables at dawn. */
const OWN_WEIGHT = 0.01;

function worksOfWish(
  wish: Wish,
  dueMinute: number,
  { formula, oven }: SheetOrder['formulas'][string],
  { kitchen, racks, roomCelsius }: { readonly kitchen: Kitchen; readonly racks: number; readonly roomCelsius: number },
  run: RunBake,
): readonly BatchWork[] | WorkProblem | 'nothing-to-bake' {
  const audit = auditFormula(formula, { kitchen, formula: () => undefined });
  if (audit.totals.grams <= 0) return 'nothing-to-bake';
  const bake: OneBake = oneBake({
    formula,
    audit,
    kitchen,
    recipe: wish.formulaId,
    ...(wish.batch && { batch: wish.batch }),
    oven: { ...oven, ...(wish.celsius !== undefined && { celsius: wish.celsius }) },
  });
  const foreseen =
    wish.madeOn === undefined && wish.frozen !== true ? bake.portions.map(({ job }) => foreseenOf(run(job))) : [];
  const read = worksOf({
    id: wish.id,
    title: wish.title,
    bake,
    batch: batchOf(bake),
    foreseen,
    dueMinute,
    served: wish.served,
    roomCelsius,
    racks,
    madeBefore: wish.madeOn !== undefined,
    ...(wish.frozen !== undefined && { frozen: wish.frozen }),
    ...(wish.sliced !== undefined && { sliced: wish.sliced }),
    ...(wish.packed !== undefined && { packed: wish.packed }),
  });
  return read.kind === 'problem' ? read.problem : read.works;
}
const foreseenOf = (result: PredictionResult): BakePrediction | undefined =>
  result.kind === 'foreseen' ? result.bake : undefined;

/** What the baker knows better of a task's minutes, or leaves out. */
function withMinutes(work: BatchWork, { minutes, skipped }: DaySheet): BatchWork {
  const known = (name: string, usual: number) => minutes[`${work.id}:${name}`] ?? usual;
  const isLeftOut = (name: string) => skipped.includes(`${work.id}:${name}`);
  return {
    ...work,
    handwork: work.handwork.map((each, i) => {
      const name = each.kind === 'prepare' ? `prepare-${i}` : each.kind;
      return { ...each, minutes: isLeftOut(name) ? 0 : known(name, each.minutes) };
    }),
    waiting: work.waiting.filter(({ kind, what }) => !isLeftOut(`${kind} ${what}`)),
    ...(work.mixing && { mixing: { ...work.mixing, minutes: known('mix', work.mixing.minutes) } }),
    ...(work.oven && {
      oven: {
        ...work.oven,
        loadMinutes: known('load', work.oven.loadMinutes),
        during: work.oven.during.filter(({ kind }) => !isLeftOut(kind)),
      },
    }),
    makeFrostingMinutes: known('make-frosting', work.makeFrostingMinutes),
    finishing: work.finishing
      .filter(({ kind }) => !isLeftOut(kind))
      .map((step) => ({ ...step, minutes: known(step.kind, step.minutes) })),
  };
}

/** The kitchen on that day: pans of the shelf as many as there are, others as many as one batch needs. */
function dayKitchen(
  sheet: DaySheet,
  kitchen: Kitchen,
  works: readonly BatchWork[],
  problems: SheetProblem[],
): DayKitchen {
  const pans: Record<string, number> = {};
  for (const { oven, title } of works) {
    if (oven?.pan === undefined) continue;
    const own = kitchen.pans?.find(({ name, pan }) => name === oven.pan || pan.name === oven.pan);
    if (own && own.count < oven.pans)
      problems.push({ code: 'pans-missing', wish: title, pan: oven.pan, wanted: oven.pans, there: own.count });
    pans[oven.pan] = own ? own.count : Math.max(pans[oven.pan] ?? 0, oven.pans);
  }
  return {
    ...PLAIN_DAY,
    pairs: sheet.pairs.map(({ id, name, away }) => ({
      id,
      name,
      away: away.map(({ from, to }) => ({ from: timeOfDay(sheet, from), to: timeOfDay(sheet, to) })),
    })),
    givenTo: Object.fromEntries(
      Object.entries(sheet.givenTo).flatMap(([task, pair]) => {
        const at = sheet.pairs.findIndex(({ id }) => id === pair);
        return at < 0 ? [] : [[task, at] as const];
      }),
    ),
    ovens: sheet.ovens.map((oven, i) => ({ ...oven, minutesTo180: heatingOf(oven, i, kitchen) })),
    mixers: sheet.mixers,
    bowls: sheet.bowls,
    pans,
    fridgeLitres: sheet.fridgeLitres,
    freezerLitres: sheet.freezerLitres ?? PLAIN_DAY.freezerLitres,
    roomCelsius: sheet.roomCelsius,
    notBefore: timeOfDay(sheet, sheet.notBefore),
  };
}

export interface PlanningHooks {
  readonly run?: RunBake;
  readonly remember?: Remember;
  readonly cancelled?: () => boolean;
  readonly onBetter?: (progress: { readonly cost: number; readonly startsAt: number }) => void;
}

/** Plans a sheet. The same sheet and effort give the same plan. */
export function planSheet(order: SheetOrder, { run, remember, cancelled, onBetter }: PlanningHooks = {}): SheetPlan {
  const of = worksOfSheet(order, run, remember);
  if ('problems' in of) return { kind: 'refused', problems: of.problems };
  const { margins } = order;
  const works = margins ? of.works.map((work) => ({ ...work, marginMinutes: margins[work.id] ?? 0 })) : of.works;
  const { planned, batches, played, safe } = (margins ? planOnce : planSafely)(works, of.kitchen, {
    ...of.settled,
    seconds: order.seconds,
    ...(cancelled && { cancelled }),
    ...(onBetter && { onBetter }),
  });
  const with_ = { ...of, works: batches };
  if (planned.kind === 'none' || !played)
    return { kind: 'none', proven: planned.kind === 'none' && planned.proven, of: with_, seconds: planned.seconds };
  const evening = of.evening.length > 0 ? eveningPlan(of, order.seconds) : undefined;
  return {
    kind: 'planned',
    plan: planned,
    of: with_,
    played,
    safe,
    slack: slackOf(batches, planned.tasks),
    ...(evening && { evening }),
  };
}
function eveningPlan({ evening, kitchen }: SheetWorks, seconds: number): DayPlan | undefined {
  const there = {
    ...kitchen,
    notBefore: USUAL_EVENING.from,
    pairs: kitchen.pairs.map((pair) => ({ ...pair, away: [] })),
  };
  const { planned } = planSafely(evening, there, { seconds: seconds / 4 });
  return planned.kind === 'planned' ? planned : undefined;
}

/** The works of a sheet with margins as on a day that has all the time it wants: what a day that does not fit is loosened from. */
export function marginedWorks(order: SheetOrder, { run, remember }: PlanningHooks = {}): SheetWorks | undefined {
  const of = worksOfSheet(order, run, remember);
  if ('problems' in of) return undefined;
  const wide = planSafely(of.works, { ...of.kitchen, notBefore: of.kitchen.notBefore - 360 }, { seconds: 0.6 });
  return { ...of, works: wide.batches };
}
/** What is in the way. */
export const conflictOf = ({ works, kitchen, settled }: SheetWorks, seconds: number): Conflict =>
  explainConflict(works, kitchen, { seconds, settled });
/** What would make it fit, of some kinds or all. */
export const waysOutOf = (
  { works, kitchen, settled }: SheetWorks,
  seconds: number,
  parts: readonly WaysOutPart[] = WAYS_OUT_PARTS,
): readonly WayOut[] => waysOut(works, kitchen, { seconds, parts, settled });
