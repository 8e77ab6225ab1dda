import { HEAT_MODEL, HEAT_STYLE_IDS, type HeatModel, type HeatStyleId } from '../../oven/baking/index.js';
import { numberIn, readTable } from '../../ground/numerics/index.js';
import { HEAT_FOLDS_TABLE } from './heat-folds.table.js';

/** The parameters of the bake model fitted without one family of reference bakes, for each family: for cross-validation only. */
export function familyFolds(): ReadonlyMap<string, HeatModel> {
  return new Map(
    readTable(HEAT_FOLDS_TABLE).map((row) => {
      const heat: Record<string, number> = { ...HEAT_MODEL.heat };
      const heatFactors: Record<HeatStyleId, number> = { ...HEAT_MODEL.heatFactors };
      for (const name of Object.keys(row)) {
        if (name === 'family') continue;
        const style = HEAT_STYLE_IDS.find((id) => name === `style.${id}`);
        if (style) heatFactors[style] = numberIn(row, name);
        else heat[name] = numberIn(row, name);
      }
      return [row['family'] ?? '', { heat: heat as HeatModel['heat'], heatFactors }];
    }),
  );
}
