<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { computed } from 'vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { useDues } from './useDues.ts';

/** What falls due before long: worth knowing before driving off. */
const { t } = useI18n();
const { say } = useSpeech();
const { dues, words } = useDues();
const soon = computed(() => dues.value.filter(({ state }) => state !== 'later'));
</script>

<template>
  <section data-test="dues-soon">
    <h2>{{ t('paper.dates.before') }}</h2>
    <p v-if="soon.length === 0" class="soft">{{ t('paper.dates.nothingSoon') }}</p>
    <ul>
      <li v-for="one in soon" :key="one.id" :class="one.state">
        <b class="num">{{ one.day === null ? t('paper.dates.noDay') : words.day(one.day) }}</b>
        {{ say(one.what) }}<template v-if="one.of"> · {{ one.of }}</template>
        <small>{{ say(one.why) }}</small>
      </li>
    </ul>
    <router-link :to="{ query: { sheet: 'dates' } }">{{ t('paper.dates.all') }}</router-link>
  </section>
</template>

<style scoped>
ul {
  margin: 8px 0 12px;
  padding: 0;
  list-style: none;
}
li {
  padding: 7px 0;
  border-top: 1px dotted var(--line);
}
li b {
  display: inline-block;
  min-width: 140px;
}
.late b {
  color: var(--over);
}
.soon b {
  color: var(--tight);
}
small {
  display: block;
  color: var(--soft);
  font-size: 13.5px;
}
</style>
