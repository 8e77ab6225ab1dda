import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Dialog } from 'primeng/dialog';
import { KEYS, Keyboard } from './keyboard';

@Component({
  selector: 'orv-keys-dialog',
  imports: [Dialog],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-dialog
      header="Keys"
      [visible]="keyboard.helpOpen()"
      (visibleChange)="keyboard.helpOpen.set($event)"
      [modal]="true"
      closeAriaLabel="Close"
      [dismissableMask]="true"
      [draggable]="false"
      [resizable]="false"
    >
      <dl tabindex="0" aria-label="Keys">
        @for (entry of keys; track entry.does) {
          <div>
            <dt>
              @for (key of entry.keys; track key) {
                <kbd>{{ key }}</kbd>
              }
            </dt>
            <dd>
              {{ entry.does }} <span class="caption">{{ entry.where }}</span>
            </dd>
          </div>
        }
      </dl>
    </p-dialog>
  `,
  styles: `
    dl {
      display: grid;
      gap: 2px;
      max-width: 30rem;
    }
    @media (min-width: 900px) {
      dl {
        grid-template-columns: 1fr 1fr;
        column-gap: 32px;
        max-width: 56rem;
      }
    }
    div {
      display: grid;
      grid-template-columns: 9rem 1fr;
      gap: 12px;
      padding: 6px 0;
      border-bottom: 1px solid var(--hair);
    }
    dt {
      display: flex;
      align-items: flex-start;
      gap: 4px;
    }
    dd .caption {
      display: block;
    }
    @media (max-width: 520px) {
      div {
        grid-template-columns: 1fr;
        gap: 2px;
      }
    }
  `,
})
export class KeysDialog {
  protected readonly keyboard = inject(Keyboard);
  protected readonly keys = KEYS;
}
