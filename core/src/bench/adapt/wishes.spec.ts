import { auditFormula } from '../audit/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { mustBeIngredient, type Formula } from '../../formula/formula/index.js';
import { readText } from '../../formula/reading/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { SOUND_FORMULAS } from '../../doors/samples/sound-formulas.table.js';
import { proposeRebalance, takeChanges, type Proposal } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

const BATTERS = SOUND_FORMULAS.flatMap(({ region, text }) => {
  const reading = readText(text, region);
  if (reading.kind !== 'read') return [];
  const { formula } = reading;
  return { formula, audit: auditFormula(formula, { kitchen: PLAIN_KITCHEN, formula: () => undefined }) };
});

const proposed = (at: number, have: string): Proposal | undefined => {
  const batter = BATTERS[at];
  const style = batter?.audit.style;
  return (
    batter && style && proposeRebalance(batter.formula, batter.audit, PLAIN_KITCHEN, { style, locked: new Set(), have })
  );
};
const idsIn = ({ lines }: Proposal) => lines.filter(({ before }) => before > 0).map(({ ingredient }) => ingredient.id);

/** Wishes that a kitchen on a Sunday has, of every formula that has the thing. */
const WISHES: readonly { readonly have: string; readonly asked: RegExp }[] = [
  { have: 'no buttermilk', asked: /^buttermilk$/ },
  { have: 'no milk', asked: /^whole-milk$/ },
  { have: 'no eggs', asked: /^egg/ },
  { have: 'no butter', asked: /^unsalted-butter$/ },
  { have: 'no sugar', asked: /sugar/ },
  { have: '140 g flour', asked: /flour/ },
  { have: '1 egg', asked: /^egg/ },
  { have: '180 g flour, no buttermilk', asked: /flour|^buttermilk$/ },
  { have: '30 g sugar', asked: /sugar/ },
];

describe('a wish', () => {
  it('takes no line that was not asked about far from its share of the batch', () => {
    let looked = 0;
    BATTERS.forEach(({ formula }, at) => {
      for (const { have, asked } of WISHES) {
        const proposal = proposed(at, have);
        if (!proposal || proposal.had.misunderstood.length > 0) continue;
        const flours = proposal.lines.filter(
          ({ ingredient, before }) => before > 0 && /flour|meal/.test(ingredient.id),
        );
        const [was, is] = (['before', 'after'] as const).map((when) =>
          flours.reduce((sum, line) => sum + line[when], 0),
        );
        const batch = Math.min(1, (is ?? 0) / (was ?? 1));
        for (const { ingredient, before, after } of proposal.lines) {
          if (before < 1 || asked.test(ingredient.id) || isFreeLeavener(ingredient) || ingredient.category === 'salt')
            continue;
          // what already there stands in grows by what it stands in for
          if (proposal.standIns.some((standIn) => standIn.with.some(({ id }) => id === ingredient.id))) continue;
          looked++;
          const share = after / before / batch;
          expect(share >= 0.4 && share <= 2.5)
            .withContext(`${formula.title}, ${have}: ${ingredient.id} ${before} to ${after}, batch ${batch}`)
            .toBeTrue();
        }
      }
    });
    expect(looked).toBeGreaterThan(400);
  });
  it('for none of something brings its usual stand-in, and never what is missing', () => {
    const usual: Readonly<Record<string, readonly string[]>> = {
      buttermilk: ['whole-milk', 'white-vinegar'],
      'whole-milk': ['water'],
      egg: ['ground-flaxseed', 'water'],
      'unsalted-butter': ['vegetable-oil'],
      'sour-cream': ['plain-yogurt'],
    };
    for (const [id, instead] of Object.entries(usual)) {
      const name = mustBeIngredient(id).nameUs.toLowerCase().replace('unsalted ', '').replace('whole ', '');
      const met = BATTERS.flatMap((_, at) => {
        const proposal = proposed(at, `no ${name}`);
        return proposal && idsIn(proposal).includes(id) ? [proposal] : [];
      });
      expect(met.length).withContext(name).toBeGreaterThan(0);
      for (const proposal of met) {
        expect(
          proposal.standIns.find(({ missing }) => missing.id === id)?.with.map((ingredient) => ingredient.id),
        ).toEqual([...instead]);
        if (proposal.bakeable) expect(proposal.lines.find(({ ingredient }) => ingredient.id === id)?.after).toBe(0);
      }
    }
  });
  it('that stands in the way is named, and nothing that cannot be baked is proposed', () => {
    const muffins = proposed(0, 'no eggs');
    expect(muffins?.feasible).toBeFalse();
    expect(muffins?.wishes.map(({ said }) => said)).toEqual(['no eggs']);
    expect(muffins?.bakeable).toBeTrue();
    const flat = proposed(0, 'no baking powder, no baking soda');
    expect(flat === undefined || flat.had.misunderstood.length > 0 || !flat.bakeable || flat.feasible).toBeTrue();
  });
  it('for less flour makes the batch smaller, every line by as much', () => {
    BATTERS.forEach((_, at) => {
      const proposal = proposed(at, '100 g flour');
      if (!proposal?.feasible) return;
      const whole = proposal.lines.filter(({ before }) => before >= 30);
      const shares = whole.map(({ before, after }) => after / before);
      const middle = [...shares].sort((a, b) => a - b)[Math.floor(shares.length / 2)] ?? 1;
      // eggs and spoons are whole: a line or two may be further off
      const far = shares.filter((share) => Math.abs(share / middle - 1) > 0.45);
      expect(far.length).toBeLessThan(3);
    });
  });
});

