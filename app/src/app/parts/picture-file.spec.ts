import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { picturesOn, pngOf, svgOf, type ScreenPicture } from './picture-file';
import { hostOf, rendered } from './rendered.spec-help';

@Component({
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="paper">
      <svg i18n-data-picture data-picture="A bar" width="120" height="40" aria-label="Thirty of forty">
        <rect class="bar" x="10" width="30" height="40" />
        <text class="gone" x="0" y="10">never shown</text>
        <text class="said" x="60" y="20">thirty</text>
      </svg>
    </div>
    <div i18n-data-picture data-picture="In layers" style="position: relative; width: 100px; height: 50px">
      <svg width="100" height="50"><rect class="bar" width="100" height="50" /></svg>
      <svg width="50" height="50" style="position: absolute; left: 50px; top: 0"><circle r="5" /></svg>
    </div>
    <svg i18n-data-picture data-picture="A mark" width="16" height="16"><circle r="5" /></svg>
    <svg width="90" height="90"><circle r="5" /></svg>
  `,
  styles: `
    .paper {
      background: rgb(250, 240, 230);
    }
    .bar {
      fill: rgb(200, 30, 40);
    }
    .gone {
      display: none;
    }
    .said {
      font-size: 11px;
      text-anchor: end;
    }
  `,
})
class Drawn {}

describe('a picture as a file', () => {
  const pictures = (): readonly ScreenPicture[] => {
    TestBed.configureTestingModule({});
    const host = hostOf(rendered(Drawn));
    document.body.append(host);
    return picturesOn(host);
  };
  const read = (svg: string) => new DOMParser().parseFromString(svg, 'image/svg+xml');

  it('is one that has a name and is more than a mark', () => {
    expect(pictures().map(({ name, words }) => [name, words])).toEqual([['A bar', 'Thirty of forty'], ['In layers', '']]); // prettier-ignore
  });
  it('stands alone: with its look, its ground and its words, without what only this page knows', async () => {
    const [bar] = pictures();
    if (!bar) throw new Error('no picture');
    const file = read(await svgOf(bar));
    expect(file.querySelector('parsererror')).toBeNull();
    expect(file.querySelector('title')?.textContent).toBe('A bar');
    expect(file.querySelector('desc')?.textContent).toBe('Thirty of forty');
    const rects = [...file.querySelectorAll('rect')].map((rect) => rect.getAttribute('style') ?? '');
    expect(rects.some((style) => style.includes('rgb(250, 240, 230)'))).toBeTrue();
    expect(rects.some((style) => style.includes('rgb(200, 30, 40)'))).toBeTrue();
    expect([...file.querySelectorAll('svg text')].map((text) => text.textContent)).toEqual(['thirty']);
    expect(file.querySelector('svg text')?.getAttribute('style')).toMatch(/font-size: 11px.*text-anchor: end/);
    expect(file.querySelectorAll('[class], [data-picture]').length).toBe(0);
  });
  it('keeps its layers where they lie on one another', async () => {
    const [, layered] = pictures();
    if (!layered) throw new Error('no picture');
    const file = read(await svgOf(layered));
    expect([...file.querySelectorAll('svg svg')].map((layer) => layer.getAttribute('x'))).toEqual(['0', '50']);
  });
  it('is a PNG of twice its size, with the same colours in the same places', async () => {
    const [bar] = pictures();
    if (!bar) throw new Error('no picture');
    const bitmap = await createImageBitmap(await pngOf(await svgOf(bar)));
    expect([bitmap.width, bitmap.height]).toEqual([288, 128]);
    const context = new OffscreenCanvas(288, 128).getContext('2d');
    context?.drawImage(bitmap, 0, 0);
    const at = (x: number, y: number) => [...(context?.getImageData(x, y, 1, 1).data ?? [])].slice(0, 3);
    expect(at(74, 64)).toEqual([200, 30, 40]);
    expect(at(174, 94)).toEqual([250, 240, 230]);
  });
});
