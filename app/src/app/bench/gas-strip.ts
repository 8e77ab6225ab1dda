import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { LedgerView } from './ledger-view';

/** The gas by phase along the bake, each phase with its share. */
@Component({
  selector: 'orv-gas-strip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="bar" aria-hidden="true">
      @for (one of gas(); track one.phase) {
        <i [class]="one.phase" [style.flex-grow]="one.percent"></i>
      }
    </div>
    <ul>
      @for (one of gas(); track one.phase) {
        <li>
          <i [class]="one.phase" aria-hidden="true"></i>{{ one.name }} <b>{{ one.percent.toFixed(0) }} %</b>
        </li>
      }
    </ul>
  `,
  styles: `
    .bar {
      display: flex;
      gap: 1px;
      height: 12px;
    }
    .bar i {
      flex: 0 1 0;
    }
    .mixing {
      background: var(--rim);
    }
    .waiting {
      background: color-mix(in srgb, var(--rim), var(--enamel) 45%);
    }
    .under60 {
      background: var(--crust-1);
    }
    .to80 {
      background: var(--crust-2);
    }
    .above80 {
      background: var(--crust-3);
    }
    ul {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 10px;
      margin-top: 5px;
      font-size: var(--step--1);
      color: var(--ink-2);
    }
    li i {
      display: inline-block;
      width: 9px;
      height: 9px;
      margin-right: 5px;
      border-radius: 1px;
    }
    li b {
      color: var(--ink);
      font-weight: 620;
    }
  `,
})
export class GasStrip {
  readonly gas = input.required<LedgerView['gas']>();
}
