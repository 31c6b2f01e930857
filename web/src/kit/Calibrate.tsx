import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { Button, LinkButton, MainButton } from '../design/Controls';
import { Notice } from '../design/States';
import { Asked } from '../design/Swatch';
import { colour, space } from '../design/tokens';
import { MeasuredSwatches, threeSwatches, type Swatch } from './MeasuredSwatches';

interface Props {
  pencil: Schemas['PencilView'];
  paper: string;
  paperName: string;
  onDone: () => void;
}

/** Fits the pencil to three measured swatches, typed or read with the meter. */
export function Calibrate({ pencil, paper, paperName, onDone }: Props) {
  const queries = useQueryClient();
  const [swatches, setSwatches] = useState(threeSwatches);
  const path = { id: pencil.id };
  const read = useMutation({
    mutationFn: () => body(api.POST('/api/kit/pencils/{id}/readings', { params: { path, query: { paper } } })),
    onSuccess: (readings) => {
      setSwatches(readings);
      fit.mutate({ readings, keep: false });
    },
  });
  const fit = useMutation({
    mutationFn: ({ readings, keep }: { readings: Swatch[]; keep: boolean }) =>
      body(api.POST('/api/kit/pencils/{id}/calibration', { params: { path }, body: { paper, swatches: readings, keep } })),
    onSuccess: async (found) => {
      if (found.kept) {
        await queries.invalidateQueries();
        onDone();
      }
    },
  });
  const error = read.error ?? fit.error;
  return (
    <Panel aria-label="Calibrate">
      <p>
        Draw three swatches with this pencil on {paperName}, sharp, in circles. Measure each, or read them with the simulated
        meter.
      </p>
      <Button onPress={() => read.mutate()} isDisabled={read.isPending}>
        Read with the meter
      </Button>
      <MeasuredSwatches swatches={swatches} onChange={setSwatches} />
      {error && <Notice role="alert">▲ {error instanceof ApiError ? error.message : 'Grastel cannot be reached.'}</Notice>}
      {fit.data && (
        <Found role="status">
          <p>
            Prediction off by ΔE <b>{fit.data.before.toFixed(1)}</b> before, <b>{fit.data.after.toFixed(1)}</b> after.
          </p>
          <p>
            Hiding {pencil.hiding.toFixed(2)} → <b>{fit.data.hiding.toFixed(2)}</b>, softness {pencil.softness.toFixed(2)} →{' '}
            <b>{fit.data.softness.toFixed(2)}</b>
          </p>
          <p>
            <Asked $colour={pencil.colour} $size={22} /> → <Asked $colour={fit.data.colour} $size={22} />
          </p>
        </Found>
      )}
      <Row>
        {fit.data ? (
          <MainButton onPress={() => fit.mutate({ readings: swatches, keep: true })} isDisabled={fit.isPending}>
            Keep the fit
          </MainButton>
        ) : (
          <MainButton onPress={() => fit.mutate({ readings: swatches, keep: false })} isDisabled={fit.isPending}>
            Fit
          </MainButton>
        )}
        <LinkButton onPress={onDone}>Leave it</LinkButton>
      </Row>
    </Panel>
  );
}

const Panel = styled.section`display: flex; flex-direction: column; gap: ${space(3)}; & > button { align-self: flex-start; }`;
const Found = styled.div`padding: ${space(2)} ${space(3)}; background: ${colour.wash}; border-left: 4px solid ${colour.ink};`;
const Row = styled.div`display: flex; gap: ${space(3)}; align-items: center;`;
