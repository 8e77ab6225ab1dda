import { isBatter, type Formula, type FormulaComponent, type FormulaLine, type KnownBake } from '../formula/index.js';
import { parseVessel } from '../../kitchen/pans/index.js';
import { countedPans, cutOutIn } from './pan-counts.js';
import { withPiecesByMass } from './pieces-by-mass.js';
import { minutesNoted, readBake } from './bake-phrases.js';
import { middle } from './amounts.js';
import type { ReadingContext } from './context.js';
import type { FormulaFacts } from './facts.js';
import { readFact } from './facts.js';
import { areBareGrams, areBarePercents, flourBasisIn, isBareFigure, saysBasis } from './flour-basis.js';
import { problem, type Problem, type ProblemCode, type ProblemFacts } from './problem.js';
import { beginsWithAmount, readLine, withoutThatIs, type Correction, type ReadEntry } from './read-line.js';
import { withPartsOfTheMethod } from './after-the-bake.js';
import { withAmount } from './retype.js';
import { isPartName, withoutStepNumber, type ReadText, type Section } from './sections.js';
import { INLINE_HEADING, withoutBullet } from './segments.js';
import { CALLED_IN, calmed, headingName, isName, MOST_WORDS_OF_A_NAME, nameIn, OF_SO_MANY, OF_WHOM } from './titles.js';
import { CALLED, yieldSaidIn } from './yields.js';

export type FormulaReading =
  | { readonly kind: 'read'; readonly formula: Formula; readonly problems: readonly Problem[] }
  /** Nothing here can be weighed, or it is no formula at all. The text stays with whoever gave it. */
  | { readonly kind: 'refused'; readonly problem: Problem };

export const refuse = <C extends ProblemCode>(code: C, facts: ProblemFacts[C], line = ''): FormulaReading => ({
  kind: 'refused',
  problem: problem(code, 'error', line, facts) as Problem,
});

interface DraftLine extends Correction {
  readonly text: string;
  readonly note?: string;
  readonly entries: readonly ReadEntry[];
}
interface Draft {
  name: string;
  /** Named in the words of a line, in the middle of another. */
  readonly inline?: true;
  readonly lines: DraftLine[];
}

/** Collects what the lines of a text are, in order, into a formula. */
export class Sheet {
  title = '';
  yieldText: string | undefined;
  readonly steps: string[] = [];
  readonly notes: string[] = [];
  private readonly problems: Problem[] = [];
  private readonly components: Draft[] = [];
  private facts: FormulaFacts = {};
  section: Section = 'head';
  /** Whether a heading said what the section is. */
  marked = false;

  constructor(private readonly context: ReadingContext) {}

  get isFirst(): boolean {
    return this.title === '' && this.lineCount === 0 && this.steps.length === 0;
  }
  private get lineCount(): number {
    return this.components.reduce((n, component) => n + component.lines.length, 0);
  }

  private current(): Draft {
    let last = this.components.at(-1);
    if (!last) this.components.push((last = { name: $localize`Batter`, lines: [] }));
    return last;
  }

  enter(section: Section): void {
    this.section = section;
    this.marked = true;
  }

  startComponent(name: string): void {
    this.components.push({ name, lines: [] });
  }

  /** A line of ingredients; Orvin's own "(that is …)" at its end is the baker's word, not part of what was written. */
  addLine(written: string, entries: readonly ReadEntry[], into: Draft = this.current()): void {
    // the mark of a list is none of its words
    into.lines.push({ ...withoutThatIs(withoutBullet(written), this.context), entries });
  }

  addFacts(facts: FormulaFacts): void {
    this.facts = { ...this.facts, ...facts };
  }

