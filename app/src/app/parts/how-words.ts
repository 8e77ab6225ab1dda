import { ChangeDetectionStrategy, Component, input } from '@angular/core';

/** Where a figure comes from, opened on demand: the reckoning line by line. */
@Component({
  selector: 'orv-how-words',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (lines().length > 0) {
      <details>
        <summary i18n>Where this comes from</summary>
        @for (line of lines(); track line) {
          <p>{{ line }}</p>
        }
      </details>
    }
  `,
  styles: `
    summary {
      display: inline-flex;
      align-items: center;
      min-height: 28px;
      color: var(--rim);
      font-size: var(--step--1);
      cursor: pointer;
    }
    summary::before {
      content: '›';
      width: 0.9em;
      transition: transform 0.12s;
    }
    details[open] summary::before {
      transform: rotate(90deg);
    }
    p {
      font-size: var(--step--1);
      color: var(--ink-2);
      margin: 2px 0 4px;
      padding-left: 0.8em;
    }
    @media (pointer: coarse) {
      summary {
        min-height: var(--finger);
      }
    }
  `,
})
export class HowWords {
  readonly lines = input.required<readonly string[]>();
}
