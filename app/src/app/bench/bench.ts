import { writtenBakeJob } from '@orvin/core/batch/bake-jobs';
import { REGION_NAMES } from '@orvin/core/words/names';
import { ChangeDetectionStrategy, afterNextRender, Component, computed, inject, input, DOCUMENT } from '@angular/core';
import { takeUntilDestroyed, toObservable, toSignal } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import { fromEvent } from 'rxjs';
import { bakeFindings, findingsIn, sortedOut } from '@orvin/core/bench/findings';
import { styleBook, styleName, styleShortName } from '@orvin/core/batter/balance';
import { lineOf } from '@orvin/core/formula/formula';
import { REGIONS } from '@orvin/core/ground/units';
import { ChoiceField } from '../parts/choice';
import { Keeping } from '../parts/keeping';
import { MARKS } from '../parts/marks';
import { atStation } from '../parts/at-station';
import { StationLayout } from '../parts/station-layout';
import { Toasts } from '../parts/toasts';
import { FormulaStore } from '../store/formula-store';
import { BakeForesight } from '../work/foresight';
import { OnBench } from '../work/on-bench';
import { Intake } from '../work/intake';
import { Readings } from '../work/readings';
import { Adapting } from './adapting';
import { BandList } from './band-list';
import { ChangeFromBook } from './change-from-book';
import { CouldGoWrong } from './could-go-wrong';
import { CrumbReading } from './crumb-reading';
import { FaceTabs } from '../parts/face-tabs';
import { FACES, faceOf } from './face-list';
import { PortionFace } from './faces/portion-face';
import { RebalanceFace } from './faces/rebalance-face';
import { SchoolsFace } from './faces/schools-face';
import { SwapFace } from './faces/swap-face';
import { TryOutFace } from './faces/try-out-face';
import { VersionsFace } from './faces/versions-face';
import { How } from './how';
import { BatterOutlook } from './outlook';
import { DragRows, type RowMoved } from './drag-rows';
import { FormulaLineRow } from './formula-line';
import { GasStrip } from './gas-strip';
import { LedgerPicture } from './ledger-picture';
import { LedgerTable } from './ledger-table';
import { ledgerView } from './ledger-view';
import { LineEditing } from './line-editing';
import { LineReading } from './line-reading';
import { NoteList } from './note-list';
import { PhScale } from './ph-scale';
import { StepEditing } from './step-editing';
import { SpokenVerdict } from './spoken-verdict';
import { StepList } from './step-list';
import { OwnDial } from '../parts/own-dial';

