import type { TargetsRead } from '@orvin/core/batch/targets';
import type { BatchTarget, PanFill } from '@orvin/core/batch/plan';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { InputText } from 'primeng/inputtext';
import { faultInWords, targetInWords, targetProblemInWords } from '@orvin/core/words/batch-words';
import { FigureField } from '../parts/kept-field';
import { UnconfirmedWords } from '../parts/unconfirmed';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';
import { ThisBatch } from './this-batch';

/** How a pan is filled, as the schools have it. */
const FILLS: readonly { readonly id: string; readonly name: string; readonly fill?: PanFill }[] = [
  { id: 'style', name: $localize`as it rises` },
  { id: 'half', name: $localize`half full`, fill: { by: 'fraction', value: 1 / 2 } },
  { id: 'two-thirds', name: $localize`two thirds`, fill: { by: 'fraction', value: 2 / 3 } },
  { id: 'three-quarters', name: $localize`three quarters`, fill: { by: 'fraction', value: 3 / 4 } },
  { id: 'full', name: $localize`:how a pan is filled|:full`, fill: { by: 'fraction', value: 1 } },
  { id: 'grams', name: $localize`by weight`, fill: { by: 'grams', value: 60 } },
  { id: 'height', name: $localize`by height`, fill: { by: 'height', value: 3 } },
];
const UNITS: Readonly<Record<PanFill['by'], string>> = { fraction: '', grams: $localize`g each`, height: 'cm' };
const fillId = (fill: PanFill | undefined) =>
  fill === undefined
    ? 'style'
    : fill.by !== 'fraction'
      ? fill.by
      : (FILLS.find((choice) => choice.fill?.by === 'fraction' && Math.abs(choice.fill.value - fill.value) < 0.01)
          ?.id ?? 'style');

