import { TestBed } from '@angular/core/testing';
import { allWordsOf, hostOf, pressed, rendered, submitted, typed, wordsOf } from '../parts/rendered.spec-help';
import { until } from '../store/visits.spec-help';
import { aDay, DATE, plannedAgain } from './a-day.spec-help';
import { DayBatches } from './day-batches';
import { DayHands } from './day-hands';
import { DayList } from './day-list';
import { DayOwn } from './day-own';
import { DayPicture } from './day-picture';
import { DayShopping } from './day-shopping';
import { DayWanted } from './day-wanted';
import { nextActs } from './day-view';
import { NowStrip } from './now-strip';
import { TaskPanel } from './task-panel';

describe('the faces of a day', () => {
  const { ready } = aDay();

  it('say the next act by its hour, the largest thing, and move on when it is done', async () => {
    const { day, titleOf } = await ready();
    const strip = rendered(NowStrip, { titleOf });
    const [first] = nextActs(day.tasks(), {});
    if (!first) throw new Error('nothing to do');
    expect(wordsOf(strip, '.figure')).toBe(day.clock(first.from));
    const words = wordsOf(strip, 'h2');
    day.tick(day.tasks().filter(({ id }) => id === first.id), words, true); // prettier-ignore
    expect(wordsOf(strip, 'h2')).not.toBe(words);
    day.tick(day.tasks().filter(({ id }) => id === first.id), words, false); // prettier-ignore
    expect(wordsOf(strip, 'h2')).toBe(words);
  });

  it('say what is to be on the table by its hour, the earlier first, while a plan is looked for', async () => {
    await ready();
    const wanted = rendered(DayWanted, {});
    expect(allWordsOf(wanted, '.hour')).toEqual(['14:30', '15:00']);
    const [first, second] = allWordsOf(wanted, 'li');
    expect(first).toMatch(/^Rhubarb/);
    expect(second).toMatch(/^Marmalade/);
  });

  it('list every task of hands in its order, and a tap says done', async () => {
    const { day, titleOf } = await ready();
    const list = rendered(DayList, { titleOf });
    const times = allWordsOf(list, '.time');
    expect([...times]).toEqual([...times].sort());
    let done = '';
    list.componentInstance.done.subscribe((id) => (done = id));
    pressed(list, /^Done: Mix/);
    expect(done).toMatch(/:mix$/);
    expect(day.tasks().some(({ id }) => id === done)).toBeTrue();
  });

  it('draw a bake for each batch in the oven, and hands below', async () => {
    const { day } = await ready();
    const picture = rendered(DayPicture, { chosen: [] });
    const bakes = day.tasks().filter(({ kind }) => kind === 'bake').length;
    expect(bakes).toBe(2);
    await until(() => allWordsOf(picture, 'svg').join(' ').includes('loaf'));
    expect(hostOf(picture).querySelectorAll('[data-task$=":mix"]').length).toBe(2);
  });

  it('hold a task where it is put, in steps of five minutes, and let it go again', async () => {
    const { day, titleOf } = await ready();
    const mix = day.tasks().find(({ kind }) => kind === 'mix');
    if (!mix) throw new Error('nothing is mixed');
    const panel = rendered(TaskPanel, { tasks: [mix], titleOf });
    pressed(panel, '5 min earlier');
    expect(day.sheet()?.locks[mix.id]).toBe(mix.from - 5);
    await plannedAgain(day, () => day.tasks().find(({ id }) => id === mix.id)?.from === mix.from - 5);
    panel.componentRef.setInput('tasks', day.tasks().filter(({ id }) => id === mix.id)); // prettier-ignore
    TestBed.tick();
    pressed(panel, 'Let go');
    expect(day.sheet()?.locks).toEqual({});
    const link = hostOf(panel).querySelector('a');
    expect(link?.getAttribute('href')).toMatch(/^\/bake\?of=.+&day=.+&wish=.+&due=\d+$/);
  });

  it('plan again in the middle of weighing: what was weighed is not weighed again', async () => {
    const { day } = await ready();
    const minutesOf = (id: string) => day.tasks().filter((task) => task.id === id).reduce((sum, { from, to }) => sum + to - from, 0); // prettier-ignore
    const weigh = day.tasks().find(({ kind }) => kind === 'weigh');
    if (!weigh) throw new Error('nothing is weighed');
    const all = minutesOf(weigh.id);
    const now = weigh.from + 3;
    day.now.set(day.instantOf(now));
    day.planAgain();
    expect(day.sheet()?.minutes[weigh.id]).toBe(all - 3);
    await plannedAgain(day, () => minutesOf(weigh.id) === all - 3);
    for (const { from, hands, done } of day.tasks()) if (hands > 0 && !done) expect(from).toBeGreaterThanOrEqual(now);
  });

  it('take what is said of another batch, ask where several may be meant, and say what is not on the shelf', async () => {
    const { day } = await ready();
    const batches = rendered(DayBatches);
    const say = (words: string) => {
      typed(batches, words, 'input');
      submitted(batches);
    };
    say('a barrel of herring by noon');
    expect(wordsOf(batches)).toContain('Nothing on the shelf is called so');
    expect(day.sheet()?.wishes.length).toBe(2);
    say('scones warm at 14:00');
    const added = day.sheet()?.wishes.at(-1);
    expect(added?.title).toMatch(/scones/i);
    expect(added?.due).toBe(`${DATE}T14:00`);
    expect(added?.served).toBe('warm');
  });

  it('put a task of one’s own on the day where hands are free, and ask how long it takes', async () => {
    const { day } = await ready();
    const own = rendered(DayOwn);
    typed(own, 'clear the tables');
    submitted(own);
    expect(wordsOf(own, '.said')).toContain('Say how long it takes');
    typed(own, 'clear the tables, 20 min, by 13:30');
    submitted(own);
    expect(day.sheet()?.own.map(({ what, minutes, due }) => [what, minutes, due.slice(11)])).toEqual([['clear the tables', 20, '13:30']]); // prettier-ignore
    await plannedAgain(day, () => day.tasks().some(({ kind }) => kind === 'own'));
    const task = day.tasks().find(({ kind }) => kind === 'own');
    expect((task?.to ?? 0) - (task?.from ?? 0)).toBe(20);
    expect(task?.to ?? Infinity).toBeLessThanOrEqual(13 * 60 + 30);
    // two hands do one thing at a time
    const others = day.tasks().filter(({ hands, id }) => hands > 0 && id !== task?.id);
    for (const { from, to } of others) expect(from >= (task?.to ?? 0) || to <= (task?.from ?? 0)).toBeTrue();
    pressed(own, /^Take off/);
    expect(day.sheet()?.own).toEqual([]);
  });

  it('know another pair of hands, and who is away', async () => {
    const { day } = await ready();
    const hands = rendered(DayHands);
    pressed(hands, 'Another pair of hands');
    expect(day.sheet()?.pairs.length).toBe(2);
    const names = hostOf(hands).querySelectorAll<HTMLInputElement>('input.name');
    const [, second] = names;
    if (!second) throw new Error('no second name');
    second.value = 'the helper';
    second.dispatchEvent(new Event('input'));
    second.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    second.dispatchEvent(new Event('change'));
    second.dispatchEvent(new Event('blur'));
    TestBed.tick();
    expect(day.sheet()?.pairs.map(({ name }) => name)).toEqual(['you', 'the helper']);
    pressed(hands, /^Without the helper/);
    expect(day.sheet()?.pairs.length).toBe(1);
  });

  it('count what is to be bought, less what is ticked', async () => {
    const { day } = await ready();
    const shopping = rendered(DayShopping);
    const count = () => Number(wordsOf(shopping, '.count'));
    const before = count();
    expect(before).toBeGreaterThan(8);
    expect(allWordsOf(shopping, 'h2').length).toBeGreaterThan(2);
    hostOf(shopping).querySelector<HTMLInputElement>('input[type=checkbox]:not([disabled])')?.click();
    expect(count()).toBe(before - 1);
    expect(day.sheet()?.ticked.length).toBe(1);
  });
});
