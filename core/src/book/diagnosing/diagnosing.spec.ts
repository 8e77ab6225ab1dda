import { chanceFrom, normalFrom } from '../../ground/numerics/index.js';
import { HARD_CASES, PAGE_CASES, type Case } from './cases.spec-help.js';
import { OWN_CASES } from './own-cases.spec-help.js';
import {
  diagnose,
  FAULT_IDS,
  faultsByRisk,
  faultsSaid,
  ifOther,
  NETWORK,
  risksOf,
  signalsOf,
  SIGNALS,
  testsFor,
  type Asked,
  type BakeFacts,
  type Network,
} from './index.js';
import { bakeFactsSchema } from '../facts-schema/index.js';
import { mustBeStyle } from '../../batter/balance/must-be-style.spec-help.js';

const asked = (style: string, faults: readonly string[], facts: BakeFacts): Asked => ({ faults, signals: signalsOf(facts, mustBeStyle(style)) }); // prettier-ignore
const firstOf = (style: string, faults: readonly string[], facts: BakeFacts) =>
  diagnose(asked(style, faults, facts)).causes[0]?.cause.id;

/** Where the intended cause stands among those found: 0 is first. */
const places = (cases: readonly Case[], network: Network = NETWORK, without = false) =>
  cases.map(([style, faults, facts, cause]) => {
    const { causes } = diagnose(asked(style, faults, without ? {} : facts), network);
    return causes.findIndex((found) => found.cause.id === cause);
  });
const share = (found: readonly number[], within: number) =>
  found.filter((place) => place >= 0 && place < within).length / found.length;

describe('the tables of diagnosis', () => {
  it('know every id on the other side', () => {
    const causes = new Set(NETWORK.causes.map(({ id }) => id));
    const signals = new Set<string>(SIGNALS);
    expect(causes.size).toBe(NETWORK.causes.length);
    expect(Object.keys(NETWORK.links).sort()).toEqual([...FAULT_IDS].sort());
    for (const links of Object.values(NETWORK.links))
      for (const [cause, likelihood] of Object.entries(links)) {
        expect(causes.has(cause)).withContext(cause).toBeTrue();
        expect(likelihood > 0 && likelihood < 1)
          .withContext(cause)
          .toBeTrue();
      }
    for (const { cause, against, favour, signal } of NETWORK.evidence) {
      expect(causes.has(cause) && signals.has(signal) && against <= 0 && favour >= 0).withContext(`${cause} ${signal}`).toBeTrue(); // prettier-ignore
    }
    for (const { id, yes, yesIfOther } of NETWORK.tests) {
      expect(Object.keys(yes).every((cause) => causes.has(cause)))
        .withContext(id)
        .toBeTrue();
      expect(yesIfOther > 0 && yesIfOther < 1)
        .withContext(id)
        .toBeTrue();
    }
    for (const { cause } of NETWORK.swapOdds) expect(causes.has(cause)).withContext(cause).toBeTrue();
    // every cause can be found, by some fault
    const made = new Set(Object.values(NETWORK.links).flatMap((links) => Object.keys(links)));
    expect([...causes].filter((cause) => !made.has(cause))).toEqual([]);
  });
});

