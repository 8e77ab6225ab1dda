import { ApplicationRef, DOCUMENT, Injectable, inject, signal } from '@angular/core';
import { fromEvent } from 'rxjs';
import { FormulaStore } from '../store/formula-store';
import { NextAct } from '../parts/next-act';

/** What the keys do everywhere; shown under "?". */
export const KEYS: readonly { readonly keys: readonly string[]; readonly does: string; readonly where: string }[] = [
  { keys: ['Ctrl', 'Z'], does: 'undo', where: 'everywhere' },
  { keys: ['Ctrl', 'Shift', 'Z'], does: 'redo', where: 'everywhere' },
  { keys: ['Ctrl', 'S'], does: 'the next thing to do: the yellow button', where: 'everywhere' },
  { keys: ['?'], does: 'these keys', where: 'outside a field' },
  { keys: ['Ctrl', 'V'], does: 'read a formula, in any form', where: 'Shelf and Bench, outside a field' },
  { keys: ['Ctrl', 'Enter'], does: 'read what was typed', where: 'Shelf' },
  { keys: ['Enter'], does: 'next line, next step; take the ingredient at hand', where: 'Bench' },
  {
    keys: ['↑', '↓'],
    does: 'line above, line below; in the list of ingredients, the next one',
    where: 'Bench, in a line or a step',
  },
  { keys: ['Alt', '↑', '↓'], does: 'move the line or step itself', where: 'Bench, in a line or a step' },
  { keys: ['F6'], does: 'from the lines to the readings, and back', where: 'every station' },
  { keys: ['Tab'], does: 'to the amount, which takes every unit', where: 'Bench, in a line' },
  { keys: ['Backspace'], does: 'remove the line or step', where: 'Bench, in an empty one' },
  { keys: ['Enter'], does: 'work out what the batch is to give', where: 'Batch, in the first field' },
  { keys: ['Space'], does: 'on to the next step', where: 'Bake, outside a field; Enter too' },
  { keys: ['Backspace'], does: 'back to the step before', where: 'Bake, outside a field' },
  { keys: ['Esc'], does: 'close what is open; take back what is typed', where: 'everywhere' },
];

const inField = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.isContentEditable || /^(?:INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** The keys that work everywhere. Ctrl also stands for the command key. */
@Injectable({ providedIn: 'root' })
export class Keyboard {
  private readonly store = inject(FormulaStore);
  private readonly next = inject(NextAct);
  private readonly application = inject(ApplicationRef);
  readonly helpOpen = signal(false);
  readonly picturesOpen = signal(false);

  constructor() {
    fromEvent<KeyboardEvent>(inject(DOCUMENT), 'keydown').subscribe((event) => this.press(event));
  }

  private press(event: KeyboardEvent): void {
    const command = event.ctrlKey || event.metaKey;
    const key = event.key.toLowerCase();
    if (command && !event.altKey && (key === 'z' || key === 'y')) {
      event.preventDefault();
      // a field that was typed in a moment ago must be drawn so, or taking it back would look like no change to it
      this.application.tick();
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
