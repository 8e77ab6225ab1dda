import { ALARM_CODES } from '../../along/live-bake/index.js';
import { DONE_AT_OVEN, LOOKS } from '../../along/baking/index.js';
import {
  BOWL_FAULTS,
  BOWL_LOOKS,
  type BowlLook,
  MIX_PHASES,
  mixingSigns,
  remedyFor,
  type NamedPart,
} from '../../along/mixing/index.js';
import { MISHAPS, rescuesFor, type MishapStage } from '../../along/rescue/index.js';
import { demoWalks } from '../../along/walk/demo-walks.spec-help.js';
import { overPourAnswers, type BowlLine } from '../../along/weighing/index.js';
import { MIXING_FAMILIES } from '../../batch/bowl/index.js';
import { ingredientById } from '../../kitchen/ingredients/index.js';
import {
  alarmInWords,
  bowlFaultInWords,
  CAUTIONS,
  cautionInWords,
  cautionsOnce,
  DONE_WORDS,
  firstWords,
  LOOK_WORDS,
  MISHAP_NAMES,
  mixInWords,
  nextInWords,
  overPourInWords,
  placeInWords,
  remedyInWords,
  rescueInWords,
  stepInWords,
} from './index.js';

/** Words for a screen: no code, no figure that is none, no sentence that begins small after a stop. */
const isPlain = (words: string, context: string) => {
  expect(words)
    .withContext(context)
    .not.toMatch(/undefined|NaN|Infinity|\[object|\$\{/);
  expect(words.trim().length).withContext(context).toBeGreaterThan(0);
};

describe('the words of a bake', () => {
  it('are there for every step of every formula of the demo, and for what comes next', () => {
    for (const { id, walk, bake } of demoWalks())
      for (const [i, step] of walk.entries()) {
        const pans = 'portion' in step ? (bake.portions[step.portion]?.pans.pan.name ?? '') : '';
        const { title, lead, tell } = stepInWords(step, undefined, pans);
        const method = bake.audit.steps.find((each) => step.kind === 'mix' && each.id === step.stepId)?.text ?? '';
        isPlain(nextInWords(step, pans, method), `${id} ${step.id}`);
        isPlain(placeInWords(walk, i), id);
        if (step.kind !== 'mix') isPlain(`${title} ${lead}`, `${id} ${step.id}`);
        expect(tell).not.toMatch(/undefined|NaN/);
      }
  });
  it('say where to stop, what was weighed before it, and what is kept back', () => {
    const loaf = demoWalks().find(({ id }) => id === 'pear-cardamom-loaf');
    const [flour, wholemeal] = loaf?.walk.filter((step) => step.kind === 'weigh') ?? [];
    if (flour?.kind !== 'weigh' || wholemeal?.kind !== 'weigh') throw new Error('no lines');
    expect(stepInWords(wholemeal, flour, '')).toEqual({
      lead: 'dry bowl, after the all-purpose flour',
      title: 'Whole wheat flour',
      tell: '1/2 cup, or stop at 60 g.',
    });
    const kept = { ...flour, by: 'scale' as const, keptBack: [{ grams: 45, step: 4 }] };
    expect(stepInWords(kept, undefined, '').tell).toBe('Stop at 209 g. Keep back 45 g for step 4.');
    const leadOf = (part: string) => stepInWords({ ...flour, part }, undefined, '').lead;
    expect([leadOf('Glaze'), leadOf('To serve')]).toEqual(['for the glaze', 'to serve']);
  });
  it('say what the baker’s dial is to say, and what it is where the formula comes from', () => {
    const heat = { kind: 'heat', id: 'heat', celsius: 176.7, fan: false, minutes: 20 } as const;
    const words = (...of: ['US' | 'UK', ('C' | 'F')?]) => stepInWords(heat, undefined, '', ...of);
    expect(words('US').title).toBe('Oven on, 350 °F');
    expect(words('US').tell).toMatch(/^Ready in about 20 min/);
    expect(words('US', 'C').title).toBe('Oven on, 177 °C');
    expect(words('US', 'C').tell).toMatch(/^That is 350 °F\. Ready in/);
    expect(words('UK', 'F').title).toBe('Oven on, 350 °F');
    expect(words('UK', 'F').tell).toMatch(/^That is 177 °C\. Ready in/);
    expect(words('UK').tell).not.toContain('°F');
  });
  it('cut a long step at a word', () => {
    expect(firstWords('Fold wet into dry; stop early.')).toBe('Fold wet into dry');
    expect(firstWords('Heat the oven to 180C. Cream the butter and sugar.')).toBe('Cream the butter and sugar');
    expect(firstWords('Heat the oven to 180C.')).toBe('Heat the oven to 180C');
    const long = firstWords('Beat the eggs with the sugar and the oil until they are thick and pale and hold a trail for three seconds');
    expect(long.length).toBeLessThan(75);
    expect(long).toMatch(/\w …$/);
  }); // prettier-ignore
  it('have a picture, a title and a place to stop for every act of mixing by every method', () => {
    const drawn = new Set<BowlLook>();
    for (const family of MIXING_FAMILIES)
      for (const phase of MIX_PHASES) {
        const words = mixInWords(phase, family);
        for (const each of [words.title, words.hands, ...words.looks]) isPlain(each, `${phase} ${family}`);
        const { seconds, looks, spoils } = mixingSigns(phase, family, 900);
        for (const look of looks) drawn.add(look);
        expect(seconds[0]).toBeLessThan(seconds[1]);
        if (spoils) isPlain(words.tooLong, `${phase} ${family}`);
      }
    expect([...drawn].sort())
      .withContext('every picture stands for some step')
      .toEqual([...BOWL_LOOKS].sort());
  });
  it('take longer for a bigger bowl, as its root', () => {
    const [small, big] = [mixingSigns('cream', 'creaming', 450), mixingSigns('cream', 'creaming', 1800)];
    expect(big.seconds[0] / small.seconds[0]).toBeCloseTo(2, 1);
  });
  it('put a fault of the bowl right in grams of what is in it', () => {
    const parts = (demoWalks()[0]?.bake.audit.weighed.batter ?? []).map((part): NamedPart => ({ ...part, name: part.ingredient.nameUk })); // prettier-ignore
    for (const fault of BOWL_FAULTS)
      isPlain(`${bowlFaultInWords(fault)} ${remedyInWords(remedyFor(fault, parts))}`, fault);
    const stiff = remedyFor('too-stiff', parts);
    expect(stiff.code === 'add' && stiff.ingredientId).toMatch(/yogurt/);
    expect(remedyFor('too-stiff', [])).toEqual({ code: 'stir-slowly' });
  });
  it('are there for looks, acts, alarms, mishaps and cautions', () => {
    for (const look of LOOKS) isPlain(LOOK_WORDS[look], look);
    for (const what of DONE_AT_OVEN) isPlain(DONE_WORDS[what], what);
    for (const code of ALARM_CODES) isPlain(alarmInWords(code).say, code);
    for (const kind of MISHAPS) isPlain(MISHAP_NAMES[kind], kind);
    for (const caution of CAUTIONS) isPlain(cautionInWords(caution), caution);
  });
});

describe('cautions', () => {
  it('stand at the first step where each matters, and no other', () => {
    for (const { id, walk } of demoWalks()) {
      const all = cautionsOnce(
        walk.map((step) => {
          const ingredient = step.kind === 'weigh' ? ingredientById(step.ingredientId) : undefined;
          return { step, words: '', ...(ingredient && { ingredient }) };
        }),
      ).flat();
      expect(new Set(all).size).withContext(id).toBe(all.length);
      if (walk.some(({ kind }) => kind === 'bake')) expect(all).withContext(id).toContain('steam');
    }
  }); // prettier-ignore
  it('speak of alcohol where a cake is fed with it', () => {
    const cake = demoWalks().find(({ id }) => id === 'cider-fed-harvest-fruit-cake');
    const facts = (cake?.walk ?? []).map((step) => {
      const ingredient = step.kind === 'weigh' ? ingredientById(step.ingredientId) : undefined;
      return { step, words: '', ...(ingredient && { ingredient }) };
    });
    expect(cautionsOnce(facts).flat()).toContain('alcohol');
  });
});

describe('answers', () => {
  const loaf = () => demoWalks().find(({ id }) => id === 'pear-cardamom-loaf')?.bake;
  const lines = (): readonly BowlLine[] =>
    (loaf()?.audit.weighed.batter ?? []).map((part) => ({ id: part.ingredient.id, part, targetGrams: part.grams, inBowlGrams: 0 })); // prettier-ignore
  const nameOf = (id: string) => ingredientById(id)?.nameUk ?? id;
  it('to an over-pour say what to do, then where that leaves the batter', () => {
    const all = lines();
    for (const { id } of all) {
      const poured = all.map((line) => (line.id === id ? { ...line, inBowlGrams: 1.3 * line.targetGrams } : line));
      for (const answer of overPourAnswers({ lines: poured, id, mixed: false, style: loaf()?.audit.style })) {
        const { say, why } = overPourInWords(answer, id, nameOf);
        isPlain(say, `${id} ${answer.code}`);
        isPlain(why, `${id} ${answer.code}`);
        expect(say).toMatch(/^[A-Z\d]/);
      }
    }
  });
  it('to every mishap are sentences at every stage', () => {
    const style = loaf()?.audit.style;
    const all = lines();
    const stages: readonly MishapStage[] = ['weighing', 'mixed', 'in-pans', 'in-oven'];
    for (const stage of stages)
      for (const { id } of all)
        for (const mishap of [{ kind: 'forgot', id }, { kind: 'twice', id }, { kind: 'no-more', id, haveGrams: 1 }] as const)
          for (const rescue of rescuesFor(mishap, { lines: all, at: { stage, minutesIn: 8 }, pieces: 12, ...(style && { style }) })) {
            const { say, why } = rescueInWords(rescue, nameOf);
            isPlain(`${say} ${why}`, `${stage} ${mishap.kind} ${id}`);
          }
  }); // prettier-ignore
});
