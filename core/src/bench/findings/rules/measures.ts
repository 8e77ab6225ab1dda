import { linesHolding, type Rule } from '../evidence.js';
import { pantryOf } from '../../../kitchen/equipment/index.js';
import { regionOf } from '../../../formula/parsing/index.js';
import { millilitresOf, unitById } from '../../../ground/units/index.js';

/** Salt this far off, percent of the flour, is tasted. */
const TASTED_SALT_PERCENT = 0.8;
const SPOONS: ReadonlySet<string> = new Set(['teaspoon', 'tablespoon', 'cup', 'dessertspoon']);
/** A word that says which salt it is. */
const KIND_SAID = /fine|kosher|flak|coarse|table|sea|rock|pink|crystal|cooking|iodi/i;

/** A spoon of salt whose kind is not said, where the kinds differ by what one tastes. */
export const saltKind: Rule = (evidence) => {
  const { around, totals } = evidence;
  const flaky = pantryOf(around.kitchen).byId('kosher-salt')?.gramsPerMillilitre.spooned;
  return linesHolding(
    evidence,
    ({ ingredient, unit, name }) =>
      ingredient?.behavesAs === 'table-salt' && SPOONS.has(unit ?? '') && !KIND_SAID.test(name),
  ).flatMap(({ line, entry }) => {
    const grams = entry.weight?.grams ?? 0;
    const dense = entry.ingredient?.gramsPerMillilitre.spooned ?? 1;
    const other = (grams * (flaky ?? dense)) / dense;
    const percent = totals.flour > 0 ? (100 * (grams - other)) / totals.flour : 0;
    if (!line.component.inBatter || KIND_SAID.test(line.line.text) || percent < TASTED_SALT_PERCENT) return [];
    return [
      {
        code: 'salt-kind-unclear' as const,
        severity: 'note' as const,
        place: line.line.id,
        facts: { fine: grams, flakes: other },
        ...(line.entries.length === 1 && {
          fix: {
            kind: 'retype' as const,
            lineId: line.line.id,
            text: line.line.text.replace(/\bsalt\b/i, 'fine salt'),
          },
        }),
      },
    ];
  });
};

/** Cups in words that no country can be told by: the cup of one is a fifth larger than that of another. */
export const cupRegion: Rule = ({ formula, lines }) => {
  const cups = lines.filter(({ entries }) => entries.some(({ unit }) => unit === 'cup'));
  if (cups.length === 0) return [];
  const words = [formula.title, ...lines.map(({ line }) => line.text), ...formula.steps.map(({ text }) => text)].join(
    '\n',
  );
  // words that tell give the same answer whoever asks
  if (regionOf(words, 'JP') === regionOf(words, 'US')) return [];
  const cup = unitById('cup');
  const ownCup = cup && millilitresOf(cup, formula.region);
  const others = cup ? (['US', 'AU', 'JP'] as const).map((region) => millilitresOf(cup, region) ?? 0) : [];
  if (ownCup === undefined) return [];
  return [
    {
      code: 'cup-region-unclear',
      severity: 'note',
      place: cups[0]?.line.id ?? '',
      facts: { millilitres: ownCup, least: Math.min(...others), most: Math.max(...others) },
    },
  ];
};
