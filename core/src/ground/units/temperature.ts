/** °F → °C, exact. */
export const celsiusFromFahrenheit = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;
export const fahrenheitFromCelsius = (celsius: number): number => (celsius * 9) / 5 + 32;

const DIAL_STEP = 5;
/** A heat as a dial has it, by fives: what was written as 350 °F is 177 °C, and no 351 °F again. */
export const onDial = (degrees: number): number => Math.round(degrees / DIAL_STEP) * DIAL_STEP;

/**
 * British gas marks and the oven temperature each stands for, °C.
 * @source measures.csv (gas_mark rows); marks 1–9 rise by 25 °F a step
 */
const GAS_MARKS: readonly { readonly mark: string; readonly celsius: number }[] = [
  { mark: '¼', celsius: 110 },
  { mark: '½', celsius: 120 },
  { mark: '1', celsius: 140 },
  { mark: '2', celsius: 150 },
  { mark: '3', celsius: 160 },
  { mark: '4', celsius: 180 },
  { mark: '5', celsius: 190 },
  { mark: '6', celsius: 200 },
  { mark: '7', celsius: 220 },
  { mark: '8', celsius: 230 },
  { mark: '9', celsius: 240 },
];

/** Celsius of a gas mark as written ("4", "1/2"), or undefined for a mark no oven has. */
export function celsiusFromGasMark(mark: string): number | undefined {
  const plain = mark.replace('1/4', '¼').replace('1/2', '½');
  return GAS_MARKS.find((entry) => entry.mark === plain)?.celsius;
}

/** The gas mark nearest to a set point, °C. */
export function nearestGasMark(celsius: number): string {
  return GAS_MARKS.reduce((best, entry) =>
    Math.abs(entry.celsius - celsius) < Math.abs(best.celsius - celsius) ? entry : best,
  ).mark;
}
