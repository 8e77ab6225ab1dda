import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormulaStore } from '../store/formula-store';
import type { StoreState } from '../store/record-store';
import { Updates } from './updates';

interface Trouble {
  readonly what: string;
  readonly then: string;
}
const TROUBLES: Readonly<Partial<Record<StoreState, Trouble>>> = {
  'no-storage': {
    what: $localize`This browser keeps nothing.`,
    then: $localize`Storage is off or full: formulas last until this tab closes. Leave private browsing, or free some space, and reload.`,
  },
  'newer-database': {
    what: $localize`A later Orvin wrote what is kept here.`,
    then: $localize`This one leaves it untouched, and keeps nothing. Reload to bring it up to date; if it stays, close every tab of Orvin first.`,
  },
  blocked: {
    what: $localize`Another tab of Orvin stands in the way.`,
    then: $localize`It is of before the last update. Close it, and this one goes on by itself.`,
  },
};
const DISK_FAILS: Trouble = {
  what: $localize`The last change is not stored.`,
  then: $localize`The browser refused it; it is still here, and is tried again every few seconds. Free some space, and do not close this tab.`,
};
const PARTS_MISSING: Trouble = {
  what: $localize`A part of Orvin cannot be fetched.`,
  then: $localize`It was brought up to date, or its server is off. What you typed is kept: reload.`,
};

/** What is wrong with keeping things, or with Orvin itself, on every screen, for as long as it is. */
@Component({
  selector: 'orv-trouble',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (trouble(); as wrong) {
      <p role="alert">
        <span class="mark mark-warning" aria-hidden="true">▲</span> <b>{{ wrong.what }}</b> {{ wrong.then }}
        @if (wrong === partsMissing) {
          <button type="button" class="act" (click)="reload()" i18n>Reload</button>
        }
      </p>
    }
  `,
  styles: `
    p {
      padding: 10px 24px;
      background: var(--alert-wash);
      border-bottom: 1px solid var(--hair);
    }
    .act {
      min-height: 44px;
      margin-left: 8px;
      padding: 4px 14px;
      border: 1.5px solid var(--rim);
      border-radius: var(--corner);
      background: var(--enamel);
      color: var(--rim);
      font-weight: 620;
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
  private readonly updates = inject(Updates);
  protected readonly partsMissing = PARTS_MISSING;
  protected readonly trouble = computed(() => {
    if (this.store.diskFails()) return DISK_FAILS;
    return TROUBLES[this.store.state()] ?? (this.updates.partsMissing() ? PARTS_MISSING : undefined);
  });
  protected reload(): void {
    location.reload();
  }
}
