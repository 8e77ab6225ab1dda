import { describesOnly } from '../../kitchen/ingredients/index.js';
import { LONGEST_PARAGRAPH } from '../../ground/text/index.js';
import { unitsOf } from '../../kitchen/equipment/index.js';
import { readAmount } from './amounts.js';
import { readBake } from './bake-phrases.js';
import type { ReadingContext } from './context.js';
import { GRAMS_FROM } from './counted.js';
import { trailingAmount } from './drafts.js';
import { isKnownName } from './names.js';
import { normalise } from './normalise.js';
import { inOunces } from './ounces-unsaid.js';
import { BULLET, INLINE_HEADING, PART_HEADING } from './segments.js';

/*
 * Lists that stand in one line: "200 g flour, 2 eggs, beaten, 80 ml milk", with the part they are of before them or not. Each thing
 * becomes a line of its own, as it would be written below the others.
 */

/** What is said of the thing before it: "2 eggs, lightly beaten". */
const PREPARED =
  /^(?:(?:very |well |lightly |finely |coarsely |roughly |freshly )?(?:[a-z]{3,12}e[dn]|ground|soft|cold|warm|cool|ripe|sliced thin(?:ly)?|at room temperature|let sit|left to stand)(?: and | |$)){1,3}$/i;
/** "…, 25 g butter and 200 ml milk", never within "one and a half cups". */
const BETWEEN =
  /[,;] +(?:and )?|(?<=[a-z]{3}\.?)(?<!\b(?:cups?|tbsps?|tsps?)) [-|+•·] (?=\d|[½¼¾⅓⅔⅛])|(?<=[a-z]{3}) [•·] (?=[a-z])|(?<=[a-z]{3})\. (?=\d|[½¼¾⅓⅔⅛]|(?:[Zz]est|[Jj]uice) (?:of )?\d)|(?<=[A-Za-z]{3}) \/{1,2} (?=\d|[½¼¾⅓⅔⅛]|(?:handful|splash|pinch|drop|zest|juice)\b)|(?<=[a-z]{3}) (?:and|plus) (?!(?:a |one |three )?(?:half|quarter|third)|\d{1,2}\/\d|[½¼¾⅓⅔⅛])(?=\d|an? )/;
const JOINING = /^(?:plus|and|&) (?=\d|[½¼¾⅓⅔⅛])/i;
/** Fewer are read well as the one line they are. */
const FEWEST = 3;

/** "handful sultanas", "a good splash of milk": as much as the hand gives. */
const HANDED =
  /^(?:an? )?(?:good |big |small |generous )?(?:handful|splash|pinch|dash|drop|knob|squeeze|glug|drizzle)s? (?:of )?([a-z][a-z ]{2,30})$/i;
const OF_EACH =
  /^(?:\d{1,4} ?(?:g|oz)|\d{1,2}|one|two|three|half|the other) ([a-z]{3,12}(?: [a-z]{3,12})?|in (?:small |large )?(?:cubes|chunks|slices|pieces))$/i;
/** "2. Beat in eggs, one at a time": the second step, and how. */
const NO_AMOUNT =
  /^\d{1,2}[.)] [A-Z][a-z][^:\d]*$|^(?:one|1|two|2|three|3) (?:at a time|by (?:one|1)|after (?:another|the other))\b/;
/** "450 flour, 100 butter" leaves its measure to what is said around it. */
function isMeasured(thing: string, context: ReadingContext): boolean {
  if (NO_AMOUNT.test(thing)) return false;
  const { kitchen } = context;
  const handed = HANDED.exec(thing.trim())?.[1];
  if (handed !== undefined && isKnownName(handed, context)) return true;
  // "cream cheese 200 g"
  if (trailingAmount(thing, context)?.amount.parts[0]?.unit !== undefined) return true;
  const [first] = readAmount(thing, unitsOf(kitchen))?.parts ?? [];
  return (
    first !== undefined && (first.unit !== undefined || first.each !== undefined || first.quantity.high < GRAMS_FROM)
  );
}

/** "milk to bind (stiff!)": as much as it takes. */
const BY_THE_HAND = /,? (?:to (?:mix|bind|loosen|taste|slacken)|as needed|if needed)\b.*$/i;
/** "juice of 1/2 lemon", "zest of 2 limes", in German too: measured, though no amount begins it. */
const OF_FRUIT =
  /^(?:the )?(?:(?:finely )?grated )?(?:juice|zest|rind|saft|abrieb|schale) (?:and |und |& )?[a-zäöü ]{0,12}(?:of |von )?(?:\d|[½¼¾⅓⅔]|an? |half |einer )/i;

const isThingName = (name: string, context: ReadingContext): boolean =>
  isKnownName(name, context) || isKnownName(normalise(`1 g ${name}`).replace(/^1 g /, ''), context);

/** A sentence behind a list, and nothing measured in it. */
const DONE_BEHIND = /(?<=[a-z]{3})(?<!\b(?:tsps?|tbsps?|cups?|lbs|doz|approx))\. [a-z]{3,12} [^\d,;]{3,60}$/i;

