import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Width } from '../parts/width';
import type { LedgerView } from './ledger-view';

const FROM = 4.6;
const TO = 9.6;
/** Where the crumb changes its character. @source leavening.md 1.6 */
const ZONES = [
  { to: 6.2, word: $localize`tart` },
  { to: 7.5, word: $localize`neutral` },
  { to: 8.5, word: $localize`alkaline` },
  { to: TO, word: $localize`soapy` },
] as const;

/** The crumb's pH as a range on the scale of what it does. */
@Component({
  selector: 'orv-ph-scale',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `
    @if (width() > 40) {
      <svg
        i18n-data-picture
        data-picture="Crumb pH"
        [attr.width]="width()"
        height="38"
        role="img"
        [attr.aria-label]="texts.crumbPh(ph().words, ph().why)"
      >
        <line x1="0" [attr.x2]="width()" y1="11" y2="11" class="track" />
        @for (zone of zones(); track zone.word) {
          @if (!zone.last) {
            <line [attr.x1]="zone.end" [attr.x2]="zone.end" y1="4" y2="18" class="border" />
          }
          <text [attr.x]="zone.middle" y="34" text-anchor="middle" [class.here]="zone.here">{{ zone.word }}</text>
        }
        <rect
          [attr.x]="at(ph().low)"
          y="5.5"
          [attr.width]="at(ph().high) - at(ph().low)"
          height="11"
          rx="1"
          class="range"
        />
        <line [attr.x1]="at(ph().likely)" [attr.x2]="at(ph().likely)" y1="1" y2="21" class="tick" />
      </svg>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
      overflow: visible;
    }
    .track {
      stroke: var(--hair);
      stroke-width: 2;
    }
    .border {
      stroke: var(--ink-3);
      stroke-width: 1;
    }
    .range {
      fill: var(--rim-wash);
      stroke: var(--rim);
      stroke-width: 1.2;
    }
    .tick {
      stroke: var(--ink);
      stroke-width: 3.2;
    }
    text {
      fill: var(--ink-3);
    }
    text.here {
      fill: var(--ink);
      font-weight: 660;
    }
  `,
})
export class PhScale {
  protected readonly texts = {
    crumbPh: (words: string | number, why: string | number) => $localize`Crumb pH ${words}:words:: ${why}`,
  };
  readonly ph = input.required<LedgerView['ph']>();
  private readonly size = inject(Width);
  protected readonly width = this.size.pixels;

  protected readonly zones = computed(() =>
    ZONES.map(({ to, word }, i) => {
      const from = ZONES[i - 1]?.to ?? FROM;
      const { likely } = this.ph();
      return {
        word,
        end: this.at(to),
        middle: (this.at(from) + this.at(to)) / 2,
        last: i === ZONES.length - 1,
        here: likely > from && likely <= to,
      };
    }),
  );

  protected at(pH: number): number {
    return ((Math.min(TO, Math.max(FROM, pH)) - FROM) / (TO - FROM)) * this.width();
  }
}
