import { anyOf, NUMBER_WORDS } from '../../ground/text/index.js';
import { millilitresOf, unitById, unitNamed, type Region } from '../../ground/units/index.js';
import { cavityMillilitres, type Pan, type PanMaterial, type PanSet, type PanShape } from './pan.js';
import { figureIn, onePan } from './pan-words.js';
import { SHELF_PANS, type ShelfPan } from './shelf.js';

/*
 * Pans that are told by what they hold: "8 x 200 ml tins", "a 1.2 litre pudding basin", "10-cup bundt". Nothing is said of their sides, so
 * they get those of the pan of the table that is of their kind and holds most nearly as much, made larger or smaller in all directions
 * until it holds just that.
 */

/** Measures by which a vessel is told, each as the region that tells it so counts it: basins come by British pints, ring tins by American cups. */
const TOLD_BY: Readonly<Record<string, Region>> = {
  millilitre: 'UK', centilitre: 'UK', litre: 'UK', pint: 'UK', 'fluid-ounce': 'UK', quart: 'US', cup: 'US',
}; // prettier-ignore
const UNITS = anyOf(Object.keys(TOLD_BY).flatMap((id) => unitById(id)?.words ?? []));
const HELD = new RegExp(
  String.raw`^(?:in )?(?:(\d{1,2}|${anyOf(Object.keys(NUMBER_WORDS))}) (?:x )?)?(\d{1,4}(?:[.,]\d{1,3}|[ -]\d\/\d)?)[ -]?(${UNITS})[ -](?=[a-z])([a-z ,-]{3,50})$`,
);
const VESSEL =
  /\b(?:basins?|ramekins?|mou?lds?|dish(?:es)?|tins?|pans?|bundts?|rings?|loa(?:f|ves)|casseroles?|glasses|jars?|mugs?)\b/;
const BASIN = /basin|ramekin|mug|mou?ld|jar|glass|casserole/;
const LEAST_MILLILITRES = 40;
const MOST_MILLILITRES = 12_000;
/** One so small without a word for its shape is a basin or a dariole, higher than a cake tin of its size would be. */
const SMALL_MILLILITRES = 450;

export interface Held {
  readonly count: number;
  readonly millilitres: number;
  /** "tins", "pudding basin". */
  readonly vessel: string;
  /** One of them, as it is written. */
  readonly name: string;
}

/** What a pan is told to hold; undefined where it is told otherwise. @param text in lower case */
export function heldIn(text: string): Held | undefined {
  const [, counted, figure = '', unit = '', vessel = ''] = HELD.exec(text) ?? [];
  if (!VESSEL.test(vessel)) return undefined;
  const measure = unitNamed(unit);
  const millilitresOfOne = measure && millilitresOf(measure, TOLD_BY[measure.id] ?? 'UK');
  if (millilitresOfOne === undefined) return undefined;
  return {
    count: counted === undefined ? 1 : (NUMBER_WORDS[counted] ?? Number(counted)),
    millilitres: figureIn(figure) * millilitresOfOne,
    vessel,
    name: `${figure} ${unit} ${onePan(vessel)}`,
  };
}

const isBasin = ({ id }: ShelfPan): boolean => /^(?:pudding|ramekin|mug)/.test(id);
/** A pudding basin leans, a ramekin stands. */
const isOfKind = ({ id }: ShelfPan, vessel: string): boolean => /basin|pudding/.test(vessel) ? id.startsWith('pudding') : !vessel.includes('ramekin') || id.startsWith('ramekin'); // prettier-ignore
const isPlain = ({ id, shape }: ShelfPan): boolean => !/^(?:pie|skillet|dutch|tulip|can|popover)|lidded/.test(id) && shape !== 'muffin'; // prettier-ignore
/** Lower than this it is a sheet, and nobody says what a sheet holds. */
const LOWEST_CM = 4;

/**
 * The pan that holds so much. Undefined where none in a kitchen does.
 * @param shape as its words say it
 */
export function panThatHolds(
  { count, millilitres, vessel, name }: Held,
  shape: PanShape | undefined,
  material: PanMaterial | undefined,
): PanSet | undefined {
  if (!(millilitres >= LEAST_MILLILITRES && millilitres <= MOST_MILLILITRES && count >= 1)) return undefined;
  const isDish = vessel.includes('dish') && shape === undefined;
  const kind = isDish ? 'rectangle' : (shape ?? 'round');
  const asBasin = kind === 'round' && (BASIN.test(vessel) || (shape === undefined && millilitres < SMALL_MILLILITRES));
  const off = (pan: ShelfPan) => Math.abs(Math.log(cavityMillilitres(pan) / millilitres));
  const [like] = SHELF_PANS.filter(
    (pan) =>
      pan.shape === kind &&
      pan.cavities === 1 &&
      isPlain(pan) &&
      pan.depthCm >= LOWEST_CM &&
      isBasin(pan) === asBasin &&
      (!asBasin || isOfKind(pan, vessel)),
  ).sort((a, b) => off(a) - off(b));
  if (!like) return undefined;
  const scale = Math.cbrt(millilitres / cavityMillilitres(like));
  const pan: Pan = {
    name,
    shape: kind,
    topLengthCm: like.topLengthCm * scale,
    topWidthCm: like.topWidthCm * scale,
    bottomLengthCm: like.bottomLengthCm * scale,
    bottomWidthCm: like.bottomWidthCm * scale,
    depthCm: like.depthCm * scale,
    cavities: 1,
    material: material ?? (asBasin && BASIN.test(vessel) && !/mou?ld/.test(vessel) ? like.material : 'light'),
    ...(like.tubeDiameterCm !== undefined && { tubeDiameterCm: like.tubeDiameterCm * scale }),
    ...(like.shapeFactor !== undefined && { shapeFactor: like.shapeFactor }),
  };
  return { pan, count };
}
