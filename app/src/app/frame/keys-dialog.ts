import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Dialog } from 'primeng/dialog';
import { Toasts } from '../parts/toasts';
import { KEYS, Keyboard } from './keyboard';

@Component({
  selector: 'orv-keys-dialog',
  imports: [DatePipe, Dialog],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-dialog
      i18n-header
      header="Keys"
      [visible]="keyboard.helpOpen()"
      (visibleChange)="keyboard.helpOpen.set($event)"
      [modal]="true"
      i18n-closeAriaLabel
      closeAriaLabel="Close"
      [dismissableMask]="true"
      [draggable]="false"
      [resizable]="false"
    >
      <dl tabindex="0" i18n-aria-label aria-label="Keys">
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
      @if (toasts.said().length > 0) {
        <h2 id="said" i18n>What was said</h2>
        <ol aria-labelledby="said">
          @for (said of toasts.said(); track said.at) {
            <li>
              <span class="caption">{{ said.at | date: 'HH:mm' }}</span> {{ said.words }}
            </li>
          }
        </ol>
      }
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
    h2 {
      margin: 20px 0 4px;
      font-size: var(--step-0);
    }
    ol {
      display: grid;
      gap: 6px;
      max-width: 56rem;
      list-style: none;
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
  protected readonly toasts = inject(Toasts);
}
