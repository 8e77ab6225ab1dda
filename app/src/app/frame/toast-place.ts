import { ChangeDetectionStrategy, Component, afterNextRender, inject } from '@angular/core';
import { MessageService } from 'primeng/api';
import { Button } from 'primeng/button';
import { Toast } from 'primeng/toast';
import { Toasts, type ToastAct } from '../parts/toasts';

/** What is said in passing: on a row of its own at the foot, so that it covers no figure and no button, and takes no focus. */
@Component({
  selector: 'orv-toast-place',
  imports: [Button, Toast],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-toast position="bottom-center" [preventOpenDuplicates]="true">
      <ng-template #message let-message>
        <div class="told">
          <p>
            <b>{{ message.summary }}</b>
            @if (message.detail) {
              <span>{{ message.detail }}</span>
            }
          </p>
          @if (message.data) {
            <p-button [label]="message.data.label" [outlined]="true" size="small" (onClick)="act(message.data)" />
          }
        </div>
      </ng-template>
    </p-toast>
  `,
  styles: `
    .told {
      display: flex;
      align-items: center;
      gap: 16px;
      width: 100%;
    }
    p {
      flex: 1;
    }
    b,
    span {
      display: block;
    }
    span {
      color: var(--ink-2);
    }
  `,
})
export class ToastPlace {
  private readonly messages = inject(MessageService);

  constructor() {
    const tell = inject(Toasts);
    afterNextRender(() => tell.placeIsReady());
  }

  protected act(act: ToastAct): void {
    this.messages.clear();
    act.run();
  }
}
