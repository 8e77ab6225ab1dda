import type { Proposal } from '../../bench/adapt/index.js';
import type { Region } from '../../ground/units/index.js';
import { ingredientName, shortIngredientName } from '../../kitchen/ingredients/index.js';
import { QUANTITY_NAMES } from '../wording/index.js';
import { capitalised, gramsInWords } from '../figures/index.js';

const listed = (words: readonly string[], join = $localize`and`) =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} ${join} ${words.at(-1) ?? ''}`;

/** What stands in for what there is none of: "Milk and white vinegar stand in for buttermilk." */
export function standInsInWords({ standIns }: Pick<Proposal, 'standIns'>, region: Region): readonly string[] {
  const name = (ingredient: Parameters<typeof shortIngredientName>[0]) => shortIngredientName(ingredient, region);
  return standIns.map(({ missing, with: instead }) => {
    const several = instead.length > 1;
    return $localize`${capitalised(listed(instead.map(name)))} ${several ? $localize`stand` : $localize`stands`} in for ${name(missing)}.`;
  });
}

/** Why the bands cannot all be met: the wish or the lock in the way first, then what would have to give. Undefined where they are met. */
export function inTheWayInWords(
  { feasible, bakeable, wishes, conflicts, outOfReach }: Proposal,
  hasLocks: boolean,
  region: Region,
): { readonly big: string; readonly small: string } | undefined {
  if (feasible) return undefined;
  const gives = conflicts.map(
    ({ ingredient, heldGrams, wantedGrams }) =>
      $localize`${ingredientName(ingredient, region)} from ${gramsInWords(heldGrams)} to ${gramsInWords(wantedGrams)}`,
  );
  const reach = outOfReach.map((quantity) => QUANTITY_NAMES[quantity]);
  const big =
    wishes.length > 0
      ? $localize`Not with ${listed(wishes.map(({ said }) => `“${said}”`))}.`
      : hasLocks && gives.length > 0
        ? $localize`Not with these locks.`
        : $localize`Not with these lines.`;
  const small = [
    gives.length > 0 ? $localize`The least that would have to give: ${gives.join('; ')}.` : '',
    reach.length > 0 && wishes.length === 0
      ? $localize`Nothing in this formula moves its ${listed(reach)} far enough without making another formula of it; add a line that does, or choose another style.`
      : '',
    bakeable
      ? $localize`The nearest that can be baked${reach.length > 0 ? $localize` misses its ${listed(reach)}` : ''}.`
      : $localize`Nothing near it could be baked.`,
  ];
  return { big, small: small.filter((words) => words !== '').join(' ') };
}
