import type { ElementRef } from '@angular/core';
import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  afterRenderEffect,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import type { Data, Layout } from 'plotly.js';
import { Width } from './width';

export interface Axis {
  readonly title: string;
  readonly range?: readonly [number, number];
}

/** A line of a chart, drawn with its name at its end. */
export interface ChartLine {
  readonly name: string;
  readonly x: readonly number[];
  readonly y: readonly number[];
  /** The one that matters. */
  readonly strong?: boolean;
}
export interface ChartMark {
  readonly y: number;
  readonly words: string;
}

/** Narrower than this, the names of the lines stand under one another, each this high, above the curves. */
const NARROW = 520;
const NAME_PIXELS = 21;
const DASHES = ['solid', 'dash', 'dot', 'dashdot'] as const;

/** Lines over a common axis, where figures are compared: Plotly, in our own ink. Loaded when it is first shown. */
@Component({
  selector: 'orv-chart',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `<div
    #host
    i18n-data-picture
    data-picture="Curves"
    role="group"
    [attr.aria-label]="label()"
    [attr.data-ready]="ready()"
  ></div>`,
  styles: `
    :host {
      display: block;
    }
    div {
      height: 17rem;
    }
  `,
})
export class Chart {
  readonly lines = input.required<readonly ChartLine[]>();
  readonly across = input.required<Axis>();
  readonly up = input.required<Axis>();
  readonly marks = input<readonly ChartMark[]>([]);
  readonly label = input.required<string>();
  protected readonly ready = signal(false);
  private readonly host = viewChild.required<ElementRef<HTMLDivElement>>('host');
  private readonly width = inject(Width).pixels;
  private gone = false;

  constructor() {
    const destroyed = inject(DestroyRef);
    afterRenderEffect({
      write: () => {
        const el = this.host().nativeElement;
        if (this.width() < 40) return;
        void this.draw(el, this.lines(), this.across(), this.up(), this.marks());
      },
    });
    destroyed.onDestroy(() => {
      this.gone = true;
      const el = this.host().nativeElement;
      void import('plotly.js-cartesian-dist-min').then(({ default: Plotly }) => Plotly.purge(el));
    });
  }

  private async draw(
    el: HTMLDivElement,
    lines: readonly ChartLine[],
    across: Axis,
    up: Axis,
    marks: readonly ChartMark[],
  ): Promise<void> {
    const { default: Plotly } = await import('plotly.js-cartesian-dist-min');
    if (this.gone) return;
    const token = (name: string) => getComputedStyle(el).getPropertyValue(name).trim();
    const [ink, quiet, hair, rim] = ['--ink', '--ink-2', '--hair', '--rim'].map(token);
    const data = lines.map((line, i): Data => ({
      type: 'scatter',
      mode: 'lines',
      name: line.name,
      x: [...line.x],
      y: [...line.y],
      line: {
        color: (line.strong ? rim : ink) ?? 'black',
        width: line.strong ? 3 : 1.8,
        dash: DASHES[i % DASHES.length] ?? 'solid',
      },
      hovertemplate: `%{y:.3~g} ${up.title.replace(/^.*, /, '')} at %{x:.0f} min<extra>${line.name}</extra>`,
    }));
    const family = getComputedStyle(el).fontFamily;
    const stacked = this.width() < NARROW;
    const axis = (of: Axis): Partial<Layout['xaxis']> => ({
      title: { text: of.title, font: { color: quiet ?? '', size: 13 } },
      gridcolor: hair ?? '',
      linecolor: hair ?? '',
      zerolinecolor: hair ?? '',
      tickfont: { color: quiet ?? '', size: 13 },
      fixedrange: true,
      ...(of.range && { range: [...of.range] }),
    });
    // what the names take is added below them
    el.style.height = stacked ? `calc(17rem + ${NAME_PIXELS * lines.length}px)` : '';
    const layout: Partial<Layout> = {
      height: el.clientHeight,
      margin: { t: stacked ? 8 + NAME_PIXELS * lines.length : 8, r: 12, b: 40, l: 52 },
      font: { family, color: ink ?? '', size: 13 },
      paper_bgcolor: 'rgba(0,0,0,0)',
      plot_bgcolor: 'rgba(0,0,0,0)',
      showlegend: true,
      legend: stacked
        ? { orientation: 'v', y: 1, yanchor: 'bottom', x: 0, font: { size: 13, color: ink ?? '' } }
        : { orientation: 'h', y: 1.16, x: 0, font: { size: 13, color: ink ?? '' } },
      hovermode: 'closest',
      xaxis: axis(across),
      yaxis: axis(up),
      shapes: marks.map(({ y }) => ({
        type: 'line',
        xref: 'paper',
        x0: 0,
        x1: 1,
        y0: y,
        y1: y,
        line: { color: quiet ?? '', width: 1, dash: 'dot' },
      })),
      annotations: marks.map(({ y, words }) => ({
        xref: 'paper',
        x: 1,
        xanchor: 'right',
        y,
        yanchor: 'bottom',
        text: words,
        showarrow: false,
        font: { size: 12, color: quiet ?? '' },
      })),
    };
    await Plotly.react(el, data, layout, { displayModeBar: false, responsive: true });
    this.ready.set(true);
  }
}
