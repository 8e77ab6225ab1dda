import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { recipeOf } from '@orvin/core/book/records';
import { dayOf, midnightOf } from '../parts/wall-clock';
import type { StoredBake } from '../store/records';
import { KIND_NAMES, SEASON_KINDS, type SeasonFilter } from './season-filter';

/** Which bakes of the season are shown, and whether as a list or in the calendar. */
@Component({
  selector: 'orv-season-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label>
      <span class="unseen" i18n>Of which formula</span>
      <select class="boxed" #which (change)="choose.emit({ recipe: which.value || undefined })">
        <option value="" [selected]="filter().recipe === undefined" i18n>every formula</option>
        @for (one of recipes(); track one.id) {
          <option [value]="one.id" [selected]="filter().recipe === one.id">{{ one.words }}</option>
        }
      </select>
    </label>
    <label>
      <span class="unseen" i18n>How they went</span>
      <select class="boxed" #how (change)="choose.emit({ kind: how.value || undefined })">
        <option value="" [selected]="filter().kind === undefined" i18n>however they went</option>
        @for (kind of kinds; track kind) {
          <option [value]="kind" [selected]="filter().kind === kind">{{ names[kind] }}</option>
        }
      </select>
    </label>
    @if (onDay(); as day) {
      <button type="button" class="chip" aria-pressed="true" (click)="choose.emit({ on: undefined })">
        {{ day }} ✕
      </button>
    }
    <button type="button" class="chip look" [attr.aria-pressed]="calendar()" (click)="turned.emit(!calendar())" i18n>
      Calendar
    </button>
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 6px 10px;
      margin-bottom: 6px;
    }
    label {
      flex: 0 1 14rem;
      min-width: 8rem;
    }
    select {
      width: 100%;
      text-overflow: ellipsis;
    }
    .chip {
      min-height: 36px;
    }
    .look {
      margin-left: auto;
    }
    @media (pointer: coarse) {
      .chip {
        min-height: var(--finger);
      }
    }
    @media (max-width: 560px) {
      :host {
        gap: 6px;
      }
      label {
        flex: 1 1 30%;
        min-width: 0;
      }
    }
  `,
})
export class SeasonBar {
  readonly bakes = input.required<readonly StoredBake[]>();
  readonly filter = input.required<SeasonFilter>();
  readonly calendar = input.required<boolean>();
  readonly choose = output<SeasonFilter>();
  readonly turned = output<boolean>();
  protected readonly kinds = SEASON_KINDS;
  protected readonly names = KIND_NAMES;

  /** Formulas by how often they were baked. */
  protected readonly recipes = computed(() => {
    const counts = new Map<string, { title: string; count: number }>();
    for (const { record } of this.bakes()) {
      const id = recipeOf(record);
      const known = counts.get(id);
      if (known) known.count += 1;
      else counts.set(id, { title: record.title || $localize`Without a name`, count: 1 });
    }
    return [...counts]
      .sort(([, a], [, b]) => b.count - a.count)
      .map(([id, { title, count }]) => ({ id, words: `${title} (${count})` }));
  });
  protected readonly onDay = computed(() => {
    const { on } = this.filter();
    return on?.length === 10 ? dayOf(midnightOf(on)) : undefined;
  });
}
