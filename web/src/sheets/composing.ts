import type { Schemas } from '../api/client';
import type { Draft, SheetRequest } from './draft';

/** Pages for each student, the same or each in a variant of their own, or one card with windows and labels. */
export type PrintForm = 'pages' | 'variants' | 'card';

export interface ComposerProps {
  kit: Schemas['KitView'];
  kinds: Schemas['KindView'][];
  sheets: Schemas['SheetView'][];
  classes: Schemas['ClassView'][];
  open: Schemas['SheetView'] | undefined;
  request: SheetRequest;
  onRequest: (request: SheetRequest) => void;
  draft: Draft | undefined;
  stale: boolean;
  error: Error | null;
  changed: boolean;
  onKeep: () => void;
  /** Saves it over what somebody else saved meanwhile. */
  onSaveMine: () => void;
  keeping: boolean;
  classId: string | null;
  onClass: (id: string) => void;
  as: PrintForm;
  onAs: (form: PrintForm) => void;
  onPrint: () => void;
  printing: boolean;
  run: Schemas['RunView'] | undefined;
}
