import { Injectable, inject } from '@angular/core';
import { Database } from './database';
import type { StoredPhoto } from './records';

/** A photo that no record shows any more stays so long, for an undo that comes late. */
const KEPT_MILLISECONDS = 30 * 86_400_000;

/** Photos of bakes, in this browser only. They never change; which bake shows them is in its record. */
@Injectable({ providedIn: 'root' })
export class PhotoStore {
  private readonly database = inject(Database);

  /** @throws Error in the baker's words, where the disk does not take it: it takes a photo whole or not at all */
  async keep(photo: StoredPhoto): Promise<void> {
    await this.database.photos.put(photo).catch(() => {
      throw new Error(
        $localize`This browser has no room for the photo, or keeps nothing. Free some space, and take it again.`,
      );
    });
  }
  photo(id: string): Promise<StoredPhoto | undefined> {
    return this.database.photos.get(id);
  }
  async has(id: string): Promise<boolean> {
    return (await this.database.photos.where('id').equals(id).count()) > 0;
  }
  /** Takes away what no record has shown for a month. */
  async tidy(shown: ReadonlySet<string>, now: number): Promise<void> {
    const ids = await this.database.photos.toCollection().primaryKeys();
    for (const id of ids.filter((each) => !shown.has(each))) {
      const photo = await this.photo(id);
      if (photo && now - photo.takenAt > KEPT_MILLISECONDS) await this.database.photos.delete(id);
    }
  }
}
