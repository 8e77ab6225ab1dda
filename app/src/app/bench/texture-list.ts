import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { TEXTURE_FORCES, type CrumbTexture } from '@orvin/core/batter/crumb-texture';
import { shortIngredientName } from '@orvin/core/kitchen/ingredients';
import type { Region } from '@orvin/core/ground/units';
import { FORCE_NAMES } from '@orvin/core/words/explaining';
import { How } from './how';

const NAMED = 4;

/** What toughens, softens, dries and wets, with each ingredient's share as a piece of a bar. */
@Component({
  selector: 'orv-texture-list',
  imports: [How],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (row of rows(); track row.force) {
      <div class="row">
        <span class="name">{{ row.name }}</span>
        <span class="bar" aria-hidden="true">
          @for (piece of row.pieces; track piece.name) {
            <i [style.flex-grow]="piece.share" [class]="row.force" [style.opacity]="piece.shade"></i>
          }
        </span>
        <span class="who">{{ row.words }}</span>
      </div>
    }
    <p class="sums">
      <span i18n
        >tender over tough <b>{{ forces().tenderness.toFixed(2) }}</b></span
      >
      <orv-how figure="tenderness" i18n-of of="tenderness" />
      <span i18n
        >water over thirst <b>{{ forces().moistness.toFixed(2) }}</b></span
      >
      <orv-how figure="moistness" i18n-of of="moistness" />
    </p>
  `,
  styles: `
    .row {
      display: grid;
      grid-template-columns: 5.2rem minmax(0, 1fr);
      column-gap: 10px;
      align-items: center;
      padding: 3px 0;
    }
    .name {
      color: var(--ink-2);
    }
    .bar {
      display: flex;
      gap: 1px;
      height: 12px;
    }
    i.toughens {
      background: var(--matter-flour);
    }
    i.softens {
      background: var(--matter-fat);
    }
    i.dries {
      background: var(--ink-3);
    }
    i.wets {
      background: var(--soda);
    }
    .who {
      grid-column: 2;
      font-size: var(--step--1);
      color: var(--ink-2);
    }
    .sums {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 0 6px;
      color: var(--ink-2);
      font-size: var(--step--1);
      margin-top: 4px;
    }
    b {
      color: var(--ink);
    }
  `,
})
export class TextureList {
  readonly forces = input.required<CrumbTexture>();
  readonly region = input.required<Region>();
  protected readonly rows = computed(() =>
    TEXTURE_FORCES.map((force) => {
      const shares = this.forces().of[force];
      const pieces = shares.slice(0, NAMED + 3).map(({ ingredient, share }, i) => ({
        name: shortIngredientName(ingredient, this.region()),
        share,
        shade: Math.max(0.3, 1 - 0.16 * i),
      }));
      const words = pieces
        .slice(0, NAMED)
        .filter(({ share }) => share > 0.02)
        .map(({ name, share }) => `${name} ${Math.round(100 * share)} %`)
        .join(' · ');
      return { force, name: FORCE_NAMES[force], pieces, words };
    }),
  );
}
