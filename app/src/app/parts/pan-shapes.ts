import { decimal } from '@orvin/core/ground/language';
import { isCircular, sectionAt, type Pan } from '@orvin/core/kitchen/pans';

/** Half the inner width of a pan's section at a height, cm: what a cut through the middle shows. */
const halfAcross = (pan: Pan, heightCm: number): number => sectionAt(pan, heightCm).widthCm / 2;

const figure = (value: number) => value.toFixed(1);

/** The wall of a pan in section, from rim to rim, as an SVG path: y is down, the floor at 0. */
export function wallPath(pan: Pan, scale: number): string {
  const [top, bottom, depth] = [halfAcross(pan, pan.depthCm) * scale, halfAcross(pan, 0) * scale, pan.depthCm * scale];
  return `M${figure(-top)} ${figure(-depth)}L${figure(-bottom)} 0H${figure(bottom)}L${figure(top)} ${figure(-depth)}`;
}

/** What stands in a pan up to a height, with a dome so much higher in the middle, as an SVG path. */
export function fillPath(pan: Pan, heightCm: number, domeCm: number, scale: number): string {
  const [low, high] = [halfAcross(pan, 0) * scale, halfAcross(pan, heightCm) * scale];
  const y = heightCm * scale;
  // above the rim a crumb stands straight up from it
  const rim = Math.min(heightCm, pan.depthCm) * scale;
  const dome = domeCm > 0 ? `Q0 ${figure(-y - 2 * domeCm * scale)} ` : 'L';
  return `M${figure(-low)} 0L${figure(-high)} ${figure(-rim)}V${figure(-y)}${dome}${figure(high)} ${figure(-y)}V${figure(-rim)}L${figure(low)} 0Z`;
}

/** The tube of a ring in section: a box as wide as it, up to the rim. */
export function tubePath(pan: Pan, scale: number): string {
  const half = ((pan.tubeDiameterCm ?? 0) / 2) * scale;
  const depth = pan.depthCm * scale;
  return half > 0 ? `M${figure(-half)} 0V${figure(-depth)}H${figure(half)}V0` : '';
}

const FLUTES = 12;
/** The rim of a pan from above, centred, as an SVG path; flutes as waves. */
export function planPath(pan: Pan, scale: number): string {
  const { lengthCm, widthCm } = sectionAt(pan, pan.depthCm);
  if (!isCircular(pan)) {
    const [x, y] = [(lengthCm / 2) * scale, (widthCm / 2) * scale];
    const r = Math.min((pan.cornerRadiusCm ?? 0.6) * scale, x, y);
    return `M${figure(-x + r)} ${figure(-y)}H${figure(x - r)}Q${figure(x)} ${figure(-y)} ${figure(x)} ${figure(-y + r)}V${figure(y - r)}Q${figure(x)} ${figure(y)} ${figure(x - r)} ${figure(y)}H${figure(-x + r)}Q${figure(-x)} ${figure(y)} ${figure(-x)} ${figure(y - r)}V${figure(-y + r)}Q${figure(-x)} ${figure(-y)} ${figure(-x + r)} ${figure(-y)}Z`;
  }
  const radius = (lengthCm / 2) * scale;
  const wave = pan.shapeFactor === undefined ? 0 : 0.06;
  const points = Array.from({ length: 144 }, (_, i) => {
    const angle = (i / 144) * 2 * Math.PI;
    const r = radius * (1 - wave * (1 - Math.abs(Math.cos((FLUTES * angle) / 2))));
    return `${figure(r * Math.cos(angle))} ${figure(r * Math.sin(angle))}`;
  });
  return `M${points.join('L')}Z`;
}

/** "1 650 ml, 7.0 cups". */
export const brimWords = (millilitres: number): string =>
  $localize`${Math.round(millilitres)} ml, ${decimal(millilitres / 236.588, 1)} US cups`;
