import { Injectable, InjectionToken, inject } from '@angular/core';
import { Dexie, type EntityTable } from 'dexie';
import type { StoredFormula, StoredSettings, StoredVersion } from './records';

export const DATABASE_NAME = new InjectionToken<string>('name of the database', { factory: () => 'orvin' });

/** Everything the baker owns, in this browser. Schema changes are new `version(n)` steps below; old steps never change. */
@Injectable({ providedIn: 'root' })
export class Database extends Dexie {
  declare readonly formulas: EntityTable<StoredFormula, 'id'>;
  declare readonly versions: EntityTable<StoredVersion, 'id'>;
  declare readonly settings: EntityTable<StoredSettings, 'id'>;

  constructor() {
    super(inject(DATABASE_NAME));
    this.version(1).stores({ formulas: 'id', versions: 'id, formulaId', settings: 'id' });
  }
}
