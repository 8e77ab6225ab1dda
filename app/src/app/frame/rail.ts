import { ChangeDetectionStrategy, Component, DOCUMENT, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Router, RouterLink, RouterLinkActive } from '@angular/router';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';
import { Keyboard } from './keyboard';
import { addressInOther, otherLanguage, rememberLanguage } from './language';
import { STATION_NAMES } from './stations';
import { ThemeSwitch } from './theme';

/** The stations along the rim of the bench; the rim dips under the one you stand at. */
@Component({
  selector: 'orv-rail',
  imports: [RouterLink, RouterLinkActive],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'banner' },
  template: `
    <a class="name" routerLink="/shelf" i18n-aria-label aria-label="Orvin, to the shelf">Orvin</a>
    <nav i18n-aria-label aria-label="Stations">
      @for (station of stations(); track station.label) {
        <a
          class="station"
          [class.wide-only]="station.link === '/pantry'"
          [routerLink]="station.link"
          routerLinkActive="here"
          ariaCurrentWhenActive="page"
          [routerLinkActiveOptions]="{ exact: false }"
          >{{ station.label }}</a
        >
      }
    </nav>
    @if (onBench.record(); as record) {
      <a class="in-hand" [routerLink]="['/bench', record.id]">{{ record.formula.title || texts.withoutAName }}</a>
    }
    <div class="tools">
      <button
        type="button"
        [disabled]="!store.undoLabel()"
        (click)="store.undo()"
        [attr.aria-label]="undoName()"
        [title]="undoName()"
      >
        <svg viewBox="0 0 20 20" aria-hidden="true"><path d="M7.5 3.5 3.5 7.5l4 4M4 7.5h7.5a5 5 0 0 1 0 10H8" /></svg>
        <span class="word" i18n>Undo</span>
      </button>
      <a class="phone-only" routerLink="/pantry" routerLinkActive="there" ariaCurrentWhenActive="page" i18n>Pantry</a>
      <button type="button" class="phone-only" popovertarget="more" i18n>More</button>
      <button
        type="button"
        class="wide-only"
        [disabled]="!store.redoLabel()"
        (click)="store.redo()"
        [attr.aria-label]="redoName()"
        [title]="redoName()"
      >
        <svg viewBox="0 0 20 20" aria-hidden="true"><path d="m12.5 3.5 4 4-4 4M16 7.5H8.5a5 5 0 0 0 0 10H12" /></svg>
      </button>
      <button
        type="button"
        class="wide-only"
        (click)="theme.toggle()"
        [attr.aria-pressed]="theme.night()"
        i18n-aria-label
        aria-label="Night, for a dark kitchen"
        i18n-title
        title="Night, for a dark kitchen"
      >
        <svg viewBox="0 0 20 20" aria-hidden="true">
          @if (theme.night()) {
            <circle cx="10" cy="10" r="3.5" />
            <path d="M10 2v2m0 12v2M2 10h2m12 0h2M4.3 4.3l1.4 1.4m8.6 8.6 1.4 1.4m0-11.4-1.4 1.4m-8.6 8.6-1.4 1.4" />
          } @else {
            <path d="M16.5 11.8A7 7 0 0 1 8.2 3.5a7 7 0 1 0 8.3 8.3z" />
          }
        </svg>
      </button>
      <a
        class="language wide-only"
        [href]="inOther()"
        (click)="remember()"
        [lang]="other.code"
        [hreflang]="other.code"
        [title]="other.name"
        ><span aria-hidden="true">{{ other.code }}</span
        ><span class="unseen">{{ other.name }}</span></a
      >
      <button
        type="button"
        class="wide-only"
        (click)="keyboard.picturesOpen.set(true)"
        i18n-aria-label
        aria-label="Pictures of this screen, to take along"
        i18n-title
        title="Pictures of this screen, to take along"
      >
        <svg viewBox="0 0 20 20" aria-hidden="true">
          <path d="M3 4.5h14v11H3zM3 13l4-4 3.5 3.5L13 10l4 4" />
        </svg>
      </button>
      <button
        type="button"
        class="keys wide-only"
        (click)="keyboard.helpOpen.set(true)"
        i18n-aria-label
        aria-label="Keys"
      >
        <span class="word" i18n>Keys</span> <kbd>?</kbd>
      </button>
    </div>
    <div id="more" popover #more class="more" role="group" i18n-aria-label aria-label="More">
      <button type="button" [disabled]="!store.redoLabel()" (click)="store.redo()">{{ redoName() }}</button>
      <button type="button" (click)="theme.toggle(); more.hidePopover()" [attr.aria-pressed]="theme.night()" i18n>
        Night, for a dark kitchen
      </button>
      <button type="button" (click)="keyboard.picturesOpen.set(true); more.hidePopover()" i18n>
        Pictures of this screen
      </button>
      <button type="button" (click)="keyboard.helpOpen.set(true); more.hidePopover()" i18n>
        Keys, and what was said
      </button>
      <a [href]="inOther()" (click)="remember()" [lang]="other.code" [hreflang]="other.code">{{ other.name }}</a>
    </div>
  `,
  styleUrl: './rail.css',
})
export class Rail {
  protected readonly texts = {
    withoutAName: $localize`Without a name`,
  };
  protected readonly store = inject(FormulaStore);
  protected readonly theme = inject(ThemeSwitch);
  protected readonly keyboard = inject(Keyboard);
  protected readonly onBench = inject(OnBench);

  private readonly router = inject(Router);
  private readonly document = inject(DOCUMENT);
  protected readonly other = otherLanguage;
  private readonly moved = toSignal(this.router.events);
  protected readonly inOther = computed(() => {
    this.moved();
    return addressInOther(this.document.baseURI, this.router.url);
  });
  protected readonly remember = () => rememberLanguage(otherLanguage.code);

  protected readonly stations = computed(() => {
    const id = this.onBench.id();
    const forOne =
      id === undefined
        ? []
        : [
            { label: STATION_NAMES.bench, link: `/bench/${id}` },
            { label: STATION_NAMES.batch, link: `/batch/${id}` },
            { label: STATION_NAMES.oven, link: `/oven/${id}` },
          ];
    return [
      { label: STATION_NAMES.shelf, link: '/shelf' },
      ...forOne,
      { label: STATION_NAMES.day, link: '/day' },
      { label: STATION_NAMES.bake, link: '/bake' },
      { label: STATION_NAMES.book, link: '/book' },
      { label: STATION_NAMES.pantry, link: '/pantry' },
    ];
  });
  protected readonly undoName = computed(() =>
    this.store.undoLabel() ? $localize`Undo ${this.store.undoLabel() ?? ''}` : $localize`Nothing to undo`,
  );
  protected readonly redoName = computed(() =>
    this.store.redoLabel() ? $localize`Redo ${this.store.redoLabel() ?? ''}` : $localize`Nothing to redo`,
  );
}
