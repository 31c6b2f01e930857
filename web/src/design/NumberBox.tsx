import { Input, Label, NumberField } from 'react-aria-components';
import styled from 'styled-components';
import { decimals } from '../words/words';
import { colour, sizes, space } from './tokens';

interface Props {
  label: string;
  value: number;
  least: number;
  most: number;
  step?: number;
  digits?: number;
  /** Where what stands beside it names it. */
  hidden?: boolean;
  onChange: (value: number) => void;
}

/** A measured number. */
export function NumberBox({ label, value, least, most, step, digits = 1, hidden, onChange }: Props) {
  return (
    <NumberField
      {...(hidden ? { 'aria-label': label } : {})}
      value={Number(decimals(value, digits))}
      minValue={least}
      maxValue={most}
      {...(step ? { step } : {})}
      formatOptions={{ maximumFractionDigits: digits }}
      onChange={(v) => !Number.isNaN(v) && onChange(v)}
    >
      {!hidden && <Name>{label}</Name>}
      <Box />
    </NumberField>
  );
}

const Name = styled(Label)`display: block; font-size: ${sizes.small}; color: ${colour.muted};`;
const Box = styled(Input)`
  width: 100%;
  min-height: 32px;
  padding: ${space(1)} ${space(2)};
  border: 1px solid ${colour.muted};
  border-radius: 2px;
  background: ${colour.raised};
`;
