import { DOCUMENT, Injectable, computed, effect, inject, signal } from '@angular/core';
import { fromEvent } from 'rxjs';
import { SettingsStore } from '../store/settings-store';

/** Day and night: the baker's choice, or that of the device. */
@Injectable({ providedIn: 'root' })
export class ThemeSwitch {
  private readonly settings = inject(SettingsStore);
  private readonly dark = matchMedia('(prefers-color-scheme: dark)');
  private readonly deviceIsDark = signal(this.dark.matches);
  readonly night = computed(() => {
    const theme = this.settings.theme();
    return theme === 'auto' ? this.deviceIsDark() : theme === 'night';
  });

  constructor() {
    const root = inject(DOCUMENT).documentElement;
    fromEvent<MediaQueryListEvent>(this.dark, 'change').subscribe((event) => this.deviceIsDark.set(event.matches));
    effect(() => root.setAttribute('data-theme', this.night() ? 'night' : 'day'));
  }

  toggle(): void {
    this.settings.set({ theme: this.night() ? 'day' : 'night' });
  }
}
