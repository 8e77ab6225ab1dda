import { amountInWords } from '../batch-words/index.js';
import { inSentence, shortDecimal, uncapitalised } from '../../ground/language/index.js';
import type { WalkStep, WeighStep } from '../../along/walk/index.js';
import type { BowlKind } from '../../batch/pouring/index.js';
import { gramsOnScale, heatScaleOf, type HeatScale, type Region } from '../../ground/units/index.js';
import { capitalised, gramsInWords, heatOn, minutesInWords } from '../figures/index.js';

/* What a step of a bake is called across the counter: a large word or two, a small line before it, a sentence behind it. */

export interface StepWords {
  /** "dry bowl, after the flour". */
  readonly lead: string;
  /** The large words: "Light brown sugar". */
  readonly title: string;
  /** What to do: "Stop at 150 g." */
  readonly tell: string;
}

const BOWLS: Readonly<Record<BowlKind, string>> = {
  dry: $localize`dry bowl`,
  wet: $localize`wet bowl`,
  together: $localize`mixing bowl`,
};

/** "147 g", "4.9 g": as fine as the scale that weighs it. */
export const scaleGrams = (grams: number): string => `${shortDecimal(gramsOnScale(grams), 1)} g`;

const TO_DO = /^(?:to|for|zum|für) /i;
/** @param before name of what was weighed into the same bowl before */
function weighWords(step: WeighStep, before: string | undefined): StepWords {
  // a part that is called "To serve" says itself what it is for
  const bowl =
    step.part === ''
      ? BOWLS[step.bowl.kind]
      : TO_DO.test(step.part)
        ? inSentence(step.part)
        : $localize`for the ${inSentence(step.part)}`;
  const lead = [bowl, ...(before === undefined ? [] : [$localize`after the ${before}`])].join(', ');
  const kept = step.keptBack.map(
    ({ grams, step: later }) =>
      $localize` Keep back ${gramsInWords(grams)}${later > 0 ? $localize` for step ${later}` : ''}.`,
  );
  const rest = step.rest ? $localize` It is what you kept back.` : '';
  const optional = step.optional ? $localize` If you like.` : '';
  const spoon =
    step.by === 'measure' || step.by === 'count'
      ? $localize`${capitalised(amountInWords(step.amount))}, or stop at`
      : $localize`Stop at`;
  return {
    lead,
    title: capitalised(step.name),
    tell: step.by === 'as-written' ? '' : `${spoon} ${scaleGrams(step.grams)}.${kept.join('')}${rest}${optional}`,
  };
}

const READY: Readonly<Record<Extract<WalkStep, { kind: 'ready' }>['task'], (what: string) => [string, string]>> = {
  'take-out': (what) => [
    $localize`${capitalised(what)} out of the fridge`,
    $localize`It has to be at the warmth of the room.`,
  ],
  chill: (what) => [
    $localize`${capitalised(what)} into the freezer`,
    $localize`Cold fat keeps its shape until the oven.`,
  ],
  soak: (what) => [$localize`Soak the ${what}`, ''],
  prepare: (what) => [capitalised(what), ''],
  line: () => [$localize`Line and grease`, $localize`Before anything is mixed: a batter does not wait for paper.`],
};

/**
 * @param before the step weighed into the same bowl before
 * @param pans of the portion, in words: "two 20 cm rounds"
 * @param region of the formula: where its ovens go by another scale, what they say is told beside
 * @param scale of the baker's oven
 */
