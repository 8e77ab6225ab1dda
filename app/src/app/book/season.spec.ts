import { TestBed } from '@angular/core/testing';
import { allWordsOf, hostOf, pressed, rendered, wordsOf } from '../parts/rendered.spec-help';
import { dateOf } from '../parts/wall-clock';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import { PlanStore } from '../store/plan-store';
import { until } from '../store/visits.spec-help';
import { aSeason } from './a-season.spec-help';
import { Compare } from './compare';
import { HalfBatches } from './half-batches';
import { OvenLearned } from './oven-learned';
import { RecordForm } from './record-form';
import { SeasonBar } from './season-bar';
import { SeasonCalendar } from './season-calendar';
import { isShown, monthOrDay, SEASON_KINDS, type SeasonFilter } from './season-filter';
import { SideField } from './side-field';
import { Slice } from './slice';

const LOAF = 'demo-pear-cardamom-loaf';
const EIGHT = /^8$/;

describe('the season', () => {
  const { ready } = aSeason();
  const records = () => TestBed.inject(BookStore).bakes().map(({ record }) => record); // prettier-ignore

  it('is narrowed to a formula, to how bakes went, to a day', async () => {
    await ready();
    const shown = (filter: SeasonFilter) => records().filter(isShown(filter));
    expect(shown({}).length).toBe(18);
    expect(shown({ recipe: LOAF }).every(({ formulaId }) => formulaId === LOAF)).toBeTrue();
    expect(shown({ recipe: LOAF, kind: 'too-long' }).length).toBe(2);
    expect(shown({ kind: 'left-out' }).map(({ leftOut }) => leftOut)).toEqual(['door ajar']);
    const [latest] = records();
    const day = dateOf(latest?.at ?? 0);
    expect(shown({ on: day }).length).toBe(2);
    expect(shown({ on: day.slice(0, 7) }).length).toBeGreaterThanOrEqual(2);
    expect(['2026-11', '2026-11-28', '2026-99', 'x', '2026-11-31', undefined].map(monthOrDay)).toEqual(['2026-11', '2026-11-28', undefined, undefined, undefined, undefined]); // prettier-ignore
    // a word in the address that means nothing narrows nothing
    expect(shown({ kind: 'of-my-own' }).length).toBe(18);
    expect(SEASON_KINDS.every((kind) => shown({ kind }).length < 18)).toBeTrue();
  });
  it('offers each formula by how often it was baked', async () => {
    await ready();
    const bakes = TestBed.inject(BookStore).bakes();
    const bar = rendered(SeasonBar, { bakes, filter: { on: '2026-11-21' }, calendar: false });
    expect(allWordsOf(bar, 'option').slice(0, 2)).toEqual(['every formula', 'Pear and cardamom loaf (6)']);
    const chosen: SeasonFilter[] = [];
    bar.componentInstance.choose.subscribe((filter) => chosen.push(filter));
    pressed(bar, /21 Nov/);
    expect(chosen).toEqual([{ on: undefined }]);
  });
  it('stands in the calendar: every bake on its day, whole weeks from Monday, months turned', async () => {
    await ready();
    const bakes = TestBed.inject(BookStore).bakes();
    const [latest] = bakes;
    const month = dateOf(latest?.record.at ?? 0).slice(0, 7);
    const inMonth = bakes.filter(({ record }) => dateOf(record.at).startsWith(month));
    const calendar = rendered(SeasonCalendar, { bakes, month });
    expect(allWordsOf(calendar, '.day').length % 7).toBe(0);
    expect(allWordsOf(calendar, '.day:not(.other) a').length).toBe(inMonth.length);
    expect(wordsOf(calendar, 'header')).toContain(`${inMonth.length} bake`);
    expect(hostOf(calendar).querySelector('.today .date')?.textContent).toBe(String(new Date().getDate()));
    const turned: string[] = [];
    calendar.componentInstance.turned.subscribe((to) => turned.push(to));
    pressed(calendar, 'The month before');
    pressed(calendar, 'The month after');
    const shifted = (by: number) => dateOf(new Date(Number(month.slice(0, 4)), Number(month.slice(5)) - 1 + by, 15).getTime()).slice(0, 7); // prettier-ignore
    expect(turned).toEqual([shifted(-1), shifted(1)]);
  });
  it('draws a bake as high as it was measured, within what a slice can be', () => {
    TestBed.configureTestingModule({});
    const foot = 63;
    const rise = (heightMm: number | undefined) => {
      const d =
        hostOf(rendered(Slice, { shape: 'low-dome', heightMm }))
          .querySelector('.crust')
          ?.getAttribute('d') ?? '';
      return foot - Number(/C26 (-?\d+)/.exec(d)?.[1]);
    };
    expect(rise(50)).toBeLessThan(rise(undefined));
    expect(rise(80)).toBeGreaterThan(rise(70));
    expect(rise(70)).toBe(rise(undefined));
    expect(rise(500)).toBeLessThanOrEqual(foot);
  });
  it('leads to the day where one has more bakes than its square has room for', async () => {
    await ready();
    const [first] = TestBed.inject(BookStore).bakes();
    if (!first) throw new Error('no bake');
    const three = ['a', 'b', 'c'].map((id) => ({ ...first, id }));
    const day = dateOf(first.record.at);
    const calendar = rendered(SeasonCalendar, { bakes: three, month: day.slice(0, 7) });
    const chosen: string[] = [];
    calendar.componentInstance.chosen.subscribe((date) => chosen.push(date));
    pressed(calendar, /2 more/);
    expect(chosen).toEqual([day]);
  });
});

