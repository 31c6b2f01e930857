import { memo, useMemo } from 'react';
import styled from 'styled-components';
import { Select } from '../design/Controls';
import { Asked } from '../design/Swatch';
import { colour, space } from '../design/tokens';
import { useLatest } from '../design/useLatest';
import type { Kit, StackData } from './stack';
import { formatMessage } from '../words/intl';

interface Props {
  kit: Kit;
  stack: StackData;
  onChange: (stack: StackData) => void;
}

const stains = [
  { id: 'NONE', name: formatMessage({ id: 'bench.paper.bare' }) },
  { id: 'WASH', name: formatMessage({ id: 'bench.paper.wash' }) },
  { id: 'MARKER', name: formatMessage({ id: 'bench.paper.marker' }) },
];

/** What everything lies on: the paper, and wash or marker on it. */
export const Sheet = memo(function Sheet({ kit, stack, onChange }: Props) {
  const lay = useLatest((paper: string) => onChange({ ...stack, paper }));
  const stain = useLatest((kind: string) =>
    onChange(
      kind === 'NONE'
        ? { paper: stack.paper, layers: stack.layers }
        : { ...stack, under: { kind: kind as 'WASH' | 'MARKER', colour: stack.under?.colour ?? '#6fa8c9', strength: kind === 'MARKER' ? 1 : 0.5 } },
    ),
  );
  const papers = useMemo(() => kit.papers.map((p) => ({ id: p.id, name: p.name, mark: <Asked $colour={p.colour} /> })), [kit]);
  return (
    <Row>
      <Select label={formatMessage({ id: 'bench.paper.label' })} value={stack.paper} onChange={lay} choices={papers} />
      <Select label={formatMessage({ id: 'bench.paper.cover' })} value={stack.under?.kind ?? 'NONE'} onChange={stain} choices={stains} />
      {stack.under && (
        <input
          type="color"
          aria-label={formatMessage({ id: 'bench.paper.washColour' })}
          value={stack.under.colour}
          onChange={(e) => stack.under && onChange({ ...stack, under: { ...stack.under, colour: e.target.value } })}
        />
      )}
    </Row>
  );
});

const Row = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 86px auto;
  gap: ${space(2)};
  align-items: end;
  & > :nth-child(2):last-child { grid-column: 2 / -1; }
  & input { width: 34px; height: 34px; padding: 0; border: 1px solid ${colour.muted}; background: none; }
`;
