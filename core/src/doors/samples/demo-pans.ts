/** The tea tent's pans, as they stand on its shelf. */
export const DEMO_PANS = ['20 cm round x 2', '2 lb loaf tin x 2', '12-hole muffin tin x 2', '30 x 20 x 4 cm tin', '18 cm round, 9 cm deep', '20 cm square tin'] as const; // prettier-ignore
