import { Injectable, computed, signal, type Signal } from '@angular/core';
import { keptInTab } from '../store/page-storage';

const KEY = 'orvin-unconfirmed';

/** Words that were typed and not yet confirmed. */
export interface Unconfirmed extends Signal<string> {
  set(words: string): void;
}

function readBack(): ReadonlyMap<string, string> {
  try {
    const stored: unknown = JSON.parse(keptInTab().getItem(KEY) ?? '[]');
    const isEntry = (entry: unknown): entry is [string, string] =>
      Array.isArray(entry) && entry.length === 2 && entry.every((part) => typeof part === 'string');
    return new Map(Array.isArray(stored) ? stored.filter(isEntry) : []);
  } catch {
    return new Map();
  }
}

/** What is typed and not yet confirmed: it survives another station and a reload of this tab, until it is confirmed or taken back. */
@Injectable({ providedIn: 'root' })
export class UnconfirmedWords {
  private readonly kept = signal(readBack());

  /** The words of a field. @param key tells the field, and the formula where it is one's own */
  of(key: () => string): Unconfirmed {
    return Object.assign(
      computed(() => this.kept().get(key()) ?? ''),
      {
        set: (words: string) => this.keep(key(), words),
      },
    );
  }

  /** Set down at once: a page may be left with the very key. */
  private keep(key: string, words: string): void {
    const next = new Map(this.kept());
    if (words === '') next.delete(key);
    else next.set(key, words);
    this.kept.set(next);
    try {
      keptInTab().setItem(KEY, JSON.stringify([...next]));
    } catch {
      // no room: it lasts as long as the page
    }
  }
}
