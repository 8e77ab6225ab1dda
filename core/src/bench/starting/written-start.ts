import { writtenLine } from '../adapt/index.js';
import { styleShortName } from '../../batter/balance/index.js';
import type { Formula, FormulaLine } from '../../formula/formula/index.js';
import { nameInLine, type Ingredient } from '../../kitchen/ingredients/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import { brimMillilitres, parsePan } from '../../kitchen/pans/index.js';
import { METHODS, type MethodId } from './plans.js';
import { preparedAs, SHELLED_EGG_GRAMS, type Amount, type StartWish } from './start-wish.js';

/* How a start is written down: lines in the order a baker lists them, and a method that one would sign. */

const ORDER: readonly Amount['role'][] = ['flour', 'leavener', 'salt', 'sugar', 'fat', 'egg', 'liquid', 'besides'];
/** A tin is filled this far at most before it takes a second. */
const FULL = 0.62;

export interface HowMade {
  readonly method: MethodId;
  readonly pan: string;
  readonly isGlutenFree: boolean;
}

/** The pan of the plan, as many as the batter needs. */
function pansFor(pan: string, amounts: readonly Amount[], { style }: StartWish): string {
  const read = parsePan(pan);
  if (read.kind !== 'pan' || read.set.pan.shape === 'muffin' || read.set.count > 1) return pan;
  const millilitres = amounts.reduce((sum, { grams }) => sum + grams, 0) / style.batterGramsPerMillilitre.typical;
  const count = Math.max(1, Math.ceil(millilitres / (brimMillilitres(read.set.pan) * FULL) - 0.05));
  return count > 1 ? `${pan} x ${count}` : pan;
}

const lineOf = (amount: Amount, wish: StartWish, kitchen: Kitchen, id: string): FormulaLine => {
  const { ingredient, grams, role } = amount;
  if (role === 'egg' && Math.abs(grams % SHELLED_EGG_GRAMS) < 0.01) {
    const count = grams / SHELLED_EGG_GRAMS;
    const size = wish.region === 'US' || wish.region === 'CA' ? 'large' : 'medium';
    return { id, text: `${count} ${size} egg${count === 1 ? '' : 's'}`, grams };
  }
  const prepared = preparedAs(ingredient);
  const text = writtenLine(ingredient, grams, { region: wish.region, kitchen });
  return { id, text: `${text}${prepared === 'none' ? '' : `, ${prepared}`}` };
};

/** A starter is flour to the bands and liquid to the hand. */
const isWetFlour = ({ role, ingredient }: Amount) => role === 'flour' && ingredient.behavesAs === 'sourdough-discard';
/** Powders go in with the flour. */
const goesInDry = ({ category, id }: Ingredient) =>
  /spice|gum|cocoa|chocolate/.test(category) || /cocoa|flaxseed/.test(id);

/** The words that fill a method. */
function wordsFor(
  amounts: readonly Amount[],
  { style, region }: StartWish,
  pan: string,
): Readonly<Record<string, string>> {
  const nameOf = (ingredient: Ingredient) => nameInLine(ingredient, region).replace(/ *\([^)]*\)/g, '').replace(/^.*(?=baking powder$)/, '').replace(/^(?:table|unsalted) /, ''); // prettier-ignore
  const names = (...roles: readonly Amount['role'][]) =>
    roles.flatMap((role) =>
      amounts
        .filter((amount) => amount.role === role || (role === 'liquid' && isWetFlour(amount)))
        .filter((amount) => role !== 'flour' || !isWetFlour(amount))
        .map((amount) =>
          role !== 'egg' ? nameOf(amount.ingredient) : amount.grams > SHELLED_EGG_GRAMS ? 'eggs' : 'egg',
        ),
    );
  const powders = amounts
    .filter(({ role, ingredient }) => role === 'besides' && goesInDry(ingredient))
    .map(({ ingredient }) => nameOf(ingredient));
  const dry = [...names('flour'), ...powders, ...names('leavener', 'salt')];
  const besides = listed(names('besides').filter((name) => !powders.includes(name)));
  const egg = listed(names('egg'));
  const sugar = listed(names('sugar'));
  const melts = amounts.some(({ role, ingredient }) => role === 'fat' && !ingredient.behavesAs.endsWith('oil'));
  const celsius = Math.round(style.ovenCelsius.typical / 5) * 5;
  return {
    dry: listed(dry),
    'dry-and-sugar': listed([...dry, ...names('sugar')]),
    sugar,
    fat: listed(names('fat')),
    egg,
    room: listed(names('fat', 'egg', 'liquid')),
    wet: listed(names('egg', 'liquid')),
    stirred: listed([
      ...names('egg', 'sugar', 'liquid'),
      ...names('fat').map((name) => (melts ? `melted ${name}` : name)),
    ]),
    liquid: listed(names('liquid')),
    pan: /tin$|sheet|griddle/.test(pan) ? pan : `tin (${pan})`,
    oven: `${celsius} °C`,
    besides: besides === '' ? '' : `, and the ${besides}`,
    'besides-in': besides === '' ? '' : `, and stir in the ${besides}`,
    melted: melts ? 'melted ' : '',
    'egg-too': egg === '' ? '' : ` and the ${egg}`,
  };
}

