import { without } from '../../ground/records/index.js';
import {
  isFree,
  soMany,
  PAN_MATERIALS,
  type PanMaterial,
  type ParsedVessel,
  type VesselSet,
} from '../../kitchen/pans/index.js';
import { severalSaid } from '../../kitchen/equipment/index.js';
import { withoutAnOven } from '../../formula/parsing/index.js';
import { vesselWritten } from '../../formula/vessels/index.js';
import type { OvenSettings } from '../../oven/settings/index.js';
import { EMPTY_BATCH, planBatch, type BatchPlan, type Portion } from '../plan/index.js';
import { bakeJobOf, fanOf, knownOf, type BakeOrder, type WayOfBaking } from '../bake-jobs/index.js';
import type { BakePortion, OneBake, OvenBake } from './one-bake-types.js';

/*
 * The one place where a bake is put together. Every station, sheet and command that says how long something bakes asks here, so that
 * they cannot disagree. Nothing is simulated: what comes out are jobs, plain data that a worker or a command runs.
 *
 * Two kinds of bakes are told apart. The portions of the batch are what is really made: so many grams in these pans. The bake at the
 * Oven is what the baker looks at: a portion, while it stands in the same pans, else the formula's own batter in other ones. What is
 * set on the Oven for the whole oven (its heat, its fan, a cold start, cold batter) holds for every portion; what is set for its pans
 * by the minute (later set points, lid and foil) and their material hold for the portions in those pans.
 */

/** More than this in one oven is not simulated. */
const MOST_PIECES = 100;
const MOST_LOAVES = 24;

const isMaterial = (value: string | undefined): value is PanMaterial =>
  PAN_MATERIALS.some((material) => material === value);

const read = (written: string, { kitchen }: BakeOrder): ParsedVessel | undefined =>
  written.trim() === '' ? undefined : vesselWritten(written, kitchen.pans);

const setIn = (parsed: ParsedVessel | undefined) => (parsed?.kind === 'vessel' ? parsed.set : undefined);

/** Whether two sets are the same pans, whatever they are called. */
export function samePans(a: VesselSet, b: VesselSet): boolean {
  const measures = ({ pan, count }: VesselSet) => JSON.stringify([Object.entries(without(pan, 'name')).sort(), count]);
  return measures(a) === measures(b);
}
/** The same kind of pan, however many there are of it. */
const samePan = (a: VesselSet, b: VesselSet) =>
  samePans({ pan: { ...a.pan, cavities: 1 }, count: 1 }, { pan: { ...b.pan, cavities: 1 }, count: 1 });

/** What stands free on a sheet by the formula's words, as many of it as the batch makes. */
function freePieces(order: BakeOrder, { factor }: BatchPlan): VesselSet | undefined {
  const set = setIn(read(order.formula.bake.pan ?? '', order));
  if (!set || !isFree(set.pan)) return undefined;
  const times = (count: number, most: number) => Math.min(most, Math.max(1, Math.round(count * factor)));
  return set.pan.shape === 'dome'
    ? { ...set, count: times(set.count, MOST_LOAVES) }
    : { ...set, pan: soMany(set.pan, times(set.pan.cavities, MOST_PIECES)) };
}

/** The pans of a portion in words that read back as those pans; undefined where no words do. */
function saidSo(order: BakeOrder, pans: VesselSet, portion: Portion | undefined): string | undefined {
  const target = portion?.target === undefined ? undefined : order.batch?.targets[portion.target];
  const formulaPan = order.formula.bake.pan ?? '';
  const words = [
    ...(target?.kind === 'pans' ? [target.pans] : []),
    formulaPan,
    severalSaid(formulaPan, pans.count, false),
    `${pans.pan.cavities}-cup muffin tin`,
  ];
  return words.find((phrase) => {
    const set = setIn(read(phrase, order));
    return set !== undefined && samePans(set, pans);
  });
}

