import { Link } from 'react-router';
import styled, { css } from 'styled-components';
import { colour, space } from '../design/tokens';

const plate = css`
  padding: ${space(2)} ${space(3)};
  border-radius: 2px;
  background: ${colour.ink};
  color: ${colour.paper};
  font-weight: 600;
  text-decoration: none;
  &:hover { background: ${colour.muted}; }
`;

/** The one thing to do next. */
export const NextLink = styled(Link)`${plate}`;
/** The same for a file. */
export const NextFile = styled.a`${plate}`;
