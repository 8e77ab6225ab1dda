import { diagnose, ifOther, faultsByRisk, NETWORK, testsFor, type Asked, type CauseFound, type FaultPlace, type Speaks } from '@orvin/core/book/diagnosing'; // prettier-ignore
import type { HeatScale } from '@orvin/core/ground/units';
import { LIKELIHOOD_NAMES, TEST_WORDS, causeName, faultName, signalInWords, speaksInWords, type SpeaksWords } from '@orvin/core/words/why-words'; // prettier-ignore
import { capitalised, listed } from '@orvin/core/words/figures';

/* What the Why face shows, worked out from what was asked. */

export interface CauseRow {
  readonly id: string;
  /** Of a hundred. */
  readonly share: number;
  readonly name: string;
  readonly likelihood: string;
  readonly speaksFor: readonly SpeaksWords[];
  readonly speaksAgainst: readonly SpeaksWords[];
}
export interface WhyView {
  readonly headline: string;
  readonly more: string;
  readonly rows: readonly CauseRow[];
  readonly foot: string;
  readonly test: { readonly id: string; readonly tells: string; readonly ask: string; readonly yes: string; readonly no: string; readonly minutes: number } | undefined; // prettier-ignore
}

const MOST_ROWS = 5;
const LEAST_SHARE = 0.03;
const MOST_SPOKEN = 3;
/** Below this the first cause is a guess among several. */
const LIKELY = 0.3;
const inHundred = (share: number) => Math.round(100 * share);
const spoken = (speaks: readonly Speaks[], scale: HeatScale) =>
  speaks.slice(0, MOST_SPOKEN).map((each) => speaksInWords(each, scale));

const rowOf = ({ cause, share, likelihood, speaksFor, speaksAgainst }: CauseFound, scale: HeatScale): CauseRow => ({
  id: cause.id,
  share: inHundred(share),
  name: capitalised(causeName(cause.id)),
  likelihood: LIKELIHOOD_NAMES[likelihood],
  speaksFor: spoken(speaksFor, scale),
  speaksAgainst: spoken(speaksAgainst, scale),
});

function explained({ explains }: CauseFound, faults: readonly string[]): string {
  if (explains.length === faults.length) return faults.length === 1 ? '' : faults.length === 2 ? $localize`, and it explains both` : $localize`, and it explains all ${faults.length}`; // prettier-ignore
  return $localize`, and it explains ${listed(explains.map(faultName))}`;
}

/** What would be first if one number were other, in a sentence. */
function otherwise(asked: Asked, found: ReturnType<typeof diagnose>, scale: HeatScale): string {
  const other = ifOther(asked, found);
  if (!other) return '';
  const { figure, words } = signalInWords(other.signal, other.usual, scale);
  return $localize` With ${figure} ${words} instead, “${causeName(other.first)}” would lead, ${inHundred(other.share)} to ${inHundred(other.shareOfFirst)}.`; // prettier-ignore
}

/** Everything beside the slice. Undefined while no fault was said. */
export function whyView(asked: Asked, scale: HeatScale = 'C'): WhyView | undefined {
  if (asked.faults.length === 0) return undefined;
  const found = diagnose(asked);
  const [first] = found.causes;
  if (!first) return undefined;
  const rows = found.causes.filter(({ share }, i) => i < 2 || share >= LEAST_SHARE).slice(0, MOST_ROWS);
  const others = 1 - found.somethingElse - rows.reduce((sum, { share }) => sum + share, 0);
  const [best] = testsFor(asked, found);
  const words = best && TEST_WORDS[best.test.id];
  const tells = best?.tells?.map(causeName);
  return {
    headline: `${first.share >= LIKELY ? $localize`Most likely` : $localize`Perhaps`} ${causeName(first.cause.id)}`,
    more: $localize`${inHundred(first.share)} in 100${explained(first, asked.faults)}`,
    rows: rows.map((row) => rowOf(row, scale)),
    foot: `${others > 0.005 ? $localize`Less likely causes, ${inHundred(others)} in 100; something else` : $localize`Something else`}, ${inHundred(found.somethingElse)}.${otherwise(asked, found, scale)}`,
    test: best && words && { id: best.test.id, tells: tells ? $localize`${capitalised(tells[0] ?? '')}, or ${tells[1] ?? ''}?` : '', ...words, minutes: best.test.minutes },
  };
} // prettier-ignore

export interface FaultChip {
  readonly id: string;
  readonly name: string;
}
const chip = (id: string): FaultChip => ({ id, name: faultName(id) });

/** Faults to tap, those first that this bake's numbers risk most; or those of one place. */
export function faultChips(asked: Omit<Asked, 'faults'>, frosted: boolean, among: readonly FaultPlace[] | undefined): readonly FaultChip[] {
  const places = new Map(NETWORK.faults.map((fault) => [fault.id, fault.place]));
  return faultsByRisk(asked, frosted)
    .filter((fault) => among === undefined || among.some((place) => places.get(fault) === place))
    .map(chip);
} // prettier-ignore

/** Signals that speak loudest in this bake, for or against whatever is likely. */
export function loudest(asked: Asked, most: number, scale: HeatScale = 'C'): readonly SpeaksWords[] {
  const best = new Map<string, { readonly loud: number; readonly words: SpeaksWords }>();
  for (const { share, speaksFor, speaksAgainst } of diagnose(asked).causes)
    for (const speaks of [...speaksFor, ...speaksAgainst]) {
      if (speaks.kind !== 'signal') continue;
      const loud = Math.abs(speaks.logOdds) * (share + 0.02);
      if (loud > (best.get(speaks.signal)?.loud ?? 0))
        best.set(speaks.signal, { loud, words: speaksInWords(speaks, scale) });
    }
  return [...best.values()].sort((one, other) => other.loud - one.loud).slice(0, most).map(({ words }) => words); // prettier-ignore
}
