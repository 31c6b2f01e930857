import type { ReactNode } from 'react';
import styled from 'styled-components';
import { levelGreys, sizes, space } from '../design/tokens';
import { formatMessage } from '../words/intl';

/** What is shown to whoever is not in yet. */
export function EntrancePage({ title, lead, children }: { title: string; lead: string; children: ReactNode }) {
  return (
    <Page>
      <title>{formatMessage({ id: 'account.windowTitle' }, { title })}</title>
      <Strip aria-hidden>
        {levelGreys.slice(1).map((g) => (
          <i key={g} style={{ background: g }} />
        ))}
      </Strip>
      <Sheet>
        <h1>{formatMessage({ id: 'account.productName' })}</h1>
        <Lead>{lead}</Lead>
        {children}
      </Sheet>
    </Page>
  );
}

const Page = styled.main`
  display: grid;
  grid-template-columns: 22vw minmax(0, 1fr);
  height: 100%;
  @media (max-width: 720px) { grid-template-columns: 16px minmax(0, 1fr); }
`;
const Strip = styled.div`display: flex; flex-direction: column; i { flex: 1; }`;
const Sheet = styled.div`
  align-self: center;
  max-width: 400px;
  margin: ${space(6)} ${space(12)};
  @media (max-width: 720px) { margin: ${space(6)} ${space(4)}; }
`;
const Lead = styled.p`font-size: ${sizes.lead}; margin: ${space(2)} 0 ${space(8)};`;

/** The boxes to be filled in. */
export const EntranceFields = styled.div`display: flex; flex-direction: column; gap: ${space(4)}; & > button { align-self: flex-start; min-width: 140px; }`;
