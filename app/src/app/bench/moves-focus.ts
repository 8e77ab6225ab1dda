import { ApplicationRef, inject, signal } from '@angular/core';

/** For whoever adds, takes off and moves rows: which row's field takes the focus next. */
export abstract class MovesFocus {
  private readonly application = inject(ApplicationRef);

  /** The row whose field should take the focus once it is drawn. */
  readonly focusWanted = signal<string | undefined>(undefined);

  /**
   * Draws at once and puts the focus there before the next key is heard: whoever types on without a pause
   * would otherwise write the first letters into the field left behind.
   */
  moveFocus(id: string | undefined): void {
    this.focusWanted.set(id);
    this.application.tick();
  }
}
