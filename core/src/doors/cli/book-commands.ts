import { missesInARow, learnFrom, type TaughtBake } from '../../book/learning/index.js';
import { compareBakes } from '../../book/comparing/index.js';
import { EIGHT_IN_TEN } from '../../ground/numerics/index.js';
import { learnedBake, learnedHabit, learnedOven } from '../../kitchen/learned/index.js';
import { readRecord, readSeason, taughtBy, type SeasonRow } from '../../papers/book-papers/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';

/** "pear loaf,9x5 in loaf,177": recipe, pan, °C, and `fan` where it is on. */
function nextSaid(said: string): Pick<TaughtBake, 'recipe' | 'pan' | 'celsius' | 'fan'> | undefined {
  const [recipe = '', pan = '', figure = '', fan = ''] = said.split(',').map((part) => part.trim());
  const celsius = Number(figure);
  const known = recipe !== '' && pan !== '' && celsius >= 50 && celsius <= 350 && ['', 'fan', '0', '1'].includes(fan);
  return known ? { recipe, pan, celsius, fan: fan === 'fan' || fan === '1' } : undefined;
}
const same = (row: SeasonRow, { recipe, pan, celsius, fan }: Pick<TaughtBake, 'recipe' | 'pan' | 'celsius' | 'fan'>) =>
  row.recipe === recipe && row.pan === pan && row.celsius === celsius && row.fan === fan;

/** `learn`: oven, habit and recipes from a season's table. */
export function learnCommand(text: string, { next: said }: Options): Outcome {
  const next = said === undefined ? undefined : nextSaid(said);
  if (said !== undefined && !next)
    return wrongUse(`--next: "${said}" is no bake; write it as "pear loaf,9x5 in loaf,177"`);
  const season = readSeason(text);
  if (season.kind === 'refused') return refused(season.error);
  const rows = [...season.rows].sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : a.row - b.row));
  const bakes = rows.flatMap((row) => taughtBy(row) ?? []);
  const { kitchen, weights } = learnFrom({ bakes });
  const oven = learnedOven(kitchen);
  const habit = learnedHabit(kitchen);
  const weightOf = new Map(weights.map((weight) => [weight.id, weight]));
  const last = new Map(bakes.map((bake) => [bake.recipe, bake]));
  const ahead = next && learnedBake(kitchen, next);
  const predicted = next && rows.findLast((row) => same(row, next))?.predicted;
  const minutes = (times: number) => rounded((predicted ?? 0) * (ahead?.factor ?? 1) * times, 1);
  return done({
    oven: { celsius: rounded(oven.celsius, 1), sd: rounded(oven.spread, 1), known: oven.known },
    habit: { percent: rounded(habit.percent, 1), sd: rounded(habit.spread, 1) },
    recipes: [...last].map(([recipe, bake]) => {
      const { factor, spread } = learnedBake(kitchen, bake);
      return { recipe, factor: rounded(factor), sd: rounded(spread) };
    }),
    bakes: season.rows.map(({ row }) => {
      const weight = weightOf.get(String(row));
      return { row, absurd: rounded(weight?.absurd ?? 0), weight: rounded(weight?.weight ?? 0) };
    }),
    changed: missesInARow({ bakes }).length > 0,
    next: ahead
      ? {
          factor: rounded(ahead.factor),
          sd: rounded(ahead.spread),
          minutes:
            predicted === undefined
              ? null
              : {
                  low: minutes(Math.exp(-EIGHT_IN_TEN * ahead.window)),
                  likely: minutes(1),
                  high: minutes(Math.exp(EIGHT_IN_TEN * ahead.window)),
                },
        }
      : null,
  });
}

/** `compare`: what could explain that two bakes came out differently. */
export function compareCommand(texts: readonly { readonly name: string; readonly text: string }[]): Outcome {
  const [one, other, ...more] = texts;
  if (!one || !other || more.length > 0) return wrongUse('compare needs two records, such as compare A.json B.json');
  const [a, b] = [readRecord(one.text), readRecord(other.text)];
  if (a.kind === 'refused') return refused(`${one.name || 'the first'}: ${a.error}`);
  if (b.kind === 'refused') return refused(`${other.name || 'the second'}: ${b.error}`);
  const comparison = compareBakes(a.record, b.record);
  if (!comparison) return refused('neither says how both came out: score them, or tap their tops, shapes and crumbs');
  return done({
    outcome: comparison.outcome,
    moved: rounded(comparison.moved, 2),
    differences: comparison.differences.map(({ code, share, shareSpread, difference }) => ({
      code,
      difference: rounded(difference, 2),
      share: rounded(share),
      sd: rounded(shareSpread),
    })),
    unexplained: rounded(comparison.unexplained),
    hint: comparison.hint,
  });
}
