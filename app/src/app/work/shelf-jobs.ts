import Joi from 'joi';
import { auditSafely, type Audit } from '@orvin/core/bench/audit';
import { findingsIn, type Finding } from '@orvin/core/bench/findings';
import { styleShortName } from '@orvin/core/batter/balance';
import { formulaSchema, kitchenSchema, readFile } from '@orvin/core/papers/formats';
import type { Formula } from '@orvin/core/formula/formula';
import type { Surroundings } from '@orvin/core/formula/parsing';
import type { Kitchen } from '@orvin/core/kitchen/kitchen';
import { problemInWords, QUANTITY_NAMES } from '@orvin/core/words/wording';
import { gramsInWords, heatOn, inOneLine, windowInWords } from '@orvin/core/words/figures';
import type { ReadJob } from './file-jobs';
import { FINGERPRINT_PARTS, type FingerprintPart, type FingerprintShare } from './shelf-parts';
import { heatScaleOf, type Region } from '@orvin/core/ground/units';

/*
 * What the Shelf says of formulas: worked out beside the page. Its rows stand before anything is read, and it carries no reader and no
 * ledger of its own.
 */

/** How a formula stands, in one short phrase: the worst thing first. */
export interface Standing {
  readonly severity: 'error' | 'warning' | 'note' | 'none';
  readonly text: string;
}

/** What a row of the Shelf says that only reading the formula tells. */
export interface ShelfFacts {
  readonly style: string;
  readonly fingerprint: readonly FingerprintShare[];
  readonly standing: Standing;
}

/** Formulas of the Shelf, in the order in which the answers come. */
export interface ShelfFactsJob {
  readonly formulas: readonly Formula[];
  readonly kitchen: Kitchen;
  /** Other formulas that lines take from. */
  readonly beside: readonly { readonly id: string; readonly formula: Formula }[];
}

function fingerprint({ totals }: Audit): readonly FingerprintShare[] {
  const { flour, eggSolids, water, fat, sugar } = totals;
  const sum = flour + eggSolids + water + fat + sugar;
  if (!(flour > 0)) return [];
  const grams: Readonly<Record<FingerprintPart, number>> = { flour, egg: eggSolids, water, fat, sugar };
  return FINGERPRINT_PARTS.map((part) => ({ part, percent: (100 * grams[part]) / sum }));
}

function standing({ lines, ledger, verdicts, totals }: Audit, findings: readonly Finding[]): Standing {
  const uncounted = lines.filter(
    (line) =>
      line.entries.length === 0 ||
      line.entries.some(({ read }) => read.problems.some(({ severity }) => severity === 'error')),
  ).length;
  if (uncounted > 0)
    return {
      severity: 'error',
      text: uncounted === 1 ? $localize`one line does not count` : $localize`${uncounted} lines do not count`,
    };
  if (!(totals.flour > 0)) return { severity: 'warning', text: $localize`no flour` };
  const soda = findings.find(({ code }) => code === 'soda-left-over' || code === 'soda-without-acid');
  if (soda)
    return {
      severity: soda.severity,
      text: $localize`${gramsInWords(ledger.leftoverSodaGrams)} soda left over`,
    };
  const graver = findings.filter(({ severity }) => severity !== 'note');
  if (graver.length > 0)
    return {
      severity: 'warning',
      text:
        graver.length === 1 ? $localize`one thing does not add up` : $localize`${graver.length} things do not add up`,
    };
  const outside = verdicts
    .filter(({ severity }) => severity !== 'none')
    .map(
      ({ quantity, verdict }) =>
        `${QUANTITY_NAMES[quantity]} ${verdict === 'below' ? $localize`:a share, against its band|:low` : $localize`:a share, against its band|:high`}`,
    );
  if (outside.length > 0)
    return {
      severity: 'note',
      text: outside.length > 2 ? $localize`${outside.length} things outside the style` : outside.join(', '),
    };
  return { severity: 'none', text: $localize`balanced` };
}

