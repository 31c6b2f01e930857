import { useMutation, useQuery } from '@tanstack/react-query';
import { FileTrigger } from 'react-aria-components';
import { useParams } from 'react-router';
import styled from 'styled-components';
import { ApiError, api, body, filesForm } from '../api/client';
import { MainButton } from '../design/Controls';
import { Loading, Notice } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { problemWords, timeOf } from '../words/words';
import { formatMessage } from '../words/intl';

/** What a phone sees: a button to send photos of one class, and what became of them. */
export default function PhonePage() {
  const { token = '' } = useParams();
  const path = { token };
  const link = useQuery({ queryKey: ['phone', token], queryFn: () => body(api.GET('/api/phone/{token}', { params: { path: { token } } })), refetchInterval: 60_000 });
  const send = useMutation({
    mutationFn: (files: File[]) => body(api.POST('/api/phone/{token}', { params: { path }, body: { files: [] }, bodySerializer: () => filesForm('files', files) })),
  });
  if (link.isPending) {
    return <Loading what={formatMessage({ id: 'phone.loading.link' })} />;
  }
  const over = link.error ?? (send.error instanceof ApiError && send.error.code === 'LINK_OVER' ? send.error : null);
  if (over) {
    return (
      <Page>
        <h1>{formatMessage({ id: 'phone.windowTitle' })}</h1>
        <Notice role="alert">▲ {over.message}</Notice>
      </Page>
    );
  }
  const taken = send.data?.filter((o) => !o.problem).reduce((sum, o) => sum + o.pages, 0) ?? 0;
  return (
    <Page>
      <h1>{formatMessage({ id: 'phone.title' }, { className: link.data?.className ?? '' })}</h1>
      <p>{formatMessage({ id: 'phone.help' }, { until: timeOf(link.data?.until ?? '') })}</p>
      <FileTrigger allowsMultiple acceptedFileTypes={['image/jpeg', 'image/png', 'image/tiff', 'application/pdf']} onSelect={(files) => files && send.mutate([...files])}>
        <MainButton isDisabled={send.isPending}>{send.isPending ? formatMessage({ id: 'phone.sending' }) : formatMessage({ id: 'phone.choose' })}</MainButton>
      </FileTrigger>
      {send.data && <Sent role="status">{formatMessage({ id: 'phone.sent' }, { pages: taken })}</Sent>}
      {send.data
        ?.filter((o) => o.problem)
        .map((o) => (
          <Notice key={o.name} role="alert">
            ▲ <b>{o.name}</b>: {problemWords(o.problem ?? '', o.figure)}
          </Notice>
        ))}
      {send.error && <Notice role="alert">▲ {send.error.message}</Notice>}
    </Page>
  );
}

const Page = styled.main`
  min-height: 100vh;
  max-width: 480px;
  margin: 0 auto;
  padding: ${space(6)} ${space(4)};
  display: flex;
  flex-direction: column;
  gap: ${space(4)};
  background: ${colour.paper};
  button { width: 100%; min-height: 56px; font-size: ${sizes.lead}; }
`;
const Sent = styled.p`font-size: ${sizes.lead}; font-weight: 600;`;
