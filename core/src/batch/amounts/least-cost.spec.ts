import fc from 'fast-check';
import { leastCost, type Option } from './least-cost.js';

/** What a choice costs, by its definition: own costs, and the square of each summed error. */
function costOf(choices: readonly (readonly Option[])[], picked: readonly number[], dimensions: number): number {
  const options = choices.map((line, i) => line[picked[i] ?? 0]);
  let cost = options.reduce((sum, option) => sum + (option?.cost ?? NaN), 0);
  for (let d = 0; d < dimensions; d++)
    cost += options.reduce((sum, option) => sum + (option?.errors[d] ?? NaN), 0) ** 2;
  return cost;
}

/** Every way to pick one option of each line. */
function* everyChoice(choices: readonly (readonly Option[])[]): Generator<readonly number[]> {
  const [line, ...rest] = choices;
  if (!line) {
    yield [];
    return;
  }
  for (const tail of everyChoice(rest)) for (let i = 0; i < line.length; i++) yield [i, ...tail];
}

const DIMENSIONS = 3;
const option: fc.Arbitrary<Option> = fc.record({
  along: fc.double({ min: 0, max: 100, noNaN: true }),
  errors: fc.array(fc.double({ min: -5, max: 5, noNaN: true }), { minLength: DIMENSIONS, maxLength: DIMENSIONS }),
  cost: fc.double({ min: 0, max: 3, noNaN: true }),
});
const lines = fc.array(fc.array(option, { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: 7 });

describe('leastCost', () => {
  it('finds what trying every choice finds', () => {
    fc.assert(
      fc.property(lines, (choices) => {
        const least = Math.min(...[...everyChoice(choices)].map((picked) => costOf(choices, picked, DIMENSIONS)));
        const found = leastCost(choices, DIMENSIONS);
        expect(found.cost).toBeCloseTo(least, 6);
        expect(costOf(choices, found.picked, DIMENSIONS)).toBeCloseTo(found.cost, 6);
      }),
      { numRuns: 150 },
    );
  });
});
