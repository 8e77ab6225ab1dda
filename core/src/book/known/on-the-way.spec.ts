import { demoWalks } from '../../along/walk/demo-walks.spec-help.js';
import { usualHands, type WalkStep } from '../../along/walk/index.js';
import type { Baking, Happening } from '../../along/baking/index.js';
import { snapshotOf } from '../../batch/snapshots/index.js';
import { coreAtDone } from '../../oven/baking/index.js';
import { lessonOf } from '../records/index.js';
import { HALF_WISHES, heatingOfBaking, recordOfBaking, workOfBaking } from './index.js';

const MINUTE = 60_000;
const BEGAN = 1_795_000_000_000;
const demo = () => {
  const found = demoWalks().find(({ id }) => id === 'pear-cardamom-loaf');
  if (!found) throw new Error('no loaf');
  return found;
};
/** The loaf made along, each step of the walk taking as many minutes as `of` says. */
function made(of: (step: WalkStep) => number, more: Partial<Baking> = {}, also: (at: (kind: WalkStep['kind']) => number) => readonly Happening[] = () => []): Baking {
  const { bake, batch, foreseen, walk, id } = demo();
  let at = BEGAN;
  const began = new Map<string, number>();
  const moves = walk.map((step): Happening => {
    const move: Happening = { kind: 'step', to: step.id, at };
    if (!began.has(step.kind)) began.set(step.kind, at);
    at += of(step) * MINUTE;
    return move;
  });
  const happenings = [...moves, ...also((kind) => began.get(kind) ?? 0)].sort((a, b) => a.at - b.at);
  return {
    title: 'Pear and cardamom loaf',
    size: 'a loaf tin',
    snapshot: snapshotOf(bake, { formulaId: id }, foreseen),
    walk,
    words: {},
    usual: usualHands({ bake, batch, foreseen }),
    happenings,
    readings: [],
    ...more,
  };
} // prettier-ignore
const one = () => 1;

describe('what a bake made along tells of hands', () => {
  it('is the minutes of each kind of work against the usual ones of a Day', () => {
    const { walk } = demo();
    const lines = walk.filter(({ kind }) => kind === 'weigh').length;
    const work = workOfBaking(made(one));
    const weighing = work.find(({ task }) => task === 'weigh');
    expect(weighing?.minutes).toBe(lines);
    // four minutes, and 0.7 for each line of the formula: shared/science/planning.md, section 1
    expect(weighing?.usual).toBeGreaterThanOrEqual(5);
    expect(weighing?.usual).toBeLessThanOrEqual(16);
    expect(work.map(({ task }) => task)).toContain('mix');
  });
  it('is nothing of work that was left for something else, nor of what was tapped through', () => {
    const { walk } = demo();
    const first = walk.find(({ kind }) => kind === 'weigh');
    const rung = workOfBaking(made((step) => (step === first ? 40 : 1)));
    expect(rung.map(({ task }) => task)).not.toContain('weigh');
    expect(workOfBaking(made(() => 0.01))).toEqual([]);
  });
  it('goes into the record, but for what a stand-in weighed', () => {
    const bakeSeen = (at: (kind: WalkStep['kind']) => number): readonly Happening[] => [
      { kind: 'in', portion: 0, at: at('bake') },
      { kind: 'out', portion: 0, at: at('bake') + 60 * MINUTE },
    ];
    const { took } = recordOfBaking('b', made(one, {}, bakeSeen), undefined) ?? {};
    expect(took?.length).toBeGreaterThan(1);
    const { outMinutes } = recordOfBaking('b', made(one, {}, (at) => [{ kind: 'in', portion: 0, at: at('bake') }, { kind: 'out', portion: 0, at: at('bake') + 34.98765 * MINUTE }]), undefined) ?? {}; // prettier-ignore
    expect(outMinutes).toBe(35);
    const standIn = (at: (kind: WalkStep['kind']) => number): readonly Happening[] => [
      ...bakeSeen(at),
      { kind: 'weighed', step: demo().walk.find(({ kind }) => kind === 'weigh')?.id ?? '', grams: 200, by: 'simulated', at: at('weigh') + 1 },
    ]; // prettier-ignore
    expect(recordOfBaking('b', made(one, {}, standIn), undefined)?.took).toBeUndefined();
  });
});

