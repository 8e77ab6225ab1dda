import { auditCommand } from './audit-command.js';
import { compareCommand, learnCommand } from './book-commands.js';
import { bakeCommand } from './bake-command.js';
import { diagnoseCommand } from './diagnose-command.js';
import { convertCommand } from './convert-command.js';
import { exportCommand } from './export-command.js';
import { checkOptions, type Options, type TypedOptions } from './options.js';
import { wrongUse, type Outcome } from './outcome.js';
import { frostCommand, panCommand, piecesCommand } from './geometry-commands.js';
import { keepCommand, labelCommand } from './keep-commands.js';
import { leavenCommand } from './leaven-command.js';
import { planCommand, type Now } from './plan-command.js';
import { parseCommand } from './parse-command.js';
import { rebalanceCommand } from './rebalance-command.js';
import { rescueCommand } from './rescue-command.js';
import { scaleCommand } from './scale-command.js';
import { swapCommand } from './swap-command.js';

type Command = (text: string, options: Options, name: string) => Outcome;
const COMMANDS: ReadonlyMap<string, Command> = new Map<string, Command>([
  ['parse', parseCommand],
  ['audit', auditCommand],
  ['bake', bakeCommand],
  ['export', exportCommand],
  ['rebalance', rebalanceCommand],
  ['swap', swapCommand],
  ['leaven', leavenCommand],
  ['scale', scaleCommand],
  ['rescue', rescueCommand],
  ['learn', learnCommand],
  ['diagnose', diagnoseCommand],
  ['keep', keepCommand],
  ['label', labelCommand],
]);

/** What each command takes beside the options of every one. */
const TAKES: ReadonlyMap<string, readonly string[]> = new Map([
  ['parse', []],
  ['audit', []],
  ['bake', ['to', 'compare', 'schedule', 'cover', 'start-celsius', 'altitude', 'pans-in-oven', 'oven-offset', 'from', 'known-minutes', 'celsius', 'fan', 'material', 'mass']],
  ['export', ['format']],
  ['rebalance', ['lock', 'have']],
  ['swap', ['from', 'to', 'share']],
  ['leaven', ['school', 'fineness', 'share']],
  ['scale', ['factor', 'pieces', 'grams', 'limit', 'pan', 'fill', 'kit']],
  ['pan', []],
  ['pieces', ['dough', 'thickness', 'cutter', 'square']],
  ['frost', ['layers', 'diameter', 'height', 'filling', 'coat']],
  ['convert', ['to']],
  ['rescue', ['over', 'mixed']],
  ['learn', ['next']],
  ['diagnose', ['faults', 'facts']],
  ['keep', []],
  ['label', []],
  ['compare', []],
  ['devices', ['port', 'pace']],
  ['plan', ['by', 'not-before', 'hands', 'ovens', 'room', 'seconds', 'ics']],
]); // prettier-ignore
const EVERY_COMMAND: ReadonlySet<string> = new Set(['region', 'style', 'filled', 'language']);

/** An option that the command has no use for: told, not passed over. */
function useless(name: string, typed: TypedOptions): Outcome | undefined {
  const takes = TAKES.get(name) ?? [];
  const stranger = Object.keys(typed).find(
    (option) => Object.hasOwn(OPTION_KINDS, option) && !EVERY_COMMAND.has(option) && !takes.includes(option),
  );
  if (stranger === undefined) return undefined;
  const known =
    takes.length === 0 ? 'it takes none of its own' : `it takes ${takes.map((option) => `--${option}`).join(', ')}`;
  return wrongUse(`${name} does not take --${stranger}; ${known}`);
}

