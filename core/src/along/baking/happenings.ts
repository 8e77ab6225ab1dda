/*
 * A bake that is under way is what happened in it, one thing after another, each with its moment. What stands on the screen is worked out
 * from that list and nothing else: a reload, a dead battery and an undo need no care of their own. Moments are instants, milliseconds
 * since 1970, so that a timer is right after sleep, in another tab and across the change of the clock.
 */

export const LOOKS = ['not-done', 'nearly', 'done'] as const;
export type Look = (typeof LOOKS)[number];
export const DONE_AT_OVEN = [
  'turned',
  'tented',
  'uncovered',
  'turned-down',
  'probe-moved',
  'probe-here',
  'power-back',
] as const;
export type DoneAtOven = (typeof DONE_AT_OVEN)[number];
export const TOLD_BY = ['hand', 'device', 'simulated'] as const;
/** Who said a figure: the baker, an instrument, or a stand-in for one. */
export type ToldBy = (typeof TOLD_BY)[number];

interface At {
  readonly at: number;
}
export type Happening = At &
  (
    | { readonly kind: 'step'; readonly to: string }
    | { readonly kind: 'weighed'; readonly step: string; readonly grams: number; readonly by: ToldBy }
    /** What the lines of the batter are to be from now on, g, by the id of their step. */
    | { readonly kind: 'retargeted'; readonly targets: Readonly<Record<string, number>>; readonly because: string }
    | { readonly kind: 'divided'; readonly step: string; readonly piece: number; readonly grams: number; readonly by: ToldBy }
    | { readonly kind: 'mixed'; readonly step: string; readonly seconds: number }
    | { readonly kind: 'oven-read'; readonly celsius: number; readonly by: ToldBy }
    | { readonly kind: 'in'; readonly portion: number }
    | { readonly kind: 'look'; readonly portion: number; readonly seen: Look }
    | { readonly kind: 'did'; readonly portion: number; readonly what: DoneAtOven }
    | { readonly kind: 'out'; readonly portion: number }
    | { readonly kind: 'timer'; readonly id: string; readonly name: string; readonly until: number }
    | { readonly kind: 'timer-off'; readonly id: string }
    | { readonly kind: 'ended' }
    /** It was not over. */
    | { readonly kind: 'resumed' }
  ); // prettier-ignore
export type HappeningKind = Happening['kind'];
