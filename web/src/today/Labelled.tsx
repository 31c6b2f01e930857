import { type ReactNode } from 'react';
import styled from 'styled-components';
import { space } from '../design/tokens';

/** A word at the left, and what it is about in a column beside it. */
export function Labelled({ label, group, children }: { label: string; group?: string; children: ReactNode }) {
  return (
    <Line {...(group ? { role: 'group', 'aria-label': group } : {})}>
      <b>{label}</b>
      <Content>{children}</Content>
    </Line>
  );
}

const Line = styled.div`
  display: grid;
  grid-template-columns: 72px minmax(0, 1fr);
  align-items: baseline;
  @media (max-width: 720px) { grid-template-columns: minmax(0, 1fr); }
`;
const Content = styled.div`display: flex; flex-wrap: wrap; align-items: center; gap: ${space(1)} ${space(4)};`;
