import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { textInLink } from '../work/formula-link';

/** A formula that came with the address: what it is, and nothing done before the baker says so. */
@Component({
  selector: 'orv-by-link',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (arrived(); as arrived) {
      <div class="notice" role="status">
        @if (arrived === 'damaged') {
          <p i18n>
            <span class="mark mark-warning" aria-hidden="true">▲</span>
            <b>The formula in this address was damaged on its way.</b> Ask for the address again, or for the formula as
            a file.
          </p>
          <button type="button" class="quiet" (click)="left.emit()" i18n>Close</button>
        } @else {
          <p i18n>
            <b>A formula came with the address:</b> {{ firstLine() }}
            <span class="caption">{{ lines() }} lines. Nothing is on the shelf yet.</span>
          </p>
          <button type="button" class="act" (click)="taken.emit(arrived.text)" i18n>Put it on the shelf</button>
          <button type="button" class="quiet" (click)="left.emit()" i18n>Leave it</button>
        }
      </div>
    }
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    .notice {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 8px 12px;
      margin: 12px 0 0;
    }
    p {
      flex: 1 1 16em;
      margin: 0;
    }
    .mark {
      margin-right: 6px;
    }
    .caption {
      display: block;
    }
  `,
})
export class ByLink {
  /** What stands behind the # of the address. */
  readonly fragment = input.required<string>();
  /** The text of the formula, wanted on the shelf. */
  readonly taken = output<string>();
  readonly left = output();
  protected readonly arrived = computed(() => textInLink(this.fragment()));
  private readonly text = computed(() => {
    const arrived = this.arrived();
    return typeof arrived === 'object' ? arrived.text : '';
  });
  protected readonly firstLine = computed(() => this.text().trim().split('\n')[0]?.slice(0, 80));
  protected readonly lines = computed(() => this.text().split('\n').filter((line) => line.trim() !== '').length); // prettier-ignore
}
