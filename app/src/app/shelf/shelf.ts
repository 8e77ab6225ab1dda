import type { ElementRef } from '@angular/core';
import { DOCUMENT, ChangeDetectionStrategy, Component, computed, inject, signal, viewChild } from '@angular/core';
import { takeUntilDestroyed, toObservable, toSignal } from '@angular/core/rxjs-interop';
import { ActivatedRoute, Router, RouterLink } from '@angular/router';
import { Button } from 'primeng/button';
import { Popover } from 'primeng/popover';
import { Textarea } from 'primeng/textarea';
import { catchError, combineLatest, debounceTime, from, fromEvent, of, switchMap } from 'rxjs';
import type { ExportFormat } from '@orvin/core/papers/formats';
import { MARKS } from '../parts/marks';
import { saveFile } from '../parts/save-file';
import { InSight } from '../parts/in-sight';
import { Toasts } from '../parts/toasts';
import { UnconfirmedWords } from '../parts/unconfirmed';
import { FormulaStore } from '../store/formula-store';
import { SettingsStore } from '../store/settings-store';
import { HAND_ON, HandingOn } from '../work/handing-on';
import { Intake, type Incoming, type IntakeReport } from '../work/intake';
import type { PasteReading } from '../work/shelf-jobs';
import { FINGERPRINT_NAMES, FINGERPRINT_PARTS } from '../work/shelf-parts';
import { Work } from '../work/work-client';
import { droppedFiles, readableFiles } from './dropped-files';
import { FactsOfTheShelf } from './facts-of-the-shelf';
import { shelfRow } from './shelf-row';
import { ByLink } from './by-link';
import { StartDialog } from './start-dialog';

/** A text that someone typed in full is read when asked; this much at once is a paste. */
const LOOKS_PASTED = /\n\s*\S/;
/** A shelf of five hundred is not read before anyone scrolls there. */
const ROWS_AT_ONCE = 30;
/** A pause in typing, before the text is read. */
const QUIET_MILLISECONDS = 90;
const pasted = (text: string): Incoming => ({ name: '', text: () => Promise.resolve(text) });

@Component({
  selector: 'orv-shelf',
  imports: [Button, Popover, RouterLink, InSight, Textarea, ByLink, StartDialog],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './shelf.html',
  styleUrls: ['./shelf.css', './choosing.css'],
})
export class Shelf {
  protected readonly texts = {
    readingFiles: $localize`Reading files`,
    nothingWasPutOnTheShelf: $localize`Nothing was put on the shelf`,
    oneFormulaIsOnTheShelf: $localize`One formula is on the shelf`,
    formulasAreOnTheShelf: (count: string | number) => $localize`${count} formulas are on the shelf`,
    oneFile: $localize`one file`,
    files: (files: string | number) => $localize`${files} files`,
    oneWasThereAlreadyJustSo: $localize`One was there already, just so, and stays as it is.`,
    wereThereAlreadyJustSoAnd: (alreadyThere: string | number) =>
      $localize`${alreadyThere} were there already, just so, and stay as they are.`,
    oneFileHolds: $localize`One file holds`,
    filesHold: (others: string | number) => $localize`${others} files hold`,
    thePastedText: $localize`The pasted text`,
    oneRecordCouldNotBeRead: $localize`One record could not be read.`,
    recordsCouldNotBeRead: (count: string | number) => $localize`${count} records could not be read.`,
    choose: (title: string | number) => $localize`Choose ${title}`,
    version: (version: string | number) => $localize`version ${version}`,
    handOnAsAFile: (title: string | number) => $localize`Hand ${title} on as a file`,
    takeOffTheShelf: (title: string | number) => $localize`Take ${title} off the shelf`,
  };
  /** Whether the start from a style is open. */
  protected readonly starting = signal(false);
  private readonly router = inject(Router);
  /** What stands behind the # of the address: a formula that somebody passed on, perhaps. */
  protected readonly fragment = toSignal(inject(ActivatedRoute).fragment);
  private readonly settings = inject(SettingsStore);
  private readonly facts = inject(FactsOfTheShelf);
  private readonly work = inject(Work);
  private readonly handingOn = inject(HandingOn);
  private readonly toasts = inject(Toasts);
  private readonly document = inject(DOCUMENT);
  private readonly field = viewChild.required<ElementRef<HTMLTextAreaElement>>('field');
  protected readonly store = inject(FormulaStore);
  protected readonly intake = inject(Intake);
  protected readonly parts = FINGERPRINT_PARTS;
  protected readonly partNames = FINGERPRINT_NAMES;
  protected readonly marks = MARKS;
  protected readonly formats = HAND_ON;

