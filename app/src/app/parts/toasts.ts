import { Injectable, inject, signal } from '@angular/core';
import { MessageService, type ToastMessageOptions } from 'primeng/api';

export interface ToastAct {
  readonly label: string;
  run(): void;
}

/** Something that was said in passing. */
export interface Said {
  readonly at: Date;
  readonly words: string;
}
const KEPT = 12;

/** Says something in passing, with at most one thing to do about it. The place it is said in is fetched when there is first something to say. */
@Injectable({ providedIn: 'root' })
export class Toasts {
  private readonly messages = inject(MessageService);
  private waiting: ToastMessageOptions | undefined;
  private ready = false;
  private readonly all = signal<readonly Said[]>([]);
  /** What was said, the latest first: it can be read again under More and Keys. */
  readonly said = this.all.asReadonly();
  /** Whether anything was ever said. */
  readonly needed = signal(false);

  show(summary: string, detail = '', act?: ToastAct): void {
    const message: ToastMessageOptions = { severity: 'secondary', summary, detail, life: act ? 9000 : 5000, data: act };
    this.needed.set(true);
    this.all.update((earlier) =>
      [{ at: new Date(), words: detail === '' ? summary : `${summary} ${detail}` }, ...earlier].slice(0, KEPT),
    );
    if (!this.ready) {
      this.waiting = message;
      return;
    }
    this.messages.clear();
    this.messages.add(message);
  }

  /** The place to say things is on the screen. */
  placeIsReady(): void {
    this.ready = true;
    if (this.waiting) this.messages.add(this.waiting);
    this.waiting = undefined;
  }
}
