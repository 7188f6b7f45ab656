import { describe, expect, it } from 'vitest';
import { mergeWorkspaces } from '../files/mergeWorkspaces.ts';
import { readParsed } from '../files/readWorkspace.ts';
import { extractRig } from '../files/extractRig.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import type { Reading, Ticket } from '../loading/ticket.ts';
import { compile } from '../loads/compile.ts';
import { viewRig } from '../document/viewRig.ts';
import type { Workspace } from '../document/workspace.ts';
import { viewThen } from '../scale/viewThen.ts';
import { removeThing } from './loadoutEdits.ts';
import { removeRig } from './removeRig.ts';
import { addReading, addTicket, changeReading, changeTicket, removeReading, removeTicket } from './ticketEdits.ts';

const start = () => exampleWorkspace('german-estate-and-caravan');
const slip: Ticket = { id: 'slip', rig: 'dohle-and-kiebitz', name: 'Quarry', graduation: 20, readings: [] };
const axles: Reading = { id: 'axles', state: 'coupled', on: ['trailer'], value: 1180 };

describe('the log of weighings', () => {
  it('takes a ticket, its readings, their mending, and gives all of it back', () => {
    let workspace = addReading(addTicket(start(), slip), 'slip', axles);
    expect(readParsed(workspace)).toEqual({ ok: true, workspace });
    workspace = changeReading(workspace, 'slip', 'axles', { value: 1200 });
    workspace = changeTicket(workspace, 'slip', { date: '2026-05-01', graduation: 10 });
    expect(workspace.tickets).toEqual([
      { ...slip, date: '2026-05-01', graduation: 10, readings: [{ ...axles, value: 1200 }] },
    ]);
    workspace = changeTicket(removeReading(workspace, 'slip', 'axles'), 'slip', { date: undefined, graduation: 20 });
    expect(workspace.tickets).toEqual([slip]);
    expect(removeTicket(workspace, 'slip')).toEqual(start());
  });

  it('goes with its rig, out and away', () => {
    const workspace = addTicket(start(), slip);
    expect(extractRig(workspace, slip.rig)?.tickets).toEqual([slip]);
    expect(removeRig(workspace, slip.rig).tickets).toEqual([]);
  });

  it('follows a rig that comes in under another id', () => {
    const base = start();
    base.rigs[0]!.name = 'Another';
    const merged = mergeWorkspaces(base, addTicket(start(), slip));
    const [ticket] = merged.tickets;
    expect(merged.rigs.find((rig) => rig.id === ticket?.rig)?.name).toBe(start().rigs[0]?.name);
    expect(readParsed(merged).ok).toBe(true);
  });

  it('is refused where it leads to no rig, or names two readings alike', () => {
    expect(readParsed(addTicket(start(), { ...slip, rig: 'nobody' })).ok).toBe(false);
    expect(readParsed(addTicket(start(), { ...slip, readings: [axles, axles] })).ok).toBe(false);
  });

  it('keeps what stood on it after the owner has given it away: the plan of that day stays what it was', () => {
    const before = start();
    const view = viewRig(before, slip.rig)!;
    const [first] = view.loadout.placements;
    const copy = { ...slip, loadout: view.loadout };
    const workspace = removeThing(addTicket(before, copy), first!.thing);
    const ticket = workspace.tickets.find(({ id }) => id === 'slip')!;
    expect(workspace.things.some(({ id }) => id === first!.thing)).toBe(false);
    expect(ticket.gone).toEqual(before.things.filter(({ id }) => id === first!.thing));
    const then = (from: Workspace, slip: Ticket) => compile(viewThen(viewRig(from, slip.rig)!, slip)).sums;
    expect(then(workspace, ticket)).toEqual(then(before, copy));
    expect(readParsed(workspace)).toEqual({ ok: true, workspace });
  });
});