  protected readonly text = inject(UnconfirmedWords).of(() => 'paste');
  protected readonly asked = signal(false);
  /** What came of the last files, or of a text that was not taken. */
  protected readonly report = signal<(IntakeReport & { readonly others: number }) | undefined>(undefined);
  /** Files hang over the shelf. */
  protected readonly dropping = signal(false);
  /** Several formulas are being chosen, to be saved or taken off at once. */
  protected readonly choosing = signal(false);
  protected readonly chosen = signal<ReadonlySet<string>>(new Set());
  /** The formulas whose format is being chosen. */
  private readonly handed = signal<readonly string[]>([]);

  /** What stands in the field, as it would be read: worked out beside the page, the latest wins. */
  protected readonly reading = toSignal(
    combineLatest([toObservable(this.text), toObservable(this.settings.region), toObservable(this.store.kitchen)]).pipe(
      debounceTime(QUIET_MILLISECONDS),
      switchMap(([text, region, kitchen]) => {
        if (text.trim() === '') return of(undefined);
        return from(this.work.run('paste-reading', { name: '', text, region, kitchen })).pipe(
          catchError((error: unknown) =>
            of<PasteReading>({ summary: error instanceof Error ? error.message : String(error), refused: true }),
          ),
        );
      }),
    ),
  );
  /** So many rows are worked out; more when the end of them comes into sight. */
  private readonly shown = signal(ROWS_AT_ONCE);
  private readonly inSight = computed(() => this.store.formulas().slice(0, this.shown()));
  protected readonly rows = computed(() =>
    this.inSight().map((record) =>
      shelfRow(record, this.facts.of(record), this.store.versionsOf(record.id)[0]?.number, this.settings.heatScale()),
    ),
  );
  protected readonly percent = computed(() => {
    const { done, all } = this.intake.progress() ?? { done: 0, all: 1 };
    return Math.round((100 * done) / all);
  });

  constructor() {
    this.facts.readsAlong(this.inSight);
    const on = <E extends Event>(name: string) => fromEvent<E>(this.document, name).pipe(takeUntilDestroyed());
    on<ClipboardEvent>('paste').subscribe((event) => this.paste(event));
    on<DragEvent>('dragover').subscribe((event) => {
      if (!event.dataTransfer?.types.includes('Files')) return;
      event.preventDefault();
      this.dropping.set(true);
    });
    on<DragEvent>('dragleave').subscribe((event) => {
      if (event.relatedTarget === null) this.dropping.set(false);
    });
    on<DragEvent>('drop').subscribe((event) => void this.drop(event));
  }

  protected showMore(): void {
    if (this.shown() < this.store.formulas().length) this.shown.update((rows) => rows + ROWS_AT_ONCE);
  }

  protected type(text: string): void {
    this.text.set(text);
    this.asked.set(false);
  }

  /** Reads what stands in the field and brings it to the bench; a text that is no formula stays where it is. */
  protected async read(): Promise<void> {
    this.asked.set(true);
    const text = this.text();
    if (text.trim() === '') return;
    const report = await this.intake.take([pasted(text)]);
    const [record, more] = report.added;
    if (!record) {
      this.field().nativeElement.focus();
      return;
    }
    this.text.set('');
    this.asked.set(false);
    if (more) this.report.set({ ...report, others: 0 });
    else await this.router.navigate(['/bench', record.id]);
  }

  protected async open(chosen: HTMLInputElement): Promise<void> {
    const files = [...(chosen.files ?? [])];
    chosen.value = '';
    await this.takeFiles(files);
  }

  private async drop(event: DragEvent): Promise<void> {
    this.dropping.set(false);
    if (!event.dataTransfer?.types.includes('Files')) return;
    event.preventDefault();
    await this.takeFiles(await droppedFiles(event.dataTransfer));
  }

