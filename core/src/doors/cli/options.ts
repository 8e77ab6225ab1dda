import { KIT_IDS, type KitId } from '../../batch/choices/index.js';
import Joi from 'joi';
import { styleById } from '../../batter/balance/index.js';
import { readCovers, readSchedule, type Cover, type ReadSchedule } from '../../oven/baking/index.js';
import { PAN_MATERIALS, parsePan, type PanMaterial } from '../../kitchen/pans/index.js';
import { momentSchema } from '../../day/date-schemas/index.js';
import { EXPORT_FORMATS, type ExportFormat } from '../../papers/formats/index.js';
import { LEAVENING_METHODS, type Fineness, type LeaveningMethod } from '../../batter/leavening-methods/index.js';
import { FILLINGS, REGIONS, type Filling, type Region } from '../../ground/units/index.js';
import { wrongUse, type Outcome } from './outcome.js';

/** The options of a command as they were typed: names without dashes, values as text, flags as true. */
export type TypedOptions = Readonly<Record<string, string | boolean | readonly string[] | undefined>>;

export interface Options {
  readonly region: Region;
  /** The caller said whose measures are meant: the words of the text do not overrule it. */
  readonly regionIsFinal: boolean;
  readonly style?: string;
  /** What to bake in; several to compare. */
  readonly to?: readonly string[];
  readonly compare?: boolean;
  readonly from?: string;
  readonly schedule?: ReadSchedule;
  readonly cover?: readonly Cover[];
  readonly startCelsius?: number;
  readonly altitude?: number;
  readonly pansInOven?: number;
  readonly ovenOffset?: number;
  readonly knownMinutes?: number;
  readonly celsius?: number;
  readonly fan?: boolean;
  readonly material?: PanMaterial;
  readonly mass?: number;
  /** The way cups are filled. */
  readonly filled?: Filling;
  readonly format?: ExportFormat;
  /** Names of lines that `rebalance` holds, by commas. */
  readonly lock?: string;
  /** What there is, for `rebalance`. */
  readonly have?: string;
  readonly school?: LeaveningMethod;
  readonly fineness?: Fineness;
  /** What `swap` replaces, by what, and how much of it. */
  readonly fromWords?: string;
  readonly toWords?: string;
  readonly share?: number;
  /** How much `scale` makes: one of these. */
  readonly factor?: number;
  readonly pieces?: number;
  readonly grams?: number;
  /** In words. */
  readonly inPans?: string;
  readonly limit?: string;
  readonly fill?: number;
  /** What a baker measures with. */
  readonly kit?: KitId;
  /** Dough, and how it is rolled and cut, for `pieces`. */
  readonly dough?: number;
  readonly thicknessCm?: number;
  readonly cutterCm?: number;
  readonly square?: boolean;
  /** A cake, for `frost`. */
  readonly layers?: number;
  readonly diameterCm?: number;
  readonly heightCm?: number;
  readonly fillingCm?: number;
  readonly coatCm?: number;
  /** What `convert` converts to. */
  readonly toUnit?: string;
  /** A day, for `plan`: on the table by, no hands before, pairs of hands, ovens, °C of the room, effort, and a calendar to write. */
  readonly by?: string;
  readonly notBefore?: string;
  readonly hands?: number;
  readonly ovens?: number;
  readonly room?: number;
  readonly seconds?: number;
  readonly ics?: string;
  /** For `rescue`: what there is too much of, and whether it is stirred in. */
  readonly over?: string;
  readonly mixed?: boolean;
  /** For `learn`: the bake to come. */
  readonly next?: string;
  /** For `diagnose`: ids of faults by commas, and what else is known of the bake, as JSON. */
  readonly faults?: string;
  readonly facts?: string;
  /** For `devices`: where, and how fast time runs. */
  readonly port?: number;
  readonly pace?: number;
}

