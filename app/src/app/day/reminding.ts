import { Injectable, computed, effect, inject } from '@angular/core';
import { Title } from '@angular/platform-browser';
import { AT_THE_MINUTE } from '@orvin/core/day/works';
import { sound } from '../parts/tone';
import { nextActs } from './day-view';
import { ThisDay } from './this-day';

/** Reminds at the minute: in the title of the page, by a sound, and as a notification where that is allowed. */
@Injectable()
export class Reminding {
  private readonly day = inject(ThisDay);
  private readonly title = inject(Title);
  private said = '';

  private readonly due = computed(() => {
    const now = this.day.minuteNow();
    const [act] = nextActs(this.day.tasks(), this.day.sheet()?.done ?? {});
    return now !== undefined && act ? { act, now } : undefined;
  });

  constructor() {
    effect((onCleanup) => {
      const due = this.due();
      if (!due) return;
      const { act, now } = due;
      const words = this.day.taskWords(act, this.day.works()[act.batch]?.title ?? '');
      this.title.setTitle(
        $localize`${act.from <= now ? $localize`Now` : this.day.clock(act.from)}:from:: ${words} · Orvin`,
      );
      onCleanup(() => this.title.setTitle('Day · Orvin'));
      if (act.from > now || act.from < now - 2 || !AT_THE_MINUTE.has(act.kind) || this.said === act.id) return;
      this.said = act.id;
      sound();
      if ('Notification' in window && Notification.permission === 'granted') new Notification(words, { tag: act.id });
    });
  }
}
