import { batterGrowth } from '../../../oven/baking/index.js';
import {
  fillPans,
  parsePan,
  parseVessel,
  SHELF_PANS,
  type PanSet,
  type PanShape,
} from '../../../kitchen/pans/index.js';
import type { Evidence, Rule } from '../evidence.js';

/** The size that a pan of that shape most often has, as a formula of the region writes it. */
const USUAL_PANS: Readonly<Record<PanShape, readonly [us: string, elsewhere: string]>> = {
  round: ['9 inch round pan', '20 cm round tin'],
  square: ['8 inch square pan', '20 cm square tin'],
  rectangle: ['9x13 inch pan', '30 x 20 x 4 cm tin'],
  loaf: ['9x5 inch loaf pan', '2 lb loaf tin'],
  muffin: ['12-cup muffin pan', '12-hole muffin tin'],
  ring: ['10 in fluted ring', '25 cm fluted ring'],
};
const american = ({ formula }: Evidence) => formula.region === 'US' || formula.region === 'CA';

/** A pan that is named without its size, or of a shape that cannot be simulated yet. */
export const panSize: Rule = (evidence) => {
  const { pan } = evidence.formula.bake;
  if (pan === undefined) return [];
  const parsed = parseVessel(pan);
  if (parsed.kind === 'size-missing')
    return [
      {
        code: 'pan-without-size',
        severity: 'warning',
        place: '',
        facts: { shape: parsed.shape },
        fix: { kind: 'pan', pan: USUAL_PANS[parsed.shape][american(evidence) ? 0 : 1] },
      },
    ];
  return parsed.kind === 'unknown' ? [{ code: 'pan-not-built', severity: 'note', place: '', facts: {} }] : [];
};

/** Rise scatters between bakers: below this chance the Oven's own word on a sheet beneath is enough. */
const SURELY_OVER = 0.97;
const RATHER_NOT_OVER = 0.5;

/** A deep tin as wide as one whose depth nobody says, where that holds the batter: then a deep one was meant, or is wanted. */
function deepOne({ pan: { shape, topLengthCm }, count }: PanSet, fits: (set: PanSet) => boolean): string | undefined {
  return SHELF_PANS.find(
    (pan) =>
      pan.shape === shape &&
      (shape === 'loaf'
        ? Math.abs(pan.topLengthCm - topLengthCm) < AS_LONG_CM && pan.cavities === 1
        : Math.abs(pan.topLengthCm - topLengthCm) < AS_WIDE_CM && pan.name.includes('deep')) &&
      fits({ pan, count }),
  )?.name;
}
const AS_WIDE_CM = 0.7;
/** Loaf tins flare, and are measured at the rim or at the base. */
const AS_LONG_CM = 2.5;

/** A pan of the same shape that holds the batter, the smallest first. */
function roomier(set: PanSet, fits: (set: PanSet) => boolean): string | undefined {
  const volume = ({ topLengthCm, topWidthCm, depthCm }: PanSet['pan']) => topLengthCm * topWidthCm * depthCm;
  return SHELF_PANS.filter(
    ({ shape, cavities, name }) =>
      shape === set.pan.shape && cavities === set.pan.cavities && !/lidded|skillet|basin|ramekin|mug|can\b/.test(name),
  )
    .sort((a, b) => volume(a) - volume(b))
    .find((pan) => fits({ pan, count: set.count }))?.name;
}

/** Batter that cannot fit the pan it is written for, or lies lost in it. */
export const panFit: Rule = ({ formula, totals, style, weighed }) => {
  const parsed = formula.bake.pan === undefined ? undefined : parsePan(formula.bake.pan);
  if (parsed?.kind !== 'pan' || !(totals.grams > 0) || weighed.flourBasis?.assumed === true) return [];
  const { raw, baked } = batterGrowth(style?.basedOn);
  const fill = (set: PanSet) => fillPans(set, totals.grams, raw, baked);
  const { verdict, fraction, overflowChance } = fill(parsed.set);
  if (verdict !== 'low' && overflowChance < SURELY_OVER) return [];
  const fits = (set: PanSet) => fill(set).verdict === 'fits';
  const deep =
    verdict !== 'low' && parsed.assumed.includes('depth')
      ? deepOne(parsed.set, (set) => fill(set).overflowChance < RATHER_NOT_OVER)
      : undefined;
  const better = deep ?? roomier(parsed.set, fits);
  const count = parsed.set.count > 1 ? ` x ${parsed.set.count}` : '';
  return [
    {
      code: verdict === 'low' ? 'pan-too-large' : 'pan-too-small',
      severity: verdict === 'low' || deep !== undefined ? 'note' : 'warning',
      place: '',
      facts: {
        pan: formula.bake.pan ?? '',
        fillPercent: Math.round(100 * fraction),
        overflowPercent: Math.round(100 * overflowChance),
        ...(better !== undefined && { better }),
        ...(deep !== undefined && { deepHolds: true }),
      },
      ...(better !== undefined && { fix: { kind: 'pan', pan: `${better}${count}` } }),
    },
  ];
};
