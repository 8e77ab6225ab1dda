import { ApplicationRef, ChangeDetectionStrategy, Component, ElementRef, inject, input, signal } from '@angular/core';

/**
 * A station: the sheet that one changes, and its readings. Side by side where there is room; on a small screen the readings lie under a
 * handle at the foot, which shows the figure that matters.
 */
@Component({
  selector: 'orv-station-layout',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(keydown.escape)': 'open.set(false)', '(document:keydown.f6)': 'cross($event)' },
  template: `
    <section class="sheet" [attr.aria-label]="sheetLabel()" tabindex="-1" (focusout)="left = $event.target">
      <ng-content select="[sheet]" />
    </section>
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
        <span class="back" i18n>Back to the sheet</span>
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
  private readonly application = inject(ApplicationRef);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  /** What had the focus in the sheet last: where one comes back to. */
  protected left: EventTarget | null = null;

  /** F6: from the sheet to its readings, and back to where one was. */
  protected cross(event: Event): void {
    event.preventDefault();
    const [sheet, readings] = [this.host.querySelector('.sheet'), this.host.querySelector('.readings')];
    if (!(sheet instanceof HTMLElement) || !(readings instanceof HTMLElement)) return;
    if (readings.contains(document.activeElement)) {
      this.open.set(false);
      const back = this.left instanceof HTMLElement && this.left.isConnected ? this.left : sheet;
      back.focus();
      return;
    }
    this.open.set(true);
    this.application.tick();
    readings.focus();
  }
}
