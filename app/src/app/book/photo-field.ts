import { ChangeDetectionStrategy, Component, effect, inject, input, output, signal } from '@angular/core';
import { PhotoStore } from '../store/photo-store';
import { Toasts } from '../parts/toasts';
import { takenIn } from '../work/photos';

/** Photos of a bake: taken or chosen, several, taken off again. A phone offers its camera. */
@Component({
  selector: 'orv-photo-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label class="add">
      <input type="file" accept="image/*" multiple [disabled]="busy()" #file (change)="take(file)" />
      <span>{{ busy() ? texts.oneMoment : texts.photo }}</span>
    </label>
    @for (one of shown(); track one.id) {
      <figure>
        <img [src]="one.url" i18n-alt alt="Photo of this bake" />
        <button type="button" (click)="removed.emit(one.id)" i18n-aria-label aria-label="Take this photo off">×</button>
      </figure>
    }
    @if (problem()) {
      <p role="alert"><span aria-hidden="true">▲</span> {{ problem() }}</p>
    }
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 8px;
      margin-bottom: 8px;
    }
    .add {
      display: inline-flex;
      align-items: center;
      min-height: 44px;
      padding: 0 18px;
      border: 1.5px solid var(--rim);
      border-radius: var(--corner);
      background: var(--enamel);
      color: var(--rim);
      font-weight: 620;
      cursor: pointer;
    }
    .add:has(:focus-visible) {
      outline: 2.5px solid var(--rim);
      outline-offset: 2px;
    }
    input {
      position: absolute;
      width: 1px;
      height: 1px;
      opacity: 0;
    }
    figure {
      position: relative;
      margin: 0;
    }
    img {
      display: block;
      width: 96px;
      height: 72px;
      object-fit: cover;
      border-radius: 3px;
    }
    figure button {
      position: absolute;
      top: 2px;
      right: 2px;
      width: 28px;
      height: 28px;
      border: 0;
      border-radius: 50%;
      background: var(--ink);
      color: var(--enamel);
      cursor: pointer;
    }
    p {
      flex: 1 1 100%;
      margin: 0;
    }
    p span {
      color: var(--alert);
    }
  `,
})
export class PhotoField {
  protected readonly texts = {
    oneMoment: $localize`One moment …`,
    photo: $localize`Photo`,
  };
  readonly ids = input.required<readonly string[]>();
  readonly added = output<readonly string[]>();
  readonly removed = output<string>();
  private readonly store = inject(PhotoStore);
  private readonly toasts = inject(Toasts);
  protected readonly busy = signal(false);
  protected readonly problem = signal('');
  protected readonly shown = signal<readonly { readonly id: string; readonly url: string }[]>([]);

  constructor() {
    effect((onCleanup) => {
      const ids = this.ids();
      const urls: string[] = [];
      let gone = false;
      void Promise.all(ids.map((id) => this.store.photo(id))).then((photos) => {
        if (gone) return;
        this.shown.set(
          photos.flatMap((photo) => {
            if (!photo) return [];
            const url = URL.createObjectURL(photo.thumb);
            urls.push(url);
            return [{ id: photo.id, url }];
          }),
        );
      });
      onCleanup(() => {
        gone = true;
        for (const url of urls) URL.revokeObjectURL(url);
      });
    });
  }
  protected async take(field: HTMLInputElement): Promise<void> {
    const files = [...(field.files ?? [])];
    field.value = '';
    this.problem.set('');
    this.busy.set(true);
    const ids: string[] = [];
    try {
      for (const file of files) {
        const photo = await takenIn(file, crypto.randomUUID(), Date.now());
        await this.store.keep(photo);
        ids.push(photo.id);
      }
    } catch (error) {
      this.problem.set(error instanceof Error ? error.message : String(error));
    }
    this.busy.set(false);
    if (ids.length > 0) {
      this.added.emit(ids);
      this.toasts.show(ids.length === 1 ? $localize`The photo stays in this browser.` : $localize`${ids.length} photos stay in this browser.`); // prettier-ignore
    }
  }
}
