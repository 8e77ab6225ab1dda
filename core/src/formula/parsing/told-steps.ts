import { namedIn, turnedTo, type CalledLine, type Mentioned } from './step-names.js';

/*
 * A method told in one breath is several: what goes on after the bake speaks of other sugar than what came before it, and "For the topping,
 * rub in the butter" of other butter than the sentence behind it that creams butter for the cake. A step is cut into pieces where it bakes,
 * where it turns to another part: in so many words, or by naming what only that part has.
 */

/** A step, or a piece of it, in one spelling and in English. */
export interface ToldStep {
  readonly id: string;
  readonly text: string;
  /** Where in the step it begins. */
  readonly from: number;
  readonly named: ReadonlyMap<CalledLine, Mentioned>;
  /** The part beside the batter that it is about. */
  readonly about: string | undefined;
}
type ByName = readonly (readonly [name: string, lines: readonly CalledLine[]])[];

/** A sentence that bakes, with others behind it. */
const BAKES =
  /(?:\b[Bb]ake\b|\bin(?:to)? the oven,? for (?:about |around )?[1-9]\d)[^.!?]{0,200}(?:\.(?=\d)[^.!?]{0,200}){0,3}[.!?] +(?=[A-Z])/;
const SENTENCE_ENDS = /[.!?;] +(?=[A-Z])/g;

/** The parts whose lines a text names by words that no other part shares. */
const ownersIn = (named: ReadonlyMap<CalledLine, Mentioned>) =>
  [...named].filter(([, { shared }]) => !shared).map(([{ component }]) => component);

/** The part beside the batter that a step is about: it names something that only that part has, and nothing that only the batter has. */
function aboutOf(named: ReadonlyMap<CalledLine, Mentioned>): string | undefined {
  const own = ownersIn(named);
  return own.some(({ inBatter }) => inBatter) ? undefined : own[0]?.name;
}

/** Where the sentences of a text begin. */
const sentencesOf = (text: string): readonly number[] => [
  0,
  ...[...text.matchAll(SENTENCE_ENDS)].map(({ index, 0: end }) => index + end.length),
];

/** Where a step turns from one part to another: places of its text. */
function turnsOf(text: string, byName: ByName, parts: readonly string[]): readonly number[] {
  if (parts.length < 2) return [];
  const begins = sentencesOf(text);
  const cuts: number[] = [];
  let part: string | undefined;
  begins.forEach((from, i) => {
    const sentence = text.slice(from, begins[i + 1]);
    const own = ownersIn(namedIn('', sentence, byName));
    // a word of the batter's makes it the batter's: "fold the crumble into the flour"
    const about = turnedTo(sentence, parts) ?? (own.find(({ inBatter }) => inBatter) ?? own[0])?.name;
    if (about === undefined) return;
    if (from > 0 && part !== undefined && about !== part) cuts.push(from);
    part = about;
  });
  return cuts;
}

/** A step in its pieces, each with the lines that it names. */
export function toldSteps(id: string, whole: string, byName: ByName, parts: readonly string[]): readonly ToldStep[] {
  const bakes = BAKES.exec(whole);
  const cuts = new Set([0, ...(bakes ? [bakes.index + bakes[0].length] : []), ...turnsOf(whole, byName, parts)]);
  const begins = [...cuts].sort((a, b) => a - b);
  return begins.map((from, i) => {
    const text = whole.slice(from, begins[i + 1]);
    const named = namedIn(id, text, byName);
    return { id, text, from, named, about: aboutOf(named) };
  });
}
