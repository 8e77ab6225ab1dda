import { temperaturesIn } from '../parsing/index.js';
import type { Words } from './tokens.js';

/** A stretch of running text: a sentence, or, where nobody set a mark, as far as one goes in one breath. */
export interface Stretch {
  readonly text: string;
  /** Places in the text. */
  readonly from: number;
  readonly to: number;
  /** Something is done in it, or it says of the bake. Else it is talk, or a list of what is needed. */
  readonly isStep: boolean;
}

const DOING =
  /^(?:add|adding|whisk|whisking|beat|beating|mix|mixing|stir|stirring|fold|folding|pour|sift|tip|cream|rub|melt|melting|combine|bake|bakes|baking|cut|shape|knead|roll|divide|spread|scatter|brush|smooth|scrape|press|sprinkle|simmer|boil|toast|soak|chill|rest|cool|grease|line|preheat|heat|turn|cover|tent|leave|slice|serve|drizzle|ice|frost|peel|grate|mash|chop|dice|warm|dissolve|knock|poke|push|crowd|toss|turned|drop|crumble|layer|spoon|fill|pat|work|blend|whip|strain|steep|whisked|creamed|blitz|blitzed|boiled|folded|rubbed|goes|go|went|put|throw|chuck|bung|dump|let|heap|bind|scoop|scooped|swirl|loosen|slacken|glaze|glazed)$/;
const OVEN =
  /^(?:gas|minutes?|mins?|hours?|hrs?|hr|degrees|oven|°|pans?|tins?|trays?|dish|skillet|m(?:ou|o)lds?|springform|cutter|bowls?|jug|saucepan|overnight|wedges|triangles|farls)$/;
const JOINTS = /^(?:then|now|next)$/;
/** Measures and kinds that are written short, with a point behind them. */
const SHORTENED = /^(?:[a-z]|sr|oz|lb|tsp|tbsp|tbs|pkt|approx|min|mod|med|lg|sm|sq|pt|qt|brn?|gran|conf|van|cinn)$/i;
/** A breath: so many words without a mark are cut at the next word that joins. */
const BREATH = 14;

function isDoing(words: Words, from: number, to: number): boolean {
  for (let at = from; at < to; at++) {
    if (DOING.test(words.word(at)) || OVEN.test(words.at(at))) return true;
    // "8x8."
    if (words.at(at) === 'x' && words.isNumber(at - 1) && words.isNumber(at + 1)) return true;
    if (words.word(at) === 'next' && words.word(at + 1) === 'day') return true;
  }
  return false;
}

function hasMarkNear(words: Words, at: number): boolean {
  for (let place = at - 15; place < at + 25; place++) if (/^[.,;!?]$/.test(words.at(place))) return true;
  return false;
}

/** Cuts a text into stretches; together they hold every letter of it. */
export function stretchesOf(words: Words): readonly Stretch[] {
  const cuts = [0];
  let run = 0;
  for (let at = 0; at < words.length; at++) {
    run++;
    const token = words.tokens[at];
    const next = words.tokens[at + 1];
    // "4 oz S.R. flour", "1/2 c. sugar": a letter or two, and it goes on
    const shortened = words.at(at) === '.' && SHORTENED.test(words.at(at - 1)) && /^[a-z]/.test(words.at(at + 1));
    // "350. 30-35 (9 inch)": a figure by itself is no sentence
    const isFigure = words.at(at) === '.' && cuts.at(-1) === at - 1 && words.isNumber(at - 1) && words.isNumber(at + 1);
    const ends = /^[.!?]$/.test(words.at(at))
      ? !shortened && !isFigure && next !== undefined && token !== undefined && next.from > token.to
      : words.at(at) === '\n';
    const joins =
      JOINTS.test(words.word(at)) || (/^(?:and|so)$/.test(words.word(at)) && DOING.test(words.word(at + 1)));
    if (ends) {
      cuts.push(at + 1);
      run = 0;
    } else if (run > BREATH && joins && !hasMarkNear(words, at)) {
      cuts.push(at);
      run = 0;
    }
  }
  return cuts.flatMap((start, i) => {
    const end = cuts[i + 1] ?? words.length;
    const [from, to] = [
      i === 0 ? 0 : words.tokens[start]?.from,
      end >= words.length ? words.text.length : words.tokens[end]?.from,
    ];
    if (from === undefined || to === undefined || end <= start) return [];
    // what joins two breaths belongs to neither
    const text = words.text
      .slice(from, to)
      .trim()
      .replace(/(?<! or) (?:and|so|then|and then)$/, '');
    return text === ''
      ? []
      : [{ text, from, to, isStep: isDoing(words, start, end) || temperaturesIn(text).length > 0 }];
  });
}
