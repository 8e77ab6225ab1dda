import { nameIn } from '../index.js';
import { afterFix, findings, found, MUFFINS, muffinsWith, textsOf } from './audit-fixtures.spec-help.js';

describe('eatenRaw', () => {
  const frosted = (lines: string, steps = 'Whisk the frosting and spread it.') =>
    `${MUFFINS.replace('\nWhisk the flour', `\nFrosting\n${lines}\n\nMethod\nWhisk the flour`)}${steps}\n`;
  it('finds raw egg in a part that no heat reaches, and takes pasteurised whites', () => {
    const text = frosted('2 egg whites\n200 g icing sugar');
    expect(found(text, 'raw-egg')?.severity).toBe('warning');
    expect(afterFix(text, 'raw-egg').stillFound).toBeFalse();
  });
  it('lets egg pass that is cooked or pasteurised', () => {
    expect(
      found(
        frosted('2 egg whites\n200 g sugar', 'For the frosting, whisk it over simmering water to 71 °C.'),
        'raw-egg',
      ),
    ).toBeUndefined();
    expect(found(frosted('60 g pasteurised egg white\n200 g sugar'), 'raw-egg')).toBeUndefined();
    expect(found(MUFFINS, 'raw-egg')).toBeUndefined();
  });
  it('finds raw flour, and lets it pass when it was heated', () => {
    expect(found(frosted('30 g plain flour\n200 g icing sugar'), 'raw-flour')).toBeDefined();
    expect(found(frosted('30 g plain flour, toasted\n200 g icing sugar'), 'raw-flour')).toBeUndefined();
  });
});

describe('forBabies', () => {
  const baby = muffinsWith(
    ['Tea tent muffins', 'Muffins for the baby'],
    ['3 g salt', '3 g salt\n20 g honey\n40 g walnuts'],
  );
  it('finds honey, sugar, salt and whole nuts', () => {
    const codes = findings(baby).map(({ code }) => code);
    for (const code of ['baby-honey', 'baby-sugar', 'baby-salt', 'baby-nuts'] as const) expect(codes).toContain(code);
    expect(found(baby, 'baby-honey')?.severity).toBe('error');
    expect(textsOf(afterFix(baby, 'baby-honey').formula)).not.toContain('20 g honey');
    expect(afterFix(baby, 'baby-nuts').stillFound).toBeFalse();
  });
  it('says nothing of what is for everybody else, nor of ground nuts', () => {
    expect(found(MUFFINS, 'baby-sugar')).toBeUndefined();
    expect(found(baby.replace('40 g walnuts', '40 g ground almonds'), 'baby-nuts')).toBeUndefined();
  });
});

describe('denied', () => {
  const titled = (title: string) => muffinsWith(['Tea tent muffins', title]);
  it('finds what the title says is not in it', () => {
    const said = (title: string) =>
      findings(titled(title))
        .filter(({ code }) => code === 'allergen-denied')
        .map(nameIn);
    expect(said('Gluten-free muffins')).toEqual(['all-purpose flour']);
    expect(said('Egg-free muffins')).toEqual(['whole egg']);
    expect(said('Dairy free muffins').length).toBe(2);
    expect(said('Nut-free muffins')).toEqual([]);
    expect(said('Tea tent muffins')).toEqual([]);
  });
  it('finds in vegan ones what comes from animals, allergen or not', () => {
    const text = titled('Vegan muffins').replace('130 g sugar', '130 g honey');
    expect(
      findings(text)
        .filter(({ code }) => code === 'not-vegan')
        .map(nameIn),
    ).toContain('honey');
  });
  it('believes a line that says so itself', () => {
    expect(
      found(
        titled('Dairy-free muffins')
          .replace('85 g butter', '85 g dairy-free butter')
          .replace('220 g milk', '220 g oat milk'),
        'allergen-denied',
      ),
    ).toBeUndefined();
  });
});
