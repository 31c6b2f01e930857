import { useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect } from 'react';
import { Link, NavLink } from 'react-router';
import styled from 'styled-components';
import { useClassAccess } from './account/useClassAccess';
import { useSignOut } from './account/session';
import { LinkButton } from './design/Controls';
import { EyesChoice, SeenBy } from './design/SeenBy';
import { SurroundChoice } from './design/SurroundChoice';
import { colour, faces, levelGreys, sizes, space } from './design/tokens';
import { Find } from './find/Find';
import { loadPlacesWhenIdle, places, prepare } from './places';
import { useReturnEvents } from './returns/events';
import { formatMessage } from './words/intl';

const sharedPlaces = new Set<string>(['/returns', '/wall']);

function Nav({ to }: { to: typeof places }) {
  const queries = useQueryClient();
  return (
    <nav aria-label={formatMessage({ id: 'shell.menu' })}>
      {to.map((place) => (
        <PlaceLink key={place.to} to={place.to} end={place.to === '/'} onMouseEnter={() => prepare(place, queries)} onFocus={() => prepare(place, queries)}>
          {place.name}
        </PlaceLink>
      ))}
    </nav>
  );
}

function Logo() {
  return (
    <Mark>
      <Scale aria-hidden>
        {levelGreys.slice(1).map((g) => (
          <i key={g} style={{ background: g }} />
        ))}
      </Scale>
      {formatMessage({ id: 'shell.productName' })}
    </Mark>
  );
}

/** The spine at the left with the places, and the place that is open. */
export function Shell({ teacher, isDemo, children }: { teacher: string; isDemo: boolean; children: ReactNode }) {
  useReturnEvents();
  useEffect(loadPlacesWhenIdle, []);
  const signOut = useSignOut();
  return (
    <Desk>
      <Spine>
        <Logo />
        <Find places={[...places, { to: '/help', name: formatMessage({ id: 'shell.help' }) }]} />
        <Nav to={places} />
        <Foot>
          <SurroundChoice />
          <EyesChoice />
          <div>
            <Link to="/help">{formatMessage({ id: 'shell.help' })}</Link>
          </div>
          <div>
            <Link to="/account">{teacher}</Link>
            {isDemo && <div>{formatMessage({ id: 'shell.demo' })}</div>}
          </div>
          <LinkButton onPress={() => signOut.mutate()}>{formatMessage({ id: 'shell.signOut' })}</LinkButton>
        </Foot>
      </Spine>
      <SeenBy>{children}</SeenBy>
    </Desk>
  );
}

/** The same for a colleague's class: whose it is, what one may do there, and the way back. */
export function SharedShell({ children }: { children: ReactNode }) {
  const { shared } = useClassAccess();
  return (
    <Desk>
      <Spine>
        <Logo />
        <Whose>
          <b>{shared?.name}</b>
          {shared && <span>{formatMessage({ id: 'shell.shared.owner' }, { owner: shared.owner })}</span>}
          {shared && <span>{shared.right === 'MARK' ? formatMessage({ id: 'shell.shared.mayMark' }) : formatMessage({ id: 'shell.shared.mayLook' })}</span>}
        </Whose>
        <Nav to={places.filter((place) => sharedPlaces.has(place.to))} />
        <Foot>
          <SurroundChoice />
          <EyesChoice />
          {/* Another desk is another page. */}
          <a href="/classes">{formatMessage({ id: 'shell.shared.back' })}</a>
        </Foot>
      </Spine>
      <SeenBy>{children}</SeenBy>
    </Desk>
  );
}

const Desk = styled.div`
  display: grid;
  grid-template-columns: 136px minmax(0, 1fr);
  height: 100%;
  @media (max-width: 720px) { grid-template-columns: minmax(0, 1fr); grid-template-rows: auto minmax(0, 1fr); }
  @media print { display: block; height: auto; }
`;
const Spine = styled.header`
  display: flex;
  flex-direction: column;
  border-right: 1px solid ${colour.line};
  padding: ${space(4)} 0;
  @media print { display: none; }
  & nav { display: flex; flex-direction: column; margin-top: ${space(4)}; }
  @media (max-width: 720px) {
    flex-direction: row;
    align-items: center;
    flex-wrap: wrap;
    padding: ${space(1)} 0;
    border-right: 0;
    border-bottom: 1px solid ${colour.line};
    & nav { flex-direction: row; margin: 0; flex-wrap: wrap; }
  }
`;
const Mark = styled.div`
  padding: 0 ${space(4)};
  font: 600 ${sizes.head} / 1 ${faces.head};
`;
const Whose = styled.p`
  margin: ${space(4)} 0 0;
  padding: 0 ${space(4)};
  font-size: ${sizes.small};
  color: ${colour.muted};
  b { display: block; font-size: ${sizes.lead}; color: ${colour.ink}; }
  span { display: block; }
`;
const Scale = styled.span`
  display: flex;
  height: 6px;
  width: 64px;
  margin-bottom: ${space(2)};
  i { flex: 1; }
  @media (max-width: 720px) { display: none; }
`;
const PlaceLink = styled(NavLink)`
  padding: ${space(2)} ${space(4)};
  font-size: ${sizes.lead};
  text-decoration: none;
  border-left: 5px solid transparent;
  padding-left: 11px;
  &:hover { background: ${colour.wash}; }
  &.active { border-left-color: ${colour.ink}; font-weight: 600; }
  @media (max-width: 720px) {
    padding: ${space(1)} ${space(2)};
    font-size: ${sizes.text};
    border-left: 0;
    border-bottom: 3px solid transparent;
    &.active { border-bottom-color: ${colour.ink}; }
  }
`;
const Foot = styled.div`
  margin-top: auto;
  padding: 0 ${space(4)};
  font-size: ${sizes.small};
  color: ${colour.muted};
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: ${space(1)};
  a { display: inline-block; min-height: 24px; line-height: 24px; }
  @media (max-width: 720px) { margin: 0 0 0 auto; flex-direction: row; align-items: center; & > div:not(:last-child) { display: none; } }
`;
