import { ChangeDetectionStrategy, Component, computed, inject, model, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import { Dialog } from 'primeng/dialog';
import { Select } from 'primeng/select';
import { styleBook, styleName } from '@orvin/core/batter/balance';
import { shortIngredientName } from '@orvin/core/kitchen/ingredients';
import { pantryOf } from '@orvin/core/kitchen/equipment';
import { parsePan } from '@orvin/core/kitchen/pans';
import { PLANS, startFormula, withBakeMinutes, type StartSize } from '@orvin/core/bench/starting';
import { DIETS, type Diet } from '@orvin/core/bench/swaps';
import { DIET_NAMES } from '@orvin/core/words/explaining';
import { oneBake } from '@orvin/core/batch/bakes';
import { EMPTY_BATCH } from '@orvin/core/batch/plan';
import type { Formula } from '@orvin/core/formula/formula';
import { QUANTITY_NAMES } from '@orvin/core/words/wording';
import { gramsInWords, windowInWords, listed } from '@orvin/core/words/figures';
import { auditFormula } from '@orvin/core/bench/audit';
import { Toasts } from '../parts/toasts';
import { FormulaStore } from '../store/formula-store';
import { SettingsStore } from '../store/settings-store';
import { Work } from '../work/work-client';

type SizeKind = StartSize['kind'];
const SIZES: readonly { readonly id: SizeKind; readonly name: string }[] = [
  { id: 'flour', name: $localize`flour` },
  { id: 'pan', name: $localize`a pan` },
  { id: 'count', name: $localize`pieces` },
];
/** What serves a diet that forbids; wanting less of something is a swap, not a start. */
const START_DIETS: readonly Diet[] = DIETS.filter((diet) => diet !== 'lower-fat' && diet !== 'lower-sugar');

/** A balanced formula from a style, a size and what there is: solved from the middle of the bands, shown before it is taken. */
@Component({
  selector: 'orv-start-dialog',
  imports: [Dialog, FormsModule, Select],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-dialog
      i18n-header
      header="Start from a style"
      [visible]="open()"
      (visibleChange)="open.set($event)"
      [modal]="true"
      i18n-closeAriaLabel
      closeAriaLabel="Close"
      [dismissableMask]="true"
      [draggable]="false"
      [resizable]="false"
    >
      <form (ngSubmit)="start()">
        <div class="row">
          <span id="start-style" i18n>style</span>
          <p-select
            ariaLabelledBy="start-style"
            appendTo="body"
            [options]="styles()"
            optionLabel="name"
            optionValue="id"
            [filter]="true"
            i18n-filterPlaceholder
            filterPlaceholder="find a style"
            name="style"
            [ngModel]="styleId()"
            (ngModelChange)="choose($event)"
          />
        </div>
        <div class="row" role="group" i18n-aria-label aria-label="How much">
          <span i18n="how the size is said|">by</span>
          @for (size of sizes; track size.id) {
            <button type="button" class="chip" [attr.aria-pressed]="kind() === size.id" (click)="kind.set(size.id)">
              {{ size.name }}
            </button>
          }
          @switch (kind()) {
            @case ('flour') {
              <label
                ><input
                  name="flour"
                  inputmode="numeric"
                  i18n-aria-label
                  aria-label="Grams of flour"
                  [ngModel]="flour()"
                  (ngModelChange)="flour.set($event)"
                />&ngsp; <ng-container i18n>g of flour</ng-container></label
              >
            }
            @case ('count') {
              <label
                ><input
                  name="count"
                  inputmode="numeric"
                  i18n-aria-label
                  aria-label="How many pieces"
                  [ngModel]="count()"
                  (ngModelChange)="count.set($event)"
                />&ngsp; <ng-container i18n>pieces</ng-container></label
              >
            }
            @case ('pan') {
              <label class="pan"
                ><input
                  name="pan"
                  i18n-aria-label
                  aria-label="The pan"
                  maxlength="100"
                  [ngModel]="pan()"
                  (ngModelChange)="pan.set($event)"
              /></label>
            }
          }
        </div>
        <div class="row" role="group" i18n-aria-label aria-label="For whom">
          <span i18n>for</span>
          @for (diet of diets; track diet) {
            <button type="button" class="chip" [attr.aria-pressed]="wanted().has(diet)" (click)="want(diet)">
              {{ dietNames[diet] }}
            </button>
          }
        </div>
        <div class="row">
          <button
            type="button"
            class="chip"
            [attr.aria-pressed]="fromCupboard()"
            (click)="fromCupboard.set(!fromCupboard())"
            i18n
          >
            only what is in my cupboard
          </button>
          @if (fromCupboard() && cupboardSize() === 0) {
            <span class="caption" i18n>Your cupboard is empty: the Pantry has the list.</span>
          }
        </div>
        <div class="outcome" role="status">
          @if (started(); as started) {
            <p i18n>
              <b>{{ grams() }}</b> of batter{{
                missedWords() === '' ? texts.insideEveryBandOfItsStyle : texts.outsideItsStyleIn(missedWords())
              }}.
              <span class="caption">{{ replacedWords() }}</span>
            </p>
            <ul i18n-aria-label aria-label="What it takes">
              @for (line of started.formula.components[0]?.lines; track line.id) {
                <li>{{ line.text }}</li>
              }
            </ul>
          } @else {
            <p class="caption">{{ problem() }}</p>
          }
        </div>
        <button type="submit" class="take" [disabled]="!started()" i18n>To the bench</button>
      </form>
    </p-dialog>
  `,
  styles: `
    form {
      display: grid;
      gap: 10px;
      width: min(38rem, 84vw);
    }
    .row {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 6px 8px;
    }
    .row > span:first-child {
      min-width: 2.6rem;
      color: var(--ink-2);
    }
    input {
      width: 5rem;
      min-height: 34px;
      border: 0;
      border-bottom: 1.5px solid var(--rim-2);
      background: none;
      font-weight: 640;
      text-align: right;
    }
    .pan {
      flex: 1 1 12rem;
    }
    .pan input {
      width: 100%;
      text-align: left;
    }
    .chip {
      border: 1.5px solid var(--rim-2);
      border-radius: 999px;
      background: var(--enamel);
      min-height: 32px;
      padding: 3px 12px;
      cursor: pointer;
    }
    .chip[aria-pressed='true'] {
      border-color: var(--rim);
      background: var(--rim);
      color: var(--on-rim);
    }
    .outcome {
      border-top: 3px solid var(--rim);
      padding-top: 8px;
      min-height: 12rem;
    }
    ul {
      columns: 2;
      column-gap: 24px;
      margin-top: 6px;
    }
    li {
      padding: 2px 0;
      break-inside: avoid;
    }
    .take {
      justify-self: end;
      background: var(--butter);
      border: 1px solid var(--butter-deep);
      border-radius: var(--corner);
      color: var(--on-butter);
      font-weight: 620;
      min-height: var(--finger);
      padding: 0 18px;
      cursor: pointer;
    }
    .take:disabled {
      opacity: 0.5;
    }
    @media (max-width: 599px) {
      ul {
        columns: 1;
      }
    }
    @media (pointer: coarse) {
      .chip,
      input {
        min-height: var(--finger);
      }
    }
  `,
})
export class StartDialog {
  protected readonly texts = {
    insideEveryBandOfItsStyle: $localize`, inside every band of its style`,
    outsideItsStyleIn: (missedWords: string | number) => $localize`, outside its style in ${missedWords}`,
  };
  readonly open = model.required<boolean>();
  private readonly store = inject(FormulaStore);
  private readonly settings = inject(SettingsStore);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private readonly work = inject(Work);

  protected readonly sizes = SIZES;
  protected readonly diets = START_DIETS;
  protected readonly dietNames = DIET_NAMES;
  protected readonly styleId = signal('muffin');
  protected readonly kind = signal<SizeKind>('flour');
  protected readonly flour = signal('250');
  protected readonly count = signal('12');
  protected readonly pan = signal(PLANS['muffin']?.pan ?? '');
  protected readonly wanted = signal<ReadonlySet<Diet>>(new Set());
  protected readonly fromCupboard = signal(false);

  private readonly book = computed(() => styleBook(this.store.kitchen().styles));
  protected readonly styles = computed(() =>
    this.book().all.map((style) => ({ id: style.id, name: styleName(style, this.settings.region()) })),
  );
  protected readonly cupboardSize = computed(() => this.store.kitchen().cupboard?.length ?? 0);

  private readonly size = computed((): StartSize | undefined => {
    if (this.kind() === 'pan') {
      const parsed = parsePan(this.pan());
      return parsed.kind === 'pan' ? { kind: 'pan', pans: parsed.set, written: this.pan().trim() } : undefined;
    }
    const value = Number((this.kind() === 'flour' ? this.flour() : this.count()).replace(',', '.'));
    const most = this.kind() === 'flour' ? 50_000 : 2000;
    if (!(value >= 1 && value <= most)) return undefined;
    return this.kind() === 'flour' ? { kind: 'flour', grams: value } : { kind: 'count', count: Math.round(value) };
  });
  protected readonly problem = computed(() => {
    if (this.size()) return '';
    return {
      flour: $localize`Write the grams of flour, 1 to 50 000.`,
      count: $localize`Write how many pieces, 1 to 2000.`,
      pan: $localize`Write the pan with its size: “23 x 13 x 7 cm loaf”, “20 cm round x 2”, “12-cup muffin tin”.`,
    }[this.kind()];
  });
  protected readonly started = computed(() => {
    const [style, size] = [this.book().byId(this.styleId()), this.size()];
    if (!style || !size || !this.open()) return undefined;
    const kitchen = this.store.kitchen();
    return startFormula(
      {
        style, size, kitchen, region: this.settings.region(), diets: [...this.wanted()],
        ...(this.fromCupboard() && { cupboard: new Set(kitchen.cupboard ?? []) }),
      },
      () => crypto.randomUUID(),
    ); // prettier-ignore
  });
  protected readonly grams = computed(() => {
    const started = this.started();
    return started ? gramsInWords(auditFormula(started.formula).totals.grams) : '';
  });
  protected readonly missedWords = computed(() =>
    listed((this.started()?.missed ?? []).map((quantity) => QUANTITY_NAMES[quantity])),
  );
  protected readonly replacedWords = computed(() => {
    const pantry = pantryOf(this.store.kitchen());
    const named = (id: string) => {
      const ingredient = pantry.byId(id);
      return ingredient ? shortIngredientName(ingredient, this.settings.region()) : id;
    };
    return (this.started()?.replaced ?? [])
      .map(({ wanted, came }) =>
        came ? $localize`${named(came)} for ${named(wanted)}` : $localize`nothing for ${named(wanted)}`,
      )
      .join(', ');
  });

  protected choose(styleId: string): void {
    this.styleId.set(styleId);
    const basedOn = this.book().byId(styleId)?.basedOn ?? styleId;
    this.pan.set(PLANS[basedOn]?.pan ?? this.pan());
  }
  protected want(diet: Diet): void {
    this.wanted.update((wanted) => {
      const next = new Set(wanted);
      if (!next.delete(diet)) next.add(diet);
      return next;
    });
  }
  protected async start(): Promise<void> {
    const started = this.started();
    if (!started) return;
    const minutes = await this.foreseen(started.formula);
    const formula = minutes === undefined ? started.formula : withBakeMinutes(started.formula, minutes);
    const record = this.store.add(formula, { label: $localize`starting from a style` });
    this.open.set(false);
    void this.router.navigate(['/bench', record.id]);
    this.toasts.show(
      $localize`It is on the bench.`,
      $localize`A start, not a finished formula: change what you like, the readings follow.`,
      { label: $localize`Undo`, run: () => this.store.undo() },
    );
  }
  /** The minutes of its bake, in words; undefined where it has no pan to bake in, or nothing answers. */
  private async foreseen(formula: Formula): Promise<string | undefined> {
    const audit = auditFormula(formula);
    const bake = oneBake({ formula, audit, kitchen: this.store.kitchen(), batch: EMPTY_BATCH, oven: {} });
    const job = bake.portions[0]?.job;
    if (!job) return undefined;
    const result = await this.work.run('bake', job).catch(() => undefined);
    return result?.kind === 'foreseen' ? windowInWords(result.bake.minutes.low, result.bake.minutes.high) : undefined;
  }
}
