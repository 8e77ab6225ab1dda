import { asPhrase, NUMBER_WORDS } from '../../ground/text/index.js';
import { heldIn, panThatHolds } from './held.js';
import { figureIn, onePan } from './pan-words.js';
import { SHELF_PANS, type ShelfPan } from './shelf.js';
import type { Pan, PanMaterial, PanSet, PanShape } from './pan.js';

const CM_PER_INCH = 2.54;

export type ParsedPan =
  | {
      readonly kind: 'pan';
      readonly set: PanSet;
      /** Dimensions that were not said and are the usual ones. */ readonly assumed: readonly ('depth' | 'size')[];
    }
  | { readonly kind: 'size-missing'; readonly shape: PanShape }
  /** A thing without walls, which holds no batter; or no pan at all. */
  | { readonly kind: 'unknown'; readonly because: 'shape-not-built' | 'no-pan' | 'size-unlikely' };

const SHAPE_WORDS: readonly (readonly [RegExp, PanShape])[] = [
  [/bundt|fluted|\btube\b|angel|ring (?:tin|mould|pan)|gugelhupf|kugelhopf|savarin|chiffon/, 'ring'],
  [/basin|ramekin|\bmug\b/, 'round'],
  [/muffin|cupcake|doughnut|donut|madeleine|fairy cake|bun tin|patty|\bcup\b|-cup|\bhole\b|-hole|\bcases?\b|cavit/, 'muffin'],
  [/loaf|bread (?:pan|tin)|\d ?-? ?(?:lb|pound)s?\b|\b(?:450|900) ?g\b/, 'loaf'],
  [/square|\bsq\b/, 'square'],
  [/rectang|traybake|tray bake|sheet|brownie|roasting|swiss roll|jelly roll|oblong|slab|baking tray/, 'rectangle'],
  [/round|springform|spring-form|loose[- ]bottom|sandwich|layer|circular|skillet|diameter|cake (?:pan|tin)|frying pan/, 'round'],
]; // prettier-ignore
const NOT_BUILT = /popover|pie dish|pie plate|free[- ]?(?:form|standing)|griddle|wedge|disc\b/;

const MATERIAL_WORDS: readonly (readonly [RegExp, PanMaterial])[] = [
  [/cast[- ]iron|skillet/, 'cast-iron'],
  [/glass|pyrex/, 'glass'],
  [/ceramic|stoneware|earthenware|porcelain/, 'ceramic'],
  [/silicone/, 'silicone'],
  [/dark|non-?stick|black|anodi[sz]ed/, 'dark'],
  [/light|shiny|alumini?um|tinplate|metal/, 'light'],
];
export function materialNamed(words: string): PanMaterial | undefined {
  return MATERIAL_WORDS.find(([pattern]) => pattern.test(words.toLowerCase()))?.[1];
}

const NUMBER = String.raw`(\d+(?:[.,]\d+)?(?:[ -]\d+\/\d+)?|\d+\/\d+)`;
const LENGTH_UNIT = String.raw`(?:"|''|-? ?in(?:ch(?:es)?)?\b\.?|-? ?cms?\b|-? ?mm\b|-? ?centimet(?:re|er)s?\b)?`;
const BY = '[ -]{0,2}(?:x|by|\\*)[ -]{0,2}';
const DIMENSIONS = new RegExp(
  `${NUMBER} ?(${LENGTH_UNIT})${BY}${NUMBER} ?(${LENGTH_UNIT})(?:${BY}${NUMBER} ?(${LENGTH_UNIT}))?`,
);
const ONE_LENGTH = new RegExp(String.raw`${NUMBER} ?("|''|-? ?in(?:ch(?:es)?)?\b|-? ?cms?\b|-? ?mm\b)`);
const DEPTH = new RegExp(`,? ?${NUMBER} ?("|-? ?in(?:ch(?:es)?)?|-? ?cms?|-? ?mm)?[ -]{0,2}(?:deep|high|depth|tall)`);

/** "deep 20 cm round tin" */
const DEEP_BEFORE = /^deep(?:-sided)?,? (?=\d)/;

