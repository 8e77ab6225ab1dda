import Joi from 'joi';

/** What stands in for an instrument can be told, as JSON: `{ "do": "pour", "grams": 20 }`. */
export type DeviceCommand =
  | { readonly do: 'pour'; readonly grams: number; readonly rate?: number }
  | { readonly do: 'spoon'; readonly grams: number }
  | { readonly do: 'take'; readonly grams: number }
  | { readonly do: 'tare' | 'fall' }
  | { readonly do: 'lift'; readonly seconds: number }
  | { readonly do: 'door'; readonly open: boolean }
  | { readonly do: 'set'; readonly celsius: number }
  | { readonly do: 'fan' | 'power'; readonly on: boolean }
  | { readonly do: 'place'; readonly x: number; readonly z: number }
  | { readonly do: 'freeze' | 'thaw'; readonly what: 'scale' | 'probe' | 'thermometer' }
  | { readonly do: 'unplug' | 'plug'; readonly what: 'scale' | 'oven' | 'thermometer' | 'probe' }
  /** What is baked, so that the probe stands in it: from the moment that it goes in. */
  | { readonly do: 'load'; readonly job: unknown }
  | { readonly do: 'unload' };
export type DeviceCommandName = DeviceCommand['do'];

const within = (low: number, high: number) => Joi.number().strict().min(low).max(high).required();
const yes = Joi.boolean().strict().required();
const frozen = Joi.string().valid('scale', 'probe', 'thermometer').required();
const plugged = Joi.string().valid('scale', 'oven', 'thermometer', 'probe').required();

const COMMANDS: Readonly<Record<DeviceCommandName, Joi.PartialSchemaMap>> = {
  pour: { grams: within(0.1, 5000), rate: Joi.number().strict().min(1).max(200) },
  spoon: { grams: within(0.1, 500) },
  take: { grams: within(0.1, 5000) },
  tare: {},
  lift: { seconds: within(1, 60) },
  door: { open: yes },
  set: { celsius: within(0, 300) },
  fan: { on: yes },
  power: { on: yes },
  place: { x: within(-200, 200), z: within(0, 300) },
  fall: {},
  freeze: { what: frozen },
  thaw: { what: frozen },
  unplug: { what: plugged },
  plug: { what: plugged },
  load: { job: Joi.object().unknown(true).required() },
  unload: {},
};
export const COMMAND_NAMES = Object.keys(COMMANDS) as readonly DeviceCommandName[];
const SCHEMAS = new Map(
  COMMAND_NAMES.map((name) => [name, Joi.object<DeviceCommand>({ do: Joi.string().required(), ...COMMANDS[name] })]),
);
const LONGEST_COMMAND = 20_000;

export type ReadCommand =
  { readonly kind: 'command'; readonly command: DeviceCommand } | { readonly kind: 'refused'; readonly error: string };

/** A command from the wire; what is wrong with it in a sentence. */
export function readCommand(message: string): ReadCommand {
  if (message.length > LONGEST_COMMAND) return { kind: 'refused', error: 'too long' };
  let parsed: unknown;
  try {
    parsed = JSON.parse(message);
  } catch {
    return { kind: 'refused', error: 'not JSON' };
  }
  const named = typeof parsed === 'object' && parsed !== null ? (parsed as { readonly do?: unknown }).do : undefined;
  const schema = SCHEMAS.get(named as DeviceCommandName);
  if (!schema) return { kind: 'refused', error: `what to do is one of ${COMMAND_NAMES.join(', ')}` };
  const checked = schema.validate(parsed, { convert: false });
  if (checked.error)
    return { kind: 'refused', error: `${String(named)}: ${checked.error.message.replaceAll('"', '')}` };
  return { kind: 'command', command: checked.value };
}
