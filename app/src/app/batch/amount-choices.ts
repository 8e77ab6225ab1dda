import { decimal } from '@orvin/core/ground/language';
import {
  type ElementRef,
  ChangeDetectionStrategy,
  Component,
  afterRenderEffect,
  inject,
  input,
  untracked,
  viewChild,
} from '@angular/core';
import { amountInWords } from '@orvin/core/words/batch-words';
import { Popover } from 'primeng/popover';
import type { Candidate } from '@orvin/core/batch/amounts';
import type { BatchLine } from '@orvin/core/batch/batch';
import { exactForHands, isWeight } from './amount-words';
import { ThisBatch } from './this-batch';

/** A line whose amount is to be traded, and the button that asks. */
export interface Asked {
  readonly line: BatchLine;
  readonly at: HTMLElement;
}

/** The other amounts that the kit can measure, at the amount that is traded; asked a second time, they go. */
@Component({
  selector: 'orv-amount-choices',
  imports: [Popover],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-popover i18n-ariaLabel ariaLabel="Other amounts" (onShow)="enter()">
      <div
        #choices
        class="choices"
        (keydown.escape)="leave()"
        role="group"
        [attr.aria-label]="texts.otherAmountsOf(asked().line.name)"
      >
        <p class="caption" i18n>{{ asked().line.name }}: exactly {{ exact(asked().line.exactGrams) }}</p>
        @for (choice of asked().line.choices; track choice.amount) {
          <button type="button" [attr.aria-pressed]="isNow(choice)" (click)="hold(choice); leave()">
            <span>{{ words(choice.amount) }}</span>
            <span class="off">{{ off(choice) }}</span>
          </button>
        }
        @if (asked().line.held) {
          <button type="button" class="back" (click)="release(); leave()" i18n>As worked out</button>
        }
      </div>
    </p-popover>
  `,
  styles: `
    .choices {
      display: flex;
      flex-direction: column;
      min-width: 15rem;
    }
    .choices button {
      display: flex;
      justify-content: space-between;
      align-items: center;
      gap: 20px;
      border: 0;
      border-top: 1px solid var(--hair);
      background: none;
      min-height: 36px;
      padding: 4px 6px;
      text-align: left;
      cursor: pointer;
      font-variant-numeric: tabular-nums diagonal-fractions;
    }
    .choices button:hover {
      background: var(--rim-wash);
    }
    .choices button[aria-pressed='true'] {
      font-weight: 680;
      box-shadow: inset 4px 0 0 var(--butter);
    }
    .choices .off {
      color: var(--ink-2);
      font-weight: 450;
    }
    .choices .back {
      color: var(--rim);
      font-weight: 600;
    }
    @media (pointer: coarse) {
      .choices button {
        min-height: var(--finger);
      }
    }
  `,
})
export class AmountChoices {
  protected readonly texts = {
    otherAmountsOf: (name: string | number) => $localize`Other amounts of ${name}`,
  };
  readonly asked = input.required<Asked>();
  private readonly settings = inject(ThisBatch);
  private readonly popover = viewChild.required(Popover);

  private readonly choices = viewChild.required<ElementRef<HTMLElement>>('choices');

  protected readonly words = amountInWords;
  protected exact = (grams: number) => `${exactForHands(grams, 2)} g`;

  constructor() {
    afterRenderEffect(() => {
      const { at } = this.asked();
      untracked(this.popover).toggle(null, at);
    });
  }

  /** They stand at the end of the page: the focus goes there, and back to the amount. */
  protected enter(): void {
    const { nativeElement } = this.choices();
    (nativeElement.querySelector<HTMLElement>('[aria-pressed=true]') ?? nativeElement.querySelector('button'))?.focus();
  }
  protected leave(): void {
    this.asked().at.focus();
    this.popover().hide();
  }

  protected isNow = (choice: Candidate) => Math.abs(choice.grams - this.asked().line.grams) < 1e-6;
  protected off(choice: Candidate): string {
    const percent = 100 * (choice.grams / this.asked().line.exactGrams - 1);
    const off = Math.abs(percent) < 0.05 ? '' : `${percent > 0 ? '+' : '−'}${decimal(Math.abs(percent), 1)} %`;
    // a weight stands there already
    return [isWeight(choice.amount) ? '' : `${exactForHands(choice.grams)} g`, off].filter(Boolean).join(', ');
  }
  protected hold({ grams, amount, with: tool }: Candidate): void {
    const { id, name } = this.asked().line;
    this.settings.set($localize`the amount of ${name}`, {
      held: { ...this.settings.sheet().held, [id]: { grams, amount, with: tool } },
    });
  }
  protected release(): void {
    const { line } = this.asked();
    const held = Object.fromEntries(Object.entries(this.settings.sheet().held ?? {}).filter(([id]) => id !== line.id));
    this.settings.set($localize`the amount of ${line.name}`, { held: Object.keys(held).length > 0 ? held : undefined });
  }
}