  put(line: ReadText): void {
    switch (line.kind) {
      case 'blank':
        return;
      case 'ingredients-mark':
        this.enter('ingredients');
        return;
      case 'method-mark':
        this.enter('method');
        return;
      case 'notes-mark':
        this.enter('notes');
        return;
      case 'yield':
        if (this.yieldText === undefined)
          this.yieldText = line.written.replace(/\s*:$/, '').replace(/^\(([^()]*)\)$/, '$1');
        else this.notes.push(line.written);
        return;
      case 'fact': {
        const fact = readFact(line.bare);
        if (fact) this.addFacts(fact);
        else this.notes.push(line.written);
        return;
      }
      case 'note':
        this.notes.push(line.written.replace(/^\s*>\s*/, ''));
        return;
      case 'heading':
        this.putHeading(line);
        return;
      case 'line':
        this.putLine(line);
        return;
      case 'step':
        if (this.isFirst && (line.headed || (!this.marked && isName(line.bare)))) this.title = line.said;
        else this.steps.push(withoutStepNumber(line.written, this.section === 'method' && this.marked));
        return;
      case 'words':
        this.putWords(line);
        return;
    }
  }

  private putHeading({ bare, said, headed }: ReadText): void {
    // "from Maud, by phone" above "scones" is whose they are
    if (OF_WHOM.test(this.title) && this.lineCount === 0 && this.steps.length === 0 && CALLED.test(bare)) {
      this.notes.push(this.title);
      this.title = said.replace(/ ?:$/, '');
      return;
    }
    // "Scones" on top of everything is what they are called
    const called =
      !bare.endsWith(':') || (CALLED.test(bare.replace(/(?: x ?\d{1,2})? ?:$/i, '')) && bare.includes(' '));
    if (this.isFirst && !this.marked && (headed || (called && !/^(?:for|to|the|dry|wet)\b/i.test(bare)))) {
      this.title = said.replace(/ ?:$/, '');
      return;
    }
    if (this.section === 'method' && this.marked) {
      // "For the icing" inside a method heads steps, not ingredients
      this.steps.push(said);
      return;
    }
    this.section = 'ingredients';
    this.startComponent(headingName(bare));
  }

  private putLine({ bare, said, written, entries }: ReadText): void {
    const known = entries.some((entry) => entry.ingredient && entry.confidence >= 0.85 && entry.unit === undefined);
    const measured = beginsWithAmount(bare, this.context) || entries.some((entry) => entry.unit !== undefined);
    // "Hazelnut, pear and marmalade sponge", "1-bowl chocolate cake (easy)": what a bake is called, whatever food it names
    const called = CALLED.test(bare.replace(/ ?\([^()]*\)$/, '')) && (!measured || OF_SO_MANY.test(bare));
    // "Coffee & walnut" too: nobody begins a list with two things and no amount
    const isTwo = / (?:&|and|\+) /i.test(bare);
    if (this.isFirst && !this.marked && (called || (!measured && (!known || isTwo)))) {
      this.title = said;
      return;
    }
    if (this.section === 'head') this.section = 'ingredients';
    this.addLine(written, entries, this.inlineComponent(bare) ?? this.current());
  }

  /** "To feed: 4 tbsp cider" goes into a component of its own, before the one that the next line goes on with. */
  private inlineComponent(line: string): Draft | undefined {
    const heading = INLINE_HEADING.exec(line)?.[1];
    if (heading === undefined) return undefined;
    const name = headingName(heading);
    const last = this.components.at(-1);
    if (last?.name === name) return last;
    const component: Draft = { name, lines: [], inline: true };
    if (this.components.length === 0) this.components.push(component, { name: $localize`Batter`, lines: [] });
    else this.components.splice(this.components.length - 1, 0, component);
    return component;
  }

