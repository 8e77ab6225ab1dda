import { chanceFrom } from '../../ground/numerics/index.js';
import { PLAIN_DAY, type BatchWork, type DayKitchen, type Span } from './batch-work.js';

/* Days by chance, plausible and the same for the same seed. @source shared/science/prototypes/planning/generate.mjs, brute2.mjs */

type Range = readonly [number, number];
interface Kind {
  readonly celsius: Range;
  readonly bake: Range;
  readonly mix: Range;
  readonly weigh: Range;
  readonly line: Range;
  readonly load: Range;
  readonly hold: Range;
  readonly inPan: number;
  readonly cool: Range;
  readonly fresh: number;
  readonly weight: number;
  readonly racks: number;
  readonly pan: string;
  readonly pans?: number;
  readonly turn?: number;
  readonly layered?: true;
}
// prettier-ignore
const KINDS: Readonly<Record<string, Kind>> = {
  muffin: { celsius: [190, 200], bake: [18, 25], mix: [6, 9], weigh: [9, 13], line: [3, 4], load: [4, 6], hold: [12, 20], inPan: 5, cool: [20, 35], fresh: 480, weight: 0.03, racks: 1, pan: 'muffin tin' },
  scone: { celsius: [210, 220], bake: [13, 17], mix: [9, 13], weigh: [7, 10], line: [1, 2], load: [6, 9], hold: [25, 45], inPan: 0, cool: [15, 25], fresh: 240, weight: 0.06, racks: 1, pan: 'sheet' },
  biscuit: { celsius: [215, 220], bake: [13, 18], mix: [7, 10], weigh: [7, 10], line: [1, 2], load: [5, 7], hold: [20, 40], inPan: 0, cool: [10, 20], fresh: 240, weight: 0.06, racks: 1, pan: 'sheet' },
  soda: { celsius: [200, 210], bake: [35, 45], mix: [5, 7], weigh: [6, 8], line: [1, 2], load: [3, 4], hold: [8, 15], inPan: 0, cool: [45, 60], fresh: 600, weight: 0.02, racks: 1, pan: 'sheet' },
  loaf: { celsius: [165, 180], bake: [50, 65], mix: [8, 11], weigh: [10, 14], line: [3, 5], load: [2, 4], hold: [15, 30], inPan: 10, cool: [70, 110], fresh: 1440, weight: 0.003, racks: 1, pan: 'loaf tin', turn: 0.65 },
  tray: { celsius: [170, 180], bake: [28, 38], mix: [8, 11], weigh: [10, 14], line: [3, 5], load: [3, 4], hold: [15, 30], inPan: 15, cool: [50, 80], fresh: 1440, weight: 0.004, racks: 1, pan: 'tray', turn: 0.65 },
  layer: { celsius: [170, 180], bake: [26, 34], mix: [12, 18], weigh: [11, 15], line: [4, 6], load: [4, 6], hold: [15, 25], inPan: 10, cool: [75, 110], fresh: 1440, weight: 0.003, racks: 2, pan: 'round', pans: 2, layered: true },
};
const NAMES = Object.keys(KINDS);

export interface GeneratedDay {
  readonly batches: readonly BatchWork[];
  readonly kitchen: DayKitchen;
}

/** A day of so many bakes. Washing is a drying time, as in the prototype, unless `handsWash`. */
export function generatedDay(
  seed: number,
  count: number,
  { pairs = 1, ovens = 1, away = [], handsWash = false }: { readonly pairs?: number; readonly ovens?: number; readonly away?: readonly Span[]; readonly handsWash?: boolean } = {}, // prettier-ignore
): GeneratedDay {
  const next = chanceFrom(seed * 7919 + count * 104729 + 17);
  for (let i = 0; i < 10; i++) next();
  const within = ([low, high]: Range) => Math.round(low + (high - low) * next());
  const many = count > 8;
  const due = 15 * 60 + (many ? 120 : 0);
  const batches = Array.from({ length: count }, (_, i): BatchWork => {
    const name = NAMES[Math.floor(next() * NAMES.length)] ?? 'loaf';
    const kind = KINDS[name];
    if (!kind) throw new Error(name);
    const bake = within(kind.bake);
    const celsius = 5 * Math.round(within(kind.celsius) / 5);
    const [weigh, line, mix, load] = [within(kind.weigh), within(kind.line), within(kind.mix), within(kind.load)];
    const restMinutes = next() < 0.15 ? 5 : 0;
    const [holdMinutes, cool] = [within(kind.hold), within(kind.cool)];
    const dueMinute = due - 30 * Math.floor(next() * 3);
    const layered = kind.layered ? [within([18, 30]), within([10, 15]), within([20, 40]), within([4, 8])] : undefined;
    return {
      id: `${name}-${i + 1}`,
      title: name,
      handwork: [
        { kind: 'weigh', what: '', minutes: weigh },
        { kind: 'line', what: '', minutes: line },
      ],
      waiting: layered ? [{ kind: 'take-out', what: 'butter', leastMinutes: 75, mostMinutes: 240 }] : [],
      mixing: { minutes: mix, restMinutes, holdMinutes, bowls: 1, mixer: layered !== undefined },
      oven: {
        celsius, low: Math.round(bake * 0.85), likely: bake, high: Math.round(bake * 1.18), racks: kind.racks,
        loadMinutes: load, unloadMinutes: 1, during: kind.turn === undefined ? [] : [{ kind: 'turn', share: kind.turn, slack: 0.05 }],
        quietShare: layered ? 0.5 : 0, inPanMinutes: kind.inPan, inPanSlackMinutes: 10, coolMinutes: cool, pan: kind.pan, pans: kind.pans ?? 1,
      }, // prettier-ignore
      finishing: layered
        ? [
            { kind: 'frost', minutes: layered[0] ?? 0, waitMinutes: layered[2] ?? 0, fridgeLitres: 8 },
            { kind: 'slice', minutes: layered[3] ?? 0, waitMinutes: 0, fridgeLitres: 0 },
          ]
        : [],
      makeFrostingMinutes: layered?.[1] ?? 0,
      dueMinute,
      marginMinutes: 0,
      freshMinutes: kind.fresh + (kind.fresh < 600 && many ? 30 * (count - 8) : 0),
      freshnessWeight: kind.weight,
    };
  });
  return {
    batches,
    kitchen: {
      ...PLAIN_DAY,
      pairs: Array.from({ length: pairs }, (_, i) => ({
        id: `p${i}`,
        name: `pair ${i + 1}`,
        away: i === 1 ? away : [],
      })),
      ovens: [
        { id: 'oven', name: 'oven', racks: 2, minutesTo180: 15 },
        { id: 'second', name: 'second oven', racks: 2, minutesTo180: 12 },
      ].slice(0, ovens),
      fridgeLitres: 60,
      pans: { 'muffin tin': 2, sheet: 2, 'loaf tin': 2, tray: 2, round: 4 },
      notBefore: many ? -600 : 180,
      ...(!handsWash && { washPanMinutes: 0, washBowlMinutes: 0, dryPanMinutes: 5, dryBowlMinutes: 4 }),
    },
  };
}

