import { judgeAgainst, measuredWith, STYLES, type Style } from '../../batter/balance/index.js';
import { leaveningLedger } from '../../batter/leavening/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { batterOf, PUBLISHED_BATTERS } from '../../doors/samples/index.js';
import { WORKED_FORMULAS_TABLE } from '../../doors/samples/worked-formulas.table.js';
import { workedParts } from '../../doors/samples/worked-parts.js';
import { bandQuantities } from '../../formula/formula/index.js';
import { chanceFrom, readTable } from '../../ground/numerics/index.js';
import { bandRows } from './band-rows.js';
import { distanceOutside, partsOf, rebalance, verdictsOf, type Limit, type OpenLine } from './index.js';
import { afterOf, limit, linesOf, movedIn, MUFFIN, newLine } from './open-lines.spec-help.js';
import { boundsOf, scaleOf, weightOf, type Problem } from './program.js';
import { missedIn } from './verdicts.js';
import { mustBeStyle } from '../../batter/balance/must-be-style.spec-help.js';

/* What holds of any rebalancing, whatever the batter: figures by other ways, and what a baker would call the same formula still. */

/** Formulas of a book, each line at 0.64 to 1.57 of its amount. */
function distorted(runs: number): readonly { readonly style: Style; readonly lines: readonly OpenLine[] }[] {
  const worked = readTable(WORKED_FORMULAS_TABLE);
  const chance = chanceFrom(7);
  return Array.from({ length: runs }, (_, run) => {
    const row = worked[run % worked.length] ?? {};
    const lines = workedParts(row['ingredients'] ?? '').map((part, i): OpenLine => ({
      id: String(i),
      part: { ...part, grams: part.grams * Math.exp(0.9 * (chance() - 0.5)) },
      locked: false,
    }));
    return { style: mustBeStyle(row['style'] ?? ''), lines: [...lines, newLine('baking-powder'), newLine('baking-soda'), newLine('water')] };
  });
} // prettier-ignore

