import { ingredientById, shortIngredientName } from '../../kitchen/ingredients/index.js';
import type { WithoutAnOven } from '../../formula/parsing/index.js';
import { LONGEST_WAIT_MINUTES, waitingOfStyle } from '../../batter/rising/index.js';
import { type BakePrediction, type HeatStyleId } from '../../oven/baking/index.js';
import { isFree, type VesselSet } from '../../kitchen/pans/index.js';
import {
  goInTogether,
  outInTurn,
  type Ahead,
  type BatchWork,
  type DuringBake,
  type Finishing,
  type Handwork,
  type OvenTime,
  type Waiting,
} from '../works/index.js';
import { thawHours, warmUpMinutes, type Thawing, type ThingFromFridge } from '../warming/index.js';
import { coolingOf, finishingOf } from './finishing.js';
import { methodSays, type MethodSays } from './method-words.js';
import {
  BOUGHT_SO,
  BOWL_GRAMS,
  FILLING,
  FINISHING,
  GRIDDLE_GRAMS,
  INTO_THE_POT_MINUTES,
  KEEPING,
  LINING,
  MIXING_MINUTES,
  PREPARING,
  WARM,
  WEIGHING,
  WITH_MIXER,
} from './minutes.table.js';
import { familyOf, heatStyle, stepsOf, type BatchToPlan, type Load, type Order, type WorksRead } from './order.js';

/*
 * A batch as the work of a day: what its formula, its size, its pans and the words of its method ask of hands, oven and fridge. Nothing
 * is a fixed list; what the method says of resting, soaking, cooling and chilling wins over every default.
 */

/** What a batch asks of the day, in the minutes of usual hands. */
export function usualWorksOf(batch: BatchToPlan): WorksRead {
  const order: Order = { ...batch, says: methodSays(batch.bake.order.formula) };
  if (order.madeBefore === true || order.frozen === true) return { kind: 'works', works: [fromTheStore(order)] };
  if (order.bake.withoutAnOven) return { kind: 'works', works: [offTheOven(order, order.bake.withoutAnOven)] };
  const { bake, foreseen } = order;
  const loads = bake.portions.flatMap((portion, i): readonly Load[] => {
    const prediction = foreseen[i];
    const racks = prediction?.timeline.racks ?? 1;
    const turns = Math.max(1, Math.ceil(racks / order.racks));
    const count = Math.ceil(portion.pans.count / turns);
    return Array.from({ length: turns }, () => ({
      portion,
      pans: portion.pans,
      grams: portion.grams / turns,
      count,
      ...(prediction && { foreseen: prediction }),
    }));
  });
  const all: readonly Load[] = loads.length > 0 ? loads : [{ grams: bake.plan.batterGrams, count: 1 }];
  if (bake.portions.some((_, i) => foreseen[i] === undefined)) return { kind: 'problem', problem: 'never-done' };
  const ovens: OvenTime[] = [];
  for (const load of all) {
    const oven = ovenTime(order, load);
    if (!oven) return { kind: 'problem', problem: 'no-oven-time' };
    ovens.push(oven);
  }
  if (ovens.length === bake.portions.length && goInTogether(ovens, order.racks))
    return { kind: 'works', works: fromOneBowl(order, all, outInTurn(ovens)) };
  const works = all.flatMap((load, i): readonly BatchWork[] => {
    const oven = ovens[i];
    return oven ? [oneWork(order, load, oven, all.length > 1 ? i + 1 : 0, all.length)] : [];
  });
  return { kind: 'works', works };
}

function fromOneBowl(order: Order, loads: readonly Load[], ovens: readonly OvenTime[]): readonly BatchWork[] {
  const grams = loads.reduce((sum, load) => sum + load.grams, 0);
  return loads.flatMap((load, i): readonly BatchWork[] => {
    const oven = ovens[i];
    if (!oven) return [];
    const work = oneWork(order, load, oven, loads.length > 1 ? i + 1 : 0, 1);
    const title = i === 0 ? order.title : `${order.title}, ${load.pans?.pan.name ?? ''}`;
    const mixing = mixingOf(order, { ...load, grams }, 1);
    if (i === 0) return [{ ...work, title, mixing }];
    const own = { handwork: work.handwork.filter(({ kind }) => kind === 'line'), waiting: [] };
    return [{ ...work, ...own, title, mixing, mixedWith: `${order.id}.1` }];
  });
}

