import { LANGUAGE, decimal } from '@orvin/core/ground/language';
import type { Ledger } from '@orvin/core/batter/leavening';
import { GRAMS_PER_TEASPOON, PHASES, SODA_MEQ_PER_GRAM } from '@orvin/core/batter/leavening';
import { shortIngredientName, type Ingredient } from '@orvin/core/kitchen/ingredients';
import { inTeaspoons, type HeatScale, type Region } from '@orvin/core/ground/units';
import { phaseNames, phConsequence } from '@orvin/core/words/wording';
import { gramsInWords, phInWords } from '@orvin/core/words/figures';

/** A block of the ledger picture, in milliequivalents from the left edge. */
export interface Block {
  readonly label: string;
  readonly from: number;
  readonly meq: number;
}

export type Balance = 'no-leavener' | 'balanced' | 'soda-left' | 'acid-left';

export interface LedgerView {
  readonly balance: Balance;
  /** "3.2 g", or '' when there is nothing to lead with. */
  readonly lead: string;
  readonly leadWord: string;
  readonly leadMore: string;
  readonly acids: readonly Block[];
  /** Acid inside powders: it meets the powder's own soda. */
  readonly powderAcid: Block | undefined;
  readonly acidMeq: number;
  readonly metMeq: number;
  readonly leftMeq: number;
  readonly leftWords: string;
  readonly sodaMeq: number;
  readonly sodaSources: string;
  readonly most: number;
  readonly gas: readonly { readonly phase: string; readonly percent: number; readonly name: string }[];
  readonly gasWords: string;
  readonly ph: {
    readonly low: number;
    readonly likely: number;
    readonly high: number;
    readonly words: string;
    readonly say: string;
    readonly why: string;
  };
}

/** Less than this is as good as met: a tenth of what a pinch holds. */
const NOTHING_GRAMS = 0.2;
/** Acid for less soda than this is what any crumb keeps. */
const ROOM_GRAMS = 0.5;
/** Sour blocks smaller than this share are drawn together. */
const TOO_SMALL_TO_NAME = 0.05;
const LONG_NAME = 18;
const meqInWords = (meq: number) => decimal(meq, meq < 9.95 ? 1 : 0);

/** What the ledger picture shows, worked out once: figures and words, no pixels. */
export function ledgerView(ledger: Ledger, region: Region, scale: HeatScale = 'C'): LedgerView {
  const { sodaMeq, acidMeq, leftoverSodaGrams, leftoverAcidMeq, crumbPh } = ledger;
  const leftMeq = leftoverSodaGrams * SODA_MEQ_PER_GRAM;
  const room = leftoverAcidMeq / SODA_MEQ_PER_GRAM;
  const balance: Balance =
    sodaMeq === 0
      ? 'no-leavener'
      : leftoverSodaGrams >= NOTHING_GRAMS
        ? 'soda-left'
        : room >= ROOM_GRAMS
          ? 'acid-left'
          : 'balanced';
  const spoons = (grams: number) => inTeaspoons(grams, GRAMS_PER_TEASPOON.soda);
  const lead = balance === 'soda-left' ? gramsInWords(leftoverSodaGrams) : '';
  const leadWord = {
    'no-leavener': $localize`No soda, no powder`,
    balanced: $localize`Acid and soda meet`,
    'soda-left': $localize`soda left over`,
    'acid-left': $localize`Acid left over`,
  }[balance];
  const leadMore =
    balance === 'soda-left'
      ? $localize`${spoons(leftoverSodaGrams)} with nothing sour to meet`
      : balance === 'acid-left'
        ? $localize`room for ${gramsInWords(room)} more soda (${spoons(room)}); as it is, it bakes on the sour side`
        : '';
  const likely = phConsequence(crumbPh.likely);

  return {
    balance,
    lead,
    leadWord,
    leadMore,
    ...acidBlocks(ledger, region),
    acidMeq,
    metMeq: sodaMeq - leftMeq,
    leftMeq,
    leftWords: $localize`${gramsInWords(leftoverSodaGrams)} meets nothing sour`,
    sodaMeq,
    sodaSources: ledger.sodas
      .map(({ ingredient, meq }) => `${shortName(ingredient, region)} ${meqInWords(meq)}`)
      .join(' · '),
    most: Math.max(acidMeq, sodaMeq, 1),
    gas: PHASES.map((phase) => ({
      phase,
      name: phaseNames(scale)[phase],
      percent: ledger.gas.millimoles > 0 ? (100 * ledger.gas.byPhase[phase]) / ledger.gas.millimoles : 0,
    })),
    gasWords: $localize`${decimal(ledger.gas.gramsPer100gFlour, 2)} g CO₂ per 100 g flour`,
    ph: { ...crumbPh, words: phInWords(crumbPh.low, crumbPh.high), ...likely },
  };
}

/** The shortest honest name: the region's own, or the plain words of the id where that one is long. */
function shortName(ingredient: Ingredient, region: Region): string {
  const name = shortIngredientName(ingredient, region);
  const plain = ingredient.id.replaceAll('-', ' ').replace(/^(?:uk|us) /, '');
  if (LANGUAGE === 'de') return name.replace(/ Type \d.*$/, '');
  return name.length > LONG_NAME && plain.length < name.length ? plain : name;
}

function acidBlocks(
  { foodAcids, foodAcidMeq, leaveningAcidMeq }: Ledger,
  region: Region,
): Pick<LedgerView, 'acids' | 'powderAcid'> {
  const whole = foodAcidMeq + leaveningAcidMeq;
  const named = foodAcids.filter(({ meq }) => meq >= TOO_SMALL_TO_NAME * whole);
  const rest = foodAcidMeq - named.reduce((sum, { meq }) => sum + meq, 0);
  const blocks: Block[] = [];
  let at = 0;
  const put = (label: string, meq: number) => {
    blocks.push({ label, from: at, meq });
    at += meq;
  };
  // what is alkaline itself takes some acid away: the named blocks then share what is left
  const share = rest < 0 ? foodAcidMeq / (foodAcidMeq - rest) : 1;
  for (const { ingredient, meq } of named) put(shortName(ingredient, region), meq * share);
  if (rest > 0.05) put(named.length === 0 ? $localize`flour and the rest` : $localize`the rest`, rest);
  return {
    acids: blocks,
    powderAcid: leaveningAcidMeq > 0.05 ? { label: $localize`powder`, from: at, meq: leaveningAcidMeq } : undefined,
  };
}
