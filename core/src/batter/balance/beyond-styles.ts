import type { WeighedPart } from '../../formula/formula/index.js';
import { roleOf } from '../../kitchen/ingredients/index.js';
import { nameOf } from './name-of.js';

/*
 * What people bake besides, and Orvin has no bands for: biscuits for the tin, pastry, yeasted dough, foams that stand on egg white alone,
 * thin batters, fruit under a crust. To hold them against the nearest style would call every one of them wrong. They are told by the last
 * words of their name, which a baker chooses with care, and by what they rise with; amounts alone never put a batter among them.
 */

export type BeyondStyles = 'cookies' | 'yeasted' | 'pastry' | 'foam' | 'thin-batter' | 'under-a-crust';

interface Facts {
  /** Of the flour. */
  readonly sugar: number;
  readonly leavened: boolean;
  readonly yeast: boolean;
}

interface BeyondRow {
  readonly is: BeyondStyles;
  /** The last words of its name. */
  readonly called?: RegExp;
  readonly if?: (facts: Facts) => boolean;
}

/** Sweeter than this no biscuit is one that is split and buttered. Share of the flour. */
const SWEET_BISCUIT = 0.28;

const ROWS: readonly BeyondRow[] = [
  {
    is: 'cookies',
    called: /(?:cookies?|shortbreads?|biscotti|crackers?|oatcakes?|ginger ?(?:snaps?|nuts)|snickerdoodles?|macaro{1,2}ns?|lebkuchen|pl[äa]tzchen|kekse?)$/i,
  },
  { is: 'cookies', called: /biscuits?$/i, if: ({ sugar }) => sugar > SWEET_BISCUIT },
  { is: 'cookies', called: /flapjacks?$/i, if: ({ leavened, sugar }) => !leavened && sugar > SWEET_BISCUIT },
  { is: 'pastry', called: /(?:pies?|tarts?|tartlets?|past(?:ry|ries)|galettes?|quiches?|turnovers?|strudel|cheesecakes?|(?:lemon|lime) (?:bars|squares))$/i },
  { is: 'foam', called: /(?:angel(?: food)?(?: cake)?|meringues?|pavlovas?|souffl[eé]s?)$/i, if: ({ leavened }) => !leavened },
  { is: 'thin-batter', called: /(?:yorkshire puddings?|popovers?|cr[eêé]pes?|clafoutis|dutch baby)$/i, if: ({ leavened }) => !leavened },
  { is: 'under-a-crust', called: /(?:cobblers?|crumbles?|crisps?|pandowdy|grunt|buckle pudding|eve['’]s puddings?)$/i },
  { is: 'yeasted', if: ({ yeast, leavened }) => yeast && !leavened },
]; // prettier-ignore

const YEAST = /^(?:instant|active-dry|fresh)-yeast$/;
const LEAVENERS = /baking-(?:soda|powder)|^self-r|baking-ammonia|potassium-bicarbonate/;

/** What a batter is that none of the styles is meant for; undefined for all that Orvin judges. */
export function beyondStyles(parts: readonly WeighedPart[], title: string): BeyondStyles | undefined {
  const grams = (belongs: (part: WeighedPart) => boolean) =>
    parts.reduce((sum, part) => sum + (belongs(part) ? part.grams : 0), 0);
  const flour = grams(({ ingredient }) => roleOf(ingredient).flour > 0);
  const facts: Facts = {
    sugar: grams(({ ingredient }) => roleOf(ingredient).sweetens) / (flour || 1),
    leavened: parts.some(({ ingredient }) => LEAVENERS.test(ingredient.behavesAs)),
    yeast: parts.some(({ ingredient }) => YEAST.test(ingredient.behavesAs)),
  };
  const name = nameOf(title);
  return ROWS.find((row) => (row.called?.test(name) ?? true) && (row.if?.(facts) ?? true))?.is;
}
