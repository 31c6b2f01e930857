import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { colour, space } from '../design/tokens';
import { dayQuery } from '../today/useDay';
import { formatMessage } from '../words/intl';

/** What comes after the last page of a pile: slips, the wall, redo sheets, and the next pile that waits. */
export function AllConfirmed({ run }: { run: Schemas['RunView'] }) {
  const day = useQuery(dayQuery());
  const next = day.data?.classes.find((c) => c.run && c.run.id !== run.id && c.run.progress.read > c.run.progress.confirmed);
  return (
    <Bar role="status">
      <b>{formatMessage({ id: 'returns.pile.done' })}</b>
      <a href={`/api/returns/runs/${run.id}/slips.pdf`} target="_blank" rel="noreferrer">
        {formatMessage({ id: 'returns.print.slips' })}
      </a>
      <Link to={`/wall/${run.id}`}>{formatMessage({ id: 'returns.pile.wall' })}</Link>
      <Link to={`/wall/${run.id}/redo`}>{formatMessage({ id: 'returns.print.redoSheets' })}</Link>
      {next?.run && <Link to={`/returns/${next.run.id}`}>{formatMessage({ id: 'returns.pile.next' }, { className: next.name, title: next.run.title })}</Link>}
    </Bar>
  );
}

const Bar = styled.p`display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(5)}; padding: ${space(3)} ${space(6)}; background: ${colour.wash}; border-bottom: 1px solid ${colour.line};`;