@Component({
  selector: 'orv-bench',
  imports: [
    BandList,
    DragRows,
    ChangeFromBook,
    CouldGoWrong,
    FaceTabs,
    CrumbReading,
    FormsModule,
    FormulaLineRow,
    GasStrip,
    How,
    LedgerPicture,
    LedgerTable,
    LineReading,
    NoteList,
    PhScale,
    PortionFace,
    RebalanceFace,
    RouterLink,
    SchoolsFace,
    ChoiceField,
    SpokenVerdict,
    StationLayout,
    StepList,
    SwapFace,
    TryOutFace,
    VersionsFace,
  ],
  providers: [Adapting, BatterOutlook, LineEditing, StepEditing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './bench.html',
  styleUrl: './bench.css',
})
export class Bench {
  protected readonly texts = {
    nameOfThePart: (name: string | number) => $localize`Name of the part ${name}`,
    besideTheBatterWeighedNotBalanced: $localize`beside the batter: weighed, not balanced`,
    moveUp: (name: string | number) => $localize`Move ${name} up`,
    dissolveItsLinesGoToThe: (name: string | number) =>
      $localize`Dissolve ${name}:name:: its lines go to the part before`,
    nextLineIn: (name: string | number) => $localize`Next line in ${name}`,
    noFlourYet: $localize`no flour yet`,
    allInBand: $localize`all in band`,
    outsideTheStyle: (outside: string | number) => $localize`${outside} outside the style`,
  };
  /** From the route. */
  readonly id = input.required<string>();
  /** Which face the readings show: a query parameter, so that it survives a reload. */
  readonly at = input<string>();
  /** A change that the Book proposes: the cause, the bake, the faults seen. */
  readonly because = input<string>();
  readonly of = input<string>();
  readonly faults = input<string>();

  private readonly dial = inject(OwnDial);
  private readonly store = inject(FormulaStore);
  private readonly readings = inject(Readings);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private readonly intake = inject(Intake);
  protected readonly onBench = inject(OnBench);
  protected readonly editing = inject(LineEditing);
  protected readonly stepEditing = inject(StepEditing);

  protected readonly record = computed(() => this.store.formula(this.id()));
  protected readonly formula = computed(() => this.record()?.formula);
  protected readonly audit = computed(() => {
    const formula = this.formula();
    return formula && this.readings.of(formula);
  });
  protected readonly lines = computed(() => new Map(this.audit()?.lines.map((line) => [line.lineId, line])));
  protected readonly mostPercent = computed(() =>
    Math.max(...(this.audit()?.lines.map(({ bakersPercent }) => bakersPercent ?? 0) ?? [0])),
  );
  protected readonly inBatter = computed(
    () => new Map(this.audit()?.weighed.components.map(({ id, inBatter }) => [id, inBatter])),
  );
  /** What the heat model says of the written time: it comes a moment later, out of the worker. */
  private readonly foreseen = toSignal(
    inject(BakeForesight).foresee(
      toObservable(
        computed(() => {
          const formula = this.formula();
          const audit = this.audit();
          return formula && audit && writtenBakeJob({ formula, audit, kitchen: this.store.kitchen() });
        }),
      ),
    ),
  );
  /** What is found without baking it: the simulation may still be on its way. */
  private readonly found = computed(() => {
    const formula = this.formula();
    return formula ? findingsIn(formula, this.readings.around(), this.audit()) : { findings: [], setAside: [] };
  });
  /** Everything that was found, what was set aside apart. */
  protected readonly sorted = computed(() => {
    const formula = this.formula();
    if (!formula) return { findings: [], setAside: [] };
    const foreseen = this.foreseen();
    const simulated = foreseen?.state === 'ready' ? bakeFindings(formula, foreseen.result, this.audit()) : [];
    const { findings, setAside } = sortedOut(simulated, formula);
    const found = this.found();
    return { findings: [...found.findings, ...findings], setAside: [...found.setAside, ...setAside] };
  });
  protected readonly active = computed(() => {
    const formula = this.formula();
    const id = this.editing.active();
    return formula && id !== undefined ? lineOf(formula, id) : undefined;
  });
  protected readonly ledger = computed(() => {
    const audit = this.audit();
    const formula = this.formula();
    return audit && formula && audit.totals.flour > 0
      ? ledgerView(audit.ledger, formula.region, this.dial.scale())
      : undefined;
  });
  /** How grave it is that soda is left over; none where the style bears it, or the baker means it. */
  protected readonly sodaMark = computed(() => {
    const found = this.found().findings.find(({ code }) => code === 'soda-left-over' || code === 'soda-without-acid');
    return found && { severity: found.severity, shape: MARKS[found.severity].shape };
  });
  /** The bands of the last kept version, for the ghosts: against the style of today. */
  protected readonly verdictsBefore = computed(() => {
    const last = this.onBench.base();
    return last && this.onBench.unkept() ? this.readings.of(last.formula).verdicts : [];
  });
  protected readonly styleChoices = computed(() => {
    const audit = this.audit();
    const region = this.formula()?.region ?? 'UK';
    const detected = audit && !audit.styleChosen ? audit.style : undefined;
    const first = {
      id: '',
      name: audit?.beyond
        ? $localize`none of the styles`
        : detected
          ? $localize`${styleShortName(detected, region)}, by its amounts`
          : $localize`what its amounts say`,
    };
    return [
      first,
      ...styleBook(this.store.kitchen().styles).all.map((style) => ({ id: style.id, name: styleName(style, region) })),
    ];
  });
  protected readonly chosenStyle = computed(() => this.formula()?.styleId ?? '');
  protected readonly runnerUp = computed(() => {
    const audit = this.audit();
    return audit?.runnerUp && !audit.styleChosen
      ? { id: audit.runnerUp.id, name: styleShortName(audit.runnerUp, this.formula()?.region ?? 'UK') }
      : undefined;
  });
  protected readonly regions = REGIONS.map((region) => ({ id: region, name: REGION_NAMES[region] }));
  protected readonly outside = computed(
    () => this.audit()?.verdicts.filter(({ severity }) => severity !== 'none').length ?? 0,
  );

  protected readonly faces = FACES;
  protected readonly face = computed(() => faceOf(this.at()));

  constructor() {
    const foresight = inject(BakeForesight);
    afterNextRender(() => foresight.warmUpSoon());
    const keeping = inject(Keeping);
    atStation(
      this.id,
      () =>
        keeping.offer() ?? {
          label: $localize`To the oven`,
          run: () => void this.router.navigate(['/oven', this.id()]),
        },
    );
    fromEvent<ClipboardEvent>(inject(DOCUMENT), 'paste')
      .pipe(takeUntilDestroyed())
      .subscribe((event) => this.paste(event));
  }

  protected show(face: string): void {
    void this.router.navigate([], {
      queryParams: { at: face === 'judge' ? null : face },
      queryParamsHandling: 'merge',
      replaceUrl: true,
    });
  }

  /** To a line or a step. */
  protected goTo(id: string): void {
    if (this.formula()?.steps.some((step) => step.id === id)) this.stepEditing.moveFocus(id);
    else this.editing.moveFocus(id);
  }

  protected put({ row, list, at }: RowMoved): void {
    this.editing.move(row, list, at);
  }

  /** A whole formula pasted outside a field is a new formula. */
  private paste(event: ClipboardEvent): void {
    if (event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return;
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (text.trim() === '') return;
    event.preventDefault();
    void this.bring(text);
  }

  private async bring(text: string): Promise<void> {
    const { added, refusals } = await this.intake.take([{ name: '', text: () => Promise.resolve(text) }]);
    const [record] = added;
    if (!record) {
      this.toasts.show($localize`What you pasted is not on the bench.`, refusals[0]?.why ?? '');
      return;
    }
    void this.router.navigate(['/bench', record.id]);
    this.toasts.show(
      $localize`${record.formula.title || $localize`The pasted formula`} is on the bench.`,
      $localize`The one before is on the shelf, as you left it.`,
      { label: $localize`Undo`, run: () => this.store.undo() },
    );
  }
}
