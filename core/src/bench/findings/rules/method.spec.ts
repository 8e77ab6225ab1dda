import { afterFix, found, muffinsWith } from './audit-fixtures.spec-help.js';

describe('linesAndSteps', () => {
  it('finds a line that no step takes, and puts it where the others go', () => {
    const text = muffinsWith(['3 g salt', '3 g salt\n5 g vanilla extract']);
    expect(found(text, 'line-unused')?.facts.name).toContain('vanilla');
    expect(afterFix(text, 'line-unused').stillFound).toBeFalse();
  });
  it('says nothing of a method that is only a reminder', () => {
    const text = muffinsWith([
      'Whisk the flour, sugar, salt and baking powder.\nStir in the milk, eggs and butter.\n',
      '',
    ]);
    expect(found(text, 'line-unused')).toBeUndefined();
  });
  it('finds a line of which the steps take more than there is', () => {
    const text = muffinsWith(
      ['Whisk the flour,', 'Keep 200 g of the milk warm. Whisk the flour,'],
      ['Stir in the milk', 'Stir in 150 g of the milk'],
    );
    expect(found(text, 'line-taken-twice')?.facts.name).toBe('milk');
  });
  it('finds what is divided and never said how', () => {
    expect(found(muffinsWith(['130 g sugar', '130 g sugar, divided']), 'line-divided-unsaid')).toBeDefined();
    expect(
      found(
        muffinsWith(
          ['130 g sugar', '130 g sugar, divided'],
          ['Whisk the flour, sugar,', 'Whisk the flour, half the sugar,'],
          ['Stir in the milk', 'Scatter the remaining sugar over. Stir in the milk'],
        ),
        'line-divided-unsaid',
      ),
    ).toBeUndefined();
  });
});

describe('unlisted', () => {
  it('finds what a step takes and no line lists, and adds a line for it', () => {
    const text = muffinsWith(['and butter.', 'and butter, fold in the blueberries.']);
    expect(found(text, 'step-uses-unlisted')?.facts.name).toMatch(/blueberr/);
    expect(afterFix(text, 'step-uses-unlisted').stillFound).toBeFalse();
  });
  it('finds what a step measures and nobody knows, whatever the title says, and adds it as it is written', () => {
    const text = muffinsWith(['and butter.', 'and butter, then fold in a cup of poached glimmerwort.']);
    for (const formula of [text, `Glimmerwort muffins\n${text}`]) {
      expect(found(formula, 'step-uses-unlisted')?.facts.name).toBe('a cup of poached glimmerwort');
      expect(afterFix(formula, 'step-uses-unlisted').stillFound).toBeFalse();
    }
    for (const made of [
      'a cup of the mixture',
      '60 ml of batter',
      '50 g per case',
      'two more spoonfuls',
      '2 tbsp of the sugar',
      'a 200 ml cup',
    ])
      expect(found(muffinsWith(['and butter.', `and butter. Take ${made}.`]), 'step-uses-unlisted'))
        .withContext(made)
        .toBeUndefined();
  });
  it('lets pass what is served beside it, greases the tin, or is called by half its name', () => {
    const text = muffinsWith(['and butter.', 'and butter.\nGrease the tin with lard. Serve with clotted cream.']);
    expect(found(text, 'step-uses-unlisted')).toBeUndefined();
    expect(
      found(
        muffinsWith(['220 g milk', '220 g buttermilk'], ['Stir in the milk', 'Stir in the buttermilk']),
        'step-uses-unlisted',
      ),
    ).toBeUndefined();
  });
});
