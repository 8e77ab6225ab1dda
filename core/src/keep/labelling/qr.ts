/** A square code: so many modules a side, row by row. */
export interface QrCode {
  readonly size: number;
  readonly dark: readonly boolean[];
}
/** The dark modules as one path of a drawing that is `size` a side. */
export const qrPath = ({ size, dark }: QrCode): string =>
  dark.map((isDark, i) => (isDark ? `M${i % size} ${Math.floor(i / size)}h1v1h-1z` : '')).join('');
