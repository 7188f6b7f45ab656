import { regionOf, type Body, type Message, type RigView, type Trailer, type Vehicle } from '@wagonomos/core';
import type { OfferRow } from '@wagonomos/core/entry';
import { addOffer, removeOffer, takeOffer, type KnownOffer } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { currencies } from '../../shared/useOffers.ts';
import { newId } from '../../stores/newId.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { usualBasis } from '../../shared/usualBasis.ts';
import { useDemoIds } from '../../stores/demo.ts';
import { useWorkspace } from '../../stores/workspace.ts';

export type OfferKind = 'trailer' | 'vehicle';
/** Columns side by side: more nobody can read. */
export const mostColumns = 6;

/** The trailers, or the cars, that stand side by side: the rig's own, what is offered, others of the yard. Which ones stands in the address. */
export function useBodiesLookedAt(view: () => RigView, kind: () => OfferKind) {
  const { t } = useI18n();
  const { say } = useSpeech();
  const workspace = useWorkspace();
  const route = useRoute();
  const router = useRouter();
  const demo = useDemoIds();
  const tools = { newId, word: (one: Message) => say(one) };
  const own = computed(() => view()[kind()]?.id);
  const rank = (body: Body) => (body.id === own.value ? 0 : body.offer ? 1 : 2);
  const all = computed((): readonly (Trailer | Vehicle)[] =>
    (workspace.document?.bodies ?? [])
      .filter((body): body is Trailer | Vehicle => body.kind === kind())
      .sort((a, b) => rank(a) - rank(b)),
  );
  const query = computed(() => (kind() === 'trailer' ? 'with' : 'cars'));
  /** What is looked at stands beside one's own; where nothing is, all there is in the yard. An own rig does not show the demo's. */
  const usual = computed(() => {
    const mine = !demo.value?.rigs.has(view().rig.id);
    const here = all.value.filter(({ id }) => !mine || !demo.value?.bodies.has(id));
    const near = here.filter((body) => rank(body) < 2);
    return (near.some(({ offer }) => offer) ? near : here).map(({ id }) => id);
  });
  const chosen = computed(() => {
    const named = route.query[query.value];
    const ids = typeof named === 'string' ? named.split(',') : usual.value;
    return ids.filter((id) => all.value.some((one) => one.id === id)).slice(0, mostColumns);
  });
  const choose = (ids: readonly string[]) =>
    router.replace({ query: { ...route.query, [query.value]: [...new Set(ids)].slice(-mostColumns).join(',') } });

  const country = computed(() => view().situation[kind()].country);
  const currency = computed(() => currencies[regionOf(country.value)]);
  const basis = computed(() => usualBasis(kind(), country.value));
  /** @returns why it was not taken, or null */
  const add = (offers: readonly Omit<KnownOffer, 'kind' | 'country'>[]) => {
    const made: string[] = [];
    const refusal = workspace.edit('app.edit.offer', (document) => {
      let next = document;
      for (const offer of offers) {
        const added = addOffer(next, { basis: basis.value, ...offer, kind: kind(), country: country.value }, tools);
        made.push(added.bodyId);
        next = added.workspace;
      }
      return next;
    });
    if (!refusal) void choose([...chosen.value, ...made]);
    return refusal;
  };
  /** A name nothing here has yet. */
  const freshName = () => {
    const names = new Set(all.value.map(({ name }) => name));
    for (let number = 1; ; number += 1) {
      const name = t(`app.pair.offer.fresh.${kind()}`, { number });
      if (!names.has(name)) return name;
    }
  };
  const addOne = () => add([{ name: freshName(), limits: {} }]);
  const addRows = (rows: readonly OfferRow[]) => add(rows.map((row) => offerOf(row, kind(), currency.value)));
  const remove = (id: string) => workspace.edit('app.edit.offer', (document) => removeOffer(document, id));
  /** It is bought: the id of the rig it stands in now. */
  const buy = (id: string): string | undefined => {
    let rigId: string | undefined;
    const { vehicle, trailer } = view();
    workspace.edit('app.edit.bought', (document) => {
      const pair = kind() === 'trailer' ? { behind: vehicle } : { before: trailer?.id };
      const taken = takeOffer(document, id, { country: country.value, ...pair }, tools);
      rigId = taken?.rigId;
      return taken?.workspace ?? document;
    });
    return rigId;
  };
  return { all, chosen, choose, own, addOne, addRows, remove, buy, tools, currency };
}

/** A row of a pasted table as core takes it. */
function offerOf(
  { name, figures, price }: OfferRow,
  kind: OfferKind,
  currency: string,
): Omit<KnownOffer, 'kind' | 'country'> {
  const { plate, axles, coupling, combination, towing, ball, cargo, empty, emptyBall, battery, gas, options } = figures;
  return {
    name,
    limits:
      kind === 'trailer'
        ? { trailerMax: plate, trailerAxlesMax: axles, ballMax: coupling }
        : { vehicleMax: plate, combinationMax: combination, towBraked: towing, ballMax: ball, payloadStated: cargo },
    empty,
    emptyBall,
    leftOut: { battery: battery?.value, gas: gas?.value, options: options?.value },
    ...(price === undefined ? {} : { price: { amount: price, currency } }),
  };
}
