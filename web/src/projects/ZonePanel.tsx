import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { Button, LinkButton, Words } from '../design/Controls';
import { colour, sizes, space } from '../design/tokens';
import { decimals, gradeNames, passWords } from '../words/words';
import { named, parted, questions, split, type Settings, unsplit } from './words';
import { said, say } from '../words/say';

type Zone = Schemas['ZoneView'];
type Mixed = Schemas['ZoneColourView'];

const partNames: Record<Mixed['part'], string> = { OWN: say('projects.own-colour'), LIGHT: say('projects.in-the-light'), SHADOW: say('projects.in-the-shadow') };
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
      <Row role="group" aria-label={say('projects.zones')}>
        {zones.map((z) => (
          <button
            key={z.number}
            type="button"
            aria-pressed={z.number === open}
            aria-label={say('projects.zone', { number: z.number })}
            onClick={() => onOpen(z.number)}
            style={{ background: z.own }}
          >
            <span>{z.number}</span>
          </button>
        ))}
      </Row>
      {zone && (
        <h3>
          {said('projects.zone-value-cm', { number: zone.number, name: zone.name && `, ${zone.name}`, value: decimals(zone.value, 1), areaMm2: Math.round(zone.areaMm2 / 100) })}
        </h3>
      )}
      {zone && (
        <Line>
          <Button aria-pressed={joining} onPress={() => onJoining(!joining)}>
            {say('projects.join-with')}
          </Button>
          <Button onPress={() => onSettings(split(settings, zone))}>{say('projects.split-in-two')}</Button>
          {zone.splits.length > 0 && <LinkButton onPress={() => onSettings(unsplit(settings, zone))}>{say('projects.undo-the-split')}</LinkButton>}
          {zone.joins.length > 0 && <LinkButton onPress={() => onSettings(parted(settings, zone))}>{say('projects.part-again')}</LinkButton>}
          {joining && <Small role="status">{say('projects.choose-the-zone-it-joins')}</Small>}
          <Named key={`${zone.number} ${zone.name}`} name={zone.name} onName={(name) => onSettings(named(settings, zone, name))} />
        </Line>
      )}
      {zone && !colours.data && <Small>{say('projects.mixing')}</Small>}
      <List aria-busy={colours.isFetching}>
        {(colours.data ?? []).map((m) => (
          <li key={m.part}>
            <i style={{ background: m.wanted }} title={say('projects.in-the-picture')} />
            <i style={{ background: m.colour }} title={say('projects.in-these-pencils')} />
            <div>
              <b>{partNames[m.part]}</b>
              {m.layers.length === 0 ? (
                <span>{say('projects.leave-the-paper-bare')}</span>
              ) : (
                m.layers.map((l, i) => <span key={`${i}${l.code}`}>{`${i + 1}. ${l.name}, ${gradeNames[l.grade]}, ${passWords(l.passes)}`}</span>)
              )}
              <Small>
                {said('projects.e', { error: m.error > REACHED && say('projects.the-nearest-there-is'), error2: decimals(m.error, 1), valueOff: valueWords(m.valueOff) })}
              </Small>
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
    return <Small>{say('projects.no-one-glaze-ties-these')}</Small>;
  }
  return (
    <Tied>
      <i style={{ background: found.colour }} />
      <Small>
        {say('projects.last-zones-at-most-e', {
          name: found.name,
          grade: gradeNames[found.grade],
          more: on ? say('projects.ties') : say('projects.would-tie'),
          more2: found.zones.join(', '),
          worst: decimals(found.worst, 1),
        })}
      </Small>
      <Button aria-pressed={on} onPress={() => onGlazed(!on)}>
        {on ? say('projects.without-it') : say('projects.glaze-them')}
      </Button>
    </Tied>
  );
}

/** Kept when it is left. */
function Named({ name, onName }: { name: string; onName: (name: string) => void }) {
  const [typed, setTyped] = useState(name);
  return (
    <div onBlur={() => typed.trim() !== name && onName(typed)}>
      <Words label={say('projects.called')} value={typed} onChange={setTyped} />
    </div>
  );
}

const valueWords = (off: number) =>
  Math.abs(off) < 0.05 ? say('projects.value-as-wanted') : say('projects.value', { more: off > 0 ? '+' : '−', off: decimals(Math.abs(off), 1) });

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
