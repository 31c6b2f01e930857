import { memo, useRef, useState } from 'react';
import styled from 'styled-components';
import { FileTrigger } from 'react-aria-components';
import { Button, LinkButton, Segments, Select } from '../design/Controls';
import { Asked } from '../design/Swatch';
import { Small } from '../design/Text';
import { colour, space } from '../design/tokens';
import { LabBoxes } from '../design/LabBoxes';
import { srgbToLab } from './pixel';
import type { Goal, Kit, Look } from './stack';
import { signed } from './words';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';

type From = 'none' | 'pencil' | 'lab' | 'picture';

interface Props {
  kit: Kit;
  goal: Goal | null;
  found: Look['goal'];
  onGoal: (goal: Goal | null) => void;
}

/** The colour that is wanted: a pencil's, a measured one, or a place in a picture. */
export const GoalPicker = memo(function GoalPicker({ kit, goal, found, onGoal }: Props) {
  const [from, setFrom] = useState<From>('none');
  const [pencil, setPencil] = useState<string | null>(null);
  const choose = (next: From) => {
    setFrom(next);
    if (next === 'none') {
      onGoal(null);
    } else if (next === 'lab' && !goal) {
      onGoal({ l: 50, a: 0, b: 0 });
    }
  };
  return (
    <Panel>
      <Segments
        label={formatMessage({ id: 'bench.goalColour' })}
        value={from}
        onChange={choose}
        choices={[
          { id: 'none', name: formatMessage({ id: 'bench.paper.noCover' }) },
          { id: 'pencil', name: formatMessage({ id: 'bench.pencil' }) },
          { id: 'lab', name: 'L*a*b*' },
          { id: 'picture', name: formatMessage({ id: 'bench.picture' }) },
        ]}
      />
      {from === 'pencil' && (
        <Select
          label={formatMessage({ id: 'bench.goal.fullPressure' })}
          value={pencil}
          placeholder={formatMessage({ id: 'bench.pencil.choose' })}
          onChange={(id) => {
            setPencil(id);
            const chosen = kit.pencils.find((p) => p.id === id);
            onGoal(chosen ? { ...chosen.lab } : null);
          }}
          choices={kit.pencils.filter((p) => !p.colourless).map((p) => ({ id: p.id, name: `${p.code} ${p.name}`, mark: <Asked $colour={p.colour} /> }))}
        />
      )}
      {from === 'lab' && goal && <LabBoxes lab={goal} onChange={onGoal} />}
      {from === 'picture' && <FromPicture onGoal={onGoal} />}
      {found && (
        <Standing data-goal>
          <Asked $colour={found.colour.colour} $size={30} />
          <span>
            {formatMessage(
              { id: 'bench.goal.difference' },
              {
                difference: decimals(found.deltaE, 1),
                strong: (words) => <b>{words}</b>,
                valueDifference: signed(found.deltaValue),
                strong2: (words) => <b>{words}</b>,
              },
            )}
          </span>
        </Standing>
      )}
    </Panel>
  );
});

/** A picture of the teacher's, looked at in the browser only; a click takes the mean of 5 × 5 pixels. */
function FromPicture({ onGoal }: { onGoal: (goal: Goal) => void }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [loaded, setLoaded] = useState(false);
  const [failed, setFailed] = useState(false);
  const open = async (file: File | undefined) => {
    if (!file || !canvas.current) {
      return;
    }
    try {
      const bitmap = await createImageBitmap(file, { resizeWidth: 440, resizeQuality: 'high' });
      canvas.current.width = bitmap.width;
      canvas.current.height = bitmap.height;
      canvas.current.getContext('2d')?.drawImage(bitmap, 0, 0);
      setLoaded(true);
      setFailed(false);
    } catch {
      setFailed(true);
    }
  };
  const take = (clientX: number, clientY: number) => {
    const c = canvas.current;
    const context = c?.getContext('2d');
    if (!c || !context) {
      return;
    }
    const box = c.getBoundingClientRect();
    const px = Math.round(((clientX - box.left) / box.width) * c.width);
    const py = Math.round(((clientY - box.top) / box.height) * c.height);
    onGoal(srgbToLab(context.getImageData(px - 2, py - 2, 5, 5).data));
  };
  return (
    <div>
      <FileTrigger acceptedFileTypes={['image/*']} onSelect={(files) => void open(files?.[0])}>
        {loaded ? <LinkButton>{formatMessage({ id: 'bench.picture.another' })}</LinkButton> : <Button>{formatMessage({ id: 'bench.picture.open' })}</Button>}
      </FileTrigger>
      {failed && <p role="alert">{formatMessage({ id: 'bench.picture.unreadable' })}</p>}
      <Canvas ref={canvas} hidden={!loaded} onClick={(e) => take(e.clientX, e.clientY)} aria-label={formatMessage({ id: 'bench.picture.clickGoal' })} />
      {loaded && <Small>{formatMessage({ id: 'bench.picture.click' })}</Small>}
    </div>
  );
}

const Panel = styled.section`display: flex; flex-direction: column; gap: ${space(2)}; & button { padding-left: 7px; padding-right: 7px; min-height: 30px; }`;
const Standing = styled.p`display: flex; align-items: center; gap: ${space(2)};`;
const Canvas = styled.canvas`display: block; width: 100%; margin-top: ${space(2)}; cursor: crosshair; border: 1px solid ${colour.line}; &[hidden] { display: none; }`;