  private async takeFiles(chosen: readonly File[]): Promise<void> {
    const { files, others } = readableFiles(chosen);
    if (files.length === 0 && others === 0) return;
    this.report.set(undefined);
    this.report.set({ ...(await this.intake.take(files)), others });
  }

  protected closeReport(): void {
    this.report.set(undefined);
  }

  protected remove(id: string, title: string): void {
    this.store.remove(id);
    this.toasts.show($localize`${title} is off the shelf.`, $localize`Its versions too.`, {
      label: $localize`Undo`,
      run: () => this.store.undo(),
    });
  }

  protected choose(id: string): void {
    this.chosen.update((chosen) => {
      const next = new Set(chosen);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  }
  protected chooseAll(): void {
    this.chosen.set(new Set(this.store.formulas().map(({ id }) => id)));
  }
  protected stopChoosing(): void {
    this.choosing.set(false);
    this.chosen.set(new Set());
  }
  protected removeChosen(): void {
    const ids = [...this.chosen()];
    const words =
      ids.length === 1
        ? $localize`One formula is off the shelf.`
        : $localize`${ids.length} formulas are off the shelf.`;
    this.store.together($localize`taking ${ids.length} off the shelf`, () => {
      for (const id of ids) this.store.remove(id);
    });
    this.stopChoosing();
    this.toasts.show(words, $localize`Their versions too.`, { label: $localize`Undo`, run: () => this.store.undo() });
  }

  /** Asks what to hand formulas on as. */
  protected handOn(event: Event, popover: Popover, ids: readonly string[]): void {
    this.handed.set(ids);
    popover.toggle(event);
  }

  protected handAll(event: Event, popover: Popover): void {
    const all = this.store.formulas().map(({ id }) => id);
    this.handOn(event, popover, all);
  }

  protected async save(format: ExportFormat, popover: Popover): Promise<void> {
    popover.hide();
    try {
      for (const { name, text, type } of await this.handingOn.files(this.handed(), format)) saveFile(name, text, type);
    } catch (error) {
      this.toasts.show($localize`It could not be written.`, error instanceof Error ? error.message : String(error));
    }
  }

  /** Copies the address that holds a formula; what cannot be copied is said. */
  protected async copyLink(popover: Popover): Promise<void> {
    popover.hide();
    const { linkFor } = await import('../work/formula-link');
    const [file] = await this.handingOn.files(this.handed(), 'text');
    const link = file && linkFor(file.text, new URL('shelf', this.document.baseURI).href);
    if (link === undefined) {
      this.toasts.show($localize`That is too much for an address.`, $localize`Hand it on as a file instead.`);
      return;
    }
    try {
      await navigator.clipboard.writeText(link);
      this.toasts.show(
        $localize`The address is copied. It holds the formula itself.`,
        $localize`Nothing was sent anywhere.`,
      );
    } catch {
      saveFile('formula-address.txt', link, 'text/plain');
      this.toasts.show($localize`This browser let nothing be copied.`, $localize`The address is saved as a file.`);
    }
  }
  /** Puts a formula that came with the address on the shelf; one that is there already stays as it is. */
  protected async takeLink(text: string): Promise<void> {
    const report = await this.intake.take([{ name: $localize`the address`, text: () => Promise.resolve(text) }]);
    const [record] = report.added;
    if (record) await this.router.navigate(['/bench', record.id]);
    else {
      this.report.set({ ...report, others: 0 });
      await this.leaveLink();
    }
  }
  protected leaveLink(): Promise<boolean> {
    return this.router.navigate([], { replaceUrl: true });
  }
  protected readonly isOne = computed(() => this.handed().length === 1);

  /** Gives what could not be read back as a file, untouched. */
  protected saveUnreadable(): void {
    const raw = this.store.unreadable().map((record) => record.raw);
    saveFile('orvin-unreadable.json', JSON.stringify(raw, null, 2), 'application/json');
  }

  private paste(event: ClipboardEvent): void {
    const target = event.target;
    const inThisField = target === this.field().nativeElement;
    const inAnotherField =
      target instanceof HTMLInputElement || (target instanceof HTMLTextAreaElement && !inThisField);
    if (inAnotherField || (inThisField && this.text().trim() !== '')) return;
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (text.trim() === '' || (inThisField && !LOOKS_PASTED.test(text))) return;
    event.preventDefault();
    this.text.set(text);
    void this.read();
  }
}