const CONDITION = /^(no-)?(egg|fat|gluten-free)\?/;

function stepsOf(method: MethodId, words: Readonly<Record<string, string>>, isGlutenFree: boolean): readonly string[] {
  const holds = (text: string) => {
    const [, not, what] = CONDITION.exec(text) ?? [];
    if (what === undefined) return true;
    const is = what === 'gluten-free' ? isGlutenFree : (words[what] ?? '') !== '';
    return not === undefined ? is : !is;
  };
  return METHODS[method]
    .filter(holds)
    .map((text) => text.replace(CONDITION, '').replace(/\{([a-z-]+)\}/g, (_, key: string) => words[key] ?? ''))
    .map((text) => tidied(text));
}

/** A start as a formula: lines, steps, pan and heat. */
export function writtenStart(
  amounts: readonly Amount[],
  wish: StartWish,
  { method, pan, isGlutenFree }: HowMade,
  kitchen: Kitchen,
  newId: () => string,
): Formula {
  const { style, size, region } = wish;
  const lines = [...amounts]
    .sort((a, b) => ORDER.indexOf(a.role) - ORDER.indexOf(b.role))
    .map((amount) => lineOf(amount, wish, kitchen, newId()));
  const panWords = size.kind === 'pan' ? size.written : pansFor(pan, amounts, wish);
  const celsius = Math.round(style.ovenCelsius.typical / 5) * 5;
  const known = parsePan(panWords);
  return {
    title: `A ${styleShortName(style, region)} to start from`,
    region,
    styleId: style.id,
    ...(size.kind === 'count' && { yield: `makes ${size.count}` }),
    components: [{ id: newId(), name: method === 'rubbing' || method === 'soda' ? 'Dough' : 'Batter', lines }],
    steps: stepsOf(method, wordsFor(amounts, wish, panWords), isGlutenFree).map((text) => ({ id: newId(), text })),
    bake: { fan: false, celsius, ...(known.kind === 'pan' && { pan: panWords }) },
  };
}

/** The bake step, where the minutes go behind the heat. */
const BAKE_STEP = /(\bbake at \d+ °C(?: at once)?)(,? until)/i;

/**
 * A start with the minutes of its bake, as foreseen: in the step that bakes. They are not set down as a known bake: nobody has baked it.
 * @param minutes the window in words, "25 to 30 minutes"
 */
export function withBakeMinutes(formula: Formula, minutes: string): Formula {
  return {
    ...formula,
    steps: formula.steps.map((step) => ({
      ...step,
      text: step.text.replace(BAKE_STEP, `$1 for ${minutes},$2`).replace(',,', ','),
    })),
  };
}

const listed = (words: readonly string[]) =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;

/** What is not there leaves no hole: "the , milk" and double spaces. */
const tidied = (text: string) =>
  text
    .replace(/\bthe (?=[,.])/g, '')
    .replace(/\s+([,.])/g, '$1')
    .replace(/\s{2,}/g, ' ')
    .trim();
