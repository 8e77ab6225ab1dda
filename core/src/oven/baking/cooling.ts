import type { Cooling, CoolOptions } from './bake-spec.js';
import type { BatterCells } from './batter-cells.js';
import type { BatterFaces } from './batter-faces.js';
import type { HeatExchange } from './heat-exchange.js';
import type { OvenAir } from './oven-air.js';
import type { HeatBooks } from './physics.js';

/** Steps while it cools are this long; twice that once the steep part is over. */
const COOLING_STEP_SECONDS = 40;
const SLOW_COOLING_MINUTES = 30;
const LONGEST_COOLING_MINUTES = 900;
/** A frosting stands on what is so little warmer than the room, °C. */
const FROST_ABOVE_ROOM = 6;

/** What cools: the bake as it came out, and how one step of it is taken. */
export interface ComesOut {
  readonly cells: BatterCells;
  readonly faces: BatterFaces;
  readonly air: OvenAir;
  readonly exchange: HeatExchange;
  readonly books: HeatBooks;
  readonly step: (count: number, seconds: number) => void;
}

/** Out of its pan: all faces are open, and the pan keeps the heat it has. */
function turnOut({ cells, faces, books }: ComesOut): void {
  for (let i = 0; i < cells.grid.cells; i++) {
    books.heatOut += (cells.panCapacity[i] ?? 0) * (cells.celsius[i] ?? 0);
    cells.panCapacity[i] = 0;
  }
  faces.open();
}

/**
 * Out of the oven: in its pan for a while, then on a rack, until it is cool enough to slice and to frost. The middle still gets hotter
 * at first, from the heat of the crust.
 * @param steps so many were taken in the oven: the order of directions goes on alternating
 */
export function coolDown(
  bake: ComesOut,
  { inPanMinutes, roomCelsius, sliceCelsius }: CoolOptions,
  steps: number,
): Cooling {
  const { cells, air, exchange, books } = bake;
  const coreOut = cells.coreCelsius();
  const until = { slice: sliceCelsius, frost: roomCelsius + FROST_ABOVE_ROOM };
  const minutesTo: { slice: number | undefined; frost: number | undefined } = { slice: undefined, frost: undefined };
  let hottestCore = coreOut;
  let unpanned = false;
  let stepSeconds = COOLING_STEP_SECONDS;
  let before = Infinity;
  let count = steps;
  air.comeOut(roomCelsius);
  exchange.comeOut(air.roomConvection);
  for (let minute = 0; minute < LONGEST_COOLING_MINUTES;) {
    if (!unpanned && minute >= inPanMinutes) {
      turnOut(bake);
      unpanned = true;
    }
    bake.step(count++, stepSeconds);
    minute += stepSeconds / 60;
    hottestCore = Math.max(hottestCore, cells.coreCelsius());
    const hottest = cells.hottest();
    for (const to of ['slice', 'frost'] as const) {
      if (minutesTo[to] !== undefined || hottest > until[to]) continue;
      const share = before === Infinity ? 0 : (until[to] - hottest) / (before - hottest);
      minutesTo[to] = minute - (stepSeconds / 60) * share;
    }
    before = hottest;
    if (minutesTo.frost !== undefined && minutesTo.slice !== undefined) break;
    // what still changes, changes slowly now
    if (minute > SLOW_COOLING_MINUTES) stepSeconds = 2 * COOLING_STEP_SECONDS;
  }
  return { carryOverCelsius: hottestCore - coreOut, minutesTo, massLost: books.steam / cells.batterMass };
}
