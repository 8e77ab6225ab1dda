import { TestBed } from '@angular/core/testing';
import { Database } from './database';
import { CHECKED_HERE } from './visits.spec-help';
import { regionOfLanguage, SettingsStore } from './settings-store';

describe('SettingsStore', () => {
  const never = { settings: { put: () => new Promise<never>(() => undefined), get: () => Promise.resolve(undefined) } };
  const store = () => {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({ providers: [CHECKED_HERE, { provide: Database, useValue: never }] });
    return TestBed.inject(SettingsStore);
  };
  beforeEach(() => localStorage.clear());
  afterEach(() => localStorage.clear());

  it('keeps a choice made in the last moment before the page was left', async () => {
    store().set({ theme: 'night' });
    const next = store();
    await next.load();
    expect(next.theme()).toBe('night');
  });
  it('goes by its defaults where what was put down is none', async () => {
    localStorage.setItem('orvin-settings-unwritten', '{"theme":"plaid"}');
    const next = store();
    await next.load();
    await new Promise((done) => requestAnimationFrame(done));
    expect(next.theme()).toBe('auto');
  });
});

describe('regionOfLanguage', () => {
  it('knows whose cups a language suggests', () => {
    expect(['en-GB', 'en-US', 'en-AU', 'en-NZ', 'en-IN', 'en-CA', 'ja', 'de-DE', 'en'].map(regionOfLanguage)).toEqual([
      'UK',
      'US',
      'AU',
      'NZ',
      'IN',
      'CA',
      'JP',
      'EU',
      'US',
    ]);
  });
});
