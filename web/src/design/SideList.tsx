import styled from 'styled-components';
import { LinkButton } from './Controls';
import { colour, sizes, space } from './tokens';

/** What there is to choose from, beside what is chosen. */
export const SideList = styled.nav`
  flex: none;
  display: flex;
  flex-direction: column;
  gap: ${space(2)};
  padding: ${space(4)};
  border-right: 1px solid ${colour.line};
  align-items: stretch;
`;

/** One of them; data-open marks the one that is shown. */
export const SideEntry = styled(LinkButton)`
  text-align: left;
  text-decoration: none;
  padding: ${space(2)};
  border-left: 4px solid transparent;
  &[data-open='true'] { border-left-color: ${colour.ink}; background: ${colour.wash}; }
  & b, & small { display: block; }
  & small { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
