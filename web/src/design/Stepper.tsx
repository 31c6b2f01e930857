import { memo } from 'react';
import { Button, FieldError, Group, Input, Label, NumberField } from 'react-aria-components';
import styled from 'styled-components';
import { colour, sizes, space } from './tokens';

interface Props {
  label: string;
  value: number;
  least: number;
  most: number;
  onChange: (value: number) => void;
  error?: string | undefined;
}

/** A whole number with its neighbours one press away. */
export const Stepper = memo(function Stepper({ label, value, least, most, onChange, error }: Props) {
  return (
    <NumberField value={value} minValue={least} maxValue={most} step={1} onChange={(v) => !Number.isNaN(v) && onChange(v)} isInvalid={error !== undefined}>
      <Name>
        {label}{' '}
        <Range>
          ({least}–{most})
        </Range>
      </Name>
      <Plate>
        <Side slot="decrement">−</Side>
        <Figure />
        <Side slot="increment">+</Side>
      </Plate>
      {error && <Fault>{error}</Fault>}
    </NumberField>
  );
});

const Name = styled(Label)`display: block; font-size: ${sizes.small}; color: ${colour.muted}; margin-bottom: 2px;`;
const Range = styled.span`white-space: nowrap;`;
const Plate = styled(Group)`display: flex; width: 128px; border: 1px solid ${colour.muted}; background: ${colour.raised};`;
const Side = styled(Button)`
  width: 36px;
  height: 32px;
  border: 0;
  background: none;
  font-size: ${sizes.lead};
  cursor: pointer;
  &[data-hovered] { background: ${colour.wash}; }
  &[data-disabled] { color: ${colour.line}; cursor: default; }
`;
const Figure = styled(Input)`flex: 1; min-width: 0; border: 0; background: none; text-align: center; font-weight: 600; padding: ${space(1)};`;
const Fault = styled(FieldError)`display: block; font-size: ${sizes.small}; font-weight: 600;`;
