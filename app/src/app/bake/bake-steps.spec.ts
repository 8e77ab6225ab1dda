import { TestBed } from '@angular/core/testing';
import type { WalkStep } from '@orvin/core/along/walk';
import { BakingStore } from '../store/baking-store';
import { demoData } from '../store/demo-data';
import { SettingsStore } from '../store/settings-store';
import { FormulaStore } from '../store/formula-store';
import { PlanStore } from '../store/plan-store';
import { RecordStore } from '../store/record-store';
import { counter, farls, scones, pearLoaf, pressed, rendered, typed, until, wordsOf } from './at-the-counter.spec-help';
import { BakeEnd } from './bake-end';
import { BakeTimers, leftInWords } from './bake-timers';
import { DivideStepView } from './divide-step';
import { MixStepView } from './mix-step';
import { OvenStepView } from './oven-step';
import { PlainStepView } from './plain-step';
import { RescueView } from './rescue';
import { StepList } from './step-list';
import { WeighStepView } from './weigh-step';

const MINUTE = 60_000;
const stepOf = <K extends WalkStep['kind']>(kind: K, nth = 0): Extract<WalkStep, { kind: K }> => {
  const step = pearLoaf().walk.filter((each): each is Extract<WalkStep, { kind: K }> => each.kind === kind)[nth];
  if (!step) throw new Error(kind);
  return step;
};
/** The step at hand is this one. */
const at = (step: WalkStep) => [{ kind: 'step', to: step.id, at: Date.now() }] as const;
const settled = () => new Promise((done) => requestAnimationFrame(done));

describe('a line on the scale', () => {
  const { ready } = counter();
  const flour = stepOf('weigh');

  it('counts from what lay on the scale when it was come to, and says what is to go and when to stop', async () => {
    const { instruments, footing, baking } = await ready(at(flour));
    instruments.grams.set(412);
    const view = rendered(WeighStepView, { step: flour });
    instruments.grams.set(412);
    expect(wordsOf(view, '.to-go')).toBe('209 g to go');
    instruments.grams.set(412 + 150);
    expect(wordsOf(view, '.to-go')).toBe('59 g to go');
    expect(wordsOf(view, '.figure')).toBe('150 g');
    instruments.grams.set(412 + 207);
    expect(wordsOf(view, '.to-go')).toBe('there');
    expect(footing.label()).toBe('Tare, next');
    footing.act();
    expect(baking.state().weighed.get(flour.id)).toEqual({ grams: 207, by: 'device' });
    expect(baking.step()?.id).toBe(stepOf('weigh', 1).id);
  });
  it('says that the bowl is off the scale, and counts nothing then', async () => {
    const { instruments } = await ready(at(flour));
    instruments.grams.set(0);
    const view = rendered(WeighStepView, { step: flour });
    instruments.grams.set(-412);
    instruments.lifted.set(true);
    expect(wordsOf(view, '.to-go')).toBe('the bowl is off the scale');
    instruments.lifted.set(false);
    instruments.grams.set(120);
    expect(wordsOf(view, '.to-go')).toBe('89 g to go');
  });
  it('takes grams by hand, with a comma too, and what is planned where nothing is said', async () => {
    const { footing, baking } = await ready(at(flour));
    const view = rendered(WeighStepView, { step: flour });
    expect(wordsOf(view, '.to-go')).toBe('204 to 214 g is fine');
    typed(view, '208,5');
    expect(wordsOf(view, '.to-go')).toBe('there');
    footing.act();
    expect(baking.state().weighed.get(flour.id)).toEqual({ grams: 208.5, by: 'hand' });
    baking.back();
    const soda = stepOf('weigh', 2);
    rendered(WeighStepView, { step: soda });
    footing.act();
    expect(baking.state().weighed.get(soda.id)?.grams).toBeCloseTo(soda.grams, 1);
  });
  it('refuses what is no figure, in words, and does not go on over it', async () => {
    const { footing, baking } = await ready(at(flour));
    const view = rendered(WeighStepView, { step: flour });
    const field = typed(view, 'zwölf');
    field.dispatchEvent(new Event('change'));
    expect(wordsOf(view, 'orv-field-problem')).toContain('Write a figure');
    footing.act();
    expect(baking.step()?.id).toBe(flour.id);
    expect(baking.state().weighed.size).toBe(0);
    expect(field.value).toBe('zwölf');
    typed(view, '½').dispatchEvent(new Event('change'));
    expect(baking.state().weighed.get(flour.id)).toEqual({ grams: 0.5, by: 'hand' });
  });
  it('has answers for too much, and the lines that follow go with the one that is taken', async () => {
    const { baking, footing } = await ready(at(flour));
    const view = rendered(WeighStepView, { step: flour });
    typed(view, '240');
    expect(wordsOf(view, '.to-go')).toBe('▲ over');
    expect(wordsOf(view, '.over-words')).toBe('15 % more all-purpose flour than planned');
    expect(footing.label()).toBe('Leave it so');
    pressed(view, /^Make all of it 1\.15 times/);
    const wholemeal = stepOf('weigh', 1);
    expect(baking.targetOf(wholemeal) / wholemeal.grams).toBeCloseTo(240 / flour.grams, 2);
    expect(wordsOf(view, '.to-go')).toBe('there');
    expect(wordsOf(view, '.tell')).toBe('Now 240 g, not 209 g.');
  });
  it('tells the stand-in to spoon out what is over', async () => {
    const { instruments } = await ready(at(flour));
    instruments.grams.set(0);
    const view = rendered(WeighStepView, { step: flour });
    instruments.grams.set(239.6);
    TestBed.tick();
    pressed(view, /^Spoon/);
    const [command] = instruments.told;
    expect(command?.do).toBe('take');
    expect(command?.do === 'take' && Math.abs(command.grams - 30.6)).toBeLessThan(0.2);
  });
});

