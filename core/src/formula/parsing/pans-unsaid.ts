import { parsePan } from '../../kitchen/pans/index.js';

/*
 * Pans that a text means without naming a vessel: dimensions alone, "2 x 20cm", an 8-inch cake, cups that are lined. Each way is a row
 * of a table: what it looks like, and how it would be written with its vessel.
 */

/** How many it makes. */
export const MAKES = /\b(?:makes|yields|gives|you should get) (?:about |around |roughly |~ ?)?(\d{1,3})\b/i;

/** "bake 350F in a 9×5 for an hour": dimensions alone, after in. */
export const BARE_DIMENSIONS =
  /\bin(?:to)? (?:an? )?(\d+(?:\.\d+)? ?(?:"|in|inch|cm)? ?x ?\d+(?:\.\d+)?(?: ?x ?\d+(?:\.\d+)?)? ?(?:"|in|inch|cm)?)/i;
/** "8x8, 350, 40 min", "Nut cake (9x13)": dimensions alone, at the beginning or in brackets. */
const DIMENSIONS_FIRST =
  /(?:^|\n|[.;,] )(\d{1,2}(?:[.,]\d)? ?(?:"|in|inch|cm)? ?x ?\d{1,2}(?:[.,]\d)?(?: ?x ?\d{1,2}(?:[.,]\d)?)? ?(?:"|in|inch|cm)?)(?=, ?\d|; ?\d| at \d| \d{3} |\. [A-Z]|\.?(?:$|\n))|\((\d{1,2}(?:[.,]\d)? ?(?:"|in|inch|cm)? ?x ?\d{1,2}(?:[.,]\d)?(?: ?x ?\d{1,2}(?:[.,]\d)?)? ?(?:"|in|inch|cm)?)\)/i;
