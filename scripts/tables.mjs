// Turns the CSV tables of core/tables (the source, edited by hand) into the TypeScript modules that core ships.
// `node scripts/tables.mjs` writes them; `node scripts/tables.mjs --check` fails when one is out of date.
import { readFileSync, writeFileSync, existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import Papa from 'papaparse';

const root = fileURLToPath(new URL('..', import.meta.url));

/**
 * What a table is made from: columns that nothing computes with are dropped, rarely wanted ones make a table of their own (`keep`). One
 * that says more of the ingredients has their order for its ids (`besideIngredients`): the ids are a third of what it would weigh.
 */
const TABLES = [
  {
    from: 'ingredients',
    to: 'kitchen/ingredients/ingredients.table.ts',
    name: 'INGREDIENTS_TABLE',
    drop: ['acid_note', 'energy_kcal', 'caution', 'other_g', 'ash_g', 'gluten'],
  },
  {
    from: 'ingredients',
    to: 'kitchen/own-ingredients/ingredient-details.table.ts',
    name: 'INGREDIENT_DETAILS_TABLE',
    besideIngredients: true,
    keep: ['id', 'ash_g', 'other_g', 'energy_kcal', 'acid_note', 'caution'],
  },
  {
    from: 'materials',
    to: 'kitchen/pans/materials.table.ts',
    name: 'MATERIALS_TABLE',
    keep: ['id', 'safe_max_c', 'caution'],
  },
  {
    from: 'ambiguous-terms',
    to: 'kitchen/ingredients/ambiguous-terms.table.ts',
    name: 'AMBIGUOUS_TERMS_TABLE',
    drop: [],
  },
  { from: 'eggs', to: 'kitchen/ingredients/eggs.table.ts', name: 'EGGS_TABLE', drop: ['note'] },
  { from: 'measures', to: 'ground/units/measures.table.ts', name: 'MEASURES_TABLE', drop: ['note'] },
  {
    from: 'pans',
    to: 'kitchen/pans/pans.table.ts',
    name: 'PANS_TABLE',
    drop: ['quoted_cups', 'geometry_vs_quoted_pct', 'typical_batter_g', 'brim_ml', 'brim_ml_each', 'batter_density'],
  },
  {
    from: 'shop',
    to: 'day/shopping/shop.table.ts',
    name: 'SHOP_TABLE',
    besideIngredients: true,
    keep: [
      'id',
      'aisle',
      'pack_us',
      'pack_uk',
      'pack_eu',
      'pack_au',
      'label_unit',
      'piece_g',
      'buy_early_days',
      'waste_share',
      'made_from',
    ],
  },
  { from: 'aisles', to: 'day/shopping/aisles.table.ts', name: 'AISLES_TABLE', keep: ['order', 'aisle'] },
  {
    from: 'german/names',
    to: 'formula/german/german-names.table.ts',
    name: 'GERMAN_NAMES_TABLE',
    besideIngredients: true,
    drop: ['gender'],
  },
  { from: 'style_bands', to: 'batter/balance/style-bands.table.ts', name: 'STYLE_BANDS_TABLE', drop: [] },
  {
    from: 'safety',
    to: 'kitchen/safety/safety.table.ts',
    name: 'SAFETY_TABLE',
    besideIngredients: true,
    drop: ['caffeine_mg_100g'],
  },
  { from: 'keeping', to: 'keep/keeping/keeping.table.ts', name: 'KEEPING_TABLE' },
  { from: 'allergens', to: 'keep/labelling/allergens.table.ts', name: 'ALLERGENS_TABLE', drop: ['note'] },
  {
    from: 'reference/allergen_decisions',
    to: 'doors/samples/allergen-decisions.table.ts',
    name: 'ALLERGEN_DECISIONS_TABLE',
    drop: ['why'],
  },
  { from: 'book/causes', to: 'book/diagnosing/causes.table.ts', name: 'CAUSES_TABLE' },
  { from: 'book/faults', to: 'book/diagnosing/faults.table.ts', name: 'FAULTS_TABLE' },
  { from: 'book/links', to: 'book/diagnosing/links.table.ts', name: 'LINKS_TABLE' },
  { from: 'book/evidence', to: 'book/diagnosing/evidence.table.ts', name: 'EVIDENCE_TABLE' },
  { from: 'book/swap-odds', to: 'book/diagnosing/swap-odds.table.ts', name: 'SWAP_ODDS_TABLE' },
  { from: 'book/tests', to: 'book/diagnosing/tests.table.ts', name: 'TESTS_TABLE' },
  {
    from: 'reference/worked_formulas',
    to: 'doors/samples/worked-formulas.table.ts',
    name: 'WORKED_FORMULAS_TABLE',
    drop: [],
  },
  { from: 'reference/bakes', to: 'doors/samples/reference-bakes.table.ts', name: 'REFERENCE_BAKES_TABLE', drop: [] },
  {
    from: 'reference/further_bakes',
    to: 'doors/samples/further-bakes.table.ts',
    name: 'FURTHER_BAKES_TABLE',
    drop: [],
  },
  { from: 'reference/heat_folds', to: 'doors/samples/heat-folds.table.ts', name: 'HEAT_FOLDS_TABLE', drop: [] },
  {
    from: 'reference/conversions',
    to: 'doors/samples/reference-conversions.table.ts',
    name: 'REFERENCE_CONVERSIONS_TABLE',
    keep: ['family', 'from_id', 'known_minutes', 'to_id', 'expected_low', 'expected_high'],
  },
];

function rowsOf(from) {
  const { data, errors } = Papa.parse(readFileSync(`${root}core/tables/${from}.csv`, 'utf8').trim());
  if (errors.length) throw new Error(`${from}.csv: ${errors[0].message} in row ${errors[0].row}`);
  return data;
}

/** Rows in the order of the ingredients, an empty one where nothing is said of one. */
function inTheirOrder(from, [head, ...rows]) {
  const byId = new Map(rows.map((row) => [row[0], row]));
  const ordered = rowsOf('ingredients')
    .slice(1)
    .map(([id]) => {
      const row = byId.get(id);
      byId.delete(id);
      return row ?? head.map(() => '');
    });
  if (byId.size > 0) throw new Error(`${from}.csv: no ingredient is called ${[...byId.keys()].join(', ')}`);
  return [head, ...ordered];
}

let stale = 0;
for (const { from, to, name, drop = [], keep: wanted, besideIngredients = false } of TABLES) {
  const data = besideIngredients ? inTheirOrder(from, rowsOf(from)) : rowsOf(from);
  const keep = data[0]
    .map((column, i) => ((wanted ? wanted.includes(column) : !drop.includes(column)) ? i : -1))
    .filter((i) => i >= 0 && !(besideIngredients && data[0][i] === 'id'));
  const lines = data.map((row) =>
    keep
      .map((i) => row[i].replaceAll(/[\t\n\r]/g, ' ').trim())
      .join('\t')
      .trimEnd(),
  );
  const text = lines.join('\n').replaceAll('\\', '\\\\').replaceAll('`', '\\`').replaceAll('${', '\\${');
  const module = `// Made from core/tables/${from}.csv by scripts/tables.mjs: change the CSV and run \`npm run tables\`.\nexport const ${name} = \`${text}\`;\n`;
  const file = `${root}core/src/${to}`;
  if (existsSync(file) && readFileSync(file, 'utf8') === module) continue;
  stale++;
  if (process.argv.includes('--check')) console.error(`core/src/${to} is out of date: run npm run tables`);
  else writeFileSync(file, module);
}
if (process.argv.includes('--check') && stale) process.exit(1);
console.log(process.argv.includes('--check') ? 'Tables agree with their CSV.' : `${stale} tables written.`);
