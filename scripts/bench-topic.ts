/* `npm run bench -- instruments`: one topic alone. */
import { benchDay } from './bench-day.js';
import { benchInstruments } from './bench-instruments.js';
import { benchPaints } from './bench-paints.js';
import { inChromium } from './bench-place.js';

const TOPICS = { day: benchDay, instruments: benchInstruments, paints: benchPaints } as const;
const topics = process.argv.slice(2);
const unknown = topics.find((topic) => !Object.hasOwn(TOPICS, topic));
if (unknown !== undefined) {
  console.error(`${unknown}: there is no such topic; ${Object.keys(TOPICS).join(', ')}`);
  process.exit(1);
}
await inChromium(async (browser, address) => {
  for (const topic of topics) await TOPICS[topic as keyof typeof TOPICS](browser, address);
});
