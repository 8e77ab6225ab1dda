import { TestBed } from '@angular/core/testing';
import { entered, hostOf, pressed, rendered, submitted, wordsOf } from '../parts/rendered.spec-help';
import { FormulaStore } from '../store/formula-store';
import { RecordStore } from '../store/record-store';
import { until } from '../store/visits.spec-help';
import { demoKitchen } from '../parts/demo-kitchen.spec-help';
import { writeWorkbook } from '../work/workbook';
import { Everything } from './everything';
import { Pantry } from './pantry';

describe('the Pantry', () => {
  const { withAtHand } = demoKitchen();
  const pantry = async () => {
    await withAtHand('pear-cardamom-loaf');
    return rendered(Pantry);
  };
  const kitchen = () => TestBed.inject(FormulaStore).kitchen();

  it('weighs what one asks about, with its spread, by the way a cup is filled', async () => {
    const view = await pantry();
    entered(view, 'convert', '1 cup plain flour');
    expect(wordsOf(view)).toMatch(/13\d g\s*plain flour/);
    entered(view, 'convert', '1 cup of moonshine dust');
    expect(wordsOf(view)).toContain('moonshine dust');
  });
  it('takes a spoon weighed again beside what it weighed, and says how far the next may be off', async () => {
    const view = await pantry();
    for (const grams of ['5.4', '5.6', '5.5']) {
      entered(view, 'Grams it weighs', grams);
      submitted(view, 'form.weigh');
    }
    expect(kitchen().weighed).toEqual([jasmine.objectContaining({ ingredientId: 'baking-soda', grams: 5.4, again: [5.6, 5.5] })]); // prettier-ignore
    expect(wordsOf(view)).toMatch(/5\.\d g.*weighed 3 times, ± 0\.\d; the next one ± 0\.\d g/);
    TestBed.inject(RecordStore).undo();
    expect(kitchen().weighed[0]?.again).toEqual([5.6]);
  });
  it('puts pans on the shelf in words, as many as are said, and undo takes them off', async () => {
    const view = await pantry();
    entered(view, 'A pan that you own', 'two 20 cm rounds');
    submitted(view, 'orv-pan-shelf form');
    expect(kitchen().pans?.map(({ count }) => count)).toEqual([2]);
    expect(wordsOf(view)).toContain('20 cm round');
    TestBed.inject(RecordStore).undo();
    TestBed.tick();
    expect(kitchen().pans ?? []).toEqual([]);
  });
  it('refuses a pan without a size, and the words stay', async () => {
    const view = await pantry();
    const field = entered(view, 'A pan that you own', 'the big one');
    submitted(view, 'orv-pan-shelf form');
    expect(kitchen().pans ?? []).toEqual([]);
    expect(field.value).toBe('the big one');
    expect(wordsOf(view, 'orv-pan-shelf')).toContain('Write a shape and a size');
  });
  it('learns a cup of the baker’s own, and reads formulas with it', async () => {
    const view = await pantry();
    entered(view, 'Name of the measure', 'Gran’s cup');
    entered(view, 'Millilitres it holds', '210');
    const forms = [...hostOf(view).querySelectorAll('form')];
    forms.find((form) => form.querySelector('[aria-label="Name of the measure"]'))?.dispatchEvent(new Event('submit', { cancelable: true, bubbles: true })); // prettier-ignore
    TestBed.tick();
    expect(kitchen().measures).toEqual([{ name: 'Gran’s cup', millilitres: 210 }]);
    entered(view, 'convert', '2 Gran’s cups milk');
    expect(wordsOf(view)).toMatch(/4[23]\d g/);
  });
});

describe('everything in one file', () => {
  const { ready } = demoKitchen();
  const chosen = (view: ReturnType<typeof rendered<Everything>>, file: Blob) => {
    const field = hostOf(view).querySelector<HTMLInputElement>('input[type=file]');
    const list = new DataTransfer();
    list.items.add(new File([file], 'kitchen.zip'));
    if (!field) throw new Error('no field');
    field.files = list.files;
    field.dispatchEvent(new Event('change'));
  };

  it('says what it brings, and does nothing until it is told to; one undo takes all of it back', async () => {
    await ready();
    const records = TestBed.inject(RecordStore);
    const file = await writeWorkbook(records.records(), () => Promise.resolve(undefined), Date.now());
    const formulas = TestBed.inject(FormulaStore);
    formulas.remove('demo-oat-farls');
    TestBed.tick();
    const view = rendered(Everything);
    chosen(view, file);
    await until(() => wordsOf(view).includes('12 formulas: 1 new'));
    expect(formulas.formula('demo-oat-farls')).toBeUndefined();
    pressed(view, 'Bring it in');
    await until(() => formulas.formula('demo-oat-farls') !== undefined);
    records.undo();
    expect(formulas.formula('demo-oat-farls')).toBeUndefined();
  });
  it('is refused with its reason where it is none, and left alone where one leaves it', async () => {
    await ready();
    const view = rendered(Everything);
    chosen(view, new Blob(['a loaf']));
    await until(() => wordsOf(view).includes('Nothing was changed'));
    const records = TestBed.inject(RecordStore);
    chosen(view, await writeWorkbook(records.records(), () => Promise.resolve(undefined), Date.now()));
    await until(() => wordsOf(view).includes('stands here already'));
    pressed(view, 'Leave it');
    expect(hostOf(view).querySelector('[aria-label="What the file brings"]')).toBeNull();
  });
});
