import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { styleBook, styleName } from '@orvin/core/batter/balance';
import { FAULT_IDS, faultsOf, faultsSaid, USUAL_STYLE_ID, withoutFault } from '@orvin/core/book/diagnosing';
import { eitherOf, listed } from '@orvin/core/words/figures';
import { TEST_WORDS, faultName, nextTimeInWords } from '@orvin/core/words/why-words';
import { NextAct } from '../parts/next-act';
import { Toasts } from '../parts/toasts';
import { dayOf } from '../parts/wall-clock';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';
import { TakenChanges } from '../work/taken-changes';
import { riskWords } from '../work/risks-now';
import { Whys } from '../work/whys';
import { AT_HAND, WhichBake } from './which-bake';
import { WhySlice, type Place } from './why-slice';
import { faultChips, loudest, whyView } from './why-view';
import { OwnDial } from '../parts/own-dial';

const FEW_CHIPS = 8;
const NUMBERS = 6;
const RISKS = 4;
/** Why a bake came out as it did: causes from its own numbers, what tells them apart, and the change for next time. */
@Component({
  selector: 'orv-why',
  imports: [RouterLink, WhichBake, WhySlice],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './why.html',
  styleUrls: ['../parts/panels.css', './two-columns.css', './why.css'],
})
export class Why {
  protected readonly texts = {
    thatBakesOwnNumbers: $localize`That bake’s own numbers`,
    itsOwnNumbers: $localize`Its own numbers`,
    solved: $localize`✓ Solved`,
    notSolved: $localize`▲ Not solved`,
    oneQuestion: $localize`One question`,
    minutesWouldTell: (minutes: string | number) => $localize`${minutes} minutes would tell`,
    takeBack: (words: string | number) => $localize`Take back: ${words}`,
  };
  /** The bake asked about, or the formula at hand. */
  readonly ids = input.required<string>();
  /** What was said of a bake without a record: faults, and answers as "fizz:yes". */
  readonly seen = input<string>();
  readonly told = input<string>();
  private readonly dial = inject(OwnDial);
  private readonly router = inject(Router);
  private readonly book = inject(BookStore);
  private readonly formulas = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly whys = inject(Whys);
  private readonly taken = inject(TakenChanges);
  private readonly toasts = inject(Toasts);
  private readonly offers = inject(NextAct);

  /** The one asked for, else the latest with a fault. */
  protected readonly chosenId = computed(() => {
    if (this.ids() === AT_HAND || this.book.bake(this.ids())) return this.ids();
    const [faulty] = this.book.bakes().filter(({ record }) => faultsOf(record).length > 0);
    return faulty?.id ?? this.book.bakes()[0]?.id ?? AT_HAND;
  });
  private readonly kept = computed(() => this.book.bake(this.chosenId()));
  protected readonly style = signal(USUAL_STYLE_ID);
  protected readonly of = computed(() => {
    const kept = this.kept();
    if (kept) return this.whys.ofBake(kept.record, this.style());
    const atHand = this.onBench.id();
    return atHand === undefined ? undefined : this.whys.ofFormula(atHand);
  });
  /** Only where nothing else says what kind of bake it was. */
  protected readonly styleAsked = computed(() => this.of()?.audit === undefined && this.kept() !== undefined);
  protected readonly styles = computed(() => styleBook(this.formulas.kitchen().styles).all.map((style) => ({ id: style.id, name: styleName(style, 'UK') }))); // prettier-ignore

  /** Without a record, what was said stands in the address: it outlives a reload. */
  private readonly saidOnly = computed(() => ({
    faults: (this.seen() ?? '').split(',').filter((fault) => FAULT_IDS.includes(fault)),
    answers: Object.fromEntries((this.told() ?? '').split(',').flatMap((each) => {
      const [test = '', yes] = each.split(':');
      return TEST_WORDS[test] ? [[test, yes === 'yes'] as const] : [];
    })),
  })); // prettier-ignore
  private sayOnly(params: Readonly<Record<string, string>>): void {
    void this.router.navigate([], { queryParams: Object.fromEntries(Object.entries(params).map(([name, said]) => [name, said === '' ? null : said])), queryParamsHandling: 'merge', replaceUrl: true }); // prettier-ignore
  }
  protected readonly faults = computed(() => {
    const kept = this.kept();
    return kept ? faultsOf(kept.record) : this.saidOnly().faults;
  });
  private readonly answered = computed(() => this.kept()?.record.answers ?? this.saidOnly().answers);
  protected readonly answers = computed(
    () =>
    Object.entries(this.answered()).map(([id, yes]) => ({ id, words: (yes ? TEST_WORDS[id]?.yes : TEST_WORDS[id]?.no) ?? id })), // prettier-ignore
  );
  private readonly asked = computed(() => {
    const of = this.of();
    return of && { faults: this.faults(), signals: of.signals, answers: this.answered(), kitchen: this.whys.odds() };
  });
  protected readonly view = computed(() => {
    const asked = this.asked();
    return asked && whyView(asked, this.dial.scale());
  });
  protected readonly numbers = computed(() => {
    const asked = this.asked();
    return asked && asked.faults.length > 0 ? loudest(asked, NUMBERS, this.dial.scale()) : [];
  });
  protected readonly risks = computed(() => {
    const asked = this.asked();
    return asked ? riskWords(asked, RISKS) : [];
  });

