import { inPieces, LONGEST_PHRASE, singleSpaced } from '../../ground/text/index.js';
import { footprintOf, type BakeJob, type OvenCourse } from '../../oven/baking/index.js';
import { temperaturesIn } from '../../formula/parsing/index.js';
import { vesselWritten } from '../../formula/vessels/index.js';
import { bakeJobOf, type BakeOrder } from '../bake-jobs/index.js';
import { oneBake } from './one-bake.js';
import type { OneBake } from './one-bake-types.js';

/** Another way to bake it, as written: "12-cup muffin tin", "at 160 °C", "23 cm round at 160 fan". */
export interface WrittenWay {
  readonly pans: string;
  readonly celsius: number | undefined;
  readonly fan: boolean | undefined;
}
const NO_FAN = /(?:^| )(?:no fan|(?:fan|convection) off)\b/i;
const FAN = /(?:^| )(?:with |mit )?(?:fan|convection|umluft|heißluft)(?![a-zäöüß])/i;
const AT_THE_END = /(?:^| )(?:at|@|bei) ?$/i;

/** What a way says of pans, heat and fan, in any order people write them; what it does not say stays as it is. */
export function readWay(words: string): WrittenWay {
  const [beginning = ''] = inPieces(singleSpaced(words), LONGEST_PHRASE);
  const written = beginning
    .replace(/\bfan (?:oven )?(?:at )?(\d{3})(?= |$)/i, '$1 fan')
    // "12 muffins 190"
    .replace(/(?<=[a-z\d"])(?<!\b(?:at|to|fan|gas|mark)),? (1[2-9][05]|2[0-4][05]|250|[34]\d[05])$/i, ' at $1');
  const heat = temperaturesIn(written).find(({ of }) => of === 'oven');
  const before = heat ? written.slice(0, heat.from).replace(AT_THE_END, '') : written;
  const pans = `${before} ${heat ? written.slice(heat.to) : ''}`;
  return {
    pans: singleSpaced(
      pans
        .replace(NO_FAN, '')
        .replace(FAN, '')
        .replace(/ (?:oven|gas)$/i, '')
        .replace(/[, ]+$/, ''),
    ),
    celsius: heat && Math.round(heat.celsius),
    fan: NO_FAN.test(written) ? false : FAN.test(written) ? true : undefined,
  };
}

/** The same batter another way; without a job where its words name no pan. */
export interface OtherWay {
  readonly written: string;
  readonly job?: BakeJob;
}

/** The other ways of the Oven's settings, each the same batter as at the Oven. */
export function otherWays({ order, audit, atOven }: OneBake): readonly OtherWay[] {
  const { oven = {}, kitchen } = order;
  return (oven.compare ?? []).map((written): OtherWay => {
    const way = readWay(written);
    const parsed = way.pans === '' ? undefined : vesselWritten(way.pans, kitchen.pans);
    const pans = way.pans === '' ? atOven.pans : parsed?.kind === 'vessel' ? parsed.set : undefined;
    if (!pans || !(audit.totals.grams > 0)) return { written };
    return {
      written,
      job: bakeJobOf(order, {
        pans,
        grams: atOven.grams,
        celsius: way.celsius ?? (way.pans === '' ? oven.celsius : undefined),
        fan: way.fan ?? atOven.fan,
        covers: oven.covers,
      }),
    };
  });
}

/** Another formula's bake, to share this one's oven: in its own pans, at its own set point, in this oven as it stands. */
export function partnerBake(
  bake: OneBake,
  partner: Pick<BakeOrder, 'formula' | 'audit' | 'oven' | 'recipe'>,
): BakeJob | undefined {
  const { pans, celsius, grams } = partner.oven ?? {};
  const { ovenOffset } = bake.order;
  return oneBake({
    formula: partner.formula,
    audit: partner.audit,
    kitchen: bake.order.kitchen,
    ...(partner.recipe !== undefined && { recipe: partner.recipe }),
    oven: {
      fan: bake.atOven.fan,
      ...(pans !== undefined && { pans }),
      ...(celsius !== undefined && { celsius }),
      ...(grams !== undefined && { grams }),
    },
    ...(ovenOffset && { ovenOffset }),
  }).atOven.job;
}

/** So many more of the same pans, filled the same, as other food in the oven. */
export function moreOfTheSame(
  { pans, grams }: Pick<OneBake['atOven'], 'pans' | 'grams'>,
  more: number,
): OvenCourse['beside'] {
  if (!pans || more <= 0) return undefined;
  return { grams: (more * grams) / pans.count, squareCm: (more * footprintOf(pans)) / pans.count };
}

/** Two bakes in one oven: the first with the second beside it. */
export const besideOther = (job: BakeJob, other: BakeJob): BakeJob => ({
  ...job,
  course: { ...job.course, beside: { grams: other.batter.grams, squareCm: footprintOf(other.pans) } },
});
