import { useEventListener } from '@vueuse/core';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { useOpenRig } from '../stores/openRig.ts';
import { useWorkspace } from '../stores/workspace.ts';
import { posts } from './stations.ts';

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, [contenteditable]') !== null;

/** Keys for the whole app: undo and redo, `g` and a letter for a station, `/` for the quick line, `?` for this list. Fields keep their own keys. */
export function useShortcuts() {
  const helpOpen = ref(false);
  const workspace = useWorkspace();
  const rig = useOpenRig();
  const router = useRouter();
  let going = false;

  const go = (key: string): boolean => {
    if (key === 'y') {
      void router.push('/');
      return true;
    }
    const station = posts.find((one) => one.key === key);
    if (!station || rig.rigId === null) return false;
    void router.push({ name: station.name, params: { rig: rig.rigId } });
    return true;
  };

  /** The quick line stands under Load; it is fetched there from anywhere. */
  const toQuickLine = (rigId: string) => {
    const field = document.querySelector<HTMLElement>('.quick input');
    if (field) field.focus();
    else void router.push({ name: 'load', params: { rig: rigId }, query: { quick: '' } });
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
    else if (event.key === '/' && rig.rigId !== null) {
      event.preventDefault();
      toQuickLine(rig.rigId);
    }
  });

  return { helpOpen };
}
