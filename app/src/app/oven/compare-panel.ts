import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { SelectButton } from 'primeng/selectbutton';
import type { BakeFrame, BakeJob, BakePrediction } from '@orvin/core/oven/baking';
import { colourInWords, comparedInWords, noBakeInWords } from '@orvin/core/words/oven-words';
import { minutesInWords, windowInWords } from '@orvin/core/words/figures';
import { Chart, type ChartLine } from '../parts/chart';
import { HowWords } from '../parts/how-words';
import { OwnDial } from '../parts/own-dial';
import { BakeForesight } from '../work/foresight';
import { PanField } from './pan-field';
import { ThisBake } from './this-bake';
import { degreesOn, type HeatScale } from '@orvin/core/ground/units';

type Quantity = 'core' | 'crust' | 'colour' | 'moisture';
interface Shown {
  readonly id: Quantity;
  readonly name: string;
  /** @param degrees °C or °F */
  readonly title: (degrees: string) => string;
  readonly of: (frame: BakeFrame, scale: HeatScale) => number;
}
const CORE: Shown = {
  id: 'core',
  name: $localize`Core`,
  title: (degrees) => $localize`middle, ${degrees}`,
  of: ({ coreCelsius }, scale) => degreesOn(scale, coreCelsius),
};
const QUANTITIES: readonly Shown[] = [
  CORE,
  {
    id: 'crust',
    name: $localize`Crust`,
    title: (degrees) => $localize`top crust, ${degrees}`,
    of: ({ topCelsius }, scale) => degreesOn(scale, topCelsius),
  },
  {
    id: 'colour',
    name: $localize`Colour`,
    title: () => $localize`colour, 1 is golden`,
    of: ({ topColour }) => topColour,
  },
  {
    id: 'moisture',
    name: $localize`Moisture`,
    title: () => $localize`water lost, % of the batter`,
    of: ({ massLost }) => 100 * massLost,
  },
];
const MOST_WAYS = 3;
const WORKING = $localize`working it out…`;
/** Suggested until the baker names ways of their own. */
const STARTERS: Readonly<Record<HeatScale, readonly string[]>> = {
  C: ['12-cup muffin tin', '20 cm square tin', '8 in round x 2', '10 in bundt', 'at 160 °C fan'],
  F: ['12-cup muffin tin', '8 in square tin', '8 in round x 2', '10 in bundt', 'at 325 °F fan'],
};
/** Another heat instead of another pan, as an example. */
const ANOTHER_HEAT: Readonly<Record<HeatScale, string>> = { C: 'at 160 fan', F: 'at 325 fan' };

interface Row {
  readonly name: string;
  readonly strong: boolean;
  readonly bake?: BakePrediction;
  readonly problem?: string;
}

