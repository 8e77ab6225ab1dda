import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { InputText } from 'primeng/inputtext';
import { nameIn, type Audit, type Finding, type FindingCode, type SetAside } from '@orvin/core/bench/audit';
import type { BandVerdict, Style } from '@orvin/core/batter/balance';
import { lineOf, type Formula } from '@orvin/core/formula/formula';
import { ingredientName } from '@orvin/core/kitchen/ingredients';
import { pantryOf } from '@orvin/core/kitchen/equipment';
import type { Severity } from '@orvin/core/formula/parsing';
import type { Region } from '@orvin/core/ground/units';
import { findingInWords, fixInWords, verdictInWords } from '@orvin/core/words/wording';
import { type Sentence } from '@orvin/core/words/figures';
import { MARKS, SEVERITY_ORDER } from '../parts/marks';
import { FormulaStore } from '../store/formula-store';
import { LineEditing } from './line-editing';

interface Note {
  readonly key: string;
  readonly severity: Severity;
  readonly shape: string;
  readonly word: string;
  readonly sentence: Sentence;
  /** The words of the line or step it stands on. */
  readonly at: string;
  readonly finding?: Finding;
  readonly fix?: string;
  readonly reason?: string;
}

/** What a finding says already, the band of the same quantity need not say again. */
const SAID_BY_FINDING: Readonly<Partial<Record<FindingCode, readonly BandVerdict['quantity'][]>>> = {
  'soda-left-over': ['crumb-ph'],
  'soda-without-acid': ['crumb-ph'],
  'acid-left-over': ['crumb-ph'],
  'leavening-missing': ['gas'],
  'leavener-without-amount': ['gas'],
  'gas-below-band': ['gas'],
  'gas-above-band': ['gas'],
  'flour-cannot-carry': ['flour'],
  'thirsty-ingredients': ['water'],
};

const shortened = (text: string) => (text.length > 60 ? `${text.slice(0, 58)}…` : text);

/**
 * What to do about it, the worst first: what was not understood, what does not add up, what lies outside the style. Each finding has its
 * one click where there is one, and can be set aside with a reason.
 */
