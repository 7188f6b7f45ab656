import { tankLevel } from '@wagonomos/core';
import interact from 'interactjs';
import { onBeforeUnmount, onMounted } from 'vue';
import { useHand } from '../../stores/hand.ts';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** What can be taken by mouse or finger, and where it can be put down: by `data-grip` and `data-drop` on the page. */
const grips = '[data-grip]';
const drops = '[data-drop]';
const vessels = '[data-vessel]';
const fullWay = 110;

/**
 * Carries things by mouse and finger. While a pointer moves, only the label beside it moves; anything else happens when it
 * comes over another place.
 */
export function useDragging(follow: (x: number, y: number) => void): void {
  const hand = useHand();
  const rig = useRig();
  const workspace = useWorkspace();
  const levelNow = (key: string | null): number => {
    const [body = '', tank = ''] = key?.split('/') ?? [];
    return rig.view ? tankLevel(rig.view, body, tank) : 0;
  };
  const under = (x: number, y: number): string | null =>
    document
      .elementsFromPoint(x, y)
      .map((one) => one.closest<HTMLElement | SVGElement>(drops)?.dataset['drop'])
      .find((one) => one !== undefined) ?? null;
  onMounted(() => {
    // A cursor set on the whole page would restyle every element of it at each pick-up.
    interact(grips)
      .styleCursor(false)
      .draggable({
        autoScroll: { container: window, margin: 40, speed: 500 },
        listeners: {
          start: ({ target, clientX, clientY }: DragEventLike) => {
            hand.pickUp(target.dataset['grip'] ?? '', 'pointer');
            follow(clientX, clientY);
          },
          move: ({ clientX, clientY }: DragEventLike) => {
            follow(clientX, clientY);
            hand.hover(under(clientX, clientY));
          },
          end: () => hand.putDown(),
        },
      });
    let level = 0;
    interact(vessels)
      .styleCursor(false)
      .draggable({
        startAxis: 'y',
        listeners: {
          start: ({ target }: DragEventLike) => {
            hand.filling = target.dataset['vessel'] ?? null;
            level = levelNow(hand.filling);
          },
          // A vessel is shallow in the drawing: the whole way from empty to full is so many pixels.
          move: ({ dy }: DragEventLike) => {
            level = Math.min(1, Math.max(0, level - dy / fullWay));
            hand.pour(level);
          },
          end: () => {
            hand.filling = null;
            workspace.settle();
          },
        },
      });
  });
  onBeforeUnmount(() => {
    interact(grips).unset();
    interact(vessels).unset();
    hand.letGo();
  });
}

interface DragEventLike {
  readonly target: HTMLElement | SVGElement;
  readonly clientX: number;
  readonly clientY: number;
  readonly dy: number;
}