/** On the griddle, go after go, by somebody who turns it; in steam or a slow cooker nobody need stand there. */
function offTheOven(order: Order, { by, minutes }: WithoutAnOven): BatchWork {
  const [portion] = order.bake.portions;
  const grams = order.bake.plan.batterGrams;
  const load: Load = { grams, count: portion?.pans.count ?? 1, ...(portion && { portion, pans: portion.pans }) };
  const work = oneWork(order, load, undefined, 0, 1);
  const cools = coolingOf(order, load, work.finishing);
  if (by !== 'griddle')
    return { ...work, griddle: { by, minutes: INTO_THE_POT_MINUTES, coolMinutes: Math.round(minutes) + cools } };
  const goes = Math.max(1, Math.ceil(grams / GRIDDLE_GRAMS - 0.2));
  return {
    ...work,
    handwork: work.handwork.filter(({ kind }) => kind !== 'line'),
    griddle: { by, minutes: Math.max(1, Math.round(minutes * goes)), coolMinutes: cools },
  };
}

/** What was made before comes out of its tin to be cut, or out of the freezer to thaw. */
function fromTheStore(order: Order): BatchWork {
  const finishing = finishingOf(order, { grams: order.bake.plan.batterGrams, count: 1 });
  return {
    id: order.id,
    title: order.title,
    handwork: [],
    waiting: [],
    finishing,
    makeFrostingMinutes: 0,
    dueMinute: order.dueMinute,
    marginMinutes: 0,
    freshMinutes: 720,
    freshnessWeight: 0.001,
    ...(order.frozen && {
      thawMinutes: 60 * thawHours(thawingOf(order)),
      freezerLitres: freezerLitres(order.bake.plan.batterGrams),
    }),
  };
}
const DEEP: ReadonlySet<HeatStyleId> = new Set<HeatStyleId>(['fruit', 'bundt', 'pound']);
function thawingOf(order: Order): Thawing {
  const pan = order.bake.portions[0]?.pans.pan;
  if (DEEP.has(heatStyle(order))) return 'deep';
  return !pan || pan.cavities > 1 || isFree(pan) ? 'slices' : 'loaf';
}
const freezerLitres = (grams: number): number => Math.max(1, Math.round((grams / 1000) * FINISHING.perKgInFreezer));

function oneWork(order: Order, load: Load, oven: OvenTime | undefined, nth: number, of: number): BatchWork {
  const style = heatStyle(order);
  const keeping = KEEPING[style];
  const warm = order.served === 'warm';
  const finishing = finishingOf(order, load);
  const fresh = warm ? WARM.freshMinutes : keeping.freshMinutes;
  return {
    id: nth > 0 ? `${order.id}.${nth}` : order.id,
    title: nth > 0 ? `${order.title}, ${nth} of ${of}` : order.title,
    ...aheadOf(style, finishing, warm),
    ...(FREEZES_RAW.has(style) && { freezerLitres: freezerLitres(load.grams) }),
    handwork: handworkOf(order, load, of),
    waiting: waitingOfBatch(order),
    mixing: mixingOf(order, load, of),
    ...(oven && { oven: { ...oven, coolMinutes: coolingOf(order, load, finishing) } }),
    finishing,
    makeFrostingMinutes: finishing.some(({ kind }) => kind === 'frost' || kind === 'fill') ? FINISHING.makeFrosting : 0,
    dueMinute: order.dueMinute,
    marginMinutes: 0,
    freshMinutes: fresh,
    freshnessWeight: warm ? WARM.weight : keeping.weight,
  };
}

/** Scones freeze raw; what is frosted stands as wrapped layers; a loaf and a traybake are as good the day after. */
const FREEZES_RAW: ReadonlySet<HeatStyleId> = new Set<HeatStyleId>(['scone', 'biscuit']);
const EATEN_FRESH: ReadonlySet<HeatStyleId> = new Set<HeatStyleId>(['muffin', 'soda', 'sponge']);
function aheadOf(style: HeatStyleId, finishing: readonly Finishing[], warm: boolean): { readonly ahead?: Ahead } {
  if (FREEZES_RAW.has(style)) return { ahead: 'freeze-raw' };
  if (finishing.some(({ kind }) => kind === 'frost' || kind === 'fill')) return { ahead: 'bake-layers' };
  return warm || EATEN_FRESH.has(style) ? {} : { ahead: 'bake-whole' };
}

