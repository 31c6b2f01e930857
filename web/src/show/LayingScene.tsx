import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { GrainedSwatch } from '../bench/GrainedSwatch';
import { ToothSection } from '../bench/ToothSection';
import { grades } from '../bench/stack';
import { Tooth } from '../design/Swatch';
import { colour, levelGreys, space } from '../design/tokens';
import { decimals } from '../words/words';
import { StrokePicture } from './StrokePicture';
import { gradeOf, layerWords, pointName, strokeName, type Layer, type Scene } from './words';
import { count, formatMessage } from '../words/intl';

/** One layer: how the hand does it, and what the swatch has become by it. */
export function LayingScene({ scene, pencils }: { scene: Scene; pencils: readonly string[] }) {
  const { layer, swatch, asked } = scene;
  if (!layer || !swatch) {
    return null;
  }
  return (
    <Two>
      <How>
        <p>
          {scene.title}
          <br />
          {formatMessage({ id: 'show.layer.number' }, { number: scene.number, count: scene.of })}
        </p>
        <h1>
          {layer.pencil && <Chip style={{ background: layer.pencil.colour }} />}
          {layerWords(layer)}
        </h1>
        {layer.manner === 'COLOUR' && <Hand layer={layer} />}
        {scene.layersLeft != null && <p>{formatMessage({ id: 'show.layersLeft' }, { count: scene.layersLeft })}</p>}
        {layer.manner === 'BURNISH' && <p>{formatMessage({ id: 'show.layer.burnishHow' }, { passes: layer.passes })}</p>}
      </How>
      <Seen>
        <Row>
          <ShownSwatch swatch={swatch} slices={scene.slices} />
          {asked && <Asked style={{ background: asked.colour }} role="img" aria-label={formatMessage({ id: 'show.value.goalSpoken' }, { value: decimals(asked.value, 1) })} />}
        </Row>
        <Figures>
          <span>{formatMessage({ id: 'show.value' }, { value: decimals(swatch.colour.value, 1), strong: (words) => <b>{words}</b> })}</span>
          {asked && <span>{formatMessage({ id: 'show.value.goal' }, { value: decimals(asked.value, 1), strong: (words) => <b>{words}</b> })}</span>}
        </Figures>
        <ToothSection section={swatch.section} paper={swatch.paper} names={pencils} />
      </Seen>
    </Two>
  );
}

function Hand({ layer }: { layer: Layer }) {
  const grade = gradeOf(layer);
  return (
    <>
      <Pressure role="img" aria-label={formatMessage({ id: 'show.layer.pressure' }, { name: grade.name })}>
        {grades.map((g, i) => (
          <i key={g.id} data-on={g.id === grade.id} style={{ background: levelGreys[i], height: `${40 + i * 15}%` }} />
        ))}
      </Pressure>
      <p>{formatMessage({ id: 'show.layer.pencil' }, { name: grade.name, strong: (words) => <b>{words}</b>, layer: pointName(layer) })}</p>
      {layer.stroke && <StrokePicture stroke={layer.stroke} passes={layer.passes} />}
      <p>
        {strokeName(layer)} · {count(layer.passes, 'pass')}
      </p>
    </>
  );
}

/** Large: an even field with its grain, a strip in slices. */
export function ShownSwatch({ swatch, slices = [] }: { swatch: Schemas['SwatchView']; slices?: readonly string[] }) {
  return (
    <Large>
      {slices.length === 0 ? (
        <GrainedSwatch look={swatch} zoom="NEAR" width={800} height={400} stale={false} />
      ) : (
        <>
          <Tooth />
          <svg viewBox={`0 0 ${slices.length} 6`} preserveAspectRatio="none" width="100%" height="100%" role="img" aria-label={formatMessage({ id: 'show.strip.now' })}>
            {slices.map((hex, i) => (
              <rect key={i} x={i} width={1.02} height={6} fill={hex} filter="url(#tooth)" />
            ))}
          </svg>
        </>
      )}
    </Large>
  );
}

const Two = styled.div`display: grid; grid-template-columns: minmax(0, 2fr) minmax(0, 3fr); gap: ${space(12)}; height: 100%;`;
const How = styled.div`display: flex; flex-direction: column; gap: ${space(4)}; justify-content: center; h1 { display: flex; align-items: center; gap: ${space(4)}; }`;
const Chip = styled.i`width: 1.2em; height: 1.2em; flex: none; border: 1px solid ${colour.line};`;
const Pressure = styled.div`
  display: flex;
  align-items: flex-end;
  gap: ${space(4)};
  height: 90px;
  i { flex: 1; max-width: 56px; outline: 1px solid ${colour.muted}; }
  i[data-on='true'] { outline: 5px solid ${colour.ink}; outline-offset: 2px; }
`;
const Seen = styled.div`display: flex; flex-direction: column; gap: ${space(4)}; justify-content: center; min-height: 0; svg { max-height: 24vh; } figcaption { display: none; }`;
const Row = styled.div`display: flex; gap: 6px; height: 46vh;`;
const Large = styled.div`position: relative; flex: 1; min-height: 0; overflow: hidden; background: ${colour.raised}; height: 100%; svg { max-height: none; }`;
const Asked = styled.div`flex: 0 0 22%;`;
const Figures = styled.p`display: flex; justify-content: space-between;`;
