import { describe, expect, it } from 'vitest';
import { namedIn } from './named';

const students = ['Zoë Østergård', 'Ilse Korhonen', 'Ilse Korhonen-Brandt', 'Teo Marchetti', ''].map((student) => ({ student }));

describe('a name in a file’s name', () => {
  it.each([
    ['Korhonen, Ilse_317_assignment – IMG_0021.jpg', 'Ilse Korhonen'],
    ['zoe østergård.png', 'Zoë Østergård'],
    ['Zoë Østergård final.jpg'.normalize('NFD'), 'Zoë Østergård'],
  ])('%s is by %s', (file, student) => {
    expect(namedIn(file, students)?.student).toBe(student);
  });

  it('says nobody where none or two are named, or only a part of a name', () => {
    expect(namedIn('IMG_0021.jpg', students)).toBeUndefined();
    expect(namedIn('Ilse and Teo.jpg', students)).toBeUndefined();
    expect(namedIn('Ilse Korhonen Brandt.jpg', students)).toBeUndefined();
  });
});
