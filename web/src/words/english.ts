import account from './en/account.json';
import bench from './en/bench.json';
import classes from './en/classes.json';
import counted from './en/counted.json';
import course from './en/course.json';
import design from './en/design.json';
import find from './en/find.json';
import help from './en/help.json';
import kit from './en/kit.json';
import phone from './en/phone.json';
import projects from './en/projects.json';
import returns from './en/returns.json';
import sheets from './en/sheets.json';
import shell from './en/shell.json';
import show from './en/show.json';
import today from './en/today.json';
import wall from './en/wall.json';
import words from './en/words.json';

/** A file for each room. */
export const english = {
  account,
  bench,
  classes,
  counted,
  course,
  design,
  find,
  help,
  kit,
  phone,
  projects,
  returns,
  sheets,
  shell,
  show,
  today,
  wall,
  words,
};

type English = typeof english;
type KeyOf<Room extends keyof English> = `${Room}.${keyof English[Room] & string}`;

/** Every key, `room.words-it-begins-with`. */
export type Key = { [Room in keyof English]: KeyOf<Room> }[keyof English];

/** What can be counted, see {@link count}. */
export type Noun = keyof English['counted'];
