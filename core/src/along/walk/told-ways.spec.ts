import { auditFormula } from '../../bench/audit/index.js';
import { findingsIn } from '../../bench/findings/index.js';
import { batchOf } from '../../batch/batch/index.js';
import { oneBake } from '../../batch/bakes/index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';
import { readText } from '../../formula/reading/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { AMERICAN_METHODS } from './american-methods.spec-help.js';
import { BRITISH_METHODS } from './british-methods.spec-help.js';
import { GERMAN_METHODS } from './german-methods.spec-help.js';
import type { Family, Promised } from './method-families.spec-help.js';
import { walkOf } from './index.js';

/** Of each list so many methods are put together. */
const TEXTS_OF_EACH = 6;

/** A pick that is the same in every run: Lehmer's generator. */
function picker(start: number): <T>(all: readonly T[]) => T {
  let seed = start;
  return (all) => {
    seed = (seed * 48271) % 2147483647;
    const one = all[Math.floor((seed / 2147483647) * all.length)];
    if (one === undefined) throw new Error('nothing to pick from');
    return one;
  };
}

/** One way of telling a family, and what its words promise. */
function toldWay(
  family: Family,
  pick: <T>(all: readonly T[]) => T,
): { readonly text: string; readonly promised: Promised } {
  const acts = family.acts.map((act) => pick(act));
  const said = acts.map((act) => (typeof act === 'string' ? act : act[0])).filter((words) => words !== '');
  const promised = acts.reduce<Promised>((all, act) => (typeof act === 'string' ? all : { ...all, ...act[1] }), {});
  const how = pick(['a paragraph', 'line by line', 'some in a line']);
  const steps: string[] = [];
  for (const words of said) {
    const begins = how === 'line by line' || (how === 'some in a line' && pick([true, false, false]));
    if (steps.length === 0 || begins) steps.push(words);
    else steps.push(`${steps.pop() ?? ''} ${words}`);
  }
  const numbered = how !== 'a paragraph' && pick([true, false, false]);
  const method = steps.map((step, i) => (numbered ? `${i + 1}. ${step}` : step)).join('\n');
  const head = pick(['', `${family.yield ?? 'Serves 8'}\n`]);
  return { text: `${family.title}\n${head}${family.list}\n${pick(['Method\n', '', '\n'])}${method}`, promised };
}

/** What of it is read or walked otherwise than it is told. */
function wrongIn(text: string, family: Family, promised: Promised): readonly string[] {
  const formula = formulaRead(readText(text, family.region));
  const audit = auditFormula(formula);
  const { bake, components } = formula;
  const lines = components.flatMap((component) => component.lines);
  const written = family.list.split('\n').filter((line) => /\d/.test(line)).length;
  const order = oneBake({ formula, audit, kitchen: PLAIN_KITCHEN });
  const steps = walkOf({ bake: order, batch: batchOf(order), foreseen: order.portions.map(() => undefined) });
  const baked = steps.findIndex(({ kind }) => kind === 'bake' || kind === 'griddle');
  const filled = steps.findIndex(({ kind }) => kind === 'divide');
  const weighed = steps.flatMap((step, at) => (step.kind === 'weigh' ? [{ grams: step.grams, name: `${step.name} ${step.ingredientId}`, at }] : [])); // prettier-ignore
  const sum = (all: readonly { readonly grams?: number | undefined }[]) =>
    all.reduce((total, { grams = 0 }) => total + grams, 0);
  const whole = sum(audit.weighed.components.flatMap((component) => component.lines));
  const is = (pattern: RegExp | undefined, name: string) => pattern?.test(name) === true;
  const wrong: readonly (readonly [string, boolean])[] = [
    ...findingsIn(formula).findings.map(({ code }) => [code, /^line-|unlisted|temperat|fan-/.test(code)] as const),
    [`called ${formula.title}`, formula.title !== family.title],
    [`${lines.length} lines for ${written}`, lines.length !== written],
    [`parts ${components.map(({ name }) => name).join(', ')}`, family.parts !== undefined && components.length !== family.parts],
    [`${bake.celsius ?? 'no'} °C`, promised.celsius !== undefined && Math.abs((bake.celsius ?? 0) - promised.celsius) > 1],
    [`${bake.lowMinutes ?? 'no'} minutes`, promised.minutes !== undefined && (bake.lowMinutes !== promised.minutes[0] || (bake.highMinutes ?? bake.lowMinutes) !== promised.minutes[1])],
    ['no pan', bake.pan === undefined && family.panless !== true],
    ['never baked', baked < 0],
    [`${Math.round(sum(weighed))} g weighed of ${Math.round(whole)}`, Math.abs(sum(weighed) - whole) > 0.02 * whole],
    ...weighed.map(({ name, at }) => [`${name} behind the oven`, at > baked && !is(family.late, name)] as const),
    ...weighed.map(({ name, at }) => [`${name} before the oven`, at < baked && is(family.onlyLate, name)] as const),
    ...weighed.map(({ name, at }) => [`${name} into the filled tin`, filled >= 0 && at > filled && at < baked && !is(family.top, name) && !is(family.late, name)] as const),
  ]; // prettier-ignore
  return wrong.filter(([, isWrong]) => isWrong).map(([what]) => what);
}

describe('a method in other words', () => {
  for (const [i, family] of [...BRITISH_METHODS, ...AMERICAN_METHODS, ...GERMAN_METHODS].entries())
    it(`is the same bake: ${family.title}`, () => {
      const pick = picker(31 + i);
      for (let n = 0; n < TEXTS_OF_EACH; n++) {
        const { text, promised } = toldWay(family, pick);
        expect(wrongIn(text, family, promised))
          .withContext(text)
          .toEqual([]);
      }
    });
});
