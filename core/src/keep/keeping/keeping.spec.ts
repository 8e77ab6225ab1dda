import { auditFormula } from '../../bench/audit/index.js';
import { mustBeIngredient, type WeighedPart } from '../../formula/formula/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { ALLERGEN_DECISIONS_TABLE } from '../../doors/samples/allergen-decisions.table.js';
import { readTable } from '../../ground/numerics/index.js';
import { SAFETY_IDS, safetyOf } from '../../kitchen/safety/index.js';
import { INGREDIENTS_TABLE } from '../../kitchen/ingredients/ingredients.table.js';
import { TABLE_PANTRY } from '../../kitchen/ingredients/index.js';
import { fedState, fedWith, nextFeed } from '../feeding/index.js';
import { lossPercent, specificVolumeOf, volumeBySeeds } from '../measuring/index.js';
import {
  bakedComposition,
  KEEPING_ROWS,
  keepingRow,
  keepsOf,
  mouldFreeDays,
  waterActivity,
  type HowKept,
} from './index.js';

const parts = (written: string): readonly WeighedPart[] =>
  written.split(',').map((each) => {
    const [id = '', grams] = each.trim().split(' ');
    return { ingredient: mustBeIngredient(id), grams: Number(grams), preparation: 'none' };
  });

/** Cakes with the range of their water activity, from general knowledge, written down before the model was. @source book.md, check-keep.mjs */
const ACTIVITY: readonly (readonly [string, string, number, number, number, number])[] = [
  ['butter cake', 'all-purpose-flour 225,superfine-sugar 225,unsalted-butter 200,egg 225,whole-milk 70,baking-powder 8,table-salt 2', 0.1, 25, 0.86, 0.93],
  ['pound cake', 'all-purpose-flour 225,superfine-sugar 225,unsalted-butter 225,egg 225,table-salt 2,baking-powder 2', 0.09, 65, 0.82, 0.9],
  ['muffin', 'all-purpose-flour 250,superfine-sugar 130,unsalted-butter 85,egg 100,whole-milk 220,baking-powder 11,table-salt 3', 0.11, 20, 0.88, 0.94],
  ['banana loaf', 'all-purpose-flour 250,light-brown-sugar 170,unsalted-butter 100,egg 100,banana 320,baking-soda 3,baking-powder 3,table-salt 3', 0.09, 60, 0.9, 0.95],
  ['quick loaf', 'all-purpose-flour 250,superfine-sugar 150,unsalted-butter 90,egg 100,whole-milk 180,baking-powder 10,table-salt 3', 0.09, 50, 0.88, 0.94],
  ['scone', 'all-purpose-flour 250,superfine-sugar 30,unsalted-butter 55,whole-milk 130,egg 30,baking-powder 13,table-salt 2', 0.13, 14, 0.91, 0.96],
  ['soda bread', 'all-purpose-flour 450,buttermilk 360,baking-soda 5,table-salt 6', 0.13, 38, 0.94, 0.98],
  ['gingerbread', 'all-purpose-flour 225,dark-brown-sugar 110,black-treacle 150,golden-syrup 100,unsalted-butter 110,egg 60,whole-milk 120,baking-soda 5,table-salt 2', 0.08, 55, 0.78, 0.88],
  ['dark fruit cake', 'all-purpose-flour 225,dark-brown-sugar 200,unsalted-butter 225,egg 230,mixed-dried-fruit 900,black-treacle 20,brandy 60', 0.06, 210, 0.7, 0.83],
  ['light fruit cake', 'all-purpose-flour 225,superfine-sugar 170,unsalted-butter 170,egg 170,golden-raisins 300,whole-milk 30,baking-powder 4', 0.07, 90, 0.8, 0.88],
  ['carrot cake', 'all-purpose-flour 225,light-brown-sugar 225,sunflower-oil 180,egg 200,carrot 250,baking-powder 6,baking-soda 2,table-salt 3', 0.09, 40, 0.88, 0.94],
  ['chocolate cake', 'all-purpose-flour 220,superfine-sugar 350,natural-cocoa 60,sunflower-oil 110,egg 100,buttermilk 240,water 230,baking-soda 6,table-salt 4', 0.08, 35, 0.83, 0.92],
  ['flaky biscuit', 'all-purpose-flour 250,unsalted-butter 95,buttermilk 190,baking-powder 12,table-salt 4', 0.14, 16, 0.92, 0.97],
]; // prettier-ignore

