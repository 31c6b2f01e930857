import { useState } from 'react';
import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { grey } from './greys';
import { colour, space, surrounds, type Surround } from './tokens';
import { formatMessage } from '../words/intl';

const key = 'grastel.surround';

function remembered(): Surround {
  const kept = localStorage.getItem(key);
  return kept !== null && kept in surrounds ? (kept as Surround) : 'light';
}

function apply(surround: Surround) {
  document.documentElement.dataset['surround'] = surround;
}
apply(remembered());

/** Light, middle or dark: what colours are judged against. */
export function SurroundChoice() {
  const [surround, setSurround] = useState(remembered);
  return (
    <Group
      aria-label={formatMessage({ id: 'design.surround.label' })}
      selectionMode="single"
      disallowEmptySelection
      selectedKeys={[surround]}
      onSelectionChange={(keys) => {
        const [chosen] = keys as Set<Surround>;
        if (chosen) {
          localStorage.setItem(key, chosen);
          apply(chosen);
          setSurround(chosen);
        }
      }}
    >
      {(Object.keys(surrounds) as Surround[]).map((name) => (
        <Dot key={name} id={name} aria-label={formatMessage({ id: 'design.surround.named' }, { name })} style={{ background: grey(surrounds[name].paper) }} />
      ))}
    </Group>
  );
}

const Group = styled(ToggleButtonGroup)`display: flex; gap: ${space(1)}; margin-bottom: ${space(2)};`;
const Dot = styled(ToggleButton)`
  width: 24px;
  height: 24px;
  padding: 0;
  border: 1px solid ${colour.muted};
  cursor: pointer;
  &[data-selected] { border: 3px solid ${colour.ink}; }
`;
