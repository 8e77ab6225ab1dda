import { readFormula } from '../../formula/parsing/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { findingsIn } from '../findings/index.js';
import { auditFormula } from './index.js';

function formulaOf(text: string, styleId?: string) {
  const reading = readFormula(text, 'US');
  if (reading.kind !== 'read') throw new Error(reading.problem.code);
  return { ...reading.formula, ...(styleId !== undefined && { styleId }) };
}
const audited = (text: string, styleId?: string) => auditFormula(formulaOf(text, styleId));
const codes = (text: string) => findingsIn(formulaOf(text)).findings.map(({ code }) => code);
const SOUND =
  'Muffins\n250 g all-purpose flour\n130 g sugar\n85 g butter\n2 large eggs\n220 g milk\n3 g salt\n2 1/2 tsp baking powder\nBake muffins at 200 C';

describe('auditFormula', () => {
  it('makes the flour a hundred and everything else its share', () => {
    const audit = audited(SOUND);
    expect(audit.totals.flour).toBe(250);
    expect(audit.lines[0]?.bakersPercent).toBeCloseTo(100, 6);
    expect(audit.lines[1]?.bakersPercent).toBeCloseTo(52, 6);
    const sum = audit.lines.reduce((total, line) => total + (line.grams ?? 0), 0);
    expect(audit.totals.grams).toBeCloseTo(sum, 6);
  });
  it('keeps what goes on top out of the batter, but weighs it', () => {
    const audit = audited(SOUND.replace('\nBake', '\nFor the glaze:\n100 g icing sugar\nBake'));
    const glaze = audit.lines.find((line) => !line.inBatter);
    expect(glaze?.grams).toBe(100);
    expect(audit.totals.grams).toBeCloseTo(audited(SOUND).totals.grams, 6);
  });
  it('has the style chosen by the baker win over the detected one', () => {
    expect(audited(SOUND).style?.id).toBe('muffin');
    expect(audited(SOUND, 'pound_cake').style?.id).toBe('pound_cake');
    expect(audited(SOUND, 'pound_cake').styleChosen).toBeTrue();
    expect(audited(SOUND).runnerUp?.id).not.toBe('muffin');
  });
  it('finds soda with nothing sour, soda left over, and no leavening at all', () => {
    expect(codes(SOUND.replace('2 1/2 tsp baking powder', '1 tsp baking soda'))).toContain('soda-without-acid');
    expect(
      codes(SOUND.replace('220 g milk', '220 g buttermilk').replace('2 1/2 tsp baking powder', '1 tsp baking soda')),
    ).toContain('soda-left-over');
    expect(codes(SOUND.replace('2 1/2 tsp baking powder\n', ''))).toContain('leavening-missing');
    expect(codes(SOUND)).toEqual([]);
  });
  it('says that percentages need flour', () => {
    const flourless = '200 g sugar\n3 large eggs\n100 g butter';
    const audit = audited(flourless);
    expect(codes(flourless)).toContain('no-flour');
    expect(audit.verdicts).toEqual([]);
    expect(audit.lines[0]?.bakersPercent).toBeUndefined();
  });
  it('gives every demo formula a style and a full set of verdicts', () => {
    for (const { id, text } of DEMO_FORMULAS) {
      const audit = audited(text);
      expect(audit.style).withContext(id).toBeDefined();
      expect(audit.verdicts.length).withContext(id).toBe(8);
    }
  });
  it('finds the sense of the demo titles', () => {
    const styleOf = (id: string) =>
      audited(DEMO_FORMULAS.find((sampleFormula) => sampleFormula.id === id)?.text ?? '').style?.id;
    expect(styleOf('pear-cardamom-loaf')).toBe('fruit_puree_loaf');
    expect(styleOf('rhubarb-ginger-muffins')).toBe('muffin');
    expect(styleOf('parsnip-hazelnut-cake')).toBe('vegetable_cake');
    expect(styleOf('leek-cheese-drop-biscuits')).toBe('drop_biscuit');
    expect(styleOf('thyme-sweet-potato-scones')).toBe('british_scone');
    expect(styleOf('oat-farls')).toBe('oat_farl_griddle');
    expect(styleOf('gingerbread-dark-treacle')).toBe('gingerbread');
    expect(styleOf('cider-fed-harvest-fruit-cake')).toBe('dark_fruit_cake');
  });
});
