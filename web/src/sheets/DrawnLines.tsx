import { useMutation } from '@tanstack/react-query';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { api, body, filesForm, type Schemas } from '../api/client';
import { Button, LinkButton } from '../design/Controls';
import { Notice } from '../design/States';
import { Small } from '../design/Text';
import { colour, sizes, space } from '../design/tokens';
import type { Value } from './draft';
import { formatMessage } from '../words/intl';

interface Props {
  parameter: Schemas['ParameterView'];
  used: Value | undefined;
  onChange: (value: Value) => void;
  onOpen: () => void;
}

/** Lines that a student drew in a frame, read from a picture of it; or none, and they are drawn anew. */
export function DrawnLines({ parameter, used, onChange, onOpen }: Props) {
  const lines = used?.words ?? [];
  const read = useMutation({
    mutationFn: (picture: File) => body(api.POST('/api/sheets/drawn-lines', { body: { file: '' }, bodySerializer: () => filesForm('file', [picture]) })),
    onSuccess: (found) => onChange({ words: found.lines }),
  });
  return (
    <Group role="group" aria-label={parameter.label}>
      <b>{parameter.label}</b>
      {lines.length > 0 ? (
        <Found>
          <svg viewBox="-20 -20 1040 1040" preserveAspectRatio="none" role="img" aria-label={formatMessage({ id: 'sheets.drawing.lines' }, { lines: lines.length })}>
            <rect width="1000" height="1000" />
            {lines.map((line) => {
              const [x1, y1, x2, y2] = line.split(' ');
              return <line key={line} x1={x1} y1={y1} x2={x2} y2={y2} />;
            })}
          </svg>
          <span>
            {formatMessage({ id: 'sheets.drawing.linesRule' }, { lines: lines.length })} <LinkButton onPress={onOpen}>{formatMessage({ id: 'sheets.drawing.redraw' })}</LinkButton>
          </span>
        </Found>
      ) : (
        <Small>{formatMessage({ id: 'sheets.drawing.help' })}</Small>
      )}
      <FileTrigger acceptedFileTypes={['image/jpeg', 'image/png', 'image/tiff']} onSelect={(files) => files?.[0] && read.mutate(files[0])}>
        <Button isDisabled={read.isPending}>
          {read.isPending
            ? formatMessage({ id: 'sheets.drawing.reading' })
            : lines.length > 0
              ? formatMessage({ id: 'sheets.drawing.importAnother' })
              : formatMessage({ id: 'sheets.drawing.import' })}
        </Button>
      </FileTrigger>
      {read.error && <Notice role="alert">▲ {read.error.message}</Notice>}
    </Group>
  );
}

const Group = styled.div`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: ${space(2)};
  & > b { font-weight: 600; }
`;
const Found = styled.div`
  display: flex;
  gap: ${space(3)};
  font-size: ${sizes.small};
  svg { flex: none; width: 72px; height: 88px; }
  rect { fill: ${colour.raised}; stroke: ${colour.ink}; stroke-width: 2; vector-effect: non-scaling-stroke; }
  line { stroke: ${colour.ink}; stroke-width: 1; vector-effect: non-scaling-stroke; }
`;
