import { LANGUAGE } from '../../ground/language/index.js';
import type { MeasuredWith } from '../choices/index.js';
import type { WeighedPart } from '../../formula/formula/index.js';
import type { Kit } from './kits.js';

/** A line of a batch with the amount it should have, and what is known of measuring it. */
export interface ToMeasure {
  readonly id: string;
  readonly part: WeighedPart;
  /** Grams of one, for what goes in whole. */
  readonly pieceGrams?: number;
  /** "medium egg", for what goes in whole. */
  readonly pieceName?: string;
  /** As this baker fills a measure with it; the table's spooned density when absent. */
  readonly gramsPerMillilitre?: number;
}

/** What an amount is measured with. */

/** An amount that hands can measure. */
export interface Candidate {
  readonly with: MeasuredWith;
  readonly grams: number;
  /** "1 1/2 cup + 2 tbsp", "187 g", "2 eggs". */
  readonly amount: string;
  /** How much of a bother it is: 0 a round weight or a whole egg … */
  readonly awkwardness: number;
}

const MOST_CANDIDATES = 7;
/** Measured by the spoon wherever there are spoons: little of it, and each gram counts. */
const SPOONED: ReadonlySet<string> = new Set(['leavener', 'salt', 'spice', 'flavouring', 'thickener/gum', 'acid']);
const LITTLE_GRAMS = 30;
const EIGHTHS: Readonly<Record<number, string>> = {
  1: '1/8',
  2: '1/4',
  3: '3/8',
  4: '1/2',
  5: '5/8',
  6: '3/4',
  7: '7/8',
};
const CUP_WORDS: readonly (readonly [number, string])[] = [[0.25, '1/4'], [1 / 3, '1/3'], [0.5, '1/2'], [2 / 3, '2/3'], [0.75, '3/4']]; // prettier-ignore
/** Round weights are easier to weigh, as long as they are this near. */
const ROUND_STEPS = [5, 10, 25] as const;
const ROUND_WITHIN = 0.05;
const CUP_WITHIN = 0.06;
/** Nobody dips a tablespoon after a cup of mashed banana: what is soft is as well a little more or less. */
const SOFT_WITHIN = 0.09;
const isSoft = ({ composition, category }: WeighedPart['ingredient']) =>
  composition.water > 0.6 && category !== 'dairy' && category !== 'liquid';
/** Taking up another measure for the same thing. */
const CUP_AND_SPOON = 0.5;
/** A whole number of eggs this near is as good. */
const WHOLE_WITHIN = 0.09;
const PINCH_TEASPOONS = 1 / 16;

/** Eight in ten measurings fall within this share of the amount. @source leavening.md part C: a cup of flour 8–12 %, of sugar 2 %, a level spoon 7–10 % */
const SPREAD = { cup: { powder: 0.1, other: 0.03, sugar: 0.02, pieces: 0.1 }, spoon: { powder: 0.08, other: 0.05, sugar: 0.05, pieces: 0.1 }, count: 0.05 } as const; // prettier-ignore
/** A scale is off by half a step, and by a little of what lies on it. */
const SCALE_STEP_SHARE = 0.5;
const SCALE_SHARE = 0.003;
const FINE = /flour|starch|leavener|salt|spice|cocoa/;
function grainOf({ category, composition }: WeighedPart['ingredient']): keyof typeof SPREAD.cup {
  if (FINE.test(category)) return 'powder';
  if (category === 'sugar') return 'sugar';
  return composition.water > 0.4 || composition.fat > 0.6 ? 'other' : 'pieces';
}

/** How far eight in ten measurings of an amount fall, grams to either side. */
export function measuringSpreadGrams(
  { with: tool, grams }: Pick<Candidate, 'with' | 'grams'>,
  ingredient: WeighedPart['ingredient'],
  kit: Kit,
): number {
  if (tool === 'scale') return SCALE_STEP_SHARE * (kit.scaleGrams ?? 1) + SCALE_SHARE * grams;
  return grams * (tool === 'count' ? SPREAD.count : SPREAD[tool][grainOf(ingredient)]);
}

