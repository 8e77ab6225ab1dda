import { ChangeDetectionStrategy, Component, input, signal } from '@angular/core';

/**
 * A station: the sheet that one changes, and its readings. Side by side where there is room; on a small screen the readings lie under a
 * handle at the foot, which shows the figure that matters.
 */
@Component({
  selector: 'orv-station-layout',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(keydown.escape)': 'open.set(false)' },
  template: `
    <section class="sheet" [attr.aria-label]="sheetLabel()"><ng-content select="[sheet]" /></section>
    <section class="readings" id="readings" [class.open]="open()" [attr.aria-label]="readingsLabel()" tabindex="-1">
      <ng-content select="[readings]" />
    </section>
    <button
      type="button"
      class="handle"
      [attr.aria-expanded]="open()"
      aria-controls="readings"
      (click)="open.set(!open())"
    >
      <span class="grip" aria-hidden="true"></span>
      @if (open()) {
        <span class="back">Back to the sheet</span>
      } @else {
        <ng-content select="[summary]" />
      }
    </button>
  `,
  styles: `
    :host {
      flex: 1;
      display: grid;
      grid-template-columns: minmax(0, var(--sheet-share, 55fr)) minmax(0, var(--readings-share, 45fr));
      min-width: 0;
      min-height: 0;
    }
    .sheet {
      background: var(--enamel);
      border-right: 1px solid var(--hair);
      overflow: hidden auto;
      min-height: 0;
      display: flex;
      flex-direction: column;
    }
    .readings {
      overflow: hidden auto;
      padding: 14px 24px 24px 22px;
      min-height: 0;
      outline-offset: -3px;
    }
    .handle {
      display: none;
    }
    @media (max-width: 899px) {
      :host {
        display: flex;
        flex-direction: column;
        position: relative;
      }
      .sheet {
        flex: 1;
        border-right: 0;
      }
      .readings {
        display: none;
        position: absolute;
        inset: 0 0 62px;
        background: var(--ground);
        padding: 14px 16px 24px;
        z-index: 5;
      }
      .readings.open {
        display: block;
      }
      .handle {
        display: flex;
        flex-direction: column;
        align-items: stretch;
        gap: 4px;
        min-width: 0;
        min-height: 62px;
        padding: 6px 16px 8px;
        border: 0;
        border-top: 3px solid var(--rim);
        background: var(--enamel);
        text-align: left;
        cursor: pointer;
        z-index: 6;
      }
      .handle:focus-visible {
        outline-offset: -4px;
      }
      .grip {
        align-self: center;
        width: 44px;
        height: 4px;
        border-radius: 2px;
        background: var(--rim-2);
      }
      .back {
        text-align: center;
        font-weight: 620;
        color: var(--rim);
      }
    }
  `,
})
export class StationLayout {
  readonly sheetLabel = input.required<string>();
  readonly readingsLabel = input.required<string>();
  protected readonly open = signal(false);
}
