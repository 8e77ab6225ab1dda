import { SHORTENED } from '../parsing/index.js';

/* What is written in a row another way than it is read: one spelling for each, before anything is looked up. */

/** Little pictures before and behind what is said. */
const PICTURE = String.raw`\p{Extended_Pictographic}(?:\p{Emoji_Modifier}|\uFE0F|\u200D)*`;
/** "**Lemon loaf**", "*Glaze:* 1 cup sugar": the words that a row of a message begins with, set bold or slanted. */
const SET_APART = /^(\s{0,3})(\*{1,2}|_{1,2})(?=[^\s*_])([^*_\n]{1,120}?)(?<=[^\s*_])\2(?![\w*_])/;
/** "… 1 egg → 8\" square, 425 °F": what comes of it. */
const COMES_OF_IT = / ?(?:→|=>|-->) ?/g;
const MUCH = String.raw`[\d½¼¾⅓⅔](?:[\d./½¼¾⅓⅔ ]{0,4}[\d½¼¾⅓⅔])?(?: ?(?:g|kg|ml|oz|tsp|tbsp|cups?|c|t|T|%))?`;
const OF_IT = String.raw`( \([a-z ]{3,12}\))?`;
/** "butter 200 → 150": what it was, and what is taken now. */
const CHANGED = new RegExp(
  String.raw`^(\s{0,4}[A-Za-z][A-Za-z ,()-]{1,40}?[ :]{1,4})(${MUCH})${OF_IT} ?(?:→|=>|->|-->) ?(${MUCH})${OF_IT}$`,
);
const asChanged = (row: string): string =>
  row.replace(CHANGED, (_, name: string, was: string, __: unknown, now: string, ofIt?: string) =>
    ofIt === undefined && was !== now ? `${name}${now} (was ${was})` : `${name}${now}${ofIt ?? ''}`,
  );
/** "1 T b.p.": the points are in the way of every sentence. */
const POINTED = /\bb\. ?([ps])\.(?=[\s,;)]|$)/gi;
/** "Makes 2 x 450 g loaves. 150 C, 50 mins": how many, and the bake behind it. */
const MAKES_FIRST = /^((?:makes|serves|yields?):? [^.|]{1,40})(?:\. +(?=\S[^.]{0,30}\d|[A-Z][a-z]{2,12}: )| \| )/i;
const PICTURES = new RegExp(String.raw`^(?:\s{0,4}${PICTURE}){1,12}\s*|(?:\s{0,4}${PICTURE}){1,12}\s{0,40}$`, 'gu');
/** "100 g of everything (butter, sugar, flour)". */
const OF_EVERYTHING = /(\d{1,4} ?(?:g|oz)) (?:of )?(?:everything|all|each)(?: of)? ?\(([^()]{5,80})\)/gi;

