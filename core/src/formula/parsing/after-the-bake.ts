import type { Formula, FormulaComponent } from '../formula/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import { matchIngredient, roleOf } from '../../kitchen/ingredients/index.js';
import type { Region } from '../../ground/units/index.js';
import { bakeTimeIn } from './mentions.js';
import { inGroup, linesByName, namedIn, WHOLE_METHOD, type CalledLine, type Mentioned } from './step-names.js';
import { weighFormula } from './weigh-formula.js';

/*
 * What a list does not say and its method does: the icing sugar that is named only when the loaf is out of the oven is no part of its
 * batter. Where a formula has one list, the lines that its steps name only after the bake become a part of their own, called as the
 * steps call it.
 */

const SENTENCE = /(?<=[a-z)°\d][.!;])\s+/i;
const PART_SAID = /\b(icing(?! sugar)|glaze|drizzle|frosting|buttercream|ganache|syrup|filling|topping|sauce)\b/i;
const PARTS_MEANT: readonly (readonly [RegExp, string])[] = [
  [/\b(?:ice|iced)\b/i, 'Icing'],
  [/\bfrost(?:ed)?\b/i, 'Frosting'],
  [/\bglazed?\b/i, 'Glaze'],
  [/\b(?:sandwich|fill|filled)\b/i, 'Filling'],
];
/** "Heat the skillet first with a spoon of butter in it!" */
const DONE_BEFORE = /\b(?:first|before(?:hand)?)\b/i;
/** Fewer lines than these named before the bake are no method. */
const FEWEST_NAMED = 2;
/** More than this of the lines on top, and the method is not what was thought. */
const MOST_ON_TOP = 0.5;

function partCalled(words: string): string {
  const said = PART_SAID.exec(words)?.[1]?.toLowerCase();
  if (said !== undefined) return said.charAt(0).toUpperCase() + said.slice(1);
  return PARTS_MEANT.find(([pattern]) => pattern.test(words))?.[1] ?? 'Topping';
}

const bakesIn = (sentence: string): boolean => bakeTimeIn(sentence) !== undefined;

/** What makes a batter is in it, wherever its step stands. */
const isOfABatter = ({ line }: CalledLine): boolean =>
  line.entries.some(
    ({ ingredient }) =>
      ingredient !== undefined &&
      (ingredient.category === 'leavener' || roleOf(ingredient).flour > 0 || roleOf(ingredient).egg > 0),
  );

