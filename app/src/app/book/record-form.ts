import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { faultsOf } from '@orvin/core/book/diagnosing';
import { DONE_WORDS, type DoneWord } from '@orvin/core/book/learning';
import {
  BEST_SCORE,
  CRUMBS,
  HALVES,
  SHAPES,
  TOPS,
  WRONGS,
  type Half,
  type ReadingCode,
  type Wrong,
} from '@orvin/core/book/records';
import { writeTrace } from '@orvin/core/papers/bake-papers';
import {
  CRUMB_NAMES,
  DONE_WORD_NAMES,
  halfChoiceInWords,
  READING_NAMES,
  readingInWords,
  SHAPE_NAMES,
  TOP_NAMES,
  WRONG_NAMES,
} from '@orvin/core/words/book-words';
import { inFileName, minutesInWords, windowInWords } from '@orvin/core/words/figures';
import { FigureRows } from '../parts/figure-rows';
import { FigureField, HeatField } from '../parts/kept-field';
import { NextAct } from '../parts/next-act';
import { saveFile } from '../parts/save-file';
import { Toasts } from '../parts/toasts';
import { dateOf } from '../parts/wall-clock';
import { BakingStore } from '../store/baking-store';
import { BookStore } from '../store/book-store';
import { Whys } from '../work/whys';
import { CrustTop } from './crust-top';
import { PhotoField } from './photo-field';
import { HalfBatches } from './half-batches';
import { RecordDraft, type Saying } from './record-draft';
import { SideField } from './side-field';
import { Slice } from './slice';
import { Teaches } from './teaches';
import { OwnDial } from '../parts/own-dial';

/** As many as stand in one row. */
const USUAL_WRONGS = 7;
/** What happened before what the formula says anyway. */
const KNOWN_FIRST: readonly ReadingCode[] = [
  'mixing',
  'waiting',
  'oven',
  'soda-left',
  'gas',
  'filling',
  'water',
  'sugar',
  'fat',
  'egg',
  'altitude',
];
const MORE = ['side', 'height', 'weight', 'notes', 'taste', 'who'] as const;
type More = (typeof MORE)[number];
const MORE_NAMES: Readonly<Record<More, string>> = {
  side: $localize`Browner side`,
  height: $localize`Height`,
  weight: $localize`Weight now`,
  notes: $localize`Notes`,
  taste: $localize`Taste`,
  who: $localize`Who ate it`,
};
/** What is known from the bake; more of it lies in its comparison. */
const MOST_KNOWN = 6;
const localMoment = (at: number) => {
  const moment = new Date(at - new Date(at).getTimezoneOffset() * 60_000);
  return moment.toISOString().slice(0, 16);
};

/** Records a bake: how done, then five taps; everything else is known already. If there is a minute more, more. */
@Component({
  selector: 'orv-record-form',
  imports: [CrustTop, FigureRows, PhotoField, FigureField, HeatField, RouterLink, SideField, Slice, Teaches],
  providers: [RecordDraft],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './record-form.html',
  styleUrls: ['../parts/panels.css', '../parts/station-strip.css', './record-form.css'],
})
export class RecordForm {
  protected readonly texts = {
    itsName: $localize`its name`,
    withoutAName: $localize`Without a name`,
    itsTop: $localize`its top`,
    itsShape: $localize`its shape`,
    itsCrumb: $localize`its crumb`,
    howGoodItWas: $localize`how good it was`,
    itsPan: $localize`its pan`,
    itsHeat: $localize`its heat`,
    itsPhotos: $localize`its photos`,
    itsBrownerSide: $localize`its browner side`,
    itsHeight: $localize`its height`,
    itsWeight: $localize`its weight`,
    itsNotes: $localize`its notes`,
    itsTaste: $localize`its taste`,
    whoAteIt: $localize`who ate it`,
    theChangeWorked: $localize`✓ The change worked.`,
    theChangeDidNotHelp: $localize`▲ The change did not help.`,
  };
  /** From the route: a record that is kept; absent for a new one. */
  readonly id = input<string>();
  readonly of = input<string>();
  readonly bake = input<string>();
  private readonly dial = inject(OwnDial);
  private readonly router = inject(Router);
  private readonly book = inject(BookStore);
  private readonly toasts = inject(Toasts);
  private readonly bakings = inject(BakingStore);
  private readonly next = inject(NextAct);
  private readonly whys = inject(Whys);
  private readonly halfBatches = inject(HalfBatches);
  protected readonly draft = inject(RecordDraft);

  protected readonly doneWords = DONE_WORDS;
  protected readonly tops = TOPS;
  protected readonly shapes = SHAPES;
  protected readonly crumbs = CRUMBS;
  /** The usual ones first; the others on demand, or where one of them was said. */
  protected readonly allWrongs = signal(false);
  protected readonly wrongs = computed(() => {
    const said = this.record()?.wrong ?? [];
    return WRONGS.filter((wrong, i) => i < USUAL_WRONGS || this.allWrongs() || said.includes(wrong));
  });
  protected readonly scores = Array.from({ length: BEST_SCORE }, (_, i) => i + 1);
  protected readonly names = { done: DONE_WORD_NAMES, top: TOP_NAMES, shape: SHAPE_NAMES, crumb: CRUMB_NAMES, wrong: WRONG_NAMES };
  protected readonly mores = MORE;
  protected readonly moreNames = MORE_NAMES;
  protected readonly open = signal<ReadonlySet<More>>(new Set());

