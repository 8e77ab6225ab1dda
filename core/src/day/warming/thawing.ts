/** Hours that a frozen one takes to thaw, wrapped so that water settles outside. @source shared/science/book.md, section 5: judged */
const THAW = { slices: 1, loaf: 3, deep: 5 } as const;
export type Thawing = keyof typeof THAW;
export const thawHours = (kind: Thawing): number => THAW[kind];
