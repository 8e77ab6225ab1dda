import type { BakeRecord } from '../../book/records/index.js';
import { readRecord, readSeason, recordAsMarkdown, taughtBy, writeRecord, writeSeason } from './index.js';

const RECORD: BakeRecord = {
  title: 'Pear and cardamom loaf', at: Date.UTC(2026, 10, 28, 11), size: 'two loaves', pan: '9 x 5 in loaf', celsius: 177, fan: false, outMinutes: 64, word: 'just',
  foreseen: { low: 55, likely: 60, high: 65, unlearned: 57, reckonedCelsius: 0 }, readings: { mixing: 40, waiting: 2 }, top: 'gold', shape: 'low-dome',
  crumb: 'fine', wrong: [], score: 8, notes: '=SUM(A1) sounds like a formula', heightMm: 71,
}; // prettier-ignore
const HEAD = 'date,recipe,pan,celsius,fan,predicted,out,word';
const refusal = (text: string) => {
  const season = readSeason(text);
  return season.kind === 'refused' ? season.error : '';
};

describe('a season as a table', () => {
  it('is read back as it was written, and learned from', () => {
    const season = readSeason(writeSeason([RECORD]));
    if (season.kind === 'refused') throw new Error(season.error);
    expect(season.rows).toEqual([{ row: 1, date: '2026-11-28', recipe: RECORD.title, pan: RECORD.pan, celsius: 177, fan: false, predicted: 57, out: 64, word: 'just' }]); // prettier-ignore
    const [row] = season.rows;
    expect(row && taughtBy(row)?.predictedMinutes).toBe(57);
  });
  it('opens in a table program without running anything', () => expect(writeSeason([RECORD])).toContain("'=SUM"));
  it('takes columns in any order, in capitals, with others beside them', () => {
    const season = readSeason('Word,out,predicted,fan,celsius,pan,recipe,date,weather\njust,34,31,1,175,8 in round,rounds,2026-10-25,rain\n'); // prettier-ignore
    expect(season.kind === 'read' && season.rows[0]?.fan).toBeTrue();
  });
  it('refuses a column that stands twice: nobody knows which is meant', () => {
    spyOn(console, 'warn'); // the reader of tables says so there too
    expect(refusal(`${HEAD},out\n2026-10-25,rounds,8 in round,175,0,31,34,just,36\n`)).toMatch(/"out" stands twice/);
    expect(refusal(`${HEAD},notes,notes\n2026-10-25,rounds,8 in round,175,0,31,34,just,a,b\n`)).toBe('');
  });
  it('tells every fault with its row, and the column that is missing', () => {
    expect(refusal('date,recipe\n')).toMatch(/"pan".*"word"/);
    expect(refusal(`${HEAD}\n2026-11-31,rounds,8 in round,175,0,31,34,just\n`)).toMatch(/row 1: date.*2026-11-31/);
    expect(refusal(`${HEAD}\n2026-10-25,rounds,8 in round,175,0,31,34,just\n25/10/26,rounds,8 in round,175,0,31,34,just\n`)).toMatch(/row 2: date.*25\/10\/26.*2026-11-28/); // prettier-ignore
    expect(refusal(`${HEAD}\n2026-10-25,rounds,8 in round,175,0,31,34,burnt\n`)).toMatch(/row 1: word/);
    expect(refusal(`${HEAD}\n2026-10-25,rounds,8 in round,175,0,,34,just\n`)).toMatch(/row 1: predicted/);
    const many = `${HEAD}\n${'x,rounds,8 in round,175,0,31,34,just\n'.repeat(9)}`;
    expect(refusal(many)).toMatch(/and 6 more$/);
  });
  it('is empty without bakes', () => expect(readSeason(`${HEAD}\n`)).toEqual({ kind: 'read', rows: [] }));
});

describe('a record as a file', () => {
  it('is read back exactly', () => expect(readRecord(writeRecord(RECORD))).toEqual({ kind: 'read', record: RECORD }));
  it('refuses what is none, and says what to do', () => {
    const refused = (text: string) => {
      const read = readRecord(text);
      return read.kind === 'refused' ? read.error : '';
    };
    expect(refused('{')).toMatch(/not JSON/);
    expect(refused('null')).toMatch(/format/);
    expect(refused('{"format":"orvin-bake","version":9,"record":{}}')).toMatch(/later Orvin/);
    expect(refused('{"format":"orvin-bake","version":1}')).toMatch(/record/);
    expect(refused(writeRecord({ ...RECORD, score: 99 }))).toMatch(/score/);
  });
});

describe('a record as Markdown', () => {
  it('says what was, and nothing of what was not', () => {
    const text = recordAsMarkdown(RECORD);
    expect(text).toMatch(/^# Pear and cardamom loaf\n/);
    expect(text).toMatch(/- took: 64 min, foreseen 55.65 min/);
    expect(text).toContain('- wrong: nothing');
    expect(text).toContain('- mixed: 0:40');
    expect(text).not.toContain('undefined');
    expect(text).not.toContain('eaten by');
  });
});
