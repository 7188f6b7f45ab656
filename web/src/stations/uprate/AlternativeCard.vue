<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import type { Alternative, Consequence } from '@wagonomos/core/uprating';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import MarkStamp from '../../words/MarkStamp.vue';
import { usePlaces } from '../../words/usePlaces.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useConsequenceWords } from './useConsequenceWords.ts';
import { useOffers } from '../../shared/useOffers.ts';

/** One way without a new plate: what it does, whether it is enough, and what it means for licence and speed. */
const props = defineProps<{ view: RigView; one: Alternative }>();
const emit = defineEmits<{ keep: [] }>();
const { t } = useI18n();
const { say } = useSpeech();
const { placeName } = usePlaces();
const { figure, money } = useOffers(() => props.view);
const { sure } = useConsequenceWords();
const told = computed(() => props.one.consequences.filter(({ change }) => change !== 'same'));
const whose = ({ about, place }: Consequence) => (place ? placeName(place) : about ? say(about) : '');
/** What is judged "over" here comes first in the sentence; advice stays in the verdict of the loadout once it is kept. */
const lists = computed(() => [
  ...props.one.moved.map(({ name, mass, from, to }) => ({ name, mass, way: t('app.others.fromTo', { from, to }) })),
  ...props.one.left.map(({ name, mass }) => ({
    name,
    mass,
    way: props.one.moved.length > 0 ? t('app.others.home') : '',
  })),
]);
</script>

<template>
  <article :data-test="`other-${one.id}`">
    <h3>
      <MarkStamp :mark="one.after.mark" />
      {{ t(`app.others.what.${one.id}`, { mass: figure(one.mass) }) }}
    </h3>
    <p>{{ say(one.after.sentence) }}</p>
    <p v-if="one.costPerKg !== null" class="num">{{ t('app.others.perKg', { money: money(one.costPerKg) }) }}</p>
    <details v-if="lists.length > 0">
      <summary>{{ t('app.others.things', { count: lists.length }, lists.length) }}</summary>
      <ul>
        <li v-for="(line, at) in lists" :key="at">
          {{ line.name }} <span class="num">{{ figure(line.mass) }}</span> <small>{{ line.way }}</small>
        </li>
      </ul>
    </details>
    <p v-if="one.proven !== undefined" class="soft">
      {{ t(one.proven ? `app.others.proven.${one.id}` : 'app.others.notProven') }}
    </p>
    <p v-if="told.length === 0" class="soft">{{ t('app.others.sameLicence') }}</p>
    <ul v-else class="told">
      <li v-for="line in told" :key="line.id">
        {{
          t('app.others.changes', {
            topic: t(`app.uprate.topic.${line.topic}`),
            whose: whose(line),
            before: line.before ? say(line.before) : '',
            after: line.after ? say(line.after) : '',
          })
        }}
        <small>{{ sure(line) }}</small>
      </li>
    </ul>
    <p v-if="one.id === 'smallTrailer'" class="soft">{{ t('app.others.invented') }}</p>
    <el-button size="small" @click="emit('keep')">
      {{ t(one.id === 'smallTrailer' ? 'app.others.keepRig' : 'app.others.keep') }}
    </el-button>
  </article>
</template>

<style scoped>
article {
  padding: 10px 0 12px;
  border-bottom: 1px solid var(--line);
}
ul {
  margin: 4px 0;
  padding-left: 18px;
}
small {
  color: var(--soft);
}
.told small {
  display: block;
}
</style>