  private putWords({ bare, said, written, entries, headed }: ReadText): void {
    if (this.isFirst && !this.marked && (bare.split(/\s+/).length <= 11 || headed)) this.title = said.replace(/:$/, '');
    else if (this.lineCount === 0 && this.steps.length === 0 && !this.marked) {
      // "Chocolate orange muffins - adapted. Mine need 190": called, and talked of
      const called = said.split(/[.,:;(!]| [-–—] /)[0]?.trim() ?? '';
      if (
        this.isFirst &&
        CALLED.test(called.replace(/ (?:for|from|with|in) [a-z' ]{2,30}$/i, '')) &&
        called.split(/\s+/).length <= MOST_WORDS_OF_A_NAME
      )
        this.title = called;
      this.notes.push(written);
    }
    // a greeting below the method
    else if (
      this.steps.length > 0 &&
      this.lineCount > 1 &&
      !/\d/.test(bare) &&
      entries.every(({ ingredient }) => !ingredient)
    )
      this.notes.push(written);
    else {
      this.addLine(written, entries);
      this.problems.push(problem('not-understood', 'warning', written, {}));
    }
  }

  /** "For 5 kg of flour" over a list of shares says how large the batch is: a note, not a line. */
  private withoutBasis(): readonly Draft[] {
    const isShare = ({ unit }: ReadEntry) => unit === 'percent' || unit === 'part';
    const entries = this.components.flatMap(({ lines }) => lines.flatMap((line) => line.entries));
    if (!entries.some(isShare)) return this.components;
    return this.components.map((component) => ({
      ...component,
      lines: component.lines.filter(({ text }) => {
        if (!saysBasis(text)) return true;
        this.notes.push(text);
        return false;
      }),
    }));
  }

  /** "Flour 100, sugar 60": figures that are percent of the flour get their sign. */
  private withPercents(components: readonly Draft[]): readonly Draft[] {
    if (!areBarePercents(components.flatMap(({ lines }) => lines.map(({ entries }) => entries)))) return components;
    return this.withSign(components, '%', () => true);
  }

  /** "Flour 390, soda 5": figures that are grams get their sign. */
  private withGrams(components: readonly Draft[]): readonly Draft[] {
    const entries = components.flatMap(({ lines }) => lines.flatMap((line) => line.entries));
    if (!areBareGrams(entries)) return components;
    return this.withSign(components, ' g', isBareFigure);
  }

  /** Bare figures with the sign of what they are; a line of several things keeps its words. */
  private withSign(components: readonly Draft[], sign: string, has: (entry: ReadEntry) => boolean): readonly Draft[] {
    return components.map((component) => ({
      ...component,
      lines: component.lines.map((line) => {
        const [entry, more] = line.entries;
        if (!entry?.quantity || more || !has(entry)) return line;
        const amount = `${middle(entry.quantity)}${sign}`;
        const text = withAmount(line.text, amount, this.context).replace(`${amount}(`, `${amount} (`);
        return { ...line, text, entries: readLine(text, this.context) };
      }),
    }));
  }

  /** "Oat & raisin:" above the only list is what the formula is called; "Topping:" is a part all the same. */
  private callByItsOnlyPart(): void {
    const [first, more] = this.components.filter(({ lines }) => lines.length > 0);
    if (this.title !== '' || !first || first.name === $localize`Batter` || isPartName(first.name)) return;
    // "Courgette & lime cake with pistachios:" is what all is called, though an icing follows
    if (more && !CALLED_IN.test(first.name)) return;
    this.title = first.name;
    first.name = $localize`Batter`;
  }

  /** The formula, or why it is none. @param firstWritten the line to point at when nothing in the text is a formula */
  finish(firstWritten: string): FormulaReading {
    this.callByItsOnlyPart();
    const kept = besideBehind(
      this.withGrams(this.withPercents(this.withoutBasis().filter((component) => component.lines.length > 0))),
    );
    const everyEntry = kept.flatMap((component) => component.lines.flatMap((line) => line.entries));
    if (!everyEntry.some((entry) => entry.ingredient)) return refuse('nothing-to-weigh', {}, firstWritten);
    if (!everyEntry.some((entry) => entry.unit !== undefined))
      return refuse('no-amounts', { things: everyEntry.length }, everyEntry[0]?.text ?? '');
    const headings = kept.map(({ name }) => name);
    const knownBake = {
      ...minutesNoted(this.notes),
      ...readBake(headings.filter((name) => name.includes(' cm '))),
      ...readBake([...this.steps, ...(this.yieldText ? [this.yieldText] : []), this.title]),
    };
    const equipment = this.notes
      .filter((note) => /^(?:equipment|tins?|pans?)\s*:|\bfor an? [^:]{0,30}(?:tin|pan):$/i.test(note))
      // "tin: 900 g / 2 lb, lined"
      .map((note) => note.replace(/^(tin|pan)s? ?: ?(?=\S)([^\n]+)$/i, '$2 $1'));
    // "Lemon cake (loaf tin 30 cm)": a size in the title is that of this cake
    const called = /\d/.test(this.title) ? readBake([this.title]).pan : undefined;
    const pan = called ?? knownBake.pan ?? readBake(equipment).pan;
    const named: KnownBake = { ...knownBake, ...(pan !== undefined && { pan }) };
    const { region, styleId } = this.facts;
    const makes = this.yieldText === undefined ? yieldSaidIn(this.steps) : calmed(this.yieldText);
    const batterGrams = gramsIn(kept);
    const count = makes ?? cutOutIn(this.steps);
    const written = withPiecesByMass(named, this.steps, makes, batterGrams);
    const bake = countedPans({ ...written, ...this.facts.bake }, count, batterGrams);
    const parts = kept.map(({ name }) => `for ${name}`);
    const beside = [this.title, this.yieldText ?? '', ...this.notes, ...parts, ...this.steps];
    const flourBasisGrams = this.facts.flourBasisGrams ?? flourBasisIn(beside, everyEntry, this.context);
    const formula: Formula = {
      title: calmed(nameIn(this.title)),
      region: region ?? this.context.region,
      ...(styleId !== undefined && { styleId }),
      ...(makes !== undefined && { yield: makes }),
      components: numbered(kept),
      steps: this.steps.map((step, i) => ({ id: `s${i + 1}`, text: step })),
      ...(this.notes.length > 0 && { notes: this.notes }),
      bake: this.facts.bake ?? countedPans(written, count, batterGrams),
      ...(flourBasisGrams !== undefined && { flourBasisGrams }),
    };
    const problems = [...this.problems, ...everyEntry.flatMap((entry) => entry.problems), ...panProblems(bake)];
    // what Orvin wrote itself says its parts
    const isWritten = Object.keys(this.facts).length > 0;
    const whole = isWritten ? formula : withPartsOfTheMethod(formula, this.context.kitchen);
    return { kind: 'read', formula: whole, problems: withoutDoubles(problems) };
  }
}

/** What a line in the middle of the dough says goes on it stands behind the dough. */
function besideBehind(components: readonly Draft[]): readonly Draft[] {
  const isBeside = ({ inline, name }: Draft) => inline === true && !isBatter(name);
  return [...components.filter((each) => !isBeside(each)), ...components.filter(isBeside)];
}

function numbered(components: readonly Draft[]): readonly FormulaComponent[] {
  let number = 0;
  return components.map((component, c) => ({
    id: `c${c + 1}`,
    name: component.name,
    lines: component.lines.map(({ text, ingredientId, grams, note }): FormulaLine => ({
      id: `l${++number}`,
      text,
      ...(ingredientId !== undefined && { ingredientId }),
      ...(grams !== undefined && { grams }),
      ...(note !== undefined && { note }),
    })),
  }));
}

/** Grams that go into the tin. */
const gramsIn = (components: readonly Draft[]): number =>
  components
    .filter(({ name }) => isBatter(name))
    .flatMap(({ lines }) => lines.flatMap(({ entries }) => entries))
    .reduce((sum, { weight, optional }) => sum + (optional ? 0 : (weight?.grams ?? 0)), 0);

function panProblems(bake: KnownBake): readonly Problem[] {
  if (bake.pan === undefined) return [];
  const parsed = parseVessel(bake.pan);
  if (parsed.kind === 'size-missing')
    return [problem('pan-without-size', 'warning', bake.pan, { shape: parsed.shape })];
  return parsed.kind === 'unknown' ? [problem('pan-not-built', 'note', bake.pan, {})] : [];
}

function withoutDoubles(problems: readonly Problem[]): readonly Problem[] {
  const seen = new Set<string>();
  return problems.filter((problem) => {
    const key = `${problem.code}\n${problem.line}\n${JSON.stringify(problem.facts)}`;
    if (
      problem.code === 'not-understood' &&
      problems.some((other) => other.line === problem.line && other.code === 'ingredient-unknown')
    )
      return false;
    return !seen.has(key) && seen.add(key);
  });
}
