import {
  insertLines,
  lineOf,
  removeLine,
  replaceLine,
  replaceStep,
  tellLine,
  type Formula,
} from '../../formula/formula/index.js';
import { retyped } from '../../formula/parsing/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import type { Fix } from './finding.js';

/**
 * A formula with a fix taken. One whose place is gone meanwhile changes nothing.
 * @param newId gives the id of a line that is added
 */
export function applyFix(formula: Formula, fix: Fix, kitchen: Kitchen, newId: () => string): Formula {
  switch (fix.kind) {
    case 'retype': {
      const line = lineOf(formula, fix.lineId);
      return line ? replaceLine(formula, retyped(line, fix.text, { region: formula.region, kitchen })) : formula;
    }
    case 'tell-line':
      return tellLine(formula, fix.lineId, fix.facts);
    case 'take-out':
      return removeLine(formula, fix.lineId);
    case 'add-line':
      return insertLines(formula, { componentId: fix.componentId }, [{ id: newId(), text: fix.text }]);
    case 'step': {
      const step = formula.steps.find(({ id }) => id === fix.stepId);
      return step ? replaceStep(formula, { ...step, text: fix.text }) : formula;
    }
    case 'pan':
      return { ...formula, bake: { ...formula.bake, pan: fix.pan } };
    case 'flour-basis':
      return { ...formula, flourBasisGrams: fix.grams };
  }
}
