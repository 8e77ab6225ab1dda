import { isDeepStrictEqual } from 'node:util';
import { readCommand, readPack, readPlainLine, writePack } from '../../along/wire/index.js';
import { StandInKitchen } from '../../along/stand-ins/index.js';
import { auditFormula } from '../../bench/audit/index.js';
import type { BakeRecord } from '../../book/records/index.js';
import { EMPTY_SHEET } from '../../day/sheets/index.js';
import { DEMO_FORMULAS, DEMO_SEASON } from '../../doors/samples/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { chanceFrom } from '../../ground/numerics/index.js';
import { BEYOND_FIGURES, damage, isParts } from '../../ground/records/damage.spec-help.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { WARM_UP_JOB } from '../../oven/baking/index.js';
import { readRecord, readSeason, recordAsMarkdown, taughtBy, writeRecord, writeSeason } from '../book-papers/index.js';
import { readDayFile, writeDayFile } from '../day-papers/index.js';
import { mutants } from './fuzzing.spec-help.js';
import { readFile, writeOrvinFile } from './index.js';

/*
 * Files and messages of Orvin's own, damaged in their structure: a value in a sound one is another, is gone, or stands twice; or its text is
 * cut and strewn like that of others. What a reader takes must then do for what is done with it: it is written again as it was read, judged,
 * put on paper, obeyed by a stand-in that goes on with finite figures. Whatever else happens is a fault.
 */