const pan = Joi.string().custom((written: string, helpers) => {
  const parsed = parsePan(written);
  if (parsed.kind === 'pan') return written;
  if (parsed.kind === 'size-missing')
    return helpers.message({
      custom: `{{#label}}: "${written}" has no size; write it as "9x5x2.75 in loaf" or "23 cm round"`,
    });
  const why = {
    'shape-not-built': 'has no walls to hold a batter',
    'size-unlikely': 'has a size that no kitchen pan has',
    'no-pan': 'is not a pan; write it as "9x5x2.75 in loaf", "23 cm springform" or "12-cup muffin tin"',
  }[parsed.because];
  return helpers.message({ custom: `{{#label}}: "${written}" ${why}` });
});

/** Pans or what stands on a sheet, in words: read beside the kitchen, which may name its own. */
const pansInWords = Joi.string().max(300);

const schedule = Joi.string().custom((written: string, helpers) => {
  const read = readSchedule(written);
  return (
    read ??
    helpers.message({
      custom: `{{#label}}: "${written}" is no schedule; write minutes at 100 to 300 °C, as in "20@218,*@163"`,
    })
  );
});
const cover = Joi.string().custom((written: string, helpers) => {
  const read = readCovers(written);
  return (
    read ?? helpers.message({ custom: `{{#label}}: "${written}" is no cover; write it as "lid 0-30" or "foil 40-"` })
  );
});

/** "2.5cm", "8 mm", "2 in", or a bare number of centimetres. */
const length = Joi.string().custom((written: string, helpers) => {
  const read = /^(-?\d+(?:[.,]\d+)?)(?:\s*(mm|cm|in|inch|inches))?$/i.exec(written.trim());
  if (!read)
    return helpers.message({ custom: `{{#label}}: "${written}" is no length; write it as "2.5cm", "8mm" or "2in"` });
  const value = Number((read[1] ?? '').replace(',', '.'));
  const unit = read[2]?.toLowerCase() ?? 'cm';
  return value * (unit === 'mm' ? 0.1 : unit === 'cm' ? 1 : 2.54);
});

const moment = momentSchema.messages({
  'string.pattern.base': '{{#label}}: "{{#value}}" is no moment; write it as "2026-11-28T15:00"',
});

const schema = Joi.object({
  by: moment,
  'not-before': moment,
  hands: Joi.number().integer().min(1).max(3).messages({ 'number.min': 'there are no hands: --hands is one to three' }),
  ovens: Joi.number().integer().min(1).max(3),
  room: Joi.number().min(5).max(45),
  seconds: Joi.number().min(0.05).max(120),
  ics: Joi.string().min(1).max(1000),
  over: Joi.string().min(1).max(200),
  mixed: Joi.boolean(),
  next: Joi.string().min(1).max(700),
  faults: Joi.string().allow('').max(2000),
  facts: Joi.string().allow('').max(100_000),
  port: Joi.number().integer().min(0).max(65_535),
  pace: Joi.number().min(0.1).max(600),
  factor: Joi.number(),
  pieces: Joi.number(),
  grams: Joi.number(),
  pan,
  limit: Joi.string().max(200),
  fill: Joi.number().min(0.05).max(1),
  kit: Joi.string().valid(...KIT_IDS),
  dough: Joi.number(),
  thickness: length,
  cutter: length,
  square: Joi.boolean(),
  layers: Joi.number(),
  diameter: length,
  height: length,
  filling: length,
  coat: length,
  filled: Joi.string().valid(...FILLINGS),
  format: Joi.string().valid(...EXPORT_FORMATS),
  'to-unit': Joi.string().max(40),
  'from-words': Joi.string().trim().max(100),
  'to-words': Joi.string().trim().max(200),
  lock: Joi.string().max(500),
  have: Joi.string().max(500),
  school: Joi.string().valid(...LEAVENING_METHODS),
  fineness: Joi.string().valid('spoons', 'tenths'),
  share: Joi.number().min(0).max(1),
  // the caller puts it in before any of this is loaded: see scripts/orvin.mjs
  language: Joi.string().valid('en', 'de'),
  region: Joi.string()
    .uppercase()
    .valid(...REGIONS)
    .default('US'),
  style: Joi.string().custom((id: string, helpers) =>
    styleById(id)
      ? id
      : helpers.message({
          custom: `{{#label}}: there is no style "${id}"; the ids are those of style_bands.csv, such as muffin`,
        }),
  ),
  to: Joi.array().items(pansInWords).single().min(1).max(4),
  compare: Joi.boolean(),
  schedule,
  cover,
  'start-celsius': Joi.number().min(-30).max(60),
  altitude: Joi.number().min(-430).max(5000),
  'pans-in-oven': Joi.number().integer().min(1).max(24),
  'oven-offset': Joi.number().min(-60).max(60),
  from: pansInWords,
  'known-minutes': Joi.number().min(3).max(400),
  celsius: Joi.number().min(100).max(300),
  fan: Joi.boolean(),
  material: Joi.string().valid(...PAN_MATERIALS),
  mass: Joi.number().min(10).max(200_000),
}).messages({
  'object.unknown': 'there is no option --{{#key}}',
  'number.base': '{{#label}} needs a number',
});

