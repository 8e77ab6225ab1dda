import type { FrostingKind, Swirl } from '../choices/index.js';
import { DomainError } from '../../ground/errors/index.js';

/** A cake from above: round, or a box of two lengths. */
export type Footprint = { readonly diameterCm: number } | { readonly lengthCm: number; readonly widthCm: number };

/** A cake to fill and coat: its geometry, not its flour, says how much. */
export type ToFrost = Footprint & {
  readonly layers: number;
  /** Of one layer, as it is stacked. */
  readonly layerHeightCm: number;
  readonly fillingCm: number;
  /** On top and round the side; 0 leaves it naked. */
  readonly coatCm: number;
  readonly top?: boolean;
  readonly sides?: boolean;
  /** A thin first coat that holds the crumbs. */
  readonly crumbCoatCm?: number;
};

export interface Frosting {
  readonly fillingMillilitres: number;
  readonly topMillilitres: number;
  readonly sideMillilitres: number;
  readonly crumbCoatMillilitres: number;
  readonly millilitres: number;
  readonly grams: number;
  readonly stackHeightCm: number;
}

/** Buttercream, beaten: cream cheese is heavier, whipped cream much lighter. */
export const BUTTERCREAM_GRAMS_PER_MILLILITRE = 0.9;

/** What goes on a cake, by how heavy it is. @source weighed cups as bakers quote them; spread about 10 % */
export const FROSTING_GRAMS_PER_MILLILITRE: Readonly<Record<FrostingKind, number>> = {
  buttercream: BUTTERCREAM_GRAMS_PER_MILLILITRE,
  'cream-cheese': 1,
  'whipped-cream': 0.5,
  ganache: 1.15,
  glaze: 1.3,
  jam: 1.3,
  curd: 1.15,
};

/** Area and perimeter of a footprint grown by so much on every side. */
function grown(cake: Footprint, byCm: number): { readonly area: number; readonly round: number } {
  if ('diameterCm' in cake) {
    const diameter = cake.diameterCm + 2 * byCm;
    return { area: (Math.PI / 4) * diameter ** 2, round: Math.PI * diameter };
  }
  const [length, width] = [cake.lengthCm + 2 * byCm, cake.widthCm + 2 * byCm];
  return { area: length * width, round: 2 * (length + width) };
}

function checkSizes(cake: Footprint): void {
  const sizes: readonly (readonly [string, number])[] =
    'diameterCm' in cake
      ? [['diameterCm', cake.diameterCm]]
      : [
          ['lengthCm', cake.lengthCm],
          ['widthCm', cake.widthCm],
        ];
  for (const [name, value] of sizes)
    if (!(value >= 3 && value <= 80)) throw new DomainError('frostingFor', name, value, '3 to 80');
}

/**
 * Frosting by geometry: a sheet between the layers, one on top, a ring round the side.
 * @throws DomainError for no layer, or sizes that no cake has
 */
export function frostingFor(cake: ToFrost, gramsPerMillilitre = BUTTERCREAM_GRAMS_PER_MILLILITRE): Frosting {
  const { layers, layerHeightCm, fillingCm, coatCm, top = true, sides = true, crumbCoatCm = 0 } = cake;
  if (!(Number.isInteger(layers) && layers >= 1 && layers <= 20))
    throw new DomainError('frostingFor', 'layers', layers, '1 to 20');
  checkSizes(cake);
  if (!(layerHeightCm >= 0.5 && layerHeightCm <= 30))
    throw new DomainError('frostingFor', 'layerHeightCm', layerHeightCm, '0.5 to 30');
  for (const [name, value] of [
    ['fillingCm', fillingCm],
    ['coatCm', coatCm],
    ['crumbCoatCm', crumbCoatCm],
  ] as const)
    if (!(value >= 0 && value <= 5)) throw new DomainError('frostingFor', name, value, '0 to 5');
  const { area } = grown(cake, 0);
  const stack = layers * layerHeightCm + (layers - 1) * fillingCm;
  const ring = (height: number, thickness: number, inside: number) =>
    (grown(cake, inside + thickness).area - grown(cake, inside).area) * height;
  const fillingMillilitres = (layers - 1) * area * fillingCm;
  const crumbCoatMillilitres = crumbCoatCm > 0 ? area * crumbCoatCm + ring(stack, crumbCoatCm, 0) : 0;
  const topMillilitres = top ? grown(cake, crumbCoatCm + (sides ? coatCm : 0)).area * coatCm : 0;
  const sideMillilitres = sides ? ring(stack + crumbCoatCm, coatCm, crumbCoatCm) : 0;
  const millilitres = fillingMillilitres + topMillilitres + sideMillilitres + crumbCoatMillilitres;
  return {
    fillingMillilitres,
    topMillilitres,
    sideMillilitres,
    crumbCoatMillilitres,
    millilitres,
    grams: millilitres * gramsPerMillilitre,
    stackHeightCm: stack + (top ? coatCm : 0) + crumbCoatCm,
  };
}

const SPREAD_CM = 0.5;
const CONE_SHARE: Readonly<Record<Exclude<Swirl, 'spread'>, number>> = { swirl: 0.6, tall: 0.95 };

/** Frosting of so many cupcakes of a diameter, millilitres. */
export function swirlMillilitres(count: number, diameterCm: number, swirl: Swirl): number {
  if (!(Number.isInteger(count) && count >= 1 && count <= 2000))
    throw new DomainError('swirlMillilitres', 'count', count, '1 to 2000, whole');
  checkSizes({ diameterCm });
  const disc = (Math.PI / 4) * diameterCm ** 2;
  return count * disc * (swirl === 'spread' ? SPREAD_CM : (CONE_SHARE[swirl] * diameterCm) / 3);
}

/** A soak goes in about so deep from each cut face, and fills so much of the crumb. @source usual amounts of 45–60 ml to a 20 cm layer */
const SOAKED_CM = 1;
const CRUMB_TAKES = 0.16;

/** Syrup that the layers of a cake take, millilitres: with their surface, not with their flour. */
export function soakMillilitres(layers: number, cake: Footprint): number {
  checkSizes(cake);
  return layers * grown(cake, 0).area * SOAKED_CM * CRUMB_TAKES;
}
