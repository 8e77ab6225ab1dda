import { Parser } from 'htmlparser2';

/* A page is taken apart as text: nothing of it is rendered, run or fetched. */

/** Elements whose content is no words. */
const WORDLESS: ReadonlySet<string> = new Set([
  'script',
  'style',
  'noscript',
  'template',
  'svg',
  'iframe',
  'head',
  'nav',
  'button',
  'select',
  'object',
  'canvas',
]);
/** Elements that begin and end a line of their own. */
const BLOCK: ReadonlySet<string> = new Set(
  'p div li ul ol dl dt dd h1 h2 h3 h4 h5 h6 section article header footer main aside table tr br blockquote pre figure figcaption form fieldset hr address'.split(
    ' ',
  ),
);

/** A named property found in the markup of a page. */
export interface Microdata {
  readonly property: string;
  readonly text: string;
}

export interface PageWords {
  /** The visible words, one block a line. */
  readonly text: string;
  /** The content of every JSON-LD script. */
  readonly jsonLd: readonly string[];
  /** The properties of each schema.org/Recipe in the markup, in the order of the page. */
  readonly recipes: readonly (readonly Microdata[])[];
}

const tidy = (text: string) =>
  text
    .replace(/[ \t\r\f]+/g, ' ')
    .replace(/ ?\n ?/g, '\n')
    .replace(/\n{2,}/g, '\n')
    .trim();

interface OpenProperty {
  readonly property: string;
  readonly depth: number;
  text: string;
}

/** Elements that hold no words of their own. */
const VOID: ReadonlySet<string> = new Set(
  'meta link img br hr input source wbr col area base embed track param'.split(' '),
);

/** Pages nest some dozens deep; each level costs the parser a step for every element in it. */
const DEEPEST = 1000;

/** Takes a page apart into visible words, JSON-LD scripts and the microdata of recipes. @throws RangeError when it is nested deeper than any page */
export function pageWords(source: string): PageWords {
  let text = '';
  let wordless = 0;
  let depth = 0;
  let script: string | undefined;
  const jsonLd: string[] = [];
  const recipes: Microdata[][] = [];
  const scopes: { readonly depth: number; readonly properties: Microdata[] | undefined }[] = [];
  const open: OpenProperty[] = [];
  const recipe = () => scopes.findLast(({ properties }) => properties !== undefined)?.properties;

  const parser = new Parser(
    {
      onopentag(name, attributes) {
        depth++;
        if (depth > DEEPEST) throw new RangeError('nested too deep');
        if (name === 'script' && /ld\+json/i.test(attributes['type'] ?? '')) script = '';
        if (WORDLESS.has(name)) wordless++;
        if ('itemscope' in attributes) {
          const isRecipe = /schema\.org\/Recipe\b/i.test(attributes['itemtype'] ?? '');
          const properties: Microdata[] | undefined = isRecipe ? [] : undefined;
          if (properties) recipes.push(properties);
          scopes.push({ depth, properties });
        }
        const into = recipe();
        const property = attributes['itemprop'];
        if (into && property !== undefined) {
          const words = attributes['content'] ?? attributes['datetime'];
          if (words !== undefined) into.push({ property, text: words });
          else if (!VOID.has(name)) open.push({ property, depth, text: '' });
        }
        if (BLOCK.has(name)) {
          text += '\n';
          for (const block of open) block.text += '\n';
        }
      },
      ontext(words) {
        if (script !== undefined) script += words;
        if (wordless > 0) return;
        text += words;
        for (const block of open) block.text += words;
      },
      onclosetag(name) {
        if (BLOCK.has(name)) {
          text += '\n';
          for (const block of open) block.text += '\n';
        }
        if (name === 'td' || name === 'th') text += ' ';
        if (script !== undefined && name === 'script') {
          jsonLd.push(script);
          script = undefined;
        }
        if (WORDLESS.has(name)) wordless = Math.max(0, wordless - 1);
        const done = open.at(-1);
        if (done?.depth === depth) {
          open.pop();
          recipe()?.push({ property: done.property, text: tidy(done.text) });
        }
        if (scopes.at(-1)?.depth === depth) scopes.pop();
        depth--;
      },
    },
    { decodeEntities: true, lowerCaseTags: true, lowerCaseAttributeNames: true },
  );
  parser.write(source);
  parser.end();
  return { text: tidy(text), jsonLd, recipes };
}

/** Words of a string that may hold markup, as structured data on pages often does: one block a line. */
export function wordsOfMarkup(value: string): string {
  if (!/[<&]/.test(value)) return tidy(value);
  try {
    return pageWords(value).text;
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return tidy(value.replace(/[<>]/g, ' '));
  }
}
