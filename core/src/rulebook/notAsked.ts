import type { RigView } from '../loading/rigView.ts';
import { message, type Message } from '../messages/message.ts';
import type { RuleId } from '../checks/ruleFacts.ts';

const ofTrailers = /^(trailer|tow|ball|coupling|combination|brakes|breakaway|chains|road)\./;
const ofPairs = /^(tow|combination|brakes\.controller|road)/;
const ofVehicles = /^(vehicle|axle|people\.seats|people\.licence|people\.novice)/;

/** Why a rule in force made no check of this rig. */
export function notAsked(rule: RuleId, { vehicle, trailer, camper, situation }: RigView): Message {
  if (!trailer && ofTrailers.test(rule)) return message('check.no.trailer');
  if (!vehicle && (ofVehicles.test(rule) || ofPairs.test(rule))) return message('check.no.vehicle');
  if (!camper && rule.startsWith('camper.')) return message('rule.notAsked.camper');
  if (rule.startsWith('people.') && !situation.licence) return message('rule.notAsked.licence');
  if (rule === 'people.novice') return message('rule.notAsked.novice');
  if (rule.startsWith('gear.')) return message('rule.notAsked.gear');
  if (rule === 'place.rating') return message('rule.notAsked.place');
  return message('rule.notAsked.nothing');
}