describe('diagnose', () => {
  it('finds the cause that was meant, of the page and of our own, and where little is known', () => {
    expect(share(places(PAGE_CASES), 1)).toBeGreaterThanOrEqual(0.95);
    expect(OWN_CASES.length).toBeGreaterThanOrEqual(60);
    const own = places(OWN_CASES);
    expect(share(own, 1)).toBeGreaterThanOrEqual(0.85);
    expect(share(own, 3)).toBeGreaterThanOrEqual(0.95);
    expect(share(places(HARD_CASES), 1)).toBeGreaterThanOrEqual(0.85);
    const all = [...PAGE_CASES, ...HARD_CASES, ...OWN_CASES];
    expect(share(places(all, NETWORK, true), 3)).toBeGreaterThanOrEqual(0.85);
  });
  it('goes by that bake’s own numbers: two grams of soda left over against none', () => {
    for (const [fault, beside] of [
      ['soapy', { sodaSieved: false }],
      ['metallic_bitter', { powder: 6, powderKind: 'sas' as const }],
      ['coarse_crumb', { ovenError: -22, ovenErrorSpread: 4 }],
      ['burnt_raw', { ovenError: 24, ovenErrorSpread: 4 }],
      ['green_blue', { sodaSieved: false, plantColour: true }],
    ] as const) {
      const withSoda = firstOf('muffin', [fault], { leftoverSoda: 0.8, crumbPh: 8.3, sodaSieved: true, plantColour: fault === 'green_blue', gas: 0.65 });
      const without = firstOf('muffin', [fault], { leftoverSoda: 0, crumbPh: 6.9, gas: 0.65, ...beside });
      expect(withSoda).withContext(fault).toBe(fault === 'green_blue' ? 'alkaline_pigment' : 'soda_excess');
      expect(without).withContext(fault).not.toBe(withSoda);
    }
  }); // prettier-ignore
  it('bears tables that are wrong by e^±0.5', () => {
    const chance = chanceFrom(11);
    const cases = [...PAGE_CASES, ...HARD_CASES, ...OWN_CASES];
    let [first, all] = [0, 0];
    for (let draw = 0; draw < 6; draw++) {
      const wrong: Network = {
        ...NETWORK,
        links: Object.fromEntries(Object.entries(NETWORK.links).map(([fault, links]) => [fault, Object.fromEntries(Object.entries(links).map(([cause, p]) => [cause, Math.min(0.95, p * Math.exp(0.5 * normalFrom(chance)))]))])),
      };
      first += places(cases, wrong).filter((place) => place === 0).length;
      all += cases.length;
    }
    expect(first / all).toBeGreaterThanOrEqual(0.9);
  }); // prettier-ignore
  it('shares out all of it, whatever is asked', () => {
    for (const [style, faults, facts] of [...HARD_CASES, ...OWN_CASES.slice(0, 12)]) {
      const { causes, somethingElse } = diagnose(asked(style, faults, facts));
      const sum = causes.reduce((all, found) => all + found.share, somethingElse);
      expect(sum).toBeGreaterThan(0.94);
      expect(sum).toBeLessThan(1 + 1e-9);
      expect(somethingElse).toBeGreaterThan(0);
    }
  });
  it('finds nothing of the batter in a frosting that split', () => {
    const { causes } = diagnose(asked('yellow_cake', ['frosting_split'], {}));
    expect(causes.every(({ cause }) => cause.part === 'frosting')).toBeTrue();
  });
  it('takes an answer, and the ranking moves; and a kitchen’s own outcomes, gently', () => {
    const bare = asked('muffin', ['dense_all'], {});
    const before = diagnose(bare);
    const after = diagnose({ ...bare, answers: { fizz: true } });
    expect(after.causes[0]?.cause.id).toBe('leavener_old');
    expect(before.causes[0]?.cause.id).not.toBe('leavener_old');
    expect(diagnose({ ...bare, answers: { fizz: false } }).causes.find(({ cause }) => cause.id === 'leavener_old')?.share).toBeLessThan(0.1); // prettier-ignore
    const of = (kitchen: Record<string, number>) => diagnose({ ...bare, kitchen }).causes.find(({ cause }) => cause.id === 'overmixed')?.share ?? 0; // prettier-ignore
    expect(of({ overmixed: 0.35 })).toBeGreaterThan(of({}));
    expect(of({ overmixed: 0.35 })).toBeLessThan(1.6 * of({}));
  });
});

describe('what is asked next', () => {
  it('tells the first causes apart, and is not asked twice nor where it is known', () => {
    const bare = asked('muffin', ['dense_all'], {});
    const tests = testsFor(bare, diagnose(bare));
    expect(tests.length).toBeGreaterThan(2);
    const [first] = tests;
    const answered = { ...bare, answers: { [first?.test.id ?? '']: false } };
    expect(testsFor(answered, diagnose(answered)).some(({ test }) => test.id === first?.test.id)).toBeFalse();
    const known = asked('muffin', ['dense_all'], { fizzWeak: false });
    expect(testsFor(known, diagnose(known)).some(({ test }) => test.id === 'fizz')).toBeFalse();
  });
  it('is worth nothing where the cause is plain', () => {
    const plain = asked('muffin', ['soapy'], { leftoverSoda: 1.2, crumbPh: 8.6, sodaSieved: true });
    const open = asked('muffin', ['dense_all'], {});
    const best = (of: Asked) => testsFor(of, diagnose(of))[0]?.bits ?? 0;
    expect(best(plain)).toBeLessThan(best(open));
  });
  it('names the number that decides: with hardly any soda left over, another cause leads', () => {
    const soapy = asked('gingerbread', ['sank_middle', 'soapy'], {
      leftoverSoda: 1,
      crumbPh: 8.5,
      gas: 0.5,
      doorOpened: 0.4,
    });
    const other = ifOther(soapy, diagnose(soapy));
    expect(other?.signal).toBe('soda-left');
    expect(other?.first).toBe('door_opened');
  });
});

