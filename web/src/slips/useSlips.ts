import { type RigView } from '@wagonomos/core';
import { addTicket } from '@wagonomos/core/edits';
import type { Reading, Ticket } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../stores/newId.ts';
import { useRig } from '../stores/rig.ts';
import { useWorkspace } from '../stores/workspace.ts';
import { useToday } from '../stores/today.ts';

/** The slips of the rig in hand, and a new one: with what is on board today kept beside it. */
export function useSlips() {
  const { t } = useI18n();
  const rig = useRig();
  const workspace = useWorkspace();
  const today = useToday();
  const slips = computed(() => (workspace.document?.tickets ?? []).filter((one) => one.rig === rig.rigId));
  const start = (view: RigView, more: { graduation?: number; readings?: readonly Omit<Reading, 'id'>[] } = {}) => {
    const slip: Ticket = {
      id: newId(),
      rig: view.rig.id,
      name: t('app.slip.called', { number: slips.value.length + 1 }),
      date: today.day,
      graduation: more.graduation ?? 10,
      readings: (more.readings ?? []).map((reading) => ({ ...reading, id: newId() })),
      loadout: structuredClone(view.loadout),
    };
    workspace.edit('app.edit.addTicket', (document) => addTicket(document, slip));
    return slip.id;
  };
  return { slips, start };
}
