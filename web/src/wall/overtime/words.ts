import type { Schemas } from '../../api/client';
import { decimals } from '../../words/words';
import { say } from '../../words/say';

/** A figure that became better, with the interval of its change. */
export const growthWords = (g: Schemas['GrowthView']) =>
  say('wall.to', { label: g.label, first: decimals(g.first, g.digits), latest: decimals(g.latest, g.digits), plusMinus: decimals(g.plusMinus, g.digits), unit: g.unit });
