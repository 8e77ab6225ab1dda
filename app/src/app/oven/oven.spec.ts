import { TestBed } from '@angular/core/testing';
import type { ComponentFixture } from '@angular/core/testing';
import { entered, pressed, rendered, wordsOf } from '../parts/rendered.spec-help';
import { FormulaStore } from '../store/formula-store';
import { RecordStore } from '../store/record-store';
import { until } from '../store/visits.spec-help';
import { demoKitchen } from '../parts/demo-kitchen.spec-help';
import { Oven } from './oven';

/** The minutes that the station calls likely. */
const likely = (view: ComponentFixture<Oven>): number => Number(/likely (\d+) min/.exec(wordsOf(view))?.[1] ?? NaN);
const settled = (view: ComponentFixture<Oven>, isSo: (minutes: number) => boolean) => until(() => isSo(likely(view)));

describe('the Oven', () => {
  const { withAtHand } = demoKitchen();
  const loaf = async (at?: string) => {
    const id = await withAtHand('pear-cardamom-loaf');
    const view = rendered(Oven, { id, ...(at !== undefined && { at }) });
    await settled(view, (minutes) => minutes > 0);
    return { id, view };
  };
  const set = (id: string) => TestBed.inject(FormulaStore).formula(id)?.oven;

  it('leans on the written time in the written pan', async () => {
    const { view } = await loaf();
    expect(likely(view)).toBeGreaterThanOrEqual(55);
    expect(likely(view)).toBeLessThanOrEqual(60);
    expect(wordsOf(view)).toContain('Leans on the known 57 min');
  });
  it('says of what is cooked on a griddle that no oven does, and asks for no pan', async () => {
    const id = await withAtHand('oat-farls');
    const view = rendered(Oven, { id });
    await until(() => (TestBed.tick(), wordsOf(view).includes('18 min on a griddle, by its method.')));
    expect(wordsOf(view)).not.toContain('Which pan?');
  });
  it('is sooner where it is hotter, and later where it is cooler', async () => {
    const { view } = await loaf();
    const written = likely(view);
    entered(view, 'celsius', '200');
    await settled(view, (minutes) => minutes < written - 4);
    entered(view, 'celsius', '160');
    await settled(view, (minutes) => minutes > written + 4);
  });
  it('keeps what is set with the formula, and undo takes it back', async () => {
    const { id, view } = await loaf();
    entered(view, 'celsius', '190');
    expect(set(id)?.celsius).toBe(190);
    TestBed.inject(RecordStore).undo();
    TestBed.tick();
    expect(set(id)?.celsius).toBeUndefined();
  });
  it('refuses what no oven does, says what to write, and keeps the words', async () => {
    const { id, view } = await loaf();
    const field = entered(view, 'celsius', '900');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    expect(field.value).toBe('900');
    expect(set(id)?.celsius).toBeUndefined();
  });
  it('takes longer with two pans in the oven', async () => {
    const { id, view } = await loaf();
    const alone = likely(view);
    pressed(view, 'One pan more');
    await until(() => (TestBed.tick(), (set(id)?.pans ?? '').includes('2')));
    await settled(view, (minutes) => minutes > 0 && minutes !== alone);
  });
  it('knows the oven by one reading of a thermometer, for every formula', async () => {
    const { view } = await loaf();
    const before = likely(view);
    entered(view, 'reading-read', '160');
    pressed(view, 'Note it');
    expect(TestBed.inject(FormulaStore).kitchen().oven?.readings).toEqual([jasmine.objectContaining({ setCelsius: 180, readCelsius: 160 })]); // prettier-ignore
    await settled(view, (minutes) => minutes > 0 && minutes !== before);
    TestBed.inject(RecordStore).undo();
    TestBed.tick();
    expect(TestBed.inject(FormulaStore).kitchen().oven?.readings ?? []).toEqual([]);
  });
  it('goes in cold and takes longer, and a stage is said in words', async () => {
    const { id, view } = await loaf();
    const warm = likely(view);
    entered(view, 'batter-celsius', '4');
    await settled(view, (minutes) => minutes > warm);
    expect(set(id)?.batterCelsius).toBe(4);
  });
  it('says how sure it is, and why', async () => {
    const { view } = await loaf('sure');
    await until(() => wordsOf(view).includes('thermometer'));
    expect(wordsOf(view)).toMatch(/\d+ ?(?:to|–) ?\d+ ?min|\d+–\d+ min/);
  });
});
