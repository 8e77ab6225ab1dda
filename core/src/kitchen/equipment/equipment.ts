import { pantryWith, type Pantry } from '../ingredients/index.js';
import type { Kitchen } from '../kitchen/index.js';
import { millilitresOf, ownUnit, unitBook, type Region, type Unit, type UnitBook } from '../../ground/units/index.js';

/** What follows from a kitchen, worked out once for each state of it. */
interface Equipped {
  readonly pantry: Pantry;
  readonly units: UnitBook;
}
const equipped = new WeakMap<Kitchen, Equipped>();

function equip(kitchen: Kitchen): Equipped {
  let known = equipped.get(kitchen);
  if (!known) {
    known = {
      pantry: pantryWith(kitchen.ingredients, kitchen.names),
      units: unitBook(kitchen.measures.map(({ name, millilitres }) => ownUnit(name, millilitres))),
    };
    equipped.set(kitchen, known);
  }
  return known;
}

/** The ingredients that this baker can write. */
export const pantryOf = (kitchen: Kitchen): Pantry => equip(kitchen).pantry;
/** The measures that this baker can write. */
export const unitsOf = (kitchen: Kitchen): UnitBook => equip(kitchen).units;

/** Millilitres of one of a unit in this kitchen: the baker's own set where it was measured, else the region's. */
export function millilitresIn(kitchen: Kitchen, unit: Unit, region: Region): number | undefined {
  const measuredSet = kitchen.sets.find((set) => set.unitId === unit.id && set.region === region);
  return measuredSet?.millilitres ?? millilitresOf(unit, region);
}