/** The things of a list with what is said of each, or undefined where a line is no such list. */
function thingsIn(line: string, context: ReadingContext): readonly string[] | undefined {
  const things: string[] = [];
  // "…, 1 c milk. pour on butter": what is done stands behind the last of them
  const done = DONE_BEHIND.exec(line);
  for (const part of (done ? line.slice(0, done.index) : line)
    .replace(/\.$/, '')
    .split(BETWEEN)
    .map((each) => each.replace(JOINING, ''))) {
    const last = things.at(-1);
    // "2 pears, 1 diced, 1 sliced": what is done with each of them
    const each = OF_EACH.exec(part.trim())?.[1];
    if (last !== undefined && each !== undefined && (each.startsWith('in ') || describesOnly(each.toLowerCase())))
      things[things.length - 1] = `${last}, ${part.trim()}`;
    else if (isMeasured(normalise(part), context) || OF_FRUIT.test(part)) things.push(inOunces(part, last, context));
    else if (last !== undefined && PREPARED.test(part.trim())) things[things.length - 1] = `${last}, ${part}`;
    // "…, 100 ml oil, vanilla": what has no amount is a thing of the list too
    else if (things.length >= FEWEST && isThingName(part.trim().replace(BY_THE_HAND, ''), context))
      things.push(part.trim());
    else return undefined;
  }
  return done ? [...things, done[0].slice(2)] : things;
}

/** "Icing 6 oz icing sugar, 3 oz butter": a part that is named before its first amount, and nothing else that is weighed so. */
const PART_BARE =
  /^((?:the )?(?:icing|frosting|topping|filling|glaze|drizzle|buttercream|streusel)) (?=(?:\d|[½¼¾⅓⅔⅛])[\d/. ½¼¾⅓⅔⅛]{0,6}[a-z]{1,11}\.? [a-z]{3})/i;

/** "Shortcakes: 2 c flour, 2 T sugar, …": called by what comes of it, where it heads several. */
const MADE_OF =
  /^((?:short)?cakes|biscuits|breads?|loaves|cupcakes|berries|strawberries|(?:whipped )?cream|whip)(?: ?:| [-–—]) +(?=\d|[½¼¾⅓⅔⅛])/i;
const FEWEST_MADE_OF = 2;

/** "Cut in: 1 stick butter": what is done with a thing, before it. */
const DONE_WITH = /^((?:cut|rub|fold|stir|beat|mix|work) in) ?: +(?=\d|[½¼¾⅓⅔⅛]|an? )/i;

/** The name of a part, and under it a line for each thing of its list; a line without a name stays as it is. */
export function headedList(line: string, context: ReadingContext): readonly string[] {
  if (line.length > LONGEST_PARAGRAPH) return [line];
  const bare = line.replace(BULLET, '');
  const [done, how] = DONE_WITH.exec(bare) ?? [];
  if (done !== undefined && how !== undefined)
    return (thingsIn(bare.slice(done.length), context) ?? [bare.slice(done.length)]).map(
      (thing) => `${thing}, ${how.toLowerCase()}`,
    );
  const part = PART_HEADING.exec(bare);
  const madeOf = part ? null : MADE_OF.exec(bare);
  const heading = part ?? madeOf ?? INLINE_HEADING.exec(bare) ?? PART_BARE.exec(bare);
  if (!heading) return [line];
  const named = bare.slice(heading[0].length);
  // "Berries: 2 qts, 1/3 c sugar": the first is of what heads them
  const rest =
    madeOf &&
    isKnownName(madeOf[1] ?? '', context) &&
    readAmount(named.split(/[,;]/)[0] ?? '', unitsOf(context.kitchen))?.rest === ''
      ? named.replace(/[,;]|$/, ` ${madeOf[1]?.toLowerCase() ?? ''}$&`)
      : named;
  const things = thingsIn(rest, context);
  // "for the glaze: 1 cup powdered sugar, 3 tbsp syrup"
  const isFor = madeOf !== null || /^(?:for the|für de[nr]|für die|für das)\b/i.test(heading[0]);
  const fewest = part ? 1 : isFor ? FEWEST_MADE_OF : FEWEST;
  if (things && things.length >= fewest) return [`${heading[1] ?? heading[2] ?? ''}:`, ...things];
  // "to feed: 4 tbsp cider" is one thing, and its line says where it goes
  return part ? [`${heading[1] ?? ''}:`, rest] : [line];
}

/** A written line, or a line for each thing where it is a list of several, with or without a name of its part. */
export function listApart(line: string, context: ReadingContext): readonly string[] {
  const headed = headedList(line, context);
  if (headed.length > 1 || line.length > LONGEST_PARAGRAPH) return headed;
  const things = thingsIn(line.replace(BULLET, ''), context);
  if (!things || things.length < FEWEST) return [line];
  const { celsius, lowMinutes, pan } = readBake([line]);
  return celsius === undefined && lowMinutes === undefined && pan === undefined ? things : [line];
}
