import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { FormulaStore } from '../store/formula-store';
import type { StoreState } from '../store/record-store';
import { TroubleStrip } from './trouble';

describe('TroubleStrip', () => {
  it('says what is wrong for as long as it is, and nothing else', () => {
    const store = { state: signal<StoreState>('ready'), diskFails: signal(false) };
    TestBed.configureTestingModule({ providers: [{ provide: FormulaStore, useValue: store }] });
    const fixture = TestBed.createComponent(TroubleStrip);
    const said = () => {
      TestBed.tick();
      return (fixture.nativeElement as HTMLElement).textContent.trim();
    };
    expect(said()).toBe('');
    store.diskFails.set(true);
    expect(said()).toContain('The last change is not stored.');
    store.diskFails.set(false);
    expect(said()).toBe('');
    for (const [state, words] of [
      ['no-storage', 'keeps nothing'],
      ['newer-database', 'A later Orvin'],
      ['blocked', 'Another tab'],
    ] as const) {
      store.state.set(state);
      expect(said()).toContain(words);
    }
  });
});
