import { LONGEST_LINE } from '../../ground/text/index.js';
import type { BakeStage, KnownBake } from '../formula/index.js';
import { coversIn } from './cover-phrases.js';
import type { WrittenDuration } from './durations.js';
import { minutesIn } from './minutes-said.js';
import { normalise } from './normalise.js';
import { panIn } from './pan-phrases.js';
import { withoutAnOven } from './without-an-oven.js';
import { heatCalled, temperaturesIn, type WrittenTemperature } from './temperatures.js';

const SENTENCE = /(?<=[a-z)°'"\d][.!?;])\s+|\n+/i;
const BAKING = /\b(?:bakes?|baking|baked|cook(?:ed)?|in the oven|oven|roast|gas(?: mark)? \d)\b/i;
const BAKE_VERB = /\b(?:bakes?|baking|cook|in(?:to)? the oven|give it)\b/gi;
/** What stands before a time that is not the bake's: cooling, resting, mixing, turning. */
const NOT_BAKING =
  /\b(?:cool|rest(?! of\b)|stand|leave|let|turn(?:ed)? (?:it )?out|chill|store|keeps?|whisk|beat|mix|cream|knead|rotate|turn the|soak|cover|tent|uncover|after|every|hydrate|simmer|boil|melt|prep(?:aration)?|total|for the last|freezes?)\b/i;
/** "Bake, rotating the pan after 10 minutes, for 45 to 50 minutes": how it is turned is no other time. */
const TURNED =
  /,? ?\b(?:rotat|turn|swap|switch)ing\b[^,;.]{0,60}?(?:\d (?:min(?:ute)?s?)|half ?way(?: through)?)\b[^,;.]{0,20},?/gi;
const COVERING = /\b(?:cover|tent|turn(?:ed)? (?:it )?(?:down|round))\b/gi;
const TO_PREPARE = /^ (?:to (?:prep|make|rest|cool|chill)|prep\b|cooling|resting)/i;
const MORE = /^\s*(?:more|longer|further)\b/i;
const ANOTHER = /\b(?:another|a further|further|an extra|about another)\s*$/i;
const PERHAPS = /\b(?:sometimes|maybe|perhaps|possibly|up to)(?: (?:about|another))?\s*$/i;
const THEN = /(?:\bthen\b|;|\band\b)[^.]{0,12}$/i;
const LOWERING =
  /\b(?:lower(?:ing)?|reduc(?:e|ing)|turn(?:ing|ed)? (?:it |the oven |the heat )?down|drop(?:ping)?|down)\b/i;
const LOWER = new RegExp(`${LOWERING.source}[^.]*$`, 'i');
const AFTER = /\bafter\s*(?:the first\s*)?(?:about\s*)?$/i;
/** "after 50 minutes take it out": how long it bakes. */
const TAKEN_OUT =
  /^,? ?(?:take|lift|pull|bring|get|remove) (?:it |them |the \w+ )?(?:out(?! of (?:the|its) (?:tins?|pans?|moulds?))|from the oven)/i;
const PREHEAT = /\b(?:pre-?heat|heat (?:the |your )?oven)\b/i;
/** "mix, into the tin, moderate oven 25 min" */
const IN_AN_OVEN =
  /(?:\boven|(?<!\d)\d{3} ?(?:°|deg(?:rees)?)? ?[cf]?(?: ?(?:fan|convection))?),? (?:(?:lid on|lidded|covered),? )?(?:for )?(?:about )?$|\b(?:lid off|uncovered),? (?:for )?(?:another |about )?$/i;
const AT_A_HEAT = /^\s?(?:at|@|in an? oven at) ?\d{3}(?!\d)/i;
const SHORTEST_BAKE_MINUTES = 4;
const LONGEST_BAKE_MINUTES = 420;
/** Set points this close together are one said twice: "180C/160C fan/gas 4". */
const SAID_TWICE_LETTERS = 16;

type Token =
  | {
      readonly kind: 'heat';
      readonly at: number;
      readonly points: readonly WrittenTemperature[];
      readonly lowered: boolean;
    }
  | {
      readonly kind: 'time';
      readonly at: number;
      readonly time: WrittenDuration;
      readonly more: boolean;
      /** "sometimes ten minutes more". */
      readonly perhaps: boolean;
      readonly then: boolean;
      readonly after: boolean;
    };

/** Conventional first, and a figure before a gas mark. */
function preferred(points: readonly WrittenTemperature[]): WrittenTemperature | undefined {
  return points.find(({ fan, scale }) => !fan && scale !== 'gas') ?? points.find(({ fan }) => !fan) ?? points[0];
}

function heats(text: string): readonly Token[] {
  const groups: { points: WrittenTemperature[]; lowered: boolean }[] = [];
  for (const point of temperaturesIn(text).filter(({ of }) => of === 'oven')) {
    const last = groups.at(-1)?.points.at(-1);
    const between = last === undefined ? '' : text.slice(last.to, point.from);
    if (
      last &&
      between.length <= SAID_TWICE_LETTERS &&
      !/\bthen\b|\bmin|\bfor\b/.test(between) &&
      !LOWERING.test(between)
    )
      groups.at(-1)?.points.push(point);
    else groups.push({ points: [point], lowered: LOWER.test(text.slice(Math.max(0, point.from - 60), point.from)) });
  }
  const called = groups.length === 0 ? heatCalled(text) : undefined;
  if (called) groups.push({ points: [called], lowered: false });
  return groups.map(({ points, lowered }) => ({ kind: 'heat', at: points[0]?.from ?? 0, points, lowered }));
}

function times(text: string, sentences: readonly { readonly from: number; readonly text: string }[]): readonly Token[] {
  return minutesIn(text)
    .filter(({ low, high }) => low >= SHORTEST_BAKE_MINUTES && high <= LONGEST_BAKE_MINUTES)
    .flatMap((time): Token[] => {
      const sentence = sentences.findLast(({ from }) => from <= time.from);
      const before = text.slice(Math.max(sentence?.from ?? 0, time.from - LONGEST_LINE), time.from);
      const clause = before.slice([...before.matchAll(BAKE_VERB)].at(-1)?.index ?? 0).replace(TURNED, ' ');
      const after = AFTER.test(before) && LOWERING.test(sentence?.text ?? '');
      const tail = text.slice(time.to, time.to + 12);
      // "10 mins to prepare"
      if (TO_PREPARE.test(tail)) return [];
      const out = AFTER.test(before) && TAKEN_OUT.test(text.slice(time.to, time.to + 40));
      const covered = /^ (?:un)?covered\b/i.test(tail);
      const more = MORE.test(tail) || ANOTHER.test(before.slice(-16)) || (covered && THEN.test(before));
      // "cover with foil, 40 minutes more" is the bake's
      // "35 minutes at 180" is the bake's, whatever is mixed before it
      const heated = covered || IN_AN_OVEN.test(before) || AT_A_HEAT.test(text.slice(time.to, time.to + 16));
      if (!after && !out && !heated && NOT_BAKING.test(more ? clause.replace(COVERING, ' ') : clause)) return [];
      if (!after && PREHEAT.test(clause) && !/\b(?:bakes?|baking|cook)\b/i.test(clause)) return [];
      return [
        {
          kind: 'time',
          at: time.from,
          time,
          more,
          perhaps: PERHAPS.test(before),
          then: THEN.test(before),
          after,
        },
      ];
    });
}

interface Stage {
  heat?: WrittenTemperature;
  low?: number;
  high?: number;
}

/** Puts set points and times together, in the order written, into stages of one bake. */
function stagesOf(tokens: readonly Token[]): readonly Stage[] {
  const stages: Stage[] = [{}];
  for (const token of tokens) {
    const now = stages.at(-1) ?? {};
    if (token.kind === 'heat') {
      const heat = preferred(token.points);
      if (heat === undefined) continue;
      if (now.heat === undefined) now.heat = heat;
      // "180 °C. Fan about 160 °C. 60 minutes": said for both kinds of oven
      else if (now.low === undefined && !token.lowered && heat.fan && !now.heat.fan) continue;
      // "preheat to 220; bake 15 minutes at 220, then …": said again behind its time
      else if (now.low !== undefined && !token.lowered && now.heat.celsius === heat.celsius) continue;
      else if (now.low !== undefined || token.lowered) stages.push({ heat });
      else now.heat = heat; // said again, or preheated to something else: the one nearest to the time stands
    } else if (token.after && stages.length > 1) {
      const before = stages.at(-2) ?? {};
      const { low, high } = token.time;
      // "45 minutes, turned down after 15": what was said is the whole
      if (before.low !== undefined && now.low === undefined && high < before.low)
        [now.low, now.high] = [before.low - low, (before.high ?? before.low) - high];
      else if (before.low !== undefined) continue;
      [before.low, before.high] = [low, high];
    } else if (now.low === undefined) [now.low, now.high] = [token.time.low, token.time.high];
    else if (token.then && now.heat !== undefined && !token.more)
      stages.push({ low: token.time.low, high: token.time.high });
    else if (token.more && token.perhaps) now.high = (now.high ?? now.low) + token.time.high;
    else if (token.more) [now.low, now.high] = [now.low + token.time.low, (now.high ?? now.low) + token.time.high];
  }
  return stages;
}

/** The stages of a bake whose set point changes on the way, when each says both heat and time. */
function asBakeStages(stages: readonly Stage[]): readonly BakeStage[] | undefined {
  const whole = stages.flatMap(({ heat, low, high }) =>
    heat !== undefined && low !== undefined
      ? [{ celsius: Math.round(heat.celsius), lowMinutes: low, highMinutes: high ?? low }]
      : [],
  );
  const [first] = whole;
  return whole.length >= 2 && whole.some(({ celsius }) => celsius !== first?.celsius) ? whole : undefined;
}

/** What a formula's prose says of its bake: set point (conventional first), minutes, stages, pan. What it does not say stays absent. */
export function readBake(prose: readonly string[]): KnownBake {
  const paragraphs = prose.map(normalise);
  const text = paragraphs.join('\n');
  const sentences: { readonly from: number; readonly text: string }[] = [];
  let from = 0;
  for (const part of text.split(SENTENCE)) {
    const at = text.indexOf(part, from);
    sentences.push({ from: at, text: part });
    from = at + part.length;
  }
  const heated = heats(text);
  const baking = sentences.filter(
    ({ text: words }) => BAKING.test(words) || temperaturesIn(words).some(({ of }) => of === 'oven'),
  );
  const inBaking = (token: Token) =>
    baking.some((phrase) => token.at >= phrase.from && token.at <= phrase.from + phrase.text.length);
  const timed = times(text, sentences);
  const near = timed.filter(inBaking);
  // "Oven 200 °C. … 45 minutes": a time on its own is the bake's when nothing else is and the oven was named
  const alone = timed.findIndex((time, i) => i > 0 && !(time.kind === 'time' && time.more));
  const used = near.length > 0 ? near : heated.length > 0 ? timed.slice(0, alone < 0 ? undefined : alone) : [];
  const stages = stagesOf([...heated, ...used].sort((a, b) => a.at - b.at));
  const staged = asBakeStages(stages);
  const sum = (end: 'lowMinutes' | 'highMinutes') => staged?.reduce((total, stage) => total + stage[end], 0);
  const [first] = stages;
  const lowMinutes = sum('lowMinutes') ?? stages.find(({ low }) => low !== undefined)?.low;
  const highMinutes = sum('highMinutes') ?? stages.find(({ high }) => high !== undefined)?.high;
  const heat = first?.heat ?? stages.find((stage) => stage.heat !== undefined)?.heat;
  const pan = panIn(text);
  // an hour and a half in steam is no time of an oven
  if (!heat && (withoutAnOven(paragraphs)?.by ?? 'griddle') !== 'griddle')
    return { fan: false, ...(pan && { pan: pan.pan }) };
  const middle = lowMinutes === undefined ? undefined : Math.round((lowMinutes + (highMinutes ?? lowMinutes)) / 2);
  const covers = heat || middle !== undefined ? coversIn(text, middle) : [];
  return {
    fan: heat?.fan ?? false,
    ...(heat && { celsius: Math.round(heat.celsius) }),
    ...(lowMinutes !== undefined && { lowMinutes }),
    ...(highMinutes !== undefined && { highMinutes }),
    ...(pan && { pan: pan.pan }),
    ...(staged && { stages: staged }),
    ...(covers.length > 0 && { covers }),
  };
}

const TIME_NOTED = /^(?:bake|baking|cook(?:ing)?)(?: time)?(?: ?:)? (?=(?:about )?\d)/i;
/** "Bake 12-14 mins", "Cook time: 55 minutes", beside a title: how long it bakes where no step says it. */
export function minutesNoted(notes: readonly string[]): Pick<KnownBake, 'lowMinutes' | 'highMinutes'> {
  const noted = notes.find((note) => TIME_NOTED.test(note));
  const { lowMinutes, highMinutes } = readBake(noted === undefined ? [] : [noted.replace(TIME_NOTED, 'Bake for ')]);
  return { ...(lowMinutes !== undefined && { lowMinutes }), ...(highMinutes !== undefined && { highMinutes }) };
}
