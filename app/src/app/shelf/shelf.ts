import type { ElementRef } from '@angular/core';
import { DOCUMENT, ChangeDetectionStrategy, Component, computed, inject, signal, viewChild } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { Router, RouterLink } from '@angular/router';
import { Button } from 'primeng/button';
import { Textarea } from 'primeng/textarea';
import { fromEvent } from 'rxjs';
import { FormulaStore } from '../store/formula-store';
import { SettingsStore } from '../store/settings-store';
import { Readings } from '../work/readings';
import { Tell } from '../parts/tell';
import { readPaste } from './paste-reading';
import { FINGERPRINT_PARTS, shelfRow } from './shelf-row';

/** A text that someone typed in full is read when asked; this much at once is a paste. */
const LOOKS_PASTED = /\n\s*\S/;

@Component({
  selector: 'orv-shelf',
  imports: [Button, RouterLink, Textarea],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './shelf.html',
  styleUrl: './shelf.css',
})
export class Shelf {
  private readonly router = inject(Router);
  private readonly settings = inject(SettingsStore);
  private readonly readings = inject(Readings);
  private readonly tell = inject(Tell);
  private readonly field = viewChild.required<ElementRef<HTMLTextAreaElement>>('field');
  protected readonly store = inject(FormulaStore);
  protected readonly parts = FINGERPRINT_PARTS;

  protected readonly text = signal('');
  protected readonly asked = signal(false);
  protected readonly reading = computed(() =>
    this.text().trim() === '' ? undefined : readPaste(this.text(), this.settings.region()),
  );
  protected readonly rows = computed(() =>
    this.store
      .formulas()
      .map((record) => shelfRow(record, this.readings.of(record.formula), this.store.versionsOf(record.id)[0]?.number)),
  );

  constructor() {
    fromEvent<ClipboardEvent>(inject(DOCUMENT), 'paste')
      .pipe(takeUntilDestroyed())
      .subscribe((event) => this.paste(event));
  }

  protected type(text: string): void {
    this.text.set(text);
    this.asked.set(false);
  }

  /** Reads what stands in the field and brings it to the bench; a text that is no formula stays where it is. */
  protected read(): void {
    const reading = this.reading();
    this.asked.set(true);
    if (!reading || reading.reading.kind === 'refused') {
      this.field().nativeElement.focus();
      return;
    }
    const record = this.store.add(reading.reading.formula, {
      source: this.text(),
      label: `reading ${reading.reading.formula.title || 'a formula'}`,
    });
    this.text.set('');
    void this.router.navigate(['/bench', record.id]);
  }

  protected remove(id: string, title: string): void {
    this.store.remove(id);
    this.tell.say(`${title} is off the shelf.`, 'Its versions too.', { label: 'Undo', run: () => this.store.undo() });
  }

  /** Gives what could not be read back as a file, untouched. */
  protected saveUnreadable(): void {
    const file = new Blob(
      [
        JSON.stringify(
          this.store.unreadable().map(({ raw }) => raw),
          null,
          2,
        ),
      ],
      { type: 'application/json' },
    );
    const link = document.createElement('a');
    link.href = URL.createObjectURL(file);
    link.download = 'orvin-unreadable.json';
    link.click();
    URL.revokeObjectURL(link.href);
  }

  private paste(event: ClipboardEvent): void {
    const target = event.target;
    const inThisField = target === this.field().nativeElement;
    const inAnotherField =
      target instanceof HTMLInputElement || (target instanceof HTMLTextAreaElement && !inThisField);
    if (inAnotherField || (inThisField && this.text().trim() !== '')) return;
    const pasted = event.clipboardData?.getData('text/plain') ?? '';
    if (pasted.trim() === '' || (inThisField && !LOOKS_PASTED.test(pasted))) return;
    event.preventDefault();
    this.text.set(pasted);
    this.read();
  }
}
