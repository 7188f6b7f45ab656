import type { Place } from '@wagonomos/core';
import { changePart, removePart, removeSeat, setSeat } from '@wagonomos/core/edits';
import { useArrange } from './arrange.ts';
import { useWorkspace } from '../stores/workspace.ts';
import type { PartKey, PartList, PartPatch } from './arranging.ts';

/** Body, list and id behind the key of a part. */
const splitKey = (key: PartKey): { readonly list: PartList; readonly body: string; readonly id: string } => {
  const [list = '', path = ''] = key.split(':');
  const [body = '', id = ''] = path.split('/');
  return { list: list as PartList, body, id };
};

/** Changes and removes places, tanks and seats, however they were told to: by hand in the drawing, or by figures. */
export function usePartEdits() {
  const arrange = useArrange();
  const workspace = useWorkspace();
  const change = (key: PartKey, patch: PartPatch & Partial<Place>) => {
    const { list, body, id } = splitKey(key);
    const merge = `arrange ${key} ${Object.keys(patch).join()}`;
    if (list === 'seats') {
      workspace.edit('app.edit.seat', (document) => setSeat(document, body, id, patch), merge);
      return;
    }
    const label = list === 'places' ? 'app.edit.place' : 'app.edit.tank';
    workspace.edit(label, (document) => changePart(document, body, list, id, patch), merge);
  };
  const remove = (key: PartKey) => {
    const { list, body, id } = splitKey(key);
    arrange.chosen = null;
    if (list === 'seats') workspace.edit('app.edit.seat', (document) => removeSeat(document, body, id));
    else workspace.edit('app.edit.place', (document) => removePart(document, body, list, id));
  };
  return { change, remove };
}
