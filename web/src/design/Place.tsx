import { type ReactNode } from 'react';
import styled from 'styled-components';
import { Loading } from './States';
import { colour, sizes, space } from './tokens';
import { formatMessage } from '../words/intl';

interface PlaceProps {
  title: string;
  about?: ReactNode;
  actions?: ReactNode;
  children: ReactNode;
}

/** A place: its name, what it shows now, what can be done, and the one large thing in it. */
export function Place({ title, about, actions, children }: PlaceProps) {
  return (
    <Frame>
      <title>{formatMessage({ id: 'design.windowTitle' }, { title })}</title>
      <Head>
        <Called>
          <h1>{title}</h1>
          {about && <About>{about}</About>}
        </Called>
        {actions && <Actions>{actions}</Actions>}
      </Head>
      {children}
    </Frame>
  );
}

/** A place whose content is on its way: its name stands at once. */
export function PlaceLoading({ title, what }: { title: string; what: string }) {
  return (
    <Place title={title}>
      <Loading what={what} />
    </Place>
  );
}

const Frame = styled.main`
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  height: 100%;
  overflow: auto;
`;
const Head = styled.header`
  display: flex;
  align-items: baseline;
  flex-wrap: wrap;
  gap: ${space(2)} ${space(5)};
  padding: ${space(4)} ${space(6)} ${space(3)};
  border-bottom: 1px solid ${colour.line};
`;
/** As wide as it can be: what can be done is at the right, and at the left where it takes a line of its own. */
const Called = styled.div`
  flex: 1 0 auto;
  max-width: 100%;
  display: flex;
  align-items: baseline;
  flex-wrap: wrap;
  gap: ${space(2)} ${space(5)};
`;
const About = styled.div`color: ${colour.muted}; font-size: ${sizes.text};`;
const Actions = styled.div`
  display: flex;
  align-items: flex-end;
  flex-wrap: wrap;
  gap: ${space(3)};
`;
