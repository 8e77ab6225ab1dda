import { json, message, run } from './commands.spec-help.js';

interface CauseJson {
  readonly id: string;
  readonly share: number;
  readonly words: string;
  readonly for: readonly string[];
  readonly edit: { readonly code: string; readonly ingredient: string; readonly grams: number; readonly before: number } | null; // prettier-ignore
}

describe('orvin diagnose', () => {
  const causes = (options: Parameters<typeof run>[1]) => json(run(['diagnose', 'pear.txt'], options))['causes'] as unknown as readonly CauseJson[]; // prettier-ignore
  it('ranks causes by what is known of the bake, with the change in grams of this formula', () => {
    const found = causes({ faults: 'soapy', facts: '{"leftoverSoda":1.1,"crumbPh":8.5,"sodaSieved":true}' });
    expect(found[0]?.id).toBe('soda_excess');
    expect(found[0]?.words).toBe('very likely');
    expect(found[0]?.for.join()).toContain('soda left over');
    expect(found[0]?.edit?.ingredient).toBe('baking-soda');
    expect(found[0]?.edit?.grams).toBeLessThan(found[0]?.edit?.before ?? 0);
    expect(found.every(({ share }) => share >= 0 && share <= 1)).toBeTrue();
  });
  it('goes by other facts to another cause', () => {
    const underdone = causes({ faults: 'sank_middle,gummy_line', facts: '{"coreAtOut":88,"minutesOver":-18}' });
    expect(underdone[0]?.id).toBe('underbaked');
  });
  it('always leaves room for something else, and asks a question', () => {
    const answer = json(run(['diagnose', 'pear.txt'], { faults: 'dense_all' })) as unknown as { readonly somethingElse: number; readonly nextTest: { readonly id: string; readonly question: string } | null }; // prettier-ignore
    expect(answer.somethingElse).toBeGreaterThan(0);
    expect(answer.nextTest?.question).toMatch(/\S/);
  });
  it('refuses a fault that is none, with the list; and facts that are none, with what to write', () => {
    expect(run(['diagnose', 'pear.txt'], { faults: 'sad' }).code).toBe(1);
    expect(message(['diagnose', 'pear.txt'], { faults: 'sad' })).toMatch(/sad.*sank_middle/s);
    expect(run(['diagnose', 'pear.txt'], {}).code).toBe(2);
    expect(message(['diagnose', 'pear.txt'], { faults: 'dry', facts: '{core:1}' })).toMatch(/no JSON/);
    expect(message(['diagnose', 'pear.txt'], { faults: 'dry', facts: '{"corAtOut":1}' })).toMatch(/corAtOut/);
  });
});

describe('orvin keep and orvin label', () => {
  it('say how long, part by part and as a whole', () => {
    const { whole, parts } = json(run(['keep', 'pear.txt'])) as unknown as { readonly whole: { readonly roomDays: number; readonly reasons: readonly string[] }; readonly parts: readonly unknown[] }; // prettier-ignore
    expect(parts.length).toBe(1);
    expect(whole.roomDays).toBeGreaterThanOrEqual(1);
    expect(whole.reasons[0]).toMatch(/loaf/);
  });
  it('draft a label by the list of the region', () => {
    const label = json(run(['label', 'pear.txt'], { region: 'UK' })) as unknown as { readonly ingredients: readonly { readonly grams: number }[]; readonly allergens: readonly string[]; readonly draft: boolean; readonly text: string }; // prettier-ignore
    const grams = label.ingredients.map((item) => item.grams);
    expect(grams).toEqual([...grams].sort((a, b) => b - a));
    expect(label.allergens).toEqual(jasmine.arrayContaining(['wheat', 'egg']));
    expect(label.draft).toBeTrue();
    expect(label.text).toContain('**wheat**');
  });
  it('refuse what is no formula', () => {
    expect(run(['keep', 'list.txt']).code).toBe(1);
    expect(run(['label', 'list.txt']).code).toBe(1);
  });
});
