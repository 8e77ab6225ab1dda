import { effect, signal, untracked, type Signal } from '@angular/core';

/** What a signal says, a frame later: the second drawing of one change begins when the first one stands, and the page waits for neither. */
export function aFrameLater<T>(source: () => T): Signal<T> {
  const later = signal(untracked(source));
  effect((onCleanup) => {
    const now = source();
    let wait: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => (wait = setTimeout(() => later.set(now))));
    onCleanup(() => {
      cancelAnimationFrame(frame);
      clearTimeout(wait);
    });
  });
  return later.asReadonly();
}
