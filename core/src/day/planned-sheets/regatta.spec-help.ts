import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { readText } from '../../formula/reading/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { EMPTY_SHEET, type DaySheet, type Wish } from '../sheets/index.js';
import type { SheetOrder } from './plan-sheet.js';

/* The regatta's Saturday as a sheet, for specs. */

const DATE = '2026-11-28';
export const REGATTA_FORMULAS: SheetOrder['formulas'] = Object.fromEntries(
  DEMO_FORMULAS.flatMap(({ id, text }) => {
    const reading = readText(text, 'UK');
    return reading.kind === 'read' ? [[id, { formula: reading.formula }] as const] : [];
  }),
);
export const wishFor = (formulaId: string, more: Partial<Wish> = {}): Wish => ({
  id: formulaId,
  formulaId,
  title: REGATTA_FORMULAS[formulaId]?.formula.title ?? formulaId,
  amount: '',
  due: `${DATE}T14:30`,
  served: 'fresh',
  ...more,
});
export const sheetOf = (wishes: readonly Wish[], more: Partial<DaySheet> = {}): DaySheet => ({
  ...EMPTY_SHEET,
  name: 'Regatta tea tent',
  date: DATE,
  zone: 'Europe/London',
  wishes,
  ...more,
});
export const orderOf = (sheet: DaySheet, seconds = 0.5): SheetOrder => ({
  sheet,
  formulas: REGATTA_FORMULAS,
  kitchen: PLAIN_KITCHEN,
  seconds,
});
