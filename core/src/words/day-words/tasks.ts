import { uncapitalised } from '../../ground/language/index.js';
import { capitalised } from '../figures/index.js';
import type { PlannedTask, TaskKind } from '../../day/works/index.js';

/** A word or two for a kind of task, as a lane or a filter says it. */
const KIND_NAMES: Readonly<Record<TaskKind, string>> = {
  'take-out': $localize`take out`, chill: $localize`chill`, soak: $localize`soak`, prepare: $localize`prepare`, line: $localize`line`, preheat: $localize`heat up`, weigh: $localize`weigh`, mix: $localize`mix`, rest: $localize`rest`,
  portion: $localize`into the oven`, bake: $localize`bake`, griddle: $localize`griddle`, turn: $localize`turn`, tent: $localize`tent`, uncover: $localize`uncover`, 'turn-down': $localize`turn down`, 'set-oven': $localize`set the oven`, out: $localize`out`,
  'turn-out': $localize`turn out`, 'from-store': $localize`from the tin`, thaw: $localize`thaw`, cool: $localize`cool`, 'make-frosting': $localize`make the frosting`, 'crumb-coat': $localize`crumb coat`, fill: $localize`fill`,
  frost: $localize`frost`, slice: $localize`slice`, pack: $localize`pack`, wash: $localize`wash up`, feed: $localize`feed`, own: $localize`to do`,
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
      return $localize`${capitalised(what)} out of the fridge: ${it}`;
    case 'chill':
      return $localize`${capitalised(what)} into the freezer: ${it}`;
    case 'soak':
      return $localize`Soak the ${what}:what:: ${it}`;
    case 'prepare':
      return `${capitalised(what)}: ${it}`;
    case 'line':
      return $localize`Line and grease: ${it}`;
    case 'preheat':
      return $localize`Oven on, ${degrees}`;
    case 'set-oven':
      return $localize`Oven to ${degrees}`;
    case 'weigh':
      return $localize`Weigh: ${it}`;
    case 'mix':
      return $localize`Mix: ${it}`;
    case 'rest':
      return $localize`Rests: ${it}`;
    case 'portion':
      return $localize`Portion, and in: ${it}`;
    case 'bake':
      return $localize`Bakes at ${degrees}:degrees:: ${it}`;
    case 'griddle':
      return $localize`On the griddle: ${it}`;
    case 'turn':
      return $localize`Turn round: ${it}`;
    case 'tent':
      return $localize`Foil on: ${it}`;
    case 'uncover':
      return $localize`Uncover: ${it}`;
    case 'turn-down':
      return $localize`Turn the oven down: ${it}`;
    case 'out':
      return $localize`Out: ${it}`;
    case 'turn-out':
      return $localize`Turn out: ${it}`;
    case 'from-store':
      return $localize`From the tin: ${it}`;
    case 'thaw':
      return $localize`Out of the freezer: ${it}`;
    case 'cool':
      return $localize`Cools: ${it}`;
    case 'make-frosting':
      return $localize`Make the frosting: ${it}`;
    case 'crumb-coat':
      return $localize`Crumb coat: ${it}`;
    case 'fill':
      return $localize`Fill: ${it}`;
    case 'frost':
      return $localize`Frost: ${it}`;
    case 'slice':
      return $localize`Slice: ${it}`;
    case 'pack':
      return $localize`Pack: ${it}`;
    case 'wash':
      return $localize`Wash the ${what === '' ? $localize`pan` : what}:what:: ${it}`;
    case 'own':
      return capitalised(it);
    case 'feed':
      return $localize`Feed: ${it}`;
  }
}
