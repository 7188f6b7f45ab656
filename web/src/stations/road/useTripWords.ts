import { placedBodies, type RigView } from '@wagonomos/core';
import { sectionMessage, viewBefore, type ReckonedTrip, type Section, type SectionKind } from '@wagonomos/core/road';
import {
  Droplets,
  Moon,
  PackageMinus,
  Route,
  Scale,
  ShoppingBasket,
  Unlink,
  UserMinus,
  UserPlus,
  Link,
} from '@lucide/vue';
import { useSpeech } from '../../words/useSpeech.ts';

/** One picture for each kind of part of a trip. */
export const sectionIcons: Readonly<Record<SectionKind, typeof Route>> = {
  drive: Route,
  nights: Moon,
  tank: Droplets,
  shop: ShoppingBasket,
  setDown: PackageMinus,
  join: UserPlus,
  part: UserMinus,
  unhitch: Unlink,
  hitch: Link,
  weigh: Scale,
};

/** Parts of a trip in words, each as of the rig that comes to it. */
export function useTripWords() {
  const { say } = useSpeech();
  const sectionName = (trip: ReckonedTrip, section: Section): string =>
    say(sectionMessage(viewBefore(trip, section), section));
  const tankChoices = (view: RigView) =>
    placedBodies(view).flatMap(({ body }) =>
      body.tanks.map((tank) => ({ value: `${body.id}/${tank.id}`, label: `${tank.name} (${body.name})` })),
    );
  return { sectionName, tankChoices };
}
