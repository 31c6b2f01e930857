import type { Schemas } from '../../api/client';
import { decimals } from '../../words/words';
import { formatMessage } from '../../words/intl';

/** A figure that became better, with the interval of its change. */
const growthWords = (g: Schemas['GrowthView']) =>
  formatMessage(
    { id: 'wall.growth.figure' },
    { label: g.label, first: decimals(g.first, g.digits), latest: decimals(g.latest, g.digits), plusMinus: decimals(g.plusMinus, g.digits), unit: g.unit },
  );

/** The one verdict on a skill: whether it grew, with the interval. */
export function changeWords({ trend, levels, plusMinus, clearest }: Schemas['ChangeView']): string {
  const by = decimals(Math.abs(levels), 1);
  const error = decimals(plusMinus, 1);
  switch (trend) {
    case 'GREW':
      return formatMessage({ id: 'wall.change.grew' }, { levels: by, plusMinus: error, clearest: clearest ? growthWords(clearest) : 'none' });
    case 'SLIPPED':
      return formatMessage({ id: 'wall.change.slipped' }, { levels: by, plusMinus: error });
    case 'STEADY':
      return formatMessage({ id: 'wall.change.steady' }, { plusMinus: error });
    case 'TOO_LITTLE':
      return formatMessage({ id: 'wall.change.tooLittle' });
  }
}
