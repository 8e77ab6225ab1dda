/** What the baker chose for the oven beside the formula; absent means as the formula says, or as Orvin proposes. */
export interface OvenSettings {
  /** The pans of this bake as a person writes them: "9 in round x 2". */
  readonly pans?: string;
  readonly material?: string;
  readonly celsius?: number;
  readonly fan?: boolean;
  /** All the batter, g, when it is not the formula's own. */
  readonly grams?: number;
  /** Later set points, the first being `celsius`. */
  readonly stages?: readonly { readonly fromMinute: number; readonly celsius: number }[];
  /** A lid or foil over it for a while; without an end, until it comes out. */
  readonly covers?: readonly {
    readonly kind: 'lid' | 'bowl' | 'foil';
    readonly fromMinute: number;
    readonly toMinute?: number;
  }[];
  /** How warm it goes in; below 0 frozen. */
  readonly batterCelsius?: number;
  /** Goes into an oven that is not heated yet. */
  readonly coldOven?: boolean;
  /** Other ways to bake it, as a person writes them, to be held against this one. */
  readonly compare?: readonly string[];
}
