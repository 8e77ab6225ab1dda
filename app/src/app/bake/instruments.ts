import { Injectable, computed, signal, type OnDestroy } from '@angular/core';
import type { Subscription } from 'rxjs';
import type { ToldBy } from '@orvin/core/along/baking';
import type { DeviceCommand, WireName, WireReading } from '@orvin/core/along/wire';
import { serialLine, socketLine, type InstrumentLine, type LineWord, type PlainPort } from './instrument-line';
import { keptInBrowser } from '../store/page-storage';

const CHOICE = 'orvin-instruments';
/** A scale that has not spoken for so long says nothing any more; what is hot speaks less often. */
const STALE_MILLISECONDS = 6000;
/** Nearer than this is the same clock. */
const RUNS_AHEAD = 5000;
const USUAL_BAUD = 9600;
/** A bowl lifted off reads less than this, g. */
const LIFTED_GRAMS = -15;

interface WithSerial {
  readonly serial?: { requestPort(): Promise<PlainPort> };
}

/** What scale, oven thermometer and probe say; or that nobody says it. A pulled plug never stops the work: hands and eyes do. */
@Injectable()
export class Instruments implements OnDestroy {
  readonly source = signal<'none' | 'simulated' | 'serial'>('none');
  readonly line = signal<'off' | 'connecting' | 'on' | 'down'>('off');
  /** What was refused last, in the words of whoever refused it. */
  readonly refused = signal('');
  readonly refusals = signal(0);
  private readonly last = signal<ReadonlyMap<WireName, WireReading>>(new Map());
  private readonly heard = signal<ReadonlyMap<WireName, number>>(new Map());
  readonly now = signal(Date.now());
  /** How far the stand-ins' clock is ahead of the wall's, ms: they may run faster. 0 for real ones. */
  readonly ahead = signal(0);
  private instrument: InstrumentLine | undefined;
  private subscription: Subscription | undefined;

  readonly by = computed<ToldBy>(() => (this.source() === 'simulated' ? 'simulated' : 'device'));
  readonly canSerial = 'serial' in navigator;

  /** What a name says now; undefined once nobody has said it for a while. */
  private readonly fresh = (name: WireName): WireReading | undefined => {
    const heard = this.heard().get(name);
    return heard !== undefined && this.now() - heard < STALE_MILLISECONDS ? this.last().get(name) : undefined;
  };
  /** On the scale, g, since its own tare. */
  readonly grams = computed(() => {
    const kilograms = this.fresh('scale:mass')?.value;
    return kilograms === undefined ? undefined : kilograms * 1000;
  });
  readonly stable = computed(() => this.fresh('scale:stable')?.flag ?? true);
  readonly overload = computed(() => this.fresh('scale:overload')?.flag === true && this.grams() === undefined);
  readonly lowBattery = computed(() => (this.fresh('scale:battery')?.value ?? 3) < 2.4);
  readonly lifted = computed(() => (this.grams() ?? 0) < LIFTED_GRAMS);
  readonly air = computed(() => this.fresh('thermometer:air')?.value);
  readonly core = computed(() => this.fresh('probe:core')?.value);
  /** Moments at which core and air were read, for what is kept of them. */
  readonly coreAt = computed(() => this.fresh('probe:core')?.at);
  readonly isSimulated = computed(() => this.source() === 'simulated' && this.line() === 'on');

  constructor() {
    if (keptInBrowser().getItem(CHOICE) === 'simulated') this.useStandIns();
  }
  ngOnDestroy(): void {
    this.subscription?.unsubscribe();
  }

  useStandIns(): void {
    const scheme = location.protocol === 'https:' ? 'wss' : 'ws';
    keptInBrowser().setItem(CHOICE, 'simulated');
    this.listen('simulated', socketLine(`${scheme}://${location.host}/devices/socket`));
  }
  async useSerial(): Promise<void> {
    const { serial } = navigator as WithSerial;
    if (!serial) return;
    const port = await serial.requestPort().catch(() => undefined);
    if (port) this.listen('serial', serialLine(port, USUAL_BAUD));
  }
  useNone(): void {
    keptInBrowser().removeItem(CHOICE);
    this.subscription?.unsubscribe();
    this.source.set('none');
    this.line.set('off');
    this.last.set(new Map());
  }
  /** Tells a stand-in something; real instruments are told by hand. */
  tell(command: DeviceCommand): void {
    if (this.isSimulated()) this.instrument?.send?.(command);
  }

  private listen(source: 'simulated' | 'serial', line: InstrumentLine): void {
    this.subscription?.unsubscribe();
    this.source.set(source);
    this.line.set('connecting');
    this.instrument = line;
    this.subscription = line.words.subscribe({
      next: (word) => this.hear(word),
      error: () => this.line.set('down'),
      complete: () => this.line.set('down'),
    });
  }
  private hear(word: LineWord): void {
    switch (word.kind) {
      case 'open':
        this.line.set('on');
        break;
      case 'down':
        this.line.set('down');
        break;
      case 'refused':
        this.refused.set(word.error);
        this.refusals.update((count) => count + 1);
        break;
      case 'readings': {
        const heard = Date.now();
        const ahead = (word.readings[0]?.at ?? heard) - heard;
        this.ahead.set(this.source() === 'simulated' && ahead > RUNS_AHEAD ? ahead : 0);
        this.line.set('on');
        this.last.update(
          (last) => new Map([...last, ...word.readings.map((reading) => [reading.name, reading] as const)]),
        );
        this.heard.update((at) => new Map([...at, ...word.readings.map(({ name }) => [name, heard] as const)]));
        this.now.set(heard);
      }
    }
  }
}
