/** Runs inside the page: puts so many bakes on the disk, made of those that are there. */
export async function fillBook(count) {
  const done = (request) => new Promise((resolve) => (request.onsuccess = () => resolve(request.result)));
  const database = await done(globalThis.indexedDB.open('orvin'));
  const all = await done(database.transaction('bakes').objectStore('bakes').getAll());
  const transaction = database.transaction('bakes', 'readwrite');
  for (let i = 0; i < count; i++) {
    const { record, ...one } = all[i % all.length];
    const at = record.at - Math.floor(i / all.length) * 25_200_000;
    const made = { ...record, at, title: `${record.title} ${i % 100}`, formulaId: `f${i % 100}` };
    transaction.objectStore('bakes').put({ ...one, id: `many-${i}`, record: made });
  }
  await new Promise((resolve) => (transaction.oncomplete = resolve));
  database.close();
}

/** Runs inside the page: opens the Book, then types, key by key. @returns milliseconds until the rows stand, and of the slowest keys */
export async function openAndSearch(words) {
  const next = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
  const since = performance.now();
  document.querySelector('a[href="/book"]').click();
  while (!document.querySelector('cdk-virtual-scroll-viewport a.row'))
    await new Promise((resolve) => setTimeout(resolve, 2));
  const open = performance.now() - since;
  await new Promise((resolve) => setTimeout(resolve, 3000));
  const field = document.querySelector('input[type=search]');
  field.focus();
  field.dispatchEvent(new globalThis.Event('focus'));
  await new Promise((resolve) => setTimeout(resolve, 1500));
  const keys = [];
  for (let i = 1; i <= words.length; i++) {
    const begun = performance.now();
    field.value = words.slice(0, i);
    field.dispatchEvent(new globalThis.Event('input', { bubbles: true }));
    await next();
    keys.push(performance.now() - begun);
  }
  return { open, keys: keys.sort((a, b) => a - b) };
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

/** Runs inside the page: through the rows to the first and back, a few screens at a time. */
export async function scrollThrough(steps) {
  const view = document.querySelector('cdk-virtual-scroll-viewport');
  const next = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 8)));
  const far = view.scrollHeight - view.clientHeight;
  for (let i = 1; i <= 2 * steps; i++) {
    view.scrollTop = (far * (i <= steps ? i : 2 * steps - i)) / steps;
    await next();
  }
}

/** Runs inside the page: from now on notes for how long it stood still at most, ms. */
export function watchStillness() {
  globalThis.longestStill = 0;
  let last = performance.now();
  const channel = new globalThis.MessageChannel();
  channel.port1.onmessage = () => {
    const now = performance.now();
    globalThis.longestStill = Math.max(globalThis.longestStill, now - last);
    last = now;
    setTimeout(() => channel.port2.postMessage(0), 4);
  };
  channel.port2.postMessage(0);
}
