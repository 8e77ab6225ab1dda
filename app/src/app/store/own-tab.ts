import { keptInTab } from './page-storage';

/*
 * A tab is told from others by an id in its session storage, which a duplicated tab copies, and by a lock that it holds as long as it is
 * open: a history belongs to one tab, and only what a closed tab left may be taken up.
 */

const TAB_KEY = 'orvin-tab';
const lockOf = (tab: string) => `orvin-tab-${tab}`;

/** Holds the lock of an id until it is left, or the page goes; false where another tab holds it. */
function hold(tab: string, left: Promise<void>): Promise<boolean> {
  return new Promise((held) => {
    void navigator.locks.request(lockOf(tab), { ifAvailable: true }, (lock) => {
      held(lock !== null);
      return lock ? left : undefined;
    });
  });
}

export interface OwnTab {
  readonly id: string;
  readonly isOpen: (tab: string) => Promise<boolean>;
}

/** The id of this tab: the one it had, if no other tab goes by it. @param left resolves when the application ends before its page does */
export async function ownTab(left: Promise<void>): Promise<OwnTab> {
  const before = keptInTab().getItem(TAB_KEY);
  const id = before !== null && (await hold(before, left)) ? before : crypto.randomUUID();
  if (id !== before) await hold(id, left);
  keptInTab().setItem(TAB_KEY, id);
  return {
    id,
    isOpen: async (tab) => ((await navigator.locks.query()).held ?? []).some(({ name }) => name === lockOf(tab)),
  };
}
