import type { Schemas } from '../api/client';
import { formatMessage } from '../words/intl';

export type Project = Schemas['ProjectView'];
export type Settings = Schemas['ProjectData'];
export type Rights = Project['rights'];

export const rightsNames: Record<Rights, string> = {
  OWN_PHOTO: formatMessage({ id: 'projects.rights.ownPhoto' }),
  SET_UP_FROM_LIFE: formatMessage({ id: 'projects.rights.fromLife' }),
  FREE_OF_RIGHTS: formatMessage({ id: 'projects.rights.free' }),
};

export const rights = (Object.keys(rightsNames) as Rights[]).map((id) => ({ id, name: rightsNames[id] }));

/** Settings as a question asks them: what is not said is left out. */
export const questions = (settings: Settings): Settings =>
  Object.fromEntries(
    Object.entries(settings as Record<string, unknown>).filter(([, value]) => value != null && !(Array.isArray(value) && value.length === 0)),
  ) as unknown as Settings;

/** The same as part of an address. */
export const asked = (settings: Settings) => new URLSearchParams(Object.entries(questions(settings)).map(([name, value]) => [name, String(value)])).toString();

/** The picture in its frame moved by shares of what is seen; it stops at the edges. */
export function moved(settings: Settings, right: number, down: number): Settings {
  const clamp = (v: number) => Math.min(1, Math.max(0, Math.round(v * 1000) / 1000));
  return { ...settings, centreX: clamp(settings.centreX + right / settings.zoom), centreY: clamp(settings.centreY + down / settings.zoom) };
}

/** Enlarged or made smaller; as much as the frame holds at the least. */
export const zoomed = (settings: Settings, by: number): Settings => ({ ...settings, zoom: Math.min(8, Math.max(1, Math.round(settings.zoom * by * 100) / 100)) });

export const turned = (settings: Settings): Settings => ({ ...settings, quarterTurns: (settings.quarterTurns + 1) % 4 });

type Zone = Schemas['ZoneView'];

/** A place as settings keep it. */
const place = (zone: Zone) => `${zone.x.toFixed(4)} ${zone.y.toFixed(4)}`;

/** Two zones made one. */
export const joined = (settings: Settings, one: Zone, other: Zone): Settings => ({ ...settings, joins: [...(settings.joins ?? []), `${place(one)} ${place(other)}`] });

/** The choice of a zone: another one joins the open one while that is asked for. */
export function chosen(zones: readonly Zone[], open: number, joining: boolean, next: number, settings: Settings): Settings | undefined {
  const [one, other] = [zones.find((z) => z.number === open), zones.find((z) => z.number === next)];
  return joining && one && other && one !== other ? joined(settings, one, other) : undefined;
}

/** A zone parted again into what it was made from. */
/** A zone made two along what its colours differ in most. */
export const split = (settings: Settings, zone: Zone): Settings => ({ ...settings, splits: [...(settings.splits ?? []), place(zone)] });

/** Without the last split that a zone came from; the ones after it point where they pointed. */
export const unsplit = (settings: Settings, zone: Zone): Settings => ({ ...settings, splits: (settings.splits ?? []).filter((_, i) => i !== zone.splits.at(-1)) });

export const parted = (settings: Settings, zone: Zone): Settings => ({ ...settings, joins: (settings.joins ?? []).filter((_, i) => !zone.joins.includes(i)) });

/** A zone called otherwise; by no name where it is empty. */
export function named(settings: Settings, zone: Zone, name: string): Settings {
  const others = (settings.names ?? []).filter((n) => !n.endsWith(` ${zone.name}`) || zone.name === '');
  // lists are asked for parted by commas
  const called = name.replaceAll(',', ' ').trim();
  return { ...settings, names: called === '' ? others : [...others, `${place(zone)} ${called}`] };
}

/** Where the eye is to go first, as settings keep it. */
export type LightFrom = NonNullable<Settings['light']>;

/** Sides of a picture, after “the”. */
export const lightWords: Record<LightFrom, string> = {
  RIGHT: formatMessage({ id: 'projects.direction.right' }),
  UPPER_RIGHT: formatMessage({ id: 'projects.direction.upperRight' }),
  ABOVE: formatMessage({ id: 'projects.direction.top' }),
  UPPER_LEFT: formatMessage({ id: 'projects.direction.upperLeft' }),
  LEFT: formatMessage({ id: 'projects.direction.left' }),
  LOWER_LEFT: formatMessage({ id: 'projects.direction.lowerLeft' }),
  BELOW: formatMessage({ id: 'projects.direction.bottom' }),
  LOWER_RIGHT: formatMessage({ id: 'projects.direction.lowerRight' }),
};

export const focused = (settings: Settings, x: number, y: number): Settings => {
  const clamp = (v: number) => Math.min(1, Math.max(0, v)).toFixed(3);
  return { ...settings, focus: `${clamp(x)} ${clamp(y)}` };
};

export const unfocused = (settings: Settings): Settings => Object.fromEntries(Object.entries(settings).filter(([name]) => name !== 'focus')) as unknown as Settings;

/** Shares of the frame. */
export const focusOf = (settings: Settings): { x: number; y: number } | undefined => {
  const [x, y] = (settings.focus ?? '').split(' ').map(Number);
  return settings.focus && x !== undefined && y !== undefined ? { x, y } : undefined;
};
