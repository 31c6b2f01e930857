import { useQueryClient } from '@tanstack/react-query';
import { api, body, type Schemas } from '../../api/client';
import { Asked } from '../../design/Swatch';
import { Measuring, MeasuredSwatches, type Swatch } from './MeasuredSwatches';
import { decimals } from '../../words/words';
import { formatMessage } from '../../words/intl';

interface Props {
  pencil: Schemas['PencilView'];
  paper: string;
  paperName: string;
  onDone: () => void;
}

/** Fits the pencil to three measured swatches. */
export function Calibrate({ pencil, paper, paperName, onDone }: Props) {
  const queries = useQueryClient();
  const path = { id: pencil.id };
  const fit = (swatches: Swatch[], keep: boolean) => body(api.POST('/api/kit/pencils/{id}/calibration', { params: { path }, body: { paper, swatches, keep } }));
  return (
    <Measuring aria-label={formatMessage({ id: 'kit.calibrate' })}>
      <MeasuredSwatches
        asked={formatMessage({ id: 'kit.calibrate.drawWithPencil' }, { paper: paperName })}
        read={() => body(api.POST('/api/kit/pencils/{id}/readings', { params: { path, query: { paper } } }))}
        fit={(swatches) => fit(swatches, false)}
        found={(found) => (
          <>
            <p>
              {formatMessage(
                { id: 'kit.calibrate.pencilResult' },
                {
                  opacityBefore: decimals(pencil.hiding, 2),
                  opacity: decimals(found.hiding, 2),
                  strong: (words) => <b>{words}</b>,
                  softnessBefore: decimals(pencil.softness, 2),
                  softnessNow: decimals(found.softness, 2),
                  strong2: (words) => <b>{words}</b>,
                },
              )}
            </p>
            <p>
              <Asked $colour={pencil.colour} $size={22} /> → <Asked $colour={found.colour} $size={22} />
            </p>
          </>
        )}
        take={formatMessage({ id: 'kit.calibrate.save' })}
        onTake={async (_, swatches) => {
          await fit(swatches, true);
          await queries.invalidateQueries();
          onDone();
        }}
        onDone={onDone}
      />
    </Measuring>
  );
}
