import { keptInBrowser } from '../store/page-storage';
import { addressInOther, elsewhere, otherLanguage, rememberLanguage } from './language';

describe('the language of a visit', () => {
  const base = 'http://kitchen.example/';
  beforeEach(() => keptInBrowser().removeItem('orvin language'));
  afterEach(() => keptInBrowser().removeItem('orvin language'));

  it('keeps its place when it changes', () => {
    expect(otherLanguage).toEqual({ code: 'de', name: 'Deutsch' });
    expect(addressInOther(base, '/oven/pear?face=sure')).toBe('http://kitchen.example/de/oven/pear?face=sure');
  });
  it('is that of the browser at the bare root, before any choice', () => {
    expect(elsewhere(base, base, ['de-AT', 'en'])).toBe('http://kitchen.example/de/');
    expect(elsewhere(base, base, ['en-GB', 'de'])).toBeUndefined();
  });
  it('is that of the address, whatever the browser asks for', () => {
    expect(elsewhere(base, `${base}shelf`, ['de'])).toBeUndefined();
  });
  it('is what was chosen once, everywhere', () => {
    rememberLanguage('de');
    expect(elsewhere(base, `${base}book`, ['en'])).toBe('http://kitchen.example/de/book');
    rememberLanguage('en');
    expect(elsewhere(base, base, ['de'])).toBeUndefined();
  });
});
