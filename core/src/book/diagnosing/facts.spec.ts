import { beforeFaults, evidenceFor } from './diagnose.js';
import { diagnose, FACT_NAMES, NETWORK, signalsOf, type BakeFacts } from './index.js';
import { bakeFactsSchema } from '../facts-schema/index.js';
import { mustBeStyle } from '../../batter/balance/must-be-style.spec-help.js';

/** How likely a cause is before any fault was seen. */
function chanceOf(cause: string, style: string, facts: BakeFacts): number {
  const found = NETWORK.causes.find(({ id }) => id === cause);
  if (!found) throw new Error(cause);
  return beforeFaults(found, evidenceFor({ signals: signalsOf(facts, mustBeStyle(style)) }).get(cause) ?? []);
}

/** What a baker would say: with the second, the cause is likelier than with the first. Written from the kitchen, not from the table. */
const LIKELIER: readonly (readonly [cause: string, style: string, less: BakeFacts, more: BakeFacts])[] = [
  ['underbaked', 'plain_quick_loaf', { coreAtOut: 97 }, { coreAtOut: 90 }],
  ['underbaked', 'plain_quick_loaf', { minutesOver: 0 }, { minutesOver: -20 }],
  ['overbaked', 'plain_quick_loaf', { minutesOver: 0 }, { minutesOver: 30 }],
  ['overbaked', 'plain_quick_loaf', { weightLoss: 10 }, { weightLoss: 18 }],
  ['leavener_high', 'muffin', { gas: 0.6 }, { gas: 1.5 }],
  ['leavener_low', 'muffin', { gas: 0.6 }, { gas: 0.1 }],
  ['leavener_old', 'muffin', { powderMonths: 1 }, { powderMonths: 24 }],
  ['leavener_old', 'muffin', { fizzWeak: false }, { fizzWeak: true }],
  ['sugar_high', 'oil_cake', { sugar: 105 }, { sugar: 180 }],
  ['sugar_low', 'oil_cake', { sugar: 105 }, { sugar: 30 }],
  ['liquid_high', 'yellow_cake', { water: 118 }, { water: 190 }],
  ['liquid_low', 'yellow_cake', { water: 118 }, { water: 60 }],
  ['fat_high', 'tray_bake', { fat: 90 }, { fat: 150 }],
  ['fat_low', 'plain_quick_loaf', { fat: 35 }, { fat: 3 }],
  ['egg_high', 'white_cake', { egg: 80 }, { egg: 150 }],
  ['egg_low', 'pound_cake', { egg: 95 }, { egg: 35 }],
  ['soda_excess', 'muffin', { leftoverSoda: 0 }, { leftoverSoda: 1 }],
  ['acid_spare', 'plain_quick_loaf', { spareAcid: 0.1 }, { spareAcid: 2 }],
  ['soda_unsieved', 'muffin', { sodaSieved: true }, { sodaSieved: false }],
  ['alum_powder', 'muffin', { powder: 6, powderKind: 'tartrate' }, { powder: 6, powderKind: 'sas' }],
  ['cocoa_swap', 'chocolate_cake', { cocoa: 'natural', leftoverSoda: 0.5 }, { cocoa: 'alkalised', leftoverSoda: 0.5 }],
  ['alkaline_pigment', 'muffin', { plantColour: false, crumbPh: 8 }, { plantColour: true, crumbPh: 8 }],
  ['oven_hot', 'muffin', { ovenError: 0, ovenErrorSpread: 4 }, { ovenError: 25, ovenErrorSpread: 4 }],
  ['oven_cool', 'muffin', { ovenError: 0, ovenErrorSpread: 4 }, { ovenError: -25, ovenErrorSpread: 4 }],
  ['fan_unadjusted', 'muffin', { fan: true, fanLowered: true }, { fan: true, fanLowered: false }],
  ['dark_pan', 'oil_cake', { panHeat: 1 }, { panHeat: 1.3 }],
  ['pale_pan', 'oil_cake', { panHeat: 1 }, { panHeat: 0.7 }],
  ['overfilled', 'muffin', { fill: 0.6 }, { fill: 1 }],
  ['underfilled', 'yellow_cake', { fill: 0.55 }, { fill: 0.2 }],
  ['door_opened', 'yellow_cake', { doorOpened: 1 }, { doorOpened: 0.3 }],
  ['not_preheated', 'british_scone', { preheatMinutes: 30 }, { preheatMinutes: 4 }],
  ['oven_uneven', 'yellow_cake', { sideDifference: 2 }, { sideDifference: 22 }],
  ['skin_early', 'yellow_cake', { topShelf: false }, { topShelf: true }],
  ['altitude', 'yellow_cake', { metresAboveSea: 10 }, { metresAboveSea: 2200 }],
  ['batter_waited', 'soda_bread_plain', { waitMinutes: 1 }, { waitMinutes: 40 }],
  ['overmixed', 'muffin', { mixSeconds: 20 }, { mixSeconds: 180 }],
  ['overmixed', 'muffin', { folds: 12 }, { folds: 60 }],
  ['undermixed', 'muffin', { dryStreaks: false }, { dryStreaks: true }],
  ['undercreamed', 'creamed_butter_cake', { creamingMinutes: 7 }, { creamingMinutes: 1 }],
  ['eggs_fast', 'creamed_butter_cake', { eggAdditions: 6 }, { eggAdditions: 1 }],
  ['cold_ingredients', 'creamed_butter_cake', { eggCelsius: 20 }, { eggCelsius: 4 }],
  ['butter_warm', 'creamed_butter_cake', { butterCelsius: 19 }, { butterCelsius: 29 }],
  ['flour_heavy', 'yellow_cake', { flourBy: 'weighed' }, { flourBy: 'scooped' }],
  ['strong_flour', 'muffin', { flourProtein: 10 }, { flourProtein: 13.5 }],
  ['no_binder', 'gluten_free_loaf', { glutenFree: true, binder: 4 }, { glutenFree: true, binder: 0 }],
  ['pan_unlined', 'yellow_cake', { lined: true }, { lined: false }],
  ['cooled_in_pan', 'yellow_cake', { minutesInPan: 12 }, { minutesInPan: 200 }],
  ['unmould_early', 'yellow_cake', { minutesInPan: 15 }, { minutesInPan: 1 }],
  ['fruit_heavy', 'light_fruit_cake', { fruitWet: false, fruitPieceMm: 8 }, { fruitWet: true, fruitPieceMm: 25 }],
  ['uneven_dough', 'yellow_cake', { levelled: true }, { levelled: false }],
  ['uneven_division', 'yellow_cake', { dividedByEye: false }, { dividedByEye: true }],
  ['cutter_twist', 'british_scone', { cutterTwisted: false }, { cutterTwisted: true }],
  ['dough_thin', 'british_scone', { thicknessCm: 2.6 }, { thicknessCm: 1.4 }],
  ['scrap_reroll', 'british_scone', { rerolled: false }, { rerolled: true }],
  ['wrapped_warm', 'oil_cake', { wrapCelsius: 22 }, { wrapCelsius: 48 }],
  ['humid_store', 'oil_cake', { humidity: 45 }, { humidity: 90 }],
  ['cake_warm', 'yellow_cake', { cakeCelsius: 20 }, { cakeCelsius: 38 }],
  ['room_hot', 'yellow_cake', { cakeCelsius: 20, roomCelsius: 20 }, { cakeCelsius: 20, roomCelsius: 31 }],
  ['frosting_temp_gap', 'yellow_cake', { frostingButterCelsius: 20, frostingCheeseCelsius: 20 }, { frostingButterCelsius: 8, frostingCheeseCelsius: 21 }],
  ['frosting_ratio', 'yellow_cake', { frostingSugar: 1.2 }, { frostingSugar: 0.2 }],
]; // prettier-ignore

