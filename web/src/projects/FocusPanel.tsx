import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { Button, LinkButton, Select } from '../design/Controls';
import { colour, space } from '../design/tokens';
import { focused, focusOf, type LightFrom, lightWords, unfocused, type Settings } from './words';
import { formatMessage } from '../words/intl';

const UNSAID = 'UNSAID';
const sides = [{ id: UNSAID, name: formatMessage({ id: 'projects.rights.unknown' }) }, ...(Object.keys(lightWords) as LightFrom[]).map((id) => ({ id, name: lightWords[id] }))];

/** Where the eye is to go first, and where the light comes from: set by hand, or as proposed. */
export function FocusPanel({ settings, proposed, onSettings }: { settings: Settings; proposed: Schemas['FocusView'] | undefined; onSettings: (settings: Settings) => void }) {
  const set = focusOf(settings);
  return (
    <>
      <h2>{formatMessage({ id: 'projects.focus' })}</h2>
      <p>
        {set
          ? formatMessage({ id: 'projects.focus.place' }, { x: String(Math.round(set.x * 100)), y: String(Math.round(set.y * 100)) })
          : formatMessage({ id: 'projects.focus.help' })}
      </p>
      <Line>
        <Button isDisabled={!proposed} onPress={() => proposed && onSettings(focused(settings, proposed.x, proposed.y))}>
          {formatMessage({ id: 'projects.focus.contrast' })}
        </Button>
        {set && <LinkButton onPress={() => onSettings(unfocused(settings))}>{formatMessage({ id: 'projects.focus.none' })}</LinkButton>}
      </Line>
      <Small>{formatMessage({ id: 'projects.focus.advice' })}</Small>
      <h2>{formatMessage({ id: 'projects.light' })}</h2>
      <p role="status">
        {!proposed
          ? formatMessage({ id: 'projects.light.finding' })
          : proposed.light
            ? formatMessage({ id: 'projects.light.found' }, { direction: lightWords[proposed.light] })
            : formatMessage({ id: 'projects.light.none' })}
      </p>
      <Line>
        <Select
          label={formatMessage({ id: 'projects.light.from' })}
          value={settings.light ?? UNSAID}
          onChange={(id) => onSettings({ ...settings, light: id === UNSAID ? undefined : (id as LightFrom) })}
          choices={sides}
        />
        {proposed?.light && proposed.light !== settings.light && (
          <Button onPress={() => onSettings({ ...settings, light: proposed.light })}>{formatMessage({ id: 'projects.light.proposed' })}</Button>
        )}
      </Line>
      <Small>{formatMessage({ id: 'projects.light.help' })}</Small>
      {proposed && (
        <>
          <h2>{formatMessage({ id: 'projects.proportion' })}</h2>
          <p>
            {formatMessage(
              { id: 'projects.proportion.foreground' },
              {
                widthMm: Math.round(proposed.subject.widthMm),
                heightMm: Math.round(proposed.subject.heightMm),
                ratio:
                  proposed.subject.wide === proposed.subject.high
                    ? formatMessage({ id: 'projects.proportion.square' })
                    : formatMessage({ id: 'projects.proportion.ratio' }, { wide: String(proposed.subject.wide), high: String(proposed.subject.high) }),
              },
            )}
          </p>
          <Small>{formatMessage({ id: 'projects.proportion.help' })}</Small>
        </>
      )}
    </>
  );
}

const Line = styled.div`display: flex; flex-wrap: wrap; align-items: end; gap: ${space(3)};`;
const Small = styled.p`color: ${colour.muted};`;
