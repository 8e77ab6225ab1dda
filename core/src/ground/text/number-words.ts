/** "one" to "nineteen", in order. */
export const ONES: Readonly<Record<string, number>> = {
  one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, eleven: 11, twelve: 12, thirteen: 13, fourteen: 14,
  fifteen: 15, sixteen: 16, seventeen: 17, eighteen: 18, nineteen: 19,
}; // prettier-ignore
export const TENS: Readonly<Record<string, number>> = {
  twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90,
}; // prettier-ignore
/** Whole numbers that are one word: what things are counted with. */
export const NUMBER_WORDS: Readonly<Record<string, number>> = { ...ONES, ...TENS };

/** Words as the alternatives of a pattern, the longest first: "sixteen" is not six. */
export const anyOf = (words: Iterable<string>): string => [...words].sort((a, b) => b.length - a.length).join('|');
