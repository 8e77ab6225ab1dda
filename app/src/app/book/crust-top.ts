import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Top } from '@orvin/core/book/records';
import { CRUST_COLOURS } from './slice';

const SHINE: Readonly<Record<Top, string>> = { pale: '#f4deaf', straw: '#ecc782', gold: '#d8a250', chestnut: '#b87430', 'too-dark': '#743e17' }; // prettier-ignore

/** The top of a bake from outside: its colour. */
@Component({
  selector: 'orv-crust-top',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { 'aria-hidden': 'true' },
  template: `
    <svg viewBox="0 0 104 58">
      <path d="M4 54L9 34Q52 -4 95 34L100 54Z" [attr.fill]="colour()" />
      <path class="shine" d="M24 27Q50 14 80 26" [attr.stroke]="shine()" />
    </svg>
  `,
  styles: `
    :host,
    svg {
      display: block;
      width: 100%;
    }
    .shine {
      fill: none;
      stroke-width: 5;
      stroke-linecap: round;
    }
  `,
})
export class CrustTop {
  readonly top = input.required<Top>();
  protected readonly colour = computed(() => CRUST_COLOURS[this.top()]);
  protected readonly shine = computed(() => SHINE[this.top()]);
}