/** "butter and flour an 8-inch round."; not "pat into an 8-inch round", which stands by itself */
const BARE_ROUND =
  /(?<!\b(?:pat|shape|form|press|roll|flatten)(?:ted|d|ed)?(?: [a-z]{2,8}){0,4} )\b(?:an?|in|into|for) (?:an? )?(\d{1,2}(?:[.,]\d)?[ -]?(?:inch|in|cm|")[ -](?:round|square))(?=[.,;]| and\b| with\b| \(|$)/i;
/** "bake 2 9\" rounds" */
const ROUNDS = /\b((?:two|three|four|[2-4])(?: x)? \d{1,2}(?:[.,]\d)?[ -]?(?:inch|in|cm|")[ -]?(?:rounds|layers))\b/i;
/** "10-cup bundt, 350" */
const BUNDT = /\b(\d{1,2}(?:[.,]\d)?(?:[- ](?:cup|litre|liter|l|quart)|[- ]?(?:cm|inch|in|")) bundt)\b/i;
/** "8.5 x 4.5 loaf, 350": a tin that is called by what comes out of it. */
const LOAF_OF =
  /\b(\d{1,2}(?:[.,]\d)? ?(?:"|in|inch|cm)? ?x ?\d{1,2}(?:[.,]\d)?(?: ?x ?\d(?:[.,]\d)?)? ?(?:"|in|inch|cm)? loaf)(?=[.,;\n]| \|| \(|$)/i;
/** "Loaf 8.5x4.5, 350F" */
const LOAF_FIRST = /(?:^|\n)loaf,? (\d{1,2}(?:[.,]\d)? ?x ?\d(?:[.,]\d)?)(?=[,.;\n]|$)/i;
/** "Greased & floured 9x13, 350 degrees" */
const DIMENSIONS_PREPARED =
  /\b(?:(two|three|four|[2-4]) )?(?:greased|lined|buttered|papered|floured),? (\d{1,2}(?:[.,]\d)? ?(?:"|in|inch|cm)? ?x ?\d{1,2}(?:[.,]\d)?(?: ?x ?\d(?:[.,]\d)?)? ?(?:"|in|inch|cm)?)(?=(?:'?s)?(?:[,.;\n]| at |$))/i;
/** "350F, 9x5 greased" */
const PREPARED_DIMENSIONS =
  /(?:^|[,;.\n] ?)(\d+(?:\.\d+)? ?(?:"|in|inch|cm)? ?x ?\d+(?:\.\d+)?(?: ?x ?\d+(?:\.\d+)?)? ?(?:"|in|inch|cm)?)(?=,? (?:greased|lined|buttered|papered)\b)/i;
/** "20cm square 170 fan": the size and the shape before the heat. */
const SHAPE_BEFORE_HEAT =
  /(?:\bmin(?:ute)?s?|\d ?[cf]|fan\)?),? ((?:\d{1,2} ?(?:cm|in|inch|")) ?(?:square|sq|round))(?=[,.;\n]|$)|(?:^|[\n;.,] ?)((?:\d{1,2} ?(?:cm|in|inch|")) ?(?:square|sq|round))(?=[,.]? (?:@ ?|at )?\d{3}\D|[,.]? gas \d|, ?\d| for \d{2}\b)|\b(\d{1,2} ?cm ?\/ ?\d{1,2} ?in(?:ch)? (?:round|square))(?! (?:cake )?(?:tins?|pans?))/i;
/** "2 x 20cm. 180C, 25 mins": the tins go without saying. */
const TWO_OF =
  /(?:^|[\n;.(|] ?)([2-4] x \d{1,2} ?(?:cm|in(?:ch)?|"))(?: sandwich(?:es)?| layers?| rounds?)?(?=[.,;)\n]| \|| \d{3}\b|$)/i;
/** "20cm square, lined double" */
const SHAPE_PREPARED =
  /(?:^|[\n;.,] ?)(\d{1,2}(?:[.,]\d)? ?(?:cm|in|inch|") ?(?:deep )?(?:square|sq|round))(?=,? (?:double )?(?:lined|greased|buttered|papered)\b)/i;
/** `9" sq` in a row of its own. */
const SHAPE_ALONE = /(?:^|\n)(\d{1,2}(?:[.,]\d)? ?(?:cm|in|inch|") ?(?:square|sq|round|rd))\.?(?=\n|$)/i;
/** "makes one 8-inch cake" */
const CAKE_OF = /\b(\d{1,2}(?:[.,]\d)?[ -]?(?:inch|cm|"))(?: round)? cake\b(?! (?:tins?|pans?|boards?))/i;
/** "Vanilla cake (for 7 inch)": the last that is said of it. */
const FOR_SIZE = /\bfor (?:an? )?(\d{1,2}(?:[.,]\d)?[ -]?(?:inch|cm|"))\)?$/im;
/** "in a 9\" cast-iron": a pan that is called by what it is made of. */
const CAST_IRON =
  /(\d{1,2}(?:[.,]\d)? ?(?:"|in|inch|cm))[ -]cast[- ]iron\b|\bcast[- ]iron,? (\d{1,2}(?:[.,]\d)? ?(?:"|inch|in|cm))(?!\w)/i;
/** "greased skillet (10")": the size behind, in brackets. */
const SIZE_IN_BRACKETS =
  /\b(skillet|(?:(?:round|square|cake|spring-?form) )?(?:tin|pan)),? ?\((?:about )?(\d{1,2}(?:[.,]\d)?) ?("|in|inch|cm)\)/i;
/** "Makes one 900g/2lb loaf": it is baked in its tin. */
const POUND_LOAF =
  /\b(?:(two|three|four|[2-4]) (?:x )?)?((?:\d{3,4} ?g ?\/ ?)?[12] ?lb|(?:450|900) ?g)s? loa(?:f|ves)\b/i;
/** "2 sandwich tins 20cm": the size behind what they are. */
const TINS_OF =
  /\b(?:(two|three|four|[2-4]) )?(?:sandwich|round|layer|cake) (?:tins|pans|tin|pan),? (\d{1,2}(?:[.,]\d)? ?(?:cm|in|inch|"))(?! ?(?:x|deep|high))/i;
/** "2lb, 160 fan, 50": its tin by the pounds of its loaf. */
const POUNDS_ALONE = /(?:^|[.\n] ?)([12] ?lb)(?=, ?\d{3})|(?<!\d ?)\b(pound)(?= loaf tin)/i;
/** "Scoop into 12 lined cups." */
const LINED_CUPS =
  /\b(\d{1,2}|twelve|six|a dozen) (?:lined|papered|greased|buttered|paper) (?:muffin )?(?:cups|cases|papers|liners)\b|\bfill (\d{1,2}|twelve|six) (?:muffin )?cups\b/i;
/** "Fill muffin cups …. Makes 12." */
const EACH_A_CUP =
  /\b((?:mini |jumbo )?(?:muffin|cupcake)) (?:cups|cases|liners|papers)\b|\b(?:liners|papers|(?:paper|silicone|bun) cases)\b/i;
export const CUPS =
  /\b((?:mini |jumbo )?(?:\d+|twelve|six)[- ](?:cup|hole|count|well) (?:mini |jumbo )?muffin|(?:\d+|twelve) (?:mini |jumbo )?muffin(?: cup)?s?|(?:\d+|twelve) cupcakes|(?:\d+|twelve) (?:(?:lined|greased|buttered|paper) ){0,2}(?:cupcake|muffin) (?:cups|cases|liners|papers|wells))\b/i;

interface Way {
  readonly pattern: RegExp;
  /** The pan as it is called, from what the pattern found. */
  readonly called: (found: RegExpExecArray, text: string) => string | undefined;
  /** Whether it stands beside a pan that is named without its size: else that one is meant. */
  readonly beside: 'any' | 'unsized' | 'none';
}
const found = (match: RegExpExecArray): string | undefined => match.slice(1).find(Boolean)?.trim();
const asWritten = (pattern: RegExp): Way => ({ pattern, called: found, beside: 'any' });
const round = (match: RegExpExecArray): string => `${match[1] ?? ''} round`;

/** "seven mini pudding tins (each about 200ml)": what each holds, behind. */
const HELD_BEHIND =
  /\b(two|three|four|five|six|seven|eight|ten|twelve|\d{1,2}) (?:[a-z]{4,10} ){0,2}(?:pudding|mini|dariole) (?:basins?|tins?|moulds?|molds?) \((?:each |about |of )*(\d{2,4} ?ml)(?: each)?\)/i;

/** In the order of trust. */
const WAYS: readonly Way[] = [
  ...[
    BARE_DIMENSIONS,
    DIMENSIONS_FIRST,
    LOAF_OF,
    BARE_ROUND,
    ROUNDS,
    BUNDT,
    PREPARED_DIMENSIONS,
    SHAPE_BEFORE_HEAT,
    SHAPE_ALONE,
    SHAPE_PREPARED,
    CUPS,
  ].map(asWritten),
  {
    pattern: DIMENSIONS_PREPARED,
    called: ([, count, size = '']) => (count === undefined ? size.trim() : `${count} ${size.trim()}`),
    beside: 'any',
  },
  {
    pattern: HELD_BEHIND,
    called: ([, count = '', millilitres = '']) => `${count} ${millilitres} pudding basins`,
    beside: 'any',
  },
  { pattern: LOAF_FIRST, called: (match) => `${found(match) ?? ''} loaf tin`, beside: 'unsized' },
  { pattern: TWO_OF, called: round, beside: 'none' },
  { pattern: CAKE_OF, called: round, beside: 'none' },
  { pattern: FOR_SIZE, called: round, beside: 'none' },
  {
    pattern: SIZE_IN_BRACKETS,
    called: ([, kind = '', size = '', unit = '']) => `${size} ${unit === '"' ? 'in' : unit} ${kind}`,
    beside: 'unsized',
  },
  { pattern: CAST_IRON, called: (match) => `${found(match) ?? ''} skillet`, beside: 'unsized' },
  {
    pattern: POUND_LOAF,
    called: ([, loaves, loaf = '']) => (loaves === undefined ? `${loaf} loaf tin` : `${loaves} ${loaf} loaf tins`),
    beside: 'unsized',
  },
  {
    pattern: TINS_OF,
    called: ([, count, size = '']) => (count === undefined ? `${size} round` : `${count} ${size} rounds`),
    beside: 'unsized',
  },
  { pattern: POUNDS_ALONE, called: ([, pounds]) => `${pounds ?? '1 lb'} loaf tin`, beside: 'unsized' },
  {
    pattern: LINED_CUPS,
    called: (match) => `${found(match)?.replace('a dozen', '12') ?? ''} muffin cups`,
    beside: 'unsized',
  },
  {
    pattern: EACH_A_CUP,
    called: ([, kind], text) => {
      const count = MAKES.exec(text)?.[1];
      if (count !== undefined) return `${count} ${kind ?? 'muffin'} cups`;
      return kind === undefined ? undefined : `${kind} tin`;
    },
    beside: 'unsized',
  },
];

/** The pan with its size that a text means, though it names no vessel. @param named what it names besides, without a size */
export function unsaidPanIn(
  text: string,
  named: { readonly assumed: boolean; readonly unsized: boolean },
): string | undefined {
  for (const { pattern, called, beside } of WAYS) {
    const match = pattern.exec(text);
    if (!match || (beside !== 'any' && named.assumed) || (beside === 'none' && named.unsized)) continue;
    const pan = called(match, text);
    if (pan !== undefined && parsePan(pan).kind === 'pan') return pan;
  }
  return undefined;
}
