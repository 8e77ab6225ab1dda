// Who may know whom: the table of docs/architecture.md, as rules that fail the build.
/** The floors of the core, from the ground up: a floor uses itself and those before it. */
const FLOORS = [
  'ground',
  'kitchen',
  'formula',
  'batter',
  'oven',
  'bench',
  'batch',
  'day',
  'along',
  'book',
  'keep',
  'words',
  'papers',
  'doors',
];
const CORE_PACKAGES =
  'node_modules/(joi|luxon|@types/luxon|ical-generator|fastest-levenshtein|htmlparser2|marked|papaparse|@types/papaparse|quadprog|jspdf|jspdf-autotable)/';
const SPEC = '\\.spec(-help)?\\.ts$';
const STATIONS = ['shelf', 'bench', 'batch', 'oven', 'day', 'bake', 'book', 'pantry'];

const floorRules = FLOORS.map((floor, i) => ({
  name: `core-${floor}-stands-on-what-is-below`,
  severity: 'error',
  from: { path: `^core/src/${floor}/`, pathNot: SPEC },
  to: { path: '^core/src/', pathNot: `^core/src/(${FLOORS.slice(0, i + 1).join('|')})/` },
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
    ...floorRules,
    {
      name: 'core-stands-on-floors',
      severity: 'error',
      comment: 'a file of the core stands on a floor, in a topic',
      from: { path: '^core/src/', pathNot: `^core/src/(${FLOORS.join('|')})/[^/]+/` },
      to: {},
    },
    {
      name: 'topics-are-acyclic',
      severity: 'error',
      comment: 'topics of a floor do not know one another both ways, types included',
      from: { path: '^core/src/', pathNot: SPEC },
      to: { circular: true, via: { path: '/index\\.ts$' } },
    },
    {
      name: 'core-topic-by-its-front-door',
      severity: 'error',
      comment: 'a topic is used through its index.ts',
      from: { path: '^core/src/([^/]+/[^/]+)/', pathNot: SPEC },
      to: { path: '^core/src/', pathNot: '^core/src/$1/|^core/src/[^/]+/[^/]+/index\\.ts$' },
    },
    {
      name: 'core-by-its-front-door',
      severity: 'error',
      from: { path: '^(app|server|e2e)/' },
      // what helps specs is no part of the house: specs of any floor may take it
      to: { path: '^core/src/', pathNot: '^core/src/[^/]+/[^/]+/(index|[^/]+\\.spec-help)\\.ts$' },
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
      // what the core says is marked for translation: the server lets it speak as it is written
      to: { path: '^app/|node_modules/(dexie|@angular/(?!localize/)|primeng/)' },
    },
    { name: 'app-not-server', severity: 'error', from: { path: '^app/' }, to: { path: '^server/|^e2e/' } },
    {
      name: 'e2e-from-outside',
      severity: 'error',
      from: { path: '^e2e/' },
      to: { path: '^(app|server)/|^core/src/(?!doors/samples/)' },
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
