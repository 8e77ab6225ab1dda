import { LANGUAGE, type Language } from '@orvin/core/ground/language';
import { keptInBrowser } from '../store/page-storage';

/*
 * Each language is an Orvin of its own, built from the same source: English at the root, German below it at de/. Both keep
 * their data in the one place this origin has, so that going from one to the other is an address and nothing else.
 */

const KEY = 'orvin language';
const NAMES: Readonly<Record<Language, string>> = { en: 'English', de: 'Deutsch' };
const OTHER: Language = LANGUAGE === 'de' ? 'en' : 'de';

/** The other language, in its own words. */
export const otherLanguage = { code: OTHER, name: NAMES[OTHER] } as const;

/** The same place in the other language. @param base where this Orvin stands @param url the place, as the router says it */
export const addressInOther = (base: string, url: string): string =>
  new URL(url.replace(/^\//, ''), new URL(OTHER === 'de' ? 'de/' : '../', base)).href;

export const rememberLanguage = (language: Language): void => keptInBrowser().setItem(KEY, language);

/**
 * Where this visit belongs, when that is not here: what the baker chose once; at the bare root, before any choice, the language of the browser.
 * @param wanted languages the browser asks for, the dearest first
 */
export function elsewhere(base: string, address: string, wanted: readonly string[]): string | undefined {
  const here = address.slice(base.length - 1) || '/';
  const chosen = keptInBrowser().getItem(KEY);
  // the root of German is an address somebody meant; only the bare root of all is not
  const asked = LANGUAGE === 'en' && here === '/' && wanted[0]?.slice(0, 2) === OTHER ? OTHER : LANGUAGE;
  return (chosen ?? asked) === OTHER ? addressInOther(base, here) : undefined;
}
