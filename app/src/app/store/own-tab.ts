import { keptInTab } from './page-storage';

/*
 * A tab is told from others by an id in its session storage, which a duplicated tab copies, and by a lock that it holds as long as it is
 * open: a history belongs to one tab, and only what a closed tab left may be taken up. A page that is reloaded may ask for the lock before
 * the page it follows has let go of it. That page left a mark as it went, so its successor waits; a duplicate finds none, and does not.
 */

const TAB_KEY = 'orvin-tab';
const LEFT_KEY = 'orvin-tab-left';
/** A page that went lets go of its lock within so long, on a busy machine too. */
const LETS_GO_MILLISECONDS = 4000;
const lockOf = (tab: string) => `orvin-tab-${tab}`;

/** Holds the lock of an id until it is left, or the page goes; false where another tab holds it, and goes on holding it while we wait. */
function hold(tab: string, left: Promise<void>, patience: 'none' | 'until it is let go' = 'none'): Promise<boolean> {
  const how = patience === 'none' ? { ifAvailable: true } : { signal: AbortSignal.timeout(LETS_GO_MILLISECONDS) };
  return new Promise((held) => {
    navigator.locks
      .request(lockOf(tab), how, (lock) => {
        held(lock !== null);
        return lock ? left : undefined;
      })
      .catch(() => held(false)); // not let go in time
  });
}

/** As the page goes: what is opened in this tab next is this page again. */
export function leaveTab(): void {
  keptInTab().setItem(LEFT_KEY, 'yes');
}

export interface OwnTab {
  readonly id: string;
  readonly isOpen: (tab: string) => Promise<boolean>;
}

/** The id of this tab: the one it had, if no other tab goes by it. @param left resolves when the application ends before its page does */
export async function ownTab(left: Promise<void>): Promise<OwnTab> {
  const before = keptInTab().getItem(TAB_KEY);
  const follows = keptInTab().getItem(LEFT_KEY) !== null;
  keptInTab().removeItem(LEFT_KEY);
  const own = before !== null && (await hold(before, left, follows ? 'until it is let go' : 'none'));
  const id = own ? before : crypto.randomUUID();
  if (id !== before) await hold(id, left);
  keptInTab().setItem(TAB_KEY, id);
  return {
    id,
    isOpen: async (tab) => ((await navigator.locks.query()).held ?? []).some(({ name }) => name === lockOf(tab)),
  };
}
