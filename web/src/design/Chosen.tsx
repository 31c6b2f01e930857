import { CheckboxButton, CheckboxField, RadioButton, RadioField } from 'react-aria-components';
import type { CheckboxButtonProps, CheckboxFieldProps, RadioButtonProps, RadioFieldProps } from 'react-aria-components';

type Own = 'children' | 'className';

/** What can be ticked; its style is that of all that can be clicked. */
export function Checkbox({ className, children, ...field }: Omit<CheckboxFieldProps, Own> & Pick<CheckboxButtonProps, Own>) {
  return (
    <CheckboxField {...field}>
      <CheckboxButton className={className}>{children}</CheckboxButton>
    </CheckboxField>
  );
}

/** One of a group; its style likewise. */
export function Radio({ className, children, ...field }: Omit<RadioFieldProps, Own> & Pick<RadioButtonProps, Own>) {
  return (
    <RadioField {...field}>
      <RadioButton className={className}>{children}</RadioButton>
    </RadioField>
  );
}
