import { styleById, type Style } from './index.js';

/** A style that a spec takes to be in the table. */
export function mustBeStyle(id: string): Style {
  const style = styleById(id);
  if (!style) throw new Error(`no style ${id}`);
  return style;
}
