import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import type { Browned } from '@orvin/core/book/routine';
import type { Side } from '@orvin/core/kitchen/learned';

const SIDES: readonly Side[] = ['back', 'left', 'right', 'front'];
const MOST_STEPS = 2;
const STEP_WORDS = ['', $localize`a shade`, 'much'];

/** Which side came out browner: the tin from above, as it stood in the oven, its back at the top. A second tap says much browner. */
@Component({
  selector: 'orv-side-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="tin" role="group" i18n-aria-label aria-label="Browner on one side, seen from above">
      @for (side of sides; track side) {
        <button
          type="button"
          [class]="side"
          [class.much]="steps(side) > 1"
          [attr.aria-pressed]="steps(side) > 0"
          (click)="tap(side)"
        >
          {{ side }}<small>{{ words(side) }}</small>
        </button>
      }
      <button
        type="button"
        class="even"
        [attr.aria-pressed]="browned()?.side === 'even'"
        (click)="said.emit({ side: 'even', steps: 0 })"
        i18n
      >
        even
      </button>
    </div>
    @if (turned()) {
      <p i18n>It was turned on the way, so this tells nothing of the oven.</p>
    }
  `,
  styles: `
    .tin {
      display: grid;
      grid-template: 'back back back' 1fr 'left even right' 1.3fr 'front front front' 1fr / 1fr 1.2fr 1fr;
      gap: 4px;
      max-width: 17rem;
      padding: 6px;
      border: 2px solid var(--ink-2);
      border-radius: 10px;
    }
    button {
      min-height: 40px;
      border: 1.5px solid var(--hair);
      border-radius: 4px;
      background: var(--enamel);
      color: var(--ink);
      font: inherit;
      cursor: pointer;
    }
    .back {
      grid-area: back;
    }
    .left {
      grid-area: left;
    }
    .right {
      grid-area: right;
    }
    .front {
      grid-area: front;
    }
    .even {
      grid-area: even;
    }
    button[aria-pressed='true'] {
      border-color: #b87430;
      background: #ecc782;
      color: #2b1c0c;
      font-weight: 640;
    }
    .much[aria-pressed='true'] {
      background: #8f5320;
      color: #fff;
    }
    small {
      display: block;
      font-size: 13px;
      line-height: 1.1;
    }
    p {
      margin: 6px 0 0;
      color: var(--ink-2);
    }
    @media (pointer: coarse) {
      button {
        min-height: var(--finger);
      }
    }
  `,
})
export class SideField {
  readonly browned = input<Browned>();
  readonly turned = input(false);
  readonly said = output<Browned | undefined>();
  protected readonly sides = SIDES;
  protected steps(side: Side): number {
    const browned = this.browned();
    return browned?.side === side ? browned.steps : 0;
  }
  protected words(side: Side): string {
    return STEP_WORDS[this.steps(side)] ?? '';
  }
  /** A shade, much, not at all. */
  protected tap(side: Side): void {
    const steps = (this.steps(side) + 1) % (MOST_STEPS + 1);
    this.said.emit(steps === 0 ? undefined : { side, steps });
  }
}
