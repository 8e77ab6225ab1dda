import { batterGrowth } from '../../../oven/baking/index.js';
import { USUAL_MIXER } from '../../../kitchen/kitchen/index.js';
import type { Rule } from '../evidence.js';

/** A bowl that is fuller than this cannot be whisked or folded in. */
const BOWL_FULL = 0.65;

/** More than the bowl holds, or the mixer turns. */
export const bowl: Rule = ({ around, totals, style, weighed }) => {
  const ownMixer = around.kitchen.mixer;
  const { bowlLitres, mostFlourGrams } = ownMixer ?? USUAL_MIXER;
  const litres = totals.grams / batterGrowth(style?.basedOn).raw / 1000;
  const mixer = ownMixer === undefined ? 'usual' : 'own';
  const byPercent = weighed.flourBasis?.assumed === true;
  if (byPercent) return [];
  if (litres > bowlLitres * BOWL_FULL)
    return [
      {
        code: 'bowl-too-small',
        severity: 'note',
        place: '',
        facts: { litres, bowl: bowlLitres, goes: Math.ceil(litres / (bowlLitres * BOWL_FULL)), mixer },
      },
    ];
  return totals.flour > mostFlourGrams
    ? [
        {
          code: 'mixer-too-small',
          severity: 'note',
          place: '',
          facts: { flour: totals.flour, most: mostFlourGrams, goes: Math.ceil(totals.flour / mostFlourGrams), mixer },
        },
      ]
    : [];
};

/** Percentages or parts that are counted for an amount nobody said. */
export const flourBasis: Rule = ({ weighed }) =>
  weighed.flourBasis?.assumed === true
    ? [
        {
          code: 'flour-basis-assumed',
          severity: 'note',
          place: '',
          facts: { grams: weighed.flourBasis.grams },
          fix: { kind: 'flour-basis', grams: 500 },
        },
      ]
    : [];
