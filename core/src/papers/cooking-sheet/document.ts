import { decimal } from '../../ground/language/index.js';
import type { BakePortion, OneBake } from '../../batch/bakes/index.js';
import type { Batch, BatchComponent } from '../../batch/batch/index.js';
import { pouringsOf, type Poured } from '../../batch/pouring/index.js';
import type { Audit } from '../../bench/audit/index.js';
import { gramsOnScale, heatScaleOf } from '../../ground/units/index.js';
import type { BakePrediction } from '../../oven/baking/index.js';
import {
  careInWords,
  eachInWords,
  fillInWords,
  mixingInWords,
  NOTES,
  verdictInWords,
  unweighedInWords,
} from '../../words/batch-words/index.js';
import { inTheOvenInWords, withoutAnOvenInWords } from '../../words/oven-words/index.js';
import { gramsInWords, listed } from '../../words/figures/index.js';
import { portionName, stepInWords, type StepWords } from './step-words.js';

/** A line of the sheet, where it is used. */
export interface SheetRow {
  readonly name: string;
  readonly amount: string;
  readonly grams: number;
  /** What the scale shows when everything of its group is poured on. */
  readonly runningGrams: number;
  /** "keep back 45 g for step 4", "beaten". */
  readonly note: string;
  readonly optional: boolean;
}

/** Lines that go together into one bowl: by the step that first takes them, dry before wet. */
export interface SheetGroup {
  /** "step 2, dry". */
  readonly name: string;
  readonly rows: readonly SheetRow[];
}

export interface SheetComponent {
  readonly name: string;
  readonly grams: number;
  /** Where it does not go with the batch: "by the surface it covers, 1.40 of the formula’s"; '' where it does. */
  readonly scaled: string;
  readonly groups: readonly SheetGroup[];
  /** What is not in its weight: to taste, to dust; what was not understood. */
  readonly unweighed: readonly { readonly text: string; readonly how: string }[];
}

export interface SheetStep {
  readonly number: number;
  /** In the words of this batch: its pans, its heat, its time. */
  readonly words: readonly StepWords[];
  /** What of it is taken in more than one go: "half the sugar, 110 g". */
  readonly takes: readonly string[];
}

export interface SheetPan {
  readonly name: string;
  readonly each: string;
  readonly fill: string;
  readonly oven: string;
  readonly remark: string;
}

/** The sheet that one cooks from: data for the screen, the printer and files. */
export interface SheetDocument {
  readonly title: string;
  /** The kept version that it came from; absent for a formula as it stands. */
  readonly version?: number;
  readonly size: string;
  readonly mixing: string;
  readonly components: readonly SheetComponent[];
  readonly steps: readonly SheetStep[];
  readonly pans: readonly SheetPan[];
  readonly leftover: string;
  readonly frosting: string;
  readonly cautions: readonly string[];
}

/** What a sheet is made from beside its bake. */
export interface SheetContext {
  readonly version?: number;
  /** What is foreseen of each portion, in the order of the portions; undefined where it is not known. */
  readonly foreseen: readonly (BakePrediction | undefined)[];
}

function rowsOf(poured: readonly Poured[]): readonly SheetRow[] {
  let running = 0;
  return poured.map(({ line, later }) => {
    const keptBack = later.reduce((sum, { grams }) => sum + grams, 0);
    running += Math.max(0, gramsOnScale(line.grams) - keptBack);
    const notes = [
      ...later.map(
        ({ grams, step }) => $localize`keep back ${gramsInWords(grams)}${step > 0 ? $localize` for step ${step}` : ''}`,
      ),
      ...(line.eggOverGrams === undefined
        ? []
        : [
            $localize`${gramsInWords(line.eggOverGrams)} of beaten egg left: brush the tops, or keep it cold for a day`,
          ]),
    ];
    return {
      name: line.name,
      amount: line.amount,
      grams: gramsOnScale(line.grams),
      runningGrams: Number(running.toFixed(1)),
      note: notes.join('; '),
      optional: line.optional,
    };
  });
}

/** What goes into one bowl in one go, as the method says it. Lines that no step takes stand last, dry before wet. */
const groupsOf = (component: BatchComponent, audit: Audit): readonly SheetGroup[] =>
  pouringsOf(component, audit).map(({ step, kind, poured }) => ({
    name: step > 0 ? $localize`step ${step}, ${kind}` : kind,
    rows: rowsOf(poured),
  }));

