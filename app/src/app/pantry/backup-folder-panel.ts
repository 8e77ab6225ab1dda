import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Backups } from '../work/backups';

/** A folder into which the whole kitchen is written once a day; where the browser cannot, when it was last saved by hand. */
@Component({
  selector: 'orv-backup-folder',
  imports: [DatePipe],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div role="group" i18n-aria-label aria-label="Backups by themselves">
      @if (backups.folder(); as folder) {
        <p role="status">
          <ng-container i18n
            >Backups go into <b>{{ folder }}</b>:</ng-container
          >
          @if (backups.busy()) {
            <ng-container i18n>being written …</ng-container>
          } @else if (backups.backedUpAt(); as at) {
            <ng-container i18n>the last on {{ at | date: 'd MMMM, HH:mm' }}, read back and whole.</ng-container>
          } @else {
            <ng-container i18n>none yet.</ng-container>
          }
        </p>
        <p class="controls">
          @if (backups.leave() === 'yes') {
            <button type="button" class="act" [disabled]="backups.busy()" (click)="now()" i18n>Back up now</button>
          } @else {
            <button type="button" class="act" (click)="backups.allow()" i18n>Let Orvin write into it</button>
          }
          <button type="button" class="quiet" (click)="backups.choose()" i18n>Another folder</button>
          <button type="button" class="quiet" (click)="backups.stop()" i18n>No more backups</button>
        </p>
      } @else if (backups.can) {
        <p class="controls">
          <button type="button" class="act" (click)="backups.choose()" i18n>Choose a folder for backups</button>
        </p>
        <p class="said" i18n>Once a day by itself, each read back; the last seven are kept.</p>
      } @else {
        <p class="said">
          <ng-container i18n
            >This browser lets nothing be written by itself: save everything now and then.</ng-container
          >
          @if (backups.savedAt(); as at) {
            <ng-container i18n>Last saved on {{ at | date: 'd MMMM' }}.</ng-container>
          }
        </p>
      }
      @if (backups.problem()) {
        <p role="alert" i18n>▲ {{ backups.problem() }} Those that stand there are as they were.</p>
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