describe('water activity', () => {
  it('lies in ten of thirteen recalled ranges, and within 0.05 of each', () => {
    const found = ACTIVITY.map(([name, lines, loss, minutes, low, high]) => {
      const activity = waterActivity(bakedComposition(parts(lines), loss, minutes));
      expect(activity).withContext(name).toBeGreaterThan(low - 0.05);
      expect(activity).withContext(name).toBeLessThan(high + 0.05);
      return activity >= low && activity <= high;
    });
    expect(found.filter(Boolean).length).toBeGreaterThanOrEqual(10);
  });
  it('falls with sugar and with drying, and mould takes longer then', () => {
    const of = (sugar: number, loss: number) =>
      waterActivity(bakedComposition(parts(`all-purpose-flour 225,superfine-sugar ${sugar},egg 150,whole-milk 100`), loss, 40));
    expect(of(250, 0.1)).toBeLessThan(of(120, 0.1));
    expect(of(200, 0.16)).toBeLessThan(of(200, 0.08));
    expect(mouldFreeDays(0.85, 21)).toBeGreaterThan(mouldFreeDays(0.93, 21));
    expect(mouldFreeDays(0.9, 27)).toBeLessThan(mouldFreeDays(0.9, 21));
    // the correlation itself, at 0.9: 10^(7.91 − 7.29)
    expect(mouldFreeDays(0.9, 21)).toBeCloseTo(10 ** 0.62, 9);
  });
}); // prettier-ignore

const CAKE = '225 g plain flour\n2 tsp baking powder\n200 g caster sugar\n200 g butter\n4 eggs\n2 tbsp milk';
const keep = (text: string, how: HowKept = {}) => {
  const reading = readFormula(text, 'UK');
  if (reading.kind !== 'read') throw new Error(text);
  return keepsOf(reading.formula, auditFormula(reading.formula), PLAIN_KITCHEN, how);
};
const frosted = (frosting: string) => keep(`Quay cake\nFor the cake\n${CAKE}\nFor the frosting\n${frosting}\nBake at 175 C in a 20 cm round tin`); // prettier-ignore

describe('keepsOf', () => {
  it('promises no more than its row, whatever is done to it', () => {
    const plain = keep(`Quay cake\n${CAKE}`);
    const row = keepingRow('cake_butter_plain');
    expect(plain.whole.roomDays).toBe(row?.roomDays ?? NaN);
    const worse: readonly HowKept[] = [{ roomCelsius: 30 }, { humidity: 90 }, { wrapped: false }, { wrappedWarm: true }];
    for (const how of worse) {
      const { whole } = keep(`Quay cake\n${CAKE}`, how);
      expect(whole.roomDays).withContext(JSON.stringify(how)).toBeLessThan(plain.whole.roomDays);
      expect(whole.roomDays).toBeGreaterThanOrEqual(1);
    }
    expect(keep(`Quay cake\n${CAKE}`, { roomCelsius: 12, humidity: 30 }).whole.roomDays).toBe(row?.roomDays ?? NaN);
  });
  it('keeps in the cold what has dairy, soft cheese, cream or cut fruit on it, and what was not read', () => {
    for (const frosting of ['200 g cream cheese\n300 g icing sugar', '300 ml double cream, whipped', '200 g strawberries, sliced', '3 ladles of harbour fluff']) {
      const { whole } = frosted(frosting);
      expect(whole.mustBeCold).withContext(frosting).toBeTrue();
      expect(whole.roomDays).withContext(frosting).toBe(0);
    }
    const { whole } = frosted('150 g butter\n300 g icing sugar');
    expect(whole.mustBeCold).toBeFalse();
    expect(whole.roomDays).toBe(3);
  });
  it('counts what is scattered on before the oven as baked, and a drizzle of sugar and juice as a glaze', () => {
    const loaf = (steps: string, top: string) => keep(`Quay loaf\n${CAKE}\nFor the top\n${top}\n${steps}`).whole;
    const scattered = loaf('Mix it all and scatter the demerara over.\nBake at 175 C in a 9x5 loaf pan for 50 minutes.', '1 tbsp demerara sugar');
    expect(scattered.mustBeCold).toBeFalse();
    const drizzled = loaf('Mix it all.\nBake at 175 C in a 9x5 loaf pan for 50 minutes.\nSpoon the sugar and lime juice over.', '120 g icing sugar\n2 tbsp lime juice');
    expect(drizzled.mustBeCold).toBeFalse();
    expect(loaf('Mix it all.\nBake at 175 C in a 9x5 loaf pan for 50 minutes.\nSpread the cream over.', '200 ml double cream').mustBeCold).toBeTrue();
  });
  it('goes by what is baked in: cheese or ham, fresh fruit', () => {
    const muffins = (more: string) => keep(`Muffins\n250 g plain flour\n3 tsp baking powder\n60 g sugar\n220 ml milk\n1 egg\n70 g butter\n${more}`);
    expect(muffins('120 g cheddar, grated').whole.mustBeCold).toBeTrue();
    expect(muffins('150 g raspberries').whole.roomDays).toBe(1);
  });
  it('keeps as its worst part: no figure of the whole is better than any of its parts', () => {
    const { parts: all, whole } = frosted('150 g butter\n300 g icing sugar');
    for (const part of all) {
      expect(whole.roomDays).toBeLessThanOrEqual(part.roomDays);
      expect(whole.fridgeDays).toBeLessThanOrEqual(part.fridgeDays);
      expect(whole.freezerMonths).toBeLessThanOrEqual(part.freezerMonths);
    }
  });
  it('knows a row for every style, and every row can be read', () => {
    expect(KEEPING_ROWS.length).toBe(45);
    expect(KEEPING_ROWS.every(({ name, wrap, fridgeDays }) => name !== '' && wrap !== '' && Number.isFinite(fridgeDays))).toBeTrue();
  });
}); // prettier-ignore

