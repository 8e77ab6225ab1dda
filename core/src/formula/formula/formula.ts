import type { Region } from '../../ground/units/index.js';

/** How much of a line one step takes, as the baker says it: "2 tbsp", "half", "all but 2 tbsp", "the rest", "all". */
export interface LineShare {
  readonly stepId: string;
  readonly amount: string;
}

/** One written line. What Orvin makes of it is computed from `text`; the corrections are the baker's own word and win. */
export interface FormulaLine {
  readonly id: string;
  /** Exactly as written. */
  readonly text: string;
  /** The baker's correction: which ingredient this is. */
  readonly ingredientId?: string;
  /** The baker's correction: how much it weighs, grams. */
  readonly grams?: number;
  /** The baker may leave it out: weighed, but not counted in the balance. */
  readonly optional?: boolean;
  readonly note?: string;
  /** Which steps take how much of it; absent leaves that to what the steps say. */
  readonly split?: readonly LineShare[];
  /** Another formula that this line takes so much of: a frosting, a spice mix. */
  readonly formulaId?: string;
}

/** One mixture of a formula: batter, frosting, topping … */
export interface FormulaComponent {
  readonly id: string;
  readonly name: string;
  readonly lines: readonly FormulaLine[];
}

export interface FormulaStep {
  readonly id: string;
  readonly text: string;
}

/** One stretch of a bake at one set point. */
export interface BakeStage {
  readonly celsius: number;
  readonly lowMinutes: number;
  readonly highMinutes: number;
}

/** A lid or foil over a bake; without an end until it comes out. A lid is that of a heavy pot; a thin bowl turned over keeps more of the heat off. */
export interface BakeCover {
  readonly kind: 'lid' | 'bowl' | 'foil';
  readonly fromMinute: number;
  readonly toMinute?: number;
}

/** The bake a formula was written for, as far as it says. */
export interface KnownBake {
  /** The set point; of a staged bake the first one. */
  readonly celsius?: number;
  readonly fan: boolean;
  /** The whole bake, all stages. */
  readonly lowMinutes?: number;
  readonly highMinutes?: number;
  /** The pan as a person writes it. */
  readonly pan?: string;
  /** Present where the set point changes on the way. */
  readonly stages?: readonly BakeStage[];
  /** Present where something lies over it for a while. */
  readonly covers?: readonly BakeCover[];
}

/** A finding that the baker looked at and set aside, with the reason. */
export interface Dismissal {
  readonly code: string;
  /** The id of the line or step it stands on, or '' for the whole formula. */
  readonly place: string;
  readonly reason: string;
}

/** What to bake: everything that a version holds. Plain data, so that it can be stored, compared and sent. */
export interface Formula {
  readonly title: string;
  readonly region: Region;
  /** The baker's choice of style; absent while the detected one stands. */
  readonly styleId?: string;
  /** The yield as written: "makes 12". */
  readonly yield?: string;
  readonly components: readonly FormulaComponent[];
  readonly steps: readonly FormulaStep[];
  /** What is said besides: where it is from, how it keeps. One paragraph an entry. */
  readonly notes?: readonly string[];
  readonly bake: KnownBake;
  /** Flour that percentages and parts are of, grams, when no line weighs its flour. */
  readonly flourBasisGrams?: number;
  readonly dismissed?: readonly Dismissal[];
}

/** Flour that a formula of bare percentages or parts is counted for until the baker says otherwise. */
export const USUAL_FLOUR_BASIS_GRAMS = 1000;

/** Components that go beside or on the batter and do not count in its balance. */
const BESIDE_THE_BATTER =
  /\b(frosting|icing|glaze|toppings?|tops?|filling|sprinkl(?:e|ing)|scatter(?:ing)?|soak|syrup|drizzle|streusel|crumble|crumb|sauce|curd|custard|buttercream|ganache|garnish|whipped cream|compote|coulis|coating|dip|fudge(?! cake| batter)|caramel(?! cake| batter)|decoration|decorate|finish|finishing|serve|dusting|brush|wash|feed|feeding|tin|pan|grease|greasing|lining)\b/i;

/** The same in German, alone or at the end of a word: "Guss", "Zuckerguss", "Schokoladencreme". */
const BESIDE_IN_GERMAN =
  /(?:guss|glasur|belag|füllung|streusel|tränke|überzug|verzierung|dekoration|soße|sauce|sirup|frosting)(?![\p{L}])|(?:^|\p{L})creme$/iu;

/** Whether a component is part of what rises, judged by its name. */
export function isBatter(componentName: string): boolean {
  return !BESIDE_THE_BATTER.test(componentName) && !BESIDE_IN_GERMAN.test(componentName);
}
