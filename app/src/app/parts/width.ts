import { DestroyRef, Directive, ElementRef, afterNextRender, inject, signal } from '@angular/core';

/** The width of an element in pixels, followed: pictures are drawn to the space there is, so that their letters keep their size. */
@Directive({ selector: '[orvWidth]', exportAs: 'orvWidth' })
export class Width {
  readonly pixels = signal(0);

  constructor() {
    const element = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    // known before the first paint: what stands below a picture is not pushed down by it a frame later
    afterNextRender({
      earlyRead: () => {
        const { paddingLeft, paddingRight } = getComputedStyle(element);
        const inside = element.clientWidth - Number.parseFloat(paddingLeft) - Number.parseFloat(paddingRight);
        if (inside > 0) this.pixels.set(Math.floor(inside));
      },
    });
    const observer = new ResizeObserver(([entry]) => this.pixels.set(Math.floor(entry?.contentRect.width ?? 0)));
    observer.observe(element);
    inject(DestroyRef).onDestroy(() => observer.disconnect());
  }
}
