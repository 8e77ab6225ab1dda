import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  afterRenderEffect,
  computed,
  inject,
  input,
  viewChild,
} from '@angular/core';
import type { AuditLine } from '@orvin/core/audit';
import type { Doing, FormulaLine } from '@orvin/core/formula';
import { ingredientName } from '@orvin/core/ingredients';
import type { Severity } from '@orvin/core/parsing';
import type { Region } from '@orvin/core/units';
import { gramsInWords, percentInWords } from '@orvin/core/wording';
import { MARKS, SEVERITY_ORDER } from '../parts/marks';
import { LineEditing } from './line-editing';

const plainGrams = (grams: number) => gramsInWords(grams).replace(/ g$/, '');

/** One written line: the words as they were written, and what became of them. A line of several ingredients shows each beneath. */
@Component({
  selector: 'orv-formula-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    role: 'listitem',
    '[class.active]': 'active()',
    '[class.flagged]': 'worst() === "error" || worst() === "warning"',
    '[class]': '"severity-" + (worst() ?? "none")',
  },
  template: `
    <div class="written">
      @if (worst(); as severity) {
        <span class="mark" [class]="'mark mark-' + severity" [attr.title]="marks[severity].word" aria-hidden="true">{{
          marks[severity].shape
        }}</span>
      }
      <div class="grows" [attr.data-value]="line().text">
        <textarea
          #field
          rows="1"
          maxlength="2000"
          spellcheck="false"
          autocapitalize="none"
          [value]="line().text"
          [attr.aria-label]="'Line: ' + (line().text || 'empty')"
          [attr.aria-description]="spoken()"
          (focus)="editing.active.set(line().id)"
          (input)="editing.type(line(), field.value, region())"
          (keydown)="press($event)"
          (paste)="paste($event)"
        ></textarea>
      </div>
    </div>
    <div class="does">
      @for (doing of does(); track doing) {
        <span>{{ doing }}</span>
      }
    </div>
    <div class="grams">
      @if (grams(); as figure) {
        {{ figure }}
      } @else if (line().text) {
        <span class="nothing" title="not weighed">–</span>
      }
    </div>
    <div class="percent">
      <span>{{ percent() }}</span>
      <i class="bar" [style.--share]="barShare()" aria-hidden="true"></i>
    </div>
    @if (nearest().length > 0) {
      <div class="pick">
        <span class="caption">did you mean</span>
        @for (near of nearest(); track near.id) {
          <button type="button" (click)="editing.correct(line().id, { ingredientId: near.id })">{{ near.name }}</button>
        }
      </div>
    }
    @for (entry of several(); track $index) {
      <div class="entry">
        <span class="name">{{ entry.name }}</span>
        <span class="does">
          @for (doing of entry.does; track doing) {
            <span>{{ doing }}</span>
          }
        </span>
        <span class="grams">{{ entry.grams }}</span>
        <span class="percent">{{ entry.percent }}</span>
      </div>
    }
  `,
  styleUrl: './formula-line.css',
})
export class FormulaLineRow {
  readonly line = input.required<FormulaLine>();
  readonly read = input<AuditLine>();
  readonly region = input.required<Region>();
  /** The largest share of the flour in the formula: the longest bar. */
  readonly mostPercent = input.required<number>();

  protected readonly editing = inject(LineEditing);
  protected readonly marks = MARKS;
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly field = viewChild.required<ElementRef<HTMLTextAreaElement>>('field');

  protected readonly active = computed(() => this.editing.active() === this.line().id);
  private readonly entries = computed(() => this.read()?.entries ?? []);
  protected readonly worst = computed<Severity | undefined>(() =>
    this.entries()
      .flatMap(({ read }) => read.problems)
      .map(({ severity }) => severity)
      .filter((severity) => severity !== 'note')
      .sort((a, b) => SEVERITY_ORDER[a] - SEVERITY_ORDER[b])
      .at(0),
  );
  protected readonly does = computed<readonly Doing[]>(() =>
    this.entries().length === 1 ? (this.entries()[0]?.does ?? []) : [],
  );
  protected readonly grams = computed(() => {
    const grams = this.read()?.grams;
    return grams === undefined ? '' : plainGrams(grams);
  });
  protected readonly percent = computed(() => {
    const percent = this.read()?.bakersPercent;
    return percent === undefined ? '' : percentInWords(percent);
  });
  protected readonly barShare = computed(() =>
    Math.min(1, (this.read()?.bakersPercent ?? 0) / Math.max(1, this.mostPercent())),
  );
  protected readonly several = computed(() =>
    this.entries().length < 2
      ? []
      : this.entries().map(({ read, grams, bakersPercent, does }) => ({
          name: read.ingredient ? ingredientName(read.ingredient, this.region()) : `${read.name} – not known`,
          does,
          grams: grams === undefined ? '–' : plainGrams(grams),
          percent: bakersPercent === undefined ? '' : percentInWords(bakersPercent),
        })),
  );
  /** What an unknown name may have meant. */
  protected readonly nearest = computed(() => {
    const [only, more] = this.entries();
    if (!only || more || only.read.ingredient) return [];
    return only.read.others
      .slice(0, 3)
      .map((ingredient) => ({ id: ingredient.id, name: ingredientName(ingredient, this.region()) }));
  });
  protected readonly spoken = computed(() => {
    const worst = this.worst();
    const weighed = this.grams() ? `${this.grams()} g, ${this.percent()} of the flour` : 'not weighed';
    return worst ? `${this.marks[worst].word}; ${weighed}` : weighed;
  });

  constructor() {
    afterRenderEffect(() => {
      if (this.editing.focusWanted() !== this.line().id) return;
      this.editing.focusWanted.set(undefined);
      this.field().nativeElement.focus();
    });
    // the reading at the foot opens under the line at hand: bring the line back into view
    afterRenderEffect(() => {
      if (this.active()) this.host.scrollIntoView({ block: 'nearest' });
    });
  }

  protected press(event: KeyboardEvent): void {
    const field = this.field().nativeElement;
    if (event.key === 'Enter' && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      this.editing.addBehind({ lineId: this.line().id });
    } else if (event.key === 'Backspace' && field.value === '') {
      event.preventDefault();
      this.editing.remove(this.line().id);
    } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      this.editing.step(this.line().id, event.key === 'ArrowUp' ? -1 : 1);
    }
  }

  /** Several lines pasted into one become lines of their own. */
  protected paste(event: ClipboardEvent): void {
    const lines = (event.clipboardData?.getData('text/plain') ?? '')
      .split(/\r\n|\r|\n/)
      .filter((text) => text.trim() !== '');
    if (lines.length < 2) return;
    event.preventDefault();
    this.editing.addBehind({ lineId: this.line().id }, lines);
  }
}
