/**
 * Names that a table has in English only, as a translation gives them: one message, "id=name" after "id=name" with | between.
 * @param said the message; without a "=" the table speaks for itself
 */
export const namesHere = (said: string): ReadonlyMap<string, string> =>
  new Map(
    said
      .split('|')
      .map((pair) => pair.split('='))
      .flatMap(([id = '', name]) => (name === undefined ? [] : [[id, name] as const])),
  );
