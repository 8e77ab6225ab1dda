import type { Quantity } from '../../kitchen/kitchen/index.js';
import type { Style } from '../../batter/balance/index.js';
import { bandShares, flourShares, type WeighedPart } from '../../formula/formula/index.js';
import { bicarbonateOf, chargePerGram, heldByWater, LEAVENERS, MOLAR_MASS } from '../../batter/leavening/index.js';

/** Σ perGram · grams ≥ 0 keeps a quantity on the right side of one end of its band. Scaled so that 1 is about the width of a band. */
export interface BandRow {
  readonly quantity: Quantity;
  readonly perGram: readonly number[];
}

/** Bands are aimed at a little inside, so that rounding stays within. @source leavening.md part B */
const MARGIN = 0.04;
/** The least width that a band is scaled by, percent of flour. */
const LEAST_WIDTH = 0.05;

/**
 * The bands of a style as rows that are linear in the grams of a batter. Gas is linear at a given crumb pH; pH is linear in itself: "not
 * below x" is "the charge at x is not negative".
 * @param likelyPh the crumb pH at which the carbonate that stays is taken
 */
export function bandRows(
  parts: readonly WeighedPart[],
  style: Style,
  likelyPh: number,
  margin = MARGIN,
): readonly BandRow[] {
  const flourShare = flourShares(parts.map((part) => ({ ...part, grams: Math.max(part.grams, 1e-9) })));
  const shares = parts.map((part) => bandShares(part, flourShare(part)));
  const flour = parts.reduce((sum, { grams }, i) => sum + grams * (shares[i]?.flour ?? 0), 0);
  const rows: BandRow[] = [];

  const band = (quantity: Quantity, of: readonly number[], per: readonly number[], scale = 100) => {
    const { low, high } = style.bands[quantity];
    const width = high - low;
    const unit = 1 / (Math.max(flour, 1e-9) * Math.max(width, LEAST_WIDTH));
    const [from, to] = [low > 0 ? low + margin * width : 0, high - margin * width];
    if (low > 0) rows.push({ quantity, perGram: of.map((value, i) => (scale * value - from * (per[i] ?? 0)) * unit) });
    rows.push({ quantity, perGram: of.map((value, i) => (to * (per[i] ?? 0) - scale * value) * unit) });
  };
  const perFlour = shares.map((share) => share.flour);
  band('flour', perFlour, shares.map((share) => 1 - share.inclusions)); // prettier-ignore
  for (const quantity of ['sugar', 'fat', 'egg', 'water', 'salt'] as const)
    band(quantity, shares.map((share) => share[quantity]), perFlour); // prettier-ignore

  const water = parts.map(({ ingredient }) => ingredient.composition.water);
  const bicarbonate = parts.map(({ ingredient }) => bicarbonateOf(ingredient));
  const all = (perGram: readonly number[]) => parts.reduce((sum, { grams }, i) => sum + grams * (perGram[i] ?? 0), 0);
  const [wholeWater, wholeBicarbonate] = [all(water), all(bicarbonate)];
  /** Where there is less bicarbonate than the water could hold, what stays goes with the bicarbonate instead. */
  const stays = (pH: number) => {
    const held = heldByWater(pH);
    const scarce = held.millimoles * wholeWater > wholeBicarbonate;
    return parts.map((_, i) =>
      scarce
        ? {
            charge: (bicarbonate[i] ?? 0) * (held.charge / held.millimoles),
            millimoles: bicarbonate[i] ?? 0,
            ions: (water[i] ?? 0) * held.ions,
          }
        : {
            charge: (water[i] ?? 0) * held.charge,
            millimoles: (water[i] ?? 0) * held.millimoles,
            ions: (water[i] ?? 0) * held.ions,
          },
    );
  };

  const kept = stays(likelyPh);
  const gasGrams = parts.map(({ ingredient }, i) => {
    const ammonium =
      (1000 * (LEAVENERS[ingredient.behavesAs]?.ammoniumBicarbonate ?? 0)) / MOLAR_MASS.ammoniumBicarbonate;
    return ((bicarbonate[i] ?? 0) - (kept[i]?.millimoles ?? 0) + ammonium) * (MOLAR_MASS.carbonDioxide / 1000);
  });
  band('gas', gasGrams, perFlour);

  const { low, high } = style.bands['crumb-ph'];
  const inset = margin * (high - low);
  const charges = (pH: number, sign: 1 | -1): BandRow => {
    const stay = stays(pH);
    const unit = sign / (0.012 * Math.max(flour, 1e-9));
    return {
      quantity: 'crumb-ph',
      perGram: parts.map((part, i) => (chargePerGram(part, pH) - (stay[i]?.charge ?? 0) + (stay[i]?.ions ?? 0)) * unit),
    };
  };
  rows.push(charges(low + inset, 1), charges(high - inset, -1));
  return rows;
}
