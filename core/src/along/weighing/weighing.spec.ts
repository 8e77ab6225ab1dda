import { functionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import { leaveningLedger } from '../../batter/leavening/index.js';
import { ingredientById } from '../../kitchen/ingredients/index.js';
import { demoWalks } from '../walk/demo-walks.spec-help.js';
import { overPourAnswers, toleranceGrams, weighingOf, type BowlLine, type OverPourAnswer } from './index.js';

const mustBe = (id: string) => {
  const ingredient = ingredientById(id);
  if (!ingredient) throw new Error(id);
  return ingredient;
};

describe('near enough', () => {
  it('is a tenth of a gram of soda and five grams of flour', () => {
    expect(toleranceGrams(mustBe('baking-soda'), 3)).toBe(0.1);
    expect(toleranceGrams(mustBe('all-purpose-flour'), 209)).toBeCloseTo(5.2, 1);
  });
  it('never reaches half of what is wanted, and says over, short and enough around it', () => {
    for (const [id, grams] of [['baking-powder', 2], ['table-salt', 1.5], ['granulated-sugar', 20], ['whole-milk', 250]] as const) {
      const ingredient = mustBe(id);
      const tolerance = toleranceGrams(ingredient, grams);
      expect(tolerance).withContext(id).toBeLessThan(grams / 2);
      expect(weighingOf(grams, grams, tolerance)).toBe('enough');
      expect(weighingOf(grams + tolerance * 1.01, grams, tolerance)).toBe('over');
      expect(weighingOf(grams - tolerance * 1.01, grams, tolerance)).toBe('short');
      expect(weighingOf(0, grams, tolerance)).toBe('nothing');
    }
  }); // prettier-ignore
});

/** A bowl half filled, with too much of one thing: made from the demo's formulas by a plain counter. */
interface Poured {
  readonly name: string;
  readonly lines: readonly BowlLine[];
  readonly id: string;
  readonly mixed: boolean;
  readonly style: Parameters<typeof overPourAnswers>[0]['style'];
}
function pours(): readonly Poured[] {
  let seed = 11;
  const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
  return demoWalks()
    .slice(0, 6)
    .flatMap(({ id, bake }) =>
      Array.from({ length: 6 }, (): Poured => {
        const { batter } = bake.audit.weighed;
        const over = Math.floor(random() * batter.length);
        const upTo = Math.max(over, Math.floor(random() * batter.length));
        const share = 1.02 + 0.6 * random();
        const lines = batter.map((part, i): BowlLine => ({
          id: String(i),
          part,
          targetGrams: part.grams,
          inBowlGrams: i === over ? part.grams * share : i < upTo ? part.grams : 0,
        }));
        return { name: `${id}, ${over}`, lines, id: String(over), mixed: random() < 0.5, style: bake.audit.style };
      }),
    );
}
const partsOf = (lines: readonly BowlLine[], { finalGrams }: OverPourAnswer): readonly WeighedPart[] =>
  lines.map(({ part, id }) => ({ ...part, grams: finalGrams[id] ?? 0 }));

describe('too much of one thing', () => {
  const all = pours().map((poured) => ({ ...poured, answers: overPourAnswers(poured) }));
  it('has two to four answers, and none where it is not too much', () => {
    for (const { name, answers } of all) {
      expect(answers.length).withContext(name).toBeGreaterThanOrEqual(2);
      expect(answers.length).withContext(name).toBeLessThanOrEqual(4);
    }
    const [first] = all;
    if (!first) throw new Error('no pour');
    const lines = first.lines.map((line) => ({ ...line, inBowlGrams: Math.min(line.inBowlGrams, line.targetGrams) }));
    expect(overPourAnswers({ lines, id: first.id, mixed: false, style: first.style })).toEqual([]);
  });
  it('conserves what each answer says of the batter', () => {
    for (const { name, lines, answers } of all)
      for (const answer of answers) {
        const total = functionalTotals(partsOf(lines, answer)).grams;
        expect(answer.batterGrams).withContext(`${name} ${answer.code}`).toBeCloseTo(total, 6);
        for (const { id, grams, pourGrams } of answer.changes) {
          const line = lines.find((each) => each.id === id);
          expect((line?.targetGrams ?? 0) + grams).toBeCloseTo(answer.finalGrams[id] ?? 0, 6);
          expect((line?.inBowlGrams ?? 0) + pourGrams).toBeGreaterThanOrEqual((answer.finalGrams[id] ?? 0) - 1e-6);
        }
      }
  });
  it('never asks for less than is in the bowl, but where a spoon takes it out', () => {
    for (const { name, lines, answers } of all)
      for (const answer of answers)
        if (answer.code !== 'take-out')
          for (const { id, inBowlGrams } of lines)
            expect(answer.finalGrams[id] ?? 0)
              .withContext(`${name} ${answer.code}`)
              .toBeGreaterThanOrEqual(inBowlGrams - 1e-6);
  });
  it('keeps every proportion where all of it is made bigger: the ledger of the same batter', () => {
    for (const { name, lines, answers } of all)
      for (const answer of answers)
        if (answer.code === 'scale') {
          for (const { id, targetGrams } of lines)
            expect((answer.finalGrams[id] ?? 0) / targetGrams)
              .withContext(name)
              .toBeCloseTo(answer.factor ?? 0, 9);
          const planned = leaveningLedger(lines.map(({ part, targetGrams }) => ({ ...part, grams: targetGrams })));
          expect(leaveningLedger(partsOf(lines, answer)).crumbPh.likely).toBeCloseTo(planned.crumbPh.likely, 6);
          expect(answer.deviation).toBeLessThan(1e-6);
        }
  });
  it('takes out by the spoon what is over and what comes along with it', () => {
    for (const { name, lines, id, answers } of all)
      for (const answer of answers)
        if (answer.code === 'take-out') {
          const line = lines.find((each) => each.id === id);
          const over = (line?.inBowlGrams ?? 0) - (line?.targetGrams ?? 0);
          expect((answer.spoonGrams ?? 0) * (answer.purity ?? 0))
            .withContext(name)
            .toBeCloseTo(over, 9);
        }
  });
  it('compensates with one or two other lines and comes nearer to the plan than leaving it', () => {
    for (const { name, id, answers } of all) {
      const leave = answers.find(({ code }) => code === 'leave');
      const compensate = answers.find(({ code }) => code === 'compensate');
      expect(leave?.changes.map((change) => change.id)).withContext(name).toEqual(answers.length > 0 && leave?.changes.length ? [id] : []); // prettier-ignore
      if (!compensate) continue;
      expect(compensate.deviation)
        .withContext(name)
        .toBeLessThanOrEqual((leave?.deviation ?? 0) + 1e-9);
      const others = compensate.changes.filter((change) => change.id !== id);
      expect(others.length).withContext(name).toBeLessThanOrEqual(2);
    }
  });
  it('puts what leaves fewest bands first', () => {
    for (const { name, answers } of all)
      for (const [i, answer] of answers.entries())
        expect(answer.outside.length)
          .withContext(name)
          .toBeGreaterThanOrEqual(answers[i - 1]?.outside.length ?? 0);
  });
  it('finds flour first in the bowl spooned out, as the worked example of the pear loaf has it', () => {
    const loaf = demoWalks().find(({ id }) => id === 'pear-cardamom-loaf');
    const lines = (loaf?.bake.audit.weighed.batter ?? []).map((part, i): BowlLine => ({ id: String(i), part, targetGrams: part.grams, inBowlGrams: i === 0 ? part.grams + 30 : 0 })); // prettier-ignore
    const answers = overPourAnswers({ lines, id: '0', mixed: false, style: loaf?.bake.audit.style });
    expect(answers[0]?.code).toBe('take-out');
    expect(answers[0]?.spoonGrams).toBeCloseTo(30, 9);
    expect(answers.find(({ code }) => code === 'scale')?.factor).toBeCloseTo(1.144, 2);
  });
});