describe('mixing', () => {
  const { ready } = counter();
  const combine = stepOf('mix', 2);

  it('shows three bowls, when to stop, and what to do when it looks otherwise, with grams of this bowl', async () => {
    await ready(at(combine));
    const view = rendered(MixStepView, { step: combine });
    expect(wordsOf(view, 'h2')).toBe('Fold, barely');
    expect([...(view.nativeElement as HTMLElement).querySelectorAll('figcaption b')].map(({ textContent }) => textContent)).toEqual(['not yet', 'stop here', 'too far']); // prettier-ignore
    expect(wordsOf(view, '.strip-words b')).toMatch(/^stop 0:\d\d–0:\d\d$/);
    expect(wordsOf(view, 'ul')).toMatch(/thick and pasty\s*\d+(\.\d)? g plain yogurt, 3 turns/);
  });
  it('runs its clock only when it is started, and keeps the seconds', async () => {
    const { baking, footing } = await ready(at(combine));
    const view = rendered(MixStepView, { step: combine });
    expect(wordsOf(view, '.figure')).toBe('0:00');
    pressed(view, 'Start the clock');
    baking.now.set(Date.now() + 26_500);
    expect(wordsOf(view, '.figure')).toMatch(/^0:2[67]$/);
    expect(footing.label()).toBe('Stopped');
    footing.act();
    expect(baking.state().mixedSeconds.get(combine.id)).toBeGreaterThanOrEqual(26);
    // once wet, what may wait has its timer
    expect(baking.state().timers.map(({ id }) => id)).toEqual(['wet']);
  });
});

describe('filling', () => {
  const { ready } = counter();
  it('weighs pan after pan and says how even they are', async () => {
    const two = { ...stepOf('divide'), pieces: 2, gramsEach: 462 };
    const { instruments, footing } = await ready(at(two));
    instruments.grams.set(0);
    const view = rendered(DivideStepView, { step: two });
    expect(footing.label()).toBe('Next one');
    instruments.grams.set(430);
    TestBed.tick();
    footing.act();
    instruments.grams.set(430 + 494);
    TestBed.tick();
    expect(footing.label()).toBe('Filled, next');
    footing.act();
    expect(wordsOf(view, '.even')).toContain('7 % apart');
  });
  it('of a dough is cutting: a slab of its size, the first cut drawn, and what the scraps give', async () => {
    const step = scones().walk.find((each) => each.kind === 'divide');
    if (step?.kind !== 'divide') throw new Error('not cut');
    const { footing, baking } = await ready(at(step), scones());
    const view = rendered(DivideStepView, { step });
    const [, long = NaN, wide = NaN] = /^([\d.]+) × ([\d.]+) cm$/.exec(wordsOf(view, 'h2'))?.map(Number) ?? [];
    // as much dough as there is, g/ml
    expect(Math.abs((long * wide * 2.5 * 1.12) / step.grams - 1)).toBeLessThan(0.02);
    // once its width is known
    await settled();
    await settled();
    TestBed.tick();
    const drawn = (view.nativeElement as HTMLElement).querySelectorAll('circle.piece').length;
    expect(wordsOf(view, '.tell')).toContain(`${drawn} from the first cut.`);
    expect(wordsOf(view, '.tell')).toMatch(/^2\.5 cm thick, 5\d g each\./);
    expect(footing.label()).toBe('Cut, next');
    footing.act();
    expect(baking.step()?.kind).toBe('bake');
  });
});

