import { TABLE_PANTRY } from '@orvin/core/kitchen/ingredients';
import { plainContext, readLine } from '@orvin/core/formula/parsing';
import { completed, completions } from './completion';

const offered = (text: string) => completions(readLine(text, plainContext('UK')), TABLE_PANTRY, 'UK');

describe('completions', () => {
  it('forgive typing, and say what the ingredient will do', () => {
    const [first] = offered('150 ml butterm');
    expect(first?.name).toContain('buttermilk');
    expect(first?.facts).toMatch(/^1\.0\d g\/ml · sour, 0\.1\d* meq\/g$/);
    expect(first?.does).toContain('sours');
    expect(offered('100 g pl fl').map(({ name }) => name)).toContain('plain flour');
  });
  it('of a word that may mean several are those, not what is spelled like it', () => {
    const names = offered('100 g chopped nuts').map(({ id }) => id);
    expect(names.slice(0, 3)).toEqual(['walnuts', 'pecans', 'hazelnuts']);
    expect(names).not.toContain('dates');
  });
  it('offer nothing once the name is written out, nor for two ingredients in a line', () => {
    expect(offered('200 g plain flour')).toEqual([]);
    expect(offered('2 tsp baking powder and 1/2 tsp salt')).toEqual([]);
    expect(offered('20')).toEqual([]);
  });
});

describe('completed', () => {
  it('writes the name out in the place of what was typed', () => {
    expect(completed('150 ml butterm, cold', 'butterm', 'buttermilk')).toBe('150 ml buttermilk, cold');
    expect(completed('Butterm 150 ml', 'butterm', 'buttermilk')).toBe('buttermilk 150 ml');
    expect(completed('150 ml', 'x', 'milk')).toBe('150 ml milk');
  });
});
