import { joinedLines, writtenApart } from '@orvin/core/bench/open-lines';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Audit } from '@orvin/core/bench/audit';
import type { Formula } from '@orvin/core/formula/formula';
import { FormulaStore } from '../../store/formula-store';
import { Adapting } from '../adapting';

/** Says that a line holds several things, and writes each on its own line with one click. Nothing where none does. */
@Component({
  selector: 'orv-joined-lines',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (joined().length > 0) {
      <p class="said">
        <ng-content />
        <button type="button" class="quiet" (click)="apart()" i18n>Write each on its own line</button>
      </p>
    }
  `,
  styleUrl: '../../parts/panels.css',
})
export class JoinedLines {
  readonly formula = input.required<Formula>();
  readonly audit = input.required<Audit>();
  private readonly store = inject(FormulaStore);
  private readonly adapting = inject(Adapting);
  protected readonly joined = computed(() => joinedLines(this.formula(), this.audit(), this.store.kitchen()));

  protected apart(): void {
    const kitchen = this.store.kitchen();
    const lineIds = this.joined();
    this.adapting.take(
      $localize`writing lines apart`,
      (formula) => writtenApart(formula, lineIds, kitchen, this.adapting.newId),
      $localize`Each thing has its own line.`,
    );
  }
}
