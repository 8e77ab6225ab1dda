import { joinedLines, writtenApart, lineIdOf, means, openLines, readHave } from '../open-lines/index.js';
import { auditFormula } from '../audit/index.js';
import { findingsIn } from '../findings/index.js';
import { styleById } from '../../batter/balance/index.js';
import { linesOf, type Formula } from '../../formula/formula/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import type { Diet } from '../swaps/index.js';
import {
  adaptToDiet,
  forbidden,
  isMoved,
  leavenersOf,
  partsWith,
  proposeRebalance,
  settingsFor,
  swapsFor,
  takeChanges,
  takeSetting,
  takeSwap,
} from './index.js';
import { leaveningLedger } from '../../batter/leavening/index.js';
import { mustBeIngredient } from '../../formula/formula/index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

const readDemo = (text: string): Formula => formulaRead(readFormula(text, 'UK'));
const demo = DEMO_FORMULAS.map(({ id, text }) => ({ id, formula: readDemo(text) }));
const demoOf = (id: string): Formula => {
  const found = demo.find((one) => one.id === id);
  if (!found) throw new Error(`no demo ${id}`);
  return found.formula;
};
const counter = () => {
  let next = 0;
  return () => `added-${next++}`;
};
const auditOf = (formula: Formula) => auditFormula(formula);

describe('rebalancing a formula', () => {
  for (const { id, formula } of demo) {
    it(`writes what it proposes so that reading it gives the same amounts: ${id}`, () => {
      const audit = auditOf(formula);
      if (!audit.style) throw new Error('no style');
      const proposal = proposeRebalance(formula, audit, PLAIN_KITCHEN, {
        style: audit.style,
        locked: new Set(),
        have: '',
      });
      expect(proposal.feasible || proposal.conflicts.length > 0 || proposal.outOfReach.length > 0).toBeTrue();
      const taken = auditOf(
        takeChanges(
          { ...formula, styleId: audit.style.id },
          proposal.lines,
          proposal.standIns,
          PLAIN_KITCHEN,
          counter(),
        ),
      );
      for (const moved of proposal.lines.filter((line) => isMoved(line) && !line.isNew && line.after > 0)) {
        const grams = taken.lines.find(({ lineId }) => lineId === lineIdOf(moved.id))?.grams ?? 0;
        // spoons and whole grams: within 4 %, or a tenth of a gram
        expect(Math.abs(grams - moved.after))
          .withContext(moved.id)
          .toBeLessThan(Math.max(0.04 * moved.after, 0.6));
      }
      for (const { quantity, value, band } of proposal.after) {
        const read = taken.verdicts.find((verdict) => verdict.quantity === quantity)?.value ?? NaN;
        expect(Math.abs(read - value)).withContext(`${quantity} ${read} for ${value}`).toBeLessThan(0.07 * (band.high - band.low) + 1e-6); // prettier-ignore
      }
    });
  }
  it('never moves what is locked', () => {
    const formula = demoOf('pear-cardamom-loaf');
    const audit = auditOf(formula);
    const held = new Set(audit.lines.filter(({ text }) => /pear|egg/.test(text)).map(({ lineId }) => lineId));
    const style = styleById('muffin');
    if (!style) throw new Error('no style');
    const proposal = proposeRebalance(formula, audit, PLAIN_KITCHEN, { style, locked: held, have: '' });
    for (const line of proposal.lines.filter(({ id }) => held.has(id))) expect(line.after).toBe(line.before);
    expect(proposal.lines.some(isMoved)).toBeTrue();
  });
});

describe('what I have', () => {
  const formula = demoOf('rhubarb-ginger-muffins');
  const audit = auditOf(formula);
  const lines = openLines(formula, audit, PLAIN_KITCHEN, new Set());
  const context = { region: formula.region, kitchen: PLAIN_KITCHEN };
  const nameOf = (id: string) => lines.find((line) => line.id === id)?.part.ingredient.id;
  it('reads amounts, counts and nothing', () => {
    const { limits, misunderstood } = readHave(
      'only 180 g flour, 3 eggs and no buttermilk; sugar<=100 g',
      lines,
      context,
    );
    expect(misunderstood).toEqual([]);
    expect(limits.map(({ lineIds, mostGrams }) => [lineIds.map(nameOf).join(), Math.round(mostGrams)])).toEqual([
      ['all-purpose-flour', 180],
      ['egg', Math.round(3 * (lines.find(({ part }) => part.ingredient.id === 'egg')?.pieceGrams ?? 0))],
      ['buttermilk', 0],
      ['superfine-sugar', 100],
    ]);
  });
  it('says what it cannot use', () => {
    const { limits, misunderstood } = readHave('2 coconuts, flour', lines, context);
    expect(limits).toEqual([]);
    expect(misunderstood.map(({ because }) => because)).toEqual(['not-in-formula', 'no-amount']);
  });
  it('keeps within what there is', () => {
    if (!audit.style) throw new Error('no style');
    const proposal = proposeRebalance(formula, audit, PLAIN_KITCHEN, {
      style: audit.style,
      locked: new Set(),
      have: '180 g flour',
    });
    expect(proposal.feasible).toBeTrue();
    expect(proposal.lines.find(({ ingredient }) => ingredient.id === 'all-purpose-flour')?.after).toBeLessThanOrEqual(
      180,
    );
  });
  it('knows what a word may mean', () => {
    expect(means('milk', mustBeIngredient('buttermilk'), 'UK')).toBeFalse();
    expect(means('milk', mustBeIngredient('semi-skimmed-milk'), 'UK')).toBeTrue();
    expect(means('eggs', mustBeIngredient('egg'), 'UK')).toBeTrue();
    expect(means('flour', mustBeIngredient('whole-wheat-flour'), 'UK')).toBeTrue();
  });
});

