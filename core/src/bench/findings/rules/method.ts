import { INGREDIENTS, plainWords, type Ingredient } from '../../../kitchen/ingredients/index.js';
import type { FormulaStep } from '../../../formula/formula/index.js';
import { isGerman } from '../../../formula/german/index.js';
import { inFigures, takingsIn, Words } from '../../../formula/narration/index.js';
import { withoutGreasing, type ReadEntry } from '../../../formula/parsing/index.js';
import type { Kitchen } from '../../../kitchen/kitchen/index.js';
import { placedById, type Evidence, type PlacedLine, type Rule } from '../evidence.js';
import type { Finding } from '../finding.js';

/** Lines and steps that do not know each other. */
export const linesAndSteps: Rule = (evidence) => {
  const { method } = evidence;
  const line = (id: string) => placedById(evidence, id);
  const facts = (id: string) => ({ name: line(id)?.entries[0]?.name ?? line(id)?.line.text ?? '' });
  return [
    ...method.unused.map((id): Finding => {
      const stepId = mixingStep(evidence, id);
      return {
        code: 'line-unused',
        severity: line(id)?.optional === true ? 'note' : 'warning',
        place: id,
        facts: facts(id),
        ...(stepId !== undefined && {
          fix: { kind: 'tell-line', lineId: id, facts: { split: [{ stepId, amount: 'all' }] } },
        }),
      };
    }),
    ...method.overdrawn.map((id): Finding => ({
      code: 'line-taken-twice',
      severity: 'warning',
      place: id,
      facts: facts(id),
    })),
    ...method.undivided.map((id): Finding => ({
      code: 'line-divided-unsaid',
      severity: 'note',
      place: id,
      facts: facts(id),
    })),
  ];
};

const mixingSteps = new WeakMap<Evidence, ReadonlyMap<string, string>>();

/** The step that takes most of the lines of the same component, by component: where a forgotten one most likely belongs. */
function stepsOfComponents(evidence: Evidence): ReadonlyMap<string, string> {
  const known = mixingSteps.get(evidence);
  if (known) return known;
  const { method, lines } = evidence;
  const componentOf = new Map(lines.map(({ line, component }) => [line.id, component.id]));
  const votes = new Map<string, Map<string, number>>();
  for (const { lineId, stepId } of method.takings) {
    const component = componentOf.get(lineId);
    if (component === undefined) continue;
    const ofComponent = votes.get(component) ?? new Map<string, number>();
    votes.set(component, ofComponent.set(stepId, (ofComponent.get(stepId) ?? 0) + 1));
  }
  const steps = new Map(
    [...votes].flatMap(([component, counted]) => {
      const [most] = [...counted].sort(([, a], [, b]) => b - a);
      return most ? [[component, most[0]] as const] : [];
    }),
  );
  mixingSteps.set(evidence, steps);
  return steps;
}

function mixingStep(evidence: Evidence, lineId: string): string | undefined {
  const component = evidence.lines.find(({ line }) => line.id === lineId)?.component.id;
  return component === undefined ? undefined : stepsOfComponents(evidence).get(component);
}

/** Names that stand in steps for other things than an ingredient of the list, or that nobody lists. */
const NOT_LISTED_ANYWAY =
  /^(?:(?:hot |cold |boiling |warm |iced? )?water|ice|oil|flour|salt|butter|sugar|cream|milk|fruit|spice|grain|nut|seed|batter|frosting|icing|glaze|filling|topping|zest|juice|peel|stock|dough|base|sauce|syrup|powder|starter|lemonade|cider|cake|wine)s?$/;
/** Served beside it, or put under it: no line of the formula. */
const BESIDE =
  /\b(?:serv(?:e|ed|ing)|eat|spread|dust(?:ed|ing)?|dredge|accompan\w+|store|keep|such as|like|resembles?|resembling|texture of|size of|consistency of|(?:to|into) (?:fine|coarse|rough) |or use|instead of|substitute|swap|if you (?:like|have)|line|lined|greased?|brush(?:ed)? with oil)\b[^.;]*$/i;

interface Called {
  readonly name: string;
  readonly pattern: RegExp;
  readonly ingredient: Ingredient;
}
let vocabulary: readonly Called[] | undefined;
/** Every name that could stand in a step, longest first. */
function calledNames(): readonly Called[] {
  vocabulary ??= INGREDIENTS.flatMap((ingredient) =>
    [ingredient.nameUs, ingredient.nameUk, ...ingredient.aliases]
      .map((name) => plainWords(name.replace(/\(.*?\)/g, '')))
      .filter((name) => name.length > 3 && !NOT_LISTED_ANYWAY.test(name))
      .map((name) => ({
        name,
        ingredient,
        pattern: new RegExp(`\\b${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?:s|es)?\\b`, 'i'),
      })),
  ).sort((a, b) => b.name.length - a.name.length);
  return vocabulary;
}

const namedInStep = new WeakMap<FormulaStep, readonly Called[]>();
function ingredientsNamed(step: FormulaStep): readonly Called[] {
  let calledInStep = namedInStep.get(step);
  if (!calledInStep) {
    let open = withoutGreasing(step.text).toLowerCase();
    const named: Called[] = [];
    for (const called of calledNames()) {
      if (!open.includes(called.name)) continue;
      const at = called.pattern.exec(open);
      if (!at) continue;
      if (!BESIDE.test(step.text.slice(0, at.index))) named.push(called);
      open = open.replace(new RegExp(called.pattern.source, 'gi'), (covered) => ' '.repeat(covered.length));
    }
    namedInStep.set(step, (calledInStep = named));
  }
  return calledInStep;
}

