import { useQuery } from '@tanstack/react-query';
import { useEffect, useReducer, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { Failed, Loading } from '../design/States';
import { colour, faces, space } from '../design/tokens';
import { useKeys } from '../design/useKeys';
import { SceneView } from './SceneView';
import { fresh, leftAt, toggled, type Timer } from './timer';
import { layerWords, sceneWords, type ShowData } from './words';
import { formatMessage } from '../words/intl';

async function fetched(of: string, id: string, lesson: string): Promise<ShowData> {
  switch (of) {
    case 'lesson':
      return body(api.GET('/api/show/lessons/{schoolClass}/{lesson}', { params: { path: { schoolClass: id, lesson } } }));
    case 'stack':
      return body(api.GET('/api/show/stacks/{id}', { params: { path: { id } } }));
    default:
      return body(api.GET('/api/show/sheets/{id}', { params: { path: { id } } }));
  }
}

/** A lesson, a sheet or a stack on the projector, one scene at a time, by keys alone. */
export default function Show() {
  const { of = '', id = '', lesson = '' } = useParams();
  const navigate = useNavigate();
  // Also while it loads, and where it fails: there is nothing else on the screen to leave by.
  useKeys((key) => {
    if (key === 'Escape') {
      void (window.history.length > 1 ? navigate(-1) : navigate('/'));
    }
    return false;
  }, true);
  const show = useQuery({ queryKey: ['show', of, id, lesson], queryFn: () => fetched(of, id, lesson) });
  if (show.isPending) {
    return <Loading what={formatMessage({ id: 'show.loading.sheet' })} />;
  }
  if (show.isError) {
    return <Failed error={show.error} />;
  }
  return <Stage show={show.data} />;
}

const ON = ['ArrowRight', 'ArrowDown', 'PageDown', 'Enter'];
const BACK = ['ArrowLeft', 'ArrowUp', 'PageUp', 'Backspace'];
const BLANK = ['b', '.'];

function Stage({ show }: { show: ShowData }) {
  const [at, setAt] = useState(0);
  const [blank, setBlank] = useState(false);
  const [dark, setDark] = useState(true);
  const [timers, setTimers] = useState<Record<number, Timer>>({});
  const now = useClock(Object.values(timers).some((t) => t.since !== null));
  const scene = show.scenes[at];
  const timer = timers[at] ?? fresh(scene?.minutes ?? 0);

  useEffect(() => {
    const before = document.documentElement.dataset['surround'];
    document.documentElement.dataset['surround'] = dark ? 'dark' : 'light';
    return () => {
      document.documentElement.dataset['surround'] = before ?? 'light';
    };
  }, [dark]);

  useKeys((key) => {
    const way = ON.includes(key) ? 1 : BACK.includes(key) ? -1 : 0;
    if (way !== 0) {
      setBlank(false);
      setAt((n) => Math.min(show.scenes.length - 1, Math.max(0, n + way)));
    } else if (key === ' ' && scene?.kind === 'TURN') {
      setTimers((all) => ({ ...all, [at]: toggled(all[at] ?? fresh(scene.minutes), performance.now()) }));
    } else if (BLANK.includes(key)) {
      setBlank((is) => !is);
    } else if (key === 'd') {
      setDark((is) => !is);
    } else if (key === 'f') {
      void (document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen());
    } else {
      return false;
    }
    return true;
  }, true);

  if (!scene) {
    return (
      <Whole>
        <title>{formatMessage({ id: 'show.windowTitleEmpty' })}</title>
        <Middle>
          <h1>{show.title}</h1>
          <p>{formatMessage({ id: 'show.empty' })}</p>
        </Middle>
        <Foot>{formatMessage({ id: 'show.keys.back' })}</Foot>
      </Whole>
    );
  }
  const laid = show.scenes.slice(0, at + 1);
  const from = laid.findLastIndex((s) => s.kind === 'LAYING' && s.number === 1);
  const pencils = laid.slice(Math.max(0, from)).flatMap((s) => (s.layer ? [layerWords(s.layer)] : []));
  return (
    <Whole data-blank={blank}>
      <title>{formatMessage({ id: 'show.windowTitle' }, { title: show.title })}</title>
      <Live role="status" aria-live="polite">
        {blank ? formatMessage({ id: 'show.blank' }) : sceneWords(scene, at + 1, show.scenes.length)}
      </Live>
      {!blank && (
        <>
          <Middle>
            <SceneView scene={scene} pencils={pencils} timer={timer} now={now} />
          </Middle>
          <Foot>
            <Steps role="img" aria-label={formatMessage({ id: 'show.scene.number' }, { number: at + 1, count: show.scenes.length })}>
              {show.scenes.map((s, i) => (
                <i key={i} data-at={i === at} data-kind={s.kind} />
              ))}
            </Steps>
            {at === 0 ? <span>{formatMessage({ id: 'show.keys.help' })}</span> : <span>{elsewhere(timers, at, now)}</span>}
          </Foot>
        </>
      )}
    </Whole>
  );
}

/** While a timer runs that is not on the screen, what is left of it. */
function elsewhere(timers: Record<number, Timer>, at: number, now: number): string {
  const running = Object.entries(timers).find(([n, t]) => Number(n) !== at && t.since !== null);
  return running ? formatMessage({ id: 'show.timer.left' }, { minutes: Math.ceil(leftAt(running[1], now) / 60_000) }) : '';
}

/** The moment it is, four times a second while it matters. */
function useClock(going: boolean): number {
  const [now, tick] = useReducer(
    () => performance.now(),
    0,
    () => performance.now(),
  );
  useEffect(() => {
    if (!going) {
      return undefined;
    }
    const timer = setInterval(tick, 250);
    return () => clearInterval(timer);
  }, [going]);
  return now;
}

const Whole = styled.main`
  height: 100%;
  display: flex;
  flex-direction: column;
  padding: ${space(8)} ${space(12)} ${space(6)};
  font: 400 max(28px, 2.2vw) / 1.3 ${faces.text};
  background: ${colour.paper};
  h1 { font-size: 1.5em; }
  &[data-blank='true'] { background: #000; cursor: none; }
`;
const Middle = styled.div`flex: 1; min-height: 0;`;
const Foot = styled.footer`display: flex; flex-direction: column; gap: ${space(3)}; color: ${colour.muted}; min-height: 1.8em;`;
const Steps = styled.div`
  display: flex;
  gap: 4px;
  i { flex: 1; height: 8px; background: ${colour.line}; }
  i[data-at='true'] { background: ${colour.ink}; height: 14px; margin-top: -3px; }
`;
const Live = styled.p`position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%);`;