@Component({
  selector: 'orv-note-list',
  imports: [InputText],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <ul aria-label="What to look at">
      @for (note of notes(); track note.key) {
        <li>
          <span class="mark" [class]="'mark mark-' + note.severity" aria-hidden="true">{{ note.shape }}</span>
          <div class="body">
            <p>
              <span class="seen-by-readers-only">{{ note.word }}:</span>
              <b>{{ note.sentence.say }}</b> {{ note.sentence.why }}
              @if (note.at) {
                <span class="at caption">in “{{ note.at }}”</span>
              }
            </p>
            @if (note.finding; as finding) {
              <div class="acts">
                @if (note.fix) {
                  <button type="button" class="fix" (click)="editing.fix(finding)">{{ note.fix }}</button>
                }
                @if (finding.place) {
                  <button type="button" (click)="goTo.emit(finding.place)" [attr.aria-label]="'Show: ' + note.at">
                    Show
                  </button>
                }
                <button
                  type="button"
                  (click)="ask(note.key)"
                  [attr.aria-expanded]="asking() === note.key"
                  [attr.aria-label]="'Set aside: ' + note.sentence.say"
                >
                  Set aside
                </button>
              </div>
              @if (asking() === note.key) {
                <form (submit)="$event.preventDefault(); setAside(finding, why.value)">
                  <label [attr.for]="'why-' + note.key">because</label>
                  <input
                    #why
                    pInputText
                    [id]="'why-' + note.key"
                    maxlength="300"
                    autocomplete="off"
                    placeholder="it is meant so"
                    (keydown.escape)="asking.set(undefined)"
                  />
                  <button type="submit" class="fix">Keep the reason</button>
                </form>
              }
            }
          </div>
        </li>
      } @empty {
        <li class="none">Nothing to look at: every line is weighed, and everything sits in its band.</li>
      }
    </ul>
    @if (aside().length > 0) {
      <details>
        <summary>{{ aside().length === 1 ? 'one thing' : aside().length + ' things' }} set aside</summary>
        <ul aria-label="Set aside">
          @for (note of aside(); track note.key) {
            <li>
              <span class="mark" aria-hidden="true">{{ note.shape }}</span>
              <div class="body">
                <p>
                  {{ note.sentence.say }}
                  <span class="at caption">because {{ note.reason || 'it is meant so' }}</span>
                </p>
                @if (note.finding; as finding) {
                  <div class="acts">
                    <button
                      type="button"
                      (click)="editing.restore(finding.code, finding.place)"
                      [attr.aria-label]="'Look at it again: ' + note.sentence.say"
                    >
                      Look at it again
                    </button>
                  </div>
                }
              </div>
            </li>
          }
        </ul>
      </details>
    }
  `,
  styleUrl: './note-list.css',
})
export class NoteList {
  readonly formula = input.required<Formula>();
  readonly audit = input.required<Pick<Audit, 'verdicts' | 'style'>>();
  readonly findings = input.required<readonly Finding[]>();
  readonly setAsideBefore = input.required<readonly SetAside[]>();
  readonly region = input.required<Region>();
  /** The id of the line or step to go to. */
  readonly goTo = output<string>();

  protected readonly editing = inject(LineEditing);
  private readonly store = inject(FormulaStore);
  /** The note whose reason is asked for. */
  protected readonly asking = signal<string | undefined>(undefined);

  protected readonly notes = computed<readonly Note[]>(() => {
    const { verdicts, style } = this.audit();
    const saidByFinding = new Set(
      this.findings().flatMap(({ code, facts }) =>
        code === 'far-off' ? [facts.quantity] : (SAID_BY_FINDING[code] ?? []),
      ),
    );
    const worded = this.findings().map((finding) => this.noteOf(finding));
    const outside = verdicts
      .filter(({ verdict, quantity }) => verdict !== 'within' && !saidByFinding.has(quantity))
      .map((verdict): Note => ({
        key: verdict.reason,
        severity: 'warning',
        ...MARKS.warning,
        sentence: bandSentence(verdict, style, this.region()),
        at: '',
      }));
    return [...worded, ...outside].sort((a, b) => SEVERITY_ORDER[a.severity] - SEVERITY_ORDER[b.severity]);
  });
  protected readonly aside = computed(() =>
    this.setAsideBefore().map(({ finding, reason }): Note => ({ ...this.noteOf(finding), reason })),
  );

  protected ask(key: string): void {
    this.asking.update((open) => (open === key ? undefined : key));
    if (this.asking() === key) setTimeout(() => document.getElementById(`why-${key}`)?.focus());
  }

  protected setAside(finding: Finding, reason: string): void {
    this.asking.set(undefined);
    this.editing.dismiss({ code: finding.code, place: finding.place, reason: reason.trim() });
  }

  private noteOf(finding: Finding): Note {
    const formula = this.formula();
    const at = lineOf(formula, finding.place)?.text ?? formula.steps.find(({ id }) => id === finding.place)?.text ?? '';
    return {
      key: `${finding.code}-${finding.place}-${nameIn(finding) ?? ''}`.replace(/[^\w-]/g, '-'),
      severity: finding.severity,
      ...MARKS[finding.severity],
      sentence: findingInWords(finding),
      at: shortened(at),
      finding,
      ...(finding.fix && { fix: fixInWords(finding.fix, (id) => this.nameOf(id)) }),
    };
  }

  private nameOf(ingredientId: string): string {
    const ingredient = pantryOf(this.store.kitchen()).byId(ingredientId);
    return ingredient ? ingredientName(ingredient, this.region()) : ingredientId;
  }
}

const bandSentence = (verdict: BandVerdict, style: Style | undefined, region: Region): Sentence =>
  style ? verdictInWords(verdict, style, region) : { say: verdict.reason, why: '' };
