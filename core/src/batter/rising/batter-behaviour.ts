/** How a batter holds its gas: how runny it is, how much air mixing beats in, how well it keeps gas and how much it can carry. */
export interface BatterBehaviour {
  readonly viscosity: Viscosity;
  /** Millilitres of air in a gram of batter. */
  readonly air: number;
  /** The air is creamed into solid fat; with oil only four tenths of it stays. */
  readonly creamed: boolean;
  /** Share of its gas that ends as volume. ± 25 % */
  readonly retention: number;
  /** Millilitres of gas a gram carries before it gives way. ± 25 % */
  readonly carriesMillilitresPerGram: number;
}
export type Viscosity = 'thin' | 'medium' | 'thick';

const family = (
  viscosity: Viscosity,
  air: number,
  creamed: boolean,
  retention: number,
  carriesMillilitresPerGram: number,
): BatterBehaviour => ({ viscosity, air, creamed, retention, carriesMillilitresPerGram });

/** @source leavening.md 1.6 and the prototype's styles: heuristics set to land on typical specific volumes, not measurements */
const CREAMED_CAKE = family('medium', 0.36, true, 0.44, 5.6);
const HIGH_RATIO = family('medium', 0.32, true, 0.44, 5.8);
const STIRRED_CAKE = family('medium', 0.14, false, 0.44, 5);
const CHOCOLATE = family('thin', 0.2, false, 0.48, 5.6);
const POUND = family('thick', 0.4, true, 0.4, 4.4);
const FRUIT_CAKE = family('thick', 0.25, true, 0.32, 3.6);
const MUFFIN = family('medium', 0.1, false, 0.36, 4.6);
const LOAF = family('medium', 0.1, false, 0.38, 4.2);
const SODA_BREAD = family('thick', 0.06, false, 0.3, 4.2);
const SCONE = family('thick', 0.08, false, 0.29, 5.2);
const PANCAKE = family('thin', 0.1, false, 0.38, 4.6);

/** By id of style_bands.csv. */
export const BEHAVIOUR_OF_STYLE: Readonly<Record<string, BatterBehaviour>> = {
  creamed_butter_cake: CREAMED_CAKE,
  high_ratio_cake: HIGH_RATIO,
  oil_cake: STIRRED_CAKE,
  one_bowl_buttermilk_cake: { ...CREAMED_CAKE, air: 0.24, creamed: false },
  reverse_creamed_cake: HIGH_RATIO,
  chocolate_cake: CHOCOLATE,
  red_cocoa_cake: { ...CHOCOLATE, viscosity: 'medium' },
  white_cake: HIGH_RATIO,
  yellow_cake: CREAMED_CAKE,
  pound_cake: POUND,
  light_fruit_cake: FRUIT_CAKE,
  dark_fruit_cake: FRUIT_CAKE,
  vegetable_cake: STIRRED_CAKE,
  vegan_cake: { ...STIRRED_CAKE, carriesMillilitresPerGram: 4.2 },
  cupcake: CREAMED_CAKE,
  muffin: MUFFIN,
  bran_muffin: MUFFIN,
  fruit_puree_loaf: LOAF,
  plain_quick_loaf: LOAF,
  corn_bread: LOAF,
  gingerbread: { ...LOAF, viscosity: 'thin' },
  soda_bread_plain: SODA_BREAD,
  soda_bread_brown: SODA_BREAD,
  soda_bread_enriched: SODA_BREAD,
  drop_biscuit: SCONE,
  rolled_biscuit: SCONE,
  british_scone: SCONE,
  flaky_wedge_scone: SCONE,
  oat_farl_griddle: SODA_BREAD,
  pancake: PANCAKE,
  gluten_free_loaf: { ...LOAF, carriesMillilitresPerGram: 3.4 },
  sourdough_discard_cake: STIRRED_CAKE,
  tray_bake: STIRRED_CAKE,
  brownie: { ...STIRRED_CAKE, viscosity: 'thick', carriesMillilitresPerGram: 3.4 },
  whisked_sponge: { ...CREAMED_CAKE, air: 0.9, creamed: false },
  rubbed_in_bun: SCONE,
  nut_cake: { ...STIRRED_CAKE, carriesMillilitresPerGram: 3.4 },
};

/** How a batter behaves whose style is none of the table's. */
const USUAL_BEHAVIOUR = MUFFIN;
export const behaviourOf = (styleId: string | undefined): BatterBehaviour =>
  (styleId === undefined ? undefined : BEHAVIOUR_OF_STYLE[styleId]) ?? USUAL_BEHAVIOUR;
