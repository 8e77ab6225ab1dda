import { atHand } from './at-hand.spec-help.js';
import { readTargets } from './index.js';

const QUAY_LOAF = atHand(
  'Quay loaf\n250 g plain flour\n2 eggs\n120 g sugar\n90 g butter\n100 ml milk\n2 tsp baking powder\nBake at 175 °C in a 9x5 in loaf pan for 60 minutes.',
);
const read = (text: string) => readTargets(text, QUAY_LOAF);

describe('how many times a formula is made', () => {
  for (const [times, ...said] of [
    [1 / 3, 'a third', 'one third', '1/3'],
    [1.3, '30% more'],
    [0.75, 'a quarter less', 'three-quarters batch'],
    [1.5, 'half again as much', 'half as much again'],
    [2, 'twice as much'],
    [0.5, 'half', 'half the recipe', 'half a batch', 'half of the mixture', '50%', '1/2'],
    [0.75, 'three quarters', '75 %', '75% of the recipe', '¾'],
    [1, 'as written', 'same again', 'one batch', 'the recipe', '100%'],
    [1.5, 'one and a half times', '1 1/2', '1½', '1 ½', '1.5x', '150%'],
    [2, 'double', 'double the recipe', 'double batch', 'a double batch', 'twice', '2 batches'],
    [3, 'triple batch', 'treble', 'three times', 'x3'],
    [4, 'quadruple it', '4 times'],
  ] as const)
    for (const words of said)
      it(`is ${times}: “${words}”`, () => {
        const { targets: [target, more], faults } = read(words);
        expect([faults, more]).toEqual([[], undefined]);
        if (target?.kind !== 'times') throw new Error(JSON.stringify(target));
        expect(target.times).toBeCloseTo(times, 9);
      });
  it('is no count of pieces, and pieces are no times', () => {
    for (const [words, count] of [['18', 18], ['a dozen and a half', 18], ['16 squares', 16], ['one dozen', 12]] as const)
      expect(read(words)).withContext(words).toEqual({ targets: [{ kind: 'pieces', count }], faults: [] });
    expect(read('40 at 50 g each').targets).toEqual([{ kind: 'each', count: 40, grams: 50 }]);
    for (const words of ['0%', '0/4']) expect(read(words).faults.map(({ why }) => why)).withContext(words).toEqual(['out-of-range']);
  });
}); // prettier-ignore

describe('counts said in words', () => {
  for (const [words, count] of [
    ['a dozen muffins', 12],
    ['dozen muffins', 12],
    ['half a dozen muffins', 6],
    ['two dozen muffins', 24],
    ['3 dozen muffins', 36],
    ['fifteen muffins', 15],
    ['12 muffins for the fete', 12],
  ] as const)
    it(`“${words}” are ${count}`, () => {
      expect(read(words)).toEqual({ targets: [{ kind: 'pans', pans: `${count} muffins` }], faults: [] });
    });
  it('are people too', () => {
    for (const [words, count] of [['for eight people', 8], ['for 12 people', 12], ['enough for twenty', 20]] as const)
      expect(read(words)).withContext(words).toEqual({ targets: [{ kind: 'pieces', count }], faults: [] });
    expect(read('for a crowd of 30').targets).toEqual([{ kind: 'pieces', count: 30 }]);
  });
  it('are limited by what there is of a thing', () => {
    for (const [words, said] of [['use 500g flour', '500g flour'], ['scale to 3 eggs', '3 eggs'], ['as many as 300g butter makes', '300g butter']] as const)
      expect(read(words)).withContext(words).toEqual({ targets: [{ kind: 'limit', said }], faults: [] });
  });
}); // prettier-ignore
