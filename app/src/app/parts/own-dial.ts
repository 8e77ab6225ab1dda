import { Injectable, computed, inject } from '@angular/core';
import { apartOn, DEGREES, heatOn, readingOn, signedApart } from '@orvin/core/words/figures';
import { SettingsStore } from '../store/settings-store';

/** Heats as the dial of the baker's own oven has them. */
@Injectable({ providedIn: 'root' })
export class OwnDial {
  readonly scale = inject(SettingsStore).heatScale;
  /** What stands behind its figures. */
  readonly degrees = computed(() => DEGREES[this.scale()]);
  /** "177 °C", "350 °F" */
  heat(celsius: number): string {
    return heatOn(this.scale(), celsius);
  }
  /** What a thermometer says. */
  reading(celsius: number, places = 0): string {
    return readingOn(this.scale(), celsius, places);
  }
  /** So far off, and how surely: "+4 ± 2 °C". */
  offset(celsius: number, spread: number, places = 0): string {
    return `${signedApart(this.scale(), celsius, places)} ± ${apartOn(this.scale(), spread, places)}`;
  }
  /** How far two heats are apart. */
  apart(celsius: number): string {
    return apartOn(this.scale(), celsius);
  }
}
