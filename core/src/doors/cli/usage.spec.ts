import { readFileSync } from 'node:fs';
import type { Given } from './commands.spec-help.js';
import { writeRecord } from '../../papers/book-papers/index.js';
import { OPTION_KINDS, runCommand, USAGE } from './index.js';

/** What an option needs beside it to be of use. */
const BESIDE: Readonly<Record<string, Given>> = {
  'swap from': { to: 'milk+vinegar' },
  'swap to': { from: 'buttermilk' },
  'swap share': { from: 'buttermilk', to: 'milk+vinegar' },
  'scale fill': { pan: '8 in round x 2' },
  'scale kit': { factor: '1.5' },
  'plan not-before': { by: '2026-11-28T15:00', seconds: '0.1' },
  'plan hands': { by: '2026-11-28T15:00', seconds: '0.1' },
  'plan ovens': { by: '2026-11-28T15:00', seconds: '0.1' },
  'plan room': { by: '2026-11-28T15:00', seconds: '0.1' },
  'plan seconds': { by: '2026-11-28T15:00' },
  'plan ics': { by: '2026-11-28T15:00', seconds: '0.1' },
  'rescue mixed': { over: 'flour=12' },
  'diagnose facts': { faults: 'sank_middle' },
  'bake compare': { to: ['9 in round x 2', '12-cup muffin tin'] },
};
/** Commands whose figures only mean something together. */
const TOGETHER: ReadonlySet<string> = new Set(['pieces', 'frost', 'devices']);
/** A formula that has everything the examples speak of. */
const LOAF = `Harbour banana loaf
makes 12
260 g plain flour
160 g caster sugar
1 tsp bicarbonate of soda
240 g bananas, mashed
120 ml buttermilk
60 ml milk
2 eggs
90 g butter, melted
Bake at 175 C in a 9x5 loaf pan for 55 to 60 minutes`;
/** A season and a record, for the commands of the Book. */
const SEASON = `date,recipe,pan,celsius,fan,predicted,out,word
2026-10-10,pear loaf,9x5 in loaf,177,0,57,62,just
2026-10-25,parsnip rounds,8 in round,175,0,31,34,just
2026-11-01,pear loaf,9x5 in loaf,177,0,57,62,bit-over
`;
const RECORD = writeRecord({
  title: 'Pear and cardamom loaf', at: Date.UTC(2026, 10, 28), size: 'one loaf', pan: '9x5 in loaf', celsius: 177, fan: false, outMinutes: 64,
  word: 'just', readings: { mixing: 40, waiting: 2, 'soda-left': 0.1 }, score: 8, wrong: [],
}); // prettier-ignore
/** What lies at the command's hand, by the file's name. */
const fileText = (file: string): string => (file.endsWith('.csv') ? SEASON : file.endsWith('.json') ? RECORD : LOAF);
const run = (words: readonly string[], options: Given) => runCommand(words, options, fileText);

/** A value as the shell hands it on. */
const unquoted = (value: string): string => value.replace(/^(['"])(.*)\1$/, '$2');

interface Example {
  readonly command: string;
  readonly option: string;
  readonly value: string | true;
}

/** Every option of the usage with every value that stands behind it, by the command it stands under. */
function examples(): readonly Example[] {
  let command = '';
  return USAGE.split('\n').flatMap((line) => {
    const named = /^ {2}([a-z]+)\s/.exec(line)?.[1];
    if (named !== undefined && named !== 'every') command = named;
    if (line.includes('every command')) command = 'audit';
    return [...line.matchAll(/--([a-z-]+)((?: ?\|?(?:"[^"]*"|'[^']*'|-?[\w.][\w.,-]*))*)/g)].flatMap(
      ([, option = '', values = '']): readonly Example[] => {
        if (!Object.hasOwn(OPTION_KINDS, option)) return [];
        if (OPTION_KINDS[option] === 'flag') return [{ command, option, value: true }];
        const written = values.match(/"[^"]*"|'[^']*'|[^|"'\s]+/g) ?? [];
        return written.map((value) => ({ command, option, value: unquoted(value) }));
      },
    );
  });
}

describe('the usage', () => {
  const all = examples();
  const fileOf = (command: string) =>
    TOGETHER.has(command) ? [] : command === 'learn' ? ['season.csv'] : ['loaf.txt'];
  it('has an example for every option that takes a value', () => {
    const shown = new Set(all.map(({ option }) => option));
    expect(Object.keys(OPTION_KINDS).filter((option) => !shown.has(option))).toEqual([]);
  });
  for (const command of TOGETHER)
    it(`runs as it is written: ${command}`, () => {
      const options = Object.fromEntries(
        all.filter((example) => example.command === command).map(({ option, value }) => [option, value]),
      );
      const outcome = run([command], options);
      expect('message' in outcome ? outcome.message : '').toBe('');
      expect(outcome.code).toBe(0);
    });
  for (const { command, option, value } of all.filter((example) => !TOGETHER.has(example.command)))
    it(`runs as it is written: ${command} --${option} ${value === true ? '' : value}`, () => {
      const words = command === 'convert' ? ['convert', '2 cups plain flour'] : [command, ...fileOf(command)];
      const options: Given = { ...BESIDE[`${command} ${option}`], [option]: value };
      const outcome = run(words, options);
      expect('message' in outcome ? outcome.message : '').toBe('');
      expect(outcome.code).toBe(0);
    });
});

/** The words of a command line, quotes taken off. */
const wordsOf = (line: string): readonly string[] => (line.match(/"[^"]*"|'[^']*'|\S+/g) ?? []).map(unquoted);

/** A command line as its caller takes it apart. */
function takenApart(line: string): { readonly words: readonly string[]; readonly options: Given } {
  const command = line.replace(/^.*? -- /, '').replace(/ < \S+$/, '');
  const words: string[] = [];
  const options: Record<string, string | boolean | readonly string[]> = {};
  const all = wordsOf(command);
  for (let i = 0; i < all.length; i++) {
    const option = /^--([a-z-]+)$/.exec(all[i] ?? '')?.[1];
    if (option === undefined) words.push(all[i] ?? '');
    else if (OPTION_KINDS[option] === 'flag') options[option] = true;
    else {
      const value = all[++i] ?? '';
      const before = options[option];
      options[option] =
        before === undefined
          ? value
          : [...(typeof before === 'string' ? [before] : (before as readonly string[])), value];
    }
  }
  return { words, options: options };
}

describe('the README', () => {
  const lines = readFileSync(new URL('../../../../README.md', import.meta.url), 'utf8')
    .split('\n')
    .filter((line) => line.startsWith('npm run --silent orvin'));
  const page = `<html><body><h1>${LOAF.split('\n')[0] ?? ''}</h1>${LOAF.split('\n')
    .slice(1)
    .map((line) => `<p>${line}</p>`)
    .join('')}</body></html>`;
  it('shows the command line', () => expect(lines.length).toBeGreaterThan(8));
  for (const line of lines)
    it(`shows what runs: ${line.replace(/^.*? -- /, '')}`, () => {
      const { words, options } = takenApart(line);
      const outcome = runCommand(words, options, (file) => (file.endsWith('.html') ? page : fileText(file)));
      expect('message' in outcome ? outcome.message : '').toBe('');
      expect(outcome.code).toBe(0);
    });
});
