<script setup lang="ts">
import {
  displayMass,
  placeContents,
  placedBodies,
  placeKinds,
  roomMessage,
  type Body,
  type Message,
  type PlaceKind,
  type RigView,
} from '@wagonomos/core';
import { addPart } from '@wagonomos/core/edits';
import { Plus } from '@lucide/vue';
import { computed, nextTick, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import MessageText from '../../words/MessageText.vue';
import { newId } from '../../stores/newId.ts';
import { written } from '@wagonomos/papers/words';
import { useHand } from '../../stores/hand.ts';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PlaceRow from './PlaceRow.vue';
import { useAFewAFrame } from './useAFewAFrame.ts';
import { usePreviewWords } from './usePreviewWords.ts';

/** Places, what lies in each, how much more each could take, and which limit would be the first to say no. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const rig = useRig();
const route = useRoute();
const router = useRouter();
const settings = useSettings();
const workspace = useWorkspace();
const hand = useHand();
const leaves = usePreviewWords();

const bodies = computed(() => placedBodies(props.view).map(({ body }) => body));
const rooms = computed(() => new Map(rig.rooms.map((one) => [`${one.body}/${one.place.id}`, roomMessage(one)])));
const placesOf = (body: Body) =>
  body.places.map((place) => {
    const key = `${body.id}/${place.id}`;
    return { place, key, room: ownRoom(key) };
  });
/** What many places have in common is said once, with their names; a row says what is its own. */
const shared = computed(() => {
  const said = new Map<string, { readonly text: Message; readonly names: string[]; readonly keys: string[] }>();
  for (const { place, body, room } of rig.rooms.map((one) => ({ ...one, room: roomMessage(one) }))) {
    const text = JSON.stringify(room);
    const found = said.get(text) ?? { text: room, names: [], keys: [] };
    found.names.push(place.name);
    found.keys.push(`${body}/${place.id}`);
    said.set(text, found);
  }
  return [...said.values()].filter(({ names }) => names.length > 2);
});
const ownRoom = (key: string) =>
  shared.value.some(({ keys }) => keys.includes(key)) ? undefined : rooms.value.get(key);
const contents = computed(() => placeContents(props.view));
const chosen = computed(() => route.query['place']);

watch(
  chosen,
  (key) =>
    void nextTick(() => key && document.getElementById(`place-${String(key)}`)?.scrollIntoView({ block: 'center' })),
  { immediate: true },
);

const lies = (key: string) => written(displayMass(contents.value.get(key)?.mass ?? 0, settings.massUnit, 'load'), 0);

/** What the thing in the hand would leave in each place; said once when it is picked up. */
const wouldLeave = useAFewAFrame(
  () => hand.listed,
  (preview) => ({ words: leaves(preview), breaks: Boolean(preview.breaks || preview.barred) }),
);

/** What kind it is is asked first: it decides what may lie there. Where it is and what it is called stands open below. */
const add = (body: string, kind: PlaceKind) => {
  const id = newId();
  workspace.edit('app.edit.place', (document) =>
    addPart(document, body, 'places', { id, name: t('app.places.newName'), kind }),
  );
  void router.replace({ query: { ...route.query, place: `${body}/${id}` } });
};
</script>

<template>
  <div class="places">
    <p v-for="one in shared" :key="one.keys[0]" class="shared" data-test="rooms-shared">
      <MessageText :message="one.text" />
      <small>{{ one.names.join(', ') }}</small>
    </p>
    <template v-for="body in bodies" :key="body.id">
      <div class="section-head">
        <h2>{{ t('app.places.title', { body: body.name }) }}</h2>
        <el-dropdown :persistent="false" trigger="click" @command="(kind: PlaceKind) => add(body.id, kind)">
          <button type="button" class="quiet-button"><Plus :size="15" />{{ t('app.places.add') }}</button>
          <template #dropdown>
            <el-dropdown-menu>
              <el-dropdown-item v-for="kind in placeKinds" :key="kind" :command="kind">
                {{ t(`app.places.kinds.${kind}`) }}
              </el-dropdown-item>
            </el-dropdown-menu>
          </template>
        </el-dropdown>
      </div>
      <PlaceRow
        v-for="{ place, key, room } in placesOf(body)"
        :key="key"
        :place="place"
        :view="view"
        :body="body.id"
        :chosen="chosen === key"
        :target="hand.over === key"
        :lies="lies(key)"
        :room="room"
        :would-leave="wouldLeave.get(key)?.words"
        :breaks="wouldLeave.get(key)?.breaks ?? false"
      />
    </template>
  </div>
</template>

<style scoped>
.places {
  margin-top: 18px;
}
.shared small {
  display: block;
  color: var(--soft);
}
.shared {
  margin-bottom: 8px;
  padding: 6px 10px;
  border-left: 4px solid var(--slate);
  background: var(--sheet);
  font-size: 15px;
}
.places .section-head:not(:first-child) {
  margin-top: 16px;
}
</style>
