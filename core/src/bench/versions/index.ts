export { diffFormulas, type FormulaDiff, type LineChange, type ReadingChange, type StepChange } from './diff.js';
export { versionTree, type Branching, type TreeRow } from './tree.js';
