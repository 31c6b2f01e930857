import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { Button, LinkButton, Words } from '../design/Controls';
import { colour, sizes, space } from '../design/tokens';
import { decimals, gradeNames, passWords } from '../words/words';
import { named, parted, questions, split, type Settings, unsplit } from './words';
import { formatMessage } from '../words/intl';

type Zone = Schemas['ZoneView'];
type Mixed = Schemas['ZoneColourView'];

const partNames: Record<Mixed['part'], string> = {
  OWN: formatMessage({ id: 'projects.light.ownColour' }),
  LIGHT: formatMessage({ id: 'projects.light.inLight' }),
  SHADOW: formatMessage({ id: 'projects.light.inShadow' }),
};
/** Further off than this a colour is said not to be reached, ΔE00. */
const REACHED = 5;

interface Props {
  project: string;
  settings: Settings;
  zones: readonly Zone[];
  open: number;
  onOpen: (zone: number) => void;
  /** True while the zone that the open one joins is looked for. */
  joining: boolean;
  onJoining: (joining: boolean) => void;
  onSettings: (settings: Settings) => void;
}

/** The zones, and of the one that is open what the pencils make of its colours. */
export function ZonePanel({ project, settings, zones, open, onOpen, joining, onJoining, onSettings }: Props) {
  const zone = zones.find((z) => z.number === open);
  const colours = useQuery({
    queryKey: ['projects', project, 'zone', open, settings],
    queryFn: () => body(api.GET('/api/projects/{id}/zones/{number}/colours', { params: { path: { id: project, number: open }, query: questions(settings) } })),
    enabled: zone !== undefined,
    placeholderData: keepPreviousData,
  });
  const glaze = useQuery({
    queryKey: ['projects', project, 'glaze', settings],
    queryFn: () => body(api.GET('/api/projects/{id}/zones/glaze', { params: { path: { id: project }, query: questions(settings) } })),
    placeholderData: keepPreviousData,
  });
  return (
    <>
      <Row role="group" aria-label={formatMessage({ id: 'projects.zones' })}>
        {zones.map((z) => (
          <button
            key={z.number}
            type="button"
            aria-pressed={z.number === open}
            aria-label={formatMessage({ id: 'projects.zone.number' }, { number: z.number })}
            onClick={() => onOpen(z.number)}
            style={{ background: z.own }}
          >
            <span>{z.number}</span>
          </button>
        ))}
      </Row>
      {zone && (
        <h3>
          {formatMessage(
            { id: 'projects.zone.spoken' },
            { number: zone.number, name: zone.name && `, ${zone.name}`, value: decimals(zone.value, 1), cm2: Math.round(zone.areaMm2 / 100) },
          )}
        </h3>
      )}
      {zone && (
        <Line>
          <Button aria-pressed={joining} onPress={() => onJoining(!joining)}>
            {formatMessage({ id: 'projects.zone.join' })}
          </Button>
          <Button onPress={() => onSettings(split(settings, zone))}>{formatMessage({ id: 'projects.zone.split' })}</Button>
          {zone.splits.length > 0 && <LinkButton onPress={() => onSettings(unsplit(settings, zone))}>{formatMessage({ id: 'projects.zone.undoSplit' })}</LinkButton>}
          {zone.joins.length > 0 && <LinkButton onPress={() => onSettings(parted(settings, zone))}>{formatMessage({ id: 'projects.zones.separate' })}</LinkButton>}
          {joining && <Small role="status">{formatMessage({ id: 'projects.zone.joinHint' })}</Small>}
          <Named key={`${zone.number} ${zone.name}`} name={zone.name} onName={(name) => onSettings(named(settings, zone, name))} />
        </Line>
      )}
      {zone && !colours.data && <Small>{formatMessage({ id: 'projects.mixing' })}</Small>}
      <List aria-busy={colours.isFetching}>
        {(colours.data ?? []).map((m) => (
          <li key={m.part}>
            <i style={{ background: m.wanted }} title={formatMessage({ id: 'projects.view.inPicture' })} />
            <i style={{ background: m.colour }} title={formatMessage({ id: 'projects.recipes.heading' })} />
            <div>
              <b>{partNames[m.part]}</b>
              {m.layers.length === 0 ? (
                <span>{formatMessage({ id: 'projects.zone.bare' })}</span>
              ) : (
                m.layers.map((l, i) => <span key={`${i}${l.code}`}>{`${i + 1}. ${l.name}, ${gradeNames[l.grade]}, ${passWords(l.passes)}`}</span>)
              )}
              <Small>{formatMessage({ id: 'projects.zone.difference' }, { reached: m.error <= REACHED, difference: decimals(m.error, 1), value: valueWords(m.valueOff) })}</Small>
            </div>
          </li>
        ))}
      </List>
      {glaze.data && <Glaze found={glaze.data} on={settings.glazed ?? false} onGlazed={(glazed) => onSettings({ ...settings, glazed })} />}
    </>
  );
}

