import { auditFormula } from '../../bench/audit/index.js';
import { outlookOf } from '../../bench/outlook/index.js';
import { PLAIN_KITCHEN, QUANTITIES } from '../../kitchen/kitchen/index.js';
import { CONSEQUENCE_CODES } from '../../batter/rising/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { SWAP_NOTE_CODES } from '../../bench/swaps/index.js';
import {
  consequenceInWords,
  CONSEQUENCES_WORDED,
  derivationOf,
  FIGURES,
  ruleInWords,
  SWAP_NOTES_WORDED,
  swapNoteInWords,
} from './index.js';
import { inOneLine } from '../figures/index.js';

const sound = (text: string, context: string) => {
  expect(text)
    .withContext(context)
    .toMatch(/^[A-Z0-9].*[.]$/s);
  expect(text)
    .withContext(context)
    .not.toMatch(/!|undefined|NaN|\{|\}/);
};

describe('the words of adapting', () => {
  it('has a sentence for every note of a swap and every consequence', () => {
    expect(new Set(SWAP_NOTES_WORDED)).toEqual(new Set(SWAP_NOTE_CODES));
    expect(new Set(CONSEQUENCES_WORDED)).toEqual(new Set(CONSEQUENCE_CODES));
    for (const code of SWAP_NOTE_CODES) sound(inOneLine(swapNoteInWords(code)), code);
    for (const code of CONSEQUENCE_CODES)
      for (const odds of ['likely', 'possible'] as const)
        sound(inOneLine(consequenceInWords({ code, odds, threshold: 7, value: 8 }, 'blueberries')), code);
  });
  it('says where every figure comes from, with figures, for every demo formula', () => {
    for (const { id, text } of DEMO_FORMULAS) {
      const reading = readFormula(text, 'UK');
      if (reading.kind === 'refused') throw new Error(id);
      const audit = auditFormula(reading.formula);
      const judged = outlookOf(reading.formula, audit, PLAIN_KITCHEN);
      for (const figure of [...FIGURES, ...QUANTITIES.map((quantity) => `band-${quantity}` as const)]) {
        const derivation = derivationOf(figure, audit, judged);
        expect(derivation).withContext(figure).toBeDefined();
        expect(JSON.stringify(derivation))
          .withContext(`${id} ${figure}`)
          .not.toMatch(/NaN|undefined|Infinity/);
        expect(derivation?.inputs.length).withContext(figure).toBeGreaterThan(0);
      }
      for (const rule of judged.classical) sound(inOneLine(ruleInWords(rule)), rule.code);
    }
  });
});
