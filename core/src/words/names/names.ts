import type { BoxLining, FrostingKind, KitId, Paper, Swirl } from '../../batch/choices/index.js';
import type { SpreadPart } from '../../batch/batch/index.js';
import type { Mention } from '../../formula/parsing/index.js';
import type { Filling, Region } from '../../ground/units/index.js';
import type { PanShape } from '../../kitchen/pans/index.js';
import type { BakeAdvice, WindowReason } from '../../oven/baking/index.js';

/* What a choice is called on a label or in a list; types alone are imported, so it weighs nothing where a page needs one name. */

/** Whose measures are meant. */
export const REGION_NAMES: Readonly<Record<Region, string>> = {
  US: 'American cups and eggs',
  UK: 'British spoons and eggs',
  CA: 'Canadian cups and eggs',
  AU: 'Australian cups and spoons',
  NZ: 'New Zealand cups and spoons',
  IN: 'Indian cups and words',
  JP: 'Japanese cups and eggs',
  EU: 'metric, European eggs',
};

/** What a batch is measured with. */
export const KIT_NAMES: Readonly<Record<KitId, string>> = {
  'us-cups': 'US cups and spoons',
  'au-cups': '250 ml cups and spoons',
  'metric-spoons': 'scale, and spoons for little',
  'scale-1g': 'scale, whole grams',
  'scale-0.1g': 'scale, tenths of a gram',
};

/** What a cake is frosted with. */
export const FROSTING_NAMES: Readonly<Record<FrostingKind, string>> = {
  buttercream: 'buttercream',
  'cream-cheese': 'cream cheese',
  'whipped-cream': 'whipped cream',
  ganache: 'ganache',
  glaze: 'glaze',
  jam: 'jam',
  curd: 'curd',
};

/** How a cup cake is finished. */
export const SWIRL_NAMES: Readonly<Record<Swirl, string>> = {
  spread: 'spread flat',
  swirl: 'a swirl',
  tall: 'a tall swirl',
};

/** Which part of the surface a component goes on. */
export const SPREAD_PART_NAMES: Readonly<Record<SpreadPart, string>> = {
  all: '',
  between: ' between the layers',
  outside: ' on top and round',
  soak: ' to soak',
};

/** How a measure is filled. */
export const FILLING_NAMES: Readonly<Record<Filling, string>> = {
  spooned: 'spooned in, levelled',
  scooped: 'scooped, levelled',
  sifted: 'sifted first',
  packed: 'packed down',
};

/** Shapes of pans. */
export const PAN_SHAPE_NAMES: Readonly<Record<PanShape, string>> = {
  round: 'round',
  square: 'square',
  rectangle: 'rectangle',
  loaf: 'loaf',
  muffin: 'cups',
  ring: 'ring with a tube',
};

/** What a time in a step is for. */
export const PURPOSE_NAMES: Readonly<Record<Extract<Mention, { kind: 'time' }>['purpose'], string>> = {
  bake: 'in the oven',
  cool: 'to cool',
  rest: 'to rest',
  soak: 'to soak',
  chill: 'in the cold',
  mix: 'of mixing',
  heat: 'on the heat',
  check: 'to the first look',
  keep: 'it keeps',
  wait: '',
};

/** What a reason does to the window. */
export const WINDOW_EFFECT_NAMES: Readonly<Record<WindowReason['effect'], string>> = {
  'stands-on': 'stands on',
  narrows: 'narrower',
  widens: '▲ wider',
  'would-narrow': 'would narrow it',
};

/** What to do at a moment of the bake, in a word on its strip. */
export const ADVICE_LABELS: Readonly<Partial<Record<BakeAdvice['code'], string>>> = {
  rotate: 'turn',
  'swap-racks': 'swap racks',
  'look-at-colour': 'colour',
  tent: 'foil',
  'lid-off': 'lid off',
  'first-look': 'look',
};

/** How a box is lined. */
export const LINING_NAMES: Readonly<Record<BoxLining, string>> = {
  sling: 'sling',
  sheet: 'one sheet',
  base: 'floor only',
};

/** What a template is printed on. */
export const PAPER_NAMES: Readonly<Record<Paper, string>> = { a4: 'A4', letter: 'Letter', a3: 'A3' };
