/*
 * Types and lint in one go: the rules that ask for types take those that the compiler has just worked out, where each on its own would
 * work them all out again, a minute and more of the processor.
 */
import { ESLint } from 'eslint';
import ts from 'typescript';
import { root } from './lib.mjs';

const CONFIG = 'tsconfig.lint.json';
const host = {
  ...ts.sys,
  getCurrentDirectory: () => root,
  getCanonicalFileName: (name) => name,
  getNewLine: () => ts.sys.newLine,
  onUnRecoverableConfigFileDiagnostic: (wrong) => {
    throw new Error(ts.formatDiagnostic(wrong, host));
  },
};
const { fileNames, options, errors, projectReferences } = ts.getParsedCommandLineOfConfigFile(CONFIG, {}, host);
const program = ts.createProgram({ rootNames: fileNames, options, projectReferences, configFileParsingDiagnostics: errors }); // prettier-ignore
const wrong = ts.getPreEmitDiagnostics(program);
if (wrong.length > 0) console.log(ts.formatDiagnosticsWithColorAndContext(wrong, host));

const eslint = new ESLint({
  cwd: root,
  overrideConfig: { files: ['**/*.ts'], languageOptions: { parserOptions: { project: null, programs: [program] } } },
});
const results = await eslint.lintFiles(['.']);
const said = (await eslint.loadFormatter('stylish')).format(results);
if (said) console.log(said);
const linted = results.every(({ errorCount, warningCount }) => errorCount + warningCount === 0);
process.exit(linted && wrong.length === 0 ? 0 : 1);
