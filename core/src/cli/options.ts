import Joi from 'joi';
import { styleById } from '../balance/index.js';
import { PAN_MATERIALS, parsePan, type PanMaterial, type PanSet } from '../pans/index.js';
import { EXPORT_FORMATS, type ExportFormat } from '../formats/index.js';
import { SCHOOLS, type Fineness, type School } from '../schools/index.js';
import { FILLINGS, REGIONS, type Filling, type Region } from '../units/index.js';
import { wrongUse, type Outcome } from './outcome.js';

/** The options of a command as they were typed: names without dashes, values as text, flags as true. */
export type TypedOptions = Readonly<Record<string, string | boolean | undefined>>;

export interface Options {
  readonly region: Region;
  readonly style?: string;
  readonly to?: PanSet;
  readonly from?: PanSet;
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
  readonly school?: School;
  readonly fineness?: Fineness;
  /** What `swap` replaces, by what, and how much of it. */
  readonly fromWords?: string;
  readonly toWords?: string;
  readonly share?: number;
  /** What `convert` converts to. */
  readonly toUnit?: string;
}

const pan = Joi.string().custom((written: string, helpers) => {
  const parsed = parsePan(written);
  if (parsed.kind === 'pan') return parsed.set;
  if (parsed.kind === 'size-missing')
    return helpers.message({
      custom: `{{#label}}: "${written}" has no size; write it as "9x5x2.75 in loaf" or "23 cm round"`,
    });
  const why = {
    'shape-not-built': 'is a shape that cannot be simulated yet; round, square, rectangular, loaf and muffin pans can',
    'size-unlikely': 'has a size that no kitchen pan has',
    'no-pan': 'is not a pan; write it as "9x5x2.75 in loaf", "23 cm springform" or "12-cup muffin tin"',
  }[parsed.because];
  return helpers.message({ custom: `{{#label}}: "${written}" ${why}` });
});

const schema = Joi.object({
  filled: Joi.string().valid(...FILLINGS),
  format: Joi.string().valid(...EXPORT_FORMATS),
  'to-unit': Joi.string().max(40),
  'from-words': Joi.string().trim().max(100),
  'to-words': Joi.string().trim().max(200),
  lock: Joi.string().max(500),
  have: Joi.string().max(500),
  school: Joi.string().valid(...SCHOOLS),
  fineness: Joi.string().valid('spoons', 'tenths'),
  share: Joi.number().min(0).max(1),
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
  to: pan,
  from: pan,
  'known-minutes': Joi.number().min(3).max(400),
  celsius: Joi.number().min(100).max(300),
  fan: Joi.boolean(),
  material: Joi.string().valid(...PAN_MATERIALS),
  mass: Joi.number().min(10).max(200_000),
}).messages({
  'object.unknown': 'there is no option --{{#key}}',
  'number.base': '{{#label}} needs a number',
});

interface Checked extends Omit<Options, 'knownMinutes' | 'toUnit' | 'fromWords' | 'toWords'> {
  readonly 'from-words'?: string;
  readonly 'to-words'?: string;
  readonly 'to-unit'?: string;
  readonly 'known-minutes'?: number;
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
    'to-unit': toUnit,
    'from-words': fromWords,
    'to-words': toWords,
    ...rest
  } = value;
  return {
    options: {
      ...rest,
      ...(knownMinutes !== undefined && { knownMinutes }),
      ...(toUnit !== undefined && { toUnit }),
      ...(fromWords !== undefined && { fromWords }),
      ...(toWords !== undefined && { toWords }),
    },
  };
}
