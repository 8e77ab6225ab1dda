/** Runs inside the page: moves the knob that has the focus by one step each frame, and takes the time from frame to frame. */
export async function sweepAndWatch() {
  const knob = document.activeElement;
  const frames = [];
  let last = performance.now();
  for (let i = 0; i < 240; i++) {
    const key = i % 80 < 40 ? 'ArrowRight' : 'ArrowLeft';
    knob.dispatchEvent(new globalThis.KeyboardEvent('keydown', { key, code: key, bubbles: true }));
    await new Promise((drawn) => requestAnimationFrame(drawn));
    const now = performance.now();
    if (i > 20) frames.push(now - last);
    last = now;
  }
  return frames;
}
