import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Button } from 'primeng/button';
import { styleShortName } from '@orvin/core/batter/balance';
import { gramsInWords, setPointInWords, windowInWords } from '@orvin/core/words/figures';
import { FormulaStore } from '../store/formula-store';
import { OwnDial } from '../parts/own-dial';
import { BenchReading } from '../work/bench-reading';
import { OnBench } from '../work/on-bench';
import { NextAct } from '../parts/next-act';

/** What is on the bench now: its name, and the one thing to do next. */
@Component({
  selector: 'orv-formula-strip',
  imports: [Button],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'region', '[attr.aria-label]': 'label' },
  template: `
    @if (onBench.record(); as record) {
      <label class="title grows" [attr.data-value]="record.formula.title || placeholder">
        <textarea
          #title
          rows="1"
          maxlength="300"
          [value]="record.formula.title"
          [placeholder]="placeholder"
          (input)="rename(title.value)"
          (keydown.enter)="$event.preventDefault(); title.blur()"
          i18n-aria-label
          aria-label="Name of the formula"
        ></textarea>
      </label>
      <p class="meta">
        @for (fact of facts(); track fact.label) {
          <span
            >{{ fact.label }}
            @if (fact.strong) {
              <b>{{ fact.strong }}</b>
            }
            {{ fact.more }}</span
          >
        }
      </p>
      @if (next.offer(); as act) {
        <p-button [label]="act.label" styleClass="next-act" (onClick)="act.run()" />
      }
    }
  `,
  styleUrl: './formula-strip.css',
})
export class FormulaStrip {
  protected readonly label = $localize`Formula at hand`;
  private readonly store = inject(FormulaStore);
  private readonly dial = inject(OwnDial);
  protected readonly onBench = inject(OnBench);
  private readonly reading = inject(BenchReading);
  protected readonly next = inject(NextAct);
  protected readonly placeholder = $localize`Name this formula`;

  protected readonly facts = computed(() => {
    const record = this.onBench.record();
    const audit = this.reading.audit();
    if (!record || !audit) return [];
    const { bake, region, yield: written } = record.formula;
    const version = this.onBench.base();
    const facts: { label: string; strong?: string; more?: string }[] = [];
    if (audit.style) facts.push({ label: styleShortName(audit.style, region) });
    if (version)
      facts.push({
        label: $localize`version`,
        strong: String(version.number),
        more: this.onBench.unkept() ? $localize`and changes` : '',
      });
    const makes = written?.trim() ?? '';
    // apart from the grams: "6, 539 g" could be read as one figure
    if (makes !== '') facts.push(/^\d+$/.test(makes) ? { label: $localize`makes`, strong: makes } : { label: makes });
    if (audit.totals.grams > 0)
      facts.push({
        label: '',
        strong: gramsInWords(audit.totals.grams),
        more: $localize`of batter`,
      });
    if (bake.lowMinutes !== undefined) {
      const { celsius, fan } = bake;
      const at =
        celsius === undefined
          ? ''
          : $localize`:a heat|:at ${setPointInWords({ celsius, fan }, region, this.dial.scale())}`;
      facts.push({
        label: $localize`known:`,
        strong: windowInWords(bake.lowMinutes, bake.highMinutes ?? bake.lowMinutes),
        more: at,
      });
    }
    return facts;
  });

  protected rename(written: string): void {
    const title = written.replace(/\s*\n\s*/g, ' ');
    const id = this.onBench.id();
    if (id !== undefined)
      this.store.change(id, $localize`the name`, ({ formula }) => ({ formula: { ...formula, title } }), 'title');
  }
}
