import { TestBed } from '@angular/core/testing';
import type { ComponentFixture } from '@angular/core/testing';
import { allWordsOf, entered, hostOf, pressed, rendered, wordsOf } from '../parts/rendered.spec-help';
import { NextAct } from '../parts/next-act';
import { FormulaStore } from '../store/formula-store';
import { RecordStore } from '../store/record-store';
import { demoKitchen } from '../parts/demo-kitchen.spec-help';
import { BatchStation } from './batch';

/** Grams of each ingredient as the table shows them. */
function gramsShown(view: ComponentFixture<BatchStation>): Readonly<Record<string, number>> {
  TestBed.tick();
  const buttons = [...hostOf(view).querySelectorAll<HTMLButtonElement>('button[aria-label$=", trade it"]')];
  return Object.fromEntries(
    buttons.map((button) => {
      const name = /^(.*?): /.exec(button.getAttribute('aria-label') ?? '')?.[1] ?? '';
      const row = button.closest('tr, li, [role="row"], .row');
      const grams = /(\d[\d ]*(?:\.\d+)?)$/.exec((row?.textContent ?? '').replace(/\s+/g, ' ').trim())?.[1] ?? '';
      return [name, Number(grams.replace(/ /g, ''))];
    }),
  );
}

describe('the Batch', () => {
  const { withAtHand } = demoKitchen();
  const loaf = async () => {
    const id = await withAtHand('pear-cardamom-loaf');
    return { id, view: rendered(BatchStation, { id }) };
  };
  const sheet = (id: string) => TestBed.inject(FormulaStore).formula(id)?.batch;

  it('shows the formula as it was written until something is asked', async () => {
    const { view } = await loaf();
    expect(wordsOf(view)).toContain('924 g of batter, the size it was written for');
    expect(wordsOf(view)).toContain('9 x 5 x 2.75 in loaf');
  });
  it('doubles everything that is weighed, and takes two of its pans', async () => {
    const { id, view } = await loaf();
    const once = gramsShown(view);
    entered(view, 'wanted', 'double');
    const twice = gramsShown(view);
    expect(sheet(id)?.targets).toEqual([{ kind: 'times', times: 2 }]);
    expect(Object.keys(twice)).toEqual(Object.keys(once));
    // amounts are those that spoons and cups can measure: twice, by a tenth or a pinch
    for (const [name, grams] of Object.entries(once)) expect(Math.abs((twice[name] ?? 0) - 2 * grams)).withContext(name).toBeLessThan(Math.max(0.2 * grams, 0.5)); // prettier-ignore
    expect(wordsOf(view)).toContain('2 of the formula');
  });
  it('says before anything is weighed what nobody understood, and lists it with as much as this batch takes', async () => {
    const { id, view } = await loaf();
    expect(wordsOf(view)).not.toContain('Not in it');
    const line = { id: 'quince', text: '250 g quince purée' };
    TestBed.inject(FormulaStore).change(id, 'a line', ({ formula }) => {
      const [first, ...more] = formula.components;
      return {
        formula: { ...formula, components: first ? [{ ...first, lines: [...first.lines, line] }, ...more] : [] },
      };
    });
    entered(view, 'wanted', 'double');
    expect(wordsOf(view)).toContain('Not in it: 250 g quince purée. Say on the Bench what it is.');
    expect(wordsOf(view)).toContain('250 g quince purée not understood, does not count, 500 g here');
  });
  it('goes as far as what there is reaches, and says of what', async () => {
    const { view } = await loaf();
    entered(view, 'wanted', '1 egg');
    expect(wordsOf(view)).toMatch(/as far as .*egg.* reaches/);
    expect(wordsOf(view)).toContain('0.5 of the formula');
  });
  it('fills the pans that are asked for, and says how full', async () => {
    const { id, view } = await loaf();
    entered(view, 'wanted', 'two 20 cm rounds');
    expect(sheet(id)?.targets[0]?.kind).toBe('pans');
    expect(allWordsOf(view, '[aria-label="Targets"] li').join()).toContain('20 cm');
  });
  it('refuses what it cannot read, keeps the words, and nothing changes', async () => {
    const { id, view } = await loaf();
    const field = entered(view, 'wanted', 'a boatful of joy');
    expect(allWordsOf(view, '.fault').join()).toContain('boatful');
    expect(field.value).toContain('boatful');
    expect(sheet(id)?.targets ?? []).toEqual([]);
  });
  it('takes a target off again, and undo puts each act back', async () => {
    const { id, view } = await loaf();
    entered(view, 'wanted', 'half');
    expect(wordsOf(view)).toContain('0.5 of the formula');
    pressed(view, /^Leave out /);
    expect(wordsOf(view)).toContain('the size it was written for');
    TestBed.inject(RecordStore).undo();
    TestBed.tick();
    expect(sheet(id)?.targets).toEqual([{ kind: 'times', times: 0.5 }]);
    expect(wordsOf(view)).toContain('0.5 of the formula');
  });
  it('takes a pan that fits with one press', async () => {
    const { id, view } = await loaf();
    pressed(view, 'Use 12 muffins');
    // the size stays what it was, in other pans
    expect(sheet(id)?.targets).toEqual([
      { kind: 'times', times: 1 },
      { kind: 'pans', pans: '12 muffins' },
    ]);
    expect(wordsOf(view)).toContain('12 muffins');
  });
  it('is kept with its version, and then its sheet is what comes next', async () => {
    const { id, view } = await loaf();
    entered(view, 'wanted', 'double');
    const next = TestBed.inject(NextAct);
    expect(next.offer()?.label).toBe('Keep this batch');
    next.offer()?.run();
    TestBed.tick();
    const [kept, more] = TestBed.inject(FormulaStore).batchesOf(id);
    expect(more).toBeUndefined();
    expect(kept?.versionNumber).toBe(1);
    expect(kept?.sheet.targets).toEqual([{ kind: 'times', times: 2 }]);
    expect(next.offer()?.label).toBe('Open the sheet');
  });
  it('says what rounding costs, and a finer kit costs less', async () => {
    const { id, view } = await loaf();
    const worst = () => Math.max(...allWordsOf(view, 'orv-rounding-strip *').flatMap((words) => [.../^[+−]?([\d.]+) %$/.exec(words) ?? []].slice(1).map(Number))); // prettier-ignore
    const cups = worst();
    TestBed.inject(FormulaStore).change(id, 'kit', (stored) => ({
      ...stored,
      batch: { targets: [], kit: 'scale-0.1g' },
    }));
    TestBed.tick();
    expect(worst()).toBeLessThan(cups);
  });
});
