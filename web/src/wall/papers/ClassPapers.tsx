import { Link } from 'react-router';
import styled from 'styled-components';
import { space } from '../../design/tokens';
import { Poster } from '../Poster';
import { say } from '../../words/say';

/** What follows from who can do what. */
export function ClassPapers({ schoolClass }: { schoolClass: string }) {
  return (
    <Links aria-label={say('wall.from-this-wall')}>
      <Link to={`/wall/class/${schoolClass}/redo`}>{say('wall.redo-pages')}</Link>
      <Link to={`/wall/class/${schoolClass}/reports`}>{say('wall.reports')}</Link>
      <Link to={`/wall/class/${schoolClass}/marks`}>{say('wall.marks')}</Link>
      <Poster of={`/api/progress/classes/${schoolClass}`} />
    </Links>
  );
}

/** Links beside choices: on the line of their words. */
export const Links = styled.nav`display: flex; gap: ${space(3)}; align-self: flex-end; padding-bottom: 8px; white-space: nowrap;`;
