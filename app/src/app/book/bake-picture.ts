import { ChangeDetectionStrategy, Component, effect, inject, input, signal } from '@angular/core';
import type { BakeRecord } from '@orvin/core/book/records';
import { PhotoStore } from '../store/photo-store';
import { Slice } from './slice';

/** Rows that are typed or scrolled past need no picture. */
const PAUSE_MILLISECONDS = 90;

/** What stands for a bake: its first photo, else the slice as it was said. */
@Component({
  selector: 'orv-bake-picture',
  imports: [Slice],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (url(); as url) {
      <img [src]="url" alt="" />
    } @else {
      <orv-slice
        [shape]="record().shape"
        [crumb]="record().crumb"
        [top]="record().top"
        [heightMm]="record().heightMm"
      />
    }
  `,
  styles: `
    :host,
    img {
      display: block;
      width: 100%;
    }
    img {
      aspect-ratio: 104 / 66;
      object-fit: cover;
      border-radius: 3px;
    }
  `,
})
export class BakePicture {
  readonly record = input.required<BakeRecord>();
  /** The whole picture, where it is shown large. */
  readonly large = input(false);
  private readonly photos = inject(PhotoStore);
  protected readonly url = signal<string | undefined>(undefined);

  constructor() {
    effect((onCleanup) => {
      const id = this.record().photos?.[0];
      const large = this.large();
      if (id === undefined) return;
      let gone = false;
      let made: string | undefined;
      const show = () =>
        this.photos.photo(id).then((photo) => {
          if (gone || !photo) return;
          made = URL.createObjectURL(large ? photo.picture : photo.thumb);
          this.url.set(made);
        });
      const soon = setTimeout(() => void show(), PAUSE_MILLISECONDS);
      onCleanup(() => {
        gone = true;
        clearTimeout(soon);
        if (made !== undefined) URL.revokeObjectURL(made);
        this.url.set(undefined);
      });
    });
  }
}
