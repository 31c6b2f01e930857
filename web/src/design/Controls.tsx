import { memo, type ReactNode } from 'react';
import {
  Autocomplete,
  Button as AriaButton,
  FieldError as AriaFieldError,
  Input as AriaInput,
  Label as AriaLabel,
  ListBox,
  ListBoxItem,
  Popover,
  SearchField,
  Select as AriaSelect,
  SelectValue,
  Text,
  TextArea as AriaTextArea,
  TextField,
  ToggleButton as AriaToggleButton,
  ToggleButtonGroup,
  useFilter,
} from 'react-aria-components';
import styled, { css } from 'styled-components';
import { colour, sizes, space } from './tokens';
import { formatMessage } from '../words/intl';

const plate = css`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: ${space(2)};
  min-height: 34px;
  padding: ${space(1)} ${space(3)};
  border: 1px solid ${colour.ink};
  border-radius: 2px;
  background: ${colour.raised};
  cursor: pointer;
  white-space: nowrap;
  &[data-hovered] { background: ${colour.wash}; }
  &[data-disabled] { border-color: ${colour.line}; color: ${colour.muted}; cursor: default; }
`;

/** The usual action. */
export const Button = styled(AriaButton)`${plate}`;

/** The one next action of a view. */
export const MainButton = styled(AriaButton)`
  ${plate}
  background: ${colour.ink};
  color: ${colour.paper};
  font-weight: 600;
  &[data-hovered] { background: ${colour.muted}; }
  &[data-disabled] { background: ${colour.wash}; border-color: ${colour.line}; color: ${colour.muted}; }
`;

/** An action inside a sentence or a row. */
export const LinkButton = styled(AriaButton)`
  /* 24 px to point at (WCAG 2.5.8), without moving the line it stands in */
  min-width: 24px;
  min-height: 24px;
  margin-block: -4px;
  padding: 0;
  border: 0;
  background: none;
  text-decoration: underline;
  text-underline-offset: 0.18em;
  cursor: pointer;
  &[data-disabled] { color: ${colour.muted}; text-decoration: none; cursor: default; }
`;

const field = css`
  width: 100%;
  min-height: 34px;
  padding: ${space(1)} ${space(2)};
  border: 1px solid ${colour.muted};
  border-radius: 2px;
  background: ${colour.raised};
`;

const Label = styled(AriaLabel)`
  display: block;
  font-size: ${sizes.small};
  color: ${colour.muted};
  margin-bottom: 2px;
`;
const Hint = styled(Text)`display: block; font-size: ${sizes.small}; color: ${colour.muted};`;
const Fault = styled(AriaFieldError)`
  display: block;
  font-size: ${sizes.small};
  font-weight: 600;
  &::before { content: '▲ '; }
`;
const Input = styled(AriaInput)`${field}`;
const Area = styled(AriaTextArea)`${field} resize: vertical; line-height: 1.35; field-sizing: content; min-height: 4.2em;`;

interface TextProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  hint?: string | undefined;
  error?: string | undefined;
  type?: 'text' | 'password' | 'date' | 'time';
  rows?: number;
  required?: boolean;
  autoComplete?: string;
}

/** A line or, with rows, an area of words, with its label above and what is wrong below. */
export function Words({ label, value, onChange, hint, error, type = 'text', rows, required, autoComplete }: TextProps) {
  return (
    <TextField
      value={value}
      onChange={onChange}
      type={type}
      isRequired={required ?? false}
      isInvalid={error !== undefined}
      validationBehavior="aria"
      {...(autoComplete ? { autoComplete } : {})}
    >
      <Label>{label}</Label>
      {rows ? <Area rows={rows} /> : <Input />}
      {hint && <Hint slot="description">{hint}</Hint>}
      {error && <Fault>{error}</Fault>}
    </TextField>
  );
}

export interface Choice {
  id: string;
  name: string;
  mark?: ReactNode;
  note?: string;
}

interface SelectProps {
  label: string;
  value: string | null;
  onChange: (id: string) => void;
  choices: readonly Choice[];
  placeholder?: string;
}

/** A longer list is searched by typing. */
const LONG = 12;

/** One of a list. Not drawn anew while its props stay the same: a list of sixty pencils takes its time. */
export const Select = memo(function Select({ label, value, onChange, choices, placeholder }: SelectProps) {
  return (
    <AriaSelect value={value} onChange={(key) => key !== null && onChange(String(key))} {...(placeholder ? { placeholder } : {})}>
      <Label>{label}</Label>
      <SelectPlate>
        <SelectValue />
        <span aria-hidden>▾</span>
      </SelectPlate>
      <Drop>{choices.length > LONG ? <Searched of={label} choices={choices} /> : <Choices of={choices} />}</Drop>
    </AriaSelect>
  );
});

