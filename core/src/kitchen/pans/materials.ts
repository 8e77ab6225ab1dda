import { numberIn, readTable } from '../../ground/numerics/index.js';
import { MATERIALS_TABLE } from './materials.table.js';

/** What a pan, a liner or a coating is made of, as far as heat may harm it. */
export interface Material {
  readonly id: string;
  /** Hottest oven it bears, °C. */
  readonly safeCelsius: number;
  readonly caution: string;
}

const materials: ReadonlyMap<string, Material> = new Map(
  readTable(MATERIALS_TABLE).map((row) => {
    const id = row['id'] ?? '';
    return [id, { id, safeCelsius: numberIn(row, 'safe_max_c'), caution: row['caution'] ?? '' }];
  }),
);

export const materialById = (id: string): Material | undefined => materials.get(id);
