import { ALLERGENS, type Allergen } from '../../../kitchen/ingredients/index.js';
import { roleOf } from '../../../kitchen/ingredients/index.js';
import { calledIn, linesHolding, type Rule } from '../evidence.js';
import type { Finding } from '../finding.js';

const COOKED =
  /\b(?:cook(?:ed|ing)?|simmer\w*|boil\w*|heat(?:ed)?|bain|double boiler|over (?:a pan|hot|simmering)|scald\w*|custard|bake[ds]?|toast\w*|roux|syrup at|7[0-9] ?°|8[0-9] ?°|16[0-9] ?°? ?f)\b/i;
/** Parts that stay as they are mixed. */
const STAYS_RAW =
  /frosting|icing|glaze|buttercream|filling|ganache|mousse|topping|cream|royal|meringue|cookie dough|edible/i;
const BAKED_PART = /crumble|streusel|crumb\b|batter|dough$|crust/i;

/** Egg or flour in a part that no heat reaches. */
export const eatenRaw: Rule = (evidence) => {
  const { formula, weighed, lines } = evidence;
  return weighed.components.flatMap((component): readonly Finding[] => {
    const raw = !component.inBatter && STAYS_RAW.test(component.name) && !BAKED_PART.test(component.name);
    const unbaked = /\bno[- ]bake\b|\bedible\b|\beaten raw\b/i.test(`${formula.title} ${component.name}`);
    if (!raw && !unbaked) return [];
    const itsLines = lines.filter((line) => line.component.id === component.id);
    const stem = component.name
      .toLowerCase()
      .replace(/^(?:for )?(?:the )?/, '')
      .replace(/(?:ing|e)$/, '');
    const about = formula.steps
      .filter(({ text }) => stem.length > 2 && text.toLowerCase().includes(stem))
      .map(({ text }) => text);
    const cooked =
      itsLines.some(({ line }) => COOKED.test(line.text)) ||
      (!unbaked &&
        about.some((text) =>
          /\b(?:cook|simmer|boil|bain|double boiler|over (?:a pan|hot|simmering)|heat (?:the|until|gently|to)|thermometer)\w*/i.test(
            text,
          ),
        ));
    // "add the topping, bake 45 minutes": it goes into the oven too
    const goesIn = about.some((text) => {
      const said = text.toLowerCase();
      return /^[^.]{0,60}\bbak(?:e|ed|ing)\b/.test(said.slice(said.indexOf(stem)));
    });
    if (cooked || goesIn) return [];
    return itsLines.flatMap((line): readonly Finding[] =>
      line.entries.flatMap((entry): readonly Finding[] => {
        const { ingredient } = entry;
        if (!ingredient) return [];
        if (
          roleOf(ingredient).egg > 0 &&
          !/pasteuri[sz]ed|liquid-whole/.test(ingredient.behavesAs) &&
          !/pasteuri[sz]ed/i.test(line.line.text)
        ) {
          const whites = ingredient.behavesAs === 'egg-white';
          return [
            {
              code: 'raw-egg',
              severity: 'warning',
              place: line.line.id,
              facts: { part: component.name, name: calledIn(evidence, entry) },
              ...(whites && {
                fix: {
                  kind: 'retype',
                  lineId: line.line.id,
                  text: line.line.text.replace(/\b(?:(?:large|medium|small) )?(?=egg whites?\b)/i, 'pasteurised '),
                },
              }),
            },
          ];
        }
        if (
          roleOf(ingredient).flour > 0 &&
          /flour|oat/.test(ingredient.behavesAs) &&
          !/corn|heat-treated/.test(ingredient.behavesAs) &&
          !/heat[- ]treated|toasted/i.test(line.line.text)
        )
          return [
            {
              code: 'raw-flour',
              severity: 'warning',
              place: line.line.id,
              facts: { part: component.name, name: calledIn(evidence, entry) },
            },
          ];
        return [];
      }),
    );
  });
};

