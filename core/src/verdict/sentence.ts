import { roomInPlaces, type PlaceRoom } from '../limits/roomInPlaces.ts';
import type { RigView } from '../loading/rigView.ts';
import { kilograms, message, verbatim, type Message } from '../messages/message.ts';
import { missingMessage, whereToFind, type Missing } from '../rig/missing.ts';
import { breaksLaw, isTotal, leavesOpen, mayBreakLaw, type Check } from '../checks/check.ts';
import { claimsLaw, type VerdictLevel } from './verdictLevel.ts';
import { openLoads, openQuestions } from './openQuestions.ts';

/** Legal or not, how much may still be added, and what runs out first: one sentence, as data. */
export function verdictSentence(view: RigView, checks: readonly Check[], mark: VerdictLevel): Message {
  if (mark === 'over') return overSentence(view, checks, 'legal');
  if (mark === 'maker') {
    const what = overSentence(view, checks, 'maker');
    return claimsLaw(checks) ? message('verdict.makerOver', { what }) : what;
  }
  if (mark === 'undecided') {
    const open = undecidedSentence(view, checks);
    const past = checks.some(({ kind, status }) => kind === 'maker' && status === 'over');
    return past ? message('verdict.undecidedMaker', { open, what: overSentence(view, checks, 'maker') }) : open;
  }
  return mark === 'open' ? openSentence(view, checks) : withinSentence(view, checks, 'within');
}

/** What the masses leave is said first; how many questions stand open, behind it. */
function openSentence(view: RigView, checks: readonly Check[]): Message {
  const [questions, loads] = [openQuestions(checks), openLoads(checks)];
  const what = withinSentence(view, checks, loads.length > 0 ? 'known' : 'masses');
  if (loads.length > 0) return message('verdict.openLimits', { what, count: loads.length + questions.length });
  return message('verdict.open', { what, count: questions.length });
}

/** The worst excess in full, and how many more there are. */
function overSentence(view: RigView, checks: readonly Check[], kind: Check['kind']): Message {
  const over = checks
    .filter((check) => (kind === 'legal' ? breaksLaw(check) : check.kind === kind && check.status === 'over'))
    .sort((a, b) => (a.margin ?? 0) - (b.margin ?? 0));
  const [worst] = over;
  if (!worst) return message('verdict.undecided');
  const what = excessMessage(view, worst);
  if (over.length > 1) return message('verdict.overMore', { what, count: over.length - 1 });
  const everyTotal = checks.filter((check) => isTotal(check) && check.status !== 'notApplicable');
  // Said only of an axle or a coupling too heavily loaded: elsewhere nobody would expect a total to tell.
  const hidden = worst.sense === 'max' && worst.group !== 'places' && !isTotal(worst);
  const roomy = hidden && everyTotal.every((check) => (check.margin ?? -1) >= 0);
  return message(roomy ? 'verdict.overThough' : 'verdict.over', { what });
}

/** What is wrong with one check, in the words of its rule; a rule of medium confidence says that it is one. */
const excessMessage = (view: RigView, check: Check): Message => {
  const what = plainExcess(view, check);
  return check.source.confidence === 'medium' ? message('over.asFarAsKnown', { what }) : what;
};

/** The same without how sure the rule is. */
export function plainExcess(view: RigView, check: Check): Message {
  const params = {
    excess: kilograms(-(check.margin ?? 0), 'load', check.id),
    limit: kilograms(check.limit ?? 0, 'nearest', check.id),
    vehicle: verbatim(view.vehicle?.name ?? ''),
    trailer: verbatim(view.trailer?.name ?? ''),
    check: check.name,
  };
  return message(`over.${check.rule}`, params);
}

function undecidedSentence(view: RigView, checks: readonly Check[]): Message {
  const doubtful = checks.find(mayBreakLaw);
  if (doubtful) {
    const whom = message(`ask.${doubtful.source.ask}`);
    return message('verdict.checkWith', { what: excessMessage(view, doubtful), whom });
  }
  const missing = openLoads(checks)
    .filter(leavesOpen)
    .flatMap((check) => check.missing);
  const distinct = [...new Map(missing.map((one) => [JSON.stringify(one), one])).values()];
  const [first] = distinct;
  if (!first) return message('verdict.undecided');
  const known = knownTotal(checks);
  if (known) return knownSentence(known, distinct);
  if (distinct.every((one) => one.code === 'reading')) return message('verdict.notWeighed');
  const what = missingMessage(first);
  return distinct.length === 1
    ? message('verdict.undecidedFor', { what })
    : message('verdict.undecidedForMore', { what, count: distinct.length - 1 });
}

/** Of the totals that are known and kept, the one with the least left. */
const knownTotal = (checks: readonly Check[]): Check | undefined =>
  checks
    .filter(({ role, status, margin }) => isTotal({ role }) && margin !== null && status !== 'over')
    .sort((a, b) => (a.margin ?? 0) - (b.margin ?? 0))[0];

/** What is known is said first; then the one thing that is not, how many more there are, and what would tell. */
function knownSentence({ margin, limit, id, name }: Check, missing: readonly Missing[]): Message {
  const [first] = missing;
  const known = {
    left: kilograms(margin ?? 0, 'margin', id),
    limit: name,
    most: kilograms(limit ?? 0, 'nearest', id),
  };
  if (!first) return message('verdict.knownTotal', known);
  const open = { what: missingMessage(first), where: whereToFind(first) };
  return missing.length === 1
    ? message('verdict.knownBut', { ...known, ...open })
    : message('verdict.knownButMore', { ...known, ...open, count: missing.length - 1 });
}

/** kg; so much is nothing that anybody could still put there. */
const fullBelow = 1;

/** The place that fills first names both how much may be added and what runs out. */
function withinSentence(view: RigView, checks: readonly Check[], by: 'within' | 'masses' | 'known'): Message {
  const first = tightestPlace(view, checks);
  if (!first) return message(`verdict.${by}`);
  const { room, body, place } = first;
  // A least is not filled: it is no longer kept.
  const sense = room.binding.sense === 'min' ? 'Least' : '';
  if (room.most < fullBelow)
    return message(`verdict.${by}Full${sense}`, { place: verbatim(place.name), limit: room.binding.name });
  return message(`verdict.${by}First${sense}`, {
    room: kilograms(room.most, 'margin', `room:${body}/${place.id}`),
    place: verbatim(place.name),
    limit: room.binding.name,
  });
}

type Bounded = PlaceRoom & { readonly room: { readonly kind: 'room'; readonly most: number; readonly binding: Check } };

const bounded = (one: PlaceRoom): one is Bounded =>
  one.room.kind === 'room' && one.room.most !== null && one.room.binding !== null;

/** A gas locker has room for gas alone. */
const takesAnything = ({ place }: PlaceRoom): boolean => place.kind !== 'gasLocker';

/** Places bound by their own rating are left out: a full rack is not what the rig runs out of. */
function tightestPlace(view: RigView, checks: readonly Check[]): Bounded | undefined {
  const places = roomInPlaces(view, checks).filter((one): one is Bounded => bounded(one) && takesAnything(one));
  const shared = places.filter((one) => !one.room.binding.place);
  return (shared.length > 0 ? shared : places).reduce<Bounded | undefined>(
    (least, one) => (!least || one.room.most < least.room.most ? one : least),
    undefined,
  );
}
