import { chanceFrom } from '@orvin/core/ground/numerics';
import { demoData } from '../store/demo-data';
import { NO_RECORDS } from '../store/edits';
import { readWorkbook, writeWorkbook } from './workbook';

/* Files of a whole kitchen, damaged on their way: whatever stands in them, they are read as they were or refused in words, and end. */

const CASES = 250;
const demo = demoData(Date.UTC(2026, 10, 1, 9));
const FEW = { ...NO_RECORDS, formulas: new Map(demo.formulas.slice(0, 2).map((row) => [row.id, row])) };

describe('a file of a kitchen, damaged on its way', () => {
  it('is read as it was written, or refused in the baker’s words', async () => {
    const sound = new Uint8Array(await (await writeWorkbook(FEW, () => Promise.resolve(undefined), 1)).arrayBuffer());
    const asWritten = JSON.stringify((await readWorkbook(new Blob([sound]), () => Promise.resolve())).formulas);
    const chance = chanceFrom(20_261_128);
    const below = (n: number) => Math.floor(chance() * n);
    // heads of entries and the list at the end say sizes and ways of packing: half of the damage goes there
    const somewhere = () => (chance() < 0.5 ? below(sound.length) : chance() < 0.5 ? below(60) : sound.length - 1 - below(300));
    let refused = 0;
    for (let n = 0; n < CASES; n++) {
      const bytes = sound.slice();
      for (let left = 1 + below(4); left > 0; left--) bytes[somewhere()] = below(256);
      const [from, to] = [below(bytes.length), below(bytes.length)];
      const cut = chance() < 0.7 ? [bytes] : [bytes.slice(0, from), bytes.slice(to)];
      const outcome = await readWorkbook(new Blob(cut), () => Promise.resolve()).then(
        ({ formulas }) => JSON.stringify(formulas),
        (error: unknown) => (error instanceof Error ? error.message : 'no error'),
      );
      if (outcome === asWritten) continue;
      refused++;
      expect(outcome).withContext(`case ${n}`).toMatch(/^This (is no |)(file of a kitchen|kitchen)/);
    }
    expect(refused).toBeGreaterThan(CASES / 4);
  });
}); // prettier-ignore
