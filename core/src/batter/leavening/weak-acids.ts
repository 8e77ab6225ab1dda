/** A weak group: apparent pKa at ionic strength 0.1–0.3 M and 25 °C, and millimoles per gram of the ingredient. */
export type WeakGroup = readonly [pKa: number, millimolesPerGram: number];

export const lactic = (m: number): WeakGroup[] => [[3.75, m]];
export const acetic = (m: number): WeakGroup[] => [[4.65, m]];
export const citric = (m: number): WeakGroup[] => [[2.95, m], [4.4, m], [5.75, m]]; // prettier-ignore
export const malic = (m: number): WeakGroup[] => [[3.25, m], [4.75, m]]; // prettier-ignore
export const tartaric = (m: number): WeakGroup[] => [[2.85, m], [4.05, m]]; // prettier-ignore
export const phosphate = (m: number): WeakGroup[] => [[2, m], [6.8, m], [11.7, m]]; // prettier-ignore
/** Groups of phytate that titrate between crumb pH values: two near 6.2, four near 9.4 (six are strong). */
export const phytate = (m: number): WeakGroup[] => [[6.2, 2 * m], [9.4, 4 * m]]; // prettier-ignore

/** Side chains per gram of protein: carboxyl, histidine, α-amino, lysine; times the protein share of the ingredient. */
const protein = (share: number, carboxyl: number, histidine: number, amino: number, lysine: number): WeakGroup[] => [
  [4.3, share * carboxyl],
  [6.4, share * histidine],
  [7.7, share * amino],
  [10.2, share * lysine],
];
export const milkProtein = (share: number) => protein(share, 1, 0.2, 0.05, 0.55);
const wheatProtein = (share: number) => protein(share, 0.3, 0.14, 0.05, 0.15);
export const eggProtein = (share: number) => protein(share, 1, 0.17, 0.06, 0.5);

/** Salts of milk serum, times the strength of the serum; the last group stands for colloidal calcium phosphate. */
export const milkSalts = (strength: number): WeakGroup[] => [
  ...phosphate(0.018 * strength),
  [6.4, 0.006 * strength],
  ...citric(0.009 * strength),
  [7.6, 0.001 * strength],
  [5.4, 0.02 * strength],
];

/** Protein, phytate, free phosphate and the trace of malate of a milled seed. */
export const milled = (proteinShare: number, phytateMmol: number, freePhosphate: number): WeakGroup[] => [
  ...wheatProtein(proteinShare),
  ...phytate(phytateMmol),
  ...phosphate(freePhosphate),
  ...malic(0.002),
];

/** Dissociated share of a group at a pH. */
export const dissociated = (pKa: number, pH: number): number => 1 / (1 + 10 ** (pKa - pH));
