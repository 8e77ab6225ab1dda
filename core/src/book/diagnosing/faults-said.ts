import { FAULT_IDS } from './network.js';

/*
 * Faults said in words: "it sank and tastes of soap". Words and stems, each looked for by itself; a word before it that denies it takes it
 * away ("not dry"). Linear in the text.
 */

/** Stems of words; several of one entry must all be there. */
const STEMS: Readonly<Record<string, readonly string[]>> = {
  sank_middle: ['sank', 'sunk', 'collaps', 'fell', 'crater', 'dip in the middle'],
  peaked_cracked: ['peak', 'crack', 'split dome', 'split top', 'split on top', 'domed and split', 'volcano'],
  mushroom: ['mushroom', 'overflow', 'ran over', 'over the rim'],
  sticky_top: ['sticky', 'wet top', 'tacky'],
  speckled_top: ['specks on top', 'sugar specks', 'speckle'],
  side_crack: ['cracked on the side', 'cracked at the side', 'side crack'],
  pale: ['pale', 'no colour', 'no color', 'white top'],
  too_dark: ['too dark', 'too brown', 'burnt top', 'burned top', 'black top'],
  burnt_raw: ['raw inside', 'raw in the middle', 'dark outside'],
  burnt_base: ['burnt base', 'burnt bottom', 'burned bottom', 'burnt underneath'],
  hard_crust: ['hard crust', 'thick crust', 'hard edge', 'edges hard', 'edges are hard', 'edges were hard'],
  tunnels: ['tunnel', 'wormhole'],
  hollow: ['hollow', 'cavern'],
  coarse_crumb: ['coarse', 'open crumb', 'big holes', 'large holes'],
  dense_all: ['dense', 'heavy', 'did not rise', 'no rise', 'brick', 'stodgy'],
  dense_bottom: ['dense streak', 'dense layer', 'dense at the bottom', 'dense at the base'],
  gummy_line: ['gummy', 'gluey', 'raw streak', 'wet streak', 'pasty'],
  wet_bottom: ['wet base', 'wet bottom', 'soggy'],
  crumbly: ['crumbl', 'falls apart', 'fell apart'],
  tough: ['tough', 'rubber', 'chewy', 'bready'],
  dry: ['dry'],
  greasy: ['greas', 'oily'],
  flour_lumps: ['lumps of flour', 'flour lump', 'lumpy'],
  white_spots: ['white spot', 'white speck'],
  green_blue: ['green', 'blue streak', 'turned blue'],
  colour_off: ['turned brown'],
  fruit_bottom: ['fruit sank', 'fruit at the bottom', 'fruit sunk', 'berries sank', 'sultanas sank'],
  shrank_sides: ['shrank', 'shrunk', 'pulled away'],
  stuck: ['stuck', 'would not come out'],
  lopsided: ['lopsided', 'slanted', 'higher on one side'],
  leaning_scones: ['leaning', 'toppled'],
  scones_flat: ['flat scone', 'flat biscuit', 'scones did not rise'],
  spread_flat: ['spread'],
  uneven_layers: ['uneven layer', 'layers of different'],
  uneven_pieces: ['different size', 'uneven pieces'],
  soapy: ['soap', 'alkaline'],
  metallic_bitter: ['bitter', 'metal', 'tinny'],
  sour_taste: ['sour', 'sharp taste'],
  curdled_batter: ['curdl', 'batter split'],
  frosting_split: ['split frosting', 'frosting split', 'icing split', 'frosting broke'],
  frosting_grainy: ['grainy', 'gritty'],
  frosting_soft: ['runny', 'soft frosting', 'frosting too soft', 'frosting slid'],
};
/** What is said as a part of something longer and is that, not itself. */
const PART_OF: Readonly<Record<string, readonly string[]>> = {
  sank_middle: ['crumbly'],
  peaked_cracked: ['side_crack'],
  dense_all: ['dense_bottom'],
  speckled_top: [],
  tough: [],
};
const DENIED = /\b(?:not|no|never|isn't|wasn't|without)\s+(?:\w+\s+)?$/;
const LONGEST = 500;
const FRUIT_SANK =
  /\b(?:sank|sunk|sinking|fell) (?:to|at) the (?:bottom|base)\b|\b(?:fruit|berries|sultanas|raisins|cherries) (?:sank|sunk)\b/g;

/** Faults in what somebody says, in the order of the table; empty where nothing is known. */
export function faultsSaid(said: string): readonly string[] {
  // what sank to the bottom is fruit, whatever it is called; what only sank is the cake
  const words = said.slice(0, LONGEST).toLowerCase().replaceAll(FRUIT_SANK, ' fruit at the bottom ');
  const found = FAULT_IDS.filter((fault) =>
    (STEMS[fault] ?? []).some((stem) => {
      const at = words.indexOf(stem);
      return at >= 0 && !DENIED.test(words.slice(Math.max(0, at - 30), at));
    }),
  );
  return found.filter((fault) => !(PART_OF[fault] ?? []).some((longer) => found.includes(longer)));
}
