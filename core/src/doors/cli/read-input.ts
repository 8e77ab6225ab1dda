import { auditFormula, type Audit } from '../../bench/audit/index.js';
import { findingsIn, type Finding } from '../../bench/findings/index.js';
import { lineOf, type Formula } from '../../formula/formula/index.js';
import { readFile, type ReadItem } from '../../papers/formats/index.js';
import { ingredientName } from '../../kitchen/ingredients/index.js';
import { PLAIN_KITCHEN, type Kitchen } from '../../kitchen/kitchen/index.js';
import { pantryOf } from '../../kitchen/equipment/index.js';
import type { BatchSettings } from '../../batch/plan/index.js';
import type { OvenSettings } from '../../oven/settings/index.js';
import type { Problem, Severity, Surroundings } from '../../formula/parsing/index.js';
import { findingInWords, fixInWords } from '../../words/finding-words/index.js';
import { problemInWords } from '../../words/wording/index.js';
import { inOneLine } from '../../words/figures/index.js';
import type { Options } from './options.js';
import { refused, type Outcome } from './outcome.js';

/** A formula that a command works on. */
export interface ReadInput {
  readonly formula: Formula;
  readonly audit: Audit;
  readonly findings: readonly Finding[];
  readonly around: Surroundings;
  /** What was found while reading and what does not add up, each once. */
  readonly problems: readonly ProblemSaid[];
  /** What was set for its oven and its batch, where Orvin's own file says so. */
  readonly oven?: OvenSettings;
  readonly batch?: BatchSettings;
}

/** A problem or a finding with the words for it. */
export interface ProblemSaid {
  readonly code: string;
  readonly severity: Severity;
  readonly line: string;
  readonly message: string;
}

/** The kitchen of a command: a plain one, with the way of filling that was asked for. */
export const kitchenOf = ({ filled }: Options): Kitchen =>
  filled === undefined ? PLAIN_KITCHEN : { ...PLAIN_KITCHEN, filling: filled };

/** Reads a file for a command: the first formula and any others. What is none is refused with its reason and the line it stands on. */
export function readInputs(
  text: string,
  options: Options,
  name: string,
): { readonly inputs: readonly [ReadInput, ...ReadInput[]] } | { readonly refusal: Outcome } {
  const kitchen = kitchenOf(options);
  const reading = readFile(name, text, options.region, kitchen);
  const read = reading.items.filter((item): item is Extract<ReadItem, { kind: 'read' }> => item.kind === 'read');
  const byId = new Map(read.flatMap(({ id, formula }) => (id === undefined ? [] : [[id, formula] as const])));
  const around: Surroundings = { kitchen: reading.kitchen ?? kitchen, formula: (id) => byId.get(id) };
  const [first, ...more] = read.map((item) => auditedInput(item, options, around));
  if (first) return { inputs: [first, ...more] };
  const problem = reading.items.find((item) => item.kind === 'refused')?.problem;
  return { refusal: problem ? refusedFor(problem, text) : refused('there is nothing in it to read') };
}

function refusedFor(problem: Problem, text: string): Outcome {
  const at = problem.line === '' ? -1 : text.split(/\r\n|\r|\n/).findIndex((line) => line.includes(problem.line));
  const place = at < 0 ? '' : `line ${at + 1} (“${problem.line.slice(0, 60)}”): `;
  return refused(place + inOneLine(problemInWords(problem)));
}

function auditedInput(
  item: Extract<ReadItem, { kind: 'read' }>,
  { style, region, regionIsFinal }: Options,
  around: Surroundings,
): ReadInput {
  const formula: Formula = {
    ...item.formula,
    ...(style !== undefined && { styleId: style }),
    ...(regionIsFinal && { region }),
  };
  const audit = auditFormula(formula, around);
  const { findings } = findingsIn(formula, around, audit);
  const answers = [
    ...item.problems.map((problem) => ({ problem, message: inOneLine(problemInWords(problem)) })),
    ...findings.map((finding) => ({
      problem: { ...finding, line: placeInWords(finding, formula) },
      message: inOneLine(findingInWords(finding)),
    })),
  ];
  const seen = new Set<string>();
  const problems = answers
    .map(({ problem: { code, severity, line }, message }) => ({ code, severity, line, message }))
    .filter(({ code, line, message }) => {
      // the reader says a whole line, the audit the same about its place
      const key = `${code}\n${message}\n${lineOf(formula, line)?.text ?? line}`;
      return !seen.has(key) && seen.add(key);
    });
  const { oven, batch } = item;
  return { formula, audit, findings, around, problems, ...(oven && { oven }), ...(batch && { batch }) };
}

/** Reads one formula: the first of several. */
export function readInput(text: string, options: Options, name: string): ReadInput | { readonly refusal: Outcome } {
  const read = readInputs(text, options, name);
  return 'refusal' in read ? read : read.inputs[0];
}

/** The words of the line or step that a finding stands on; '' for the whole. */
const placeInWords = ({ place }: Finding, formula: Formula): string =>
  place === '' ? '' : (lineOf(formula, place)?.text ?? formula.steps.find(({ id }) => id === place)?.text ?? '');

/** Findings as JSON: the code, the words of its place, what was found and the click that puts it right. */
export const findingsAsJson = (
  { findings, formula, around }: ReadInput,
  more: readonly Finding[] = [],
): readonly object[] =>
  [...findings, ...more].map((finding) => ({
    code: finding.code,
    severity: finding.severity,
    place: placeInWords(finding, formula),
    message: inOneLine(findingInWords(finding)),
    fix:
      finding.fix === undefined
        ? null
        : fixInWords(finding.fix, (id) => {
            const ingredient = pantryOf(around.kitchen).byId(id);
            return ingredient ? ingredientName(ingredient, formula.region) : id;
          }),
  }));
