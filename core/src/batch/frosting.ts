import { DomainError } from '../domain-error.js';

/** A cake to fill and coat: its geometry, not its flour, says how much. */
export interface ToFrost {
  readonly layers: number;
  readonly diameterCm: number;
  /** Of one layer, as it is stacked. */
  readonly layerHeightCm: number;
  readonly fillingCm: number;
  /** On top and round the side; 0 leaves it naked. */
  readonly coatCm: number;
  readonly top?: boolean;
  readonly sides?: boolean;
  /** A thin first coat that holds the crumbs. */
  readonly crumbCoatCm?: number;
}

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

/**
 * Frosting by geometry: discs between the layers, a disc on top, a ring round the side.
 * @throws DomainError for no layer, or sizes that no cake has
 */
export function frostingFor(cake: ToFrost, gramsPerMillilitre = BUTTERCREAM_GRAMS_PER_MILLILITRE): Frosting {
  const { layers, diameterCm, layerHeightCm, fillingCm, coatCm, top = true, sides = true, crumbCoatCm = 0 } = cake;
  if (!(Number.isInteger(layers) && layers >= 1 && layers <= 20))
    throw new DomainError('frostingFor', 'layers', layers, '1 to 20');
  if (!(diameterCm >= 3 && diameterCm <= 80)) throw new DomainError('frostingFor', 'diameterCm', diameterCm, '3 to 80');
  if (!(layerHeightCm >= 0.5 && layerHeightCm <= 30))
    throw new DomainError('frostingFor', 'layerHeightCm', layerHeightCm, '0.5 to 30');
  for (const [name, value] of [
    ['fillingCm', fillingCm],
    ['coatCm', coatCm],
    ['crumbCoatCm', crumbCoatCm],
  ] as const)
    if (!(value >= 0 && value <= 5)) throw new DomainError('frostingFor', name, value, '0 to 5');
  const disc = (Math.PI / 4) * diameterCm ** 2;
  const stack = layers * layerHeightCm + (layers - 1) * fillingCm;
  const ring = (height: number, thickness: number, inside: number) =>
    (Math.PI / 4) * ((inside + 2 * thickness) ** 2 - inside ** 2) * height;
  const fillingMillilitres = (layers - 1) * disc * fillingCm;
  const crumbCoatMillilitres = crumbCoatCm > 0 ? disc * crumbCoatCm + ring(stack, crumbCoatCm, diameterCm) : 0;
  const coated = diameterCm + 2 * crumbCoatCm;
  const topMillilitres = top ? (Math.PI / 4) * (coated + (sides ? 2 * coatCm : 0)) ** 2 * coatCm : 0;
  const sideMillilitres = sides ? ring(stack + crumbCoatCm, coatCm, coated) : 0;
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
