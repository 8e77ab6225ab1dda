import { inSentence, decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import type { Audit } from '@orvin/core/bench/audit';
import { leavenersOf, partsWith, settingsFor, takeSetting } from '@orvin/core/bench/adapt';
import type { Formula } from '@orvin/core/formula/formula';
import { behaviourOf, consequencesOf, liftOf, waitingOf } from '@orvin/core/batter/rising';
import { leaveningLedger } from '@orvin/core/batter/leavening';
import {
  LEAVENING_METHODS,
  USUAL_BROWNING_SHARE,
  type Fineness,
  type LeaveningMethod,
  type Setting,
} from '@orvin/core/batter/leavening-methods';
import { USUAL_PLACE } from '@orvin/core/kitchen/kitchen';
import { consequenceInWords, SCHOOL_NAMES, settingInWords } from '@orvin/core/words/explaining';
import { VERDICT_NAMES, phConsequence } from '@orvin/core/words/wording';
import { minutesInWords, phInWords } from '@orvin/core/words/figures';
import { FormulaStore } from '../../store/formula-store';
import { Adapting } from '../adapting';

const ACIDS = [
  { id: 'cream-of-tartar', name: $localize`cream of tartar` },
  { id: 'white-vinegar', name: $localize`vinegar` },
  { id: 'lemon-juice', name: $localize`lemon juice` },
] as const;
const SHARES = [0.15, 0.25, 0.4] as const;

/** The schools of soda and powder, each solved over what can be measured, with what it does and what it costs. */
@Component({
  selector: 'orv-schools-face',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 i18n>Soda and powder</h2>
    <div class="controls">
      <span role="group" i18n-aria-label aria-label="Measured by">
        @for (way of ways; track way.id) {
          <button type="button" class="chip" [attr.aria-pressed]="fineness() === way.id" (click)="fineness.set(way.id)">
            {{ way.name }}
          </button>
        }
      </span>
      <span class="caption" i18n>now: {{ now() }}</span>
    </div>
    <ul i18n-aria-label aria-label="Schools">
      @for (row of rows(); track row.school) {
        <li [class.miss]="!row.hit">
          <div class="head">
            <b>{{ row.name.say }}</b>
            @if (row.school === 'browning') {
              <span role="group" i18n-aria-label aria-label="Share left over">
                @for (share of shares; track share) {
                  <button
                    type="button"
                    class="chip small"
                    [attr.aria-pressed]="leftShare() === share"
                    [attr.aria-label]="texts.leaveOfTheSoda(share * 100)"
                    (click)="leftShare.set(share)"
                  >
                    {{ share * 100 }} %
                  </button>
                }
              </span>
            }
            @if (row.school === 'added-acid') {
              <span role="group" i18n-aria-label aria-label="Acid to add">
                @for (acid of acids; track acid.id) {
                  <button
                    type="button"
                    class="chip small"
                    [attr.aria-pressed]="acidId() === acid.id"
                    (click)="acidId.set(acid.id)"
                  >
                    {{ acid.name }}
                  </button>
                }
              </span>
            }
          </div>
          <div class="body">
            <p class="amount">{{ row.amount }}</p>
            <button
              type="button"
              class="act"
              [attr.aria-label]="texts.useIt(row.name.say)"
              (click)="take(row.setting)"
              i18n
            >
              Use it
            </button>
          </div>
          <p class="said">
            @if (!row.hit) {
              <span class="off"><span class="mark" aria-hidden="true">▲</span> {{ row.missed }}</span>
            }
            {{ row.does }}
          </p>
        </li>
      } @empty {
        <li i18n>Soda and powder are set by the gas and the pH of a style. Choose one under Judge.</li>
      }
    </ul>
  `,
  styleUrl: '../../parts/panels.css',
  styles: `
    li {
      padding: 10px 0 11px;
      border-top: 1px solid var(--hair);
    }
    .head {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 4px 10px;
    }
    .head b {
      font-weight: 640;
    }
    .small {
      min-height: 28px;
      padding: 1px 9px;
      font-size: var(--step--1);
    }
    .body {
      display: flex;
      align-items: center;
      gap: 12px;
      justify-content: space-between;
    }
    .amount {
      font-size: var(--step-1);
      font-weight: 700;
      padding: 2px 0;
    }
    .act {
      flex: none;
    }
    @media (pointer: coarse) {
      .small {
        min-height: var(--finger);
        min-width: var(--finger);
      }
    }
  `,
})
export class SchoolsFace {
  protected readonly texts = {
    leaveOfTheSoda: (count: string | number) => $localize`Leave ${count} % of the soda`,
    useIt: (say: string | number) => $localize`Use it: ${say}`,
  };
  readonly formula = input.required<Formula>();
  readonly audit = input.required<Audit>();
  private readonly store = inject(FormulaStore);
  private readonly adapting = inject(Adapting);

  protected readonly ways: readonly { readonly id: Fineness; readonly name: string }[] = [
    { id: 'spoons', name: $localize`by spoons` },
    { id: 'tenths', name: $localize`by 0.1 g` },
  ];
  protected readonly acids = ACIDS;
  protected readonly shares = SHARES;
  protected readonly fineness = signal<Fineness>('spoons');
  protected readonly leftShare = signal<number>(USUAL_BROWNING_SHARE);
  protected readonly acidId = signal<string>('cream-of-tartar');

  protected readonly now = computed(() => {
    const { ledger } = this.audit();
    return $localize`${decimal(ledger.gas.gramsPer100gFlour, 2)} g gas, pH ${phInWords(ledger.crumbPh.low, ledger.crumbPh.high)}`;
  });
  protected readonly rows = computed(() =>
    LEAVENING_METHODS.flatMap((school) => {
      const [setting] = settingsFor(this.formula(), this.audit(), this.store.kitchen(), {
        school,
        fineness: this.fineness(),
        leftShare: this.leftShare(),
        acidId: this.acidId(),
      });
      return setting ? [this.rowOf(school, setting)] : [];
    }),
  );

  private rowOf(school: LeaveningMethod, setting: Setting) {
    const audit = this.audit();
    const parts = partsWith(setting, leavenersOf(audit, this.formula()), this.acidId());
    const ledger = leaveningLedger(parts);
    const place = this.store.kitchen().place ?? USUAL_PLACE;
    const behaviour = behaviourOf(audit.style?.basedOn);
    const waiting = waitingOf(ledger.gas.byPhase, behaviour.viscosity, place.celsius);
    const bands = audit.style?.bands;
    const usual = { sugar: bands?.sugar.typical ?? 50, fat: bands?.fat.typical ?? 30, egg: bands?.egg.typical ?? 40 };
    const lift = liftOf(parts, ledger, behaviour, usual, waiting.usableMillimoles, place.metresAboveSea);
    const typical = audit.style?.specificVolume.typical ?? lift.specificVolume;
    const percent = Math.round(100 * (lift.specificVolume / typical - 1));
    const wait = Number.isFinite(waiting.adviceMinutes) ? minutesInWords(waiting.adviceMinutes) : $localize`hours`;
    const [turns] = consequencesOf(parts, ledger.crumbPh, ledger.leftoverSodaGrams, ledger.flourGrams);
    const missed = [
      setting.gasStanding === 'within' ? '' : $localize`gas ${VERDICT_NAMES[setting.gasStanding]} the band`,
      setting.phStanding === 'within' ? '' : $localize`crumb pH ${VERDICT_NAMES[setting.phStanding]} the band`,
    ].filter((part) => part !== '');
    return {
      school,
      setting,
      name: SCHOOL_NAMES[school],
      amount: settingInWords(setting, ACIDS.find(({ id }) => id === this.acidId())?.name, this.fineness() === 'tenths'),
      hit: setting.hit,
      missed: $localize`Nothing measurable hits both; this is nearest: ${missed.join(', ')}.`,
      does: $localize`pH ${phInWords(ledger.crumbPh.low, ledger.crumbPh.high)}:high:: ${phConsequence(ledger.crumbPh.likely).why}. Gas ${decimal(setting.gasGramsPer100gFlour, 2)} g; lift ${percent >= 0 ? '+' : '−'}${Math.abs(percent)} % to the style; may wait ${wait}.${turns ? ` ${consequenceInWords(turns, turns.ingredientId?.replaceAll('-', ' ') ?? '').say}` : ''}`,
    };
  }

  protected take(setting: Setting): void {
    const kitchen = this.store.kitchen();
    const audit = this.audit();
    this.adapting.take(
      inSentence(SCHOOL_NAMES[setting.school].say),
      (formula) => takeSetting(formula, audit, setting, kitchen, this.adapting.newId, this.acidId()),
      $localize`Set: ${settingInWords(setting)}.`,
    );
  }
}
