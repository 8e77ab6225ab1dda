import { ChangeDetectionStrategy, Component, computed, input, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { causeById, FAULT_PLACES, NETWORK, type FaultPlace } from '@orvin/core/book/diagnosing';
import { adviceFor, causeName, faultName } from '@orvin/core/words/why-words';
import { capitalised } from '@orvin/core/words/figures';
import { Slice } from './slice';
import type { HeatScale } from '@orvin/core/ground/units';
import { OwnDial } from '../parts/own-dial';

const PLACE_NAMES: Readonly<Record<FaultPlace, string>> = {
  top: $localize`The top`,
  edge: $localize`The sides`,
  crust: $localize`The crust`,
  crumb: $localize`The crumb`,
  base: $localize`The base`,
  shape: $localize`The shape`,
  taste: $localize`The taste`,
  bowl: $localize`In the bowl`,
  frosting: $localize`The frosting`,
};
const MOST_CAUSES = 6;

/** Faults by name, each drawn, with what usually makes it and what helps: a page to read. */
@Component({
  selector: 'orv-faults-page',
  imports: [RouterLink, Slice],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <header class="strip">
      <h2 class="title" i18n>Faults, and what makes them</h2>
      <a class="act" routerLink="/book" [queryParams]="{ at: 'why' }" i18n>Back to Why</a>
    </header>
    <div class="page">
      @for (group of groups(); track group.place) {
        <h2>{{ group.name }}</h2>
        <div class="faults">
          @for (fault of group.faults; track fault.id) {
            <details [open]="fault.id === named()">
              <summary>
                <orv-slice [faults]="[fault.id]" />
                <b>{{ fault.name }}</b>
              </summary>
              <ol>
                @for (cause of fault.causes; track cause.id) {
                  <li>
                    <b>{{ cause.name }}</b> {{ cause.advice }}
                  </li>
                }
              </ol>
            </details>
          }
        </div>
      }
    </div>
  `,
  styleUrls: ['../parts/panels.css', '../parts/station-strip.css'],
  styles: `
    .title {
      flex: 1;
      font-size: var(--step-2);
    }
    .strip .act {
      display: inline-flex;
      align-items: center;
      min-height: var(--finger);
      text-decoration: none;
    }
    .page {
      flex: 1;
      min-height: 0;
      overflow-y: auto;
      padding: 10px 24px 32px;
    }
    .page > h2 {
      margin: 16px 0 6px;
    }
    .faults {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
      gap: 12px;
    }
    details {
      background: var(--enamel);
      border: 1px solid var(--hair);
      border-radius: var(--corner);
    }
    details[open] {
      grid-column: 1 / -1;
    }
    summary {
      padding: 10px 12px;
      list-style: none;
      cursor: pointer;
    }
    summary orv-slice {
      max-width: 10rem;
      margin-bottom: 6px;
    }
    ol {
      margin: 0 14px 12px;
      padding-left: 1.3rem;
      list-style: decimal;
    }
    li {
      padding: 3px 0;
      color: var(--ink-2);
    }
    li b {
      color: var(--ink);
    }
  `,
})
export class FaultsPage {
  private readonly dial = inject(OwnDial);
  /** The one that is open. */
  readonly fault = input<string>();
  protected readonly named = computed(() => this.fault());
  protected readonly groups = computed(() =>
    FAULT_PLACES.map((place) => ({
      place,
      name: PLACE_NAMES[place],
      faults: NETWORK.faults
        .filter((fault) => fault.place === place)
        .map(({ id }) => ({ id, name: capitalised(faultName(id)), causes: causesOf(id, this.dial.scale()) })),
    })),
  );
}

/** What usually makes a fault, the likeliest first. */
const causesOf = (fault: string, scale: HeatScale) =>
  Object.entries(NETWORK.links[fault] ?? {})
    .map(([id, likelihood]) => ({ id, worth: likelihood * (causeById(id)?.prior ?? 0) }))
    .sort((one, other) => other.worth - one.worth)
    .slice(0, MOST_CAUSES)
    .map(({ id }) => ({ id, name: `${capitalised(causeName(id))}.`, advice: adviceFor(id, scale) }));
