import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Button } from 'primeng/button';
import { Dialog } from 'primeng/dialog';
import { Select } from 'primeng/select';
import { DECISIONS, proposedFor, type Arrival, type Decision } from '../store/arrivals';
import { Intake } from '../work/intake';

const DECISION_NAMES: Readonly<Record<Decision, string>> = {
  'keep-both': $localize`keep both`,
  'take-theirs': $localize`take the file’s`,
  skip: $localize`leave mine`,
};
const KIND_NAMES: Readonly<Record<Arrival['kind'], string>> = {
  new: $localize`:what an import brings|:new`,
  same: $localize`there already`,
  differs: $localize`differs from yours`,
};

/** What a file would do to the shelf, before it does it. */
@Component({
  selector: 'orv-import-question',
  imports: [Button, Dialog, FormsModule, Select],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-dialog
      i18n-header
      header="What these files bring"
      [visible]="true"
      (visibleChange)="leave()"
      [modal]="true"
      i18n-closeAriaLabel
      closeAriaLabel="Bring nothing in"
      [draggable]="false"
      [resizable]="false"
    >
      <p>{{ summary() }}</p>
      <ul>
        @for (row of rows(); track row.at) {
          <li>
            <span
              ><b>{{ row.title }}</b> <span class="caption">{{ row.kind }}</span></span
            >
            @if (row.asks) {
              <p-select
                [options]="choices"
                optionLabel="name"
                optionValue="id"
                [ngModel]="decisions()[row.at]"
                (ngModelChange)="decide(row.at, $event)"
                [ariaLabel]="texts.whatToDoWith(row.title)"
                appendTo="body"
              />
            }
          </li>
        }
      </ul>
      <div class="acts">
        <p-button i18n-label label="Bring nothing in" [text]="true" (onClick)="leave()" />
        <p-button i18n-label label="Bring them in" styleClass="next-act" (onClick)="bring()" />
      </div>
    </p-dialog>
  `,
  styles: `
    ul {
      max-height: 50vh;
      margin: 10px 0;
      overflow: auto;
      list-style: none;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      gap: 8px 16px;
      align-items: center;
      justify-content: space-between;
      min-height: 48px;
      padding: 4px 0;
      border-bottom: 1px solid var(--hair);
    }
    li .caption {
      display: block;
    }
    .acts {
      display: flex;
      justify-content: flex-end;
      gap: 12px;
    }
  `,
})
export class ImportQuestion {
  protected readonly texts = {
    whatToDoWith: (title: string | number) => $localize`What to do with ${title}`,
  };
  private readonly intake = inject(Intake);
  private readonly arrivals = computed(() => this.intake.question()?.arrivals ?? []);
  protected readonly decisions = linkedSignal<readonly Decision[]>(() => this.arrivals().map(proposedFor));
  protected readonly choices = DECISIONS.map((id) => ({ id, name: DECISION_NAMES[id] }));

  protected readonly summary = computed(() => {
    const count = (kind: Arrival['kind']) => this.arrivals().filter((arrival) => arrival.kind === kind).length;
    const [fresh, differs, equal] = [count('new'), count('differs'), count('same')];
    const parts = [
      fresh > 0 ? $localize`${fresh} new` : '',
      differs > 0
        ? differs === 1
          ? $localize`1 that differs from what is on the shelf`
          : $localize`${differs} that differ from what is on the shelf`
        : '',
      equal > 0
        ? equal === 1
          ? $localize`1 that is there already, just so, and stays as it is`
          : $localize`${equal} that are there already, just so, and stay as they are`
        : '',
    ].filter((part) => part !== '');
    return $localize`${parts.join('; ')}. One undo takes all of it back.`;
  });
  /** What is asked first, then what is new; what is there already is only counted. */
  protected readonly rows = computed(() =>
    this.arrivals()
      .map((arrival, at) => ({
        at,
        title: arrival.added.formula.title || $localize`Without a name`,
        kind: KIND_NAMES[arrival.kind],
        asks: arrival.kind === 'differs',
        told: arrival.kind !== 'same',
      }))
      .filter(({ told }) => told)
      .sort((a, b) => Number(b.asks) - Number(a.asks)),
  );

  protected decide(at: number, decision: Decision): void {
    this.decisions.update((all) => all.with(at, decision));
  }
  protected bring(): void {
    this.intake.question()?.answer(this.decisions());
  }
  protected leave(): void {
    this.intake.question()?.answer(undefined);
  }
}
