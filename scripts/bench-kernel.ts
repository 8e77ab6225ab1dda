import '@angular/localize/init';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { simulateBake, type BakeSpec } from '../core/src/oven/baking/index.js';
import { HEAT, HEAT_STYLES } from '../core/src/oven/baking/parameters.js';
import { isFree } from '../core/src/kitchen/pans/index.js';

/** What of the parameters the kernel in C reads, under the names it has there. */
function parametersIn(spec: BakeSpec): string {
  const style = HEAT_STYLES[spec.heatStyle];
  const defined: Readonly<Record<string, number>> = {
    CONDUCTIVITY: HEAT.conductivity,
    PORE_VAPOUR: HEAT.poreVapour,
    FLUID_MIXING: HEAT.fluidMixing,
    CONVECTION: HEAT.convectionStill,
    CROWDING: HEAT.crowding,
    LIGHT_EMISSIVITY: HEAT.lightMetalEmissivity,
    PAN_RADIATION: HEAT.panRadiationShare,
    FOOD_EMISSIVITY: HEAT.foodEmissivity,
    EVAPORATION: HEAT.evaporation,
    MOISTURE: HEAT.moistureDiffusion,
    BOTTOM_RESISTANCE: HEAT.bottomResistance,
    SIDE_RESISTANCE: HEAT.sideResistance,
    DOOR_DROP: HEAT.doorDrop,
    SETTING_MINUTES: HEAT.settingMinutes,
    SETTING_BASE: HEAT.settingBaseCelsius,
    SETTING_SUGAR: HEAT.settingSugarCelsius,
    BROWNING_RATE: HEAT.browningRate,
    BROWNING_ENERGY: HEAT.browningEnergy,
    OVEN_VAPOUR: HEAT.ovenVapourPascals,
    WATER: style.water,
    FAT: style.fat,
    SUGAR: style.sugar,
    RAW_DENSITY: style.rawDensity,
    BAKED_DENSITY: style.bakedDensity,
    STYLE_HEAT: style.heatFactor,
    FLUIDITY: style.fluidity,
  };
  return Object.entries(defined)
    .map(([name, value]) => `#define ${name} ((double)${value})`)
    .join('\n');
}

export interface KernelInC {
  readonly minutes: number;
  readonly milliseconds: number;
}

/** What makes C ask at each read whether it is inside, as a page's typed arrays do. */
export const BOUNDS_CHECKED = ['-fsanitize=bounds', '-fsanitize-undefined-trap-on-error'] as const;

/** Compiles bench/kernel.c with gcc -O2 and bakes the same loaf with it; undefined where there is no gcc. */
export function kernelInC(
  spec: BakeSpec,
  root: string,
  flags: readonly string[] = [],
  runs = 40,
): KernelInC | undefined {
  if (isFree(spec.pan)) return undefined;
  const folder = mkdtempSync(join(tmpdir(), 'orvin-kernel-'));
  try {
    writeFileSync(join(folder, 'parameters.h'), `${parametersIn(spec)}\n`);
    const source = join(root, 'bench/kernel.c');
    execFileSync('gcc', ['-O2', ...flags, '-I', folder, '-o', join(folder, 'kernel'), source, '-lm']);
    const { pan, gramsPerPan, ovenCelsius } = spec;
    const size = [pan.topLengthCm, pan.topWidthCm, pan.bottomLengthCm, pan.bottomWidthCm, pan.depthCm];
    const words = execFileSync(join(folder, 'kernel'), [runs, gramsPerPan, ovenCelsius, ...size].map(String), {
      encoding: 'utf8',
    });
    const [minutes = Number.NaN, milliseconds = Number.NaN] = words.trim().split(' ').map(Number);
    return { minutes, milliseconds };
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return undefined;
    throw error;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** The quickest of many warm bakes in JavaScript, of the very same loaf. */
export function kernelHere(spec: BakeSpec, runs = 60): KernelInC {
  let milliseconds = Infinity;
  let minutes = Number.NaN;
  for (let i = 0; i < runs; i++) {
    const from = performance.now();
    minutes = simulateBake(spec).doneMinute ?? Number.NaN;
    milliseconds = Math.min(milliseconds, performance.now() - from);
  }
  return { minutes, milliseconds };
}
