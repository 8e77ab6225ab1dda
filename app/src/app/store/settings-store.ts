import { Injectable, computed, inject, signal } from '@angular/core';
import { heatScaleOf, type Region } from '@orvin/core/ground/units';
import { Database } from './database';
import { CHECK_ROWS } from './checking';
import type { StoredSettings } from './records';
import { keptInBrowser } from './page-storage';

const REGION_OF_LANGUAGE: readonly (readonly [RegExp, Region])[] = [
  [/^en-(?:US|PH)/i, 'US'],
  [/^(?:en|fr)-CA/i, 'CA'],
  [/^en-(?:GB|IE)|^cy|^ga/i, 'UK'],
  [/^en-AU/i, 'AU'],
  [/^en-NZ|^mi/i, 'NZ'],
  [/^en-IN|^hi|^ta|^bn|^te|^mr/i, 'IN'],
  [/^ja/i, 'JP'],
  [/^en/i, 'US'],
];

/** The region whose cups and words a browser's language suggests. */
export function regionOfLanguage(language: string): Region {
  return REGION_OF_LANGUAGE.find(([pattern]) => pattern.test(language))?.[1] ?? 'EU';
}

const DEFAULTS: StoredSettings = {
  id: 'settings',
  region: regionOfLanguage(navigator.language),
  theme: 'auto',
  seeded: false,
};

/** What the baker set for this browser. */
@Injectable({ providedIn: 'root' })
export class SettingsStore {
  private readonly database = inject(Database);
  private readonly checkRows = inject(CHECK_ROWS);
  private readonly current = signal(DEFAULTS);
  readonly region = computed(() => this.current().region);
  /** What the dial of the baker's oven and the thermometer in it go by. */
  readonly heatScale = computed(() => heatScaleOf(this.region()));
  readonly theme = computed(() => this.current().theme);
  readonly seeded = computed(() => this.current().seeded);
  readonly onBench = computed(() => this.current().onBench);

  /** Reads the settings back; what cannot be read is left behind for the defaults. What was set as the page was left comes first. */
  async load(): Promise<void> {
    const left = shown(waiting());
    if (left) {
      this.current.set(left);
      this.set({});
    } else {
      try {
        const stored = shown(await this.database.settings.get('settings'));
        if (stored) this.current.set(stored);
      } catch {
        // no storage: the formula store says so
      }
    }
    void this.lookOver();
  }

  /** Looks the settings over by their schema, behind the first screen. */
  private async lookOver(): Promise<void> {
    const read = this.current();
    const faults = await this.checkRows('settings', [read]).catch(() => []);
    if (faults.length > 0 && this.current() === read) this.current.set(DEFAULTS);
  }

  set(change: Partial<Omit<StoredSettings, 'id'>>): void {
    this.current.update((settings) => ({ ...settings, ...change }));
    const written = JSON.stringify(this.current());
    // the database takes some milliseconds: a page left within them must not lose the choice
    put(written);
    void this.database.settings
      .put(this.current())
      .then(() => {
        if (keptInBrowser().getItem(WAITING) === written) keptInBrowser().removeItem(WAITING);
      })
      .catch(() => undefined);
  }
}

/** Settings as they came back, where they have what the first screen shows. */
function shown(stored: unknown): StoredSettings | undefined {
  if (typeof stored !== 'object' || stored === null) return undefined;
  const { id, region, theme } = stored as Partial<StoredSettings>;
  return id === 'settings' && typeof region === 'string' && typeof theme === 'string'
    ? (stored as StoredSettings)
    : undefined;
}

const WAITING = 'orvin-settings-unwritten';
function put(written: string): void {
  try {
    keptInBrowser().setItem(WAITING, written);
  } catch {
    // no room: the database may still have made it
  }
}
/** Settings that were put down and never reached the database, as it seems; checked by whoever takes them. */
function waiting(): unknown {
  try {
    const waiting = keptInBrowser().getItem(WAITING);
    return waiting === null ? undefined : (JSON.parse(waiting) as unknown);
  } catch {
    return undefined;
  }
}
