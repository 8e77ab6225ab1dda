/** One amount for a line: what it adds to each weighed error, and what it costs by itself. */
export interface Option {
  /** Grams: options of a line lie along it. */
  readonly along: number;
  readonly errors: readonly number[];
  readonly cost: number;
}

export const TOLERANCE = 1e-9;

/**
 * The options of every line as flat rows of figures, with the errors of the choice at hand: the search looks at millions of them, and
 * makes no objects.
 */
export class ChoiceBook {
  /** Errors of the choice at hand, one for each dimension. */
  readonly errors: Float64Array;

  constructor(
    /** Own cost of each option, line by line. */
    readonly own: readonly Float64Array[],
    /** What each option adds to the errors: a row of all dimensions for each option, one behind the other. */
    readonly adds: readonly Float64Array[],
    readonly dimensions: number,
  ) {
    this.errors = new Float64Array(dimensions);
  }

  static of(lines: readonly (readonly Option[])[], dimensions: number): ChoiceBook {
    return new ChoiceBook(
      lines.map((options) => Float64Array.from(options.map(({ cost }) => cost))),
      lines.map((options) => Float64Array.from(options.flatMap(({ errors }) => [...errors]))),
      dimensions,
    );
  }

  /** Lines. */
  get count(): number {
    return this.own.length;
  }
  ownOf(line: number): Float64Array {
    return this.own[line] ?? this.errors;
  }
  addsOf(line: number): Float64Array {
    return this.adds[line] ?? this.errors;
  }

  /** Puts an option's errors onto those at hand, or takes them off. */
  move(line: number, option: number, sign: 1 | -1): void {
    const { errors, dimensions } = this;
    const rows = this.addsOf(line);
    for (let d = 0; d < dimensions; d++) errors[d] = (errors[d] ?? 0) + sign * (rows[option * dimensions + d] ?? 0);
  }

  squareOfErrors(): number {
    const { errors } = this;
    let sum = 0;
    for (let d = 0; d < this.dimensions; d++) sum += (errors[d] ?? 0) ** 2;
    return sum;
  }

  /** Own cost of an option and the square of the errors as they would be with it. */
  costWith(line: number, option: number): number {
    const { errors, dimensions } = this;
    const rows = this.addsOf(line);
    let cost = this.ownOf(line)[option] ?? 0;
    for (let d = 0; d < dimensions; d++) cost += ((errors[d] ?? 0) + (rows[option * dimensions + d] ?? 0)) ** 2;
    return cost;
  }

  /** A book with only some of the options of each line. */
  keeping(places: readonly (readonly number[])[]): ChoiceBook {
    const { dimensions } = this;
    return new ChoiceBook(
      this.own.map((costs, line) => Float64Array.from(places[line] ?? [], (option) => costs[option] ?? 0)),
      this.adds.map((rows, line) =>
        Float64Array.from(
          (places[line] ?? []).flatMap((option) => [...rows.subarray(option * dimensions, (option + 1) * dimensions)]),
        ),
      ),
      dimensions,
    );
  }
}