  protected readonly record = this.draft.record;
  protected readonly kept = computed(() => this.id() !== undefined);
  protected readonly isFaulty = computed(() => {
    const record = this.record();
    return record !== undefined && faultsOf(record).length > 0;
  });
  /** Where this is the bake after a change: what came of it. */
  protected readonly outcome = computed(() => {
    const tried = this.whys.tried().find(({ nextId }) => nextId === this.id());
    return tried && { confirmed: tried.confirmed, ids: `${tried.id},${tried.nextId}` };
  });
  /** Where two half batches of it are planned: which of them this is. */
  protected readonly halves = HALVES.map((half) => ({ half, words: halfChoiceInWords(half) }));
  protected readonly trial = computed(() => {
    const record = this.record();
    return record && this.halfBatches.trialOf(record);
  });
  protected tapHalf(of: Half): void {
    const record = this.record();
    const half = record?.half?.of === of ? undefined : record && this.halfBatches.halfOf(record, of);
    this.say($localize`which half it was`, { half });
  }
  /** A bake that Orvin knows nothing of: what and in what it was baked is asked. */
  protected readonly bare = computed(() => this.record()?.formulaId === undefined);
  protected readonly moment = computed(() => localMoment(this.record()?.at ?? 0));
  protected readonly now = localMoment(Date.now());

  constructor() {
    effect(() => this.draft.of.set({ kept: this.id(), formula: this.of(), baking: this.bake() }));
    effect((onCleanup) => {
      const isNew = !this.kept();
      this.next.offer.set(isNew ? { label: $localize`Keep this bake`, run: () => void this.keep() } : undefined);
      onCleanup(() => this.next.offer.set(undefined));
    });
  }
  protected readonly act = computed(() => this.next.offer());

  protected readonly known = computed(() => {
    const record = this.record();
    if (!record) return [];
    const { foreseen, coreCelsius, readings } = record;
    const rows = [
      ...(coreCelsius === undefined ? [] : [{ what: $localize`core when it came out`, figure: this.dial.reading(coreCelsius, 1), why: record.simulated ? $localize`simulated` : '' }]),
      ...KNOWN_FIRST.flatMap((code) => {
        const value = readings[code];
        return value === undefined ? [] : [{ what: READING_NAMES[code], figure: readingInWords(code, value, this.dial.scale()), why: '' }];
      }),
    ];
    const window = foreseen ? [{ what: $localize`foreseen`, figure: windowInWords(foreseen.low, foreseen.high), why: $localize`likely ${minutesInWords(foreseen.likely)}` }] : [];
    return [...window, ...rows].slice(0, MOST_KNOWN);
  });

  protected say(label: string, change: Saying): void {
    this.draft.say(label, change);
  }
  protected tapWord(word: DoneWord): void {
    this.say($localize`how done it was`, { word });
  }
  protected nothingWrong(): void {
    this.say($localize`what was wrong`, { wrong: [] });
  }
  protected tapWrong(wrong: Wrong): void {
    const now = this.record()?.wrong ?? [];
    this.say($localize`what was wrong`, { wrong: now.includes(wrong) ? now.filter((each) => each !== wrong) : [...now, wrong] });
  }
  protected setMoment(words: string): void {
    const at = new Date(words).getTime();
    if (Number.isFinite(at)) this.say($localize`when it was baked`, { at });
  }
  protected setMinutes(minutes: number | undefined): void {
    if (minutes !== undefined) this.say($localize`its minutes`, { outMinutes: minutes });
  }
  protected takePhotoOff(id: string): void {
    this.say($localize`its photos`, { photos: (this.record()?.photos ?? []).filter((each) => each !== id) });
  }
  protected toggle(more: More): void {
    this.open.update((open) => new Set(open.has(more) ? [...open].filter((each) => each !== more) : [...open, more]));
  }
  protected isOpen(more: More, value: unknown): boolean {
    return this.open().has(more) || (value !== undefined && value !== '');
  }
  protected async keep(): Promise<void> {
    const id = await this.draft.keep();
    if (id === undefined) return;
    this.toasts.show($localize`The bake is in the Book. Undo takes it out again.`);
    void this.router.navigate(['/book']);
  }
  protected remove(): void {
    const id = this.id();
    if (id === undefined) return;
    this.book.remove(id);
    this.toasts.show($localize`The bake is taken off. Undo brings it back.`);
    void this.router.navigate(['/book']);
  }
  /** What instruments said while it baked, where it was made along with any. */
  protected readonly trace = computed(() => {
    const made = this.bakings.baking(this.record()?.bakingId ?? '')?.baking;
    return made && writeTrace(made);
  });
  protected async save(as: 'markdown' | 'file' | 'trace'): Promise<void> {
    const record = this.record();
    if (!record) return;
    const { recordAsMarkdown, writeRecord } = await import('@orvin/core/papers/book-papers');
    const name = `${inFileName(record.title || 'bake')}-${dateOf(record.at)}`;
    if (as === 'markdown') saveFile(`${name}.md`, recordAsMarkdown(record), 'text/markdown');
    else if (as === 'file') saveFile(`${name}.json`, writeRecord(record), 'application/json');
    else saveFile(`${name}.senml.json`, this.trace() ?? '', 'application/senml+json');
  }
} // prettier-ignore
