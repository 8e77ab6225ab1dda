import type { BakeRecord } from '@orvin/core/book/records';
import type { StoredPhoto } from '../store/records';
import { heldAgainstBook, readBook, writeBook } from './book-file';
import { takenIn } from '../work/photos';

const RECORD: BakeRecord = { title: 'Pear loaf', at: 1_795_000_000_000, size: 'one loaf', pan: '9 x 5 in loaf', celsius: 177, fan: false, outMinutes: 61.5, readings: { mixing: 40 }, score: 8, wrong: [] }; // prettier-ignore

/** A picture with a stripe, as JPEG. */
async function picture(width: number, height: number): Promise<Blob> {
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('no canvas');
  context.fillStyle = '#bd7b35';
  context.fillRect(0, 0, width, height);
  context.fillStyle = '#edf2fa';
  context.fillRect(0, 0, width / 4, height);
  return canvas.convertToBlob({ type: 'image/jpeg' });
}
/** The same with what a camera writes into it: here that it lies on its side, and a word that stands for a place. */
async function withMetadata(jpeg: Blob): Promise<Blob> {
  const bytes = new Uint8Array(await jpeg.arrayBuffer());
  const tiff = [0x49, 0x49, 0x2a, 0, 8, 0, 0, 0, 1, 0, 0x12, 1, 3, 0, 1, 0, 0, 0, 6, 0, 0, 0, 0, 0, 0, 0];
  const body = [...new TextEncoder().encode('Exif\0\0'), ...tiff, ...new TextEncoder().encode('HARBOUR WALL')];
  const segment = [0xff, 0xe1, (body.length + 2) >> 8, (body.length + 2) & 255, ...body];
  return new Blob([bytes.slice(0, 2), new Uint8Array(segment), bytes.slice(2)], { type: 'image/jpeg' });
}
const sizeOf = async (blob: Blob): Promise<readonly [number, number]> => {
  const bitmap = await createImageBitmap(blob);
  return [bitmap.width, bitmap.height];
};

describe('a photo', () => {
  it('is drawn upright and smaller, and nothing but the picture stays in it', async () => {
    const taken = await withMetadata(await picture(2400, 1200));
    expect(await taken.text()).toContain('HARBOUR WALL');
    const photo = await takenIn(taken, 'a', 0);
    for (const kept of [photo.picture, photo.thumb]) {
      const text = await kept.text();
      expect(text).not.toContain('HARBOUR');
      expect(text).not.toContain('Exif');
    }
    // it lay on its side: what was wide is high now
    expect(await sizeOf(photo.picture)).toEqual([800, 1600]);
    expect(Math.max(...(await sizeOf(photo.thumb)))).toBe(240);
  });
  it('is refused in words where it is none', async () => {
    await expectAsync(takenIn(new Blob(['no picture']), 'a', 0)).toBeRejectedWithError(/no picture/);
  });
});

describe('the whole Book as a file', () => {
  it('is read back exactly, photos and all, one after another', async () => {
    const photos = new Map<string, StoredPhoto>();
    for (const id of ['p1', 'p2', 'p3']) photos.set(id, await takenIn(await picture(90, 60), id, 0));
    const bakes = [
      { id: 'a', record: { ...RECORD, photos: ['p1', 'p2'] } },
      { id: 'b', record: { ...RECORD, title: 'Scones', photos: ['p3', 'lost'] } },
    ];
    const asked: string[] = [];
    const file = await writeBook(bakes, (id) => (asked.push(id), Promise.resolve(photos.get(id))));
    expect(asked).toEqual(['p1', 'p2', 'p3', 'lost']);
    const back = new Map<string, Blob>();
    const read = await readBook(file, (id, blob) => (back.set(id, blob), Promise.resolve()));
    expect(read.bakes).toEqual(bakes);
    expect([...back.keys()]).toEqual(['p1', 'p2', 'p3']);
    for (const [id, blob] of back) expect(await blob.arrayBuffer()).toEqual((await photos.get(id)?.picture.arrayBuffer()) ?? new ArrayBuffer(0)); // prettier-ignore
  });
  it('is refused in words where it is none, damaged, or later than this Orvin', async () => {
    const nothing = () => Promise.resolve();
    await expectAsync(readBook(new Blob(['PK nothing']), nothing)).toBeRejectedWithError(/no file of a Book/);
    const file = await writeBook([{ id: 'a', record: { ...RECORD, score: 99 } }], () => Promise.resolve(undefined));
    await expectAsync(readBook(file, nothing)).toBeRejectedWithError(/damaged.*score/);
    await expectAsync(readBook(file.slice(0, 60), nothing)).toBeRejectedWithError(/Book/);
  });
  it('is merged: new bakes come in, the same stay, others stand beside', async () => {
    const standing = new Map([['a', RECORD], ['b', RECORD]]); // prettier-ignore
    const brought = [{ id: 'a', record: RECORD }, { id: 'b', record: { ...RECORD, score: 3 } }, { id: 'c', record: RECORD }]; // prettier-ignore
    const { fresh, same, differs } = await heldAgainstBook(brought, (id) => {
      const record = standing.get(id);
      return record && { id, record };
    });
    expect([fresh.map(({ id }) => id), same, differs.map(({ id }) => id)]).toEqual([['c'], 1, ['b']]);
  });
});
