import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Audit } from '@orvin/core/bench/audit';
import { isMoved, proposeRebalance, takeChanges } from '@orvin/core/bench/adapt';
import { styleBook, styleName, styleShortName } from '@orvin/core/batter/balance';
import type { Formula } from '@orvin/core/formula/formula';
import { shortIngredientName } from '@orvin/core/kitchen/ingredients';
import { QUANTITY_NAMES, quantityInWords } from '@orvin/core/words/wording';
import { capitalised, gramsInWords } from '@orvin/core/words/figures';
import { inTheWayInWords, standInsInWords } from '@orvin/core/words/explaining';
import type { MovedLine } from '@orvin/core/bench/rebalance';
import { ChoiceField } from '../../parts/choice';
import { UnconfirmedWords } from '../../parts/unconfirmed';
import { FormulaStore } from '../../store/formula-store';
import { OnBench } from '../../work/on-bench';
import { Readings } from '../../work/readings';
import { Adapting } from '../adapting';
import { JoinedLines } from './joined-lines';

/** The fewest and smallest changes into the bands: locks, what there is, before and after, taken whole or line by line. */
@Component({
  selector: 'orv-rebalance-face',
  imports: [FormsModule, JoinedLines, ChoiceField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 id="rebalance-heading" i18n>Into the bands</h2>
    <div class="controls">
      <span id="rebalance-style" i18n>of</span>
      <orv-choice
        ariaLabelledBy="rebalance-style"
        [options]="styles()"
        [filter]="true"
        i18n-filterPlaceholder
        filterPlaceholder="find a style"
        [chosen]="styleId()"
        i18n-placeholder
        placeholder="which style?"
        (choose)="styleId.set($event)"
      />
      <label class="have">
        <ng-container i18n>what I have</ng-container>&ngsp;
        <input
          class="line-input"
          [ngModel]="have()"
          (ngModelChange)="have.set($event)"
          maxlength="300"
          autocomplete="off"
          i18n-placeholder
          placeholder="180 g flour, 3 eggs, no milk"
        />
      </label>
      @if (hasCupboard()) {
        <button
          type="button"
          class="chip"
          [attr.aria-pressed]="fromCupboard()"
          (click)="fromCupboard.set(!fromCupboard())"
          i18n
        >
          from my cupboard
        </button>
      }
    </div>
    @for (odd of proposal()?.had?.misunderstood; track odd.said) {
      <p class="said">
        <span class="mark mark-warning" aria-hidden="true">▲</span>
        {{ odd.because === 'not-in-formula' ? texts.isInNoLine(odd.said) : texts.saysNoAmountWrite3Eggs(odd.said) }}
      </p>
    }
    @if (proposal(); as proposal) {
      @if (moved().length === 0 && proposal.feasible) {
        <p class="said" i18n><b>Nothing needs to move.</b> Everything lies inside the bands of {{ styleWords() }}.</p>
      } @else {
        <p class="said" role="status">
          @if (proposal.feasible) {
            <ng-container i18n
              ><b>{{ moved().length === 1 ? texts.oneLineMoves : texts.linesMove(moved().length) }}.</b>
              {{ outsideBefore() }} comes inside.</ng-container
            >
          } @else if (inTheWay(); as way) {
            <span class="off"
              ><span class="mark" aria-hidden="true">▲</span> <b class="off">{{ way.big }}</b></span
            >
            {{ way.small }}
          }
          @for (words of standIns(); track words) {
            <span class="stand-in">{{ words }}</span>
          }
        </p>
        @if (moved().length > 0) {
          <div class="panel">
            <table class="moves" i18n-aria-label aria-label="Before and after">
              <thead>
                <tr>
                  <th scope="col" i18n>line</th>
                  <th scope="col" i18n>now</th>
                  <th scope="col" i18n>then</th>
                  <th scope="col"><span class="unseen" i18n>take</span></th>
                </tr>
              </thead>
              <tbody>
                @for (line of moved(); track line.id) {
                  <tr>
                    <td>{{ nameOf(line) }}</td>
                    <td class="before">{{ line.before > 0 ? grams(line.before) : '–' }}</td>
                    <td class="after">{{ line.after > 0 ? grams(line.after) : texts.out }}</td>
                    <td>
                      <button
                        type="button"
                        class="quiet"
                        [attr.aria-label]="texts.take(nameOf(line))"
                        (click)="take([line])"
                        i18n
                      >
                        take
                      </button>
                    </td>
                  </tr>
                }
              </tbody>
            </table>
            <div class="foot">
              <button type="button" class="act take" (click)="take(moved())" i18n>Take all</button>
            </div>
          </div>
          <ul class="ticks" i18n-aria-label aria-label="Readings then">
            @for (row of changedBands(); track row.quantity) {
              <li [class.off]="row.off">
                {{ row.name }} {{ row.before }} → <b>{{ row.after }}</b>
              </li>
            }
          </ul>
        }
      }
    }
    <h3 i18n>Held as it is</h3>
    <p class="caption" i18n>A held line never moves. Tap to hold or free it.</p>
    <orv-joined-lines [formula]="formula()" [audit]="audit()" i18n
      >A line that holds several things is held.</orv-joined-lines
    >
    <div class="locks" role="group" i18n-aria-label aria-label="Lines to hold">
      @for (line of lines(); track line.id) {
        <button
          type="button"
          class="chip"
          [attr.aria-pressed]="held().has(line.id)"
          [disabled]="line.fixed"
          (click)="toggle(line.id)"
        >
          {{ line.name }}
        </button>
      }
    </div>
  `,
  styleUrl: '../../parts/panels.css',
  styles: `
    .have {
      display: flex;
      align-items: center;
      gap: 8px;
      flex: 1 1 16rem;
    }
    .have input {
      flex: 1;
      min-width: 0;
    }
    .stand-in::before {
      content: ' ';
    }
    .foot {
      display: flex;
      justify-content: flex-end;
      padding-top: 8px;
      border-top: 1px solid var(--hair);
    }
    .ticks {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 18px;
      margin: 8px 0;
      color: var(--ink-2);
    }
    .locks {
      display: flex;
      flex-wrap: wrap;
      gap: 6px;
      margin-top: 4px;
    }
  `,
})
export class RebalanceFace {
  protected readonly texts = {
    isInNoLine: (said: string | number) => $localize`“${said}” is in no line.`,
    saysNoAmountWrite3Eggs: (said: string | number) =>
      $localize`“${said}” says no amount: write “3 eggs”, “180 g flour” or “no milk”.`,
    oneLineMoves: $localize`One line moves`,
    linesMove: (count: string | number) => $localize`${count} lines move`,
    out: $localize`out`,
    take: (line: string | number) => $localize`Take ${line}`,
  };
  readonly formula = input.required<Formula>();
  readonly audit = input.required<Audit>();
  private readonly store = inject(FormulaStore);
  private readonly adapting = inject(Adapting);
  private readonly readings = inject(Readings);

  private readonly onBench = inject(OnBench);
  private readonly words = inject(UnconfirmedWords);
  protected readonly have = this.words.of(() => `have ${this.onBench.id() ?? ''}`);
  private readonly locks = this.words.of(() => `locks ${this.onBench.id() ?? ''}`);
  /** The lines that are held. */
  protected readonly held = computed<ReadonlySet<string>>(() => new Set(this.locks().split('\n').filter(Boolean)));
  protected readonly styleId = linkedSignal(() => this.audit().style?.id ?? '');
  /** What stands in comes from the cupboard. */
  protected readonly fromCupboard = signal(false);
  protected readonly grams = gramsInWords;

  private readonly book = computed(() => styleBook(this.store.kitchen().styles));
  protected readonly styles = computed(() =>
    this.book().all.map((style) => ({ id: style.id, name: styleName(style, this.formula().region) })),
  );
  private readonly style = computed(() => this.book().byId(this.styleId()) ?? this.audit().style);
  protected readonly styleWords = computed(() => {
    const style = this.style();
    return style ? styleShortName(style, this.formula().region) : '';
  });
  protected readonly lines = computed(() =>
    this.audit()
      .lines.filter(({ inBatter, optional, grams }) => inBatter && !optional && grams !== undefined)
      .map(({ lineId, entries, text }) => {
        const ingredient = entries[0]?.read.ingredient;
        const fixed = entries.length > 1;
        const name = ingredient && !fixed ? shortIngredientName(ingredient, this.formula().region) : text;
        return { id: lineId, name: name.length > 34 ? `${name.slice(0, 32)}…` : name, fixed };
      }),
  );
  protected readonly proposal = computed(() => {
    const style = this.style();
    return (
      style &&
      proposeRebalance(this.formula(), this.audit(), this.store.kitchen(), {
        style,
        locked: this.held(),
        have: this.have(),
        ...(this.fromCupboard() && { cupboard: new Set(this.store.kitchen().cupboard ?? []) }),
      })
    );
  });
  protected readonly moved = computed(() => this.proposal()?.lines.filter(isMoved) ?? []);
  protected readonly outsideBefore = computed(() => {
    const outside = this.proposal()?.before.filter(({ verdict }) => verdict !== 'within') ?? [];
    const names = outside.map(({ quantity }) => QUANTITY_NAMES[quantity]);
    const all =
      names.length < 2
        ? (names[0] ?? $localize`What you have`)
        : $localize`${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;
    return capitalised(all);
  });
  protected readonly changedBands = computed(() => {
    const proposal = this.proposal();
    return (proposal?.after ?? []).flatMap((after) => {
      const before = proposal?.before.find(({ quantity }) => quantity === after.quantity);
      const [was, is] = [before ? quantityInWords(before, before.value) : '', quantityInWords(after, after.value)];
      return was === is
        ? []
        : [
            {
              quantity: after.quantity,
              name: QUANTITY_NAMES[after.quantity],
              before: was,
              after: is,
              off: after.verdict !== 'within',
            },
          ];
    });
  });
  protected readonly inTheWay = computed(() => {
    const proposal = this.proposal();
    return proposal && inTheWayInWords(proposal, this.held().size > 0, this.formula().region);
  });
  protected readonly standIns = computed(() => {
    const proposal = this.proposal();
    return proposal ? standInsInWords(proposal, this.formula().region) : [];
  });
  protected readonly hasCupboard = computed(() => (this.store.kitchen().cupboard?.length ?? 0) > 0);

  protected nameOf(line: MovedLine): string {
    return shortIngredientName(line.ingredient, this.formula().region) + (line.isNew ? $localize`, new` : '');
  }
  protected toggle(lineId: string): void {
    const next = new Set(this.held());
    if (!next.delete(lineId)) next.add(lineId);
    this.locks.set([...next].join('\n'));
  }
  protected take(lines: readonly MovedLine[]): void {
    const kitchen = this.store.kitchen();
    const standIns = this.proposal()?.standIns ?? [];
    const style = this.style();
    const isAll = lines.length > 1;
    this.adapting.take(
      lines.length === 1 ? $localize`the change of one line` : $localize`the rebalance`,
      (formula) => {
        const taken = takeChanges(formula, lines, standIns, kitchen, this.adapting.newId);
        // it was brought into the bands of this style: other amounts may not make another of it
        return style && this.readings.of(taken).style?.id !== style.id ? { ...taken, styleId: style.id } : taken;
      },
      lines.length === 1
        ? $localize`${lines.map((line) => this.nameOf(line)).join('')} is taken.`
        : $localize`${lines.length} lines are taken.`,
    );
    // what there is has been worked in: asked again it would be no wish of this formula
    if (isAll) this.have.set('');
  }
}