describe('a rebalanced batter', () => {
  /** Worked out anew by every law: what is worked out before the first of them is seen by no mutant. */
  const runsOf = () => distorted(45).map(({ style, lines }) => ({ style, lines, result: rebalance(lines, style) }));

  it('is judged as the Bench judges it: gas and pH are the ledger’s', () => {
    for (const { batter, name } of PUBLISHED_BATTERS) {
      const parts = batterOf(batter);
      const quantities = bandQuantities(parts);
      if (!quantities) continue;
      const byLedger = judgeAgainst(mustBeStyle('muffin'), measuredWith(quantities, leaveningLedger(parts)));
      for (const [i, { quantity, value }] of verdictsOf(parts, mustBeStyle('muffin')).entries())
        expect(value)
          .withContext(`${name} ${quantity}`)
          .toBeCloseTo(byLedger[i]?.value ?? NaN, 3);
    }
    expect(verdictsOf(batterOf({ egg: 50 }), mustBeStyle('muffin'))).toEqual([]);
  });
  it('is the same formula still: no line below two fifths or above two and a half times what is written, leavening and salt apart', () => {
    for (const { lines, result, style } of runsOf())
      for (const { part, id } of lines.filter(({ isNew }) => !isNew)) {
        if (isFreeLeavener(part.ingredient) || part.ingredient.category === 'salt') continue;
        const share = afterOf(result, id) / part.grams;
        expect(share)
          .withContext(`${style.id} ${part.ingredient.id}`)
          .toBeGreaterThan(0.4 - 0.5 / part.grams);
        expect(share)
          .withContext(`${style.id} ${part.ingredient.id}`)
          .toBeLessThan(2.5 + 0.5 / part.grams);
      }
  });
  it('can be measured: tenths below 12 g, whole grams below 400, fives below 2,000; what did not move is as it was written', () => {
    for (const { lines, result } of runsOf())
      for (const line of result.lines) {
        const written = lines.find(({ id }) => id === line.id)?.part.grams ?? 0;
        expect(line.before).toBe(written);
        if (line.after === line.before) continue;
        const step = line.after < 12 ? 0.1 : line.after < 400 ? 1 : line.after < 2000 ? 5 : 10;
        expect(Math.abs(line.after / step - Math.round(line.after / step)))
          .withContext(`${line.ingredient.id} ${line.after}`)
          .toBeLessThan(1e-6);
      }
  });
  it('says what it is: its verdicts are those of its amounts, and it is within where it says that it is', () => {
    const runs = runsOf();
    for (const { lines, result, style } of runs) {
      const grams = lines.map(({ id }) => result.lines.find((line) => line.id === id)?.after ?? 0);
      expect(result.after).toEqual(verdictsOf(partsOf(lines, grams), style));
      expect(missedIn(result.after).length === 0)
        .withContext(style.id)
        .toBe(result.feasible);
      if (result.feasible) expect([result.conflicts, result.wishes, result.outOfReach]).toEqual([[], [], []]);
      expect(distanceOutside(result.after)).toBeLessThanOrEqual(distanceOutside(result.before) + 1e-9);
    }
    expect(runs.filter(({ result }) => result.feasible).length).toBeGreaterThan(42);
  });
  it('moves nothing by a hair that could stay: held, it would leave a band', () => {
    let hardly = 0;
    for (const { lines, result, style } of runsOf().filter((run) => run.result.feasible)) {
      const grams = lines.map(({ id }) => result.lines.find((line) => line.id === id)?.after ?? 0);
      for (const [i, { id, part, isNew }] of lines.entries()) {
        const change = Math.abs((grams[i] ?? 0) / part.grams - 1);
        if (isNew || change === 0 || change >= 0.035) continue;
        hardly++;
        const put = verdictsOf(partsOf(lines, grams.map((amount, k) => (k === i ? part.grams : amount))), style); // prettier-ignore
        expect(put.every(({ verdict }) => verdict === 'within')).withContext(`${style.id} ${id}`).toBeFalse(); // prettier-ignore
      }
    }
    expect(hardly).toBeLessThan(5);
  });
  it('is left alone when it is rebalanced again', () => {
    for (const { lines, result, style } of runsOf().filter((run) => run.result.feasible)) {
      const settled = lines.flatMap((line): OpenLine[] => {
        const grams = result.lines.find(({ id }) => id === line.id)?.after ?? 0;
        return grams > 0 ? [{ id: line.id, part: { ...line.part, grams }, locked: false }] : [];
      });
      expect(movedIn(rebalance(settled, style)))
        .withContext(style.id)
        .toEqual([]);
    }
  });
  it('takes in nothing new that nobody would weigh out, and marks what is new', () => {
    for (const { result, style } of runsOf())
      for (const { id, after, isNew } of result.lines) {
        expect(isNew).toBe(id.startsWith('new'));
        if (isNew && after > 0)
          expect(after)
            .withContext(`${style.id} ${id}`)
            .toBeGreaterThanOrEqual(id === 'new water' ? 5 : 0.4);
      }
  });
  it('keeps spices and pieces as they are where the batch keeps its size', () => {
    for (const { lines, result } of runsOf())
      for (const { id, part } of lines.filter(({ part: { ingredient } }) =>
        ['spice', 'flavouring', 'dried fruit'].includes(ingredient.category),
      ))
        expect(afterOf(result, id)).withContext(part.ingredient.id).toBe(part.grams);
  });
  it('moves what is wrong: one line out of its share is set right by that line and few others, the nearer the less it costs', () => {
    const WRONG: readonly (readonly [string, number, 'less' | 'more'])[] = [
      ['granulated-sugar', 260, 'less'],
      ['whole-milk', 420, 'less'],
      ['unsalted-butter', 190, 'less'],
      ['table-salt', 9, 'less'],
      ['baking-powder', 30, 'less'],
    ];
    for (const [id, grams, way] of WRONG) {
      const result = rebalance(linesOf({ ...MUFFIN, [id]: grams }), mustBeStyle('muffin'));
      expect(result.feasible).withContext(id).toBeTrue();
      expect(Math.sign(afterOf(result, id) - grams))
        .withContext(`${id} ${grams}`)
        .toBe(way === 'less' ? -1 : 1);
      expect(movedIn(result).length)
        .withContext(`${id} ${grams}: ${movedIn(result).join(', ')}`)
        .toBeLessThanOrEqual(3);
      const relative = result.lines.map(({ before, after }) => Math.abs(after / before - 1));
      expect(result.lines[relative.indexOf(Math.max(...relative))]?.id)
        .withContext(`${id} ${grams}`)
        .toBe(id);
    }
  });
  it('is twice as much of twice as much, to a step of the scale', () => {
    const wrong = { ...MUFFIN, 'granulated-sugar': 270, 'whole-milk': 110 };
    const once = rebalance(linesOf(wrong), mustBeStyle('muffin'));
    const twice = rebalance(
      linesOf(Object.fromEntries(Object.entries(wrong).map(([id, grams]) => [id, 2 * grams]))),
      mustBeStyle('muffin'),
    );
    for (const { id, after } of once.lines)
      expect(Math.abs(afterOf(twice, id) - 2 * after))
        .withContext(id)
        .toBeLessThanOrEqual(0.04 * after + 1);
  });
  it('takes eighths of a teaspoon of what is written in spoons', () => {
    const eighth = 0.58;
    const result = rebalance(
      linesOf({ ...MUFFIN, 'baking-powder': 24 * eighth * 2 }, { 'baking-powder': { eighthGrams: eighth } }),
      mustBeStyle('muffin'),
    );
    const eighths = afterOf(result, 'baking-powder') / eighth;
    expect(result.feasible).toBeTrue();
    expect(eighths).toBeLessThan(48);
    expect(Math.abs(eighths - Math.round(eighths))).toBeLessThan(1e-6);
  });
});

