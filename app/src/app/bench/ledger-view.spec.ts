import { auditFormula } from '@orvin/core/bench/audit';
import { readFormula } from '@orvin/core/formula/parsing';
import { ledgerView } from './ledger-view';

function viewOf(text: string) {
  const reading = readFormula(text, 'US');
  if (reading.kind !== 'read') throw new Error(reading.problem.code);
  return ledgerView(auditFormula(reading.formula).ledger, 'US');
}
const BASE = '250 g flour\n130 g sugar\n100 g egg\n';

describe('ledgerView', () => {
  it('leads with the soda that finds nothing sour', () => {
    const view = viewOf(`${BASE}220 g milk\n1 tsp baking soda`);
    expect(view.balance).toBe('soda-left');
    expect(view.lead).toMatch(/^\d\.\d g$/);
    expect(view.leadMore).toContain('tsp');
  });
  it('says how much more soda the acid could meet', () => {
    const view = viewOf(`${BASE}220 g buttermilk\n40 g lemon juice\n1/8 tsp baking soda`);
    expect(view.balance).toBe('acid-left');
  });
  it('is balanced with baking powder and milk, and says when there is no leavener', () => {
    expect(viewOf(`${BASE}220 g milk\n2 tsp baking powder`).balance).not.toBe('soda-left');
    expect(viewOf(`${BASE}220 g milk`).balance).toBe('no-leavener');
  });
  it('lays the blocks end to end, as long together as the acid there is', () => {
    const view = viewOf(`${BASE}220 g buttermilk\n100 g banana\n1/2 tsp baking soda\n1 tsp baking powder`);
    let at = 0;
    for (const block of view.acids) {
      expect(block.from).toBeCloseTo(at, 9);
      at += block.meq;
    }
    expect(view.powderAcid?.from).toBeCloseTo(at, 9);
    expect(at + (view.powderAcid?.meq ?? 0)).toBeCloseTo(view.acidMeq, 6);
    expect(view.metMeq + view.leftMeq).toBeCloseTo(view.sodaMeq, 6);
  });
  it('gives the whole gas to its phases', () => {
    expect(
      viewOf(`${BASE}220 g milk\n2 tsp baking powder`).gas.reduce((sum, { percent }) => sum + percent, 0),
    ).toBeCloseTo(100, 6);
  });
});
