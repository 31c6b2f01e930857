import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { Button, LinkButton, Select } from '../design/Controls';
import { colour, space } from '../design/tokens';
import { focused, focusOf, type LightFrom, lightWords, unfocused, type Settings } from './words';

const UNSAID = 'UNSAID';
const sides = [{ id: UNSAID, name: 'not said' }, ...(Object.keys(lightWords) as LightFrom[]).map((id) => ({ id, name: lightWords[id] }))];

/** Where the eye is to go first, and where the light comes from: set by hand, or as proposed. */
export function FocusPanel({ settings, proposed, onSettings }: { settings: Settings; proposed: Schemas['FocusView'] | undefined; onSettings: (settings: Settings) => void }) {
  const set = focusOf(settings);
  return (
    <>
      <h2>Focus</h2>
      <p>
        {set
          ? `At ${String(Math.round(set.x * 100))} % across, ${String(Math.round(set.y * 100))} % down. A piece is judged by whether its strongest contrast lies here.`
          : 'Point at where the eye is to go first. Without a focus nothing is judged by it.'}
      </p>
      <Line>
        <Button isDisabled={!proposed} onPress={() => proposed && onSettings(focused(settings, proposed.x, proposed.y))}>
          Where contrast is strongest
        </Button>
        {set && <LinkButton onPress={() => onSettings(unfocused(settings))}>No focus</LinkButton>}
      </Line>
      <Small>Thirds hold a focus better than the middle; darkest dark beside lightest light belongs here.</Small>
      <h2>Light</h2>
      <p role="status">
        {!proposed
          ? 'Looking at the shading …'
          : proposed.light
            ? `By its shading it comes from the ${lightWords[proposed.light]}.`
            : 'No one clear light is seen: one lamp, and the room’s lights off, make it plain.'}
      </p>
      <Line>
        <Select
          label="The light comes from the"
          value={settings.light ?? UNSAID}
          onChange={(id) => onSettings({ ...settings, light: id === UNSAID ? undefined : (id as LightFrom) })}
          choices={sides}
        />
        {proposed?.light && proposed.light !== settings.light && <Button onPress={() => onSettings({ ...settings, light: proposed.light })}>As proposed</Button>}
      </Line>
      <Small>Sheets of this project tell students which side is darkest.</Small>
      {proposed && (
        <>
          <h2>Proportion</h2>
          <p>
            What stands before the rest is {Math.round(proposed.subject.widthMm)} mm wide and {Math.round(proposed.subject.heightMm)} mm high:{' '}
            {proposed.subject.wide === proposed.subject.high ? 'as wide as high' : `${String(proposed.subject.wide)} parts wide to ${String(proposed.subject.high)} high`}.
          </p>
          <Small>Held at arm’s length, a pencil and a thumb measure the same parts on the thing itself.</Small>
        </>
      )}
    </>
  );
}

const Line = styled.div`display: flex; flex-wrap: wrap; align-items: end; gap: ${space(3)};`;
const Small = styled.p`color: ${colour.muted};`;
