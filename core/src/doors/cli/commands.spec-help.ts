import { runCommand, type Outcome } from './index.js';

/* For the specs of the commands: files that need no disk, and what a command answers. */

export const PEAR = `Pear loaf
1 3/4 cups all-purpose flour
1/2 tsp baking soda
2 large eggs
3 ripe pears, puréed (about 240 g)
a pinch of salt
1/2 cup sugar
6 tbsp oil
Bake at 350F in a 9x5 loaf pan for 55 to 60 minutes`;
const FILES: Readonly<Record<string, string>> = {
  'pear.txt': PEAR,
  '-': PEAR,
  'list.txt': 'Regatta\nmilk\neggs',
  'page.html': '<html><script>1</script></html>',
};
export type Given = Parameters<typeof runCommand>[1];
export const run = (words: string[], options: Given = {}) => runCommand(words, options, (file) => FILES[file]);
export const code = (words: string[], options: Given = {}) => run(words, options).code;
export const message = (words: string[], options: Given = {}) => {
  const outcome = run(words, options);
  return 'message' in outcome ? outcome.message : '';
};

// the shape is what the specs look at
export const json = (outcome: Outcome) => {
  if (!('json' in outcome)) throw new Error('message' in outcome ? outcome.message : 'no JSON');
  return JSON.parse(JSON.stringify(outcome.json)) as Record<string, never>;
};

const MUFFINS = `Regatta muffins
makes 12
260 g plain flour
200 g caster sugar
1 tsp bicarbonate of soda
220 ml buttermilk
2 medium eggs
90 g butter, melted
1/2 tsp fine salt`;
const ADAPTED: Readonly<Record<string, string>> = {
  'brushed.txt': `Quay buns
250 g plain flour
2 tsp baking powder
40 g caster sugar
60 g butter
1 egg
100 ml water
1/4 tsp salt
2 tbsp milk, to brush`,
  'starter.txt': `Starter loaf
200 g plain flour
120 g sourdough starter, discard
150 g sugar
2 eggs
90 g oil
100 g milk
1 tsp baking powder
1/4 tsp bicarbonate of soda
1/4 tsp salt`,
};
export const adapt = (words: string[], options: Record<string, string> = {}) =>
  runCommand(words, { region: 'UK', ...options }, (file) => ADAPTED[file] ?? MUFFINS);
export interface Amounts {
  readonly ingredient: string;
  readonly grams: number;
}
export const gramsIn = (lines: readonly Amounts[], id: string) =>
  lines.find(({ ingredient }) => ingredient === id)?.grams;
