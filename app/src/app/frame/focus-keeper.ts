import { DOCUMENT, Injectable, afterEveryRender, inject } from '@angular/core';
import { fromEvent } from 'rxjs';

const FOCUSABLE = `a[href]:not(.skip), button:enabled, input:enabled, select:enabled, textarea:enabled, [tabindex="0"]`;
const BEHIND = 40;
const BEFORE = 10;

const usable = (element: HTMLElement): boolean => element.isConnected && element.matches(FOCUSABLE);
const inSight = (element: HTMLElement): boolean => element.checkVisibility();

/**
 * Where the focus goes when what had it is gone: to the same thing where it was drawn anew, known by its id; to what goes on
 * (`data-goes-on`), where the screen has such; on to what came next, else back to what came before, else to the station; never to nowhere,
 * where the next Tab would begin at the top. A list that loses a row, a note that is put right and a panel that closes need say nothing of it.
 */
@Injectable({ providedIn: 'root' })
export class FocusKeeper {
  private readonly document = inject(DOCUMENT);
  private last: HTMLElement | undefined;
  /** The nearest first: what followed it on the screen, then what came before. */
  private neighbours: readonly HTMLElement[] = [];

  constructor() {
    fromEvent<FocusEvent>(this.document, 'focusin').subscribe(({ target }) => this.remember(target));
    afterEveryRender({ read: () => this.keep() });
  }

  private remember(target: EventTarget | null): void {
    if (!(target instanceof HTMLElement)) return;
    const all = [...this.document.querySelectorAll<HTMLElement>(FOCUSABLE)];
    const at = all.indexOf(target);
    this.last = target;
    this.neighbours =
      at < 0 ? [] : [...all.slice(at + 1, at + 1 + BEHIND), ...all.slice(Math.max(0, at - BEFORE), at).reverse()];
  }

  private keep(): void {
    const { last, document } = this;
    if (!last || usable(last)) return;
    // a browser takes the focus off a button that can no longer be pressed only at its next frame
    const off = last.isConnected && last.matches(':disabled');
    if (last.isConnected && !off) return;
    if (document.activeElement !== document.body && !(off && document.activeElement === last)) return;
    this.last = undefined;
    const again = last.id === '' || off ? null : document.getElementById(last.id);
    const forward = document.querySelectorAll<HTMLElement>('[data-goes-on]');
    const all = [...(again ? [again] : []), ...forward, ...this.neighbours];
    const next = all.find((element) => usable(element) && inSight(element));
    (next ?? document.getElementById('station'))?.focus({ preventScroll: next === undefined });
  }
}
