import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { InputText } from 'primeng/inputtext';
import { SelectButton } from 'primeng/selectbutton';
import { FormsModule } from '@angular/forms';
import {
  stageRows,
  stagesOfRows,
  withAnotherStage,
  withoutStage,
  type CoverRow,
  type StageRow,
} from '@orvin/core/oven/settings';
import { FigureField, HeatField } from '../parts/kept-field';
import { ThisBake } from './this-bake';

const KINDS: readonly { readonly kind: CoverRow['kind']; readonly name: string }[] = [
  { kind: 'lid', name: $localize`heavy lid` },
  { kind: 'bowl', name: $localize`bowl over it` },
  { kind: 'foil', name: $localize`foil` },
];
const MOST_ROWS = 6;

/** What the oven does on the way, row by row: set points with their minutes, lids and foil from a minute to a minute. */
@Component({
  selector: 'orv-course-rows',
  imports: [FigureField, HeatField, FormsModule, InputText, SelectButton],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (of() === 'stages') {
      <ol i18n-aria-label aria-label="Stages">
        @for (row of stages(); track $index; let last = $last) {
          <li>
            @if (!last) {
              <input
                pInputText
                [attr.aria-label]="texts.minutesOfStage($index + 1)"
                [orvFigure]="row.minutes"
                [lowest]="1"
                [highest]="300"
                unit="min"
                [keptAs]="settings.field('stage minutes ' + $index)"
                (figureSaid)="change($index, { minutes: $event })"
              />
              <span i18n>min at</span>
            } @else {
              <span class="rest">{{ stages().length > 1 ? texts.then : texts.allTheTime }}</span>
            }
            <input
              pInputText
              [attr.aria-label]="texts.heatOfStage($index + 1)"
              #heat="orvHeat"
              [orvHeat]="row.celsius"
              [lowest]="100"
              [highest]="300"
              [keptAs]="settings.field('stage heat ' + $index)"
              (heatSaid)="change($index, { celsius: $event })"
            />
            <span>{{ heat.unit() }}</span>
            @if (stages().length > 1) {
              <button
                type="button"
                class="away"
                [attr.aria-label]="texts.takeStageAway($index + 1)"
                (click)="drop($index)"
              >
                ✕
              </button>
            }
          </li>
        }
      </ol>
      @if (stages().length <= most) {
        <button type="button" class="quiet" (click)="add()" i18n>then another heat</button>
      }
    } @else {
      <ol i18n-aria-label aria-label="Covers">
        @for (cover of covers(); track $index) {
          <li>
            <p-selectbutton
              [ariaLabelledBy]="'cover-' + $index"
              [options]="kinds"
              optionLabel="name"
              optionValue="kind"
              [allowEmpty]="false"
              [ngModel]="cover.kind"
              (ngModelChange)="setCover($index, { kind: $event })"
            />
            <span [id]="'cover-' + $index" i18n>from</span>
            <input
              pInputText
              [attr.aria-label]="texts.coverFromMinute($index + 1)"
              [orvFigure]="cover.fromMinute"
              [lowest]="0"
              [highest]="300"
              unit="min"
              [keptAs]="settings.field('cover from ' + $index)"
              (figureSaid)="setCover($index, { fromMinute: $event ?? 0 })"
            />
            <span i18n>to</span>
            <input
              pInputText
              [attr.aria-label]="texts.coverToMinute($index + 1)"
              [orvFigure]="cover.toMinute"
              [lowest]="1"
              [highest]="300"
              unit="min"
              [keptAs]="settings.field('cover to ' + $index)"
              (figureSaid)="setCover($index, { toMinute: $event })"
              i18n-placeholder
              placeholder="end"
            />
            <span>min</span>
            <button
              type="button"
              class="away"
              [attr.aria-label]="texts.takeCoverAway($index + 1)"
              (click)="uncover($index)"
            >
              ✕
            </button>
          </li>
        }
      </ol>
      @if (covers().length < most) {
        <button type="button" class="quiet" (click)="coverIt()" i18n>put a lid or foil over it</button>
      }
    }
  `,
  styles: `
    ol {
      list-style: none;
      margin: 0;
      padding: 0;
      display: grid;
      gap: 4px;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 4px 8px;
    }
    input {
      width: 4.6rem;
      text-align: right;
      font-weight: 640;
    }
    .rest {
      min-width: 4.6rem;
      color: var(--ink-2);
    }
    .quiet,
    .away {
      border: 0;
      background: none;
      color: var(--rim);
      font-weight: 600;
      cursor: pointer;
      min-height: 32px;
      padding: 2px 6px;
    }
    @media (pointer: coarse) {
      .quiet,
      .away {
        min-height: var(--finger);
        min-width: var(--finger);
      }
    }
  `,
})
export class CourseRows {
  protected readonly texts = {
    minutesOfStage: (count: string | number) => $localize`Minutes of stage ${count}`,
    allTheTime: $localize`all the time`,
    then: $localize`then`,
    heatOfStage: (count: string | number) => $localize`Heat of stage ${count}`,
    takeStageAway: (count: string | number) => $localize`Take stage ${count} away`,
    coverFromMinute: (count: string | number) => $localize`Cover ${count} from minute`,
    coverToMinute: (count: string | number) => $localize`Cover ${count} to minute`,
    takeCoverAway: (count: string | number) => $localize`Take cover ${count} away`,
  };
  readonly of = input.required<'stages' | 'covers'>();
  protected readonly settings = inject(ThisBake);
  protected readonly kinds = [...KINDS];
  protected readonly most = MOST_ROWS;

  /** The rows as set, else as the formula says: what is shown is what is baked. */
  protected readonly stages = computed<readonly StageRow[]>(() => {
    const job = this.settings.job();
    if (!job) return [];
    return stageRows(Math.round(job.setting.celsius), job.course?.stages ?? []);
  });
  protected readonly covers = computed<readonly CoverRow[]>(() => this.settings.job()?.course?.covers ?? []);

  protected change(
    at: number,
    said: { readonly minutes?: number | undefined; readonly celsius?: number | undefined },
  ): void {
    this.put(
      this.stages().map((row, i) =>
        i === at ? { celsius: said.celsius ?? row.celsius, minutes: said.minutes ?? row.minutes } : row,
      ),
    );
  }
  protected add(): void {
    this.put(withAnotherStage(this.stages()));
  }
  protected drop(at: number): void {
    this.put(withoutStage(this.stages(), at));
  }
  private put(rows: readonly StageRow[]): void {
    const { celsius, stages } = stagesOfRows(rows);
    this.settings.set($localize`the stages`, { celsius, stages });
  }

  protected coverIt(): void {
    this.coverWith([...this.covers(), { kind: this.covers().length === 0 ? 'lid' : 'foil', fromMinute: 0 }]);
  }
  protected setCover(
    at: number,
    said: Partial<{ kind: CoverRow['kind']; fromMinute: number; toMinute: number | undefined }>,
  ): void {
    this.coverWith(
      this.covers().map((cover, i) => {
        if (i !== at) return cover;
        const { kind, fromMinute, toMinute } = { ...cover, ...said };
        const ends = toMinute !== undefined && toMinute > fromMinute;
        return { kind, fromMinute, ...(ends && { toMinute }) };
      }),
    );
  }
  protected uncover(at: number): void {
    this.coverWith(this.covers().filter((_, i) => i !== at));
  }
  private coverWith(covers: readonly CoverRow[]): void {
    this.settings.set($localize`the cover`, { covers });
  }
}
