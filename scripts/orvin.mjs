// The `orvin` command: reads files and options, prints, exits. All it knows is in core/src/doors/cli.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, readdirSync, renameSync, statSync, writeFileSync } from 'node:fs';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { parseArgs } from 'node:util';

const root = fileURLToPath(new URL('..', import.meta.url));

/** The core as one file, so that the command starts quickly; made again when a source is newer. */
async function bundledCore() {
  const source = `${root}core/src`;
  const newest = readdirSync(source, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && entry.name.endsWith('.ts'))
    .reduce(
      (latest, entry) => Math.max(latest, statSync(`${entry.parentPath ?? entry.path}/${entry.name}`).mtimeMs),
      0,
    );
  const folder = `${root}node_modules/.cache/orvin`;
  const file = `${folder}/cli-${Math.round(newest)}.cjs`;
  if (!existsSync(file)) {
    const { build } = await import('esbuild');
    mkdirSync(folder, { recursive: true });
    const own = `${file}.${process.pid}`;
    await build({
      entryPoints: [`${source}/doors/cli/index.ts`],
      bundle: true,
      format: 'cjs',
      platform: 'node',
      outfile: own,
    });
    renameSync(own, file); // whole or not at all, when two start at once
  }
  return pathToFileURL(file).href;
}

/** What the core says, in the language that is asked for: its sentences are marked where they stand, and put in before it is loaded. */
async function speak(words) {
  await import('@angular/localize/init');
  const at = words.findIndex((word) => /^--language(?:=|$)/.test(word));
  const language = words[at]?.split('=')[1] ?? words[at + 1];
  if (at < 0 || language !== 'de') return;
  const { loadTranslations } = await import('@angular/localize');
  const { Xliff1TranslationParser } = await import('@angular/localize/tools');
  const file = `${root}app/src/locale/messages.de.xlf`;
  const parser = new Xliff1TranslationParser();
  const text = readFileSync(file, 'utf8');
  const { translations } = parser.parse(file, text, parser.analyze(file, text).hint);
  loadTranslations(Object.fromEntries(Object.entries(translations).map(([id, { text: said }]) => [id, said])));
}

function read(file, decodeText) {
  try {
    return decodeText(readFileSync(file === '-' ? 0 : file));
  } catch {
    return undefined;
  }
}

/** "--oven-offset -9" means minus nine, and no option called 9. */
function withNegatives(words, options) {
  const args = [];
  for (let i = 0; i < words.length; i++) {
    const takesValue = options[/^--([a-z-]+)$/.exec(words[i])?.[1] ?? '']?.type === 'string';
    if (takesValue && /^-\.?\d/.test(words[i + 1] ?? '')) args.push(`${words[i]}=${words[++i]}`);
    else args.push(words[i]);
  }
  return args;
}

function finish(code, stream, text) {
  process.exitCode = code;
  stream.write(`${text}\n`);
}

process.stdout.on('error', () => process.exit(0)); // a reader that went away is no fault
try {
  await speak(process.argv.slice(2));
  const { decodeText, OPTION_KINDS, runCommand, USAGE } = (await import(await bundledCore())).default;
  const options = Object.fromEntries(
    Object.entries(OPTION_KINDS).map(([name, kind]) => [
      name,
      { type: kind === 'flag' ? 'boolean' : 'string', ...(kind === 'values' && { multiple: true }) },
    ]),
  );
  try {
    const { values, positionals } = parseArgs({
      args: withNegatives(process.argv.slice(2), options),
      options: { ...options, help: { type: 'boolean', short: 'h' } },
      allowPositionals: true,
    });
    const { help, ...typed } = values;
    const outcome = help
      ? undefined
      : runCommand(positionals, { ...typed }, (file) => read(file, decodeText), {
          zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
          instant: Date.now(),
        });
    if (outcome === undefined) finish(0, process.stderr, USAGE);
    else if ('text' in outcome) process.stdout.write(outcome.text);
    else if ('devices' in outcome) {
      const { port, pace } = outcome.devices;
      const child = spawn(process.execPath, ['--import', 'tsx', `${root}server/src/devices/main.ts`, String(port), String(pace)], { stdio: 'inherit', cwd: root }); // prettier-ignore
      child.on('exit', (code) => process.exit(code ?? 1));
      for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
    } else if (outcome.code === 0) {
      for (const [file, text] of Object.entries(outcome.files ?? {})) writeFileSync(file, text);
      finish(0, process.stdout, JSON.stringify(outcome.json));
    } else finish(outcome.code, process.stderr, `orvin: ${outcome.message}`);
  } catch (error) {
    if (!String(error?.code).startsWith('ERR_PARSE_ARGS')) throw error;
    finish(2, process.stderr, `orvin: ${error.message}\n\n${USAGE}`);
  }
} catch (error) {
  const reason = error instanceof Error ? error.message : String(error);
  finish(1, process.stderr, `orvin: something went wrong inside Orvin: ${reason}. Nothing was changed.`);
}
