import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { Happening } from '@orvin/core/along/baking';
import { hostOf } from '../parts/rendered.spec-help';
import { BakingStore } from '../store/baking-store';
import { counter, FakeInstruments, pearLoaf, rendered } from './at-the-counter.spec-help';
import { Bake } from './bake';
import { Instruments } from './instruments';

const MINUTE = 60_000;

describe('two bakes that overlap', () => {
  const { ready } = counter();
  const inTheOven = (at: number): readonly Happening[] => [
    { kind: 'step', to: 'bake:0', at },
    { kind: 'in', portion: 0, at },
  ];
  /** The loaf at a step, and scones whose timer rang. @returns where it was gone to, bake by bake */
  const at = async (happenings: readonly Happening[]) => {
    TestBed.overrideProvider(Instruments, { useValue: new FakeInstruments() });
    await ready();
    const bakings = TestBed.inject(BakingStore);
    const rang = Date.now() - 1000;
    const loaf = bakings.begin({ ...pearLoaf(), happenings });
    const scones = bakings.begin({ ...pearLoaf(), title: 'Scones', happenings: [{ kind: 'timer', id: 'turn', name: 'turn it', until: rang, at: rang - MINUTE }] }); // prettier-ignore
    const gone: string[] = [];
    spyOn(TestBed.inject(Router), 'navigate').and.callFake((to) => (gone.push(String(to[1])), Promise.resolve(true)));
    const view = rendered(Bake, { id: loaf.id });
    TestBed.tick();
    return { view, gone, loaf, scones };
  };

  it('the one that needs hands comes forward where the other goes on by itself, once', async () => {
    const { view, gone, scones, loaf } = await at(inTheOven(Date.now() - 5 * MINUTE));
    expect(gone).toEqual([scones.id]);
    // gone back to the loaf with the timer still ringing: nobody is sent away twice
    view.componentRef.setInput('id', scones.id);
    TestBed.tick();
    view.componentRef.setInput('id', loaf.id);
    TestBed.tick();
    expect(gone).toEqual([scones.id]);
  });
  it('hands at work are not taken from it: the other is named, one tap away', async () => {
    const weighing = pearLoaf().walk.find(({ kind }) => kind === 'weigh')?.id ?? '';
    const { view, gone, scones } = await at([{ kind: 'step', to: weighing, at: Date.now() }]);
    expect(gone).toEqual([]);
    const link = [...hostOf(view).querySelectorAll('.timer a')].find((a) => a.textContent.trim() === 'Go to it');
    expect(link?.getAttribute('href')).toBe(`/bake/${scones.id}`);
  });
  it('a bake whose own timer rings keeps its place', async () => {
    const now = Date.now();
    const own: Happening = { kind: 'timer', id: 'look', name: 'first look', until: now - 500, at: now - MINUTE };
    const { gone } = await at([...inTheOven(now - 5 * MINUTE), own]);
    expect(gone).toEqual([]);
  });
});
