import { placePart, placeThing, setTankLevel } from '@wagonomos/core/edits';
import {
  assess,
  leanOf,
  mayGo,
  onDay,
  placedMass,
  viewRig,
  type Placement,
  type Thing,
  type Workspace,
} from '@wagonomos/core';
import { placePreviews, type PlacePreview } from '@wagonomos/core/limits';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { shelfRow } from './shelfRows.ts';
import { useRig } from './rig.ts';
import { useWorkspace } from './workspace.ts';

/** A thing that has been picked up and not yet put down. */
interface Held {
  /** The row it was taken from: a part of a thing has a name of its own. */
  readonly key: string;
  readonly thing: string;
  /** Where it lies; undefined: at home. */
  readonly part: Placement | undefined;
  readonly name: string;
  readonly count: number;
  /** kg, of all of them. */
  readonly mass: number;
  readonly onlyIn: Thing['onlyIn'];
  /** m from its middle to its centre of mass, rearwards. */
  readonly lean: number;
  readonly from: { readonly body: string; readonly place: string; readonly x: number | undefined } | undefined;
  readonly by: 'pointer' | 'keys';
}

/** Where a thing would go that stays at home. */
export const atHome = 'home';

/** What is in the hand while a thing is carried over the rig: by mouse, by finger or by keys. Nothing is stored until it lies. */
export const useHand = defineStore('hand', () => {
  const rig = useRig();
  const workspace = useWorkspace();
  const held = shallowRef<Held | null>(null);
  /** `body/place`, or at home; null: over nothing. */
  const over = ref<string | null>(null);
  /** The vessel whose level is being dragged, `body/tank`. */
  const filling = ref<string | null>(null);

  /**
   * What carrying shows comes one frame after another, so that picking up never makes the page wait: the label (its own
   * frame still runs when it is asked for), the drawing's previews, the list's, and the rig as it would be.
   */
  const frames = ['held', 'labelled', 'drawn', 'listed', 'whole'] as const;
  const frame = ref(0);
  const reached = (name: (typeof frames)[number]) => frame.value >= frames.indexOf(name);
  const unfold = (of: Held) => {
    frame.value = 0;
    const next = () => {
      if (held.value !== of) return;
      frame.value += 1;
      if (!reached('whole')) requestAnimationFrame(next);
    };
    requestAnimationFrame(next);
  };
  const pickUp = (key: string, by: Held['by']) => {
    const row = rig.view && shelfRow(rig.view, key);
    if (!row || workspace.follows) return;
    const { thing, placement } = row;
    const count = placement?.count ?? 1;
    const from = placement && { body: placement.body, place: placement.place, x: placement.x };
    held.value = {
      key,
      thing: thing.id,
      part: placement,
      name: thing.name,
      count,
      mass: placedMass(thing, placement ?? { count }),
      onlyIn: thing.onlyIn,
      lean: leanOf(thing, placement),
      from,
      by,
    };
    unfold(held.value);
    over.value = by === 'keys' ? (from ? `${from.body}/${from.place}` : atHome) : null;
  };
  const hover = (key: string | null) => {
    const next = held.value ? key : null;
    if (over.value !== next) over.value = next;
  };
  const letGo = () => {
    held.value = null;
    over.value = null;
  };

  const spotAt = (key: string, count: number) => {
    const [body = '', place = ''] = key.split('/');
    return key === atHome ? null : { body, place, count };
  };
  const laid = (document: Workspace, loadout: string, { thing, part, count }: Held, key: string) =>
    part
      ? placePart(document, loadout, part, spotAt(key, count))
      : placeThing(document, loadout, thing, spotAt(key, count));
  const putDown = () => {
    const { view } = rig;
    const carried = held.value;
    const key = over.value;
    // Asked of the place itself: a quick hand puts down before anything has been drawn.
    const place = key === null ? undefined : rig.rooms.find((one) => `${one.body}/${one.place.id}` === key)?.place;
    const barred = place !== undefined && carried !== null && !mayGo(carried, place);
    letGo();
    if (!view || !carried || key === null) return;
    const from = carried.from ? `${carried.from.body}/${carried.from.place}` : atHome;
    if (key === from || barred) return;
    workspace.edit('app.edit.move', (document) => laid(document, view.loadout.id, carried, key));
  };

  /** Fills or drains the vessel in hand: @param fraction 0 empty to 1 full, to a twentieth. */
  const pour = (fraction: number) => {
    const [body = '', tank = ''] = (filling.value ?? '').split('/');
    const level = Math.min(1, Math.max(0, Math.round(fraction * 20) / 20));
    const loadout = rig.view?.loadout;
    if (!loadout || body === '') return;
    workspace.edit(
      'app.edit.tankLevel',
      (document) => setTankLevel(document, loadout.id, body, tank, level),
      `level ${body} ${tank}`,
    );
  };

  /** Each place with what would be left there; null while nothing is held. */
  const previews = computed<ReadonlyMap<string, PlacePreview> | null>(() => {
    if (!held.value || !reached('drawn') || !rig.assessment) return null;
    const list = placePreviews(rig.rooms, rig.assessment.checks, held.value);
    return new Map(list.map((one) => [`${one.body}/${one.place}`, one]));
  });
  /** The same for the list of places, a frame later. */
  const listed = computed(() => (reached('listed') ? previews.value : null));
  /** The rig as it would be with the thing lying where the hand is. */
  const outcome = computed(() => {
    const { view } = rig;
    const carried = held.value;
    if (!view || !carried || !reached('whole') || over.value === null || !workspace.document) return null;
    const moved = laid(workspace.document, view.loadout.id, carried, over.value);
    const then = viewRig(moved, view.rig.id, view.loadout.id);
    return then && assess(onDay(then, view.situation.date ?? ''));
  });

  return { held, over, filling, pour, pickUp, hover, letGo, putDown, previews, listed, outcome };
});
