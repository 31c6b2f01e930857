import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useRef, useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { served } from '../api/served';
import { colour, sizes, space } from '../design/tokens';
import { useKeys } from '../design/useKeys';
import { actionsLike, addressOf, exercisesLike, guideLike, kindNames, placesLike, type Place } from './found';
import { formatMessage } from '../words/intl';

type Found = Schemas['FoundView'] | Place;

/** One box that finds students, classes, lessons, sheets, pencils, stacks, exercise types, places and what is done there; the key / goes there. */
export function Find({ places }: { places: readonly { to: string; name: string }[] }) {
  const navigate = useNavigate();
  const box = useRef<HTMLInputElement>(null);
  const [typed, setTyped] = useState('');
  const [open, setOpen] = useState(false);
  const [at, setAt] = useState(0);
  const q = typed.trim();
  const found = useQuery({
    queryKey: ['find', q],
    queryFn: () => body(api.GET('/api/find', { params: { query: { q } } })),
    enabled: open && q !== '',
    placeholderData: keepPreviousData,
  });
  const kinds = useQuery({ ...served.kinds, enabled: open });
  const all: Found[] = q === '' ? [] : [...placesLike(places, q), ...(found.data ?? []), ...actionsLike(q), ...exercisesLike(kinds.data ?? [], q), ...guideLike(q)];
  const shown = open && q !== '';

  useKeys((key) => {
    if (key === '/') {
      box.current?.focus();
      box.current?.select();
    }
    return key === '/';
  });

  const go = (to: Found) => {
    setOpen(false);
    setTyped('');
    box.current?.blur();
    void navigate(addressOf(to));
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    const way = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (way !== undefined && all.length > 0) {
      event.preventDefault();
      setAt((at + way + all.length) % all.length);
    } else if (event.key === 'Enter') {
      const chosen = all[at] ?? all[0];
      if (chosen) {
        event.preventDefault();
        go(chosen);
      }
    } else if (event.key === 'Escape') {
      setOpen(false);
      box.current?.blur();
    }
  };
  return (
    <Frame role="search">
      <Box
        ref={box}
        type="search"
        role="combobox"
        aria-label={formatMessage({ id: 'find.open' })}
        aria-expanded={shown}
        aria-controls="found"
        aria-autocomplete="list"
        {...(shown && all[at] ? { 'aria-activedescendant': `found-${at}` } : {})}
        placeholder={formatMessage({ id: 'find.openWithKey' })}
        autoComplete="off"
        maxLength={60}
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          setAt(0);
          setOpen(true);
        }}
        onFocus={() => setOpen(true)}
        onBlur={() => setOpen(false)}
        onKeyDown={onKeyDown}
      />
      {shown && (
        <List id="found" role="listbox" aria-label={formatMessage({ id: 'find.results' })}>
          {all.map((f, i) => (
            <Line
              key={f.kind + f.id + f.name}
              id={`found-${i}`}
              role="option"
              aria-selected={i === at}
              onMouseDown={(event) => {
                event.preventDefault();
                go(f);
              }}
            >
              <span>{f.name}</span>
              <small>
                {kindNames[f.kind]}
                {f.within ? `, ${f.within}` : ''}
              </small>
            </Line>
          ))}
          {all.length === 0 && (
            <Line role="option" aria-selected={false}>
              {found.isFetching ? formatMessage({ id: 'find.searching' }) : formatMessage({ id: 'find.empty' })}
            </Line>
          )}
        </List>
      )}
    </Frame>
  );
}

const Frame = styled.div`position: relative; padding: ${space(4)} ${space(3)} 0; @media (max-width: 720px) { padding: 0 ${space(2)}; }`;
const Box = styled.input`
  width: 100%;
  min-height: 30px;
  padding: ${space(1)} ${space(2)};
  border: 1px solid ${colour.muted};
  border-radius: 2px;
  background: ${colour.raised};
  color: ${colour.ink};
  font-size: ${sizes.text};
  &::-webkit-search-cancel-button { display: none; }
  &::placeholder { color: ${colour.muted}; opacity: 1; }
  @media (max-width: 720px) { width: 84px; }
`;
const List = styled.ul`
  position: absolute;
  z-index: 20;
  top: 100%;
  left: ${space(3)};
  width: min(420px, 88vw);
  margin: 2px 0 0;
  padding: ${space(1)};
  list-style: none;
  border: 1px solid ${colour.ink};
  background: ${colour.raised};
  @media (max-width: 720px) { left: auto; right: 0; }
`;
const Line = styled.li`
  display: flex;
  justify-content: space-between;
  gap: ${space(4)};
  padding: ${space(1)} ${space(2)};
  min-height: 28px;
  cursor: pointer;
  &[aria-selected='true'] { background: ${colour.wash}; font-weight: 600; }
  small { color: ${colour.muted}; font-size: ${sizes.small}; font-weight: 400; white-space: nowrap; }
`;
