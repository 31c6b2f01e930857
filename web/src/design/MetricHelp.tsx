import { useQuery } from '@tanstack/react-query';
import { Button, Dialog, DialogTrigger, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { served } from '../api/served';
import { Failed, Loading, Notice } from './States';
import { colour, sizes, space } from './tokens';
import { formatMessage } from '../words/intl';

interface Props {
  /** Of a goal, or of a figure of a field. */
  code: string;
  label: string;
}

/** A question mark that tells what a figure measures, what that stands for, and what it cannot see. */
function QuestionMark({ code, label }: Props) {
  return (
    <DialogTrigger>
      <Mark aria-label={formatMessage({ id: 'design.help.about' }, { label })}>?</Mark>
      <Pane placement="bottom start">
        <Dialog aria-label={formatMessage({ id: 'design.help.about' }, { label })}>
          <HelpText code={code} label={label} />
        </Dialog>
      </Pane>
    </DialogTrigger>
  );
}

/** A name with its question mark, which stays beside the last word where the name takes several lines. */
export function MetricHelp({ code, label }: Props) {
  const last = label.lastIndexOf(' ') + 1;
  return (
    <span>
      {label.slice(0, last)}
      <Together>
        {label.slice(last)} <QuestionMark code={code} label={label} />
      </Together>
    </span>
  );
}

function HelpText({ code, label }: Props) {
  const meanings = useQuery(served.meanings);
  if (meanings.isPending) {
    return <Loading what={formatMessage({ id: 'design.help.label' })} />;
  }
  if (meanings.error) {
    return <Failed error={meanings.error} />;
  }
  const meaning = meanings.data.find((m) => m.code === code);
  if (!meaning) {
    return <Notice role="alert">{formatMessage({ id: 'design.help.none' }, { label })}</Notice>;
  }
  return (
    <Lines>
      <h2>{label}</h2>
      <dl>
        <dt>{formatMessage({ id: 'design.help.measures' })}</dt>
        <dd>{meaning.measures}.</dd>
        <dt>{formatMessage({ id: 'design.help.purpose' })}</dt>
        <dd>{meaning.standsFor}.</dd>
        <dt>{formatMessage({ id: 'design.help.limits' })}</dt>
        <dd>{meaning.cannotSee}.</dd>
      </dl>
    </Lines>
  );
}

const Mark = styled(Button)`
  min-width: 24px;
  min-height: 24px;
  margin: -4px -6px;
  padding: 0;
  border: 0;
  background: none;
  color: ${colour.muted};
  font-size: ${sizes.small};
  font-weight: 400;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  cursor: pointer;
  &[data-hovered] {
    color: ${colour.ink};
    text-decoration: underline;
  }
`;
const Together = styled.span`white-space: nowrap;`;
const Pane = styled(Popover)`border: 1px solid ${colour.ink}; background: ${colour.paper}; width: min(380px, 94vw);`;
const Lines = styled.div`
  padding: ${space(4)};
  h2 { font-size: ${sizes.text}; margin-bottom: ${space(2)}; }
  dl { display: grid; grid-template-columns: max-content 1fr; gap: ${space(2)} ${space(3)}; }
  dt { color: ${colour.muted}; font-size: ${sizes.small}; }
  dd { margin: 0; font-size: ${sizes.small}; }
`;
