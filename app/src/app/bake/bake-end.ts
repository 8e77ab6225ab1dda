import { LOCALE } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { heldAgainst } from '@orvin/core/batch/snapshots';
import { LOOK_WORDS, scaleGrams } from '@orvin/core/words/along-words';
import { minutesInWords, windowInWords } from '@orvin/core/words/figures';
import { BookStore } from '../store/book-store';
import { ThisBaking } from './this-baking';

const MINUTE = 60_000;
const DATE = new Intl.DateTimeFormat(LOCALE, { weekday: 'long', day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' }); // prettier-ignore
const WENT = {
  sooner: $localize`sooner than foreseen`,
  'as-foreseen': $localize`within what was foreseen`,
  later: $localize`later than foreseen`,
};

/** The record of a bake: what was foreseen, and what really happened. */
@Component({
  selector: 'orv-bake-end',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p class="lead">
      {{ when() }}
      @if (baking.state().simulated) {
        <b class="simulated" i18n>simulated</b>
      }
    </p>
    <h2 i18n>Baked</h2>
    <dl>
      @for (row of rows(); track row.name) {
        <div>
          <dt>{{ row.name }}</dt>
          <dd>
            <b>{{ row.figure }}</b> {{ row.words }}
          </dd>
        </div>
      }
    </dl>
    <p class="acts">
      @if (recorded(); as id) {
        <a class="press" [routerLink]="['/book', id]" i18n>Its page in the Book</a>
      } @else {
        <a class="press" routerLink="/book/new" [queryParams]="{ bake: baking.id() }" i18n>Record how it came out</a>
      }
      <a class="press" routerLink="/bake" i18n>To the bakes</a>
      <button type="button" class="press" (click)="again()" i18n>It is not over: back into it</button>
    </p>
  `,
  styleUrls: ['./counter.css', './bake-end.css'],
})
export class BakeEnd {
  protected readonly baking = inject(ThisBaking);
  private readonly book = inject(BookStore);
  protected readonly recorded = computed(
    () => this.book.bakes().find(({ record }) => record.bakingId === this.baking.id())?.id,
  );
  protected readonly when = computed(() => DATE.format(this.baking.state().beganAt ?? 0));
  protected readonly rows = computed(() => {
    const { ovens, weighed } = this.baking.state();
    const portions = this.baking.baking()?.snapshot.portions ?? [];
    const oven = portions.flatMap(({ name, foreseen }, i) => {
      const { inAt, outAt, looks = [] } = ovens.get(i) ?? {};
      if (inAt === undefined || outAt === undefined) return [];
      const minutes = (outAt - inAt) / MINUTE;
      const against = foreseen && minutes > 0 ? heldAgainst(foreseen, minutes) : undefined;
      const words = foreseen && against ? `${WENT[against.went]}: ${windowInWords(foreseen.minutes.low, foreseen.minutes.high)}` : ''; // prettier-ignore
      const last = looks.at(-1);
      return [
        { name: name || $localize`In the oven`, figure: minutesInWords(minutes), words },
        ...(last ? [{ name: $localize`Last look`, figure: LOOK_WORDS[last.seen], words: '' }] : []),
      ];
    });
    const batter = this.baking.walk().filter((step) => step.kind === 'weigh' && step.part === '');
    const off = batter.flatMap((step) => {
      const grams = weighed.get(step.id)?.grams;
      if (step.kind !== 'weigh' || grams === undefined || Math.abs(grams - step.grams) <= step.toleranceGrams)
        return [];
      return [{ name: step.name, figure: scaleGrams(grams), words: $localize`planned ${scaleGrams(step.grams)}` }];
    });
    const all = [...weighed.values()].reduce((sum, { grams }) => sum + grams, 0);
    return [
      ...oven,
      {
        name: $localize`Weighed`,
        figure: scaleGrams(all),
        words: weighed.size === 1 ? $localize`1 line` : $localize`${weighed.size} lines`,
      },
      ...off,
    ];
  });
  protected again(): void {
    this.baking.tell($localize`going on after all`, { kind: 'resumed' });
  }
}