/** So many minutes of mixing, by the method of the steps and the size of each go. */
function mixingOf(order: Order, load: Load, of: number): NonNullable<BatchWork['mixing']> {
  const family = familyOf(order);
  const goes = Math.max(1, Math.round((order.batch.mixing?.goes ?? 1) / of));
  const [small, full] = MIXING_MINUTES[family];
  const [smallBowl, fullBowl] = BOWL_GRAMS;
  const share = Math.min(1, Math.max(0, (load.grams / goes - smallBowl) / (fullBowl - smallBowl)));
  const { ledger, style } = order.bake.audit;
  const holds = waitingOfStyle(ledger, style?.basedOn, order.roomCelsius).adviceMinutes;
  const restMinutes = order.says.restMinutes ?? 0;
  // whisked air and a batter of soda do not wait; nothing is planned to wait longer than an hour unasked
  const holdMinutes = Math.round(
    Math.min(family === 'whisked' ? 10 : 60, Math.max(5, Math.min(holds, LONGEST_WAIT_MINUTES))),
  );
  return {
    minutes: Math.round((small + (full - small) * share) * goes),
    restMinutes,
    holdMinutes: Math.max(holdMinutes, restMinutes > 0 ? restMinutes + 10 : 0),
    bowls: 1,
    mixer: WITH_MIXER.has(family),
  };
}

/** Window, watching and emptying of one load. */
function ovenTime(order: Order, { foreseen, pans, grams, count }: Load): OvenTime | undefined {
  const { bake: written } = order.bake.order.formula;
  const { celsius, lowMinutes, highMinutes } = written;
  const minutes =
    foreseen?.minutes ??
    (lowMinutes !== undefined && highMinutes !== undefined && celsius !== undefined
      ? { low: lowMinutes * 0.92, likely: (lowMinutes + highMinutes) / 2, high: highMinutes * 1.08 }
      : undefined);
  if (!minutes) return undefined;
  const style = heatStyle(order);
  const stages = foreseen?.timeline.stages ?? [];
  const racks = Math.min(order.racks, foreseen?.timeline.racks ?? 1);
  const inPan = order.says.coolsInPan ? 0 : (order.says.inPanMinutes ?? foreseen?.timeline.turnOutMinutes ?? 0);
  const likely = Math.max(2, Math.round(minutes.likely));
  return {
    celsius: Math.round((foreseen?.celsius ?? celsius ?? 180) / 5) * 5,
    low: minutes.low,
    likely,
    high: minutes.high,
    // what changes its heat on the way has the oven to itself
    racks: stages.length > 0 ? order.racks : racks,
    loadMinutes: Math.round(loading(order, pans, grams, count)),
    unloadMinutes: order.says.soakedHot ? 4 : 1,
    during: watching(foreseen, likely),
    quietShare: KEEPING[style].quietShare,
    inPanMinutes: inPan,
    inPanSlackMinutes:
      pans?.pan.cavities === 1 && (pans.pan.shape === 'rectangle' || pans.pan.shape === 'square') && inPan >= 15
        ? 60
        : 10,
    coolMinutes: 0,
    ...(pans && { pan: pans.pan.name }),
    pans: count,
  };
}
function watching(foreseen: BakePrediction | undefined, likely: number): readonly DuringBake[] {
  if (!foreseen) return [];
  const { rotateMinute, swapMinute, tentMinute, uncoverMinute, stages } = foreseen.timeline;
  const at = (kind: DuringBake['kind'], minute: number | undefined, slack: number): readonly DuringBake[] =>
    minute === undefined || minute >= likely - 2 || minute < 1 ? [] : [{ kind, share: minute / likely, slack }];
  return [
    ...at('turn', rotateMinute ?? swapMinute, 0.06),
    ...at('tent', tentMinute, 0.06),
    ...at('uncover', uncoverMinute, 0.04),
    ...stages.flatMap(({ minute }) => at('turn-down', minute, 0.03)),
  ];
}
function loading({ batch }: Order, pans: VesselSet | undefined, grams: number, count: number): number {
  if (!pans) return 3;
  const { pan } = pans;
  const cut = batch.cut !== undefined || (isFree(pan) && pan.shape !== 'dome');
  const pieces = Math.max(1, pan.cavities) * count;
  if (cut) return Math.min(FILLING.most, 2 + FILLING.piece * pieces);
  if (pan.cavities > 1) return Math.min(FILLING.most, FILLING.vessel + FILLING.cup * pieces);
  return Math.min(FILLING.most, FILLING.vessel + FILLING.more * (count - 1) + (grams > 1500 ? FILLING.loaf : 0));
}

