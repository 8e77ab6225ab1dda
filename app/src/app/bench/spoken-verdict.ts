import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { debounceTime, distinctUntilChanged, skip } from 'rxjs';
import type { Finding } from '@orvin/core/bench/findings';
import type { BandVerdict } from '@orvin/core/batter/balance';
import { QUANTITY_NAMES } from '@orvin/core/words/wording';
import type { LedgerView } from './ledger-view';

/** Milliseconds without a change after which the hands are taken to rest: nobody is spoken to while typing. */
const RESTING = 900;

function bandsInWords(outside: readonly string[], of: number): string {
  if (of === 0) return '';
  if (outside.length === 0) return $localize`all within their bands`;
  return $localize`outside ${outside.length === 1 ? $localize`its band` : $localize`their bands`}:bands:: ${outside.join(', ')}`;
}

/** What a change did to the verdict, for whom hears the screen: said once the hands rest, and only where it moved. */
@Component({
  selector: 'orv-spoken-verdict',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'unseen', role: 'status' },
  template: `{{ said() }}`,
})
export class SpokenVerdict {
  readonly ledger = input<Pick<LedgerView, 'lead' | 'leadWord'>>();
  readonly verdicts = input.required<readonly Pick<BandVerdict, 'quantity' | 'severity'>[]>();
  readonly findings = input.required<readonly Pick<Finding, 'severity'>[]>();

  private readonly words = computed(() => {
    const { lead = '', leadWord = '' } = this.ledger() ?? {};
    const outside = this.verdicts().flatMap(({ quantity, severity }) => (severity === 'none' ? [] : [QUANTITY_NAMES[quantity]]));
    const toSee = this.findings().filter(({ severity }) => severity !== 'note').length;
    return [
      `${lead} ${leadWord}`.trim(),
      bandsInWords(outside, this.verdicts().length),
      toSee === 0 ? '' : $localize`${toSee} to look at`,
    ]
      .filter(Boolean)
      .join('; ');
  }); // prettier-ignore
  protected readonly said = toSignal(
    // what stands when the station opens is read, not announced
    toObservable(this.words).pipe(debounceTime(RESTING), distinctUntilChanged(), skip(1)),
    { initialValue: '' },
  );
}
