/**
 * Formulas as they come out of messages, cards and pages, from terse to chatty: what the journeys of the end-to-end tests paste. Our own
 * inventions. `lines` counts the written lines that hold ingredients, `unknown` those with one that no table has.
 */
export interface PastedFormula {
  readonly hand: string;
  readonly title: string;
  readonly text: string;
  readonly lines: number;
  readonly unknown: number;
  /** Pan to bake it in instead, and the minutes in which a person would expect it there: wide enough for any good baker. */
  readonly otherPan: string;
  readonly expectedMinutes: readonly [number, number];
}

export const PASTED_FORMULAS: readonly PastedFormula[] = [
  {
    hand: 'plain American card',
    title: 'Boathouse pear loaf',
    text: `Boathouse pear loaf

1 3/4 cups all-purpose flour
1/2 tsp baking soda
1 tsp baking powder
3/4 cup sugar
2 large eggs
6 tbsp vegetable oil
3 ripe pears, puréed (about 240 g)
a pinch of salt

Bake at 350F in a 9x5 loaf pan for 55 to 60 minutes.`,
    lines: 8,
    unknown: 0,
    otherPan: '12-cup muffin tin',
    expectedMinutes: [15, 32],
  },
  {
    hand: 'chatty message',
    title: '',
    text: `Found this in the drawer of the boathouse kitchen, no idea whose it is! It always goes first at the tea tent.

You'll want 2 cups all-purpose flour (spooned, please), 2 tsp baking powder and 1/4 tsp baking soda. A pinch of salt.
2 large eggs + 3/4 cup sugar
1 cup plain yogurt
half a stick of butter, melted
zest of 1 lemon

Mix it as little as you can. Bake at 350F in a 9x5 loaf pan, about 50 minutes, but I always look early because our oven runs hot.`,
    lines: 9,
    unknown: 0,
    otherPan: '20 cm square tin',
    expectedMinutes: [25, 50],
  },
  {
    hand: 'terse British note',
    title: 'plum traybake',
    text: `plum traybake
225g SR flour, 175g caster, 175g soft butter, 3 large eggs, 2 tbsp milk, 6 plums
180C/fan 160, 35 min, 20cm sq tin`,
    lines: 6,
    unknown: 0,
    otherPan: '30x20x4 cm rectangle',
    expectedMinutes: [18, 36],
  },
  {
    hand: 'British list with amounts behind',
    title: 'Harbour apple and oat muffins',
    text: `Harbour apple and oat muffins (makes 12)

Plain flour 200g
Porridge oats 75g
Baking powder 2 tsp
Bicarb ½ tsp
Cinnamon 1 tsp
Light muscovado 110g
Eggs 2 medium
Sunflower oil 90ml
Natural yogurt 150ml
Eating apple 1, peeled and grated
Salt, a pinch

Heat the oven to 200C (180C fan). Mix wet into dry, spoon into a 12-hole muffin tin. Bake for 18-20 minutes.`,
    lines: 11,
    unknown: 0,
    otherPan: '2 lb loaf tin',
    expectedMinutes: [34, 75],
  },
  {
    hand: 'headings and bullets',
    title: 'Slipway chocolate cake',
    text: `# Slipway chocolate cake

## Dry
* 1 1/2 cups plain flour
* 1/2 cup + 1 tbsp natural cocoa
* 1 tsp bicarbonate of soda
* 1/4 tsp fine sea salt

## Wet
* 1 1/4 cups caster sugar
* 1/2 cup rapeseed oil
* 2 large eggs
* 1 cup buttermilk
* 1 tbsp vinegar

## For the icing
* 150 g dark chocolate
* 100 ml double cream

## Method
1. Preheat the oven to 175°C (155°C fan) and line a 23 cm springform.
2. Whisk the wet, sift in the dry, stop when smooth.
3. Bake for about 40-45 minutes. Leave to cool for an hour before icing.`,
    lines: 11,
    unknown: 0,
    otherPan: '8 in round x 2',
    expectedMinutes: [22, 45],
  },
  {
    hand: 'bulletin board, with a word nobody knows',
    title: 'Lock-keeper’s soda bread',
    text: `LOCK-KEEPER’S SODA BREAD
1 lb plain flour
1 level tsp bread soda
1 tsp salt
14 fl oz buttermilk
2 tbsp zorblax seeds
Bake 45 minutes in a 20 cm round tin, 425 F.`,
    lines: 5,
    unknown: 1,
    otherPan: '2 lb loaf tin',
    expectedMinutes: [30, 65],
  },
];
