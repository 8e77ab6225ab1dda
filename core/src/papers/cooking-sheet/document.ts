import type { Audit } from '../../bench/audit/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { roleOf, type Ingredient } from '../../kitchen/ingredients/index.js';
import { materialById } from '../../kitchen/pans/index.js';
import type { Batch, BatchComponent, BatchLine } from '../../batch/batch/index.js';
import { gramsInWords } from '../../words/wording/index.js';
import {
  eachInWords,
  fillInWords,
  mixingInWords,
  NOTES,
  panCare,
  pansInWords,
  verdictInWords,
} from '../../words/batch-words/index.js';

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
  readonly groups: readonly SheetGroup[];
  /** As written: to taste, to dust. */
  readonly unweighed: readonly string[];
}

export interface SheetStep {
  readonly number: number;
  readonly text: string;
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

/** What the oven says of each portion, in the order of the portions; '' where it is not known. */
export interface SheetContext {
  readonly version?: number;
  readonly oven: readonly string[];
  readonly celsius: number;
  /** Materials of the baker's own pans, by their names. */
  readonly madeOf?: Readonly<Record<string, string>>;
}

const DRY: ReadonlySet<string> = new Set([
  'flour', 'whole-grain flour', 'gluten-free flour', 'starch', 'sugar', 'leavener', 'salt', 'spice', 'nut/seed', 'chocolate/cocoa', 'dried fruit', 'candied fruit', 'thickener/gum',
]); // prettier-ignore
const isDry = (ingredient: Ingredient) => DRY.has(ingredient.category) && roleOf(ingredient).egg === 0;

/** Below this a spoon sets the amount, and the grams are for those with a fine scale. */
const FINE_GRAMS = 12;
const sheetGrams = (grams: number) => (grams < FINE_GRAMS ? Number(grams.toFixed(1)) : Math.round(grams));

function rowsOf(lines: readonly BatchLine[], { method, steps }: Audit): readonly SheetRow[] {
  let running = 0;
  return lines.map((line) => {
    running += sheetGrams(line.grams);
    const takings = method.takings.filter(({ lineId, share }) => lineId === line.lineId && share !== undefined);
    const later = takings.length < 2 ? [] : takings.slice(1);
    const notes = [
      ...later.map(({ share, stepId }) => {
        const number = steps.findIndex(({ id }) => id === stepId) + 1;
        return `keep back ${gramsInWords((share ?? 0) * line.grams)}${number > 0 ? ` for step ${number}` : ''}`;
      }),
      ...(line.eggOverGrams === undefined
        ? []
        : [`${gramsInWords(line.eggOverGrams)} of beaten egg left: brush the tops, or keep it cold for a day`]),
    ];
    return {
      name: line.name,
      amount: line.amount,
      grams: sheetGrams(line.grams),
      runningGrams: Number(running.toFixed(1)),
      note: notes.join('; '),
      optional: line.optional,
    };
  });
}

function groupsOf(component: BatchComponent, audit: Audit): readonly SheetGroup[] {
  const stepOf = (lineId: string) => {
    const first = audit.method.takings.find((taking) => taking.lineId === lineId);
    return first ? audit.steps.findIndex(({ id }) => id === first.stepId) + 1 : 0;
  };
  const groups = new Map<string, { step: number; dry: boolean; lines: BatchLine[] }>();
  for (const line of component.lines) {
    const [step, dry] = [stepOf(line.lineId), isDry(line.ingredient)];
    const key = `${step} ${dry ? 'dry' : 'wet'}`;
    const group = groups.get(key) ?? { step, dry, lines: [] };
    group.lines.push(line);
    groups.set(key, group);
  }
  return [...groups.values()]
    .sort((a, b) => (a.step || 99) - (b.step || 99) || Number(b.dry) - Number(a.dry))
    .map(({ step, dry, lines }) => ({
      name: `${step > 0 ? `step ${step}, ` : ''}${dry ? 'dry' : 'wet'}`,
      rows: rowsOf(lines, audit),
    }));
}

/** Puts a batch in the order of use. */
export function sheetDocument(formula: Formula, audit: Audit, batch: Batch, context: SheetContext): SheetDocument {
  const { plan, measured, mixing, frosting } = batch;
  const lines = measured.components.flatMap((component) => component.lines);
  const shareOf = (lineId: string) => lines.filter((line) => line.lineId === lineId);
  const factor = Number(plan.factor.toFixed(plan.factor < 0.1 ? 4 : 2));
  return {
    title: formula.title || 'Without a name',
    ...(context.version !== undefined && { version: context.version }),
    size: `${plan.portions.map(({ set }) => pansInWords(set, formula.region)).join(' and ') || 'A batch'}: ${gramsInWords(plan.batterGrams)} of batter, ${factor === 1 ? 'the formula as it stands' : `${factor} of the formula`}`,
    mixing: mixing ? [mixingInWords(mixing).say, mixingInWords(mixing).why].filter(Boolean).join(' ') : '',
    components: measured.components.map((component) => ({
      name: component.name,
      grams: component.grams,
      groups: groupsOf(component, audit),
      unweighed: component.unweighed.map(({ text }) => text),
    })),
    steps: formula.steps
      .filter(({ text }) => text.trim() !== '')
      .map(({ id, text }, i) => ({
        number: i + 1,
        text,
        takes: audit.method.takings.flatMap(({ lineId, stepId, share, words }) => {
          if (stepId !== id || share === undefined || share > 0.999) return [];
          const grams = shareOf(lineId).reduce((sum, line) => sum + line.grams * share, 0);
          const name = shareOf(lineId)[0]?.name;
          return name === undefined ? [] : [`${words === '' ? '' : `${words}: `}${gramsInWords(grams)} ${name}`];
        }),
      })),
    pans: plan.portions.map((portion, i): SheetPan => {
      const remark = verdictInWords(portion.fill);
      return {
        name: pansInWords(portion.set, formula.region),
        each: eachInWords(portion),
        fill: `${fillInWords(portion.fill)}, ${portion.fill.batterHeightCm.toFixed(1)} cm high`,
        oven: context.oven[i] ?? '',
        remark: remark ? `${remark.say} ${remark.why}` : '',
      };
    }),
    leftover: plan.leftoverGrams > 0 ? `${gramsInWords(plan.leftoverGrams)} of batter left over.` : plan.shortGrams > 0 ? `${gramsInWords(plan.shortGrams)} too little to fill the pans as they like: they are filled less.` : '', // prettier-ignore
    frosting: frosting ? `${gramsInWords(frosting.grams)} of frosting, ${Math.round(frosting.millilitres)} ml${frosting.soakMillilitres > 0 ? `; ${Math.round(frosting.soakMillilitres)} ml of syrup to soak` : ''}` : '', // prettier-ignore
    cautions: [
      ...new Set([
        ...plan.portions.flatMap(({ set: { pan } }) =>
          panCare(pan, context.celsius, materialById(context.madeOf?.[pan.name] ?? '')?.safeCelsius).map(
            ({ say, why }) => `${say} ${why}`,
          ),
        ),
        ...batch.notes.filter((note) => note !== 'mix-in-goes').map((note) => NOTES[note]),
        'Times and temperatures are estimates; the doneness test decides.',
      ]),
    ],
  };
}
