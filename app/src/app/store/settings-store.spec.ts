import { regionOfLanguage } from './settings-store';

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