/** Whatever holds the letters typed, accents or not. */
function Searched({ of, choices }: { of: string; choices: readonly Choice[] }) {
  const { contains } = useFilter({ sensitivity: 'base' });
  return (
    <Autocomplete filter={contains}>
      {/* eslint-disable-next-line jsx-a11y/no-autofocus -- the list was opened to be searched */}
      <SearchField aria-label={formatMessage({ id: 'design.search.label' }, { list: of })} autoFocus>
        <Search placeholder={formatMessage({ id: 'design.search.hint' })} />
      </SearchField>
      <Choices of={choices} />
    </Autocomplete>
  );
}

function Choices({ of }: { of: readonly Choice[] }) {
  return (
    <List items={of} renderEmptyState={() => <Nothing>{formatMessage({ id: 'design.search.empty' })}</Nothing>}>
      {(choice: Choice) => (
        <Item id={choice.id} textValue={choice.name}>
          {choice.mark}
          <span>{choice.name}</span>
          {choice.note && <Note data-note>{choice.note}</Note>}
        </Item>
      )}
    </List>
  );
}

const SelectPlate = styled(AriaButton)`
  ${field}
  display: flex;
  justify-content: space-between;
  align-items: center;
  text-align: left;
  cursor: pointer;
  & .react-aria-SelectValue { display: flex; align-items: center; gap: ${space(2)}; flex: 1; min-width: 0; line-height: 1.2; overflow-wrap: anywhere; }
  & .react-aria-SelectValue [data-note] { display: none; }
`;
const Drop = styled(Popover)`
  min-width: var(--trigger-width);
  border: 1px solid ${colour.ink};
  background: ${colour.raised};
`;
const List = styled(ListBox<Choice>)`max-height: 420px; overflow: auto; padding: ${space(1)};`;
const Item = styled(ListBoxItem)`
  display: flex;
  align-items: center;
  gap: ${space(2)};
  padding: ${space(1)} ${space(2)};
  cursor: pointer;
  &[data-focused] { background: ${colour.wash}; outline: none; }
  &[data-selected] { font-weight: 600; }
`;
const Search = styled(AriaInput)`
  ${field}
  border-width: 0 0 1px;
  border-radius: 0;
  &:focus-visible { outline-offset: -3px; }
  &::-webkit-search-cancel-button { display: none; }
`;
const Nothing = styled.p`padding: ${space(2)}; color: ${colour.muted}; font-size: ${sizes.small};`;
const Note = styled.span`margin-left: auto; padding-left: ${space(4)}; color: ${colour.muted}; font-size: ${sizes.small};`;

interface SegmentsProps<T extends string> {
  label: string;
  value: T;
  onChange: (value: T) => void;
  choices: readonly { id: T; name: string }[];
}

function AllInSight<T extends string>({ label, value, onChange, choices }: SegmentsProps<T>) {
  return (
    <div>
      <SegmentsLabel>{label}</SegmentsLabel>
      <Row
        aria-label={label}
        selectionMode="single"
        disallowEmptySelection
        selectedKeys={[value]}
        onSelectionChange={(keys) => {
          const [first] = keys;
          if (first !== undefined) {
            onChange(first as T);
          }
        }}
      >
        {choices.map((choice) => (
          <Segment key={choice.id} id={choice.id}>
            {choice.name}
          </Segment>
        ))}
      </Row>
    </div>
  );
}

/** One of few, all in sight. */
export const Segments = memo(AllInSight) as typeof AllInSight;

const SegmentsLabel = styled.span`display: block; font-size: ${sizes.small}; color: ${colour.muted}; margin-bottom: 2px;`;
const Row = styled(ToggleButtonGroup)`display: inline-flex; flex-wrap: wrap;`;
const Segment = styled(AriaToggleButton)`
  min-height: 34px;
  min-width: 34px;
  padding: ${space(1)} ${space(2)};
  border: 1px solid ${colour.muted};
  margin-right: -1px;
  background: ${colour.raised};
  cursor: pointer;
  &[data-hovered] { background: ${colour.wash}; }
  &[data-selected] { background: ${colour.ink}; color: ${colour.paper}; border-color: ${colour.ink}; font-weight: 600; }
`;

/** On or off. */
export const Toggle = styled(AriaToggleButton)`
  ${plate}
  &[data-selected] { background: ${colour.ink}; color: ${colour.paper}; }
`;
