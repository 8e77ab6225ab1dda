import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { readFigure } from '@orvin/core/ground/units';
import { styleById, styleShortName, type BandVerdict, type Style } from '@orvin/core/batter/balance';
import { forget, learn, type OwnStyle } from '@orvin/core/kitchen/kitchen';
import type { Region } from '@orvin/core/ground/units';
import { QUANTITY_NAMES } from '@orvin/core/words/wording';
import { FormulaStore } from '../store/formula-store';
import { Toasts } from '../parts/toasts';
import { LineEditing } from './line-editing';

const numberIn = (field: HTMLInputElement) => {
  const read = readFigure(field.value, { lowest: 0, highest: 1000 });
  return read.kind === 'figure' ? read.value : NaN;
};

/** One band made the baker's own: its ends and its middle; or a style of their own that begins with it. */
@Component({
  selector: 'orv-band-editor',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form (submit)="$event.preventDefault(); keep(low, typical, high, name)">
      <span class="caption" i18n>your band, {{ verdict().unit }}</span>
      <label
        ><ng-container i18n>from</ng-container>&ngsp;
        <input
          #low
          inputmode="decimal"
          [value]="shown(verdict().band.low)"
          [attr.aria-label]="texts.lowest(quantity())"
      /></label>
      <label
        ><ng-container i18n>usual</ng-container>&ngsp;
        <input
          #typical
          inputmode="decimal"
          [value]="shown(verdict().band.typical)"
          [attr.aria-label]="texts.usual(quantity())"
      /></label>
      <label
        ><ng-container i18n>to</ng-container>&ngsp;
        <input
          #high
          inputmode="decimal"
          [value]="shown(verdict().band.high)"
          [attr.aria-label]="texts.highest(quantity())"
      /></label>
      <label class="name"
        ><ng-container i18n>as</ng-container>&ngsp;
        <input
          #name
          maxlength="60"
          [placeholder]="ofStyle().own ? '' : texts.mine(styleWords())"
          [value]="ofStyle().own && isAdded() ? ofStyle().nameUk : ''"
          [attr.aria-label]="texts.nameOfAStyleOfYour"
      /></label>
      <button type="submit" i18n>Keep the band</button>
      @if (ofStyle().own) {
        <button type="button" class="back" (click)="back()">
          {{ isAdded() ? texts.forgetThisStyle : texts.backToTheTable }}
        </button>
      }
    </form>
    @if (problem()) {
      <p class="problem" role="status">{{ problem() }}</p>
    }
  `,
  styles: `
    form {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 4px 10px;
      padding: 2px 0 8px;
      font-size: var(--step--1);
      color: var(--ink-2);
    }
    input {
      width: 3.8rem;
      min-height: 30px;
      border: 0;
      border-bottom: 1.5px solid var(--rim-2);
      background: none;
      text-align: right;
      color: var(--ink);
      font-weight: 600;
    }
    .name input {
      width: 9rem;
      text-align: left;
    }
    button {
      border: 1.5px solid var(--rim);
      border-radius: var(--corner);
      background: var(--enamel);
      color: var(--rim);
      font-weight: 600;
      min-height: 30px;
      padding: 0 10px;
      cursor: pointer;
    }
    .back {
      border-color: transparent;
      background: none;
    }
    .problem {
      color: var(--alert);
      font-size: var(--step--1);
    }
    @media (pointer: coarse) {
      input,
      button {
        min-height: var(--finger);
      }
    }
  `,
})
export class BandEditor {
  protected readonly texts = {
    lowest: (quantity: string | number) => $localize`Lowest ${quantity}`,
    usual: (quantity: string | number) => $localize`Usual ${quantity}`,
    highest: (quantity: string | number) => $localize`Highest ${quantity}`,
    mine: (styleWords: string | number) => $localize`${styleWords}, mine`,
    nameOfAStyleOfYour: $localize`Name of a style of your own`,
    forgetThisStyle: $localize`Forget this style`,
    backToTheTable: $localize`Back to the table`,
  };
  readonly verdict = input.required<BandVerdict>();
  readonly ofStyle = input.required<Style>();
  readonly region = input.required<Region>();
  private readonly store = inject(FormulaStore);
  private readonly editing = inject(LineEditing);
  private readonly toasts = inject(Toasts);

  protected readonly problem = signal('');
  protected readonly quantity = computed(() => QUANTITY_NAMES[this.verdict().quantity]);
  protected readonly styleWords = computed(() => styleShortName(this.ofStyle(), this.region()));
  /** Whether the style is one that the baker added, not one of the table's with other bands. */
  protected readonly isAdded = computed(() => styleById(this.ofStyle().id) === undefined);
  protected readonly shown = (value: number) => String(Number(value.toFixed(2)));

  protected keep(
    low: HTMLInputElement,
    typical: HTMLInputElement,
    high: HTMLInputElement,
    name: HTMLInputElement,
  ): void {
    const band = { low: numberIn(low), typical: numberIn(typical), high: numberIn(high) };
    if (!(band.low >= 0 && band.low <= band.typical && band.typical <= band.high && band.high <= 1000)) {
      this.problem.set($localize`The usual must lie between the ends, and the ends between 0 and 1000.`);
      return;
    }
    this.problem.set('');
    const style = this.ofStyle();
    const named = name.value.trim();
    const known = (this.store.kitchen().styles ?? []).find(({ id }) => id === style.id);
    const added = named !== '' && named !== style.nameUk;
    const ownStyle: OwnStyle = {
      id: added ? `own-${crypto.randomUUID()}` : style.id,
      name: named !== '' ? named : (known?.name ?? this.styleWords()),
      basedOn: style.basedOn,
      bands: { ...(known?.bands ?? {}), [this.verdict().quantity]: band },
    };
    this.store.changeKitchen($localize`the band of ${this.quantity()}`, (kitchen) => learn.style(kitchen, ownStyle));
    if (added) this.editing.setStyle(ownStyle.id);
    this.toasts.show(
      added ? $localize`${ownStyle.name} is a style of yours.` : $localize`The band of ${this.quantity()} is yours.`,
      '',
      {
        label: $localize`Undo`,
        run: () => this.store.undo(),
      },
    );
  }

  protected back(): void {
    const { id } = this.ofStyle();
    if (this.isAdded()) this.editing.setStyle(undefined);
    this.store.changeKitchen($localize`the bands of the table`, (kitchen) => forget.style(kitchen, id));
  }
}
