import { Link } from 'react-router';
import styled from 'styled-components';
import { space } from '../../design/tokens';
import { Poster } from '../Poster';

/** What follows from who can do what. */
export function ClassPapers({ schoolClass }: { schoolClass: string }) {
  return (
    <Links aria-label="From this wall">
      <Link to={`/wall/class/${schoolClass}/redo`}>Redo pages</Link>
      <Link to={`/wall/class/${schoolClass}/reports`}>Reports</Link>
      <Link to={`/wall/class/${schoolClass}/marks`}>Marks</Link>
      <Poster of={`/api/progress/classes/${schoolClass}`} />
    </Links>
  );
}

/** Links beside choices: on the line of their words. */
export const Links = styled.nav`display: flex; gap: ${space(3)}; align-self: flex-end; padding-bottom: 8px; white-space: nowrap;`;
