<script setup lang="ts">
import type { Check } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSettings } from '../stores/settings.ts';
import StatusMark from './StatusMark.vue';
import { checkAmount } from './checkAmount.ts';

/** "168 left", "34 over", "8 short": a margin in words and shape. */
const props = defineProps<{ check: Check | null; plain?: boolean }>();
const { t } = useI18n();
const settings = useSettings();

/** Where there is no amount to say: covered or not. */
const answer = ({ status, kind, group }: Check): string => {
  if (status !== 'within' && status !== 'over') return t('app.margin.unknown');
  return t(`app.margin.${kind === 'permit' ? 'permit' : group === 'people' ? 'answer' : 'there'}.${status}`);
};

const text = computed(() => {
  const margin = props.check?.margin ?? null;
  if (!props.check) return t('app.margin.unknown');
  if (margin === null) {
    return answer(props.check);
  }
  // Nobody has a use for chains beyond the number asked for.
  if (props.check.kind === 'permit' || (props.check.unit === 'pieces' && margin >= 0)) return answer(props.check);
  const shown = checkAmount(props.check, margin, settings.massUnit, 'margin');
  const amount = shown.replace('−', '');
  if (shown.startsWith('−')) return t(props.check.sense === 'max' ? 'app.margin.over' : 'app.margin.short', { amount });
  return t(props.check.sense === 'max' ? 'app.margin.left' : 'app.margin.above', { amount });
});
</script>

<template>
  <span class="margin" :class="[check?.status ?? 'unknown', check?.kind]">
    <StatusMark v-if="!plain" :status="check?.status ?? 'unknown'" /> {{ text }}
  </span>
</template>

<style scoped>
.margin {
  font-family: var(--figures);
  font-variant-numeric: tabular-nums;
  font-weight: 600;
  white-space: nowrap;
}
.within {
  color: var(--in);
}
.tight {
  color: var(--tight);
}
.over {
  color: var(--over);
}
.over.guidance {
  color: var(--tight);
}
.over.permit {
  color: var(--soft);
}
.unknown,
.notApplicable {
  color: var(--soft);
}
</style>
