import type { QrCode } from '@orvin/core/keep/labelling';

/** As much as a square of an inch can still be read from, characters. */
export const MOST_IN_QR = 1100;

/** A square code that holds a text. Undefined where the text is too long to be read again from a label. */
export async function qrCodeOf(text: string): Promise<QrCode | undefined> {
  if (text.length > MOST_IN_QR) return undefined;
  const { default: QRCode } = await import('qrcode');
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'L' });
  return { size: modules.size, dark: [...modules.data].map(Boolean) };
}