describe('the schools on a formula', () => {
  for (const school of ['acid-only', 'powder-only', 'browning', 'added-acid'] as const) {
    it(`writes soda and powder as set: ${school}`, () => {
      const formula = demoOf('pear-cardamom-loaf');
      const audit = auditOf(formula);
      const [best] = settingsFor(formula, audit, PLAIN_KITCHEN, { school, fineness: 'spoons' });
      if (!best) throw new Error('nothing set');
      const taken = auditOf(takeSetting(formula, audit, best, PLAIN_KITCHEN, counter()));
      const ledger = leaveningLedger(partsWith(best, leavenersOf(audit, formula)));
      expect(Math.abs(taken.ledger.gas.gramsPer100gFlour - ledger.gas.gramsPer100gFlour)).toBeLessThan(0.02);
      expect(Math.abs(taken.ledger.crumbPh.likely - ledger.crumbPh.likely)).toBeLessThan(0.1);
      const sodas = linesOf(takeSetting(formula, audit, best, PLAIN_KITCHEN, counter())).filter(({ text }) =>
        text.includes('soda'),
      );
      expect(sodas.length).toBe(best.sodaGrams > 0 ? 1 : 0);
    });
  }
});

describe('lines that hold several things', () => {
  it('are written apart with the same amounts', () => {
    const formula = demoOf('oat-farls');
    const audit = auditOf(formula);
    const joined = joinedLines(formula, audit, PLAIN_KITCHEN);
    expect(joined.length).toBe(1);
    const apart = writtenApart(formula, joined, PLAIN_KITCHEN, counter());
    expect(linesOf(apart).length).toBe(linesOf(formula).length + 5);
    const after = auditOf(apart);
    expect(after.totals).toEqual(audit.totals);
    expect(after.lines.every(({ entries }) => entries.length === 1)).toBeTrue();
  });
});

describe('what there is', () => {
  it('is the weight where an amount by itself follows: "three bananas, 410 g" are 410 g', () => {
    const formula = demoOf('pear-cardamom-loaf');
    const lines = openLines(formula, auditOf(formula), PLAIN_KITCHEN, new Set());
    const { limits, misunderstood } = readHave('three pears, 230 g, 2 eggs', lines, {
      region: 'US',
      kitchen: PLAIN_KITCHEN,
    });
    expect(misunderstood).toEqual([]);
    expect(limits.map(({ mostGrams }) => Math.round(mostGrams))).toEqual([230, 100]);
  });
});

describe('swaps on a formula', () => {
  it('writes milk and vinegar for buttermilk, in the lines and in the method', () => {
    const formula = demoOf('rhubarb-ginger-muffins');
    const audit = auditOf(formula);
    const line = audit.lines.find(({ text }) => text.startsWith('Buttermilk'));
    const swap = swapsFor(formula, audit, PLAIN_KITCHEN, line?.lineId ?? '', { diets: [] }).find(
      ({ way }) => way.id === 'buttermilk-to-milk-and-vinegar',
    );
    if (!swap) throw new Error('no swap');
    const taken = takeSwap(formula, swap, PLAIN_KITCHEN, counter());
    const texts = linesOf(taken)
      .map(({ text }) => text)
      .join('\n');
    expect(texts).not.toContain('Buttermilk');
    expect(texts).toMatch(/\d+ g whole milk/);
    expect(texts).toMatch(/vinegar/);
    expect(taken.steps.map(({ text }) => text).join(' ')).toMatch(
      /Whisk the whole milk and .*vinegar, eggs and butter/,
    );
    expect(findingsIn(taken).findings.map(({ code }) => code)).not.toContain('step-uses-unlisted');
    expect(Math.abs(auditOf(taken).ledger.crumbPh.likely - audit.ledger.crumbPh.likely)).toBeLessThan(0.3);
  });
  for (const { id, formula } of demo)
    for (const diet of ['dairy-free', 'egg-free', 'vegan', 'gluten-free', 'nut-free'] as readonly Diet[])
      it(`makes it ${diet}, or says what it cannot replace: ${id}`, () => {
        const { formula: adapted, steps } = adaptToDiet(formula, diet, PLAIN_KITCHEN, auditOf, counter());
        const left = forbidden(auditOf(adapted), diet).map(({ lineId }) => lineId);
        const stuck = steps.filter(({ taken }) => taken === undefined).map(({ lineId }) => lineId);
        expect(left.every((lineId) => stuck.includes(lineId)))
          .withContext(`${left.join()} / ${stuck.join()}`)
          .toBeTrue();
        expect(steps.length > 0 || forbidden(auditOf(formula), diet).length === 0).toBeTrue();
        // a stand-in stands in: no diet that forbids an ingredient makes a batter lean
        expect(auditOf(adapted).totals.fat).toBeGreaterThan(0.8 * auditOf(formula).totals.fat);
      });
});
