import { TestBed } from '@angular/core/testing';
import type { Records } from '../store/edits';
import { demoData } from '../store/demo-data';
import { NO_RECORDS } from '../store/edits';
import { changesOf, heldAgainst, readWorkbook, writeWorkbook } from './workbook';

const NOW = Date.UTC(2026, 10, 27);
const byId = <T extends { readonly id: string }>(rows: readonly T[]) => new Map(rows.map((row) => [row.id, row]));
function kitchen(): Records {
  const { formulas, versions, kitchen: stored, plan, bakes, larder } = demoData(NOW);
  return { ...NO_RECORDS, formulas: byId(formulas), versions: byId(versions), kitchens: byId([stored]), plans: byId([plan]), bakes: byId(bakes), larder: byId(larder) }; // prettier-ignore
}
const noPhoto = () => Promise.resolve(undefined);
const written = (records: Records) => writeWorkbook(records, noPhoto, NOW);
const read = (file: Blob) => readWorkbook(file, () => Promise.resolve());
const flat = (records: Records) => Object.fromEntries(Object.entries(records).map(([table, rows]) => [table, [...(rows as ReadonlyMap<string, unknown>).values()]])); // prettier-ignore

describe('a whole kitchen as a file', () => {
  beforeEach(() => TestBed.configureTestingModule({}));
  it('comes back as it went, every table of it', async () => {
    const records = kitchen();
    expect(JSON.parse(JSON.stringify(await read(await written(records))))).toEqual(JSON.parse(JSON.stringify(flat(records)))); // prettier-ignore
  });
  it('is brought into an empty kitchen whole, and into its own not at all', async () => {
    const records = kitchen();
    const rows = await read(await written(records));
    const all = Object.values(flat(records)).reduce<number>((sum, each) => sum + each.length, 0);
    expect(changesOf(rows, NO_RECORDS, 'mine').length).toBe(all);
    expect(changesOf(rows, records, 'theirs')).toEqual([]);
    expect(heldAgainst(rows, records).every(({ fresh, differs }) => fresh + differs === 0)).toBeTrue();
  });
  it('leaves mine or takes theirs where both differ, with a later revision', async () => {
    const records = kitchen();
    const rows = await read(await written(records));
    const [first] = [...records.formulas.values()];
    if (!first) throw new Error('no formula');
    const mine = { ...first, revision: 7, formula: { ...first.formula, title: 'Mine' } };
    const changed: Records = { ...records, formulas: new Map(records.formulas).set(first.id, mine) };
    expect(heldAgainst(rows, changed).find(({ table }) => table === 'formulas')?.differs).toBe(1);
    expect(changesOf(rows, changed, 'mine')).toEqual([]);
    const [change, more] = changesOf(rows, changed, 'theirs');
    expect(more).toBeUndefined();
    expect(change?.before?.revision).toBe(7);
    expect(change?.after?.revision).toBe(8);
  });
  it('says what is wrong with what is none, damaged, or changed by another hand', async () => {
    const refused = async (file: Blob) =>
      read(file).then(
        () => 'read',
        (error: unknown) => (error instanceof Error ? error.message : ''),
      );
    expect(await refused(new Blob(['a loaf']))).toMatch(/no file of a kitchen|no kitchen.json|manifest/);
    const bytes = new Uint8Array(await (await written(kitchen())).arrayBuffer());
    const cut = await refused(new Blob([bytes.slice(0, bytes.length / 2)]));
    expect(cut).toMatch(/kitchen/);
    expect(cut).not.toBe('read');
  });
});
