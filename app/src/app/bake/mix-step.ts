import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { mixingSigns, remedyFor, type BowlFault, type NamedPart } from '@orvin/core/along/mixing';
import type { MixStep } from '@orvin/core/along/walk';
import { waitingOfStyle } from '@orvin/core/batter/rising';
import { leaveningLedger } from '@orvin/core/batter/leavening';
import { bowlFaultInWords, firstWords, LOOK_NAMES, mixInWords, remedyInWords } from '@orvin/core/words/along-words';
import { BowlLookView } from './bowl-look';
import { Footing } from './footing';
import { ThisBaking } from './this-baking';

const TRAY_WAIT_MINUTES = 4;

const clock = (seconds: number): string => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`; // prettier-ignore

/** A step of the method: when to stop, drawn; the seconds on a strip; what to do when it does not look like that. */
@Component({
  selector: 'orv-mix-step',
  imports: [BowlLookView],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="left">
      <p class="lead">{{ lead() }}</p>
      <h2>{{ title() }}</h2>
      @if (signs(); as signs) {
        <div class="looks">
          @for (look of looks(); track look.name; let i = $index) {
            <figure [class.stop]="i === 1">
              <orv-bowl-look [look]="look.drawn" />
              <figcaption>
                <b>{{ look.name }}</b> <span>{{ look.words }}</span>
              </figcaption>
            </figure>
          }
        </div>
        <svg class="strip" viewBox="0 0 740 76" role="img" [attr.aria-label]="stripWords()" preserveAspectRatio="none">
          <rect class="whole" x="0" y="14" width="740" height="34" />
          <rect class="gone" x="0" y="14" [attr.width]="strip().now" height="34" />
          <rect class="right" [attr.x]="strip().from" y="8" [attr.width]="strip().to - strip().from" height="46" />
          @if (signs.spoils) {
            <rect class="late" [attr.x]="strip().to" y="14" [attr.width]="740 - strip().to" height="34" />
          }
          <rect class="now" [attr.x]="strip().now - 2" y="2" width="4" height="58" />
        </svg>
        <p class="strip-words">
          <b i18n>stop {{ clockOf(signs.seconds[0]) }}–{{ clockOf(signs.seconds[1]) }}</b> <span>{{ tooLong() }}</span>
        </p>
      }
    </div>
    <div class="right-side">
      <p class="full">{{ full() }}</p>
      @if (signs()) {
        <p class="figure" aria-live="off">{{ clockOf(seconds()) }}</p>
        <p class="watch">
          <button type="button" class="press" (click)="toggle()">
            {{ running() ? texts.hold : seconds() > 0 ? texts.goOn : texts.startTheClock }}
          </button>
          <button type="button" class="press" [disabled]="seconds() === 0" (click)="reset()" i18n>From 0</button>
        </p>
        @if (gas(); as gas) {
          <p class="gas">{{ gas }}</p>
        }
        <h3 i18n>Not like the picture?</h3>
        <ul>
          @for (fault of faults(); track fault.id) {
            <li>
              <b>{{ fault.words }}</b> <span>{{ fault.remedy }}</span>
            </li>
          }
        </ul>
      }
    </div>
  `,
  styleUrls: ['./counter.css', './mix-step.css'],
})
export class MixStepView {
  protected readonly texts = {
    hold: $localize`Hold`,
    goOn: $localize`Go on`,
    startTheClock: $localize`Start the clock`,
  };
  readonly step = input.required<MixStep>();
  private readonly baking = inject(ThisBaking);
  private readonly footing = inject(Footing);
  private readonly since = signal<number | undefined>(undefined);
  private readonly before = signal(0);
  protected readonly clockOf = clock;