/** Options whose names say their unit inside, and not on the command line. */
type Renamed =
  | 'knownMinutes'
  | 'startCelsius'
  | 'pansInOven'
  | 'ovenOffset'
  | 'toUnit'
  | 'fromWords'
  | 'toWords'
  | 'inPans'
  | 'thicknessCm'
  | 'cutterCm'
  | 'diameterCm'
  | 'heightCm'
  | 'fillingCm'
  | 'coatCm'
  | 'notBefore';

interface Checked extends Omit<Options, Renamed> {
  readonly pan?: string;
  readonly thickness?: number;
  readonly cutter?: number;
  readonly diameter?: number;
  readonly height?: number;
  readonly filling?: number;
  readonly coat?: number;
  readonly 'not-before'?: string;
  readonly 'from-words'?: string;
  readonly 'to-words'?: string;
  readonly 'to-unit'?: string;
  readonly 'known-minutes'?: number;
  readonly 'start-celsius'?: number;
  readonly 'pans-in-oven'?: number;
  readonly 'oven-offset'?: number;
}

/** Checks the options of a command; gives the reason and what to write instead when one cannot be used. */
export function checkOptions(typed: TypedOptions): { readonly options: Options } | { readonly wrong: Outcome } {
  const { error, value } = schema.validate(typed, { errors: { wrap: { label: false } } }) as {
    error?: Joi.ValidationError;
    value: Checked;
  };
  if (error) return { wrong: wrongUse(error.message.replace(/^(?=[a-z-]+\b)(?!there)/, '--')) };
  const {
    'known-minutes': knownMinutes,
    'start-celsius': startCelsius,
    'pans-in-oven': pansInOven,
    'oven-offset': ovenOffset,
    'to-unit': toUnit,
    'from-words': fromWords,
    'to-words': toWords,
    pan: inPans,
    thickness: thicknessCm,
    cutter: cutterCm,
    diameter: diameterCm,
    height: heightCm,
    filling: fillingCm,
    coat: coatCm,
    'not-before': notBefore,
    ...rest
  } = value;
  return {
    options: {
      ...rest,
      regionIsFinal: typed['region'] !== undefined,
      ...(knownMinutes !== undefined && { knownMinutes }),
      ...(startCelsius !== undefined && { startCelsius }),
      ...(pansInOven !== undefined && { pansInOven }),
      ...(ovenOffset !== undefined && { ovenOffset }),
      ...(toUnit !== undefined && { toUnit }),
      ...(fromWords !== undefined && { fromWords }),
      ...(toWords !== undefined && { toWords }),
      ...(inPans !== undefined && { inPans }),
      ...(thicknessCm !== undefined && { thicknessCm }),
      ...(cutterCm !== undefined && { cutterCm }),
      ...(diameterCm !== undefined && { diameterCm }),
      ...(heightCm !== undefined && { heightCm }),
      ...(fillingCm !== undefined && { fillingCm }),
      ...(coatCm !== undefined && { coatCm }),
      ...(notBefore !== undefined && { notBefore }),
    },
  };
}
