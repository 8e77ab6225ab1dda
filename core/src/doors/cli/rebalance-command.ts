import { lineIdOf, means } from '../../bench/open-lines/index.js';
import { proposeRebalance } from '../../bench/adapt/index.js';
import { QUANTITY_NAMES, verdictInWords } from '../../words/wording/index.js';
import { inOneLine } from '../../words/figures/index.js';
import type { BandVerdict, Style } from '../../batter/balance/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';
import { readInput } from './read-input.js';

/** Verdicts as every command gives them. */
export const verdictsAsJson = (
  verdicts: readonly BandVerdict[],
  style: Style | undefined,
  region: string,
): readonly object[] =>
  verdicts.map((verdict) => ({
    quantity: verdict.quantity,
    value: rounded(verdict.value),
    unit: verdict.unit,
    band: [rounded(verdict.band.low), rounded(verdict.band.high)],
    verdict: verdict.verdict,
    reason: style ? inOneLine(verdictInWords(verdict, style, region)) : '',
  }));

/** `rebalance`: the fewest and smallest changes into the bands of the style, with locks and with what there is. */
export function rebalanceCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, around } = input;
  const { style } = audit;
  if (!style)
    return refused(
      audit.beyond
        ? 'none of the styles is meant for it; give one with --style'
        : 'there is no flour in it to balance by',
    );
  const names = (options.lock ?? '').split(',').map((name) => name.trim()).filter(Boolean); // prettier-ignore
  const locked = new Set<string>();
  for (const wanted of names) {
    const held = audit.lines.filter(({ entries }) => entries.some(({ read }) => read.ingredient && means(wanted, read.ingredient, formula.region))); // prettier-ignore
    if (held.length === 0) return wrongUse(`--lock: no line has "${wanted}"`);
    for (const { lineId } of held) locked.add(lineId);
  }
  const proposal = proposeRebalance(formula, audit, around.kitchen, { style, locked, have: options.have ?? '' });
  const [odd] = proposal.had.misunderstood;
  if (odd)
    return wrongUse(
      odd.because === 'not-in-formula'
        ? `--have: "${odd.said}" is not in this formula`
        : `--have: "${odd.said}" says no amount; write it as "egg<=100 g", "3 eggs" or "no milk"`,
    );
  const grams = (which: 'before' | 'after') =>
    proposal.lines
      .filter((line) => line[which] > 0 || !line.isNew)
      .map((line) => ({ ingredient: line.ingredient.id, grams: rounded(line[which], 2) }));
  const textOf = new Map(audit.lines.map((line) => [line.lineId, line.text]));
  return done({
    title: formula.title,
    style: style.id,
    feasible: proposal.feasible,
    bakeable: proposal.bakeable,
    standIns: proposal.standIns.map(({ missing, with: instead }) => ({
      for: missing.id,
      with: instead.map(({ id }) => id),
    })),
    before: grams('before'),
    after: grams('after'),
    verdictsBefore: verdictsAsJson(proposal.before, style, formula.region),
    verdictsAfter: verdictsAsJson(proposal.after, style, formula.region),
    conflicts: proposal.conflicts.map(({ lineId, ingredient, heldGrams, wantedGrams }) => ({
      line: textOf.get(lineIdOf(lineId)) ?? '',
      ingredient: ingredient.id,
      heldGrams: rounded(heldGrams, 1),
      wantedGrams: rounded(wantedGrams, 1),
    })),
    wishesInTheWay: proposal.wishes.map(({ said }) => said),
    outOfReach: proposal.outOfReach.map((quantity) => QUANTITY_NAMES[quantity]),
  });
}