/** Weighing, lining and what is prepared, each any time before. */
function handworkOf(order: Order, { pans, count }: Load, of: number): readonly Handwork[] {
  const { formula } = order.bake.order;
  const lines = formula.components.flatMap((component) => component.lines);
  const weigh = Math.min(WEIGHING.most, Math.max(WEIGHING.least, WEIGHING.base + WEIGHING.line * lines.length));
  return [
    { kind: 'weigh', what: '', minutes: Math.round(weigh / of) },
    { kind: 'line', what: '', minutes: lining(pans, count, order.says) },
    ...preparing(order, of),
  ];
}
function lining(pans: VesselSet | undefined, count: number, says: MethodSays): number {
  if (!pans || isFree(pans.pan)) return LINING.sheet;
  if (says.linedDouble) return LINING.double * count;
  const { cavities, shape } = pans.pan;
  const first = cavities > 1 ? LINING.cups : shape === 'round' ? LINING.round : LINING.box;
  return first + LINING.more * (count - 1);
}
/** What the words of lines and steps say is done to a thing: each once, with the thing it is done to. */
function preparing(order: Order, of: number): readonly Handwork[] {
  const { formula, audit } = { formula: order.bake.order.formula, audit: order.bake.audit };
  const found = new Map<string, number>();
  for (const line of formula.components.flatMap((component) => component.lines)) {
    if (BOUGHT_SO.test(line.text)) continue;
    const entries = audit.lines.find(({ lineId }) => lineId === line.id)?.entries ?? [];
    const [only, more] = entries;
    // "150 g oatmeal, 25 g butter, melted": of several things each by its own words
    const things = more
      ? entries.map(({ read }) => [read.ingredient, `${read.name} ${read.note}`] as const)
      : [[only?.read.ingredient, line.text] as const];
    for (const [ingredient, said] of things) {
      const [words, what = '', minutes = 0] = PREPARING.find(([pattern]) => pattern.test(said)) ?? [];
      if (words === undefined) continue;
      // it is the lemon that is zested
      const thing = (ingredient && ingredientById(ingredient.id.replace(/-(?:zest|juice)$/, ''))) ?? ingredient;
      const name = thing ? shortIngredientName(thing, 'UK').replace(/^(?:mashed|grated|ground) /, '') : '';
      const task = what.includes(' ') || name === '' ? what : $localize`${what}:done: the ${name}:thing:`;
      found.set(task, Math.max(found.get(task) ?? 0, minutes));
    }
  }
  return [...found].map(([what, minutes]) => ({
    kind: 'prepare' as const,
    what,
    minutes: Math.max(1, Math.round((minutes * Math.sqrt(Math.max(1, order.bake.plan.factor))) / of)),
  }));
}

const BUTTERS: ReadonlySet<string> = new Set(['unsalted-butter', 'salted-butter']);
const MILKS = /milk|yogurt|yoghurt|cream$/;
/** Softest and longest: butter may stand all day, milk and eggs two hours more than they need. */
const STANDS_LONGER = { butter: 720, other: 120 } as const;

/** What a frosting is beaten from, soft: as what it is taken out, and whether an ingredient is it. */
const FOR_FROSTING: readonly (readonly [what: string, thing: ThingFromFridge, is: (behavesAs: string) => boolean])[] = [
  [$localize`butter, for the frosting`, 'butter-block', (behavesAs) => BUTTERS.has(behavesAs)],
  [$localize`cream cheese`, 'cream-cheese', (behavesAs) => behavesAs === 'cream-cheese'],
];
/** What a part is called that goes on or between, beaten. */
const FROSTS = /frost|icing|cream|ganache|filling|füllung|guss|glasur|creme/i;
/** Parts beside the batter that are rubbed, boiled or brushed on, and want no soft butter. */
const NOT_BEATEN =
  /\b(?:crumble|crumbs?|streusel|syrup|soak|drizzle|glaze|sauce|caramel|tins?|pans?|greas(?:e|ing)|lining|brush(?:ing)?|wash|serv(?:e|ing))\b/i;
