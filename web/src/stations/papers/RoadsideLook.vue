<script setup lang="ts">
import { roadsideChecks } from '@wagonomos/core';
import { demandText, limitText } from '@wagonomos/papers/words';
import { Smartphone } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import MarginText from '../../words/MarginText.vue';
import VerdictLine from '../../words/VerdictLine.vue';
import { useBasis } from '../../slips/useBasis.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useSettings } from '../../stores/settings.ts';

/** What will stand on the page for an officer, and the same to hold out of the window. */
const { t } = useI18n();
const { say, word } = useSpeech();
const settings = useSettings();
const { based, query } = useBasis();
const rows = computed(() => roadsideChecks(based.value?.assessment.checks ?? []));
</script>

<template>
  <section v-if="based">
    <VerdictLine :assessment="based.assessment" />
    <table>
      <tbody>
        <tr v-for="check in rows" :key="check.id">
          <th scope="row">{{ say(check.name) }}</th>
          <td class="num">{{ demandText(word, check, settings.massUnit) }}</td>
          <td class="num">{{ limitText(word, check, settings.massUnit) }}</td>
          <td class="num"><MarginText :check="check" /></td>
        </tr>
      </tbody>
    </table>
    <router-link class="quiet-button" :to="{ name: 'card', query }">
      <Smartphone :size="15" />{{ t('paper.desk.onScreen') }}
    </router-link>
  </section>
</template>

<style scoped>
table {
  width: 100%;
  margin: 6px 0 12px;
  border-collapse: collapse;
}
th,
td {
  padding: 5px 0 5px 10px;
  border-bottom: 1px dotted var(--line);
  font-weight: 400;
}
th {
  padding-left: 0;
  text-align: left;
}
td {
  text-align: right;
  white-space: nowrap;
}
</style>
