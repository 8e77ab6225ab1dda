import { bakeTimeIn, mentionsIn, type TimePurpose } from '../../formula/parsing/index.js';
import type { Formula } from '../../formula/formula/index.js';

/** Where a method says it: the number of the step, from 0, and the letter in it. */
interface Place {
  readonly step: number;
  readonly from: number;
}

/** What a method says of waiting; it wins over every default. */
export interface MethodSays {
  /** Between mixing and the oven. */
  readonly restMinutes?: number;
  readonly restsAt?: Place;
  /** Before mixing. */
  readonly soak?: { readonly least: number; readonly most: number };
  readonly soaksAt?: Place;
  readonly inPanMinutes?: number;
  /** It cools in its pan altogether. */
  readonly coolsInPan: boolean;
  /** The finished thing stands cold before it is cut. */
  readonly chillMinutes?: number;
  readonly coolMinutes?: number;
  /** Fed so often, days; until it is cut. */
  readonly fedEveryDays?: number;
  /** Better after so many days. */
  readonly betterAfterDays?: number;
  /** Something is poured over while it is hot. */
  readonly soakedHot: boolean;
  readonly linedDouble: boolean;
}

const FINISHED = /\b(?:frost|fill(?:ed|ing)?|ice|assembled?|spread|slice|cut(?:ting)?)\b/i;
const WORD_DAYS: Readonly<Record<string, number>> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5 };
const NEXT_DAY = /\b(?:better|best)\b[^.;]{0,20}\b(?:next day|the day after)\b/i;
const BETTER_AFTER = /\b(?:better|best)\b[^.;]{0,20}\bafter (\w+) days?\b/i;

/** What stands in such a sentence is no batter. */
const SOAKS =
  /\bsoak|\bfruit\b|\boatmeal\b|\b(?:boiling|hot) (?:water|tea|milk)\b|\bdates\b|\bmacerat|\b(?:straw|rasp|black|blue)berries\b/i;
const STEEPS = /\b(?:boiling|hot) (?:water|tea|milk)\b|\bdates\b|\bmacerat|\b(?:straw|rasp|black|blue)berries\b/i;
/** The sentence round a place of a text. */
function sentenceAt(text: string, at: number): string {
  const from = Math.max(text.lastIndexOf('. ', at), text.lastIndexOf('; ', at)) + 1;
  const end = /[.;](?:\s|$)/.exec(text.slice(at));
  return text.slice(from, end ? at + end.index : text.length);
}

export function methodSays({ steps, notes = [], components }: Formula): MethodSays {
  const texts = steps.map(({ text }) => text);
  const all = [...texts, ...notes, ...components.map(({ name }) => name)].join(' ');
  const bakedAt = texts.findIndex((text) => bakeTimeIn(text) !== undefined);
  const time = (purposes: readonly TimePurpose[], where: (text: string, step: number, at: number) => boolean) => {
    for (const [step, text] of texts.entries())
      for (const mention of mentionsIn(text))
        if (mention.kind === 'time' && purposes.includes(mention.purpose) && where(text, step, mention.from))
          return { ...mention, at: { step, from: mention.from } };
    return undefined;
  };
  const bakes = bakeTimeIn(texts[bakedAt] ?? '');
  const beforeOven = (step: number) => bakedAt < 0 || step <= bakedAt;
  // "Bake 45 minutes. Leave 10 minutes, then turn upside down": that is behind the oven
  const behindOven = (step: number, at: number) => step === bakedAt && bakes !== undefined && at > bakes.from;
  const inPan = time(['cool'], (text) => /\bin (?:the|its|their) (?:tins?|pans?)\b/i.test(text));
  const rest = time(
    ['rest', 'chill'],
    (text, step, at) => beforeOven(step) && !behindOven(step, at) && !SOAKS.test(sentenceAt(text, at)),
  );
  // "Put the dates in a bowl with the boiling water and leave for 20 minutes"
  const stood = time(['rest'], (text, step, at) => beforeOven(step) && STEEPS.test(sentenceAt(text, at)));
  const chill = time(['chill'], (text, step) => !beforeOven(step) || FINISHED.test(text));
  const cool = time(['cool'], (text) => !/\bin (?:the|its|their) (?:tins?|pans?)\b/i.test(text));
  const overnight = texts.some((text) => /\bsoak\b/i.test(text) && /\bovernight\b/i.test(text));
  const soak = time(['soak'], () => true);
  const fed = /\bfeed\b[^.;]*\b(?:each|every|once a) (week|fortnight)\b/i.exec(all)?.[1];
  const after = BETTER_AFTER.exec(all)?.[1]?.toLowerCase();
  const days = after === undefined ? (NEXT_DAY.test(all) ? 1 : undefined) : (WORD_DAYS[after] ?? Number(after));
  const soaked = soak ?? stood;
  const soakTime = soaked ?? (overnight ? { low: 480, high: 720 } : undefined);
  return {
    coolsInPan: /\bcool(?:s|ed)?(?: completely| fully)? in (?:the|its) (?:tin|pan)\b/i.test(all) && inPan === undefined,
    soakedHot:
      /\b(?:spoon|pour|drizzle|brush)\b[^.;]*\b(?:over|on)\b[^.;]*\b(?:while|still)\b[^.;]*\b(?:hot|warm)\b/i.test(all),
    linedDouble: /\bline\b[^.;]*\bdouble\b|\bdouble\b[^.;]*\bline/i.test(all),
    ...(rest && { restMinutes: Math.round(rest.low), restsAt: rest.at }),
    ...(soaked && { soaksAt: soaked.at }),
    ...(soakTime && {
      soak: { least: Math.round(soakTime.low), most: Math.max(Math.round(soakTime.high), 2 * soakTime.low) },
    }),
    ...(inPan && { inPanMinutes: Math.round(inPan.low) }),
    ...(chill && { chillMinutes: Math.round(chill.low) }),
    ...(cool && { coolMinutes: Math.round(cool.low) }),
    ...(fed !== undefined && { fedEveryDays: fed.toLowerCase() === 'week' ? 7 : 14 }),
    ...(days !== undefined && Number.isFinite(days) && { betterAfterDays: days }),
  };
}
