import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Width } from '../parts/width';
import type { Block, LedgerView } from './ledger-view';

/** Rough width of a letter of the picture's type, px: enough to know what fits. */
const LETTER = 6.8;
const PADDING = 16;
const wide = (label: string) => label.length * LETTER + PADDING;

interface DrawnBlock {
  readonly label: string;
  readonly meq: number;
  readonly x: number;
  readonly width: number;
  readonly fits: boolean;
  readonly strength: number;
}

/** Acids and soda facing each other in the same unit: what finds no partner sticks out and says how much it is. */
@Component({
  selector: 'orv-ledger-picture',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `
    @if (width() > 40) {
      <p i18n>
        <b class="sour-word">sour, {{ figure(view().acidMeq) }} meq</b> {{ sourSources() }}
      </p>
      <svg
        i18n-data-picture
        data-picture="Acid and soda"
        [attr.width]="width()"
        height="70"
        role="img"
        [attr.aria-label]="spoken()"
      >
        <defs>
          <pattern id="unmet" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="6" height="6" class="unmet-ground" />
            <line x1="0" y1="0" x2="0" y2="6" class="unmet-line" />
          </pattern>
        </defs>
        @for (block of acids(); track $index) {
          <rect
            [attr.x]="block.x"
            y="4"
            [attr.width]="block.width"
            height="28"
            class="sour"
            [style.opacity]="block.strength"
          />
          @if (block.fits) {
            <text [attr.x]="block.x + 7" y="22" class="on-sour">{{ block.label }}</text>
          }
        }
        @if (powder(); as block) {
          @if (block.width > 2) {
            <rect [attr.x]="block.x + 0.75" y="4.75" [attr.width]="block.width - 1.5" height="26.5" class="powder" />
          }
          @if (block.fits) {
            <text [attr.x]="block.x + 7" y="22">{{ block.label }}</text>
          }
        }
        @if (met() > 0) {
          <rect y="37" [attr.width]="met()" height="28" class="soda" />
        }
        @if (left() > 2) {
          <rect
            [attr.x]="met() + 0.75"
            y="37.75"
            [attr.width]="left() - 1.5"
            height="26.5"
            fill="url(#unmet)"
            class="unmet"
          />
          @if (left() > plateWidth()) {
            <rect
              [attr.x]="met() + (left() - plateWidth()) / 2"
              y="42"
              [attr.width]="plateWidth()"
              height="18"
              rx="2"
              class="plate"
            />
            <text [attr.x]="met() + left() / 2" y="55" text-anchor="middle" class="alert-word">
              {{ view().leftWords }}
            </text>
          }
        }
        @if (metLabel()) {
          <text x="7" y="55" class="on-soda">{{ metLabel() }}</text>
        }
        @if (meets() > 0) {
          <line [attr.x1]="meets()" [attr.x2]="meets()" y1="0" y2="69" class="meet" />
        }
      </svg>
      <p i18n>
        <b class="soda-word">soda, {{ figure(view().sodaMeq) }} meq</b> {{ view().sodaSources }}
      </p>
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
    .sour {
      fill: var(--sour);
      stroke: var(--enamel);
    }
    .powder {
      fill: var(--sour-wash);
      stroke: var(--sour);
      stroke-width: 1.5;
    }
    .soda {
      fill: var(--soda);
    }
    .unmet {
      stroke: var(--alert);
      stroke-width: 1.5;
    }
    .unmet-ground {
      fill: var(--alert-wash);
    }
    .unmet-line {
      stroke: var(--alert);
      stroke-width: 2;
    }
    .plate {
      fill: var(--enamel);
    }
    .meet {
      stroke: var(--ink);
      stroke-width: 1.5;
      stroke-dasharray: 3 3;
    }
    p {
      font-size: var(--step--1);
      color: var(--ink-2);
      line-height: 1.35;
    }
    p b {
      font-weight: 660;
      margin-right: 6px;
    }
    .sour-word {
      color: var(--sour);
    }
    .soda-word {
      color: var(--soda);
    }
    .alert-word {
      fill: var(--alert);
      font-weight: 660;
    }
    .on-sour {
      fill: var(--on-sour);
    }
    .on-soda {
      fill: var(--on-soda);
    }
  `,
})
export class LedgerPicture {
  readonly view = input.required<LedgerView>();
  private readonly size = inject(Width);
  protected readonly width = this.size.pixels;
  private readonly scale = computed(() => this.width() / this.view().most);

  protected readonly acids = computed(() =>
    this.view().acids.map((block, i) => this.drawn(block, 1 - 0.16 * Math.min(3, i))),
  );
  protected readonly powder = computed(() => {
    const { powderAcid } = this.view();
    return powderAcid && this.drawn(powderAcid, 1);
  });
  protected readonly met = computed(() => this.view().metMeq * this.scale());
  protected readonly left = computed(() =>
    this.view().balance === 'soda-left' ? this.view().leftMeq * this.scale() : 0,
  );
  protected readonly plateWidth = computed(() => wide(this.view().leftWords));
  /** Where the partners end: only worth a line where one of them goes on. */
  protected readonly meets = computed(() => (this.left() > 2 || this.view().balance === 'acid-left' ? this.met() : 0));
  protected readonly metLabel = computed(() => {
    const label = this.left() > 2 ? $localize`met` : $localize`all of it is met`;
    return this.met() > wide(label) ? label : '';
  });
  /** What is sour, with its figures, in the order drawn: a block too narrow for its name finds it here. */
  protected readonly sourSources = computed(() => {
    const { acids, powderAcid } = this.view();
    return [...acids, ...(powderAcid ? [powderAcid] : [])]
      .map(({ label, meq }) => `${label} ${this.figure(meq)}`)
      .join(' · ');
  });
  protected readonly spoken = computed(() => {
    const { acidMeq, sodaMeq, leadWord, lead } = this.view();
    return $localize`Acid ${this.figure(acidMeq)} and soda ${this.figure(sodaMeq)} milliequivalents: ${lead} ${leadWord}`;
  });

  protected figure(meq: number): string {
    return decimal(meq, meq < 9.95 ? 1 : 0);
  }

  private drawn({ label, from, meq }: Block, strength: number): DrawnBlock {
    const width = meq * this.scale();
    return { label, meq, x: from * this.scale(), width, fits: width > wide(label), strength };
  }
}