describe('what else bakes teach', () => {
  const { ready } = aSeason();

  it('is said with its evidence beside the oven, and told to Day and Bake until it is told not to', async () => {
    const { learning } = await ready();
    const oven = rendered(OvenLearned, { shown: TestBed.inject(BookStore).bakes() });
    await until(() => allWordsOf(oven, 'dt').length > 4);
    const rows = allWordsOf(oven, 'dl div').join(' | ');
    expect(rows).toMatch(/at 180 °C by its lamp in\s*\d\d min\s*± \d, timed 3 times/);
    expect(rows).toMatch(/the back of it\s*\+\d+ °C\s*± \d hotter than across, 5 bakes/);
    expect(rows).toMatch(/your hands take\s*× 1\.\d\d\s*the usual minutes, 6 bakes: .*weighing × 1\.\d\d/);
    expect(wordsOf(oven)).toMatch(/\d+ of 17 in their window; eight in ten is promised/);
    expect(learning.kitchen().routine?.heating?.minutesTo180).toBeGreaterThan(15);
    pressed(oven, /Every bake in it/);
    hostOf(oven).querySelector<HTMLInputElement>('.use input')?.click();
    await until(() => (TestBed.tick(), learning.kitchen().routine === undefined));
    expect(learning.kitchen().learned).toBeUndefined();
  });
  it('takes which side came out browner by one tap, much browner by two, and none by three', () => {
    TestBed.configureTestingModule({});
    const field = rendered(SideField, { browned: undefined });
    const said: unknown[] = [];
    field.componentInstance.said.subscribe((browned) => {
      said.push(browned);
      field.componentRef.setInput('browned', browned);
    });
    for (let tap = 0; tap < 3; tap++) pressed(field, /^back/);
    pressed(field, 'even');
    expect(said).toEqual([{ side: 'back', steps: 1 }, { side: 'back', steps: 2 }, undefined, { side: 'even', steps: 0 }]); // prettier-ignore
  });
});

describe('one thing changed', () => {
  const { ready } = aSeason();

  it('is planned as two halves, asked for when one is recorded, and read when both are', async () => {
    await ready();
    const book = TestBed.inject(BookStore);
    pressed(rendered(Compare, { ids: '' }), 'Put both in the Day');
    const [plan] = TestBed.inject(PlanStore).plans();
    expect(plan?.sheet.trial?.change).toBe('soda with nothing sour to meet');
    for (const [half, score] of [
      ['A as it is', /^5$/],
      ['B changed', EIGHT],
    ] as const) {
      const form = rendered(RecordForm, { of: LOAF });
      await until(() => wordsOf(form).includes('Which half was it?'));
      await until(() => wordsOf(form).includes('foreseen'));
      pressed(form, half);
      pressed(form, score);
      const before = book.bakes().length;
      pressed(form, 'Keep this bake');
      await until(() => book.bakes().length === before + 1);
      form.destroy();
    }
    const [trial] = TestBed.inject(HalfBatches).trials();
    expect(trial?.pairs.length).toBe(1);
    const words = wordsOf(rendered(Compare, { ids: '' }), '.told');
    expect(words).toMatch(/how good it was\s*\+1\.5\s*a hint: 1 of about 5 pairs that it takes/);
    // both are recorded: nobody is asked any more
    const next = rendered(RecordForm, { of: LOAF });
    await until(() => wordsOf(next).includes('foreseen'));
    expect(wordsOf(next)).not.toContain('Which half was it?');
  });
  it('is something of the batter: two halves go into the oven and come out together', async () => {
    await ready();
    const [early] = TestBed.inject(BookStore).bakes().filter(({ record }) => record.formulaId === LOAF && (record.word === 'under' || record.score === 8)).sort((a, b) => a.record.at - b.record.at); // prettier-ignore
    const compare = rendered(Compare, { ids: `${early?.id ?? ''},v1 of ${LOAF}` });
    const steps = allWordsOf(compare, 'ol li').find((step) => step.startsWith('Change one thing'));
    expect(steps).not.toMatch(/time past done|oven|how full|above the sea/);
  });
  it('is foreseen where the version that carries it was never baked', async () => {
    await ready();
    const formulas = TestBed.inject(FormulaStore);
    formulas.change(LOAF, 'less soda', ({ formula }) => ({
      formula: {
        ...formula,
        components: formula.components.map((component) => ({
          ...component,
          lines: component.lines.filter(({ text }) => !/soda/i.test(text)),
        })),
      },
    }));
    formulas.keep(LOAF, 'without soda');
    const compare = rendered(Compare, { ids: `v1 of ${LOAF},v2 of ${LOAF}` });
    expect(allWordsOf(compare, '.bake b')).toEqual(['6.2', 'version 1', '–', 'version 2']);
    expect(wordsOf(compare, '.first')).toMatch(/Not baked yet\. By the models .+ would move by [−+]\d\.\d ± \d\.\d of five steps/); // prettier-ignore
    expect(wordsOf(compare, '.first')).toContain('mean of 5 bakes');
  });
  it('has its version and batch behind it for ever', async () => {
    await ready();
    const [first] = TestBed.inject(BookStore).bakes().filter(({ record }) => record.formulaId === LOAF); // prettier-ignore
    const form = rendered(RecordForm, { id: first?.id });
    const link = [...hostOf(form).querySelectorAll('a')].find((a) => a.textContent.includes('Its version and batch'));
    expect(link?.getAttribute('href')).toBe(`/batch/${LOAF}/sheet?baked=${first?.id ?? ''}`);
  });
});
