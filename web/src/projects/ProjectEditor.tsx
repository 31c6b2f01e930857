import { ConflictNotice, useSaveMine } from '../design/ConflictNotice';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { served } from '../api/served';
import { api, body } from '../api/client';
import { useRevision } from '../api/useRevision';
import { Button, LinkButton, MainButton, Segments, Select, Toggle } from '../design/Controls';
import { grey } from '../design/greys';
import { NumberBox } from '../design/NumberBox';
import { Stepper } from '../design/Stepper';
import { Aside } from '../design/Text';
import { colour, sizes, space } from '../design/tokens';
import { decimals } from '../words/words';
import { ClassChoice, NOBODY } from './ClassChoice';
import { FrameView, type Overlay, type Seen } from './FrameView';
import { FocusPanel } from './FocusPanel';
import { OwnPictures } from './OwnPictures';
import { Pieces } from './Pieces';
import { chosen, questions, rightsNames, turned, zoomed, type Project, type Settings } from './words';
import { ZonePanel } from './ZonePanel';
import { formatMessage } from '../words/intl';

const shownChoices = [
  { id: 'reference', name: formatMessage({ id: 'projects.picture' }) },
  { id: 'values', name: formatMessage({ id: 'projects.view.values' }) },
  { id: 'outlines', name: formatMessage({ id: 'projects.view.outlines' }) },
  { id: 'focus', name: formatMessage({ id: 'projects.focus.short' }) },
  { id: 'zones', name: formatMessage({ id: 'projects.view.zones' }) },
  { id: 'finished', name: formatMessage({ id: 'projects.finishedShort' }) },
] as const;
const seenChoices = [
  { id: 'IN_PENCILS', name: formatMessage({ id: 'projects.view.inPencils' }) },
  { id: 'VALUES', name: formatMessage({ id: 'projects.view.values' }) },
  { id: 'DIFFERENCE', name: formatMessage({ id: 'projects.difference' }) },
] as const;
const overlays = [
  { id: 'NONE', name: formatMessage({ id: 'projects.none' }) },
  { id: 'QUARTERS', name: formatMessage({ id: 'projects.grid.quarters' }) },
  { id: 'GRID', name: formatMessage({ id: 'projects.grid' }) },
] as const;
const papers = [
  { id: 'A4', name: 'A4' },
  { id: 'LETTER', name: 'Letter' },
] as const;
const lessons = ['35', '40', '45', '50', '60', '80', '90', '100', '120'].map((id) => ({ id, name: formatMessage({ id: 'projects.session.minutes' }, { minutes: id }) }));

/**
 * One picture, large, with what is measured in it; tools at its edges. What a student draws instead of the class's shares its frame,
 * grid, pencils and paper.
 *
 * @param own pictures that students draw instead of this one
 * @param whose the student who alone draws this one
 */
