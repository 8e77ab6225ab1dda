import { decimal } from '../../ground/language/index.js';
import type { PanMaterial, ParsedVessel, VesselSet } from '../../kitchen/pans/index.js';
import type { BakePrediction } from '../../oven/baking/index.js';
import { gramsInWords } from '../figures/index.js';

export const PAN_MATERIAL_NAMES: Readonly<Record<PanMaterial, string>> = {
  light: $localize`light metal`,
  dark: $localize`dark metal`,
  glass: $localize`glass`,
  ceramic: $localize`ceramic`,
  silicone: $localize`silicone`,
  'cast-iron': $localize`cast iron`,
};

const NO_VESSEL: Readonly<Record<Extract<ParsedVessel, { kind: 'unknown' }>['because'], string>> = {
  'shape-not-built': $localize`That has no walls to hold a batter. What stands free is written “12 scones of 6 cm”, “wedge 18 cm round x 8” or “dome”.`,
  'size-unlikely': $localize`No kitchen pan has that size. Check the figures and their unit.`,
  'no-pan': $localize`That is no pan Orvin knows. Write a shape and a size: “23 cm round”, “30x20x4 cm”.`,
};

/** What is wrong with pans as they are written, and what to write; undefined where nothing is. @param parsed undefined for no words at all */
export function vesselProblemInWords(parsed: ParsedVessel | undefined): string | undefined {
  if (parsed === undefined)
    return $localize`Which pan? Write it as you say it: “9x5 in loaf”, “23 cm springform”, “12-cup muffin tin”.`;
  switch (parsed.kind) {
    case 'vessel':
      return undefined;
    case 'pieces-without-size':
      return parsed.shape === 'wedge'
        ? $localize`How large is the round? Write it as “wedge 18 cm round x 8”.`
        : parsed.shape === 'mound'
          ? $localize`How wide is each mound? Write it as “12 mounds of 6 cm”.`
          : $localize`How wide is each piece? Write it as “12 scones of 6 cm”.`;
    case 'size-missing':
      return $localize`How large is the ${parsed.shape} pan? Measure it inside: “20 cm ${parsed.shape}”.`;
    case 'unknown':
      return NO_VESSEL[parsed.because];
  }
}

const PIECES = {
  disc: $localize`in each piece`,
  mound: $localize`in each mound`,
  wedge: $localize`in each wedge`,
  dome: $localize`in each loaf`,
} as const;

/** How much goes into each pan or piece, how full that is, and how high it rises. */
export function filledInWords(
  { fill, heights, gramsPerPiece, gramsPerPan, panDepthCm }: BakePrediction,
  { pan, count }: VesselSet,
): { readonly each: string; readonly share: string; readonly rises: string } {
  const { shape } = pan;
  const each =
    shape === 'disc' || shape === 'wedge' || shape === 'mound' || shape === 'dome'
      ? `${gramsInWords(gramsPerPiece)} ${PIECES[shape]}`
      : pan.cavities > 1
        ? $localize`${gramsInWords(gramsPerPiece)} in each cup`
        : $localize`${gramsInWords(gramsPerPan)} in ${count > 1 ? $localize`each` : $localize`the`} pan`;
  return fill
    ? {
        each,
        share: $localize`${Math.round(fill.fraction * 100)} % full`,
        rises: $localize`rises to about ${decimal(fill.risenTopCm, 1)} cm, the rim is at ${decimal(panDepthCm, 1)}`,
      }
    : {
        each,
        share: $localize`${decimal(heights.rawCm, 1)} cm high`,
        rises: $localize`rises to about ${decimal(heights.bakedCm, 1)} cm`,
      };
}
