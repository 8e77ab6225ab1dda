import { usualCut, type CutChoice } from '@orvin/core/batch/plan';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { InputText } from 'primeng/inputtext';
import { cutInWords, howCut } from '@orvin/core/words/batch-words';
import { gramsInWords } from '@orvin/core/words/figures';
import { CutPicture } from '../parts/cut-picture';
import { HowWords } from '../parts/how-words';
import { Width } from '../parts/width';
import { withoutUndefined } from '@orvin/core/ground/records';
import { FigureField } from '../parts/kept-field';
import { OnBench } from '../work/on-bench';
import { ThisBatch } from './this-batch';

const SHAPES: readonly { readonly id: CutChoice['shape']; readonly name: string }[] = [
  { id: 'round', name: $localize`rounds` },
  { id: 'square', name: $localize`squares` },
  { id: 'wedges', name: $localize`wedges` },
];

type CutFigure = 'thicknessCm' | 'wedges' | 'sizeCm' | 'toFreeze';

/** Cut from a slab: how many, which of them from scraps, and the first cut drawn. */
@Component({
  selector: 'orv-cut-panel',
  imports: [CutPicture, FigureField, HowWords, InputText],
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `
    <section class="panel" aria-labelledby="cut">
      <h2 id="cut" i18n>Cut, not poured</h2>
      @if (choice(); as choice) {
        @if (result(); as cut) {
          <p class="big" i18n>
            {{ cut.total }} pieces <span>{{ each() }} each, {{ choice.thicknessCm }} cm thick</span>
          </p>
          <p class="said">{{ words() }}</p>
          <orv-how-words [lines]="how()" />
          <orv-cut-picture [cut]="cut" [by]="choice" [room]="room()" [words]="words()" />
        }
        <div class="controls">
          <span class="split" role="group" i18n-aria-label aria-label="Shape of the pieces">
            @for (shape of shapes; track shape.id) {
              <button
                type="button"
                class="chip"
                [attr.aria-pressed]="choice.shape === shape.id"
                (click)="set({ shape: shape.id })"
              >
                {{ shape.name }}
              </button>
            }
          </span>
          <label
            ><ng-container i18n>thick</ng-container>&ngsp;
            <input
              pInputText
              [orvFigure]="choice.thicknessCm"
              [lowest]="0.2"
              [highest]="6"
              unit="cm"
              [keptAs]="settings.field('thicknessCm')"
              (figureSaid)="setFigure({ thicknessCm: $event })"
            />
            cm</label
          >
          @if (choice.shape === 'wedges') {
            <label
              ><ng-container i18n>of each disc</ng-container>&ngsp;
              <input
                pInputText
                [orvFigure]="choice.wedges"
                [lowest]="2"
                [highest]="16"
                [whole]="true"
                unit=""
                [keptAs]="settings.field('wedges')"
                (figureSaid)="setFigure({ wedges: $event })"
            /></label>
          } @else {
            <label
              ><ng-container i18n>cutter</ng-container>&ngsp;
              <input
                pInputText
                [orvFigure]="choice.sizeCm"
                [lowest]="1"
                [highest]="40"
                unit="cm"
                [keptAs]="settings.field('sizeCm')"
                (figureSaid)="setFigure({ sizeCm: $event })"
              />
              cm</label
            >
          }
          <label
            ><ng-container i18n>freeze raw</ng-container>&ngsp;
            <input
              pInputText
              [orvFigure]="choice.toFreeze"
              [lowest]="0"
              [highest]="10000"
              [whole]="true"
              unit=""
              [keptAs]="settings.field('toFreeze')"
              (figureSaid)="setFigure({ toFreeze: $event })"
          /></label>
          @if (!asked()) {
            <button type="button" class="quiet" (click)="leave()" i18n>It is poured</button>
          }
        </div>
      } @else {
        <p class="said">
          <ng-container i18n>Scones, biscuits, farls: rolled to a thickness and cut.</ng-container>&ngsp;
          <button type="button" class="act" (click)="set({})" i18n>Cut it from a slab</button>
        </p>
      }
    </section>
  `,
  styleUrls: ['../parts/panels.css', './panel-figures.css'],
})
export class CutPanel {
  protected readonly settings = inject(ThisBatch);
  private readonly width = inject(Width).pixels;
  protected readonly shapes = SHAPES;
  private readonly onBench = inject(OnBench);
  private readonly usual = computed(() => usualCut(this.onBench.record()?.formula ?? { bake: { fan: false } }));
  protected readonly asked = computed(() => this.settings.sheet().targets.some(({ kind }) => kind === 'cut'));
  protected readonly choice = computed(() => this.settings.sheet().cut ?? (this.asked() ? this.usual() : undefined));
  protected readonly result = computed(() => this.settings.batch()?.cut);
  protected readonly how = computed(() => {
    const [batch, choice] = [this.settings.batch(), this.choice()];
    return batch && choice ? howCut(batch, choice.thicknessCm) : [];
  });
  protected readonly each = computed(() => gramsInWords(this.result()?.gramsEach ?? 0));
  protected readonly words = computed(() => {
    const cut = this.result();
    return cut ? cutInWords(cut, this.choice()?.toFreeze) : '';
  });
  protected readonly room = computed(() => this.width() - 40);

  protected set(change: Partial<CutChoice>): void {
    this.settings.set($localize`the cut`, { cut: { ...(this.choice() ?? this.usual()), ...change } });
  }
  protected leave(): void {
    this.settings.set($localize`the cut`, { cut: undefined });
  }
  /** Another figure of the cut; emptied, it stays as it was. */
  protected setFigure(change: Partial<Record<CutFigure, number | undefined>>): void {
    this.set(withoutUndefined<Partial<Record<CutFigure, number>>>(change));
  }
}
