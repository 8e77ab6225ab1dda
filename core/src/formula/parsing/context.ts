import { PLAIN_KITCHEN, type Kitchen } from '../../kitchen/kitchen/index.js';
import type { Region } from '../../ground/units/index.js';

/** Whose words and measures a text is read with. */
export interface ReadingContext {
  readonly region: Region;
  readonly kitchen: Kitchen;
}

/** A region's words and measures, and nobody's kitchen. */
export const plainContext = (region: Region): ReadingContext => ({ region, kitchen: PLAIN_KITCHEN });
