import type { Severity } from '@orvin/core/formula/parsing';

/** A shape for each severity, so that it is seen without colour; the word stands for those who do not see the shape. */
export const MARKS: Readonly<Record<Severity, { readonly shape: string; readonly word: string }>> = {
  error: { shape: '■', word: $localize`not counted` },
  warning: { shape: '▲', word: $localize`look at this` },
  note: { shape: '◇', word: $localize`:a mark beside a line|:note` },
};
export const SEVERITY_ORDER: Readonly<Record<Severity, number>> = { error: 0, warning: 1, note: 2 };
