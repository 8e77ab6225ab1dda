import { ChangeDetectionStrategy, Component, effect, inject, signal, untracked } from '@angular/core';
import { Title } from '@angular/platform-browser';
import { Dialog } from 'primeng/dialog';
import { auditTime, distinctUntilChanged, map, Observable, startWith, switchMap } from 'rxjs';
import { inFileName } from '@orvin/core/words/figures';
import { picturesOn, pngOf, svgOf, type ScreenPicture } from '../parts/picture-file';
import { saveBlob, saveFile } from '../parts/save-file';
import { Toasts } from '../parts/toasts';
import { OnBench } from '../work/on-bench';
import { Keyboard } from './keyboard';

interface Drawn extends ScreenPicture {
  readonly svg: string;
}
interface Offered extends Drawn {
  readonly address: string;
}
/** Milliseconds that a screen which still fills is waited for. */
const FILLING = 60;
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
      (onHide)="gone()"
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

  constructor() {
    // by the signal and not by what the dialog tells: opened again while it still closes, it tells of neither
    effect((onCleanup) => {
      const station = this.keyboard.picturesOpen() ? document.getElementById('station') : null;
      if (!station) return;
      untracked(() => this.letGo());
      const looking = picturesAsTheyCome(station).subscribe((drawn) => {
        this.letGo();
        this.offered.set(drawn.map((picture) => ({ ...picture, address: URL.createObjectURL(new Blob([picture.svg], { type: 'image/svg+xml' })) }))); // prettier-ignore
        this.looked.set(true);
      });
      onCleanup(() => looking.unsubscribe());
    });
  }
  protected gone(): void {
    if (!this.keyboard.picturesOpen()) this.letGo();
  }
  private letGo(): void {
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

/** The pictures of a station, drawn, and drawn again when others have come: opened on the way to a station, the one before still stands. */
function picturesAsTheyCome(station: Element): Observable<readonly Drawn[]> {
  const changes = new Observable<unknown>((changed) => {
    const observer = new MutationObserver((records) => changed.next(records));
    observer.observe(station, { childList: true, subtree: true });
    return () => observer.disconnect();
  });
  return changes.pipe(
    auditTime(FILLING),
    startWith(null),
    map(() => picturesOn(station)),
    distinctUntilChanged((a, b) => a.length === b.length && a.every(({ element }, i) => element === b[i]?.element)),
    switchMap((pictures) => Promise.all(pictures.map(async (picture) => ({ ...picture, svg: await svgOf(picture) })))),
  );
}
