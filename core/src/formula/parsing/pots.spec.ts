import { readText } from '../reading/index.js';
import { weighFormula } from './weigh-formula.js';

const YOGURT_CAKE = ['2 pots sugar', '3 pots self-raising flour', '1 pot sunflower oil', '3 eggs'];

/** Grams of each line that is measured by the pot. */
function gramsByPot(title: string, yogurt: string): readonly number[] {
  const reading = readText([title, yogurt, ...YOGURT_CAKE, 'Mix. Bake at 170 C for 45 minutes.'].join('\n'), 'UK');
  if (reading.kind !== 'read') return [];
  const lines = weighFormula(reading.formula).components.flatMap((component) => component.lines);
  return lines.filter(({ line }) => / pots? |g pot/.test(line.text)).map(({ grams }) => Math.round(grams ?? NaN));
}

describe('a cake that is measured with its yogurt pot', () => {
  it('takes the pot that is told, with the yogurt, in the title or as a packet is', () => {
    // 125 g of yogurt are 121 ml: two of sugar at 0.85 g/ml, three of flour at 0.53, one of oil at 0.92
    const ways: readonly (readonly [title: string, yogurt: string])[] = [
      ['Yogurt cake', '1 pot plain yogurt (125 g)'],
      ['Yogurt cake', 'one 125 g pot plain yogurt'],
      ['Yogurt pot cake (pot = 125 g)', '1 pot plain yogurt'],
    ];
    for (const [title, yogurt] of ways) {
      const [ofYogurt = 0, sugar = 0, flour = 0, oil = 0] = gramsByPot(title, yogurt);
      expect(ofYogurt).withContext(yogurt).toBeCloseTo(125, -1);
      expect(Math.abs(sugar / 206 - 1))
        .withContext(yogurt)
        .toBeLessThan(0.03);
      expect(Math.abs(flour / 193 - 1))
        .withContext(yogurt)
        .toBeLessThan(0.04);
      expect(Math.abs(oil / 112 - 1))
        .withContext(yogurt)
        .toBeLessThan(0.03);
    }
  });
  it('holds as much more as its yogurt weighs more', () => {
    const [, small = NaN] = gramsByPot('Yogurt cake', '1 pot plain yogurt (125 g)');
    const [, large = NaN] = gramsByPot('Yogurt cake', '1 pot plain yogurt (150 g)');
    expect(large / small).toBeCloseTo(150 / 125, 2);
  });
  it('leaves a pot that is only bought as it is', () => {
    const reading = readText('Scones\n1 pot double cream (300 ml)\n350 g self-raising flour\n150 ml lemonade', 'UK');
    const [cream] = reading.kind === 'read' ? weighFormula(reading.formula).components.flatMap(({ lines }) => lines) : []; // prettier-ignore
    expect(cream?.grams).toBeCloseTo(300, -2);
  });
});

describe('a mug that is told in ounces', () => {
  it('holds what they are in the own country of the formula', () => {
    for (const [region, millilitres] of [
      ['UK', 284],
      ['US', 296],
    ] as const) {
      const reading = readText('Fruit loaf (mug = 10 fl oz)\n1 mug water\n2 mugs flour\n2 tsp baking powder', region);
      const [water] = reading.kind === 'read' ? (weighFormula(reading.formula).components[0]?.lines ?? []) : [];
      expect(water?.grams).withContext(region).toBeCloseTo(millilitres, 0);
    }
  });
});

describe('amounts that another line gives', () => {
  const linesOf = (text: string) => {
    const reading = readText(text, 'UK');
    return reading.kind === 'read' ? weighFormula(reading.formula).components.flatMap(({ lines }) => lines) : [];
  };
  it('are a half of it: two lines', () => {
    const lines = linesOf('Loaf\n250 g flour\n2 tsp ginger, half that of cinnamon\n125 g butter\n2 eggs');
    expect(lines.map(({ line }) => line.text)).toContain('2 tsp ginger');
    const cinnamon = lines.find(({ line }) => line.text.includes('cinnamon'));
    expect(cinnamon?.entries[0]?.ingredient?.id).toBe('ground-cinnamon');
    expect(cinnamon?.entries[0]?.quantity).toEqual({ low: 1, high: 1 });
  });
  it('are a bunch as it is sold, before the name or behind it', () => {
    for (const written of ['a small bunch of chives', 'chives small bunch', 'small bunch chives']) {
      const [, chives] = linesOf(`Scones\n250 g self-raising flour\n${written}\n60 g butter\n150 ml milk`);
      expect(chives?.entries[0]?.ingredient?.id).withContext(written).toBe('chives');
      expect(chives?.grams).withContext(written).toBeGreaterThan(10);
      expect(chives?.grams).withContext(written).toBeLessThan(40);
    }
  });
});
