import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { InputText } from 'primeng/inputtext';
import type { FormulaLine, FormulaStep, LineShare } from '@orvin/core/formula/formula';
import { takesFrom, type Method } from '@orvin/core/formula/parsing';
import { gramsInWords } from '@orvin/core/words/figures';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';
import { Readings } from '../work/readings';
import { LineEditing } from './line-editing';
import { StepEditing } from './step-editing';
import { ChoiceField } from '../parts/choice';

interface ShareRow extends LineShare {
  readonly grams: string;
}

/** What may be said of a line besides its words: where it goes, that it may be left out, a note, the formula it takes from. */
@Component({
  selector: 'orv-line-facts',
  imports: [FormsModule, InputText, ChoiceField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section i18n-aria-label aria-label="Which steps take it">
      <h3 i18n>Goes into</h3>
      @for (share of shares(); track $index) {
        <div class="share">
          <orv-choice
            [ariaLabel]="texts.stepOfShare($index + 1)"
            [options]="stepChoices()"
            [chosen]="share.stepId"
            (choose)="put($index, { stepId: $event, amount: share.amount })"
          />
          <input
            #amount
            pInputText
            maxlength="60"
            [value]="share.amount"
            [attr.aria-label]="texts.howMuchOfItInShare($index + 1)"
            i18n-placeholder
            placeholder="all, half, 2 tbsp, the rest"
            (change)="put($index, { stepId: share.stepId, amount: amount.value.trim() })"
          />
          <span class="caption">{{ share.grams }}</span>
          @if (own()) {
            <button type="button" (click)="takeOut($index)" [attr.aria-label]="texts.takeShareAway($index + 1)">
              ✕
            </button>
          }
        </div>
      } @empty {
        <p class="caption" i18n>No step takes it yet.</p>
      }
      @if (steps().length > 0) {
        <button type="button" class="act" (click)="splitFurther()">
          {{ shares().length === 0 ? texts.sayWhichStep : texts.splitIt }}
        </button>
      }
      @if (own()) {
        <button type="button" class="act" (click)="stepEditing.split(line().id, [])" i18n>As the steps say</button>
      }
    </section>
    <section class="said" i18n-aria-label aria-label="Besides">
      <label class="switch">
        <input #may type="checkbox" [checked]="optional()" (change)="setOptional(may.checked)" />&ngsp;
        <ng-container i18n>may be left out</ng-container>
      </label>
      <label class="note">
        <ng-container i18n>note</ng-container>&ngsp;
        <input
          #note
          pInputText
          maxlength="300"
          autocomplete="off"
          [value]="line().note ?? ''"
          (input)="setNote(note.value)"
          i18n-placeholder
          placeholder="browned first, from the garden …"
        />
      </label>
      @if (formulaChoices().length > 1) {
        <div class="note">
          <span i18n>takes from</span>
          <orv-choice
            i18n-ariaLabel
            ariaLabel="Takes from another formula"
            [options]="formulaChoices()"
            optionDisabled="within"
            [chosen]="line().formulaId ?? ''"
            (choose)="setFormula($event)"
          />
        </div>
      }
      <p class="moves">
        <button type="button" class="act" (click)="editing.shift(line().id, -1)" i18n>Up</button>
        <button type="button" class="act" (click)="editing.shift(line().id, 1)" i18n>Down</button>
        <button type="button" class="act" (click)="editing.startPartAt(line().id)" i18n>Part from here</button>
        <button type="button" class="act" (click)="editing.remove(line().id)" i18n>Remove</button>
      </p>
    </section>
  `,
  styleUrl: './line-facts.css',
})
export class LineFacts {
  protected readonly texts = {
    stepOfShare: (count: string | number) => $localize`Step of share ${count}`,
    howMuchOfItInShare: (count: string | number) => $localize`How much of it in share ${count}`,
    takeShareAway: (count: string | number) => $localize`Take share ${count} away`,
    sayWhichStep: $localize`Say which step`,
    splitIt: $localize`Split it`,
  };
  readonly line = input.required<FormulaLine>();
  readonly steps = input.required<readonly FormulaStep[]>();
  readonly method = input.required<Method>();
  readonly optional = input.required<boolean>();

  protected readonly editing = inject(LineEditing);
  protected readonly stepEditing = inject(StepEditing);
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly readings = inject(Readings);

  protected readonly own = computed(() => (this.line().split?.length ?? 0) > 0);
  protected readonly stepChoices = computed(() =>
    this.steps().map(({ id, text }, i) => ({ id, name: `${i + 1}. ${text.split(/\s+/, 1)[0] ?? ''} …` })),
  );
  protected readonly shares = computed<readonly ShareRow[]>(() => {
    const takings = this.method().takings.filter(({ lineId }) => lineId === this.line().id);
    const { split } = this.line();
    const rows = split?.length ? split : takings.map(({ stepId, words }) => ({ stepId, amount: words }));
    return rows.map((share, i) => {
      const grams = takings[i]?.grams;
      return { ...share, grams: grams === undefined ? '' : gramsInWords(grams) };
    });
  });
  /** The other formulas; one that takes from this one would never end. */
  protected readonly formulaChoices = computed(() => {
    const id = this.onBench.id() ?? '';
    const around = this.readings.around();
    const others = this.store
      .formulas()
      .filter((record) => record.id !== id)
      .map((record) => {
        const within = takesFrom(record.formula, id, around);
        const title = record.formula.title || $localize`Without a name`;
        return { id: record.id, name: within ? $localize`${title} (takes from this one)` : title, within };
      });
    return [{ id: '', name: $localize`nothing`, within: false }, ...others];
  });

  protected put(at: number, share: LineShare): void {
    this.stepEditing.split(
      this.line().id,
      this.shares().map(({ stepId, amount }, i) => (i === at ? share : { stepId, amount })),
    );
  }

  /** One share more: half now, the rest in the next step. */
  protected splitFurther(): void {
    const shares = this.shares().map(({ stepId, amount }) => ({ stepId, amount }));
    const last = shares.at(-1);
    const steps = this.steps();
    const at = steps.findIndex(({ id }) => id === last?.stepId);
    const next = steps[Math.min(steps.length - 1, at + 1)] ?? steps[0];
    if (!next) return;
    const before = shares.map((share) =>
      share === last && /^(?:|all|the rest)$/.test(share.amount) ? { ...share, amount: 'half' } : share,
    );
    this.stepEditing.split(this.line().id, [...before, { stepId: next.id, amount: last ? 'the rest' : 'all' }]);
  }

  protected takeOut(at: number): void {
    this.stepEditing.split(
      this.line().id,
      this.shares()
        .filter((_, i) => i !== at)
        .map(({ stepId, amount }) => ({ stepId, amount })),
    );
  }

  protected setOptional(optional: boolean): void {
    this.editing.tell(this.line().id, { optional }, $localize`what may be left out`);
  }

  protected setNote(note: string): void {
    this.editing.tell(this.line().id, { note: note === '' ? undefined : note }, $localize`the note`, 'note');
  }

  protected setFormula(formulaId: string): void {
    this.editing.tell(
      this.line().id,
      { formulaId: formulaId === '' ? undefined : formulaId },
      $localize`what a line takes from`,
    );
  }
}
