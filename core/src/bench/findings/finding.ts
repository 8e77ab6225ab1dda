import type { BeyondStyles } from '../../batter/balance/index.js';
import type { LineFacts } from '../../formula/formula/index.js';
import type { NoFacts, ProblemFacts, Severity } from '../../formula/parsing/index.js';

interface Named {
  readonly name: string;
}
/** A value outside its band. */
interface OutOfBand {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}
/** What stays raw, and in which part. */
interface Raw extends Named {
  readonly part: string;
}
interface PanFilled {
  readonly pan: string;
  readonly fillPercent: number;
  readonly overflowPercent: number;
  /** A pan that suits it; absent where none of the usual ones does. */
  readonly better?: string;
  /** Nobody said how deep it is, and a deep one as wide holds the batter. */
  readonly deepHolds?: boolean;
}
/** The baker's own mixer and bowl, or usual ones. */
type MixerFrom = 'own' | 'usual';
interface WrittenBake {
  readonly low: number;
  readonly high: number;
  readonly celsius: number;
}

/** What a sentence needs to know of each thing that an audit finds beside what reading a line already says. */
export interface RuleFacts {
  'temperatures-disagree': { readonly first: string; readonly second: string; readonly apart: number };
  'fan-not-below': { readonly conventional: string; readonly fan: string; readonly below: number };
  'leavener-without-amount': Named & { readonly amount?: string };
  'acid-left-over': {
    readonly grams: number;
    readonly ph: number;
    readonly low: number;
    readonly sour: readonly string[];
  };
  /** None of the styles is meant for it. */
  'beyond-styles': { readonly is: BeyondStyles };
  'gas-below-band': OutOfBand;
  'gas-above-band': OutOfBand;
  'salt-kind-unclear': { readonly fine: number; readonly flakes: number };
  'cup-region-unclear': { readonly millilitres: number; readonly least: number; readonly most: number };
  'pan-too-small': PanFilled;
  'pan-too-large': PanFilled;
  'bake-time-implausible': WrittenBake & { readonly modelLow: number; readonly modelHigh: number };
  'bake-never-done': WrittenBake & { readonly longest: number };
  'line-unused': Named;
  'line-taken-twice': Named;
  'line-divided-unsaid': Named;
  'step-uses-unlisted': Named;
  'flour-cannot-carry': {
    readonly because: 'thin' | 'laden';
    readonly flourPercent: number;
    readonly low: number;
    readonly pieces: number;
    readonly piecesMost: number;
  };
  /** So far outside its band that no spoon and no taste explains it. Percent of the flour. */
  'far-off': {
    readonly quantity: 'sugar' | 'fat' | 'egg' | 'water' | 'salt';
    readonly side: 'above' | 'below';
    readonly percent: number;
    readonly low: number;
    readonly high: number;
  };
  'no-gluten-no-binder': { readonly share: number; readonly egg: number };
  'whole-grain-heavy': { readonly percent: number };
  'thirsty-ingredients': {
    readonly names: readonly string[];
    readonly grams: number;
    readonly left: number;
    readonly low: number;
    readonly wanted: number;
  };
  'raw-egg': Raw;
  'raw-flour': Raw;
  'baby-honey': Named;
  'baby-sugar': Named;
  'baby-salt': Named;
  'baby-nuts': Named;
  'oven-above-limit': {
    readonly celsius: number;
    readonly material: string;
    readonly limit: number;
    readonly caution: string;
  };
  'allergen-denied': Named & { readonly allergens: readonly string[] };
  'not-vegan': Named;
  'cold-for-emulsion': Named;
  'warm-for-flakes': Named;
  'bowl-too-small': {
    readonly litres: number;
    readonly bowl: number;
    readonly goes: number;
    readonly mixer: MixerFrom;
  };
  'mixer-too-small': {
    readonly flour: number;
    readonly most: number;
    readonly goes: number;
    readonly mixer: MixerFrom;
  };
  'flour-basis-assumed': { readonly grams: number };
}
export type { NoFacts };

/** Everything that can be found: by a rule, or while reading. Codes are stable; the sentences are in core/src/words. */
export type FindingFacts = RuleFacts & ProblemFacts;
export type RuleCode = keyof RuleFacts;
export type FindingCode = keyof FindingFacts;

/** A change that puts a finding right: plain data, so that it can be shown before it is done. */
export type Fix =
  | { readonly kind: 'retype'; readonly lineId: string; readonly text: string }
  | { readonly kind: 'tell-line'; readonly lineId: string; readonly facts: LineFacts }
  | { readonly kind: 'take-out'; readonly lineId: string }
  | { readonly kind: 'add-line'; readonly componentId: string; readonly text: string }
  | {
      readonly kind: 'step';
      readonly stepId: string;
      readonly text: string;
      /** What is new in it, in words. */ readonly put: string;
    }
  | { readonly kind: 'pan'; readonly pan: string }
  /** Another amount for what percentages are of, grams. */
  | { readonly kind: 'flour-basis'; readonly grams: number };

export interface FindingOf<C extends FindingCode> {
  readonly code: C;
  readonly severity: Severity;
  /** The id of the line or step it stands on, '' for the whole formula: what a dismissal names. */
  readonly place: string;
  /** What was computed: figures and words that the sentence needs. */
  readonly facts: FindingFacts[C];
  readonly fix?: Fix;
}
export type Finding = { [C in FindingCode]: FindingOf<C> }[FindingCode];

/** What a finding is about, by name, where it is about one thing. */
export const nameIn = ({ facts }: Finding): string | undefined => ('name' in facts ? facts.name : undefined);
