import { z } from 'zod';
import { loadoutSchema, thingSchema } from '../loading/loadout.ts';
import { tripSchema } from '../road/trip.ts';
import { bodySchema } from '../rig/body.ts';
import { idField, listBounds, nameField } from '../rig/fields.ts';
import { rigSchema } from '../rig/rig.ts';
import { situationSchema } from '../situation/situation.ts';
import { fileFormat, fileVersion } from './fileVersion.ts';
import { uprateCaseSchema } from '../uprating/uprateCase.ts';
import { quoteSchema } from '../uprating/upratePackage.ts';
import { ticketSchema } from '../loading/ticket.ts';

/** The whole document: everything an owner keeps, normalised. One file holds one of these. */
export const workspaceShape = z.strictObject({
  format: z.literal(fileFormat),
  version: z.literal(fileVersion),
  id: idField,
  name: nameField,
  bodies: z.array(bodySchema).max(listBounds.bodies),
  rigs: z.array(rigSchema).max(listBounds.rigs),
  things: z.array(thingSchema).max(listBounds.things),
  loadouts: z.array(loadoutSchema).max(listBounds.loadouts),
  situations: z.array(situationSchema).max(listBounds.situations),
  tickets: z.array(ticketSchema).max(listBounds.tickets),
  trips: z.array(tripSchema).max(listBounds.trips),
  /** What was offered to change limits, for which rig. */
  quotes: z.array(quoteSchema).max(listBounds.quotes),
  /** Uprates and downrates under way and over. */
  cases: z.array(uprateCaseSchema).max(listBounds.cases),
});

export type Workspace = z.infer<typeof workspaceShape>;
