import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { Title } from '@angular/platform-browser';
import { Dialog } from 'primeng/dialog';
import { inFileName } from '@orvin/core/words/figures';
import { picturesOn, pngOf, svgOf, type ScreenPicture } from '../parts/picture-file';
import { saveBlob, saveFile } from '../parts/save-file';
import { Toasts } from '../parts/toasts';
import { OnBench } from '../work/on-bench';
import { Keyboard } from './keyboard';

interface Offered extends ScreenPicture {
  readonly svg: string;
  readonly address: string;
}
/** Stations whose pictures are of the formula in hand. */
const OF_A_FORMULA = [$localize`Bench`, $localize`Batch`, $localize`Oven`];
/** Every picture of the screen, to be taken along: drawn as it stands, as SVG or PNG. */
@Component({
  selector: 'orv-pictures-dialog',
  imports: [Dialog],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-dialog
      i18n-header
      header="Pictures of this screen"
      [visible]="keyboard.picturesOpen()"
      (visibleChange)="keyboard.picturesOpen.set($event)"
      (onShow)="look()"
      (onHide)="letGo()"
      [modal]="true"
      i18n-closeAriaLabel
      closeAriaLabel="Close"
      [dismissableMask]="true"
      [draggable]="false"
      [resizable]="false"
    >
      <ul>
        @for (picture of offered(); track picture.address) {
          <li>
            <img [src]="picture.address" [alt]="picture.words || picture.name" />
            <b>{{ picture.name }}</b>
            <span class="acts">
              <button
                type="button"
                class="act"
                [attr.aria-label]="texts.svgOf(picture.name)"
                (click)="saveSvg(picture)"
              >
                SVG
              </button>
              <button
                type="button"
                class="act"
                [attr.aria-label]="texts.pngOf(picture.name)"
                (click)="savePng(picture)"
              >
                PNG
              </button>
            </span>
          </li>
        } @empty {
          <li class="none" role="status">{{ looked() ? texts.nothingIsDrawnOnThisScreen : texts.looking }}</li>
        }
      </ul>
    </p-dialog>
  `,
  styleUrls: ['../parts/panels.css', './pictures-dialog.css'],
})
export class PicturesDialog {
  protected readonly texts = {
    svgOf: (name: string | number) => $localize`SVG of ${name}`,
    pngOf: (name: string | number) => $localize`PNG of ${name}`,
    nothingIsDrawnOnThisScreen: $localize`Nothing is drawn on this screen.`,
    looking: $localize`Looking…`,
  };
  protected readonly keyboard = inject(Keyboard);
  private readonly toasts = inject(Toasts);
  private readonly onBench = inject(OnBench);
  private readonly title = inject(Title);
  protected readonly offered = signal<readonly Offered[]>([]);
  protected readonly looked = signal(false);

  protected async look(): Promise<void> {
    const station = document.getElementById('station');
    const drawn: Offered[] = [];
    for (const picture of station ? picturesOn(station) : []) {
      const svg = await svgOf(picture);
      drawn.push({ ...picture, svg, address: URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' })) });
    }
    this.letGo();
    this.offered.set(drawn);
    this.looked.set(true);
    // closed while it was drawn
    if (!this.keyboard.picturesOpen()) this.letGo();
  }
  protected letGo(): void {
    for (const { address } of this.offered()) URL.revokeObjectURL(address);
    this.offered.set([]);
    this.looked.set(false);
  }
  protected saveSvg({ name, svg }: Offered): void {
    saveFile(`${this.fileName(name)}.svg`, svg, 'image/svg+xml');
  }
  protected async savePng({ name, svg }: Offered): Promise<void> {
    await pngOf(svg).then(
      (png) => saveBlob(`${this.fileName(name)}.png`, png),
      () => this.toasts.show($localize`${name} could not be drawn as PNG here.`, $localize`Take the SVG.`),
    );
  }
  private fileName(name: string): string {
    const [station = ''] = this.title.getTitle().split(' · ');
    const of = OF_A_FORMULA.includes(station) ? this.onBench.record()?.formula.title : station;
    return inFileName(`${of ?? 'orvin'} ${name}`);
  }
}
