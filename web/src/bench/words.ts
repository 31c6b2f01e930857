import type { Schemas } from '../api/client';
import { decimals } from '../words/words';

type Warning = Schemas['WarningView'];
type WhatIf = Schemas['WhatIfView']['kind'];

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** What to mind, said to the teacher. */
export function warningWords(w: Warning, layerName: (i: number) => string): string {
  const name = w.layer == null ? '' : layerName(w.layer);
  switch (w.code) {
    case 'TOOTH_NEARLY_FULL':
      return `The tooth is nearly full: ${percent(w.figure)} left. Another layer will slide.`;
    case 'MUDDY':
      return `Muddy: opposites grey each other and ${percent(w.figure)} of the chroma is lost.`;
    case 'WHITE_TOO_EARLY':
      return `${name} lies under a colour and does little there. White comes last, firmly.`;
    case 'BLACK_CROSSES_WHITE':
      return `${name} crosses white: a chalky grey. Leave a band of bare paper between them.`;
    case 'ADDS_LITTLE':
      return `${name} (layer ${(w.layer ?? 0) + 1}) is hardly seen: ΔE ${decimals(w.figure, 1)}.`;
    case 'BURNISH_OVER_HARD_LINES':
      return `The lines of ${name} will stay: burnishing does not remove them. Blend first.`;
    case 'SOLVENT_ON_TOO_LITTLE':
      return 'Too little pigment for solvent to move. Lay more first.';
    case 'LAYER_AFTER_BURNISH':
      return `${name} comes after burnishing: a full tooth takes little more.`;
    case 'GRAPHITE_SMEARS':
      return `Graphite below smears into ${name}: ΔE ${decimals(w.figure, 1)} off its colour. Lift guide lines almost away first.`;
    case 'SLIDES_OFF':
      return `${name} slides on the wax or grease below: it finds ${percent(w.figure)} of its hold. Pencil first, the greasy medium last.`;
    case 'SCRAPES_THROUGH':
      return `${name}, pressed this hard, scrapes the oil pastel below off the paper.`;
    case 'PASTEL_DUST':
      return `${name} makes dust: tap it off, never blow; blend with a stump, not with fingers. School rules decide about air and masks.`;
    case 'DARKER_THAN_PENCILS_GO':
      return `The goal is darker than these pencils go (L* ${decimals(w.limit, 0)} wanted, ${decimals(w.figure, 0)} reached). Put a dark foundation under.`;
  }
}

export const remedyWords: Record<Warning['remedy'], string> = {
  LEAVE_OUT: 'Leave it out',
  MOVE_LAST: 'Move it last',
  ONE_PASS_LESS: 'One pass less',
  WHISPER: 'First colour as a whisper',
  CIRCLES: 'In circles instead',
  ONE_PASS_MORE: 'One pass more below',
  DARK_FOUNDATION: 'Add a dark foundation',
  LIFT_FIRST: 'Lift it first',
  PRESS_LESS: 'Press less',
  STUMP: 'Blend with a stump',
};

export const whatIfWords: Record<WhatIf, string> = {
  ORDER_REVERSED: 'order turned round',
  ONE_PASS_MORE: 'one pass more',
  ONE_PASS_LESS: 'one pass less',
  SHARPER: 'sharper point',
  DULLER: 'duller point',
  CIRCLES: 'in circles',
  ONE_WAY: 'one way',
  WHITE_OVER: 'white over',
  BLENDER_OVER: 'blender over',
  SOLVENT_OVER: 'solvent',
};

export function signed(n: number, digits = 1): string {
  const shown = decimals(Math.abs(n), digits);
  return Number(shown) === 0 ? shown : `${n < 0 ? '−' : '+'}${shown}`;
}
