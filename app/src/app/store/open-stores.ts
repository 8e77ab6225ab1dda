import { InjectionToken, inject } from '@angular/core';
import { PLAIN_KITCHEN } from '@orvin/core/kitchen/kitchen';
import { FormulaStore } from './formula-store';
import { SettingsStore } from './settings-store';

/** Reads everything back before the first screen; a first visit finds the tea tent's formulas. */
export const openStores = new InjectionToken<() => Promise<void>>('opens the stores', {
  factory: () => {
    const formulas = inject(FormulaStore);
    const settings = inject(SettingsStore);
    return async () => {
      await formulas.load();
      await settings.load();
      if (settings.seeded() || formulas.formulas().length > 0) return;
      // only a first visit carries the tea tent
      const { demoData } = await import('./demo-data');
      const demo = demoData(Date.now());
      // what a kitchen knows already stands
      formulas.seed(
        demo.formulas,
        demo.versions,
        formulas.kitchen() === PLAIN_KITCHEN ? demo.kitchen : undefined,
        demo.plan,
        demo.bakes,
        demo.larder,
      );
      settings.set({ seeded: true });
    };
  },
});
