// In the page: instruments that say what they are told to, when they are told, and how soon it stands on the screen.

/** Stands in for the line before anything has opened it. */
export function takeTheLine() {
  class Line extends EventTarget {
    readyState = 0;
    binaryType = 'blob';
    constructor() {
      super();
      window.orvinLine = this;
      setTimeout(() => {
        this.readyState = 1;
        this.onopen?.(new Event('open'));
      });
    }
    send() {}
    close() {
      this.readyState = 3;
      this.onclose?.(new CloseEvent('close', { wasClean: true }));
    }
  }
  window.WebSocket = Line;
}

/** Weights on the scale, one after another: from each message to the frame that shows it, ms. */
export async function pourAndWatch(weights) {
  const frame = () => new Promise((drawn) => requestAnimationFrame(() => setTimeout(drawn)));
  const bowl = () => document.querySelector('.to-go')?.textContent ?? '';
  const taken = [];
  for (const grams of weights) {
    const before = bowl();
    const since = performance.now();
    window.orvinLine.onmessage?.(
      new MessageEvent('message', {
        data: JSON.stringify([{ bt: Date.now() / 1000, n: 'scale:mass', u: 'kg', v: grams / 1000 }, { n: 'scale:stable', vb: true }]),
      }),
    ); // prettier-ignore
    do await frame();
    while (bowl() === before && performance.now() - since < 2000);
    taken.push(performance.now() - since);
  }
  return taken;
}

/** So many seconds of a probe and a thermometer, one reading of each a second, `every` ms apart. The middle warms as a middle does. */
export async function bakeAndWatch({ seconds, every, from }) {
  for (let i = 0; i < seconds; i++) {
    const second = from + i;
    const core = 21 + 78 / (1 + Math.exp(-(second / 60 - 60) / 14)) + Math.sin(second) / 10;
    window.orvinLine.onmessage?.(
      new MessageEvent('message', {
        data: JSON.stringify([
          { bt: window.orvinBegan + second, n: 'probe:core', u: 'Cel', v: Math.round(core * 10) / 10 },
          { n: 'thermometer:air', u: 'Cel', v: Math.round(175 + 3 * Math.sin(second / 200)) },
        ]),
      }),
    );
    await new Promise((go) => setTimeout(go, every));
  }
}