/** What the batch is to give, written as one says it; and each target with what can be set on it. */
@Component({
  selector: 'orv-target-list',
  imports: [FigureField, FormsModule, InputText],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form (submit)="$event.preventDefault(); take(wanted.value)">
      <label for="wanted" i18n>What is it to give?</label>
      <div class="grows wanted" [attr.data-value]="written() || example">
        <textarea
          #wanted
          id="wanted"
          rows="1"
          maxlength="400"
          spellcheck="false"
          autocomplete="off"
          [value]="written()"
          [placeholder]="example"
          (input)="type(wanted.value)"
          (keydown.enter)="$event.preventDefault(); take(wanted.value)"
          (change)="take(wanted.value)"
          aria-describedby="wanted-how"
        ></textarea>
      </div>
      <p class="caption" id="wanted-how" i18n>
        Pans, pieces, a weight, or what there is: “two 20 cm rounds”, “serves 18”, “half”, “900 g”, “3 eggs”.
      </p>
    </form>
    @for (fault of faults(); track fault.said) {
      <p class="fault" role="status">
        <span class="mark mark-warning" aria-hidden="true">▲</span> <b>{{ fault.words.say }}</b> {{ fault.words.why }}
      </p>
    }
    @if (rows().length > 0) {
      <ul i18n-aria-label aria-label="Targets">
        @for (row of rows(); track $index) {
          <li>
            <span class="name">{{ row.name }}</span>
            @if (row.fill) {
              <select
                class="pick"
                [attr.aria-label]="texts.fillOf(row.name)"
                [value]="row.fill"
                (change)="setFill($index, fillOf(seen.value))"
                #seen
              >
                @for (one of fills; track one.id) {
                  <option [value]="one.id" [selected]="one.id === row.fill">{{ one.name }}</option>
                }
              </select>
              @if (row.value !== undefined) {
                <span class="with-unit"
                  ><input
                    pInputText
                    [attr.aria-label]="texts.howMuchIn(row.name)"
                    [orvFigure]="row.value"
                    [lowest]="0.001"
                    [highest]="100000"
                    [unit]="row.unit ?? ''"
                    [keptAs]="settings.field('fill of ' + row.name)"
                    (figureSaid)="setValue($index, $event)"
                  />
                  {{ row.unit }}</span
                >
              }
            }
            <button type="button" class="away" (click)="remove($index)" [attr.aria-label]="texts.leaveOut(row.name)">
              ✕
            </button>
            @if (row.problem; as problem) {
              <p class="fault" role="status">
                <span class="mark mark-warning" aria-hidden="true">▲</span> <b>{{ problem.say }}</b> {{ problem.why }}
              </p>
            }
          </li>
        }
      </ul>
    }
    @if (shelf().length > 0) {
      <p class="shelf" role="group" i18n-aria-label aria-label="Add a pan of the shelf">
        @for (pan of shelf(); track pan.id) {
          <button type="button" class="chip" (click)="add(pan.name)">+ {{ pan.name }}</button>
        }
      </p>
    }
  `,
  styleUrls: ['../parts/panels.css', './target-list.css'],
})
export class TargetList {
  protected readonly texts = {
    fillOf: (name: string | number) => $localize`Fill of ${name}`,
    howMuchIn: (name: string | number) => $localize`How much in ${name}`,
    leaveOut: (name: string | number) => $localize`Leave out ${name}`,
  };
  protected readonly settings = inject(ThisBatch);
  private readonly store = inject(FormulaStore);
  protected readonly example = '24 muffins and one small loaf';
  protected readonly fills = FILLS;
  private readonly onBench = inject(OnBench);
  private readonly words = inject(UnconfirmedWords);
  /** Of this formula and this batch: when the batch is another, by whatever way, what was typed over the old one is past. */
  private readonly place = computed(() => `${this.onBench.id() ?? ''} ${this.settings.said()}`);
  /** The wish as it is typed, until it is understood; and the one that was not, with what was wrong. */
  private readonly typed = this.words.of(() => `wish ${this.place()}`);
  private readonly refused = this.words.of(() => `refused wish ${this.place()}`);
  protected readonly written = computed(() => this.typed() || this.settings.said());
  private readonly misread = computed<TargetsRead['faults']>(() =>
    this.refused() === '' ? [] : this.settings.read(this.refused()).faults,
  );
  protected readonly faults = computed(() =>
    this.misread().map(({ said, why }) => ({ said, words: faultInWords(said, why) })),
  );
  protected readonly shelf = computed(() => (this.store.kitchen().pans ?? []).slice(0, 8));
  protected readonly rows = computed(() => {
    const problems = this.settings.batch()?.plan.problems ?? [];
    return this.settings.sheet().targets.map((target, i) => {
      const problem = problems.find((targetProblem) => targetProblem.target === i);
      const fill = target.kind === 'pans' ? target.fill : undefined;
      return {
        name: targetInWords(target),
        ...(target.kind === 'pans' && { fill: fillId(fill) }),
        ...(fill && fill.by !== 'fraction' && { value: fill.value, unit: UNITS[fill.by] }),
        ...(problem && { problem: targetProblemInWords(problem) }),
      };
    });
  });

  protected type(text: string): void {
    this.typed.set(text);
  }
  private settle(): void {
    this.refused.set('');
    this.typed.set('');
  }

  protected take(text: string): void {
    if (text.trim() === this.settings.said() && this.misread().length === 0) {
      this.settle();
      return;
    }
    const { targets, faults } = this.settings.read(text);
    if (targets.length > 0 || faults.length === 0) this.settings.setTargets($localize`the batch`, this.kept(targets));
    // what was not understood stays in the field, to be put right; what was understood counts
    const left = faults.length > 0 ? text : '';
    this.refused.set(left);
    this.typed.set(left);
  }

  /** A target that was there before keeps the fill that was chosen for it. */
  private kept(targets: readonly BatchTarget[]): readonly BatchTarget[] {
    const before = this.settings.sheet().targets;
    return targets.map((target) => {
      if (target.kind !== 'pans') return target;
      return before.find((batchTarget) => batchTarget.kind === 'pans' && batchTarget.pans === target.pans) ?? target;
    });
  }

  protected add(pans: string): void {
    this.settle();
    this.settings.setTargets($localize`the batch`, [...this.settings.sheet().targets, { kind: 'pans', pans }]);
  }
  protected remove(at: number): void {
    this.settle();
    this.settings.setTargets($localize`the batch`, this.settings.sheet().targets.filter((_, i) => i !== at)); // prettier-ignore
  }
  protected fillOf = (id: string): PanFill | undefined => FILLS.find((choice) => choice.id === id)?.fill;

  protected setFill(at: number, fill: PanFill | undefined): void {
    const target = this.settings.sheet().targets[at];
    if (target?.kind !== 'pans') return;
    this.settings.changeTarget(at, { kind: 'pans', pans: target.pans, ...(fill && { fill }) });
  }
  protected setValue(at: number, value: number | undefined): void {
    const target = this.settings.sheet().targets[at];
    if (target?.kind === 'pans' && target.fill && value !== undefined)
      this.settings.changeTarget(at, { ...target, fill: { ...target.fill, value } });
  }
}