describe('feeding', () => {
  const DAY = 86_400_000;
  const cake = bakedComposition(parts(ACTIVITY[8]?.[1] ?? ''), 0.06, 210);
  const weekly = (weeks: number, strength: number) => Array.from({ length: weeks }, (_, i) => ({ at: (1 + 7 * i) * DAY, millilitres: 30, strength }));
  it('adds up as the page of the Book does: 30 ml of spirit a week on 1.75 kg', () => {
    const percent = (weeks: number) => fedState(cake, 1750, 0, weekly(weeks, 0.4), (1 + 7 * weeks) * DAY).alcoholPercent;
    expect(percent(1)).toBeCloseTo(0.56, 0);
    expect(percent(4)).toBeCloseTo(2, 0);
    expect(percent(8)).toBeCloseTo(3.6, 0);
  });
  it('makes it wetter, never drier, and only alcohol carries it', () => {
    const at = 60 * DAY;
    const state = (strength: number) => fedState(cake, 1750, 0, weekly(8, strength), at);
    const unfed = fedState(cake, 1750, 0, [], at);
    expect(state(0).waterActivity).toBeGreaterThan(state(0.4).waterActivity);
    expect(state(0.4).waterActivity).toBeGreaterThan(unfed.waterActivity);
    expect(fedWith(weekly(2, 0.4))).toBe('spirit');
    expect(fedWith(weekly(2, 0.05))).toBe('weak');
    expect(fedWith([])).toBeUndefined();
  });
  it('counts grams: what is poured on is in it', () => {
    const poured = fedState(cake, 1750, 0, [{ at: 0, millilitres: 100, strength: 0.4 }], 0);
    expect(poured.grams).toBeCloseTo(1750 + 40 * 0.789 + 60 * 0.998, 6);
  });
  it('is a share of the cake as it is cut: twice the cake, twice the feed, the same shares', () => {
    const feeds = [{ at: DAY, millilitres: 30, strength: 0.4 }];
    const half = fedState(cake, 875, 0, feeds, 3 * DAY);
    const whole = fedState(cake, 1750, 0, [{ at: DAY, millilitres: 60, strength: 0.4 }], 3 * DAY);
    for (const share of ['alcoholPercent', 'ofItsWater', 'waterPercent', 'waterActivity'] as const)
      expect(half[share]).withContext(share).toBeCloseTo(whole[share], 6);
    expect(2 * half.grams).toBeCloseTo(whole.grams, 6);
    expect(2 * half.ethanolGrams).toBeCloseTo(whole.ethanolGrams, 6);
    // unfed and at once it is the cake itself
    const now = fedState(cake, cake.total, 0, [], 0);
    expect(now.ethanolGrams).toBeCloseTo(cake.ethanol, 9);
    expect(now.waterPercent).toBeCloseTo((100 * cake.water) / cake.total, 9);
    expect(now.ofItsWater).toBeCloseTo((100 * cake.ethanol) / (cake.ethanol + cake.water), 9);
    expect(now.waterActivity).toBeCloseTo(waterActivity(cake), 9);
  });
  it('loses three in a thousand of its alcohol a day, and weighs so much less', () => {
    const [now, later] = [0, 100].map((days) => fedState(cake, 1750, 5 * DAY, [], (5 + days) * DAY));
    expect((later?.ethanolGrams ?? 0) / (now?.ethanolGrams ?? 1)).toBeCloseTo(Math.exp(-0.3), 9);
    expect((now?.grams ?? 0) - (later?.grams ?? 0)).toBeCloseTo((now?.ethanolGrams ?? 0) - (later?.ethanolGrams ?? 0), 9);
  });
  it('takes feeds in the order of their days, and none that is still to come', () => {
    const [first, second, third] = [{ at: 2 * DAY, millilitres: 20, strength: 0.4 }, { at: 9 * DAY, millilitres: 50, strength: 0.4 }, { at: 40 * DAY, millilitres: 500, strength: 0.4 }] as const;
    const there = fedState(cake, 1750, DAY, [first, second], 20 * DAY);
    expect(fedState(cake, 1750, DAY, [third, second, first], 20 * DAY)).toEqual(there);
    // what is poured on a day later has a day less to leave
    expect(fedState(cake, 1750, DAY, [first, { ...second, at: 10 * DAY }], 20 * DAY).ethanolGrams).toBeGreaterThan(there.ethanolGrams);
  });
  it('counts the sugar of juice, and of spirit none', () => {
    const juice = fedState(cake, 1750, 0, [{ at: 0, millilitres: 100, strength: 0 }], 0);
    expect(juice.grams).toBeCloseTo(1750 + 99.8 + 10, 6);
    expect(juice.ethanolGrams).toBeCloseTo((cake.ethanol * 1750) / cake.total, 6);
    expect(fedWith([{ at: 0, millilitres: 9, strength: 0.3 }])).toBe('spirit');
    expect(fedWith([{ at: 0, millilitres: 9, strength: 0.4 }, { at: DAY, millilitres: 9, strength: 0.1 }])).toBe('weak');
  });
  it('is due a week after the last, and the day after the bake', () => {
    expect(nextFeed(1750, 0, []).at).toBe(DAY);
    expect(nextFeed(1750, 0, weekly(2, 0.4))).toEqual({ at: 15 * DAY, millilitres: 30 });
  });
  it('with juice keeps three days in the room, fourteen in the fridge', () => {
    const text = 'Harvest cake\n225 g plain flour\n200 g dark brown sugar\n225 g butter\n4 eggs\n700 g mixed dried fruit\n200 ml apple juice\n1 tsp mixed spice';
    const { whole } = keep(text, { fed: 'weak' });
    expect(whole.roomDays).toBeLessThanOrEqual(keep(text).whole.roomDays);
  });
}); // prettier-ignore

