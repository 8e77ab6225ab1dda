import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Toasts } from '../parts/toasts';
import { hostOf, rendered, wordsOf } from '../parts/rendered.spec-help';
import { BookStore } from '../store/book-store';
import { Database } from '../store/database';
import { PhotoStore } from '../store/photo-store';
import { until } from '../store/visits.spec-help';
import { aSeason } from './a-season.spec-help';
import { Book } from './book';
import { writeBook } from './book-file';
import { PhotoField } from './photo-field';

/* A disk that takes so many photos and then no more, as a full one does, and what is left of what was being done. */
function diskTakes(photos: number): void {
  let left = photos;
  TestBed.inject(Database).photos.hook('creating', () => {
    if (left-- <= 0) throw new DOMException('full', 'QuotaExceededError');
  });
}
async function pictures(count: number): Promise<readonly File[]> {
  const canvas = new OffscreenCanvas(40, 30);
  canvas.getContext('2d')?.fillRect(0, 0, 20, 30);
  const blob = await canvas.convertToBlob({ type: 'image/jpeg' });
  return Array.from({ length: count }, (_, i) => new File([blob], `bake ${i}.jpg`, { type: 'image/jpeg' }));
}
const chosen = (host: HTMLElement, files: readonly File[], field = 'input[type=file]') => {
  const input = host.querySelector<HTMLInputElement>(field);
  if (!input) throw new Error('no field for files');
  const transfer = new DataTransfer();
  for (const file of files) transfer.items.add(file);
  input.files = transfer.files;
  input.dispatchEvent(new Event('change'));
};
const photosOnDisk = () => TestBed.inject(Database).photos.toCollection().primaryKeys();

describe('what is cut off in the middle', () => {
  const { ready } = aSeason();
  beforeEach(() => {
    TestBed.configureTestingModule({ providers: [provideRouter([]), { provide: Toasts, useValue: { show: () => undefined } }] }); // prettier-ignore
  });

  it('leaves of three photos those that are whole, and says in words that the rest was not taken', async () => {
    await ready(false);
    diskTakes(2);
    const field = rendered(PhotoField, { ids: [] });
    const taken: (readonly string[])[] = [];
    field.componentInstance.added.subscribe((ids) => taken.push(ids));
    chosen(hostOf(field), await pictures(3));
    await until(() => wordsOf(field).includes('no room for the photo'));
    expect(taken.map(({ length }) => length)).toEqual([2]);
    expect((await photosOnDisk()).sort()).toEqual([...(taken[0] ?? [])].sort());
    expect(hostOf(field).querySelector<HTMLInputElement>('input')?.disabled).toBeFalse();
    for (const id of taken[0] ?? []) {
      const photo = await TestBed.inject(PhotoStore).photo(id);
      expect((await createImageBitmap(photo?.picture ?? new Blob())).width).toBe(40);
    }
  });
  it('brings of a Book no bake at all where its photos do not fit, and the same file whole once they do', async () => {
    await ready();
    const book = TestBed.inject(BookStore);
    const [first] = book.bakes();
    if (!first) throw new Error('no bake');
    const [one, two] = await pictures(2);
    const record = { ...first.record, title: 'Damson buns', photos: ['p1', 'p2'] };
    const file = await writeBook([{ id: 'brought', record }], (id) =>
      Promise.resolve({ id, takenAt: 0, picture: (id === 'p1' ? one : two) ?? new Blob(), thumb: new Blob() }),
    );
    const before = book.bakes().length;
    const page = rendered(Book);
    let left = 1;
    const full = () => {
      if (left-- <= 0) throw new DOMException('full', 'QuotaExceededError');
    };
    const { photos } = TestBed.inject(Database);
    photos.hook('creating', full);
    const zip = new File([file], 'orvin-book.zip', { type: 'application/zip' });
    chosen(hostOf(page), [zip], 'input[accept*=zip]');
    await until(() => wordsOf(page).includes('no room for the photo'));
    expect(book.bakes().length).toBe(before);
    expect(book.bake('brought')).toBeUndefined();
    photos.hook('creating').unsubscribe(full);
    chosen(hostOf(page), [zip], 'input[accept*=zip]');
    await until(() => book.bake('brought') !== undefined);
    expect((await photosOnDisk()).sort()).toEqual(['p1', 'p2']);
  });
});
