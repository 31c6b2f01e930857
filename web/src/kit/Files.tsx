import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { ApiError, api, body, filesForm, type Schemas } from '../api/client';
import { Button, MainButton, Select, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { Asked } from '../design/Swatch';
import { colour, sizes, space } from '../design/tokens';
import { decimals } from '../words/words';
import { type Medium, MediumChoice } from './Medium';
import { formatMessage } from '../words/intl';
import { DataTable } from '../design/Table';

/** Colour measurements in, shown before they are taken; the kit out. */
export function Files({ kit }: { kit: Schemas['KitView'] }) {
  const queries = useQueryClient();
  const [range, setRange] = useState(formatMessage({ id: 'kit.measured' }));
  const [binder, setBinder] = useState<Medium>('WAX');
  const [file, setFile] = useState<File | null>(null);
  const [set, setSet] = useState('all');
  const form = (chosen: File) => filesForm('file', [chosen]) as unknown as { file: string };
  const preview = useMutation({
    mutationFn: (chosen: File) => body(api.POST('/api/kit/imports/preview', { params: { query: { range } }, body: form(chosen) })),
  });
  const take = useMutation({
    mutationFn: (chosen: File) => body(api.POST('/api/kit/imports', { params: { query: { range, binder } }, body: form(chosen) })),
    onSuccess: async () => {
      setFile(null);
      preview.reset();
      await queries.invalidateQueries();
    },
  });
  const error = preview.error ?? take.error;
  const fresh = preview.data?.rows.filter((r) => !r.taken).length ?? 0;
  const query = set === 'all' ? '' : `&set=${set}`;
  return (
    <Layout>
      <section>
        <h2>{formatMessage({ id: 'kit.import' })}</h2>
        <p>{formatMessage({ id: 'kit.import.help' })}</p>
        <Row>
          <Words label={formatMessage({ id: 'kit.names.range' })} value={range} onChange={setRange} />
          <MediumChoice value={binder} onChange={setBinder} />
          <FileTrigger
            acceptedFileTypes={['.txt', '.csv', '.cgats', 'text/plain', 'text/csv']}
            onSelect={(files) => {
              const chosen = files?.[0];
              if (chosen) {
                setFile(chosen);
                take.reset();
                preview.mutate(chosen);
              }
            }}
          >
            <Button isDisabled={!range.trim()}>{formatMessage({ id: 'kit.import.choose' })}</Button>
          </FileTrigger>
        </Row>
        {error && (
          <Notice role="alert">
            <strong>▲ {error instanceof ApiError ? error.message : formatMessage({ id: 'kit.unreachable' })}</strong>
            {error instanceof ApiError && error.fields.map((f) => <span key={f.path + f.code}>{f.message}</span>)}
          </Notice>
        )}
        {take.data && <p role="status">{formatMessage({ id: 'kit.names.added' }, { pencils: take.data.added })}</p>}
        {preview.data && file && (
          <>
            <p>
              {formatMessage(
                { id: 'kit.import.preview' },
                {
                  file: file.name,
                  strong: (words) => <b>{words}</b>,
                  pencils: fresh,
                  range,
                  known: preview.data.rows.length - fresh,
                },
              )}
            </p>
            <MainButton onPress={() => take.mutate(file)} isDisabled={fresh === 0 || take.isPending}>
              {formatMessage({ id: 'kit.add' }, { pencils: fresh })}
            </MainButton>
            <Table>
              <tbody>
                {preview.data.rows.map((r) => (
                  <tr key={r.code} data-taken={r.taken}>
                    <td>
                      <Asked $colour={r.colour} $size={20} />
                    </td>
                    <td>{r.code}</td>
                    <td>{r.name}</td>
                    <td>
                      {decimals(r.lab.l, 1)} {decimals(r.lab.a, 1)} {decimals(r.lab.b, 1)}
                    </td>
                    <td>{r.spectrum ? formatMessage({ id: 'kit.spectrum' }) : formatMessage({ id: 'kit.colour' })}</td>
                    <td>{r.taken ? formatMessage({ id: 'kit.import.known' }) : formatMessage({ id: 'kit.import.new' })}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </>
        )}
      </section>
      <section>
        <h2>{formatMessage({ id: 'kit.export' })}</h2>
        <p>{formatMessage({ id: 'kit.export.help' })}</p>
        <Select
          label={formatMessage({ id: 'kit.which' })}
          value={set}
          onChange={setSet}
          choices={[{ id: 'all', name: formatMessage({ id: 'kit.set.wholeKit' }) }, ...kit.sets.map((s) => ({ id: s.id, name: s.name }))]}
        />
        <Links>
          <li>{formatMessage({ id: 'kit.export.cgats' }, { a: (words) => <a href={`/api/kit/export?format=CGATS${query}`}>{words}</a> })}</li>
          <li>{formatMessage({ id: 'kit.export.csv' }, { a: (words) => <a href={`/api/kit/export?format=CSV${query}`}>{words}</a> })}</li>
          <li>{formatMessage({ id: 'kit.export.palette' }, { a: (words) => <a href={`/api/kit/export?format=GPL${query}`}>{words}</a> })}</li>
        </Links>
      </section>
    </Layout>
  );
}

const Layout = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  gap: ${space(8)};
  padding: ${space(5)} ${space(6)};
  & section { display: flex; flex-direction: column; align-items: flex-start; gap: ${space(3)}; }
  @media (max-width: 820px) { grid-template-columns: 1fr; }
`;
const Row = styled.div`display: flex; gap: ${space(3)}; align-items: flex-end; flex-wrap: wrap;`;
const Table = styled(DataTable)`
  font-size: ${sizes.small};
  & tr[data-taken='true'] { color: ${colour.muted}; }
`;
const Links = styled.ul`padding-left: ${space(5)}; margin: 0;`;
