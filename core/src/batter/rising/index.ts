export { behaviourOf, BEHAVIOUR_OF_STYLE, type BatterBehaviour, type Viscosity } from './batter-behaviour.js';
export { LONGEST_WAIT_MINUTES, waitingOf, waitingOfStyle, type Waiting } from './waiting.js';
export { altitudeAdvice, type AltitudeAdvice } from './altitude.js';
export { liftOf, type Lift, type UsualShares } from './lift.js';
export { CONSEQUENCE_CODES, consequencesOf, type Consequence, type ConsequenceCode } from './consequences.js';
