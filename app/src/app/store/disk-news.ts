import type { ObservabilitySet } from 'dexie';
import { fromEventPattern, map, filter, type Observable } from 'rxjs';
import { Dexie, RangeSet } from './dexie';
import { TABLE_NAMES, type Table } from './tables';

/** Rows of a table that somebody wrote or deleted, from a key to a key. */
export interface DiskNews {
  readonly table: Table;
  readonly from: IDBValidKey;
  readonly to: IDBValidKey;
}

/** What is written to a database, by this tab or by another; Dexie tells the tabs of one another. */
export function diskNews(database: Dexie): Observable<readonly DiskNews[]> {
  return fromEventPattern<ObservabilitySet>(
    (handler) => Dexie.on('storagemutated', handler),
    (handler) => Dexie.on.storagemutated.unsubscribe(handler),
  ).pipe(
    map((parts) =>
      TABLE_NAMES.flatMap((table): readonly DiskNews[] => {
        const tree = parts[`idb://${database.name}/${table}/`];
        return tree
          ? [...RangeSet(tree)].map(({ from, to }) => ({ table, from: from as IDBValidKey, to: to as IDBValidKey }))
          : [];
      }),
    ),
    filter((news) => news.length > 0),
  );
}