describe('what a fact says', () => {
  for (const [cause, style, less, more] of LIKELIER)
    it(`${cause}: ${JSON.stringify(more)} more than ${JSON.stringify(less)}`, () =>
      expect(chanceOf(cause, style, more)).toBeGreaterThan(1.5 * chanceOf(cause, style, less)));
  it('is nothing where nothing is known: then every cause is as likely as its prior, but for what the style itself says', () => {
    const ofTheStyle = new Set(['creamed', 'rolled-and-cut', 'cocoa', 'gluten-free']);
    const moved = new Set(NETWORK.evidence.filter(({ signal }) => ofTheStyle.has(signal)).map(({ cause }) => cause));
    for (const { id, prior } of NETWORK.causes)
      if (!moved.has(id))
        expect(chanceOf(id, 'muffin', {}))
          .withContext(id)
          .toBeCloseTo(prior, 12);
  });
  it('counts half by cups, where it is an amount of the formula', () => {
    const weighed = chanceOf('sugar_high', 'oil_cake', { sugar: 180 });
    const byCups = chanceOf('sugar_high', 'oil_cake', { sugar: 180, weighed: false });
    expect(byCups).toBeLessThan(weighed);
    expect(byCups).toBeGreaterThan(chanceOf('sugar_high', 'oil_cake', {}));
    expect(chanceOf('oven_hot', 'oil_cake', { ovenError: 25, weighed: false })).toBe(chanceOf('oven_hot', 'oil_cake', { ovenError: 25 })); // prettier-ignore
  });
  it('says less of an oven that is not surely known', () => {
    const sure = chanceOf('oven_hot', 'muffin', { ovenError: 14, ovenErrorSpread: 1 });
    expect(chanceOf('oven_hot', 'muffin', { ovenError: 14, ovenErrorSpread: 14 })).not.toBe(sure);
    expect(chanceOf('oven_hot', 'muffin', { ovenError: 30, ovenErrorSpread: 20 })).toBeLessThan(chanceOf('oven_hot', 'muffin', { ovenError: 30, ovenErrorSpread: 1 })); // prettier-ignore
  });
  it('is checked by its name and its range at the door', () => {
    expect(FACT_NAMES.length).toBe(new Set(FACT_NAMES).size);
    for (const [, , less, more] of LIKELIER)
      for (const facts of [less, more]) expect(bakeFactsSchema.validate(facts).error).toBeUndefined();
    for (const wrong of [
      { fill: -1 },
      { humidity: 140 },
      { cocoa: 'pink' },
      { lined: 'yes please' },
      { swaps: 'butter' },
    ])
      expect(bakeFactsSchema.validate(wrong).error).withContext(JSON.stringify(wrong)).toBeDefined();
  });
});

