import { useMutation } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { Button, LinkButton, MainButton, Select } from '../design/Controls';
import { Notice } from '../design/States';
import { Grained } from '../design/Swatch';
import { colour, space } from '../design/tokens';
import { MeasuredSwatches, threeSwatches, type Swatch } from './MeasuredSwatches';

interface Props {
  paper: Schemas['PaperView'];
  pencils: Schemas['PencilView'][];
  /** Takes the depth that was found. */
  onFound: (tooth: number) => void;
  onDone: () => void;
}

/** Finds how deep a paper's tooth is from three measured swatches of one pencil. */
export function FindTooth({ paper, pencils, onFound, onDone }: Props) {
  const choices = useMemo(
    () => pencils.filter((p) => !p.colourless).map((p) => ({ id: p.id, name: `${p.code} ${p.name}`, note: p.range, mark: <Grained colour={p.colour} /> })),
    [pencils],
  );
  const [pencil, setPencil] = useState(() => darkest(pencils));
  const [swatches, setSwatches] = useState(threeSwatches);
  const path = { id: paper.id };
  const read = useMutation({
    mutationFn: () => body(api.POST('/api/kit/papers/{id}/readings', { params: { path, query: { pencil } } })),
    onSuccess: (readings) => {
      setSwatches(readings);
      fit.mutate(readings);
    },
  });
  const fit = useMutation({
    mutationFn: (readings: Swatch[]) => body(api.POST('/api/kit/papers/{id}/calibration', { params: { path }, body: { pencil, swatches: readings } })),
  });
  const change = (next: Swatch[]) => {
    setSwatches(next);
    fit.reset();
  };
  const error = read.error ?? fit.error;
  return (
    <Panel aria-label="Depth from swatches">
      <Select
        label="Pencil, best a dark one that has been calibrated"
        value={pencil}
        onChange={(id) => {
          setPencil(id);
          fit.reset();
        }}
        choices={choices}
      />
      <p>Draw three swatches with it on {paper.name}, sharp, in circles. Measure each, or read them with the simulated meter.</p>
      <Button onPress={() => read.mutate()} isDisabled={read.isPending}>
        Read with the meter
      </Button>
      <MeasuredSwatches swatches={swatches} onChange={change} />
      {error && <Notice role="alert">▲ {error instanceof ApiError ? error.message : 'Grastel cannot be reached.'}</Notice>}
      {fit.data && (
        <Found role="status">
          <p>
            Tooth {paper.tooth.toFixed(2)} → <b>{fit.data.tooth.toFixed(2)}</b>
          </p>
          <p>
            Prediction off by ΔE <b>{fit.data.before.toFixed(1)}</b> before, <b>{fit.data.after.toFixed(1)}</b> after.
          </p>
        </Found>
      )}
      <Row>
        {fit.data ? (
          <MainButton onPress={() => onFound(Math.round(fit.data.tooth * 100) / 100)}>Take this depth</MainButton>
        ) : (
          <MainButton onPress={() => fit.mutate(swatches)} isDisabled={fit.isPending}>
            Fit
          </MainButton>
        )}
        <LinkButton onPress={onDone}>Leave it</LinkButton>
      </Row>
    </Panel>
  );
}

/** What tells depth best: a dark pencil shows every valley it leaves. */
function darkest(pencils: Schemas['PencilView'][]): string {
  return [...pencils].filter((p) => !p.colourless).sort((a, b) => a.value - b.value)[0]?.id ?? '';
}

const Panel = styled.section`display: flex; flex-direction: column; gap: ${space(3)}; & > button { align-self: flex-start; }`;
const Found = styled.div`padding: ${space(2)} ${space(3)}; background: ${colour.wash}; border-left: 4px solid ${colour.ink};`;
const Row = styled.div`display: flex; gap: ${space(3)}; align-items: center;`;