const whole = (value: number) => (value > 0 ? String(value) : '');
function eighthsSaid(teaspoons: number): string {
  const eighths = Math.round(teaspoons * 8);
  return [whole(Math.floor(eighths / 8)), EIGHTHS[eighths % 8] ?? ''].filter((part) => part !== '').join(' ') || '0';
}
/** How often a spoon or a part of one is dipped. */
function dips(teaspoons: number): number {
  const eighths = Math.round((teaspoons - Math.floor(teaspoons)) * 8);
  return Math.floor(teaspoons) + [4, 2, 1].reduce((count, part) => count + ((eighths & part) > 0 ? 1 : 0), 0);
}

function bySpoon(teaspoons: number, gramsPerTeaspoon: number, kit: Kit): readonly Candidate[] {
  if (teaspoons >= 16) return [];
  const near = [
    Math.floor(teaspoons * 8) / 8,
    Math.ceil(teaspoons * 8) / 8,
    Math.round(teaspoons * 4) / 4,
    Math.round(teaspoons * 2) / 2,
  ];
  const pinch = teaspoons < 0.6 ? [Math.round(teaspoons * 16) / 16] : [];
  const perTablespoon = kit.tablespoonMillilitres / kit.teaspoonMillilitres;
  return [...new Set([...near, ...pinch])].flatMap((value): Candidate[] => {
    if (value <= 0) return [];
    const tablespoons = Math.floor(value / perTablespoon + 1e-6);
    const rest = value - tablespoons * perTablespoon;
    const odd = Math.abs(rest * 8 - Math.round(rest * 8)) > 0.01;
    const spoons = odd ? rest - PINCH_TEASPOONS : rest;
    const words = [
      tablespoons > 0 ? `${tablespoons} tbsp` : '',
      spoons > 0.06 ? `${eighthsSaid(spoons)} tsp` : '',
      odd ? 'a pinch (1/16 tsp)' : '',
    ].filter((word) => word !== '');
    return [
      {
        with: 'spoon',
        grams: value * gramsPerTeaspoon,
        amount: words.join(' + '),
        awkwardness: 0.12 * (tablespoons + dips(spoons) + (odd ? 1 : 0)),
      },
    ];
  });
}

function byCup(millilitres: number, density: number, kit: Kit, soft: boolean): readonly Candidate[] {
  const cup = kit.cupMillilitres;
  if (cup === undefined || millilitres < 0.2 * cup) return [];
  const candidates: Candidate[] = [];
  const within = soft ? SOFT_WITHIN : CUP_WITHIN;
  const about = millilitres / cup;
  for (let cups = Math.max(0, Math.floor(about) - 1); cups <= Math.ceil(about); cups++)
    for (const part of [0, ...kit.cupParts])
      for (const tablespoons of [0, 1, 2]) {
        const value = (cups + part) * cup + tablespoons * kit.tablespoonMillilitres;
        if (!(value > 0) || cups + part === 0 || Math.abs(value / millilitres - 1) >= within) continue;
        const partWord = CUP_WORDS.find(([size]) => Math.abs(size - part) < 1e-6)?.[1] ?? '';
        const words = [whole(cups), partWord].filter((word) => word !== '').join(' ');
        candidates.push({
          with: 'cup',
          grams: value * density,
          amount: `${words} cup${cups + part > 1 ? 's' : ''}${tablespoons > 0 ? ` + ${tablespoons} tbsp` : ''}`,
          awkwardness: 0.1 * (cups + (part > 0 ? 1 : 0)) + (tablespoons > 0 ? CUP_AND_SPOON : 0) + 0.2 * tablespoons,
        });
      }
  // where a cup alone will do, nobody takes up a spoon for what is soft
  const plain = candidates.filter(({ amount }) => !amount.includes('tbsp'));
  return soft && plain.length > 0 ? plain : candidates;
}

function byScale(grams: number, step: number): readonly Candidate[] {
  const byWeight = (value: number) => ({
    with: 'scale' as const,
    grams: value,
    amount: `${Number(value.toFixed(1))} g`,
  });
  const base = Number((Math.round(grams / step) * step).toFixed(3));
  const candidates: Candidate[] = base > 0 ? [{ ...byWeight(base), awkwardness: 0.2 }] : [];
  for (const round of ROUND_STEPS) {
    const value = Math.round(grams / round) * round;
    if (value > 0 && value !== base && Math.abs(value / grams - 1) < ROUND_WITHIN)
      candidates.push({ ...byWeight(value), awkwardness: round === 5 ? 0.1 : 0 });
  }
  if (step > 0.5 && grams < 12)
    for (const by of [-step, step]) if (base + by > 0) candidates.push({ ...byWeight(base + by), awkwardness: 0.2 });
  return candidates;
}

