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

/** The English messages: a file for each place. */
export const messages = {
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

type Messages = typeof messages;
type IdOf<Place extends keyof Messages> = `${Place}.${keyof Messages[Place] & string}`;

/** Every message, as `place.role`. */
export type MessageId = { [Place in keyof Messages]: IdOf<Place> }[keyof Messages];

/** What can be counted, see `count`. */
export type Noun = keyof Messages['counted'];
