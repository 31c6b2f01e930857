import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { api, body } from '../../api/client';
import { Button, LinkButton, Select } from '../../design/Controls';
import { Notice } from '../../design/States';
import { colour, sizes, space } from '../../design/tokens';
import { timeOf } from '../../words/words';
import { formatMessage } from '../../words/intl';

/** Shows a code by which a phone may send pages of one class for a quarter of an hour. */
export function PhoneUpload({ schoolClass, className }: { schoolClass: string; className: string }) {
  const [shown, setShown] = useState(false);
  const [host, setHost] = useState<string | null>(null);
  const reach = useQuery({ queryKey: ['phone-reach'], queryFn: () => body(api.GET('/api/returns/phone-reach')), enabled: shown });
  const hosts = reach.data?.hosts ?? [];
  const here = window.location.hostname;
  const own = ['localhost', '127.0.0.1'].includes(here);
  const at = host ?? (own ? hosts[0] : here);
  const link = useMutation({
    mutationFn: (to: string) =>
      body(api.POST('/api/returns/phone-links', { body: { schoolClass, origin: `${window.location.protocol}//${to}${window.location.port && `:${window.location.port}`}` } })),
  });
  const close = useMutation({
    mutationFn: (id: string) => api.DELETE('/api/returns/phone-links/{id}', { params: { path: { id } } }),
    onSettled: () => {
      link.reset();
      setShown(false);
    },
  });
  return (
    <Anchor>
      <Button onPress={() => setShown(!shown)} aria-expanded={shown}>
        {formatMessage({ id: 'returns.phone.title' })}
      </Button>
      {shown && (
        <Panel aria-label={formatMessage({ id: 'returns.phone.open' })}>
          <h2>{formatMessage({ id: 'returns.phone.titleFor' }, { className })}</h2>
          {own && hosts.length === 0 && reach.data && <Notice>{formatMessage({ id: 'returns.phone.localOnly' })}</Notice>}
          {own && hosts.length > 1 && (
            <Select label={formatMessage({ id: 'returns.phone.address' })} value={at ?? null} onChange={setHost} choices={hosts.map((h) => ({ id: h, name: h }))} />
          )}
          {!link.data && (
            <Button isDisabled={link.isPending || reach.isPending} onPress={() => link.mutate(at ?? here)}>
              {formatMessage({ id: 'returns.phone.showCode' })}
            </Button>
          )}
          {link.data && (
            <>
              <Square rows={link.data.square} />
              <Address>{link.data.address}</Address>
              <p>{formatMessage({ id: 'returns.phone.help' }, { until: timeOf(link.data.until) })}</p>
              <LinkButton onPress={() => close.mutate(link.data.id)}>{formatMessage({ id: 'returns.phone.close' })}</LinkButton>
            </>
          )}
          {link.error && <Notice role="alert">▲ {link.error.message}</Notice>}
        </Panel>
      )}
    </Anchor>
  );
}

function Square({ rows }: { rows: string[] }) {
  const side = rows.length;
  const path = rows.flatMap((row, y) => Array.from(row).flatMap((cell, x) => (cell === '1' ? [`M${x} ${y}h1v1h-1z`] : []))).join('');
  return (
    <Code viewBox={`-4 -4 ${side + 8} ${side + 8}`} role="img" aria-label={formatMessage({ id: 'returns.phone.code' })}>
      <rect x={-4} y={-4} width={side + 8} height={side + 8} fill="#fff" />
      <path d={path} fill="#000" />
    </Code>
  );
}

const Anchor = styled.div`position: relative;`;
const Panel = styled.section`
  position: absolute;
  right: 0;
  top: calc(100% + ${space(2)});
  z-index: 3;
  width: 320px;
  display: flex;
  flex-direction: column;
  gap: ${space(2)};
  padding: ${space(4)};
  border: 1px solid ${colour.ink};
  background: ${colour.raised};
  h2 { font-size: ${sizes.lead}; }
`;
const Code = styled.svg`width: 100%; shape-rendering: crispEdges;`;
const Address = styled.code`font-size: ${sizes.small}; overflow-wrap: anywhere;`;
