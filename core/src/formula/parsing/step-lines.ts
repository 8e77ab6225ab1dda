import type { Formula } from '../formula/index.js';
import { roleOf, type Ingredient } from '../../kitchen/ingredients/index.js';
import { type Kitchen } from '../../kitchen/kitchen/index.js';
import { unitsOf } from '../../kitchen/equipment/index.js';
import { middle, readAmount, type Amount } from './amounts.js';
import { normalise } from './normalise.js';
import { kitchenWithPot } from './pots.js';
import { weighAll } from './weigh.js';
import {
  beginsWith,
  groupedAt,
  inGroup,
  linesByName,
  namesComponent,
  partAt,
  turnsTo,
  WHOLE_METHOD,
  type CalledLine,
  type Mentioned,
} from './step-names.js';
import { toldSteps, type ToldStep } from './told-steps.js';
import type { WeighedFormula, WeighedLine } from './weigh-formula.js';

/** How much of a line a step takes. */
export interface Taking {
  readonly lineId: string;
  readonly stepId: string;
  /** Undefined where nothing says how much. */
  readonly grams: number | undefined;
  /** Share of the line, 0–1; undefined where nothing says how much. */
  readonly share: number | undefined;
  /** The portion in words as the baker or the step puts it; '' for all of it. */
  readonly words: string;
  /** The baker said so, or the words of the step do. */
  readonly said: 'by-baker' | 'by-step';
  /** In which go of the step it is taken, counted from 0, and where in the step: the order in which things go into a bowl. */
  readonly go: number;
  readonly at: number;
}

/** Which step takes what, and what is left over or taken twice. */
export interface Method {
  readonly takings: readonly Taking[];
  /** Lines that no step takes. */
  readonly unused: readonly string[];
  /** Lines of which steps take more than there is. */
  readonly overdrawn: readonly string[];
  /** Lines said to be divided, and no step says how. */
  readonly undivided: readonly string[];
}

/** Portions in words, as a share of the whole. */
const SHARE_WORDS: readonly (readonly [RegExp, number | 'rest' | 'all'])[] = [
  [/^(?:all|all of it|everything|the lot|whole)$/i, 'all'],
  [/^(?:the )?(?:rest|remaining|remainder|reserved|left(?:over)?)$/i, 'rest'],
  [/^(?:about |roughly )?(?:a |one )?half$/i, 1 / 2],
  [/^(?:about |roughly )?(?:a |one )?third$/i, 1 / 3],
  [/^(?:about |roughly )?two thirds$/i, 2 / 3],
  [/^(?:about |roughly )?(?:a |one )?quarter$/i, 1 / 4],
  [/^(?:about |roughly )?three quarters$/i, 3 / 4],
  [/^(?:most|nearly all)$/i, 0.8],
  [/^(?:some|a little|a few|a pinch)$/i, 0.1],
];

type Portion =
  | { readonly kind: 'all' | 'rest' | 'unknown' }
  | { readonly kind: 'share'; readonly share: number }
  | { readonly kind: 'grams'; readonly grams: number }
  | { readonly kind: 'all-but'; readonly grams: number };

/** Grams of an amount of what a line holds. */
function gramsOf(amount: readonly Amount[], line: WeighedLine, formula: Formula, kitchen: Kitchen): number | undefined {
  const [entry] = line.entries;
  const context = { region: formula.region, kitchen, words: line.line.text.toLowerCase() };
  return weighAll(amount, entry?.ingredient, context)?.grams;
}

