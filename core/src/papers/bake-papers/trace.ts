import type { Baking, ToldBy } from '../../along/baking/index.js';
import { writePack, type WireName, type WireReading } from '../../along/wire/index.js';

/** What a trace of stand-ins is called by: nobody takes it for a bake that was. */
const SIMULATED = 'simulated:';
interface Said extends WireReading {
  readonly by: ToldBy;
}

/**
 * What the instruments said of a bake that was made along, as SenML (RFC 8428): the core and the oven's air as they were kept, and each
 * weighing at its moment. What stand-ins said goes under the base name "simulated:"; what hands typed in is no trace.
 * @returns one list of JSON; undefined where no instrument said anything
 */
export function writeTrace({ readings, happenings }: Pick<Baking, 'readings' | 'happenings'>): string | undefined {
  const one = (name: WireName, value: number | undefined, at: number, by: ToldBy): readonly Said[] =>
    value === undefined ? [] : [{ name, value, at, by }];
  const said = [
    ...readings.flatMap(({ at, core, air, by }) => [
      ...one('probe:core', core, at, by),
      ...one('thermometer:air', air, at, by),
    ]),
    ...happenings.flatMap((happening) =>
      happening.kind === 'weighed' ? one('scale:mass', happening.grams / 1000, happening.at, happening.by) : [],
    ),
  ].sort((a, b) => a.at - b.at);
  const records = (['device', 'simulated'] as const).flatMap((by) => {
    const those = said.filter((each) => each.by === by);
    return those.length === 0
      ? []
      : (JSON.parse(writePack(those, by === 'simulated' ? SIMULATED : '')) as readonly object[]);
  });
  return records.length === 0 ? undefined : `${JSON.stringify(records)}\n`;
}
