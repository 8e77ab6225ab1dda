import {
  classicalRules,
  crumbTextureOf,
  type ClassicalRule,
  type CrumbTexture,
} from '../../batter/crumb-texture/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { USUAL_PLACE, type Kitchen } from '../../kitchen/kitchen/index.js';
import {
  altitudeAdvice,
  behaviourOf,
  consequencesOf,
  liftOf,
  waitingOf,
  type AltitudeAdvice,
  type Consequence,
  type Lift,
  type Waiting,
} from '../../batter/rising/index.js';
import { nutritionOf, type NutritionFacts } from '../../batter/nutrition/index.js';
import { standing, type Standing } from '../../ground/verdict/index.js';
import type { Audit } from '../audit/index.js';
import { portionsOf, weighedParts, type Portions } from '../../formula/parsing/index.js';

/** What follows from a formula beyond its bands: waiting, lift, taste and colour, forces, portions. */
export interface Outlook {
  readonly waiting: Waiting;
  readonly lift: Lift;
  /** Specific volume against the style's: an ordering, not a measurement. */
  readonly liftStanding: Standing;
  readonly consequences: readonly Consequence[];
  readonly altitude: AltitudeAdvice;
  readonly classical: readonly ClassicalRule[];
  readonly forces: CrumbTexture;
  readonly portions: Portions;
  readonly nutrition: NutritionFacts;
}

/** The place is the kitchen's; what is unknown of it is usual. */
export function outlookOf(formula: Formula, audit: Audit, kitchen: Kitchen): Outlook {
  const { weighed, ledger, style, totals } = audit;
  const { batter } = weighed;
  const place = kitchen.place ?? USUAL_PLACE;
  const behaviour = behaviourOf(style?.basedOn);
  const waiting = waitingOf(ledger.gas.byPhase, behaviour.viscosity, place.celsius);
  const usual = style
    ? { sugar: style.bands.sugar.typical, fat: style.bands.fat.typical, egg: style.bands.egg.typical }
    : { sugar: 50, fat: 30, egg: 40 };
  const lift = liftOf(batter, ledger, behaviour, usual, waiting.usableMillimoles, place.metresAboveSea);
  const portions = portionsOf(formula, totals.grams);
  const everything = weighed.components.flatMap((component) =>
    weighedParts(component.lines.filter(({ optional }) => !optional)),
  );
  const all = everything.reduce((sum, { grams }) => sum + grams, 0);
  return {
    waiting,
    lift,
    liftStanding: style ? standing(lift.specificVolume, style.specificVolume) : 'within',
    consequences: consequencesOf(batter, ledger.crumbPh, ledger.leftoverSodaGrams, ledger.flourGrams),
    altitude: altitudeAdvice(place.metresAboveSea),
    classical: style ? classicalRules(batter, style) : [],
    forces: crumbTextureOf(batter),
    portions,
    nutrition: nutritionOf(everything, portions.count, kitchen.prices, all > 0 ? totals.grams / all : 1),
  };
}
