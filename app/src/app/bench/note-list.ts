import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { InputText } from 'primeng/inputtext';
import type { Audit } from '@orvin/core/bench/audit';
import { nameIn, type Finding, type FindingCode, type SetAside } from '@orvin/core/bench/findings';
import type { BandVerdict, Style } from '@orvin/core/batter/balance';
import { lineOf, type Formula } from '@orvin/core/formula/formula';
import { ingredientName } from '@orvin/core/kitchen/ingredients';
import { pantryOf } from '@orvin/core/kitchen/equipment';
import type { Severity } from '@orvin/core/formula/parsing';
import type { Region } from '@orvin/core/ground/units';
import { findingInWords, fixInWords } from '@orvin/core/words/finding-words';
import { verdictInWords } from '@orvin/core/words/wording';
import { type Sentence } from '@orvin/core/words/figures';
import { MARKS, SEVERITY_ORDER } from '../parts/marks';
import { FormulaStore } from '../store/formula-store';
import { LineEditing } from './line-editing';
import { OwnDial } from '../parts/own-dial';

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
    <ul i18n-aria-label aria-label="What to look at">
      @for (note of notes(); track note.key) {
        <li>
          <span class="mark" [class]="'mark mark-' + note.severity" aria-hidden="true">{{ note.shape }}</span>
          <div class="body">
            <p>
              <span class="unseen">{{ note.word }}:</span>
              <b>{{ note.sentence.say }}</b> {{ note.sentence.why }}
              @if (note.at) {
                <span class="at caption" i18n>in “{{ note.at }}”</span>
              }
            </p>
            @if (note.finding; as finding) {
              <div class="acts">
                @if (note.fix) {
                  <button type="button" class="fix" (click)="editing.fix(finding)">{{ note.fix }}</button>
                }
                @if (finding.place) {
                  <button type="button" (click)="goTo.emit(finding.place)" [attr.aria-label]="texts.show(note.at)" i18n>
                    Show
                  </button>
                }
                <button
                  type="button"
                  (click)="ask(note.key)"
                  [attr.aria-expanded]="asking() === note.key"
                  [attr.aria-label]="texts.setAside(note.sentence.say)"
                  i18n
                >
                  Set aside
                </button>
              </div>
              @if (asking() === note.key) {
                <form (submit)="$event.preventDefault(); setAside(finding, why.value)">
                  <label [attr.for]="'why-' + note.key" i18n>because</label>
                  <input
                    #why
                    pInputText
                    [id]="'why-' + note.key"
                    maxlength="300"
                    autocomplete="off"
                    i18n-placeholder
                    placeholder="it is meant so"
                    (keydown.escape)="asking.set(undefined)"
                  />
                  <button type="submit" class="fix" i18n>Keep the reason</button>
                </form>
              }
            }
          </div>
        </li>
      } @empty {
        <li class="none" i18n>Nothing to look at: every line is weighed, and everything sits in its band.</li>
      }
    </ul>
    @if (aside().length > 0) {
      <details>
        <summary i18n>{{ aside().length === 1 ? texts.oneThing : texts.things(aside().length) }} set aside</summary>
        <ul i18n-aria-label aria-label="Set aside">
          @for (note of aside(); track note.key) {
            <li>
              <span class="mark" aria-hidden="true">{{ note.shape }}</span>
              <div class="body">
                <p i18n>
                  {{ note.sentence.say }}
                  <span class="at caption">because {{ note.reason || texts.itIsMeantSo }}</span>
                </p>
                @if (note.finding; as finding) {
                  <div class="acts">
                    <button
                      type="button"
                      (click)="editing.restore(finding.code, finding.place)"
                      [attr.aria-label]="texts.lookAtItAgain(note.sentence.say)"
                      i18n
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
  protected readonly texts = {
    show: (at: string | number) => $localize`Show: ${at}`,
    setAside: (say: string | number) => $localize`Set aside: ${say}`,
    oneThing: $localize`one thing`,
    things: (count: string | number) => $localize`${count} things`,
    itIsMeantSo: $localize`it is meant so`,
    lookAtItAgain: (say: string | number) => $localize`Look at it again: ${say}`,
  };
  readonly formula = input.required<Formula>();
  readonly audit = input.required<Pick<Audit, 'verdicts' | 'style'>>();
  readonly findings = input.required<readonly Finding[]>();
  readonly setAsideBefore = input.required<readonly SetAside[]>();
  readonly region = input.required<Region>();
  /** The id of the line or step to go to. */
  readonly goTo = output<string>();

  private readonly dial = inject(OwnDial);
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
    const outside = verdicts.flatMap((verdict): readonly Note[] => {
      const { severity, quantity, reason: key } = verdict;
      if (severity === 'none' || saidByFinding.has(quantity)) return [];
      return [{ key, severity, ...MARKS[severity], sentence: bandSentence(verdict, style, this.region()), at: '' }];
    });
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
      sentence: findingInWords(finding, this.dial.scale()),
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