/** "2 tbsp", "half", "all but 2 tbsp", "the rest", "a third", "40 %". */
export function readPortion(words: string, line: WeighedLine, formula: Formula, kitchen: Kitchen): Portion {
  const text = normalise(words)
    .replace(/\bof\b.*$/i, '')
    .trim();
  // "take 2 medium courgettes" of "2 medium courgettes (350 g)" takes all, whatever two of them usually weigh
  if (text === '' || (/^\d/.test(text) && beginsWith(line, text))) return { kind: 'all' };
  // "2 ounces of butter, 4 of cheddar": the measure of the one before, which the line has
  if (/^\d{1,2} of\b/i.test(normalise(words)) && new RegExp(`^${text} ?oz\\b`, 'i').test(line.line.text))
    return { kind: 'all' };
  const named = SHARE_WORDS.find(([pattern]) => pattern.test(text.replace(/-/g, ' ')))?.[1];
  if (named === 'all' || named === 'rest') return { kind: named };
  if (named !== undefined) return { kind: 'share', share: named };
  const allBut = /^all (?:but|except) (?:for )?(?:the )?(.+)$/i.exec(text);
  const read = readAmount(allBut?.[1] ?? text, unitsOf(kitchen));
  if (!read) return { kind: 'unknown' };
  const [first] = read.parts;
  if (!allBut && first?.unit?.id === 'percent') return { kind: 'share', share: middle(first.quantity) / 100 };
  const grams = gramsOf(read.parts, line, formula, kitchen);
  if (grams === undefined) return { kind: 'unknown' };
  return allBut ? { kind: 'all-but', grams } : { kind: 'grams', grams };
}

/** Grams of each portion of a whole, in order; the last "rest" gets what the others leave. */
function dealt(portions: readonly Portion[], whole: number | undefined): readonly (number | undefined)[] {
  if (whole === undefined) return portions.map(() => undefined);
  const fixed = portions.map((portion) =>
    portion.kind === 'share'
      ? portion.share * whole
      : portion.kind === 'grams'
        ? portion.grams
        : portion.kind === 'all-but'
          ? Math.max(0, whole - portion.grams)
          : undefined,
  );
  const taken = fixed.reduce<number>((sum, grams) => sum + (grams ?? 0), 0);
  const open = portions.filter(({ kind }) => kind === 'rest' || kind === 'all').length;
  return fixed.map((grams, i) => {
    const { kind } = portions[i] ?? {};
    if (kind === 'unknown') return undefined;
    return grams ?? Math.max(0, whole - taken) / Math.max(1, open);
  });
}

/** Where a step begins with something else: a new sentence, "then …", "fold in …". */
const GO_ENDS = /[.!?;](?=\s)|,\s(?=(?:and )?(?:then|(?:stir|fold|beat|mix|whisk|rub|work) (?:in|through)|add)\b)/gi;
/** In which go of a step a place is, counted from 0. */
const goAt = (step: string, at: number): number => [...step.slice(0, at).matchAll(GO_ENDS)].length;

/** A method that names fewer of its lines than this is a reminder, and says nothing about the others. */
const NAMES_MOST = 0.6;

/**
 * Which step takes how much of which line: as the baker said, else as the words of the steps say. A step that speaks of "everything",
 * "the dry" or "the frosting" takes those lines unless another step names them.
 */
export function methodOf(formula: Formula, weighed: WeighedFormula, bakersOwn: Kitchen): Method {
  const kitchen = kitchenWithPot(formula, bakersOwn);
  const lines = weighed.components.flatMap((component) =>
    component.lines.filter(({ entries }) => entries.length > 0).map((line): CalledLine => ({ line, component })),
  );
  const byName = linesByName(lines);
  const wholeOf = new Map(formula.steps.map(({ id, text }) => [id, normalise(text)]));
  const parts = [...new Set(lines.map(({ component }) => component.name))];
  const steps = [...wholeOf].flatMap(([id, whole]) => toldSteps(id, whole, byName, parts));
  const told: Told = { steps, lines, parts };
  const takings: Taking[] = [];
  const unused: string[] = [];
  const overdrawn: string[] = [];
  const undivided: string[] = [];
  for (const called of lines) {
    const { line } = called;
    const lineShares = line.line.split ?? [];
    const bySteps = mentionedOf(called, told);
    const mentioned: readonly Pick<Mentioned, 'stepId' | 'words' | 'at'>[] =
      lineShares.length > 0
        ? lineShares.map(({ stepId, amount }) => ({
            stepId,
            words: amount,
            at: bySteps.find((use) => use.stepId === stepId)?.at ?? 0,
          }))
        : bySteps;
    const portions = portionsOf(mentioned, line, formula, kitchen, lineShares.length > 0);
    const grams = dealt(portions, line.grams);
    mentioned.forEach(({ stepId, words, at }, i) => {
      const taken = grams[i];
      takings.push({
        lineId: line.line.id,
        stepId,
        grams: taken,
        share: taken === undefined || !line.grams ? undefined : taken / line.grams,
        words,
        said: lineShares.length > 0 ? 'by-baker' : 'by-step',
        at,
        go: goAt(wholeOf.get(stepId) ?? '', at),
      });
    });
    if (mentioned.length === 0) unused.push(line.line.id);
    const sum = grams.reduce<number>((total, taken) => total + (taken ?? 0), 0);
    if (line.grams !== undefined && sum > line.grams * 1.02 + 0.05) overdrawn.push(line.line.id);
    const divided = line.entries.some((entry) => entry.divided);
    const silent = lineShares.length === 0 && formula.steps.length > 0 && portions.every(({ kind }) => kind === 'all');
    if (divided && silent) undivided.push(line.line.id);
  }
  const telling = lines.length > 0 && 1 - unused.length / lines.length >= NAMES_MOST;
  return { takings, unused: telling ? unused : [], overdrawn, undivided };
}

