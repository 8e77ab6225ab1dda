import fc from 'fast-check';
import { stageRows, stagesOfRows, withAnotherStage, withoutStage } from './index.js';

describe('rows of a bake that changes on the way', () => {
  const stages = fc
    .array(fc.record({ minutes: fc.integer({ min: 1, max: 90 }), celsius: fc.integer({ min: 100, max: 300 }) }), {
      maxLength: 5,
    })
    .map((list) => {
      let minute = 0;
      return list.map(({ minutes, celsius }) => ({ fromMinute: (minute += minutes), celsius }));
    });
  it('say the same as the settings they are drawn from', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 300 }), stages, (celsius, later) => {
        expect(stagesOfRows(stageRows(celsius, later))).toEqual({ celsius, stages: later });
      }),
    );
  });
  it('grow by a cooler stage and shrink again to what they were', () => {
    fc.assert(
      fc.property(fc.integer({ min: 130, max: 300 }), stages, (celsius, later) => {
        const rows = stageRows(celsius, later);
        const more = withAnotherStage(rows);
        expect(more.length).toBe(rows.length + 1);
        expect(more.at(-1)?.celsius).toBeLessThanOrEqual(rows.at(-1)?.celsius ?? 0);
        expect(withoutStage(more, rows.length)).toEqual(rows);
      }),
    );
  });
  it('10 minutes at 220, then 180', () => {
    expect(stagesOfRows([{ celsius: 220, minutes: 10 }, { celsius: 180, minutes: undefined }])).toEqual({ celsius: 220, stages: [{ fromMinute: 10, celsius: 180 }] }); // prettier-ignore
  });
});
