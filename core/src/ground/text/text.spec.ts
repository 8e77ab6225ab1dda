import fc from 'fast-check';
import { asPhrase, decodeText, inPieces, singleSpaced, withoutMark } from './index.js';

describe('inPieces', () => {
  const bare = (text: string) => text.replace(/\s/g, '');
  it('loses no letter, and makes no piece longer than allowed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), fc.integer({ min: 5, max: 60 }), (text, longest) => {
        const pieces = inPieces(text, longest);
        expect(bare(pieces.join(''))).toBe(bare(text));
        for (const piece of pieces) expect(piece.length).toBeLessThanOrEqual(longest);
      }),
    );
  });
  it('cuts behind a sentence where there is one, else between words', () => {
    expect(inPieces('Fold in the flour. Bake until golden.', 22)).toEqual(['Fold in the flour.', 'Bake until golden.']);
    expect(inPieces('flour and sugar and butter', 16)).toEqual(['flour and sugar', 'and butter']);
    expect(inPieces('x'.repeat(25), 10)).toEqual(['x'.repeat(10), 'x'.repeat(10), 'x'.repeat(5)]);
  });
});

describe('a piece', () => {
  it('is the whole where it is no longer than allowed, spaces and all', () => {
    expect(inPieces(' flour ', 7)).toEqual([' flour ']);
    expect(inPieces(' flour ', 6)).toEqual(['flour']);
    expect(inPieces('', 5)).toEqual(['']);
  });
  it('ends behind the last sentence or word of its second half, and never before', () => {
    expect(inPieces('Stir. Bake for ever', 12)).toEqual(['Stir. Bake', 'for ever']);
    expect(inPieces('one two three four', 9)).toEqual(['one two', 'three', 'four']);
    expect(inPieces('a. b! c? d; e', 12)).toEqual(['a. b! c? d;', 'e']);
    expect(inPieces('ab cdefghijklm', 8)).toEqual(['ab cdefg', 'hijklm']);
  });
  it('is never of nothing', () => {
    expect(inPieces(`flour${' '.repeat(30)}sugar`, 8)).toEqual(['flour', 'sugar']);
  });
});

describe('asPhrase', () => {
  it('has single spaces', () => {
    expect(asPhrase('  two\t20 cm \n rounds ')).toBe('two 20 cm rounds');
    expect(singleSpaced(' a  b ')).toBe('a b');
  });
  it('may be just as long as allowed, once its spaces are single', () => {
    expect(asPhrase('abcde', 5)).toBe('abcde');
    expect(asPhrase('a   b  c', 5)).toBe('a b c');
    expect(asPhrase('abcdef', 5)).toBeUndefined();
    expect(asPhrase(`abc${' '.repeat(97)}`, 5)).toBe('abc');
    expect(asPhrase(`abc${' '.repeat(98)}`, 5)).toBeUndefined();
  });
  it('is none when nobody writes one so long', () => {
    expect(asPhrase('a '.repeat(300))).toBeUndefined();
    expect(asPhrase(' '.repeat(1_000_000))).toBeUndefined();
  });
});

describe('decodeText', () => {
  it('reads UTF-8, and what an older machine wrote', () => {
    expect(decodeText(Uint8Array.of(0xc2, 0xbd, 0x20, 0x67))).toBe('½ g');
    expect(decodeText(Uint8Array.of(0xbd, 0x20, 0x67))).toBe('½ g');
  });
});

describe('withoutMark', () => {
  it('takes the mark from before a text, and only from there', () => {
    expect(withoutMark('\ufeff{"a":1}')).toBe('{"a":1}');
    expect(withoutMark('a\ufeffb')).toBe('a\ufeffb');
  });
});
