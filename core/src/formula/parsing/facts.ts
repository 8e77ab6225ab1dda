import type { Formula, KnownBake } from '../formula/index.js';
import { REGIONS, type Region } from '../../ground/units/index.js';

/*
 * What a formula holds besides its words, in lines that a person can read and Orvin can read back: whose cups are meant, the style, the
 * bake where the method does not say it, and the flour that percentages are of.
 */

export interface FormulaFacts {
  readonly region?: Region;
  readonly styleId?: string;
  readonly bake?: KnownBake;
  readonly flourBasisGrams?: number;
}

const REGION_WORDS: Readonly<Record<Region, string>> = {
  US: 'American cups, spoons and eggs',
  UK: 'British cups, spoons and eggs',
  CA: 'Canadian cups, spoons and eggs',
  AU: 'Australian cups, spoons and eggs',
  NZ: 'New Zealand cups, spoons and eggs',
  IN: 'Indian cups and spoons',
  JP: 'Japanese cups, spoons and eggs',
  EU: 'metric cups and spoons, European eggs',
};

const span = (low: number, high: number) => (low === high ? String(low) : `${low}-${high}`);

/** "55-60 min; 177 °C; pan: 9x5 loaf pan": the bake in one line, read back by `readBakeFact`. */
function writeBakeFact({ celsius, fan, lowMinutes, highMinutes, pan, stages }: KnownBake): string {
  const parts = [
    ...(lowMinutes === undefined ? [] : [`${span(lowMinutes, highMinutes ?? lowMinutes)} min`]),
    ...(celsius === undefined ? [] : [`${celsius} °C`]),
    ...(fan ? ['fan'] : []),
    ...(stages === undefined
      ? []
      : [
          `in stages: ${stages.map((stage) => `${span(stage.lowMinutes, stage.highMinutes)} min at ${stage.celsius} °C`).join(', ')}`,
        ]),
    ...(pan === undefined ? [] : [`pan: ${pan}`]),
  ];
  return parts.length === 0 ? 'not known' : parts.join('; ');
}

const NUMBER = String.raw`(\d+(?:\.\d+)?)`;
const MINUTES = new RegExp(`^${NUMBER}(?:-${NUMBER})? min$`);
const CELSIUS = new RegExp(`^${NUMBER} °C$`);
const STAGE = new RegExp(`^${NUMBER}(?:-${NUMBER})? min at ${NUMBER} °C$`);

/** Reads what `writeBakeFact` wrote; undefined for anything else. */
function readBakeFact(written: string): KnownBake | undefined {
  const bake: { -readonly [K in keyof KnownBake]: KnownBake[K] } = { fan: false };
  if (written === 'not known') return bake;
  const panAt = written.search(/(?:^|; )pan: /);
  const pan = panAt < 0 ? undefined : written.slice(panAt).replace(/^(?:; )?pan: /, '');
  for (const part of (panAt < 0 ? written : written.slice(0, panAt)).split('; ').filter((fact) => fact !== '')) {
    const minutes = MINUTES.exec(part);
    const celsius = CELSIUS.exec(part);
    if (minutes) {
      bake.lowMinutes = Number(minutes[1]);
      bake.highMinutes = Number(minutes[2] ?? minutes[1]);
    } else if (celsius) bake.celsius = Number(celsius[1]);
    else if (part === 'fan') bake.fan = true;
    else if (part.startsWith('in stages: ')) {
      const stages = part
        .slice('in stages: '.length)
        .split(', ')
        .map((fact) => STAGE.exec(fact));
      if (stages.some((stage) => stage === null)) return undefined;
      bake.stages = stages.map((stage) => ({
        celsius: Number(stage?.[3]),
        lowMinutes: Number(stage?.[1]),
        highMinutes: Number(stage?.[2] ?? stage?.[1]),
      }));
    } else return undefined;
  }
  if (pan !== undefined) bake.pan = pan;
  return Object.keys(bake).length > 1 || bake.fan ? bake : undefined;
}

/** The facts of a formula as lines; the bake only where the words of the method do not say it. */
export function writeFacts(formula: Formula, bakeSaidByMethod: boolean): readonly string[] {
  return [
    `Measured in: ${formula.region} (${REGION_WORDS[formula.region]})`,
    ...(formula.styleId === undefined ? [] : [`Style: ${formula.styleId.replaceAll('_', ' ')}`]),
    ...(formula.flourBasisGrams === undefined ? [] : [`Basis: ${formula.flourBasisGrams} g flour`]),
    ...(bakeSaidByMethod ? [] : [`Bake: ${writeBakeFact(formula.bake)}`]),
  ];
}

/** A line that may be such a fact. */
export const FACT = /^(measured in|style|basis|bake)\s*:\s*(\S.*)$/i;

/** Reads one such line; undefined when it only looks like one. */
export function readFact(line: string): FormulaFacts | undefined {
  const [, name = '', value = ''] = FACT.exec(line) ?? [];
  switch (name.toLowerCase()) {
    case 'measured in': {
      const region = REGIONS.find((region) => new RegExp(`^${region}\\b`, 'i').test(value));
      return region && { region };
    }
    case 'style':
      return /^[a-z][a-z0-9 _]{2,40}$/i.test(value) ? { styleId: value.toLowerCase().replaceAll(' ', '_') } : undefined;
    case 'basis': {
      const grams = /^(\d+(?:\.\d+)?) ?g\b/.exec(value)?.[1];
      return grams === undefined ? undefined : { flourBasisGrams: Number(grams) };
    }
    case 'bake': {
      const bake = readBakeFact(value);
      return bake && { bake };
    }
    default:
      return undefined;
  }
}
