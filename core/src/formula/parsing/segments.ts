import { describesOnly } from '../../kitchen/ingredients/index.js';
import { pantryOf, unitsOf } from '../../kitchen/equipment/index.js';
import { readAmount } from './amounts.js';
import type { ReadingContext } from './context.js';
import { trailingAmount } from './drafts.js';
import { headOf } from './names.js';

/** What a sentence says before its first amount: "You'll want 2 cups …", "mix 450 g …". */
const LEAD_IN =
  /^(?:and |then |so |first,? )?(?:(?:you|we|i)(?:'ll| will)? (?:want|need|use|take)|take|get|weigh(?: out)?|measure(?: out)?|have ready|start with|mix|sift|whisk|stir together|combine|beat)\s+(?=(?:about |roughly )?(?:\d|an? |half |one |two |three ))/i;
export const withoutLeadIn = (text: string): string => text.replace(LEAD_IN, '');

export const BULLET =
  /^\s*(?:(?:[-*•·▢□☐✓+]|\p{Extended_Pictographic}\uFE0F?|\[[ x]?\])\s+|\d{1,2}\)\s+(?=(?:\d|\.\d|an? |half |one |two )))/iu;
/** A line without the mark that it has in its list. */
export const withoutBullet = (line: string): string => line.replace(BULLET, '');
/** "To feed: 4 tbsp cider": says where the line goes, not what it is. */
export const INLINE_HEADING =
  /^((?:for|to|für|zum|zur) [a-zäöüß][a-zäöüß ]{1,30}?)\s*:\s+(?=\S)|^(for the [a-z][a-z ]{1,20}?) [-–—] (?=\S)/i;
/** "Dry: 200 g flour, 2 tsp baking powder", "topping - 2 tbsp sugar": a part of the formula is named in the line of its things. */
export const PART_HEADING =
  /^((?:the )?(?:(?:dry|wet|liquid|liquids)(?: ingredients| mix| stuff| things| bits)?|batter|dough|cake|sponge|loaf|muffins?|scones?|base|fats?|topping|frosting|icing|glaze|filling|crumble|crumb|streusel|syrup|soak|drizzle|buttercream|ganache|fudge|caramel|swirl|sauce|fruit|trocken(?:e zutaten)?|nasse?|trockene?|feuchte?(?: zutaten)?|flüssig(?:e zutaten)?|(?:rühr)?teig|(?:dunkler|heller) teig|belag|füllung|guss|glasur|creme)(?: ?\((?:optional|opt\.?|if (?:you )?[a-z]{3,8})\))?)(?: ?:| [-–—]) +(?=(?:about )?(?:\d|\.\d|[½¼¾⅓⅔⅛]|an? |half |one |two |three |four |pinch |handful |knob |juice |zest |grated |(?!(?:sprinkle|mix|beat|whisk|melt|spread|rub|drizzle|pour|add|top|stir|combine|boil|heat|cook|blend|cream(?! cheese)|fold|warm|simmer|put|use|whip)\b)[a-z]{3,12}(?: [a-z]{3,12}){0,2} \d{1,4} ?(?:g|ml|oz)\b))/i;
/** "optional: 50 g walnuts", "to taste, salt": said of the line, not part of its name. */
const SAID_FIRST = /^(optional|opt\.?|to taste|if you like|as needed)(?: ?[:,])? (?=\S)/i;

/** Where one written line goes on with another ingredient and its amount. */
const NEXT_ENTRY =
  /\s*(?:[,;•·|]|(?<=[a-z)])\.|\s[+:-]|,?\s(?:mixed |sifted |whisked |beaten |blended |loosened )?(?:together )?with|,?\s(?:(?:chopped )?(?:and |& ))?(?:dissolved|soaked|steeped|stirred|mixed)(?: overnight)? (?:in|into)|\sand|\splus|\s&)\s+(?:(?:then )?(?:pour|stir|fold|beat|mix|tip|add) (?:in )?)?(?=(?:about |a |an |half |one |two |three |pinch |handful |knob |dollop |(?:heaped|heaping|level|scant|rounded|generous) [a-z]{3,12} |\d|\.\d)[^,;]*\b[a-z]{2,})/gi;

/** "150 g cheddar, 100 g grated, 50 g in cubes": of the one that is named. */
const CUT_IN = /^in (?:small |large )?(?:cubes|chunks|slices|pieces)$/i;
const SOAKED = /\b(?:dissolved|soaked|steeped|stirred|mixed)\b/i;

/** Drops what stands around a line: bullets, a heading, words said first. What was said first is kept as a note. */
export function bareLine(line: string): { readonly line: string; readonly saidFirst: string } {
  const bare = line.replace(BULLET, '').replace(INLINE_HEADING, '').replace(PART_HEADING, '').replace(LEAD_IN, '');
  const first = SAID_FIRST.exec(bare);
  return {
    line: bare.slice(first?.[0].length ?? 0).replace(/[.;,]+$/, ''),
    saidFirst: first?.[1]?.toLowerCase() ?? '',
  };
}

/** Whether a bracket that was opened before a place is still open there. */
function insideBrackets(line: string, at: number): boolean {
  const before = line.slice(0, at);
  return before.lastIndexOf('(') > before.lastIndexOf(')') || before.lastIndexOf('[') > before.lastIndexOf(']');
}

/** Cuts a line into the parts that each hold an amount and an ingredient; a line with one ingredient stays whole. */
export function segmentsOf(line: string, context: ReadingContext): readonly string[] {
  const { region, kitchen } = context;
  const units = unitsOf(kitchen);
  const cuts = [...line.matchAll(NEXT_ENTRY)].filter((cut) => {
    if (insideBrackets(line, cut.index)) return false;
    // "dark chocolate, 70 % cocoa solids": what it is made of is no other thing
    if (/^\d{1,3}(?:\.\d)? ?%/.test(line.slice(cut.index + cut[0].length))) return false;
    const after = readAmount(line.slice(cut.index + cut[0].length), units);
    const said = withoutLeadIn(line.slice(0, cut.index));
    const before = readAmount(said, units);
    // "Instant coffee - 8 g dissolved in 20 g water"
    const isBehind = !before && SOAKED.test(cut[0]) && trailingAmount(said, context) !== undefined;
    if (!after || after.rest === '' || (!isBehind && (!before || before.rest === ''))) return false;
    if (/^\s*(?:more|extra)\b/i.test(after.rest)) return false;
    const unitSaid =
      after.parts[0]?.unit !== undefined ||
      after.parts[0]?.size !== undefined ||
      /^\d/.test(line.slice(cut.index + cut[0].length));
    if (!unitSaid) return false;
    const { head } = headOf(after.rest);
    // a measured thing of an unknown name is a thing of its own too: it must be seen, not sink into a note
    return (
      pantryOf(kitchen).match(head, region).kind === 'matched' ||
      (after.parts[0]?.unit !== undefined && !describesOnly(head) && !CUT_IN.test(head))
    );
  });
  if (cuts.length === 0) return [line];
  const starts = [0, ...cuts.map((cut) => cut.index + cut[0].length)];
  const ends = [...cuts.map((cut) => cut.index), line.length];
  return starts.map((start, i) => line.slice(start, ends[i]).trim()).filter((part) => part !== '');
}
