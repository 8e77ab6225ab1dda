import type { WeighedPart } from '../../formula/formula/index.js';
import type { Range } from '../../ground/verdict/index.js';

/** What an alkaline crumb, or too much leavener, does to what is in it: codes of sentences in core/src/words. */
export const CONSEQUENCE_CODES = [
  'berries-turn-blue', 'seeds-turn-green', 'walnut-skins-grey', 'carrots-green', 'cocoa-dark', 'cocoa-light', 'tastes-soapy', 'tastes-of-soda',
  'tastes-of-powder', 'ammonia-stays', 'potassium-caution', 'aluminium-taste',
] as const; // prettier-ignore
export type ConsequenceCode = (typeof CONSEQUENCE_CODES)[number];

export interface Consequence {
  readonly code: ConsequenceCode;
  /** Whether the likely figure is past the threshold, or only the far end of its range. */
  readonly odds: 'likely' | 'possible';
  /** What it happens to. */
  readonly ingredientId?: string;
  /** pH, or percent of flour, from which it is expected. ± 0.4 pH */
  readonly threshold: number;
  readonly value: number;
}

/** Colours that turn in an alkaline crumb, pH from which. ± 0.4. @source leavening.md 1.6 */
const COLOURS: readonly { readonly id: RegExp; readonly from: number; readonly code: ConsequenceCode }[] = [
  { id: /blueberr|blackberr|blackcurrant|mixed-berries|cherries|elderberr/, from: 7.3, code: 'berries-turn-blue' },
  { id: /sunflower-seed/, from: 7.5, code: 'seeds-turn-green' },
  { id: /^walnut/, from: 7.6, code: 'walnut-skins-grey' },
  { id: /^carrot|^parsnip/, from: 7.8, code: 'carrots-green' },
  { id: /cocoa$|chocolate/, from: 7.3, code: 'cocoa-dark' },
];
/** Free soda, percent of flour: noticed, soapy. Powder, percent of flour: salty and bitter. @source leavening.md 1.6 */
const SODA_NOTICED = 0.8;
const SODA_SOAPY = 1.3;
const SOAPY_PH = 8.5;
const POWDER_NOTICED = 6.5;
/** Water of a batter, share of its mass, above which ammonia cannot leave: only thin, dry bakes go below it. */
const AMMONIA_STAYS_ABOVE = 0.2;
const POWDERS = /baking-powder/;

/** What the crumb's pH and the leaveners do to taste and colour. */
export function consequencesOf(
  parts: readonly WeighedPart[],
  crumbPh: Range,
  leftoverSodaGrams: number,
  flourGrams: number,
): readonly Consequence[] {
  const consequences: Consequence[] = [];
  const seen = new Set<ConsequenceCode>();
  const add = (code: ConsequenceCode, value: number, high: number, threshold: number, ingredientId?: string) => {
    if (high < threshold || seen.has(code)) return;
    seen.add(code);
    const odds = value >= threshold ? 'likely' : 'possible';
    consequences.push({ code, odds, threshold, value, ...(ingredientId !== undefined && { ingredientId }) });
  };
  for (const { ingredient, grams } of parts) {
    if (grams <= 0) continue;
    const turns = COLOURS.find(({ id }) => id.test(ingredient.behavesAs));
    if (turns?.code === 'cocoa-dark' && crumbPh.high < turns.from) {
      if (!seen.has('cocoa-light'))
        consequences.push({
          code: 'cocoa-light',
          odds: 'likely',
          ingredientId: ingredient.id,
          threshold: turns.from,
          value: crumbPh.likely,
        });
      seen.add('cocoa-light');
    } else if (turns) add(turns.code, crumbPh.likely, crumbPh.high, turns.from, ingredient.id);
  }
  if (!(flourGrams > 0)) return consequences;
  const ofFlour = (grams: number) => (100 * grams) / flourGrams;
  const freeSoda = ofFlour(leftoverSodaGrams);
  if (freeSoda >= SODA_SOAPY && crumbPh.high > SOAPY_PH) add('tastes-soapy', freeSoda, freeSoda, SODA_SOAPY);
  else add('tastes-of-soda', freeSoda, freeSoda, SODA_NOTICED);
  const gramsOf = (pattern: RegExp) =>
    parts.reduce((sum, { ingredient, grams }) => sum + (pattern.test(ingredient.behavesAs) ? grams : 0), 0);
  const powder = ofFlour(gramsOf(POWDERS));
  add('tastes-of-powder', powder, powder, POWDER_NOTICED);
  const mass = parts.reduce((sum, { grams }) => sum + grams, 0);
  const water = parts.reduce((sum, { ingredient, grams }) => sum + grams * ingredient.composition.water, 0);
  if (gramsOf(/^bakers-ammonia$/) > 0)
    add('ammonia-stays', water / mass, water / mass, AMMONIA_STAYS_ABOVE, 'bakers-ammonia');
  const potassium = parts.find(
    ({ ingredient, grams }) =>
      grams > 0 && /^(?:potassium-bicarbonate|low-sodium-baking-powder)$/.test(ingredient.behavesAs),
  );
  if (potassium) add('potassium-caution', 1, 1, 0, potassium.ingredient.id);
  const aluminium = ofFlour(gramsOf(/^baking-powder$/));
  if (aluminium > 0) add('aluminium-taste', aluminium, aluminium, 5);
  return consequences;
}
