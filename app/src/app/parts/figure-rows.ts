import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { FigureRow } from '@orvin/core/words/figures';

/** Figures one below another, each with its name before and its grounds behind; on a narrow screen below. */
@Component({
  selector: 'orv-figure-rows',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <dl>
      @for (row of rows(); track row.what) {
        <div>
          <dt>{{ row.what }}</dt>
          <dd>
            <b>{{ row.figure }}</b> <span>{{ row.why }}</span>
          </dd>
        </div>
      }
    </dl>
  `,
  styles: `
    :host {
      display: block;
    }
    dl {
      margin: 0;
    }
    div {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
      gap: 2px 12px;
      align-items: baseline;
      padding: 8px 0;
      border-bottom: 1px solid var(--hair);
    }
    dd {
      display: grid;
      grid-template-columns: minmax(4.4rem, auto) minmax(0, 1fr);
      gap: 12px;
      margin: 0;
    }
    span {
      font-size: var(--step--1);
      color: var(--ink-2);
    }
    @media (max-width: 560px) {
      div {
        grid-template-columns: minmax(0, 1fr) auto;
      }
      dd {
        display: contents;
      }
      b {
        text-align: end;
      }
      span {
        grid-column: 1 / -1;
      }
    }
  `,
})
export class FigureRows {
  readonly rows = input.required<readonly FigureRow[]>();
}
