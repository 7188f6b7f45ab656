<script setup lang="ts">
import type { PaperKind } from '@wagonomos/papers';
import { FileDown, Share2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { usePapers } from './usePapers.ts';

/** A paper: what it is and what stands on it, and one press to have it. */
const props = defineProps<{ kind: PaperKind }>();
const { t } = useI18n();
const { cases, making, failed, made, save, share, shares } = usePapers();
const nothing = computed(() => props.kind === 'case' && cases.value.length === 0);
const busy = computed(() => making.value === props.kind);
</script>

<template>
  <article class="paper" :data-test="`paper-${kind}`">
    <div class="sheet" :class="kind" aria-hidden="true"><i /><i /><i /><i /></div>
    <div class="what">
      <h3>{{ t(`paper.desk.paper.${kind}.name`) }}</h3>
      <p>{{ t(`paper.desk.paper.${kind}.text`) }}</p>
      <p v-if="nothing" class="soft">{{ t('paper.desk.noCase') }}</p>
      <div v-else class="desk-ways">
        <el-button type="primary" :loading="busy" :disabled="making !== null && !busy" @click="save(kind)">
          <FileDown v-if="!busy" :size="16" />{{ t('paper.desk.save') }}
        </el-button>
        <el-button v-if="shares" :disabled="making !== null" @click="share(kind)">
          <Share2 :size="16" />{{ t('paper.desk.share') }}
        </el-button>
      </div>
      <p v-if="made?.kind === kind" class="soft" role="status">{{ t('paper.desk.made', { name: made.title }) }}</p>
      <p v-if="failed === kind" class="failed" role="alert">{{ t('paper.desk.failed') }}</p>
    </div>
  </article>
</template>

<style scoped>
.paper {
  display: flex;
  gap: 16px;
  padding: 14px 0;
  border-top: 1px dotted var(--line);
}
.what {
  min-width: 0;
}
h3 {
  margin: 0 0 2px;
}
.failed {
  color: var(--over);
}
/* A small sheet: rules where its lines are. */
.sheet {
  flex: none;
  width: 46px;
  height: 62px;
  padding: 8px 7px;
  border: 1.5px solid var(--ink);
  background: var(--field);
}
.sheet.halfCard {
  height: 44px;
}
.sheet i {
  display: block;
  height: 2px;
  margin-bottom: 5px;
  background: var(--line);
}
.sheet i:first-child {
  height: 7px;
  background: var(--ink);
}
.sheet i:last-child {
  width: 60%;
}
@media (width <= 720px) {
  .paper {
    gap: 12px;
  }
}
</style>
