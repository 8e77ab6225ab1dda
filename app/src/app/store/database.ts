import { Injectable, InjectionToken, inject } from '@angular/core';
import type { EntityTable, Transaction } from 'dexie';
import { Dexie } from './dexie';
import type { StoredEdit } from './edit-history';
import type {
  StoredBackups,
  StoredBake,
  StoredBaking,
  StoredBatch,
  StoredFormula,
  StoredKitchen,
  StoredPhoto,
  StoredPlan,
  StoredPutAway,
  StoredSettings,
  StoredVersion,
} from './records';

export const DATABASE_NAME = new InjectionToken<string>('name of the database', { factory: () => 'orvin' });

// On the machine itself Dexie takes itself for one under development, and notes where each reading was asked for: a tenth of a first visit.
Dexie.debug = false;

export const LATEST_VERSION = 9;
class NewerDatabase extends Error {
  override readonly name = 'NewerDatabase';
}

/** Everything the baker owns, in this browser. Schema changes are new `version(n)` steps below; old steps never change. */
@Injectable({ providedIn: 'root' })
export class Database extends Dexie {
  declare readonly formulas: EntityTable<StoredFormula, 'id'>;
  declare readonly versions: EntityTable<StoredVersion, 'id'>;
  declare readonly settings: EntityTable<StoredSettings, 'id'>;
  declare readonly kitchens: EntityTable<StoredKitchen, 'id'>;
  declare readonly batches: EntityTable<StoredBatch, 'id'>;
  declare readonly plans: EntityTable<StoredPlan, 'id'>;
  declare readonly bakings: EntityTable<StoredBaking, 'id'>;
  declare readonly bakes: EntityTable<StoredBake, 'id'>;
  declare readonly larder: EntityTable<StoredPutAway, 'id'>;
  declare readonly photos: EntityTable<StoredPhoto, 'id'>;
  declare readonly backups: EntityTable<StoredBackups, 'id'>;
  declare readonly history: EntityTable<StoredEdit, 'key'>;

  constructor() {
    super(inject(DATABASE_NAME));
    this.version(1).stores({ formulas: 'id', versions: 'id, formulaId', settings: 'id' });
    this.version(2).stores({ kitchens: 'id', history: 'key, tab' }).upgrade(stepsGetIds);
    this.version(3).stores({ batches: 'id, formulaId' });
    this.version(4).stores({ plans: 'id' });
    this.version(5).stores({ bakings: 'id' });
    this.version(6).stores({ bakes: 'id' });
    // photos are no records: heavy, never changed, read one by one
    this.version(7).stores({ photos: 'id' });
    this.version(8).stores({ larder: 'id' });
    this.version(9).stores({ backups: 'id' });
  }

  /** Opens it, unless a later Orvin wrote it: what this one does not know it must not touch. */
  async openOwn(): Promise<void> {
    // asked before it is opened: Dexie would add to it what it lacks of this one's. Dexie counts in tenths of what the browser has
    const standing = await indexedDB.databases().catch(() => []);
    const version = standing.find(({ name }) => name === this.name)?.version ?? 0;
    if (version / 10 < LATEST_VERSION + 1) {
      await this.open();
      if (this.backendDB().version / 10 < LATEST_VERSION + 1) return;
    }
    // closed for good: nothing that asks later may open it by itself
    this.close({ disableAutoOpen: true });
    throw new NewerDatabase();
  }
}

/** Why a database cannot be opened: a later Orvin wrote it, or there is no storage. */
export function openFailure(error: unknown): 'newer-database' | 'no-storage' {
  const newer = error instanceof Error && ['VersionError', 'NewerDatabase'].includes(error.name);
  return newer ? 'newer-database' : 'no-storage';
}

/** Version 1 kept the steps of a method as bare texts. What is of no known shape is left as it is. */
async function stepsGetIds(transaction: Transaction): Promise<void> {
  for (const table of ['formulas', 'versions'])
    await transaction
      .table<{ formula?: { steps?: unknown } }>(table)
      .toCollection()
      .modify(({ formula }) => {
        if (!formula || !Array.isArray(formula.steps)) return;
        formula.steps = formula.steps.map((step: unknown, i) =>
          typeof step === 'string' ? { id: `s${i + 1}`, text: step } : step,
        );
      });
}
