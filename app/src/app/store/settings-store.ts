import { Injectable, computed, inject, signal } from '@angular/core';
import type { Region } from '@orvin/core/units';
import { Database } from './database';
import { storedSettingsSchema, type StoredSettings } from './records';

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

/** What the baker set for this browser. */
@Injectable({ providedIn: 'root' })
export class SettingsStore {
  private readonly database = inject(Database);
  private readonly current = signal<StoredSettings>({
    id: 'settings',
    region: regionOfLanguage(navigator.language),
    theme: 'auto',
    seeded: false,
  });
  readonly region = computed(() => this.current().region);
  readonly theme = computed(() => this.current().theme);
  readonly seeded = computed(() => this.current().seeded);
  readonly onBench = computed(() => this.current().onBench);

  /** Reads the settings back; what cannot be read is left behind for the defaults. */
  async load(): Promise<void> {
    try {
      const stored = await this.database.settings.get('settings');
      if (stored === undefined) return;
      const { error, value } = storedSettingsSchema.validate(stored) as { error?: Error; value: StoredSettings };
      if (!error) this.current.set(value);
    } catch {
      // no storage: the formula store says so
    }
  }

  set(change: Partial<Omit<StoredSettings, 'id'>>): void {
    this.current.update((settings) => ({ ...settings, ...change }));
    void this.database.settings.put(this.current()).catch(() => undefined);
  }
}
