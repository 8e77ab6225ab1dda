import { uncapitalised } from '../../ground/language/index.js';
import type { HeatScale } from '../../ground/units/index.js';
import { capitalised, heatOn } from '../figures/index.js';
import type { PlannedTask, TaskKind } from '../../day/works/index.js';

/** A word or two for a kind of task, as a lane or a filter says it. */
const KIND_NAMES: Readonly<Record<TaskKind, string>> = {
  'take-out': $localize`:a task|:take out`, chill: $localize`:a task|:chill`, soak: $localize`:a task|:soak`, prepare: $localize`:a task|:prepare`, line: $localize`:a task|:line`, preheat: $localize`:a task|:heat up`, weigh: $localize`:a task|:weigh`, mix: $localize`:a task|:mix`, rest: $localize`:a task|:rest`,
  portion: $localize`:a task|:into the oven`, bake: $localize`:a task|:bake`, griddle: $localize`:a task|:griddle`, turn: $localize`:a task|:turn`, tent: $localize`:a task|:tent`, uncover: $localize`:a task|:uncover`, 'turn-down': $localize`:a task|:turn down`, 'set-oven': $localize`:a task|:set the oven`, out: $localize`:a task|:out`,
  'turn-out': $localize`:a task|:turn out`, 'from-store': $localize`:a task|:from the tin`, thaw: $localize`:a task|:thaw`, cool: $localize`:a task|:cool`, 'make-frosting': $localize`:a task|:make the frosting`, 'crumb-coat': $localize`:a task|:crumb coat`, fill: $localize`:a task|:fill`,
  frost: $localize`:a task|:frost`, slice: $localize`:a task|:slice`, pack: $localize`:a task|:pack`, wash: $localize`:a task|:wash up`, feed: $localize`:a task|:feed`, own: $localize`:a task|:to do`,
}; // prettier-ignore
export const taskKindName = (kind: TaskKind): string => KIND_NAMES[kind];

/**
 * What is to be done, to which batch: "Mix the pear and cardamom loaf".
 * @param title of its batch; '' for the oven's own
 * @param scale of the baker's oven
 */
export function taskInWords({ kind, what = '', celsius }: PlannedTask, title: string, scale: HeatScale = 'C'): string {
  const it = title === '' ? '' : uncapitalised(title);
  const degrees = celsius === undefined ? '' : heatOn(scale, celsius);
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
      if (what === 'steam') return $localize`Into the steam: ${it}`;
      return what === 'slow-cooker' ? $localize`Into the slow cooker: ${it}` : $localize`On the griddle: ${it}`;
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
      return $localize`Wash the ${what === 'bowl' ? $localize`bowl` : $localize`pan`}:what:: ${it}`;
    case 'own':
      return capitalised(it);
    case 'feed':
      return $localize`Feed: ${it}`;
  }
}
