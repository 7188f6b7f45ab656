<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { foundFitted, foundInTank, foundOnBody, foundOnSeat, foundThing } from '@wagonomos/core/edits';
import type { Suspect, UnlistedNow } from '@wagonomos/core/weighing';
import { slipName, written } from '@wagonomos/papers/words';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWeighedWords } from '../../words/useWeighedWords.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useDemoIds } from '../../stores/demo.ts';
import { ownThings } from './ownThings.ts';
import PlaceSelect from './PlaceSelect.vue';
import { choiceOf, placeGroups } from './placeChoices.ts';

/** What a scale found and no list has: it counts until somebody says what it is, by one press. */
const props = defineProps<{ view: RigView; found: readonly UnlistedNow[] }>();
const { t } = useI18n();
const { word } = useSpeech();
const { kg, unit } = useWeighedWords();
const workspace = useWorkspace();

const groups = computed(() => placeGroups(props.view));
/** Which thing it is said to be, body by body, before it has a place. */
const chosen = ref<Record<string, { readonly id: string; readonly name: string; readonly mass: number }>>({});
const mending = ref<string>();
const demo = useDemoIds();
/** What lies in other rigs, or in an invented one, is nothing this owner can have forgotten here. */
const owned = computed(() => new Set(ownThings(props.view, workspace.document, demo.value).map(({ id }) => id)));
const suspectsOf = (one: UnlistedNow) => one.suspects.filter(({ kind, id }) => kind !== 'home' || owned.value.has(id));

const round = (mass: number) => Math.round(Math.abs(mass) * 10) / 10;
const bodyName = (one: UnlistedNow) => props.view[one.side]?.name ?? '';
const says = (one: UnlistedNow): string => {
  const named = {
    body: bodyName(one),
    mass: kg(Math.abs(one.mass)),
    give: kg(2 * one.massError, 'load'),
    unit: unit(),
  };
  return t(one.mass > 0 ? 'app.unlisted.more' : 'app.unlisted.less', named);
};
const where = (one: UnlistedNow): string => {
  if (one.x === null) return t('app.unlisted.anywhere');
  if (one.inside === false) return t('app.unlisted.outside');
  return t('app.unlisted.at', { x: written(one.x, 2), give: written(2 * (one.xError ?? 0), 2) });
};
const on = (one: UnlistedNow) => ({ ticket: one.ticket.id, loadout: props.view.loadout.id });
const canBeBody = (one: UnlistedNow) => one.x !== null && one.inside !== false;
const toBody = (one: UnlistedNow) => {
  const { body, mass, x } = one;
  if (x === null) return;
  const name = t('app.weigh.ledger', { slip: one.ticket.name }).slice(0, 80);
  workspace.edit('app.edit.adopt', (document) =>
    foundOnBody(document, { body, ticket: one.ticket.id, mass, x }, { newId, name }),
  );
};
const toPlace = (one: UnlistedNow, key: string) => {
  const spot = choiceOf(groups.value, key);
  if (!spot) return;
  const said = chosen.value[one.body];
  const thing = (said && props.view.things.get(said.id)) ?? {
    id: newId(),
    name: said?.name ?? t('app.weigh.ledger', { slip: one.ticket.name }).slice(0, 80),
    mass: round(one.mass),
  };
  workspace.edit('app.edit.adopt', (document) =>
    foundThing(document, on(one), thing, { body: spot.body, place: spot.place }),
  );
};
const nameOf = ({ kind, id, name }: Suspect) => (kind === 'typical' ? t(`typical.${id}`) : name);
const suspectSays = (one: Suspect): string =>
  t(`app.weigh.mightBe.${one.mass > 0 ? 'more' : 'less'}.${one.kind}`, {
    name: nameOf(one),
    mass: kg(Math.abs(one.mass)),
    unit: unit(),
    x: one.x === null ? '' : t('app.weigh.at', { x: written(one.x, 2) }),
  });
const take = (one: UnlistedNow, suspect: Suspect) => {
  const { kind, id, name, mass, fraction } = suspect;
  if (kind === 'home' || kind === 'typical') {
    chosen.value = { ...chosen.value, [one.body]: { id, name: nameOf(suspect), mass } };
    return;
  }
  workspace.edit('app.edit.adopt', (document) => {
    if (kind === 'fitted') return foundFitted(document, one.body, id, mass > 0);
    if (kind === 'tank') return foundInTank(document, on(one), { body: one.body, tank: id, fraction: fraction ?? 0 });
    return foundOnSeat(document, on(one), { id: newId(), name, mass: round(one.mass), seat: id });
  });
};
const placeholder = (one: UnlistedNow): string => {
  const thing = chosen.value[one.body];
  return thing ? t('app.unlisted.liesIn', { name: thing.name }) : t('app.unlisted.here');
};
</script>

<template>
  <section v-if="found.length > 0" class="unlisted" data-test="unlisted">
    <h2>{{ t('app.unlisted.title') }}</h2>
    <article v-for="one in found" :key="one.side" :data-test="`unlisted-row-${one.side}`">
      <p class="says">
        <strong>{{ says(one) }}</strong> {{ where(one) }}
        <span class="soft">{{ t('app.unlisted.from', { slip: slipName(word, one.ticket) }) }}</span>
      </p>
      <div class="presses no-print">
        <button v-if="canBeBody(one)" type="button" class="quiet-button" @click="toBody(one)">
          {{ t('app.unlisted.body', { body: bodyName(one) }) }}
        </button>
        <PlaceSelect
          v-if="one.mass > 0"
          class="place"
          value=""
          :groups="groups"
          :label="t('app.unlisted.here')"
          :placeholder="placeholder(one)"
          @change="toPlace(one, $event)"
        />
        <button
          type="button"
          class="quiet-button"
          :aria-expanded="mending === one.body"
          @click="mending = mending === one.body ? undefined : one.body"
        >
          {{ t('app.unlisted.list') }}
        </button>
      </div>
      <p v-if="mending === one.body" class="soft">{{ t('app.unlisted.mend') }}</p>
      <details v-if="suspectsOf(one).length > 0" class="no-print">
        <summary>{{ t('app.unlisted.isIt') }}</summary>
        <ul>
          <li v-for="suspect in suspectsOf(one)" :key="`${suspect.kind} ${suspect.id}`">
            <span>{{ suspectSays(suspect) }}</span>
            <button type="button" class="quiet-button" @click="take(one, suspect)">
              {{ t('app.unlisted.itIs') }}<span class="sr-only"> {{ nameOf(suspect) }}</span>
            </button>
          </li>
        </ul>
      </details>
    </article>
    <p class="soft">{{ t('app.unlisted.counts') }}</p>
  </section>
</template>

<style scoped>
.unlisted {
  grid-column: 1 / -1;
  padding: 8px 12px;
  border-left: 4px solid var(--tight);
  background: var(--paper);
}
h2 {
  margin: 0 0 4px;
}
.says {
  margin: 2px 0;
}
.presses {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
}
.place {
  width: 220px;
}
ul {
  margin: 2px 0 6px;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
  padding: 3px 0;
  border-bottom: 1px dotted var(--line);
}
li button {
  flex: none;
}
summary {
  padding: 4px 0;
  color: var(--pen);
  cursor: pointer;
}
.soft {
  margin: 2px 0;
  color: var(--soft);
  font-size: 14px;
}
@media (width <= 720px) {
  .place {
    width: 100%;
  }
}
</style>
