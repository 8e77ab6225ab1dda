/* Parts of one fruit that a line asks for, each as a line by itself: its zest and its juice, of so many each. */

/** "zest of 3 lemons, plus the flesh (about 3 tbsp juice)": the rest of the same fruit is a thing of its own, in its own amount. */
const REST_OF_FRUIT =
  /^(?:the )?((?:zest|peel) of (\d{1,2}|an?|one|two|three|four|six) (?:large |small |medium )?([a-z]{3,12}?)(?:e?s)?),? plus (?:the|their|its) (?:flesh|juice|pulp)(?: ?\((?:about |roughly )?([^()]{2,30}?)(?: of)?(?: juice)?\))?$/i;
/** "zest of 1 large orange + 50 ml of its juice". */
const AND_ITS_JUICE =
  /^((?:the )?(?:(?:finely )?grated )?(?:zest|peel|rind) of (?:\d{1,2}|an?|one|two|three) (?:large |small |medium )?([a-z]{3,12}?)(?:e?s)?),? ?(?:plus|\+|and|&) ?(?:about )?(\d[\d/. ]{0,5} ?[a-z]{1,11}) (?:of )?(?:(?:the|their|its) )?juice$/i;
/** "zest 2 lemons, juice 1": the second of the same fruit. */
const OF_THE_SAME =
  /^((?:zest|juice|rind) (?:of )?(?:\d{1,2}|\d\/\d|half an?|an?) ([a-z]{3,10}?)(?:e?s)?),? (?:and |& |\+ )?(zest|juice|rind) (?:of )?(\d{1,2}|\d\/\d|one|two|half)$/i;
/** "2 lemons (zest of both, juice of 1)", "lemons: 2 (zest of both, juice of 1)". */
const OF_BOTH =
  /^(?:(\d) ([a-z]{3,10}?)(?:e?s)?|([a-z]{3,10}?)(?:e?s)?:? (\d)),? \(?zest of (both|all|one|\d),? (?:and |& )?juice of (both|all|one|\d)\)?$/i;
function ofBoth(line: string): readonly string[] | undefined {
  const [, before, named, called, behind, zested = '', juiced = ''] = OF_BOTH.exec(line) ?? [];
  const [all, kind] = [before ?? behind, named ?? called];
  const count = (said: string) => (/^(?:both|all)$/i.test(said) ? (all ?? '1') : said);
  if (kind !== undefined) return [`zest of ${count(zested)} ${kind}`, `juice of ${count(juiced)} ${kind}`];
  return undefined;
}

/** "orange - zest of 1, juice of 1/2", "lemon: juice of 2". */
const NAMED_FIRST =
  /^(orange|lemon|lime|grapefruit)s? ?[-–—:,] ?((?:(?:finely |freshly )?grated )?(?:zest|juice|rind)) of (\d(?:\/\d)?|[½¼]|half|one)(?:(?:,| and| &|, and) (zest|juice|rind) of (\d(?:\/\d)?|[½¼]|half|one))?$/i;

/** "2 tbsp lemon zest, about 2 lemons", "1 cup mashed banana, about 3 bananas": how many of it that is, and no other thing. */
const SAID_AGAIN =
  /^(?<first>.{3,60}?),? (?:that is |from )?about (?<count>\d{1,2}(?: ?(?:-|to) ?\d{1,2})?) (?<size>(?:large |medium |small )?)(?<thing>[a-z]{4,12}?)(?<plural>e?s)?$/i;
export function withoutSayingAgain(line: string): string {
  const { first = '', count = '', size = '', thing = '', plural = '' } = SAID_AGAIN.exec(line)?.groups ?? {};
  const isSame = thing !== '' && first.toLowerCase().includes(thing.toLowerCase());
  return isSame ? `${first} (about ${count} ${size}${thing}${plural})` : line;
}

/** A line, or a line for each part of the fruit that it asks for. */
export function fruitApart(line: string): readonly string[] {
  const both = ofBoth(line);
  if (both) return both;
  const [, fruit = '', one, ofIt, other, ofOther] = NAMED_FIRST.exec(line) ?? [];
  if (one !== undefined && ofIt !== undefined)
    return [`${one} of ${ofIt} ${fruit}`, ...(other === undefined ? [] : [`${other} of ${ofOther ?? 1} ${fruit}`])];
  const [, first, kind, part, number] = OF_THE_SAME.exec(line) ?? [];
  if (first !== undefined && kind !== undefined && part !== undefined)
    return [first, `${part} of ${number ?? 1} ${kind}`];
  const [, grated, of, measure] = AND_ITS_JUICE.exec(line) ?? [];
  if (grated !== undefined && of !== undefined && measure !== undefined) return [grated, `${measure} ${of} juice`];
  const rest = REST_OF_FRUIT.exec(line);
  if (!rest) return [line];
  const [, zest = '', count = '', kindOfRest = '', amount] = rest;
  return [zest, amount === undefined ? `juice of ${count} ${kindOfRest}` : `${amount} ${kindOfRest} juice`];
}
