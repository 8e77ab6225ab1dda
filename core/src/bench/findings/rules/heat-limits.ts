import { materialById } from '../../../kitchen/pans/index.js';
import type { Rule } from '../evidence.js';

/** Words in a method that name something with a limit, most particular first. */
const NAMED: readonly (readonly [RegExp, string])[] = [
  [/\b(?:wax(?:ed)? paper|grease ?proof(?: paper)?)\b/i, 'greaseproof'],
  [/\b(?:baking parchment|parchment(?: paper)?|baking paper|bakery paper)\b/i, 'parchment'],
  [/\b(?:paper (?:cases|cups|liners)|(?:muffin|cupcake|bun) (?:cases|liners|papers))\b/i, 'paper_case'],
  [/\bsilicone\b/i, 'silicone'],
  [/\b(?:glass|ovenproof glass)\b/i, 'glass'],
  [/\bnon-?stick\b/i, 'nonstick'],
];
/** The dial of an oven and the print on the packet both round. */
const ROUNDING_CELSIUS = 4;

/** An oven hotter than the paper, the silicone or the coating in it may become. */
export const heatLimits: Rule = ({ formula, steps }) => {
  const set = steps.flatMap(({ mentions }) =>
    mentions.flatMap((mention) => (mention.kind === 'temperature' && mention.of === 'oven' ? [mention.celsius] : [])),
  );
  const hottest = Math.max(formula.bake.celsius ?? 0, ...set);
  const words = [...steps.map(({ id, text }) => ({ place: id, text })), { place: '', text: formula.bake.pan ?? '' }];
  return NAMED.flatMap(([pattern, id]) => {
    const named = words.find(({ text }) => pattern.test(text));
    const material = materialById(id);
    if (!named || !material || hottest <= material.safeCelsius + ROUNDING_CELSIUS) return [];
    return [
      {
        code: 'oven-above-limit' as const,
        severity: 'warning' as const,
        place: named.place,
        facts: {
          material: pattern.exec(named.text)?.[0].toLowerCase() ?? id,
          limit: material.safeCelsius,
          celsius: Math.round(hottest),
          caution: material.caution,
        },
      },
    ];
  });
};
