import { type ReactNode } from 'react';
import styled, { keyframes } from 'styled-components';
import { ApiError } from '../api/client';
import { colour, sizes, space } from './tokens';
import { formatMessage } from '../words/intl';

/** Something is on its way: a value scale being drawn. */
export function Loading({ what }: { what: string }) {
  return (
    <Quiet role="status">
      <Ticks aria-hidden>
        {[0, 1, 2, 3, 4].map((i) => (
          <i key={i} style={{ animationDelay: `${i * 120}ms` }} />
        ))}
      </Ticks>
      {formatMessage({ id: 'design.loading' }, { what })}
    </Quiet>
  );
}

/** Something failed; says what, and what can be done. */
export function Failed({ error, retry }: { error: Error; retry?: ReactNode }) {
  return (
    <Notice role="alert">
      <strong>▲ {error instanceof ApiError ? error.message : formatMessage({ id: 'design.failed.unreachable' })}</strong>
      {!(error instanceof ApiError) && <span>{formatMessage({ id: 'design.failed.help' })}</span>}
      {retry}
    </Notice>
  );
}

/** Nothing here yet, and what to do about it. */
export function Empty({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <Blank>
      <h2>{title}</h2>
      {children}
    </Blank>
  );
}

const breathe = keyframes`50% { opacity: 0.2; }`;
const Quiet = styled.p`display: flex; align-items: center; gap: ${space(3)}; color: ${colour.muted}; padding: ${space(6)};`;
const Ticks = styled.span`
  display: inline-flex;
  i { width: 8px; height: 16px; background: ${colour.ink}; animation: ${breathe} 1s infinite; }
  i:nth-child(1) { opacity: 0.15; }
  i:nth-child(2) { opacity: 0.35; }
  i:nth-child(3) { opacity: 0.55; }
  i:nth-child(4) { opacity: 0.75; }
`;
export const Notice = styled.div`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: ${space(1)};
  padding: ${space(2)} ${space(3)};
  border-left: 4px solid ${colour.ink};
  background: ${colour.wash};
  font-size: ${sizes.text};
`;
const Blank = styled.div`
  max-width: 560px;
  padding: ${space(12)} ${space(6)};
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: ${space(3)};
`;
