import { Injectable, computed, inject } from '@angular/core';
import { nextFeed } from '@orvin/core/keep/feeding';
import { freshnessOf } from '@orvin/core/keep/larder';
import { LarderStore } from '../store/larder-store';

const MOST_NAMED = 3;

/** What of the things put away wants doing today: said by the browser when Orvin is opened, where the baker lets it. */
@Injectable({ providedIn: 'root' })
export class KeepingReminders {
  private readonly larder = inject(LarderStore);
  private readonly now = Date.now();

  readonly due = computed(() =>
    this.larder.items().flatMap(({ item }) => {
      if (item.left === 0) return [];
      const feeds = item.feeds ?? [];
      const grams = item.weighings?.at(-1)?.grams ?? 1000;
      if (feeds.length > 0 && nextFeed(grams, item.madeAt, feeds).at < this.now) return [$localize`feed ${item.title}`];
      return freshnessOf(item, this.now) === 'good' ? [] : [$localize`eat up ${item.title}`];
    }),
  );
  /** Whether the browser can say it, and may. */
  readonly can = (): 'yes' | 'ask' | 'no' => {
    if (!('Notification' in globalThis) || Notification.permission === 'denied') return 'no';
    return Notification.permission === 'granted' ? 'yes' : 'ask';
  };
  /** Asks the browser's leave. @returns whether it was given */
  async ask(): Promise<boolean> {
    return this.can() !== 'no' && (await Notification.requestPermission()) === 'granted';
  }
  /** At the start; nothing is said where nothing is due, or where nobody asked for it. */
  say(): void {
    const due = this.due();
    if (due.length === 0 || this.can() !== 'yes') return;
    const body = `${due.slice(0, MOST_NAMED).join('; ')}${due.length > MOST_NAMED ? ' …' : ''}.`;
    new Notification($localize`Put away, for today`, { body, tag: 'keeping' });
  }
}