const EVERY = readTable(INGREDIENTS_TABLE).flatMap(({ id = '' }) => TABLE_PANTRY.byId(id) ?? []);

describe('the safety table', () => {
  it('knows every ingredient, and no other', () => {
    const ids = EVERY.map(({ id }) => id);
    expect([...SAFETY_IDS].sort()).toEqual([...ids].sort());
  });
  it('holds what was decided where the older column said otherwise, each towards caution', () => {
    const decisions = readTable(ALLERGEN_DECISIONS_TABLE);
    expect(decisions.length).toBe(63);
    for (const { id = '', decided = '' } of decisions) {
      const safety = safetyOf({ id, behavesAs: id });
      const [way, codes = ''] = decided.split(': ');
      const there: readonly string[] = (way === 'may contain' ? safety?.mayContain : safety?.contains) ?? [];
      for (const code of codes.split('|').filter((each) => each !== ''))
        expect(there).withContext(`${id} ${decided}`).toContain(code);
      expect(codes).withContext(id).not.toBe('');
    }
  });
  it('loses no allergen that the older column declared', () => {
    const wide: Readonly<Record<string, readonly string[]>> = {
      gluten: ['wheat', 'rye', 'barley', 'oats', 'spelt'],
      'tree-nut': ['almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'brazil', 'pistachio', 'macadamia', 'pine_nut', 'chestnut'],
    };
    for (const { id, behavesAs, allergens } of EVERY)
      for (const allergen of allergens) {
        const safety = safetyOf({ id, behavesAs });
        const known: readonly string[] = safety?.contains ?? [];
        expect((wide[allergen] ?? [allergen]).some((code) => known.includes(code))).withContext(`${id} ${allergen}`).toBeTrue();
      }
  });
}); // prettier-ignore

describe('what a kitchen measures', () => {
  it('is what was lost, and how large it is by the seeds it pushes aside', () => {
    expect(lossPercent(1000, 890)).toBeCloseTo(11, 9);
    const volume = volumeBySeeds(1600, 400, 0.8);
    expect(volume.millilitres).toBe(1500);
    expect(volume.spread).toBeCloseTo(45, 9);
    expect(specificVolumeOf(1500, 600, { low: 2, typical: 2.4, high: 2.8 })).toEqual({ value: 2.5, standing: 'within' }); // prettier-ignore
  });
});
