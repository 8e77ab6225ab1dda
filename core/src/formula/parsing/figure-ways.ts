/**
 * One pattern of the many ways in which a figure stands in a sentence, in capitals or not; the first that fits is taken. Each way takes a
 * digit first, whatever it looks back at: that is asked before any of them is tried, for most letters are none.
 */
export const anyWay = (ways: readonly RegExp[]): RegExp =>
  new RegExp(`(?=\\d)(?:${ways.map(({ source }) => source).join('|')})`, 'gi');
