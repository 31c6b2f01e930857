import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { LinkButton, MainButton, Segments, Words } from '../design/Controls';
import { LabBoxes } from '../design/LabBoxes';
import { NumberBox } from '../design/NumberBox';
import { Notice } from '../design/States';
import { Row } from '../design/Text';
import { space } from '../design/tokens';
import { srgbToLab } from '../bench/pixel';
import { MediumChoice } from './Medium';
import { formatMessage } from '../words/intl';

type Pencil = Schemas['PencilView'];
type Request = Schemas['PencilRequest'];
type How = 'picked' | 'typed' | 'meter';

interface Props {
  kit: Schemas['KitView'];
  pencil?: Pencil;
  onDone: (id: string | null) => void;
}

/** Adds a pencil by picking its colour, typing L*a*b* or reading it with the meter; or changes one. */
export function PencilForm({ kit, pencil, onDone }: Props) {
  const queries = useQueryClient();
  const [request, setRequest] = useState<Request>(() => (pencil ? { ...pencil } : blank(kit)));
  const [how, setHow] = useState<How>(pencil ? 'typed' : 'picked');
  const [place, setPlace] = useState(0);
  const set = (change: Partial<Request>) => setRequest({ ...request, ...change });
  const keep = useMutation({
    mutationFn: () =>
      pencil ? body(api.PUT('/api/kit/pencils/{id}', { params: { path: { id: pencil.id } }, body: request })) : body(api.POST('/api/kit/pencils', { body: request })),
    onSuccess: async (kept) => {
      await queries.invalidateQueries();
      onDone(kept.id);
    },
  });
  const meter = useMutation({
    mutationFn: () => body(api.POST('/api/kit/meter', { params: { query: { place } } })),
    onSuccess: (reading) => {
      set({ lab: reading.lab, source: 'MEASURED_LAB' });
      setPlace((place + 1) % 12);
    },
  });
  const error = keep.error instanceof ApiError ? keep.error : undefined;
  return (
    <Form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate();
      }}
    >
      <Pair>
        <Words label={formatMessage({ id: 'kit.code' })} value={request.code} onChange={(code) => set({ code })} error={error?.field('code')} required />
        <Words label={formatMessage({ id: 'kit.range' })} value={request.range} onChange={(range) => set({ range })} error={error?.field('range')} required />
      </Pair>
      <Words label={formatMessage({ id: 'kit.colourName' })} value={request.name} onChange={(name) => set({ name })} error={error?.field('name')} required />
      <Segments
        label={formatMessage({ id: 'kit.pencil.colour' })}
        value={how}
        onChange={setHow}
        choices={[
          { id: 'picked', name: formatMessage({ id: 'kit.pick' }) },
          { id: 'typed', name: formatMessage({ id: 'kit.type' }) },
          { id: 'meter', name: formatMessage({ id: 'kit.meter' }) },
        ]}
      />
      {how === 'picked' && (
        <label>
          {formatMessage({ id: 'kit.pencil.masstone' })}{' '}
          <input type="color" defaultValue={pencil?.colour ?? '#a05040'} onChange={(e) => set({ lab: srgbToLab(pixel(e.target.value)), source: 'PICKED' })} />
        </label>
      )}
      {how === 'meter' && (
        <Row>
          <LinkButton onPress={() => meter.mutate()} isDisabled={meter.isPending}>
            {formatMessage({ id: 'kit.calibrate.readMeter' })}
          </LinkButton>
        </Row>
      )}
      <LabBoxes lab={request.lab} onChange={(lab) => set({ lab, source: 'MEASURED_LAB' })} />
      <MediumChoice value={request.binder} onChange={(binder) => set({ binder })} />
      <Pair>
        <NumberBox
          label={formatMessage({ id: 'kit.pencil.opacityRange' })}
          value={request.hiding}
          least={0}
          most={1}
          step={0.01}
          digits={2}
          onChange={(hiding) => set({ hiding })}
        />
        <NumberBox
          label={formatMessage({ id: 'kit.pencil.softnessRange' })}
          value={request.softness}
          least={0.3}
          most={2}
          step={0.01}
          digits={2}
          onChange={(softness) => set({ softness })}
        />
      </Pair>
      <Pair>
        <NumberBox label={formatMessage({ id: 'kit.pencil.copies' })} value={request.extra} least={-500} most={500} step={1} digits={0} onChange={(extra) => set({ extra })} />
        <NumberBox label={formatMessage({ id: 'kit.stock.leadLeftMm' })} value={request.leadMm} least={0} most={300} step={1} digits={0} onChange={(leadMm) => set({ leadMm })} />
      </Pair>
      {error && error.fields.length === 0 && <Notice role="alert">▲ {error.message}</Notice>}
      <Row>
        <MainButton type="submit" isDisabled={keep.isPending}>
          {pencil ? formatMessage({ id: 'kit.save' }) : formatMessage({ id: 'kit.pencil.submit' })}
        </MainButton>
        <LinkButton onPress={() => onDone(null)}>{formatMessage({ id: 'kit.cancel' })}</LinkButton>
      </Row>
    </Form>
  );
}

function pixel(hex: string): Uint8ClampedArray {
  const code = (at: number) => parseInt(hex.slice(at, at + 2), 16);
  return new Uint8ClampedArray([code(1), code(3), code(5), 255]);
}

function blank(kit: Schemas['KitView']): Request {
  const range = kit.pencils.find((p) => !p.colourless)?.range ?? formatMessage({ id: 'kit.set.none' });
  return { range, code: '', name: '', binder: 'WAX', source: 'PICKED', lab: { l: 45, a: 32, b: 28 }, hiding: 0.5, softness: 1, extra: 1, leadMm: 170 };
}

const Form = styled.form`display: flex; flex-direction: column; gap: ${space(3)};`;
const Pair = styled.div`display: grid; grid-template-columns: 1fr 1fr; gap: ${space(2)};`;