export const USAGE = `usage: npm run --silent orvin -- <command> FILE|- [options]

  parse FILE|-   what was read, line by line
  audit FILE|-   grams, baker's percentages, totals, leavening, style bands, findings
  bake  FILE|-   the bake in another pan
                 --to "9 in round x 2"   --from "9x5x2.75 in loaf"   --known-minutes 58
                 --celsius 175   --fan   --material dark   --mass 1150
                 --schedule "20@218,*@163"   --cover "lid 0-30"|"foil 40-"   --start-celsius 5   --altitude 1600
                 --pans-in-oven 2   --oven-offset -9   --to "disc 5x2.5 cm x 16"|"wedge 18 cm round x 8"|"dome"
                 --compare --to … --to …   two to four ways side by side
  rebalance FILE|-  the fewest changes into the bands of its style
                 --lock "banana,egg"   --have "egg<=100 g, no milk"
  swap FILE|-    one thing for another, with what that disturbs put right
                 --from buttermilk --to "milk+vinegar"   --share 0.5
  leaven FILE|-  soda and powder by a school
                 --school acid-only|powder-only|browning|added-acid   --fineness spoons|tenths   --share 0.25
  scale FILE|-   another size, in amounts that can be measured; one of
                 --factor 1.5   --pieces 18   --grams 900   --limit "banana=412 g"   --pan "8 in round x 2" --fill 0.6
                 --kit us-cups|au-cups|metric-spoons|scale-1g|scale-0.1g
  rescue FILE|-  too much of one thing in the bowl: what can be done, cheapest first
                 --over "flour=12"   --mixed
  learn SEASON.csv  oven, habit and recipes from bakes: date,recipe,pan,celsius,fan,predicted,out,word
                 --next "pear loaf,9x5 in loaf,177"
  compare A.json B.json   two bakes: what could explain that they came out differently
  diagnose FILE|-  what most likely went wrong, from its numbers, and what to change
                 --faults sank_middle,soapy   --facts '{"coreAtOut":96,"waitMinutes":12,"ovenError":-15}'
  keep FILE|-    how long it keeps: room, fridge, freezer, part by part, and why no longer
  label FILE|-   a draft of its label, allergens by the region's list: --region UK
  devices        simulated instruments on a line: a scale, an oven, thermometers, until Ctrl-C
                 --port 4311   --pace 60
  pan "9x5x2.75 in loaf"   what it holds, and its paper
  pieces         --dough 900   --thickness 2.5cm   --cutter 5cm   --square
  frost          --layers 3   --diameter 20cm   --height 4cm   --filling 8mm   --coat 5mm
  export FILE|-  the formula in another format
                 --format text|markdown|jsonld|html|csv|orvin
  plan FILE…     each FILE one batch, planned backwards around one oven
                 --by "2026-11-28T15:00"   --not-before "2026-11-28T09:15"   --hands 2   --ovens 1
                 --room 21   --seconds 5   --ics day.ics
  convert "2 cups plain flour"   --to g   --filled scooped|spooned|sifted|packed
  every command: --region US|UK|CA|AU|NZ|IN|JP|EU   --style muffin   --language en|de

FILE is a text, a Markdown card, a saved page, schema.org/Recipe as JSON, a table of lines (CSV) or Orvin's own file; - is standard input. JSON goes to standard output, messages to standard error.
Exit code 0 done, 1 the input was refused, 2 wrong use.`;

/** The options that take a value, and those that are flags: what a caller needs to take a command line apart. */
export const OPTION_KINDS: Readonly<Record<string, 'value' | 'values' | 'flag'>> = {
  region: 'value',
  style: 'value',
  language: 'value',
  to: 'values',
  compare: 'flag',
  schedule: 'value',
  cover: 'value',
  'start-celsius': 'value',
  altitude: 'value',
  'pans-in-oven': 'value',
  'oven-offset': 'value',
  from: 'value',
  'known-minutes': 'value',
  celsius: 'value',
  fan: 'flag',
  material: 'value',
  mass: 'value',
  filled: 'value',
  faults: 'value',
  facts: 'value',
  format: 'value',
  lock: 'value',
  have: 'value',
  school: 'value',
  fineness: 'value',
  share: 'value',
  square: 'flag',
  coat: 'value',
  filling: 'value',
  height: 'value',
  diameter: 'value',
  layers: 'value',
  cutter: 'value',
  thickness: 'value',
  dough: 'value',
  kit: 'value',
  fill: 'value',
  limit: 'value',
  pan: 'value',
  grams: 'value',
  pieces: 'value',
  factor: 'value',
  by: 'value',
  'not-before': 'value',
  hands: 'value',
  ovens: 'value',
  room: 'value',
  seconds: 'value',
  ics: 'value',
  over: 'value',
  mixed: 'flag',
  next: 'value',
  port: 'value',
  pace: 'value',
};

/**
 * Runs one command over the text of a formula. Pure: the caller reads files, prints and exits.
 * @param readText gives the text of the file argument; undefined when it cannot be read
 * @param now for what depends on the day: absent, nothing is past
 */
