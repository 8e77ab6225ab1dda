import { readFileSync } from 'node:fs';
import { without } from '../../ground/records/index.js';
import { Ajv2019 } from 'ajv/dist/2019.js';

/* What docs/schemas says to programs of others, by a validator that knows nothing of Orvin. */
const validator = (name: string) => {
  const ajv = new Ajv2019({ allErrors: false, strict: false });
  return ajv.compile(JSON.parse(readFileSync(`docs/schemas/${name}.schema.json`, 'utf8')) as object);
};
const DATABASES = [1, 2, 3, 4, 5, 6, 7, 8, 9];
interface Earlier {
  readonly rows: { readonly settings: object };
  readonly files: { readonly formulas: object; readonly day?: object; readonly record?: object };
}
const earlier = (database: number) =>
  JSON.parse(readFileSync(`core/tables/reference/earlier/database-${database}.json`, 'utf8')) as Earlier;

describe('the schemas of Orvin’s files', () => {
  it('hold whatever an earlier Orvin wrote', () => {
    const [formulas, day, bake, kitchen] = ['formulas', 'day', 'bake', 'kitchen'].map(validator);
    for (const database of DATABASES) {
      const { files, rows } = earlier(database);
      const tables = without(rows, 'settings');
      expect([formulas?.(files.formulas), formulas?.errors]).toEqual([true, null]);
      expect([kitchen?.(tables), kitchen?.errors]).toEqual([true, null]);
      if (files.day) expect([day?.(files.day), day?.errors]).toEqual([true, null]);
      if (files.record) expect([bake?.(files.record), bake?.errors]).toEqual([true, null]);
    }
  });
  it('refuse what is of another shape, of another program, or half there', () => {
    const formulas = validator('formulas');
    const written = JSON.stringify(earlier(9).files.formulas);
    const changed = (from: string, to: string) => {
      expect(written).toContain(from);
      return JSON.parse(written.replace(from, to)) as object;
    };
    expect(formulas(changed('"orvin formulas"', '"formulas"'))).toBeFalse();
    expect(formulas(changed('"title":', '"name":'))).toBeFalse();
    expect(formulas(changed('"fan":false', '"fan":"no"'))).toBeFalse();
    expect(formulas(changed('"celsius":177', '"celsius":1770'))).toBeFalse();
    expect(validator('kitchen-manifest')({ file: 'orvin kitchen', version: 1, writtenAt: 0, entries: [{ name: 'kitchen.json', sha256: 'abc' }] })).toBeFalse(); // prettier-ignore
    expect(validator('day')({ format: 'orvin-day', version: 1 })).toBeFalse();
    expect(validator('book')({ file: 'orvin book', version: 1, bakes: [{ id: 'a', record: {} }] })).toBeFalse();
  });
});
