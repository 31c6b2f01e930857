import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { Button, LinkButton, Select } from '../design/Controls';
import { colour, space } from '../design/tokens';
import { focused, focusOf, type LightFrom, lightWords, unfocused, type Settings } from './words';
import { say } from '../words/say';

const UNSAID = 'UNSAID';
const sides = [{ id: UNSAID, name: say('projects.not-said') }, ...(Object.keys(lightWords) as LightFrom[]).map((id) => ({ id, name: lightWords[id] }))];

/** Where the eye is to go first, and where the light comes from: set by hand, or as proposed. */
export function FocusPanel({ settings, proposed, onSettings }: { settings: Settings; proposed: Schemas['FocusView'] | undefined; onSettings: (settings: Settings) => void }) {
  const set = focusOf(settings);
  return (
    <>
      <h2>{say('projects.focus')}</h2>
      <p>{set ? say('projects.at-across-down-a-piece', { x: String(Math.round(set.x * 100)), y: String(Math.round(set.y * 100)) }) : say('projects.point-at-where-the-eye')}</p>
      <Line>
        <Button isDisabled={!proposed} onPress={() => proposed && onSettings(focused(settings, proposed.x, proposed.y))}>
          {say('projects.where-contrast-is-strongest')}
        </Button>
        {set && <LinkButton onPress={() => onSettings(unfocused(settings))}>{say('projects.no-focus')}</LinkButton>}
      </Line>
      <Small>{say('projects.thirds-hold-a-focus-better')}</Small>
      <h2>{say('projects.light')}</h2>
      <p role="status">
        {!proposed
          ? say('projects.looking-at-the-shading')
          : proposed.light
            ? say('projects.by-its-shading-it-comes', { light: lightWords[proposed.light] })
            : say('projects.no-one-clear-light-is')}
      </p>
      <Line>
        <Select
          label={say('projects.the-light-comes-from-the')}
          value={settings.light ?? UNSAID}
          onChange={(id) => onSettings({ ...settings, light: id === UNSAID ? undefined : (id as LightFrom) })}
          choices={sides}
        />
        {proposed?.light && proposed.light !== settings.light && <Button onPress={() => onSettings({ ...settings, light: proposed.light })}>{say('projects.as-proposed')}</Button>}
      </Line>
      <Small>{say('projects.sheets-of-this-project-tell')}</Small>
      {proposed && (
        <>
          <h2>{say('projects.proportion')}</h2>
          <p>
            {say('projects.what-stands-before-the-rest', {
              widthMm: Math.round(proposed.subject.widthMm),
              heightMm: Math.round(proposed.subject.heightMm),
              more:
                proposed.subject.wide === proposed.subject.high
                  ? say('projects.as-wide-as-high')
                  : say('projects.parts-wide-to-high', { wide: String(proposed.subject.wide), high: String(proposed.subject.high) }),
            })}
          </p>
          <Small>{say('projects.held-at-arms-length-a')}</Small>
        </>
      )}
    </>
  );
}

const Line = styled.div`display: flex; flex-wrap: wrap; align-items: end; gap: ${space(3)};`;
const Small = styled.p`color: ${colour.muted};`;