const FOR_A_BABY =
  /\b(?:bab(?:y|ies|y's)|infants?|weaning|toddlers?|under (?:12|twelve) months|(?:6|8|9|10|12)\s*months?\+?|first birthday|one-year-old)\b/i;

/** Honey, added sugar, salt and whole nuts in something for a baby. */
export const forBabies: Rule = (evidence) => {
  const { formula } = evidence;
  if (!FOR_A_BABY.test([formula.title, formula.yield ?? '', ...(formula.notes ?? [])].join('\n'))) return [];
  return linesHolding(evidence, ({ ingredient }) => ingredient !== undefined).flatMap(
    ({ line, entry }): readonly Finding[] => {
      const { ingredient } = entry;
      if (!ingredient) return [];
      const facts = { name: calledIn(evidence, entry) };
      const place = line.line.id;
      const takeOut = line.entries.length === 1 ? { fix: { kind: 'take-out' as const, lineId: place } } : {};
      if (ingredient.behavesAs.includes('honey'))
        return [{ code: 'baby-honey', severity: 'error', place, facts, ...takeOut }];
      if (roleOf(ingredient).sweetens) return [{ code: 'baby-sugar', severity: 'warning', place, facts, ...takeOut }];
      if (ingredient.category === 'salt') return [{ code: 'baby-salt', severity: 'warning', place, facts, ...takeOut }];
      const nut = ingredient.allergens.includes('tree-nut') || ingredient.allergens.includes('peanut');
      const fine =
        /meal|flour|butter|paste|milk|oil|extract|ground/.test(ingredient.behavesAs) || entry.preparation === 'ground';
      return ingredient.category === 'nut/seed' && nut && !fine
        ? [
            {
              code: 'baby-nuts',
              severity: 'error',
              place,
              facts,
              ...(line.entries.length === 1 && {
                fix: { kind: 'retype' as const, lineId: place, text: `${line.line.text}, finely ground` },
              }),
            },
          ]
        : [];
    },
  );
};

/** What a title promises to be without. */
const DENIED: readonly (readonly [RegExp, readonly Allergen[]])[] = [
  [/\b(?:gluten|wheat)[- ]?free\b|\bwithout (?:gluten|wheat)\b|\bno gluten\b|\bcoeliac\b|\bceliac\b/i, ['gluten']],
  [/\b(?:dairy|milk|lactose)[- ]?free\b|\bwithout (?:dairy|milk)\b|\bno dairy\b/i, ['milk']],
  [/\begg[- ]?free\b|\beggless\b|\bwithout eggs?\b|\bno eggs?\b/i, ['egg']],
  [/\bnut[- ]?free\b|\bwithout nuts\b|\bno nuts\b/i, ['tree-nut', 'peanut']],
  [/\bpeanut[- ]?free\b/i, ['peanut']],
  [/\bsoy?a?[- ]free\b/i, ['soy']],
  [/\bsesame[- ]?free\b/i, ['sesame']],
  [/\ballergen[- ]?free\b/i, ALLERGENS],
];
const VEGAN = /\bvegan\b|\bplant[- ]based\b/i;
/** Coconut is no tree nut in every country's list: the table says what is certain. */
const denialsIn = (words: string) => DENIED.flatMap(([denial, allergens]) => (denial.test(words) ? allergens : []));

/** An ingredient that holds what the title says is not in it. */
export const denied: Rule = (evidence) => {
  const { formula } = evidence;
  const words = [formula.title, formula.yield ?? '', ...(formula.notes ?? []).filter((note) => note.length < 60)].join(
    '\n',
  );
  const not = new Set<Allergen>(denialsIn(words));
  const vegan = VEGAN.test(words);
  if (not.size === 0 && !vegan) return [];
  return linesHolding(evidence, ({ ingredient }) => ingredient !== undefined).flatMap(
    ({ line, entry }): readonly Finding[] => {
      // "gluten-free oats", "dairy-free spread": the line says so itself
      const holds =
        entry.ingredient?.allergens.filter(
          (allergen) => not.has(allergen) && !denialsIn(line.line.text).includes(allergen),
        ) ?? [];
      const facts = { name: calledIn(evidence, entry) };
      const place = line.line.id;
      if (holds.length > 0)
        return [{ code: 'allergen-denied', severity: 'error', place, facts: { ...facts, allergens: holds } }];
      return vegan && entry.ingredient?.vegan === false && !VEGAN.test(line.line.text)
        ? [{ code: 'not-vegan', severity: 'error', place, facts }]
        : [];
    },
  );
};
