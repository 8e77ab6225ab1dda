import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { isByItself } from '@orvin/core/along/baking';
import { nextInWords, placeInWords } from '@orvin/core/words/along-words';
import { NextAct } from '../parts/next-act';
import { BakingStore } from '../store/baking-store';
import { BakeEnd } from './bake-end';
import { BakeTimers } from './bake-timers';
import { DivideStepView } from './divide-step';
import { Footing } from './footing';
import { Instruments } from './instruments';
import { MixStepView } from './mix-step';
import { OvenStepView } from './oven-step';
import { PlainStepView } from './plain-step';
import { RescueView } from './rescue';
import { StepList } from './step-list';
import { ThisBaking } from './this-baking';
import { WeighStepView } from './weigh-step';
import { OwnDial } from '../parts/own-dial';

/** Bake: one step at a time, with sticky hands, across the counter. */
@Component({
  selector: 'orv-bake',
  imports: [
    BakeEnd,
    BakeTimers,
    DivideStepView,
    MixStepView,
    OvenStepView,
    PlainStepView,
    RescueView,
    RouterLink,
    StepList,
    WeighStepView,
  ],
  providers: [ThisBaking, Instruments, Footing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'press($event)' },
  templateUrl: './bake.html',
  styleUrl: './bake.css',
})
export class Bake {
  protected readonly texts = {
    day: $localize`Day`,
    leave: $localize`Leave`,
  };
  readonly id = input.required<string>();

  private readonly dial = inject(OwnDial);
  protected readonly baking = inject(ThisBaking);
  private readonly bakings = inject(BakingStore);
  protected readonly footing = inject(Footing);
  private readonly nextAct = inject(NextAct);
  private readonly router = inject(Router);
  protected readonly jumping = signal(false);
  protected readonly rescuing = signal(false);

  protected readonly place = computed(() => placeInWords(this.baking.walk(), this.baking.state().at));
  protected readonly ended = computed(() => this.baking.state().endedAt !== undefined);
  protected readonly leave = computed(() => {
    const day = this.baking.baking()?.dayId;
    return day === undefined ? ['/bake'] : ['/day', day];
  });
  /** What else is under way: one tap away. */
  protected readonly others = computed(() =>
    this.bakings
      .underWay()
      .filter(({ id }) => id !== this.id())
      .slice(0, 2)
      .map(({ id, baking }) => ({ id, title: baking.title })),
  );
  protected readonly then = computed(() => {
    const next = this.baking.next();
    if (!next) return $localize`the end`;
    const pans = 'portion' in next ? this.baking.pansOf(next.portion) : '';
    return nextInWords(next, pans, this.baking.wordsOf(next), this.dial.scale());
  });

  /** Another bake whose timer rang while this one goes on by itself and none of its own rings. */
  private readonly wanted = computed(() => {
    const { rang } = this.baking.timers();
    if (rang.some(({ of }) => of === this.id()) || this.jumping() || this.rescuing()) return undefined;
    return isByItself(this.baking.state()) ? rang[0] : undefined;
  });
  /** What came forward once and was left again does not come a second time. */
  private readonly brought = new Set<string>();

  constructor() {
    effect(() => this.baking.id.set(this.id()));
    effect(() => {
      const wanted = this.wanted();
      const key = wanted && `${wanted.of} ${wanted.id} ${wanted.until}`;
      if (!wanted || key === undefined || this.brought.has(key)) return;
      this.brought.add(key);
      void this.router.navigate(['/bake', wanted.of]);
    });
    effect((onCleanup) => {
      this.nextAct.offer.set({ label: this.footing.label(), run: () => this.forward() });
      onCleanup(() => this.nextAct.offer.set(undefined));
    });
  }

  protected forward(): void {
    this.footing.act();
  }
  protected jump(id: string): void {
    this.jumping.set(false);
    this.baking.go(id, $localize`going to another step`);
  }
  /** Space and Enter go on, wherever no field or button has them; Backspace goes back. */
  protected press(event: KeyboardEvent): void {
    const target = event.target;
    const taken = target instanceof HTMLElement && /^(?:INPUT|TEXTAREA|SELECT|BUTTON|A|SUMMARY)$/.test(target.tagName);
    if (taken || event.ctrlKey || event.metaKey || event.altKey) return;
    if (this.jumping() || this.rescuing() || this.ended()) return;
    if (event.key === ' ' || event.key === 'Enter') this.forward();
    else if (event.key === 'Backspace' || event.key === 'ArrowLeft') this.baking.back();
    else return;
    event.preventDefault();
  }
}
