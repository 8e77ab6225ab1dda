import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { CHECK_ROWS } from '../store/checking';
import { PhotoStore } from '../store/photo-store';
import { RecordStore } from '../store/record-store';
import { TABLE_NAMES, type Table } from '../store/tables';
import { BackupFolder } from './backup-folder-panel';
import { saveBlob } from '../parts/save-file';
import { Toasts } from '../parts/toasts';
import { Backups } from '../work/backups';
import type { HeldAgainst, Rows } from '../work/workbook';

const TABLE_WORDS: Readonly<Record<Table, readonly [one: string, more: string]>> = {
  formulas: [$localize`formula`, $localize`formulas`],
  versions: [$localize`version`, $localize`versions`],
  kitchens: [$localize`kitchen`, $localize`kitchens`],
  batches: [$localize`kept batch`, $localize`kept batches`],
  plans: [$localize`day`, $localize`days`],
  bakings: [$localize`bake along`, $localize`bakes along`],
  bakes: [$localize`bake on record`, $localize`bakes on record`],
  larder: [$localize`thing put away`, $localize`things put away`],
};
const counted = (table: Table, count: number) => `${count} ${TABLE_WORDS[table][count === 1 ? 0 : 1]}`;

interface Arrived {
  readonly rows: Rows;
  readonly lines: readonly string[];
  readonly differs: number;
  readonly fresh: number;
  readonly damaged: number;
}

/** Everything that Orvin keeps, as one file out and in: what it would do is said before it is done, and one undo takes it back. */
@Component({
  selector: 'orv-everything',
  imports: [BackupFolder],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section aria-labelledby="everything">
      <h2 id="everything" i18n>Everything, in one file</h2>
      <p class="said" i18n>
        Formulas, versions, batches, days, bakes, photos, what is put away, and this kitchen: a zip that other programs
        can open. Keep one somewhere else.
      </p>
      <p class="controls">
        <button type="button" class="act" [disabled]="busy()" (click)="save()" i18n>Save everything</button>
        <label class="act bring"
          ><input type="file" accept=".zip,application/zip" #file [disabled]="busy()" (change)="read(file)" />
          <span i18n>Bring a file in</span></label
        >
      </p>
      <orv-backup-folder />
      @if (problem()) {
        <p role="alert" i18n>▲ {{ problem() }} Nothing was changed.</p>
      }
      @if (arrived(); as arrived) {
        <div class="panel" role="group" i18n-aria-label aria-label="What the file brings">
          <ul>
            @for (line of arrived.lines; track line) {
              <li>{{ line }}</li>
            }
          </ul>
          <p class="controls">
            @if (arrived.fresh + arrived.differs === 0) {
              <span i18n>Everything in it stands here already.</span>
            } @else if (arrived.differs > 0) {
              <button type="button" class="act" (click)="bring('mine')" i18n>Bring in what is new</button>
              <button type="button" class="act" (click)="bring('theirs')" i18n>And take theirs where it differs</button>
            } @else {
              <button type="button" class="act" (click)="bring('mine')" i18n>Bring it in</button>
            }
            <button type="button" class="quiet" (click)="this.arrived.set(undefined)" i18n>Leave it</button>
          </p>
        </div>
      }
    </section>
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    h2 {
      margin-top: 18px;
    }
    .bring {
      display: inline-flex;
      align-items: center;
      position: relative;
    }
    .bring input {
      position: absolute;
      inset: 0;
      opacity: 0;
      cursor: pointer;
    }
    .bring:has(:focus-visible) {
      outline: 2.5px solid var(--rim);
    }
    li {
      padding: 2px 0;
    }
  `,
})
export class Everything {
  private readonly records = inject(RecordStore);
  private readonly photos = inject(PhotoStore);
  private readonly checkRows = inject(CHECK_ROWS);
  private readonly toasts = inject(Toasts);
  private readonly backups = inject(Backups);
  protected readonly busy = signal(false);
  protected readonly problem = signal('');
  protected readonly arrived = signal<Arrived | undefined>(undefined);

  protected async save(): Promise<void> {
    this.busy.set(true);
    const { writeWorkbook } = await import('../work/workbook');
    await this.records.wholly();
    const now = Date.now();
    const file = await writeWorkbook(this.records.records(), (id) => this.photos.photo(id), now);
    saveBlob(`orvin-${new Date(now).toISOString().slice(0, 10)}.zip`, file);
    await this.backups.saved(now);
    this.busy.set(false);
  }
  protected async read(field: HTMLInputElement): Promise<void> {
    const [file] = field.files ?? [];
    field.value = '';
    if (!file) return;
    this.busy.set(true);
    this.problem.set('');
    this.arrived.set(undefined);
    try {
      const [{ readWorkbook, heldAgainst }, { takenIn }] = await Promise.all([import('../work/workbook'), import('../work/photos')]); // prettier-ignore
      const all = await readWorkbook(file, async (id, picture) => {
        // drawn anew, as everything is that comes in
        if (!(await this.photos.has(id))) await this.photos.keep(await takenIn(picture, id, Date.now()));
      });
      const { rows, damaged } = await this.sound(all);
      await this.records.wholly();
      const held = heldAgainst(rows, this.records.records());
      this.arrived.set({ rows, damaged, lines: linesOf(held, damaged), ...sums(held) });
    } catch (error) {
      this.problem.set(error instanceof Error ? error.message : String(error));
    }
    this.busy.set(false);
  }
  /** What the schemas of the store let in; one damaged record takes no other with it. */
  private async sound(all: Rows): Promise<{ readonly rows: Rows; readonly damaged: number }> {
    let damaged = 0;
    const checked = await Promise.all(
      TABLE_NAMES.map(async (table) => {
        const rows = all[table] ?? [];
        const faults = new Set(rows.length === 0 ? [] : (await this.checkRows(table, rows)).map(({ at }) => at));
        damaged += faults.size;
        return [table, rows.filter((_, i) => !faults.has(i))] as const;
      }),
    );
    return { rows: Object.fromEntries(checked), damaged };
  }
  protected async bring(differing: 'theirs' | 'mine'): Promise<void> {
    const arrived = this.arrived();
    if (!arrived) return;
    const { changesOf } = await import('../work/workbook');
    const changes = changesOf(arrived.rows, this.records.records(), differing);
    this.records.commit({ label: $localize`bringing a whole kitchen in`, changes });
    this.arrived.set(undefined);
    this.toasts.show($localize`${changes.length} records are in. One undo takes all of it back.`);
  }
}

const sums = (held: readonly HeldAgainst[]) => ({
  fresh: held.reduce((sum, { fresh }) => sum + fresh, 0),
  differs: held.reduce((sum, { differs }) => sum + differs, 0),
});
function linesOf(held: readonly HeldAgainst[], damaged: number): readonly string[] {
  const lines = held.map(({ table, fresh, same, differs }) => {
    const parts = [fresh > 0 ? $localize`${fresh} new` : '', differs > 0 ? $localize`${differs} that differ` : '', same > 0 ? $localize`${same} the same` : '']; // prettier-ignore
    return `${counted(table, fresh + same + differs)}: ${parts.filter((part) => part !== '').join(', ')}`;
  });
  return damaged > 0 ? [...lines, $localize`▲ ${damaged} damaged, left out`] : lines;
}