const NOT_SOFT = /\b(?:cold|chilled|melted|browned)\b/i;
const SOFT_BUTTER = /\bweiche[nrs]? butter\b|\bsoft(?:ened)? (?:[a-z]+ )?butter\b|\bbutter\b[^;]*\bsoft(?:ened)?\b/i;
/** What has to be warm, cold or soaked when the batter is mixed, or the frosting made. */
function waitingOfBatch(order: Order): readonly Waiting[] {
  const family = familyOf(order);
  const entries = order.bake.audit.lines.flatMap(({ inBatter, entries: all }) =>
    inBatter
      ? all.flatMap(({ read, grams }) =>
          read.ingredient && grams ? [{ read, grams, ingredient: read.ingredient }] : [],
        )
      : [],
  );
  const waiting: Waiting[] = [];
  const soft = family === 'creaming' || family === 'paste';
  const out = (what: string, thing: ThingFromFridge, more: number, forFrosting = false) => {
    const minutes = warmUpMinutes(thing, order.roomCelsius).likely;
    if (Number.isFinite(minutes))
      waiting.push({
        kind: 'take-out',
        what,
        leastMinutes: Math.round(minutes / 5) * 5,
        mostMinutes: Math.round(minutes) + more,
        ...(forFrosting && { forFrosting }),
      });
  };
  const butter = entries.find(({ ingredient }) => BUTTERS.has(ingredient.behavesAs));
  const isSoftened = order.bake.audit.lines.some(({ inBatter, text }) => inBatter && SOFT_BUTTER.test(text));
  if (butter && (soft || isSoftened))
    out($localize`butter`, butter.grams <= 130 ? 'butter-stick' : 'butter-block', STANDS_LONGER.butter);
  const cold = order.bake.audit.lines.some(({ inBatter, text }) => inBatter && /\b(?:cold|frozen)\b/i.test(text));
  if (butter && family === 'rub-in' && cold)
    waiting.push({ kind: 'chill', what: $localize`butter, cubed`, leastMinutes: 20, mostMinutes: 720 });
  const eggs = entries.some(({ ingredient }) => ingredient.behavesAs === 'egg');
  const milk = entries.find(({ ingredient }) => MILKS.test(ingredient.behavesAs));
  if (soft || family === 'whisked') {
    if (eggs) out($localize`eggs`, 'eggs-loose', STANDS_LONGER.other);
    if (milk && soft) out($localize`milk`, 'milk-jug', STANDS_LONGER.other);
  }
  const notBeaten = new Set(order.bake.order.formula.components.flatMap(({ id, name }) => (NOT_BEATEN.test(name) ? [id] : []))); // prettier-ignore
  const dressed = order.bake.audit.lines
    .filter(({ inBatter, componentId, text }) => !inBatter && !notBeaten.has(componentId) && !NOT_SOFT.test(text))
    .flatMap(({ componentId, entries: all }) =>
      all.flatMap(({ read }) => (read.ingredient ? [{ componentId, behavesAs: read.ingredient.behavesAs }] : [])),
    );
  const nameOfPart = (id: string) => order.bake.order.formula.components.find((component) => component.id === id)?.name;
  for (const [what, thing, is] of FOR_FROSTING) {
    const first = dressed.find(({ behavesAs }) => is(behavesAs));
    if (!first) continue;
    // what is spread under pears is no frosting
    const part = nameOfPart(first.componentId) ?? '';
    const isButter = BUTTERS.has(first.behavesAs);
    out(isButter && !FROSTS.test(part) ? $localize`butter (${part})` : what, thing, STANDS_LONGER.other, true);
  }
  if (order.says.soak) {
    const what = /\bsoak (?:the )?([a-z]+)/i.exec(stepsOf(order))?.[1] ?? 'fruit';
    waiting.push({
      kind: 'soak',
      what,
      leastMinutes: order.says.soak.least,
      mostMinutes: Math.round(order.says.soak.most),
    });
  }
  return waiting;
}
