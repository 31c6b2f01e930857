import styled from 'styled-components';
import { LinkButton } from '../design/Controls';
import { Small } from '../design/Text';
import { sizes, space } from '../design/tokens';
import type { Look, StackData } from './stack';
import { remedyWords, warningWords } from './words';
import { formatMessage } from '../words/intl';

interface Props {
  look: Look;
  names: readonly string[];
  onRemedy: (stack: StackData) => void;
}

/** What to mind, each with what would help. */
export function Warnings({ look, names, onRemedy }: Props) {
  if (look.warnings.length === 0) {
    return <Small>{formatMessage({ id: 'bench.warning.none' })}</Small>;
  }
  return (
    <List aria-label={formatMessage({ id: 'bench.warning.heading' })}>
      {look.warnings.map((w, i) => (
        <li key={`${w.code}${i}`} data-warning={w.code}>
          <Shape aria-hidden>{w.severity === 'CAUTION' ? '▲' : '●'}</Shape>
          <span>
            {warningWords(w, (layer) => names[layer] ?? '')} {w.remedied && <LinkButton onPress={() => w.remedied && onRemedy(w.remedied)}>{remedyWords[w.remedy]}</LinkButton>}
          </span>
        </li>
      ))}
    </List>
  );
}

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: ${space(2)};
  font-size: ${sizes.small};
  line-height: 1.3;
  & li { display: flex; gap: ${space(2)}; }
`;
const Shape = styled.span`flex: none; font-size: 10px; padding-top: 3px;`;
