import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import {
  MISHAPS,
  rescuesFor,
  type Mishap,
  type MishapAt,
  type MishapKind,
  type OvenOff,
} from '@orvin/core/along/rescue';
import { MISHAP_NAMES, ovenOffInWords, rescueInWords } from '@orvin/core/words/along-words';
import type { Sentence } from '@orvin/core/words/figures';
import { FigureField } from '../parts/kept-field';
import { Work } from '../work/work-client';
import { ThisBaking } from './this-baking';
import { OwnDial } from '../parts/own-dial';

const MINUTE = 60_000;
const USUAL_MINUTES = 10;
const WHICH: ReadonlySet<MishapKind> = new Set(['forgot', 'twice', 'no-more']);
const HOW_LONG: ReadonlySet<MishapKind> = new Set(['waited', 'oven-off']);

/** Something went wrong: what can be saved at this step, worked out where it can be. */
@Component({
  selector: 'orv-rescue',
  imports: [FigureField, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 i18n>What happened?</h2>
    <div class="kinds" role="group" i18n-aria-label aria-label="What happened">
      @for (kind of kinds; track kind) {
        <button type="button" class="press" [attr.aria-pressed]="chosen() === kind" (click)="choose(kind)">
          {{ names[kind] }}
        </button>
      }
    </div>
    @if (asksWhich()) {
      <div class="lines" role="group" i18n-aria-label aria-label="Which line">
        @for (line of lines(); track line.id) {
          <button type="button" class="press" [attr.aria-pressed]="lineId() === line.id" (click)="lineId.set(line.id)">
            {{ line.name }}
          </button>
        }
      </div>
    }
    @if (asksFigure(); as asks) {
      <label class="by-hand">
        {{ asks.words }}
        <input
          [orvFigure]="figure()"
          [lowest]="0"
          [highest]="asks.highest"
          [unit]="asks.unit"
          [keptAs]="'rescue of ' + baking.id() + ' ' + chosen()"
          (figureSaid)="setFigure($event)"
        />
        {{ asks.unit }}
      </label>
    }
    <div class="answers" role="status">
      @for (answer of answers(); track answer.say) {
        <p>
          <b>{{ answer.say }}.</b> {{ answer.why }}
        </p>
      } @empty {
        @if (chosen() && !waiting()) {
          <p>{{ asksWhich() && lineId() === '' ? texts.whichOne : texts.nothingNeedsToBeDone }}</p>
        }
      }
      @if (swaps()) {
        <p><a [routerLink]="['/bench', formulaId()]" [queryParams]="{ at: 'swap' }" i18n>To the Bench</a></p>
      }
    </div>
    <p class="judged" i18n>Grams, gas, acidity and minutes are worked out; what they do to the crumb is judged.</p>
    <button type="button" class="press close" (click)="closed.emit()" i18n>Back to the bake</button>
  `,
  styleUrls: ['./counter.css', './rescue.css'],
})
export class RescueView {
  protected readonly texts = {
    whichOne: $localize`Which one?`,
    nothingNeedsToBeDone: $localize`Nothing needs to be done.`,
  };
  readonly closed = output();
  private readonly dial = inject(OwnDial);
  protected readonly baking = inject(ThisBaking);
  private readonly work = inject(Work);
  protected readonly kinds = MISHAPS;
  protected readonly names = MISHAP_NAMES;
  protected readonly chosen = signal<MishapKind | undefined>(undefined);
  protected readonly lineId = signal('');
  protected readonly figure = signal(USUAL_MINUTES);
  protected readonly waiting = signal(false);
  private readonly off = signal<OvenOff | undefined>(undefined);

  protected readonly lines = computed(() => this.baking.bowl().map(({ id }) => ({ id, name: this.baking.nameOf(id) })));
  protected readonly formulaId = computed(() => this.baking.baking()?.snapshot.formulaId ?? '');
  protected readonly asksWhich = computed(() => WHICH.has(this.chosen() ?? 'waited'));
  protected readonly asksFigure = computed(() => {
    const kind = this.chosen();
    if (kind === 'no-more') return { words: $localize`There is`, unit: $localize`g of it`, highest: 50_000 };
    if (kind === 'dropped') return { words: $localize`Left of the batter`, unit: 'g', highest: 50_000 };
    return kind !== undefined && HOW_LONG.has(kind) ? { words: $localize`For`, unit: 'min', highest: 240 } : undefined;
  });
  /** Where the bake is. */
  private readonly at = computed<MishapAt>(() => {
    const { ovens, step } = this.baking.state();
    const inAt = [...ovens.values()].find(({ inAt: at, outAt }) => at !== undefined && outAt === undefined)?.inAt;
    if (inAt !== undefined) return { stage: 'in-oven', minutesIn: (this.baking.now() - inAt) / MINUTE };
    if (step?.kind === 'divide' || step?.kind === 'bake') return { stage: 'in-pans', minutesIn: 0 };
    const mixed = this.baking.walk().slice(0, this.baking.state().at + 1).some((each) => each.kind === 'mix' && each.phase === 'combine'); // prettier-ignore
    return { stage: mixed ? 'mixed' : 'weighing', minutesIn: 0 };
  });
  private readonly mishap = computed<Mishap | undefined>(() => {
    const [kind, id, figure] = [this.chosen(), this.lineId(), this.figure()];
    switch (kind) {
      case 'forgot':
      case 'twice':
        return id === '' ? undefined : { kind, id };
      case 'no-more':
        return id === '' ? undefined : { kind, id, haveGrams: figure };
      case 'waited':
        return { kind, minutes: figure };
      case 'dropped':
        return { kind, leftGrams: figure };
      case 'oven-off':
      case undefined:
        return undefined;
    }
  });
  private readonly rescues = computed(() => {
    const mishap = this.mishap();
    if (!mishap) return [];
    const pieces = this.baking.walk().reduce((sum, step) => sum + (step.kind === 'divide' ? step.pieces : 0), 0);
    const style = this.baking.audit()?.style;
    return rescuesFor(mishap, { lines: this.baking.bowl(), at: this.at(), pieces, ...(style && { style }) });
  });
  protected readonly swaps = computed(() => this.rescues().some(({ code }) => code === 'swap-it'));
  protected readonly answers = computed<readonly Sentence[]>(() => {
    if (this.chosen() === 'oven-off') {
      const off = this.off();
      return off ? [ovenOffInWords(off, this.dial.scale())] : [];
    }
    return this.rescues().map((rescue) => rescueInWords(rescue, this.baking.nameOf));
  });

  protected choose(kind: MishapKind): void {
    this.chosen.set(kind);
    this.lineId.set('');
    const batter = this.baking.bowl().reduce((sum, { targetGrams }) => sum + targetGrams, 0);
    this.figure.set(kind === 'dropped' ? Math.round(batter / 2) : kind === 'no-more' ? 0 : USUAL_MINUTES);
    if (kind === 'oven-off') void this.askOvenOff();
  }
  protected setFigure(figure: number | undefined): void {
    if (figure === undefined) return;
    this.figure.set(figure);
    if (this.chosen() === 'oven-off') void this.askOvenOff();
  }
  private async askOvenOff(): Promise<void> {
    const job = this.baking.baking()?.snapshot.portions[0]?.job;
    if (!job) return;
    this.waiting.set(true);
    const at = this.at();
    const offMinutes = this.figure();
    // it went off that long ago
    const atMinute = Math.max(0, at.minutesIn - offMinutes);
    this.off.set(await this.work.run('oven-off', { job, atMinute, offMinutes }).catch(() => undefined));
    this.waiting.set(false);
  }
}
