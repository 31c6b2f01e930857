import type { Schemas } from '../../api/client';
import { decimals } from '../../words/words';

/** A figure that became better, with the interval of its change. */
export const growthWords = (g: Schemas['GrowthView']) =>
  `${g.label} ${decimals(g.first, g.digits)} to ${decimals(g.latest, g.digits)} ± ${decimals(g.plusMinus, g.digits)} ${g.unit}`;
