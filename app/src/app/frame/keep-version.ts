import type { ElementRef } from '@angular/core';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Button } from 'primeng/button';
import { Dialog } from 'primeng/dialog';
import { InputText } from 'primeng/inputtext';
import { Keeping } from '../parts/keeping';
import { Toasts } from '../parts/toasts';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';

/** Asks for the name, when there is none, and for the reason; then the formula is kept as its next version. */
@Component({
  selector: 'orv-keep-version',
  imports: [Button, Dialog, FormsModule, InputText],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-dialog
      [header]="texts.keepAsVersion(number())"
      [visible]="keeping.open()"
      (visibleChange)="keeping.open.set($event)"
      [modal]="true"
      i18n-closeAriaLabel
      closeAriaLabel="Close"
      [focusOnShow]="false"
      [dismissableMask]="true"
      [draggable]="false"
      [resizable]="false"
      (onShow)="focusFirst()"
    >
      <form (ngSubmit)="keep()">
        <label for="keep-title" i18n>name</label>
        <input
          #first
          pInputText
          id="keep-title"
          name="title"
          maxlength="300"
          autocomplete="off"
          [(ngModel)]="title"
          required
        />
        <label for="keep-reason" i18n>why, in a few words</label>
        <input
          pInputText
          id="keep-reason"
          name="reason"
          maxlength="300"
          autocomplete="off"
          [(ngModel)]="reason"
          i18n-placeholder
          placeholder="less soda, for the taste"
        />
        <p class="caption" i18n>A kept version never changes. Going on from here leaves it as it is.</p>
        <p-button
          type="submit"
          [label]="texts.keepVersion(number())"
          styleClass="next-act"
          [disabled]="title().trim() === ''"
        />
      </form>
    </p-dialog>
  `,
  styles: `
    form {
      display: grid;
      gap: 6px;
      width: min(26rem, 80vw);
    }
    label {
      color: var(--ink-2);
    }
    input {
      margin-bottom: 8px;
    }
    p-button {
      margin-top: 8px;
      justify-self: end;
    }
  `,
})
export class KeepVersion {
  protected readonly texts = {
    keepAsVersion: (number: string | number) => $localize`Keep as version ${number}`,
    keepVersion: (number: string | number) => $localize`Keep version ${number}`,
  };
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly toasts = inject(Toasts);
  private readonly first = viewChild<ElementRef<HTMLInputElement>>('first');
  protected readonly keeping = inject(Keeping);
  protected readonly number = computed(() => (this.onBench.lastVersion()?.number ?? 0) + 1);
  /** The name as it stands whenever the question is asked anew. */
  protected readonly title = linkedSignal(() =>
    this.keeping.open() ? (untracked(this.onBench.record)?.formula.title ?? '') : '',
  );
  protected readonly reason = signal('');

  protected focusFirst(): void {
    // not from under hands that are in the form already
    const field = this.first()?.nativeElement;
    if (field && !field.form?.contains(document.activeElement)) field.focus();
  }

  protected keep(): void {
    const id = this.onBench.id();
    const title = this.title().trim();
    if (id === undefined || title === '') return;
    if (title !== this.onBench.record()?.formula.title)
      this.store.change(id, $localize`the name`, ({ formula }) => ({ formula: { ...formula, title } }));
    const version = this.store.keep(id, this.reason().trim());
    this.keeping.open.set(false);
    this.reason.set('');
    if (version) this.toasts.show($localize`Version ${version.number} is kept.`);
  }
}
