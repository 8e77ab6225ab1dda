import type { BakePortion, OneBake } from '../../batch/bakes/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { namedAmount, panMentionsIn, type Mention, type Taking } from '../../formula/parsing/index.js';
import { isFree, parseVessel } from '../../kitchen/pans/index.js';
import { anyOf, NUMBER_WORDS } from '../../ground/text/index.js';
import type { BakePrediction, OvenStage } from '../../oven/baking/index.js';
import { pansInWords } from '../../words/batch-words/index.js';
import { gramsInWords, listed, setPointInWords, windowInWords } from '../../words/figures/index.js';

/*
 * The steps of a method were written for the pans, the heat, the time and the amounts of the original. On the sheet of another batch
 * those words would contradict the figures beside them. So each place that names one of them is found, and the words of this batch are
 * put in its place; what stood there is kept, so that the screen can strike it. Where a place already says what this batch does, it is
 * left as its author wrote it.
 */

/** A stretch of a step: as written, or put in the place of what was written. */
export interface StepWords {
  readonly text: string;
  /** What stood there. */
  readonly was?: string;
}

interface Change {
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

type Said<K extends Mention['kind']> = Extract<Mention, { kind: K }>;

/** Set points this close together are one said twice: "180C/160C fan/gas 4". */
const SAID_TWICE_LETTERS = 16;
/** A figure in °F or of a gas mark is rounded this far from its °C. */
const SAME_CELSIUS = 8;

/** Set points that are one said in several scales, with the brackets and the word for a fan that belong to them. */
function heatGroups(text: string, heats: readonly Said<'temperature'>[]) {
  const groups: Said<'temperature'>[][] = [];
  for (const heat of heats) {
    const last = groups.at(-1)?.at(-1);
    if (last && heat.from - last.to <= SAID_TWICE_LETTERS && !/\bthen\b|\bmin/.test(text.slice(last.to, heat.from)))
      groups.at(-1)?.push(heat);
    else groups.push([heat]);
  }
  return groups.map((points) => {
    const from = points[0]?.from ?? 0;
    let to = points.at(-1)?.to ?? from;
    to += /^\s*\(?(?:fan|convection)(?:[- ](?:forced|assisted|oven))?\)?/i.exec(text.slice(to))?.[0].length ?? 0;
    const inside = text.slice(from, to);
    if (inside.includes('(') && !inside.includes(')') && text[to] === ')') to++;
    return { from, to, points };
  });
}

/** One figure for all portions, or each with the pans it is for. */
function eachOrAll(
  portions: readonly BakePortion[],
  formula: Formula,
  say: (portion: BakePortion, i: number) => string,
) {
  const all = portions.map(say);
  if (new Set(all).size === 1) return all[0] ?? '';
  return all.map((words, i) => `${words} (${portionName(portions[i], formula)})`).join(', ');
}

export function portionName(portion: BakePortion | undefined, { region }: Formula): string {
  if (!portion) return '';
  return pansInWords(portion.pans, region);
}

const stagesOf = ({ job }: BakePortion): readonly OvenStage[] => job.course?.stages ?? [];

/** Where the method names the heat of the original. */
function heatChanges(
  text: string,
  heats: readonly Said<'temperature'>[],
  { order, portions }: OneBake,
): readonly Change[] {
  const { bake } = order.formula;
  if (bake.celsius === undefined || portions.length === 0) return [];
  const later = (bake.stages ?? []).slice(1);
  return heatGroups(text, heats).flatMap(({ from, to, points }): readonly Change[] => {
    const near = (celsius: number) => points.some((point) => Math.abs(point.celsius - celsius) <= SAME_CELSIUS);
    const stage = near(bake.celsius ?? 0) ? -1 : later.findIndex(({ celsius }) => near(celsius));
    if (stage < 0 && !near(bake.celsius ?? 0)) return [];
    const written = stage < 0 ? (bake.celsius ?? 0) : (later[stage]?.celsius ?? 0);
    const setOf = (portion: BakePortion) => ({
      celsius:
        stage < 0 ? portion.job.setting.celsius : (stagesOf(portion)[stage]?.celsius ?? portion.job.setting.celsius),
      fan: portion.job.setting.fan,
    });
    const asWritten = portions.every((portion) => {
      const { celsius, fan } = setOf(portion);
      return Math.round(celsius) === Math.round(written) && fan === bake.fan;
    });
    return asWritten
      ? []
      : [
          {
            from,
            to,
            text: eachOrAll(portions, order.formula, (bakePortion) =>
              setPointInWords(setOf(bakePortion), order.formula.region),
            ),
          },
        ];
  });
}

/** Where the method names the time of the original. */
function timeChanges(
  times: readonly Said<'time'>[],
  { order, portions, withoutAnOven }: OneBake,
  foreseen: readonly (BakePrediction | undefined)[],
): readonly Change[] {
  const { lowMinutes, highMinutes = lowMinutes, stages = [] } = order.formula.bake;
  if (portions.length === 0 || withoutAnOven) return [];
  const whole = ({ from, to }: Said<'time'>): Change => {
    const text = eachOrAll(portions, order.formula, (_, i) => {
      const bake = foreseen[i];
      return bake ? windowInWords(bake.minutes.low, bake.minutes.high) : $localize`until it is done`;
    });
    return { from, to, text };
  };
  // a time that nobody has baked, as a start from a style has it, is foreseen anew
  if (lowMinutes === undefined)
    return times
      .filter(({ purpose }) => purpose === 'bake')
      .slice(0, 1)
      .map(whole);
  const bakeTimes = times.filter(({ purpose }) => purpose === 'bake' || purpose === 'wait');
  return bakeTimes.flatMap((time): readonly Change[] => {
    const { low, high, from, to } = time;
    if (low === lowMinutes && high === highMinutes) return [whole(time)];
    const stage = stages.findIndex((bakeStage) => bakeStage.lowMinutes === low && bakeStage.highMinutes === high);
    if (stage < 0) return [];
    const text = eachOrAll(portions, order.formula, (portion, i) => {
      const ovenStages = stagesOf(portion);
      const begins = stage === 0 ? 0 : (ovenStages[stage - 1]?.fromMinute ?? 0);
      const ends = ovenStages[stage]?.fromMinute;
      const bake = foreseen[i];
      if (ends !== undefined) return windowInWords(ends - begins, ends - begins);
      if (!bake) return $localize`until it is done`;
      return windowInWords(Math.max(1, bake.minutes.low - begins), Math.max(1, bake.minutes.high - begins));
    });
    return text === windowInWords(low, high) ? [] : [{ from, to, text }];
  });
}

/** Where the method names the pans of the original. */
function panChanges(text: string, { order, plan, portions }: OneBake): readonly Change[] {
  const { formula } = order;
  // the formula's own pans, as many as it says: its words stand
  const asWritten = portions.every(({ portion }) => portion?.target === undefined) && plan.factor === 1;
  if (asWritten || portions.length === 0) return [];
  const words = listed(portions.map((portion) => portionName(portion, formula)));
  return panMentionsIn(text)
    .filter(({ sized, pan }) => sized || pan === formula.bake.pan)
    .map(({ from, to }) => ({ from, to, text: words }));
}

/** "Drop 12 mounds", "cut into eight wedges": what stands on a sheet, by its number. */
const SO_MANY_PIECES = new RegExp(
  String.raw`\b(\d{1,2}|${anyOf(Object.keys(NUMBER_WORDS))})(?= (?:\p{L}+ ){0,2}(?:mounds|heaps|balls|portions|pieces|rounds|circles|scones|biscuits|wedges|triangles|Häufchen|Kugeln|Kreise|Stücke|Portionen)\b)`,
  'giu',
);
/** Where the method counts the pieces of the original. */
function pieceChanges(text: string, { order, plan, portions }: OneBake): readonly Change[] {
  const [first] = portions;
  const own = parseVessel(order.formula.bake.pan ?? '');
  if (plan.factor === 1 || portions.length !== 1 || !first || !isFree(first.pans.pan)) return [];
  if (own.kind !== 'vessel' || own.set.pan.cavities < 2 || first.pans.pan.shape !== own.set.pan.shape) return [];
  const written = own.set.pan.cavities;
  const now = String(first.pans.pan.cavities);
  return [...text.matchAll(SO_MANY_PIECES)].flatMap((match): readonly Change[] => {
    const [, said = ''] = match;
    if ((NUMBER_WORDS[said.toLowerCase()] ?? Number(said)) !== written) return [];
    return [{ from: match.index, to: match.index + said.length, text: now }];
  });
}

/** Where a step names an amount of a line that the batch makes more or less of: "2 tbsp of the sugar". */
function amountChanges(
  text: string,
  takings: readonly Taking[],
  gramsOf: (lineId: string) => number,
  factor: number,
): readonly Change[] {
  if (factor === 1) return [];
  return takings.flatMap((taking): readonly Change[] => {
    const named = namedAmount(taking);
    const from = named ? text.indexOf(named.amount) : -1;
    if (!named || from < 0) return [];
    return [{ from, to: from + named.amount.length, text: gramsInWords(named.share * gramsOf(taking.lineId)) }];
  });
}

/** A step in the words of this batch. */
export function stepInWords(
  step: { readonly text: string; readonly mentions: readonly Mention[] },
  bake: OneBake,
  foreseen: readonly (BakePrediction | undefined)[],
  takings: readonly Taking[],
  gramsOf: (lineId: string) => number,
): readonly StepWords[] {
  const { text, mentions } = step;
  const heats = mentions.filter(
    (mention): mention is Said<'temperature'> => mention.kind === 'temperature' && mention.of === 'oven',
  );
  const times = mentions.filter((mention): mention is Said<'time'> => mention.kind === 'time');
  const changes = [
    ...heatChanges(text, heats, bake),
    ...timeChanges(times, bake, foreseen),
    ...panChanges(text, bake),
    ...pieceChanges(text, bake),
    ...amountChanges(text, takings, gramsOf, bake.plan.factor),
  ].sort((a, b) => a.from - b.from);
  const words: StepWords[] = [];
  let at = 0;
  for (const { from, to, text: now } of changes) {
    if (from < at) continue;
    if (from > at) words.push({ text: text.slice(at, from) });
    words.push({ text: now, was: text.slice(from, to) });
    at = to;
  }
  if (at < text.length) words.push({ text: text.slice(at) });
  return words;
}

/** The step as one text, what stood there left out. */
export const plainStep = (words: readonly StepWords[]): string =>
  words
    .map(({ text }) => text)
    .join('')
    .replace(/\s*\n\s*/g, ' ');
