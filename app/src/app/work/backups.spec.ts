import { TestBed } from '@angular/core/testing';
import { CHECK_ROWS } from '../store/checking';
import { Database, DATABASE_NAME } from '../store/database';
import { demoData } from '../store/demo-data';
import { NO_RECORDS, type Records } from '../store/edits';
import { backUpInto, backupsIn } from './backup-folder';
import { Backups } from './backups';
import { readWorkbook } from './workbook';

const DAY = 86_400_000;
const FIRST = Date.UTC(2026, 10, 1, 9);
const noPhoto = () => Promise.resolve(undefined);
const demo = demoData(FIRST);
const kitchen = (title = ''): Records => ({
  ...NO_RECORDS,
  formulas: new Map(demo.formulas.map((row) => [row.id, title === '' ? row : { ...row, formula: { ...row.formula, title } }])), // prettier-ignore
});
/** A real folder: one of the browser's own file system for this origin. */
async function emptyFolder(): Promise<FileSystemDirectoryHandle> {
  const own = await navigator.storage.getDirectory();
  await own.removeEntry('backups', { recursive: true }).catch(() => undefined);
  return own.getDirectoryHandle('backups', { create: true });
}
const contentOf = async (folder: FileSystemDirectoryHandle, name: string) =>
  (await folder.getFileHandle(name)).getFile();

describe('backups in a folder', () => {
  it('are whole: what is read back is what was kept', async () => {
    const folder = await emptyFolder();
    const { name, written } = await backUpInto(folder, kitchen(), noPhoto, FIRST);
    expect(written).toBeTrue();
    const rows = await readWorkbook(await contentOf(folder, name), () => Promise.resolve());
    expect(rows.formulas?.map(({ id }) => id)).toEqual([...kitchen().formulas.keys()]);
  });
  it('are not written again where nothing changed, and are where something did', async () => {
    const folder = await emptyFolder();
    const { sha256 } = await backUpInto(folder, kitchen(), noPhoto, FIRST);
    expect((await backUpInto(folder, kitchen(), noPhoto, FIRST + DAY, sha256)).written).toBeFalse();
    expect((await backUpInto(folder, kitchen('Changed'), noPhoto, FIRST + DAY, sha256)).written).toBeTrue();
    expect((await backupsIn(folder)).length).toBe(2);
  });
  it('stay seven, the oldest goes, and what is not Orvin’s is never touched', async () => {
    const folder = await emptyFolder();
    await folder.getFileHandle('orvin-backup-of-mine.zip', { create: true });
    for (let day = 0; day < 10; day++) await backUpInto(folder, kitchen(`Day ${day}`), noPhoto, FIRST + day * DAY);
    const names = await backupsIn(folder);
    expect(names.length).toBe(7);
    expect(names[0]).toContain('2026-11-10');
    expect(names.at(-1)).toContain('2026-11-04');
    expect((await contentOf(folder, 'orvin-backup-of-mine.zip')).size).toBe(0);
  });
  it('that cannot be written leave those that stand', async () => {
    const folder = await emptyFolder();
    const { name } = await backUpInto(folder, kitchen(), noPhoto, FIRST);
    const full = new Proxy(folder, {
      get: (target, key) =>
        key === 'getFileHandle'
          ? () => Promise.reject(new DOMException('no room', 'QuotaExceededError'))
          : (Reflect.get(target, key) as (...all: unknown[]) => unknown).bind(target),
    });
    await expectAsync(backUpInto(full, kitchen('Changed'), noPhoto, FIRST + DAY)).toBeRejected();
    await expectAsync(readWorkbook(await contentOf(folder, name), () => Promise.resolve())).toBeResolved();
    expect(await backupsIn(folder)).toEqual([name]);
  });
});

describe('looking after backups', () => {
  let backups: Backups;
  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [
        { provide: DATABASE_NAME, useValue: `backups ${Math.random()}` },
        { provide: CHECK_ROWS, useValue: () => Promise.resolve([]) },
      ],
    });
    backups = TestBed.inject(Backups);
    await backups.load();
  });
  it('writes once a day into the folder, without a word', async () => {
    await backups.into(await emptyFolder());
    expect(backups.problem()).toBe('');
    const first = backups.backedUpAt() ?? 0;
    expect(await backups.look(first + 3_600_000)).toBe('nothing');
    expect(backups.backedUpAt()).toBe(first);
    expect(await backups.look(first + DAY)).toBe('nothing');
    expect(backups.backedUpAt()).toBe(first + DAY);
  });
  it('remembers the folder over a restart', async () => {
    await backups.into(await emptyFolder());
    await backups.load();
    expect(backups.folder()).toBe('backups');
    expect(backups.leave()).toBe('yes');
  });
  it('says so when the folder is gone, and forgets nothing', async () => {
    const folder = await emptyFolder();
    await backups.into(folder);
    await (await navigator.storage.getDirectory()).removeEntry('backups', { recursive: true });
    expect(await backups.look((backups.backedUpAt() ?? 0) + DAY)).toBe('failed');
    expect(backups.problem()).toContain('Choose another one');
    expect(backups.folder()).toBe('backups');
  });
  it('without a folder reminds after two weeks, not before, and not again the next day', async () => {
    await TestBed.inject(Database).history.put({ key: 'an edit' } as never);
    expect(await backups.look(FIRST)).toBe('nothing');
    expect(await backups.look(FIRST + 13 * DAY)).toBe('nothing');
    expect(await backups.look(FIRST + 15 * DAY)).toBe('remind');
    expect(await backups.look(FIRST + 16 * DAY)).toBe('nothing');
    await backups.saved(FIRST + 20 * DAY);
    expect(await backups.look(FIRST + 33 * DAY)).toBe('nothing');
    expect(await backups.look(FIRST + 35 * DAY)).toBe('remind');
  });
});
