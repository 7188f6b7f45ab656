import { placedBodies, type RigView } from '@wagonomos/core';

export interface PlaceChoice {
  readonly key: string;
  readonly label: string;
  readonly body: string;
  readonly place: string;
}

/** The places of one body, under its name. */
export interface PlaceGroup {
  readonly body: string;
  readonly label: string;
  readonly places: readonly PlaceChoice[];
}

/** Every place of the rig as a choice, body by body. */
export const placeGroups = (view: RigView): readonly PlaceGroup[] =>
  placedBodies(view).map(({ body }) => ({
    body: body.id,
    label: body.name,
    places: body.places.map((place) => ({
      key: `${body.id}/${place.id}`,
      label: place.name,
      body: body.id,
      place: place.id,
    })),
  }));

/** The place behind a key, or nothing for "at home". */
export const choiceOf = (groups: readonly PlaceGroup[], key: string): PlaceChoice | undefined =>
  groups.flatMap((group) => group.places).find((one) => one.key === key);
