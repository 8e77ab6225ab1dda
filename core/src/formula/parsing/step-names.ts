import { plainWords, roleOf, SHORT_FORMS, type Ingredient } from '../../kitchen/ingredients/index.js';
import { isBatter, type Formula } from '../formula/index.js';
import { LONGEST_LINE } from '../../ground/text/index.js';
import { normalise } from './normalise.js';
import type { ReadEntry } from './read-line.js';
import { PART_AT_THE_END } from './sections.js';
import { BULLET } from './segments.js';
import type { WeighedFormula, WeighedLine } from './weigh-formula.js';

/*
 * What a step calls the lines of its formula: each by a name of its own ("the buttermilk"), several by a word for their kind ("the dry
 * ingredients"), a whole part by its title ("frost when cold"), or everything at once. Where it is named is kept, so that the order in
 * which things go into a bowl can be told.
 */

export const WHOLE_METHOD =
  /\b(?:everything|all (?:of )?(?:the )?(?:(?!dry|wet|liquid|filling|icing|topping|frosting|glaze|drizzle)[a-z]{3,12} )?(?:ingredients?|together)|all the rest|it all|the rest(?: of (?:the )?ingredients)?|the remaining ingredients|the others|mix all|combine all|all in)\b/i;
/** What is greased, floured or dusted, so that nothing sticks to it. */
const VESSEL = String.raw`(?:tins?|pans?|trays?|dish(?:es)?|sheets?|boards?|surfaces?|worktops?|counters?|mou?lds?|sides|bases?|cases|(?:coffee|muffin|tea|paper|silicone) cups|mugs?|ramekins?|basins?|bowls?|skillets?|springforms?|bundt|casseroles?|cans?|cookers?|griddles?|foil|paper|parchment|cutters?|racks?|hands|piping bags?)`;
const SOME = String.raw`(?:an?|the|your|each|all|two|three|four|six|eight|twelve|\d+|individual)`;
/** "butter the tin", "flour the board": the name is a verb, or greases something. */
const GREASES = new RegExp(
  String.raw`\b(?:butter|flour|oil|grease|sugar)(?:ed)?\s+(?:and (?:flour|line|base-line)\s+)?${SOME}\s+(?:[\w-]+\s+){0,4}?${VESSEL}\b(?:[^.;]{0,60}\band (?:dust|flour|sprinkle)(?: (?:it|them))?(?: lightly)? with (?:cocoa|flour|sugar|semolina)\b)?|\bcream(?=\s+(?:the|butter|together|until|it)\b)|(?<=^|[.;:,]\s|\band\s|\bthen\s)peel(?=\s+(?:off|away|back|the|them|it)\b)`,
  'gi',
);
/** "Dust a baking sheet with flour", "on a board dusted with flour": what keeps it from sticking is none of what is weighed. */
const DUSTED = new RegExp(
  String.raw`\b(?:dust|sprinkle|grease|brush|oil|line|coat|rub)\s+(?:${SOME}\s+)?(?:[\w-]+\s+){0,8}?${VESSEL}\s+(?:(?:lightly|generously|well|all over)\s+)?with\s+(?:(?:a\s+little|some|plenty\s+of|more|extra|melted|soft|plain|the)\s+){0,2}(?:flour|butter|oil|sugar|lard|margarine|semolina|cocoa)\b|\b(?:dusted|sprinkled|greased|brushed|buttered)\s+with\s+(?:(?:a\s+little|some|plenty\s+of|more|extra|melted|plain)\s+){0,2}(?:flour|butter|oil|semolina)\b`,
  'gi',
);

