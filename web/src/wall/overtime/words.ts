import type { Schemas } from '../../api/client';
import { decimals } from '../../words/words';
import { formatMessage } from '../../words/intl';

/** A figure that became better, with the interval of its change. */
export const growthWords = (g: Schemas['GrowthView']) =>
  formatMessage(
    { id: 'wall.growth.figure' },
    { label: g.label, first: decimals(g.first, g.digits), latest: decimals(g.latest, g.digits), plusMinus: decimals(g.plusMinus, g.digits), unit: g.unit },
  );