describe('an American at the counter', () => {
  const { ready } = counter();
  it('hears of the oven by its own dial, and reads the thermometer by it', async () => {
    const heat = stepOf('heat');
    const { footing, baking } = await ready(at(heat));
    TestBed.inject(SettingsStore).set({ region: 'US' });
    const view = rendered(PlainStepView, { step: heat });
    expect(wordsOf(view, 'h2')).toBe('Oven on, 350 °F');
    expect(wordsOf(view, '.tell')).toContain('That is 177 °C.');
    footing.act();
    expect(baking.state().timers[0]?.name).toBe('oven to 350 °F');
    const oven = rendered(OvenStepView, { step: stepOf('bake') });
    expect(wordsOf(oven, 'h2')).toBe('Is it 350 °F?');
    typed(oven, '345');
    expect(wordsOf(oven, '.tell')).toBe('It is to be 350: ready.');
  });
});

describe('the oven', () => {
  const { ready } = counter();
  const bake = stepOf('bake');

  it('asks before anything goes in, and says what a cold oven costs', async () => {
    const { footing, baking, instruments } = await ready(at(bake));
    const view = rendered(OvenStepView, { step: bake });
    expect(wordsOf(view, 'h2')).toBe('Is it 177 °C?');
    typed(view, '140');
    expect(wordsOf(view, '.tell')).toMatch(/^It is to be 177\. Wait about 5 min, or put it in now: about 1 min longer/);
    expect(footing.label()).toBe('In it goes, now');
    typed(view, '175');
    expect(wordsOf(view, '.tell')).toBe('It is to be 177: ready.');
    footing.act();
    expect(baking.state().ovens.get(0)?.inAt).toBeDefined();
    expect(baking.state().ovenRead).toEqual(jasmine.objectContaining({ celsius: 175, by: 'hand' }));
    expect(instruments.told.map((command) => command.do)).toEqual(['load']);
  });
  it('says what this bake risks most, by its formula and by the oven as it was read', async () => {
    await ready(at(bake));
    const demo = demoData(Date.now()).formulas.find(({ id }) => id === 'demo-pear-cardamom-loaf');
    if (!demo) throw new Error('no loaf');
    const formula = { ...demo, id: 'pear-cardamom-loaf' };
    TestBed.inject(RecordStore).put({
      label: '',
      changes: [{ table: 'formulas', id: 'pear-cardamom-loaf', after: formula }],
    });
    const view = rendered(OvenStepView, { step: bake });
    expect(wordsOf(view, '.risk')).toMatch(/^Most at risk: .*soda left over/);
    // an oven far too hot is worse than the soda
    typed(view, '235');
    expect(wordsOf(view, '.risk')).toMatch(/oven too hot/);
  });
  it('counts down to the likely minute, keeps looks and acts, and comes out with timers for cooling', async () => {
    const inAt = Date.now() - 20 * MINUTE;
    const { baking, footing } = await ready([...at(bake), { kind: 'in', portion: 0, at: inAt }]);
    baking.now.set(Date.now());
    const view = rendered(OvenStepView, { step: bake });
    await settled();
    const likely = pearLoaf().snapshot.portions[0]?.foreseen?.minutes.likely ?? 0;
    expect(Number(/^\d+/.exec(wordsOf(view, '.side .figure'))?.[0])).toBe(Math.round(likely - 20));
    // once it is simulated, when to turn it is known
    await until(() => footing.label() === 'Turned it');
    footing.act();
    expect(
      baking
        .state()
        .ovens.get(0)
        ?.did.map(({ what }) => what),
    ).toEqual(['turned']);
    pressed(view, 'Nearly');
    expect(wordsOf(view, '.seen')).toMatch(/^nearly at \d\d:\d\d$/);
    pressed(view, /^Out\s*whenever/);
    expect(baking.state().ovens.get(0)?.outAt).toBeDefined();
    expect(baking.state().timers.map(({ id }) => id)).toEqual(jasmine.arrayContaining(['cool-0-pan', 'cool-0-slice']));
    expect(baking.step()?.kind).toBe('cool');
  });
});

