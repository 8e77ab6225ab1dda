import type { Crumb, Shape, Top } from '@orvin/core/book/records';

/** How a fault changes the drawing of a slice. Lengths are those of the drawing, 104 by 66. */
export interface FaultDrawing {
  readonly shape?: Shape;
  readonly crumb?: Crumb;
  readonly top?: Top;
  /** Another outline altogether. */
  readonly outline?: string;
  readonly thick?: boolean;
  /** What is drawn in it or over it: paths with the tone they are filled or drawn in. */
  readonly over?: readonly { readonly d: string; readonly tone: FaultTone }[];
  /** Where it is seen: the middle of its mark. */
  readonly at: readonly [x: number, y: number];
}
export type FaultTone = 'dark' | 'wet' | 'burnt' | 'white' | 'green' | 'rust' | 'fruit' | 'cream' | 'crack' | 'tin' | 'shine'; // prettier-ignore

const dots = (points: readonly (readonly [number, number])[], r: number): string =>
  points.map(([x, y]) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`).join('');
const SCATTERED = [[18, 48], [30, 38], [42, 52], [55, 36], [63, 47], [76, 40], [86, 52], [48, 30], [25, 56], [70, 57]] as const; // prettier-ignore
const FROSTED = 'M4 34C20 22 84 22 100 34V24C84 6 20 6 4 24Z';
const BOWL = 'M3 24H101C99 50 80 64 52 64C24 64 5 50 3 24Z';
const over = (d: string, tone: FaultTone) => [{ d, tone }];

export const FAULT_DRAWINGS: Readonly<Record<string, FaultDrawing>> = {
  sank_middle: { shape: 'sank', at: [52, 45] },
  peaked_cracked: { shape: 'peaked', over: over('M52 4L49 14L55 20L51 30', 'crack'), at: [52, 12] },
  mushroom: { outline: 'M20 63L18 36C2 38 0 18 22 16C38 6 66 6 82 16C104 18 102 38 86 36L84 63Z', over: over('M16 63V40H20V63ZM84 63V40H88V63Z', 'tin'), at: [94, 26] },
  sticky_top: { over: over('M12 30C30 20 74 20 92 30L90 35C74 26 30 26 14 35Z', 'shine'), at: [52, 24] },
  speckled_top: { over: over(dots([[20, 28], [30, 24], [40, 22], [52, 21], [62, 22], [74, 25], [84, 28]], 1.6), 'white'), at: [40, 22] },
  side_crack: { over: over('M6 48L22 44L14 40L28 37', 'crack'), at: [14, 43] },
  pale: { top: 'pale', at: [28, 25] },
  too_dark: { top: 'too-dark', at: [28, 25] },
  burnt_raw: { top: 'too-dark', over: over('M30 58C26 42 40 34 52 34S78 42 74 58Z', 'wet'), at: [52, 48] },
  burnt_base: { over: over('M4 57H100V65H4Z', 'burnt'), at: [70, 61] },
  hard_crust: { top: 'chestnut', thick: true, at: [24, 28] },
  tunnels: { crumb: 'tunnels', at: [46, 40] },
  hollow: { over: over('M24 34C34 22 70 22 80 34C72 46 32 46 24 34Z', 'dark'), at: [52, 34] },
  coarse_crumb: { crumb: 'open', at: [62, 42] },
  dense_all: { crumb: 'tight', shape: 'flat', at: [40, 48] },
  dense_bottom: { crumb: 'tight', over: over('M4 54H100V60H4Z', 'wet'), at: [34, 57] },
  gummy_line: { crumb: 'gummy', at: [76, 57] },
  wet_bottom: { over: over('M4 58H100V65H4Z', 'shine'), at: [34, 62] },
  crumbly: { over: [...over('M60 63L66 44L78 52L84 40L102 48L99 63Z', 'dark'), ...over(dots([[70, 61], [80, 62], [92, 60], [98, 62]], 1.8), 'cream')], at: [82, 54] },
  tough: { crumb: 'tight', at: [66, 42] },
  dry: { crumb: 'fine', over: over('M20 54L28 46L24 40M52 58L56 46L50 40M80 54L76 44L84 38', 'crack'), at: [54, 48] },
  greasy: { over: over(dots([[20, 60], [34, 61], [48, 60], [62, 61], [76, 60], [90, 61]], 3), 'shine'), at: [48, 60] },
  flour_lumps: { over: over(dots([[28, 46], [52, 40], [74, 50]], 3.4), 'white'), at: [52, 40] },
  white_spots: { over: over(dots(SCATTERED, 1.3), 'white'), at: [63, 47] },
  green_blue: { over: over('M16 50C30 44 36 52 50 46S78 40 92 48', 'green'), at: [50, 46] },
  colour_off: { over: over('M6 62L4 40C26 26 78 26 100 40L98 62Z', 'rust'), at: [52, 46] },
  fruit_bottom: { over: over(dots([[14, 59], [28, 60], [42, 59], [56, 60], [70, 59], [84, 60], [94, 58], [36, 54], [64, 54]], 3), 'fruit'), at: [56, 60] },
  shrank_sides: { outline: 'M15 63L11 38C34 26 70 26 93 38L89 63Z', over: over('M2 32H4V65H2ZM100 32H102V65H100Z', 'tin'), at: [8, 48] },
  stuck: { outline: 'M5 56L2 32C26 19 78 19 102 32L99 58L88 55L80 62L66 56L54 63L40 56L26 61L14 55Z', at: [54, 60] },
  lopsided: { outline: 'M5 63L2 46C30 40 70 14 102 16L99 63Z', at: [90, 20] },
  leaning_scones: { outline: 'M8 63L22 26C50 18 78 16 100 24L88 63Z', at: [90, 44] },
  scones_flat: { outline: 'M5 63L3 48C30 45 74 45 101 48L99 63Z', crumb: 'tight', at: [52, 47] },
  spread_flat: { outline: 'M0 63C10 46 94 46 104 63Z', at: [90, 55] },
  uneven_layers: { outline: 'M5 63L4 47H100L99 63ZM5 44L4 16H100L99 44Z', at: [92, 46] },
  uneven_pieces: { outline: 'M2 63V40C8 28 26 28 32 40V63ZM38 63V50C44 42 56 42 62 50V63ZM68 63V30C76 14 94 14 102 30V63Z', at: [50, 46] },
  soapy: { at: [40, 52] },
  metallic_bitter: { at: [52, 52] },
  sour_taste: { at: [64, 52] },
  curdled_batter: { outline: BOWL, over: over(dots([[20, 32], [34, 30], [46, 34], [60, 30], [74, 33], [88, 30], [40, 42], [66, 42], [54, 50]], 2.6), 'white'), at: [60, 32] },
  frosting_split: { over: [...over(FROSTED, 'cream'), ...over(dots([[22, 22], [40, 17], [58, 18], [76, 20], [90, 26]], 2.4), 'shine')], at: [58, 16] },
  frosting_grainy: { over: [...over(FROSTED, 'cream'), ...over(dots([[16, 24], [28, 18], [40, 20], [50, 14], [62, 19], [74, 17], [86, 23], [46, 22], [68, 23]], 1.1), 'dark')], at: [62, 18] },
  frosting_soft: { over: over('M4 34C20 22 84 22 100 34V46C96 52 92 46 92 38V34C70 24 34 24 14 34V50C12 58 6 56 4 50Z', 'cream'), at: [95, 44] },
}; // prettier-ignore

/** A slice with faults: what each changes, the later over the earlier. */
export function drawnWith(faults: readonly string[]): Omit<FaultDrawing, 'at'> {
  return faults
    .flatMap((fault) => FAULT_DRAWINGS[fault] ?? [])
    .reduce<Omit<FaultDrawing, 'at'>>(
      (drawn, drawing) => ({ ...drawn, ...drawing, over: [...(drawn.over ?? []), ...(drawing.over ?? [])] }),
      {},
    );
}
