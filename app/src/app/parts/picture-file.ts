/*
 * A picture on the screen as a file that stands alone: its shapes with the styles that they have now, its letters with their font, its
 * ground behind it, its name and what it shows as title and description. As PNG it is drawn from that same file at twice the size.
 */

/** A picture that can be taken along. */
export interface ScreenPicture {
  readonly name: string;
  /** What it shows, in a sentence; '' where nobody said. */
  readonly words: string;
  /** A drawing, or what holds one in layers. */
  readonly element: Element;
}
const SVG = 'http://www.w3.org/2000/svg' as const;
/** What of its look comes from stylesheets. */
const STYLES = [
  'fill', 'fill-opacity', 'stroke', 'stroke-width', 'stroke-opacity', 'stroke-dasharray', 'stroke-linecap', 'stroke-linejoin', 'opacity',
  'font-size', 'font-weight', 'font-style', 'letter-spacing', 'text-anchor', 'dominant-baseline', 'paint-order', 'visibility', 'stop-color',
  'stop-opacity', 'vector-effect', 'shape-rendering', 'transform', 'transform-origin', 'transform-box',
] as const; // prettier-ignore
/** Pixels of the screen that one of a PNG stands for. */
const PNG_SCALE = 2;
/** Pixels round it: letters reach over an edge. */
const MARGIN = 12;
/** Smaller than this, a drawing is a mark and no picture. */
const LEAST_PIXELS = 30;

/** The pictures that a screen shows now, in their order. */
export const picturesOn = (place: ParentNode): readonly ScreenPicture[] =>
  [...place.querySelectorAll<HTMLElement | SVGElement>('[data-picture]')].flatMap((element) => {
    const { width, height } = element.getBoundingClientRect();
    if (width < LEAST_PIXELS || height < LEAST_PIXELS) return [];
    return [{ name: element.dataset['picture'] ?? '', words: element.getAttribute('aria-label') ?? '', element }];
  });

/** @returns the text of an SVG file */
export async function svgOf({ name, words, element }: ScreenPicture): Promise<string> {
  const frame = element.getBoundingClientRect();
  const styles = getComputedStyle(element);
  const [width, height] = [frame.width + 2 * MARGIN, frame.height + 2 * MARGIN];
  const picture = drawn('svg', { width, height, viewBox: `${-MARGIN} ${-MARGIN} ${width} ${height}`, role: 'img' });
  picture.style.setProperty('font-family', styles.fontFamily);
  const [title, description, font] = [drawn('title', {}), drawn('desc', {}), drawn('style', {})];
  title.textContent = name;
  description.textContent = words;
  font.textContent = await ownFont();
  const ground = drawn('rect', { x: -MARGIN, y: -MARGIN, width, height });
  ground.style.setProperty('fill', groundBehind(element));
  picture.append(title, description, font, ground);
  const layers = element instanceof SVGSVGElement ? [element] : [...element.querySelectorAll<SVGSVGElement>('svg')].filter((svg) => !svg.parentElement?.closest('svg')); // prettier-ignore
  for (const layer of layers) {
    const box = layer.getBoundingClientRect();
    const copy = standingAlone(layer);
    for (const [key, value] of Object.entries({ x: box.left - frame.left, y: box.top - frame.top, width: box.width, height: box.height, overflow: 'visible' })) copy.setAttribute(key, String(value)); // prettier-ignore
    picture.append(copy);
  }
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(picture)}\n`;
}

/** @param svg the text of a file that stands alone */
export async function pngOf(svg: string): Promise<Blob> {
  const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const canvas = new OffscreenCanvas(PNG_SCALE * image.naturalWidth, PNG_SCALE * image.naturalHeight);
    const context = canvas.getContext('2d');
    if (!context) throw new Error('This browser gives nothing to draw on.');
    context.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await canvas.convertToBlob({ type: 'image/png' });
  } finally {
    URL.revokeObjectURL(address);
  }
}

function drawn(what: keyof SVGElementTagNameMap, attributes: Readonly<Record<string, string | number>>): SVGElement {
  const element = document.createElementNS<keyof SVGElementTagNameMap>(SVG, what);
  for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, String(value));
  return element;
}

/** A copy that looks as the original does, wherever it is opened. */
function standingAlone(layer: SVGSVGElement): SVGSVGElement {
  const copy = layer.cloneNode(true) as SVGSVGElement;
  const originals = [layer, ...layer.querySelectorAll('*')];
  const copies = [copy, ...copy.querySelectorAll('*')];
  originals.forEach((original, i) => {
    const twin = copies[i];
    if (!(twin instanceof SVGElement)) return;
    const styles = getComputedStyle(original);
    if (styles.display === 'none' || original.classList.contains('unseen')) {
      twin.remove();
      return;
    }
    for (const { name } of [...twin.attributes])
      if (name === 'class' || name === 'tabindex' || /^_ng|^ng-|^data-|^aria-/.test(name)) twin.removeAttribute(name);
    for (const property of STYLES) {
      const value = styles.getPropertyValue(property);
      if (value !== '' && value !== 'none' && value !== 'normal' && value !== 'auto') twin.style.setProperty(property, value);
      else if (property === 'fill' || property === 'stroke') twin.style.setProperty(property, 'none');
    }
    for (const child of [...twin.childNodes]) if (child.nodeType === Node.COMMENT_NODE) child.remove();
  });
  return copy;
} // prettier-ignore

/** The colour of the first ground behind it that is not clear. */
function groundBehind(element: Element): string {
  for (let behind: Element | null = element; behind; behind = behind.parentElement) {
    const colour = getComputedStyle(behind).backgroundColor;
    if (colour !== '' && colour !== 'transparent' && !/,\s*0\)$/.test(colour)) return colour;
  }
  return 'white';
}

let font: Promise<string> | undefined;
/** Orvin's own letters as a rule that holds them whole; '' where they cannot be had, and the reader's own stand in. */
const ownFont = (): Promise<string> => (font ??= readFont().catch(() => ''));
async function readFont(): Promise<string> {
  const rules = [...document.styleSheets].flatMap((sheet) => [...sheet.cssRules]);
  const faces = rules.filter((rule): rule is CSSFontFaceRule => rule instanceof CSSFontFaceRule);
  const plain = faces.find(({ style }) => !style.getPropertyValue('font-style').includes('italic') && /U\+0(?:000)?-0?0?FF/i.test(style.getPropertyValue('unicode-range')));
  const address = /url\("?([^")]+)"?\)/.exec(plain?.style.getPropertyValue('src') ?? '')?.[1];
  if (!plain || address === undefined) return '';
  const bytes = new Uint8Array(await (await fetch(new URL(address, plain.parentStyleSheet?.href ?? document.baseURI))).arrayBuffer());
  const base64 = btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''));
  return `@font-face{font-family:${plain.style.getPropertyValue('font-family')};font-weight:200 800;src:url(data:font/woff2;base64,${base64}) format("woff2")}`;
} // prettier-ignore
