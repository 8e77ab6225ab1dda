import { ErrorHandler, Injectable, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { SwUpdate } from '@angular/service-worker';

/*
 * Orvin brought up to date while it stands open. What is on the screen goes on as it is, from the files that came with it; the next start
 * is the newer one. Where those files are gone all the same, or the server is off before they were fetched, it is said what to do: what
 * the baker typed is on the disk.
 */

/** What browsers and Angular say of a part of a program that cannot be fetched. */
const MISSING = /dynamically imported module|importing a module script failed|NG0*750|loading dependencies/i;
const isMissingPart = (error: unknown): boolean => error instanceof Error && MISSING.test(error.message);

@Injectable({ providedIn: 'root' })
export class Updates {
  private readonly worker = inject(SwUpdate, { optional: true });
  private readonly newer = signal(false);
  private readonly missing = signal(false);
  /** A newer Orvin waits for the next start. */
  readonly waits = this.newer.asReadonly();
  /** Parts of the one that stands open cannot be had any more. */
  readonly partsMissing = this.missing.asReadonly();

  constructor() {
    this.worker?.versionUpdates.pipe(takeUntilDestroyed()).subscribe(({ type }) => {
      if (type === 'VERSION_READY') this.newer.set(true);
    });
    this.worker?.unrecoverable.pipe(takeUntilDestroyed()).subscribe(() => this.missing.set(true));
  }

  /** Asks the server whether there is a newer one: a tab may stand open for weeks. */
  look(): void {
    // without a server there is nothing newer
    if (this.worker?.isEnabled) void this.worker.checkForUpdate().catch(() => false);
  }
  /** @returns whether an error was a part that could not be fetched: it is said from now on */
  failed(error: unknown): boolean {
    const isPart = isMissingPart(error);
    if (isPart) this.missing.set(true);
    return isPart;
  }
}

/** What goes wrong anywhere is written to the console; a part that could not be fetched is said to the baker too. */
@Injectable()
export class Mishaps extends ErrorHandler {
  private readonly updates = inject(Updates);
  override handleError(error: unknown): void {
    this.updates.failed(error);
    super.handleError(error);
  }
}