interface Told {
  readonly steps: readonly ToldStep[];
  readonly lines: readonly CalledLine[];
  /** What the parts are called. */
  readonly parts: readonly string[];
}

/** The steps that name a line; failing those, the first that speaks of a group it belongs to. */
function mentionedOf(called: CalledLine, told: Told): readonly Mentioned[] {
  const { component, line } = called;
  const { steps, lines } = told;
  const inSteps = steps.flatMap((step) => {
    const mention = step.named.get(called);
    return mention && !isOfAnother(mention, called, step, told) ? [{ mention, step }] : [];
  });
  const itself = inSteps.filter(({ mention }) => mention.ofMixture !== true);
  const unshared = (itself.length > 0 ? itself : inSteps).filter(({ mention }) => !mention.shared);
  const beside = !component.inBatter;
  // "sugar" means the batter's sugar, unless the step speaks of the frosting or the sugar is nowhere else
  const isMeant = ({ named, text, about }: ToldStep) =>
    !beside ||
    about === component.name ||
    namesComponent(text, component.name) ||
    !lines.some((other) => other.component.inBatter && named.get(other)?.shared);
  const named =
    unshared.length > 0 ? unshared : (itself.length > 0 ? itself : inSteps).filter(({ step }) => isMeant(step));
  const meant = isInBowlBefore(named, called, steps) ? [] : named;
  if (meant.length > 0)
    return withoutEchoes(
      withReserved(
        meant.map(({ mention, step }) => ({ ...mention, at: mention.at + step.from })),
        line,
      ),
    );
  // "mix it all" is all of the batter, not the topping besides
  const besideBatter = beside && lines.some((other) => other.component.inBatter);
  // "Combine the swirl ingredients": a part of the batter that has no flour of its own is made where it is named, too
  const isApart =
    beside || !component.lines.some(({ entries }) => entries.some(({ ingredient }) => isFlour(ingredient)));
  const ofOwn = isApart ? steps.find(({ text }) => namesComponent(text, component.name)) : undefined;
  const group =
    ofOwn ??
    (besideBatter ? undefined : steps.find(({ text }) => inGroup(text, called))) ??
    steps.find(({ text }) => WHOLE_METHOD.test(text));
  if (!group) return [];
  return [{ stepId: group.id, words: '', shared: false, at: group.from + groupedAt(group.text, called) }];
}

const isFlour = (ingredient: Ingredient | undefined): boolean =>
  ingredient !== undefined && roleOf(ingredient).flour > 0;

/** "Whisk the dry ingredients … sprinkle with sugar": the sugar of the list is among the dry ones, unless it says that it is for the top. */
function isInBowlBefore(
  named: readonly { readonly mention: Mentioned; readonly step: ToldStep }[],
  called: CalledLine,
  steps: readonly ToldStep[],
): boolean {
  const [first] = named;
  if (!first || !named.every(({ mention }) => mention.finishing)) return false;
  const { component, line } = called;
  if (!component.inBatter || line.optional || FOR_THE_TOP.test(line.line.text)) return false;
  return steps.slice(0, steps.indexOf(first.step)).some(({ text }) => inGroup(text, called));
}
const FOR_THE_TOP =
  /\b(?:for|to) (?:the tops?|sprinkl|dust|brush|finish|scatter|decorat)|\b(?:demerara|turbinado|coarse|sanding|pearl|nibbed)\b/i;

