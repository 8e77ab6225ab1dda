import { workedParts } from '../../doors/samples/worked-parts.js';
import { beyondStyles, type BeyondStyles } from './index.js';

const SCONE = 'plain flour=225|baking powder=9|butter, unsalted=50|caster sugar=25|milk=130';
const SWEET = 'plain flour=225|baking powder=4|butter, unsalted=120|caster sugar=110|egg=50';
const FLAT = 'plain flour=225|butter, unsalted=120|caster sugar=110|egg=50';
const YEASTED = 'plain flour=500|instant yeast=7|milk=300|butter, unsalted=50';

describe('what none of the styles is meant for', () => {
  const TOLD: readonly (readonly [title: string, parts: string, is: BeyondStyles | undefined])[] = [
    ['Oat cookies', SWEET, 'cookies'],
    ['Ginger biscuits', SWEET, 'cookies'],
    ['Caraway shortbread', FLAT, 'cookies'],
    ['Harbour loaf', YEASTED, 'yeasted'],
    ['Plum tart', SWEET, 'pastry'],
    ['Plum cobbler', SCONE, 'under-a-crust'],
    ['Popovers', FLAT, 'thin-batter'],
    ['Angel cake', FLAT, 'foam'],
    // what is split and buttered, what powder lifts, what only goes into the name
    ['Buttermilk biscuits', SCONE, undefined],
    ['Yeast-raised biscuits', `${SCONE}|instant yeast=5`, undefined],
    ['Angel cake with powder', SWEET, undefined],
    ['Cookie-spice cake', SWEET, undefined],
    ['Plum cake for the pie dish', SWEET, undefined],
    ['', SWEET, undefined],
  ];
  for (const [title, parts, is] of TOLD)
    it(`is ${is ?? 'not'} “${title}”`, () => expect(beyondStyles(workedParts(parts), title)).toBe(is));
});
