import { useMutation } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { ApiError, type Schemas } from '../../api/client';
import { Button, LinkButton, MainButton } from '../../design/Controls';
import { LabBoxes } from '../../design/LabBoxes';
import { Notice } from '../../design/States';
import { Asked } from '../../design/Swatch';
import { Row } from '../../design/Text';
import { colour, sizes, space } from '../../design/tokens';
import { gradeNames, passWords, decimals } from '../../words/words';
import { formatMessage } from '../../words/intl';

export type Swatch = Schemas['MeasuredSwatch'];

/** What a teacher draws and measures: full pressure, and light once and three times. */
export const threeSwatches: Swatch[] = [
  { grade: 'FULL', passes: 2, lab: { l: 50, a: 0, b: 0 } },
  { grade: 'LIGHT', passes: 1, lab: { l: 90, a: 0, b: 0 } },
  { grade: 'LIGHT', passes: 3, lab: { l: 80, a: 0, b: 0 } },
];

interface Props<Found> {
  /** What to draw. */
  asked: string;
  /** Has the meter read the swatches. */
  read: () => Promise<Swatch[]>;
  fit: (swatches: Swatch[]) => Promise<Found>;
  found: (fit: Found) => ReactNode;
  /** What the button says that takes the fit. */
  take: string;
  onTake: (fit: Found, swatches: Swatch[]) => void | Promise<void>;
  onDone: () => void;
}

/** Three swatches measured, typed or read with the meter, and what fits them. A swatch set right wants another fit. */
export function MeasuredSwatches<Found extends { before: number; after: number }>({ asked, read, fit, found, take, onTake, onDone }: Props<Found>) {
  const [swatches, setSwatches] = useState(threeSwatches);
  const fitting = useMutation({ mutationFn: fit });
  const reading = useMutation({
    mutationFn: read,
    onSuccess: (readings) => {
      setSwatches(readings);
      fitting.mutate(readings);
    },
  });
  const taking = useMutation({ mutationFn: async (fitted: Found) => onTake(fitted, swatches) });
  const set = (at: number, lab: Swatch['lab']) => {
    setSwatches(swatches.map((s, i) => (i === at ? { grade: s.grade, passes: s.passes, lab } : s)));
    fitting.reset();
  };
  const error = reading.error ?? fitting.error ?? taking.error;
  return (
    <>
      <p>{formatMessage({ id: 'kit.calibrate.measure' }, { swatches: asked })}</p>
      <Button onPress={() => reading.mutate()} isDisabled={reading.isPending}>
        {formatMessage({ id: 'kit.pencil.readMeter' })}
      </Button>
      {swatches.map((s, i) => (
        <div key={i}>
          <Label>
            {s.colour && <Asked $colour={s.colour} $size={14} />} {gradeNames[s.grade]}, {passWords(s.passes)}
          </Label>
          <LabBoxes lab={s.lab} onChange={(lab) => set(i, lab)} />
        </div>
      ))}
      {error && <Notice role="alert">▲ {error instanceof ApiError ? error.message : formatMessage({ id: 'kit.unreachable' })}</Notice>}
      {fitting.data && (
        <Fit role="status">
          <p>
            {formatMessage(
              { id: 'kit.calibrate.improvement' },
              {
                before: decimals(fitting.data.before, 1),
                strong: (words) => <b>{words}</b>,
                after: decimals(fitting.data.after, 1),
                strong2: (words) => <b>{words}</b>,
              },
            )}
          </p>
          {found(fitting.data)}
        </Fit>
      )}
      <Row>
        {fitting.data ? (
          <MainButton onPress={() => fitting.data && taking.mutate(fitting.data)} isDisabled={taking.isPending}>
            {take}
          </MainButton>
        ) : (
          <MainButton onPress={() => fitting.mutate(swatches)} isDisabled={fitting.isPending}>
            {formatMessage({ id: 'kit.calibrate.calculate' })}
          </MainButton>
        )}
        <LinkButton onPress={onDone}>{formatMessage({ id: 'kit.cancel' })}</LinkButton>
      </Row>
    </>
  );
}

/** Where swatches are measured. */
export const Measuring = styled.section`display: flex; flex-direction: column; gap: ${space(3)}; & > button { align-self: flex-start; }`;
const Label = styled.p`font-weight: 600; font-size: ${sizes.small};`;
const Fit = styled.div`padding: ${space(2)} ${space(3)}; background: ${colour.wash}; border-left: 4px solid ${colour.ink};`;
