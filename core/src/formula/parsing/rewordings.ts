import { millilitresIn, unitsOf } from '../../kitchen/equipment/index.js';
import { ownOf } from '../../ground/records/index.js';
import { amountsIn, middle, readAmount } from './amounts.js';
import type { ReadingContext } from './context.js';
import { trailingAmount } from './drafts.js';
import { isKnownName } from './names.js';
import { inOunces } from './ounces-unsaid.js';

/*
 * Ways of writing that say the same as another, put into the one that lines are read in. What the baker wrote stays as it is on the sheet;
 * only what is read of it is worded so.
 */

/** Grams of a lump that is told by its size. */
const LUMPS: Readonly<Record<string, number>> = { egg: 55, walnut: 20, hazelnut: 5 };
export const gramsOfLump = (size: string): number | undefined => ownOf(LUMPS, size);

/** What is shortened in lines and in sentences alike. */
export const SHORTENED: readonly (readonly [pattern: RegExp, instead: string])[] = [
  [/\bdem\.? ?(?=sugar\b)/gi, 'demerara '],
  // "1 tsp. ea. salt, soda, cinn."
  [/ ea\.?:? (?=[a-z])/gi, ' each '],
  [/\b1(?::|-to-)1 (?=(?:gf |gluten[ -]free )?(?:flour|baking flour|blend))/gi, ''],
];