/** Words of a step that stand for several lines at once, and what belongs to them. */
const GROUPS: readonly (readonly [RegExp, (entry: ReadEntry, ingredient: Ingredient) => boolean])[] = [
  [
    /\b(?:dry(?: (?:ingredients|things|mix(?:ture)?|goods|ones))?|flour mix(?:ture)?)\b/i,
    ({ preparation }, ingredient) => {
      const role = roleOf(ingredient);
      return (
        role.flour > 0 ||
        role.nutMeal ||
        role.cocoa ||
        DRY_CATEGORIES.has(ingredient.category) ||
        (ingredient.category === 'nut/seed' && preparation === 'ground') ||
        ingredient.id.endsWith('powder')
      );
    },
  ],
  [
    /\b(?:wet(?: (?:ingredients|things|mix(?:ture)?|ones))?|liquids?)\b/i,
    ({ preparation }, ingredient) =>
      WET_CATEGORIES.has(ingredient.category) || roleOf(ingredient).egg > 0 || preparation === 'mashed',
  ],
  [
    /\b(?:raising agents?|leavening|leaveners?|(?<!cocoa |custard |mustard |milk )powders?)\b/i,
    (_, { category }) => category === 'leavener',
  ],
  [/\b(?:spices?|spicing)\b/i, (_, { category }) => category === 'spice' || category === 'salt'],
  [/\bfruits?\b/i, (_, { category }) => /fruit|vegetable/.test(category)],
  [/\bnuts?\b/i, (_, { category }) => category === 'nut/seed'],
  [/\bberries\b/i, (_, { id }) => /berries$|currants$/.test(id)],
  [/\bseeds\b/i, (_, { id }) => /seeds?$/.test(id)],
  [/\bcheeses?\b/i, (_, { category, id }) => category === 'cheese/savoury' && CHEESE.test(id)],
  [
    /\bherbs\b/i,
    (_, { id }) => /^(?:chives|parsley|cilantro|scallion)$|thyme|rosemary|oregano|herbs|sage|basil|mint|dill/.test(id),
  ],
  [/(?<!full[ -]|low[ -])\bfats?\b/i, (_, { category }) => category === 'fat'],
];
const CHEESE = /cheddar|parmesan|gruyere|mozzarella|feta|halloumi|cheese|mascarpone|ricotta|paneer/;
const DRY_CATEGORIES: ReadonlySet<string> = new Set(['leavener', 'salt', 'spice', 'sugar', 'starch', 'thickener/gum']);
const WET_CATEGORIES: ReadonlySet<string> = new Set([
  'egg', 'egg substitute', 'dairy', 'cultured dairy', 'plant milk', 'liquid', 'syrup', 'fat', 'fruit puree', 'flavouring', 'alcohol', 'acid',
]); // prettier-ignore

/** Words too general to name an ingredient by alone. */
const GENERAL: ReadonlySet<string> = new Set(
  'half golden ground fresh dried fine plain powder powdered sauce mixed large small whole white brown dark light soft baking all purpose grated of and the water good ripe cold chilled warm hot coarse kosher flaky mixture mix blend spread stuff bits icing frosting til tel sat shot dripping leaves leaf pieces slices slivers rings stick sticks weight volume type spoon spray sheets color colour glaze filling topping covering coating drink solution mass substitute chunks halves hearts clusters strands threads stalks segments pod pods block blended skimmed alternative concentrate paste meal dice'.split(
    ' ',
  ),
);

/** Words before a name that say how it is and not what, and stand in a step for something else: "beat until smooth", "three-quarters full". */
const SAYS_HOW: ReadonlySet<string> = new Set(
  'active back bitter biscuit block blend bread breakfast cake chewy clear cloudy compound cook crunchy crystal culinary dense dessert double drink easy extra fancy fast finger firm five flat flavour four free freshly frozen full gold grade green grey half hard heavy high home homemade instant jumbo leftover lite long luxury machine made mature meal medium mini minute muffin natural neutral overripe pack pale pancake pastry percent pizza pure quick rainbow ready regular replacement rock roll root rough runny salad semi sharp sheet simple single skim skin smooth solid spirit sponge spreadable square star steel stem stick sticky stone strands streaky strong style summer sweet table thick thin traditional triple twice type warm whip wine winter with yellow young'.split(
    ' ',
  ),
);
const HOW_IT_IS = /(?:[^e]ed|ing|ly)$/;
const saysWhat = (word: string): boolean =>
  word.length > 3 && !GENERAL.has(word) && !SAYS_HOW.has(word) && !HOW_IT_IS.test(word);

