import type { LineFacts } from '../../formula/formula/index.js';
import type { ProblemCode, Severity } from '../../formula/parsing/index.js';

/** What an audit can find beside what reading a line already says. Codes are stable; the sentences are in core/wording. */
export const RULE_CODES = [
  'temperatures-disagree', 'fan-not-below', 'leavener-without-amount', 'acid-left-over', 'gas-below-band', 'gas-above-band', 'salt-kind-unclear',
  'cup-region-unclear', 'pan-too-small', 'pan-too-large', 'bake-time-implausible', 'bake-never-done', 'line-unused', 'line-taken-twice', 'line-divided-unsaid',
  'step-uses-unlisted', 'flour-cannot-carry', 'no-gluten-no-binder', 'whole-grain-heavy', 'thirsty-ingredients', 'raw-egg', 'raw-flour',
  'baby-honey', 'baby-sugar', 'baby-salt', 'baby-nuts', 'oven-above-limit', 'allergen-denied', 'not-vegan', 'cold-for-emulsion', 'warm-for-flakes', 'bowl-too-small',
  'mixer-too-small', 'flour-basis-assumed',
] as const; // prettier-ignore
export type RuleCode = (typeof RULE_CODES)[number];
export type FindingCode = RuleCode | ProblemCode;

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

export interface Finding {
  readonly code: FindingCode;
  readonly severity: Severity;
  /** The id of the line or step it stands on, '' for the whole formula: what a dismissal names. */
  readonly place: string;
  /** What was computed: figures and words that the sentence needs. */
  readonly facts: Readonly<Record<string, string | number | readonly string[]>>;
  readonly fix?: Fix;
}
