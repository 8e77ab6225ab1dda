/* What is written in a row another way than it is read: one spelling for each, before anything is looked up. */

/** Little pictures before and behind what is said. */
const PICTURE = String.raw`\p{Extended_Pictographic}(?:\p{Emoji_Modifier}|\uFE0F|\u200D)*`;
/** "**Lemon loaf**", "*Glaze:* 1 cup sugar": the words that a row of a message begins with, set bold or slanted. */
const SET_APART = /^(\s{0,3})(\*{1,2}|_{1,2})(?=[^\s*_])([^*_\n]{1,120}?)(?<=[^\s*_])\2(?![\w*_])/;
/** "… 1 egg → 8\" square, 425 °F": what comes of it. */
const COMES_OF_IT = / ?(?:→|=>|-->) ?/g;
/** "1 T b.p.": the points are in the way of every sentence. */
const POINTED = /\bb\. ?([ps])\.(?=[\s,;)]|$)/gi;
/** "Makes 2 x 450 g loaves. 150 C, 50 mins": how many, and the bake behind it. */
const MAKES_FIRST = /^((?:makes|serves|yields?):? [^.|]{1,40})(?:\. +(?=\S[^.]{0,30}\d)| \| )/i;
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
    /\b(zest|juice|rind) of (an?|one|1|two|2|half an?) (orange|lemon|lime)(s?) and (an?|one|1|two|2|half an?) (orange|lemon|lime|grapefruit)/i,
    '$1 of $2 $3$4 and $1 of $5 $6',
  ],
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
export const plainly = (row: string): string =>
  SAID_PLAINLY.reduce((said, [pattern, instead]) => said.replace(pattern, instead), row)
    .replace(TAKEN_BACK, '$3$2')
    .replace(AS_THE_EGGS, (_, things: string, count: string, eggs: string, grams?: string) =>
      grams === undefined
        ? `${count}${eggs}, their weight in ${things}`
        : `${count}${eggs}, ${grams} each of ${things}`,
    );