describe('a kitchen that has nothing to say', () => {
  it('still answers, with something else and a question, for every fault of the table', () => {
    for (const { id, place } of NETWORK.faults) {
      const { causes, somethingElse } = diagnose({ faults: [id], signals: signalsOf({}, mustBeStyle('muffin')) });
      expect(causes.length).withContext(id).toBeGreaterThan(0);
      expect(somethingElse).withContext(id).toBeGreaterThan(0);
      expect(causes.every(({ cause }) => (cause.part === 'frosting') === (place === 'frosting'))).withContext(id).toBeTrue(); // prettier-ignore
    }
  });
  it('is asked about every pair of faults without losing a share', () => {
    const ids = NETWORK.faults.map(({ id }) => id);
    for (let i = 0; i < ids.length; i += 5)
      for (let j = i + 1; j < ids.length; j += 7) {
        const { causes, somethingElse } = diagnose({ faults: [ids[i] ?? '', ids[j] ?? ''], signals: signalsOf({}, mustBeStyle('yellow_cake')) }); // prettier-ignore
        const sum = causes.reduce((all, { share }) => all + share, somethingElse);
        expect(sum)
          .withContext(`${ids[i] ?? ''} ${ids[j] ?? ''}`)
          .toBeCloseTo(1, 6);
      }
  });
});
