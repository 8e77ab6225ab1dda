import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';
import Joi from 'joi';

/*
 * A formula held by an address: its text, packed, behind the #. What stands there is never sent to any server, so whoever opens the address
 * in an Orvin of their own has the formula, offline too.
 */

const NAME = 'formula=';
/** Longer addresses are cut by what passes them on. */
export const LONGEST_LINK = 7_500;
/** No formula's text is longer; what unfolds beyond it is no formula. */
const LONGEST_TEXT = 60_000;
const packedSchema = Joi.string().max(LONGEST_LINK).pattern(/^[\w-]+$/).required(); // prettier-ignore

/** The address that holds a text; undefined where it would be too long to pass on. @param shelf the address of the Shelf */
export function linkFor(text: string, shelf: string): string | undefined {
  const packed = btoa(strFromU8(deflateSync(strToU8(text), { level: 9 }), true));
  const link = `${shelf}#${NAME}${packed
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/={1,2}$/, '')}`;
  return link.length > LONGEST_LINK ? undefined : link;
}

/** What the part of an address behind the # holds: a text, or something that was damaged on its way; undefined where it holds no formula. */
export function textInLink(fragment: string): { readonly text: string } | 'damaged' | undefined {
  if (!fragment.startsWith(NAME)) return undefined;
  const packed = fragment.slice(NAME.length);
  if (packedSchema.validate(packed).error) return 'damaged';
  let bytes: Uint8Array;
  try {
    // what is longer is cut to the room that it has: one letter more than any formula
    bytes = inflateSync(strToU8(atob(packed.replaceAll('-', '+').replaceAll('_', '/')), true), { out: new Uint8Array(LONGEST_TEXT + 1) }); // prettier-ignore
  } catch {
    return 'damaged';
  }
  const text = bytes.length > LONGEST_TEXT ? '' : new TextDecoder().decode(bytes);
  return text.trim() === '' ? 'damaged' : { text };
}
