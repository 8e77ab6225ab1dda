import { isFree, panSetOf, parseVessel } from './index.js';
import { mustBeVessel } from './must-be-vessel.spec-help.js';

describe('parseVessel', () => {
  it('reads what stands on a sheet, as people write it', () => {
    expect(mustBeVessel('disc 5x2.5 cm x 16')).toEqual({
      pan: jasmine.objectContaining({ shape: 'disc', diameterCm: 5, heightCm: 2.5, cavities: 16, material: 'light' }),
      count: 1,
    });
    expect(mustBeVessel('12 scones of 6 cm').pan).toEqual(
      jasmine.objectContaining({ shape: 'disc', diameterCm: 6, cavities: 12 }),
    );
    expect(mustBeVessel('wedge 18 cm round x 8').pan).toEqual(
      jasmine.objectContaining({ shape: 'wedge', diameterCm: 18, cavities: 8 }),
    );
    expect(mustBeVessel('six wedges of a 20 cm round').pan).toEqual(
      jasmine.objectContaining({ shape: 'wedge', diameterCm: 20, cavities: 6 }),
    );
    expect(mustBeVessel('disc 2 in x 10').pan).toEqual(jasmine.objectContaining({ diameterCm: 5.08, cavities: 10 }));
  });
  it('reads free-standing round loaves, one or several, and what they stand in', () => {
    expect(mustBeVessel('dome')).toEqual({ pan: jasmine.objectContaining({ shape: 'dome' }), count: 1 });
    expect(mustBeVessel('dome x 2').count).toBe(2);
    expect(mustBeVessel('two round loaves').count).toBe(2);
    expect(mustBeVessel('cast iron dome').pan.material).toBe('cast-iron');
  });
  it('leaves pans to the reader of pans', () => {
    const set = mustBeVessel('23 cm springform');
    expect(isFree(set.pan)).toBeFalse();
    expect(panSetOf(set)?.pan.shape).toBe('round');
    expect(panSetOf(mustBeVessel('dome'))).toBeUndefined();
    expect(mustBeVessel('12-cup muffin tin').pan.cavities).toBe(12);
  });
  it('asks for a size, and refuses one that nobody bakes', () => {
    expect(parseVessel('scones')).toEqual({ kind: 'pieces-without-size', shape: 'disc' });
    expect(parseVessel('wedges')).toEqual({ kind: 'pieces-without-size', shape: 'wedge' });
    expect(parseVessel('disc 5x0.3 cm x 16')).toEqual({ kind: 'unknown', because: 'size-unlikely' });
    expect(parseVessel('disc 90 cm x 2').kind).toBe('unknown');
    expect(parseVessel('banana').kind).toBe('unknown');
  });
});