/** One thin layer over many zones ties them together. */
function Glaze({ found, on, onGlazed }: { found: Schemas['GlazeView']; on: boolean; onGlazed: (on: boolean) => void }) {
  if (found.zones.length === 0) {
    return <Small>{formatMessage({ id: 'projects.glaze.none' })}</Small>;
  }
  return (
    <Tied>
      <i style={{ background: found.colour }} />
      <Small>
        {formatMessage(
          { id: 'projects.glaze.summary' },
          {
            pencil: found.name,
            pressure: gradeNames[found.grade],
            on,
            zones: found.zones.join(', '),
            difference: decimals(found.worst, 1),
          },
        )}
      </Small>
      <Button aria-pressed={on} onPress={() => onGlazed(!on)}>
        {on ? formatMessage({ id: 'projects.glaze.without' }) : formatMessage({ id: 'projects.glaze.use' })}
      </Button>
    </Tied>
  );
}

/** Kept when it is left. */
function Named({ name, onName }: { name: string; onName: (name: string) => void }) {
  const [typed, setTyped] = useState(name);
  return (
    <div onBlur={() => typed.trim() !== name && onName(typed)}>
      <Words label={formatMessage({ id: 'projects.zone.name' })} value={typed} onChange={setTyped} />
    </div>
  );
}

const valueWords = (off: number) =>
  Math.abs(off) < 0.05
    ? formatMessage({ id: 'projects.zone.valueMatches' })
    : formatMessage({ id: 'projects.zone.value' }, { value: off > 0 ? '+' : '−', difference: decimals(Math.abs(off), 1) });

const Small = styled.small`font-size: ${sizes.small}; color: ${colour.muted};`;
const Line = styled.div`display: flex; flex-wrap: wrap; align-items: center; gap: ${space(2)}; & > div { width: 100%; }`;
const Tied = styled.div`display: grid; grid-template-columns: 26px 1fr; gap: ${space(2)}; width: 100%; & > button { grid-column: 2; justify-self: start; }`;
const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: ${space(1)};
  & button { width: 34px; height: 34px; border: 1px solid ${colour.muted}; padding: 0; cursor: pointer; }
  & button span { background: ${colour.paper}; color: ${colour.ink}; padding: 0 4px; font-size: ${sizes.small}; }
  & button[aria-pressed='true'] { outline: 3px solid ${colour.ink}; }
`;
const List = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  width: 100%;
  & li { display: grid; grid-template-columns: 26px 26px 1fr; gap: 0; padding: ${space(2)} 0; border-bottom: 1px solid ${colour.line}; }
  & i { align-self: stretch; min-height: 40px; }
  & div { padding-left: ${space(2)}; }
  & b, & span, & small { display: block; font-size: ${sizes.small}; line-height: 1.35; }
`;
