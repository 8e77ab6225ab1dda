import { namesHere } from '../../ground/language/index.js';
import type { Style } from './styles.js';

/** What a baker calls a style in passing: American and British word. The long names of the table say what it covers. */
const SHORT_NAMES: Readonly<Record<string, readonly [us: string, uk: string]>> = {
  creamed_butter_cake: ['butter cake', 'sponge sandwich'],
  high_ratio_cake: ['high-ratio cake', 'high-ratio cake'],
  oil_cake: ['oil cake', 'oil cake'],
  one_bowl_buttermilk_cake: ['one-bowl cake', 'all-in-one cake'],
  reverse_creamed_cake: ['reverse-creamed cake', 'reverse-creamed cake'],
  chocolate_cake: ['chocolate cake', 'chocolate cake'],
  red_cocoa_cake: ['red cocoa cake', 'red cocoa cake'],
  white_cake: ['white cake', 'white cake'],
  yellow_cake: ['yellow cake', 'yellow cake'],
  pound_cake: ['pound cake', 'Madeira cake'],
  light_fruit_cake: ['light fruit cake', 'light fruit cake'],
  dark_fruit_cake: ['dark fruit cake', 'dark fruit cake'],
  vegetable_cake: ['vegetable cake', 'vegetable cake'],
  vegan_cake: ['vegan cake', 'vegan cake'],
  cupcake: ['cupcake', 'fairy cake'],
  muffin: ['muffin', 'muffin'],
  bran_muffin: ['bran muffin', 'wholemeal muffin'],
  fruit_puree_loaf: ['fruit-purée loaf', 'fruit-purée loaf'],
  plain_quick_loaf: ['quick loaf', 'tea loaf'],
  corn_bread: ['corn bread', 'maize bread'],
  gingerbread: ['gingerbread', 'gingerbread'],
  soda_bread_plain: ['white soda bread', 'white soda bread'],
  soda_bread_brown: ['brown soda bread', 'wheaten bread'],
  soda_bread_enriched: ['enriched soda bread', 'enriched soda bread'],
  drop_biscuit: ['drop biscuit', 'drop biscuit'],
  rolled_biscuit: ['rolled biscuit', 'rolled biscuit'],
  british_scone: ['tea scone', 'scone'],
  flaky_wedge_scone: ['wedge scone', 'wedge scone'],
  oat_farl_griddle: ['oat farl', 'oat farl'],
  pancake: ['pancake', 'drop scone'],
  gluten_free_loaf: ['gluten-free loaf', 'gluten-free loaf'],
  sourdough_discard_cake: ['discard cake', 'discard cake'],
  tray_bake: ['sheet cake', 'tray bake'],
  brownie: ['brownie', 'brownie'],
  whisked_sponge: ['sponge roll', 'whisked sponge'],
  rubbed_in_bun: ['rock bun', 'rock cake'],
  nut_cake: ['nut cake', 'nut cake'],
};

/** Names in the language of this build; none in English. */
const NAMES_HERE = namesHere($localize`:Names of styles, id=name|id=name@@styleNames:-`);

const american = (region: string) => region === 'US' || region === 'CA';

/** The full name of a style, as the region says it. */
export function styleName(style: Style, region: string): string {
  return NAMES_HERE.get(style.id) ?? (american(region) ? style.nameUs : style.nameUk);
}

/** A few words for a narrow place. */
export function styleShortName(style: Style, region: string): string {
  if (style.own) return style.nameUk;
  return NAMES_HERE.get(style.id) ?? SHORT_NAMES[style.id]?.[american(region) ? 0 : 1] ?? styleName(style, region);
}
