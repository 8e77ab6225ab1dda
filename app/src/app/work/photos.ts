import type { StoredPhoto } from '../store/records';

/* A photo is drawn anew, smaller and upright: what comes out is a picture and nothing else, no place, no hour, no camera. */

const LONGEST_SIDE = 1600;
const THUMB_SIDE = 240;
const QUALITY = 0.82;
/** Larger than any camera's; more is no photo. */
const MOST_BYTES = 60_000_000;

/** @throws Error in the baker's words, where it is no picture */
export async function takenIn(file: Blob, id: string, takenAt: number): Promise<StoredPhoto> {
  if (file.size > MOST_BYTES) throw new Error($localize`This picture is too large: at most 60 MB.`);
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => undefined);
  if (!bitmap) throw new Error($localize`This is no picture that the browser can read. Take it as JPEG or PNG.`);
  try {
    return { id, takenAt, picture: await redrawn(bitmap, LONGEST_SIDE), thumb: await redrawn(bitmap, THUMB_SIDE) };
  } finally {
    bitmap.close();
  }
}

async function redrawn(bitmap: ImageBitmap, longest: number): Promise<Blob> {
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const canvas = new OffscreenCanvas(Math.max(1, Math.round(bitmap.width * scale)), Math.max(1, Math.round(bitmap.height * scale))); // prettier-ignore
  const context = canvas.getContext('2d');
  if (!context) throw new Error($localize`The browser cannot draw this picture. Try a smaller one.`);
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
}
