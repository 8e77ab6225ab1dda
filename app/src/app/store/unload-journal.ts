/*
 * The disk is written a few milliseconds after a keystroke. A page that is left within them would lose that keystroke: what still waits is
 * therefore put down synchronously as the page goes, in a journal of its own kind, and taken up again on the next start.
 */
export class UnloadJournal<T> {
  /**
   * @param name what its entries stand under
   * @param isEntry whether something that stands there can be taken up; what it says is looked over later, with all the others
   */
  constructor(
    private readonly name: string,
    private readonly isEntry: (entry: unknown) => entry is T,
  ) {}

  /** Puts down what waits to be written. Nothing waits, nothing is put down. */
  putDown(unwritten: readonly T[], storage: Storage): void {
    if (unwritten.length === 0) return;
    try {
      storage.setItem(this.name + crypto.randomUUID(), JSON.stringify(unwritten));
    } catch {
      // no room: the database may still have made it
    }
  }

  /** Takes up what was put down, and clears it. What cannot be read is left alone. */
  takeUp(storage: Storage): readonly T[] {
    const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '').filter((key) =>
      key.startsWith(this.name),
    );
    return keys.flatMap((key) => {
      try {
        const entries: unknown = JSON.parse(storage.getItem(key) ?? '');
        if (!Array.isArray(entries) || !entries.every(this.isEntry)) return [];
        storage.removeItem(key);
        return entries;
      } catch {
        return [];
      }
    });
  }
}
