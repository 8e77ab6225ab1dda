import { ovenSettingsSchema } from '../../oven/settings/index.js';
import { oneBake } from '../../batch/bakes/index.js';
import { auditFormula } from '../../bench/audit/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { runBakeJob, bakeJobSchema, predictionSchema } from '../../oven/baking/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { formulaSchema } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

const formulas = DEMO_FORMULAS.map(({ text }) => formulaRead(readFormula(text, 'UK')));
const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

describe('formulaSchema', () => {
  it('lets every formula that was read through, unchanged, after a trip through JSON', () => {
    for (const formula of formulas) {
      const checked = formulaSchema.validate(copy(formula));
      expect(checked.error).withContext(formula.title).toBeUndefined();
      expect(checked.value as unknown).toEqual(formula);
    }
  });
  it('refuses what is missing, of another kind, out of range or unknown', () => {
    const [sound] = formulas;
    for (const broken of [
      { ...sound, title: undefined },
      { ...sound, region: 'MOON' },
      { ...sound, components: 'flour' },
      { ...sound, bake: { fan: false, celsius: 9000 } },
      { ...sound, version: 9 },
      null,
      'formula',
    ]) {
      expect(formulaSchema.validate(broken, { presence: 'required' }).error).toBeDefined();
    }
  });
  it('checks what was chosen for the oven', () => {
    expect(
      ovenSettingsSchema.validate({ pans: '9 in round x 2', material: 'dark', celsius: 165, fan: true }).error,
    ).toBeUndefined();
    expect(ovenSettingsSchema.validate({ material: 'gold' }).error).toBeDefined();
  });
});

describe('bakeJobSchema and predictionSchema', () => {
  it('let a real bake through, both ways', () => {
    const [formula] = formulas;
    if (!formula) {
      fail('no formula');
      return;
    }
    const { job } = oneBake({
      formula,
      audit: auditFormula(formula),
      kitchen: PLAIN_KITCHEN,
      oven: { pans: '12-cup muffin tin' },
    }).atOven;
    if (!job) {
      fail('no bake');
      return;
    }
    expect(bakeJobSchema.validate(copy(job)).error).toBeUndefined();
    expect(predictionSchema.validate(copy(runBakeJob(job))).error).toBeUndefined();
    expect(bakeJobSchema.validate({ ...job, batter: { grams: 'much' } }).error).toBeDefined();
    expect(predictionSchema.validate({ kind: 'foreseen', bake: { minutes: {} } }).error).toBeDefined();
  });
});
