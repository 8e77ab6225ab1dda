export {
  baseTimeOf,
  LONGEST_MESSAGE,
  readPack,
  WIRE_NAMES,
  WIRE_UNITS,
  writePack,
  type WireName,
  type WirePack,
  type WireReading,
} from './senml.js';
export {
  COMMAND_NAMES,
  readCommand,
  type DeviceCommand,
  type DeviceCommandName,
  type ReadCommand,
} from './commands.js';
export { readPlainLine, type PlainReading } from './plain-lines.js';
