import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { FormulaStore } from '../store/formula-store';
import type { StoreState } from '../store/record-store';
import { TroubleStrip } from './trouble';
import { Updates } from './updates';

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
    // what cannot be fetched is said last: keeping things comes first
    store.state.set('ready');
    const updates = TestBed.inject(Updates);
    expect(updates.failed(new Error('the oven is cold'))).toBeFalse();
    expect(said()).toBe('');
    for (const words of [
      'Failed to fetch dynamically imported module: /chunk-A.js',
      'error loading dynamically imported module',
      'Importing a module script failed.',
    ])
      // prettier-ignore
      expect(updates.failed(new TypeError(words))).toBeTrue();
    expect(said()).toContain('cannot be fetched');
    store.diskFails.set(true);
    expect(said()).toContain('not stored');
  });
});
