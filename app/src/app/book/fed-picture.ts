import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { fedState, type Feed } from '@orvin/core/keep/feeding';
import type { BakedComposition } from '@orvin/core/keep/keeping';
import { dayOf } from '../parts/wall-clock';

const DAY = 86_400_000;
const [WIDTH, HEIGHT] = [560, 96];
const AHEAD = 14;

/** Alcohol in a fed cake, day by day: up with each feed, slowly down between them, and on into the next two weeks. */
@Component({
  selector: 'orv-fed-picture',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'img', '[attr.aria-label]': 'words()' },
  template: `
    <svg i18n-data-picture data-picture="Fed week by week" viewBox="0 0 560 118" aria-hidden="true">
      <line class="ground" x1="0" x2="560" y1="96" y2="96" />
      <path class="past" [attr.d]="past()" />
      <path class="ahead" [attr.d]="ahead()" />
      <line class="today" [attr.x1]="today()" [attr.x2]="today()" y1="0" y2="96" />
      @for (feed of marks(); track $index) {
        <line class="feed" [attr.x1]="feed" [attr.x2]="feed" y1="86" y2="96" />
      }
      <text x="0" y="113">{{ from() }}</text>
      <text [attr.x]="today()" y="113" text-anchor="middle" i18n>today</text>
    </svg>
  `,
  styles: `
    :host,
    svg {
      display: block;
      width: 100%;
    }
    .ground {
      stroke: var(--hair);
    }
    path {
      fill: none;
      stroke: var(--rim);
      stroke-width: 2.5;
    }
    .ahead {
      stroke-dasharray: 5 5;
    }
    .today {
      stroke: var(--ink);
      stroke-width: 2;
    }
    .feed {
      stroke: var(--ink);
      stroke-width: 3;
    }
    text {
      font-size: 13px;
      fill: var(--ink-2);
    }
  `,
})
export class FedPicture {
  readonly cake = input.required<BakedComposition>();
  readonly grams = input.required<number>();
  readonly bakedAt = input.required<number>();
  readonly feeds = input.required<readonly Feed[]>();
  readonly now = input.required<number>();
  private readonly days = computed(() => (this.now() - this.bakedAt()) / DAY + AHEAD);
  private readonly course = computed(() =>
    Array.from({ length: Math.min(600, Math.ceil(2 * this.days())) }, (_, i) => {
      const at = this.bakedAt() + (i / 2) * DAY;
      return { at, percent: fedState(this.cake(), this.grams(), this.bakedAt(), this.feeds(), at).alcoholPercent };
    }),
  );
  private readonly most = computed(() => Math.max(0.5, ...this.course().map(({ percent }) => percent)));
  private readonly x = (at: number) => (WIDTH * (at - this.bakedAt())) / DAY / this.days();
  private path(isIn: (at: number) => boolean): string {
    return this.course()
      .filter(({ at }) => isIn(at))
      .map(
        ({ at, percent }, i) =>
          `${i === 0 ? 'M' : 'L'}${this.x(at).toFixed(1)} ${(HEIGHT - 10 - (HEIGHT - 24) * (percent / this.most())).toFixed(1)}`,
      ) // prettier-ignore
      .join('');
  }
  protected readonly past = computed(() => this.path((at) => at <= this.now()));
  protected readonly ahead = computed(() => this.path((at) => at >= this.now() - DAY / 2));
  protected readonly today = computed(() => this.x(this.now()));
  protected readonly marks = computed(() => this.feeds().map(({ at }) => this.x(at)));
  protected readonly from = computed(() => dayOf(this.bakedAt()));
  protected readonly words = computed(() => $localize`Alcohol in it, from ${this.from()} to two weeks from now: ${this.feeds().length} feeds.`); // prettier-ignore
}