/** "For the crumble, rub the butter into the flour": neither the butter nor the flour of the batter. */
function isOfAnother({ at, shared }: Mentioned, called: CalledLine, step: ToldStep, { steps, lines, parts }: Told) {
  if (!shared) return false;
  const { component } = called;
  // "Beat the butter, add the icing sugar": the frosting's butter, where the batter's is said elsewhere
  const elsewhere = () =>
    steps.some(
      (other) =>
        other !== step &&
        ((other.about === undefined && other.named.has(called)) ||
          inGroup(other.text, called) ||
          WHOLE_METHOD.test(other.text)),
    );
  const part = partAt(step.text, at, parts) ?? (component.inBatter && elsewhere() ? step.about : undefined);
  if (part === undefined || part === component.name || turnsTo(step.text, component.name)) return false;
  return lines.some((line) => line.component.name === part && step.named.get(line)?.shared);
}

/** "reserving 2 tbsp": what the line itself says is kept back. */
const KEPT_BACK =
  /\b(?:reserv(?:e|ing)|sav(?:e|ing)|keep(?:ing)?)\s+((?:about )?(?:\d[\d./ ]*[a-z]+|half|a third|a quarter))/i;
/** "1/2 cup chocolate chips, plus 2 tbsp for the top": so much besides, which the line does not count. */
const PLUS_FOR_TOP =
  /\b(?:plus|and|\+) (?:another |an extra )?\d[\d./ ]*[a-z]+(?: more| extra)? (?:for|to) (?:the tops?|top|sprinkl|scatter|dust|finish|decorat|serv)/i;

/** Puts what was set aside where the reserved is used; what is set aside and never used again stays where it was. */
function withReserved(named: readonly Mentioned[], line: WeighedLine): readonly Mentioned[] {
  const setAside = named.find(({ how }) => how === 'reserving');
  // the spoonful that is strewn over in the end is none of the half cup that went in
  if (named.length > 1 && PLUS_FOR_TOP.test(normalise(line.line.text))) return named.slice(0, -1);
  const used = named.find(({ how }) => how === 'reserved');
  const amount = setAside?.words ?? KEPT_BACK.exec(normalise(line.line.text))?.[1];
  if (!used) return named;
  // "Beat the egg with the milk, keep 1 tbsp back … brush with the reserved egg and milk": of what is in the bowl
  if (!amount && !setAside && named.some((use) => use !== used && use.words === ''))
    return named.filter((use) => use !== used);
  return named
    .filter((use) => use !== setAside)
    .map((use) => (use === used && amount ? { stepId: use.stepId, words: amount, shared: false, at: use.at } : use));
}

/** The first naming takes it; a later one counts only when it says a portion. */
function withoutEchoes(named: readonly Mentioned[]): readonly Mentioned[] {
  const portioned = named.filter(({ words }) => words !== '');
  const [first] = named;
  if (portioned.length === 0) return first ? [first] : [];
  return first?.words === '' ? [first, ...portioned] : portioned;
}

function portionsOf(
  mentioned: readonly Pick<Mentioned, 'words'>[],
  line: WeighedLine,
  formula: Formula,
  kitchen: Kitchen,
  byBaker: boolean,
): readonly Portion[] {
  const read = mentioned.map(({ words }) => readPortion(words, line, formula, kitchen));
  // a step that names it without a portion beside one that takes a portion has the rest
  return !byBaker && read.length > 1
    ? read.map((portion) => (portion.kind === 'all' ? { kind: 'rest' } : portion))
    : read;
}

/**
 * An amount that a step names of a line, "2 tbsp of the sugar", with the share of the line that it is; undefined where it names a share
 * or all of it: those stay true whatever the line's amount.
 */
export function namedAmount({ words, share }: Taking): { readonly amount: string; readonly share: number } | undefined {
  const amount = words.replace(/^all (?:but|except)\s+/i, '');
  if (share === undefined || !/^\d/.test(amount) || amount.includes('%')) return undefined;
  return { amount, share: amount === words ? share : 1 - share };
}

/** The lines that a step takes, for the eye: in the order of the lines. */
export const takenIn = (method: Method, stepId: string): readonly Taking[] =>
  method.takings.filter((taking) => taking.stepId === stepId);
