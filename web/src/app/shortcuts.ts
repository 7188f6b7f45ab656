import { useEventListener } from '@vueuse/core';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { useRig } from '../stores/rig.ts';
import { useWorkspace } from '../stores/workspace.ts';
import { stations } from './stations.ts';

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, [contenteditable]') !== null;

/** Keys for the whole app: undo and redo, `g` and a letter for a station, `?` for this list. Fields keep their own keys. */
export function useShortcuts() {
  const helpOpen = ref(false);
  const workspace = useWorkspace();
  const rig = useRig();
  const router = useRouter();
  let going = false;

  const go = (key: string): boolean => {
    if (key === 'y') {
      void router.push('/');
      return true;
    }
    const station = stations.find((one) => one.key === key);
    if (!station || rig.rigId === null) return false;
    void router.push({ name: station.name, params: { rig: rig.rigId } });
    return true;
  };

  useEventListener('keydown', (event: KeyboardEvent) => {
    if (typing(event.target) || event.altKey) return;
    const key = event.key.toLowerCase();
    if (event.ctrlKey || event.metaKey) {
      if (key === 'z') (event.shiftKey ? workspace.redo : workspace.undo)();
      else if (key === 'y') workspace.redo();
      else return;
      event.preventDefault();
      return;
    }
    if (going) {
      going = false;
      if (go(key)) event.preventDefault();
      return;
    }
    if (key === 'g') going = true;
    else if (event.key === '?') helpOpen.value = true;
  });

  return { helpOpen };
}
