import { CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import { colour, sizes, space } from './tokens';
import { Checkbox } from './Chosen';
import { TickBox } from './Tick';

interface Props {
  label: string;
  value: readonly string[];
  options: readonly { id: string; label: string }[];
  onChange: (value: string[]) => void;
}

/** Some of a few, all in sight, kept in the order of the options. */
export function Several({ label, value, options, onChange }: Props) {
  return (
    <CheckboxGroup value={[...value]} onChange={(chosen) => onChange(options.map((o) => o.id).filter((id) => chosen.includes(id)))}>
      <Name>{label}</Name>
      <Row>
        {options.map((o) => (
          <Chip key={o.id} value={o.id}>
            {({ isSelected }) => (
              <>
                <TickBox isOn={isSelected} /> {o.label}
              </>
            )}
          </Chip>
        ))}
      </Row>
    </CheckboxGroup>
  );
}

const Name = styled(Label)`display: block; font-size: ${sizes.small}; color: ${colour.muted}; margin-bottom: 2px;`;
const Row = styled.div`display: flex; flex-wrap: wrap; gap: 2px ${space(3)};`;
const Chip = styled(Checkbox)`
  display: flex;
  align-items: flex-start;
  gap: ${space(2)};
  cursor: pointer;
  min-height: 26px;
  &[data-selected] { font-weight: 600; }
  &[data-focus-visible] { outline: 2px solid ${colour.ink}; outline-offset: 2px; }
`;
