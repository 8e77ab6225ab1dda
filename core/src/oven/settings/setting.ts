import { between, sweptAt, type SweepPoint } from '../sweeps/index.js';

/** What a setting found costs, beside doing what was asked. */
export type SettingCost = 'pale' | 'dark' | 'too-dark' | 'dry' | 'longer' | 'shorter';

export type SettingFound =
  | { readonly kind: 'found'; readonly point: SweepPoint; readonly costs: readonly SettingCost[] }
  /** No set point does it: the nearest, and which way it fails. */
  | {
      readonly kind: 'none';
      readonly because: 'too-soon' | 'too-late' | 'too-pale' | 'too-dark';
      readonly nearest: SweepPoint;
    };

/** Index of the top: 1 golden. */
const PALE_BELOW = 0.8;
const DARK_ABOVE = 1.2;
const TOO_DARK_ABOVE = 1.4;
const DRY_POINTS = 0.02;
const NOTICEABLY = 0.1;

const done = (sweep: readonly SweepPoint[]) =>
  sweep.filter((point): point is SweepPoint & { minutes: number } => point.minutes !== undefined);

export function costsOf(point: SweepPoint, usual: SweepPoint | undefined): readonly SettingCost[] {
  const costs: SettingCost[] = [];
  if (point.topColour > TOO_DARK_ABOVE) costs.push('too-dark');
  else if (point.topColour > DARK_ABOVE) costs.push('dark');
  else if (point.topColour < PALE_BELOW) costs.push('pale');
  if (usual?.minutes === undefined || point.minutes === undefined) return costs;
  if (point.massLost > usual.massLost + DRY_POINTS) costs.push('dry');
  const change = Math.log(point.minutes / usual.minutes);
  if (change > NOTICEABLY) costs.push('longer');
  if (change < -NOTICEABLY) costs.push('shorter');
  return costs;
}

/** Where a quantity of the sweep crosses what is asked. */
function crossing(
  points: readonly SweepPoint[],
  value: (point: SweepPoint) => number,
  wanted: number,
): SweepPoint | undefined {
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1], points[i]];
    if (!a || !b) continue;
    const [x, y] = [value(a), value(b)];
    if ((x - wanted) * (y - wanted) <= 0 && x !== y) return between(a, b, (wanted - x) / (y - x));
  }
  return undefined;
}

/** The set point at which it takes so many minutes. Shorter takes a hotter oven. */
export function settingForMinutes(sweep: readonly SweepPoint[], minutes: number, usualCelsius: number): SettingFound {
  const points = done(sweep);
  const usual = sweptAt(sweep, usualCelsius);
  const sweepPoint = crossing(points, (point) => point.minutes ?? 0, minutes);
  if (sweepPoint) return { kind: 'found', point: sweepPoint, costs: costsOf(sweepPoint, usual) };
  const [coolest, hottest] = [points[0], points.at(-1)];
  const fallback = { celsius: usualCelsius, minutes: undefined, topColour: 0, massLost: 0 };
  if (coolest?.minutes !== undefined && minutes > coolest.minutes)
    return { kind: 'none', because: 'too-soon', nearest: coolest };
  return { kind: 'none', because: 'too-late', nearest: hottest ?? fallback };
}

/** The set point at which the top comes out so brown. */
export function settingForColour(sweep: readonly SweepPoint[], topColour: number, usualCelsius: number): SettingFound {
  const points = done(sweep);
  const usual = sweptAt(sweep, usualCelsius);
  const sweepPoint = crossing(points, (point) => point.topColour, topColour);
  if (sweepPoint)
    return {
      kind: 'found',
      point: sweepPoint,
      costs: costsOf(sweepPoint, usual).filter((cost) => cost !== 'dark' && cost !== 'pale'),
    };
  const sorted = [...points].sort((a, b) => Math.abs(a.topColour - topColour) - Math.abs(b.topColour - topColour));
  const nearest = sorted[0] ?? { celsius: usualCelsius, minutes: undefined, topColour: 0, massLost: 0 };
  return { kind: 'none', because: nearest.topColour < topColour ? 'too-pale' : 'too-dark', nearest };
}
