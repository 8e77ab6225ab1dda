import { Injectable, signal } from '@angular/core';

/** What the large button does at this step, and what stands beside it; each step says it. */
@Injectable()
export class Footing {
  readonly label = signal($localize`Done, next`);
  /** In place of the step that comes next. */
  readonly then = signal('');
  act: () => void = () => undefined;

  set(label: string, act: () => void, then = ''): void {
    this.label.set(label);
    this.then.set(then);
    this.act = act;
  }
}