/** A written name, and its last words where they are no general ones: "dark brown sugar" is also the brown sugar, and sugar. */
function callsFrom(written: string): readonly string[] {
  const words = plainWords(written.replace(/\(.*?\)/g, ''))
    .split(' ')
    .filter((word) => word !== '');
  const head = words.at(-1) ?? '';
  return [
    ...(words.length > 0 ? [words.join(' ')] : []),
    ...(head.length > 2 && !GENERAL.has(head) ? [...(words.length > 2 ? [words.slice(-2).join(' ')] : []), head] : []),
  ];
}

const callsOfIngredients = new WeakMap<Ingredient, readonly string[]>();
/** What an ingredient of the pantry is called: the same for every line that holds it. */
function callsOf(ingredient: Ingredient): readonly string[] {
  let calls = callsOfIngredients.get(ingredient);
  if (!calls) {
    calls = [
      ...[ingredient.nameUs, ingredient.nameUk].flatMap(callsFrom),
      ...ingredient.aliases.flatMap(callsFrom).filter((call) => !GENERAL.has(call)),
    ];
    callsOfIngredients.set(ingredient, calls);
  }
  return calls;
}

/** What a hurried step calls them: "fold in the flour and BP". */
const shortOf = new Map<string, readonly string[]>();
for (const [short, long] of Object.entries(SHORT_FORMS))
  if (!short.includes(' ')) shortOf.set(long, [...(shortOf.get(long) ?? []), short]);

/** Words by which a step may call what a line holds. */
function callNames(line: WeighedLine): readonly string[] {
  const names = new Set<string>();
  for (const { name, ingredient } of line.entries) {
    for (const call of callsFrom(name)) names.add(call);
    for (const call of ingredient ? callsOf(ingredient) : []) names.add(call);
    for (const word of plainWords(name).split(' ').slice(0, -1)) if (saysWhat(word)) names.add(word);
  }
  const short = [...names].flatMap((name) => shortOf.get(name) ?? []);
  return [...[...names].map(withoutPlural).filter((name) => name.length > 2), ...short];
}
const withoutPlural = (name: string) => name.replace(/(?<=[a-z]{3})(?<!s)s$/, '');

const namesOfEntries = new WeakMap<WeighedLine['entries'], readonly string[]>();
function namesOf(line: WeighedLine): readonly string[] {
  let names = namesOfEntries.get(line.entries);
  if (!names) namesOfEntries.set(line.entries, (names = callNames(line)));
  return names;
}

const escaped = (words: string) => words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/y$/, '(?:y|ie)');
/** A portion before a name: "half the", "2 tbsp of the", "the remaining", "all but a spoonful of the". */
const PORTION_BEFORE =
  /((?:all (?:but|except) [^,;.]{1,24}?|(?:the )?(?:rest|remaining|remainder|reserved)|(?:about |roughly )?(?:a |one )?(?:half|third|quarter)|two[- ]thirds|three[- ]quarters|most|some|(?:\d{1,2} )?\d(?:[\d./]*\d)?\s?[a-z]+\.?))\s{0,2}(?:of\s+)?(?:the\s+|your\s+)?(?:(?:melted|softened|soft|cold|cooled|warm|hot|chopped|diced|sliced|toasted|grated|sifted|crumbled|fresh)\s+)?$/i;
/** Setting aside is no taking: the amount goes where the step says "the reserved". */
const RESERVING =
  /\b(?:reserv(?:e|ing)|set(?:ting)? aside|keep(?:ing)? back|hold(?:ing)? back|put(?:ting)? aside)\b[^.;]*$/i;
const RESERVED = /\b(?:reserved|saved)\b[^.;]*$/i;
/** "Add half of the melted butter mixture": what was made of it. */
const OF_A_MIXTURE = /^[a-z]* (?:mixture|mix)\b/i;