const wordsOfEntries = new WeakMap<readonly ReadEntry[], ReadonlySet<string>>();
/** Every word by which a line may be called. */
function wordsOf({ line, entries }: PlacedLine): ReadonlySet<string> {
  let words = wordsOfEntries.get(entries);
  if (!words) {
    const names = entries.flatMap(({ ingredient }) => [
      ingredient?.nameUs ?? '',
      ingredient?.nameUk ?? '',
      ...(ingredient?.aliases ?? []),
    ]);
    words = inWords([line.text, ...names].join(' '));
    wordsOfEntries.set(entries, words);
  }
  return words;
}
const inWords = (text: string): ReadonlySet<string> =>
  new Set(
    plainWords(text)
      .split(' ')
      .flatMap((word) => [word, withoutPlural(word)]),
  );
const withoutPlural = (word: string) => word.replace(/(?<=[a-z]{3})(?<!s)(?:es|s)$/, '');

/** What is measured in a step and is no ingredient: something made of the list, or nothing at all. */
const MADE_OF_THE_LIST =
  /\b(?:mix(?:ture|es)?|mass|liquid|crumbs?|rubble|paste|foam|whites?|yolks?|rest|remainder|space|room|height|depth|width|piece|parchment|paper|foil|tins?|pans?|cases?|bowls?|jars?|sheets?|rounds?|lumps?|balls?|pats?|discs?|strips?|slices?|layers?|portions?|lot|kind|type|thing|stuff|heat|steam|time|cups?|mark|jugs?|spoons?|grater|whisk|mixer|processor|blender|skewer|kni(?:fe|ves)|forks?|spatula|cutter|scoop|toothpicks?|rack|towel|board|ladle|sieve|colander|skillet|griddle|pot|bag|nozzle|peeler|pin|ruler|fingers?|hands?)$/i;
/** "1/4-cupfuls onto a sheet", "30 g pieces of dough": how much of what there is. */
const IS_A_PIECE =
  /\b(?:cup|spoon)fuls?\b|\b(?:pieces|balls|portions|mounds|heaps) of\b|\b(?:mounds|heaps|dollops|measures?)$/i;

interface Measured {
  /** As the step says it. */
  readonly name: string;
  readonly words: readonly string[];
}
const measuredInStep = new WeakMap<FormulaStep, { readonly kitchen: Kitchen; readonly found: readonly Measured[] }>();
/** What a step measures that nobody knows: "fold in a cup of poached quince". */
function unknownMeasured(step: FormulaStep, { formula, around: { kitchen } }: Evidence): readonly Measured[] {
  const known = measuredInStep.get(step);
  if (known?.kitchen === kitchen) return known.found;
  const words = inFigures(new Words(withoutGreasing(step.text)));
  const found = takingsIn(words, { region: formula.region, kitchen })
    .takings.filter(({ ingredient, line }) => !ingredient && !MADE_OF_THE_LIST.test(line) && !IS_A_PIECE.test(line))
    .filter(({ from }) => !BESIDE.test(words.text.slice(0, from)))
    .map(({ from, to, line }) => ({
      name: words.text.slice(from, to),
      words: plainWords(line)
        .split(' ')
        .filter((word) => word.length > 3),
    }))
    // "level with a spoon. Cook for …" is no spoon of anything
    .filter(({ name }) => !NOT_LISTED_ANYWAY.test(name.split(' ').at(-1) ?? '') && !/[a-z]{4}\. [A-Z]/.test(name));
  measuredInStep.set(step, { kitchen, found });
  return found;
}

/** A step that takes what no line lists. */
export const unlisted: Rule = (evidence) => {
  const { formula, weighed } = evidence;
  const batter = weighed.components.find(({ inBatter }) => inBatter) ?? weighed.components[0];
  if (!batter) return [];
  const ofParts = inWords(weighed.components.map((component) => component.name).join(' '));
  const ofTitle = inWords(formula.title);
  const isSaid = (word: string) => ofParts.has(word) || evidence.lines.some((line) => wordsOf(line).has(word));
  const isKnown = (word: string) => isSaid(word) || isSaid(withoutPlural(word));
  const isInTitle = (word: string) => ofTitle.has(word) || ofTitle.has(withoutPlural(word));
  const finding = (step: FormulaStep, name: string): Finding => ({
    code: 'step-uses-unlisted',
    severity: 'warning',
    place: step.id,
    facts: { name },
    fix: { kind: 'add-line', componentId: batter.id, text: name },
  });
  // of German steps the words that English goes by tell nothing
  const isForeign = isGerman(formula.steps.map(({ text }) => text).join('\n'));
  const seen = new Set<string>();
  return formula.steps.flatMap((step) => {
    const named = ingredientsNamed(step).filter(({ name, ingredient }) => {
      // one word in common is enough: "the ginger" may be the stem ginger of the list
      const isHere = name.split(' ').some((word) => word.length > 3 && (isKnown(word) || isInTitle(word)));
      if (isHere || seen.has(ingredient.id)) return false;
      seen.add(ingredient.id);
      return true;
    });
    const unknown = (isForeign ? [] : unknownMeasured(step, evidence)).filter(({ name, words }) => {
      if (words.some(isKnown) || seen.has(name)) return false;
      seen.add(name);
      return true;
    });
    return [...named, ...unknown].map(({ name }) => finding(step, name));
  });
};
