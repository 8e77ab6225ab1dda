import { InputText } from 'primeng/inputtext';
import { inFileName } from '@orvin/core/words/figures';
import { FigureField } from '../parts/kept-field';
import { BOX_LININGS, PAPERS, type BoxLining, type Paper, MOST_MARKS } from '@orvin/core/batch/choices';
import { LINING_NAMES, PAPER_NAMES } from '@orvin/core/words/names';
import type { Portion } from '@orvin/core/batch/plan';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { DomainError } from '@orvin/core/ground/errors';
import { liningInWords, liningSizeInWords, careInWords, pansInWords } from '@orvin/core/words/batch-words';
import { liningFor, liningSvg, pathData, tilingFor, type LiningPiece } from '@orvin/core/batch/lining';
import { saveFile } from '../parts/save-file';
import { Toasts } from '../parts/toasts';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';
import { Printing } from '../work/printing';
import { ThisBatch } from './this-batch';
import { OwnDial } from '../parts/own-dial';

/** Each piece of paper, drawn; as a template at its real size. */
@Component({
  selector: 'orv-lining-pieces',
  imports: [FigureField, InputText],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (lining of linings(); track $index; let at = $index) {
      <h3>{{ lining.name }}</h3>
      @for (care of lining.care; track care.say) {
        <p class="said">
          <b>{{ care.say }}</b> {{ care.why }}
        </p>
      }
      @if (lining.refused) {
        <p class="said" role="status">
          <span class="mark mark-warning" aria-hidden="true">▲</span> {{ lining.refused }}
        </p>
      }
      <ul>
        @for (piece of lining.pieces; track piece.name) {
          <li>
            <svg
              [attr.data-picture]="piece.name"
              [attr.viewBox]="piece.box"
              class="paper"
              role="img"
              [attr.aria-label]="piece.name"
            >
              @for (path of piece.paths; track $index) {
                <path [attr.d]="path.d" [class.fold]="path.fold" vector-effect="non-scaling-stroke" />
              }
            </svg>
            <p class="said">
              <b>{{ piece.name }}</b> {{ piece.size }}. {{ piece.how }}
              <button
                type="button"
                class="quiet"
                (click)="svg(at, piece.piece)"
                [attr.aria-label]="texts.svgOf(piece.name)"
              >
                SVG
              </button>
            </p>
          </li>
        }
      </ul>
      @if (lining.pieces.length > 0) {
        <div class="controls">
          @if (lining.box) {
            <span role="group" i18n-aria-label aria-label="Way to line">
              @for (way of ways; track way.id) {
                <button
                  type="button"
                  class="chip"
                  [attr.aria-pressed]="way.id === chosenWay()"
                  (click)="setWay(way.id)"
                >
                  {{ way.name }}
                </button>
              }
            </span>
          }
          @if (!lining.inCups) {
            <label class="marks"
              ><ng-container i18n>marks for swirls or portions</ng-container>&ngsp;
              <input
                pInputText
                [orvFigure]="settings.sheet().marks"
                [lowest]="1"
                [highest]="mostMarks"
                [whole]="true"
                [keptAs]="settings.field('marks')"
                (figureSaid)="settings.set(texts.theGuide, { marks: $event })"
                placeholder="–"
            /></label>
          }
          <span role="group" i18n-aria-label aria-label="Printer paper">
            @for (paper of papers; track paper.id) {
              <button
                type="button"
                class="chip"
                [attr.aria-pressed]="paper.id === chosenPaper()"
                (click)="setPaper(paper.id)"
              >
                {{ paper.name }}
              </button>
            }
          </span>
          <button type="button" class="act" [disabled]="busy()" (click)="pdf(at)">PDF, {{ lining.pages }}</button>
        </div>
      }
    }
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    li {
      display: grid;
      grid-template-columns: 116px minmax(0, 1fr);
      align-items: center;
      gap: 14px;
      padding: 6px 0;
      border-top: 1px solid var(--hair);
    }
    .paper {
      width: 116px;
      max-height: 92px;
    }
    .paper path {
      fill: var(--enamel-2);
      fill-opacity: 0.6;
      stroke: var(--ink);
      stroke-width: 1.5;
    }
    .paper path.fold {
      fill: none;
      stroke-dasharray: 4 3;
      stroke: var(--rim);
    }
    .marks input {
      width: 3.6rem;
      text-align: right;
    }
    .controls [role='group'] {
      display: flex;
      gap: 4px;
    }
  `,
})
export class LiningPieces {
  protected readonly texts = {
    svgOf: (name: string | number) => $localize`SVG of ${name}`,
    theGuide: $localize`the guide`,
  };
  readonly portions = input.required<readonly Portion[]>();
  private readonly dial = inject(OwnDial);
  protected readonly settings = inject(ThisBatch);
  protected readonly mostMarks = MOST_MARKS;
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly printing = inject(Printing);
  private readonly toasts = inject(Toasts);
  protected readonly ways = BOX_LININGS.map((id) => ({ id, name: LINING_NAMES[id] }));
  protected readonly papers = PAPERS.map((id) => ({ id, name: PAPER_NAMES[id] }));
  protected readonly busy = signal(false);
  protected readonly chosenWay = computed(() => this.settings.sheet().lining ?? 'sling');
  protected readonly chosenPaper = computed<Paper>(() => {
    const region = this.onBench.record()?.formula.region;
    return this.settings.sheet().paper ?? (region === 'US' || region === 'CA' ? 'letter' : 'a4');
  });

  protected readonly linings = computed(() => {
    const baked = this.settings.bake()?.portions ?? [];
    return this.portions().map(({ set }, i) => {
      const bake = baked[i];
      const [pieces, refused] = this.piecesOf(set);
      const pages = pieces.reduce((sum, piece) => sum + tilingFor(piece, this.chosenPaper()).tiles.length, 0);
      return {
        name: pansInWords(set, this.onBench.record()?.formula.region ?? 'UK'),
        set,
        refused,
        care: bake ? careInWords(bake, this.store.kitchen(), this.dial.scale()) : [],
        inCups: set.pan.cavities > 1,
        box: set.pan.shape === 'square' || set.pan.shape === 'rectangle' || set.pan.shape === 'loaf',
        pages: pages === 1 ? $localize`one page` : $localize`${pages} pages`,
        pieces: pieces.map((piece) => ({
          piece,
          name: liningInWords(piece).say,
          how: liningInWords(piece).why,
          size: liningSizeInWords(piece),
          box: `-4 -4 ${(piece.widthMillimetres + 8).toFixed(1)} ${(piece.heightMillimetres + 8).toFixed(1)}`,
          paths: piece.outlines.map((outline) => ({ d: pathData(outline), fold: outline.kind === 'fold' })),
        })),
      };
    });
  });

  private piecesOf(set: Portion['set']): readonly [readonly LiningPiece[], string] {
    try {
      return [liningFor(set, this.chosenWay(), this.settings.sheet().marks ?? 0), ''];
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      if (error.parameter === 'marks')
        return [liningFor(set, this.chosenWay()), $localize`No guide for so many marks: ${error.allowed}.`];
      return [[], $localize`No paper is cut for so small or so large a pan: 3 to 80 cm.`];
    }
  }

  protected setWay(lining: BoxLining): void {
    this.settings.set($localize`the paper`, { lining });
  }
  protected setPaper(paper: Paper): void {
    this.settings.set($localize`the paper`, { paper });
  }
  protected svg(at: number, piece: LiningPiece): void {
    const name = this.linings()[at]?.name ?? 'pan';
    const title = `${liningInWords(piece).say}, ${name}`;
    saveFile(`paper-${inFileName(title)}.svg`, liningSvg(piece, title), 'image/svg+xml');
  }
  protected async pdf(at: number): Promise<void> {
    const lining = this.linings()[at];
    if (!lining) return;
    this.busy.set(true);
    try {
      const bytes = await this.printing.liningPdf(
        lining.set,
        this.chosenWay(),
        $localize`Paper for ${lining.name}`,
        this.chosenPaper(),
        lining.refused === '' ? (this.settings.sheet().marks ?? 0) : 0,
      );
      saveFile(`paper-${inFileName(lining.name)}.pdf`, new Uint8Array(bytes), 'application/pdf');
    } catch (error) {
      this.toasts.show(
        $localize`The template could not be written.`,
        error instanceof Error ? error.message : String(error),
      );
    } finally {
      this.busy.set(false);
    }
  }
}
