import { afterFix, findings, found, MUFFINS, muffinsWith, textsOf } from './audit-fixtures.spec-help.js';

const creamed = muffinsWith(
  ['85 g butter, melted', '85 g butter'],
  ['Whisk the flour, sugar, salt and baking powder.', 'Cream the butter and sugar until pale.'],
);
const rubbed = muffinsWith(
  ['85 g butter, melted', '85 g butter'],
  ['Whisk the flour, sugar, salt and baking powder.', 'Rub the butter into the flour, sugar, salt and baking powder.'],
);

describe('warmth', () => {
  it('finds cold butter, eggs or milk where they must make an emulsion', () => {
    expect(found(creamed.replace('85 g butter', '85 g cold butter'), 'cold-for-emulsion')?.facts.name).toContain(
      'butter',
    );
    expect(found(creamed.replace('2 large eggs', '2 large eggs, cold'), 'cold-for-emulsion')).toBeDefined();
    expect(
      textsOf(afterFix(creamed.replace('85 g butter', '85 g cold butter'), 'cold-for-emulsion').formula),
    ).toContain('85 g room-temperature butter');
    expect(found(creamed, 'cold-for-emulsion')).toBeUndefined();
  });
  it('finds warm fat where it must stay in flakes', () => {
    expect(afterFix(rubbed.replace('85 g butter', '85 g soft butter'), 'warm-for-flakes').stillFound).toBeFalse();
    expect(found(rubbed.replace('85 g butter', '85 g cold butter'), 'warm-for-flakes')).toBeUndefined();
  });
  it('leaves the batter’s butter as it is where only the crumble is rubbed in', () => {
    const crumbled = (butter: string) =>
      `Apple cake\n250 g ${butter}\n250 g caster sugar\n4 eggs\n250 g self-raising flour\n\nFor the crumble\n75 g cold butter\n100 g plain flour\n\nMethod\n1. Rub the butter into the flour for the crumble.\n2. Beat everything else for the cake together. Bake in a 20 cm square tin at 180 C for 45 minutes.`;
    expect(found(crumbled('soft butter'), 'warm-for-flakes')).toBeUndefined();
    expect(found(crumbled('soft butter').replace(' for the crumble.', '.'), 'warm-for-flakes')).toBeDefined();
  });
  it('says nothing of the muffin method, whatever the butter', () => {
    expect(findings(MUFFINS.replace('melted', 'cold')).filter(({ code }) => /flakes|emulsion/.test(code))).toEqual([]);
  });
});
