import { expect, it } from 'vitest';
import { saidIn, saidOf, sections, sectionsOf } from './guide';

const [first, second] = sectionsOf(
  '# Guide\n\nBefore.\n\n## The key boxes\n\n- **Hard and even.** They tell the *camera’s* colour.\n- A smear is said.\n  It may lie across a field.\n\n## Über alles\n\nNo points here.\n',
);

it('parts a guide by its headings', () => {
  expect([first?.title, first?.id, second?.id]).toEqual(['The key boxes', 'the-key-boxes', 'uber-alles']);
  expect(second?.text).toBe('No points here.');
});

it('names points by their bold words, else by how they begin', () => {
  const points = first ? saidIn(first) : [];
  expect(points.map((p) => p.name)).toEqual(['Hard and even', 'A smear is said. It may lie across a field.']);
  expect(points[0]?.words).toContain('camera’s colour');
});

it('finds what it speaks of without regard to case and accents, and nothing for two letters', () => {
  const among = first ? saidIn(first) : [];
  expect(saidOf('CAMÉRA', among).map((s) => s.within.id)).toEqual(['the-key-boxes']);
  expect(saidOf('sm', among)).toEqual([]);
  expect(saidOf('key box', among)).toHaveLength(2);
});

it('has every part that a teacher was promised, each with something to find', () => {
  expect(sections.map((s) => s.title)).toEqual([
    'The first hour',
    'A week',
    'A term',
    'Pencils and paper',
    'Classes and courses',
    'Sheets',
    'Scanning and marking',
    'Projects',
    'What the figures mean',
    'What Grastel cannot see',
    'Data, law and safety',
  ]);
  expect(sections.every((s) => saidIn(s).length > 2)).toBe(true);
  expect(saidOf('sketchbook')[0]?.name).toBe('How do I use heavy paper or sketchbooks?');
});

it('answers at least thirty questions, each with an answer', () => {
  const questions = sections.flatMap(saidIn).filter((s) => s.name.startsWith('How do I'));
  expect(questions.length).toBeGreaterThanOrEqual(30);
  expect(questions.filter((q) => q.words.length < q.name.length + 30)).toEqual([]);
});
