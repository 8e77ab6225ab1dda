import { mustBeIngredient } from '../../formula/formula/index.js';
import { batterOf } from '../../doors/samples/index.js';
import { rebalance, type OpenLine, type Rebalanced } from './index.js';
import { newLine } from './open-lines.spec-help.js';
import { mustBeStyle } from '../../batter/balance/must-be-style.spec-help.js';

const linesOf = (amounts: Readonly<Record<string, number>>, locked: readonly string[] = []): OpenLine[] =>
  batterOf(amounts).map((part) => ({
    id: part.ingredient.id,
    part,
    locked: locked.includes(part.ingredient.id),
    ...(part.ingredient.id === 'egg' && part.grams % 50 === 0 && { pieceGrams: 50 }),
  }));
const gramsOf = ({ lines }: Rebalanced, id: string) => lines.find((line) => line.id === id)?.after;
const within = ({ after }: Rebalanced) => after.every(({ verdict }) => verdict === 'within');

describe('rebalance', () => {
  it('leaves a formula inside its bands alone', () => {
    const sound = linesOf({ 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, 'whole-milk': 200, 'table-salt': 3, 'aluminium-free-baking-powder': 10 }); // prettier-ignore
    const result = rebalance(sound, mustBeStyle('muffin'));
    expect(result.before.filter(({ verdict }) => verdict !== 'within').map(({ quantity }) => quantity)).toEqual([]);
    expect(result.feasible).toBeTrue();
    expect(result.lines.every(({ before, after }) => before === after)).toBeTrue();
  });
  it('takes the soda back from a loaf that is too sweet and alkaline, and never touches the locked fruit', () => {
    const loaf = linesOf({ 'all-purpose-flour': 250, 'granulated-sugar': 300, 'unsalted-butter': 60, egg: 50, banana: 230, 'table-salt': 1, 'baking-soda': 7.2 }, ['banana']); // prettier-ignore
    const result = rebalance([...loaf, newLine('baking-powder')], mustBeStyle('fruit_puree_loaf'));
    expect(within(result)).toBeTrue();
    expect(gramsOf(result, 'banana')).toBe(230);
    expect(gramsOf(result, 'baking-soda')).toBeLessThan(4);
    expect(gramsOf(result, 'granulated-sugar')).toBeLessThan(300);
  });
  it('keeps eggs whole', () => {
    const cake = linesOf({ 'all-purpose-flour': 200, 'granulated-sugar': 240, 'unsalted-butter': 190, egg: 50, 'whole-milk': 150, 'table-salt': 1, 'baking-powder': 10 }); // prettier-ignore
    const result = rebalance([...cake, newLine('baking-soda')], mustBeStyle('creamed_butter_cake'));
    expect(within(result)).toBeTrue();
    expect((gramsOf(result, 'egg') ?? 1) % 50).toBe(0);
    expect(gramsOf(result, 'egg')).toBeGreaterThan(50);
  });
  it('names the locks that conflict and the least that they would have to give', () => {
    const dry = linesOf({ 'all-purpose-flour': 300, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 50, 'whole-milk': 90, 'table-salt': 3, 'baking-powder': 9 }, ['whole-milk', 'egg', 'all-purpose-flour']); // prettier-ignore
    const result = rebalance(dry, mustBeStyle('muffin'));
    expect(result.feasible).toBeFalse();
    expect(result.conflicts.length).toBeGreaterThan(0);
    for (const { lineId } of result.conflicts) expect(['whole-milk', 'egg', 'all-purpose-flour']).toContain(lineId);
    // unlocking what it names is enough
    const named = new Set(result.conflicts.map(({ lineId }) => lineId));
    const freed = rebalance(dry.map((line) => (named.has(line.id) ? { ...line, locked: false } : line)), mustBeStyle('muffin')); // prettier-ignore
    expect(freed.feasible).toBeTrue();
    for (const line of result.lines.filter(({ id }) => named.has(id))) expect(line.after).toBe(line.before);
  });
  it('says what nothing in the formula can move', () => {
    const eggless = linesOf({ 'all-purpose-flour': 225, 'granulated-sugar': 225, 'unsalted-butter': 150, 'whole-milk': 150, 'table-salt': 2, 'baking-powder': 8 }); // prettier-ignore
    const result = rebalance(eggless, mustBeStyle('creamed_butter_cake'));
    expect(result.feasible).toBeFalse();
    expect(result.outOfReach).toContain('egg');
  });
  it('works with what there is: only so much flour, no milk', () => {
    const muffin = linesOf({ 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, 'whole-milk': 200, 'table-salt': 3, 'baking-powder': 10 }); // prettier-ignore
    const water: OpenLine = { id: 'water', part: { ingredient: mustBeIngredient('water'), grams: 0, preparation: 'none' }, locked: false, isNew: true }; // prettier-ignore
    const result = rebalance([...muffin, water], mustBeStyle('muffin'), [
      { lineIds: ['all-purpose-flour'], mostGrams: 180, said: '180 g flour' },
      { lineIds: ['whole-milk'], mostGrams: 0, said: 'no milk' },
    ]);
    expect(result.feasible).toBeTrue();
    expect(gramsOf(result, 'all-purpose-flour')).toBeLessThanOrEqual(180);
    expect(gramsOf(result, 'whole-milk')).toBe(0);
    expect(gramsOf(result, 'water')).toBeGreaterThan(40);
  });
});
