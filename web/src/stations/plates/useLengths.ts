import { setGeometry } from '@wagonomos/core/edits';
import { useWorkspace } from '../../stores/workspace.ts';

/** Writes lengths of one body; strokes at the same one are one step of the history. */
export function useLengths(body: () => string) {
  const workspace = useWorkspace();
  const change = (patch: Parameters<typeof setGeometry>[2], length?: string) =>
    workspace.edit(
      'app.edit.geometry',
      (document) => setGeometry(document, body(), patch),
      length === undefined ? undefined : `geometry ${body()} ${length}`,
    );
  return { change };
}
