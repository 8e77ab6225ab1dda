import { PLAIN_KITCHEN, type OwnOven, type OwnPan } from '@orvin/core/kitchen/kitchen';
import type { PanSet } from '@orvin/core/kitchen/pans';
import { EMPTY_SHEET, type Wish } from '@orvin/core/day/sheets';
import { dateShifted } from '@orvin/core/day/dates';
import type { Formula } from '@orvin/core/formula/formula';
import type { StoredBake, StoredFormula, StoredKitchen, StoredPlan, StoredPutAway, StoredVersion } from './records';
import {
  DEMO_FORMULAS,
  DEMO_PANS,
  DEMO_PANS_READ,
  DEMO_READ,
  DEMO_SEASON,
  ELEMENT_CHANGED_DAYS_AGO,
  THERMOMETER_READ,
} from '@orvin/core/doors/samples';

const DAY_MILLISECONDS = 86_400_000;
function panShelf(): readonly OwnPan[] {
  return DEMO_PANS.flatMap((words, i): OwnPan[] => {
    const read = DEMO_PANS_READ[words];
    if (read === undefined) return [];
    const { pan, count } = JSON.parse(read) as PanSet;
    const name = words.replace(/ x \d+$/, '');
    return [{ id: `demo-pan-${i + 1}`, name, pan: { ...pan, name }, count, madeOf: 'aluminium' }];
  });
}

/** The tea tent's formulas as records: as the reader of what is pasted reads them, each kept as its first version. */
export function demoData(now: number): {
  readonly formulas: readonly StoredFormula[];
  readonly versions: readonly StoredVersion[];
  readonly kitchen: StoredKitchen;
  readonly plan: StoredPlan;
  readonly bakes: readonly StoredBake[];
  readonly larder: readonly StoredPutAway[];
} {
  const formulas = DEMO_FORMULAS.flatMap(({ id, text }, i): StoredFormula[] => {
    const read = DEMO_READ[id];
    if (read === undefined) return [];
    const at = now - i;
    return [
      {
        id: `demo-${id}`,
        revision: 1,
        createdAt: at,
        changedAt: at,
        source: text,
        demo: true,
        formula: JSON.parse(read) as Formula,
        oven: {},
      },
    ];
  });
  const versions = formulas.map((record): StoredVersion => ({
    id: `${record.id}-1`,
    revision: 1,
    formulaId: record.id,
    number: 1,
    parent: null,
    reason: $localize`as it was written`,
    keptAt: record.createdAt,
    formula: record.formula,
    oven: record.oven,
  }));
  const { daysAgo: readDaysAgo, setCelsius, readCelsius } = THERMOMETER_READ;
  const oven: OwnOven = {
    readings: [{ setCelsius, readCelsius, at: now - readDaysAgo * DAY_MILLISECONDS }],
    changes: [{ at: now - ELEMENT_CHANGED_DAYS_AGO * DAY_MILLISECONDS, what: $localize`The oven` }],
    rough: false,
  };
  const kitchen: StoredKitchen = { id: 'kitchen', revision: 1, kitchen: { ...PLAIN_KITCHEN, pans: panShelf(), oven } };
  return { formulas, versions, kitchen, plan: regattaDay(formulas, now), bakes: season(now), larder: larder(now) };
}

/** What the tea tent baked since September. */
const season = (now: number): readonly StoredBake[] =>
  DEMO_SEASON.map(({ daysAgo, formula, record }, i): StoredBake => {
    const at = now - daysAgo * DAY_MILLISECONDS;
    return {
      id: `demo-bake-${i + 1}`,
      revision: 1,
      createdAt: at,
      changedAt: at,
      demo: true,
      record: { ...record, at, formulaId: `demo-${formula}` },
    };
  });

/** What is put away: the fruit cake in its tin, fed on Sundays, and scones frozen raw. */
function larder(now: number): readonly StoredPutAway[] {
  const ago = (days: number) => now - days * DAY_MILLISECONDS;
  const record = { revision: 1, demo: true };
  return [
    {
      ...record,
      id: 'demo-larder-1',
      createdAt: ago(83),
      changedAt: ago(3),
      item: {
        title: 'Cider-fed harvest fruit cake',
        formulaId: 'demo-cider-fed-harvest-fruit-cake',
        bakeId: 'demo-bake-1',
        madeAt: ago(83),
        place: 'room',
        since: ago(83),
        portions: 24,
        left: 24,
        promised: { roomDays: 90, fridgeDays: 180, freezerMonths: 12, mustBeCold: false },
        feeds: Array.from({ length: 11 }, (_, i) => ({ at: ago(80 - 7 * i), millilitres: 20, strength: 0.4 })),
        weighings: [
          { at: ago(82), grams: 1380 },
          { at: ago(3), grams: 1560 },
        ],
      },
    },
    {
      ...record,
      id: 'demo-larder-2',
      createdAt: ago(20),
      changedAt: ago(6),
      item: {
        title: 'Thyme and sweet-potato scones',
        formulaId: 'demo-thyme-sweet-potato-scones',
        madeAt: ago(20),
        place: 'freezer',
        since: ago(20),
        portions: 11,
        left: 7,
        raw: true,
        promised: { roomDays: 1, fridgeDays: 2, freezerMonths: 3, mustBeCold: false },
      },
    },
  ];
}

const SATURDAY = 6;
/** [formula, how it is eaten, cut] of what stands on the tent's table at half past two. */
const TABLE: readonly (readonly [id: string, served: Wish['served'], sliced: boolean])[] = [
  ['parsnip-hazelnut-cake', 'cold', true],
  ['pear-cardamom-loaf', 'fresh', true],
  ['courgette-lime-traybake', 'fresh', true],
  ['gingerbread-dark-treacle', 'fresh', true],
  ['rhubarb-ginger-muffins', 'fresh', false],
  ['leek-cheese-drop-biscuits', 'warm', false],
  ['thyme-sweet-potato-scones', 'warm', false],
  ['cider-fed-harvest-fruit-cake', 'fresh', true],
];
const FED_FOR_DAYS = 35;

/** The regatta's Saturday: the next one, doors at three. */
function regattaDay(formulas: readonly StoredFormula[], now: number): StoredPlan {
  const today = new Date(now);
  const local = `${today.getFullYear()}-${String(today.getMonth() + 1).padStart(2, '0')}-${String(today.getDate()).padStart(2, '0')}`;
  const date = dateShifted(local, (SATURDAY - today.getDay() + 7) % 7 || (today.getHours() < 7 ? 0 : 7));
  const wishes = TABLE.flatMap(([id, served, sliced]): Wish[] => {
    const record = formulas.find((each) => each.id === `demo-${id}`);
    if (!record) return [];
    return [
      {
        id,
        formulaId: record.id,
        title: record.formula.title,
        amount: '',
        due: `${date}T14:30`,
        served,
        sliced,
        ...(id.startsWith('cider') && { madeOn: dateShifted(date, -FED_FOR_DAYS) }),
      },
    ];
  });
  return {
    id: 'demo-regatta',
    revision: 1,
    createdAt: now,
    changedAt: now,
    demo: true,
    sheet: {
      ...EMPTY_SHEET,
      name: 'Regatta tea tent',
      date,
      zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      wishes,
      pairs: [
        { id: 'you', name: 'you', away: [] },
        {
          id: 'second',
          name: 'second pair',
          away: [
            { from: '00:00', to: '09:00' },
            { from: '12:00', to: '12:30' },
          ],
        },
      ],
    },
  };
}