describe('what is taken', () => {
  const muffins = (steps: string) => {
    const formula = formulaRead(
      readText(
        `Wattle muffins\n260 g plain flour\n150 g caster sugar\n2 tsp baking powder\n1/2 tsp bicarbonate of soda\n1/2 tsp salt\n2 eggs\n240 g buttermilk\n80 g butter, melted\n\n${steps}`,
        'UK',
      ),
    );
    const audit = auditFormula(formula, { kitchen: PLAIN_KITCHEN, formula: () => undefined });
    return { formula, audit };
  };
  const taken = (steps: string, have: string): Formula => {
    const { formula, audit } = muffins(steps);
    if (!audit.style) throw new Error('no style');
    const proposal = proposeRebalance(formula, audit, PLAIN_KITCHEN, { style: audit.style, locked: new Set(), have });
    let ids = 0;
    return takeChanges(formula, proposal.lines, proposal.standIns, PLAIN_KITCHEN, () => `new-${ids++}`);
  };
  it('writes the stand-in where the missing stood, in lines and steps', () => {
    const formula = taken(
      'Whisk the buttermilk with the eggs and the butter. Fold in the rest. Bake at 190 °C.',
      'no buttermilk',
    );
    const lines = formula.components.flatMap((component) => component.lines.map(({ text }) => text));
    expect(lines.join('\n')).not.toContain('buttermilk');
    const at = (name: RegExp) => lines.findIndex((line) => name.test(line));
    expect(at(/milk/)).toBeGreaterThan(at(/egg/));
    expect(at(/milk/)).toBeLessThan(at(/butter\b/));
    expect(formula.steps.map(({ text }) => text).join(' ')).toMatch(/Whisk the whole milk and .*vinegar with the eggs/);
  });
  it('for no soda brings the powder that is there, and for neither brings no other powder', () => {
    const { formula, audit } = muffins('Whisk all. Bake at 190 °C.');
    if (!audit.style) throw new Error('no style');
    const wish = { style: audit.style, locked: new Set<string>() };
    const noSoda = proposeRebalance(formula, audit, PLAIN_KITCHEN, { ...wish, have: 'no bicarb' });
    const powders = noSoda.lines.filter(
      ({ ingredient, after }) => after > 0 && ingredient.id.endsWith('baking-powder'),
    );
    expect(powders.map(({ ingredient }) => ingredient.id)).toEqual(['uk-baking-powder']);
    const neither = proposeRebalance(formula, audit, PLAIN_KITCHEN, { ...wish, have: 'no bicarb, no baking powder' });
    expect(neither.standIns).toEqual([]);
    expect(neither.bakeable).toBeFalse();
  });
  it('keeps lines and steps adding up where a step names an amount of a line', () => {
    const formula = taken(
      'Whisk the eggs with 50 g of the sugar. Fold in the flour and the rest of the sugar. Bake at 190 °C.',
      '130 g flour',
    );
    const sugar = formula.components[0]?.lines.find(({ text }) => text.includes('sugar'));
    const whole = Number(/([\d.]+) g/.exec(sugar?.text ?? '')?.[1]);
    const named = Number(/with ([\d.]+) g of the sugar/.exec(formula.steps.map(({ text }) => text).join(' '))?.[1]);
    expect(whole).toBeLessThan(90);
    expect(named / whole).toBeCloseTo(50 / 150, 1);
  });
});
