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
