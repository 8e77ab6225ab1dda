// Runs inside the page, as source: what overflows, clips, overlaps or is smaller than a finger. Each finding is one line.
const FINGER = 44;

function describe(element) {
  const text = String(element.getAttribute('aria-label') ?? (element.value || element.textContent) ?? '')
    .trim()
    .replace(/\s+/g, ' ')
    .slice(0, 40);
  const classes =
    typeof element.className === 'string'
      ? element.className.split(' ').filter((name) => !name.startsWith('ng-'))[0]
      : '';
  return `${element.tagName.toLowerCase()}${classes ? `.${classes}` : ''} "${text}"`;
}

function visible(element) {
  // what a closed fold holds has a box, but is not drawn
  if (!element.checkVisibility()) return false;
  const box = element.getBoundingClientRect();
  const style = getComputedStyle(element);
  if (
    box.width < 1 ||
    box.height < 1 ||
    style.visibility === 'hidden' ||
    style.opacity === '0' ||
    element.closest('.unseen, .p-hidden-accessible, [aria-hidden="true"] svg, .skip')
  )
    return false;
  const x = Math.min(document.documentElement.clientWidth - 1, Math.max(0, box.left + box.width / 2));
  const y = box.top + box.height / 2;
  if (y < 0 || y > document.documentElement.clientHeight) return false;
  const on = document.elementFromPoint(x, y);
  return on !== null && (on === element || element.contains(on) || on.contains(element));
}

/** In a row that is meant to pass under the thumb. */
function scrolls(element) {
  for (let at = element.parentElement; at; at = at.parentElement)
    if (/auto|scroll/.test(getComputedStyle(at).overflowX) && at.scrollWidth > at.clientWidth + 1) return true;
  return false;
}

function overflows(all) {
  const page = document.documentElement;
  const wide = all.filter((element) => {
    const box = element.getBoundingClientRect();
    return (box.right > document.documentElement.clientWidth + 1 || box.left < -1) && !scrolls(element);
  });
  return [
    ...(page.scrollWidth > document.documentElement.clientWidth + 1
      ? [`the page scrolls sideways: ${page.scrollWidth} px in ${document.documentElement.clientWidth}`]
      : []),
    ...wide.map(
      (element) =>
        `overflows the page: ${describe(element)} to ${Math.round(element.getBoundingClientRect().right)} px`,
    ),
  ];
}

function clipped(all, leaves) {
  return [...leaves, ...all.filter((one) => one.tagName === 'INPUT')].flatMap((element) => {
    const hidden = getComputedStyle(element).overflowX !== 'visible' || element.tagName === 'INPUT';
    const over = element.scrollWidth - element.clientWidth;
    return hidden && over > 1 ? [`clips: ${describe(element)}, ${over} px do not fit`] : [];
  });
}

/** A box as far as what holds it lets it be seen; undefined where nothing of it is. */
function seenOf(box, element) {
  let { left, right, top, bottom } = box;
  for (let at = element; at; at = at.parentElement) {
    const { overflowX, overflowY } = getComputedStyle(at);
    const around = at.getBoundingClientRect();
    if (overflowX !== 'visible') [left, right] = [Math.max(left, around.left), Math.min(right, around.right)];
    if (overflowY !== 'visible') [top, bottom] = [Math.max(top, around.top), Math.min(bottom, around.bottom)];
  }
  return right > left && bottom > top ? { left, right, top, bottom } : undefined;
}

/** The lines of an element's own words. A letter's box is air above and below it. */
function linesOf(element) {
  const boxes =
    element.tagName === 'text'
      ? [...element.getClientRects()]
      : [...element.childNodes].flatMap((node) => {
          if (node.nodeType !== 3) return [];
          const range = document.createRange();
          range.selectNodeContents(node);
          return [...range.getClientRects()];
        });
  return boxes.flatMap((box) => {
    const seen = seenOf(box, element);
    const air = 0.15 * box.height;
    return seen ? [{ ...seen, top: seen.top + air, bottom: seen.bottom - air }] : [];
  });
}

/** Text that lies on other text, line by line. */
function overlaps(leaves) {
  const boxes = leaves.map((element) => ({ element, lines: linesOf(element) }));
  const lieOn = (a, b) =>
    Math.min(a.right, b.right) - Math.max(a.left, b.left) > 3 &&
    Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 3;
  const found = [];
  for (let i = 0; i < boxes.length; i++) {
    for (let j = i + 1; j < boxes.length; j++) {
      const [a, b] = [boxes[i], boxes[j]];
      if (a.element.contains(b.element) || b.element.contains(a.element)) continue;
      if (a.lines.some((one) => b.lines.some((other) => lieOn(one, other))))
        found.push(`overlap: ${describe(a.element)} and ${describe(b.element)}`);
    }
  }
  return found;
}

/** The words beside a field, before it or behind it, past the notes that Angular leaves. */
function wordsBeside(field, way) {
  let beside = field[way];
  while (beside?.nodeType === 8) beside = beside[way];
  if (beside?.nodeType !== 3) return undefined;
  const touching = way === 'previousSibling' ? /\S$/ : /^\S/;
  return touching.test(beside.data) ? beside : undefined;
}

/** A field that begins where its words end, or ends where they begin: the gap between them was lost. */
function withoutGap(all) {
  return all
    .filter((one) => one.matches('input, select'))
    .flatMap((field) =>
      ['previousSibling', 'nextSibling'].flatMap((way) => {
        const beside = wordsBeside(field, way);
        if (!beside) return [];
        const range = document.createRange();
        range.selectNodeContents(beside);
        const [words, box] = [range.getBoundingClientRect(), field.getBoundingClientRect()];
        const gap = way === 'previousSibling' ? box.left - words.right : words.left - box.right;
        const touches = Math.abs(gap) < 2 && words.top < box.bottom && words.bottom > box.top;
        return touches ? [`no gap: "${beside.data.trim()}" and ${describe(field)}`] : [];
      }),
    );
}

const TOUCHED = 'a, button, input, textarea, select, [role="button"], [role="combobox"], [role="slider"], [role="option"]'; // prettier-ignore
function tooSmall(all) {
  return all
    .filter((one) => one.matches(TOUCHED))
    .flatMap((element) => {
      if (element.closest('p') && element.tagName === 'A') return []; // links in running text
      // a finger may land anywhere on the whole of a field or a row
      const tick = element.matches('input[type="checkbox"], textarea') ? element.closest('label') : null;
      const whole = tick ?? element.closest('.p-select, .p-autocomplete, tr') ?? element;
      const grown = (element.matches('.off button') ? element : whole).getBoundingClientRect();
      return grown.height < FINGER - 0.5 || grown.width < 24
        ? [`smaller than a finger: ${describe(element)}, ${Math.round(grown.width)} × ${Math.round(grown.height)}`]
        : [];
    });
}

// eslint-disable-next-line no-unused-vars -- called by name where the source is evaluated
function findFaults(touch) {
  const all = [...document.querySelectorAll('body *')].filter(
    (element) => !element.closest('defs, pattern') && visible(element),
  );
  const leaves = all.filter((element) =>
    [...element.childNodes].some((node) => node.nodeType === 3 && node.textContent.trim() !== ''),
  );
  return [
    ...new Set([
      ...overflows(all),
      ...clipped(all, leaves),
      ...overlaps(leaves),
      ...withoutGap(all),
      ...(touch ? tooSmall(all) : []),
    ]),
  ];
}
