import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Baking, Happening } from '@orvin/core/along/baking';
import { walkOf } from '@orvin/core/along/walk';
import { batchOf } from '@orvin/core/batch/batch';
import { oneBake } from '@orvin/core/batch/bakes';
import { snapshotOf } from '@orvin/core/batch/snapshots';
import { auditFormula } from '@orvin/core/bench/audit';
import { DEMO_FORMULAS } from '@orvin/core/doors/samples';
import { readFormula } from '@orvin/core/formula/parsing';
import { PLAIN_KITCHEN } from '@orvin/core/kitchen/kitchen';
import { runBakeJob } from '@orvin/core/oven/baking';
import type { DeviceCommand } from '@orvin/core/along/wire';
import { BakingStore } from '../store/baking-store';
import { storeVisits, until as comesAbout } from '../store/visits.spec-help';
import { Work } from '../work/work-client';
import { Footing } from './footing';
import { Instruments } from './instruments';
import { ThisBaking } from './this-baking';

/** Instruments that say what a spec lets them say. */
export class FakeInstruments {
  readonly source = signal<'none' | 'simulated' | 'serial'>('none');
  readonly line = signal<'off' | 'connecting' | 'on' | 'down'>('off');
  readonly now = signal(0);
  readonly ahead = signal(0);
  readonly grams = signal<number | undefined>(undefined);
  readonly air = signal<number | undefined>(undefined);
  readonly core = signal<number | undefined>(undefined);
  readonly coreAt = signal<number | undefined>(undefined);
  readonly lifted = signal(false);
  readonly overload = signal(false);
  readonly lowBattery = signal(false);
  readonly canSerial = false;
  readonly told: DeviceCommand[] = [];
  by(): 'device' {
    return 'device';
  }
  tell(command: DeviceCommand): void {
    this.told.push(command);
  }
}

const allSet = new Map<string, Baking>();
/** A formula of the demo, set down to be baked. */
function setDown(id: string): Baking {
  const before = allSet.get(id);
  if (before) return before;
  const text = DEMO_FORMULAS.find((demo) => demo.id === id)?.text ?? '';
  const reading = readFormula(text, 'UK');
  if (reading.kind === 'refused') throw new Error('refused');
  const { formula } = reading;
  const bake = oneBake({ formula, audit: auditFormula(formula), kitchen: PLAIN_KITCHEN });
  const foreseen = bake.portions.map(({ job }) => {
    const result = runBakeJob(job);
    return result.kind === 'foreseen' ? result.bake : undefined;
  });
  const walk = walkOf({ bake, batch: batchOf(bake), foreseen });
  const words = Object.fromEntries(walk.flatMap((step) => (step.kind === 'mix' ? [[step.id, `Words of ${step.id}`]] : []))); // prettier-ignore
  const baking: Baking = {
    title: formula.title,
    size: 'a batch',
    snapshot: snapshotOf(bake, { formulaId: id }, foreseen),
    walk,
    words,
    happenings: [],
    readings: [],
  };
  allSet.set(id, baking);
  return baking;
}
export const pearLoaf = (): Baking => setDown('pear-cardamom-loaf');
export const farls = (): Baking => setDown('oat-farls');
export const scones = (): Baking => setDown('thyme-sweet-potato-scones');

/** Waits until the screen has come so far. */
export const until = (is: () => boolean): Promise<void> =>
  comesAbout(() => {
    TestBed.tick();
    return is();
  });

/** A counter with a bake on it: its steps rendered as the baker sees them. */
export function counter() {
  const visits = storeVisits();
  let instruments = new FakeInstruments();
  const ready = async (happenings: readonly Happening[] = [], set = pearLoaf()) => {
    instruments = new FakeInstruments();
    const jobs = {
      run: (_name: string, input: Parameters<typeof runBakeJob>[0]) => Promise.resolve(runBakeJob(input)),
    };
    await visits.visit([
      { provide: Instruments, useValue: instruments },
      { provide: Work, useValue: jobs },
      provideRouter([]),
      Footing,
      ThisBaking,
    ]);
    const { id } = TestBed.inject(BakingStore).begin({ ...set, happenings });
    const baking = TestBed.inject(ThisBaking);
    baking.id.set(id);
    return { baking, instruments, footing: TestBed.inject(Footing), walk: baking.walk() };
  };
  return { ready };
}

export { pressed, rendered, typed, wordsOf } from '../parts/rendered.spec-help';