/** The same batter another way: up to four side by side, in figures and in curves. */
@Component({
  selector: 'orv-compare-panel',
  imports: [Chart, FormsModule, HowWords, PanField, SelectButton],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="ways">
      <h2 id="ways">{{ rows().length > 1 ? texts.waysToBakeIt(rows().length) : texts.compareItWithAnotherWay }}</h2>
      @if (settings.ways().length < most) {
        <div class="controls">
          <orv-pan-field
            inputId="another-way"
            i18n-ariaLabel
            ariaLabel="Another way to bake it"
            class="another"
            [written]="typed()"
            (said)="typed.set($event)"
            (picked)="add($event)"
            (confirmed)="addTyped()"
            [placeholder]="texts.anotherPanOr(anotherHeat())"
          />
          @for (pan of starters(); track pan) {
            <button type="button" class="chip" (click)="add(pan)">{{ pan }}</button>
          }
        </div>
      }
      @if (rows().length > 1) {
        <p class="verdict">{{ verdict() }}</p>
        <div class="scroll">
          <table class="ways" role="table">
            <thead role="rowgroup">
              <tr role="row">
                <th scope="col" role="columnheader" i18n>way</th>
                <th scope="col" role="columnheader" i18n>done in</th>
                <th scope="col" role="columnheader" i18n>look</th>
                <th scope="col" role="columnheader" i18n>oven</th>
                <th scope="col" role="columnheader" i18n>top</th>
                <th scope="col" role="columnheader" i18n>dries</th>
                <th scope="col" role="columnheader" i18n>full</th>
                <td role="cell"></td>
              </tr>
            </thead>
            <tbody role="rowgroup">
              @for (row of rows(); track row.name; let i = $index) {
                <tr role="row" [class.own]="row.strong">
                  <th scope="row" role="rowheader">{{ row.name }}</th>
                  @if (row.bake; as bake) {
                    <td role="cell" class="time">{{ windowOf(bake) }}</td>
                    <td role="cell" data-of="look">{{ minutes(bake.minutes.first) }}</td>
                    <td role="cell">{{ dial.heat(bake.celsius) }}{{ bake.fan ? texts.fan : '' }}</td>
                    <td role="cell" data-of="top">{{ colour(bake.topColour) }}</td>
                    <td role="cell" data-of="dries">
                      {{ round(bake.weightLossPercent.low) }}–{{ round(bake.weightLossPercent.high) }} %
                    </td>
                    <td role="cell" data-of="full">{{ bake.fill ? round(bake.fill.fraction * 100) + ' %' : '–' }}</td>
                  } @else {
                    <td role="cell" colspan="6" class="quiet-words">{{ row.problem }}</td>
                  }
                  <td role="cell">
                    @if (!row.strong) {
                      <button
                        type="button"
                        class="quiet"
                        (click)="remove(i - 1)"
                        [attr.aria-label]="texts.takeAway(row.name)"
                      >
                        ×
                      </button>
                    }
                  </td>
                </tr>
              }
            </tbody>
          </table>
        </div>
        <div class="controls">
          <p-selectbutton
            i18n-ariaLabel
            ariaLabel="What the curves show"
            [options]="quantities"
            optionLabel="name"
            optionValue="id"
            [allowEmpty]="false"
            [ngModel]="quantity()"
            (ngModelChange)="quantity.set($event)"
          />
        </div>
        <orv-chart
          [lines]="lines()"
          [across]="{ title: texts.minutesInTheOven }"
          [up]="{ title: shown().title(dial.degrees()) }"
          [marks]="marks()"
          [label]="texts.ofEachWayOverTime(shown().name)"
        />
        <orv-how-words [lines]="how" />
        <p class="caption" i18n>
          Curves are the model’s own, good for comparing: a probe reads the middle one to three degrees lower at the
          end.
        </p>
      }
    </section>
  `,
  styleUrls: ['../parts/panels.css', './oven-panels.css'],
})
export class ComparePanel {
  protected readonly texts = {
    waysToBakeIt: (count: string | number) => $localize`${count} ways to bake it`,
    anotherPanOr: (heat: string) => $localize`another pan, or “${heat}”`,
    compareItWithAnotherWay: $localize`Compare it with another way`,
    fan: $localize` fan`,
    takeAway: (name: string | number) => $localize`Take away ${name}`,
    minutesInTheOven: $localize`minutes in the oven`,
    ofEachWayOverTime: (name: string | number) => $localize`${name} of each way over time`,
  };
  readonly bake = input.required<BakePrediction>();
  readonly name = input.required<string>();

  protected readonly settings = inject(ThisBake);
  private readonly foresight = inject(BakeForesight);
  protected readonly dial = inject(OwnDial);
  protected readonly how = [
    $localize`Each way is the same batter, simulated in its own pan at its own set point and leaning on the same known bake.`,
    $localize`Top is the simulated browning at the likely minute; dries is the weight lost when cooled, two points either way.`,
    $localize`Domes most: most of it still flows when the crumb at the wall sets. An order, not a height.`,
  ];
  protected readonly most = MOST_WAYS;
  protected readonly typed = signal('');
  protected readonly quantity = signal<Quantity>('core');
  protected readonly quantities = [...QUANTITIES];

  private readonly jobs = computed(() => this.settings.ways().flatMap(({ job }): BakeJob[] => (job ? [job] : [])));
  private readonly foreseen = toSignal(this.foresight.foreseeAll(toObservable(this.jobs)), { initialValue: [] });
  protected readonly rows = computed((): readonly Row[] => {
    let at = 0;
    const rows = this.foreseen();
    const named = new Map([[JSON.stringify(this.settings.job()), this.name()]]);
    const others = this.settings.ways().map(({ written, job }): Row => {
      const row = { name: written, strong: false };
      const same = job && named.get(JSON.stringify(job));
      if (job) named.set(JSON.stringify(job), same ?? written);
      if (!job) return { ...row, problem: $localize`Orvin cannot read that as a pan; write a shape and a size.` };
      const result = rows[at++];
      // one bake under two names is no comparison
      if (same !== undefined) return { ...row, problem: $localize`The same bake as “${same}”.` };
      if (result?.state === 'failed') return { ...row, problem: result.message };
      if (result?.state !== 'ready') return { ...row, problem: WORKING };
      return result.result.kind === 'foreseen'
        ? { ...row, bake: result.result.bake }
        : { ...row, problem: noBakeInWords(result.result, this.dial.scale()).say };
    });
    return [{ name: this.name(), strong: true, bake: this.bake() }, ...others];
  });
  protected readonly anotherHeat = computed(() => ANOTHER_HEAT[this.dial.scale()]);
  protected readonly starters = computed(() => {
    const taken = new Set([this.name(), ...this.settings.ways().map(({ written }) => written)]);
    return STARTERS[this.dial.scale()].filter((starter) => !taken.has(starter)).slice(0, 3);
  });
  protected readonly shown = computed(() => QUANTITIES.find(({ id }) => id === this.quantity()) ?? CORE);
  /** The curves are drawn anew when all of them are there: until then the last ones stand. */
  private readonly settled = linkedSignal<readonly Row[], readonly Row[]>({
    source: this.rows,
    computation: (rows, before) =>
      rows.every(({ bake, problem }) => bake !== undefined || problem !== WORKING) ? rows : (before?.value ?? rows),
  });
  protected readonly lines = computed((): readonly ChartLine[] =>
    this.settled().flatMap(({ name, strong, bake }) =>
      bake
        ? [
            {
              name,
              strong,
              x: bake.frames.map(({ minute }) => minute),
              y: bake.frames.map((frame) => this.shown().of(frame, this.dial.scale())),
            },
          ]
        : [],
    ),
  );
  protected readonly marks = computed(() => {
    if (this.quantity() === 'colour')
      return [
        { y: 1, words: $localize`golden` },
        { y: 1.4, words: $localize`too dark` },
      ];
    return [];
  });

  /** Which is done when, which browns, which domes, which dries: in words, from the figures. */
  protected readonly verdict = computed(() => {
    return comparedInWords(this.rows().flatMap(({ name, bake }) => (bake ? [{ name, bake }] : [])));
  });

  protected windowOf = ({ minutes: { low, high } }: BakePrediction) => windowInWords(low, high);
  protected minutes = minutesInWords;
  protected round = Math.round;
  protected colour = colourInWords;

  protected addTyped(): void {
    const words = this.typed().trim();
    if (words !== '') this.add(words);
  }
  protected add(way: string): void {
    const ways = this.settings.sheet().compare ?? [];
    if (ways.length >= MOST_WAYS || ways.includes(way)) return;
    this.settings.set($localize`the comparison`, { compare: [...ways, way] });
    this.typed.set('');
  }
  protected remove(index: number): void {
    const ways = (this.settings.sheet().compare ?? []).filter((_, i) => i !== index);
    this.settings.set($localize`the comparison`, { compare: ways.length > 0 ? ways : undefined });
  }
}
