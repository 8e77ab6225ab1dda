import { amountInWords } from '@orvin/core/words/batch-words';
import { exactForHands } from './amount-words';

describe('amountInWords', () => {
  it('counts cups, and leaves one and its parts alone', () => {
    expect(amountInWords('1 1/2 cup + 2 tbsp')).toBe('1 1/2 cups + 2 tbsp');
    expect(amountInWords('3 cup')).toBe('3 cups');
    expect(amountInWords('1 cup')).toBe('1 cup');
    expect(amountInWords('3/4 cup + 1 tbsp')).toBe('3/4 cup + 1 tbsp');
    expect(amountInWords('187 g')).toBe('187 g');
  });
});

describe('exactForHands', () => {
  it('shows tenths where a scale needs them', () => {
    expect(exactForHands(2.44)).toBe('2.4');
    expect(exactForHands(187.6)).toBe('188');
    expect(exactForHands(187.64, 2)).toBe('187.6');
    expect(exactForHands(25_000)).toBe('25 000');
  });
});