/** "dust with icing sugar" names no granulated sugar. */
function isAnother(sentence: string, at: number, { line }: CalledLine, region: Region): boolean {
  const before = /([a-z'’-]{3,})\s$/i.exec(sentence.slice(0, at))?.[1];
  const word = /^[a-z'’-]+/i.exec(sentence.slice(at))?.[0];
  if (before === undefined || word === undefined) return false;
  const meant = matchIngredient(`${before} ${word}`, region);
  const sure = meant.kind === 'matched' && meant.confidence === 1;
  return sure && line.entries.every(({ ingredient }) => ingredient !== meant.ingredient);
}

/** A method sentence by sentence, with the lines that each names. */
interface Told {
  readonly sentences: readonly string[];
  readonly lines: readonly CalledLine[];
  readonly named: readonly ReadonlyMap<CalledLine, Mentioned>[];
  /** The first sentence that bakes; −1 where none does. */
  readonly baked: number;
}
function toldOf(formula: Formula, kitchen: Kitchen): Told {
  const sentences = formula.steps.flatMap(({ text }) => text.split(SENTENCE));
  const lines = weighFormula(formula, { kitchen, formula: () => undefined }).components.flatMap((component) =>
    component.lines.map((line): CalledLine => ({ line, component })),
  );
  const byName = linesByName(lines);
  const named = sentences.map(
    (sentence, i) =>
      new Map([...namedIn(String(i), sentence, byName)].filter(([line, { at }]) => !isAnother(sentence, at, line, formula.region))), // prettier-ignore
  );
  return { sentences, lines, named, baked: sentences.findIndex(bakesIn) };
}

/** The lines that are named only in sentences behind the bake, with what the first of those calls them. */
function onTop({ sentences, lines, named, baked }: Told): readonly (readonly [CalledLine, string])[] {
  if (baked < 0) return [];
  // a method that names next to nothing before the bake is a reminder, and says nothing of the others
  const namedBefore = lines.filter((line) => named.slice(0, baked + 1).some((names) => names.has(line)));
  if (namedBefore.length < FEWEST_NAMED) return [];
  const behind = (line: CalledLine): number =>
    named.findIndex(
      (names, i) =>
        i > baked && !DONE_BEFORE.test(sentences[i] ?? '') && names.get(line) !== undefined && !names.get(line)?.shared,
    );
  const isBefore = (line: CalledLine) =>
    sentences.slice(0, baked + 1).some((sentence, i) => {
      const mention = named[i]?.get(line);
      return (mention !== undefined && !mention.shared) || inGroup(sentence, line) || WHOLE_METHOD.test(sentence);
    });
  // "cream the butter and sugar": of two sugars the one that has no sentence of its own behind the bake
  const isLeft = (line: CalledLine) =>
    named.slice(0, baked + 1).some((names) => {
      const shared = names.get(line)?.shared ?? false;
      return shared && lines.every((other) => other === line || !names.has(other) || behind(other) >= 0);
    });
  const found = lines.flatMap((line) => {
    const at = isOfABatter(line) ? -1 : behind(line);
    return at < 0 || isBefore(line) || isLeft(line) ? [] : [[line, partCalled(sentences.slice(at).join(' '))] as const];
  });
  return found.length <= MOST_ON_TOP * lines.length ? found : [];
}

/** "Glaze: warm the marmalade with the juice": a part of its own, wherever it stands and whatever else the method leaves out. */
const PART_FIRST =
  /^(?:for the |the )?(?:icing(?! sugar)|glaze|drizzle|frosting|buttercream|ganache|syrup|sauce)(?: ?:| [-–—]) /i;
function headed({ sentences, lines, named }: Told): readonly (readonly [CalledLine, string])[] {
  // "beat everything": what has no sentence of its own is in there
  const isWhole = sentences.some((sentence, i) => WHOLE_METHOD.test(sentence) && !PART_FIRST.test(sentences[i] ?? ''));
  const isOnlyThere = (line: CalledLine, at: number) =>
    !isWhole && !isOfABatter(line) && named.every((names, i) => i === at || !names.has(line)) && !sharedOut(line);
  return sentences.flatMap((sentence, at) =>
    PART_FIRST.test(sentence)
      ? lines
          .filter((line) => named[at]?.get(line)?.shared === false && isOnlyThere(line, at))
          .map((line) => [line, partCalled(sentence)] as const)
      : [],
  );
}
/** "3 tbsp marmalade (2 for the cake, 1 for the glaze)" */
const sharedOut = ({ line }: CalledLine): boolean => /\bfor the\b|\bdivided\b/i.test(line.line.text);

const SANDWICH = /\b(?:sandwich|sponge|victoria)\b/i;
const FILLS = /(?:jam|preserve|curd)$|^(?:double|whipping|heavy)-cream$/;
const MIXED_IN = /\b(?:fold|stir|mix|beat|whisk|swirl)/i;
/** Jam and cream of a sandwich cake are what it is filled with, whether or not a step says so; not where they are mixed in before the bake. */
function filling({ sentences, lines, named, baked }: Told): readonly (readonly [CalledLine, string])[] {
  const isMixedIn = (line: CalledLine) =>
    sentences.some((sentence, i) => !(baked >= 0 && i > baked) && MIXED_IN.test(sentence) && named[i]?.has(line));
  return lines
    .filter(({ line }) => line.entries.some(({ ingredient }) => FILLS.test(ingredient?.id ?? '')))
    .flatMap((line) => (isMixedIn(line) ? [] : [[line, 'Filling'] as const]));
}

/** A formula of one list, with what goes on it after the bake in a part of its own. */
export function withPartsOfTheMethod(formula: Formula, kitchen: Kitchen): Formula {
  const [only, more] = formula.components;
  if (!only || more) return formula;
  const told = toldOf(formula, kitchen);
  const called = new Map(
    [...(SANDWICH.test(formula.title) ? filling(told) : []), ...headed(told), ...onTop(told)].map(([{ line }, part]) => [line.line.id, part]), // prettier-ignore
  );
  if (called.size === 0) return formula;
  const parts = [...new Set(called.values())].map((name, i): FormulaComponent => ({
    id: `c${i + 2}`,
    name,
    lines: only.lines.filter(({ id }) => called.get(id) === name),
  }));
  return { ...formula, components: [{ ...only, lines: only.lines.filter(({ id }) => !called.has(id)) }, ...parts] };
}