describe('what it tells of the oven', () => {
  /** Read at so many minutes after it was switched on. */
  const read = (said: readonly (readonly [minute: number, celsius: number])[]) =>
    made(one, {}, (at) => said.map(([minute, celsius]): Happening => ({ kind: 'oven-read', celsius, by: 'hand', at: at('heat') + (1 + minute) * MINUTE }))); // prettier-ignore
  const heat = () => demo().walk.find((step) => step.kind === 'heat')?.celsius ?? 0;

  it('is the minutes from switching on, read cold, to the reading at which it is ready', () => {
    expect(heatingOfBaking(read([[1, 30], [8, 120], [19, heat() - 3]]))).toEqual({ celsius: heat(), minutes: 19, by: 'thermometer' }); // prettier-ignore
  });
  it('is nothing where somebody came back to it hours later', () => {
    expect(heatingOfBaking(read([[1, 30], [700, heat()]]))).toBeUndefined(); // prettier-ignore
  });
  it('is nothing where nobody saw it cold, or nobody saw it ready', () => {
    expect(heatingOfBaking(read([[14, heat()]]))).toBeUndefined();
    expect(heatingOfBaking(read([[1, 30], [8, 120]]))).toBeUndefined(); // prettier-ignore
    expect(heatingOfBaking(made(one))).toBeUndefined();
  });
});

describe('the middle as it came out', () => {
  it('says whether it was in for longer than most: what a usual one gains there is told by the model', () => {
    const core = coreAtDone(demo().foreseen[0] ?? fail());
    if (!core) throw new Error('no course');
    // a quick loaf is usually done from 93 to 98
    expect(core.usualCelsius).toBe(95.5);
    expect(core.perLnMinutes).toBeGreaterThan(5);
    const at = (celsius: number) => {
      const baking = made(one, {}, (began) => [
        { kind: 'in', portion: 0, at: began('bake') },
        { kind: 'out', portion: 0, at: began('bake') + 60 * MINUTE },
      ]);
      const record = recordOfBaking('b', baking, undefined);
      if (!record) throw new Error('no record');
      const lesson = lessonOf({ id: 'b', record: { ...record, coreCelsius: celsius } }, {});
      return typeof lesson === 'string' ? undefined : lesson.coreAtOut;
    };
    expect(at(95.5)?.over).toBeCloseTo(0, 9);
    expect(at(98)?.over).toBeGreaterThan(0);
    expect(at(92)?.over).toBeLessThan(0);
    expect(at(98)?.spread).toBeCloseTo(Math.hypot(1.5, 1.5) / core.perLnMinutes, 9);
  });
  it('belongs to a half batch where its day planned it as one', () => {
    const bakeSeen = (at: (kind: WalkStep['kind']) => number): readonly Happening[] => [
      { kind: 'in', portion: 0, at: at('bake') },
      { kind: 'did', portion: 0, what: 'turned', at: at('bake') + 30 * MINUTE },
      { kind: 'out', portion: 0, at: at('bake') + 60 * MINUTE },
    ];
    const record = recordOfBaking('b', made(one, { dayId: 'd', wishId: HALF_WISHES.changed }, bakeSeen), undefined);
    expect(record?.half).toEqual({ trial: 'd', of: 'changed' });
    expect(record?.turned).toBeTrue();
    expect(recordOfBaking('b', made(one, { dayId: 'd', wishId: 'other' }, bakeSeen), undefined)?.half).toBeUndefined();
  });
});
function fail(): never {
  throw new Error('nothing foreseen');
}