describe('what there is', () => {
  it('makes a smaller batch of the same formula: everything by as much as the flour', () => {
    const result = rebalance(linesOf(MUFFIN), mustBeStyle('muffin'), [limit(['all-purpose-flour'], 125)]);
    expect(result.feasible).toBeTrue();
    for (const { before, after, id } of result.lines)
      expect(after / before)
        .withContext(id)
        .toBeCloseTo(0.5, 1);
  });
  it('is kept to together, where two lines take of it', () => {
    const both = { ...MUFFIN, 'all-purpose-flour': 150, 'whole-wheat-flour': 100 };
    const result = rebalance(linesOf(both), mustBeStyle('muffin'), [
      limit(['all-purpose-flour', 'whole-wheat-flour'], 200),
    ]);
    expect(result.feasible).toBeTrue();
    expect(afterOf(result, 'all-purpose-flour') + afterOf(result, 'whole-wheat-flour')).toBeLessThanOrEqual(200);
  });
  it('changes nothing where there is enough', () => {
    const enough = rebalance(linesOf(MUFFIN), mustBeStyle('muffin'), [
      limit(['all-purpose-flour'], 250),
      limit(['egg'], 1000),
    ]);
    expect([enough.feasible, movedIn(enough)]).toEqual([true, []]);
  });
  it('is named where it stands in the way: alone, where one wish does; and not, where it does not', () => {
    const noEgg = limit(['egg'], 0);
    const cake = linesOf({
      'all-purpose-flour': 225,
      'granulated-sugar': 225,
      'unsalted-butter': 180,
      egg: 200,
      'whole-milk': 60,
      'table-salt': 2,
      'baking-powder': 8,
    });
    const result = rebalance(cake, mustBeStyle('creamed_butter_cake'), [noEgg, limit(['granulated-sugar'], 220)]);
    expect(result.feasible).toBeFalse();
    expect(result.wishes).toEqual([noEgg]);
    if (!result.bakeable) expect(movedIn(result)).toEqual([]);
  });
});

describe('a batter without flour, and one that nothing can set right', () => {
  it('stay as they are', () => {
    const none = rebalance(linesOf({ egg: 100, 'granulated-sugar': 50 }), mustBeStyle('muffin'));
    expect([none.feasible, none.bakeable, movedIn(none), none.after]).toEqual([false, false, [], none.before]);
    const locked = Object.fromEntries(Object.keys(MUFFIN).map((id) => [id, { locked: true }]));
    const held = rebalance(linesOf({ ...MUFFIN, 'whole-milk': 30 }, locked), mustBeStyle('muffin'));
    expect([held.feasible, movedIn(held)]).toEqual([false, []]);
    expect(held.conflicts.map(({ lineId }) => lineId)).toContain('whole-milk');
    for (const { lineId, heldGrams, wantedGrams } of held.conflicts) {
      expect(heldGrams).toBe({ ...MUFFIN, 'whole-milk': 30 }[lineId] ?? NaN);
      expect(Math.abs(wantedGrams / heldGrams - 1)).toBeGreaterThan(0.01);
    }
    expect(held.conflicts.find(({ lineId }) => lineId === 'whole-milk')?.wantedGrams).toBeGreaterThan(30);
  });
});

