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
  it('says nothing of the muffin method, whatever the butter', () => {
    expect(findings(MUFFINS.replace('melted', 'cold')).filter(({ code }) => /flakes|emulsion/.test(code))).toEqual([]);
  });
});
