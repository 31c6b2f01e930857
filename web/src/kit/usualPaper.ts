import type { Schemas } from '../api/client';

type Paper = Schemas['PaperView'];

/** The tooth by which hiding is told. */
const USUAL = 1;

/** The paper whose tooth is nearest to an ordinary drawing paper's, where none has been chosen yet. */
export const usualPaper = (papers: readonly Paper[]): Paper | undefined =>
  papers.reduce<Paper | undefined>((best, p) => (best && Math.abs(best.tooth - USUAL) <= Math.abs(p.tooth - USUAL) ? best : p), undefined);
