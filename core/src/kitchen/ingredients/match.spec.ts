import { matchIngredient } from './index.js';

describe('names of another kind', () => {
  const idOf = (name: string) => {
    const result = matchIngredient(name, 'US');
    return result.kind === 'matched' ? result.ingredient.id : undefined;
  };
  it('are themselves, not their dairy namesakes', () => {
    const themselves: Readonly<Record<string, string>> = {
      'plant-based cream': 'plant-double-cream',
      'plant-based yogurt': 'soy-yogurt',
      'oat creme fraiche': 'oat-cream',
      'vegan cheddar': 'vegan-cheese',
      'dairy-free spread': 'vegan-butter-block',
      'coconut condensed milk': 'condensed-coconut-milk',
      'vegan sour cream': 'soy-yogurt',
      'powdered milk': 'skim-milk-powder',
    };
    for (const [name, id] of Object.entries(themselves)) expect(idOf(name)).withContext(name).toBe(id);
  });
  it('are asked about rather than guessed where nothing known is meant', () => {
    for (const name of ['cookie butter', 'butter beans', 'egg replacer', 'zorblax seeds', 'zorblax nuts'])
      expect(idOf(name)).withContext(name).toBeUndefined();
  });
  it('still lets words stand that only describe', () => {
    expect(idOf('free-range eggs')).toBe('egg');
    expect(idOf('good organic butter')).toBe('unsalted-butter');
  });
});