function factsOf(formula: Formula, around: Surroundings): ShelfFacts {
  const audit = auditSafely(formula, around);
  const style = audit.style ? styleShortName(audit.style, formula.region) : '';
  return {
    style,
    fingerprint: fingerprint(audit),
    standing: standing(audit, findingsIn(formula, around, audit).findings),
  };
}

export interface PasteReading {
  /** What would go on the bench, in one line; or why not, and what to do. */
  readonly summary: string;
  readonly refused: boolean;
}

/** Says in a line what was understood of a text. */
function pasteReading({ name, text, region, kitchen }: ReadJob): PasteReading {
  const { items } = readFile(name, text, region, kitchen);
  const read = items.flatMap((item) => (item.kind === 'read' ? [item.formula] : []));
  const [formula, more] = read;
  if (!formula) {
    const refused = items.find((item) => item.kind === 'refused');
    return {
      summary: refused ? inOneLine(problemInWords(refused.problem)) : $localize`There is nothing in it to read.`,
      refused: true,
    };
  }
  if (more)
    return {
      summary: $localize`${read.length} formulas: ${read.map(({ title }) => title || $localize`without a name`).join(', ')}`,
      refused: false,
    };
  return { summary: inShort(formula, kitchen, region), refused: false };
}

/** @param region the baker's own */
function inShort(formula: Formula, kitchen: Kitchen, region: Region): string {
  // a formula that nobody has yet takes nothing from another
  const { lines } = auditSafely(formula, { kitchen, formula: () => undefined });
  const weighed = lines.filter((line) => line.grams !== undefined).length;
  const unknown = lines.filter((line) => line.entries.some(({ read }) => read.ingredient === undefined)).length;
  const { lowMinutes, highMinutes, celsius, pan } = formula.bake;
  return [
    formula.title || $localize`without a name`,
    $localize`${weighed} of ${lines.length} lines weighed`,
    ...(unknown > 0 ? [$localize`${unknown} not understood`] : []),
    ...(lowMinutes === undefined ? [] : [windowInWords(lowMinutes, highMinutes ?? lowMinutes)]),
    ...(celsius === undefined ? [] : [heatOn(heatScaleOf(region), celsius)]),
    ...(pan === undefined ? [] : [pan]),
  ].join(' · ');
}

function shelfFacts({ formulas, kitchen, beside }: ShelfFactsJob): readonly ShelfFacts[] {
  const byId = new Map(beside.map(({ id, formula }) => [id, formula]));
  return formulas.map((formula) => factsOf(formula, { kitchen, formula: (id) => byId.get(id) }));
}

export const shelfJobs = { 'shelf-facts': shelfFacts, 'paste-reading': pasteReading } as const;

export const shelfFactsJobSchema = Joi.object<ShelfFactsJob>({
  // a damaged one fails by itself, in the words of its row
  formulas: Joi.array().items(Joi.object().unknown()).required(),
  kitchen: kitchenSchema.required(),
  beside: Joi.array()
    .items(Joi.object({ id: Joi.string().min(1).max(100).required(), formula: formulaSchema.required() }))
    .required(),
}).required();
export const shelfFactsSchema = Joi.array()
  .items(
    Joi.object({
      style: Joi.string().allow('').required(),
      fingerprint: Joi.array()
        .items(
          Joi.object({
            part: Joi.string()
              .valid(...FINGERPRINT_PARTS)
              .required(),
            percent: Joi.number().min(0).max(100.001).required(),
          }),
        )
        .required(),
      standing: Joi.object({
        severity: Joi.string().valid('error', 'warning', 'note', 'none').required(),
        text: Joi.string().required(),
      }).required(),
    }),
  )
  .required();
export const pasteReadingSchema = Joi.object<PasteReading>({
  summary: Joi.string().allow('').required(),
  refused: Joi.boolean().required(),
}).required();
