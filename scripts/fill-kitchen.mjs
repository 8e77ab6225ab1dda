// A kitchen of years, put on the disk of a browser that has the demo.

/** Runs inside the page: puts so many bakes on the disk, made of those that are there. */
export async function fillBook(count) {
  const done = (request) => new Promise((resolve) => (request.onsuccess = () => resolve(request.result)));
  const database = await done(globalThis.indexedDB.open('orvin'));
  const all = await done(database.transaction('bakes').objectStore('bakes').getAll());
  const transaction = database.transaction('bakes', 'readwrite');
  for (let i = 0; i < count; i++) {
    const { record, ...one } = all[i % all.length];
    const at = record.at - Math.floor(i / all.length) * 25_200_000;
    const made = { ...record, at, title: `${record.title} ${i % 100}`, formulaId: `many-formula-${i % 100}` };
    transaction.objectStore('bakes').put({ ...one, id: `many-${i}`, record: made });
  }
  await new Promise((resolve) => (transaction.oncomplete = resolve));
  database.close();
}

/** Runs inside the page: so many photos, each drawn by itself, shown by the latest bakes. @returns bytes of all */
export async function fillPhotos(count) {
  const done = (request) => new Promise((resolve) => (request.onsuccess = () => resolve(request.result)));
  const drawn = async (width, nth) => {
    const canvas = new globalThis.OffscreenCanvas(width, (width * 3) / 4);
    const context = canvas.getContext('2d');
    for (let i = 0; i < 60; i++) {
      context.fillStyle = `hsl(${(nth * 37 + i * 11) % 360} 60% ${30 + (i % 40)}%)`;
      context.fillRect((i * 97) % width, (i * 61 + nth) % ((width * 3) / 4), width / 6, width / 6);
    }
    return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.85 });
  };
  const database = await done(globalThis.indexedDB.open('orvin'));
  const bakes = await done(database.transaction('bakes').objectStore('bakes').getAll());
  const latest = bakes.sort((a, b) => b.record.at - a.record.at).slice(0, count);
  let bytes = 0;
  for (const [nth, bake] of latest.entries()) {
    const [picture, thumb] = [await drawn(1600, nth), await drawn(208, nth)];
    bytes += picture.size + thumb.size;
    const transaction = database.transaction(['bakes', 'photos'], 'readwrite');
    transaction.objectStore('photos').put({ id: `photo-${nth}`, takenAt: bake.record.at, picture, thumb });
    transaction.objectStore('bakes').put({ ...bake, record: { ...bake.record, photos: [`photo-${nth}`] } });
    await new Promise((resolve) => (transaction.oncomplete = resolve));
  }
  database.close();
  return bytes;
}

/** Runs inside the page: so many formulas, made of those that are there; the first hundred are those of `fillBook`. */
export async function fillFormulas(count) {
  const done = (request) => new Promise((resolve) => (request.onsuccess = () => resolve(request.result)));
  const database = await done(globalThis.indexedDB.open('orvin'));
  const all = await done(database.transaction('formulas').objectStore('formulas').getAll());
  const transaction = database.transaction('formulas', 'readwrite');
  for (let i = 0; i < count; i++) {
    const one = all[i % all.length];
    const formula = { ...one.formula, title: `${one.formula.title} ${i % 100}` };
    const createdAt = one.createdAt - i * 3_600_000;
    transaction.objectStore('formulas').put({ ...one, id: `many-formula-${i}`, formula, createdAt });
  }
  await new Promise((resolve) => (transaction.oncomplete = resolve));
  database.close();
}
