import { DEMO_FORMULAS } from '../samples/index.js';
import { json, type Given } from './commands.spec-help.js';
import { runCommand } from './index.js';

/* `orvin plan`, over the tea tent's formulas. */

interface Planned {
  readonly feasible: boolean;
  readonly proven: boolean;
  readonly cost: number;
  readonly bound: number;
  readonly startsAt: string;
  readonly ovenMinutes: number;
  readonly tasks: readonly { readonly id: string; readonly batch: string; readonly kind: string; readonly startsAt: string; readonly endsAt: string; readonly hands: number; readonly oven: { readonly id: string; readonly celsius: number } | null; readonly evening: boolean }[]; // prettier-ignore
  readonly deadlines: readonly { readonly batch: string; readonly by: string; readonly readyAt: string; readonly onTimeShare: number }[]; // prettier-ignore
  readonly conflict: readonly { readonly message: string }[];
  readonly waysOut: readonly { readonly code: string; readonly startsAt: string; readonly message: string }[];
}
const KINDS = ['take-out', 'chill', 'prepare', 'line', 'preheat', 'weigh', 'mix', 'rest', 'portion', 'bake', 'turn', 'tent', 'out', 'turn-out', 'cool', 'frost', 'slice', 'pack', 'wash', 'feed']; // prettier-ignore
const BY = '2026-11-28T15:00';
const NOW = { zone: 'Europe/London', instant: Date.UTC(2026, 10, 27, 12) };
const UNTIMED = 'Something\n\n200 g plain flour\n2 tsp baking powder\n150 ml milk\n';
const text = (file: string) =>
  file === 'untimed.txt' ? UNTIMED : DEMO_FORMULAS.find(({ id }) => file === `${id}.txt`)?.text;
const plan = (files: readonly string[], options: Given = {}) =>
  runCommand(
    ['plan', ...files.map((id) => `${id}.txt`)],
    { by: BY, region: 'uk', seconds: '0.4', ...options },
    text,
    NOW,
  );
const planned = (files: readonly string[], options: Given = {}) => json(plan(files, options)) as unknown as Planned;
const message = (outcome: ReturnType<typeof plan>) => ('message' in outcome ? outcome.message : '');

describe('plan', () => {
  const day = planned(['pear-cardamom-loaf', 'rhubarb-ginger-muffins', 'thyme-sweet-potato-scones']);
  it('puts one batch a file on the table by its hour, in local minutes', () => {
    expect(day.feasible).toBeTrue();
    expect(day.deadlines.map(({ by }) => by)).toEqual([BY, BY, BY]);
    for (const { readyAt, onTimeShare } of day.deadlines) {
      expect(readyAt <= BY).toBeTrue();
      expect(onTimeShare).toBeGreaterThanOrEqual(0.9);
    }
    expect(day.bound).toBeLessThanOrEqual(day.cost);
    expect(day.startsAt).toBe(day.tasks.filter(({ hands }) => hands > 0).map(({ startsAt }) => startsAt).sort()[0] ?? ''); // prettier-ignore
  });
  it('names kinds of tasks, batches by title, and the oven with its heat where one is held', () => {
    for (const task of day.tasks) {
      expect(KINDS).toContain(task.kind);
      expect(task.startsAt).toMatch(/^2026-11-2[78]T\d\d:\d\d$/);
      expect(task.endsAt >= task.startsAt).toBeTrue();
      if (task.kind === 'bake') expect(task.oven?.celsius).toBeGreaterThan(100);
    }
    expect(day.tasks.filter(({ kind }) => kind === 'bake').map(({ batch }) => batch).sort()).toEqual([
      'Pear and cardamom loaf', 'Rhubarb & ginger muffins', 'Thyme and sweet-potato scones',
    ]); // prettier-ignore
  });
  it('begins later, or as late, with a second pair of hands', () => {
    const two = planned(['pear-cardamom-loaf', 'rhubarb-ginger-muffins', 'thyme-sweet-potato-scones'], { hands: '2' });
    expect(two.startsAt >= day.startsAt).toBeTrue();
  });
  it('says why it does not fit, and ways out that begin when they say', () => {
    const tight = planned(['pear-cardamom-loaf', 'gingerbread-dark-treacle', 'rhubarb-ginger-muffins'], { 'not-before': '2026-11-28T11:45', seconds: '1' }); // prettier-ignore
    expect(tight.feasible).toBeFalse();
    expect(tight.tasks).toEqual([]);
    expect(tight.conflict[0]?.message).toMatch(/too short/);
    expect(tight.waysOut.map(({ code }) => code)).toContain('earlier');
    expect(tight.waysOut.find(({ code }) => code === 'earlier')?.startsAt ?? BY).toMatch(/T(?:0\d|1[01]):\d\d$/);
  });
  it('writes a calendar beside it', () => {
    const outcome = plan(['pear-cardamom-loaf'], { ics: 'day.ics' });
    const files = 'files' in outcome ? outcome.files : undefined;
    expect(files?.['day.ics']).toContain('BEGIN:VCALENDAR');
  });
  it('is the same twice', () => {
    const again = planned(['pear-cardamom-loaf', 'rhubarb-ginger-muffins', 'thyme-sweet-potato-scones']);
    expect(again).toEqual(day);
  });
  it('bakes on a griddle without an oven, eighteen minutes of somebody', () => {
    const griddle = planned(['oat-farls']);
    const bake = griddle.tasks.find(({ kind }) => kind === 'bake');
    expect([bake?.oven, bake?.hands]).toEqual([null, 1]);
    expect(Date.parse(bake?.endsAt ?? '') - Date.parse(bake?.startsAt ?? '')).toBe(18 * 60_000);
    expect(griddle.ovenMinutes).toBe(0);
    const [deadline] = griddle.deadlines;
    expect((deadline?.readyAt ?? '') >= (bake?.endsAt ?? 'z')).toBeTrue();
  });
  it('refuses in words: no hour, an hour that is past, no hands, a bake nobody knows, no file, a day that ends before it begins', () => {
    expect(message(runCommand(['plan', 'oat-farls.txt'], {}, text))).toContain('--by');
    expect(message(plan(['pear-cardamom-loaf'], { by: '2026-11-20T15:00' }))).toContain('past');
    expect(message(plan(['pear-cardamom-loaf'], { by: '2026-11-31T15:00' }))).toContain('is no moment');
    expect(message(plan(['pear-cardamom-loaf'], { by: 'teatime' }))).toContain('is no moment');
    expect(message(plan(['pear-cardamom-loaf'], { hands: '0' }))).toContain('no hands');
    expect(message(plan(['untimed']))).toContain('not known');
    expect(message(plan(['nowhere']))).toContain('cannot read');
    expect(message(plan([]))).toContain('plan needs files');
    expect(message(plan(['pear-cardamom-loaf'], { 'not-before': '2026-11-28T16:00' }))).toContain('after everything');
  });
});
