import { DestroyRef, Directive, ElementRef, inject, output } from '@angular/core';

/** Tells when an element comes into sight: the end of a list that has more to show. */
@Directive({ selector: '[orvInSight]' })
export class InSight {
  readonly orvInSight = output();

  constructor() {
    const observer = new IntersectionObserver(
      (entries) => {
        if (entries.some(({ isIntersecting }) => isIntersecting)) this.orvInSight.emit();
      },
      { rootMargin: '400px' },
    );
    observer.observe(inject<ElementRef<HTMLElement>>(ElementRef).nativeElement);
    inject(DestroyRef).onDestroy(() => observer.disconnect());
  }
}
