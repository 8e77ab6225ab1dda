import { pansSaid, vesselSaid } from '../../kitchen/equipment/index.js';
import type { OwnPan } from '../../kitchen/kitchen/index.js';
import type { ParsedPan, ParsedVessel } from '../../kitchen/pans/index.js';
import { wishInEnglish } from '../german/index.js';

/** Pans as a baker writes them into a field, German too: what is understood as it stands is taken so. @param ownPans the baker's own */
export function pansWritten(written: string, ownPans: readonly OwnPan[] = []): ParsedPan {
  const said = pansSaid(written, ownPans);
  return said.kind === 'pan' ? said : german(written, said, (text) => pansSaid(text, ownPans), 'pan');
}
/** The same, and what stands on a sheet without a pan. */
export function vesselWritten(written: string, ownPans: readonly OwnPan[] = []): ParsedVessel {
  const said = vesselSaid(written, ownPans);
  return said.kind === 'vessel' ? said : german(written, said, (text) => vesselSaid(text, ownPans), 'vessel');
}

function german<Read extends { readonly kind: string }>(written: string, said: Read, read: (text: string) => Read, wanted: string): Read {
  const english = wishInEnglish(written);
  const again = english === written ? said : read(english);
  return again.kind === wanted ? again : said;
} // prettier-ignore
