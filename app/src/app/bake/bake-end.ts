import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { heldAgainst } from '@orvin/core/batch/snapshots';
import { LOOK_WORDS, scaleGrams } from '@orvin/core/words/along-words';
import { minutesInWords, windowInWords } from '@orvin/core/words/wording';
import { ThisBaking } from './this-baking';

const MINUTE = 60_000;
const DATE = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' }); // prettier-ignore
const WENT = {
  sooner: 'sooner than foreseen',
  'as-foreseen': 'within what was foreseen',
  later: 'later than foreseen',
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
        <b class="simulated">simulated</b>
      }
    </p>
    <h2>Baked</h2>
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
      <a routerLink="/bake">To the bakes</a>
      <button type="button" (click)="again()">It is not over: back into it</button>
    </p>
  `,
  styles: `
    :host {
      flex: 1;
      min-height: 0;
      overflow-y: auto;
      padding: 28px 32px;
    }
    .lead {
      font-size: 1.3rem;
      color: var(--ink-2);
    }
    .simulated {
      margin-left: 12px;
      padding: 2px 10px;
      background: var(--ink);
      color: var(--enamel);
    }
    h2 {
      font-size: clamp(3rem, 8vw, 5rem);
      line-height: 1.1;
    }
    dl {
      max-width: 60rem;
      margin: 16px 0;
    }
    dl div {
      display: grid;
      grid-template-columns: 15rem 1fr;
      gap: 4px 20px;
      padding: 12px 0;
      border-bottom: 1px solid var(--hair);
      font-size: 1.3rem;
    }
    dt {
      color: var(--ink-2);
    }
    dd {
      margin: 0;
    }
    dd b {
      font-size: 1.6rem;
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 14px;
    }
    .acts a,
    .acts button {
      display: flex;
      align-items: center;
      min-height: 56px;
      padding: 0 20px;
      border: 2px solid var(--rim-2);
      border-radius: 5px;
      background: var(--enamel);
      color: var(--rim);
      font: inherit;
      font-weight: 650;
      text-decoration: none;
      cursor: pointer;
    }
    @media (max-width: 560px) {
      dl div {
        grid-template-columns: 1fr;
      }
    }
  `,
})
export class BakeEnd {
  protected readonly baking = inject(ThisBaking);
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
        { name: name || 'In the oven', figure: minutesInWords(minutes), words },
        ...(last ? [{ name: 'Last look', figure: LOOK_WORDS[last.seen], words: '' }] : []),
      ];
    });
    const batter = this.baking.walk().filter((step) => step.kind === 'weigh' && step.part === '');
    const off = batter.flatMap((step) => {
      const grams = weighed.get(step.id)?.grams;
      if (step.kind !== 'weigh' || grams === undefined || Math.abs(grams - step.grams) <= step.toleranceGrams)
        return [];
      return [{ name: step.name, figure: scaleGrams(grams), words: `planned ${scaleGrams(step.grams)}` }];
    });
    const all = [...weighed.values()].reduce((sum, { grams }) => sum + grams, 0);
    return [
      ...oven,
      { name: 'Weighed', figure: scaleGrams(all), words: weighed.size === 1 ? '1 line' : `${weighed.size} lines` },
      ...off,
    ];
  });
  protected again(): void {
    this.baking.tell('going on after all', { kind: 'resumed' });
  }
}
