import { cavityMillilitres, type Pan, type PanMaterial, type PanShape } from '@orvin/core/kitchen/pans';

/** What pans are made of, as a baker says it: how it takes up heat, and its row of the materials table. */
export const MADE_OF: readonly { readonly id: string; readonly name: string; readonly material: PanMaterial }[] = [
  { id: 'aluminium', name: $localize`aluminium`, material: 'light' },
  { id: 'tinplate', name: $localize`tinplate`, material: 'light' },
  { id: 'stainless', name: $localize`stainless steel`, material: 'light' },
  { id: 'steel_dark', name: $localize`dark steel`, material: 'dark' },
  { id: 'nonstick', name: $localize`non-stick coated`, material: 'dark' },
  { id: 'glass', name: $localize`glass`, material: 'glass' },
  { id: 'ceramic', name: $localize`ceramic`, material: 'ceramic' },
  { id: 'silicone', name: $localize`silicone`, material: 'silicone' },
  { id: 'cast_iron', name: $localize`cast iron`, material: 'cast-iron' },
  { id: 'enamel_iron', name: $localize`enamelled iron`, material: 'cast-iron' },
];

/** A pan as it is being written: figures as typed, in centimetres. */
export interface PanDraft {
  readonly id: string;
  readonly name: string;
  readonly shape: PanShape;
  readonly topLength: string;
  readonly topWidth: string;
  readonly bottomLength: string;
  readonly bottomWidth: string;
  readonly depth: string;
  readonly corner: string;
  readonly tube: string;
  readonly fluted: boolean;
  readonly cavities: string;
  /** Millilitres of water to the brim; '' leaves it to the measures. */
  readonly water: string;
  readonly madeOf: string;
  readonly count: string;
}

export const EMPTY_DRAFT: PanDraft = {
  id: '', name: '', shape: 'round', topLength: '20', topWidth: '', bottomLength: '', bottomWidth: '', depth: '5', corner: '', tube: '',
  fluted: false, cavities: '1', water: '', madeOf: 'aluminium', count: '1',
}; // prettier-ignore

const FLUTES_LEAVE = 0.91;
const asWritten = (value: number | undefined) => (value === undefined ? '' : String(Number(value.toFixed(2))));

export function draftOf(ownPan: {
  readonly id: string;
  readonly name: string;
  readonly pan: Pan;
  readonly count: number;
  readonly madeOf?: string;
}): PanDraft {
  const { pan } = ownPan;
  return {
    id: ownPan.id,
    name: ownPan.name,
    shape: pan.shape,
    topLength: asWritten(pan.topLengthCm),
    topWidth: asWritten(pan.topWidthCm),
    bottomLength: asWritten(pan.bottomLengthCm),
    bottomWidth: asWritten(pan.bottomWidthCm),
    depth: asWritten(pan.depthCm),
    corner: asWritten(pan.cornerRadiusCm),
    tube: asWritten(pan.tubeDiameterCm),
    fluted: pan.shapeFactor !== undefined,
    cavities: String(pan.cavities),
    water: asWritten(pan.measuredMillilitres),
    madeOf: ownPan.madeOf ?? MADE_OF.find(({ material }) => material === pan.material)?.id ?? 'aluminium',
    count: String(ownPan.count),
  };
}

export type PanField = keyof PanDraft;
export interface PanFault {
  readonly field: PanField;
  readonly say: string;
}

const number = (written: string) =>
  Number(
    written
      .trim()
      .replace(',', '.')
      .replace(/\s*(?:cm|ml)$/i, ''),
  );
/** A tin holds what its measures say, near enough; water that says otherwise was measured wrong, or the measures were. */
const WATER_WITHIN = [0.4, 1.6] as const;

/** The pan that a draft says, or everything that is wrong with it. */
export function panOf(
  draft: PanDraft,
): { readonly pan: Pan; readonly count: number } | { readonly faults: readonly PanFault[] } {
  const faults: PanFault[] = [];
  const read = (field: PanField, name: string, least: number, most: number, usual?: number): number => {
    const written = String(draft[field]);
    if (written.trim() === '' && usual !== undefined) return usual;
    const value = number(written);
    if (written.trim() !== '' && value >= least && value <= most) return value;
    faults.push({
      field,
      say: $localize`${name}:name:: ${least} to ${most}${field === 'water' ? ' ml' : field === 'count' || field === 'cavities' ? '' : ' cm'}.`,
    });
    return NaN;
  };
  const boxed = draft.shape === 'rectangle' || draft.shape === 'loaf';
  const topLengthCm = read('topLength', boxed ? $localize`Length at the rim` : $localize`Width at the rim`, 3, 75);
  const topWidthCm = boxed ? read('topWidth', $localize`Width at the rim`, 3, 75, topLengthCm) : topLengthCm;
  const bottomLengthCm = read('bottomLength', $localize`At the floor`, 2, 75, topLengthCm);
  const bottomWidthCm = boxed ? read('bottomWidth', $localize`Width at the floor`, 2, 75, topWidthCm) : bottomLengthCm;
  const depthCm = read('depth', $localize`Depth`, 1, 25);
  const tube = draft.shape === 'ring' ? read('tube', $localize`Tube`, 1, 40) : 0;
  const corner = boxed || draft.shape === 'square' ? read('corner', $localize`Corner radius`, 0, 20, 0) : 0;
  const cavities = draft.shape === 'muffin' || draft.shape === 'ring' ? read('cavities', $localize`Cups`, 1, 60, 1) : 1;
  const count = read('count', $localize`How many`, 1, 50);
  if (draft.name.trim() === '') faults.push({ field: 'name', say: $localize`Give it a name: “heart tin”.` });
  if (tube > 0 && tube >= Math.min(topLengthCm, bottomLengthCm))
    faults.push({ field: 'tube', say: $localize`The tube is wider than the pan.` });
  if (!Number.isInteger(count) && !Number.isNaN(count))
    faults.push({ field: 'count', say: $localize`How many: whole pans.` });
  if (!Number.isInteger(cavities) && !Number.isNaN(cavities))
    faults.push({ field: 'cavities', say: $localize`Cups: whole ones.` });
  const water = draft.water.trim() === '' ? undefined : read('water', $localize`Water`, 10, 30_000);
  if (faults.length > 0) return { faults };
  const pan: Pan = {
    name: draft.name.trim(), shape: draft.shape, topLengthCm, topWidthCm, bottomLengthCm, bottomWidthCm, depthCm, cavities,
    material: MADE_OF.find(({ id }) => id === draft.madeOf)?.material ?? 'light',
    ...(tube > 0 && { tubeDiameterCm: tube }),
    ...(corner > 0 && { cornerRadiusCm: corner }),
    ...(draft.fluted && { shapeFactor: FLUTES_LEAVE }),
  }; // prettier-ignore
  if (water === undefined) return { pan, count };
  const share = water / cavityMillilitres(pan);
  if (!(share >= WATER_WITHIN[0] && share <= WATER_WITHIN[1]))
    return {
      faults: [
        {
          field: 'water',
          say: $localize`By its measures it holds ${Math.round(cavityMillilitres(pan))} ml; ${Math.round(water)} cannot be. Measure again.`,
        },
      ],
    };
  return { pan: { ...pan, measuredMillilitres: water }, count };
}