export function stepInWords(
  step: WalkStep,
  before: WeighStep | undefined,
  pans: string,
  region: Region = 'UK',
  scale: HeatScale = heatScaleOf(region),
): StepWords {
  switch (step.kind) {
    case 'weigh':
      return weighWords(step, before?.name);
    case 'ready': {
      const [title, why] = READY[step.task](step.what);
      const wait = step.waitMinutes > 0 ? $localize`At least ${minutesInWords(step.waitMinutes)}. ` : '';
      return { lead: $localize`get ready`, title, tell: `${wait}${why}` };
    }
    case 'heat':
      return {
        lead: $localize`the oven`,
        title: $localize`Oven on, ${heatOn(scale, step.celsius)}${step.fan ? $localize` fan` : ''}`,
        tell: `${heatScaleOf(region) === scale ? '' : $localize`That is ${heatOn(heatScaleOf(region), step.celsius)}. `}${$localize`Ready in about ${minutesInWords(step.minutes)}. Put a thermometer in the middle.`}`,
      };
    case 'mix':
      return {
        lead: step.number > 0 ? $localize`step ${step.number} of the method` : $localize`mix`,
        title: '',
        tell: '',
      };
    case 'rest':
      return { lead: step.id === 'rest' ? $localize`the batter` : $localize`in its bowl`, title: $localize`Let it stand ${minutesInWords(step.minutes)}`, tell: $localize`The method asks for it.` }; // prettier-ignore
    case 'divide':
      return {
        lead: pans,
        title:
          step.pieces > 1
            ? $localize`${scaleGrams(step.gramsEach)} each`
            : step.isFree
              ? $localize`Onto the sheet`
              : $localize`:the batter is filled into what it bakes in|:Into the tin`,
        tell: step.pieces > 1 ? $localize`${step.pieces} of them; ${gramsInWords(step.grams)} in all.` : $localize`${gramsInWords(step.grams)} in all.`, // prettier-ignore
      };
    case 'bake':
      return { lead: pans, title: $localize`In the oven`, tell: '' };
    case 'griddle':
      return step.act === 'on'
        ? { lead: $localize`the griddle`, title: $localize`Onto the griddle, ${minutesInWords(step.minutes)} a side`, tell: $localize`Over the heat that the method says; a pinch of flour browns slowly on it.` } // prettier-ignore
        : { lead: $localize`the griddle`, title: $localize`Turn it, and ${minutesInWords(step.minutes)} more`, tell: $localize`Done when its sides feel dry and spring back.` }; // prettier-ignore
    case 'cook':
      if (step.act === 'out')
        return { lead: pans, title: step.by === 'steam' ? $localize`Out of the steam` : $localize`Out of the slow cooker`, tell: $localize`A skewer comes out of the middle clean. The lid comes off away from you: what is under it scalds.` }; // prettier-ignore
      return step.by === 'steam'
        ? { lead: pans, title: $localize`Into the steam, ${minutesInWords(step.minutes)}`, tell: $localize`Under a lid, over water that simmers and never falls below half way up; top it up from a kettle that has boiled.` } // prettier-ignore
        : { lead: pans, title: $localize`Into the slow cooker, ${minutesInWords(step.minutes)}`, tell: $localize`A cloth under the lid takes up what would drip on it.` }; // prettier-ignore
    case 'cool':
      return { lead: pans, title: $localize`Let it cool`, tell: '' };
  }
}

/** What comes next, in a few words: "½ tsp salt, 3 g". */
export function nextInWords(step: WalkStep, pans: string, methodWords: string, scale: HeatScale = 'C'): string {
  switch (step.kind) {
    case 'weigh':
      return step.by === 'as-written' ? step.name : `${step.name}, ${step.by === 'scale' ? scaleGrams(step.grams) : amountInWords(step.amount)}`; // prettier-ignore
    case 'mix':
      return firstWords(methodWords) || $localize`mix`;
    case 'divide':
      return $localize`into ${pans || $localize`the tin`}${step.pieces > 1 ? $localize`, ${scaleGrams(step.gramsEach)} each` : ''}`;
    case 'bake':
      return $localize`into the oven`;
    case 'ready':
    case 'heat':
    case 'rest':
    case 'griddle':
    case 'cook':
    case 'cool':
      return uncapitalised(stepInWords(step, undefined, pans, 'UK', scale).title);
  }
}

const FIRST_WORDS = 70;
/** "Heat the oven to 180C. Cream the butter …": the oven is on by then. */
const OVEN_FIRST = /^(?:pre-?heat|heat|turn on|set) (?:the |your )?oven\b[^.;]{0,120}[.;]\s+(?=\S)/i;
/** The first sentence of a step, cut at a word. */
export function firstWords(whole: string): string {
  const text = whole.replace(OVEN_FIRST, '');
  const end = text.search(/[.;](?:\s|$)/);
  const first = end > 0 ? text.slice(0, end) : text;
  if (first.length <= FIRST_WORDS) return first;
  const cut = first.slice(0, FIRST_WORDS);
  return `${cut.slice(0, Math.max(20, cut.lastIndexOf(' ')))} …`;
}

const STATES: Readonly<Record<WalkStep['kind'], string>> = {
  ready: $localize`getting ready`,
  heat: $localize`heating`,
  weigh: $localize`weighing`,
  mix: $localize`mixing`,
  rest: $localize`resting`,
  divide: $localize`dividing`,
  bake: $localize`in the oven`,
  griddle: $localize`on the griddle`,
  cook: $localize`it cooks`,
  cool: $localize`cooling`,
};
/** "weighing, 5 of 11": where one is, among the steps of a kind for what is many of a kind. */
export function placeInWords(walk: readonly WalkStep[], at: number): string {
  const step = walk[at];
  return step ? $localize`${STATES[step.kind]}, ${at + 1} of ${walk.length}` : '';
}
