import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Audit } from '@orvin/core/bench/audit';
import type { Formula } from '@orvin/core/formula/formula';
import { diffFormulas, versionTree } from '@orvin/core/bench/versions';
import { QUANTITY_NAMES, quantityInWords } from '@orvin/core/words/wording';
import { gramsInWords } from '@orvin/core/words/figures';
import { ChoiceField } from '../../parts/choice';
import { Toasts } from '../../parts/toasts';
import { FormulaStore } from '../../store/formula-store';
import type { StoredVersion } from '../../store/records';
import { OnBench } from '../../work/on-bench';
import { Readings } from '../../work/readings';

const LANE = 16;
const ROW = 46;
/** Lines run on as far as a row may be tall; the row clips them. */
const LONG = 400;
const NOW = 'now';

/** Every kept change with its reason, as a tree; what differs between any two, or against any other formula; back, and on from there. */
@Component({
  selector: 'orv-versions-face',
  imports: [FormsModule, ChoiceField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 i18n>Versions</h2>
    @if (rows().length === 0) {
      <p class="said" i18n>
        <b>Nothing is kept yet.</b> Keep this state as version 1, and every later change has something to be held
        against.
      </p>
    }
    <ol class="tree" i18n-aria-label aria-label="Versions">
      @for (row of rows(); track row.version.id) {
        <li [class.base]="row.isBase">
          <svg [attr.width]="laneWidth()" [attr.height]="rowHeight" aria-hidden="true">
            @for (line of row.lines; track $index) {
              <path [attr.d]="line" />
            }
            <circle [attr.cx]="row.x" cy="16" r="5" [class.base]="row.isBase" />
          </svg>
          <div class="what">
            <b>{{ row.version.number }}</b>
            <span class="reason">{{
              row.version.reason || (row.version.parent === null ? texts.asItCame : texts.noReasonGiven)
            }}</span>
            <span class="caption">{{ row.when }}{{ row.isBase ? texts.atWork : '' }}</span>
          </div>
          <div class="acts">
            <button
              type="button"
              class="chip"
              [attr.aria-pressed]="first() === key(row.version)"
              [attr.aria-label]="texts.compareVersion(row.version.number)"
              (click)="first.set(key(row.version))"
              i18n
            >
              compare
            </button>
            <button
              type="button"
              class="quiet"
              [attr.aria-label]="texts.goOnFromItVersion(row.version.number)"
              [disabled]="row.isBase && !onBench.unkept()"
              (click)="goOnFrom(row.version)"
              i18n
            >
              go on from it
            </button>
          </div>
        </li>
      }
    </ol>
    <h3 i18n>What differs</h3>
    <div class="controls">
      <orv-choice
        i18n-ariaLabel
        ariaLabel="From"
        [options]="sides()"
        [filter]="sides().length > 9"
        [chosen]="first()"
        (choose)="first.set($event)"
      />
      <span aria-hidden="true">→</span>
      <orv-choice
        i18n-ariaLabel
        ariaLabel="To"
        [options]="sides()"
        [filter]="sides().length > 9"
        [chosen]="second()"
        (choose)="second.set($event)"
      />
    </div>
    @if (diff(); as diff) {
      @if (lines().length === 0 && steps().length === 0) {
        <p class="said" role="status" i18n><b>No line differs.</b> {{ facts() }}</p>
      } @else {
        <div class="panel">
          <table class="moves" i18n-aria-label aria-label="Lines that differ">
            <thead>
              <tr>
                <th scope="col" i18n>line</th>
                <th scope="col" i18n>from</th>
                <th scope="col" i18n>to</th>
              </tr>
            </thead>
            <tbody>
              @for (line of lines(); track $index) {
                <tr [class]="line.kind">
                  <td>
                    @if (line.kind === 'changed' && line.textBefore !== line.textAfter) {
                      <span class="was">{{ line.textBefore }}</span>
                    }
                    {{ line.kind === 'removed' ? line.textBefore : line.textAfter }}
                    <span class="caption">{{
                      line.kind === 'added' ? texts.cameIn : line.kind === 'removed' ? texts.wentOut : ''
                    }}</span>
                  </td>
                  <td class="before">{{ line.gramsBefore === undefined ? '–' : grams(line.gramsBefore) }}</td>
                  <td class="after">{{ line.gramsAfter === undefined ? '–' : grams(line.gramsAfter) }}</td>
                </tr>
              }
            </tbody>
          </table>
          @for (step of steps(); track $index) {
            <p class="said step">
              @if (step.before) {
                <span class="was">{{ step.before }}</span>
              }
              {{ step.after }}
            </p>
          }
          <p class="caption">{{ facts() }}</p>
        </div>
      }
      <ul class="readings" i18n-aria-label aria-label="Readings that differ">
        @for (row of readings(); track row.name) {
          <li>
            <span>{{ row.name }}</span> {{ row.before }} → <b [class.off]="row.off">{{ row.after }}</b>
          </li>
        }
      </ul>
    }
  `,
  styleUrl: '../../parts/panels.css',
  styles: `
    .tree > li {
      display: flex;
      align-items: flex-start;
      gap: 8px;
      min-height: 46px;
      overflow: hidden;
    }
    svg {
      flex: none;
      overflow: visible;
    }
    path {
      fill: none;
      stroke: var(--rim);
      stroke-width: 2;
    }
    circle {
      fill: var(--enamel);
      stroke: var(--rim);
      stroke-width: 2.5;
    }
    circle.base {
      fill: var(--butter);
    }
    .what {
      flex: 1;
      min-width: 0;
      padding-top: 5px;
      overflow-wrap: anywhere;
    }
    .what b {
      margin-right: 6px;
    }
    .what .caption {
      display: block;
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      justify-content: flex-end;
      gap: 4px;
    }
    .was {
      display: block;
      text-decoration: line-through;
      color: var(--ink-3);
    }
    .step {
      padding: 6px 0;
      border-top: 1px solid var(--hair);
    }
    .readings {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 18px;
      margin-top: 8px;
    }
    .readings span {
      color: var(--ink-2);
    }
    td {
      overflow-wrap: anywhere;
    }
  `,
})
export class VersionsFace {
  protected readonly texts = {
    asItCame: $localize`as it came`,
    noReasonGiven: $localize`no reason given`,
    atWork: $localize` · at work`,
    compareVersion: (number: string | number) => $localize`Compare version ${number}`,
    goOnFromItVersion: (number: string | number) => $localize`Go on from it: version ${number}`,
    cameIn: $localize`came in`,
    wentOut: $localize`went out`,
  };
  readonly formula = input.required<Formula>();
  readonly audit = input.required<Audit>();
  private readonly store = inject(FormulaStore);
  private readonly readingsOf = inject(Readings);
  private readonly toasts = inject(Toasts);
  protected readonly onBench = inject(OnBench);
  protected readonly rowHeight = ROW;
  protected readonly grams = gramsInWords;

  private readonly tree = computed(() => versionTree(this.onBench.versions()));
  protected readonly laneWidth = computed(() => LANE * (1 + Math.max(0, ...this.tree().map(({ lane }) => lane))) + 4);
  protected readonly rows = computed(() => {
    const base = this.onBench.base()?.number;
    const tree = this.tree();
    const x = (lane: number) => 8 + LANE * lane;
    const place = new Map(tree.map(({ version }, i) => [version.number, i]));
    return tree.map((row, i) => ({
      ...row,
      isBase: row.version.number === base,
      x: x(row.lane),
      when: new Date(row.version.keptAt).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' }),
      // lines that pass this row: from every child at or above it to its parent below
      lines: tree
        .flatMap(({ version, lane, parentLane }, child) => {
          const parent = version.parent === null ? undefined : place.get(version.parent);
          if (parent === undefined || parentLane === undefined || i < child || i >= parent) return [];
          const from = i === child ? 16 : 0;
          const straight = `M${x(lane)},${from} L${x(lane)},${LONG}`;
          return i < parent - 1 || lane === parentLane
            ? [straight]
            : [
                `M${x(lane)},${from} C${x(lane)},${ROW} ${x(parentLane)},${ROW - 20} ${x(parentLane)},${ROW} L${x(parentLane)},${LONG}`,
              ];
        })
        .concat(
          i > 0 &&
            tree.some(
              ({ version, lane }, child) => child < i && version.parent === row.version.number && lane === row.lane,
            )
            ? [`M${x(row.lane)},0 L${x(row.lane)},16`]
            : [],
        ),
    }));
  });

  protected readonly key = (version: StoredVersion) => `v${version.number}`;
  protected readonly sides = computed(() => [
    { id: NOW, name: $localize`as it stands now` },
    ...this.onBench
      .versions()
      .map((version) => ({ id: this.key(version), name: $localize`version ${version.number}` })),
    ...this.store
      .formulas()
      .filter(({ id }) => id !== this.onBench.id())
      .map(({ id, formula }) => ({ id, name: formula.title || $localize`unnamed` })),
  ]);
  protected readonly first = linkedSignal(() => {
    const base = this.onBench.base();
    return base ? this.key(base) : NOW;
  });
  protected readonly second = signal(NOW);

  private readonly isOwn = (side: string) =>
    side === NOW || this.onBench.versions().some((version) => this.key(version) === side);
  private formulaOf(side: string): Formula | undefined {
    if (side === NOW) return this.formula();
    return (
      this.onBench.versions().find((version) => this.key(version) === side)?.formula ??
      this.store.formula(side)?.formula
    );
  }
  protected readonly diff = computed(() => {
    const [before, after] = [this.formulaOf(this.first()), this.formulaOf(this.second())];
    return (
      before &&
      after &&
      diffFormulas(
        before,
        this.readingsOf.of(before),
        after,
        this.readingsOf.of(after),
        this.isOwn(this.first()) && this.isOwn(this.second()),
      )
    );
  });
  protected readonly lines = computed(() => this.diff()?.lines.filter(({ kind }) => kind !== 'same') ?? []);
  protected readonly steps = computed(() => this.diff()?.steps.filter(({ kind }) => kind !== 'same') ?? []);
  protected readonly facts = computed(() => {
    const facts = this.diff()?.facts ?? [];
    return facts.length === 0 ? '' : $localize`Besides: ${facts.join(', ')}.`;
  });
  protected readonly readings = computed(() =>
    (this.diff()?.readings ?? []).flatMap(({ quantity, before, after }) => {
      const [was, is] = [before, after].map((verdict) => (verdict ? quantityInWords(verdict, verdict.value) : '–'));
      return was === undefined || is === undefined || was === is
        ? []
        : [
            {
              name: QUANTITY_NAMES[quantity],
              before: was,
              after: is,
              off: after !== undefined && after.verdict !== 'within',
            },
          ];
    }),
  );

  protected goOnFrom(version: StoredVersion): void {
    const id = this.onBench.id();
    if (id === undefined) return;
    this.store.together($localize`going on from version ${version.number}`, () => {
      if (this.onBench.unkept()) this.store.keep(id, $localize`before going back to version ${version.number}`);
      this.store.goOnFrom(id, version);
    });
    this.toasts.show(
      $localize`Version ${version.number} is on the bench.`,
      $localize`What you keep next grows from it.`,
      {
        label: $localize`Undo`,
        run: () => this.store.undo(),
      },
    );
  }
}
