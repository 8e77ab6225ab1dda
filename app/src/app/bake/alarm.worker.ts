/* Rings at an instant. A worker's clock goes on in a tab that nobody looks at, where a page's own is held back to once a minute. */
let timer: ReturnType<typeof setTimeout> | undefined;
const LONGEST_WAIT = 30_000;

/** Waits in short stretches, so that a machine that slept is not late by its sleep. */
function waitFor(until: number): void {
  const rest = until - Date.now();
  if (rest <= 0) postMessage(until);
  else timer = setTimeout(() => waitFor(until), Math.min(rest, LONGEST_WAIT));
}
addEventListener('message', ({ data }: MessageEvent<unknown>) => {
  clearTimeout(timer);
  if (typeof data === 'number') waitFor(data);
});
