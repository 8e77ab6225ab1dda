import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { Button } from 'primeng/button';
import { InputText } from 'primeng/inputtext';
import { forget, learn, type OwnPan } from '@orvin/core/kitchen/kitchen';
import { pansWritten } from '@orvin/core/formula/vessels';
import { cavityMillilitres, onePan } from '@orvin/core/kitchen/pans';
import { brimWords } from '../parts/pan-shapes';
import { FormulaStore } from '../store/formula-store';
import { MADE_OF } from './pan-draft';
import { PanDrawing } from './pan-drawing';

const FAULTS = {
  'size-missing': $localize`How large is it? Measure inside, rim to rim: “20 cm square”.`,
  'shape-not-built': $localize`That has no walls to hold a batter.`,
  'size-unlikely': $localize`No kitchen pan has that size. Check the figures and their unit.`,
  'no-pan': $localize`Write a shape and a size: “9x5 in loaf”, “23 cm round x 2”. Or measure it.`,
} as const;

/** The baker's own pans, drawn to one scale, and how many of each. */
@Component({
  selector: 'orv-pan-shelf',
  imports: [Button, InputText, PanDrawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section aria-labelledby="pans-heading">
      <h2 id="pans-heading" i18n>Pan shelf</h2>
      <form class="row" (submit)="$event.preventDefault(); add(words)">
        <input
          #words
          pInputText
          maxlength="120"
          autocomplete="off"
          i18n-aria-label
          aria-label="A pan that you own"
          i18n-placeholder
          placeholder="two 20 cm rounds, 9x5 in loaf"
        />
        <p-button type="submit" i18n-label label="Put it on" [outlined]="true" size="small" />
        <p-button i18n-label label="Measure one" [text]="true" size="small" (onClick)="measuring.emit(undefined)" />
      </form>
      @if (problem()) {
        <p class="problem" role="status">{{ problem() }}</p>
      }
      <ul i18n-aria-label aria-label="Own pans">
        @for (row of rows(); track row.own.id) {
          <li>
            <orv-pan-drawing [pan]="row.own.pan" [scale]="3.2" />
            <span class="what">
              <button
                type="button"
                class="link"
                (click)="measuring.emit(row.own)"
                [attr.aria-label]="texts.measure(row.own.name)"
              >
                {{ row.own.name }}
              </button>
              <span class="caption">{{ row.words }}</span>
            </span>
            <span class="stepper" role="group" [attr.aria-label]="texts.howManyOf(row.own.name)">
              <button
                type="button"
                (click)="setCount(row.own, row.own.count - 1)"
                [disabled]="row.own.count <= 1"
                i18n-aria-label
                aria-label="One fewer"
              >
                −
              </button>
              <b class="count">{{ row.own.count }}</b>
              <button
                type="button"
                (click)="setCount(row.own, row.own.count + 1)"
                i18n-aria-label
                aria-label="One more"
              >
                +
              </button>
            </span>
            <button type="button" (click)="remove(row.own)" [attr.aria-label]="texts.takeOffTheShelf(row.own.name)">
              ✕
            </button>
          </li>
        } @empty {
          <li class="none" i18n>None yet. With them Batch says what fits, and weighs out each pan.</li>
        }
      </ul>
    </section>
  `,
  styleUrl: './kitchen-lists.css',
  styles: `
    li:not(.none) {
      grid-template-columns: 112px minmax(0, 1fr) auto auto;
      min-height: 48px;
      padding: 4px 0;
    }
    orv-pan-drawing {
      justify-self: center;
      overflow: hidden;
    }
    .what {
      display: flex;
      flex-direction: column;
    }
    .stepper {
      display: flex;
      align-items: center;
      gap: 2px;
    }
    .count {
      min-width: 1.6rem;
      text-align: center;
      font-weight: 640;
    }
    /* a name keeps its words together, and how many stands below it */
    @media (max-width: 559px) {
      li:not(.none) {
        grid-template-columns: 84px minmax(0, 1fr) auto;
      }
      orv-pan-drawing {
        grid-row: span 2;
      }
      .stepper {
        grid-area: 2 / 2;
      }
      li > button {
        grid-area: 1 / 3;
      }
    }
  `,
})
export class PanShelf {
  protected readonly texts = {
    measure: (name: string | number) => $localize`Measure ${name}`,
    howManyOf: (name: string | number) => $localize`How many of ${name}`,
    takeOffTheShelf: (name: string | number) => $localize`Take ${name} off the shelf`,
  };
  /** A pan to measure; undefined for a new one. */
  readonly measuring = output<OwnPan | undefined>();
  private readonly store = inject(FormulaStore);
  protected readonly problem = signal('');
  protected readonly rows = computed(() =>
    (this.store.kitchen().pans ?? []).map((ownPan) => ({
      own: ownPan,
      words: [
        ownPan.pan.cavities > 1
          ? $localize`${ownPan.pan.cavities} cups, each ${Math.round(cavityMillilitres(ownPan.pan))} ml`
          : brimWords(cavityMillilitres(ownPan.pan)),
        ownPan.pan.measuredMillilitres === undefined ? '' : $localize`by water`,
        MADE_OF.find(({ id }) => id === ownPan.madeOf)?.name ?? '',
      ]
        .filter(Boolean)
        .join(', '),
    })),
  );

  protected add(field: HTMLInputElement): void {
    const written = field.value.trim();
    if (written === '') return;
    const parsedPan = pansWritten(written);
    if (parsedPan.kind !== 'pan') {
      this.problem.set(parsedPan.kind === 'size-missing' ? FAULTS['size-missing'] : FAULTS[parsedPan.because]);
      return;
    }
    const { pan, count } = parsedPan.set;
    const name = written
      .replace(/\s*[x×]\s*\d{1,2}\s*$/i, '')
      .replace(/^(?:a|an|one|two|three|four|six|\d{1,2}\s*[x×](?!\d))\s+/i, '');
    const ownPan: OwnPan = {
      id: crypto.randomUUID(),
      name: count > 1 ? onePan(name) : name,
      pan,
      count,
      madeOf: MADE_OF.find(({ material }) => material === pan.material)?.id ?? 'aluminium',
    };
    this.store.changeKitchen($localize`putting ${ownPan.name} on the shelf`, (kitchen) => learn.pan(kitchen, ownPan));
    this.problem.set('');
    field.value = '';
  }
  protected setCount(ownPan: OwnPan, count: number): void {
    if (count >= 1 && count <= 50) this.store.changeKitchen($localize`how many of ${ownPan.name}`, (kitchen) => learn.pan(kitchen, { ...ownPan, count })); // prettier-ignore
  }
  protected remove(ownPan: OwnPan): void {
    this.store.changeKitchen($localize`taking ${ownPan.name} off the shelf`, (kitchen) =>
      forget.pan(kitchen, ownPan.id),
    );
  }
}