/** One damaged text after another, the same for the same seed. @param samples sound ones */
export function* damaged(seed: number, samples: readonly string[]): Generator<string> {
  const chance = chanceFrom(seed);
  const one = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;
  const asText = mutants(seed, samples);
  for (;;) {
    const sample = one(samples);
    if (chance() < 0.25 || !/^\s*[[{]/.test(sample)) {
      yield String(asText.next().value);
      continue;
    }
    const value: unknown = JSON.parse(sample);
    damage(chance, value);
    yield JSON.stringify(value).replaceAll(`"${BEYOND_FIGURES}"`, '1e400');
  }
}

class Unsound extends Error {}
const must = (holds: boolean, what: string) => {
  if (!holds) throw new Unsound(what);
};
const finite = (value: unknown): boolean =>
  typeof value === 'number' ? Number.isFinite(value) : !isParts(value) || Object.values(value).every(finite);

const FORMULAS = DEMO_FORMULAS.slice(0, 4).flatMap(({ id, text }) => {
  const read = readFormula(text, 'UK');
  return read.kind === 'read' ? [{ id, formula: read.formula, oven: {}, versions: [] }] : [];
});
const RECORDS = DEMO_SEASON.map(({ record }): BakeRecord => ({ ...record, at: Date.UTC(2026, 10, 28, 11) }));
const DAY = {
  ...EMPTY_SHEET,
  name: 'Regatta tea tent', date: '2026-11-28', zone: 'Europe/London',
  wishes: [{ id: 'a', formulaId: 'pear', title: 'Pear loaf', amount: '2 loaves', due: '2026-11-28T14:30', served: 'fresh' as const }],
  locks: { 'a:mix': 600 }, done: { 'a:weigh': 580 }, minutes: { 'a:mix': 9 }, skipped: ['a:line'], ticked: ['egg'],
}; // prettier-ignore
const NOW = Date.UTC(2026, 10, 28, 11);
const COMMANDS = [
  { do: 'pour', grams: 150, rate: 10 }, { do: 'spoon', grams: 5 }, { do: 'take', grams: 20 }, { do: 'tare' }, { do: 'lift', seconds: 3 }, { do: 'door', open: true },
  { do: 'set', celsius: 180 }, { do: 'fan', on: true }, { do: 'place', x: 10, z: 20 }, { do: 'freeze', what: 'scale' }, { do: 'unplug', what: 'oven' },
  { do: 'load', job: WARM_UP_JOB }, { do: 'load', job: WARM_UP_JOB }, { do: 'unload' },
]; // prettier-ignore

export interface DataReader {
  /** Sound ones, to begin from. */
  readonly from: readonly string[];
  /** @throws Unsound, or whatever it throws: either is a fault */
  readonly read: (text: string) => void;
}
export const DATA_READERS: Readonly<Record<string, DataReader>> = {
  'a file of formulas': {
    from: [writeOrvinFile(FORMULAS, PLAIN_KITCHEN)],
    read: (text) => {
      const { items, kitchen } = readFile('a.json', text, 'UK', PLAIN_KITCHEN);
      for (const item of items) if (item.kind === 'read') auditFormula(item.formula);
      const read = items.flatMap((item, i) => item.kind === 'read' ? [{ id: `f${i}`, formula: item.formula, oven: item.oven ?? {}, versions: item.versions ?? [] }] : []); // prettier-ignore
      const again = readFile('b.json', writeOrvinFile(read, kitchen), 'UK', PLAIN_KITCHEN).items;
      must(
        again.every(({ kind }) => kind === 'read'),
        'what was taken is refused when it is written again',
      );
    },
  },
  'a record of a bake': {
    from: RECORDS.slice(0, 6).map(writeRecord),
    read: (text) => {
      const read = readRecord(text);
      if (read.kind === 'refused') return;
      must(finite(read.record), 'a figure that is none');
      must(isDeepStrictEqual(readRecord(writeRecord(read.record)), read), 'is not read back as it was');
      recordAsMarkdown(read.record);
      writeSeason([read.record]);
    },
  },
  'a season': {
    from: [writeSeason(RECORDS)],
    read: (text) => {
      const read = readSeason(text);
      if (read.kind === 'read') must(finite(read.rows.map(taughtBy)), 'a figure that is none');
    },
  },
  'a day': {
    from: [writeDayFile(DAY)],
    read: (text) => {
      const shelf = [{ id: 'pear', title: 'Pear loaf' }];
      const read = readDayFile(text, shelf);
      if (read.kind === 'day')
        must(isDeepStrictEqual(readDayFile(writeDayFile(read.sheet), shelf), read), 'is not read back as it was');
    },
  },
  'a pack of readings': {
    from: [
      writePack(new StandInKitchen().readings(NOW).hot),
      writePack(new StandInKitchen().readings(NOW).scale),
      '[{"bn":"probe:","bt":1700000000,"bu":"Cel","n":"core","v":54.2},{"n":"core","t":1,"v":54.9}]',
    ],
    read: (text) => {
      const read = readPack(text, NOW);
      if (read.kind === 'readings') must(finite(read.readings), 'a figure that is none');
    },
  },
  'a plain line of an instrument': {
    from: ['ST,GS,+  412.5 g', 'US,NT,- 0.032kg', '{"celsius": 54.2}', '177.5 C'],
    read: (text) => {
      for (const line of text.split('\n')) must(finite(readPlainLine(line)), 'a figure that is none');
    },
  },
  'a command to a stand-in': {
    from: COMMANDS.map((command) => JSON.stringify(command)),
    read: (text) => {
      const read = readCommand(text);
      if (read.kind === 'refused') return;
      const kitchen = new StandInKitchen();
      kitchen.do(read.command);
      kitchen.step(5);
      must(finite(kitchen.state()), 'a stand-in shows a figure that is none');
      must(finite(kitchen.readings(NOW)), 'a stand-in says a figure that is none');
    },
  },
};

/** What a reader did wrong with a text, or undefined. */
export function dataFaultOf(reader: string, text: string, mostMilliseconds: number): string | undefined {
  // the processor's time: at the lowest priority a clock counts what others do
  const from = process.cpuUsage();
  try {
    DATA_READERS[reader]?.read(text);
  } catch (error) {
    return error instanceof Unsound ? error.message : `threw ${String(error).slice(0, 160)}`;
  }
  if ('polluted' in {}) return 'gave every object a part';
  const took = process.cpuUsage(from).user / 1000;
  return took > mostMilliseconds ? `took ${took.toFixed(0)} ms` : undefined;
}
