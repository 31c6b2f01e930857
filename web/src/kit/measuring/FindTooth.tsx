import { useMemo, useState } from 'react';
import { api, body, type Schemas } from '../../api/client';
import { Select } from '../../design/Controls';
import { Grained } from '../../design/Swatch';
import { Measuring, MeasuredSwatches } from './MeasuredSwatches';
import { decimals } from '../../words/words';
import { formatMessage } from '../../words/intl';

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
  const path = { id: paper.id };
  return (
    <Measuring aria-label={formatMessage({ id: 'kit.calibrate.toothHeading' })}>
      <Select label={formatMessage({ id: 'kit.calibrate.pencil' })} value={pencil} onChange={setPencil} choices={choices} />
      <MeasuredSwatches
        key={pencil}
        asked={formatMessage({ id: 'kit.calibrate.drawWithIt' }, { paper: paper.name })}
        read={() => body(api.POST('/api/kit/papers/{id}/readings', { params: { path, query: { pencil } } }))}
        fit={(swatches) => body(api.POST('/api/kit/papers/{id}/calibration', { params: { path }, body: { pencil, swatches } }))}
        found={(found) => (
          <p>
            {formatMessage(
              { id: 'kit.calibrate.toothResult' },
              { tooth: decimals(paper.tooth, 2), tooth2: decimals(found.tooth, 2), strong: (words) => <b data-tooth>{words}</b> },
            )}
          </p>
        )}
        take={formatMessage({ id: 'kit.calibrate.useDepth' })}
        onTake={(found) => onFound(Math.round(found.tooth * 100) / 100)}
        onDone={onDone}
      />
    </Measuring>
  );
}

/** What tells depth best: a dark pencil shows every valley it leaves. */
function darkest(pencils: Schemas['PencilView'][]): string {
  return [...pencils].filter((p) => !p.colourless).sort((a, b) => a.value - b.value)[0]?.id ?? '';
}
