import { usualCut, type CutChoice } from '@orvin/core/batch/plan';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { InputText } from 'primeng/inputtext';
import { howCut } from '@orvin/core/words/batch-words';
import { gramsInWords } from '@orvin/core/words/wording';
import { HowWords } from '../parts/how-words';
import { Width } from '../parts/width';
import { withoutUndefined } from '@orvin/core/ground/records';
import { FigureField } from '../parts/kept-field';
import { OnBench } from '../work/on-bench';
import { ThisBatch } from './this-batch';

const SHAPES: readonly { readonly id: CutChoice['shape']; readonly name: string }[] = [
  { id: 'round', name: 'rounds' },
  { id: 'square', name: 'squares' },
  { id: 'wedges', name: 'wedges' },
];
const TALLEST = 190;
const several = (count: number, piece: string) => `${count} ${piece}${count === 1 ? '' : 's'}`;

type CutFigure = 'thicknessCm' | 'wedges' | 'sizeCm' | 'toFreeze';

/** Cut from a slab: how many, which of them from scraps, and the first cut drawn. */
@Component({
  selector: 'orv-cut-panel',
  imports: [FigureField, HowWords, InputText],
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `
    <section class="panel" aria-labelledby="cut">
      <h2 id="cut">Cut, not poured</h2>
      @if (choice(); as choice) {
        @if (result(); as cut) {
          <p class="big">
            {{ cut.total }} pieces <span>{{ each() }} each, {{ choice.thicknessCm }} cm thick</span>
          </p>
          <p class="said">{{ words() }}</p>
          <orv-how-words [lines]="how()" />
          @if (picture(); as picture) {
            <svg
              data-picture="Cutting plan"
              [attr.width]="picture.width"
              [attr.height]="picture.height"
              role="img"
              [attr.aria-label]="'Cutting plan: ' + words()"
            >
              @if (picture.slab; as slab) {
                <rect x="1" y="1" [attr.width]="slab.width" [attr.height]="slab.height" class="slab" />
                @for (one of picture.pieces; track $index) {
                  @if (choice.shape === 'round') {
                    <circle [attr.cx]="one.x" [attr.cy]="one.y" [attr.r]="picture.half" class="piece" />
                  } @else {
                    <rect
                      [attr.x]="one.x - picture.half"
                      [attr.y]="one.y - picture.half"
                      [attr.width]="2 * picture.half"
                      [attr.height]="2 * picture.half"
                      class="piece"
                    />
                  }
                }
              }
              @for (disc of picture.discs; track $index) {
                <circle [attr.cx]="disc.x" [attr.cy]="disc.y" [attr.r]="picture.half" class="piece" />
                <path [attr.d]="disc.cuts" class="cutline" />
              }
            </svg>
          }
        }
        <div class="controls">
          <span class="split" role="group" aria-label="Shape of the pieces">
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
            >thick
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
              >of each disc
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
              >cutter
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
            >freeze raw
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
            <button type="button" class="quiet" (click)="leave()">It is poured</button>
          }
        </div>
      } @else {
        <p class="said">
          Scones, biscuits, farls: rolled to a thickness and cut.
          <button type="button" class="act" (click)="set({})">Cut it from a slab</button>
        </p>
      }
    </section>
  `,
  styleUrls: ['../parts/panels.css', './frosting-panel.css'],
  styles: `
    svg {
      display: block;
      margin: 8px 0 4px;
    }
    .slab {
      fill: var(--enamel-2);
      stroke: var(--ink-3);
      stroke-dasharray: 4 3;
    }
    .piece {
      fill: var(--crust-0);
      stroke: var(--ink);
      stroke-width: 1.5;
    }
    .cutline {
      stroke: var(--ink);
      stroke-width: 1.5;
      fill: none;
    }
  `,
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
    const [cut, choice] = [this.result(), this.choice()];
    if (!cut || !choice) return '';
    const bake = cut.total - choice.toFreeze;
    const frozen =
      choice.toFreeze > 0
        ? ` Freeze ${Math.min(choice.toFreeze, cut.total)} raw on a tray, bake ${Math.max(0, bake)} now.`
        : '';
    if (cut.kind === 'wedges')
      return `Pat ${several(cut.discs, 'disc')} of ${cut.diameterCm.toFixed(1)} cm, cut each into ${cut.wedgesEach}: no scraps.${frozen}`;
    const scraps =
      cut.fromScraps > 0
        ? `${cut.fromScraps} more from scraps gathered and rolled again: they rise less even.`
        : 'Nothing more from the scraps.';
    const rest = cut.scrapGrams >= 5 ? ` ${gramsInWords(cut.scrapGrams)} are left: shape the last by hand.` : '';
    return `Pat a slab of ${cut.slabLengthCm.toFixed(1)} × ${cut.slabWidthCm.toFixed(1)} cm; ${cut.firstCut} from the first cut. ${scraps}${rest}${frozen}`;
  });
  protected readonly picture = computed(() => {
    const [cut, choice] = [this.result(), this.choice()];
    const room = this.width() - 40;
    if (!cut || !choice || !(room > 50)) return undefined;
    if (cut.kind === 'wedges') {
      const shown = Math.min(cut.discs, 6);
      const scale = Math.min(TALLEST / cut.diameterCm, room / (shown * cut.diameterCm + shown), 9);
      const half = (cut.diameterCm / 2) * scale;
      const discs = Array.from({ length: shown }, (_, i) => {
        const x = 2 + half + i * (2 * half + 10);
        const y = half + 2;
        const cuts = Array.from({ length: cut.wedgesEach }, (_unused, k) => {
          const angle = (2 * Math.PI * k) / cut.wedgesEach - Math.PI / 2;
          return `M${x.toFixed(1)} ${y.toFixed(1)}L${(x + half * Math.cos(angle)).toFixed(1)} ${(y + half * Math.sin(angle)).toFixed(1)}`;
        }).join('');
        return { x, y, cuts };
      });
      return { width: room, height: 2 * half + 4, half, discs, pieces: [], slab: undefined };
    }
    if (cut.firstCut === 0) return undefined;
    const scale = Math.min(TALLEST / cut.slabWidthCm, room / cut.slabLengthCm, 9);
    return {
      width: cut.slabLengthCm * scale + 2,
      height: cut.slabWidthCm * scale + 2,
      half: (choice.sizeCm / 2) * scale,
      slab: { width: cut.slabLengthCm * scale, height: cut.slabWidthCm * scale },
      pieces: cut.centres.map(({ xCm, yCm }) => ({ x: xCm * scale + 1, y: yCm * scale + 1 })),
      discs: [],
    };
  });

  protected set(change: Partial<CutChoice>): void {
    this.settings.set('the cut', { cut: { ...(this.choice() ?? this.usual()), ...change } });
  }
  protected leave(): void {
    this.settings.set('the cut', { cut: undefined });
  }
  /** Another figure of the cut; emptied, it stays as it was. */
  protected setFigure(change: Partial<Record<CutFigure, number | undefined>>): void {
    this.set(withoutUndefined<Partial<Record<CutFigure, number>>>(change));
  }
}
