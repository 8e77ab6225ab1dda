import { asPhrase } from '../../ground/text/index.js';
import { freeName, type FreePieces, type FreeShape, type VesselSet } from './free-pieces.js';
import { materialNamed, parsePan, type ParsedPan } from './parse-pan.js';

export type ParsedVessel =
  | { readonly kind: 'vessel'; readonly set: VesselSet; readonly assumed: readonly ('depth' | 'size')[] }
  | Exclude<ParsedPan, { kind: 'pan' }>
  /** Discs and wedges without a diameter. */
  | { readonly kind: 'pieces-without-size'; readonly shape: FreePieces['shape'] };

const MOUND = /\bmounds?\b|\bheaps?\b/;
const DISC = /\bdis[ck]s?\b|\bcut rounds?\b|\bscones?\b|\bbiscuits?\b|\bfree[- ]?standing rounds?\b/;
const WEDGE = /\bwedges?\b|\bfarls?\b|\btriangles?\b/;
const DOME = /\bdomes?\b|\bfree[- ]?(?:form|standing)\b|\bround loa(?:f|ves)\b|\bcob\b|\bboule\b/;
const CM_PER_INCH = 2.54;
const LENGTH = String.raw`(\d+(?:[.,]\d+)?)(?: ?(mm|cm|in(?:ch(?:es)?)?|"))?`;
const SIZE = new RegExp(`${LENGTH}(?: ?(?:x|by) ?${LENGTH})?`);
const WORD_NUMBERS: Readonly<Record<string, number>> = {
  two: 2,
  three: 3,
  four: 4,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
};
const USUAL_WEDGES = 8;
const USUAL_DISCS = 12;
const MOST_PIECES = 100;

const inCm = (written: string, unit: string | undefined) => {
  const value = Number(written.replace(',', '.'));
  return unit === 'mm' ? value / 10 : unit?.startsWith('in') || unit === '"' ? value * CM_PER_INCH : value;
};

/**
 * A pan, or what stands on a sheet without one, as a person writes it: "disc 5x2.5 cm x 16", "12 scones of 6 cm",
 * "wedge 18 cm round x 8", "dome", "two domes".
 */
export function parseVessel(written: string): ParsedVessel {
  const text = (asPhrase(written) ?? '').toLowerCase().replace(/×/g, 'x');
  const shape: FreeShape | undefined = WEDGE.test(text)
    ? 'wedge'
    : MOUND.test(text)
      ? 'mound'
      : DISC.test(text) && !/tin|pan\b/.test(text)
        ? 'disc'
        : DOME.test(text)
          ? 'dome'
          : undefined;
  if (shape === undefined) {
    const parsed = parsePan(written);
    return parsed.kind === 'pan' ? { kind: 'vessel', set: parsed.set, assumed: parsed.assumed } : parsed;
  }
  const material = materialNamed(text) ?? 'light';
  // the count stands at the end after "x", or before the word
  const after = /\bx\s*(\d{1,3})\s*$/.exec(text);
  const before = /^(?:in )?(\d{1,3}|two|three|four|six|eight|ten|twelve)\s+(?!cm\b|mm\b|in\b|inch|")/.exec(text);
  const words = after?.[1] ?? before?.[1];
  const count = words === undefined ? undefined : (WORD_NUMBERS[words] ?? Number(words));
  if (count !== undefined && !(count >= 1 && count <= MOST_PIECES))
    return { kind: 'unknown', because: 'size-unlikely' };
  if (shape === 'dome') {
    const pieces: FreePieces = { name: freeName({ shape, cavities: 1 }), shape, cavities: 1, material };
    return { kind: 'vessel', set: { pan: pieces, count: count ?? 1 }, assumed: [] };
  }
  let rest = text;
  if (after) rest = rest.slice(0, after.index);
  if (before) rest = rest.slice(before[0].length);
  const size = SIZE.exec(rest);
  if (!size) return { kind: 'pieces-without-size', shape };
  const unit = size[2] ?? size[4];
  const diameterCm = inCm(size[1] ?? '', unit);
  const heightCm = size[3] === undefined ? undefined : inCm(size[3], size[4] ?? unit);
  if (!(diameterCm >= 2 && diameterCm <= 45) || (heightCm !== undefined && !(heightCm >= 0.5 && heightCm <= 12)))
    return { kind: 'unknown', because: 'size-unlikely' };
  const cavities = count ?? (shape === 'wedge' ? USUAL_WEDGES : USUAL_DISCS);
  const sized = { shape, diameterCm, ...(heightCm !== undefined && { heightCm }), cavities };
  const pieces: FreePieces = { name: freeName(sized), ...sized, material };
  return { kind: 'vessel', set: { pan: pieces, count: 1 }, assumed: count === undefined ? ['size'] : [] };
}
