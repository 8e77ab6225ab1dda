// In the page: what it painted, how long it stood still, what moved under the eyes; and how long a touch takes to be seen.

/** Listens from the first moment on. */
export function watchPaints() {
  window.orvinPaints = { largest: 0, shift: 0, tasks: [], touches: [] };
  const watch = (type, take, more = {}) =>
    new PerformanceObserver((list) => list.getEntries().forEach(take)).observe({ type, buffered: true, ...more });
  watch('largest-contentful-paint', ({ startTime }) => (window.orvinPaints.largest = startTime));
  watch('layout-shift', ({ value, hadRecentInput }) => {
    if (!hadRecentInput) window.orvinPaints.shift += value;
  });
  watch('longtask', ({ duration }) => window.orvinPaints.tasks.push(duration));
  watch('event', ({ duration, interactionId }) => {
    if (interactionId > 0) window.orvinPaints.touches.push(duration);
  }, { durationThreshold: 16 }); // prettier-ignore
}
