import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { colour, sizes, space } from '../design/tokens';
import { Poster } from '../wall/Poster';
import { dateWords } from '../course/words';
import { formatMessage } from '../words/intl';

/** What has been drawn from a project, printing by printing: to be read, compared, hung. */
export function Pieces({ project }: { project: string }) {
  const runs = useQuery({ queryKey: ['projects', project, 'pieces'], queryFn: () => body(api.GET('/api/projects/{id}/pieces', { params: { path: { id: project } } })) });
  if (!runs.data || runs.data.length === 0) {
    return null;
  }
  return (
    <Part aria-label={formatMessage({ id: 'projects.pieces' })}>
      <h2>{formatMessage({ id: 'projects.pieces' })}</h2>
      {runs.data.map((r) => (
        <div key={r.run}>
          <span>{formatMessage({ id: 'projects.print.assignment' }, { date: dateWords(r.printedAt), back: r.back, pages: r.pages, confirmed: r.confirmed })}</span>
          <Line>
            <Link to={`/returns/${r.run}`}>{formatMessage({ id: 'projects.returns' })}</Link>
            {r.back > 0 && <Link to={`/wall/${r.run}`}>{formatMessage({ id: 'projects.wall' })}</Link>}
            {r.back > 0 && <Poster of={`/api/progress/runs/${r.run}`} />}
          </Line>
        </div>
      ))}
    </Part>
  );
}

const Part = styled.section`
  display: flex;
  flex-direction: column;
  gap: ${space(2)};
  width: 100%;
  & span { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
const Line = styled.div`display: flex; flex-wrap: wrap; gap: ${space(3)}; font-size: ${sizes.small};`;
