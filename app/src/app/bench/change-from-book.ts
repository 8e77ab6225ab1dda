import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Router } from '@angular/router';
import { FAULT_NAMES, causeName, faultName, nextTimeInWords } from '@orvin/core/words/why-words';
import { gramsForHands } from '@orvin/core/ground/units';
import { ingredientName } from '@orvin/core/kitchen/ingredients';
import { Toasts } from '../parts/toasts';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import { TakenChanges } from '../work/taken-changes';
import { Whys } from '../work/whys';

/** A change that the Book proposes because of a bake, in the grams of this formula: taken as a version, or left. */
@Component({
  selector: 'orv-change-from-book',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (proposal(); as proposal) {
      <section class="panel" aria-labelledby="from-book">
        <h2 id="from-book" i18n>From the Book: {{ proposal.cause }}</h2>
        <p class="said">{{ proposal.because }}</p>
        @if (proposal.moved.length > 0) {
          <table class="moves">
            <tbody>
              @for (line of proposal.moved; track line.name) {
                <tr>
                  <td>{{ line.name }}</td>
                  <td class="before">{{ line.before }}</td>
                  <td class="after">{{ line.after }}</td>
                </tr>
              }
            </tbody>
          </table>
        } @else {
          <p>
            <b>{{ proposal.figure }}</b> {{ proposal.words }}
          </p>
        }
        <p class="controls">
          <button type="button" class="act take" (click)="take()" i18n>
            Keep it as version {{ proposal.version }}
          </button>
          <button type="button" class="quiet" (click)="leave()" i18n>Leave it</button>
        </p>
      </section>
    }
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    .panel {
      margin-bottom: 12px;
      border-top-color: var(--butter-deep);
    }
  `,
})
export class ChangeFromBook {
  readonly formulaId = input.required<string>();
  readonly cause = input.required<string>();
  readonly bake = input.required<string>();
  readonly faults = input.required<string>();
  private readonly whys = inject(Whys);
  private readonly book = inject(BookStore);
  private readonly formulas = inject(FormulaStore);
  private readonly taken = inject(TakenChanges);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);

  private readonly seen = computed(() => this.faults().split(',').filter((fault) => FAULT_NAMES[fault] !== undefined)); // prettier-ignore
  private readonly of = computed(() => {
    const bake = this.book.bake(this.bake());
    const of = bake ? this.whys.ofBake(bake.record) : this.whys.ofFormula(this.formulaId());
    return of?.formulaId === this.formulaId() ? of : this.whys.ofFormula(this.formulaId());
  });
  private readonly change = computed(() => {
    const of = this.of();
    return of && this.whys.change(this.cause(), of);
  });
  protected readonly proposal = computed(() => {
    const change = this.change();
    const region = this.formulas.formula(this.formulaId())?.formula.region;
    if (!change || !region) return undefined;
    const grams = (value: number) => (value === 0 ? $localize`none` : `${gramsForHands(value)} g`);
    return {
      cause: causeName(change.cause.id),
      because: $localize`Seen: ${this.seen().map(faultName).join(', ')}.`,
      moved: change.moved.map(({ ingredient, before, after }) => ({ name: ingredientName(ingredient, region), before: grams(before), after: grams(after) })),
      ...nextTimeInWords(change, region),
      version: this.taken.nextNumber(this.formulaId()),
    };
  }); // prettier-ignore
  protected take(): void {
    const [change, of] = [this.change(), this.of()];
    const version = change && of && this.taken.asVersion(change, of, this.seen(), this.book.bake(this.bake())?.id);
    if (version) this.toasts.show($localize`Version ${version.number} is kept: ${version.reason}.`, $localize`The next bake of it is held against this one.`); // prettier-ignore
    this.leave();
  }
  protected leave(): void {
    void this.router.navigate([], { queryParams: { because: null, of: null, faults: null }, queryParamsHandling: 'merge' }); // prettier-ignore
  }
}