  protected readonly place = signal<Place | undefined>(undefined);
  protected readonly all = linkedSignal({ source: () => this.chosenId(), computation: () => false });
  private readonly listed = computed(() => {
    const asked = this.asked();
    if (!asked) return [];
    const seen = new Set(this.faults());
    const frosted = this.of()?.audit?.weighed.components.some(({ name, inBatter }) => !inBatter && /frost|icing|cream/i.test(name)) ?? false; // prettier-ignore
    const chips = faultChips(asked, frosted, this.place()?.of);
    const chosen = faultChips(asked, frosted, undefined).filter(({ id }) => seen.has(id));
    return [...chosen, ...chips.filter(({ id }) => !seen.has(id))];
  });
  protected readonly chips = computed(() => {
    const all = this.all() || this.place() !== undefined;
    return all ? this.listed() : this.listed().slice(0, Math.max(FEW_CHIPS, this.faults().length + 3));
  });
  protected readonly more = computed(() => this.listed().length - this.chips().length);
  protected readonly placeWords = computed(() => this.place() === undefined ? $localize`Faults, those first that this bake risked` : $localize`Faults seen there`); // prettier-ignore
  protected readonly notUnderstood = signal(false);

  /** The cause whose change is shown: the first, unless another is chosen. */
  protected readonly cause = linkedSignal<string, string | undefined>({ source: () => `${this.chosenId()} ${this.view()?.rows[0]?.id ?? ''}`, computation: () => undefined }); // prettier-ignore
  protected readonly causeId = computed(() => this.cause() ?? this.view()?.rows[0]?.id);
  protected readonly next = computed(() => {
    const [of, cause] = [this.of(), this.causeId()];
    if (!of || cause === undefined) return undefined;
    const change = this.whys.change(cause, of);
    if (!change) return undefined;
    const formula = of.formulaId === undefined ? undefined : this.formulas.formula(of.formulaId);
    return { cause, change, words: nextTimeInWords(change, formula?.formula.region ?? 'UK', this.dial.scale()), formulaId: formula?.id, canKeep: formula !== undefined }; // prettier-ignore
  });
  /** What came of the change that was made because of this bake. */
  protected readonly outcome = computed(() => {
    const tried = this.whys.tried().find(({ id }) => id === this.chosenId());
    const next = tried && this.book.bake(tried.nextId);
    if (!tried || !next) return undefined;
    const gone = tried.faults.filter((fault) => !tried.again.includes(fault)).map(faultName); // prettier-ignore
    const again = tried.again.map(faultName);
    const words = tried.confirmed ? $localize`${dayOf(next.record.at)}:record:: no longer ${eitherOf(gone)}.` : $localize`${dayOf(next.record.at)}:record:: again ${listed(again)}.`; // prettier-ignore
    return { confirmed: tried.confirmed, words, ids: `${tried.id},${tried.nextId}` };
  });

  constructor() {
    effect((onCleanup) => {
      const next = this.next();
      const kept = this.kept();
      const already = kept?.record.tried;
      if (!next?.canKeep || next.formulaId === undefined || already?.cause === next.cause) {
        this.offers.offer.set(undefined);
        return;
      }
      const version = this.taken.nextNumber(next.formulaId);
      const figure = next.words.figure.split(',')[0];
      this.offers.offer.set({
        label: $localize`Make version ${version}${figure ? `: ${figure}` : ''}`,
        run: () => this.make(),
      });
      onCleanup(() => this.offers.offer.set(undefined));
    });
  }

  protected go(id: string): void {
    void this.router.navigate([], { queryParams: { ids: id, seen: null, told: null }, queryParamsHandling: 'merge' });
  }
  protected isSeen(fault: string): boolean {
    return this.faults().includes(fault);
  }
  protected tap(fault: string): void {
    this.setFaults(this.isSeen(fault) ? this.faults().filter((each) => each !== fault) : [...this.faults(), fault]);
  }
  private setFaults(faults: readonly string[]): void {
    const kept = this.kept();
    if (!kept) {
      this.sayOnly({ seen: faults.join(',') });
      return;
    }
    const gone = this.faults().filter((fault) => !faults.includes(fault));
    const come = faults.filter((fault) => !this.faults().includes(fault));
    this.book.change(kept.id, $localize`what was wrong`, (record) => {
      const without = gone.reduce(withoutFault, record);
      return { ...without, wrong: without.wrong ?? [], faults: [...(without.faults ?? []), ...come] };
    });
  }
  protected say(field: HTMLInputElement): void {
    const words = field.value.trim();
    if (words === '') return;
    const said = faultsSaid(words);
    this.notUnderstood.set(said.length === 0);
    if (said.length === 0) return;
    field.value = '';
    this.setFaults([...new Set([...this.faults(), ...said])]);
  }
  protected answer(test: string, yes: boolean): void {
    this.setAnswers({ ...this.answered(), [test]: yes });
  }
  protected takeBack(test: string): void {
    this.setAnswers(Object.fromEntries(Object.entries(this.answered()).filter(([id]) => id !== test)));
  }
  private setAnswers(answers: Readonly<Record<string, boolean>>): void {
    const kept = this.kept();
    if (kept) this.book.change(kept.id, $localize`an answer`, (record) => ({ ...record, answers }));
    else this.sayOnly({ told: Object.entries(answers).map(([test, yes]) => `${test}:${yes ? 'yes' : 'no'}`).join(',') }); // prettier-ignore
  }
  /** Keeps the change as a version whose reason names the bake and the fault. */
  private make(): void {
    const [next, of] = [this.next(), this.of()];
    if (!next || !of) return;
    const version = this.taken.asVersion(next.change, of, this.faults(), this.kept()?.id);
    if (version) this.toasts.show($localize`Version ${version.number} is kept: ${version.reason}.`, $localize`The next bake of it is held against this one.`); // prettier-ignore
  }
}
