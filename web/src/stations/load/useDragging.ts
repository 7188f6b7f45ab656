import interact from 'interactjs';
import { onBeforeUnmount, onMounted } from 'vue';
import { useHand } from '../../stores/hand.ts';

/** What can be taken by mouse or finger, and where it can be put down: by `data-grip` and `data-drop` on the page. */
const grips = '[data-grip]';
const drops = '[data-drop]';

/**
 * Carries things by mouse and finger. While a pointer moves, only the label beside it moves; anything else happens when it
 * comes over another place.
 */
export function useDragging(follow: (x: number, y: number) => void): void {
  const hand = useHand();
  const under = (x: number, y: number): string | null =>
    document.elementFromPoint(x, y)?.closest<HTMLElement | SVGElement>(drops)?.dataset['drop'] ?? null;
  onMounted(() => {
    interact(grips).draggable({
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
  });
  onBeforeUnmount(() => {
    interact(grips).unset();
    hand.letGo();
  });
}

interface DragEventLike {
  readonly target: HTMLElement | SVGElement;
  readonly clientX: number;
  readonly clientY: number;
}
