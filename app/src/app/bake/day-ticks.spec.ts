import type { TaskKind } from '@orvin/core/day/works';
import { dayTicks } from './day-ticks';

const task = (id: string, kind: TaskKind, from: number) => ({ id, kind, from });
const TASKS = [
  task('loaf:weigh', 'weigh', 600),
  task('loaf:mix', 'mix', 640),
  task('loaf:portion', 'portion', 652),
  task('loaf:bake', 'bake', 654),
  task('loaf:turn', 'turn', 690),
  task('loaf:out', 'out', 710),
  task('loaf:slice', 'slice', 800),
  task('loaf2:mix', 'mix', 700),
  task('buns.1:mix', 'mix', 500),
];

describe('what a bake along tells its day', () => {
  it('is that everything before the oven is done once it is in, and when it went in', () => {
    expect(dayTicks(TASKS, 'loaf', 'in', 660)).toEqual({ 'loaf:weigh': 600, 'loaf:mix': 640, 'loaf:portion': 660 });
  });
  it('is when it came out, and nothing of what follows', () => {
    expect(dayTicks(TASKS, 'loaf', 'out', 725)).toEqual({ 'loaf:turn': 690, 'loaf:out': 725 });
  });
  it('is nothing later than now, and of no other batch', () => {
    expect(dayTicks(TASKS, 'loaf', 'in', 610)).toEqual({ 'loaf:weigh': 600, 'loaf:mix': 610, 'loaf:portion': 610 });
    expect(dayTicks(TASKS, 'buns', 'in', 520)).toEqual({ 'buns.1:mix': 500 });
    expect(dayTicks(TASKS, 'scones', 'in', 600)).toEqual({});
  });
});
