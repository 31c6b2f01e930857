import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { LinkButton, MainButton, Words } from '../design/Controls';
import { LabBoxes } from '../design/LabBoxes';
import { NumberBox } from '../design/NumberBox';
import { Notice } from '../design/States';
import { Asked } from '../design/Swatch';
import { Row, Small } from '../design/Text';
import { colour, space } from '../design/tokens';
import { FindTooth } from './measuring/FindTooth';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';
import { DataTable, ScrollRegion } from '../design/Table';

type Paper = Schemas['PaperView'];
type Request = Schemas['PaperRequest'];

/** Papers: colour of the bare sheet, depth and grain of the tooth. */
export function Papers({ kit }: { kit: Schemas['KitView'] }) {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <Layout>
      <ScrollRegion label={formatMessage({ id: 'kit.papers' })}>
        <Table>
          <thead>
            <tr>
              <th>{formatMessage({ id: 'kit.paper' })}</th>
              <th>{formatMessage({ id: 'kit.lAB' })}</th>
              <th>{formatMessage({ id: 'kit.paper.toothLabel' })}</th>
              <th>{formatMessage({ id: 'kit.grainMm' })}</th>
              <th>{formatMessage({ id: 'kit.edit' })}</th>
            </tr>
          </thead>
          <tbody>
            {kit.papers.map((p) => (
              <tr key={p.id}>
                <th scope="row">
                  <Name>
                    <Asked $colour={p.colour} $size={36} /> {p.name}
                  </Name>
                </th>
                <td>
                  {decimals(p.lab.l, 1)} {decimals(p.lab.a, 1)} {decimals(p.lab.b, 1)}
                </td>
                <td>
                  <Depth style={{ width: `${p.tooth * 40}px` }} /> {decimals(p.tooth, 2)}
                </td>
                <td>{decimals(p.grainMm, 2)}</td>
                <td>
                  <LinkButton onPress={() => setOpen(p.id)}>{formatMessage({ id: 'kit.edit' })}</LinkButton>
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      </ScrollRegion>
      <PaperForm key={open ?? 'new'} paper={kit.papers.find((p) => p.id === open)} pencils={kit.pencils} onDone={() => setOpen(null)} />
    </Layout>
  );
}

interface FormProps {
  /** The paper that is changed; none for a new one. */
  paper: Paper | undefined;
  pencils: Schemas['PencilView'][];
  onDone: () => void;
}

function PaperForm({ paper, pencils, onDone }: FormProps) {
  const [measuring, setMeasuring] = useState(false);
  const queries = useQueryClient();
  const [request, setRequest] = useState<Request>(() => paper ?? { name: '', lab: { l: 95, a: 0, b: 2 }, tooth: 1, grainMm: 0.32 });
  const set = (change: Partial<Request>) => setRequest({ ...request, ...change });
  const keep = useMutation({
    mutationFn: () => (paper ? body(api.PUT('/api/kit/papers/{id}', { params: { path: { id: paper.id } }, body: request })) : body(api.POST('/api/kit/papers', { body: request }))),
    onSuccess: async () => {
      await queries.invalidateQueries();
      setRequest({ name: '', lab: { l: 95, a: 0, b: 2 }, tooth: 1, grainMm: 0.32 });
      onDone();
    },
  });
  const error = keep.error instanceof ApiError ? keep.error : undefined;
  if (paper && measuring) {
    return (
      <Form>
        <h2>{paper.name}</h2>
        <FindTooth
          paper={paper}
          pencils={pencils}
          onFound={(tooth) => {
            set({ tooth });
            setMeasuring(false);
          }}
          onDone={() => setMeasuring(false)}
        />
      </Form>
    );
  }
  return (
    <Form>
      <h2>{paper ? paper.name : formatMessage({ id: 'kit.paper.new' })}</h2>
      <Words label={formatMessage({ id: 'kit.name' })} value={request.name} onChange={(name) => set({ name })} error={error?.field('name')} required />
      <LabBoxes lab={request.lab} onChange={(lab) => set({ lab })} />
      <Small>{formatMessage({ id: 'kit.paper.toothHelp' })}</Small>
      <Three>
        <NumberBox label={formatMessage({ id: 'kit.tooth' })} value={request.tooth} least={0.1} most={4} step={0.01} digits={2} onChange={(tooth) => set({ tooth })} />
        <NumberBox label={formatMessage({ id: 'kit.grainMm' })} value={request.grainMm} least={0.05} most={3} step={0.01} digits={2} onChange={(grainMm) => set({ grainMm })} />
      </Three>
      {paper && <LinkButton onPress={() => setMeasuring(true)}>{formatMessage({ id: 'kit.calibrate.tooth' })}</LinkButton>}
      {error && error.fields.length === 0 && <Notice role="alert">▲ {error.message}</Notice>}
      <Row>
        <MainButton onPress={() => keep.mutate()} isDisabled={keep.isPending || !request.name.trim()}>
          {paper ? formatMessage({ id: 'kit.save' }) : formatMessage({ id: 'kit.paper.add' })}
        </MainButton>
        {paper && <LinkButton onPress={onDone}>{formatMessage({ id: 'kit.cancel' })}</LinkButton>}
      </Row>
    </Form>
  );
}

const Layout = styled.div`display: grid; grid-template-columns: minmax(0, 1fr) 320px; gap: ${space(6)}; padding: ${space(5)} ${space(6)}; @media (max-width: 900px) { grid-template-columns: minmax(0, 1fr); }`;
const Table = styled(DataTable)`
  align-self: start;
  & th, & td { padding: ${space(2)}; white-space: nowrap; }
  & tbody th { font-weight: 600; font-size: inherit; color: inherit; }
`;
const Name = styled.span`display: flex; align-items: center; gap: ${space(3)};`;
const Depth = styled.i`display: inline-block; height: 10px; background: ${colour.ink}; vertical-align: -1px;`;
const Form = styled.section`display: flex; flex-direction: column; gap: ${space(3)}; & > button { align-self: flex-start; }`;
const Three = styled.div`display: grid; grid-template-columns: repeat(3, 1fr); gap: ${space(2)};`;
