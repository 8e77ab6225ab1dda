// Who may know whom: the table of docs/architecture.md, as rules that fail the build.
/** What reading a formula takes; and what judging and adapting it takes besides. */
const READS = [
  'numerics',
  'units',
  'ingredients',
  'kitchen',
  'formula',
  'leavening',
  'balance',
  'pans',
  'baking',
  'parsing',
];
const ADAPTS = [...READS, 'audit', 'rising', 'schools', 'forces', 'nutrition', 'rebalance', 'swaps', 'judging'];
const CORE_MAY_IMPORT = {
  numerics: [],
  units: ['numerics'],
  ingredients: ['numerics', 'units'],
  'own-ingredients': ['numerics', 'units', 'ingredients'],
  formula: ['numerics', 'units', 'ingredients'],
  leavening: ['numerics', 'units', 'ingredients', 'formula'],
  rising: ['numerics', 'units', 'ingredients', 'formula', 'leavening'],
  batch: ['numerics', 'units', 'ingredients', 'formula', 'leavening', 'pans'],
  schools: ['numerics', 'units', 'ingredients', 'formula', 'leavening'],
  quadratic: [],
  balance: ['numerics', 'units', 'ingredients', 'formula'],
  forces: ['numerics', 'units', 'ingredients', 'formula', 'balance'],
  nutrition: ['numerics', 'units', 'ingredients', 'formula'],
  rebalance: ['numerics', 'quadratic', 'units', 'ingredients', 'formula', 'leavening', 'schools', 'balance'],
  swaps: ['numerics', 'quadratic', 'units', 'ingredients', 'formula', 'leavening', 'schools', 'balance', 'rebalance'],
  kitchen: ['numerics', 'units', 'ingredients', 'formula', 'balance', 'pans'],
  pans: ['numerics', 'units'],
  lining: ['numerics', 'units', 'pans'],
  baking: ['numerics', 'units', 'ingredients', 'formula', 'pans'],
  'oven-choices': ['numerics', 'units', 'ingredients', 'formula', 'pans', 'baking', 'wording', ...READS, 'audit'],
  parsing: ['numerics', 'units', 'ingredients', 'kitchen', 'formula', 'pans'],
  audit: [...READS],
  judging: [...READS, 'rising', 'forces', 'nutrition', 'audit'],
  adapt: [...ADAPTS],
  starting: [...ADAPTS, 'adapt'],
  portioning: [...ADAPTS, 'adapt', 'batch', 'lining'],
  'batch-sheet': [...ADAPTS, 'adapt', 'batch', 'lining', 'portioning', 'wording'],
  printing: [...ADAPTS, 'adapt', 'batch', 'lining', 'portioning', 'batch-sheet', 'wording'],
  sandbox: [...ADAPTS],
  versions: [...ADAPTS],
  formats: [...ADAPTS, 'adapt', 'batch', 'lining', 'portioning'],
  wording: [...READS, 'own-ingredients', 'audit'],
  explaining: [...ADAPTS, 'wording'],
  samples: ['numerics', 'units', 'ingredients', 'formula', 'pans', 'baking'],
  cli: [
    ...READS,
    'schools',
    'nutrition',
    'audit',
    'judging',
    'rebalance',
    'swaps',
    'adapt',
    'batch',
    'lining',
    'portioning',
    'batch-sheet',
    'printing',
    'starting',
    'formats',
    'wording',
    'explaining',
    'oven-choices',
  ],
};
const CORE_FOLDERS = Object.keys(CORE_MAY_IMPORT);
const CORE_PACKAGES =
  'node_modules/(joi|fastest-levenshtein|htmlparser2|marked|papaparse|@types/papaparse|quadprog|jspdf|jspdf-autotable)/';
const SPEC = '\\.spec\\.ts$';
const STATIONS = ['shelf', 'bench', 'batch', 'oven', 'pantry'];

const topicRules = CORE_FOLDERS.map((folder) => ({
  name: `core-${folder}-looks-left`,
  severity: 'error',
  comment: `core/${folder} may use ${CORE_MAY_IMPORT[folder].join(', ') || 'nothing but itself'}`,
  from: { path: `^core/src/${folder}/`, pathNot: SPEC },
  to: {
    path: '^core/src/[^/]+/',
    pathNot: `^core/src/(${[folder, ...CORE_MAY_IMPORT[folder]].join('|')})/`,
  },
}));

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'core uses only itself and the packages listed here: no DOM, no Node, no Angular',
      from: { path: '^core/src/', pathNot: SPEC },
      to: { pathNot: `^core/src/|${CORE_PACKAGES}` },
    },
    {
      name: 'core-folder-is-in-the-table',
      severity: 'error',
      comment: 'a new folder of core needs its row in CORE_MAY_IMPORT',
      from: { path: '^core/src/[^/]+/', pathNot: `^core/src/(${CORE_FOLDERS.join('|')})/` },
      to: {},
    },
    ...topicRules,
    {
      name: 'core-topic-by-its-front-door',
      severity: 'error',
      comment: 'a topic is used through its index.ts',
      from: { path: '^core/src/([^/]+)/', pathNot: SPEC },
      to: { path: '^core/src/[^/]+/', pathNot: '^core/src/$1/|/index\\.ts$' },
    },
    {
      name: 'core-by-its-front-door',
      severity: 'error',
      from: { path: '^(app|server|e2e)/' },
      to: { path: '^core/src/[^/]+/', pathNot: '/index\\.ts$' },
    },
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'stations-are-islands',
      severity: 'error',
      comment: 'stations link by route and share through store, work, parts and core',
      from: { path: `^app/src/app/(${STATIONS.join('|')})/` },
      to: { path: `^app/src/app/(${STATIONS.join('|')})/`, pathNot: '^app/src/app/$1/' },
    },
    {
      name: 'ground-knows-no-station',
      severity: 'error',
      from: { path: '^app/src/app/(store|work|parts|frame)/' },
      to: { path: `^app/src/app/(${STATIONS.join('|')})/` },
    },
    {
      name: 'store-and-work-know-no-screen',
      severity: 'error',
      from: { path: '^app/src/app/(store|work)/' },
      to: { path: '^app/src/app/(parts|frame)/|node_modules/primeng/' },
    },
    {
      name: 'only-the-store-knows-dexie',
      severity: 'error',
      from: { path: '^app/src/', pathNot: '^app/src/app/store/' },
      to: { path: 'node_modules/dexie/' },
    },
    {
      name: 'server-not-app',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^app/|node_modules/(dexie|@angular|primeng)/' },
    },
    { name: 'app-not-server', severity: 'error', from: { path: '^app/' }, to: { path: '^server/|^e2e/' } },
    {
      name: 'e2e-from-outside',
      severity: 'error',
      from: { path: '^e2e/' },
      to: { path: '^(app|server)/|^core/src/(?!samples/)' },
    },
    { name: 'spec-not-shipped', severity: 'error', from: { pathNot: SPEC }, to: { path: SPEC } },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types', 'node', 'default'] },
  },
};
