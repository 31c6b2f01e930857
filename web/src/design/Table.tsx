import type { ReactNode } from 'react';
import styled from 'styled-components';
import { colour, sizes, space } from './tokens';

/** Rows with a line under each, small heads over them. */
export const DataTable = styled.table`
  th { font-size: ${sizes.small}; font-weight: 400; color: ${colour.muted}; text-align: left; }
  td, th { padding: 3px ${space(1)}; border-bottom: 1px solid ${colour.line}; vertical-align: top; }
`;

/** One that is larger than the screen: its heads and its first column stay where they are. */
export const ScrolledTable = styled.table`
  border-collapse: collapse;
  & th, & td { padding: ${space(1)} ${space(2)}; border-bottom: 1px solid ${colour.line}; text-align: left; font-weight: 400; }
  & thead th { position: sticky; top: 0; background: ${colour.paper}; z-index: 1; vertical-align: bottom; }
  & tbody th { position: sticky; left: 0; background: ${colour.paper}; white-space: nowrap; }
  & tr > :first-child { padding-left: ${space(6)}; }
  & small { display: block; font-size: ${sizes.small}; color: ${colour.muted}; }
`;

/** Room for a table that may be wider than the screen: it alone is moved sideways, by keys too. */
export function ScrollRegion({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Room role="region" aria-label={label} tabIndex={0}>
      {children}
    </Room>
  );
}

const Room = styled.div`min-width: 0; overflow-x: auto;`;
