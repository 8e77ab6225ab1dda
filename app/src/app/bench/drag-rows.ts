import { Directive, ElementRef, Injector, inject, output, signal, type OnDestroy } from '@angular/core';
import type * as Dragging from '@angular/cdk/drag-drop';
import type { DragRef, DropListRef } from '@angular/cdk/drag-drop';

/** Where a row was put: which, into which list, as the how-manieth. */
export interface RowMoved {
  readonly row: string;
  readonly list: string;
  readonly at: number;
}

const LIST = '[data-rows]';
const ROW = '[data-row]';
const GRIP = '.grip';

/**
 * Rows that are dragged by their grips, within their list and into another of those below this element. Lists are known by `data-rows`, their
 * rows by `data-row`. What drags is loaded when a pointer comes near, as most who open a formula drag nothing; a grip that is taken before it
 * is there is taken again once it is.
 */
@Directive({
  selector: '[orvDragRows]',
  host: { '[class.drags]': 'loaded() !== undefined', '(pointerover)': 'near()' },
})
export class DragRows implements OnDestroy {
  readonly moved = output<RowMoved>({ alias: 'orvDragRows' });

  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly injector = inject(Injector);
  protected readonly loaded = signal<typeof Dragging | undefined>(undefined);
  private asked = false;
  /** A grip that was taken before it could be dragged, until it is let go. */
  private waiting: MouseEvent | TouchEvent | undefined;
  private lists: readonly DropListRef<string>[] = [];
  private rows: readonly DragRef<string>[] = [];

  constructor() {
    // before the row hears of it: rows come and go, so that those are meant which stand at that moment
    for (const taken of ['mousedown', 'touchstart'] as const)
      this.host.addEventListener(taken, (event) => this.take(event), { capture: true, passive: true });
    for (const letGo of ['mouseup', 'touchend', 'touchcancel'] as const)
      this.host.ownerDocument.addEventListener(letGo, this.letGo);
  }

  ngOnDestroy(): void {
    for (const letGo of ['mouseup', 'touchend', 'touchcancel'] as const)
      this.host.ownerDocument.removeEventListener(letGo, this.letGo);
    this.dispose();
  }

  protected near(): void {
    if (this.asked) return;
    this.asked = true;
    import('@angular/cdk/drag-drop').then(
      (cdk) => {
        this.loaded.set(cdk);
        const { waiting } = this;
        if (waiting) this.takeAgain(waiting);
      },
      // offline before it was ever fetched: the arrow keys move lines as well, and the next reach tries again
      () => (this.asked = false),
    );
  }

  private readonly letGo = (): void => {
    this.waiting = undefined;
  };

  private take(event: MouseEvent | TouchEvent): void {
    if (!(event.target instanceof Element) || !event.target.closest(GRIP)) return;
    if (!this.loaded()) {
      this.waiting = event;
      this.near();
    } else if (!this.rows.some((row) => row.isDragging())) this.makeDraggable();
  }

  private takeAgain(event: MouseEvent | TouchEvent): void {
    this.waiting = undefined;
    const again =
      event instanceof MouseEvent
        ? new MouseEvent(event.type, event)
        : new TouchEvent(event.type, {
            bubbles: true,
            cancelable: true,
            touches: [...event.touches],
            targetTouches: [...event.targetTouches],
            changedTouches: [...event.changedTouches],
          });
    event.target?.dispatchEvent(again);
  }

  private makeDraggable(): void {
    const cdk = this.loaded();
    if (!cdk) return;
    this.dispose();
    const rows: DragRef<string>[] = [];
    this.lists = [...this.host.querySelectorAll<HTMLElement>(LIST)].map((element) => {
      const list = cdk.createDropListRef<string>(this.injector, element);
      list.data = element.dataset['rows'] ?? '';
      list.withItems(
        [...element.querySelectorAll<HTMLElement>(ROW)].map((rowElement) => {
          const row = cdk.createDragRef<string>(this.injector, rowElement);
          row.data = rowElement.dataset['row'] ?? '';
          row.lockAxis = 'y';
          row.withHandles([...rowElement.querySelectorAll<HTMLElement>(GRIP)]);
          rows.push(row);
          return row;
        }),
      );
      list.dropped.subscribe(({ item, container, previousContainer, currentIndex, previousIndex }) => {
        if (container === previousContainer && currentIndex === previousIndex) return;
        this.moved.emit({ row: String(item.data), list: String(container.data), at: currentIndex });
      });
      return list;
    });
    this.rows = rows;
    for (const list of this.lists) list.connectedTo([...this.lists]);
  }

  private dispose(): void {
    for (const each of [...this.rows, ...this.lists]) each.dispose();
    this.rows = [];
    this.lists = [];
  }
}
