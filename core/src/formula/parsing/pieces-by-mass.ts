import { parsePan, parseVessel } from '../../kitchen/pans/index.js';
import type { KnownBake } from '../formula/index.js';
import { middle } from './amounts.js';
import { normalise } from './normalise.js';
import { DOUGH_GRAMS_PER_MILLILITRE, USUAL_THICKNESS_CM } from './pan-counts.js';
import { withoutAnOven } from './without-an-oven.js';
import { readYield } from './yields.js';

/*
 * What stands on a sheet and has no size told: "drop 12 mounds", "roll into balls", "cut 10 rounds", "pat into a round, cut in eight".
 * How many there are and what all of them weigh tell how wide each is. Each way is a row of a table.
 */

/** A mound stands about so high over its width. @source reference bakes of drop biscuits: 60 g on 6 cm */
const MOUND_ASPECT = 0.31;
const MOST_PIECES = 60;
const LEAST_CM = 2.5;
const MOST_CM = 28;

const NUMBER = String.raw`(\d{1,2}|quarters|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|sixteen|eighteen|twenty)`;
const NUMBERS: Readonly<Record<string, number>> = {
  quarters: 4, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, twelve: 12, fifteen: 15, sixteen: 16, eighteen: 18, twenty: 20,
}; // prettier-ignore
const HOW = String.raw`(?:(?:rough|roughly|even|equal|equal-sized|small|large|big|neat|generous|heaped|rounded|round|flat|craggy|tall) ){0,2}`;
const MOUND = String.raw`(?:mounds|heaps|balls|dollops|blobs|lumps|portions|pieces|buns|cakes|biscuits|scones)`;
/** "cut into 12 squares" makes no wedges, "cut a round of paper" no scone. */
const NO_OTHER_SHAPE = String.raw`(?! ${HOW}(?:rounds|circles|squares|discs|strips|rectangles|bars|fingers|biscuits|cookies|balls|scones))`;
const NO_PAPER = String.raw`(?! (?:of|from) [a-z ]{0,20}(?:paper|parchment|foil))`;
const SHEET = String.raw`(?:baking |cookie |lined |greased |prepared |floured )*(?:sheets?|trays?)\b(?! ?bake)`;

/** What lies in a vessel, or was wrapped and rolled out since, is none of these. */
const NOT_MEANT = /\b(?:dish(?:es)?|tins?|pans?|cases|(?<!\d )cups|mou?lds?|basins?|ramekins?|wrap(?:ped)?|chill)\b/i;

/** Shapes of what stands free, and whether a row's words must lie on a sheet to be meant. */
type Shape = 'mounds' | 'rounds' | 'wedges' | 'loaves';
interface Way {
  readonly shape: Shape;
  readonly says: RegExp;
  /** Said of what lies on a tray, of whatever size. */
  readonly lies?: true;
  /** Grams of one where nobody counts them. */
  readonly gramsEach?: number;
}
const onASheet = (before: string): RegExp =>
  new RegExp(String.raw`${before}[^;]{0,90}?\b(?:on|onto|on to|over|to)\b[^.;]{0,40}\b${SHEET}`, 'i');
/** In the order of trust. */
const WAYS: readonly Way[] = [
  {
    shape: 'loaves',
    says: new RegExp(String.raw`\b(?:shape|form|divide|make)\b[^.;]{0,40}\b${NUMBER} ${HOW}(?:oval |free-?form )?(?:loaves|cobs)\b`, 'i'),
  },
  {
    shape: 'wedges',
    says: new RegExp(String.raw`\b(?:pat|press|roll|shape|form|flatten)\b[^;]{0,80}\b(?:round|circle|disc|cake|ball)\b[^;]{0,80}\b(?:cut|divide|score|mark)\b[^.;]{0,30}\b(?:in|into) ${NUMBER}\b${NO_OTHER_SHAPE}`, 'i'),
  },
  {
    shape: 'wedges',
    says: new RegExp(String.raw`\b(?:pat|press|roll|shape|form|flatten)\b[^;]{0,80}\b(?:round|circle|disc|cake|ball)\b[^;]{0,80}\b${NUMBER} (?:equal )?(?:wedges|triangles|farls|quarters)\b`, 'i'),
  },
  { shape: 'rounds', says: new RegExp(String.raw`\b(?:cut|stamp)(?: it| them| out| into){0,3} (?:about )?${NUMBER} ${HOW}(?:rounds|circles|discs|scones|biscuits)\b${NO_PAPER}`, 'i') },
  { shape: 'rounds', says: /\b(?:cut|stamp)(?: it| them| out| into){0,3} (?:rounds|circles|discs|scones|biscuits)\b(?! (?:of|from) [a-z ]{0,20}(?:paper|parchment|foil))/i },
  { shape: 'rounds', lies: true, says: onASheet(String.raw`\b(?:cut|stamp)(?: it| them| out| into){0,3} (?:about )?${NUMBER} ${HOW}(?:rounds|circles|discs|scones|biscuits)\b`) },
  { shape: 'mounds', says: onASheet(String.raw`\b${NUMBER} ${HOW}${MOUND}\b`) },
  { shape: 'mounds', says: onASheet(String.raw`\bdivide (?:it |(?:the )?(?:dough|mixture|batter) )?(?:in|into) ${NUMBER}\b`) },
  { shape: 'mounds', says: onASheet(String.raw`\b(?:1\/4|quarter)[- ]cup(?:fuls?|s)?\b`), gramsEach: 65 },
  { shape: 'mounds', says: onASheet(String.raw`\b(?:1\/3|third of a)[- ]cup(?:fuls?|s)?\b`), gramsEach: 85 },
  { shape: 'mounds', says: onASheet(String.raw`\b(?:heaped |rounded |level )?(?:tablespoonfuls?|tablespoons|tbsp)\b`), gramsEach: 30 },
  { shape: 'mounds', says: onASheet(String.raw`\b(?:heaped |rounded |level )?(?:dessertspoonfuls?|dessertspoons)\b`), gramsEach: 22 },
  { shape: 'mounds', says: onASheet(String.raw`\b(?:heaped |rounded |level )?(?:teaspoonfuls?|teaspoons|tsp)\b`), gramsEach: 12 },
  { shape: 'mounds', says: onASheet(String.raw`\bwalnut[- ]siz`), gramsEach: 20 },
  { shape: 'mounds', says: onASheet(String.raw`\b(?:spoonfuls|mounds|heaps|dollops|blobs|scoops|balls|portions)\b`), gramsEach: 60 },
]; // prettier-ignore

