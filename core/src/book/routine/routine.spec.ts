import { chanceFrom, normalFrom } from '../../ground/numerics/index.js';
import { hotSides, paceOf, PACED_TASKS, type PacedTask } from '../../kitchen/learned/index.js';
import { learnHeating, learnHotSide, learnPace, type WorkDone } from './index.js';

/*
 * Kitchens played by chance: hands that are slower or faster than usual, an oven that heats as it does; the figures are those of
 * shared/science/book.md, section 2, for the same play.
 */

const USUAL = 10;
/** A kitchen whose hands and tasks are off by chance, and bakes from it; one in twenty was interrupted by a telephone. */
function kitchenOf(chance: () => number) {
  const normal = () => normalFrom(chance);
  const hands = 0.3 * normal();
  const tasks = Object.fromEntries(PACED_TASKS.map((task) => [task, 0.25 * normal()])) as Record<PacedTask, number>;
  const ln = (task: PacedTask) => hands + tasks[task];
  const work = (task: PacedTask): WorkDone => ({
    task,
    usual: USUAL,
    minutes: USUAL * Math.exp(ln(task) + 0.25 * normal() + (chance() < 0.05 ? 1 : 0)),
  });
  return { ln, bake: (nth: number) => [work(PACED_TASKS[nth % PACED_TASKS.length] ?? 'mix')] };
}
/** Mean error of what is taken for a task's minutes, %, after so many pieces of work in so many kitchens. */
function errorAfter(pieces: number): { readonly learned: number; readonly unlearned: number } {
  const chance = chanceFrom(5);
  let [learned, unlearned] = [0, 0];
  const kitchens = 400;
  for (let k = 0; k < kitchens; k++) {
    const { ln, bake } = kitchenOf(chance);
    const pace = learnPace(Array.from({ length: pieces }, (_, i) => bake(i)));
    const task = PACED_TASKS[k % PACED_TASKS.length] ?? 'mix';
    learned += Math.abs(Math.log(paceOf(pace, task)) - ln(task));
    unlearned += Math.abs(ln(task));
  }
  return { learned: (100 * learned) / kitchens, unlearned: (100 * unlearned) / kitchens };
}

describe('the pace of hands', () => {
  it('halves its error in five pieces of work, and goes on', () => {
    const { learned: five, unlearned } = errorAfter(5);
    expect(unlearned).toBeGreaterThan(27);
    expect(five).toBeLessThan(0.65 * unlearned);
    const { learned: twenty } = errorAfter(20);
    expect(twenty).toBeLessThan(five);
    expect(twenty).toBeLessThan(13);
  });
  it('is nothing after one bake, and usual hands are usual', () => {
    expect(learnPace([[{ task: 'mix', minutes: 20, usual: 10 }]])).toBeUndefined();
    const usual = learnPace([[{ task: 'mix', minutes: 10, usual: 10 }], [{ task: 'weigh', minutes: 8, usual: 8 }]]);
    expect(paceOf(usual, 'mix')).toBeCloseTo(1, 9);
    expect(paceOf(undefined, 'mix')).toBe(1);
  });
  it('tells slow hands from a slow task: what all are slower by is the hands’', () => {
    const bake = (weigh: number, mix: number): readonly WorkDone[] => [
      { task: 'weigh', minutes: weigh, usual: 10 },
      { task: 'mix', minutes: mix, usual: 10 },
    ];
    const all = learnPace([bake(14, 14), bake(14, 14), bake(14, 14)]);
    const one = learnPace([bake(14, 10), bake(14, 10), bake(14, 10)]);
    expect(all?.hands).toBeGreaterThan(one?.hands ?? 1);
    expect(paceOf(one, 'weigh')).toBeGreaterThan(paceOf(one, 'mix') + 0.15);
    // a task that was never seen goes by the hands alone
    expect(paceOf(all, 'portion')).toBeGreaterThan(1.1);
  });
  it('is hardly moved by one telephone', () => {
    const bakes = [9, 10, 11, 10].map((minutes): readonly WorkDone[] => [{ task: 'mix', minutes, usual: 10 }]);
    const rung = learnPace([...bakes, [{ task: 'mix', minutes: 60, usual: 10 }]]);
    expect(paceOf(rung, 'mix')).toBeLessThan(1.16);
  });
});

describe('how long an oven heats', () => {
  it('is not known before it was timed, and lies between what is usual and what was seen', () => {
    expect(learnHeating([])).toBeUndefined();
    // 25 min by a thermometer, walls too, are 20 by the lamp
    const once = learnHeating([{ celsius: 180, minutes: 25, by: 'thermometer' }]);
    expect(once?.minutesTo180).toBeGreaterThan(15);
    expect(once?.minutesTo180).toBeLessThan(20);
    const often = learnHeating(
      Array.from({ length: 6 }, () => ({ celsius: 180, minutes: 25, by: 'thermometer' as const })),
    );
    expect(often?.minutesTo180).toBeCloseTo(20, 0);
    expect(often?.spread).toBeLessThan(once?.spread ?? 0);
  });
  it('believes a thermometer more than a lamp, and reckons from room to set point', () => {
    const by = (how: 'lamp' | 'thermometer', minutes: number) => learnHeating([{ celsius: 180, minutes, by: how }])?.minutesTo180 ?? 0; // prettier-ignore
    expect(by('thermometer', 25)).toBeGreaterThan(by('lamp', 20));
    const hot = learnHeating([{ celsius: 220, minutes: 25 * (199 / 159), by: 'thermometer' }]);
    expect(hot?.minutesTo180).toBeCloseTo(by('thermometer', 25), 9);
  });
});

describe('the hotter side', () => {
  it('is said where it was seen often enough, and not after one pale cake', () => {
    expect(hotSides(learnHotSide([{ side: 'back', steps: 1 }]))).toEqual([]);
    const four = learnHotSide(Array.from({ length: 4 }, () => ({ side: 'back' as const, steps: 1 })));
    const [first] = hotSides(four);
    expect(first?.side).toBe('back');
    // a step of colour is 12 °C, drawn towards none by an oven's 6: 12 · 4/100 / (1/36 + 4/100)
    expect(first?.celsius).toBeCloseTo((12 * 0.04) / (1 / 36 + 0.04), 6);
  });
  it('is none where the sides take turns, or all was even', () => {
    expect(hotSides(learnHotSide([{ side: 'left', steps: 1 }, { side: 'right', steps: 1 }, { side: 'even', steps: 0 }]))).toEqual([]); // prettier-ignore
    expect(hotSides(undefined)).toEqual([]);
    expect(learnHotSide([])).toBeUndefined();
  });
  it('names two, the hotter first', () => {
    const seen = [2, 2, 2, 2].flatMap((steps) => [{ side: 'back' as const, steps }, { side: 'left' as const, steps: 1 }]); // prettier-ignore
    expect(hotSides(learnHotSide(seen)).map(({ side }) => side)).toEqual(['back', 'left']);
  });
});