/** "eggs", "peaches", "cherries". */
const severalOf = (name: string): string =>
  /(?:s|sh|ch|x|to|go)$/.test(name) ? `${name}es` : name.replace(/(?<=[^aeiou])y$/, 'ie') + 's';

function byPiece(
  grams: number,
  pieceGrams: number,
  name: string,
  scaleGrams: number | undefined,
): readonly Candidate[] {
  const count = grams / pieceGrams;
  const halves = new Set([Math.floor(count), Math.ceil(count), Math.round(count * 2) / 2]);
  const pieces = [...halves].flatMap((value): Candidate[] => {
    if (value <= 0) return [];
    const isWhole = Number.isInteger(value);
    const words = isWhole
      ? LANGUAGE === 'de' && !name.endsWith('egg')
        ? `${value} × ${name}`
        : `${value} ${value === 1 ? name : severalOf(name)}`
      : `${whole(Math.floor(value))} 1/2 ${name}s, beaten`.trim();
    return [{ with: 'count', grams: value * pieceGrams, amount: words, awkwardness: isWhole ? 0 : 2 }];
  });
  // eggs of one size differ by as much: nobody beats three and weighs two thirds of a fourth away
  const wholes = pieces.filter(({ awkwardness }) => awkwardness === 0);
  if (wholes.some((piece) => Math.abs(piece.grams / grams - 1) <= WHOLE_WITHIN)) return wholes;
  const beaten =
    scaleGrams === undefined
      ? []
      : [
          {
            with: 'scale' as const,
            grams: Math.round(grams),
            amount: `${Math.round(grams)} g ${name}, beaten`,
            awkwardness: 1.6,
          },
        ];
  return [...pieces, ...beaten];
}

/** The amounts near the exact one that this kit can measure, the nearest first, seven at most. */
export function candidatesFor(
  { part: { ingredient, grams }, pieceGrams, pieceName, gramsPerMillilitre }: ToMeasure,
  kit: Kit,
): readonly Candidate[] {
  const density = gramsPerMillilitre ?? ingredient.gramsPerMillilitre.spooned;
  const spooned = SPOONED.has(ingredient.category);
  // less than a step of the scale, and it says nothing
  const tooLittle = grams < (kit.scaleGrams ?? 0);
  const spoons = density !== undefined && kit.spoonsForLittle && (spooned || tooLittle || kit.scaleGrams === undefined);
  const weighs =
    kit.scaleGrams !== undefined &&
    !(spooned && kit.spoonsForLittle && kit.scaleGrams >= 1 && grams < LITTLE_GRAMS) &&
    !(tooLittle && spoons);
  const candidates =
    pieceGrams !== undefined
      ? byPiece(grams, pieceGrams, pieceName ?? 'egg', kit.scaleGrams)
      : [
          ...(weighs ? byScale(grams, kit.scaleGrams) : []),
          ...(spoons ? bySpoon(grams / density / kit.teaspoonMillilitres, density * kit.teaspoonMillilitres, kit) : []),
          ...(density !== undefined && kit.scaleGrams === undefined
            ? byCup(grams / density, density, kit, isSoft(ingredient))
            : []),
        ];
  // what no spoon or cup can tell is weighed after all
  const all = candidates.length > 0 ? candidates : byScale(grams, kit.scaleGrams ?? 1);
  const least = new Map<string, Candidate>();
  for (const candidate of all.length > 0
    ? all
    : [{ with: 'scale' as const, grams, amount: `${grams.toFixed(1)} g`, awkwardness: 0.2 }]) {
    const key = candidate.grams.toFixed(2);
    const known = least.get(key);
    if (!known || known.awkwardness > candidate.awkwardness) least.set(key, candidate);
  }
  const near = [...least.values()].sort((a, b) => Math.abs(a.grams - grams) - Math.abs(b.grams - grams));
  // nobody measures further off on the same side with no less bother
  return near
    .filter(
      (candidate, i) =>
        !near
          .slice(0, i)
          .some(
            (better) => better.awkwardness <= candidate.awkwardness && better.grams > grams === candidate.grams > grams,
          ),
    ) // prettier-ignore
    .slice(0, MOST_CANDIDATES);
}
