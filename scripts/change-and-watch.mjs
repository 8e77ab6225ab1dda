/**
 * Runs inside the page: types a new figure into a field of the Oven, and takes the time until everything that follows is there again, and
 * how long the interface ever stood still meanwhile. `until` is a text that must come back; without one, nothing may be dimmed any more.
 */
export async function changeAndWatch({ field, to, until }) {
  let last = performance.now();
  let still = 0;
  let watching = true;
  const beat = () => {
    const now = performance.now();
    still = Math.max(still, now - last);
    last = now;
    if (watching) requestAnimationFrame(beat);
  };
  requestAnimationFrame(beat);
  const input = document.getElementById(field);
  input.value = to;
  const since = performance.now();
  input.dispatchEvent(new globalThis.Event('change', { bubbles: true }));
  const begun = () =>
    until === '' ? document.querySelector('.working') !== null : !document.body.innerText.includes(until);
  const ended = () =>
    until === ''
      ? document.querySelector('.working') === null && !document.body.innerText.includes('working it out')
      : document.body.innerText.includes(until);
  const when = async (true_) => {
    while (!true_()) await new Promise((next) => setTimeout(next, 4));
  };
  await when(begun);
  await when(ended);
  watching = false;
  return { milliseconds: performance.now() - since, still };
}
