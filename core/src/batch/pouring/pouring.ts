import type { Audit } from '../../bench/audit/index.js';
import { roleOf, type Ingredient } from '../../kitchen/ingredients/index.js';
import type { BatchComponent, BatchLine } from '../batch/index.js';

/*
 * What goes into one bowl in one go, in the order of the method: what the sheet prints group by group, and what stands on the scale when a
 * bake is made along with it.
 */

/** What is kept back of a line for a later step. */
export interface KeptBack {
  readonly grams: number;
  /** Number of the step that takes it. */
  readonly step: number;
}

/** A line where it first goes into a bowl. */
export interface Poured {
  readonly line: BatchLine;
  /** Number of the step that first takes it, from 1; 0 for none. */
  readonly step: number;
  readonly go: number;
  readonly at: number;
  readonly later: readonly KeptBack[];
}

export const BOWL_KINDS = ['dry', 'wet', 'together'] as const;
export type BowlKind = (typeof BOWL_KINDS)[number];

/** Lines that go together into one bowl: by the step that first takes them, dry before wet. */
export interface Pouring {
  readonly step: number;
  readonly kind: BowlKind;
  readonly poured: readonly Poured[];
}

const DRY: ReadonlySet<string> = new Set([
  'flour', 'whole-grain flour', 'gluten-free flour', 'starch', 'sugar', 'leavener', 'salt', 'spice', 'nut/seed', 'chocolate/cocoa', 'dried fruit', 'candied fruit', 'thickener/gum',
]); // prettier-ignore
/** What holds water and is no liquid. */
const SOLID: ReadonlySet<string> = new Set(['fat', 'fresh fruit', 'vegetable']);
const isDry = (ingredient: Ingredient) => DRY.has(ingredient.category) && roleOf(ingredient).egg === 0;

/** Lines that no step takes stand behind all steps. */
const AFTER_ALL = 99;

function pouredOf(line: BatchLine, { method, steps }: Audit): Poured {
  const numberOf = (stepId: string) => steps.findIndex(({ id }) => id === stepId) + 1;
  const takings = method.takings
    .filter(({ lineId }) => lineId === line.lineId)
    .map((taking) => ({ ...taking, step: numberOf(taking.stepId) }))
    .sort((a, b) => a.step - b.step || a.at - b.at);
  const [first, ...rest] = takings;
  return {
    line,
    step: first?.step ?? 0,
    go: first?.go ?? 0,
    at: first?.at ?? 0,
    later: rest.flatMap(({ share, step }) => (share === undefined ? [] : [{ grams: share * line.grams, step }])),
  };
}

/** What of a line goes in at first, g. */
export const atFirst = ({ line, later }: Poured): number =>
  Math.max(0, line.grams - later.reduce((sum, { grams }) => sum + grams, 0));

/** The bowls of a part, in the order of its method. */
export function pouringsOf(component: BatchComponent, audit: Audit): readonly Pouring[] {
  const groups = new Map<string, Poured[]>();
  for (const line of component.lines) {
    const poured = pouredOf(line, audit);
    const key = poured.step === 0 ? `last ${isDry(line.ingredient) ? 'dry' : 'wet'}` : `${poured.step} ${poured.go}`;
    const group = groups.get(key) ?? [];
    group.push(poured);
    groups.set(key, group);
  }
  const placeOf = ([first]: readonly Poured[]) => {
    if (first === undefined) return [0, 0];
    return first.step === 0 ? [AFTER_ALL, isDry(first.line.ingredient) ? 0 : 1] : [first.step, first.go];
  };
  return [...groups.values()]
    .sort((a, b) => {
      const [[x = 0, u = 0], [y = 0, v = 0]] = [placeOf(a), placeOf(b)];
      return x - y || u - v;
    })
    .map((group) => {
      const poured = [...group].sort((a, b) => a.at - b.at);
      return { step: poured[0]?.step ?? 0, kind: bowlKindOf(poured), poured };
    });
}

/** Dry, wet, or both in one: where the rest is. Cold butter by itself, berries or cheese make no wet bowl. */
export function bowlKindOf(poured: readonly Poured[]): BowlKind {
  const dry = poured.filter(({ line }) => isDry(line.ingredient)).length;
  if (dry === poured.length) return 'dry';
  const isWet = ({ line: { ingredient } }: Poured) =>
    !SOLID.has(ingredient.category) && (roleOf(ingredient).wets || roleOf(ingredient).egg > 0);
  return dry === 0 && poured.some(isWet) ? 'wet' : 'together';
}
