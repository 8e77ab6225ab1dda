import { effect, inject } from '@angular/core';
import { OnBench } from '../work/on-bench';
import { NextAct, type NextActOffer } from './next-act';

/**
 * What every station of one formula does: it brings the formula to hand, and offers its next act while it is open. To be called where a
 * component is made.
 * @param offer absent for a page that offers none
 */
export function atStation(id: () => string, offer?: () => NextActOffer | undefined): void {
  const onBench = inject(OnBench);
  const next = inject(NextAct);
  effect(() => onBench.bring(id()));
  if (!offer) return;
  effect((onCleanup) => {
    next.offer.set(offer());
    onCleanup(() => next.offer.set(undefined));
  });
}