/** "the same weight of butter, sugar and flour as 3 eggs, so about 180 g of each". */
const AS_THE_EGGS =
  /\b(?:the )?same weight (?:of|in) ([a-z][a-z ,&-]{2,60}?) as (\d|two|three|four|five|six)( (?:large |medium |small )?eggs?)(?: \([^()]{1,30}\))?(?:,? (?:so )?(?:that's |which is |usually )?(?:about |around )?(\d{2,3} ?g) (?:of )?each)?/gi;

/** What is written another way than it is read, in a row. */
const SAID_PLAINLY: readonly (readonly [RegExp, string])[] = [
  [PICTURES, ''],
  [SET_APART, '$1$3'],
  // "1. **Preheat** your oven"
  [/^(\s{0,3}\d{1,2}[.)] )\*\*(?=[^\s*])([^*\n]{1,60})(?<=[^\s*])\*\*/, '$1$2'],
  // "Then 100 g dark chocolate chips", below a list
  [
    /^(?:and )?(?:then|plus|also|finally),? (?=(?:about )?\d[\d.,/]{0,5} ?(?:g|kg|oz|lb|ml|cups?|tsp|tbsp|c\.)(?![a-z])[^.]{3,60}$)(?!.{0,60}\b(?:mins?|minutes?|hours?|degrees)\b)/i,
    '',
  ],
  // "(pour the water over the dates, leave till cold)": a step
  [
    /^\((?=(?:pour|soak|mix|melt|warm|heat|leave|let|boil|simmer|rub|beat|whisk|stir|sift|toast)\b)([^()]{1,200})\)$/i,
    '$1',
  ],
  // "zest of an orange and a lemon"
  [
    /\b(zest|juice|rind) of (an?|one|1|two|2|half an?) (orange|lemon|lime)(s?) (?:and|&|\+) (an?|one|1|two|2|half an?) (orange|lemon|lime|grapefruit)/i,
    '$1 of $2 $3$4 and $1 of $5 $6',
  ],
  // "weigh your eggs, three of them, in their shells - about 180 g"
  [
    /\bweigh (?:your|the) eggs, (\d|two|three|four|five|six) of them,?(?: still)? in (?:their|the) shells?[ ,–—-]{1,3}(?:about )?(\d{2,3} ?g)\b/i,
    '$1 eggs in their shells (about $2)',
  ],
  // "greased 8x8s (two)", "Muffins - per muffin: 20 g flour"
  [/\b(\d{1,2} ?x ?\d{1,2})s \((two|three|2|3)\)/i, '$2 $1 pans'],
  [
    /^([A-Z][^:\d]{3,40}?),? (?:- |– |— )?\(?per (muffin|scone|cupcake|bun|biscuit|cake)\)?: (?=\d)/i,
    '$1\nMakes 1 $2\n',
  ],
  // "nuts if you want, a half cup"
  [
    /(?<=^|[.;] )([a-z][a-z ]{2,24}?) if (?:you )?(?:want|like|liked|wanted|wish)(?: them| any)?,? ((?:(?:an? )?(?:half|quarter)(?: an?)?|an?|one|\d[\d/]{0,4}|[½¼¾]) ?(?:cups?|g|oz|handfuls?|tbsps?|tablespoons?))(?=[.,;]|$)/gi,
    '$2 $1 (optional)',
  ],
  // "Sultanas optional 50g"
  [/^([a-z][a-z ]{2,24}?),? \(?opt(?:ional)?\.?\)? (\d{1,4} ?(?:g|oz|ml))$/i, '$2 $1 (optional)'],
  ...SHORTENED,
  // "1 tsp bicarb   |  pour over, leave": a stroke that holds together what is done with
  [/ {2,40}\| {1,8}(?=[a-z])/i, ', '],
  [/ {2,40}\| {0,8}$/, ''],
  [/\b(almond|vanilla|lemon|orange|peppermint|rum) ess(?:ence)?\.(?= ?[\d½¼a-z])/gi, '$1 essence'],
  // "eggs 3 (weighed 165 shelled)"
  [/\((?:weighed|weighing) (\d{2,3}) ?g? (?:shelled|out of (?:the|their) shells?|without shells?)\)/gi, '($1 g)'],
  // "4 eggs and their weight (in shells approx 250g) in butter, sugar and flour"
  [
    /,? (?:and|plus) their weight \((?:in (?:their |the )?shells?,? )?(?:approx\.? |about |c\. |~)?(\d{2,3} ?g)\) (?:in|of) /gi,
    ', $1 each of ',
  ],
  [/\bw\. (?=sugar\b)/gi, 'white '],
  [/\b(\d{1,2} ?cm) (sandwich|round|square) \((two|three|2|3) tins\)/gi, '$3 $1 $2 tins'],
  // "Alt. dry with 1 c. sour cream"
  [/^alt\. (?=[a-z])/i, 'Alternate '],
  // "Grated rind of that orange"
  [/\b(rind|zest|juice) of (?:that|the same) (?=(?:orange|lemon|lime)\b)/gi, '$1 of 1 '],
  // "juice of the lemon and orange"
  [
    /\b(zest|juice|rind) of the (orange|lemon|lime) and (?:the )?(orange|lemon|lime|grapefruit)\b/i,
    '$1 of 1 $2 and $1 of 1 $3',
  ],
  // "Batch size: 24 no.", "Time: 12-14 mins" on a card
  [
    /^(?:batch(?: size)?|quantity|number|portions) ?: (\d{1,3})(?: ?(?:no\.?|off|pcs\.?|pieces|items|portions))?$/i,
    'Makes $1',
  ],
  [/^time ?: (?=\d[\d a-z–-]{0,14}$)/i, 'Bake '],
  // "Q: How do I make …", "A: Use 2 cups …"
  [/^[QA]: (?=[A-Z])/, ''],
  // "325 - 1 hr.": no range
  [/^(\d{3}(?: ?°)?(?: ?[FC])?) ?- ?(?=\d{1,2}(?: 1\/2|½)? ?h(?:rs?|ours?)?\b)/i, '$1, '],
  // "Ingredients (for 1 loaf)"
  [/^ingredients? ?\((?:for|makes|serves|to make) (\d{1,2} [a-z ]{3,20})\) ?:?$/i, 'Makes $1\nIngredients'],
  // "juice of 2 of the oranges"
  [/\b(\d|one|two|three) of the (?=(?:lemons|oranges|limes)\b)/gi, '$1 '],
  // "*2 C flour | *1 T baking powder"
  [/^\*(?=\d|[½¼¾⅓⅔])/, '* '],
  [/ \| ?[*•] ?(?=\d|[½¼¾⅓⅔])/g, ' | '],
  // "1 1/2 tsp. bkg. pdr., vanilla": its dots are no ends of sentences
  [/\bbkg\. ?(?:pdr|pwdr|powd|powder)\b\.?/gi, 'baking powder'],
  // "350 g s/r flour"
  [/\bs\/r(?= ?(?:flour|wholemeal)\b)/gi, 'SR'],
  // "Ingredients (swirl)"
  [/^ingredients \(([a-z ]{3,20})\) ?:?$/i, '$1:'],
  // "half a teaspoon of bicarb, a whole one of cream of tartar"
  [/\b(?:a whole|a full|one whole) one of (?=[a-z])/i, 'one of '],
  // "… pinch of salt. Cup and a half flour.": one of them
  [/((?:^|[.,;]) ?"?)(cup|teaspoon|tablespoon|pound) and a half (?=of |[a-z])/i, '$11 1/2 $2 '],
  [/((?:^|[.,;]) ?"?)(cup|teaspoon|tablespoon|pound) and a quarter (?=of |[a-z])/i, '$11 1/4 $2 '],
  // "Icing: 500 g icing sugar, 1/2 cup milk. Coconut: 2 cups"
  [/^((?:icing|frosting|topping|filling|glaze): [^:]{5,120}?)\. (?=[A-Z][a-z]{2,15}: (?:about )?[\d½¼¾])/i, '$1\n'],
  // "Glaze → 1 cup powdered sugar"
  [/^((?:glaze|icing|frosting|topping|filling|drizzle|streusel|syrup)) ?(?:→|=>|-->) ?/i, '$1: '],
  [COMES_OF_IT, '. '],
  [POINTED, 'b$1'],
  // "fill: 150 g butter, …"
  [/^fill(?:ed)?(?: with)?: (?=\d)/i, 'Filling: '],
  // "DRY 2 cups flour, …"
  [/^(DRY|WET|FATS?|LIQUIDS?|TOPPING|GLAZE|ICING) (?=\d|[½¼¾])/, '$1: '],
  // "[dry] 1 c flour, 1/2 tsp soda"
  [/^\[add(?:[- ]?ins)?\] (?=\d|[½¼¾⅓⅔⅛])/i, ''],
  [/^\[([a-z]{3,10})\] (?=\d|[½¼¾⅓⅔⅛])/i, '$1: '],
  // "3 oz butter } cream", and "6 oz sugar }" below it: the brace says what is done with both
  [/ {1,8}[}⎫⎬⎭] {0,8}(?=[a-z])/i, ', '],
  [/ {0,8}[}⎫⎬⎭] {0,8}$/, ''],
  // "Method:-"
  [/ ?:[-–—]\s*$/, ':'],
  [MAKES_FIRST, '$1\n'],
  [OF_EVERYTHING, '$1 each of $2'],
  // "equal weights 225 g butter sugar SR flour"
  [
    /\b(?:equal weights?:? (?:of )?)?(\d{2,3} ?(?:g|oz)) (butter|marg(?:arine)?)[ ,/]{1,2}((?:caster |castor )?sugar)[ ,/]{1,2}(?:and |& )?((?:sr |self[- ]raising |plain )?flour)\b/gi,
    '$1 each of $2, $3 and $4',
  ],
  [/(?<=\d ?(?:g|oz) )gran\b(?=[\s.,;)]|$)/gi, 'granulated'],
  // "1 tsp each soda & powder": of the two that raise it
  [/\b(soda) (&|and|\+) (?=powder\b)/gi, '$1 $2 baking '],
  [/(?<!\b[a-z]{3,12} )\b(?=powder (?:&|and|\+) (?:baking )?soda\b)/gi, 'baking '],
  // "3 T powder", where it is measured in spoons
  [/(?<=\d ?(?:t|T|tsp|tbsp|Tbsp)\.? )(?=powder\b)/g, 'baking '],
  [/\bhalf ?(?:&|n|'n') ?half\b/gi, 'half and half'],
  // "for the drizzle - juice of the lemon + 50 g granulated": of the one above
  [
    /^((?:for the )?(?:drizzle|icing|glaze|syrup|topping) ?[:–-] ?(?:juice|zest) of )the (?=lemon|lime|orange)/i,
    '$11 ',
  ],
];
const COUNTED = String.raw`(?:\d[\d.,/]{0,5}|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half an?)(?: and an? (?:half|quarter))?`;
const MEASURE = String.raw`(?:g|grams?|kg|ml|oz|ounces?|cups?|teaspoons?|tablespoons?|tsps?|tbsps?)`;
/** "four teaspoons of baking powder, no sorry, three, three teaspoons": what is said last stands, in the place of the first. */
const TAKEN_BACK = new RegExp(
  String.raw`(?<![\w.,/])(${COUNTED})( ?[a-z][a-z' -]{0,40}?),? (?:(?:um|er|uh|oh|well)[,.]? ){0,2}(?:(?:no|sorry|wait|make (?:that|it)|i mean|i tell a lie)[,.]? ){1,3}(?:it's )?(${COUNTED})(?: ?${MEASURE})?(?:, \3(?: ?${MEASURE})?)?(?=[,.;!]|$)`,
  'gi',
);
/** "4 Eier wiegen (ca. 240 g mit Schale), gleich viel Butter, Zucker, Mehl". */
const GERMAN_ALIKE =
  /^(\d{1,2} Eier)(?: wiegen)? \((?:ca\.? |etwa )?(\d{2,3}) ?g[^()]{0,20}\),? (?:(?:und )?(?:gleich|genauso|ebenso) viel|das ?gleiche Gewicht(?: an)?) ([^.]{3,80})$/i;

export const plainly = (row: string): string =>
  SAID_PLAINLY.reduce((said, [pattern, instead]) => said.replace(pattern, instead), asChanged(row))
    .replace(TAKEN_BACK, '$3$2')
    .replace(GERMAN_ALIKE, (_, eggs: string, grams: string, things: string) =>
      [eggs, ...things.split(/, ?| und /).map((thing) => `${grams} g ${thing}`)].join('\n'),
    )
    .replace(AS_THE_EGGS, (_, things: string, count: string, eggs: string, grams?: string) =>
      grams === undefined
        ? `${count}${eggs}, their weight in ${things}`
        : `${count}${eggs}, ${grams} each of ${things}`,
    );
