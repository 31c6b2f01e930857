import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { ApiError, api, body, filesForm, type Schemas } from '../api/client';
import { Button, MainButton, Select, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { Asked } from '../design/Swatch';
import { colour, sizes, space } from '../design/tokens';
import { count, decimals } from '../words/words';
import { type Medium, MediumChoice } from './Medium';

/** Colour measurements in, shown before they are taken; the kit out. */
export function Files({ kit }: { kit: Schemas['KitView'] }) {
  const queries = useQueryClient();
  const [range, setRange] = useState('Measured');
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
        <h2>Import</h2>
        <p>CGATS.17 text or CSV with code, name and L*, a*, b* or reflectances by wavelength. You see what it would do first.</p>
        <Row>
          <Words label="Into the range" value={range} onChange={setRange} />
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
            <Button isDisabled={!range.trim()}>Choose a file</Button>
          </FileTrigger>
        </Row>
        {error && (
          <Notice role="alert">
            <strong>▲ {error instanceof ApiError ? error.message : 'Grastel cannot be reached.'}</strong>
            {error instanceof ApiError && error.fields.map((f) => <span key={f.path + f.code}>{f.message}</span>)}
          </Notice>
        )}
        {take.data && <p role="status">{count(take.data.added, 'pencil')} added to the kit.</p>}
        {preview.data && file && (
          <>
            <p>
              <b>{file.name}</b> would add {count(fresh, 'pencil')} to {range}
              {fresh < preview.data.rows.length && `; ${count(preview.data.rows.length - fresh, 'code')} it holds already stay as they are`}.
            </p>
            <MainButton onPress={() => take.mutate(file)} isDisabled={fresh === 0 || take.isPending}>
              Add {count(fresh, 'pencil')}
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
                    <td>{r.spectrum ? 'spectrum' : 'colour'}</td>
                    <td>{r.taken ? 'held already' : 'new'}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </>
        )}
      </section>
      <section>
        <h2>Export</h2>
        <p>Masstones of the pencils for other programs.</p>
        <Select label="Which" value={set} onChange={setSet} choices={[{ id: 'all', name: 'the whole kit' }, ...kit.sets.map((s) => ({ id: s.id, name: s.name }))]} />
        <Links>
          <li>
            <a href={`/api/kit/export?format=CGATS${query}`}>CGATS.17</a> spectra, and L*a*b* under D50
          </li>
          <li>
            <a href={`/api/kit/export?format=CSV${query}`}>CSV</a> spectra, and L*a*b* under D65
          </li>
          <li>
            <a href={`/api/kit/export?format=GPL${query}`}>Palette</a> sRGB codes (.gpl)
          </li>
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
const Table = styled.table`
  font-size: ${sizes.small};
  & td { padding: 3px ${space(2)}; border-bottom: 1px solid ${colour.line}; }
  & tr[data-taken='true'] { color: ${colour.muted}; }
`;
const Links = styled.ul`padding-left: ${space(5)}; margin: 0;`;
