import { frostingFor } from '../../batch/bowl/index.js';
import { limitInWords } from '../../words/wording/index.js';
import { cutPlan, type Cutter } from '../../batch/portions/index.js';
import { DomainError } from '../../ground/errors/index.js';
import { areaAt, brimMillilitres, isCircular, parsePan, type PanSet } from '../../kitchen/pans/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';

const CUP_MILLILITRES = 236.588;
/** Paper stands so much over the rim, to lift by. */
const OVERLAP_CM = 2;

/** The paper that lines a pan, cm: a disc and a strip, or one sheet folded up the sides. */
function liningOf({ pan }: PanSet): object {
  const round = isCircular(pan);
  const slant = (top: number, bottom: number) => Math.hypot(pan.depthCm, (top - bottom) / 2);
  return round
    ? {
        disc: rounded(pan.bottomLengthCm, 1),
        ...(pan.tubeDiameterCm !== undefined && { hole: rounded(pan.tubeDiameterCm, 1) }),
        stripLength: rounded(Math.PI * pan.topLengthCm + OVERLAP_CM, 1),
        stripHeight: rounded(slant(pan.topLengthCm, pan.bottomLengthCm) + OVERLAP_CM, 1),
      }
    : {
        length: rounded(pan.bottomLengthCm + 2 * (slant(pan.topLengthCm, pan.bottomLengthCm) + OVERLAP_CM), 1),
        width: rounded(pan.bottomWidthCm + 2 * (slant(pan.topWidthCm, pan.bottomWidthCm) + OVERLAP_CM), 1),
      };
}

/** `pan`: what a pan holds, and the paper for it. */
export function panCommand(words: string): Outcome {
  const parsed = parsePan(words);
  if (parsed.kind === 'size-missing')
    return refused(`"${words}" has no size; write it as "9x5x2.75 in loaf" or "23 cm round"`);
  if (parsed.kind !== 'pan')
    return refused(
      `"${words}" is no pan that can be worked out; write it as "9x5x2.75 in loaf", "23 cm round" or "12-cup muffin tin"`,
    );
  const { pan, count } = parsed.set;
  const brim = brimMillilitres(pan);
  return done({
    shape: pan.shape,
    count,
    volumeMl: rounded(brim, 0),
    cups: rounded(brim / CUP_MILLILITRES, 2),
    topAreaCm2: rounded(areaAt(pan, pan.depthCm) * pan.cavities, 1),
    bottomAreaCm2: rounded(areaAt(pan, 0) * pan.cavities, 1),
    liningCm: liningOf(parsed.set),
  });
}

/** Runs a computation whose preconditions the options may break. */
function checked(work: () => object): Outcome {
  try {
    return done(work());
  } catch (error) {
    if (error instanceof DomainError) return refused(limitInWords(error));
    throw error;
  }
}

/** `pieces`: how many come out of a dough, scraps rolled again. */
export function piecesCommand({ dough, thicknessCm, cutterCm, square }: Options): Outcome {
  if (dough === undefined || thicknessCm === undefined || cutterCm === undefined)
    return wrongUse('pieces needs --dough 900 --thickness 2.5cm --cutter 5cm');
  const cutter: Cutter =
    square === true ? { shape: 'square', sideCm: cutterCm } : { shape: 'round', diameterCm: cutterCm };
  return checked(() => {
    const plan = cutPlan(dough, thicknessCm, cutter);
    return {
      firstCut: plan.firstCut,
      total: plan.total,
      fromScraps: plan.fromScraps,
      gramsEach: rounded(plan.gramsEach, 1),
      scrapGrams: rounded(plan.scrapGrams, 1),
      slabCm: [rounded(plan.slabLengthCm, 1), rounded(plan.slabWidthCm, 1)],
    };
  });
}

/** `frost`: filling and coat by geometry. */
export function frostCommand({ layers, diameterCm, heightCm, fillingCm, coatCm }: Options): Outcome {
  if (layers === undefined || diameterCm === undefined || heightCm === undefined)
    return wrongUse('frost needs --layers 3 --diameter 20cm --height 4cm, with --filling 8mm and --coat 5mm');
  return checked(() => {
    const frosting = frostingFor({
      layers,
      diameterCm,
      layerHeightCm: heightCm,
      fillingCm: fillingCm ?? 0,
      coatCm: coatCm ?? 0,
    });
    return {
      millilitres: rounded(frosting.millilitres, 0),
      grams: rounded(frosting.grams, 0),
      fillingMillilitres: rounded(frosting.fillingMillilitres, 0),
      topMillilitres: rounded(frosting.topMillilitres, 0),
      sideMillilitres: rounded(frosting.sideMillilitres, 0),
      stackHeightCm: rounded(frosting.stackHeightCm, 1),
    };
  });
}
