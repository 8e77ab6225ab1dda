import { DestroyRef, Directive, ElementRef, inject, signal } from '@angular/core';

/** The width of an element in pixels, followed: pictures are drawn to the space there is, so that their letters keep their size. */
@Directive({ selector: '[orvWidth]', exportAs: 'orvWidth' })
export class Width {
  readonly pixels = signal(0);

  constructor() {
    const observer = new ResizeObserver(([entry]) => this.pixels.set(Math.floor(entry?.contentRect.width ?? 0)));
    observer.observe(inject<ElementRef<HTMLElement>>(ElementRef).nativeElement);
    inject(DestroyRef).onDestroy(() => observer.disconnect());
  }
}
