<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useTerms, wordRegions } from '../../words/useTerms.ts';

/** Every word of the trade with its plain meaning and its names in each region, to be searched by any of them. */
const { t } = useI18n();
const { terms, meaningOf, namesOf, commonName } = useTerms();
const wanted = ref('');

const all = computed(() =>
  terms
    .map((term) => {
      const names = namesOf(term);
      const heading = commonName(term) || names[0]?.name || term;
      return {
        term,
        heading,
        names: Object.fromEntries(names.map((one) => [one.region, one.name])),
        meaning: meaningOf(term),
      };
    })
    .sort((a, b) => a.heading.localeCompare(b.heading)),
);
const found = computed(() => {
  const needle = wanted.value.trim().toLowerCase();
  return all.value.filter(({ heading, names, meaning }) =>
    [heading, meaning, ...Object.values(names)].some((text) => text.toLowerCase().includes(needle)),
  );
});
</script>

<template>
  <section class="words">
    <h1>{{ t('app.words.title') }}</h1>
    <p class="soft">{{ t('app.words.text') }}</p>
    <el-input
      v-model="wanted"
      class="search"
      clearable
      :placeholder="t('app.words.search')"
      :aria-label="t('app.words.search')"
    />
    <p class="soft" role="status">{{ t('app.words.found', { count: found.length }, found.length) }}</p>
    <dl>
      <div v-for="one in found" :key="one.term" class="entry" data-test="word">
        <dt>{{ one.heading }}</dt>
        <dd>
          <p>{{ one.meaning }}</p>
          <ul>
            <li v-for="region in wordRegions.filter((region) => one.names[region])" :key="region">
              <small>{{ t(`app.region.${region}`) }}</small> <b>{{ one.names[region] }}</b>
            </li>
          </ul>
        </dd>
      </div>
    </dl>
  </section>
</template>

<style scoped>
.words {
  padding: 20px 18px 40px;
}
h1 {
  font: 600 28px/1.2 var(--figures);
}
.search {
  max-width: 360px;
  margin: 12px 0 6px;
}
.entry {
  display: grid;
  grid-template-columns: 220px 1fr;
  gap: 4px 20px;
  padding: 8px 0;
  border-bottom: 1px dotted var(--line);
}
dt {
  font: 600 18px/1.2 var(--figures);
}
dd {
  margin: 0;
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}
small {
  color: var(--soft);
}
@media (width > 1100px) {
  dl {
    columns: 2;
    column-gap: 40px;
  }
  .entry {
    grid-template-columns: 170px 1fr;
    break-inside: avoid;
  }
}
@media (width <= 720px) {
  .entry {
    grid-template-columns: 1fr;
  }
}
</style>
