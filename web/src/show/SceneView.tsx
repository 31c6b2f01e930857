import styled from 'styled-components';
import { colour, space } from '../design/tokens';
import { LayingScene, ShownSwatch } from './LayingScene';
import { leftAt, timerWords, type Timer } from './timer';
import { slipNames, type Scene } from './words';
import { formatMessage } from '../words/intl';

interface Props {
  scene: Scene;
  /** Names of the pencils laid so far. */
  pencils: readonly string[];
  timer: Timer;
  now: number;
}

export function SceneView({ scene, pencils, timer, now }: Props) {
  switch (scene.kind) {
    case 'OPENING':
      return (
        <Calm data-opening>
          <h1>{scene.title}</h1>
          {scene.words.map((w) => (
            <p key={w}>{w}</p>
          ))}
          <Pencils>
            {scene.pencils.map((p) => (
              <li key={p.code + p.name}>
                <i style={{ background: p.colour }} />
                {p.code} {p.name}
              </li>
            ))}
          </Pencils>
        </Calm>
      );
    case 'LAYING':
      return <LayingScene scene={scene} pencils={pencils} />;
    case 'TURN':
      return (
        <Turn>
          <div>
            <h1>{formatMessage({ id: 'show.turn.title' })}</h1>
            <ol>
              {scene.words.map((w) => (
                <li key={w}>{w}</li>
              ))}
            </ol>
          </div>
          <Clock role="timer" aria-label={formatMessage({ id: 'show.timeLeft' })} data-going={timer.since !== null}>
            {timerWords(leftAt(timer, now))}
            <small>{timer.since === null ? formatMessage({ id: 'show.timer.start' }) : formatMessage({ id: 'show.timer.stop' })}</small>
          </Clock>
        </Turn>
      );
    case 'FAULT':
      return <Fault scene={scene} />;
    case 'CAUTIONS':
      return (
        <Calm>
          <h1>{formatMessage({ id: 'show.caution.title' })}</h1>
          {scene.words.map((w) => (
            <p key={w}>{w}</p>
          ))}
        </Calm>
      );
  }
}

/** What goes wrong beside what should come out, where that is a matter of layers. */
function Fault({ scene }: { scene: Scene }) {
  const { swatch, wrong, slip } = scene;
  return (
    <Calm data-fault>
      <h1>{formatMessage({ id: 'show.mistake.title' }, { title: scene.title })}</h1>
      {swatch && wrong && (
        <Pair>
          <figure>
            <ShownSwatch swatch={swatch} />
            <figcaption>{formatMessage({ id: 'show.asPlanned' })}</figcaption>
          </figure>
          <figure>
            <ShownSwatch swatch={wrong} />
            <figcaption>{slip ? slipNames[slip] : ''}</figcaption>
          </figure>
        </Pair>
      )}
      {scene.words.map((w) => (
        <p key={w}>{w}</p>
      ))}
    </Calm>
  );
}

const Calm = styled.div`display: flex; flex-direction: column; gap: ${space(6)}; justify-content: center; height: 100%; max-width: 1500px; &[data-opening] { font-size: 1.25em; h1 { font-size: 2em; } }`;
const Pencils = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: ${space(3)} ${space(8)};
  li { display: flex; align-items: center; gap: ${space(3)}; }
  i { width: 1.4em; height: 1.4em; border: 1px solid ${colour.line}; }
`;
const Turn = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: ${space(12)};
  align-items: center;
  height: 100%;
  ol { margin: ${space(6)} 0 0; padding-left: 1.4em; display: flex; flex-direction: column; gap: ${space(3)}; }
`;
const Clock = styled.div`
  font-size: 5em;
  font-weight: 600;
  text-align: center;
  line-height: 1;
  color: ${colour.muted};
  &[data-going='true'] { color: ${colour.ink}; }
  small { display: block; font-size: 0.2em; font-weight: 400; margin-top: ${space(4)}; }
`;
const Pair = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: ${space(8)};
  height: 46vh;
  figure { margin: 0; display: flex; flex-direction: column; gap: ${space(2)}; min-height: 0; }
`;
