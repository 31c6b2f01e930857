import type { Schemas } from '../api/client';
import { decimals } from '../words/words';
import { say } from '../words/say';

type Warning = Schemas['WarningView'];
type WhatIf = Schemas['WhatIfView']['kind'];

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** A warning in words. */
export function warningWords(w: Warning, layerName: (i: number) => string): string {
  const name = w.layer == null ? '' : layerName(w.layer);
  switch (w.code) {
    case 'TOOTH_NEARLY_FULL':
      return say('bench.the-tooth-is-nearly-full', { figure: w.figure });
    case 'MUDDY':
      return say('bench.muddy-opposites-grey-each-other', { figure: percent(w.figure) });
    case 'HARD_LAYER_FIRST':
      return say('bench.hard-layer-first', { name });
    case 'DARK_DROWNS_COLOUR':
      return say('bench.dark-drowns-colour', { name, figure: percent(w.figure) });
    case 'ACCENT_AFTER_BURNISH':
      return say('bench.accent-after-burnish', { name });
    case 'BLACK_CROSSES_WHITE':
      return say('bench.crosses-white-a-chalky-grey', { name });
    case 'ADDS_LITTLE':
      return say('bench.layer-is-hardly-seen-e', { name, layer: (w.layer ?? 0) + 1, figure: decimals(w.figure, 1) });
    case 'BURNISH_OVER_HARD_LINES':
      return say('bench.the-lines-of-will-stay', { name });
    case 'SOLVENT_ON_TOO_LITTLE':
      return say('bench.too-little-pigment-for-solvent');
    case 'LAYER_AFTER_BURNISH':
      return say('bench.comes-after-burnishing-a-full', { name });
    case 'GRAPHITE_SMEARS':
      return say('bench.graphite-below-smears-into-e', { name, figure: decimals(w.figure, 1) });
    case 'SLIDES_OFF':
      return say('bench.slides-on-the-wax-or', { name, figure: percent(w.figure) });
    case 'SCRAPES_THROUGH':
      return say('bench.pressed-this-hard-scrapes-the', { name });
    case 'PASTEL_DUST':
      return say('bench.makes-dust-tap-it-off', { name });
    case 'DARKER_THAN_PENCILS_GO':
      return say('bench.the-goal-is-darker-than', { limit: decimals(w.limit, 0), figure: decimals(w.figure, 0) });
  }
}

export const remedyWords: Record<Warning['remedy'], string> = {
  LEAVE_OUT: say('bench.leave-it-out'),
  MOVE_LAST: say('bench.move-it-last'),
  ONE_PASS_LESS: say('bench.one-pass-less'),
  WHISPER: say('bench.first-colour-as-a-whisper'),
  LIGHTER: say('bench.lay-it-lightly'),
  KEEP_APART: say('bench.keep-them-apart'),
  CIRCLES: say('bench.in-circles-instead'),
  ONE_PASS_MORE: say('bench.one-pass-more-below'),
  DARK_FOUNDATION: say('bench.add-a-dark-foundation'),
  LIFT_FIRST: say('bench.lift-it-first'),
  PRESS_LESS: say('bench.press-less'),
  STUMP: say('bench.blend-with-a-stump'),
};

export const whatIfWords: Record<WhatIf, string> = {
  ORDER_REVERSED: say('bench.order-turned-round'),
  ONE_PASS_MORE: say('bench.one-pass-more'),
  ONE_PASS_LESS: say('bench.one-pass-less-2'),
  SHARPER: say('bench.sharper-point'),
  DULLER: say('bench.duller-point'),
  CIRCLES: say('bench.in-circles'),
  ONE_WAY: say('bench.one-way'),
  WHITE_OVER: say('bench.white-over'),
  BLENDER_OVER: say('bench.blender-over'),
  SOLVENT_OVER: say('bench.solvent'),
};

export function signed(n: number, digits = 1): string {
  const shown = decimals(Math.abs(n), digits);
  return Number(shown) === 0 ? shown : `${n < 0 ? '−' : '+'}${shown}`;
}