describe('the day that a bake belongs to', () => {
  const { ready } = counter();
  it('hears when it goes in, and one undo takes both back', async () => {
    const bake = stepOf('bake');
    const { baking, footing } = await ready(at(bake));
    const plans = TestBed.inject(PlanStore);
    const bakings = TestBed.inject(BakingStore);
    const now = new Date();
    const date = [now.getFullYear(), now.getMonth() + 1, now.getDate()].map((part) => String(part).padStart(2, '0')).join('-'); // prettier-ignore
    const task = (kind: 'mix' | 'portion' | 'out', from: number) => ({ id: `loaf:${kind}`, kind, batch: 0, from, to: from + 5, hands: 1 }); // prettier-ignore
    const tasks = [task('mix', 0), task('portion', 1), task('out', 1400)];
    const day = plans.add(date, 'UTC');
    plans.keepPlan(day.id, day.sheet, { proven: true, safe: true, cost: 0, bound: 0, startsAt: 0, ovenMinutes: 0, tasks, onTime: [1] }); // prettier-ignore
    const { id } = bakings.begin({ ...pearLoaf(), happenings: at(bake), dayId: day.id, wishId: 'loaf' });
    baking.id.set(id);
    rendered(OvenStepView, { step: bake });
    footing.act();
    const done = () => Object.keys(plans.plan(day.id)?.sheet.done ?? {});
    expect(done()).toEqual(['loaf:mix', 'loaf:portion']);
    expect(baking.state().ovens.get(0)?.inAt).toBeDefined();
    TestBed.inject(FormulaStore).undo();
    expect(done()).toEqual([]);
    expect(baking.state().ovens.get(0)?.inAt).toBeUndefined();
  });
});

describe('by the clock', () => {
  const { ready } = counter();
  it('starts the oven’s timer when it is switched on, and tells the stand-in', async () => {
    const heat = stepOf('heat');
    const { footing, baking, instruments } = await ready(at(heat));
    const view = rendered(PlainStepView, { step: heat });
    expect(wordsOf(view, 'h2')).toBe('Oven on, 177 °C');
    footing.act();
    const [timer] = baking.state().timers;
    expect(timer?.name).toBe('oven to 177 °C');
    expect(Math.abs((timer?.until ?? 0) - Date.now() - heat.minutes * MINUTE)).toBeLessThan(1000);
    expect(instruments.told).toEqual([{ do: 'set', celsius: 177 }]);
  });
  it('turns what bakes on a griddle by its timers, and shows them by the clock', async () => {
    const [on, turn] = farls().walk.filter((step) => step.kind === 'griddle');
    if (!on || !turn) throw new Error('no griddle');
    const { footing, baking } = await ready(at(on), farls());
    const view = rendered(PlainStepView, { step: on });
    expect(wordsOf(view, 'h2')).toBe('Onto the griddle, 9 min a side');
    expect(footing.label()).toBe('It is on');
    footing.act();
    expect(baking.state().timers.map(({ name }) => name)).toEqual(['turn it', 'off the griddle']);
    expect(baking.step()?.id).toBe(turn.id);
    const turning = rendered(PlainStepView, { step: turn });
    expect(wordsOf(turning, 'ul')).toMatch(/turn it.*in 9 min.*off the griddle.*in 18 min/);
    expect(footing.label()).toBe('It is finished');
  });
  it('says when it may leave its tin and be cut, from the moment that it came out', async () => {
    const cool = stepOf('cool');
    const outAt = Date.now() - 12 * MINUTE;
    const { baking } = await ready([...at(cool), { kind: 'in', portion: 0, at: outAt - MINUTE }, { kind: 'out', portion: 0, at: outAt }]);
    baking.now.set(Date.now());
    const view = rendered(PlainStepView, { step: cool });
    const rows = [...(view.nativeElement as HTMLElement).querySelectorAll('li')].map(({ textContent }) => textContent.replace(/\s+/g, ' ').trim());
    expect(rows[0]).toMatch(/out of the tin, onto a rack\s*now$/);
    expect(rows[1]).toMatch(/cool enough to slice\s*in \d+ min$/);
  }); // prettier-ignore
  it('shows what rings, snoozes and stops it', async () => {
    const { baking } = await ready([
      { kind: 'timer', id: 'look', name: 'first look', until: Date.now() - 5000, at: Date.now() - MINUTE },
      { kind: 'timer', id: 'later', name: 'cool to frost', until: Date.now() + 73 * MINUTE, at: Date.now() - MINUTE },
    ]);
    baking.now.set(Date.now());
    const view = rendered(BakeTimers);
    expect(wordsOf(view, '.rang')).toMatch(/^first look\s*\+0:0[56]/);
    pressed(view, '2 min more');
    expect(baking.timers().rang).toEqual([]);
    baking.now.set(Date.now() + 3 * MINUTE);
    TestBed.tick();
    pressed(view, 'Stop');
    expect(baking.state().timers.map(({ id }) => id)).toEqual(['later']);
  });
  it('shows the timers of what else is under way by their bake, and stops them there', async () => {
    const { baking } = await ready();
    const bakings = TestBed.inject(BakingStore);
    const until = Date.now() - 1000;
    const other = bakings.begin({ ...pearLoaf(), title: 'Scones', happenings: [{ kind: 'timer', id: 'turn', name: 'turn it', until, at: until - MINUTE }] }); // prettier-ignore
    baking.now.set(Date.now());
    const view = rendered(BakeTimers);
    expect(wordsOf(view, '.rang')).toContain('turn it: Scones');
    pressed(view, '2 min more');
    const kept = bakings.baking(other.id)?.baking.happenings.at(-1);
    expect(kept?.kind === 'timer' && [kept.name, kept.until > Date.now() + MINUTE]).toEqual(['turn it', true]);
    expect(baking.timers().rang).toEqual([]);
  });
  it('is read at a glance: minutes and seconds, hours from an hour on', () => {
    for (const [milliseconds, words] of [[480_000, '8:00'], [26_000, '0:26'], [4_380_000, '1 h 13'], [-65_000, '+1:05'], [0, '0:00']] as const)
      expect(leftInWords(milliseconds)).toBe(words);
  }); // prettier-ignore
});

