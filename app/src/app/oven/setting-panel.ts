import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { InputText } from 'primeng/inputtext';
import { combineLatest, debounceTime, distinctUntilChanged, map, of, switchMap } from 'rxjs';
import type { BakeJob } from '@orvin/core/oven/baking';
import { besideOther } from '@orvin/core/batch/bakes';
import { settingForColour, settingForMinutes, sharedSetting } from '@orvin/core/oven/settings';
import { settingInWords, sharedInWords } from '@orvin/core/words/oven-words';
import { minutesInWords } from '@orvin/core/words/figures';
import { ChoiceField } from '../parts/choice';
import { FigureField } from '../parts/kept-field';
import { OwnDial } from '../parts/own-dial';
import { HowWords } from '../parts/how-words';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';
import { Sweeps, type Sweep } from '../work/sweeps';
import { ThisBake } from './this-bake';

/** A pause before a sweep is begun. */
const QUIET_MILLISECONDS = 200;
const DAY_MINUTES = 24 * 60;
const minutesOfClock = (clock: string): number | undefined => {
  const read = /^(\d{1,2}):(\d{2})$/.exec(clock);
  return read ? Number(read[1]) * 60 + Number(read[2]) : undefined;
};

/** The other way round: the setting that gives a time, a crust, or lets two bakes share the oven. */
@Component({
  selector: 'orv-setting-panel',
  imports: [FigureField, FormsModule, HowWords, InputText, ChoiceField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="find-setting">
      <h2 id="find-setting" i18n>Find the setting</h2>
      @if (sweep(); as now) {
        @if (now.failed; as failed) {
          <p class="answer">{{ failed }}</p>
        } @else {
          <p class="caption" role="status">
            {{
              now.done
                ? texts.bakedAtSetPointsFrom130(now.of)
                : texts.bakingItAtSetPointsDone(now.of, now.points.length)
            }}
          </p>
          <progress [max]="now.of" [value]="now.points.length" i18n-aria-label aria-label="Set points tried"></progress>
        }
      }
      <h3 i18n>Done in time</h3>
      <div class="field-line">
        <label for="in-at" i18n>in at</label>
        <input pInputText type="time" id="in-at" [value]="inAt()" (change)="setClock($event, 'in')" />
        <label for="out-by" i18n>out by</label>
        <input pInputText type="time" id="out-by" [value]="outBy()" (change)="setClock($event, 'out')" />
        <span i18n>or in</span>
        <input
          pInputText
          id="in-minutes"
          i18n-aria-label
          aria-label="Minutes it may take"
          [orvFigure]="wanted()"
          [lowest]="3"
          [highest]="400"
          unit="min"
          [keptAs]="settings.field('may take')"
          (figureSaid)="typedMinutes.set($event)"
        />
        <span>min</span>
      </div>
      @if (inTime(); as answer) {
        <p class="answer">
          <b>{{ answer.big }}</b> {{ answer.small }}
        </p>
        <p class="caption">{{ answer.cost }}</p>
        @if (answer.take; as celsius) {
          <button type="button" class="act" (click)="take(celsius)" i18n>
            Set the oven to {{ dial.heat(celsius) }}
          </button>
        }
      }

      <h3 i18n>The same crust as the known bake</h3>
      @if (sameCrust(); as answer) {
        <p class="answer">
          <b>{{ answer.big }}</b> {{ answer.small }}
        </p>
        <p class="caption">{{ answer.cost }}</p>
        @if (answer.take; as celsius) {
          <button type="button" class="act" (click)="take(celsius)" i18n>
            Set the oven to {{ dial.heat(celsius) }} for this crust
          </button>
        }
      } @else {
        <p class="caption">
          {{ settings.knownJob() ? texts.workingItOut : texts.needsAKnownBakeItsPan }}
        </p>
      }

      <orv-how-words [lines]="how" />

      <h3 i18n>Share the oven</h3>
      <div class="field-line">
        <span id="share-with" i18n>with</span>
        <orv-choice
          ariaLabelledBy="share-with"
          [options]="settings.others()"
          names="title"
          [showClear]="true"
          i18n-placeholder
          placeholder="another formula of the shelf"
          [chosen]="partner()"
          (choose)="partner.set($event)"
        />
      </div>
      @if (shared(); as answer) {
        <p class="answer">
          <b>{{ answer.big }}</b> {{ answer.small }}
        </p>
        <ul class="reasons">
          @for (line of answer.lines; track line.name) {
            <li>
              <span class="effect">{{ line.when }}</span>
              <span
                ><b>{{ line.name }}</b> {{ line.words }}</span
              >
            </li>
          }
        </ul>
      } @else if (partner()) {
        <p class="caption" role="status" i18n>Baking both at every set point…</p>
      }
    </section>
  `,
  styleUrls: ['../parts/panels.css', './oven-panels.css'],
})
export class SettingPanel {
  protected readonly texts = {
    bakedAtSetPointsFrom130: (of: string | number) =>
      $localize`Baked at ${of} set points from ${this.dial.heat(130)} to ${this.dial.heat(230)}.`,
    bakingItAtSetPointsDone: (of: string | number, count: string | number) =>
      $localize`Baking it at ${of} set points, ${count} done…`,
    workingItOut: $localize`Working it out…`,
    needsAKnownBakeItsPan: $localize`Needs a known bake: its pan, its time and its heat.`,
  };
  readonly job = input.required<BakeJob>();

  protected readonly settings = inject(ThisBake);
  protected readonly dial = inject(OwnDial);
  private readonly sweeps = inject(Sweeps);
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);

  protected readonly how = [
    $localize`The bake is simulated at 21 set points from 130 to 230 °C, stages moving with it; between two of them a straight line.`,
    $localize`A time is met where the sweep crosses it; a crust where the colour of the top when done is that of the known bake in its own pan.`,
    $localize`Two in one oven: each is simulated with the other’s mass cooling the oven and its area holding back the air, and the set point taken at which both crusts are nearest to what they would have alone.`,
  ];
  protected readonly inAt = signal('13:20');
  protected readonly outBy = signal('14:20');
  protected readonly typedMinutes = signal<number | undefined>(undefined);
  protected readonly partner = signal<string | undefined>(undefined);
  protected readonly wanted = computed(() => {
    const typed = this.typedMinutes();
    if (typed !== undefined) return typed;
    const [from, to] = [minutesOfClock(this.inAt()), minutesOfClock(this.outBy())];
    return from === undefined || to === undefined ? undefined : (to - from + DAY_MINUTES) % DAY_MINUTES;
  });

  private readonly steady = toObservable(this.job).pipe(
    distinctUntilChanged((a, b) => JSON.stringify(a) === JSON.stringify(b)),
    debounceTime(QUIET_MILLISECONDS),
  );
  protected readonly sweep = toSignal(this.steady.pipe(switchMap((job) => this.sweeps.sweep(job))));
  private readonly knownCrust = toSignal(
    toObservable(this.settings.knownJob).pipe(
      switchMap((job) => (job ? this.sweeps.at(job, job.setting.celsius) : of(undefined))),
    ),
  );

  protected readonly inTime = computed(() => {
    const sweep = this.sweep();
    const wanted = this.wanted();
    if (!sweep?.done || wanted === undefined) return undefined;
    return settingInWords(
      settingForMinutes(sweep.points, wanted, this.job().setting.celsius),
      $localize`for ${minutesInWords(wanted)}`,
      this.dial.scale(),
    );
  });
  protected readonly sameCrust = computed(() => {
    const sweep = this.sweep();
    const crust = this.knownCrust();
    if (!sweep?.done || crust?.minutes === undefined) return undefined;
    return settingInWords(
      settingForColour(sweep.points, crust.topColour, this.job().setting.celsius),
      $localize`browns it as the known bake does`,
      this.dial.scale(),
    );
  });

  private readonly pair = toSignal(
    combineLatest([this.steady, toObservable(this.partner)]).pipe(
      switchMap(([job, id]) => {
        const other = id === undefined ? undefined : this.settings.otherJob(id);
        if (!other) return of(undefined);
        return combineLatest([
          this.sweeps.sweep(besideOther(job, other)),
          this.sweeps.sweep(besideOther(other, job)),
        ]).pipe(map(([ownSweep, theirs]: [Sweep, Sweep]) => ({ job, other, own: ownSweep, theirs, id })));
      }),
    ),
  );
  protected readonly shared = computed(() => {
    const pair = this.pair();
    if (!pair?.own.done || !pair.theirs.done) return undefined;
    const sharedOven = sharedSetting([
      { sweep: pair.own.points, celsius: pair.job.setting.celsius },
      { sweep: pair.theirs.points, celsius: pair.other.setting.celsius },
    ]);
    const names = [this.onBench.record()?.formula.title ?? '', this.store.formula(pair.id ?? '')?.formula.title ?? ''];
    return sharedInWords(sharedOven, names, this.dial.scale());
  });

  protected setClock(event: Event, which: 'in' | 'out'): void {
    const { value } = event.target as HTMLInputElement;
    if (minutesOfClock(value) === undefined) return;
    (which === 'in' ? this.inAt : this.outBy).set(value);
    this.typedMinutes.set(undefined);
  }
  protected take(celsius: number): void {
    this.settings.set($localize`the oven`, { celsius });
  }
}
