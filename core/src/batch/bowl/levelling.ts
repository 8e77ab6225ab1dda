import type { Footprint } from './frosting.js';

/*
 * A cake crowns; to be stacked its layers are cut level at the rim. The crown is taken as a cap over a round and as two parabolas over a
 * sheet: what it holds comes off the height that the batter reaches on average.
 */

/** How high a crown stands over the rim, share of the shorter width; 0.06 of 20 cm is 12 mm. Judged: light tins, no strips round them. */
const CROWN_OF_WIDTH = 0.06;

export interface Levelling {
  /** From the rim to the top of the crown, mm. */
  readonly crownMillimetres: number;
  /** What is cut off one layer, g. */
  readonly gramsOff: number;
  /** By how much one layer is lower than it would be on average, cm. */
  readonly lowerCm: number;
}

/**
 * What levelling takes off one layer.
 * @param layerGrams of one baked layer
 * @param layerHeightCm its height on average, crown and all
 */
export function levelling(cake: Footprint, layerGrams: number, layerHeightCm: number): Levelling {
  const width = 'diameterCm' in cake ? cake.diameterCm : Math.min(cake.lengthCm, cake.widthCm);
  const area = 'diameterCm' in cake ? (Math.PI / 4) * cake.diameterCm ** 2 : cake.lengthCm * cake.widthCm;
  // a low layer has no room for a high crown
  const crown = Math.min(CROWN_OF_WIDTH * width, layerHeightCm / 2);
  const millilitres =
    'diameterCm' in cake ? (Math.PI * crown * (3 * (width / 2) ** 2 + crown ** 2)) / 6 : (4 / 9) * area * crown;
  const whole = area * layerHeightCm;
  return {
    crownMillimetres: crown * 10,
    gramsOff: whole > 0 ? (layerGrams * millilitres) / whole : 0,
    lowerCm: millilitres / area,
  };
}
