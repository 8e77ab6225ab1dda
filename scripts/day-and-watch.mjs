// In the page: a day of many batches, how soon a task that was dragged has its plan, and how smoothly the drawing moves.

/** Puts twenty batches over two days on the plan that stands: those of the first day, and again of the day after. */
export async function fillDay(count) {
  const done = (request) => new Promise((resolve) => (request.onsuccess = () => resolve(request.result)));
  const database = await done(globalThis.indexedDB.open('orvin'));
  const transaction = database.transaction('plans', 'readwrite');
  const plans = transaction.objectStore('plans');
  const plan = await done(plans.get('demo-regatta'));
  const first = plan.sheet.wishes.filter(({ madeOn }) => madeOn === undefined);
  const shifted = (due, days) => new Date(Date.parse(`${due}:00Z`) + days * 86_400_000).toISOString().slice(0, 16);
  const wishes = Array.from({ length: count }, (_, i) => {
    const wish = first[i % first.length];
    return { ...wish, id: `many-${i}`, due: shifted(wish.due, i < count / 2 ? 0 : 1) };
  });
  plans.put({ ...plan, revision: plan.revision + 1, sheet: { ...plan.sheet, wishes, kept: undefined } });
  await new Promise((resolve) => (transaction.oncomplete = resolve));
  database.close();
}

/** From now on: when the pointer is let go, when what it moved is held there, when the first plan around it stands, and the longest that the page stood still. */
export function watchDrag(named) {
  const watched = { up: NaN, shown: NaN, planned: NaN, still: 0, longTask: 0, watching: true };
  window.orvinDrag = watched;
  let last = performance.now();
  const beat = () => {
    const now = performance.now();
    watched.still = Math.max(watched.still, now - last);
    last = now;
    if (watched.watching) requestAnimationFrame(beat);
  };
  requestAnimationFrame(beat);
  new PerformanceObserver((list) => {
    for (const { duration } of list.getEntries()) watched.longTask = Math.max(watched.longTask, duration);
  }).observe({ entryTypes: ['longtask'] });
  const labels = () => [...document.querySelectorAll('[data-task]')].map((each) => each.getAttribute('aria-label'));
  const others = () =>
    labels()
      .filter((label) => !label.includes(named))
      .join();
  let before = '';
  addEventListener('pointerup', () => ((watched.up = performance.now()), (before = others())), { capture: true });
  const look = () => {
    const held = labels().some((label) => label.includes(named) && label.includes('held here'));
    if (held && Number.isNaN(watched.shown)) watched.shown = performance.now();
    if (before !== '' && Number.isNaN(watched.planned) && others() !== before) watched.planned = performance.now();
    if (watched.watching) requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}

/** The day up and down for so many frames. @returns how long each frame took, ms */
export async function scrollAndWatch(frames) {
  const all = [...document.querySelectorAll('main, main *')];
  const room = all.find((each) => each.scrollHeight > each.clientHeight + 50 && getComputedStyle(each).overflowY === 'auto') ?? document.body;
  const taken = [];
  let last = performance.now();
  for (let i = 0; i < frames; i++) {
    room.scrollTop = ((room.scrollHeight - room.clientHeight) * (1 + Math.sin(i / 20))) / 2;
    await new Promise((drawn) => requestAnimationFrame(drawn));
    const now = performance.now();
    taken.push(now - last);
    last = now;
  }
  return { taken, long: room.scrollHeight, seen: room.clientHeight };
} // prettier-ignore
