import '@angular/localize/init';
import { STYLES } from '../core/src/batter/balance/index.js';
import { HARD_CASES, PAGE_CASES } from '../core/src/book/diagnosing/cases.spec-help.js';
import { diagnose, ifOther, signalsOf, testsFor } from '../core/src/book/diagnosing/index.js';

function time(work: () => unknown): number {
  const since = performance.now();
  work();
  return performance.now() - since;
}

/** Milliseconds that it takes to find causes, and with what to ask and what would be first if a number were other. */
export function whyTimes(): { readonly causes: number[]; readonly withQuestion: number[] } {
  const asked = [...PAGE_CASES, ...HARD_CASES].flatMap(([id, faults, facts]) => {
    const style = STYLES.find((each) => each.id === id);
    return style ? [{ faults, signals: signalsOf(facts, style) }] : [];
  });
  const withQuestion = asked.map((each) =>
    time(() => {
      const found = diagnose(each);
      return [testsFor(each, found), ifOther(each, found)];
    }),
  );
  return { causes: asked.map((each) => time(() => diagnose(each))), withQuestion };
}