describe('what went wrong', () => {
  const { ready } = counter();
  it('is asked for, and answered with this bowl’s grams', async () => {
    await ready(at(stepOf('weigh', 5)));
    const view = rendered(RescueView);
    pressed(view, 'Something went in twice');
    expect(wordsOf(view, '.answers')).toBe('Which one?');
    pressed(view, 'baking soda');
    expect(wordsOf(view, '.answers')).toContain('Spoon 4.9 g baking soda out again.');
    expect(wordsOf(view, '.answers')).toContain('Begin again.');
    pressed(view, 'The batter had to wait');
    expect(wordsOf(view, '.answers')).toMatch(/^Bake it now\. It has \d+ % of its gas left/);
  });
});

describe('all steps', () => {
  const { ready } = counter();
  it('stand in their order with what is in, and are gone to', async () => {
    const flour = stepOf('weigh');
    const { baking } = await ready([...at(flour), { kind: 'weighed', step: flour.id, grams: 211, by: 'hand', at: Date.now() }]); // prettier-ignore
    const view = rendered(StepList);
    let gone = '';
    view.componentInstance.chosen.subscribe((id) => (gone = id));
    expect(wordsOf(view)).toContain('211 g in');
    expect((view.nativeElement as HTMLElement).querySelectorAll('li').length).toBe(baking.walk().length);
    pressed(view, /Into the oven/);
    expect(gone).toBe('bake:0');
  });
  it('end in a record: how long it was in, against what was foreseen, and what was not weighed as planned', async () => {
    const flour = stepOf('weigh');
    const now = Date.now();
    const { baking } = await ready([
      ...at(flour),
      { kind: 'weighed', step: flour.id, grams: 240, by: 'hand', at: now },
      { kind: 'in', portion: 0, at: now - 75 * MINUTE },
      { kind: 'look', portion: 0, seen: 'done', at: now },
      { kind: 'out', portion: 0, at: now },
      { kind: 'ended', at: now },
    ]);
    const view = rendered(BakeEnd);
    expect(wordsOf(view)).toContain('75 min later than foreseen');
    expect(wordsOf(view)).toContain('240 g planned 209 g');
    expect(wordsOf(view)).toMatch(/Last look\s*Done/);
    pressed(view, /^It is not over/);
    expect(baking.state().endedAt).toBeUndefined();
  });
});
