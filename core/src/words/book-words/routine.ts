import type { HeatScale } from '../../ground/units/index.js';
import { apartOn, degreesApart, heatOn, listed } from '../figures/index.js';
import { decimal } from '../../ground/language/index.js';
import {
  hotSides,
  paceOf,
  PACED_TASKS,
  type LearnedHeating,
  type LearnedHotSide,
  type LearnedPace,
  type PacedTask,
  type Side,
} from '../../kitchen/learned/index.js';
import type { FigureRow } from '../figures/index.js';

/* What bakes have taught of hands and oven, in words with their evidence. */

const TASK_NAMES: Readonly<Record<PacedTask, string>> = {
  prepare: $localize`preparing`,
  line: $localize`lining`,
  weigh: $localize`weighing`,
  mix: $localize`mixing`,
  portion: $localize`filling tins`,
};
const SIDE_NAMES: Readonly<Record<Side, string>> = {
  back: $localize`the back`,
  front: $localize`the front`,
  left: $localize`the left`,
  right: $localize`the right`,
};
const bakesInWords = (bakes: number) =>
  bakes === 1 ? $localize`:after from or by|:1 bake` : $localize`:after from or by|:${bakes} bakes`;
const times = (factor: number) => `× ${decimal(factor, 2)}`;
/** So near the usual minutes is as usual. */
const AS_USUAL = 0.05;

/** "weighing × 1.30, mixing × 0.90": work whose minutes are not the usual ones; '' where all are. */
function tasksInWords(pace: LearnedPace): string {
  const own = PACED_TASKS.flatMap((task) => {
    const factor = paceOf(pace, task);
    return pace.tasks[task] === undefined || Math.abs(factor - 1) < AS_USUAL ? [] : [`${TASK_NAMES[task]} ${times(factor)}`]; // prettier-ignore
  });
  return own.join(', ');
}
export const paceRow = (pace: LearnedPace): FigureRow => ({
  what: $localize`your hands take`,
  figure: times(paceOf(pace)),
  why: [$localize`the usual minutes, ${bakesInWords(pace.bakes)}`, tasksInWords(pace)].filter(Boolean).join(': '),
});
export const heatingRow = ({ minutesTo180, spread, timed }: LearnedHeating, scale: HeatScale = 'C'): FigureRow => ({
  what: $localize`at ${heatOn(scale, 180)} by its lamp in`,
  figure: $localize`${Math.round(minutesTo180)} min`,
  why: $localize`± ${Math.max(1, Math.round(minutesTo180 * spread))}, timed ${timed === 1 ? $localize`once` : $localize`${timed} times`}`,
});
/** The back and the left, the hottest first; the evidence where no side is surely hotter. */
export function hotSideRow(hotSide: LearnedHotSide, scale: HeatScale = 'C'): FigureRow {
  const sides = hotSides(hotSide);
  const [first] = sides;
  const of = bakesInWords(hotSide.bakes);
  if (!first) return { what: $localize`its sides`, figure: $localize`alike`, why: $localize`as far as ${of} told` };
  return {
    what: $localize`${listed(sides.map(({ side }) => SIDE_NAMES[side]))} of it`,
    figure: `+${apartOn(scale, first.celsius)}`,
    why: $localize`± ${degreesApart(scale, first.spread)} hotter than across, ${of}:what:: turn what bakes long`,
  };
}

/** In the Day, beside hands: whose minutes it plans with. '' where they are the usual ones. */
export function paceSaid(pace: LearnedPace | undefined): string {
  if (!pace) return '';
  const tasks = tasksInWords(pace);
  return $localize`Minutes of hands are yours, by ${bakesInWords(pace.bakes)}:bakes:: ${times(paceOf(pace))} the usual${tasks ? `; ${tasks}` : ''}.`;
}
/** At the oven, beside turning: why. '' where no side is known to be hotter. */
export function whyTurned(hotSide: LearnedHotSide | undefined, scale: HeatScale = 'C'): string {
  const [first] = hotSides(hotSide);
  return first && hotSide ? $localize`${SIDE_NAMES[first.side]} is about ${apartOn(scale, first.celsius)} hotter, by ${bakesInWords(hotSide.bakes)}` : ''; // prettier-ignore
}
