import type { Schemas } from '../api/client';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';

type Warning = Schemas['WarningView'];
type WhatIf = Schemas['WhatIfView']['kind'];

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** A warning in words. */
export function warningWords(w: Warning, layerName: (i: number) => string): string {
  const name = w.layer == null ? '' : layerName(w.layer);
  switch (w.code) {
    case 'TOOTH_NEARLY_FULL':
      return formatMessage({ id: 'bench.warning.toothNearlyFull' }, { figure: w.figure });
    case 'MUDDY':
      return formatMessage({ id: 'bench.warning.muddy' }, { figure: percent(w.figure) });
    case 'HARD_LAYER_FIRST':
      return formatMessage({ id: 'bench.warning.hardLayerFirst' }, { name });
    case 'DARK_DROWNS_COLOUR':
      return formatMessage({ id: 'bench.warning.drownedColour' }, { name, figure: percent(w.figure) });
    case 'ACCENT_AFTER_BURNISH':
      return formatMessage({ id: 'bench.warning.accentOnBurnish' }, { name });
    case 'BLACK_CROSSES_WHITE':
      return formatMessage({ id: 'bench.warning.chalkyGrey' }, { name });
    case 'ADDS_LITTLE':
      return formatMessage({ id: 'bench.warning.hardlyVisible' }, { name, layer: (w.layer ?? 0) + 1, figure: decimals(w.figure, 1) });
    case 'BURNISH_OVER_HARD_LINES':
      return formatMessage({ id: 'bench.warning.linesStay' }, { name });
    case 'SOLVENT_ON_TOO_LITTLE':
      return formatMessage({ id: 'bench.warning.tooLittleForSolvent' });
    case 'LAYER_AFTER_BURNISH':
      return formatMessage({ id: 'bench.warning.afterBurnish' }, { name });
    case 'GRAPHITE_SMEARS':
      return formatMessage({ id: 'bench.warning.graphiteSmears' }, { name, figure: decimals(w.figure, 1) });
    case 'SLIDES_OFF':
      return formatMessage({ id: 'bench.warning.slides' }, { name, figure: percent(w.figure) });
    case 'SCRAPES_THROUGH':
      return formatMessage({ id: 'bench.warning.scrapesPastel' }, { name });
    case 'PASTEL_DUST':
      return formatMessage({ id: 'bench.warning.dust' }, { name });
    case 'DARKER_THAN_PENCILS_GO':
      return formatMessage({ id: 'bench.warning.goalTooDark' }, { limit: decimals(w.limit, 0), figure: decimals(w.figure, 0) });
  }
}

export const remedyWords: Record<Warning['remedy'], string> = {
  LEAVE_OUT: formatMessage({ id: 'bench.remedy.skip' }),
  MOVE_LAST: formatMessage({ id: 'bench.remedy.moveLast' }),
  ONE_PASS_LESS: formatMessage({ id: 'bench.remedy.onePassLess' }),
  WHISPER: formatMessage({ id: 'bench.remedy.firstAsWhisper' }),
  LIGHTER: formatMessage({ id: 'bench.remedy.lightly' }),
  KEEP_APART: formatMessage({ id: 'bench.remedy.keepApart' }),
  CIRCLES: formatMessage({ id: 'bench.remedy.inCircles' }),
  ONE_PASS_MORE: formatMessage({ id: 'bench.remedy.onePassMoreBelow' }),
  DARK_FOUNDATION: formatMessage({ id: 'bench.remedy.addDarkFoundation' }),
  LIFT_FIRST: formatMessage({ id: 'bench.remedy.liftFirst' }),
  PRESS_LESS: formatMessage({ id: 'bench.remedy.pressLess' }),
  STUMP: formatMessage({ id: 'bench.remedy.blendWithStump' }),
};

export const whatIfWords: Record<WhatIf, string> = {
  ORDER_REVERSED: formatMessage({ id: 'bench.whatIf.orderReversed' }),
  ONE_PASS_MORE: formatMessage({ id: 'bench.whatIf.onePassMore' }),
  ONE_PASS_LESS: formatMessage({ id: 'bench.whatIf.onePassLess' }),
  SHARPER: formatMessage({ id: 'bench.remedy.sharperPoint' }),
  DULLER: formatMessage({ id: 'bench.remedy.dullerPoint' }),
  CIRCLES: formatMessage({ id: 'bench.stroke.inCircles' }),
  ONE_WAY: formatMessage({ id: 'bench.stroke.oneWay' }),
  WHITE_OVER: formatMessage({ id: 'bench.whatIf.whiteOver' }),
  BLENDER_OVER: formatMessage({ id: 'bench.remedy.blenderOver' }),
  SOLVENT_OVER: formatMessage({ id: 'bench.layer.solventShort' }),
};

export function signed(n: number, digits = 1): string {
  const shown = decimals(Math.abs(n), digits);
  return Number(shown) === 0 ? shown : `${n < 0 ? '−' : '+'}${shown}`;
}