describe('risksOf', () => {
  it('says before baking what the numbers make likely, and by what', () => {
    const signals = signalsOf({ leftoverSoda: 1, crumbPh: 8.4, gas: 0.8 }, mustBeStyle('gingerbread'));
    const [worst] = risksOf({ signals });
    const soapy = risksOf({ signals }).find(({ fault }) => fault === 'soapy');
    expect(soapy?.by[0]).toBe('soda_excess');
    expect(soapy?.chance).toBeGreaterThan(2 * (soapy?.usual ?? 1));
    expect(worst?.by[0]).toBe('soda_excess');
    expect((worst?.chance ?? 0) - (worst?.usual ?? 0)).toBeGreaterThan(0.05);
  });
  it('is no more than usual of a bake that is as it should be', () => {
    const style = mustBeStyle('muffin');
    const { sugar, fat, egg, water, gas } = style.bands;
    const sound = signalsOf({ sugar: sugar.typical, fat: fat.typical, egg: egg.typical, water: water.typical, gas: gas.typical, leftoverSoda: 0 }, style); // prettier-ignore
    expect(risksOf({ signals: sound }).filter(({ chance, usual }) => chance > usual + 0.02)).toEqual([]);
  });
});

describe('what a bake cannot have', () => {
  it('is no risk of it: what is not cut does not lean, what has no fruit drops none', () => {
    const muffin = signalsOf({ inclusions: 0, plantColour: false }, mustBeStyle('muffin'));
    const risked = risksOf({ signals: muffin }).map(({ fault }) => fault);
    for (const fault of ['leaning_scones', 'fruit_bottom', 'green_blue', 'colour_off']) expect(risked).not.toContain(fault);
    const scone = risksOf({ signals: signalsOf({ inclusions: 40, plantColour: true }, mustBeStyle('british_scone'))}).map(({ fault }) => fault);
    for (const fault of ['leaning_scones', 'fruit_bottom', 'green_blue']) expect(scone).toContain(fault);
  });
  it('can still be tapped, and so can every other fault, once each', () => {
    const signals = signalsOf({ inclusions: 0 }, mustBeStyle('muffin'));
    expect([...faultsByRisk({ signals }, false)].sort()).toEqual([...FAULT_IDS].sort());
    expect(faultsByRisk({ signals }, true).indexOf('frosting_soft')).toBeLessThan(faultsByRisk({ signals }, false).indexOf('frosting_soft'));
  });
  it('what is as usual is never said to speak for a cause', () => {
    for (const [style, faults, facts] of [...HARD_CASES, ...OWN_CASES])
      for (const { speaksFor } of diagnose(asked(style, faults, facts)).causes)
        for (const speaks of speaksFor)
          if (speaks.kind === 'signal' && ['sugar', 'fat', 'egg', 'water', 'gas'].includes(speaks.signal)) expect(Math.abs(speaks.value)).toBeGreaterThanOrEqual(0.35);
  });
}); // prettier-ignore

describe('faultsSaid', () => {
  const said: readonly (readonly [string, readonly string[]])[] = [
    ['it sank and tastes of soap', ['sank_middle', 'soapy']],
    ['All the fruit sank to the bottom', ['fruit_bottom']],
    ['tunnels everywhere, and tough', ['tunnels', 'tough']],
    ['not dry, but there is a dense streak at the base', ['dense_bottom']],
    ['It sank, and all the damsons sank to the bottom', ['sank_middle', 'fruit_bottom']],
    ['lovely', []],
  ];
  for (const [words, faults] of said) it(`"${words}"`, () => expect(faultsSaid(words)).toEqual(faults));
});

describe('bakeFactsSchema', () => {
  it('takes what is a fact and says which name is none', () => {
    expect(bakeFactsSchema.validate({ coreAtOut: 96, waitMinutes: 12, ovenError: -15 }).error).toBeUndefined();
    expect(bakeFactsSchema.validate({ corAtOut: 96 }).error?.message).toMatch(/corAtOut.*coreAtOut/s);
    expect(bakeFactsSchema.validate({ coreAtOut: 400 }).error?.message).toMatch(/coreAtOut/);
  });
});
