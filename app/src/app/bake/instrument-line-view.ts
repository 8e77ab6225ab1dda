import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Instruments } from './instruments';

/** Which instruments listen, and what to do when one is silent. */
@Component({
  selector: 'orv-instrument-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <span class="says" role="status">{{ says() }}</span>
    @if (instruments.source() === 'none') {
      <button type="button" (click)="instruments.useStandIns()" i18n>Simulated instruments</button>
      @if (instruments.canSerial) {
        <button type="button" (click)="instruments.useSerial()" i18n>A real one</button>
      }
    } @else {
      <button type="button" (click)="instruments.useNone()" i18n>By hand</button>
    }
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      justify-content: flex-end;
      gap: 2px 8px;
      color: var(--ink-2);
    }
    .says {
      font-size: var(--step-1);
    }
    button {
      min-height: 44px;
      padding: 0 10px;
      border: 0;
      border-radius: var(--corner);
      background: none;
      color: var(--rim);
      font: inherit;
      font-weight: 650;
      cursor: pointer;
    }
    button:hover {
      background: var(--rim-wash);
    }
  `,
})
export class InstrumentLineView {
  protected readonly instruments = inject(Instruments);
  protected readonly says = computed(() => {
    const { source, line, lowBattery, grams } = this.instruments;
    if (source() === 'none') return $localize`no scale listens`;
    const name = source() === 'simulated' ? $localize`simulated` : $localize`on the serial line`;
    if (line() === 'connecting') return $localize`looking for instruments`;
    if (line() === 'down') return $localize`▲ the line is down, trying again: by hand until then`;
    if (grams() === undefined) return $localize`▲ the scale is silent (${name}): by hand until it speaks`;
    return lowBattery() ? $localize`${name}, ▲ its battery is low` : name;
  });
}
