import { tableWords } from '../table-words/index.js';
import type { Region } from '../../ground/units/index.js';
import type { LabelDraft, LabelIngredient, PanelRow } from '../../keep/labelling/index.js';

/* The words of a label. Allergens are marked, so that paper and screen can set them in bold. */

/** A run of words, bold where it names an allergen. */
export interface LabelRun {
  readonly words: string;
  readonly bold: boolean;
}
const plain = (words: string): LabelRun => ({ words, bold: false });
const strong = (words: string): LabelRun => ({ words, bold: true });

/** "plain **wheat** flour" where the name says it, "butter (**milk**)" where it does not. */
function named({ name, allergens }: LabelIngredient): readonly LabelRun[] {
  const words = allergens.map(tableWords);
  const [first, ...more] = words;
  if (first === undefined) return [plain(name)];
  const at = name.toLowerCase().indexOf(first.toLowerCase());
  if (at >= 0 && more.length === 0) {
    const end = at + first.length;
    return [plain(name.slice(0, at)), strong(name.slice(at, end)), plain(name.slice(end))].filter(({ words }) => words !== ''); // prettier-ignore
  }
  return [
    plain(`${name} (`),
    ...words.flatMap((word, i) => [...(i > 0 ? [plain(', ')] : []), strong(word)]),
    plain(')'),
  ];
}
function listed(ingredients: readonly LabelIngredient[]): readonly LabelRun[] {
  return ingredients.flatMap((item, i) => [
    ...(i > 0 ? [plain(', ')] : []),
    ...(item.of.length > 0 ? [plain(`${item.name} (`), ...listed(item.of), plain(')')] : named(item)),
  ]);
}
export const ingredientRuns = ({ ingredients }: LabelDraft): readonly LabelRun[] => listed(ingredients);

export const DATE_MARKS: Readonly<Record<LabelDraft['dateMark'], string>> = { 'use-by': $localize`Use by`, 'best-before': $localize`Best before` }; // prettier-ignore
export const storageInWords = ({ dateMark }: Pick<LabelDraft, 'dateMark'>): string =>
  dateMark === 'use-by' ? $localize`Keep refrigerated, at 4 °C or below.` : $localize`Keep cool, dry and wrapped.`;

const joined = (runs: readonly LabelRun[]) => runs.map(({ words, bold }) => (bold ? `**${words}**` : words)).join('');
/** The whole label as text, allergens in **bold**. */
export function labelAsText(label: LabelDraft): string {
  return [
    $localize`${label.title} (draft)`,
    $localize`Ingredients: ${joined(ingredientRuns(label))}.`,
    ...(label.allergens.length > 0
      ? [$localize`Contains: ${label.allergens.map((word) => `**${tableWords(word)}**`).join(', ')}.`]
      : []),
    ...(label.mayContain.length > 0 ? [$localize`May contain: ${label.mayContain.map((word) => `**${tableWords(word)}**`).join(', ')}.`] : []), // prettier-ignore
    `${DATE_MARKS[label.dateMark]}: __________`,
    storageInWords(label),
    $localize`Net weight: weigh it`,
    $localize`Draft. Rules differ by place: ask your food authority before you sell it or give it to the public.`,
  ].join('\n');
}

/** Whose list of allergens is meant. */
export const LABEL_REGION_NAMES: Readonly<Record<Region, string>> = { US: $localize`United States`, UK: $localize`United Kingdom`, EU: $localize`European Union`, CA: $localize`Canada`, AU: $localize`Australia`, NZ: $localize`New Zealand`, JP: $localize`Japan`, IN: $localize`India` }; // prettier-ignore

const PANEL_NAMES: Readonly<Record<PanelRow['code'], string>> = { energy: $localize`Energy`, fat: $localize`Fat`, carbohydrate: $localize`Carbohydrate`, sugars: $localize`of which sugars`, fibre: $localize`Fibre`, protein: $localize`Protein`, salt: $localize`Salt`, sodium: $localize`Sodium` }; // prettier-ignore
export const panelRowInWords = ({ code, value, unit }: PanelRow): { readonly name: string; readonly figure: string } => ({ name: PANEL_NAMES[code], figure: `${value} ${unit}` }); // prettier-ignore
