<script setup lang="ts">
import { toFindOut, type Assessment, type Message } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';

/** What to find out next, the most for its minutes first: how, how long, and what it would settle. */
const props = defineProps<{ assessment: Assessment; say: (message: Message) => string; most: number }>();
const { t } = useI18n();
const all = computed(() => toFindOut(props.assessment));
const shown = computed(() => all.value.slice(0, props.most));
const named = 3;
const list = (checks: (typeof shown.value)[number]['settles']) => {
  const names = [...new Set(checks.map(({ name }) => props.say(name)))];
  const more = names.length - named;
  return more > 0
    ? t('app.findOut.andMore', { names: names.slice(0, named).join(', '), count: more })
    : names.join(', ');
};
</script>

<template>
  <ol v-if="shown.length > 0" class="find" data-test="find-out">
    <li v-for="one in shown" :key="one.key">
      <b>{{ say(one.what) }}</b>
      <small class="num">{{ t('app.findOut.minutes', { count: one.minutes }) }}</small>
      <small>{{ one.where ? say(one.where) : t(`app.findOut.by.${one.by}`) }}</small>
      <small v-if="one.settles.length > 0" class="settles">{{
        t('app.findOut.settles', { what: list(one.settles) })
      }}</small>
      <small v-else-if="one.helps.length > 0">{{ t('app.findOut.helps', { what: list(one.helps) }) }}</small>
    </li>
  </ol>
</template>

<style scoped>
.find {
  margin: 6px 0;
  padding-left: 22px;
}
li {
  margin-bottom: 5px;
  break-inside: avoid;
}
b {
  font-weight: 600;
}
small {
  display: block;
  color: var(--soft);
  line-height: 1.3;
}
small.num {
  display: inline;
  margin-left: 8px;
}
.settles {
  color: var(--in);
}
</style>
