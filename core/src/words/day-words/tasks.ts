import { capitalised, uncapitalised } from '../figures/index.js';
import type { PlannedTask, TaskKind } from '../../day/works/index.js';

/** A word or two for a kind of task, as a lane or a filter says it. */
const KIND_NAMES: Readonly<Record<TaskKind, string>> = {
  'take-out': 'take out', chill: 'chill', soak: 'soak', prepare: 'prepare', line: 'line', preheat: 'heat up', weigh: 'weigh', mix: 'mix', rest: 'rest',
  portion: 'into the oven', bake: 'bake', griddle: 'griddle', turn: 'turn', tent: 'tent', uncover: 'uncover', 'turn-down': 'turn down', 'set-oven': 'set the oven', out: 'out',
  'turn-out': 'turn out', 'from-store': 'from the tin', thaw: 'thaw', cool: 'cool', 'make-frosting': 'make the frosting', 'crumb-coat': 'crumb coat', fill: 'fill',
  frost: 'frost', slice: 'slice', pack: 'pack', wash: 'wash up', feed: 'feed', own: 'to do',
}; // prettier-ignore
export const taskKindName = (kind: TaskKind): string => KIND_NAMES[kind];

/**
 * What is to be done, to which batch: "Mix the pear and cardamom loaf".
 * @param title of its batch; '' for the oven's own
 */
export function taskInWords({ kind, what = '', celsius }: PlannedTask, title: string): string {
  const it = title === '' ? '' : uncapitalised(title);
  const degrees = celsius === undefined ? '' : `${celsius} °C`;
  switch (kind) {
    case 'take-out':
      return `${capitalised(what)} out of the fridge: ${it}`;
    case 'chill':
      return `${capitalised(what)} into the freezer: ${it}`;
    case 'soak':
      return `Soak the ${what}: ${it}`;
    case 'prepare':
      return `${capitalised(what)}: ${it}`;
    case 'line':
      return `Line and grease: ${it}`;
    case 'preheat':
      return `Oven on, ${degrees}`;
    case 'set-oven':
      return `Oven to ${degrees}`;
    case 'weigh':
      return `Weigh: ${it}`;
    case 'mix':
      return `Mix: ${it}`;
    case 'rest':
      return `Rests: ${it}`;
    case 'portion':
      return `Portion, and in: ${it}`;
    case 'bake':
      return `Bakes at ${degrees}: ${it}`;
    case 'griddle':
      return `On the griddle: ${it}`;
    case 'turn':
      return `Turn round: ${it}`;
    case 'tent':
      return `Foil on: ${it}`;
    case 'uncover':
      return `Uncover: ${it}`;
    case 'turn-down':
      return `Turn the oven down: ${it}`;
    case 'out':
      return `Out: ${it}`;
    case 'turn-out':
      return `Turn out: ${it}`;
    case 'from-store':
      return `From the tin: ${it}`;
    case 'thaw':
      return `Out of the freezer: ${it}`;
    case 'cool':
      return `Cools: ${it}`;
    case 'make-frosting':
      return `Make the frosting: ${it}`;
    case 'crumb-coat':
      return `Crumb coat: ${it}`;
    case 'fill':
      return `Fill: ${it}`;
    case 'frost':
      return `Frost: ${it}`;
    case 'slice':
      return `Slice: ${it}`;
    case 'pack':
      return `Pack: ${it}`;
    case 'wash':
      return `Wash the ${what === '' ? 'pan' : what}: ${it}`;
    case 'own':
      return capitalised(it);
    case 'feed':
      return `Feed: ${it}`;
  }
}
