import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { Audit } from '@orvin/core/audit';
import type { BandVerdict, Style } from '@orvin/core/balance';
import type { Problem, Severity } from '@orvin/core/parsing';
import type { Region } from '@orvin/core/units';
import { problemInWords, verdictInWords, type Sentence } from '@orvin/core/wording';
import { MARKS, SEVERITY_ORDER } from '../parts/marks';

interface Note {
  readonly key: string;
  readonly severity: Severity;
  readonly shape: string;
  readonly word: string;
  readonly sentence: Sentence;
  readonly line: string;
  readonly lineId: string | undefined;
}

/** What a problem about leavening says already, the band of the same quantity need not say again. */
const SAID_BY_PROBLEM: Readonly<Partial<Record<Problem['code'], readonly BandVerdict['quantity'][]>>> = {
  'soda-left-over': ['crumb-ph'],
  'soda-without-acid': ['crumb-ph'],
  'leavening-missing': ['gas'],
};

/** What to do about it, the worst first: what was not understood, what does not add up, what lies outside the style. */
@Component({
  selector: 'orv-note-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <ul aria-label="What to look at">
      @for (note of notes(); track note.key) {
        <li>
          <span class="mark" [class]="'mark mark-' + note.severity" aria-hidden="true">{{ note.shape }}</span>
          <p>
            <span class="seen-by-readers-only">{{ note.word }}:</span>
            <b>{{ note.sentence.say }}</b> {{ note.sentence.why }}
            @if (note.line) {
              <span class="line caption">in “{{ note.line }}”</span>
            }
          </p>
          @if (note.lineId; as lineId) {
            <button type="button" (click)="goTo.emit(lineId)" [attr.aria-label]="'To the line ' + note.line">
              To the line
            </button>
          }
        </li>
      } @empty {
        <li class="none">Nothing to look at: every line is weighed, and everything sits in its band.</li>
      }
    </ul>
  `,
  styles: `
    ul {
      border-top: 1px solid var(--hair);
    }
    li {
      display: flex;
      gap: 10px;
      align-items: flex-start;
      padding: 9px 0;
      border-bottom: 1px solid var(--hair);
    }
    .mark {
      padding-top: 4px;
      flex: none;
    }
    p {
      flex: 1;
      min-width: 0;
      color: var(--ink-2);
      overflow-wrap: anywhere;
    }
    b {
      color: var(--ink);
      font-weight: 650;
    }
    .line {
      display: block;
    }
    button {
      flex: none;
      border: 1.5px solid var(--rim);
      background: var(--enamel);
      color: var(--rim);
      border-radius: var(--corner);
      font-weight: 620;
      font-size: var(--step--1);
      min-height: 34px;
      padding: 0 11px;
      cursor: pointer;
    }
    .none {
      color: var(--ink-2);
    }
    @media (pointer: coarse) {
      button {
        min-height: var(--finger);
      }
    }
  `,
})
export class NoteList {
  readonly audit = input.required<Audit>();
  readonly region = input.required<Region>();
  readonly goTo = output<string>();

  protected readonly notes = computed<readonly Note[]>(() => {
    const { problems, verdicts, style, lines } = this.audit();
    const said = new Set(problems.flatMap(({ code }) => SAID_BY_PROBLEM[code] ?? []));
    const found = problems.map((problem, i): Note => {
      const lineId = problem.line === '' ? undefined : lines.find(({ text }) => text === problem.line)?.lineId;
      return {
        key: `p${i}`,
        severity: problem.severity,
        ...MARKS[problem.severity],
        sentence: problemInWords(problem),
        line: shortened(problem.line),
        lineId,
      };
    });
    const outside = verdicts
      .filter(({ verdict, quantity }) => verdict !== 'within' && !said.has(quantity))
      .map((verdict): Note => ({
        key: verdict.reason,
        severity: 'warning',
        ...MARKS.warning,
        sentence: bandSentence(verdict, style, this.region()),
        line: '',
        lineId: undefined,
      }));
    return [...found, ...outside].sort((a, b) => SEVERITY_ORDER[a.severity] - SEVERITY_ORDER[b.severity]);
  });
}

const shortened = (text: string) => (text.length > 60 ? `${text.slice(0, 58)}…` : text);
const bandSentence = (verdict: BandVerdict, style: Style | undefined, region: Region): Sentence =>
  style ? verdictInWords(verdict, style, region) : { say: verdict.reason, why: '' };