export function ProjectEditor({ open, own = [], whose }: { open: Project; own?: readonly Project[]; whose?: string | undefined }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [settings, setSettings] = useState(open.settings);
  const [schoolClass, setSchoolClass] = useState(open.schoolClass ?? NOBODY);
  const [shown, setShown] = useState<(typeof shownChoices)[number]['id']>('values');
  const [seen, setSeen] = useState<Seen>('IN_PENCILS');
  const [zone, setZone] = useState(1);
  const [joining, setJoining] = useState(false);
  const [overlay, setOverlay] = useState<Overlay>('GRID');
  const [outlines, setOutlines] = useState(true);
  const [paper, setPaper] = useState<(typeof papers)[number]['id']>('A4');
  const [lesson, setLesson] = useState('45');
  const [asking, setAsking] = useState(false);
  const revision = useRevision(open, (p) => [p.settings, p.schoolClass]);
  const path = { id: open.id };
  const coloured = shown === 'zones' || shown === 'finished';
  const values = useQuery({
    queryKey: ['projects', open.id, 'values', settings],
    queryFn: () => body(api.GET('/api/projects/{id}/values', { params: { path: { id: open.id }, query: questions(settings) } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const zones = useQuery({
    queryKey: ['projects', open.id, 'zones', settings],
    queryFn: () => body(api.GET('/api/projects/{id}/zones', { params: { path: { id: open.id }, query: questions(settings) } })),
    placeholderData: keepPreviousData,
    enabled: shown === 'zones',
    retry: false,
  });
  const focus = useQuery({
    queryKey: ['projects', open.id, 'focus', settings],
    queryFn: () => body(api.GET('/api/projects/{id}/focus', { params: { path: { id: open.id }, query: questions(settings) } })),
    placeholderData: keepPreviousData,
    enabled: shown === 'focus',
    retry: false,
  });
  const kit = useQuery({ ...served.kit, enabled: coloured });
  const keep = useMutation({
    mutationFn: () =>
      body(
        api.PUT('/api/projects/{id}', {
          params: { path },
          body: { revision: revision.known, title: open.title, settings, ...(schoolClass === NOBODY ? {} : { schoolClass }) },
        }),
      ),
    onSuccess: (kept) => {
      revision.saved(kept);
      return queries.invalidateQueries({ queryKey: served.projects.queryKey, exact: true });
    },
  });
  const hand = useMutation({
    mutationFn: () => body(api.POST('/api/projects/{id}/sheet', { params: { path }, body: { paper } })),
    onSuccess: async (made) => {
      await queries.invalidateQueries({ queryKey: served.sheets.queryKey });
      await navigate(`/sheets/${made.sheet}`);
    },
  });
  const drop = useMutation({
    mutationFn: () => api.DELETE('/api/projects/{id}', { params: { path } }),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: served.projects.queryKey, exact: true });
      await navigate('/projects');
    },
  });
  const openZone = Math.min(zone, zones.data?.length ?? zone);
  const choose = (next: number) => {
    const together = chosen(zones.data ?? [], openZone, joining, next, settings);
    if (together) {
      setSettings(together);
      setJoining(false);
    }
    setZone(together ? Math.min(openZone, next) : next);
  };
  const set = (change: Partial<Settings>) => setSettings((s) => ({ ...s, ...change }));
  const unchanged = JSON.stringify(settings) === JSON.stringify(open.settings) && schoolClass === (open.schoolClass ?? NOBODY);
  const saveMine = useSaveMine(keep, revision);
  const error = values.error ?? zones.error ?? keep.error ?? hand.error ?? drop.error;
  return (
    <Desk>
      <Middle>
        <FrameView
          project={open.id}
          settings={settings}
          shown={shown}
          seen={seen}
          outlines={outlines}
          overlay={overlay}
          path={values.data?.outlines}
          zones={zones.data ?? []}
          openZone={openZone}
          radiusMm={focus.data?.radiusMm}
          onZone={choose}
          onMove={setSettings}
        />
        <Bar role="group" aria-label={formatMessage({ id: 'projects.view.label' })}>
          <Segments label={formatMessage({ id: 'projects.show' })} value={shown} onChange={setShown} choices={shownChoices} />
          <Segments label={formatMessage({ id: 'projects.lines' })} value={overlay} onChange={setOverlay} choices={overlays} />
          {shown === 'finished' && <Segments label={formatMessage({ id: 'projects.seen' })} value={seen} onChange={setSeen} choices={seenChoices} />}
          {(shown === 'reference' || shown === 'values') && (
            <Toggle isSelected={outlines} onChange={setOutlines}>
              {formatMessage({ id: 'projects.outlinesOver' })}
            </Toggle>
          )}
          <Picture role="group" aria-label={formatMessage({ id: 'projects.picture.turn' })}>
            <span aria-hidden>{formatMessage({ id: 'projects.picture.turn' })}</span>
            <Button onPress={() => setSettings(zoomed(settings, 1.15))} aria-label={formatMessage({ id: 'projects.picture.zoomIn' })}>
              +
            </Button>
            <Button onPress={() => setSettings(zoomed(settings, 1 / 1.15))} aria-label={formatMessage({ id: 'projects.picture.zoomOut' })} isDisabled={settings.zoom <= 1}>
              −
            </Button>
            <Button onPress={() => setSettings(turned(settings))}>{formatMessage({ id: 'projects.picture.rotate' })}</Button>
          </Picture>
        </Bar>
      </Middle>
      <Side>
        <ConflictNotice error={error} onMine={() => void saveMine()} />
        {shown === 'focus' && <FocusPanel settings={settings} proposed={focus.data} onSettings={setSettings} />}
        {coloured && (
          <>
            <h2>{shown === 'zones' ? formatMessage({ id: 'projects.zones' }) : formatMessage({ id: 'projects.finished' })}</h2>
            {shown === 'finished' && <Aside>{seenWords[seen]}</Aside>}
            <Stepper label={formatMessage({ id: 'projects.pencils.atMost' })} value={settings.zones ?? 10} least={3} most={25} onChange={(most) => set({ zones: most })} />
            {!open.ofProject && (
              <Whole>
                <Select
                  label={formatMessage({ id: 'projects.pencils' })}
                  value={settings.set ?? NOBODY}
                  onChange={(id) => setSettings((s) => withChoice(s, 'set', id))}
                  choices={[{ id: NOBODY, name: formatMessage({ id: 'projects.pencils.wholeKit' }) }, ...(kit.data?.sets ?? []).map((s) => ({ id: s.id, name: s.name }))]}
                />
                <Select
                  label={formatMessage({ id: 'projects.paper' })}
                  value={settings.paper ?? kit.data?.papers[0]?.id ?? NOBODY}
                  onChange={(id) => setSettings((s) => withChoice(s, 'paper', id))}
                  choices={(kit.data?.papers ?? []).map((p) => ({ id: p.id, name: p.name }))}
                />
                <Select
                  label={formatMessage({ id: 'projects.pencils.count' })}
                  value={String(settings.pencils ?? NOBODY)}
                  onChange={(most) => setSettings((s) => withChoice(s, 'pencils', most))}
                  choices={[
                    { id: NOBODY, name: formatMessage({ id: 'projects.pencils.asManyAsUseful' }) },
                    ...[4, 6, 8, 10, 12, 16].map((n) => ({ id: String(n), name: formatMessage({ id: 'projects.pencils.best' }, { count: n }) })),
                  ]}
                />
              </Whole>
            )}
            {shown === 'finished' ? null : zones.data ? (
              <ZonePanel
                project={open.id}
                settings={settings}
                zones={zones.data}
                open={openZone}
                onOpen={choose}
                joining={joining}
                onJoining={setJoining}
                onSettings={setSettings}
              />
            ) : (
              <Aside>{formatMessage({ id: 'projects.zones.separating' })}</Aside>
            )}
          </>
        )}
        <h2>{formatMessage({ id: 'projects.values' })}</h2>
        <Stepper label={formatMessage({ id: 'projects.steps' })} value={settings.steps} least={2} most={7} onChange={(steps) => set({ steps })} />
        <Key aria-label={formatMessage({ id: 'projects.values.key' })}>
          {[...(values.data?.steps ?? [])].reverse().map((s) => (
            <li key={s.lightness}>
              <i style={{ background: grey(s.lightness) }} />
              <b>{decimals(s.value, 1)}</b>
              <span>{Math.round(s.share * 100)} %</span>
            </li>
          ))}
        </Key>
        {values.data && values.data.steps.length < settings.steps && <Aside>{formatMessage({ id: 'projects.values.noMore' })}</Aside>}
        {values.data?.coarser && (
          <Aside>
            ▲ {formatMessage({ id: 'projects.values.coarser' }, { smooth: decimals(values.data.coarser.smoothMm, 1), island: decimals(values.data.coarser.islandMm2) })}
          </Aside>
        )}
        <Aside>{values.data && formatMessage({ id: 'projects.zone.areas' }, { areas: values.data.areas })}</Aside>
        <Two>
          <NumberBox
            label={formatMessage({ id: 'projects.zones.smallest' })}
            value={settings.islandMm2}
            least={0}
            most={400}
            step={2}
            digits={0}
            onChange={(islandMm2) => set({ islandMm2 })}
          />
          <NumberBox label={formatMessage({ id: 'projects.zones.detail' })} value={settings.smoothMm} least={0} most={6} step={0.5} onChange={(smoothMm) => set({ smoothMm })} />
          {!open.ofProject && (
            <>
              <NumberBox
                label={formatMessage({ id: 'projects.frame.width' })}
                value={settings.frameWidthMm}
                least={40}
                most={600}
                digits={0}
                onChange={(frameWidthMm) => set({ frameWidthMm })}
              />
              <NumberBox
                label={formatMessage({ id: 'projects.frame.height' })}
                value={settings.frameHeightMm}
                least={40}
                most={600}
                digits={0}
                onChange={(frameHeightMm) => set({ frameHeightMm })}
              />
              <NumberBox
                label={formatMessage({ id: 'projects.columns' })}
                value={settings.columns}
                least={2}
                most={12}
                step={1}
                digits={0}
                onChange={(columns) => set({ columns })}
              />
              <NumberBox label={formatMessage({ id: 'projects.rows' })} value={settings.rows} least={2} most={12} step={1} digits={0} onChange={(rows) => set({ rows })} />
            </>
          )}
        </Two>
        {open.ofProject ? (
          <Aside>{formatMessage({ id: 'projects.own.help' }, { student: whose ?? formatMessage({ id: 'projects.student.label' }) })}</Aside>
        ) : (
          <Whole>
            <ClassChoice value={schoolClass} onChange={setSchoolClass} />
          </Whole>
        )}
        <Line>
          <MainButton isDisabled={unchanged || keep.isPending || values.isError} onPress={() => keep.mutate()}>
            {formatMessage({ id: 'projects.save' })}
          </MainButton>
          {!unchanged && (
            <LinkButton
              onPress={() => {
                setSettings(open.settings);
                setSchoolClass(open.schoolClass ?? NOBODY);
              }}
            >
              {formatMessage({ id: 'projects.undo' })}
            </LinkButton>
          )}
        </Line>
        {!open.ofProject && open.schoolClass && <OwnPictures of={open} own={own} />}
        <h2>{formatMessage({ id: 'projects.print' })}</h2>
        <Segments label={formatMessage({ id: 'projects.paper' })} value={paper} onChange={setPaper} choices={papers} />
        {unchanged ? (
          <>
            <a href={`/api/projects/${open.id}/guide.pdf?paper=${paper}&lines=${overlay}&outlines=${String(outlines)}`} target="_blank" rel="noreferrer">
              {formatMessage({ id: 'projects.print.guide' })}
            </a>
            <a href={`/api/projects/${open.id}/zones/plan.pdf?paper=${paper}`} target="_blank" rel="noreferrer">
              {formatMessage({ id: 'projects.colourPlan' })}
            </a>
            <Two style={{ alignItems: 'end' }}>
              <Select label={formatMessage({ id: 'projects.print.lessons' })} value={lesson} onChange={setLesson} choices={lessons} />
              <a href={`/api/projects/${open.id}/sessions.pdf?paper=${paper}&minutes=${lesson}`} target="_blank" rel="noreferrer">
                {formatMessage({ id: 'projects.print.sessions' })}
              </a>
            </Two>
            <a href={`/api/projects/${open.id}/keeping.pdf?paper=${paper}`} target="_blank" rel="noreferrer">
              {formatMessage({ id: 'projects.print.labels' })}
            </a>
            {!open.ofProject && (
              <>
                <Button isDisabled={hand.isPending} onPress={() => hand.mutate()}>
                  {hand.isPending ? formatMessage({ id: 'projects.zones.finding' }) : formatMessage({ id: 'projects.sheet.make' })}
                </Button>
                <Aside>{formatMessage({ id: 'projects.sheet.help' })}</Aside>
              </>
            )}
          </>
        ) : (
          <Aside>{formatMessage({ id: 'projects.print.saveFirst' })}</Aside>
        )}
        {!open.ofProject && <Pieces project={open.id} />}
        <Aside>
          {rightsNames[open.rights]}
          {open.rightsNote && `: ${open.rightsNote}`}
        </Aside>
        {asking ? (
          <Line role="group" aria-label={formatMessage({ id: 'projects.deletion.confirm' })}>
            <b>{formatMessage({ id: 'projects.deletion.warning' }, { own: own.length })}</b>
            <LinkButton onPress={() => drop.mutate()}>{formatMessage({ id: 'projects.delete' })}</LinkButton>
            <LinkButton onPress={() => setAsking(false)}>{formatMessage({ id: 'projects.deletion.cancel' })}</LinkButton>
          </Line>
        ) : (
          <Quiet onPress={() => setAsking(true)}>{formatMessage({ id: 'projects.deletion.start' })}</Quiet>
        )}
      </Side>
    </Desk>
  );
}

const seenWords: Record<Seen, string> = {
  IN_PENCILS: formatMessage({ id: 'projects.view.predictedHelp' }),
  VALUES: formatMessage({ id: 'projects.view.valuesHelp' }),
  DIFFERENCE: formatMessage({ id: 'projects.view.differenceHelp' }),
};

/** With another set, paper or number of pencils; without one where nothing is chosen. */
function withChoice(settings: Settings, what: 'set' | 'paper' | 'pencils', id: string): Settings {
  const rest = Object.fromEntries(Object.entries(settings).filter(([name]) => name !== what)) as unknown as Settings;
  return id === NOBODY ? rest : { ...rest, [what]: what === 'pencils' ? Number(id) : id };
}

const Desk = styled.div`display: grid; grid-template-columns: minmax(0, 1fr) 268px; min-height: 0; @media (max-width: 720px) { display: block; }`;
const Middle = styled.div`display: flex; flex-direction: column; min-height: 0; min-width: 0;`;
const Bar = styled.div`display: flex; flex-wrap: wrap; align-items: flex-end; gap: ${space(2)}; padding: ${space(3)} ${space(3)}; border-top: 1px solid ${colour.line};`;
const Picture = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
  & > span { flex-basis: 100%; font-size: ${sizes.small}; color: ${colour.muted}; }
`;
const Side = styled.aside`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: ${space(3)};
  padding: ${space(4)};
  border-left: 1px solid ${colour.line};
  overflow: auto;
  & > div { max-width: 100%; }
`;
const Key = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  width: 100%;
  & li { display: grid; grid-template-columns: 44px 40px 1fr; align-items: center; }
  & i { height: 22px; }
  & b { text-align: right; }
  & span { text-align: right; color: ${colour.muted}; font-size: ${sizes.small}; }
`;
const Whole = styled.div`width: 100%; display: flex; flex-direction: column; gap: ${space(2)};`;
const Two = styled.div`display: grid; grid-template-columns: 1fr 1fr; gap: ${space(3)};`;
const Line = styled.div`display: flex; flex-wrap: wrap; align-items: center; gap: ${space(3)}; font-size: ${sizes.small};`;
const Quiet = styled(LinkButton)`color: ${colour.muted}; font-size: ${sizes.small};`;