export function runCommand(
  words: readonly string[],
  typed: TypedOptions,
  readText: (file: string) => string | undefined,
  now?: Now,
): Outcome {
  const [name, file, ...more] = words;
  if (name === undefined) return wrongUse(USAGE);
  const command = COMMANDS.get(name);
  const stranger = TAKES.has(name) ? useless(name, typed) : undefined;
  if (stranger) return stranger;
  if (name === 'pieces' || name === 'frost') return withoutFile(name, typed);
  if (name === 'pan')
    return file === undefined
      ? wrongUse(`pan needs a pan, such as "9x5x2.75 in loaf"\n\n${USAGE}`)
      : panCommand([file, ...more].join(' '));
  if (name === 'convert') return converted(more.length > 0 ? [file, ...more].join(' ') : file, typed);
  if (name === 'plan' || name === 'compare') {
    const files = file === undefined ? [] : [file, ...more];
    const needs = name === 'plan' ? 'plan needs files, one a batch' : 'compare needs two records of bakes';
    return withFiles(files, needs, typed, readText, (texts, options) =>
      name === 'plan' ? planCommand(texts, options, now) : compareCommand(texts),
    );
  }
  if (name === 'devices') {
    if (file !== undefined) return wrongUse('devices takes no file');
    const checked = checkOptions(typed);
    return 'wrong' in checked ? checked.wrong : { code: 0, devices: { port: checked.options.port ?? 4311, pace: checked.options.pace ?? 1 } }; // prettier-ignore
  }
  if (command === undefined) return wrongUse(`there is no command "${name}"\n\n${USAGE}`);
  if (file === undefined) return wrongUse(`${name} needs a file, or - for standard input\n\n${USAGE}`);
  if (more.length > 0) return wrongUse(`${name} takes one file; "${more.join(' ')}" is too much`);
  const checked = checkOptions(name === 'swap' ? inWords(typed) : typed);
  if ('wrong' in checked) return checked.wrong;
  const text = readText(file);
  if (text === undefined) return wrongUse(`cannot read "${file}": no such file, or no permission`);
  return command(text, checked.options, file === '-' ? '' : file);
}

/** `plan` and `compare` take several files. */
function withFiles(
  files: readonly string[],
  needs: string,
  typed: TypedOptions,
  readText: (file: string) => string | undefined,
  command: (texts: readonly { readonly name: string; readonly text: string }[], options: Options) => Outcome,
): Outcome {
  if (files.length === 0) return wrongUse(`${needs}\n\n${USAGE}`);
  const checked = checkOptions(typed);
  if ('wrong' in checked) return checked.wrong;
  const texts: { readonly name: string; readonly text: string }[] = [];
  for (const file of files) {
    const text = readText(file);
    if (text === undefined) return wrongUse(`cannot read "${file}": no such file, or no permission`);
    texts.push({ name: file === '-' ? '' : file, text });
  }
  return command(texts, checked.options);
}

/** `convert` takes words instead of a file, and a measure instead of a pan. */
function converted(words: string | undefined, { to, ...typed }: TypedOptions): Outcome {
  if (words === undefined) return wrongUse(`convert needs an amount, such as "2 cups plain flour"\n\n${USAGE}`);
  const checked = checkOptions({ ...typed, ...(to !== undefined && { 'to-unit': only(to) }) });
  return 'wrong' in checked ? checked.wrong : convertCommand(words, checked.options);
}

/** `swap` takes names where `bake` takes pans. */
const inWords = ({ from, to, ...typed }: TypedOptions): TypedOptions => ({
  ...typed,
  ...(from !== undefined && { 'from-words': from }),
  ...(to !== undefined && { 'to-words': only(to) }),
});

/** An option that may be given several times, where one is meant: the last. */
const only = (value: TypedOptions[string]): TypedOptions[string] => (typeof value === 'object' ? value.at(-1) : value);

/** `pieces` and `frost` work on figures alone. */
function withoutFile(name: 'pieces' | 'frost', typed: TypedOptions): Outcome {
  const checked = checkOptions(typed);
  if ('wrong' in checked) return checked.wrong;
  return name === 'pieces' ? piecesCommand(checked.options) : frostCommand(checked.options);
}
