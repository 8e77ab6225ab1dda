import type { BoxLining, FrostingKind, KitId, Paper, Swirl } from '../../batch/choices/index.js';
import type { SpreadPart } from '../../batch/batch/index.js';
import type { Mention } from '../../formula/parsing/index.js';
import type { Filling, Region } from '../../ground/units/index.js';
import type { PanShape } from '../../kitchen/pans/index.js';
import type { BakeAdvice, WindowReason } from '../../oven/baking/index.js';

/* What a choice is called on a label or in a list; types alone are imported, so it weighs nothing where a page needs one name. */

/** Whose measures are meant. */
export const REGION_NAMES: Readonly<Record<Region, string>> = {
  US: $localize`American cups and eggs`,
  UK: $localize`British spoons and eggs`,
  CA: $localize`Canadian cups and eggs`,
  AU: $localize`Australian cups and spoons`,
  NZ: $localize`New Zealand cups and spoons`,
  IN: $localize`Indian cups and words`,
  JP: $localize`Japanese cups and eggs`,
  EU: $localize`metric, European eggs`,
};

/** What a batch is measured with. */
export const KIT_NAMES: Readonly<Record<KitId, string>> = {
  'us-cups': $localize`US cups and spoons`,
  'au-cups': $localize`250 ml cups and spoons`,
  'metric-spoons': $localize`scale, and spoons for little`,
  'scale-1g': $localize`scale, whole grams`,
  'scale-0.1g': $localize`scale, tenths of a gram`,
};

/** What a cake is frosted with. */
export const FROSTING_NAMES: Readonly<Record<FrostingKind, string>> = {
  buttercream: $localize`buttercream`,
  'cream-cheese': $localize`cream cheese`,
  'whipped-cream': $localize`whipped cream`,
  ganache: $localize`ganache`,
  glaze: $localize`glaze`,
  jam: $localize`jam`,
  curd: $localize`curd`,
};

/** How a cup cake is finished. */
export const SWIRL_NAMES: Readonly<Record<Swirl, string>> = {
  spread: $localize`spread flat`,
  swirl: $localize`a swirl`,
  tall: $localize`a tall swirl`,
};

/** Which part of the surface a component goes on. */
export const SPREAD_PART_NAMES: Readonly<Record<SpreadPart, string>> = {
  all: '',
  between: $localize` between the layers`,
  outside: $localize` on top and round`,
  soak: $localize` to soak`,
};

/** How a measure is filled. */
export const FILLING_NAMES: Readonly<Record<Filling, string>> = {
  spooned: $localize`spooned in, levelled`,
  scooped: $localize`scooped, levelled`,
  sifted: $localize`sifted first`,
  packed: $localize`packed down`,
};

/** Shapes of pans. */
export const PAN_SHAPE_NAMES: Readonly<Record<PanShape, string>> = {
  round: $localize`round`,
  square: $localize`square`,
  rectangle: $localize`rectangle`,
  loaf: $localize`loaf`,
  muffin: $localize`cups`,
  ring: $localize`ring with a tube`,
};

/** What a time in a step is for. */
export const PURPOSE_NAMES: Readonly<Record<Extract<Mention, { kind: 'time' }>['purpose'], string>> = {
  bake: $localize`in the oven`,
  cool: $localize`to cool`,
  rest: $localize`to rest`,
  soak: $localize`to soak`,
  chill: $localize`in the cold`,
  mix: $localize`of mixing`,
  heat: $localize`on the heat`,
  check: $localize`to the first look`,
  keep: $localize`it keeps`,
  wait: '',
};

/** What a reason does to the window. */
export const WINDOW_EFFECT_NAMES: Readonly<Record<WindowReason['effect'], string>> = {
  'stands-on': $localize`stands on`,
  narrows: $localize`narrower`,
  widens: '▲ wider',
  'would-narrow': $localize`would narrow it`,
};

/** What to do at a moment of the bake, in a word on its strip. */
export const ADVICE_LABELS: Readonly<Partial<Record<BakeAdvice['code'], string>>> = {
  rotate: $localize`turn`,
  'swap-racks': $localize`swap racks`,
  'look-at-colour': $localize`colour`,
  tent: $localize`foil`,
  'lid-off': $localize`lid off`,
  'first-look': $localize`look`,
};

/** How a box is lined. */
export const LINING_NAMES: Readonly<Record<BoxLining, string>> = {
  sling: $localize`sling`,
  sheet: $localize`one sheet`,
  base: $localize`floor only`,
};

/** What a template is printed on. */
export const PAPER_NAMES: Readonly<Record<Paper, string>> = { a4: 'A4', letter: $localize`Letter`, a3: 'A3' };
