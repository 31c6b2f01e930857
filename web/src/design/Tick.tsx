import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { colour, space } from './tokens';
import { Checkbox } from './Chosen';

interface Props {
  label: string;
  isOn: boolean;
  onChange: () => void;
  children: ReactNode;
}

/** One of a list that is taken or left out. */
export function Tick({ label, isOn, onChange, children }: Props) {
  return (
    <Line isSelected={isOn} onChange={onChange} aria-label={label}>
      <TickBox isOn={isOn} />
      {children}
    </Line>
  );
}

/** The same mark wherever something is ticked. */
export const TickBox = ({ isOn }: { isOn: boolean }) => <Box aria-hidden>{isOn ? '✓' : ''}</Box>;

/** Who is left out of a list; nobody at first. */
export function useLeftOut() {
  const [out, setOut] = useState<ReadonlySet<string>>(new Set());
  const toggle = (id: string) => setOut((before) => new Set(before.has(id) ? [...before].filter((x) => x !== id) : [...before, id]));
  return { out, setOut, toggle };
}

const Line = styled(Checkbox)`
  display: flex;
  align-items: flex-start;
  gap: ${space(2)};
  cursor: pointer;
  &[data-focus-visible] { outline: 2px solid ${colour.ink}; }
`;
const Box = styled.span`flex: none; display: grid; place-items: center; width: 16px; height: 16px; margin-top: 2px; border: 1px solid ${colour.muted}; line-height: 1;`;
