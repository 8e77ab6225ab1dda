import { ChangeDetectionStrategy, Component, computed, input, model } from '@angular/core';
import type { FaultPlace } from '@orvin/core/book/diagnosing';
import type { BakeRecord } from '@orvin/core/book/records';
import { faultName } from '@orvin/core/words/why-words';
import { FAULT_DRAWINGS } from './fault-drawings.table';
import { Slice } from './slice';

/** Places to tap: which faults are looked for there, and where they lie on the drawing. */
export interface Place {
  readonly name: string;
  readonly of: readonly FaultPlace[];
  readonly box: string;
}
const PLACES: readonly Place[] = [
  { name: $localize`the top`, of: ['top', 'crust', 'frosting'], box: '0 20% 66% 20%' },
  { name: $localize`the crumb`, of: ['crumb', 'taste', 'bowl'], box: '34% 20% 33% 20%' },
  { name: $localize`the base`, of: ['base'], box: '67% 20% 0 20%' },
  { name: $localize`the sides`, of: ['edge'], box: '20% 80% 0 0' },
  { name: $localize`the shape`, of: ['shape'], box: '20% 0 0 80%' },
];
const MOST_NAMED = 4;

/** The slice as it came out, with the faults drawn into it; tapping a place asks what was wrong there. */
@Component({
  selector: 'orv-why-slice',
  imports: [Slice],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="slice" [class.low]="isLow()">
      <orv-slice
        [shape]="record()?.shape"
        [crumb]="record()?.crumb"
        [top]="record()?.top"
        [heightMm]="record()?.heightMm ?? undefined"
        [faults]="faults()"
      />
      <svg viewBox="0 0 104 66" aria-hidden="true">
        @for (mark of marks(); track mark.fault) {
          <circle [attr.cx]="mark.x" [attr.cy]="mark.y" r="5" />
          <path [attr.d]="mark.line" />
        }
      </svg>
      @for (one of places; track one.name) {
        <button
          type="button"
          [style.inset]="one.box"
          [attr.aria-pressed]="place() === one"
          [attr.aria-label]="texts.whatWasWrongWith(one.name)"
          (click)="place.set(place() === one ? undefined : one)"
        ></button>
      }
    </div>
    <ul i18n-aria-label aria-label="Seen">
      @for (mark of marks(); track mark.fault) {
        <li [style.top.%]="(100 * mark.labelY) / 66">{{ mark.name }}</li>
      }
    </ul>
  `,
  styles: `
    :host {
      position: relative;
      display: block;
      padding-right: 8.2rem;
      margin: -6px 0 10px;
    }
    .slice {
      position: relative;
    }
    .slice.low {
      margin-top: -18%;
    }
    .slice > svg {
      position: absolute;
      inset: 0;
      width: 100%;
      height: 100%;
      overflow: visible;
    }
    circle {
      fill: none;
      stroke: var(--ink);
      stroke-width: 1.1;
    }
    path {
      fill: none;
      stroke: var(--ink);
      stroke-width: 0.6;
    }
    button {
      position: absolute;
      border: 1.5px dashed transparent;
      border-radius: var(--corner);
      background: none;
      cursor: pointer;
    }
    button:hover,
    button[aria-pressed='true'] {
      border-color: var(--rim);
    }
    ul {
      position: absolute;
      inset: 0 0 0 auto;
      width: 7.9rem;
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      position: absolute;
      transform: translateY(-50%);
      font-weight: 660;
      font-size: var(--step--1);
      line-height: 1.15;
    }
  `,
})
export class WhySlice {
  protected readonly texts = {
    whatWasWrongWith: (name: string | number) => $localize`What was wrong with ${name}`,
  };
  readonly record = input<BakeRecord>();
  readonly faults = input.required<readonly string[]>();
  readonly place = model<Place | undefined>();
  protected readonly places = PLACES;
  /** Nothing of it stands in the upper half of the drawing. */
  protected readonly isLow = computed(() => this.record()?.shape === 'sank' || this.faults().includes('sank_middle'));
  /** Marks from top to bottom, their names beside them without touching. */
  protected readonly marks = computed(() => {
    let below = 0;
    return this.faults()
      .flatMap((fault) => {
        const drawing = FAULT_DRAWINGS[fault];
        return drawing ? [{ fault, name: faultName(fault), x: drawing.at[0], y: drawing.at[1] }] : [];
      })
      .sort((one, other) => one.y - other.y)
      .slice(0, MOST_NAMED)
      .map((mark) => {
        const labelY = Math.max(mark.y, below + 11);
        below = labelY;
        return { ...mark, labelY, line: `M${mark.x + 5} ${mark.y}L106 ${labelY}` };
      });
  });
}