/**
 * A day of two or three bakes of a few minutes, small enough to try everything.
 * @param apart one of two is due so long before, that an oven could rest in between
 */
export function tinyDay(seed: number, apart = false): GeneratedDay {
  let x = (seed * 2654435761 + 12345) >>> 0 || 1;
  const upTo = (n: number) => {
    x ^= x << 13;
    x >>>= 0;
    x ^= x >>> 17;
    x ^= x << 5;
    x >>>= 0;
    return x % n;
  };
  for (let i = 0; i < 9; i++) upTo(9);
  const count = seed % 3 === 0 ? 3 : 2;
  const pairs = seed % 2 ? 1 : 2;
  const heats = [
    [180, 185, 190],
    [170, 220, 200],
    [200, 200, 210],
  ][upTo(3)] ?? [180];
  const batches = Array.from({ length: count }, (_, i): BatchWork => {
    const celsius = heats[upTo(3)] ?? 180;
    const likely = 3 + upTo(5);
    const racks = 1 + (upTo(4) === 0 ? 1 : 0);
    const [weigh, mix, load] = [upTo(4), 2 + upTo(2), 1 + upTo(2)];
    const restMinutes = upTo(4) === 0 ? 1 : 0;
    const holdMinutes = Math.max(restMinutes, 1 + upTo(3));
    const inPanMinutes = upTo(3) ? 1 + upTo(2) : 0;
    const cool = 1 + upTo(6);
    return {
      id: `m${i}`,
      title: `m${i}`,
      handwork: [{ kind: 'weigh', what: '', minutes: weigh }],
      waiting: [],
      mixing: { minutes: mix, restMinutes, holdMinutes, bowls: 1, mixer: false },
      oven: {
        celsius, low: likely, likely, high: likely, racks, loadMinutes: load, unloadMinutes: 1, during: [], quietShare: 0,
        inPanMinutes, inPanSlackMinutes: 2, coolMinutes: inPanMinutes > 0 ? Math.max(cool, inPanMinutes + 4) : cool, pans: 1,
      }, // prettier-ignore
      finishing: [],
      makeFrostingMinutes: 0,
      dueMinute: 100 - upTo(4),
      marginMinutes: 0,
      freshnessWeight: [0.3, 0.05, 0][upTo(3)] ?? 0,
    };
  });
  if (apart) return { ...apartOf(batches, upTo), kitchen: tinyKitchen(pairs, []) };
  const away = pairs === 2 && upTo(2) ? [{ from: 100 - 16 - upTo(12), to: 100 - 8 - upTo(6) }] : [];
  return { batches, kitchen: tinyKitchen(pairs, away) };
}
const tinyKitchen = (pairs: number, away: readonly Span[]): DayKitchen => ({
  ...PLAIN_DAY,
  pairs: Array.from({ length: pairs }, (_, i) => ({ id: `p${i}`, name: `p${i}`, away: i === 1 ? away : [] })),
  bowls: 9,
  notBefore: 20,
});
function apartOf(batches: readonly BatchWork[], upTo: (n: number) => number): { readonly batches: readonly BatchWork[] } {
  const apart = 35 + upTo(45);
  return {
    batches: batches.slice(0, 2).map((work, i): BatchWork => ({ ...work, dueMinute: work.dueMinute + 80 - (i === 0 ? apart : 0) })),
  };
} // prettier-ignore
