import { inSentence } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input } from '@angular/core';
import type { WalkStep } from '@orvin/core/along/walk';
import { stepInWords } from '@orvin/core/words/along-words';
import { minutesInWords } from '@orvin/core/words/figures';
import { Footing } from './footing';
import { OwnDial } from '../parts/own-dial';
import { clockAt } from '../parts/wall-clock';
import { ThisBaking } from './this-baking';

type PlainStep = Extract<WalkStep, { kind: 'ready' | 'heat' | 'rest' | 'griddle' | 'cook' | 'cool' }>;
const MINUTE = 60_000;
const LABELS: Readonly<Record<PlainStep['kind'], string>> = {
  ready: $localize`Done, next`,
  heat: $localize`It is on`,
  rest: $localize`It stands`,
  griddle: $localize`It is on`,
  cook: $localize`It is in`,
  cool: $localize`Next`,
};

/** What is done, or stands, for a while: out of the fridge, oven on, resting, cooling by the clock. */
@Component({
  selector: 'orv-plain-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p class="lead">{{ words().lead }}</p>
    <h2>{{ words().title }}</h2>
    <p class="tell">{{ words().tell }}</p>
    @if (clocks().length > 0) {
      <ul>
        @for (clock of clocks(); track clock.name) {
          <li [class.past]="clock.past">
            <b>{{ clock.time }}</b> <span>{{ clock.name }}</span> <i>{{ clock.left }}</i>
          </li>
        }
      </ul>
    }
  `,
  styleUrls: ['./counter.css', './plain-step.css'],
})
export class PlainStepView {
  readonly step = input.required<WalkStep>();
  private readonly baking = inject(ThisBaking);
  private readonly footing = inject(Footing);
  private readonly dial = inject(OwnDial);

  protected readonly words = computed(() => {
    const step = this.step();
    const pans = 'portion' in step ? this.baking.pansOf(step.portion) : '';
    return stepInWords(step, undefined, pans, this.baking.formula()?.region, this.dial.scale());
  });
  /** Cooling, by the clock from the moment it came out; on the griddle, by its timers. */
  protected readonly clocks = computed(() => {
    const step = this.step();
    if (step.kind === 'griddle' || step.kind === 'cook')
      return this.baking
        .state()
        .timers.filter(({ id }) => id.startsWith(`${step.kind}:`))
        .map(({ name, until }) => this.clockOf(name, until));
    if (step.kind !== 'cool') return [];
    const out = this.baking.state().ovens.get(step.portion)?.outAt;
    if (out === undefined) return [];
    const of = (name: string, minutes: number | undefined) => {
      if (minutes === undefined) return [];
      return [this.clockOf(name, out + minutes * MINUTE)];
    };
    const inPan = step.inPanMinutes;
    return [
      ...(step.isFree ? [] : of(inPan === undefined ? $localize`it may come out of its tin, cold` : $localize`out of the tin, onto a rack`, inPan ?? step.sliceMinutes)),
      ...of($localize`cool enough to slice`, step.sliceMinutes),
      ...of($localize`cool enough to frost`, step.frostMinutes),
    ]; // prettier-ignore
  });

  private clockOf(name: string, at: number) {
    const left = (at - this.baking.now()) / MINUTE;
    const until = left > 0 ? $localize`in ${minutesInWords(left)}` : $localize`now`;
    return { name, time: clockAt(at), left: until, past: left <= 0 };
  }

  constructor() {
    effect(() => {
      const step = this.step() as PlainStep;
      const label = this.baking.next()
        ? (step.kind === 'griddle' && step.act === 'turn') || (step.kind === 'cook' && step.act === 'out')
          ? LABELS.ready
          : LABELS[step.kind]
        : $localize`It is finished`;
      this.footing.set(label, () => this.next(step));
    });
  }
  private next(step: PlainStep): void {
    const { baking } = this;
    const timers = {
      ready: () => (step.kind === 'ready' && step.waitMinutes > 0 ? [baking.timer(step.id, step.what, step.waitMinutes)] : []),
      heat: () => (step.kind === 'heat' ? [baking.timer('heat', $localize`oven to ${this.dial.heat(step.celsius)}`, step.minutes)] : []),
      rest: () => (step.kind === 'rest' ? [baking.timer(step.id, step.id === 'rest' ? $localize`batter rests` : $localize`it soaks`, step.minutes)] : []),
      griddle: () => (step.kind === 'griddle' && step.act === 'on' ? [baking.timer('griddle:turn', $localize`turn it`, step.minutes), baking.timer('griddle:off', $localize`off the griddle`, 2 * step.minutes)] : []),
      cook: () => (step.kind === 'cook' && step.act === 'in' ? [baking.timer('cook:out', $localize`take it out`, step.minutes)] : []),
      cool: () => [],
    }[step.kind]();
    if (step.kind === 'heat') baking.instruments.tell({ do: 'set', celsius: Math.round(step.celsius) });
    baking.forward(inSentence(this.words().title), ...timers);
  } // prettier-ignore
}
