import type { Injector } from '@angular/core';
import { Router } from '@angular/router';
import { Toasts } from '../parts/toasts';
import { Backups } from '../work/backups';

/** Writes the day's backup where a folder was chosen, and says what the baker should know of it. */
export async function lookAfterBackups(injector: Injector, now: number): Promise<void> {
  const [backups, toasts, router] = [injector.get(Backups), injector.get(Toasts), injector.get(Router)];
  await backups.load();
  const told = await backups.look(now);
  const there = { label: 'See to it', run: () => void router.navigate(['/pantry']) };
  if (told === 'ask') toasts.show('No backup today yet.', 'The browser asks before each start’s first.', there);
  else if (told === 'failed') toasts.show('Today’s backup was not written.', backups.problem(), there);
  else if (told === 'remind') toasts.show('Everything is in this browser only.', 'Save it somewhere else too.', there);
}
