import { ApplicationRef, DOCUMENT, Injectable, inject, signal } from '@angular/core';
import { fromEvent } from 'rxjs';
import { FormulaStore } from '../store/formula-store';
import { NextAct } from '../parts/next-act';

/** What the keys do everywhere; shown under "?". */
export const KEYS: readonly { readonly keys: readonly string[]; readonly does: string; readonly where: string }[] = [
  { keys: [$localize`Ctrl`, 'Z'], does: $localize`undo`, where: $localize`everywhere` },
  { keys: [$localize`Ctrl`, $localize`Shift`, 'Z'], does: $localize`redo`, where: $localize`everywhere` },
  {
    keys: [$localize`Ctrl`, 'S'],
    does: $localize`the next thing to do: the yellow button`,
    where: $localize`everywhere`,
  },
  { keys: ['?'], does: $localize`these keys`, where: $localize`outside a field` },
  {
    keys: [$localize`Ctrl`, 'V'],
    does: $localize`read a formula, in any form`,
    where: $localize`Shelf and Bench, outside a field`,
  },
  { keys: [$localize`Ctrl`, $localize`Enter`], does: $localize`read what was typed`, where: $localize`Shelf` },
  {
    keys: [$localize`Enter`],
    does: $localize`next line, next step; take the ingredient at hand`,
    where: $localize`Bench`,
  },
  {
    keys: ['↑', '↓'],
    does: $localize`line above, line below; in the list of ingredients, the next one`,
    where: $localize`Bench, in a line or a step`,
  },
  {
    keys: [$localize`Alt`, '↑', '↓'],
    does: $localize`move the line or step itself`,
    where: $localize`Bench, in a line or a step`,
  },
  { keys: ['F6'], does: $localize`from the lines to the readings, and back`, where: $localize`every station` },
  {
    keys: [$localize`Tab`],
    does: $localize`to the amount, which takes every unit`,
    where: $localize`Bench, in a line`,
  },
  { keys: [$localize`Backspace`], does: $localize`remove the line or step`, where: $localize`Bench, in an empty one` },
  {
    keys: [$localize`Enter`],
    does: $localize`work out what the batch is to give`,
    where: $localize`Batch, in the first field`,
  },
  {
    keys: [$localize`Space`],
    does: $localize`on to the next step`,
    where: $localize`Bake, outside a field; Enter too`,
  },
  { keys: [$localize`Backspace`], does: $localize`back to the step before`, where: $localize`Bake, outside a field` },
  {
    keys: [$localize`Esc`],
    does: $localize`close what is open; take back what is typed`,
    where: $localize`everywhere`,
  },
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
