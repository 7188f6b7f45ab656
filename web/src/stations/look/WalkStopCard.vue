<script setup lang="ts">
import { listBounds, textBounds, type Region, type Trailer, type Vehicle } from '@wagonomos/core';
import { knownLimit, setFacts, setLook } from '@wagonomos/core/edits';
import { sights, type Sight, type WalkStop } from '@wagonomos/core/pairing';
import { computed, nextTick, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import PhotoStrip from '../../slips/PhotoStrip.vue';
import TextLine from '../../fields/TextLine.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import WalkFigures from './WalkFigures.vue';
import { axlesAt, gearOf, limitsAt, sourceAt, tyreCodeNames } from './walkFigures.ts';

/** One stop: what to look at, how it is, what can be read there, a note and pictures. */
const props = defineProps<{ body: Trailer | Vehicle; stop: WalkStop; words: Region; open: boolean }>();
const emit = defineEmits<{ open: []; answered: [] }>();
const { t } = useI18n();
const workspace = useWorkspace();
const { limitWord, speech } = useSpeech(() => props.words);
const name = computed(() => t(`app.walk.stop.${props.stop}.name`));
const sight = computed((): Sight => props.body.seen?.[props.stop] ?? 'notSeen');
const look = computed(() => props.body.looks?.find(({ id }) => id === props.stop));
const answer = (next: Sight) => {
  const before = sight.value;
  workspace.edit('app.edit.look', (document) =>
    setFacts(document, props.body.id, { seen: { ...props.body.seen, [props.stop]: next } }),
  );
  // What is sound needs no word more; what is doubtful may.
  if (next === 'sound' && before !== 'sound') emit('answered');
};
const kg = (value: number) => speech.value.amount({ kind: 'amount', unit: 'kg', value, rounding: 'nearest' });
/** What was read here, for who looks at it again and for the printed sheet. */
const figures = computed(() => {
  const { body, stop } = props;
  const said = (what: string, value: string) => t('app.walk.read', { what, value });
  const limits = limitsAt(body, stop).flatMap((limit) => {
    const found = knownLimit(body, limit, sourceAt(stop));
    return found ? [said(limitWord(limit), kg(found.value))] : [];
  });
  const codes = axlesAt(body, stop).flatMap((axle) =>
    tyreCodeNames.flatMap((code) => {
      const value = gearOf(body, axle)?.[code];
      return value === undefined ? [] : [said(t(`app.gear.${code}`), value)];
    }),
  );
  const empty = stop === 'papers' ? body.emptyMass?.total : undefined;
  return [...limits, ...codes, ...(empty === undefined ? [] : [said(t('app.pair.offer.empty'), kg(empty))])].join(
    ' · ',
  );
});
/** The stop that opens is in sight, though the one before has shrunk. */
const row = ref<HTMLLIElement>();
watch(
  () => props.open,
  async (open) => {
    if (!open) return;
    await nextTick();
    row.value?.scrollIntoView({ block: 'nearest' });
  },
);
const note = (text: string | undefined) =>
  workspace.edit('app.edit.look', (document) => setLook(document, props.body.id, props.stop, { note: text }));
const pictures = (photos: string[]) =>
  workspace.edit('app.edit.photo', (document) =>
    setLook(document, props.body.id, props.stop, { photos: photos.length > 0 ? photos : undefined }),
  );
</script>

<template>
  <li ref="row" class="stop" :class="[sight, { open }]" :data-test="`stop-${stop}`">
    <button type="button" class="name" :aria-expanded="open" @click="emit('open')">
      <b>{{ name }}</b>
      <span class="state">{{ t(`app.seen.answer.${sight}`) }}</span>
    </button>
    <div class="inside" :class="{ shut: !open }">
      <p class="hint">{{ t(`app.walk.stop.${stop}.hint`) }}</p>
      <div class="answers no-print" role="group" :aria-label="t('app.walk.answerOf', { stop: name })">
        <button
          v-for="one in sights"
          :key="one"
          type="button"
          :class="one"
          :aria-pressed="sight === one"
          @click="answer(one)"
        >
          {{ t(`app.seen.answer.${one}`) }}
        </button>
      </div>
      <WalkFigures v-if="open" :body="body" :stop="stop" :words="words" />
      <TextLine
        v-if="open"
        :label="t('app.walk.noteOf', { stop: name })"
        :value="look?.note"
        :most="textBounds.note"
        :rows="2"
        @change="note"
      />
      <template v-else>
        <p v-if="figures" class="kept num">{{ figures }}</p>
        <p v-if="look?.note" class="kept">{{ look.note }}</p>
      </template>
      <PhotoStrip
        v-if="open || (look?.photos?.length ?? 0) > 0"
        :hashes="look?.photos ?? []"
        :name="name"
        :most="listBounds.photos"
        @change="pictures"
      />
      <button v-if="open" type="button" class="on no-print" @click="emit('answered')">{{ t('app.walk.on') }}</button>
    </div>
  </li>
</template>

<style scoped>
.stop {
  scroll-margin: 150px 0 20px;
  border-bottom: 1px solid var(--line);
  border-left: 6px solid var(--line);
  background: var(--sheet);
}
.stop.sound {
  border-left-color: var(--within);
}
.stop.doubtful {
  border-left-color: var(--over);
}
.name {
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
  width: 100%;
  min-height: 48px;
  padding: 6px 14px;
  border: 0;
  background: none;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}
.name b {
  font: 600 19px/1.2 var(--figures);
}
.state {
  color: var(--soft);
}
.doubtful .state {
  color: var(--over);
}
.inside {
  padding: 0 14px 12px;
}
.shut {
  padding-bottom: 0;
}
.shut .hint,
.shut .answers {
  display: none;
}
.hint {
  margin: 0 0 8px;
}
.answers {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
  margin-bottom: 10px;
}
.answers button {
  min-height: 52px;
  border: 1.5px solid var(--line);
  border-radius: 3px;
  background: var(--field);
  color: var(--ink);
  font: 600 17px var(--figures);
  cursor: pointer;
}
.answers [aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--ink);
  color: var(--on-ink);
}
.on {
  width: 100%;
  min-height: 44px;
  margin-top: 10px;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: none;
  color: var(--pen);
  font: 600 16px var(--figures);
  cursor: pointer;
}
.kept {
  margin: 0 0 8px;
}
@media print {
  .stop {
    break-inside: avoid;
  }
}
</style>
