import { factorFor, scalingNotes, type Target } from '../../batch/bowl/index.js';
import { portionsOf } from '../../formula/parsing/index.js';
import { openLines, readHave } from '../../bench/open-lines/index.js';
import { limitInWords } from '../../words/wording/index.js';
import { KITS, roundBatch, type ToMeasure } from '../../batch/amounts/index.js';
import { NOTES } from '../../words/batch-words/index.js';
import { DomainError } from '../../ground/errors/index.js';
import { USUAL_MIXER } from '../../kitchen/kitchen/index.js';
import { brimMillilitres } from '../../kitchen/pans/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';
import { readInput, type ReadInput } from './read-input.js';

const USUAL_FILL = 0.6;

/** The target of the options, or what is wrong with them. */
function targetOf({ formula, audit, around }: ReadInput, options: Options): Target | Outcome {
  const { factor, pieces, grams, inPans, limit } = options;
  const wishes = [factor, pieces, grams, inPans, limit].filter((wish) => wish !== undefined).length;
  if (wishes !== 1) return wrongUse('scale needs one of --factor, --pieces, --grams, --pan and --limit');
  if (factor !== undefined) return { kind: 'factor', times: factor };
  if (grams !== undefined) return { kind: 'grams', grams };
  if (pieces !== undefined) {
    const made = portionsOf(formula, audit.totals.grams);
    return made.said
      ? { kind: 'pieces', count: pieces, madeNow: made.count }
      : refused('the formula does not say how many it makes; write "makes 12" into it, or scale by --grams');
  }
  if (inPans !== undefined)
    return {
      kind: 'pans',
      brimMillilitres: inPans.count * brimMillilitres(inPans.pan),
      fill: options.fill ?? USUAL_FILL,
      gramsPerMillilitre: audit.style?.batterGramsPerMillilitre.typical ?? 1,
    };
  const lines = openLines(formula, audit, around.kitchen, new Set());
  const { limits, misunderstood } = readHave(limit ?? '', lines, { region: formula.region, kitchen: around.kitchen });
  const [first] = limits;
  if (!first || misunderstood.length > 0)
    return wrongUse(`--limit: "${limit ?? ''}" is no amount of this formula; write it as "banana=412 g"`);
  const now = lines.filter(({ id }) => first.lineIds.includes(id)).reduce((sum, { part }) => sum + part.grams, 0);
  return { kind: 'limit', grams: first.mostGrams, gramsNow: now };
}

/** `scale`: another size, in amounts that the kit can measure. */
export function scaleCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, around } = input;
  const { grams: batter, flour } = audit.totals;
  if (!(batter > 0)) return refused('there is nothing weighed in it to scale');
  const target = targetOf(input, options);
  if ('code' in target) return target;
  let factor: number;
  try {
    factor = factorFor(target, batter);
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return refused(`that batch cannot be mixed. ${limitInWords(error)}`);
  }
  const lines = openLines(formula, audit, around.kitchen, new Set()).map((line): ToMeasure => ({
    id: line.id,
    part: { ...line.part, grams: line.part.grams * factor },
    ...(line.pieceGrams !== undefined && { pieceGrams: line.pieceGrams, pieceName: 'egg' }),
  }));
  const batch = roundBatch(lines, KITS[options.kit ?? 'metric-spoons']);
  const idOf = new Map(lines.map(({ id, part }) => [id, part.ingredient.id]));
  const total = batch.lines.reduce((sum, line) => sum + line.grams, 0);
  const { inPans } = options;
  const wanted = target.kind === 'pans' ? target.brimMillilitres * target.fill * target.gramsPerMillilitre : total;
  return done({
    title: formula.title,
    factor: rounded(factor, 4),
    lines: batch.lines.map((line) => ({
      ingredient: idOf.get(line.id) ?? '',
      exactGrams: rounded(line.exactGrams, 2),
      amount: line.amount,
      grams: rounded(line.grams, 2),
    })),
    errorPercent: Object.fromEntries(
      Object.entries(batch.errorPercent).map(([one, error]) => [one, rounded(error, 2)]),
    ),
    acidBalanceShiftMeqPer100gFlour: rounded(batch.acidBalanceShiftMeq),
    perPan: inPans
      ? Array.from({ length: inPans.count }, () => rounded(Math.min(total, wanted) / inPans.count, 0))
      : [],
    leftoverGrams: rounded(Math.max(0, total - wanted), 0),
    notes: scalingNotes(factor, batter, (around.kitchen.mixer ?? USUAL_MIXER).mostFlourGrams, flour).map(
      (note) => NOTES[note],
    ),
  });
}
