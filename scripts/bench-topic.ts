/* `npm run bench -- instruments`: one topic alone. */
import '@angular/localize/init';
import { benchDay } from './bench-day.js';
import { benchInstruments } from './bench-instruments.js';
import { benchLarge } from './bench-large.js';
import { benchPaints } from './bench-paints.js';
import { benchPlans } from './bench-plans.js';
import { openedInChromium } from './bench-place.js';

/** In the browser, or by the core alone. */
const TOPICS = {
  day: benchDay,
  instruments: benchInstruments,
  large: benchLarge,
  paints: benchPaints,
  plans: benchPlans,
} as const;
const topics = process.argv.slice(2);
const unknown = topics.find((topic) => !Object.hasOwn(TOPICS, topic));
if (unknown !== undefined) {
  console.error(`${unknown}: there is no such topic; ${Object.keys(TOPICS).join(', ')}`);
  process.exit(1);
}
if (topics.every((topic) => topic === 'plans')) benchPlans();
else {
  const { browser, address, stop } = await openedInChromium();
  try {
    for (const topic of topics) await TOPICS[topic as keyof typeof TOPICS](browser, address);
  } finally {
    await stop();
  }
}