type LengthUnit = 'inch' | 'cm' | 'mm';
function unitOf(words: readonly (string | undefined)[], sizes: readonly number[]): LengthUnit {
  const phrase = words.join(' ');
  if (phrase.includes('mm')) return 'mm';
  if (/cm|cent/.test(phrase)) return 'cm';
  if (/["']|in/.test(phrase)) return 'inch';
  // unsaid: home pans run 4–18 inches or 10–46 cm
  return Math.max(...sizes) <= 18 ? 'inch' : 'cm';
}
const inCm = (length: number, unit: LengthUnit) =>
  unit === 'inch' ? length * CM_PER_INCH : unit === 'mm' ? length / 10 : length;

const USUAL_DEPTH_CM: Readonly<Record<PanShape, number>> = {
  round: 5,
  square: 5,
  rectangle: 4.8,
  loaf: 7,
  muffin: 3.4,
  ring: 8.5,
};
/** Width lost from rim to base for each cm of depth, where nothing else is known. @source pans.csv, typical home pans */
const TAPER: Readonly<Record<PanShape, number>> = {
  round: 0,
  square: 0.2,
  rectangle: 0.3,
  loaf: 0.22,
  muffin: 0.56,
  ring: 0.35,
};
/** How far a pan of the table may be from what was written and still be that pan: as a share, and as what rounding to whole centimetres hides. */
const SAME_WITHIN = 0.035;
const SAME_WITHIN_CM = 0.5;
const LAST_FIGURE_CM = 0.06;
/** A size below nothing, no pan at all, or half a pan. */
const IMPOSSIBLE = /^-\s?\d|(?:^|\sx\s?)-\d|[a-z"] x ?0$|(?:round|square|loaf|tin|pan|ring|dish|tray)s? x ?\d+[.,]\d+$/;
/** Pans of the table that are meant only when named, not when merely of that size. */
const NEEDS_ITS_NAME = /^(?:pie|skillet|dutch|tulip)|g$/;
/** Shares of a ring's own size, where the table has none like it: the tube, and what flutes leave. */
const TUBE_SHARE = 0.3;
const FLUTES_LEAVE = 0.91;
const isFluted = (words: string) => /flute|bundt|gugel|kugel/.test(words);
const isRingMould = (words: string) => /savarin|ring (?:tin|mould|pan)/.test(words);
/** What a tin is called deep from on. @source pans.csv, deep tins */
const DEEP_TIN_CM = 7.5;
const BASIN = /^(?:pudding|ramekin|mug|can)/;
const SMALLEST_CM = 3;
const LARGEST_CM = 75;

/** What is said of a pan, before it is one. */
interface PanWords {
  readonly text: string;
  readonly count: number;
  readonly material: PanMaterial | undefined;
  /** "9 cm deep", with the words taken off the text. */
  readonly depthSaid: RegExpExecArray | null;
  /** "a deep 23 cm round": deep, with no figure. */
  readonly deepTin: boolean;
}

/** One spelling, and what stands around the size: how many, of what, how deep. */
function wordsOfPan(written: string): PanWords {
  let text = written
    .toLowerCase()
    .replace(/×/g, 'x')
    .replace(/[–—]/g, '-')
    .replace(/½/g, '.5')
    .replace(/¼/g, '.25')
    .replace(/¾/g, '.75')
    .replace(/(\d) \.(\d)/g, '$1.$2')
    .replace(/(?<=\d(?: ?(?:in|inch|inches|cm|"))?) by (?=\d)/g, ' x ')
    .replace(/\bcentimet(?:re|er)s?\b/g, 'cm')
    .replace(/(?<=\d)-(?=cups? )/g, ' ')
    // "2x 20 cm round", "2x20cm rounds": how many, never a side of two centimetres
    .replace(/^([2-6])x ?(?=(?:\d{2} ?cm|\d{3,4} ?g|[12] ?lbs?)(?![a-z]| ?x))/, '$1 x ')
    .replace(/^([23])x ?(?=(?:[6-9]|1\d)(?:\.\d)? ?(?:"|in|inch)(?![a-z]| ?x))/, '$1 x ')
    // "8 trays 12x10", "8 x 12x10 tray"
    .replace(/^(\d{1,2}) ([a-z ]{3,24}) (\d+(?:\.\d+)? ?x ?\d[\dx .a-z"]{0,20})$/, '$3 $2 x $1')
    .replace(/^(\d{1,2}) x (\d+x\d+ .*[a-z"])$/, '$2 x $1');
  let count = 1;
  const times = / ?x ?(\d{1,2})$/.exec(text);
  if (times && /[a-z"]\s*$/.test(text.slice(0, times.index))) {
    count = Number(times[1]);
    text = text.slice(0, times.index);
  }
  const material = materialNamed(text);
  const depthFound = DEPTH.exec(text);
  // "23 cm deep round tin": a deep tin of 23 cm, not one 23 cm deep
  const deepBefore = depthFound === null && DEEP_BEFORE.test(text);
  const deepTin = deepBefore || (depthFound !== null && !/\d/.test(text.replace(depthFound[0], ' ')));
  const depthSaid = deepTin ? null : depthFound;
  if (deepBefore) text = text.replace(DEEP_BEFORE, '');
  if (depthSaid) text = text.replace(depthSaid[0], ' ');
  return { text, count, material, depthSaid, deepTin };
}

/** A pan that is named and not measured: "2 lb loaf tin", "springform". */
function namedPan({ text, count, material }: PanWords, word: PanShape | undefined): ParsedPan {
  const pounds =
    /(\d) ?-? ?(?:lb|pound)s?\b/.exec(text) ??
    (/\b450\s*g\b/.test(text) ? ['', '1'] : /\b900\s*g\b/.test(text) ? ['', '2'] : null);
  if (word === 'loaf' && pounds) {
    const tin = SHELF_PANS.find((pan) => pan.id === `loaf_uk_${pounds[1]}lb`);
    if (tin) return finish(tin, count, material, ['size']);
  }
  const named = SHELF_PANS.find((pan) => pan.shape !== 'muffin' && pan.aliases.some((alias) => text.includes(alias)));
  if (named) return finish(named, count, material, ['size']);
  return word ? { kind: 'size-missing', shape: word } : { kind: 'unknown', because: 'no-pan' };
}

interface PanSizes {
  /** Lengths as written, in cm: across, and along or deep. */
  readonly sizes: readonly number[];
  readonly depth: number | undefined;
}

/** The words of one of several pans: "two 23 cm rounds, 5 cm deep" are each a "23 cm round, 5 cm deep". */
export const oneOfSeveral = (written: string): string =>
  onePan(
    written
      .replace(/ ?[x×] ?\d{1,3}$/i, '')
      .replace(/^(?:in )?(?:two|three|four|six|eight|ten|twelve|\d{1,2} ?[x×]|\d{1,2}) /i, ''),
  );

/** The lengths that are written, and the depth; undefined where none is. */
function sizesOf({ text, depthSaid, deepTin }: PanWords): PanSizes | undefined {
  const dimensions = DIMENSIONS.exec(text);
  const single = dimensions ? null : ONE_LENGTH.exec(text);
  if (!dimensions && !single) return undefined;
  const raw = dimensions
    ? [dimensions[1], dimensions[3], dimensions[5]].filter((d) => d !== undefined).map(figureIn)
    : [figureIn(single?.[1] ?? '')];
  const unit = unitOf(dimensions ? [dimensions[2], dimensions[4], dimensions[6]] : [single?.[2]], raw);
  const depth = depthSaid
    ? inCm(figureIn(depthSaid[1] ?? ''), depthSaid[2] ? unitOf([depthSaid[2]], [1]) : unit)
    : deepTin
      ? DEEP_TIN_CM
      : undefined;
  return { sizes: raw.map((length) => inCm(length, unit)), depth };
}

/** The shape that sizes alone say; undefined where one length without a word is no pan. */
function shapeOfSizes(text: string, [a = 0, b]: readonly number[]): PanShape | undefined {
  if (b === undefined)
    return /\b(?:(?:pan|tin|mould|mold|tray)s?|dish(?:es)?)\b|^[\d. ]+(?:cm|in)$/.test(text) ? 'round' : undefined;
  if (Math.abs(a - b) < 0.6) return 'square';
  const [narrow, long] = [Math.min(a, b), Math.max(a, b)];
  return narrow <= 14 && long <= 36 && long / narrow >= 1.5 ? 'loaf' : 'rectangle';
}

/** A pan of the sizes written: the one of the table that is like it, else one made from the sizes. */
function sizedPan(
  written: string,
  { text, count, material }: PanWords,
  shape: PanShape,
  { sizes: [a = 0, b, c], depth: depthOfWords }: PanSizes,
): ParsedPan {
  const circular = shape === 'round' || shape === 'ring';
  const [length, width, depth] = circular
    ? [a, a, depthOfWords ?? b]
    : [Math.max(a, b ?? a), Math.min(a, b ?? a), depthOfWords ?? c];
  if (!circular && shape !== 'square' && b === undefined) return { kind: 'size-missing', shape };
  if (
    [length, width].some((cm) => !(cm >= SMALLEST_CM && cm <= LARGEST_CM)) ||
    (depth !== undefined && !(depth >= 1 && depth <= 25))
  )
    return { kind: 'unknown', because: 'size-unlikely' };
  const like = nearest(shape, length, width, depth, text);
  // a pan that is measured in all its sizes is that size; the table's, when it has just these, knows its walls better
  if (like && (depth === undefined || shape === 'ring' || isOfSize(like, length, width, depth)))
    return finish(like, count, material, depth === undefined ? ['depth'] : [], { length, width, depth });
  const depthCm = depth ?? USUAL_DEPTH_CM[shape];
  const lost = TAPER[shape] * depthCm;
  const pan: Pan = {
    name: count > 1 ? oneOfSeveral(written) : written, shape, topLengthCm: length, topWidthCm: width, bottomLengthCm: length - lost, bottomWidthCm: width - lost,
    depthCm, cavities: 1, material: material ?? 'light',
    ...(shape === 'ring' && { tubeDiameterCm: TUBE_SHARE * length, ...(isFluted(text) && { shapeFactor: FLUTES_LEAVE }) }),
  }; // prettier-ignore
  return { kind: 'pan', set: { pan, count }, assumed: depth === undefined ? ['depth'] : [] };
}

/**
 * A pan as a person writes it, in inches or centimetres: "9x5x2.75 in loaf", "23 cm springform", "2 lb loaf tin",
 * "12-cup muffin tin", "18 cm round, 9 cm deep", "6x3 in round x 3". What is not said comes from the nearest pan of the
 * table, but for the material: unsaid, it is light metal.
 */
export function parsePan(written: string): ParsedPan {
  const phrase = asPhrase(written);
  if (phrase === undefined) return { kind: 'unknown', because: 'no-pan' };
  if (IMPOSSIBLE.test(phrase.toLowerCase())) return { kind: 'unknown', because: 'size-unlikely' };
  let words = wordsOfPan(phrase);
  const word = SHAPE_WORDS.find(([pattern]) => pattern.test(words.text))?.[1];
  if (NOT_BUILT.test(words.text) && word !== 'muffin') return { kind: 'unknown', because: 'shape-not-built' };
  const held = word === 'muffin' ? undefined : heldIn(words.text);
  if (held && !isCalledSo(words.text)) {
    const set = panThatHolds({ ...held, count: held.count * words.count }, word, words.material);
    return set ? { kind: 'pan', set, assumed: ['depth'] } : { kind: 'unknown', because: 'size-unlikely' };
  }
  if (word === 'muffin') return parseMuffinTin(words.text, words.count, words.material);
  const byName = SHELF_PANS.find(({ name }) => name.toLowerCase() === phrase.toLowerCase());
  if (byName) return finish(byName, 1, words.material, []);
  // a number word before a size counts the pans, whether or not they stand in the plural: "two 23 cm round"
  const several = /^(?:in )?(two|three|four|six|\d)\s+(?=\d|[a-z])/.exec(words.text);
  if (
    several &&
    (/pans|tins|rounds|loaves|squares|sandwich|dishes/.test(words.text) ||
      /^(?:in )?[a-z]+\s+\d|^[2-6] x \d+(?:\.\d+)? ?(?:cm|"|in|inch|g|lbs?)(?![a-z]| ?x)/.test(several.input))
  )
    words = {
      ...words,
      count: NUMBER_WORDS[several[1] ?? ''] ?? Number(several[1]),
      text: words.text.slice(several[0].length),
    };
  const sizes = sizesOf(words);
  if (!sizes) return namedPan(words, word);
  const shape = word ?? shapeOfSizes(words.text, sizes.sizes);
  return shape === undefined ? { kind: 'unknown', because: 'no-pan' } : sizedPan(phrase, words, shape, sizes);
}

/** A pan of the table by its own name: "2 pint pudding basin" holds what that one holds. */
const isCalledSo = (text: string): boolean =>
  SHELF_PANS.some(({ name, aliases }) => name.toLowerCase() === text || aliases.includes(text));

function nearest(
  shape: PanShape,
  length: number,
  width: number,
  depth: number | undefined,
  words: string,
): ShelfPan | undefined {
  const springform = words.includes('spring');
  const basin = /basin|ramekin|\bmug\b/.test(words);
  const off = (pan: ShelfPan) =>
    Math.max(
      Math.abs(pan.topLengthCm / length - 1),
      Math.abs(pan.topWidthCm / width - 1),
      depth === undefined ? 0 : Math.abs(pan.depthCm / depth - 1),
    );
  const limit = (pan: ShelfPan) => (pan.springform ? 0.03 : SAME_WITHIN);
  const sameWhenRounded = (pan: ShelfPan) =>
    Math.max(Math.abs(pan.topLengthCm - length), Math.abs(pan.topWidthCm - width)) <= SAME_WITHIN_CM;
  const same = SHELF_PANS.filter(
    (pan) =>
      pan.shape === shape &&
      pan.cavities === 1 &&
      !NEEDS_ITS_NAME.test(pan.id) &&
      pan.springform === springform &&
      BASIN.test(pan.id) === basin &&
      (shape !== 'ring' ||
        [isFluted, isRingMould].every((is) => is(`${pan.name} ${pan.aliases.join(' ')}`) === is(words))) &&
      sameWhenRounded(pan) &&
      off(pan) <= limit(pan),
  );
  // unsaid depth: an ordinary pan, not the deepest or the shallowest of its width
  return same.sort((p, q) => (depth === undefined ? ordinary(p) - ordinary(q) : 0) || off(p) - off(q))[0];
}
/** A pan of the table in just these sizes, but for the last figure that inches and centimetres differ by. */
const isOfSize = (pan: ShelfPan, length: number, width: number, depth: number): boolean =>
  [pan.topLengthCm - length, pan.topWidthCm - width, pan.depthCm - depth].every(
    (apart) => Math.abs(apart) <= LAST_FIGURE_CM,
  );
/** Of two as deep the one with the more upright walls is meant: a leaning one is called by its lean. */
const ordinary = (pan: ShelfPan) =>
  Math.abs(pan.depthCm - USUAL_DEPTH_CM[pan.shape]) +
  Math.max(0, pan.topLengthCm - pan.bottomLengthCm - TAPER[pan.shape] * pan.depthCm);

function finish(
  like: ShelfPan,
  count: number,
  material: PanMaterial | undefined,
  assumed: readonly ('depth' | 'size')[],
  written: { readonly length?: number; readonly width?: number; readonly depth?: number | undefined } = {},
): ParsedPan {
  const { name, shape, cavities } = like;
  const { length: topLengthCm = like.topLengthCm, width: topWidthCm = like.topWidthCm } = written;
  // the walls lean as those of the pan of the table do
  const bottomLengthCm = topLengthCm - (like.topLengthCm - like.bottomLengthCm);
  const bottomWidthCm = topWidthCm - (like.topWidthCm - like.bottomWidthCm);
  const pan: Pan = {
    name,
    shape,
    topLengthCm,
    topWidthCm,
    bottomLengthCm,
    bottomWidthCm,
    depthCm: written.depth ?? like.depthCm,
    cavities,
    material: material ?? 'light',
    ...(like.tubeDiameterCm !== undefined && { tubeDiameterCm: like.tubeDiameterCm }),
    ...(like.shapeFactor !== undefined && { shapeFactor: like.shapeFactor }),
  };
  return { kind: 'pan', set: { pan, count }, assumed };
}

/** Cups of several tins are said in one: a stall's worth. */
const MOST_CUPS = 100;

/** The cups that are not the usual ones: what they are called, and the tin of the table. */
const MUFFIN_KINDS: readonly { readonly pattern: RegExp; readonly id: string; readonly kind: string }[] = [
  { pattern: /doughnut|donut/, id: 'doughnut_6', kind: 'doughnut' },
  { pattern: /madeleine/, id: 'madeleine_12', kind: 'madeleine' },
  { pattern: /mini/, id: 'muffin_mini_24', kind: 'mini muffin' },
  { pattern: /jumbo|texas|giant/, id: 'muffin_jumbo_6', kind: 'jumbo muffin' },
  { pattern: /muffin[- ]tops?\b/, id: 'muffin_top_6', kind: 'muffin-top' },
  { pattern: /bun tin|fairy|patty/, id: 'bun_12_uk', kind: 'muffin' },
];
const USUAL_MUFFINS = { id: 'muffin_12', kind: 'muffin' } as const;

function parseMuffinTin(text: string, count: number, material: PanMaterial | undefined): ParsedPan {
  const cups =
    /(\d{1,3}) ?-? ?(?:(?:lined|greased|buttered|paper) ){0,2}(?:cup|hole|cavit|muffin|cupcake|doughnut|donut|madeleine|mini|jumbo|deep|standard|regular|large|paper|fairy|bun|cases)/.exec(
      text,
    );
  const worded = /\b(six|twelve)\b/.exec(text);
  const cavities = cups ? Number(cups[1]) : worded ? (NUMBER_WORDS[worded[1] ?? ''] ?? 12) : 12;
  if (!(cavities >= 1 && cavities <= MOST_CUPS)) return { kind: 'unknown', because: 'size-unlikely' };
  const { id, kind } = MUFFIN_KINDS.find(({ pattern }) => pattern.test(text)) ?? USUAL_MUFFINS;
  const like = SHELF_PANS.find((pan) => pan.id === id);
  if (!like) return { kind: 'size-missing', shape: 'muffin' };
  const name = `${cavities}-cup ${kind} tin`;
  return finish({ ...like, cavities, name }, count, material, cups || worded ? [] : ['size']);
}