/** "Everything except the jam", "the dry ingredients (but not the oats)": what it names goes elsewhere. */
const EXCEPTED =
  /\b(?:except(?: for)?|apart from|aside from|excluding|other than|but not)\s+(?:the\s+)?(?:[a-z-]+\s+){0,3}?[a-z-]+(?=[,.;:)]|\s+(?:in|into|to|together|with|until|and)\b|$)/gi;

/** A step without what it only greases or dusts with, or leaves out, every other word in its place. */
export const withoutGreasing = (text: string): string =>
  [DUSTED, GREASES, EXCEPTED].reduce(
    (left, pattern) => left.replace(pattern, (greased) => ' '.repeat(greased.length)),
    text,
  );

/** "Sprinkle with sugar", "brush the tops with cream": a little of it, where nothing says how much. */
const FINISHING =
  /\b(?:sprinkle|dust|brush|scatter|dredge|strew)\b[^.;]{0,40}\bwith\s+(?:(?:a\s+little|some|extra|more)\s+)?$/i;

export interface Mentioned {
  readonly stepId: string;
  /** Where in the words of the step. */
  readonly at: number;
  readonly words: string;
  readonly how?: 'reserving' | 'reserved';
  /** Several lines answer to the name that the step uses. */
  readonly shared: boolean;
  /** It is put on with a little of it. */
  readonly finishing?: boolean;
  /** It names a mixture that was made of it. */
  readonly ofMixture?: boolean;
}

export interface CalledLine {
  readonly line: WeighedLine;
  readonly component: WeighedFormula['components'][number];
}

const patterns = new Map<string, RegExp>();
/** The pattern of a name; its place to go on from is whoever uses it to reset. */
function patternOf(name: string): RegExp {
  let pattern = patterns.get(name);
  if (!pattern)
    patterns.set(name, (pattern = new RegExp(`\\b${escaped(name).replaceAll(' ', '[ -]')}(?:s|es)?\\b`, 'gi')));
  return pattern;
}

/** Things whose last word, or first, is also the name of another. */
const OTHER_THINGS =
  /\b(?:(?:icing|powdered|confectioner'?s'?|pearl|nibbed) sugar|ice[ -]cream|(?:peanut|almond|cocoa|apple) butter|butter (?:knife|papers?|wrappers?)|flour (?:sifter|sieve|shaker)|egg (?:whisk|timer|cups?)|cream cheese|milk chocolate|milk pan|(?:coconut|condensed|evaporated) milk|(?:rice|corn) flour|sugar thermometer|lemon squeezer|apple corer|salt cellar|syrup consistency|butter bean)\b/gi;

/** What bakes as butter, and is called so where there is none: "add the flour and soft butter" to a list that has a baking spread. */
const AS_BUTTER = /margarine|spread/;

/** The lines that answer to each name, the longest name first. */
export function linesByName(lines: readonly CalledLine[]): readonly (readonly [string, readonly CalledLine[]])[] {
  const byName = new Map<string, CalledLine[]>();
  for (const called of lines) {
    for (const name of namesOf(called.line)) {
      const others = byName.get(name);
      if (others) others.push(called);
      else byName.set(name, [called]);
    }
  }
  if (!byName.has('butter')) {
    const spreads = lines.filter(({ line }) =>
      line.entries.some(({ ingredient }) => ingredient && AS_BUTTER.test(ingredient.id)),
    );
    if (spreads.length > 0) byName.set('butter', spreads);
  }
  return [...byName].sort(([a], [b]) => b.length - a.length);
}

/** Whether a line begins with an amount as a step says it: "½ cup" with "1/2 cup", "2 tbsp" not with "2 t". */
export function beginsWith({ line }: WeighedLine, amount: string): boolean {
  const bare = (text: string): string => normalise(text).replace(BULLET, '').replace(/(?<=\d) +(?=[a-z])/gi, '').toLowerCase(); // prettier-ignore
  const [text, wanted] = [bare(line.text), bare(amount).trim()];
  return text.startsWith(wanted) && !/^[a-z\d]/.test(text.slice(wanted.length));
}

