import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';

export interface Face {
  readonly id: string;
  readonly name: string;
}

/** The row of faces that readings have; the panel below is `#face`. */
@Component({
  selector: 'orv-face-tabs',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="faces" role="tablist" i18n-aria-label aria-label="Readings">
      @for (one of faces(); track one.id) {
        <button
          type="button"
          role="tab"
          [id]="'face-' + one.id"
          [attr.aria-selected]="face() === one.id"
          [attr.tabindex]="face() === one.id ? 0 : -1"
          aria-controls="face"
          (keydown.arrowRight)="walk($event, 1)"
          (keydown.arrowLeft)="walk($event, -1)"
          (click)="choose.emit(one.id)"
        >
          {{ one.name }}
        </button>
      }
    </div>
  `,
  styles: `
    :host {
      display: block;
      container-type: inline-size;
    }
    .faces {
      display: flex;
      gap: 0 2px;
      margin: -6px 0 8px;
      border-bottom: 1px solid var(--hair);
      overflow-x: auto;
      scrollbar-width: none;
    }
    .faces button {
      border: 0;
      border-bottom: 3px solid transparent;
      background: none;
      padding: 6px 11px 5px;
      min-height: 36px;
      color: var(--ink-2);
      font-weight: 560;
      white-space: nowrap;
      cursor: pointer;
    }
    .faces button:first-child {
      margin-left: -11px;
    }
    .faces button:hover {
      color: var(--rim);
    }
    .faces button[aria-selected='true'] {
      color: var(--ink);
      font-weight: 680;
      border-bottom-color: var(--rim);
    }
    .faces button:focus-visible {
      outline-offset: -3px;
    }
    /* beside a sheet on a tablet, in the longer of the languages */
    @container (max-width: 440px) {
      .faces {
        justify-content: space-between;
      }
      .faces button {
        padding-inline: 5px;
      }
      .faces button:first-child {
        margin-left: -5px;
      }
    }
    @media (max-width: 599px) {
      .faces {
        justify-content: space-between;
      }
      .faces button {
        padding: 6px 5px 5px;
        font-size: var(--step--1);
      }
      .faces button:first-child {
        margin-left: -5px;
      }
    }
    @media (pointer: coarse) {
      .faces button {
        min-height: var(--finger);
      }
    }
  `,
})
export class FaceTabs {
  readonly faces = input.required<readonly Face[]>();
  readonly face = input.required<string>();
  readonly choose = output<string>();

  /** Left and right walk along the faces, as in any row of tabs. */
  protected walk(event: Event, by: 1 | -1): void {
    const faces = this.faces();
    const at = faces.findIndex(({ id }) => id === this.face());
    const next = faces[(at + by + faces.length) % faces.length];
    if (!next) return;
    event.preventDefault();
    this.choose.emit(next.id);
    (event.currentTarget as HTMLElement).parentElement?.querySelector<HTMLElement>(`#face-${next.id}`)?.focus();
  }
}
