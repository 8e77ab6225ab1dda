// In the page: the Book opened, searched and scrolled through.

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
