import { Link } from 'react-router';
import styled from 'styled-components';
import { space } from '../../design/tokens';
import { Poster } from '../Poster';
import { formatMessage } from '../../words/intl';

/** What follows from who can do what. */
export function ClassPapers({ schoolClass }: { schoolClass: string }) {
  return (
    <Links aria-label={formatMessage({ id: 'wall.prints.heading' })}>
      <Link to={`/wall/class/${schoolClass}/redo`}>{formatMessage({ id: 'wall.redo.title' })}</Link>
      <Link to={`/wall/class/${schoolClass}/reports`}>{formatMessage({ id: 'wall.reports' })}</Link>
      <Link to={`/wall/class/${schoolClass}/marks`}>{formatMessage({ id: 'wall.marks' })}</Link>
      <Poster of={`/api/progress/classes/${schoolClass}`} />
    </Links>
  );
}

/** Links beside choices: on the line of their words. */
export const Links = styled.nav`display: flex; gap: ${space(3)}; align-self: flex-end; padding-bottom: 8px; white-space: nowrap;`;
