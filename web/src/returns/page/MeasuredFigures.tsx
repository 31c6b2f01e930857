import styled from 'styled-components';
import type { Schemas } from '../../api/client';
import { colour, sizes, space } from '../../design/tokens';
import { decimals } from '../../words/words';
import { formatMessage } from '../../words/intl';

/** What was measured beside the goals. */
export function MeasuredFigures({ figures }: { figures: Schemas['MeasuredFigureView'][] }) {
  if (figures.length === 0) {
    return null;
  }
  return (
    <List aria-label={formatMessage({ id: 'returns.figures.title' })}>
      <dt>{formatMessage({ id: 'returns.figures.title' })}</dt>
      {figures.map(({ called, value, plusMinus }) => (
        <dd key={called.label}>
          {formatMessage(
            { id: 'returns.figures.one' },
            { goal: called.label, value: decimals(value, called.digits), plusMinus: decimals(plusMinus, called.digits), unit: called.unit },
          )}
        </dd>
      ))}
    </List>
  );
}

const List = styled.dl`
  display: flex;
  flex-wrap: wrap;
  gap: 0 ${space(4)};
  margin: ${space(3)} 0;
  color: ${colour.muted};
  font-size: ${sizes.small};
  dt { flex-basis: 100%; font-weight: 600; }
  dd { margin: 0; }
`;
