import { CheckboxButton, CheckboxField, RadioButton, RadioField } from 'react-aria-components';
import type { CheckboxButtonProps, CheckboxFieldProps, RadioButtonProps, RadioFieldProps } from 'react-aria-components';
import styled from 'styled-components';

type Own = 'children' | 'className';

/** What can be ticked; its style is that of all that can be clicked. */
export function Checkbox({ className, children, ...field }: Omit<CheckboxFieldProps, Own> & Pick<CheckboxButtonProps, Own>) {
  return (
    <TickedField {...field}>
      <CheckboxButton className={className}>{children}</CheckboxButton>
    </TickedField>
  );
}

/** One of a group; its style likewise. */
export function Radio({ className, children, ...field }: Omit<RadioFieldProps, Own> & Pick<RadioButtonProps, Own>) {
  return (
    <OneField {...field}>
      <RadioButton className={className}>{children}</RadioButton>
    </OneField>
  );
}

// The input that nobody sees lies where its field is: when it takes the focus, the page is not scrolled to anywhere else.
const TickedField = styled(CheckboxField)`position: relative;`;
const OneField = styled(RadioField)`position: relative;`;