/**
 * The Oven's settings with a portion of the batch brought to it: its pans in words, and its batter where the words do not say it. What
 * was set for other pans is taken off; the heat and the fan stay.
 */
export function ovenWithPortion({ order, portions, atOven }: OneBake, at: number): OvenSettings {
  const { oven = {}, batch, formula } = order;
  const chosen = portions[at];
  if (!chosen) return oven;
  const asSet = atOven.pans !== undefined && samePan(atOven.pans, chosen.pans);
  const kept: OvenSettings = asSet ? without(oven, 'grams') : without(oven, 'grams', 'material', 'stages', 'covers');
  const words = saidSo(order, chosen.pans, chosen.portion);
  if (words !== undefined) return { ...kept, pans: words };
  const target = batch?.targets[chosen.portion?.target ?? -1];
  const pans = target?.kind === 'pans' ? target.pans : formula.bake.pan;
  return { ...kept, ...(pans !== undefined && { pans }), grams: Math.round(chosen.grams) };
}

/** The pans in the oven as they are set: by their own words, else the first portion of the batch, else the formula's own. */
function ovenPans(order: BakeOrder, inPans: readonly Omit<BakePortion, 'job'>[]) {
  const chosen = order.oven?.pans;
  const [first] = inPans;
  const written = chosen ?? (first && saidSo(order, first.pans, first.portion)) ?? knownOf(order).pan ?? '';
  const parsed = read(written, order);
  const set = setIn(parsed);
  const at = set ? inPans.findIndex(({ pans }) => samePans(pans, set)) : -1;
  return { written, parsed, set, portion: at < 0 ? undefined : at };
}

/** Puts one bake together. Quick; nothing is simulated here. */
export function oneBake(order: BakeOrder): OneBake {
  const { formula, audit, kitchen, batch = EMPTY_BATCH, oven = {} } = order;
  const plan = planBatch(formula, audit, kitchen, batch);
  const fan = fanOf(order);
  const free = plan.portions.length === 0 && plan.batterGrams > 0 ? freePieces(order, plan) : undefined;
  const inPans: readonly Omit<BakePortion, 'job'>[] = free
    ? [{ pans: free, grams: plan.batterGrams }]
    : plan.portions.map((portion) => ({
        pans: portion.set,
        grams: portion.fill.gramsPerPan * portion.set.count,
        portion,
      }));
  const at = ovenPans(order, inPans);
  const grams = oven.grams ?? (at.portion === undefined ? undefined : inPans[at.portion]?.grams) ?? audit.totals.grams;
  /** A set in the oven; what was set for the Oven's pans goes with them. */
  const way = (set: VesselSet, all: number): WayOfBaking => {
    const asSet = at.set !== undefined && samePan(at.set, set);
    const material = asSet && isMaterial(oven.material) ? oven.material : set.pan.material;
    return {
      pans: { ...set, pan: { ...set.pan, material } },
      grams: all,
      fan,
      celsius: oven.celsius,
      ...(asSet && { stages: oven.stages, covers: oven.covers }),
    };
  };
  const ofOven = at.set && way(at.set, grams);
  const atOven: OvenBake = {
    written: at.written,
    parsed: at.parsed,
    grams,
    fan,
    ...(ofOven && { pans: ofOven.pans }),
    ...(ofOven && audit.totals.grams > 0 && { job: bakeJobOf(order, ofOven) }),
    ...(at.portion !== undefined && { portion: at.portion }),
  };
  // what is wished in tins goes into an oven, whatever stood on a griddle
  const told = withoutAnOven(formula.steps.map(({ text }) => text));
  const noOven = told?.by === 'griddle' && plan.portions.length > 0 ? undefined : told;
  return {
    order,
    audit,
    plan,
    atOven,
    ...(noOven && { withoutAnOven: noOven }),
    portions: inPans.map((portion): BakePortion => {
      const baked = way(portion.pans, portion.grams);
      return { ...portion, pans: baked.pans, job: bakeJobOf(order, baked) };
    }),
  };
}