/** Of several lines of one name, the one that is written with the amount the step gives: "melt 40 g butter" is not the 120 g to be creamed. */
function withThatAmount(called: readonly CalledLine[], words: string): readonly CalledLine[] {
  if (called.length < 2 || !/^\d/.test(words)) return called;
  const written = called.filter(({ line }) => beginsWith(line, words));
  return written.length === 1 ? written : called;
}

/** "jalapeño" is called "jalapeno"; every letter in its place. */
function unaccented(text: string): string {
  const bare = text.normalize('NFD').replace(/\p{M}/gu, '');
  return bare.length === text.length ? bare : text;
}

/**
 * Which lines a step names. Longer names are looked for first and then covered up, so that "stem ginger" does not name the ground
 * ginger too.
 */
export function namedIn(
  stepId: string,
  text: string,
  byName: readonly (readonly [name: string, lines: readonly CalledLine[]])[],
): ReadonlyMap<CalledLine, Mentioned> {
  const mentioned = new Map<CalledLine, Mentioned>();
  let open = unaccented(withoutGreasing(text));
  const lower = open.toLowerCase().replaceAll('-', ' ');
  let othersCovered = false;
  for (const [name, called] of byName) {
    // what is left of longer names is on no line: "dust with icing sugar" is none of the sugar
    if (!othersCovered && !name.includes(' ')) {
      open = open.replace(OTHER_THINGS, (covered) => ' '.repeat(covered.length));
      othersCovered = true;
    }
    if (!lower.includes(name.slice(0, -1))) continue;
    const pattern = patternOf(name);
    pattern.lastIndex = 0;
    const at = pattern.exec(open)?.index;
    if (at === undefined) continue;
    const before = open.slice(0, at);
    const words = PORTION_BEFORE.exec(before)?.[1] ?? '';
    const mention = RESERVING.test(before)
      ? ({ words, how: 'reserving' } as const)
      : RESERVED.test(before)
        ? ({ words: 'reserved', how: 'reserved' } as const)
        : {
            words,
            ...(FINISHING.test(before) && { finishing: true }),
            ...(OF_A_MIXTURE.test(open.slice(at + name.length)) && { ofMixture: true }),
          };
    const meant = withThatAmount(called, words);
    for (const calledLine of meant)
      if (!mentioned.has(calledLine)) mentioned.set(calledLine, { stepId, at, ...mention, shared: meant.length > 1 });
    open = open.replace(pattern, (covered) => ' '.repeat(covered.length));
  }
  return mentioned;
}

const stemOf = (words: string): string => words.replace(/(?:ing|e)$/, '');
/** "Frosting" is meant by "frost when cold", "glaze" by "glazed". */
export function namesComponent(step: string, name: string): boolean {
  const words = plainWords(name.replace(/ \([^()]*\)$/, '')).replace(/^(?:to|for) /, '');
  const stem = stemOf(words);
  if (stem === 'ic') return /\b(?:icing(?! sugar)|iced|ice (?:the|it|them|when|with|once|over|thickly))\b/i.test(step);
  const isNamed = (called: string) => new RegExp(`\\b${escaped(called)}(?:e|ed|ing|s)?\\b`, 'i').test(step);
  // "Streusel topping" is the streusel, "Lemon glaze" the glaze
  const nouns = words.includes(' ') ? words.split(' ').filter((word) => PART_AT_THE_END.test(word)).map(stemOf) : []; // prettier-ignore
  return stem.length > 2 && !/^(?:batter|dough|mixture|cake|loaf)/.test(stem) && [stem, ...nouns].some(isNamed);
}

/**
 * "For the crumble, rub …", "Meanwhile make the icing: …", in German "knead for the streusel flour …", "Melt the topping butter
 * and sugar": where a step turns to a part.
 */
