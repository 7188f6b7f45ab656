import { defineStore } from 'pinia';
import { ref } from 'vue';

/** In which order things are listed. */
export const shelfOrders = ['mass', 'name', 'place', 'body'] as const;
export type ShelfOrder = (typeof shelfOrders)[number];

/** What is looked at in the list of things: which lies open, in which order, and which are picked for one step. Not part of the document. */
export const useShelf = defineStore('shelf', () => {
  const opened = ref<string | null>(null);
  const order = ref<ShelfOrder>('mass');
  /** The row whose fields are in use: until it is left, nothing changes its place in the list. */
  const live = ref<string | null>(null);
  const picking = ref(false);
  const picked = ref<ReadonlySet<string>>(new Set());
  const pick = (thing: string, on: boolean) => {
    const next = new Set(picked.value);
    if (on) next.add(thing);
    else next.delete(thing);
    picked.value = next;
  };
  const startPicking = (on: boolean) => {
    picking.value = on;
    picked.value = new Set();
  };
  return { opened, order, live, picking, picked, pick, startPicking };
});