const REWORDINGS: readonly (readonly [pattern: RegExp, instead: string])[] = [
  ...SHORTENED,
  // "ok so 3 v ripe bananas": said before one begins
  [/^(?:(?:ok(?:ay)?|right|well|um+|erm?|and|then|so|now),? ){1,3}(?=\d|[½¼¾⅓⅔]|an? |half )/i, ''],
  // "Rub in 50 g butter" between lines of a list
  [/^(?:rub|stir|fold|mix|beat|cut|work|whisk|add) in:? (?=\d|[½¼¾⅓⅔])/i, ''],
  [/\bv\.? (?=(?:ripe|soft|cold|hot|strong|fine|fresh|large|small)\b)/i, 'very '],
  // "2 lge eggs", "eggs - 3 M", "3 M eggs"
  [/(?<=^\d{1,2} )l(?:ge|rg|g)\.? /i, 'large '],
  [/^([Ee]ggs?) ?[-–—:,]? ?(\d{1,2}) ?M$/, '$2 medium $1'],
  [/^([Ee]ggs?) ?[-–—:,]? ?(\d{1,2}) ?L$/, '$2 large $1'],
  [/^(\d{1,2}) ?M (?=[Ee]ggs?\b)/, '$1 medium '],
  [/^(\d{1,2}) ?L (?=[Ee]ggs?\b)/, '$1 large '],
  [/^(?:1\/2|half|½|an? half)(?: an?| of an?)? doz(?:en|\.)?(?: of)? /i, '6 '],
  [/^(?:1|one|an?) doz(?:en|\.)?(?: of)? /i, '12 '],
  // "60 + 45 ml milk"
  [/^(\d{1,4}) ?\+ ?(\d{1,4}) ?(g|ml|oz|tbsp|tsp) /i, '$1 $3 plus $2 $3 '],
  // "1 lemon's zest"
  [/^(\d(?:\/\d)?|an?|half an?|½) (lemon|orange|lime|grapefruit)['’]s? (zest|juice|rind)$/i, '$3 of $1 $2'],
  // "sultanas if you like, couple of oz"
  [
    /^([a-z][a-z ]{2,25}?)((?: if (?:you )?(?:like|liked|wanted))?),? (?:an? )?couple (?:of )?(oz|ounces|tbsp|tablespoons|tsp|teaspoons|handfuls)$/i,
    '2 $3 $1$2',
  ],
  [/(?<=^\d[\d/ ]{0,4} )sm\.? (?=(?:can|tin|jar|pkg|packet|box|carton|tub|pot)\b)/i, 'small '],
  [/\ba\. ?p\.? (?=flour\b)/i, 'all-purpose '],
  [/^opt\.? ?:? (?=\d)(.{3,80})$/i, '$1 (optional)'],
  [/\b((?:cans?|tins?)(?: \([^()]{1,20}\))? (?:of )?)corn\b(?! ?(?:meal|flour|starch|syrup|ed))/i, '$1sweetcorn'],
  [/\bwholemeal s\.?r\.?(?: flour)?(?=$| ?[,(])/i, 'wholemeal self-raising flour'],
  [/\bs\.?r\.? wholemeal(?: flour)?(?=$| ?[,(])/i, 'wholemeal self-raising flour'],
  // "a scant half cup"
  [/^an? (scant|generous|heaped|heaping|rounded|level|good) (half|quarter|third|1\/2|1\/4|1\/3|[½¼⅓]) /i, '$2 $1 '],
  // "whites of 3 eggs"
  [
    /^(?:the )?(white|yolk)s? (?:of|from) (\d{1,2}|an?|one|two|three|four|five|six) ((?:large |medium |small )?)eggs?\b/i,
    '$2 $3egg $1s',
  ],
  // "juice of the 2 lemons"
  [/\bof the (?=\d)/i, 'of '],
  // "7fl.oz. milk", "one 15-ounce can"
  [/(?<![a-z])fl\. ?oz\b\.?/gi, 'fl oz'],
  [/(\d)-(?=(?:ounce|oz|gram|g|ml|pound|lb)\b)/gi, '$1 '],
  // "1 3/4 c sugar + 2 Tbsp"
  [
    /^(\d[\d/. ]{0,5} ?[a-z]{1,11}\.?) ([a-z][a-z -]{2,25}) (?:\+|plus) (\d[\d/ ]{0,5} ?(?:tbsps?|tsps?|tablespoons?|teaspoons?))$/i,
    '$1 plus $3 $2',
  ],
  // "1/4 c vegetable, canola or melted coconut oil"
  [
    /\b([a-z]{3,12}), [a-z]{3,12}(?: [a-z]{3,12})?,? or (?=(?:[a-z]{3,12} ){0,3}(?:oil|milk|sugar|flour|butter|cream|vinegar|syrup|yogh?urt)$)/i,
    '$1 or ',
  ],
  // "1/4 tsp s.", "1/2 c unsw. cocoa"
  [/(?<=\d ?(?:t|tsp|teaspoon)\.? )s\.?$/i, 'salt'],
  [/\bunsw(?:ee)?t?\. ?/i, 'unsweetened '],
  // "a pinch of mustard and cayenne": of each
  [
    /^((?:an? |one |1 )?(?:good |big |small |tiny )?(?:pinch|dash)) (?:of )?([a-z]{3,12}(?: [a-z]{3,12})?) (?:and|&|\+) ([a-z]{3,12}(?: [a-z]{3,12})?)$/i,
    '$1 each of $2 and $3',
  ],
  // "2 cups flour (with 1 tsp each soda and baking powder)"
  [
    / \((?:sifted |mixed |soured |curdled )?(?:with|plus) (?!a (?:bit|little|drop|splash|touch|few)\b|[^()]{0,40}\b(?:for|to) )(?=\d|an? |half )([^()]{3,60})\)$/i,
    ' with $1',
  ],
  // "eggs weighed in shells: 4 = 240g, so"
  [/^(eggs?),? weighed in (?:their |the )?shells?[:,]? ?(\d{1,2}) ?= ?\d{2,3} ?g\b.*$/i, '$2 $1'],
  // "8 oz plain flour 225 g", as two columns stand; "1 1/2 cups all-purpose flour 190g"
  [
    /^(\d[\d/. ½¼¾⅓⅔⅛]{0,6} ?(?:oz|lbs?|cups?|c|tbsps?|tsps?|tablespoons?|teaspoons?)\.? [a-z][a-z -]{2,40}?),? (\d{1,4} ?g(?:rams)?)$/i,
    '$1 ($2)',
  ],
  // "splash milk"
  [/^(drop|splash|glug|dash) (?!of\b)(?=[a-z])/i, '$1 of '],
  // "salt pinch", "choc chips - handful or so"
  [
    /^([a-z][a-z ]{2,30}?)(?:,| -)? (?:an? |one )?(?:(good|big|large|small|generous) )?(pinch|handful|splash|dash|knob|bunch)(?: or so)?$/i,
    '$2 $3 of $1',
  ],
  // "4 tbsp lard, 1 of it for the skillet"
  [
    /,? (?:\d[\d/ ]{0,4}(?: ?[a-z]{1,11})?|half|some|a little) of (?:it|this|that|them|which) (?:for|to|in|on) [^,;]{2,40}$/i,
    '',
  ],
  [/\bdessert spoon/gi, 'dessertspoon'],
  // "made up to 300ml w milk"
  [/(?<=[a-z0-9]) w(?:\/ ?| )(?=[a-z]|\d[\d/ ]{0,4} ?[a-z])/i, ' with '],
  // "2 x 15ml spoons treacle": the spoon says what it holds
  [/(\d) ?x ?(5|10|15) ?ml (?:tea|table|dessert)?spoons?(?: of)?\b/i, '$1 x $2 ml'],
  [
    /^(?:half|1\/2|½)(?: of)? an? (\d{1,4} ?(?:g|ml|oz|kg)) (?:pack|packet|block|tub|pot|tin|can|carton|bag|box|jar|bottle|bar|slab)(?: of)?\b/i,
    '0.5 x $1',
  ],
  [/^(\d{1,2}(?:[ .]\d{1,2}(?:\/\d)?|\/\d)?) metric cups?\b/i, '$1 x 250 ml'],
  // "1 15-oz can", "one 400 g tin"
  [
    /^(?:1|one|an?) (\d{1,4}(?:\.\d)? ?(?:oz|ounce|g|ml)) (?=(?:can|tin|jar|pack|packet|bag|box|tub|pot|carton|block|container)s?\b)/i,
    '1 x $1 ',
  ],
  [
    /^(\d{1,2}) (\d{1,4}(?:\.\d)? ?(?:oz|ounce|g|ml)) (?=(?:can|tin|jar|pack|packet|bag|box|tub|pot|carton|block|container)s\b)/i,
    '$1 x $2 ',
  ],
  [/\((heaping|heaped|rounded|level|scant|generous)\)/i, '$1'],
  [/^equal (?:weights|amounts|quantities) \((\d{1,4} ?g)\) of /i, '$1 each '],
  // "25 g butter, melted, plus 10 g for the tin"
  [
    /,? \(?(?:plus|and|\+) (?:about |another )?\d[\d/. -]{0,6} ?(?:g|ml|oz|tbsps?|tsps?|tablespoons?|teaspoons?|cups?|t)?\.?(?: more| extra)?(?:, [a-z]{4,10})?,? (?:for|to) (?:the (?:tin|pan|skillet|dish|top(?:s|ping)?|work surface|glaze)|greas(?:e|ing)|dust(?:ing)?|brush(?:ing)?|glaz(?:e|ing)|roll(?:ing)?|sprinkl(?:e|ing)|scatter(?:ing)?|serv(?:e|ing)|decorat(?:e|ing)|finish|top(?:ping)?)(?: (?:on|over)(?: the)? tops?)?\)?$/i,
    '',
  ],
  // "juice 1/2 lemon", "zest & juice 1 lime"
  [
    /^((?:(?:finely |freshly )?(?:grated |squeezed ))?(?:juice|zest|rind)(?: ?(?:and|&|\+) ?(?:juice|zest|rind))?) (?=(?:\d|half|an? |one |two |three ))/i,
    '$1 of ',
  ],
  [
    /\b(?:an? )?(?:good |big |generous |small |little )?squeeze (?:of )?(?:(?:the|fresh) )?(lemon|lime|orange)(?: juice)?\b/i,
    '1 tsp $1 juice',
  ],
  // "rind of 1/2 lemon & 1/2 orange"
  [
    /^((?:(?:finely |freshly )?(?:grated |squeezed ))?(?:juice|zest|rind) of) ([\d/ ]{1,5}|an? |half an? )((?:lemon|lime|orange)s?) (?:and|&|\+) (?=\d|an? |half )/i,
    '$1 $2$3 and $1 ',
  ],
  // "6 oz each flour/sugar/butter"
  [/^(\d{1,4} ?(?:g|oz) (?:of )?each (?:of )?[a-z ]{3,24})\/([a-z ]{3,24})\/([a-z ]{3,24})$/i, '$1, $2, $3'],
  [/\b(?:gf|g\/f|gluten[ -]free) (?=baking powder|bp\b)/i, ''],
  [/\bg\/f\b/i, 'gf'],
  [/\b(lemon|lime|orange|pineapple) j\b\.?/i, '$1 juice'],
  [/\b(?:powd|pwd|pdr)\.? (?=sugar\b)/i, 'powdered '],
  [/\bc\. ?meal\b/i, 'cornmeal'],
  // "1 c each cornmeal/flour"
  [
    /^(\d[\d/. ]{0,5} ?[a-z]{1,11}\.? each (?:of )?[a-z]{3,14}(?: [a-z]{3,14})?) ?\/ ?([a-z]{3,14}(?: [a-z]{3,14})?)$/i,
    '$1, $2',
  ],
  // "nuts opt 1c"
  [/^([a-z][a-z ]{2,24}?),? opt(?:\.|ional)? (\d.{0,14})$/i, '$2 $1 (optional)'],
  [/^(\d{2,4} ?(?:g|oz)?) icing$/i, '$1 icing sugar'],
  [/\bb\. ?p\b\.?/gi, 'baking powder'],
  [/\bb\. ?s\b\.?/gi, 'baking soda'],
  [/\bplain flour blend\b/i, 'plain flour'],
  // "1 tsp bicarb in a little boiling water", "… in 2 tbsp hot water": what is stirred into it is the thing, not the water
  [
    / (?:mixed |blended )?in (?:a little|a (?:splash|drop|dash|bit) of|some) (?:boiling |hot |warm |cold )?(?:water|milk)$/i,
    '',
  ],
  [
    /(?<=[a-z])(?<!\b(?:dissolved|soaked|steeped|stirred|mixed)) in (?=\d[\d/. ]{0,5} ?(?:g|ml|tbsps?|tsps?|tablespoons?|teaspoons?|dessertspoons?|dsp|fl oz)\.? (?:of )?(?:boiling |hot |warm |cold )?(?:water|milk|buttermilk|vinegar|lemon juice)$)/i,
    ' dissolved in ',
  ],
  // "00 flour", "flour 00": a kind, and no amount
  [/(?<![\d.,/]|type |tipo )\b00 (?=(?:plain )?flour\b)/i, 'type 00 '],
  [/(?<=\bflour),? 00(?![\d.,]\d)\b/i, ' type 00'],
  // "cloves, nutmeg, cinnamon 1 tsp each"
  [
    /^([a-z][a-z ,&]{3,60}?),? (\d[\d/. ]{0,5} ?(?:tsps?|tbsps?|teaspoons?|tablespoons?|g|oz|cups?)) each$/i,
    '$2 each $1',
  ],
  [/,? soaked (?:overnight )?in (?:the |strong |hot |cold |black )?[a-z]{3,12}$/i, ', soaked'],
];
/** "A walnut-sized knob of butter". */
const SIZED_LUMP =
  /^(?:an? )?(egg|walnut|hazelnut)(?:[- ]sized (?:knob|lump|piece|nut|ball) (?:of )?| of )([a-z][a-z ]{2,30})$/i;
const SIZE_OF =
  /^(?:(?:an? )?(?:knob|lump|piece|nut|ball) of )?([a-z][a-z ]{2,30}?),? (?:about |roughly )?(?:the )?size of an? (egg|walnut|hazelnut)$/i;

/** "Butter the size of an egg": an amount, though it has no figure. */
export const isSizedLump = (line: string): boolean => SIZE_OF.test(line) || SIZED_LUMP.test(line);

/** A part of a line as it is read. */
export function reworded(line: string): string {
  const [, thing, size] = SIZE_OF.exec(line) ?? [];
  const [, sized, of] = SIZED_LUMP.exec(line) ?? [];
  const grams = gramsOfLump((size ?? sized ?? '').toLowerCase());
  if (grams !== undefined) return `${grams} g ${thing ?? of ?? ''}`;
  return REWORDINGS.reduce((text, [pattern, instead]) => text.replace(pattern, instead), shelled(line));
}

const LIQUIDS = '(?:oat |soya |soy |almond |plant )?milk|buttermilk|water|yogh?urt|cream|tea|coffee|orange juice';
/** "1 egg + enough milk to make 150 ml", "1 egg made up to 150 ml with milk". */
const MADE_UP: readonly RegExp[] = [
  new RegExp(`^(?<first>.{3,60}?)(?: ?\\+| plus| and|,)? (?:enough |sufficient )?(?<liquid>${LIQUIDS}) to (?:make|give)(?: up(?: to)?)?(?: a total of)?(?: about)? (?<total>.{2,20})$`, 'i'),
  new RegExp(`^(?<first>.{3,60}?)(?: ?\\+| plus| and|,)? (?:enough )?(?<liquid>${LIQUIDS}) (?:up )?to (?<total>\\d.{1,15}?)(?: in)? (?:total|altogether|in all)$`, 'i'),
  new RegExp(`^(?<first>.{3,60}?),? (?:made|topped) up to (?:about )?(?<total>.{2,20}?) (?:with|w\\/?) (?<liquid>${LIQUIDS})(?: ?\\([^()]{1,60}\\))?$`, 'i'),
  new RegExp(`^(?<first>.{3,60}?) in (?:an?|the|one) (?<total>cup|mug|teacup|half pint jug),? (?:then )?fill(?:ed)?(?: it)?(?: up)? (?:with|w\\/?) (?<liquid>${LIQUIDS})$`, 'i'),
]; // prettier-ignore

/** "2 cups flour, plus 1 tbsp for tossing the berries": more of the same, and it goes in. */
const AND_FOR_TOSSING =
  /^(?<first>.{3,60}?),? plus (?:about |another )?(?<more>\d[\d/. ]{0,5} ?(?:tbsps?|tsps?|tablespoons?|teaspoons?|g|oz)) (?:more |extra )?(?:for |to )(?:toss|coat)(?:ing)?\b.{0,40}$/i;

/** "3 eggs, their weight in butter, sugar and flour": weighed as they come, in the shell. */
const THEIR_WEIGHT =
  /^(?<eggs>.{1,40}?\beggs?\b.{0,20}?),? (?:and |plus )?(?:their|its|the same|equal) weight (?:each )?(?:in|of) (?<things>.{3,60})$/i;
/** How much of an egg in its shell is egg. */
const SHELLED_SHARE = 0.88;

/** "4 eggs (240 g in their shells)", "240 g eggs in shell": weighed before they are broken. */
const IN_SHELLS =
  /^(?<before>(?:weigh )?(?:\d{1,2} )?(?:large |medium |small )?(?:eggs?)?[ ,(]{0,3})(?<grams>\d{2,4}) ?g(?:rams?)?(?: of)?(?<behind>(?: eggs?)?,? ?\(?(?:weighed )?(?:in|with) (?:the |their )?shells?(?: on)?\)?)$/i;
/** "weigh 4 eggs in their shells (mine came to 240 g)". */
const SHELLS_FIRST = / ?(?:in|with) (?:the |their )?shells? \([^()\d]{0,30}(\d{2,4}) ?g(?:rams?)?\)$/i;
const shelled = (line: string): string => {
  const [said, whole] = SHELLS_FIRST.exec(line) ?? [];
  if (said !== undefined) return `${line.slice(0, -said.length)} (${Math.round(Number(whole) * SHELLED_SHARE)} g)`;
  const { before, grams, behind = '' } = IN_SHELLS.exec(line)?.groups ?? {};
  if (before === undefined || grams === undefined) return line;
  const weight = `${Math.round(Number(grams) * SHELLED_SHARE)} g`;
  return /egg/i.test(before)
    ? `${before.replace(/[ ,(]+$/, '')} (${weight})`
    : `${weight}${/egg/i.exec(behind) ? ' eggs' : ''}`;
};

/** "250 g mix of wholemeal and plain flour", "200 g flour (half wholemeal)", "4 oz lard & butter mixed": half of each. */
const HALF_OF_EACH: readonly RegExp[] = [
  /^(?<grams>\d{1,4}) ?(?<unit>g|oz)(?:rams?)? (?:of )?(?<one>[a-z-]{2,20}(?: [a-z-]{3,20})?) (?:and|&) (?<other>[a-z-]{2,20}(?: [a-z-]{3,20})?),? ?\(?(?:mixed|50[/:-]50|half and half|half of each|equal parts|in equal parts)\)?$/i,
  /^(?<grams>\d{1,4}) ?g(?:rams?)? (?:of )?(?:an? )?(?:(?:half and half|even|equal) )?(?:mix|mixture|blend|combination) of (?<one>[a-z-]{3,20}(?: [a-z-]{3,20})?) and (?<other>[a-z-]{3,20}(?: [a-z-]{3,20})?)$/i,
  /^(?<grams>\d{1,4}) ?g(?:rams?)? (?<other>(?:[a-z-]{3,20} )?(?:flour|sugar)),? ?\(?half (?<one>[a-z-]{3,20}(?: [a-z-]{3,20})?)\)?$/i,
];
function halfOfEach(line: string, context: ReadingContext): readonly string[] | undefined {
  for (const pattern of HALF_OF_EACH) {
    const { grams = '', unit = 'g', one = '', other = '' } = pattern.exec(line)?.groups ?? {};
    const kind = /\b(?:flour|sugar)s?$/i.exec(other)?.[0].replace(/s$/i, '') ?? '';
    const names = [one, other].map((name) => (kind === '' || name.toLowerCase().includes(kind.toLowerCase()) ? name : `${name} ${kind}`));
    if (grams !== '' && names.every((name) => isKnownName(name, context)))
      return names.map((name) => `${Number(grams) / 2} ${unit} ${name}`);
  }
  return undefined;
} // prettier-ignore

/** "rind 1 lemon & 1 orange", once it is reworded. */
const BETWEEN_FRUITS = / and (?=(?:(?:finely |freshly )?(?:grated |squeezed )?)(?:juice|zest|rind) of )/i;
/** "1 cup sugar rubbed with zest of 2 lemons". */
const WITH_FRUIT =
  /,? (?:(?:rubbed |mixed )(?:together )?with|with|plus|\+) (?:the )?(?=(?:(?:finely )?grated )?(?:zest|rind|juice) of )/i;
const PART_OF_FRUIT = /^(?:(?:finely |freshly )?(?:grated |squeezed )?)(?:juice|zest|rind) of (?:\d|an? |half )/i;

/** A thing with its amount, behind it or before, and nothing else. */
function isThing(part: string, context: ReadingContext): boolean {
  if (/\([^)]*$|^[^(]*\)/.test(part)) return false;
  // "90 ml yogurt, zest 1 orange"
  if (PART_OF_FRUIT.test(reworded(part))) return true;
  const behind = trailingAmount(part, context);
  if (behind) return behind.note === '' && isKnownName(behind.name, context);
  const before = readAmount(reworded(part), unitsOf(context.kitchen));
  const name = before?.rest.trim().replace(/^(?:of|each) /, '') ?? '';
  return name !== '' && name.split(/ & | and /).every((each) => isKnownName(each, context));
}

/**
 * A line of several things that no amount parts: what is made up to a measure, and "flour 8 oz, sugar 4 oz, marg 4 oz".
 * @param gramsOf what a line by itself weighs
 */
export function thingsApart(
  line: string,
  context: ReadingContext,
  gramsOf: (part: string) => number | undefined,
): readonly string[] {
  for (const pattern of MADE_UP) {
    const { first = '', liquid = '', total = '' } = pattern.exec(line)?.groups ?? {};
    const [amount] = total === '' ? [] : amountsIn(/\d/.test(total) ? total : `1 ${total}`, unitsOf(context.kitchen));
    const unit = amount?.unit;
    const each = unit && (unit.grams ?? millilitresIn(context.kitchen, unit, context.region));
    const grams = gramsOf(first);
    if (!amount || each === undefined || grams === undefined) continue;
    const rest = middle(amount.quantity) * amount.factor * each - grams;
    return rest > 0 ? [first, `${Math.round(rest)} ml ${liquid}`] : [line];
  }
  const { first: dusted, more } = AND_FOR_TOSSING.exec(line)?.groups ?? {};
  if (dusted !== undefined && more !== undefined) {
    const name = readAmount(dusted, unitsOf(context.kitchen))?.rest.trim() ?? '';
    if (name !== '') return [dusted, `${more} ${name}`];
  }
  const { eggs, things } = THEIR_WEIGHT.exec(line)?.groups ?? {};
  const grams = eggs === undefined ? undefined : gramsOf(eggs);
  if (eggs !== undefined && grams !== undefined)
    return [
      eggs,
      ...(things ?? '').split(/, ?(?:and )?| and /).map((thing) => `${Math.round(grams / SHELLED_SHARE)} g ${thing}`),
    ];
  const halves = halfOfEach(line, context);
  if (halves) return halves;
  const fruits = reworded(line).split(BETWEEN_FRUITS);
  if (fruits.length > 1 && fruits.every((part) => PART_OF_FRUIT.test(part))) return fruits;
  const [thing = '', ...ofFruit] = line.split(WITH_FRUIT);
  if (ofFruit.length > 0 && isThing(thing, context) && ofFruit.every((part) => PART_OF_FRUIT.test(part)))
    return [thing, ...ofFruit];
  const parts = line.includes(';') ? line.split(/; ?/) : line.split(/, ?| ?[+&] | and /);
  const isList = parts.length > 1 && parts.length < 20 && parts.every((part) => isThing(part, context));
  if (!isList) return [line];
  const each: string[] = [];
  for (const part of parts) each.push(inOunces(part, each.at(-1), context));
  return each;
}