const TURNS_TO =
  /(?:^|[.;:!?]\s+)(?:(?:\d{1,2}[.)]?\s+)?(?:(?:meanwhile|next|first|then|now|finally),? )?(?:for|to make|make|making|prepare|start(?:ing)? with|begin(?:ning)? with) (?:the|your|a) ([a-z][a-z -]{2,28}?)(?=,|:|\.| by\b| first\b)|[a-z]{3,12} for the ([a-z]{3,20})(?= [a-z]))|\bthe ([a-z]{3,20}) (?=(?:butter|sugar|flour|eggs?|milk|cream|syrup|oil|honey|ingredients|things)\b)/gi;
interface Turn {
  readonly at: number;
  /** What it turns to, as it says it. */
  readonly to: string;
}
const turnsIn = (step: string): readonly Turn[] =>
  [...step.matchAll(TURNS_TO)].map(({ index, 1: named, 2: behind, 3: before }) => ({ at: index, to: named ?? behind ?? before ?? '' })); // prettier-ignore

/** The part that a step is about at a place, where it turned to one in so many words: what "the flour" is there is that part's flour. */
export function partAt(step: string, at: number, names: readonly string[]): string | undefined {
  let part: string | undefined;
  for (const turn of turnsIn(step)) {
    if (turn.at > at) break;
    part = names.find((name) => namesComponent(turn.to, name));
  }
  // "rub the butter into the flour for the topping"
  const behind = FOR_IT.exec(step.slice(at, at + LONGEST_LINE))?.[1] ?? '';
  return part ?? names.find((name) => namesComponent(behind, name));
}
const FOR_IT = /^[^.;]*?\bfor (?:the|your) ([a-z][a-z -]{2,28}?)(?=[.,;]|$)/i;
/** The part that a sentence turns to in so many words; the last of several. */
export const turnedTo = (sentence: string, names: readonly string[]): string | undefined =>
  turnsIn(sentence)
    .flatMap(({ to }) => names.find((name) => namesComponent(to, name)) ?? [])
    .at(-1);
/** Whether a step turns to a part in so many words. */
export const turnsTo = (step: string, name: string): boolean =>
  turnsIn(step).some(({ to }) => namesComponent(to, name));

/** The words of steps without what they tell of parts beside the batter: "For the crumble, rub the butter in" rubs nothing into a batter. */
export function stepsOfBatter({ steps, components }: Formula): string {
  const beside = components.map(({ name }) => name).filter((name) => !isBatter(name));
  return steps
    .flatMap((step) => {
      const text = normalise(step.text);
      const turns = turnsIn(text);
      const from = [0, ...turns.map(({ at }) => at)];
      return from.flatMap((start, i) => {
        const part = turns[i - 1]?.to;
        const isBeside = part !== undefined && beside.some((name) => namesComponent(part, name));
        return isBeside ? [] : [text.slice(start, from[i + 1])];
      });
    })
    .join('\n');
}

/** Names of what rises: "grease the cake tin" is no word about what is in a part called Cake. */
const NAMES_THE_TIN =
  /^(?:the )?(?:cakes?|cupcakes?|muffins?|loaf|loaves|bread|scones?|biscuits?|buns?|sponges?|batter)$/i;
export function inGroup(step: string, { line, component }: CalledLine): boolean {
  return (
    (!NAMES_THE_TIN.test(component.name) && namesComponent(step, component.name)) ||
    line.entries.some((entry) =>
      GROUPS.some(
        ([words, belongs]) => entry.ingredient !== undefined && words.test(step) && belongs(entry, entry.ingredient),
      ),
    )
  );
}

/** Where a step speaks of the group that a line belongs to: "the dry ingredients", "everything". */
export function groupedAt(step: string, { line }: CalledLine): number {
  const places = GROUPS.flatMap(([words, belongs]) => {
    const at = words.exec(step)?.index;
    const mine = line.entries.some((entry) => entry.ingredient !== undefined && belongs(entry, entry.ingredient));
    return at !== undefined && mine ? [at] : [];
  });
  return places[0] ?? WHOLE_METHOD.exec(step)?.index ?? 0;
}
