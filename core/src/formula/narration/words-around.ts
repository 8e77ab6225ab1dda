import { describesOnly } from '../../kitchen/ingredients/index.js';
import type { Words } from './tokens.js';

/* Words that stand around amounts and names and are neither. */

export const FULL_BEFORE = /^(?:heaped|heaping|rounded|generous|good|scant|level)$/;
export const FULL = /^(?:heaped|heaping|rounded|generous|good|scant|level|big|small|large|little|full|packed)$/;
export const SIZE = /^(?:large|medium|small|lg|lge|lrg|med|sm|big|xl|jumbo|little)$/;
/** What a batter is put into: so many millilitres of it are no amount. */
export const VESSEL_WORD = /^(?:tins?|pans?|basins?|ramekins?|mou?lds?|dish|dishes|darioles?|jars?|cases|cutters?)$/;
export const HEDGE =
  /^(?:about|around|roughly|approx|approximately|almost|nearly|maybe|just|scant|heaped|generous|good|slightly|under|over|more|than|some|like|say|only|another|a|an|or|so)$/;
const SKIP =
  /^(?:of|the|my|your|some|our|that|this|strong|very|v|nice|ripe|natural|golden|black|spotty|speckled|lined|just|free|range|really|lovely|softened|melted|beaten|extra|more)$/;
const FILLER = /^(?:um|uh|er|erm|well|ok|okay|so|like|actually|sorry|yeah|yes|oh|you|know)$/;

/** So far back the measure of the thing before is still in the ear. */
export const NEAR_WORDS = 6;

/** Words that no name goes past: something is done, or another clause begins. */
export const STOPS =
  /^(?:i|we|it|is|are|that's|which|in|on|at|with|to|from|if|until|go|goes|went|add|adding|put|take|whisk|beat|mix|stir|fold|pour|sift|tip|cream|rub|melt|combine|bake|bakes|cut|shape|knead|roll|divide|split|spread|scatter|brush|smooth|scrape|make|makes|give|fill|pat|press|sprinkle|simmer|bring|drop|now|then|next|first|for|get|into|over|before|after|and|or|but)$/;

/** Whether the word at a place only says how. */
export function describesAt(words: Words, at: number): boolean {
  const word = words.word(at);
  return word !== '' && (SKIP.test(word) || SIZE.test(word) || FILLER.test(word) || describesOnly(word));
}
