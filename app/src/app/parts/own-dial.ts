import { Injectable, inject } from '@angular/core';
import { apartOn, heatOn } from '@orvin/core/words/figures';
import { SettingsStore } from '../store/settings-store';

/** Heats as the dial of the baker's own oven has them. */
@Injectable({ providedIn: 'root' })
export class OwnDial {
  readonly scale = inject(SettingsStore).heatScale;
  /** "177 °C", "350 °F" */
  heat(celsius: number): string {
    return heatOn(this.scale(), celsius);
  }
  /** How far two heats are apart. */
  apart(celsius: number): string {
    return apartOn(this.scale(), celsius);
  }
}
