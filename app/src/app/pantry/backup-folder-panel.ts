import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Backups } from '../work/backups';

/** A folder into which the whole kitchen is written once a day; where the browser cannot, when it was last saved by hand. */
@Component({
  selector: 'orv-backup-folder',
  imports: [DatePipe],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div role="group" aria-label="Backups by themselves">
      @if (backups.folder(); as folder) {
        <p role="status">
          Backups go into <b>{{ folder }}</b>:
          @if (backups.busy()) {
            being written …
          } @else if (backups.backedUpAt(); as at) {
            the last on {{ at | date: 'd MMMM, HH:mm' }}, read back and whole.
          } @else {
            none yet.
          }
        </p>
        <p class="controls">
          @if (backups.leave() === 'yes') {
            <button type="button" class="act" [disabled]="backups.busy()" (click)="now()">Back up now</button>
          } @else {
            <button type="button" class="act" (click)="backups.allow()">Let Orvin write into it</button>
          }
          <button type="button" class="quiet" (click)="backups.choose()">Another folder</button>
          <button type="button" class="quiet" (click)="backups.stop()">No more backups</button>
        </p>
      } @else if (backups.can) {
        <p class="controls">
          <button type="button" class="act" (click)="backups.choose()">Choose a folder for backups</button>
        </p>
        <p class="said">Once a day by itself, each read back; the last seven are kept.</p>
      } @else {
        <p class="said">
          This browser lets nothing be written by itself: save everything now and then.
          @if (backups.savedAt(); as at) {
            Last saved on {{ at | date: 'd MMMM' }}.
          }
        </p>
      }
      @if (backups.problem()) {
        <p role="alert">▲ {{ backups.problem() }} Those that stand there are as they were.</p>
      }
    </div>
  `,
  styleUrl: '../parts/panels.css',
})
export class BackupFolder {
  protected readonly backups = inject(Backups);
  constructor() {
    void this.backups.load();
  }
  protected now(): void {
    void this.backups.backUp(Date.now());
  }
}
