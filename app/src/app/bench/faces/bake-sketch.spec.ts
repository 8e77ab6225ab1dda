import { TestBed } from '@angular/core/testing';
import type { Section } from '@orvin/core/bench/sandbox';
import { BakeSketch } from './bake-sketch';

const USUAL: Section = { side: 0.95, middle: 1.1, openness: 0.3, tunnels: 0, crust: 0.5, gummy: 0, toughness: 0.4 };

function drawn(section: Section) {
  const fixture = TestBed.createComponent(BakeSketch);
  fixture.componentRef.setInput('section', section);
  fixture.componentRef.setInput('before', USUAL);
  fixture.detectChanges();
  const host = fixture.nativeElement as HTMLElement;
  const points = /^M([^L]+) L(.*) Z$/.exec(host.querySelector('.crumb')?.getAttribute('d') ?? '');
  const ys = [points?.[1], ...(points?.[2]?.split(' L') ?? [])].map((point) => Number(point?.split(',')[1]));
  return {
    said: host.querySelector('svg')?.getAttribute('aria-label') ?? '',
    /** Top line from left to right; smaller is higher. */
    tops: ys.slice(0, 21),
    gummy: host.querySelector('.gummy') !== null,
    ghost: host.querySelector('.ghost')?.getAttribute('d') ?? '',
  };
}

describe('BakeSketch', () => {
  it('stands highest in the middle while it holds, and lowest once it has sunk', () => {
    const domed = drawn(USUAL).tops;
    expect(domed[10]).toBeLessThan(domed[0] ?? 0);
    const sunk = drawn({ ...USUAL, middle: 0.6 }).tops;
    expect(sunk[10]).toBeGreaterThan(sunk[0] ?? 999);
  });
  it('says what it draws', () => {
    expect(drawn(USUAL).said).toContain('domed');
    expect(drawn({ ...USUAL, middle: 0.6 }).said).toContain('sunk in the middle');
    expect(drawn({ ...USUAL, crust: 0.95 }).said).toContain('very dark crust');
    expect(drawn({ ...USUAL, crust: 0.05 }).said).toContain('pale crust');
    expect(drawn({ ...USUAL, gummy: 0.5 }).said).toContain('a wet line at the foot');
  });
  it('draws a wet line only where there is one, and the ghost where it was', () => {
    expect(drawn(USUAL).gummy).toBeFalse();
    expect(drawn({ ...USUAL, gummy: 0.5 }).gummy).toBeTrue();
    expect(drawn({ ...USUAL, middle: 0.4 }).ghost).toBe(drawn(USUAL).ghost);
  });
});
