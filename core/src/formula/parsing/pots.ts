import type { Kitchen, OwnMeasure } from '../../kitchen/kitchen/index.js';
import type { Region } from '../../ground/units/index.js';
import type { Formula } from '../formula/index.js';

/*
 * "1 pot yogurt (125 g), 2 pots sugar, 3 pots flour": a cake that is measured with the pot that its yogurt came in. What the pot holds is
 * said with the yogurt, in the title or in a note; every line of the formula is measured with that one. So it is with "2 mugs flour (mug =
 * 300 ml)".
 */

/** "mug = 300 ml", "my mug holds 280ml": what a measure holds, and no amount. */
export const OWN_SAID =
  /\b(mug|teacup|glass|beaker|tumbler|ladle|scoop)s? ?(?:=|is|was|holds?|being|:) ?(?:about |approx\.? )?(\d{1,3}) ?(ml|fl\.? ?oz)\b/gi;

const FIGURE = String.raw`\(?(?:about |approx\.? )?(\d{2,3}) ?-?(g|ml)\b`;
/** "Yogurt pot cake (pot = 125 g)", "use a 150 ml pot as your measure". */
const SAID: readonly RegExp[] = [
  new RegExp(String.raw`\b(?:pots?|tubs?)(?:'s)? ?(?:=|is|are|holds?|of|being|size:?|\() ?${FIGURE}`, 'i'),
  new RegExp(String.raw`\b${FIGURE} (?:yogh?urt )?(?:pots?|tubs?)\b`, 'i'),
];
/** "1 pot plain yogurt (125 g)", "one small pot, 150 ml, natural yogurt". */
const OF_A_LINE: readonly RegExp[] = [
  new RegExp(
    String.raw`^(?:1|one|an?) (?:x )?(?:small |single |individual )?(?:pots?|tubs?)\b[^\d]{0,40}${FIGURE}`,
    'i',
  ),
  new RegExp(String.raw`^(?:(?:1|one|an?) )?(?:x )?${FIGURE}\)? (?:x )?(?:pots?|tubs?)\b`, 'i'),
];
/** Grams of yogurt, or of cream, in a millilitre. */
const GRAMS_PER_MILLILITRE = 1.03;
const LEAST_MILLILITRES = 50;
const MOST_MILLILITRES = 600;
const COUNTS_POTS = /^\s*(?:\d{1,2}|\d\/\d|½|one|two|three|half an?|a half)(?: \d\/\d)? (?:pots?|tubs?)\b/i;

function millilitresSaid(texts: readonly string[], patterns: readonly RegExp[]): number | undefined {
  for (const text of texts)
    for (const pattern of patterns) {
      const [, figure, unit] = pattern.exec(text.slice(0, LONGEST)) ?? [];
      if (figure === undefined) continue;
      const millilitres = Number(figure) / (unit?.toLowerCase() === 'g' ? GRAMS_PER_MILLILITRE : 1);
      if (millilitres >= LEAST_MILLILITRES && millilitres <= MOST_MILLILITRES) return millilitres;
    }
  return undefined;
}
const LONGEST = 500;

/** Millilitres of the pot that lines are measured with. */
function potSaid(lines: readonly string[], around: readonly string[]): number | undefined {
  // one pot of yogurt is what is bought; with another thing by the pot it is a measure
  if (lines.filter((line) => COUNTS_POTS.test(line)).length < 2) return undefined;
  return millilitresSaid(lines, OF_A_LINE) ?? millilitresSaid(around, SAID);
}

const measuresSaid = (texts: readonly string[], region: Region): readonly OwnMeasure[] =>
  texts.flatMap((text) =>
    [...text.slice(0, LONGEST).matchAll(OWN_SAID)].map(([, name = '', figure, unit = '']) => ({
      name: name.toLowerCase(),
      millilitres: Number(figure) * (/^ml$/i.test(unit) ? 1 : MILLILITRES_OF_OUNCE[region === 'US' ? 'US' : 'UK']),
    })),
  );
const MILLILITRES_OF_OUNCE = { US: 29.57, UK: 28.41 } as const;

const measuredWith = new WeakMap<Kitchen, Map<string, Kitchen>>();

/** The kitchen, with the pot or mug that a formula is measured with; itself where it is measured with none, or nothing is said of it. */
export function kitchenWithPot(formula: Formula, kitchen: Kitchen): Kitchen {
  const lines = formula.components.flatMap((component) => component.lines.map(({ text }) => text));
  const around = [formula.title, ...(formula.notes ?? []), ...formula.steps.map(({ text }) => text)];
  const pot = potSaid(lines, around);
  const said = measuresSaid([...lines, ...around], formula.region);
  if (pot === undefined && said.length === 0) return kitchen;
  const { region } = formula;
  const known = measuredWith.get(kitchen) ?? new Map<string, Kitchen>();
  measuredWith.set(kitchen, known);
  const key = JSON.stringify([region, pot, said]);
  const names = new Set(said.map(({ name }) => name));
  const withThem = known.get(key) ?? {
    ...kitchen,
    measures: [...kitchen.measures.filter(({ name }) => !names.has(name.toLowerCase())), ...said],
    ...(pot !== undefined && {
      sets: [...kitchen.sets.filter(({ unitId }) => unitId !== 'pot'), { unitId: 'pot', region, millilitres: pot }],
    }),
  };
  known.set(key, withThem);
  return withThem;
}
