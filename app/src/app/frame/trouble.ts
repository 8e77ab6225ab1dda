import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormulaStore } from '../store/formula-store';
import type { StoreState } from '../store/record-store';

interface Trouble {
  readonly what: string;
  readonly then: string;
}
const TROUBLES: Readonly<Partial<Record<StoreState, Trouble>>> = {
  'no-storage': {
    what: 'This browser keeps nothing.',
    then: 'Storage is off or full: formulas last until this tab closes. Leave private browsing, or free some space, and reload.',
  },
  'newer-database': {
    what: 'A later Orvin wrote what is kept here.',
    then: 'This one leaves it untouched, and keeps nothing. Reload to bring it up to date; if it stays, close every tab of Orvin first.',
  },
  blocked: {
    what: 'Another tab of Orvin stands in the way.',
    then: 'It is of before the last update. Close it, and this one goes on by itself.',
  },
};
const DISK_FAILS: Trouble = {
  what: 'The last change is not stored.',
  then: 'The browser refused it; it is still here, and is tried again every few seconds. Free some space, and do not close this tab.',
};

/** What is wrong with keeping things, on every screen, for as long as it is. */
@Component({
  selector: 'orv-trouble',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (trouble(); as wrong) {
      <p role="alert">
        <span class="mark mark-warning" aria-hidden="true">▲</span> <b>{{ wrong.what }}</b> {{ wrong.then }}
      </p>
    }
  `,
  styles: `
    p {
      padding: 10px 24px;
      background: var(--alert-wash);
      border-bottom: 1px solid var(--hair);
    }
    @media (max-width: 899px) {
      p {
        padding: 10px 16px;
      }
    }
  `,
})
export class TroubleStrip {
  private readonly store = inject(FormulaStore);
  protected readonly trouble = computed(() => (this.store.diskFails() ? DISK_FAILS : TROUBLES[this.store.state()]));
}