describe('the rows of the program', () => {
  const random = chanceFrom(11);
  it('are not negative on the right side of the end of a band, and negative beyond it', () => {
    for (const style of STYLES.filter((_, i) => i % 4 === 0))
      for (let run = 0; run < 12; run++) {
        const parts = batterOf(MUFFIN).map((part) => ({
          ...part,
          grams: part.grams * Math.exp(1.6 * (random() - 0.5)),
        }));
        const verdicts = verdictsOf(parts, style);
        const pH = verdicts.find(({ quantity }) => quantity === 'crumb-ph')?.value ?? NaN;
        const rows = bandRows(parts, style, pH, 0);
        for (const {
          quantity,
          value,
          band: { low, high },
        } of verdicts) {
          const least = Math.min(
            ...rows
              .filter((row) => row.quantity === quantity)
              .map(({ perGram }) => parts.reduce((sum, { grams }, i) => sum + grams * (perGram[i] ?? 0), 0)),
          );
          const inside = Math.min(low > 0 ? value - low : Infinity, high - value);
          if (Math.abs(inside) > 0.01 * (high - low))
            expect(Math.sign(least))
              .withContext(`${style.id} ${quantity} ${value} of ${low}–${high}`)
              .toBe(Math.sign(inside));
        }
      }
  });
  it('aim a little inside, so that a step of the scale stays within', () => {
    const parts = batterOf(MUFFIN);
    const sum = (margin: number) =>
      bandRows(parts, mustBeStyle('muffin'), 7, margin).map(({ perGram }) =>
        parts.reduce((total, { grams }, i) => total + grams * (perGram[i] ?? 0), 0),
      );
    const [wide, narrow] = [sum(0), sum(0.04)];
    narrow.forEach((value, i) => expect(value).toBeLessThanOrEqual((wide[i] ?? NaN) + 1e-12));
    expect(narrow.some((value, i) => value < (wide[i] ?? NaN) - 1e-4)).toBeTrue();
  });
  it('weigh a change of flour most, of leaveners least, and count what is new in its usual spoonful', () => {
    const weightOfId = (id: string, more: Partial<OpenLine> = {}) =>
      weightOf({ ...newLine(id), part: { ...newLine(id).part, grams: 50 }, ...more });
    const order = ['all-purpose-flour', 'granulated-sugar', 'egg', 'table-salt', 'baking-soda'].map((id) =>
      weightOfId(id),
    );
    expect([...order].sort((a, b) => b - a)).toEqual(order);
    expect(weightOfId('whole-milk')).toBe(weightOfId('granulated-sugar'));
    expect(weightOf(newLine('baking-soda'))).toBeGreaterThan(weightOfId('baking-soda'));
    const spoons = ['baking-soda', 'table-salt', 'granulated-sugar', 'whole-milk'].map((id) =>
      scaleOf(newLine(id), 250),
    );
    expect(spoons).toEqual([3, 3, 30, 87.5]);
  });
  it('bound a line by its share of what is written, and a spoonful by four times its usual', () => {
    const lines = [...linesOf(MUFFIN), newLine('water')];
    const problem: Problem = {
      lines,
      start: lines.map(({ part }) => part.grams),
      scale: lines.map(() => 1),
      target: lines.map(() => 0.5),
      weight: lines.map(weightOf),
      style: mustBeStyle('muffin'),
      limits: [limitOf('egg')],
      holdMass: true,
      leavenNear: true,
      outOfReach: new Set(),
    };
    const at = (id: string, of = problem) =>
      boundsOf(
        of,
        lines.findIndex((line) => line.id === id),
      );
    expect(at('granulated-sugar').least).toBeCloseTo(0.21, 9);
    expect(at('granulated-sugar').most).toBeCloseTo(1.2, 9);
    expect(at('egg')).toEqual({ least: 0, most: at('granulated-sugar').most });
    expect(at('new water')).toEqual({ least: 0, most: 4 });
    expect(at('baking-powder')).toEqual(at('granulated-sugar'));
    for (const id of ['baking-powder', 'table-salt'])
      expect(at(id, { ...problem, leavenNear: false })).toEqual({ least: 0, most: 4 });
  });
  const limitOf = (id: string): Limit => ({ lineIds: [id], mostGrams: 10, said: '10 g' });
});

describe('the distance of a batter from its bands', () => {
  it('is in widths of the band, nothing within, and adds up', () => {
    const verdict = (value: number, low: number, high: number) => ({ quantity: 'sugar', value, unit: '% of flour', band: { low, typical: (low + high) / 2, high }, verdict: 'within', reason: 'sugar-within', severity: 'none' }) as const;
    expect(distanceOutside([verdict(40, 30, 50)])).toBe(0);
    expect(distanceOutside([verdict(20, 30, 50)])).toBeCloseTo(0.5, 9);
    expect(distanceOutside([verdict(70, 30, 50), verdict(20, 30, 50)])).toBeCloseTo(1.5, 9);
  });
}); // prettier-ignore
