import { TestBed } from '@angular/core/testing';
import type { ComponentFixture } from '@angular/core/testing';
import { findingsIn } from '@orvin/core/bench/findings';
import { allWordsOf, entered, hostOf, pressed, rendered, wordsOf } from '../parts/rendered.spec-help';
import { FormulaStore } from '../store/formula-store';
import { RecordStore } from '../store/record-store';
import { until } from '../store/visits.spec-help';
import { demoKitchen } from '../parts/demo-kitchen.spec-help';
import { Readings } from '../work/readings';
import { Bench } from './bench';
import { CouldGoWrong } from './could-go-wrong';

describe('the Bench', () => {
  const { withAtHand } = demoKitchen();
  const loaf = async (at?: string, more: Readonly<Record<string, string>> = {}) => {
    const id = await withAtHand('pear-cardamom-loaf');
    const view = rendered(Bench, { id, ...(at !== undefined && { at }), ...more });
    return { id, view };
  };
  const formula = (id: string) => {
    const stored = TestBed.inject(FormulaStore).formula(id);
    if (!stored) throw new Error(id);
    return stored.formula;
  };
  const audit = (id: string) => TestBed.inject(Readings).of(formula(id));
  const undo = () => {
    TestBed.inject(RecordStore).undo();
    TestBed.tick();
  };
  const seen = (view: ComponentFixture<Bench>, words: RegExp) => until(() => words.test(wordsOf(view)));

  it('says in its largest figure what soda is left over, and follows an amount', async () => {
    const { id, view } = await loaf();
    expect(wordsOf(view)).toContain('3.2 g◇ soda left over');
    entered(view, 'Amount of 1 tsp baking soda, grams or any unit', '1.7 g');
    expect(audit(id).ledger.leftoverSodaGrams).toBeLessThan(0.2);
    expect(wordsOf(view)).not.toContain('3.2 g');
    undo();
    expect(wordsOf(view)).toContain('3.2 g◇ soda left over');
  });
  it('takes an amount in any unit, and the words of the line follow', async () => {
    const { id, view } = await loaf();
    entered(view, 'Amount of 1/4 cup plain yogurt, grams or any unit', '1/2 cup');
    expect(formula(id).components[0]?.lines.some(({ text }) => text.includes('1/2 cup plain yogurt'))).toBeTrue();
  });
  it('puts a finding right with one press, as one act', async () => {
    const { id, view } = await loaf();
    pressed(view, 'Write “⅜ tsp baking soda”');
    expect(audit(id).ledger.leftoverSodaGrams).toBeLessThan(0.3);
    expect(wordsOf(view)).not.toContain('3.2 g of soda');
    undo();
    expect(audit(id).ledger.leftoverSodaGrams).toBeGreaterThan(3);
  });
  it('sets a finding aside with its reason, and it stays aside', async () => {
    const { id, view } = await loaf();
    pressed(view, /^Set aside: 3.2 g of soda/);
    const field = hostOf(view).querySelector<HTMLInputElement>('orv-note-list input');
    if (field) {
      field.value = 'for browning';
      field.dispatchEvent(new Event('input', { bubbles: true }));
      field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
      field.closest('form')?.dispatchEvent(new Event('submit', { cancelable: true, bubbles: true }));
    }
    await until(() => (TestBed.tick(), (formula(id).dismissed?.length ?? 0) === 1));
    const { findings } = findingsIn(formula(id), TestBed.inject(Readings).around());
    expect(findings.some(({ code }) => code === formula(id).dismissed?.[0]?.code)).toBeFalse();
  });
  it('sets soda and powder by a school: what is used ends in the bands', async () => {
    const { id, view } = await loaf('set');
    await seen(view, /Soda for the acid, powder for the rest/);
    pressed(view, 'Use it: Soda for the acid, powder for the rest');
    const { verdicts, ledger } = audit(id);
    expect(ledger.leftoverSodaGrams).toBeLessThan(0.4);
    expect(verdicts.filter(({ quantity }) => quantity === 'gas' || quantity === 'crumb-ph').map(({ verdict }) => verdict)).toEqual(['within', 'within']); // prettier-ignore
    undo();
    expect(audit(id).ledger.leftoverSodaGrams).toBeGreaterThan(3);
  });
  it('brings the formula into its bands by the fewest lines, and a held line never moves', async () => {
    const { id, view } = await loaf('set');
    await seen(view, /One line moves/);
    pressed(view, 'Take all');
    expect(audit(id).verdicts.every(({ verdict }) => verdict === 'within')).toBeTrue();
    expect(formula(id).components[0]?.lines.filter(({ text }, i) => text !== formulaBefore[i]).length).toBe(1);
  });
  it('offers for a diet what stands in, kept as a version of its own', async () => {
    const { id, view } = await loaf('swap');
    await seen(view, /For whom/);
    pressed(view, 'dairy-free');
    await seen(view, /yogurt/);
    const take = [...hostOf(view).querySelectorAll('button')].find((button) => /^(?:Use|Take|Make|Keep)/.test(button.textContent.trim())); // prettier-ignore
    expect(take).withContext(allWordsOf(view, 'orv-swap-face button').join(' | ')).toBeDefined();
    take?.click();
    await until(() => (TestBed.tick(), TestBed.inject(FormulaStore).versionsOf(id).length > 1));
    const left = audit(id).lines.flatMap(({ entries }) => entries.flatMap(({ read }) => read.ingredient?.allergens ?? [])); // prettier-ignore
    expect(left).not.toContain('milk');
  });
  it('adds a line, a part and a step where one asks, each an act of its own', async () => {
    const { id, view } = await loaf();
    const lines = () => formula(id).components.reduce((sum, component) => sum + component.lines.length, 0);
    const before = lines();
    pressed(view, 'Next line in Batter');
    expect(lines()).toBe(before + 1);
    pressed(view, 'add a part: frosting, filling, topping');
    expect(formula(id).components.length).toBe(3);
    undo();
    undo();
    expect(lines()).toBe(before);
    pressed(view, /^Dissolve Top/);
    expect(formula(id).components.length).toBe(1);
    expect(lines()).toBe(before);
  });
  it('shows a change that the Book proposes, and keeps it as the version that it says', async () => {
    const { id, view } = await loaf(undefined, { because: 'soda_excess', faults: 'soapy', of: '' });
    await seen(view, /From the Book: soda left over/);
    expect(wordsOf(view, 'orv-change-from-book')).toContain('Seen: soapy.');
    pressed(view, 'Keep it as version 2');
    const [version] = TestBed.inject(FormulaStore).versionsOf(id);
    expect(version?.number).toBe(2);
    expect(version?.reason).toMatch(/soda .* after a bake: soapy/);
    expect(audit(id).ledger.leftoverSodaGrams).toBeLessThan(0.5);
  });
  it('says what could go wrong before anything is baked', async () => {
    const { id } = await loaf();
    const words = wordsOf(rendered(CouldGoWrong, { formulaId: id }));
    expect(words).toMatch(/^What could go wrong ?Soapy .*soda left over/);
  });
});
const formulaBefore = ['1 2/3 cups all-purpose flour, spooned', '1/2 cup whole wheat flour', '1 tsp baking soda', '1/2 tsp baking powder', '1/2 tsp fine salt', '8 cardamom pods, seeds ground', '2/3 cup light brown sugar, packed', '2 large eggs', '7 tbsp vegetable oil', '1/4 cup plain yogurt', '3 ripe pears, puréed (about 240 g)']; // prettier-ignore
