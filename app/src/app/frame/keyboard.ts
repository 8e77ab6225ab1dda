import { DOCUMENT, Injectable, inject, signal } from '@angular/core';
import { fromEvent } from 'rxjs';
import { FormulaStore } from '../store/formula-store';
import { NextAct } from '../parts/next-act';

/** What the keys do everywhere; shown under "?". */
export const KEYS: readonly { readonly keys: readonly string[]; readonly does: string; readonly where: string }[] = [
  { keys: ['Ctrl', 'Z'], does: 'undo', where: 'everywhere' },
  { keys: ['Ctrl', 'Shift', 'Z'], does: 'redo', where: 'everywhere' },
  { keys: ['Ctrl', 'S'], does: 'the next thing to do: the yellow button', where: 'everywhere' },
  { keys: ['?'], does: 'these keys', where: 'outside a field' },
  { keys: ['Ctrl', 'V'], does: 'read a formula', where: 'Shelf and Bench, outside a field' },
  { keys: ['Ctrl', 'Enter'], does: 'read what was typed', where: 'Shelf' },
  { keys: ['Enter'], does: 'next line', where: 'Bench, in a line' },
  { keys: ['↑', '↓'], does: 'line above, line below', where: 'Bench, in a line' },
  { keys: ['Backspace'], does: 'remove the line', where: 'Bench, in an empty line' },
  { keys: ['Esc'], does: 'close what is open', where: 'everywhere' },
];

const inField = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.isContentEditable || /^(?:INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** The keys that work everywhere. Ctrl also stands for the command key. */
@Injectable({ providedIn: 'root' })
export class Keyboard {
  private readonly store = inject(FormulaStore);
  private readonly next = inject(NextAct);
  readonly helpOpen = signal(false);

  constructor() {
    fromEvent<KeyboardEvent>(inject(DOCUMENT), 'keydown').subscribe((event) => this.press(event));
  }

  private press(event: KeyboardEvent): void {
    const command = event.ctrlKey || event.metaKey;
    const key = event.key.toLowerCase();
    if (command && !event.altKey && (key === 'z' || key === 'y')) {
      event.preventDefault();
      if (key === 'y' || event.shiftKey) this.store.redo();
      else this.store.undo();
    } else if (command && key === 's') {
      event.preventDefault();
      this.next.offer()?.run();
    } else if (event.key === '?' && !command && !inField(event.target)) {
      event.preventDefault();
      this.helpOpen.update((open) => !open);
    }
  }
}
