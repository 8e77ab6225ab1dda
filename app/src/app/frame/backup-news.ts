import { Injectable, inject } from '@angular/core';
import { Router } from '@angular/router';
import { Toasts } from '../parts/toasts';
import { Backups } from '../work/backups';

/** Writes the day's backup where a folder was chosen, and says what the baker should know of it. */
@Injectable({ providedIn: 'root' })
export class BackupNews {
  private readonly backups = inject(Backups);
  private readonly toasts = inject(Toasts);
  private readonly router = inject(Router);

  async look(now: number): Promise<void> {
    await this.backups.load();
    const told = await this.backups.look(now);
    const there = { label: $localize`See to it`, run: () => void this.router.navigate(['/pantry']) };
    if (told === 'ask')
      this.toasts.show($localize`No backup today yet.`, $localize`The browser wants to be asked again first.`, there);
    else if (told === 'failed')
      this.toasts.show($localize`Today’s backup was not written.`, this.backups.problem(), there);
    else if (told === 'remind')
      this.toasts.show($localize`Everything is in this browser only.`, $localize`Save it somewhere else too.`, there);
  }
}