  protected readonly full = computed(() => this.baking.wordsOf(this.step()));
  protected readonly signs = computed(() => {
    const { phase, bowlGrams } = this.step();
    return phase && mixingSigns(phase, this.step().family, bowlGrams);
  });
  private readonly words = computed(() => {
    const { phase } = this.step();
    return phase && mixInWords(phase, this.step().family);
  });
  protected readonly title = computed(
    () => this.words()?.title ?? (firstWords(this.full()) || $localize`Mix as usual`),
  );
  protected readonly lead = computed(() => {
    const { number } = this.step();
    const place = number > 0 ? $localize`step ${number} of the method` : '';
    return [place, this.words()?.hands ?? ''].filter(Boolean).join(' · ');
  });
  protected readonly looks = computed(() =>
    (this.signs()?.looks ?? []).map((drawn, i) => ({
      drawn,
      name: LOOK_NAMES[i] ?? '',
      words: this.words()?.looks[i] ?? '',
    })),
  );
  protected readonly tooLong = computed(() => (this.signs()?.spoils === true ? (this.words()?.tooLong ?? '') : ''));
  protected readonly running = computed(() => this.since() !== undefined);
  protected readonly seconds = computed(() => {
    const since = this.since();
    return this.before() + (since === undefined ? 0 : Math.max(0, (this.baking.now() - since) / 1000));
  });
  protected readonly strip = computed(() => {
    const [from, to] = this.signs()?.seconds ?? [1, 2];
    const x = (seconds: number) => Math.min(738, (740 * seconds) / (to * 1.55));
    return { from: x(from), to: x(to), now: x(this.seconds()) };
  });
  protected readonly stripWords = computed(() => {
    const [from, to] = this.signs()?.seconds ?? [0, 0];
    return $localize`Stop between ${from} and ${to} seconds`;
  });
  private readonly parts = computed<readonly NamedPart[]>(() =>
    this.baking.bowl().map(({ part, inBowlGrams, targetGrams, id }) => ({
      ...part,
      grams: inBowlGrams > 0 ? inBowlGrams : targetGrams,
      name: this.baking.nameOf(id),
    })),
  );
  protected readonly faults = computed(() =>
    (this.signs()?.faults ?? []).map((id: BowlFault) => ({
      id,
      words: bowlFaultInWords(id),
      remedy: remedyInWords(remedyFor(id, this.parts())),
    })),
  );
  /** Once wet meets flour the gas begins to go. */
  private readonly waiting = computed(() => {
    const { phase } = this.step();
    if (phase !== 'combine' && phase !== 'fold') return undefined;
    return waitingOfStyle(leaveningLedger(this.parts()), this.baking.audit()?.style?.basedOn);
  });
  protected readonly gas = computed(() => {
    const waiting = this.waiting();
    if (!waiting) return '';
    const lost = Math.round(100 * (1 - waiting.usableShare(TRAY_WAIT_MINUTES)));
    const may = Number.isFinite(waiting.adviceMinutes) ? $localize` It may wait about ${Math.round(waiting.adviceMinutes)} min once wet.` : $localize` It may wait.`; // prettier-ignore
    return lost >= 1 ? $localize`${lost} % of its gas is gone by the time it is in the tin.${may}` : may.trim();
  });

  constructor() {
    effect(() => {
      this.step();
      this.since.set(undefined);
      this.before.set(0);
    });
    effect(() => this.footing.set(this.running() ? $localize`Stopped` : $localize`Done, next`, () => this.next()));
  }
  protected toggle(): void {
    if (this.running()) {
      this.before.set(this.seconds());
      this.since.set(undefined);
    } else this.since.set(Date.now());
  }
  protected reset(): void {
    this.before.set(0);
    this.since.set(this.running() ? Date.now() : undefined);
  }
  private next(): void {
    const { id, phase } = this.step();
    const seconds = Math.round(this.seconds());
    const advice = this.waiting()?.adviceMinutes;
    const waits =
      phase === 'combine' && advice !== undefined && Number.isFinite(advice)
        ? [this.baking.timer('wet', $localize`may wait, once wet`, Math.max(1, advice))]
        : [];
    this.baking.forward('mixed', ...(seconds > 0 ? [{ kind: 'mixed' as const, step: id, seconds }] : []), ...waits);
  }
}