const THICK = /(?<![\d.,/])(\d{1,2}(?:\.\d{1,2})?)[- ]?(cm|mm|inch(?:es)?|in|")(?:[- ](?:thick|deep|high)|(?= thickness))|\bthickness of (?:about )?(\d(?:\.\d)?) ?(cm|inch|in)\b|\b(?:pat|roll|press)(?:ted|ed)?(?: it| the dough| dough)?(?: out)?(?: to)? (?:about )?(\d(?:\.\d)?) ?(cm|inch|in)\b(?! (?:round|square|circle|disc))/i; // prettier-ignore
const CM_PER: Readonly<Record<string, number>> = { cm: 1, mm: 0.1, inch: 2.54, inches: 2.54, in: 2.54, '"': 2.54 };
function thicknessIn(text: string): number | undefined {
  const match = THICK.exec(text);
  const figure = Number(match?.[1] ?? match?.[3] ?? match?.[5]);
  const cm = figure * (CM_PER[(match?.[2] ?? match?.[4] ?? match?.[6] ?? '').toLowerCase()] ?? NaN);
  return cm >= 0.4 && cm <= 8 ? cm : undefined;
}

/** "an 8-inch circle" */
const ROUND_OF = /(?<![\d.,/])(\d{1,2}(?:\.\d)?[ -]?(?:cm|inch(?:es)?|in|"))[ -](?:round|circle|disc)\b/i;
const oneDecimal = (cm: number): number => Math.round(10 * cm) / 10;

/**
 * The bake of a formula with what stands free on its sheet, as wide as its mass makes it; as it is where a pan has a size, or nothing
 * stands free.
 * @param makes "makes 8", as the formula says it
 * @param grams what stands on the sheet altogether
 */
export function withPiecesByMass(
  bake: KnownBake,
  steps: readonly string[],
  makes: string | undefined,
  grams: number,
): KnownBake {
  const { pan: named } = bake;
  if (grams <= 0 || !leavesItOpen(named) || withoutAnOven(steps)?.by === 'griddle') return bake;
  const text = steps.map(normalise).join(' ');
  for (const { shape, says, lies = shape === 'mounds', gramsEach = 60 } of WAYS) {
    const match = says.exec(text);
    // a round that is marked in eight is no loaf; everything else leaves the loaf as it is
    if (!match || NOT_MEANT.test(match[0]) || (named === 'round loaf' && shape !== 'wedges')) continue;
    // a tray of a size holds a batter, unless something is set on it
    if (!lies && named !== undefined && parseVessel(named).kind === 'vessel' && named !== 'round loaf') continue;
    const told = readYield(makes ?? '')?.count;
    const said = NUMBERS[match[1]?.toLowerCase() ?? ''] ?? (match[1] === undefined ? undefined : Number(match[1]));
    const count = said ?? (told ? Math.round(middle(told)) : Math.round(grams / gramsEach));
    if (!(count >= 1 && count <= MOST_PIECES)) continue;
    const pan = writtenAs(shape, count, grams, thicknessIn(text), ROUND_OF.exec(match[0])?.[1]);
    if (pan !== undefined && parseVessel(pan).kind === 'vessel') return { ...bake, pan };
  }
  return bake;
}

/** A sheet, of whatever size, pieces whose size nobody says, or a round loaf. */
const leavesItOpen = (pan: string | undefined): boolean =>
  pan === undefined ||
  pan === 'round loaf' ||
  /\b(?:baking|cookie|lined|greased) (?:sheet|tray)/i.test(pan) ||
  (parseVessel(pan).kind !== 'vessel' && (/\b(?:sheet|tray)/i.test(pan) || parsePan(pan).kind === 'unknown'));

function writtenAs(
  shape: Shape,
  count: number,
  grams: number,
  thick: number | undefined,
  told: string | undefined,
): string | undefined {
  if (shape === 'wedges' && told !== undefined)
    return `wedge ${told.replace(/-?inch(?:es)?|"/i, ' in').replace(/\s+/g, ' ')} round x ${count}`;
  if (shape === 'loaves') return `${count} round loaves`;
  const millilitres = grams / DOUGH_GRAMS_PER_MILLILITRE;
  const height = thick ?? USUAL_THICKNESS_CM;
  const wide =
    shape === 'mounds'
      ? Math.cbrt((4 * millilitres) / count / Math.PI / MOUND_ASPECT)
      : Math.sqrt((4 * millilitres) / (shape === 'rounds' ? count : 1) / Math.PI / height);
  const cm = oneDecimal(wide);
  if (!(cm >= LEAST_CM && cm <= MOST_CM)) return undefined;
  if (shape === 'mounds') return `${count} mounds of ${cm} cm`;
  return shape === 'rounds' ? `disc ${cm} x ${oneDecimal(height)} cm x ${count}` : `wedge ${cm} cm round x ${count}`;
}