const scaledInWords = ({ scaledBy, factor }: BatchComponent): string =>
  scaledBy === 'surface' ? $localize`by the surface it covers, ${decimal(factor, 2)} of the formula’s` : '';

function panOf(
  portion: BakePortion,
  foreseen: BakePrediction | undefined,
  { order: { formula }, withoutAnOven }: OneBake,
): SheetPan {
  const { pans, grams, job } = portion;
  const oven = withoutAnOven ? withoutAnOvenInWords(withoutAnOven) : inTheOvenInWords(job, foreseen, formula.region);
  const name = portionName(portion, formula);
  const filled = portion.portion;
  if (!filled) {
    const pieces = pans.pan.cavities * pans.count;
    return {
      name,
      each: pieces > 1 ? $localize`${gramsInWords(grams / pieces)} each` : gramsInWords(grams),
      fill: '',
      oven,
      remark: '',
    };
  }
  const remark = verdictInWords(filled.fill);
  return {
    name,
    each: eachInWords(filled),
    fill: $localize`${fillInWords(filled.fill)}, ${decimal(filled.fill.batterHeightCm, 1)} cm high`,
    oven,
    remark: remark ? `${remark.say} ${remark.why}` : '',
  };
}

/** Puts the batch of a bake in the order of use, in the words of this batch: nothing of the original's pans, heat and time is left in it. */
export function sheetDocument(bake: OneBake, batch: Batch, { version, foreseen }: SheetContext): SheetDocument {
  const { order, audit, portions, plan } = bake;
  const { formula, kitchen } = order;
  const { measured, mixing, frosting } = batch;
  const lines = measured.components.flatMap((component) => component.lines);
  const shareOf = (lineId: string) => lines.filter((line) => line.lineId === lineId);
  const gramsOf = (lineId: string) => shareOf(lineId).reduce((sum, line) => sum + line.grams, 0);
  const factor = Number(plan.factor.toFixed(plan.factor < 0.1 ? 4 : 2));
  return {
    title: formula.title || $localize`Without a name`,
    ...(version !== undefined && { version }),
    size: $localize`${listed(portions.map((portion) => portionName(portion, formula))) || $localize`A batch`}:batch:: ${gramsInWords(plan.batterGrams)} of batter, ${factor === 1 ? $localize`the size it was written for` : $localize`${factor} of the formula`}`,
    mixing: mixing ? [mixingInWords(mixing).say, mixingInWords(mixing).why].filter(Boolean).join(' ') : '',
    components: measured.components.map((component) => ({
      name: component.name,
      grams: component.grams,
      scaled: scaledInWords(component),
      groups: groupsOf(component, audit),
      unweighed: component.unweighed.map(unweighedInWords),
    })),
    steps: audit.steps
      .filter(({ text }) => text.trim() !== '')
      .map((step, i) => {
        const takings = audit.method.takings.filter(({ stepId }) => stepId === step.id);
        return {
          number: i + 1,
          words: stepInWords(step, bake, foreseen, takings, gramsOf),
          takes: takings.flatMap(({ lineId, share, words }) => {
            if (share === undefined || share > 0.999) return [];
            const name = shareOf(lineId)[0]?.name;
            const heading = /^\d/.test(words) || words === '' ? '' : `${words}: `;
            return name === undefined ? [] : [`${heading}${gramsInWords(share * gramsOf(lineId))} ${name}`];
          }),
        };
      }),
    pans: portions.map((portion, i) => panOf(portion, foreseen[i], bake)),
    leftover: plan.leftoverGrams > 0 ? $localize`${gramsInWords(plan.leftoverGrams)} of batter left over.` : plan.shortGrams > 0 ? $localize`${gramsInWords(plan.shortGrams)} too little to fill the pans as they like: they are filled less.` : '', // prettier-ignore
    frosting: frosting ? $localize`${gramsInWords(frosting.grams)} of frosting, ${Math.round(frosting.millilitres)} ml${frosting.soakMillilitres > 0 ? $localize`; ${Math.round(frosting.soakMillilitres)} ml of syrup to soak` : ''}` : '', // prettier-ignore
    cautions: [
      ...new Set([
        ...portions.flatMap((portion) =>
          careInWords(portion, kitchen, heatScaleOf(formula.region)).map(({ say, why }) => `${say} ${why}`),
        ),
        ...batch.notes.map((note) => NOTES[note]),
        $localize`Times and temperatures are estimates; the doneness test decides.`,
      ]),
    ],
  };
}
