import { tableWords } from '@orvin/core/words/table-words';
import { LOCALE, inSentence } from '@orvin/core/ground/language';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import type { Audit } from '@orvin/core/bench/audit';
import { outlookOf } from '@orvin/core/bench/outlook';
import type { Formula } from '@orvin/core/formula/formula';
import { REGIONS, type Region } from '@orvin/core/ground/units';
import type { Keeps } from '@orvin/core/keep/keeping';
import {
  allergensIn,
  LABEL_SHEETS,
  labelOf,
  labelSheet,
  nutritionPanel,
  type QrCode,
  qrPath,
} from '@orvin/core/keep/labelling';
import { DATE_MARKS, ingredientRuns, LABEL_REGION_NAMES, labelAsText, panelRowInWords, storageInWords, type LabelRun } from '@orvin/core/words/keep-words'; // prettier-ignore
import { FigureField } from '../parts/kept-field';
import { NextAct } from '../parts/next-act';
import { saveFile } from '../parts/save-file';
import { FormulaStore } from '../store/formula-store';
import { PlanStore } from '../store/plan-store';
import { HandingOn } from '../work/handing-on';
import { Printing } from '../work/printing';
import { Readings } from '../work/readings';

const DAY = 86_400_000;
const LONG_DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'long', year: 'numeric' });
const dateOf = (at: number) => new Date(at - new Date(at).getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
const MILLIMETRES = (sheet: { width: number; height: number; columns: number; rows: number; paper: string }) =>
  $localize`${sheet.width} × ${sheet.height} mm, ${sheet.columns * sheet.rows} to a sheet of ${sheet.paper === 'a4' ? 'A4' : $localize`Letter`}`;

/** The label as a draft at its real size: ingredients by weight, allergens by the region's list, the date, and what only packets tell. */
@Component({
  selector: 'orv-label-draft',
  imports: [FigureField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 i18n>Label <span>{{ sizeWords() }}, at its real size</span></h2>
    <p class="controls">
      <label
        ><ng-container i18n>allergens of</ng-container>&ngsp;
        <select class="pick" #where (change)="setRegion(where.value)">
          @for (one of regions; track one.id) {
            <option [value]="one.id" [selected]="one.id === region()">{{ one.name }}</option>
          }
        </select>
      </label>
      <label
        ><ng-container i18n>size</ng-container>&ngsp;
        <select class="pick" #size (change)="sheetId.set(size.value)">
          @for (one of sheets; track one.id) {
            <option [value]="one.id" [selected]="one.id === sheetId()">{{ one.words }}</option>
          }
        </select>
      </label>
    </p>
    <div class="paper" [style.width.mm]="sheet().width" [style.min-height.mm]="sheet().height">
      <p class="name">
        <b>{{ label().title }}</b> <i i18n>draft</i>
      </p>
      @if (qr(); as qr) {
        <svg class="qr" [attr.viewBox]="'0 0 ' + qr.size + ' ' + qr.size" role="img" i18n-aria-label aria-label="Code that holds the formula">
          <path [attr.d]="qr.path" />
        </svg>
      }
      @for (paragraph of paragraphs(); track $index) {
        <p>
          @for (run of paragraph; track $index) {
            <span [class.strong]="run.bold">{{ run.words }}</span>
          }
        </p>
      }
      <div class="foot">
        @for (row of foot(); track $index) {
          <p>
            <span>{{ row[0] }}</span> <b>{{ row[1] }}</b>
          </p>
        }
      </div>
    </div>
    <p class="controls">
      <label>{{ mark() }} <input type="date" class="line-input" #on [value]="date()" (change)="setDate(on.value)" /></label>
      <label
        ><ng-container i18n>net weight</ng-container>&ngsp;
        <input
          class="line-input short"
          [orvFigure]="net()"
          [lowest]="1"
          [highest]="50000"
          unit="g"
          keptAs="net weight of the label"
          (figureSaid)="net.set($event)"
        />&ngsp;
        <ng-container i18n>g, weighed</ng-container></label
      >
      <label
        ><ng-container i18n>labels</ng-container>&ngsp;
        <input
          class="line-input short"
          [orvFigure]="count()"
          [lowest]="1"
          [highest]="500"
          [whole]="true"
          keptAs="how many labels"
          (figureSaid)="count.set($event ?? 1)"
        />
      </label>
      <label class="tick"
        ><input type="checkbox" [checked]="withPanel()" (change)="withPanel.set(!withPanel())" /> <ng-container i18n>nutrition, estimated</ng-container></label
      >
      <label class="tick"
        ><input type="checkbox" [checked]="withQr()" (change)="toggleQr()" /> <ng-container i18n>a code that holds the formula</ng-container></label
      >
    </p>
    <dl>
      @for (row of facts(); track row.what) {
        <div>
          <dt>{{ row.what }}</dt>
          <dd>{{ row.words }}</dd>
        </div>
      }
    </dl>
    <p class="draft" i18n>
      <b>A draft, not legal advice.</b> Selling or giving to the public: local food rules and registration come first.
      Lists are as remembered; check each against your authority’s page, and the packets.
    </p>
    @if (problem()) {
      <p role="alert">▲ {{ problem() }}</p>
    }
    <p class="controls">
      <button type="button" class="quiet" (click)="text()" i18n>As text</button>
    </p>
  `,
  styleUrls: ['../parts/panels.css', './label-draft.css'],
})
export class LabelDraftView {
  readonly formula = input.required<Formula>();
  readonly audit = input.required<Audit>();
  readonly keeps = input.required<Keeps>();
  readonly formulaId = input<string>();
  readonly madeAt = input.required<number>();
  /** How many pieces of it are left, once it was put away. */
  readonly left = input<number>();
  private readonly formulas = inject(FormulaStore);
  private readonly plans = inject(PlanStore);
  private readonly readings = inject(Readings);
  private readonly printing = inject(Printing);
  private readonly offers = inject(NextAct);
  private readonly handingOn = inject(HandingOn);

  protected readonly regions = REGIONS.map((id) => ({ id, name: LABEL_REGION_NAMES[id] }));
  protected readonly sheets = LABEL_SHEETS.map((sheet) => ({ id: sheet.id, words: MILLIMETRES(sheet) }));
  protected readonly sheetId = signal(LABEL_SHEETS[0].id);
  protected readonly sheet = computed(() => labelSheet(this.sheetId()) ?? LABEL_SHEETS[0]);
  protected readonly sizeWords = computed(() => `${this.sheet().width} × ${this.sheet().height} mm`);
  protected readonly region = linkedSignal<Region>(() => this.formula().region);
  /** What else a day has on the same bench. */
  private readonly sameDay = computed(() => {
    const id = this.formulaId();
    const days = this.plans.plans().filter(({ sheet }) => sheet.wishes.some(({ formulaId }) => formulaId === id));
    const others = new Set(days.flatMap(({ sheet }) => sheet.wishes.map(({ formulaId }) => formulaId)).filter((other) => other !== id));
    return [...others].flatMap((other) => {
      const formula = this.formulas.formula(other)?.formula;
      return formula ? allergensIn(this.readings.of(formula)) : [];
    });
  });
  protected readonly label = computed(() => labelOf(this.formula(), this.audit(), this.region(), this.keeps(), this.sameDay()));
  protected readonly mark = computed(() => inSentence(DATE_MARKS[this.label().dateMark]));
  private readonly days = computed(() => this.keeps().whole.mustBeCold ? this.keeps().whole.fridgeDays : this.keeps().whole.roomDays);
  protected readonly date = linkedSignal(() => dateOf(this.madeAt() + this.days() * DAY));
  protected readonly net = signal<number | undefined>(undefined);
  /** A label for each piece that is left; what is sliced at home has one. */
  protected readonly count = linkedSignal(() => {
    const { said, count } = outlookOf(this.formula(), this.audit(), this.formulas.kitchen()).portions;
    return said ? Math.max(1, Math.round(this.left() ?? count)) : 1;
  });
  protected readonly withPanel = signal(false);
  protected readonly withQr = signal(false);
  private readonly code = signal<QrCode | undefined>(undefined);
  protected readonly qr = computed(() => {
    const code = this.withQr() ? this.code() : undefined;
    return code && { size: code.size, path: qrPath(code) };
  });

  private readonly portions = computed(() => {
    const { count, of, said } = outlookOf(this.formula(), this.audit(), this.formulas.kitchen()).portions;
    if (this.count() > 1) return $localize`one of them`;
    const pieces = Math.round(this.left() ?? count);
    if (!said) return $localize`${pieces} slices`;
    return of === 'portions' ? $localize`${pieces} portions` : `${pieces} ${of}`;
  });
  private readonly dateWords = computed(() => {
    const at = new Date(`${this.date()}T12:00`).getTime();
    return Number.isFinite(at) ? LONG_DAY.format(at) : '__________';
  });
  protected readonly paragraphs = computed((): readonly (readonly LabelRun[])[] => {
    const label = this.label();
    const plain = (words: string): LabelRun => ({ words, bold: false });
    const strong = (all: readonly string[]) => all.flatMap((words, i) => [...(i > 0 ? [plain(', ')] : []), { words, bold: true }]);
    const { per100gBaked } = outlookOf(this.formula(), this.audit(), this.formulas.kitchen()).nutrition;
    const panel = nutritionPanel(per100gBaked, this.region()).map(panelRowInWords).map(({ name, figure }) => `${name} ${figure}`).join(', ');
    return [
      [plain($localize`Ingredients: `), ...ingredientRuns(label), plain('.')],
      ...(label.mayContain.length > 0 ? [[plain($localize`May contain `), ...strong(label.mayContain.map(tableWords)), plain('.')]] : []),
      ...(this.withPanel() ? [[plain($localize`100 g, estimated: ${panel}.`)]] : []),
    ];
  });
  protected readonly foot = computed((): [string, string][] => {
    const net = this.net();
    return [
      [`${DATE_MARKS[this.label().dateMark]} ${this.dateWords()}`, net === undefined ? $localize`weigh it` : `${net} g`],
      [storageInWords(this.label()), this.portions()],
    ];
  });
  protected readonly facts = computed(() => {
    const { allergens, fromPackets, missing, unknown } = this.label();
    const row = (what: string, words: readonly string[]) => (words.length > 0 ? [{ what, words: words.join(', ') }] : []);
    return [
      { what: $localize`allergens`, words: allergens.length > 0 ? allergens.map(tableWords).join(', ') : $localize`none of the list` },
      ...row($localize`see the packet of`, fromPackets),
      ...row($localize`not on the label`, missing),
      ...row($localize`nothing known of`, unknown),
    ];
  });
  protected readonly printWords = computed(() => $localize`Print ${this.count()} ${this.count() === 1 ? $localize`label` : $localize`labels`}`);
  protected readonly busy = signal(false);
  protected readonly problem = signal('');

  constructor() {
    effect((onCleanup) => {
      this.offers.offer.set(this.busy() ? undefined : { label: this.printWords(), run: () => void this.print() });
      onCleanup(() => this.offers.offer.set(undefined));
    });
  }
  /** The formula as text, in a square that a phone reads; pasted into any Orvin it is the formula again. */
  protected async toggleQr(): Promise<void> {
    this.withQr.update((on) => !on);
    this.problem.set('');
    if (!this.withQr()) return;
    const { qrCodeOf, MOST_IN_QR } = await import('../work/qr-code');
    const [file] = await this.handingOn.files([this.formulaId() ?? ''], 'text');
    const code = file && (await qrCodeOf(file.text));
    this.code.set(code);
    if (code) return;
    this.withQr.set(false);
    this.problem.set($localize`This formula is longer than the ${MOST_IN_QR} letters that can be read again from a label. Hand it on as a file instead.`);
  }
  protected setRegion(id: string): void {
    const region = REGIONS.find((each) => each === id);
    if (region) this.region.set(region);
  }
  protected setDate(date: string): void {
    if (date !== '') this.date.set(date);
  }
  private async print(): Promise<void> {
    this.busy.set(true);
    this.problem.set('');
    try {
      const code = this.withQr() ? this.code() : undefined;
      const label = { title: this.label().title, paragraphs: this.paragraphs(), foot: this.foot(), ...(code && { qr: code }) };
      const pdf = await this.printing.labelPdf(label, this.sheetId(), this.count());
      saveFile('labels.pdf', new Uint8Array(pdf), 'application/pdf');
    } catch (error) {
      this.problem.set(error instanceof Error ? error.message : String(error));
    }
    this.busy.set(false);
  }
  protected text(): void {
    saveFile('label.txt', labelAsText(this.label()), 'text/plain');
  }
} // prettier-ignore
