/*
 * What the browser keeps for a page outside of its database: hints, drafts, what waits. Where it is denied (a privacy setting, a file
 * opened from the disk) even asking for it throws; then it lasts as long as the page, and everything else goes on.
 */

/** Keeps texts as long as the page is open. */
class ForThisPage implements Storage {
  private readonly texts = new Map<string, string>();
  get length(): number {
    return this.texts.size;
  }
  key(index: number): string | null {
    return [...this.texts.keys()][index] ?? null;
  }
  getItem(key: string): string | null {
    return this.texts.get(key) ?? null;
  }
  setItem(key: string, text: string): void {
    this.texts.set(key, text);
  }
  removeItem(key: string): void {
    this.texts.delete(key);
  }
  clear(): void {
    this.texts.clear();
  }
}

type Which = 'localStorage' | 'sessionStorage';
const instead: Readonly<Record<Which, Storage>> = { localStorage: new ForThisPage(), sessionStorage: new ForThisPage() }; // prettier-ignore
function storage(which: Which): Storage {
  try {
    // denied storage throws, storage that is off is null
    const browser: Readonly<Partial<Record<Which, Storage>>> = globalThis;
    return browser[which] ?? instead[which];
  } catch {
    return instead[which];
  }
}

/** For this browser, over restarts. */
export const keptInBrowser = (): Storage => storage('localStorage');
/** For this tab, over reloads. */
export const keptInTab = (): Storage => storage('sessionStorage');
